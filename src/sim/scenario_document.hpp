#pragma once

#include <string>
#include <vector>

#include "sim/scenario.hpp"
#include "sim/simulated_flight.hpp"

namespace sobremesa::sim {

/// Flights of a scenario document: its library of aircraft and packs, and flights that name them.
///
/// Throws std::runtime_error with a line that names the trouble: the simulator is a tool for developers and its
/// input is our own.
std::vector<Scenario> scenarios_from_json(const std::string& text);

/// The truth file that is written beside a log.
std::string json_from_truth(const Scenario& scenario, const Truth& truth);

} // namespace sobremesa::sim
