#pragma once

#include <charconv>
#include <cstddef>
#include <optional>
#include <string>
#include <vector>

#include "core/units/error.hpp"

namespace sobremesa::units {

/// What a number of a document may be.
struct NumberRange {
    const char* field = ""; ///< as errors and the document name it, lists without their index
    double least = 0.0;
    double most = 0.0;
    /// Where another field decides, in words for the docs: "0 … `cruise_power_w`".
    const char* words = "";
};

/// Walks over the numbers of a document: looks whether each is within its range, or lists the ranges, so that what
/// is looked at and what the docs promise are one.
class NumberRanges {
public:
    /// The first value that is outside is kept.
    static NumberRanges looking() { return NumberRanges(false); }
    /// All ranges are kept, of what is not given too.
    static NumberRanges listing() { return NumberRanges(true); }

    /// A value that is no number is outside.
    void number(const char* field, double value, double least, double most, const char* words = "") {
        if (lists_)
            all_.push_back({field, least, most, words});
        else if (!wrong_ && !(value >= least && value <= most))
            wrong_ = out_of_range(indexed(field), value, least, most).value();
    }
    void number(const char* field, const std::optional<double>& value, double least, double most,
                const char* words = "") {
        if (value || lists_) number(field, value.value_or(least), least, most, words);
    }
    /// Each of a list, named with its place in it; where ranges are listed, one of them is enough.
    /// @param list  what the fields inside begin with
    template <class Part, class Look>
    void each(const char* list, const std::vector<Part>& parts, const Look& look) {
        if (lists_) return look(Part{});
        list_ = list;
        for (place_ = 0; place_ < parts.size(); ++place_) look(parts[place_]);
        list_.clear();
    }
    template <class Part, class Look>
    void each(const std::optional<Part>& part, const Look& look) {
        if (part || lists_) look(part ? *part : Part{});
    }

    bool lists() const { return lists_; }
    const std::optional<Error>& wrong() const { return wrong_; }
    const std::vector<NumberRange>& all() const { return all_; }

private:
    explicit NumberRanges(bool lists) : lists_(lists) {}

    std::string indexed(const std::string& field) const {
        if (list_.empty()) return field;
        char digits[24];
        const std::string place(digits, std::to_chars(digits, digits + sizeof digits, place_).ptr);
        return list_ + "[" + place + "]" + field.substr(list_.size());
    }

    bool lists_;
    std::string list_;
    std::size_t place_ = 0;
    std::optional<Error> wrong_;
    std::vector<NumberRange> all_;
};

} // namespace sobremesa::units
