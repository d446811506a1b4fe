#pragma once

#include <optional>
#include <vector>

#include "core/units/estimate.hpp"

namespace sobremesa::radio {

/// What a link showed over distance.
struct LinkReading {
    double distance_m = 0.0;
    /// Signal, dBm, or link quality, 0 … 1.
    double reading = 0.0;
};

enum class LinkKind { signal_dbm, quality_share };

struct LinkReach {
    LinkKind kind = LinkKind::signal_dbm;
    /// Where it would fall to the failsafe level, m; empty where the readings do not fall with distance, or the
    /// level lies beyond three times what was flown.
    std::optional<units::Estimate> failsafe_m;
    double failsafe_level = 0.0;
    double farthest_m = 0.0;
    /// The worst reading and where it was met.
    LinkReading worst;
    /// Fall per decade of distance (dB) for a signal, per kilometre for a quality.
    double fall = 0.0;
};

/// Carries a measured link on to its failsafe level.
///
/// Distances are cut into parts of equal length (of equal ratio for a signal), each with its median. A signal falls
/// along a line over the logarithm of the distance, by 20 dB a decade in free space (ITU-R P.525); that slope is
/// the prior, ± 6 dB. A quality falls along a line over the distance. The line is then lowered to the worst tenth
/// of the readings: it is the fades that cut a link.
/// @return nothing with fewer than four parts that hold ten readings each
std::optional<LinkReach> link_reach(LinkKind kind, const std::vector<LinkReading>& readings, double failsafe_level);

/// Free space loss, dB: 32.4 + 20·log f(MHz) + 20·log d(km). ITU-R P.525.
double free_space_loss_db(double frequency_mhz, double distance_m);

/// Distance to the radio horizon over a smooth earth of 4/3 radius, m, between two heights above it.
double radio_horizon_m(double height_a_m, double height_b_m);

/// Radius of the first Fresnel zone, m, at a point of a path.
double fresnel_radius_m(double frequency_mhz, double to_one_end_m, double to_other_end_m);

} // namespace sobremesa::radio
