#include "core/geodesy/wind_triangle.hpp"

#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::geodesy {

units::Result<Heading> wind_triangle(double course_deg, double airspeed_mps, double wind_from_deg,
                                     double wind_mps) {
    const double angle_rad = units::radians(wind_from_deg - course_deg);
    const double cross_mps = wind_mps * std::sin(angle_rad);
    const double head_mps = wind_mps * std::cos(angle_rad);
    const bool course_can_be_held = std::abs(cross_mps) < airspeed_mps;
    const double ground_speed_mps =
        course_can_be_held ? std::sqrt(airspeed_mps * airspeed_mps - cross_mps * cross_mps) - head_mps : 0.0;
    if (!course_can_be_held || ground_speed_mps < least_ground_speed_mps) {
        return units::failure(units::ErrorCode::wind_too_strong, {},
                              {{"cross_wind_mps", std::abs(cross_mps)},
                               {"head_wind_mps", head_mps},
                               {"airspeed_mps", airspeed_mps},
                               {"ground_speed_mps", ground_speed_mps}});
    }
    const double correction_deg = units::degrees(std::asin(cross_mps / airspeed_mps));
    return Heading{units::wrap_degrees(course_deg + correction_deg), ground_speed_mps};
}

} // namespace sobremesa::geodesy
