#pragma once

#include <cstdint>
#include <optional>
#include <string>

#include "core/mission/plan.hpp"
#include "sim/scenario.hpp"

namespace sobremesa::practice {

/// What the weather, the aircraft and the pack of a practice flight are like.
enum class Day {
    as_forecast,
    drawn,           ///< off by errors drawn from the forecast's own
    growing_wind,    ///< as forecast at first; by the planned turn it has grown to half as much again, and stays so
    worst_in_twenty, ///< that drawn day of many on which nineteen in twenty leave more in the pack
};
const char* day_word(Day day);
std::optional<Day> day_from_word(const std::string& word);

struct PracticeDay {
    Day day = Day::drawn;
    /// The same seed is the same day.
    std::uint64_t seed = 1;
    /// What the wind grows by beside the plan's own, m/s per hour.
    double growth_mps_per_h = 0.0;
};

/// The simulated aircraft set to fly a plan.
///
/// Mass, airspeed, cells and wind are the plan's; propulsion is set so that the level cruise draws what the plan
/// says, and the cells so that they give at that cruise what the plan says: both times what the day is off by.
/// Between those two points the simulator's own equations decide.
/// @param plan  with a turn, else the scenario stays near home
sim::Scenario scenario_of(const mission::Plan& plan, const PracticeDay& day = {Day::as_forecast});

/// What the scenario's pack really gives at the plan's cruise down to its landing voltage, Wh.
double usable_of(const mission::Plan& plan, const sim::Scenario& scenario);

} // namespace sobremesa::practice
