#include "cli/curve_json.hpp"

#include <array>
#include <cmath>

namespace sobremesa::cli {

const char* part_word(std::size_t part) {
    static constexpr std::array<const char*, airframe::curve_coefficients> words = {"induced", "profile",
                                                                                    "parasite"};
    return words[part];
}

namespace {

Json efficiency_json(const airframe::ClimbEfficiency& climbing) {
    const auto at = airframe::efficiency_at(climbing, climbing.reference_airspeed_mps);
    return {{"climbs", climbing.climbs},
            {"airspeed_mps", climbing.climbs > 0 ? Json(climbing.reference_airspeed_mps) : Json(nullptr)},
            {"efficiency", at.value},
            {"efficiency_sd", at.sd},
            {"per_mps", climbing.slope_known ? Json(climbing.per_mps) : Json(nullptr)},
            {"per_mps_sd", climbing.slope_known ? Json(std::sqrt(climbing.variance_per_mps)) : Json(nullptr)}};
}

} // namespace

Json curve_json(const airframe::PowerCurve& curve, const airframe::SpeedQuestion& question) {
    Json points = Json::array();
    const double from = 0.7 * std::min(curve.least_flown_mps, curve.reference_airspeed_mps);
    const double to = 1.4 * std::max(curve.most_flown_mps, curve.reference_airspeed_mps);
    constexpr int steps = 30;
    for (int i = 0; i <= steps; ++i) {
        const double v = std::lerp(from, to, double(i) / steps);
        const auto power = airframe::level_power_w(curve, v, question.all_up_mass_kg, question.density_kgm3);
        points.push_back({{"airspeed_mps", v}, {"power_w", power.value}, {"power_sd_w", power.sd}});
    }
    Json parts = Json::object();
    for (std::size_t i = 0; i < airframe::curve_coefficients; ++i) parts[part_word(i)] = curve.part_w[i];
    return {{"reference_mass_kg", curve.reference_mass_kg},
            {"reference_airspeed_mps", curve.reference_airspeed_mps},
            {"parts_w", parts},
            {"electronics_w", curve.electronics_w},
            {"climb_efficiency", efficiency_json(curve.climbing)},
            {"scatter", curve.scatter},
            {"least_flown_mps", curve.least_flown_mps},
            {"most_flown_mps", curve.most_flown_mps},
            {"points", points}};
}

} // namespace sobremesa::cli
