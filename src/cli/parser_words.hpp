#pragma once

#include <string>

#include <CLI/CLI.hpp>

namespace sobremesa::cli {

/// What commands and options are for, in the language of the desktop.
struct Help {
    static std::string tr(const char* text);
    /// With %1 replaced.
    static std::string tr(const char* text, const std::string& argument);
};

/// The parser's own headings and the words for what an option takes. Call it when all options are there.
void use_words(CLI::App& app);

/// Why a call is not understood, and where more is said.
/// @param app  that was called, after `use_words`
std::string said_of(const CLI::App& app, const CLI::ParseError& trouble);

} // namespace sobremesa::cli
