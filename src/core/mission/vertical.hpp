#pragma once

#include <vector>

#include "core/mission/flight_conditions.hpp"

namespace sobremesa::mission {

/// One climb or descent, in bands of height, because the wind, the air and so the ground speed change on the way.
struct VerticalBand {
    double top_height_m = 0.0;
    double bottom_height_m = 0.0;
    double power_w = 0.0;
    double duration_s = 0.0;
    double ground_m = 0.0;
    /// Airspeed over the ground's plane, m/s.
    double horizontal_mps = 0.0;
    /// Forecast there at the start of the flight, and what it may be off by, m/s.
    atmosphere::Wind steady;
    double error_mps = 0.0;

    double height_m() const { return 0.5 * (top_height_m + bottom_height_m); }
};

struct Vertical {
    std::vector<VerticalBand> bands; ///< in the order flown
    bool wind_allows = true;
};

/// Where, how and when a climb or descent is flown.
struct VerticalSense {
    double course_deg = 0.0;
    /// From one height above home to the other, m.
    double from_m = 0.0;
    double to_m = 0.0;
    double airspeed_mps = 0.0;
    /// Above 0.
    double rate_mps = 1.0;
    /// In the worst credible wind.
    bool return_flight = false;
    double time_s = 0.0;
    /// Where above 0, no steeper than evenly over so much of the way, m.
    double even_over_m = 0.0;
};
Vertical fly_vertical(const PlanRequest& request, const FlightConditions& conditions, const VerticalSense& sense);

/// The bands alone, without a ground distance: what does not depend on the course.
std::vector<VerticalBand> vertical_bands(const PlanRequest& request, const FlightConditions& conditions,
                                         const VerticalSense& sense);

Vertical climb_out(const PlanRequest& request, const FlightConditions& conditions);

} // namespace sobremesa::mission
