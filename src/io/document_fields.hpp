#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <string>
#include <string_view>
#include <type_traits>
#include <vector>

#include <nlohmann/json.hpp>

#include "core/units/same_word.hpp"
#include "io/calendar.hpp"
#include "io/document_reader.hpp"

namespace sobremesa::io {

// What a document holds is described once, by a function that names its fields to a visitor: `describe(visitor,
// pack)`. One visitor reads, one writes, one lists the fields for docs/file-formats.md. So a new field is one line,
// is read, written, documented, and a typing error beside it is reported, at every depth.

/// What the docs say of a field: its meaning, and what holds where it is left out.
struct FieldWords {
    const char* meaning;
    const char* otherwise = "";
    /// An object or list that is not there is written all the same, as `null` or `[]`.
    bool shown_when_absent = false;
};

/// The words that an enumeration is written in: specialise with `all` (its values) and `word(value)`.
template <class Enum>
struct DocumentWords;

template <class Enum>
std::string allowed_words() {
    std::string list;
    for (const Enum value : DocumentWords<Enum>::all)
        list += (list.empty() ? "" : ", ") + std::string(DocumentWords<Enum>::word(value));
    return list;
}

/// Reads what is described out of a JSON object. What is absent keeps the value it had.
class FieldReader {
public:
    static constexpr bool reads = true;
    static constexpr bool lists = false;
    explicit FieldReader(DocumentReader& in) : in_(in) {}

    void constant(const char* key, const char* only, const FieldWords&) {
        const std::string found = in_.text(key).value_or(only);
        if (found != only) in_.fail_word(key, found, only);
    }
    void text(const char* key, std::string& value, const FieldWords&) {
        if (auto found = in_.text(key)) value = std::move(*found);
    }
    void flag(const char* key, bool& value, const FieldWords&) { value = in_.flag(key).value_or(value); }
    void required(const char* key, double& value, const FieldWords&) { value = in_.required_number(key); }
    void number(const char* key, double& value, const FieldWords&) { value = in_.number_or(key, value); }
    void number(const char* key, std::optional<double>& value, const FieldWords&) { value = in_.number(key); }
    void required_whole(const char* key, int& value, const FieldWords&) {
        if (!in_.has(key)) in_.fail(units::ErrorCode::value_missing, key);
        take_whole(key, value);
    }
    void whole(const char* key, int& value, const FieldWords&) { take_whole(key, value); }
    void whole(const char* key, std::optional<int>& value, const FieldWords&) {
        int number = 0;
        if (take_whole(key, number)) value = number;
    }
    void identity(const char* key, std::optional<std::int64_t>& value, const FieldWords&) {
        if (const auto number = in_.identity(key)) value = *number;
    }
    template <class Enum>
    void word(const char* key, Enum& value, const FieldWords&) {
        if (const auto found = take_word<Enum>(key)) value = *found;
    }
    template <class Enum>
    void word(const char* key, std::optional<Enum>& value, const FieldWords&) {
        value = take_word<Enum>(key);
    }
    template <class Enum>
    void required_word(const char* key, Enum& value, const FieldWords& words) {
        if (!in_.has(key)) in_.fail(units::ErrorCode::value_missing, key);
        word(key, value, words);
    }
    /// What `null` means is said by the field itself: there is none.
    void number_or_null(const char* key, std::optional<double>& value, const FieldWords&) {
        const auto found = in_.number(key);
        if (found || in_.is_null(key)) value = found;
    }
    void number_if_given(const char* key, std::optional<double>& value, const FieldWords& words) {
        number(key, value, words);
    }
    /// A moment, UTC, as text.
    void moment(const char* key, std::optional<double>& utc_s, const FieldWords&) {
        const auto found = in_.text(key);
        if (!found) return;
        utc_s = moment_utc_s(*found);
        if (!utc_s) in_.fail_word(key, *found, "YYYY-MM-DDTHH:MMZ");
    }
    /// Words of an enumeration, under either of two keys but not both; an empty list says nothing.
    template <class Enum>
    void words(const char* key, const char* alias, std::vector<Enum>& values, const FieldWords&) {
        if (in_.has(key) && in_.has(alias))
            in_.fail(units::ErrorCode::values_conflict, "", {{"fields", std::string(alias) + ", " + key}});
        const char* given = in_.has(alias) ? alias : key;
        const auto* list = in_.array(given);
        if (!list) return;
        values.clear();
        for (const auto& entry : *list) {
            const std::string word = entry.is_string() ? entry.get<std::string>() : entry.dump();
            const auto found =
                std::find_if(DocumentWords<Enum>::all.begin(), DocumentWords<Enum>::all.end(),
                             [&](Enum value) { return units::same_word(word, DocumentWords<Enum>::word(value)); });
            if (found != DocumentWords<Enum>::all.end())
                values.push_back(*found);
            else
                in_.fail_word(given, word, allowed_words<Enum>());
        }
        if (values.empty()) in_.fail(units::ErrorCode::value_missing, given);
    }
    /// Any number of numbers.
    void numbers(const char* key, std::vector<double>& values, const FieldWords&) {
        if (const auto* list = in_.array(key)) {
            for (const auto& entry : *list) values.push_back(a_number(key, entry));
        }
    }
    /// Exactly so many.
    template <std::size_t N>
    void numbers(const char* key, std::array<double, N>& values, const FieldWords&) {
        const auto* list = in_.array(key);
        if (!list || list->size() != N) return in_.fail(units::ErrorCode::value_missing, key);
        for (std::size_t i = 0; i < N; ++i) values[i] = a_number(key, (*list)[i]);
    }
    template <class Part, class Describe>
    void object(const char* key, Part& part, const FieldWords&, const Describe& describe) {
        if (const auto* found = in_.object(key)) read_part(*found, key, part, describe);
    }
    template <class Part, class Describe>
    void object(const char* key, std::optional<Part>& part, const FieldWords&, const Describe& describe) {
        if (const auto* found = in_.object(key)) read_part(*found, key, part.emplace(), describe);
    }
    template <class Part, class Describe>
    void required_object(const char* key, Part& part, const FieldWords& words, const Describe& describe) {
        if (!in_.has(key)) in_.fail(units::ErrorCode::value_missing, key);
        object(key, part, words, describe);
    }
    template <class Part, class Describe>
    void list(const char* key, std::vector<Part>& parts, const FieldWords&, const Describe& describe) {
        const auto* found = in_.array(key);
        if (!found) return;
        for (std::size_t i = 0; i < found->size(); ++i)
            read_part((*found)[i], indexed(key, i), parts.emplace_back(), describe);
    }

    /// For what only the whole shows: a part that makes no sense.
    void fail(units::ErrorCode code, const char* key) { in_.fail(code, key); }
    bool failed() const { return in_.error().has_value(); }
    /// For what is read in its own way.
    DocumentReader& document() { return in_; }

private:
    bool take_whole(const char* key, int& value) {
        const auto number = in_.number(key);
        if (!number) return false;
        constexpr double most = 1e6;
        if (!(std::abs(*number) < most) || *number != std::floor(*number)) {
            in_.fail(units::ErrorCode::json_wrong_type, key, {{"wanted", std::string("whole number")}});
            return false;
        }
        value = int(*number);
        return true;
    }
    template <class Enum>
    std::optional<Enum> take_word(const char* key) {
        const auto found = in_.text(key);
        if (!found) return std::nullopt;
        for (const Enum value : DocumentWords<Enum>::all) {
            if (units::same_word(*found, DocumentWords<Enum>::word(value))) return value;
        }
        in_.fail_word(key, *found, allowed_words<Enum>());
        return std::nullopt;
    }
    double a_number(const char* key, const nlohmann::json& entry) {
        if (entry.is_number()) return entry.get<double>();
        in_.fail(units::ErrorCode::json_wrong_type, key, {{"wanted", std::string("number")}});
        return 0.0;
    }
    template <class Part, class Describe>
    void read_part(const nlohmann::json& object, const std::string& key, Part& part, const Describe& describe) {
        DocumentReader inner(object, in_.file(), in_.path_of(key));
        FieldReader reader(inner);
        describe(reader, part);
        in_.adopt(inner);
    }

    DocumentReader& in_;
};

/// Writes what is described. Unknown numbers are null; objects and lists that are not there are left out unless
/// their words say otherwise.
class FieldWriter {
public:
    static constexpr bool reads = false;
    static constexpr bool lists = false;

    void constant(const char* key, const char* only, const FieldWords&) { out_[key] = only; }
    void text(const char* key, const std::string& value, const FieldWords&) { out_[key] = value; }
    void flag(const char* key, bool value, const FieldWords&) { out_[key] = value; }
    void required(const char* key, double value, const FieldWords&) { out_[key] = value; }
    void number(const char* key, double value, const FieldWords&) { out_[key] = value; }
    void number(const char* key, const std::optional<double>& value, const FieldWords&) { put(key, value); }
    void required_whole(const char* key, int value, const FieldWords&) { out_[key] = value; }
    void whole(const char* key, int value, const FieldWords&) { out_[key] = value; }
    void whole(const char* key, const std::optional<int>& value, const FieldWords&) { put(key, value); }
    void identity(const char* key, const std::optional<std::int64_t>& value, const FieldWords&) { put(key, value); }
    template <class Enum>
    void word(const char* key, Enum value, const FieldWords&) {
        out_[key] = DocumentWords<Enum>::word(value);
    }
    template <class Enum>
    void word(const char* key, const std::optional<Enum>& value, const FieldWords&) {
        out_[key] = value ? nlohmann::json(DocumentWords<Enum>::word(*value)) : nlohmann::json(nullptr);
    }
    template <class Enum>
    void required_word(const char* key, Enum value, const FieldWords& words) {
        word(key, value, words);
    }
    void number_or_null(const char* key, const std::optional<double>& value, const FieldWords&) { put(key, value); }
    void number_if_given(const char* key, const std::optional<double>& value, const FieldWords&) {
        if (value) out_[key] = *value;
    }
    void moment(const char* key, const std::optional<double>& utc_s, const FieldWords&) {
        out_[key] = utc_s ? nlohmann::json(moment_text(*utc_s)) : nlohmann::json(nullptr);
    }
    template <class Enum>
    void words(const char* key, const char*, const std::vector<Enum>& values, const FieldWords&) {
        out_[key] = nlohmann::json::array();
        for (const Enum value : values) out_[key].push_back(DocumentWords<Enum>::word(value));
    }
    template <class Numbers>
    void numbers(const char* key, const Numbers& values, const FieldWords&) {
        out_[key] = values;
    }
    template <class Part, class Describe>
    void object(const char* key, const Part& part, const FieldWords&, const Describe& describe) {
        out_[key] = written(part, describe);
    }
    template <class Part, class Describe>
    void required_object(const char* key, const Part& part, const FieldWords& words, const Describe& describe) {
        object(key, part, words, describe);
    }
    template <class Part, class Describe>
    void object(const char* key, const std::optional<Part>& part, const FieldWords& words,
                const Describe& describe) {
        if (part)
            out_[key] = written(*part, describe);
        else if (words.shown_when_absent)
            out_[key] = nullptr;
    }
    template <class Part, class Describe>
    void list(const char* key, const std::vector<Part>& parts, const FieldWords& words, const Describe& describe) {
        if (words.shown_when_absent) out_[key] = nlohmann::json::array();
        for (const Part& part : parts) out_[key].push_back(written(part, describe));
    }

    /// What a description makes of a value.
    template <class Part, class Describe>
    static nlohmann::json written(const Part& part, const Describe& describe) {
        FieldWriter writer;
        writer.out_ = nlohmann::json::object();
        describe(writer, part);
        return std::move(writer.out_);
    }

private:
    template <class Value>
    void put(const char* key, const std::optional<Value>& value) {
        out_[key] = value ? nlohmann::json(*value) : nlohmann::json(nullptr);
    }
    nlohmann::json out_;
};

/// A line of the table in the docs.
struct FieldRow {
    std::string key;
    std::string meaning;
    std::string otherwise;
    bool number = false;
};

/// Lists what is described, with the defaults of the value that it is shown.
class FieldLister {
public:
    static constexpr bool reads = false;
    static constexpr bool lists = true;
    explicit FieldLister(std::string path) : path_(std::move(path)) {}

    void constant(const char* key, const char* only, const FieldWords& words) {
        add(key, "`" + std::string(only) + "`: " + words.meaning, "`" + std::string(only) + "`");
    }
    void text(const char* key, const std::string&, const FieldWords& words) {
        add(key, words.meaning, words.otherwise);
    }
    void flag(const char* key, bool value, const FieldWords& words) {
        add(key, words.meaning, value ? "true" : "false");
    }
    void required(const char* key, double, const FieldWords& words) { add_number(key, words, "required"); }
    void number(const char* key, double value, const FieldWords& words) { add_number(key, words, plain(value)); }
    void number(const char* key, const std::optional<double>&, const FieldWords& words) {
        add_number(key, words, "unknown");
    }
    void required_whole(const char* key, int, const FieldWords& words) { add_number(key, words, "required"); }
    void whole(const char* key, int value, const FieldWords& words) { add_number(key, words, plain(value)); }
    void whole(const char* key, const std::optional<int>&, const FieldWords& words) {
        add_number(key, words, "unknown");
    }
    void identity(const char* key, const std::optional<std::int64_t>&, const FieldWords& words) {
        unknown(key, words);
    }
    template <class Enum>
    void word(const char* key, Enum value, const FieldWords& words) {
        add(key, worded<Enum>(words), "`" + std::string(DocumentWords<Enum>::word(value)) + "`");
    }
    template <class Enum>
    void word(const char* key, const std::optional<Enum>&, const FieldWords& words) {
        add(key, worded<Enum>(words), *words.otherwise ? words.otherwise : "unknown");
    }
    template <class Enum>
    void required_word(const char* key, Enum, const FieldWords& words) {
        add(key, worded<Enum>(words), "required");
    }
    void number_or_null(const char* key, const std::optional<double>& value, const FieldWords& words) {
        add_number(key, words, value ? plain(*value) : "null");
    }
    void number_if_given(const char* key, const std::optional<double>&, const FieldWords& words) {
        add_number(key, words, "unknown");
    }
    void moment(const char* key, const std::optional<double>&, const FieldWords& words) { unknown(key, words); }
    template <class Enum>
    void words(const char* key, const char*, const std::vector<Enum>&, const FieldWords& words) {
        add(key + std::string("[]"), worded<Enum>(words), words.otherwise);
    }
    template <class Numbers>
    void numbers(const char* key, const Numbers&, const FieldWords& words) {
        add(key + std::string("[]"), words.meaning, words.otherwise);
    }
    template <class Part, class Describe>
    void object(const char* key, const Part& part, const FieldWords& words, const Describe& describe) {
        add(key, words.meaning, words.otherwise);
        inner(key, part, describe);
    }
    template <class Part, class Describe>
    void required_object(const char* key, const Part& part, const FieldWords& words, const Describe& describe) {
        object(key, part, words, describe);
    }
    template <class Part, class Describe>
    void object(const char* key, const std::optional<Part>&, const FieldWords& words, const Describe& describe) {
        add(key, words.meaning, *words.otherwise ? words.otherwise : "unknown");
        inner(key, Part{}, describe);
    }
    template <class Part, class Describe>
    void list(const char* key, const std::vector<Part>&, const FieldWords& words, const Describe& describe) {
        add(key + std::string("[]"), words.meaning, *words.otherwise ? words.otherwise : "none");
        inner(key + std::string("[]"), Part{}, describe);
    }

    const std::vector<FieldRow>& rows() const { return rows_; }

private:
    void add(const std::string& key, std::string meaning, std::string otherwise) {
        rows_.push_back({path_.empty() ? key : path_ + "." + key, std::move(meaning), std::move(otherwise)});
    }
    void add_number(const char* key, const FieldWords& words, std::string otherwise) {
        add(key, words.meaning, *words.otherwise ? words.otherwise : std::move(otherwise));
        rows_.back().number = true;
    }
    void unknown(const char* key, const FieldWords& words) {
        add(key, words.meaning, *words.otherwise ? words.otherwise : "unknown");
    }
    template <class Enum>
    static std::string worded(const FieldWords& words) {
        std::string list;
        for (const Enum value : DocumentWords<Enum>::all)
            list += (list.empty() ? "`" : ", `") + std::string(DocumentWords<Enum>::word(value)) + "`";
        return *words.meaning ? std::string(words.meaning) + ": " + list : list;
    }
    template <class Part, class Describe>
    void inner(const std::string& key, const Part& part, const Describe& describe) {
        FieldLister lister(path_.empty() ? key : path_ + "." + key);
        describe(lister, part);
        rows_.insert(rows_.end(), lister.rows_.begin(), lister.rows_.end());
    }
    template <class Number>
    static std::string plain(Number value) {
        return nlohmann::json(value).dump();
    }

    std::string path_;
    std::vector<FieldRow> rows_;
};

} // namespace sobremesa::io
