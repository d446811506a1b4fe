#pragma once

#include <string>
#include <vector>

namespace sobremesa::io {

/// Documents whose fields are described once; the names stand in docs/file-formats.md.
std::vector<std::string> described_documents();

/// The table of a document's fields for the docs, in Markdown; empty for a name that is none of the above.
std::string field_table(const std::string& document);

/// A page with the table of each document put where it belongs: between `<!-- fields: NAME -->` and
/// `<!-- end of fields -->`.
std::string with_field_tables(const std::string& page);

} // namespace sobremesa::io
