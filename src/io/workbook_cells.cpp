#include "io/workbook_cells.hpp"

#include <algorithm>
#include <chrono>
#include <cmath>

#include "io/text_number.hpp"
#include "io/time_scales.hpp"

namespace sobremesa::io {

namespace {

std::string two_digits(long long value) {
    return (value < 10 ? "0" : "") + text_from_number(double(value), 0);
}

std::string duration_text(double seconds) {
    const auto ms = std::llround(1000.0 * seconds);
    const auto whole = ms / 1000;
    std::string text = two_digits(whole / 3600) + ":" + two_digits(whole / 60 % 60) + ":" + two_digits(whole % 60);
    if (ms % 1000 != 0) {
        const std::string part = text_from_number(double(1000 + ms % 1000), 0);
        text += "." + part.substr(1);
    }
    return text;
}

} // namespace

std::string shown_as(double value, Shown how, bool from_1904) {
    if (how == Shown::percent) return text_from_number(100.0 * value, 6) + "%";
    // A moment of which only the clock is shown keeps its day.
    constexpr double no_duration = 20000.0;
    if (how == Shown::time && value > no_duration) how = Shown::date_and_time;
    if (how == Shown::time)
        return value < 0.0 ? text_from_number(value, 9) : duration_text(value * seconds_per_day);
    // Milliseconds, so that 23:59:59.9996 is midnight of the next day.
    const double rounded = std::round(value * seconds_per_day * 1000.0) / 1000.0 / seconds_per_day;
    const double days = std::floor(rounded + 1e-12);
    using namespace std::chrono;
    const sys_days epoch = from_1904 ? sys_days(year(1904) / 1 / 1) : sys_days(year(1899) / 12 / 30);
    const year_month_day date{epoch + std::chrono::days(int(days))};
    std::string text = text_from_number(double(int(date.year())), 0) + "-" + two_digits(unsigned(date.month())) +
                       "-" + two_digits(unsigned(date.day()));
    const double seconds = std::max(0.0, (rounded - days) * seconds_per_day);
    if (how == Shown::date_and_time || seconds > 1e-3) text += "T" + duration_text(seconds);
    return text;
}

Shown shown_by_code(std::string_view code) {
    bool date = false;
    bool time = false;
    bool percent = false;
    bool quoted = false;
    for (std::size_t i = 0; i < code.size(); ++i) {
        const char c = code[i];
        if (c == '"') quoted = !quoted;
        if (c == '\\' || c == '_') ++i;
        if (quoted || c == '"' || c == '\\' || c == '_') continue;
        if (c == '[') {
            // [h] counts hours; [Red] and [$-409] are no part of a moment.
            const auto close = code.find(']', i);
            const std::string_view inside =
                close == std::string_view::npos ? std::string_view() : code.substr(i + 1, close - i - 1);
            time = time || (!inside.empty() && inside.find_first_not_of("hHmMsS") == std::string_view::npos);
            if (close != std::string_view::npos) i = close;
            continue;
        }
        date = date || c == 'y' || c == 'Y' || c == 'd' || c == 'D';
        time = time || c == 'h' || c == 'H' || c == 's' || c == 'S';
        percent = percent || c == '%';
    }
    if (date) return time ? Shown::date_and_time : Shown::date;
    if (time) return Shown::time;
    return percent ? Shown::percent : Shown::number;
}

Shown shown_by_id(int id) {
    if (id == 9 || id == 10) return Shown::percent;
    if (id >= 14 && id <= 17) return Shown::date;
    if (id == 22) return Shown::date_and_time;
    if ((id >= 18 && id <= 21) || (id >= 45 && id <= 47)) return Shown::time;
    return Shown::number;
}

bool may_be_shown_as(double value, Shown how) {
    constexpr double last_day = 2958466.0; // of the year 9999
    return how != Shown::number && std::abs(value) <= last_day;
}

} // namespace sobremesa::io
