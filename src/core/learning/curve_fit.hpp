#pragma once

#include <cstdint>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/airframe/aircraft.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/units/error.hpp"

namespace sobremesa::learning {

/// What one flight teaches of its aircraft.
struct FlightObservation {
    /// Number of the flight in the book, for naming it again.
    std::int64_t flight_id = 0;
    double all_up_mass_kg = 0.0;
    /// Of the air at the field, and how it thins with the height of the points.
    double field_elevation_m = 0.0;
    double field_temperature_c = 15.0;
    std::vector<telemetry::LevelPoint> level;
    std::vector<telemetry::ClimbPoint> climbs = {};
    /// Steady flight whose airspeeds are found along with the curve; where there are none, `level` counts.
    std::vector<telemetry::SteadyPiece> pieces = {};
};

/// Airspeed and power as the pilot knows them, level, without a log.
struct KnownPair {
    double airspeed_mps = 0.0;
    double power_w = 0.0;
};

struct CurveFit {
    airframe::PowerCurve curve;
    /// What each observation, in its order, adds to the curve: its power over that of the curve, relative.
    std::vector<double> off;
    /// Level flight of each observation as the fit sees it: its airspeeds are found with the curve.
    std::vector<std::vector<telemetry::LevelPoint>> flown;
    /// FlightObservations that stand apart from the others by more than three times what flights scatter.
    std::vector<std::size_t> outliers;
    /// Parts of the curve that the flights tell hardly more of than was assumed: 0 induced, 1 profile, 2 parasite.
    std::vector<std::size_t> assumed_parts;
};

/// Common practice, no source: what one flight differs from another with the same aircraft, relative (the current
/// sensor's scale, the day, the pilot).
inline constexpr double usual_scatter = 0.05;

/// A power curve from as little or as much as there is.
///
/// Robust nonlinear least squares in the logarithms of the parts (Huber's weights; Levenberg's damping): every
/// piece of steady flight of every flight with an airspeed of its own, tied to its velocities over ground by the
/// flight's wind, which is found with it (`CurveSolver`); where a book keeps points at airspeeds only, those; one
/// unknown a flight for what makes it differ as a whole (± the scatter), the pilot's known cruise (± 8 %) and pairs
/// (± 6 %), and priors on the parts. Those come from the airframe where its data are given (span; rotors and
/// propellers), else from the shares of the known cruise, and are wide: half or twice. Point errors in airspeed
/// count by the slope of the curve. The scatter is estimated along with it, from 5 % on.
///
/// Climbs, less what level flight at their airspeed takes, give the efficiency that later climbs are forecast with:
/// a weighted straight line over airspeed with the usual efficiency as prior (see `airframe::ClimbEfficiency`).
///
/// Without an observation the curve is the known cruise and physics.
/// @param pairs  given at the known cruise's mass and density
/// @error as `airframe::validate`
units::Result<CurveFit> fit_curve(const airframe::Aircraft& aircraft, double reference_mass_kg,
                                  const std::vector<FlightObservation>& observations,
                                  const std::vector<KnownPair>& pairs = {});

/// One leg of a test that shows the whole curve in a few minutes.
struct StepTestLeg {
    double airspeed_mps = 0.0;
    double seconds = 0.0;
    /// Flown back on the opposite course, so that wind along it cancels.
    bool back = false;
};

/// Five speeds from slow to fast, each out and back: what the log of it then teaches is read like any other.
/// @param slowest_mps  not to be flown slower than: 1.2 × the stall, or the known slowest
std::vector<StepTestLeg> step_test(const airframe::Aircraft& aircraft, double slowest_mps);

} // namespace sobremesa::learning
