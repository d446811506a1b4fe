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

std::vector<std::uint8_t> clock_glitches(const std::vector<double>& time) {
    std::vector<std::uint8_t> ahead(time.size(), 0);
    // Times that count so far, with their rows; a glitch is taken off the end again. No more are kept than one may
    // be long.
    std::vector<std::size_t> recent;
    for (std::size_t row = 0; row < time.size(); ++row) {
        if (!std::isfinite(time[row])) continue;
        // The excursion: what came since the clock last said less than now.
        std::size_t kept = recent.size();
        while (kept > 0 && time[recent[kept - 1]] >= time[row]) --kept;
        const std::size_t rows = recent.size() - kept;
        if (rows > 0) {
            const double jump_s = kept > 0 ? time[recent[kept]] - time[recent[kept - 1]] : 0.0;
            const double back_s = time[recent.back()] - time[row];
            // It stays back: as many rows as were ahead, and more, go on from here.
            std::size_t stays = 0;
            double last_s = time[row];
            for (std::size_t i = row; i < time.size() && stays <= rows; ++i) {
                if (!std::isfinite(time[i])) continue;
                if (time[i] < last_s || time[i] >= time[recent[kept]]) break;
                last_s = time[i];
                ++stays;
            }
            if (jump_s > restart_back_s && back_s > restart_back_s && stays > rows) {
                for (std::size_t i = kept; i < recent.size(); ++i) ahead[recent[i]] = 1;
                recent.resize(kept);
            }
            // A clock that began anew, or whose first rows were the wrong ones: from here it is another clock.
            if (kept == 0 && stays > rows) recent.clear();
        }
        if (recent.empty() || time[row] > time[recent.back()]) {
            recent.push_back(row);
            if (recent.size() > 2 * restart_rows) recent.erase(recent.begin(), recent.begin() + restart_rows);
        }
    }
    return ahead;
}

std::vector<FlightPart> flights_in(const FlightLog& log, const CleaningRules& rules) {
    const auto& time = log[Channel::time_s];
    std::vector<FlightPart> parts;
    FlightPart part;
    double latest_s = -HUGE_VAL;
    std::size_t latest_row = 0;
    const auto ahead = clock_glitches(time);
    const auto end_part = [&](std::size_t last_row) {
        part.last_row = last_row;
        part.end_s = latest_s;
        if (last_row - part.first_row >= least_rows) parts.push_back(part);
    };
    for (std::size_t row = 0; row < time.size(); ++row) {
        const double t = time[row];
        if (!std::isfinite(t) || ahead[row]) continue;
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
