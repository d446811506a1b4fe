#pragma once

#include <vector>

#include "core/geodesy/geodesic.hpp"
#include "core/units/error.hpp"

namespace sobremesa::sun {

inline constexpr double seconds_per_day = 86400.0;
/// Moments that anything here is asked about: years 1900 … 2099, seconds since 1970, UTC.
inline constexpr double earliest_utc_s = -2208988800.0;
inline constexpr double latest_utc_s = 4102444800.0;

struct SunDirection {
    /// Of the sun's centre above the horizontal, without refraction, degrees.
    double elevation_deg = 0.0;
    /// From true north over east, [0, 360).
    double azimuth_deg = 0.0;
    /// To the sun, astronomical units.
    double distance_au = 1.0;
};

/// The sun over one place for a day or two.
///
/// Right ascension, declination, distance and sidereal time come from libnova (VSOP87, precession, nutation), every
/// three hours; between these the hour angle and the declination are interpolated by cubics, to 1e-5 °. Parallax of
/// the observer is taken off. Checked against the worked example of Reda & Andreas, NREL/TP-560-34302, to
/// 0.001 °, and against astropy to 0.003 ° (1995 … 2047).
class SolarDay {
public:
    /// @param from_utc_s  seconds since 1970, UTC; years 1900 … 2100, in which the difference of the clocks is
    /// assumed
    ///                    as libnova has it
    /// @param span_s      how long from there directions are wanted, at most a week
    /// @error `position_impossible`, `value_out_of_range` naming `date`
    static units::Result<SolarDay> over(const geodesy::Position& at, double from_utc_s, double span_s);

    /// @param utc_s  within the span
    SunDirection at(double utc_s) const;
    double fromUtcS() const { return from_utc_s_; }
    double spanS() const { return span_s_; }

private:
    struct Node {
        double hour_angle_deg; ///< at Greenwich, growing without a jump
        double declination_deg;
        double distance_au;
    };
    geodesy::Position place_;
    double from_utc_s_ = 0.0;
    double span_s_ = 0.0;
    double first_node_s_ = 0.0;
    std::vector<Node> nodes_;
};

} // namespace sobremesa::sun
