#include "core/telemetry/clean_log.hpp"

#include <algorithm>
#include <cmath>
#include <tuple>
#include <utility>

#include "core/telemetry/sensor_faults.hpp"
#include "core/units/constants.hpp"
#include "core/units/median.hpp"

namespace sobremesa::telemetry {

namespace {

using units::ErrorCode;

/// A gap is a step of more than this many usual steps, and of more than this many seconds.
constexpr double gap_steps = 10.0;
constexpr double least_gap_s = 5.0;

// Beyond these a reading is a fault of the sensor or of the file, not of the flight.
constexpr double most_pack_v = 500.0;
constexpr double most_current_a = 2000.0;
constexpr int least_satellites = 4;
/// After this long the aircraft may have left home before its receiver knew where it was.
constexpr double late_first_fix_s = 5.0;

/// Collects reasons row by row and lists them reason by reason.
class SetAsideList {
public:
    explicit SetAsideList(const FlightLog& log) : log_(log), marked_(log.rows(), 0), list_(log.unreadable) {}

    void add(SetAsideReason reason, std::uint32_t row) {
        if (!marked_[row] && !takes_part(reason)) {
            marked_[row] = 1;
            ++rows_;
        }
        add_to(list_, reason, log_.lines[row]);
    }

    std::vector<SetAside> list() const { return list_; }
    std::size_t rows() const {
        std::size_t all = rows_;
        for (const SetAside& unreadable : log_.unreadable) all += unreadable.rows;
        return all;
    }

private:
    const FlightLog& log_;
    std::vector<std::uint8_t> marked_;
    std::vector<SetAside> list_;
    std::size_t rows_ = 0;
};

/// Rows of one flight in which time moves forward.
std::vector<std::uint32_t> forward_rows(const FlightLog& log, const FlightPart& part, SetAsideList& aside) {
    const auto& time = log[Channel::time_s];
    std::vector<std::uint32_t> rows;
    rows.reserve(part.last_row - part.first_row);
    double latest = -HUGE_VAL;
    const auto ahead = clock_glitches(time);
    for (std::uint32_t row = 0; row < time.size(); ++row) {
        if (row < part.first_row || row >= part.last_row) {
            aside.add(std::isfinite(time[row]) ? SetAsideReason::other_flight : SetAsideReason::no_time, row);
        } else if (!std::isfinite(time[row])) {
            aside.add(SetAsideReason::no_time, row);
        } else if (ahead[row]) {
            aside.add(SetAsideReason::clock_glitch, row);
        } else if (time[row] <= latest) {
            aside.add(SetAsideReason::backward_time, row);
        } else {
            latest = time[row];
            rows.push_back(row);
        }
    }
    return rows;
}

double usual_step_s(const FlightLog& log, const std::vector<std::uint32_t>& rows) {
    const auto& time = log[Channel::time_s];
    std::vector<double> steps;
    steps.reserve(rows.size());
    for (std::size_t i = 1; i < rows.size(); ++i) steps.push_back(time[rows[i]] - time[rows[i - 1]]);
    if (steps.empty()) return 1.0;
    return units::median(std::move(steps));
}

void drop_impossible_values(const FlightLog& log, std::vector<std::uint32_t>& rows, SetAsideList& aside) {
    const auto impossible = [&](Channel channel, std::uint32_t row, double most) {
        return log.has(channel) && std::abs(log[channel][row]) > most;
    };
    std::erase_if(rows, [&](std::uint32_t row) {
        const bool bad =
            impossible(Channel::voltage_v, row, most_pack_v) || impossible(Channel::current_a, row, most_current_a);
        if (bad) aside.add(SetAsideReason::impossible_value, row);
        return bad;
    });
}

/// Metres between two near places on a sphere: for judging a jump, not for the distance flown.
double rough_distance_m(const geodesy::Position& a, const geodesy::Position& b) {
    constexpr double metres_per_degree = 111320.0;
    const double north = (b.latitude_deg - a.latitude_deg) * metres_per_degree;
    // The short way round: on the 180th meridian the degrees jump, not the aircraft.
    const double east = std::remainder(b.longitude_deg - a.longitude_deg, 360.0) * metres_per_degree *
                        std::cos(units::radians(0.5 * (a.latitude_deg + b.latitude_deg)));
    return std::sqrt(east * east + north * north);
}

/// Nothing of a log at exactly 0° N 0° E was flown there: it is what a receiver writes before its first fix.
bool is_no_fix(const CleanLog& log, std::size_t i) {
    const geodesy::Position p = log.position(i);
    if (std::isnan(p.latitude_deg) || std::isnan(p.longitude_deg)) return true;
    return p.latitude_deg == 0.0 && p.longitude_deg == 0.0;
}

bool has_few_satellites(const CleanLog& log, std::size_t i) {
    return log.raw->has(Channel::satellites) && log.value(Channel::satellites, i) < least_satellites;
}

/// Whether latitude and longitude stand in each other's column: as they are, positions are not on earth, or home is
/// on the other side of it; changed round they are where they should be.
bool is_swapped(const CleanLog& log, const std::optional<geodesy::Position>& home) {
    constexpr std::size_t looked_at = 200;
    std::size_t impossible = 0;
    std::size_t possible_swapped = 0;
    std::size_t near_swapped = 0;
    std::size_t fixes = 0;
    for (std::size_t i = 0; i < log.rows.size() && fixes < looked_at; ++i) {
        if (is_no_fix(log, i)) continue;
        const geodesy::Position here = log.position(i);
        const geodesy::Position swapped{here.longitude_deg, here.latitude_deg};
        ++fixes;
        impossible += geodesy::is_possible(here) ? 0 : 1;
        possible_swapped += geodesy::is_possible(swapped) ? 1 : 0;
        if (!home || !geodesy::is_possible(swapped) || !geodesy::is_possible(here)) continue;
        constexpr double near_home_m = 100e3;
        near_swapped +=
            rough_distance_m(*home, swapped) < near_home_m && rough_distance_m(*home, here) > 10.0 * near_home_m
                ? 1
                : 0;
    }
    const auto most = [&](std::size_t n) { return fixes > 0 && 10 * n > 9 * fixes; };
    return (most(impossible) && most(possible_swapped)) || most(near_swapped);
}

/// Marks the positions that take part. A fix is a jump when it cannot be reached from the last good one at a
/// credible speed, unless so many agree with each other that it was the earlier one that was wrong.
void judge_positions(CleanLog& log, const CleaningRules& rules, SetAsideList& aside) {
    constexpr std::size_t agreeing_fixes = 20;
    const std::size_t n = log.rows.size();
    log.position_ok.assign(n, 0);
    if (!log.raw->has(Channel::latitude_deg) || !log.raw->has(Channel::longitude_deg)) return;

    std::optional<std::size_t> last;
    std::vector<std::size_t> doubtful;
    // A receiver slower than the record repeats its place until it has another one: it is as old as its first row.
    std::vector<std::size_t> first_shown(n, 0);
    for (std::size_t i = 1; i < n; ++i) {
        const geodesy::Position before = log.position(i - 1);
        const geodesy::Position here = log.position(i);
        const bool same = before.latitude_deg == here.latitude_deg && before.longitude_deg == here.longitude_deg;
        first_shown[i] = same ? first_shown[i - 1] : i;
    }
    const auto reachable = [&](std::size_t from, std::size_t to) {
        const double elapsed_s = log.time_s(to) - log.time_s(first_shown[from]);
        return rough_distance_m(log.position(from), log.position(to)) <=
               rules.credible_scatter_m + rules.credible_speed_mps * elapsed_s;
    };
    for (std::size_t i = 0; i < n; ++i) {
        if (is_no_fix(log, i)) {
            aside.add(SetAsideReason::no_fix, log.rows[i]);
            continue;
        }
        if (has_few_satellites(log, i)) {
            aside.add(SetAsideReason::few_satellites, log.rows[i]);
            continue;
        }
        if (!geodesy::is_possible(log.position(i))) {
            aside.add(SetAsideReason::impossible_position, log.rows[i]);
            continue;
        }
        if (!last || reachable(*last, i)) {
            log.position_ok[i] = 1;
            last = i;
            doubtful.clear();
            continue;
        }
        if (!doubtful.empty() && !reachable(doubtful.back(), i)) doubtful.clear();
        doubtful.push_back(i);
        if (doubtful.size() >= agreeing_fixes) {
            std::fill_n(log.position_ok.begin(), doubtful.front(), std::uint8_t{0});
            for (const std::size_t j : doubtful) log.position_ok[j] = 1;
            last = i;
            doubtful.clear();
        }
    }
    for (std::size_t i = 0; i < n; ++i) {
        const bool fix = !is_no_fix(log, i) && !has_few_satellites(log, i) && geodesy::is_possible(log.position(i));
        if (fix && !log.position_ok[i]) aside.add(SetAsideReason::position_jump, log.rows[i]);
    }
}

} // namespace

std::optional<std::pair<double, double>> time_of_lines(const CleanLog& log, std::int64_t first_line,
                                                       std::int64_t lines) {
    const auto& numbers = log.raw->lines;
    // The clean rows in sight of those lines: the last before, and the first behind.
    const auto at = [&](std::int64_t line) {
        return std::size_t(std::lower_bound(log.rows.begin(), log.rows.end(), line,
                                            [&](std::uint32_t row, std::int64_t wanted) {
                                                return std::int64_t(numbers[row]) < wanted;
                                            }) -
                           log.rows.begin());
    };
    if (log.rows.empty()) return std::nullopt;
    const std::size_t first = at(first_line);
    const std::size_t last = at(first_line + lines);
    if (first == log.rows.size() && std::int64_t(numbers[log.rows.back()]) < first_line - 1) return std::nullopt;
    if (last == 0) return std::nullopt;
    const std::size_t from = std::min(first, log.rows.size() - 1);
    const std::size_t to = std::min(std::max(last, from), log.rows.size() - 1);
    return std::pair{log.time_s(from), log.time_s(to)};
}

units::Result<CleanLog> clean(std::shared_ptr<const FlightLog> log, const CleaningRules& rules,
                              const std::stop_token& stop) {
    const auto error = [&](ErrorCode code) {
        units::Where where;
        where.file = log->name;
        return units::failure(code, where, {{"rows", double(log->rows_met)}});
    };
    if (!log->has(Channel::time_s)) return error(ErrorCode::no_time);

    CleanLog result;
    double clock_set_s = 0.0;
    std::tie(log, clock_set_s) = with_one_clock(log);
    if (clock_set_s != 0.0)
        result.diagnostics.push_back({units::DiagnosticCode::clock_was_set, units::Severity::note, {}});
    if (auto made = with_pack_volts(log, rules.series); made != log) {
        result.volts_of_cells = log->series.value_or(rules.series);
        log = std::move(made);
        result.diagnostics.push_back({units::DiagnosticCode::volts_of_cells,
                                      units::Severity::note,
                                      {{"series", double(result.volts_of_cells)}}});
    }
    if (auto turned = with_drawn_current_positive(log); turned != log) {
        log = std::move(turned);
        result.diagnostics.push_back({units::DiagnosticCode::current_turned, units::Severity::note, {}});
    }
    result.raw = log;
    SetAsideList aside(*log);
    result.parts = flights_in(*log, rules);
    if (result.parts.empty()) return error(ErrorCode::no_usable_rows);
    if (rules.flight && *rules.flight >= result.parts.size())
        return units::out_of_range("flight", double(*rules.flight + 1), 1.0, double(result.parts.size()));
    const auto longest =
        std::max_element(result.parts.begin(), result.parts.end(), [](const FlightPart& a, const FlightPart& b) {
            return a.last_row - a.first_row < b.last_row - b.first_row;
        });
    result.part = rules.flight.value_or(std::size_t(longest - result.parts.begin()));
    result.rows = forward_rows(*log, result.parts[result.part], aside);
    if (stop.stop_requested()) return error(ErrorCode::cancelled);
    if (result.parts.size() > 1) {
        result.diagnostics.push_back(
            {units::DiagnosticCode::several_flights,
             units::Severity::warning,
             {{"flights", double(result.parts.size())}, {"shown", double(result.part + 1)}}});
    }
    drop_impossible_values(*log, result.rows, aside);
    if (result.rows.size() < 2) {
        auto none = error(ErrorCode::no_usable_rows);
        if (const auto why = aside.list(); !why.empty()) none.value().where.line = why.front().first_row;
        return none;
    }

    result.usual_step_s = usual_step_s(*log, result.rows);
    result.longest_step_s = std::max(least_gap_s, gap_steps * result.usual_step_s);
    for (std::size_t i = 1; i < result.rows.size(); ++i) {
        if (result.step_is_gap(i)) result.gaps.push_back({result.time_s(i - 1), result.time_s(i)});
    }
    if (stop.stop_requested()) return error(ErrorCode::cancelled);

    if (log->has(Channel::latitude_deg) && log->has(Channel::longitude_deg) && is_swapped(result, rules.home)) {
        result.positions_swapped = true;
        result.diagnostics.push_back({units::DiagnosticCode::positions_swapped, units::Severity::warning, {}});
    }
    judge_positions(result, rules, aside);
    mark_sensor_faults(result, [&](SetAsideReason reason, std::size_t i) { aside.add(reason, result.rows[i]); });
    if (stop.stop_requested()) return error(ErrorCode::cancelled);
    result.home = rules.home;
    if (!result.home) {
        const auto first = std::find(result.position_ok.begin(), result.position_ok.end(), std::uint8_t{1});
        if (first != result.position_ok.end()) {
            const auto at = std::size_t(first - result.position_ok.begin());
            result.home = result.position(at);
            const double after_s = result.time_s(at) - result.time_s(0);
            if (after_s > late_first_fix_s) {
                result.diagnostics.push_back(
                    {units::DiagnosticCode::home_is_first_fix, units::Severity::warning, {{"after_s", after_s}}});
            }
        }
    }
    result.set_aside = aside.list();
    result.rows_set_aside = aside.rows();
    return result;
}

std::optional<double> home_height_m(const CleanLog& log) {
    if (!log.raw->has(Channel::height_m)) return std::nullopt;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double height_m = log.value(Channel::height_m, i);
        if (std::isfinite(height_m)) return height_m;
    }
    return std::nullopt;
}

} // namespace sobremesa::telemetry
