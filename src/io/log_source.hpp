#pragma once

#include <string>
#include <vector>

#include "core/units/diagnostic.hpp"
#include "io/log_file.hpp"

namespace sobremesa::io {

struct TableOfLog;

/// A log's bytes where a reader of its format can open them: the file itself; unpacked; or, of a text format, as a
/// table in CSV.
class LogSource {
public:
    /// @param path  a file; an archive that holds one log; or "ARCHIVE/NAME" for one log of an archive
    /// @error `file_not_found`, `file_unreadable`, `file_empty`, `file_too_large`; those of archives;
    ///        `archive_of_many` naming them
    static units::Result<LogSource> open(const std::string& path);

    /// The bytes of one log as they were packed, in whatever format: for storing it.
    /// @error as `open`
    static units::Result<LogSource> unpacked(const std::string& path);

    LogSource(LogSource&& other) noexcept;
    LogSource& operator=(LogSource&&) = delete;
    ~LogSource();

    LogFormat format() const { return format_; }
    /// What readers open.
    const std::string& readable() const { return readable_; }
    /// What is to be said of the rewriting.
    const std::vector<units::Diagnostic>& diagnostics() const { return diagnostics_; }
    /// An error of a reader, with the pilot's path in it.
    units::Error named(units::Error error) const;

private:
    explicit LogSource(const std::string& path) : path_(path), readable_(path) {}
    units::Result<void> find_format();
    units::Result<void> rewrite_text();
    units::Result<void> take_table(const TableOfLog& table);
    void hold(int descriptor);

    std::string path_;
    std::string readable_;
    LogFormat format_ = LogFormat::csv;
    std::vector<int> held_;
    std::vector<units::Diagnostic> diagnostics_;
};

/// A JSON, GeoJSON, KML or XML document that reads as a log of ten rows and more; more often such a document is a
/// plan, settings or a map. It is read to see; of more than 16 MiB it is not asked.
bool is_log_document(const std::string& path);

/// Every log below some paths: files, folders with all that is in them, archives with each of theirs. Sorted; what
/// cannot be a log by its ending is left out in folders and archives, not where it is named itself; a JSON, KML or
/// XML document in a folder is taken where it reads as one.
/// @error of the first path that is not there
units::Result<std::vector<std::string>> logs_below(const std::vector<std::string>& paths);

} // namespace sobremesa::io
