#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Current of the known cruise from this pack at half charge, A: what pilots read off the screen. The volts are
/// those under that load, at 23 °C.
double cruise_current_a(const PlanRequest& request);
/// What a current from this pack at half charge is in watts: pilots know amps. The volts are those under that load,
/// at 23 °C.
double power_from_current_w(const PlanRequest& request, double current_a);
/// Makes the known cruise one that draws a current from this pack at half charge.
/// @param current_a  above 0
void set_cruise_current(PlanRequest& request, double current_a);

} // namespace sobremesa::mission
