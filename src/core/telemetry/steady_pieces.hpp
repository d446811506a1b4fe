#pragma once

#include <vector>

#include "core/units/estimate.hpp"

namespace sobremesa::telemetry {

struct Motion;
struct Segment;

/// Mean velocity over ground of a part of steady flight: a straight way of half a minute, or what was flown into
/// one direction of a circle.
struct GroundVelocity {
    double east_mps = 0.0;
    double north_mps = 0.0;
    /// By how much the mean of the directions is shorter than the speed: 1 straight.
    double straightness = 1.0;
    double seconds = 0.0;
    /// Middle, since the first row.
    double time_s = 0.0;
};

/// A piece of flight, level or loitering, on one power and so at one airspeed, which nobody needs to know yet: the
/// power curve and the wind of the flight are fitted to all pieces of all flights together.
struct SteadyPiece {
    /// 0: a turn from one course to another, which tells of the wind alone.
    units::Estimate power_w;
    /// Above the launch, m.
    double height_m = 0.0;
    double seconds = 0.0;
    std::vector<GroundVelocity> velocities;
    /// Scatter of the velocity's ten-second means, m/s: gusts.
    double gust_mps = 0.0;
};

/// Cuts level and loitering flight where its power changes by more than a tenth for half a minute, and where a
/// straight course ends. Pieces of less than 20 s are left out. Turns of 60° or more follow, without power.
/// @param climb_cost_w_per_mps  what slow climbs are taken off at; 0: not known
std::vector<SteadyPiece> steady_pieces(const Motion& motion, const std::vector<Segment>& segments,
                                       double climb_cost_w_per_mps);

} // namespace sobremesa::telemetry
