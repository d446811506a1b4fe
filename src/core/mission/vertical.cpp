#include "core/mission/vertical.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::mission {

namespace {

/// Bands of height in a climb or descent; with the 1/7 law, six hold time and distance to better than 0.3 %.
constexpr int least_bands = 6;
/// More of them where the climb is higher than this, m.
constexpr double usual_band_m = 40.0;
constexpr int most_bands = 32;

/// As gentle as the way allows.
void make_even(const PlanRequest& request, const VerticalSense& sense, double ground_mps, VerticalBand& band) {
    const double V = sense.airspeed_mps;
    const double rate_mps =
        std::min(sense.rate_mps, std::abs(sense.to_m - sense.from_m) * ground_mps / sense.even_over_m);
    if (!(rate_mps > 0.0)) return;
    band.duration_s = (band.top_height_m - band.bottom_height_m) / rate_mps;
    band.horizontal_mps = std::sqrt(std::max(V * V - rate_mps * rate_mps, 0.0));
    const auto power = power_at(request, V, band.height_m(), sense.to_m > sense.from_m ? rate_mps : -rate_mps);
    if (power) band.power_w = power->value;
}

} // namespace

std::vector<VerticalBand> vertical_bands(const PlanRequest& request, const FlightConditions& conditions,
                                         const VerticalSense& sense) {
    std::vector<VerticalBand> bands;
    const double way_m = std::abs(sense.to_m - sense.from_m);
    if (way_m <= 0.0 || sense.rate_mps <= 0.0) return bands;
    const bool up = sense.to_m > sense.from_m;
    const double V = sense.airspeed_mps;
    // The airspeed is flown along the path; over ground only its horizontal part counts.
    const double horizontal_mps = std::sqrt(std::max(V * V - sense.rate_mps * sense.rate_mps, 0.0));
    const int count = std::clamp(int(std::ceil(way_m / usual_band_m)), least_bands, most_bands);
    const double band_m = way_m / count;
    const flying::AirColumn column = air_column(request);
    bands.reserve(std::size_t(count));
    for (int i = 0; i < count; ++i) {
        VerticalBand band;
        band.bottom_height_m = std::min(sense.from_m, sense.to_m) + band_m * (up ? i : count - 1 - i);
        band.top_height_m = band.bottom_height_m + band_m;
        band.horizontal_mps = horizontal_mps;
        band.duration_s = band_m / sense.rate_mps;
        const auto power = power_at(request, V, band.height_m(), up ? sense.rate_mps : -sense.rate_mps);
        band.power_w = power ? power->value : conditions.cruise_power_w.value;
        band.steady = column.steady(band.height_m());
        band.error_mps = column.error_mps(band.height_m());
        bands.push_back(band);
    }
    return bands;
}

Vertical fly_vertical(const PlanRequest& request, const FlightConditions& conditions, const VerticalSense& sense) {
    Vertical vertical{vertical_bands(request, conditions, sense), true};
    const flying::AirColumn column = air_column(request);
    double time_s = sense.time_s;
    for (VerticalBand& band : vertical.bands) {
        const auto flown = [&] {
            atmosphere::Wind wind = column.grown(band.steady, time_s + 0.5 * band.duration_s);
            if (sense.return_flight)
                wind = column.worst_of(wind, band.error_mps, sense.course_deg, band.horizontal_mps);
            return heading(sense.course_deg, band.horizontal_mps, wind);
        };
        auto solved = flown();
        // The gentler the path, the faster over ground: settled in a few rounds.
        constexpr int rounds = 4;
        for (int round = 0; round < rounds && solved && sense.even_over_m > 0.0; ++round) {
            make_even(request, sense, solved->ground_speed_mps, band);
            solved = flown();
        }
        vertical.wind_allows = vertical.wind_allows && solved.has_value();
        band.ground_m = solved ? solved->ground_speed_mps * band.duration_s : 0.0;
        time_s += band.duration_s;
    }
    return vertical;
}

Vertical climb_out(const PlanRequest& request, const FlightConditions& conditions) {
    return fly_vertical(request, conditions,
                        {first_bearing_deg(request), 0.0, request.mission.height_m, conditions.airspeed_out_mps,
                         conditions.climb_rate_mps, false, 0.0});
}

} // namespace sobremesa::mission
