#include "io/cell_forms.hpp"

#include <algorithm>
#include <cctype>
#include <chrono>
#include <cmath>
#include <string>
#include <vector>

#include <fast_float/fast_float.h>

#include "core/units/constants.hpp"
#include "io/digits.hpp"
#include "io/text_number.hpp"
#include "io/time_scales.hpp"
#include "io/written_position.hpp"

namespace sobremesa::io {

namespace {

/// Reads a text from its front, bit by bit.
struct Scan {
    std::string_view left;

    bool done() const { return left.empty(); }
    char peek() const { return left.empty() ? '\0' : left.front(); }
    void drop(std::size_t count = 1) { left.remove_prefix(std::min(count, left.size())); }
    void blanks() {
        while (peek() == ' ' || peek() == '\t') drop();
    }
    bool take(char c) {
        if (peek() != c) return false;
        drop();
        return true;
    }
    bool take_any(std::string_view any) {
        if (left.empty() || any.find(left.front()) == std::string_view::npos) return false;
        drop();
        return true;
    }
    /// So many digits at most; how many there were.
    std::size_t digits(int& value, std::size_t most) {
        std::size_t count = 0;
        value = 0;
        while (count < most && is_digit(peek())) {
            value = 10 * value + (peek() - '0');
            drop();
            ++count;
        }
        return count;
    }
    /// ".25" or ",25".
    double fraction() {
        if (left.size() < 2 || (left[0] != '.' && left[0] != ',') || !is_digit(left[1])) return 0.0;
        drop();
        double value = 0.0;
        double place = 0.1;
        for (; is_digit(peek()); drop(), place /= 10.0) value += place * (peek() - '0');
        return value;
    }
    std::string word() {
        std::string result;
        while (std::isalpha(static_cast<unsigned char>(peek())) != 0) {
            result += char(std::tolower(peek()));
            drop();
        }
        return result;
    }
};

std::optional<double> days_to_seconds(int year, int month, int day) {
    if (year < 1970 || year > 9999 || month < 1 || month > 12 || day < 1 || day > 31) return std::nullopt;
    const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(unsigned(month)),
                                           std::chrono::day(unsigned(day))};
    if (!date.ok()) return std::nullopt;
    return double(std::chrono::sys_days(date).time_since_epoch().count()) * seconds_per_day;
}

int whole_year(int year, std::size_t digits) {
    return digits <= 2 ? 2000 + year : year;
}

/// Months by their first three letters: English, German, Spanish, French, Italian, Portuguese, Dutch. 0: none.
int month_from_word(std::string_view word) {
    struct Month {
        std::string_view begins;
        int number;
    };
    static constexpr std::array months = {
        Month{"jan", 1},  Month{"ene", 1},  Month{"gen", 1},  Month{"feb", 2},  Month{"fev", 2},  Month{"mar", 3},
        Month{"mrz", 3},  Month{"maa", 3},  Month{"mrt", 3},  Month{"apr", 4},  Month{"abr", 4},  Month{"avr", 4},
        Month{"may", 5},  Month{"mai", 5},  Month{"mag", 5},  Month{"mei", 5},  Month{"jun", 6},  Month{"giu", 6},
        Month{"juin", 6}, Month{"juil", 7}, Month{"jul", 7},  Month{"lug", 7},  Month{"aug", 8},  Month{"ago", 8},
        Month{"aou", 8},  Month{"sep", 9},  Month{"set", 9},  Month{"oct", 10}, Month{"okt", 10}, Month{"ott", 10},
        Month{"out", 10}, Month{"nov", 11}, Month{"dec", 12}, Month{"dez", 12}, Month{"dic", 12}};
    for (const Month& month : months) {
        if (word.starts_with(month.begins)) return month.number;
    }
    return 0;
}

/// English, by their first three letters; German ones and those of Spanish, French and Italian as they are
/// shortened. "mar" is March.
bool is_weekday(std::string_view word) {
    static constexpr std::array<std::string_view, 7> begins = {"mon", "tue", "wed", "thu", "fri", "sat", "sun"};
    static constexpr std::array<std::string_view, 17> whole = {"mo",  "di",  "mi",  "do",  "fr",  "sa",
                                                               "so",  "lun", "mer", "mie", "jeu", "jue",
                                                               "gio", "ven", "vie", "sab", "sam"};
    return std::any_of(begins.begin(), begins.end(), [&](auto day) { return word.starts_with(day); }) ||
           std::find(whole.begin(), whole.end(), word) != whole.end();
}

/// A day of the week before its date: "Thu, ".
void skip_weekday(Scan& scan) {
    Scan day = scan;
    const std::string word = day.word();
    if (word.empty() || !is_weekday(word) || month_from_word(word) != 0) return;
    day.take('.');
    day.take(',');
    day.blanks();
    scan = day;
}

constexpr std::string_view date_separators = "-/. _";

/// The three numbers of a date, in the order in which they stand, and how many digits each has.
struct DateParts {
    std::array<int, 3> value{};
    std::array<std::size_t, 3> digits{};
    /// Which of them is a month written as a word.
    std::optional<std::size_t> named_month;
};

/// "2026年5月14日": what stands behind the year, the month and the day in Chinese and Japanese.
constexpr std::array<std::string_view, 3> date_characters = {"\u5E74", "\u6708", "\u65E5"};

std::optional<DateParts> date_in_characters(Scan& scan) {
    DateParts parts;
    Scan all = scan;
    for (std::size_t i = 0; i < date_characters.size(); ++i) {
        parts.digits[i] = all.digits(parts.value[i], i == 0 ? 4 : 2);
        if (parts.digits[i] == 0 || !all.left.starts_with(date_characters[i])) return std::nullopt;
        all.drop(date_characters[i].size());
    }
    if (parts.digits[0] != 4) return std::nullopt;
    scan = all;
    return parts;
}

/// "2026-134", the 134th day of a year (ISO 8601).
std::optional<DateParts> date_by_day_of_year(Scan& scan) {
    Scan all = scan;
    int year = 0;
    int day = 0;
    if (all.digits(year, 4) != 4 || !all.take_any("-/") || all.digits(day, 3) != 3 || is_digit(all.peek()))
        return std::nullopt;
    if (year < 1970 || day < 1 || day > 366) return std::nullopt;
    const std::chrono::sys_days first{std::chrono::year(year) / std::chrono::January / 1};
    const std::chrono::year_month_day date{first + std::chrono::days(day - 1)};
    if (int(date.year()) != year) return std::nullopt;
    scan = all;
    return DateParts{{year, int(unsigned(date.month())), int(unsigned(date.day()))}, {4, 2, 2}, {}};
}

std::optional<DateParts> date_parts(Scan& scan) {
    DateParts parts;
    Scan all = scan;
    int together = 0;
    // 20260509: eight digits on end.
    if (all.digits(together, 8) == 8 && !is_digit(all.peek())) {
        parts.value = {together / 10000, together / 100 % 100, together % 100};
        parts.digits = {4, 2, 2};
        scan = all;
        return parts;
    }
    if (auto in_characters = date_in_characters(scan)) return in_characters;
    if (auto by_day = date_by_day_of_year(scan)) return by_day;
    skip_weekday(scan);
    char separator = '\0';
    for (std::size_t i = 0; i < 3; ++i) {
        if (i > 0) {
            const char here = scan.peek();
            if (date_separators.find(here) == std::string_view::npos || here == '\0') return std::nullopt;
            if (!parts.named_month && separator != '\0' && here != separator) return std::nullopt;
            separator = here;
            scan.drop();
            if (parts.named_month || i == 1) scan.take(',');
            scan.blanks();
        }
        if (std::isalpha(static_cast<unsigned char>(scan.peek())) != 0) {
            parts.value[i] = month_from_word(scan.word());
            if (parts.value[i] == 0 || parts.named_month) return std::nullopt;
            parts.named_month = i;
            parts.digits[i] = 2;
            scan.take('.');
        } else {
            parts.digits[i] = scan.digits(parts.value[i], 4);
            if (parts.digits[i] == 0 || parts.digits[i] == 3) return std::nullopt;
            if (parts.named_month) scan.take(',');
        }
    }
    // Only one of them may be a year of four digits, and not the one in the middle.
    if (parts.digits[1] > 2 || (parts.digits[0] > 2 && parts.digits[2] > 2) || is_digit(scan.peek()))
        return std::nullopt;
    return parts;
}

std::optional<double> seconds_of(const DateParts& parts, DateOrder order) {
    const auto& [a, b, c] = parts.value;
    if (parts.named_month) {
        const bool year_first = parts.digits[0] == 4;
        if (*parts.named_month == 0) return days_to_seconds(whole_year(c, parts.digits[2]), a, b);
        if (*parts.named_month != 1) return std::nullopt;
        return year_first ? days_to_seconds(a, b, c) : days_to_seconds(whole_year(c, parts.digits[2]), b, a);
    }
    if (parts.digits[0] == 4) return days_to_seconds(a, b, c);
    if (parts.digits[2] == 4 && order == DateOrder::year_first) return std::nullopt;
    switch (order) {
    case DateOrder::year_first: return days_to_seconds(whole_year(a, parts.digits[0]), b, c);
    case DateOrder::day_first: return days_to_seconds(whole_year(c, parts.digits[2]), b, a);
    case DateOrder::month_first: break;
    }
    return days_to_seconds(whole_year(c, parts.digits[2]), a, b);
}

unsigned orders_of(const DateParts& parts) {
    unsigned orders = 0;
    for (const DateOrder order : {DateOrder::year_first, DateOrder::day_first, DateOrder::month_first}) {
        if (seconds_of(parts, order)) orders |= 1U << unsigned(order);
    }
    return orders;
}

/// A time zone by its letters: "CEST", "Europe/Zurich", "(Central European Summer Time)". Passed over, as an offset
/// is: a log is read by its own clock.
bool take_zone(Scan& scan) {
    constexpr std::array<std::string_view, 36> zones = {
        "cet", "cest", "mez",  "mesz", "wet", "west", "eet",  "eest", "bst",  "msk",  "est",  "edt",
        "cst", "cdt",  "mst",  "mdt",  "pst", "pdt",  "akst", "akdt", "hst",  "ast",  "adt",  "brt",
        "art", "clt",  "sast", "ist",  "kst", "jst",  "awst", "acst", "aest", "aedt", "nzst", "nzdt"};
    scan.blanks();
    Scan rest = scan;
    if (rest.take('(')) {
        const auto end = rest.left.find(')');
        if (end == std::string_view::npos) return false;
        rest.drop(end + 1);
        scan = rest;
        return true;
    }
    const std::string word = rest.word();
    if (std::find(zones.begin(), zones.end(), word) != zones.end()) {
        scan = rest;
        return true;
    }
    if (word.size() < 4 || !rest.take('/') || std::isalpha(static_cast<unsigned char>(rest.peek())) == 0)
        return false;
    while (std::isalpha(static_cast<unsigned char>(rest.peek())) != 0 || rest.peek() == '_' || rest.peek() == '/')
        rest.drop();
    scan = rest;
    return true;
}

/// AM, PM, an offset from UTC or the letters for it: behind a clock.
bool take_clock_end(Scan& scan, int& hours) {
    scan.blanks();
    Scan letters = scan;
    std::string word = letters.word();
    if (word == "a" || word == "p") { // a.m.
        letters.take('.');
        letters.blanks();
        word += letters.word();
        letters.take('.');
    }
    if (word == "am" || word == "pm") {
        if (hours < 1 || hours > 12) return false;
        hours = hours % 12 + (word == "pm" ? 12 : 0);
        scan = letters;
        scan.blanks();
        letters = scan;
        word = letters.word();
    }
    if (word == "z" || word == "utc" || word == "gmt" || word == "h" || word == "uhr") scan = letters;
    scan.blanks();
    if (scan.peek() == '+' || scan.peek() == '-') {
        scan.drop();
        int offset = 0;
        if (scan.digits(offset, 2) != 2) return false;
        scan.take(':');
        const std::size_t rest = scan.digits(offset, 2);
        if (rest != 0 && rest != 2) return false;
    }
    take_zone(scan);
    scan.blanks();
    return scan.done();
}

bool take_text(Scan& scan, std::string_view text) {
    if (!scan.left.starts_with(text)) return false;
    scan.drop(text.size());
    return true;
}
template <std::size_t N>
bool take_one_of(Scan& scan, const std::array<std::string_view, N>& texts) {
    return std::any_of(texts.begin(), texts.end(), [&](auto text) { return take_text(scan, text); });
}

/// "14時03分21秒", "오후 2시 3분 21초": as Japanese, Chinese and Korean write a clock, the half of the day before
/// it; the half alone also before a clock of digits, "오전 09:30:05".
std::optional<double> clock_in_characters(Scan scan) {
    constexpr std::array<std::string_view, 3> mornings = {"\u5348\u524D", "\u4E0A\u5348", "\uC624\uC804"};
    constexpr std::array<std::string_view, 3> afternoons = {"\u5348\u5F8C", "\u4E0B\u5348", "\uC624\uD6C4"};
    constexpr std::array<std::string_view, 4> hours = {"\u6642", "\u65F6", "\u70B9", "\uC2DC"};
    constexpr std::array<std::string_view, 2> minutes = {"\u5206", "\uBD84"};
    constexpr std::array<std::string_view, 2> seconds = {"\u79D2", "\uCD08"};
    const bool morning = take_one_of(scan, mornings);
    const bool afternoon = !morning && take_one_of(scan, afternoons);
    scan.blanks();
    std::array<int, 3> part{};
    bool colons = false;
    for (std::size_t i = 0; i < part.size(); ++i) {
        if (scan.digits(part[i], 2) == 0) return std::nullopt;
        if (i == 0) colons = scan.peek() == ':';
        if (colons && !morning && !afternoon) return std::nullopt;
        double fraction = i == 2 ? scan.fraction() : 0.0;
        const bool marked = colons   ? i == 2 || scan.take(':')
                            : i == 0 ? take_one_of(scan, hours)
                            : i == 1 ? take_one_of(scan, minutes)
                                     : take_one_of(scan, seconds);
        if (!marked) return std::nullopt;
        scan.blanks();
        if (i < 2) continue;
        if (!scan.done() || part[0] > 24 || part[1] > 59 || part[2] > 60) return std::nullopt;
        if (morning || afternoon) {
            if (part[0] < 1 || part[0] > 12) return std::nullopt;
            part[0] = part[0] % 12 + (afternoon ? 12 : 0);
        }
        return part[0] * units::seconds_per_hour + part[1] * units::seconds_per_minute + part[2] + fraction;
    }
    return std::nullopt;
}

std::optional<double> clock_of_digits(Scan scan) {
    int together = 0;
    const std::size_t count = scan.digits(together, 6);
    if (count == 0 || is_digit(scan.peek())) return std::nullopt;
    int hours = together / 10000;
    const int minutes = together / 100 % 100;
    const int seconds = together % 100;
    if (hours > 24 || minutes > 59 || seconds > 60) return std::nullopt;
    const double fraction = scan.fraction();
    if (!take_clock_end(scan, hours)) return std::nullopt;
    return hours * units::seconds_per_hour + minutes * units::seconds_per_minute + seconds + fraction;
}

/// A clock up to the end of the text.
std::optional<double> clock_from(Scan scan, ClockForm form) {
    if (form == ClockForm::digits) return clock_of_digits(scan);
    constexpr unsigned char first_beyond_ascii = 0x80;
    if (static_cast<unsigned char>(scan.peek()) >= first_beyond_ascii) return clock_in_characters(scan);
    constexpr int most_hours = 99;
    constexpr int most_minutes = 9999;
    const Scan all = scan;
    std::array<int, 3> part{};
    std::size_t parts = 0;
    char separator = ':';
    while (parts < 3) {
        const std::size_t digits = scan.digits(part[parts], parts == 0 ? 4 : 2);
        if (digits == 0) return std::nullopt;
        ++parts;
        if (parts == 3) break;
        if (parts == 1) {
            if (static_cast<unsigned char>(scan.peek()) >= first_beyond_ascii) return clock_in_characters(all);
            // "14.03.21" and "14h03m21" are clocks too, but only with all three parts.
            if (std::string_view(".h-_").find(scan.peek()) != std::string_view::npos && !scan.done())
                separator = scan.peek();
        } else if (separator == 'h') {
            separator = 'm';
        }
        if (!scan.take(separator)) break;
    }
    if (parts < 2 || (parts < 3 && separator != ':')) return std::nullopt;
    double fraction = scan.fraction();
    if (parts == 3 && scan.peek() == ':') { // "14:03:21:250"
        scan.drop();
        int thousandths = 0;
        const std::size_t digits = scan.digits(thousandths, 3);
        if (digits == 0) return std::nullopt;
        fraction = thousandths / std::pow(10.0, double(digits));
    }
    if (separator == 'm') scan.take('s');
    if (parts == 2 && form != ClockForm::without_seconds) {
        if (part[0] > most_minutes || part[1] > 59) return std::nullopt;
        int none = 0;
        if (!take_clock_end(scan, none)) return std::nullopt;
        return part[0] * units::seconds_per_minute + part[1] + fraction;
    }
    if (part[0] > most_hours || part[1] > 59 || part[2] > 60) return std::nullopt;
    if (!take_clock_end(scan, part[0])) return std::nullopt;
    return part[0] * units::seconds_per_hour + part[1] * units::seconds_per_minute + part[2] + fraction;
}

/// The usual "14:03:21" or "14:03:21.250", without a look at anything else.
bool parse_plain_clock(std::string_view cell, double& seconds) {
    if (cell.size() < 8 || cell[2] != ':' || cell[5] != ':') return false;
    const auto two = [&](std::size_t at, int& value) {
        const char tens = cell[at];
        const char ones = cell[at + 1];
        value = (tens - '0') * 10 + (ones - '0');
        return tens >= '0' && tens <= '9' && ones >= '0' && ones <= '9';
    };
    int hours = 0;
    int minutes = 0;
    int whole = 0;
    if (!two(0, hours) || !two(3, minutes) || !two(6, whole) || hours > 24 || minutes > 59 || whole > 60)
        return false;
    double value = 0.0;
    const char* const end = cell.data() + cell.size();
    const auto parsed = fast_float::from_chars(cell.data() + 6, end, value);
    if (parsed.ec != std::errc() || parsed.ptr != end) return false;
    seconds = hours * units::seconds_per_hour + minutes * units::seconds_per_minute + value;
    return true;
}

/// What stands between a date and its clock.
bool take_between(Scan& scan) {
    if (scan.take_any("Tt_")) return !scan.done();
    // "2026. 5. 14. 09:30:05"
    if (scan.peek() == '.' && scan.left.substr(1, 1) == " ") scan.drop();
    bool any = scan.take(',');
    while (scan.peek() == ' ') {
        scan.drop();
        any = true;
    }
    if (scan.take('-')) any = true;
    scan.blanks();
    // "14 May 2026 at 09:30:05", "2026-05-14 kl. 09.30.05"
    constexpr std::array<std::string_view, 7> at = {"at ", "kl. ", "kl ", "um ", "om ", "\u00E0 ", "alle "};
    if (any && take_one_of(scan, at)) scan.blanks();
    return any && !scan.done();
}

/// Date parts of a moment, with `scan` left at its clock.
std::optional<DateParts> moment_date(Scan& scan) {
    scan.blanks();
    // 20260509140321
    if (scan.left.size() >= 14 && std::all_of(scan.left.begin(), scan.left.begin() + 14, is_digit)) {
        Scan date{scan.left.substr(0, 8)};
        auto parts = date_parts(date);
        scan.drop(8);
        return parts;
    }
    auto parts = date_parts(scan);
    if (!parts) return std::nullopt;
    // "14/May/2026:09:30:00", as web servers write it; "May 14 09:30:00" has no year.
    const bool whole_year = parts->digits[0] == 4 || parts->digits[2] == 4;
    if (whole_year && scan.take(':')) return parts;
    return take_between(scan) ? parts : std::nullopt;
}

std::optional<double> moment_clock(const Scan& scan) {
    // 140321250: hours, minutes, seconds and their thousandths, millionths or so without anything between
    constexpr std::size_t to_seconds = 6;
    const bool runs_on = (scan.left.size() == 9 || scan.left.size() == 12 || scan.left.size() == 15) &&
                         std::all_of(scan.left.begin(), scan.left.end(), is_digit);
    if (runs_on) {
        const auto whole = clock_from(Scan{scan.left.substr(0, to_seconds)}, ClockForm::digits);
        const std::string fraction = "0." + std::string(scan.left.substr(to_seconds));
        if (whole) return *whole + number_from_text(fraction).value_or(0.0);
    }
    const std::string_view front = scan.left.substr(0, 3);
    const bool separated = front.find_first_of(":.h-_") != std::string_view::npos ||
                           std::any_of(front.begin(), front.end(), [](char c) { return (c & 0x80) != 0; });
    return clock_from(scan, separated ? ClockForm::without_seconds : ClockForm::digits);
}

/// A date and a clock, whichever comes first.
struct MomentParts {
    DateParts date;
    double clock_s = 0.0;
};

/// "14:03:21 09.05.2026".
std::optional<MomentParts> clock_before_date(std::string_view cell) {
    const auto colon = cell.find(':');
    if (colon == std::string_view::npos || colon > 2) return std::nullopt;
    // "2:03:21 PM 5/9/2026": the clock's own end may have a blank before it.
    for (auto blank = cell.find(' '); blank != std::string_view::npos; blank = cell.find(' ', blank + 1)) {
        Scan rest{cell.substr(blank)};
        rest.blanks();
        const auto date = date_parts(rest);
        if (!date || !rest.done()) continue;
        std::string_view clock_text = trimmed(cell.substr(0, blank));
        if (clock_text.ends_with(',')) clock_text.remove_suffix(1);
        const auto clock = clock_from({clock_text}, ClockForm::without_seconds);
        return clock ? std::optional(MomentParts{*date, *clock}) : std::nullopt;
    }
    return std::nullopt;
}

std::optional<MomentParts> moment_parts(std::string_view cell) {
    Scan scan{cell};
    const auto date = moment_date(scan);
    if (!date) return clock_before_date(trimmed(cell));
    const auto clock = moment_clock(scan);
    return clock ? std::optional(MomentParts{*date, *clock}) : std::nullopt;
}

/// "Sat May  9 14:03:21 2026", as C libraries write it; "Sat May  9 14:03:21 UTC 2026", as shells do.
std::optional<double> c_moment(std::string_view cell) {
    Scan scan{cell};
    if (!is_weekday(scan.word())) return std::nullopt;
    scan.blanks();
    const int month = month_from_word(scan.word());
    int day = 0;
    int year = 0;
    scan.blanks();
    if (month == 0 || scan.digits(day, 2) == 0 || !scan.take(' ')) return std::nullopt;
    auto clock_end = scan.left.find(' ');
    if (clock_end == std::string_view::npos) return std::nullopt;
    const std::string half = lower(scan.left.substr(clock_end + 1, 3));
    if (half == "am " || half == "pm ") clock_end += half.size();
    const auto clock = clock_from({scan.left.substr(0, clock_end)}, ClockForm::hours_first);
    scan.drop(clock_end + 1);
    // The letters of a time zone: a log is read by its own clock.
    if (!scan.word().empty()) scan.blanks();
    if (!clock || scan.digits(year, 4) != 4 || !scan.done()) return std::nullopt;
    const auto date = days_to_seconds(year, month, day);
    return date ? std::optional(*date + *clock) : std::nullopt;
}

/// A letter of the compass, taken from the front; 0 where there is none.
double take_hemisphere(Scan& scan) {
    scan.blanks();
    const char c = char(std::toupper(static_cast<unsigned char>(scan.peek())));
    if (c != 'N' && c != 'S' && c != 'E' && c != 'W' && c != 'O') return 0.0;
    scan.drop();
    scan.blanks();
    return c == 'S' || c == 'W' ? -1.0 : 1.0;
}

/// Whatever marks degrees, minutes or seconds of arc: signs, letters, blanks.
bool take_arc_sign(Scan& scan) {
    bool any = false;
    for (bool more = true; more;) {
        more = take_text(scan, "°") || take_text(scan, "º") || take_text(scan, "′") || take_text(scan, "″") ||
               take_text(scan, "’") || take_text(scan, "”") || scan.take_any("'\"d\xB0: ") ||
               (scan.peek() == 'm' && scan.take('m'));
        any = any || more;
    }
    return any;
}

std::optional<double> take_positive_number(Scan& scan) {
    if (!is_digit(scan.peek())) return std::nullopt;
    double value = 0.0;
    for (; is_digit(scan.peek()); scan.drop()) value = 10.0 * value + (scan.peek() - '0');
    return value + scan.fraction();
}

bool angle_from(Scan& scan, bool degrees_and_minutes, double& degrees) {
    double sign = take_hemisphere(scan);
    const bool lettered = sign != 0.0;
    const bool negative = scan.take('-');
    scan.take('+');
    const auto first = take_positive_number(scan);
    if (!first) return false;
    double value = *first;
    if (degrees_and_minutes) {
        const double whole = std::floor(value / 100.0);
        value = whole + (value - 100.0 * whole) / 60.0;
    } else {
        double unit = 60.0;
        while (unit < 4000.0 && take_arc_sign(scan)) {
            const auto next = take_positive_number(scan);
            if (!next) break;
            if (*next > 60.0) return false; // 59.996″ is printed as 60.00″
            value += *next / unit;
            unit *= 60.0;
        }
        take_arc_sign(scan);
    }
    if (!lettered) sign = take_hemisphere(scan);
    scan.blanks();
    degrees = with_hemisphere(negative ? -value : value, sign);
    return true;
}

} // namespace

namespace {

/// One blank or tab, or so many blanks, end a cell; those at the ends of the line mean nothing.
void split_at_blanks(std::string_view line, std::size_t least, std::vector<std::string_view>& cells) {
    line = trimmed(line);
    std::size_t begin = 0;
    for (std::size_t at = 0; at < line.size();) {
        if (line[at] == '"' && at == begin) {
            const auto quote = line.find('"', at + 1);
            at = quote == std::string_view::npos ? line.size() : quote + 1;
            continue;
        }
        std::size_t end = at;
        while (end < line.size() && (line[end] == ' ' || line[end] == '\t')) ++end;
        const bool tab = line.substr(at, end - at).find('\t') != std::string_view::npos;
        if (end - at < least && !tab) {
            at = std::max(end, at + 1);
            continue;
        }
        cells.push_back(line.substr(begin, at - begin));
        begin = at = end;
    }
    cells.push_back(line.substr(begin));
    for (auto& cell : cells) {
        if (cell.size() > 1 && cell.front() == '"' && cell.back() == '"') cell = cell.substr(1, cell.size() - 2);
    }
}

} // namespace

std::string_view trimmed(std::string_view cell) {
    while (!cell.empty() && (cell.front() == ' ' || cell.front() == '\t')) cell.remove_prefix(1);
    while (!cell.empty() && (cell.back() == ' ' || cell.back() == '\t')) cell.remove_suffix(1);
    return cell;
}

void split_cells(std::string_view line, char delimiter, std::vector<std::string_view>& cells) {
    cells.clear();
    if (delimiter == any_blanks || delimiter == wide_blanks) {
        split_at_blanks(line, delimiter == wide_blanks ? 2 : 1, cells);
        return;
    }
    const char* p = line.data();
    const char* const end = p + line.size();
    for (;;) {
        while (p != end && *p == ' ') ++p;
        if (p != end && *p == '"') {
            const char* const from = ++p;
            // A quote inside is written twice (RFC 4180).
            while (p != end && (*p != '"' || (p + 1 != end && p[1] == '"'))) p += *p == '"' ? 2 : 1;
            cells.emplace_back(from, std::size_t(p - from));
            while (p != end && *p != delimiter) ++p;
        } else {
            const char* const from = p;
            while (p != end && *p != delimiter) ++p;
            std::string_view cell = trimmed({from, std::size_t(p - from)});
            // Databases put what is text between apostrophes.
            if (cell.size() > 1 && cell.front() == '\'' && cell.back() == '\'')
                cell = cell.substr(1, cell.size() - 2);
            cells.push_back(cell);
        }
        if (p == end) return;
        ++p;
    }
}

bool means_missing(std::string_view cell) {
    if (cell.empty()) return true;
    // Asked of every cell, and nearly all are figures: how it begins says no to these.
    constexpr std::size_t longest = 8;
    if (cell.size() > longest || is_digit(cell.front())) return false;
    std::array<char, longest> letters{};
    std::transform(cell.begin(), cell.end(), letters.begin(),
                   [](unsigned char c) { return char(std::tolower(c)); });
    const std::string_view lower(letters.data(), cell.size());
    switch (lower.front()) {
    case 'n': return lower == "nan" || lower == "n/a" || lower == "na" || lower == "null" || lower == "none";
    case 'i': return lower == "inf" || lower == "infinity";
    case '-': return lower == "-" || lower == "--" || lower == "---" || lower == "-inf";
    case '+': return lower == "+inf";
    default: return false;
    }
}

std::string without_grouping(std::string_view cell, char sign) {
    // A blank may be one of no break, or a narrow one: U+00A0, U+202F.
    constexpr std::array<std::string_view, 3> blanks = {" ", "\xC2\xA0", "\xE2\x80\xAF"};
    const auto is_digit = [](char c) { return c >= '0' && c <= '9'; };
    const auto sign_at = [&](std::size_t at) -> std::size_t {
        if (sign != ' ') return cell[at] == sign ? 1 : 0;
        const auto* const blank = std::find_if(blanks.begin(), blanks.end(),
                                               [&](std::string_view b) { return cell.substr(at).starts_with(b); });
        return blank == blanks.end() ? 0 : blank->size();
    };
    std::string text;
    for (std::size_t at = 0; at < cell.size();) {
        const std::size_t width = sign_at(at);
        const bool between =
            width > 0 && at > 0 && is_digit(cell[at - 1]) && at + width < cell.size() && is_digit(cell[at + width]);
        if (!between) text += cell[at];
        at += between ? width : 1;
    }
    return text;
}

bool parse_number_cell(std::string_view cell, double& value) {
    const char* const end = cell.data() + cell.size();
    const auto parsed = fast_float::from_chars(cell.data(), end, value);
    if (parsed.ec == std::errc() && parsed.ptr == end && std::isfinite(value)) return true;
    value = missing_value;
    if (means_missing(cell)) return true;
    const auto slow = number_from_text(cell);
    if (slow) value = *slow;
    return slow.has_value();
}

namespace {

/// "1H12M30.5S" of a duration (ISO 8601).
bool parse_duration(std::string_view cell, double& seconds) {
    double sum = 0.0;
    for (const auto& [letter, scale] :
         {std::pair{'H', units::seconds_per_hour}, {'M', units::seconds_per_minute}, {'S', 1.0}}) {
        const auto end = cell.find(letter);
        if (end == std::string_view::npos) continue;
        const auto number = number_from_text(cell.substr(0, end));
        if (!number || *number < 0.0) return false;
        sum += *number * scale;
        cell.remove_prefix(end + 1);
    }
    if (!cell.empty()) return false;
    seconds = sum;
    return true;
}

/// Marks of minutes and seconds, as typed and as printed; in quotes, that of seconds is written twice.
constexpr std::array minute_marks = {std::string_view("'"), std::string_view("\u2032"), std::string_view("\u2019")};
constexpr std::array second_marks = {std::string_view("\"\""), std::string_view("''"), std::string_view("\""),
                                     std::string_view("\u2033"), std::string_view("\u201D")};

bool is_mark_of_minutes(std::string_view mark) {
    return std::find(minute_marks.begin(), minute_marks.end(), mark) != minute_marks.end();
}

/// How long the mark is that a text begins with; 0 where it begins with none.
std::size_t length_of_mark(std::string_view text) {
    // That of seconds first: two apostrophes are one.
    for (const auto mark : second_marks) {
        if (text.starts_with(mark)) return mark.size();
    }
    for (const auto mark : minute_marks) {
        if (text.starts_with(mark)) return mark.size();
    }
    return 0;
}

/// "12m 05s", "1 h 2 min 3.5 s", "0 days 00:12:05", "12'05\"", "12'05": a time since the start in words. Nothing
/// else has two of these words, or one of them behind a number and a clock behind it.
bool parse_spoken_duration(std::string_view cell, double& seconds) {
    double sum = 0.0;
    int parts = 0;
    double before = HUGE_VAL;
    while (!(cell = trimmed(cell)).empty()) {
        const auto end = cell.find_first_not_of("0123456789.");
        const auto number = number_from_text(cell.substr(0, end));
        if (end == 0 || !number) return false;
        if (end == std::string_view::npos) {
            // "12'05", "1h05": two digits behind minutes are seconds, behind hours minutes.
            constexpr double most = 60.0;
            const bool behind = before == units::seconds_per_minute || before == units::seconds_per_hour;
            if (!behind || cell.size() < 2 || !is_digit(cell[1]) || *number >= most) return false;
            seconds = sum + *number * before / most;
            return true;
        }
        if (cell[end] == ':') {
            // Days before a clock.
            double clock = 0.0;
            constexpr double day_s = 86400.0;
            if (parts != 1 || before != day_s || !parse_plain_clock(cell, clock)) return false;
            seconds = sum + clock;
            return true;
        }
        cell = trimmed(cell.substr(end));
        const std::size_t mark = length_of_mark(cell);
        std::size_t letters = mark;
        while (mark == 0 && letters < cell.size() && std::isalpha(static_cast<unsigned char>(cell[letters])))
            ++letters;
        const std::string_view word = cell.substr(0, letters);
        double scale = 0.0;
        if (mark > 0)
            scale = is_mark_of_minutes(word) ? units::seconds_per_minute : 1.0;
        else if (word == "m")
            scale = units::seconds_per_minute;
        else if (word == "day")
            scale = 86400.0;
        else if (const auto unit = unit_from_word(word); unit && unit->dimension == Dimension::time)
            scale = unit->scale;
        // From the larger to the smaller, each once.
        if (!(scale > 0.0) || scale >= before) return false;
        before = scale;
        sum += *number * scale;
        ++parts;
        cell.remove_prefix(letters);
    }
    if (parts < 2) return false;
    seconds = sum;
    return true;
}

} // namespace

namespace {

/// "[09:30:05]", as programs write their own logs.
std::string_view unwrapped(std::string_view cell) {
    if (cell.empty() || (cell.front() != '[' && cell.front() != '(')) return cell;
    const char end = cell.front() == '[' ? ']' : ')';
    const std::string_view inside = trimmed(cell);
    return inside.back() == end ? inside.substr(1, inside.size() - 2) : cell;
}

/// "05-14 09:30:05", "May 14 09:30:05", "Thu 14 May, 09:30:05": what stands behind a date without a year, which
/// says no more than the clock. Empty where none does.
std::string_view behind_yearless_date(std::string_view cell) {
    Scan scan{trimmed(cell)};
    std::string word = scan.word();
    if (is_weekday(word) && month_from_word(word) == 0) {
        scan.take_any(".,");
        scan.blanks();
        word = scan.word();
    }
    std::array<int, 2> part{};
    bool whole = false;
    if (!word.empty()) {
        scan.take('.');
        scan.blanks();
        whole = month_from_word(word) != 0 && scan.digits(part[0], 2) > 0;
    } else if (scan.digits(part[0], 2) > 0) {
        if (scan.take_any("-/."))
            whole = scan.digits(part[1], 2) > 0 && std::min(part[0], part[1]) <= 12;
        else {
            scan.blanks();
            whole = month_from_word(scan.word()) != 0;
        }
    }
    constexpr int most_days = 31;
    whole = whole && std::max(part[0], part[1]) <= most_days;
    scan.take_any(".,");
    if (!whole || scan.peek() != ' ') return {};
    scan.blanks();
    return std::count(scan.left.begin(), scan.left.end(), ':') == 2 ? scan.left : std::string_view();
}

} // namespace

bool parse_clock(std::string_view cell, ClockForm form, double& seconds) {
    if (form == ClockForm::hours_first && parse_plain_clock(cell, seconds)) return true;
    cell = unwrapped(cell);
    // Time since launch, as mission clocks write it: "T+00:12:30".
    if (cell.size() > 3 && (cell.front() == 'T' || cell.front() == 't') && cell[1] == '+') cell.remove_prefix(2);
    if (cell.size() > 3 && cell.starts_with("PT")) return parse_duration(cell.substr(2), seconds);
    auto clock = clock_from({trimmed(cell)}, form);
    if (!clock && form != ClockForm::digits) {
        if (const auto rest = behind_yearless_date(cell); !rest.empty()) clock = clock_from({rest}, form);
    }
    if (clock) seconds = *clock;
    return clock || (form == ClockForm::hours_first && parse_spoken_duration(cell, seconds));
}

bool parse_date(std::string_view cell, DateOrder order, double& seconds) {
    Scan scan{trimmed(cell)};
    const auto parts = date_parts(scan);
    if (!parts || !scan.done()) return false;
    const auto date = seconds_of(*parts, order);
    if (date) seconds = *date;
    return date.has_value();
}

const char* PlainMoments::read(const char* at, const char* end, double& seconds) {
    constexpr std::ptrdiff_t date_and_clock = 19;
    if (end - at < date_and_clock || at[4] != '-' || at[7] != '-' || (at[10] != 'T' && at[10] != ' ') ||
        at[13] != ':' || at[16] != ':')
        return nullptr;
    const auto digit = [&](std::size_t place) { return unsigned(at[place] - '0'); };
    const auto two = [&](std::size_t place) { return int(10 * digit(place) + digit(place + 1)); };
    if (!std::equal(date_.begin(), date_.end(), at)) {
        unsigned wrong = 0;
        for (const std::size_t place : {0, 1, 2, 3, 5, 6, 8, 9}) wrong |= unsigned(digit(place) > 9);
        const auto date = days_to_seconds(two(0) * 100 + two(2), two(5), two(8));
        if (wrong != 0 || !date) return nullptr;
        date_s_ = *date;
        std::copy_n(at, date_.size(), date_.begin());
    }
    unsigned wrong = 0;
    for (const std::size_t place : {11, 12, 14, 15, 17, 18}) wrong |= unsigned(digit(place) > 9);
    const int hours = two(11);
    const int minutes = two(14);
    const int whole = two(17);
    if (wrong != 0 || hours > 24 || minutes > 59 || whole > 60) return nullptr;
    seconds = date_s_ + hours * units::seconds_per_hour + minutes * units::seconds_per_minute + whole;
    at += date_and_clock;
    if (at < end && (*at == '.' || *at == ',')) {
        // A count of parts and one division: as exact as the digits are.
        constexpr std::array<double, 16> powers = {1e0, 1e1, 1e2,  1e3,  1e4,  1e5,  1e6,  1e7,
                                                   1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15};
        std::int64_t parts = 0;
        std::size_t places = 0;
        for (++at; at < end && is_digit(*at) && places + 1 < powers.size(); ++at, ++places)
            parts = 10 * parts + (*at - '0');
        seconds += double(parts) / powers[places];
    }
    return at < end && *at == 'Z' ? at + 1 : at;
}

bool parse_moment(std::string_view cell, DateOrder order, double& seconds) {
    thread_local PlainMoments plain;
    if (plain.read(cell.data(), cell.data() + cell.size(), seconds) == cell.data() + cell.size()) return true;
    cell = unwrapped(cell);
    const auto parts = moment_parts(cell);
    if (!parts) {
        const auto moment = c_moment(cell);
        if (moment) seconds = *moment;
        return moment.has_value();
    }
    const auto date = seconds_of(parts->date, order);
    if (date) seconds = *date + parts->clock_s;
    return date.has_value();
}

unsigned possible_date_orders(std::string_view cell) {
    Scan scan{trimmed(cell)};
    const auto parts = date_parts(scan);
    return parts && scan.done() ? orders_of(*parts) : 0U;
}

unsigned possible_moment_orders(std::string_view cell) {
    constexpr unsigned all = 7;
    cell = unwrapped(cell);
    const auto parts = moment_parts(cell);
    if (!parts) return c_moment(cell) ? all : 0U;
    return orders_of(parts->date);
}

std::optional<WrittenNumber> number_with_unit(std::string_view cell) {
    const auto is_part = [](char c) { return is_digit(c) || c == '.' || c == ',' || c == '-' || c == '+'; };
    std::size_t end = 0;
    while (end < cell.size() && is_part(cell[end])) ++end;
    if (end == 0 || end == cell.size()) return std::nullopt;
    const auto value = number_from_text(cell.substr(0, end));
    if (!value) return std::nullopt;
    std::string_view word = trimmed(cell.substr(end));
    // "16.2 V (4.05 V/cell)": the same once more, in another way.
    const auto bracket = word.find('(');
    if (bracket != std::string_view::npos && bracket > 0 && word.back() == ')')
        word = trimmed(word.substr(0, bracket));
    const auto unit = unit_from_word(lower(word));
    if (!unit) return std::nullopt;
    return WrittenNumber{*value, *unit};
}

bool parse_angle(std::string_view cell, bool degrees_and_minutes, double& degrees) {
    if (means_missing(cell)) {
        degrees = missing_value;
        return true;
    }
    Scan scan{cell};
    return angle_from(scan, degrees_and_minutes, degrees) && scan.done();
}

bool parse_pair(std::string_view cell, double& latitude, double& longitude) {
    if (means_missing(cell)) {
        latitude = longitude = missing_value;
        return true;
    }
    if (const auto place = written_position(cell)) {
        latitude = place->latitude_deg;
        longitude = place->longitude_deg;
        return true;
    }
    if (cell.size() > 2 && (cell.front() == '(' || cell.front() == '['))
        cell = trimmed(cell.substr(1, cell.size() - 2));
    // Two plain numbers, as nearly always; else two angles with signs and letters. A comma separates only where
    // nothing else does: it may be decimal.
    for (const char separator : {';', '|', '/', '\t', ' ', ','}) {
        const auto gap = cell.find(separator);
        if (gap == std::string_view::npos) continue;
        std::string_view first = trimmed(cell.substr(0, gap));
        if (first.ends_with(',')) first.remove_suffix(1);
        if (!parse_number_cell(first, latitude) || !std::isfinite(latitude)) continue;
        std::string_view second = trimmed(cell.substr(gap + 1));
        // A height behind them: three numbers alone, no fourth.
        if (const auto end = second.find(separator); end != std::string_view::npos) {
            double height = 0.0;
            if (!parse_number_cell(trimmed(second.substr(end + 1)), height)) continue;
            second = trimmed(second.substr(0, end));
            if (second.ends_with(',')) second.remove_suffix(1);
        }
        if (parse_number_cell(second, longitude) && std::isfinite(longitude)) return true;
    }
    Scan scan{cell};
    if (!angle_from(scan, false, latitude)) return false;
    while (scan.take_any(" ,;/|\t")) {
    }
    return angle_from(scan, false, longitude) && scan.done();
}

bool parse_cell_list(std::string_view cell, double& sum_v, double& least_v) {
    sum_v = least_v = missing_value;
    if (means_missing(cell)) return true;
    constexpr std::string_view brackets = "[({";
    if (cell.size() > 2 && brackets.find(cell.front()) != std::string_view::npos)
        cell = trimmed(cell.substr(1, cell.size() - 2));
    // As with pairs, a comma separates only where nothing else does.
    constexpr std::string_view separators = ";|/\t ,";
    const auto which = std::find_if(separators.begin(), separators.end(),
                                    [&](char one) { return cell.find(one) != std::string_view::npos; });
    if (which == separators.end()) return false;
    constexpr int most_cells_in_series = 24;
    constexpr double least_volts = 1.5;
    constexpr double most_volts = 4.6;
    constexpr double millivolts_from = 1000.0;
    int count = 0;
    double sum = 0.0;
    double least = HUGE_VAL;
    bool ended = false;
    while (!cell.empty()) {
        const auto gap = std::min(cell.find(*which), cell.size());
        std::string_view one = trimmed(cell.substr(0, gap));
        cell = trimmed(cell.substr(std::min(gap + 1, cell.size())));
        if (one.ends_with('V') || one.ends_with('v')) one = trimmed(one.substr(0, one.size() - 1));
        if (*which != ',' && one.ends_with(',')) one.remove_suffix(1);
        const auto number = number_from_text(one);
        if (!number) return false;
        if (*number == 0.0) {
            ended = true;
            continue;
        }
        // "4 4 4" counts something; so does "4,2,4,2", or its commas are decimal ones.
        if (*number < millivolts_from && one.find_first_of(*which == ',' ? "." : ".,") == std::string_view::npos)
            return false;
        const double volts = *number >= millivolts_from ? *number / 1000.0 : *number;
        if (ended || volts < least_volts || volts > most_volts || ++count > most_cells_in_series) return false;
        sum += volts;
        least = std::min(least, volts);
    }
    // All at nothing: the sensor had no reading yet.
    if (count == 0 && ended) return true;
    if (count < 2) return false;
    sum_v = sum;
    least_v = least;
    return true;
}

std::optional<geodesy::Position> position_from_text(std::string_view text) {
    std::string capital(trimmed(text));
    std::transform(capital.begin(), capital.end(), capital.begin(),
                   [](char c) { return c >= 'a' && c <= 'z' ? char(c - 'a' + 'A') : c; });
    // As it is printed in books.
    constexpr std::string_view minus = "\xE2\x88\x92";
    for (auto at = capital.find(minus); at != std::string::npos; at = capital.find(minus, at))
        capital.replace(at, minus.size(), "-");
    // "42,5,10": which of the commas is the decimal one, nothing says.
    const bool only_commas = capital.find_first_not_of("+-0123456789.,") == std::string::npos;
    if (only_commas && std::count(capital.begin(), capital.end(), ',') == 2) return std::nullopt;
    geodesy::Position at{telemetry::missing_value, telemetry::missing_value};
    if (!parse_pair(capital, at.latitude_deg, at.longitude_deg) || !geodesy::is_possible(at)) return std::nullopt;
    return at;
}

double with_hemisphere(double degrees, double sign) {
    return sign < 0.0 ? -std::abs(degrees) : degrees;
}

std::optional<double> hemisphere_sign(std::string_view cell) {
    if (cell.size() != 1) return std::nullopt;
    switch (cell.front()) {
    case 'N':
    case 'n':
    case 'E':
    case 'e': return 1.0;
    case 'S':
    case 's':
    case 'W':
    case 'w': return -1.0;
    default: return std::nullopt;
    }
}

} // namespace sobremesa::io
