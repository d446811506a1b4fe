#include "io/calendar.hpp"

#include <algorithm>
#include <array>
#include <chrono>
#include <cmath>

#include "core/sun/solar_position.hpp"
#include "core/units/number_ranges.hpp"
#include "io/cell_forms.hpp"

namespace sobremesa::io {

namespace {

/// Whole numbers of a text in which each stands at its place: "####-##-##". @return false where it does not
template <std::size_t N>
bool digits_of(const std::string& text, const char* form, std::array<int, N>& parts) {
    parts = {};
    std::size_t part = 0;
    for (std::size_t i = 0; i < text.size() || form[i] != '\0'; ++i) {
        if (i >= text.size() || form[i] == '\0') return false;
        if (form[i] != '#') {
            if (text[i] != form[i]) return false;
            ++part;
            continue;
        }
        if (text[i] < '0' || text[i] > '9') return false;
        parts[part] = parts[part] * 10 + (text[i] - '0');
    }
    return true;
}

std::string padded(unsigned number, std::size_t digits) {
    std::string text;
    for (; number > 0; number /= 10) text.insert(text.begin(), char('0' + number % 10));
    return std::string(digits - std::min(digits, text.size()), '0') + text;
}

std::chrono::year_month_day civil(double utc_s) {
    return std::chrono::year_month_day(
        std::chrono::sys_days(std::chrono::days(std::lround(std::floor(utc_s / sun::seconds_per_day)))));
}

} // namespace

units::Result<double> day_utc_s(const std::string& date) {
    std::array<int, 3> part{};
    const bool whole = digits_of(date, "####-##-##", part);
    const std::chrono::year_month_day day{std::chrono::year(part[0]), std::chrono::month(unsigned(part[1])),
                                          std::chrono::day(unsigned(part[2]))};
    if (!whole || !day.ok())
        return units::failure(units::ErrorCode::word_unknown, {{}, {}, {}, "date"},
                              {{"word", date}, {"allowed", std::string("YYYY-MM-DD")}});
    const double utc_s = std::chrono::duration<double>(std::chrono::sys_days(day).time_since_epoch()).count();
    auto ranges = units::NumberRanges::looking();
    ranges.number("date", utc_s, sun::earliest_utc_s, sun::latest_utc_s);
    if (ranges.wrong()) return tl::unexpected(*ranges.wrong());
    return utc_s;
}

units::Result<double> typed_day_utc_s(const std::string& date) {
    auto day = day_utc_s(date);
    if (day) return day;
    // Day and month that could change places are asked for in the one order that is beyond doubt.
    const unsigned orders = possible_date_orders(date);
    std::optional<double> only;
    for (const DateOrder order : {DateOrder::year_first, DateOrder::day_first, DateOrder::month_first}) {
        double seconds = 0.0;
        if ((orders & (1U << unsigned(order))) == 0 || !parse_date(date, order, seconds)) continue;
        if (only && *only != seconds) return day;
        only = seconds;
    }
    return only ? day_utc_s(date_text(*only)) : day;
}

std::optional<double> time_of_day_s(const std::string& time) {
    std::array<int, 2> part{};
    const bool whole = digits_of(time, "##:##", part) || digits_of(time, "#:##", part);
    if (!whole || part[0] > 23 || part[1] > 59) return std::nullopt;
    return 3600.0 * part[0] + 60.0 * part[1];
}

std::optional<double> moment_utc_s(const std::string& text) {
    constexpr std::size_t date_length = 10;
    constexpr std::size_t time_length = 5;
    if (text.size() < date_length + 1 + time_length || text[date_length] != 'T') return std::nullopt;
    const std::string rest = text.substr(date_length + 1 + time_length);
    if (!rest.empty() && rest != "Z" && rest != ":00Z" && rest != ":00") return std::nullopt;
    const auto day = day_utc_s(text.substr(0, date_length));
    const auto time = time_of_day_s(text.substr(date_length + 1, time_length));
    if (!day || !time) return std::nullopt;
    return *day + *time;
}

std::string date_text(double utc_s) {
    const auto day = civil(utc_s);
    return padded(unsigned(int(day.year())), 4) + "-" + padded(unsigned(day.month()), 2) + "-" +
           padded(unsigned(day.day()), 2);
}

std::string moment_text(double utc_s) {
    const double minute_s = 60.0 * std::round(utc_s / 60.0);
    const int of_day = int(minute_s - sun::seconds_per_day * std::floor(minute_s / sun::seconds_per_day)) / 60;
    return date_text(minute_s) + "T" + padded(unsigned(of_day / 60), 2) + ":" + padded(unsigned(of_day % 60), 2) +
           "Z";
}

} // namespace sobremesa::io
