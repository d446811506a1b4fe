#pragma once

#include <cstdint>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include <nlohmann/json.hpp>

#include "core/units/diagnostic.hpp"

namespace sobremesa::io {

/// JSON text to a tree.
/// @error `json_syntax` with line and column
units::Result<nlohmann::json> parse_json(const std::string& text, const std::string& file);

/// The file format and version that a document says it is.
/// @error `format_unknown`, `version_newer`
std::optional<units::Error> check_format(const nlohmann::json& document, const std::string& file,
                                         const std::string& format, int newest_version);

/// An entry of a list as part of a path: "waypoints[2]".
std::string indexed(const std::string& key, std::size_t i);

/// Reads one JSON object key by key, remembering the first thing that is wrong and which keys were asked for.
///
/// A reader never throws on what a pilot wrote: a wrong type or a missing value becomes `error()`, and every key
/// that nobody asked for becomes a diagnostic.
class DocumentReader {
public:
    /// @param path  of this object in the document, "" for the root
    DocumentReader(const nlohmann::json& object, std::string file, std::string path);

    double required_number(const char* key);
    /// In the unit that the key ends with, or under a key that ends with another one (`key_units.hpp`); not both. A
    /// text that says its unit may stand under the key without one: `"mass": "780 g"`.
    std::optional<double> number(const char* key);
    /// What is written as text under a key and cannot be read there, but could under another: amps where watts are
    /// asked.
    std::optional<double> number_as_of(const char* key, const char* other);
    /// A text of capacities an hour, "3C", where amps are asked; empty where it is none.
    std::optional<double> capacities_an_hour(const char* key);
    /// The number of a record, as far as a double counts without gaps; said where it is none.
    std::optional<std::int64_t> identity(const char* key);
    double number_or(const char* key, double otherwise) { return number(key).value_or(otherwise); }
    std::optional<std::string> text(const char* key);
    std::optional<bool> flag(const char* key);
    /// A member that must be an object; nothing when it is absent.
    const nlohmann::json* object(const char* key);
    const nlohmann::json* array(const char* key);
    bool has(const char* key) const;
    /// Said to be nothing, which is more than not being there.
    bool is_null(const char* key) const;
    /// Keys that are allowed here and read by somebody else.
    void allow(std::initializer_list<const char*> keys);

    void fail(units::ErrorCode code, const std::string& key, std::vector<units::Parameter> parameters = {});
    /// A word that is none of those allowed.
    void fail_word(const char* key, const std::string& word, const std::string& allowed);

    /// The first thing that is wrong. Of a missing value it says which key there may have been meant.
    std::optional<units::Error> error() const;
    /// Keys that nobody asked for: of this object, and of those inside it that were adopted. `near` names the key
    /// that is known there and may have been meant.
    std::vector<units::Diagnostic> unknown_keys() const;

    /// Takes over what the reader of an inner object found wrong or did not know.
    void adopt(const DocumentReader& inner);
    const std::string& file() const { return file_; }
    /// Where a key of this object stands in the document: "mission.waypoints[2].height_m".
    std::string path_of(const std::string& key) const;

private:
    const nlohmann::json* find(const char* key);
    bool contains(std::string_view key) const;
    std::string key_meant(std::string_view missing) const;
    std::string nearest_known(const std::string& unknown) const;
    /// The key, or it without its unit where a text stands there that says its own.
    std::string key_of_text(const char* key) const;
    /// A number or text under the key without its unit that says none either: its unit would be guessed, and what
    /// is worked out without it would be worse than nothing.
    void refuse_without_unit(const char* key);

    const nlohmann::json& object_;
    std::string file_;
    std::string path_;
    std::set<std::string> asked_;
    std::optional<units::Error> error_;
    /// Of this very object, where that is the error.
    std::string missing_key_;
    std::vector<units::Diagnostic> inner_unknown_;
};

} // namespace sobremesa::io
