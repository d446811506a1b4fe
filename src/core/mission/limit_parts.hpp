#pragma once

#include "core/mission/limits.hpp"

namespace sobremesa::mission {

// What `check_limits` is made of, each part adding its checks. A plan without a flight adds none.

/// Currents, volts and temperatures: the pack discharged through the flight's own legs.
void add_pack_limits(const Plan& plan, std::vector<LimitCheck>& checks);
/// Heights above ground and the line of sight of the link.
void add_air_limits(const Plan& plan, std::vector<LimitCheck>& checks);
/// Power, stall, wind over a place, and whether the way is flown whole: what no pack makes good.
void add_flyable_limits(const Plan& plan, std::vector<LimitCheck>& checks);

/// From this share of it on a limit is near; common practice, no source.
inline constexpr double near_share = 0.9;

LimitCheck& add_check(std::vector<LimitCheck>& checks, LimitKind kind, units::Quantity quantity);

/// @param above  the limit is a ceiling; else a floor
void judge(LimitCheck& check, double worst, double limit, bool above, double near_by);

/// The flight's legs as a load on the pack, and how long they take, s.
std::vector<battery::LoadPhase> load_of(const std::vector<FlightLeg>& legs);
double seconds_of(const std::vector<FlightLeg>& legs);

} // namespace sobremesa::mission
