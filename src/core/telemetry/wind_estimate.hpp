#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/telemetry/air_motion.hpp"
#include "core/telemetry/leg_power.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::telemetry {

/// What the log says of the wind.
enum class WindKnowledge {
    known,
    /// One component is known, the other cannot be told from the airspeed.
    along_only,
    no_position, ///< neither position nor ground speed with course
    too_short,
    hardly_moved, ///< it hovered: what holds its place shows no wind, however strong it is
    speed_held,   ///< the same speed over ground on every course, on a draw that differed: position control
    no_turn,      ///< neither component is known to 1.5 m/s
};

/// Stable word for scripts.
const char* wind_knowledge_word(WindKnowledge knowledge);

/// The wind of a part of the flight.
struct WindWindow {
    double start_s = 0.0;
    double end_s = 0.0;
    double height_m = 0.0;
    units::Estimate speed_mps;
    units::Estimate from_deg;
};

struct WindEstimate {
    WindKnowledge knowledge = WindKnowledge::no_position;
    /// Mean over the flight; where the air goes to.
    double east_mps = 0.0;
    double north_mps = 0.0;
    /// Of (east, north): east², east·north, north².
    std::array<double, 3> covariance_m2ps2{};
    units::Estimate speed_mps;
    units::Estimate from_deg;
    units::Estimate airspeed_mps;
    /// How the wind grew during the flight, m/s per hour, along its own direction.
    units::Estimate growth_mps_per_h;
    /// Direction of the component that is known best, degrees from north, [0, 180), and the sd of both, m/s.
    double known_along_deg = 0.0;
    double best_sd_mps = 0.0;
    double worst_sd_mps = 0.0;
    /// All turning added up, full circles of 360°.
    double turned_deg = 0.0;
    bool used_heading = false;
    bool used_airspeed = false;
    /// Legs were flown on different power, so their airspeeds differ: tied to each other by it.
    bool used_power = false;
    std::vector<WindWindow> windows;

    bool known() const { return knowledge == WindKnowledge::known; }
};

/// A component is known when its sd is not above this, m/s.
inline constexpr double known_sd_mps = 1.5;

/// Wind and airspeed from the ground velocities of a flight.
///
/// At a steady airspeed they lie on a circle around the wind: |v − w| = V, fitted by least squares (Levenberg-
/// Marquardt) with Huber's weights; headings and airspeeds join where the log has them and they fit. The wind
/// follows the height by the 1/7 power law and may grow linearly; both components of growth have a prior of ± 3 m/s
/// an hour. Gusts last: the covariance is that of residuals which hang together over half a minute (Newey & West,
/// Econometrica 55(3), 1987), and never less than what independent ones would give.
///
/// Left out, where no airspeed was measured, is what hovered for ten seconds and more: an aircraft that holds its
/// place has the wind for its airspeed, and its ground velocity says nothing of it. Nor does one that was flown
/// slower than 3 m/s all the while: so slow, position control sets the speed over ground. One that holds the same
/// speed over ground on every course looks like one in still air; what it draws tells them apart, for the same
/// airspeed takes the same power on every course.
///
/// Where straight legs were flown on clearly different power (`powers_differ`) and no airspeed was measured, each
/// has its own airspeed, V ∝ P^g; what g may be off by goes into the covariance.
///
/// @param airspeed_hint  cruise airspeed by the pilot, with its sd; helps where the flight did not turn
/// @param airspeed_per_power  g = d ln V / d ln P of level flight
WindEstimate wind_estimate(const Motion& motion, std::optional<units::Estimate> airspeed_hint = std::nullopt,
                           units::Estimate airspeed_per_power = usual_airspeed_per_power);

/// Air velocity at a moment, m/s: ground velocity less the estimated wind at that height and time. NaN where the
/// velocity is not known.
double airspeed_at(const Motion& motion, const WindEstimate& wind, std::size_t moment);

/// The answers to "why?" for wind speed, direction and airspeed; nothing while the wind is not known.
std::optional<units::Explanation> explain(const WindEstimate& wind, units::Quantity quantity);

} // namespace sobremesa::telemetry
