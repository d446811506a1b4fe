#pragma once

#include <optional>
#include <vector>

#include "core/airframe/aircraft.hpp"
#include "core/battery/discharge.hpp"
#include "core/matching/what_if.hpp"
#include "core/mission/plan.hpp"

namespace sobremesa::matching {

/// What full throttle gives at one state of charge, and what is wanted of it.
struct HeadroomPoint {
    double charge_used_ah = 0.0;
    double time_s = 0.0;
    double cell_v = 0.0;
    /// Of the pack at full throttle, W.
    double full_power_w = 0.0;
};

struct Headroom {
    std::vector<HeadroomPoint> points;
    double level_w = 0.0;
    double climb_w = 0.0;
    /// Where full throttle no longer holds level flight, or the wanted climb; empty: it does until landing.
    std::optional<HeadroomPoint> level_ends;
    std::optional<HeadroomPoint> climb_ends;
    /// Duty on a full pack, 0 … 1, within the ratings of controllers and motors; empty: none is known, or full
    /// throttle keeps it.
    std::optional<double> throttle_cap;
    /// From where on full throttle keeps that limit by itself; empty: not before the landing, or no cap.
    std::optional<HeadroomPoint> cap_ends;
    /// Launch of a full pack at `launch_duty`: rate of climb, m/s, and its angle at the known cruise airspeed,
    /// degrees.
    double launch_climb_mps = 0.0;
    double launch_angle_deg = 0.0;
};

/// Throttle at which wings are launched: common practice, no source.
inline constexpr double launch_duty = 0.85;

/// Headroom along a flight at cruise power.
///
/// With a fixed propeller the motors' current goes as (duty·V)², the pack's as duty³·V² (model notes): full
/// throttle, known at the volts of a full pack, falls with the cube of the volts, and never takes more than the
/// pack can give above its chemistry's floor: a burst of throttle may dip below the landing voltage. Throttle cap:
/// √(limit over current at full throttle).
/// @param level_w   power of level flight
/// @param climb_w   of the climb that must still be possible
/// @return nothing where full power is not known, or the pack gives nothing
std::optional<Headroom> headroom(const airframe::Aircraft& aircraft, const battery::Pack& pack, double level_w,
                                 double climb_w, double landing_cell_v, double air_temperature_c);

/// The same along a plan's own cruise, with the climb of its mission: what the alarm sheet says of the throttle.
std::optional<Headroom> headroom(const mission::Plan& plan);

/// The same at the known cruise, with the climb of the plan.
std::optional<Headroom> headroom(const airframe::Aircraft& aircraft, const airframe::PowerCurve& curve,
                                 const FlownAs& flown);

} // namespace sobremesa::matching
