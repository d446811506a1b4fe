#include "io/document_reader.hpp"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <utility>

#include "io/key_units.hpp"
#include "io/typed_number.hpp"

namespace sobremesa::io {

using nlohmann::json;
using units::ErrorCode;

namespace {

/// Whether more brackets than that stand open anywhere in the text.
bool nested_deeper(std::string_view text, std::size_t most) {
    std::size_t depth = 0;
    bool quoted = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '\\') ++i;
            if (c == '"') quoted = false;
        } else if (c == '"') {
            quoted = true;
        } else if (c == '{' || c == '[') {
            if (++depth > most) return true;
        } else if ((c == '}' || c == ']') && depth > 0) {
            --depth;
        }
    }
    return false;
}

/// A key as it may stand in a document.
struct KeyForms {
    /// Without its unit.
    std::string bare;
    std::vector<OtherKey> in_other_units;
};

/// @param key  one of the program's own, of which there are few: each is taken apart once a thread
const KeyForms& forms_of(const char* key) {
    thread_local std::map<std::string, KeyForms, std::less<>> known;
    const auto found = known.find(std::string_view(key));
    if (found != known.end()) return found->second;
    std::string_view words = without_unit(key);
    for (const std::string_view unit : {"_deg", "_dbm", "_wh"}) {
        if (words.ends_with(unit)) words.remove_suffix(unit.size());
    }
    return known.emplace(key, KeyForms{std::string(words), keys_in_other_units(key)}).first->second;
}

} // namespace

units::Result<json> parse_json(const std::string& text, const std::string& file) {
    units::Where where;
    where.file = file;
    // The parser recurses nowhere, but a tree of a million levels would when it is destroyed.
    constexpr std::size_t deepest = 64;
    if (nested_deeper(text, deepest))
        return units::failure(ErrorCode::json_syntax, where, {{"reason", std::string("nested too deeply")}});
    try {
        return json::parse(text);
    } catch (const json::exception& trouble) {
        std::size_t byte = 0;
        if (const auto* syntax = dynamic_cast<const json::parse_error*>(&trouble)) byte = syntax->byte;
        const auto before = std::string_view(text).substr(0, byte > 0 ? byte - 1 : 0);
        where.line = 1 + std::count(before.begin(), before.end(), '\n');
        const auto line_start = before.rfind('\n');
        where.column =
            std::int64_t(before.size() - (line_start == std::string_view::npos ? 0 : line_start + 1)) + 1;
        return units::failure(ErrorCode::json_syntax, where);
    }
}

std::optional<units::Error> check_format(const json& document, const std::string& file, const std::string& format,
                                         int newest_version) {
    units::Where where;
    where.file = file;
    if (!document.is_object()) {
        return units::Error{ErrorCode::json_wrong_type, where, {{"wanted", std::string("object")}}};
    }
    const auto named = document.find("format");
    if (named != document.end() && *named != format) {
        where.field = "format";
        return units::Error{
            ErrorCode::format_unknown,
            where,
            {{"found", named->is_string() ? named->get<std::string>() : named->dump()}, {"wanted", format}}};
    }
    const auto version = document.find("version");
    if (version == document.end()) return std::nullopt;
    where.field = "version";
    if (!version->is_number_integer()) {
        return units::Error{ErrorCode::json_wrong_type, where, {{"wanted", std::string("number")}}};
    }
    if (version->get<double>() > newest_version) {
        return units::Error{ErrorCode::version_newer,
                            where,
                            {{"found", version->get<double>()}, {"newest", double(newest_version)}}};
    }
    return std::nullopt;
}

std::string indexed(const std::string& key, std::size_t i) {
    return key + "[" + json(i).dump() + "]";
}

namespace {

std::set<std::string> words_in_key(std::string_view key) {
    std::set<std::string> words;
    std::string_view rest = without_unit(key);
    while (!rest.empty()) {
        const auto end = std::min(rest.find('_'), rest.size());
        words.emplace(rest.substr(0, end));
        rest.remove_prefix(std::min(end + 1, rest.size()));
    }
    return words;
}

/// Words that are in both, as a share of all that are in either.
double shared_words(std::string_view a, std::string_view b) {
    const auto of_b = words_in_key(b);
    auto all = words_in_key(a);
    const std::size_t both =
        std::size_t(std::count_if(all.begin(), all.end(), [&](const auto& word) { return of_b.contains(word); }));
    all.insert(of_b.begin(), of_b.end());
    return double(both) / double(std::max<std::size_t>(all.size(), 1));
}

/// Letters to insert, leave out or change (Levenshtein 1966).
std::size_t changes_between(std::string_view a, std::string_view b) {
    std::vector<std::size_t> row(b.size() + 1);
    std::iota(row.begin(), row.end(), std::size_t(0));
    for (std::size_t i = 0; i < a.size(); ++i) {
        std::size_t diagonal = std::exchange(row[0], i + 1);
        for (std::size_t j = 0; j < b.size(); ++j) {
            const std::size_t changed = diagonal + (a[i] == b[j] ? 0 : 1);
            diagonal = row[j + 1];
            row[j + 1] = std::min({changed, row[j] + 1, row[j + 1] + 1});
        }
    }
    return row.back();
}

} // namespace

DocumentReader::DocumentReader(const json& object, std::string file, std::string path)
    : object_(object), file_(std::move(file)), path_(std::move(path)) {
    if (!object_.is_object()) fail(ErrorCode::json_wrong_type, "", {{"wanted", std::string("object")}});
}

std::string DocumentReader::path_of(const std::string& key) const {
    if (path_.empty()) return key;
    return key.empty() ? path_ : path_ + "." + key;
}

void DocumentReader::fail(ErrorCode code, const std::string& key, std::vector<units::Parameter> parameters) {
    if (error_) return;
    units::Where where;
    where.file = file_;
    where.field = path_of(key);
    error_ = units::Error{code, std::move(where), std::move(parameters)};
    if (code == ErrorCode::value_missing) missing_key_ = key;
}

std::optional<units::Error> DocumentReader::error() const {
    std::optional<units::Error> error = error_;
    if (!error || missing_key_.empty()) return error;
    if (std::string meant = key_meant(missing_key_); !meant.empty()) error->parameters.push_back({"meant", meant});
    return error;
}

/// Of the keys that nobody asked for the one that shares most words with the missing one.
std::string DocumentReader::key_meant(std::string_view missing) const {
    std::string meant;
    double most = 0.0;
    for (const auto& member : object_.items()) {
        if (asked_.contains(member.key())) continue;
        const double shared = shared_words(member.key(), missing);
        if (shared <= most) continue;
        most = shared;
        meant = member.key();
    }
    return meant;
}

/// Of the keys that were asked for and are not there the one that shares most words with an unknown one; among as
/// many the one of fewest other letters, which alone must be few where no word is shared.
std::string DocumentReader::nearest_known(const std::string& unknown) const {
    constexpr std::size_t most_typing_errors = 2;
    std::string nearest;
    double most = 0.0;
    std::size_t least = most_typing_errors + 1;
    for (const std::string& key : asked_) {
        if (object_.contains(key)) continue;
        const double shared = shared_words(key, unknown);
        const std::size_t changes = changes_between(without_unit(key), without_unit(unknown));
        if (shared < most || (shared == most && changes >= least)) continue;
        most = shared;
        least = changes;
        nearest = key;
    }
    return nearest;
}

void DocumentReader::fail_word(const char* key, const std::string& word, const std::string& allowed) {
    fail(ErrorCode::word_unknown, key, {{"word", word}, {"allowed", allowed}});
}

const json* DocumentReader::find(const char* key) {
    asked_.insert(key);
    if (!object_.is_object()) return nullptr;
    const auto found = object_.find(key);
    // null is the documents' word for "unknown", the same as not being there.
    return found == object_.end() || found->is_null() ? nullptr : &*found;
}

bool DocumentReader::contains(std::string_view key) const {
    if (!object_.is_object()) return false;
    const auto found = object_.find(key);
    return found != object_.end() && !found->is_null();
}

std::string DocumentReader::key_of_text(const char* key) const {
    const std::string& bare = forms_of(key).bare;
    if (bare == key || contains(key) || !contains(bare)) return key;
    const json& value = object_.at(bare);
    return value.is_string() && says_unit(value.get_ref<const std::string&>()) ? bare : key;
}

void DocumentReader::refuse_without_unit(const char* key) {
    const std::string& bare = forms_of(key).bare;
    if (bare == key || !contains(bare)) return;
    const json& value = object_.at(bare);
    if (!value.is_number() && !value.is_string()) return;
    asked_.insert(bare);
    const std::string word = value.is_string() ? value.get<std::string>() : value.dump();
    const auto number = typed_number(word);
    if (number && number->word.empty()) {
        fail_word(bare.c_str(), word, with_usual_units(key, word));
    } else {
        fail(ErrorCode::json_wrong_type, bare, {{"wanted", std::string("number")}, {"given", word}});
    }
}

bool DocumentReader::has(const char* key) const {
    if (contains(key_of_text(key))) return true;
    const auto& others = forms_of(key).in_other_units;
    return std::any_of(others.begin(), others.end(), [&](const OtherKey& other) { return contains(other.key); });
}

bool DocumentReader::is_null(const char* key) const {
    return object_.is_object() && object_.contains(key) && object_.at(key).is_null();
}

std::optional<double> DocumentReader::number(const char* key) {
    const std::string written_under = key_of_text(key);
    const json* value = find(written_under.c_str());
    asked_.insert(key);
    std::string given = key;
    OtherKey unit;
    for (const OtherKey& other : forms_of(key).in_other_units) {
        if (!contains(other.key)) continue;
        if (value) fail(ErrorCode::values_conflict, "", {{"fields", given + ", " + other.key}});
        given = other.key;
        value = find(given.c_str());
        unit = other;
    }
    if (!value) {
        refuse_without_unit(key);
        return std::nullopt;
    }
    if (value->is_number() && std::isfinite(value->get<double>()))
        return value->get<double>() * unit.scale + unit.offset;
    std::vector<units::Parameter> said = {{"wanted", std::string("number")}};
    if (value->is_string()) {
        const auto& text = value->get_ref<const std::string&>();
        const auto written = number_in_unit_of(given, text);
        if (written && std::isfinite(*written)) return *written * unit.scale + unit.offset;
        said.push_back({"given", text});
    }
    fail(ErrorCode::json_wrong_type, given == key ? written_under : given, std::move(said));
    return std::nullopt;
}

std::optional<double> DocumentReader::number_as_of(const char* key, const char* other) {
    if (!object_.is_object()) return std::nullopt;
    const std::string written_under = key_of_text(key);
    const auto found = object_.find(written_under);
    if (found == object_.end() || !found->is_string()) return std::nullopt;
    const auto& text = found->get_ref<const std::string&>();
    if (number_in_unit_of(key, text)) return std::nullopt;
    const auto number = number_in_unit_of(other, text);
    if (number) asked_.insert(written_under);
    return number;
}

std::optional<double> DocumentReader::capacities_an_hour(const char* key) {
    if (!object_.is_object()) return std::nullopt;
    const std::string written_under = key_of_text(key);
    const auto found = object_.find(written_under);
    if (found == object_.end() || !found->is_string()) return std::nullopt;
    const auto typed = typed_number(found->get_ref<const std::string&>());
    if (!typed || (typed->word != "C" && typed->word != "c")) return std::nullopt;
    asked_.insert(written_under);
    return typed->number;
}

std::optional<std::int64_t> DocumentReader::identity(const char* key) {
    const auto value = number(key);
    if (!value) return std::nullopt;
    constexpr double most = 9007199254740992.0; // 2^53
    if (std::abs(*value) <= most && *value == std::floor(*value)) return std::int64_t(*value);
    fail(ErrorCode::json_wrong_type, key, {{"wanted", std::string("whole number")}});
    return std::nullopt;
}

double DocumentReader::required_number(const char* key) {
    const bool there = has(key);
    const auto value = number(key);
    if (!there) fail(ErrorCode::value_missing, key);
    return value.value_or(0.0);
}

std::optional<std::string> DocumentReader::text(const char* key) {
    const json* value = find(key);
    if (!value) return std::nullopt;
    if (value->is_string()) return value->get<std::string>();
    fail(ErrorCode::json_wrong_type, key, {{"wanted", std::string("text")}});
    return std::nullopt;
}

std::optional<bool> DocumentReader::flag(const char* key) {
    const json* value = find(key);
    if (!value) return std::nullopt;
    if (value->is_boolean()) return value->get<bool>();
    fail(ErrorCode::json_wrong_type, key, {{"wanted", std::string("true or false")}});
    return std::nullopt;
}

const json* DocumentReader::object(const char* key) {
    const json* value = find(key);
    if (!value || value->is_object()) return value;
    fail(ErrorCode::json_wrong_type, key, {{"wanted", std::string("object")}});
    return nullptr;
}

const json* DocumentReader::array(const char* key) {
    const json* value = find(key);
    if (!value || value->is_array()) return value;
    fail(ErrorCode::json_wrong_type, key, {{"wanted", std::string("list")}});
    return nullptr;
}

void DocumentReader::adopt(const DocumentReader& inner) {
    if (!error_) error_ = inner.error();
    const auto unknown = inner.unknown_keys();
    inner_unknown_.insert(inner_unknown_.end(), unknown.begin(), unknown.end());
}

void DocumentReader::allow(std::initializer_list<const char*> keys) {
    asked_.insert(keys.begin(), keys.end());
}

std::vector<units::Diagnostic> DocumentReader::unknown_keys() const {
    std::vector<units::Diagnostic> diagnostics = inner_unknown_;
    if (!object_.is_object()) return diagnostics;
    for (const auto& member : object_.items()) {
        if (asked_.contains(member.key())) continue;
        std::vector<units::Parameter> parameters{{"field", path_of(member.key())}};
        if (std::string near = nearest_known(member.key()); !near.empty())
            parameters.push_back({"near", std::move(near)});
        diagnostics.push_back(
            {units::DiagnosticCode::unknown_key, units::Severity::warning, std::move(parameters)});
    }
    return diagnostics;
}

} // namespace sobremesa::io
