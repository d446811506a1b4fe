#pragma once

#include <vector>

#include "sim/scenario.hpp"

namespace sobremesa::sim {

/// What kind of day a flight of the fleet was flown on.
enum class Day { calm, windy, gusty, thermals, glitches };
const char* day_word(Day day);

struct FleetFlight {
    Day day = Day::calm;
    Scenario scenario;
};

/// Seeded flights of two invented aircraft over all kinds of days, for judging what a debrief finds. The same
/// number gives the same fleet.
/// @param flights  how many; kinds of day, missions and aircraft take turns
std::vector<FleetFlight> fleet(int flights);

} // namespace sobremesa::sim
