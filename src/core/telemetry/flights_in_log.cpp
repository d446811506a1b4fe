// A file that a recorder wrote all day may hold several flights; which rows belong to which.

#include <algorithm>
#include <cmath>

#include "core/telemetry/clean_log.hpp"

namespace sobremesa::telemetry {

namespace {

/// A clock that goes back by more than this may have started again, s.
constexpr double restart_back_s = 5.0;
/// … and has, when so many rows on end go on from there: a glitch is over sooner.
constexpr std::size_t restart_rows = 20;
/// A pause in which a pack can be changed, s.
constexpr double change_of_pack_s = 30.0;
/// The counter starts again: it falls from more than the first to less than that share of it.
constexpr double counted_before_ah = 0.02;
constexpr double counter_restart_share = 0.2;
/// Another pack: the volts are up by so much. A resting pack recovers by less.
constexpr double volts_up_share = 0.12;
/// What is shorter is no flight, rows.
constexpr std::size_t least_rows = 2;

/// The clock starts again at a row: the rows from there go forward, all before the latest time.
bool clock_restarts(const std::vector<double>& time, std::size_t row, double latest_s) {
    if (!(time[row] < latest_s - restart_back_s)) return false;
    double last_s = time[row];
    std::size_t seen = 1;
    for (std::size_t i = row + 1; i < time.size() && seen < restart_rows; ++i) {
        if (!std::isfinite(time[i])) continue;
        if (time[i] < last_s || time[i] >= latest_s) return false;
        last_s = time[i];
        ++seen;
    }
    return seen >= restart_rows;
}

/// Another pack was plugged in between two rows.
bool pack_changed(const FlightLog& log, std::size_t before, std::size_t after) {
    const auto& counter = log[Channel::charge_ah];
    if (!counter.empty() && counter[before] > counted_before_ah &&
        counter[after] < counter_restart_share * counter[before])
        return true;
    const auto& volts = log[Channel::voltage_v];
    return !volts.empty() && volts[before] > 1.0 && volts[after] > (1.0 + volts_up_share) * volts[before];
}

} // namespace

std::vector<FlightPart> flights_in(const FlightLog& log, const CleaningRules& rules) {
    const auto& time = log[Channel::time_s];
    std::vector<FlightPart> parts;
    FlightPart part;
    double latest_s = -HUGE_VAL;
    std::size_t latest_row = 0;
    const auto end_part = [&](std::size_t last_row) {
        part.last_row = last_row;
        part.end_s = latest_s;
        if (last_row - part.first_row >= least_rows) parts.push_back(part);
    };
    for (std::size_t row = 0; row < time.size(); ++row) {
        const double t = time[row];
        if (!std::isfinite(t)) continue;
        if (latest_s == -HUGE_VAL) {
            part = {row, row, t, t};
        } else {
            const double pause_s = t - latest_s;
            if (pause_s > rules.other_flight_s || clock_restarts(time, row, latest_s) ||
                (pause_s > change_of_pack_s && pack_changed(log, latest_row, row))) {
                end_part(row);
                part = {row, row, t, t};
                latest_s = -HUGE_VAL;
            }
        }
        if (t > latest_s) {
            latest_s = t;
            latest_row = row;
        }
    }
    if (latest_s > -HUGE_VAL) end_part(time.size());
    return parts;
}

} // namespace sobremesa::telemetry
