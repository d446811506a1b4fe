#pragma once

#include "sim/random_draws.hpp"
#include "sim/scenario.hpp"

namespace sobremesa::sim {

/// What the sun gives an array, by equations of the simulator's own: declination by Cooper, the equation of time by
/// Spencer, direct light by Meinel with a tenth more from the sky. Clouds come and go as a telegraph signal.
class SimulatedSun {
public:
    SimulatedSun(const SimulatedArray& array, double latitude_deg, double longitude_deg);
    /// Out of the converter at a moment, W; moves the clouds on by a step.
    double power_w(RandomDraws& draws, double utc_s, double temperature_c, double airspeed_mps, double step_s);
    bool clouded() const { return clouded_; }

private:
    double clear_w_per_m2(double utc_s) const;
    SimulatedArray array_;
    double latitude_deg_;
    double longitude_deg_;
    bool clouded_ = false;
    double shade_ = 1.0; ///< what gets through; edges of clouds take some seconds
};

/// Irradiance on the level under a clear sky, W/m².
double simulated_clear_sky_w_per_m2(double latitude_deg, double longitude_deg, double utc_s);

} // namespace sobremesa::sim
