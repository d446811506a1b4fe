#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Current of the known cruise from this pack at half charge, A: what pilots read off the screen. The volts are
/// those under that load, at 23 °C.
double cruise_current_a(const PlanRequest& request);
/// Makes the known cruise one that draws a current from this pack at half charge.
/// @param current_a  above 0
void set_cruise_current(PlanRequest& request, double current_a);

} // namespace sobremesa::mission
