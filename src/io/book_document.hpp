#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "core/units/error.hpp"

namespace sobremesa::io {

/// One record of a logbook outside of it.
struct BookEntry {
    /// `aircraft`, `pack`, `plan`, `flight`, `learned`.
    std::string kind;
    /// Numbers hold within one document only: they say which flight flew which pack.
    std::int64_t id = 0;
    std::string document;
    /// Flights: the raw log beside the document, as a path relative to it.
    std::optional<std::string> log_file;
    /// Flights: the figures of the log.
    std::optional<std::string> figures;
};

/// A whole logbook as one JSON document (format `sobremesa-book`, version 1).
std::string json_from_book(const std::vector<BookEntry>& entries);
/// @error as `plan_from_json`
units::Result<std::vector<BookEntry>> book_from_json(const std::string& text, const std::string& file);

/// The records of one kind as CSV (RFC 4180): one column for each value of their documents, named by its path
/// (`flown.pack.series`), SI as in the documents, empty where a document does not have it. Reads back as written.
std::string csv_from_book(const std::vector<BookEntry>& entries, const std::string& kind);
/// @error `no_header`, `word_unknown` for a header that is no such table, `json_wrong_type` for a cell that does
/// not fit, with its line
units::Result<std::vector<BookEntry>> book_from_csv(const std::string& text, const std::string& kind,
                                                    const std::string& file);

} // namespace sobremesa::io
