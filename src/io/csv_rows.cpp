#include "io/csv_rows.hpp"

#include <algorithm>
#include <chrono>
#include <cmath>

#include "core/geodesy/geodesic.hpp"
#include "core/units/median.hpp"
#include "io/time_scales.hpp"

namespace sobremesa::io {

using telemetry::Channel;
using telemetry::FlightLog;
using telemetry::SetAsideReason;

namespace {

/// Where tracks in metres from an unknown home are put: in the middle of an ocean, where no map misleads.
constexpr double nowhere_latitude_deg = -30.0;
constexpr double nowhere_longitude_deg = -120.0;

} // namespace

RowVerdict RowParser::parse(std::string_view line, bool ended) {
    using Verdict = RowVerdict::Kind;
    if (line.empty() || line.front() == '#') return {Verdict::skipped};
    split_cells(line, head_.delimiter, cells_);
    if (cells_.size() == 1 && cells_.front().empty()) return {Verdict::skipped};
    const auto& columns = head_.columns;
    if (cells_.size() == columns.size() + 1 && cells_.back().empty()) cells_.pop_back();
    if (cells_.size() != columns.size()) {
        const bool cut = !ended && cells_.size() < columns.size();
        return {Verdict::set_aside, cut ? SetAsideReason::cut_last_row : SetAsideReason::bad_row, 0};
    }
    for (std::size_t i = 0; i < columns.size(); ++i) {
        if (parse_cell(columns[i], cells_[i], values_[i])) continue;
        if (!head_.header_line.empty() && line == head_.header_line)
            return {Verdict::set_aside, SetAsideReason::repeated_header, i};
        if (!ended) return {Verdict::set_aside, SetAsideReason::cut_last_row, i};
        return {Verdict::set_aside, SetAsideReason::bad_number, i};
    }
    return {Verdict::stored};
}

double MidnightClock::since_first_midnight(double clock_s) {
    if (std::isfinite(clock_s)) {
        const double back_s = latest_s_ - (clock_s + days_s_);
        // A clock of twelve hours that does not say which starts again at one o'clock.
        constexpr double half_day_s = 0.5 * seconds_per_day;
        constexpr double near_half_day_s = 0.02 * seconds_per_day;
        if (back_s > half_day_s + near_half_day_s)
            days_s_ += seconds_per_day;
        else if (back_s > half_day_s - near_half_day_s)
            days_s_ += half_day_s;
        latest_s_ = clock_s + days_s_;
    }
    return clock_s + days_s_;
}

namespace {

/// Seconds since 1970 of a year, a month and a day; missing until all are there, and where there is no such day.
double midnight_s(const std::array<double, 3>& parts) {
    for (const double part : parts) {
        if (!(part >= 0.0 && part < 10'000.0) || part != std::floor(part)) return missing_value;
    }
    // "26" is 2026.
    const int year = int(parts[0]) + (parts[0] < 100.0 ? 2000 : 0);
    const std::chrono::year_month_day date{std::chrono::year{year}, std::chrono::month{unsigned(parts[1])},
                                           std::chrono::day{unsigned(parts[2])}};
    return date.ok() ? double(std::chrono::sys_days{date}.time_since_epoch().count()) * seconds_per_day
                     : missing_value;
}

} // namespace

void RowParts::add(const LogColumn& column, double value) {
    using Kind = LogColumn::Kind;
    switch (column.kind) {
    case Kind::date: date_s = value; break;
    case Kind::clock_time:
    case Kind::moment: clock_s = value; break;
    case Kind::clock_part:
        if (column.scale < 1.0) {
            // A clock is none the worse without them.
            clock_parts_s += std::isfinite(value) ? value * column.scale : 0.0;
        } else {
            if (!in_parts) clock_s = 0.0;
            in_parts = true;
            clock_s += value * column.scale;
        }
        break;
    case Kind::date_part:
        date_parts[std::size_t(column.date_part)] = value;
        date_s = midnight_s(date_parts);
        break;
    case Kind::angle_part:
        (column.channel == Channel::latitude_deg ? latitude_parts_deg : longitude_parts_deg) +=
            value * column.scale;
        break;
    case Kind::hemisphere:
        (column.channel == Channel::latitude_deg ? latitude_sign : longitude_sign) = value;
        break;
    default: break;
    }
}

namespace {

/// Metres north and east as degrees around home; around a place in the sea where nobody said where home is. Those
/// of a zone of the grid where they are.
void place_local_metres(FlightLog& log, const CsvHead& head) {
    const geodesy::Position home = head.home ? geodesy::Position{head.home->first, head.home->second}
                                             : geodesy::Position{nowhere_latitude_deg, nowhere_longitude_deg};
    const auto frame = geodesy::LocalFrame::around(home);
    if (!frame) return;
    auto& latitude = log[Channel::latitude_deg];
    auto& longitude = log[Channel::longitude_deg];
    // No flight begins so far from its home: these are metres of a grid on the earth.
    constexpr double beyond_home_m = 1e5;
    std::optional<geodesy::EastNorth> first;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        if (!std::isfinite(latitude[i]) || !std::isfinite(longitude[i])) continue;
        if (head.utm_zone) {
            const auto place = geodesy::from_utm(*head.utm_zone, {longitude[i], latitude[i]});
            latitude[i] = place ? place->latitude_deg : missing_value;
            longitude[i] = place ? place->longitude_deg : missing_value;
            continue;
        }
        if (!first) {
            const bool far = std::hypot(latitude[i], longitude[i]) > beyond_home_m;
            first = far ? geodesy::EastNorth{longitude[i], latitude[i]} : geodesy::EastNorth{};
        }
        const geodesy::Position place =
            frame->reverse({longitude[i] - first->east_m, latitude[i] - first->north_m});
        latitude[i] = place.latitude_deg;
        longitude[i] = place.longitude_deg;
    }
    if (!head.home && !head.utm_zone)
        log.diagnostics.push_back({units::DiagnosticCode::home_not_on_earth, units::Severity::warning, {}});
}

/// Whether the clock runs back from row to row, nearly always: some programs list the latest on top, some timers
/// count down.
bool runs_back(const std::vector<double>& time) {
    std::size_t back = 0;
    std::size_t forward = 0;
    for (std::size_t i = 1; i < time.size(); ++i) {
        if (time[i] < time[i - 1]) ++back;
        if (time[i] > time[i - 1]) ++forward;
    }
    constexpr std::size_t least_rows = 5;
    return back >= least_rows && back > 20 * forward;
}

/// Whether the rows stand in the order in which they were flown, whatever their clock says: what was used grows,
/// and a pack's volts fall.
bool is_drawn_down(const FlightLog& log) {
    const auto ends = [&](Channel channel) {
        std::vector<double> known;
        for (const double value : log[channel]) {
            if (std::isfinite(value)) known.push_back(value);
        }
        const std::size_t tenth = std::max<std::size_t>(known.size() / 10, 1);
        if (known.size() < 2) return std::pair{0.0, 0.0};
        const auto middle = std::ptrdiff_t(tenth);
        return std::pair{units::median({known.begin(), known.begin() + middle}),
                         units::median({known.end() - middle, known.end()})};
    };
    if (const auto [first, last] = ends(Channel::charge_ah); first != last) return last > first;
    constexpr double least_fall = 0.02;
    const auto [first, last] = ends(Channel::voltage_v);
    return last < (1.0 - least_fall) * first;
}

bool is_direction(Channel channel) {
    return channel == Channel::course_deg || channel == Channel::heading_deg || channel == Channel::wind_from_deg;
}

/// Readings of one kind that come in rows of their own, between those of others: each row gets what lies between
/// its neighbours, no more than three seconds apart. A channel that drops out now and then is left as it is.
void fill_between(FlightLog& log, Channel channel) {
    auto& values = log[channel];
    const auto& time = log[Channel::time_s];
    if (channel == Channel::time_s || values.empty()) return;
    const auto next_known = [&](std::size_t from) {
        while (from < values.size() && !std::isfinite(values[from])) ++from;
        return from;
    };
    constexpr double longest_s = 3.0;
    constexpr std::size_t fewest = 5;
    std::size_t known = 0;
    for (const double value : values) known += std::isfinite(value) ? 1 : 0;
    if (known < fewest || 10 * known > 8 * values.size()) return;
    // Most readings stand alone, with rows of others on both sides, and near each other.
    std::size_t alone = 0;
    for (std::size_t from = next_known(0), to = next_known(from + 1); to < values.size();
         from = to, to = next_known(to + 1))
        alone += to > from + 1 && time[to] - time[from] <= longest_s ? 1 : 0;
    if (2 * alone < known) return;
    for (std::size_t from = next_known(0), to = next_known(from + 1); to < values.size();
         from = to, to = next_known(to + 1)) {
        const double apart_s = time[to] - time[from];
        if (!(apart_s > 0.0) || apart_s > longest_s) continue;
        const double step = is_direction(channel) || channel == Channel::longitude_deg
                                ? std::remainder(values[to] - values[from], 360.0)
                                : values[to] - values[from];
        for (std::size_t i = from + 1; i < to; ++i) {
            const double share = (time[i] - time[from]) / apart_s;
            if (!(share >= 0.0 && share <= 1.0)) continue;
            const double between = values[from] + share * step;
            if (is_direction(channel))
                values[i] = between - 360.0 * std::floor(between / 360.0);
            else
                values[i] = channel == Channel::longitude_deg ? std::remainder(between, 360.0) : between;
        }
    }
}

/// What is left turns into what was used: less than at the first row.
void count_from_first(std::vector<double>& counter) {
    const auto first = std::find_if(counter.begin(), counter.end(), [](double v) { return std::isfinite(v); });
    if (first == counter.end()) return;
    const double begin = *first;
    for (double& value : counter) value -= begin;
}

} // namespace

units::Result<std::shared_ptr<const FlightLog>> finished_log(FlightLog log, const CsvHead& head,
                                                             const units::Where& first_bad) {
    if (log.rows() == 0) {
        units::Where where = first_bad;
        where.file = log.name;
        return units::failure(units::ErrorCode::no_usable_rows, where, {{"rows", double(log.rows_met)}});
    }
    if (runs_back(log[Channel::time_s]) && is_drawn_down(log)) {
        for (double& t : log[Channel::time_s]) t = -t;
        log.diagnostics.push_back({units::DiagnosticCode::clock_counts_down, units::Severity::note, {}});
    } else if (runs_back(log[Channel::time_s])) {
        for (auto& column : log.columns) std::reverse(column.begin(), column.end());
        std::reverse(log.lines.begin(), log.lines.end());
        log.diagnostics.push_back({units::DiagnosticCode::newest_first, units::Severity::note, {}});
    }
    auto& time = log[Channel::time_s];
    const auto first = std::find_if(time.begin(), time.end(), [](double t) { return std::isfinite(t); });
    if (first != time.end()) {
        const double start_s = *first;
        // In this program's own column nothing but a date is so far from its zero.
        constexpr double a_year_s = 365.0 * seconds_per_day;
        const bool own = std::any_of(head.columns.begin(), head.columns.end(), [](const LogColumn& column) {
            return column.header == telemetry::channel_word(Channel::time_s);
        });
        const auto counted = std::find_if(head.columns.begin(), head.columns.end(),
                                          [](const LogColumn& column) { return column.zero_s != 0.0; });
        if (counted != head.columns.end())
            log.start_clock_s = counted->zero_s + start_s;
        else if (head.has_date || start_s >= (own ? a_year_s : least_epoch_s))
            log.start_clock_s = start_s;
        for (double& t : time) t -= start_s;
    }
    for (std::size_t channel = 0; channel < telemetry::channel_count; ++channel)
        fill_between(log, Channel(channel));
    log.series = head.series;
    if (head.local_metres) place_local_metres(log, head);
    for (const LogColumn& column : head.columns) {
        if (column.kind != LogColumn::Kind::ignored && column.channel == Channel::charge_ah && column.scale < 0.0)
            count_from_first(log[Channel::charge_ah]);
    }
    // A column without a single value is a channel the log does not have.
    for (auto& column : log.columns) {
        if (std::none_of(column.begin(), column.end(), [](double v) { return std::isfinite(v); })) column.clear();
    }
    return std::make_shared<const FlightLog>(std::move(log));
}

} // namespace sobremesa::io
