#pragma once

#include <string>
#include <vector>

#include "core/units/number_ranges.hpp"

namespace sobremesa::io {

/// Documents whose fields are described once; the names stand in docs/file-formats.md.
std::vector<std::string> described_documents();

/// The table of a document's fields for the docs, in Markdown; empty for a name that is none of the above.
std::string field_table(const std::string& document);

/// What each number of a document may be, named as errors name it; none for the flight, whose figures are a log's.
std::vector<units::NumberRange> number_ranges(const std::string& document);

/// Keys of a document that hold a number of which nothing is said.
std::vector<std::string> numbers_without_range(const std::string& document);

/// A page with the table of each document put where it belongs: between `<!-- fields: NAME -->` and
/// `<!-- end of fields -->`.
std::string with_field_tables(const std::string& page);

} // namespace sobremesa::io
