#include "core/mission/winds.hpp"

#include <algorithm>
#include <cmath>

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/roots.hpp>

#include "core/airframe/speeds_to_fly.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// Half of the digits of a double is all that a minimum has.
constexpr int minimum_bits = 16;

} // namespace

AirspeedRange airspeed_range(const PlanRequest& request, double density_kgm3) {
    const auto& aircraft = request.aircraft;
    const double mass_kg = all_up_mass_kg(request);
    AirspeedRange range{0.6 * aircraft.cruise_airspeed_mps, 1.6 * aircraft.cruise_airspeed_mps};
    if (aircraft.curve) {
        range.least_mps = std::min(0.8 * aircraft.curve->least_flown_mps, aircraft.cruise_airspeed_mps);
        range.most_mps = 1.4 * std::max(aircraft.curve->most_flown_mps, aircraft.cruise_airspeed_mps);
    }
    const double flown_mps = aircraft.curve
                                 ? std::min(aircraft.curve->least_flown_mps, aircraft.cruise_airspeed_mps)
                                 : aircraft.cruise_airspeed_mps;
    if (const auto slowest = airframe::slowest_wing_mps(aircraft, mass_kg, density_kgm3, flown_mps))
        range.least_mps = std::max(range.least_mps, *slowest);
    range.most_mps = std::max(range.most_mps, range.least_mps);
    return range;
}

namespace {

struct LeastPower {
    double airspeed_mps;
    double power_w;
};

double level_power_w(const PlanRequest& request, double airspeed_mps, double density_kgm3) {
    const double mass_kg = all_up_mass_kg(request);
    const auto level = airframe::power_w(request.aircraft, mass_kg, {airspeed_mps, mass_kg, density_kgm3, 0.0});
    return level ? level->value : HUGE_VAL;
}

LeastPower least_power(const PlanRequest& request, double density_kgm3) {
    const AirspeedRange range = airspeed_range(request, density_kgm3);
    const auto [airspeed_mps, power_w] =
        boost::math::tools::brent_find_minima([&](double v) { return level_power_w(request, v, density_kgm3); },
                                              range.least_mps, range.most_mps, minimum_bits);
    return {airspeed_mps, power_w};
}

} // namespace

double least_level_power_w(const PlanRequest& request, double density_kgm3) {
    return least_power(request, density_kgm3).power_w;
}

std::optional<double> leg_airspeed(const PlanRequest& request, SpeedRule rule, double course_deg,
                                   const atmosphere::Wind& wind, double density_kgm3) {
    const auto& aircraft = request.aircraft;
    if (rule == SpeedRule::known_cruise) return aircraft.cruise_airspeed_mps;
    if (rule == SpeedRule::fixed) return request.mission.airspeed_mps.value_or(aircraft.cruise_airspeed_mps);
    const AirspeedRange range = airspeed_range(request, density_kgm3);
    const auto power = [&](double airspeed_mps) { return level_power_w(request, airspeed_mps, density_kgm3); };
    if (rule == SpeedRule::best_range) {
        const auto energy_per_metre = [&](double airspeed_mps) {
            const auto flown = heading(course_deg, airspeed_mps, wind);
            // No way made: the more the slower, so that the search leaves this end.
            return flown ? power(airspeed_mps) / flown->ground_speed_mps : 1e9 * (1.0 + 1.0 / airspeed_mps);
        };
        const auto best =
            boost::math::tools::brent_find_minima(energy_per_metre, range.least_mps, range.most_mps, minimum_bits);
        return heading(course_deg, best.first, wind) ? std::optional(best.first) : std::nullopt;
    }
    if (!aircraft.full_power_w) return std::nullopt;
    const double most_w = request.mission.most_power_share * *aircraft.full_power_w;
    const auto over = [&](double airspeed_mps) { return power(airspeed_mps) - most_w; };
    if (over(range.most_mps) <= 0.0) return range.most_mps;
    // The power rises from its least on: look on that side.
    const double slow_mps = least_power(request, density_kgm3).airspeed_mps;
    if (over(slow_mps) > 0.0) return std::nullopt;
    boost::uintmax_t rounds = 60;
    const auto found = boost::math::tools::toms748_solve(over, slow_mps, range.most_mps,
                                                         boost::math::tools::eps_tolerance<double>(30), rounds);
    return 0.5 * (found.first + found.second);
}

} // namespace sobremesa::mission
