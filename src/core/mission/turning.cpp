#include "core/mission/turning.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::mission {

double Turning::seconds(double turn_deg) const {
    if (radius_m <= 0.0 || std::abs(turn_deg) < least_turn_deg) return 0.0;
    const double angle = units::radians(std::abs(turn_deg));
    return radius_m / airspeed_mps * (angle - level_w / banked_w * std::sin(angle));
}

Turning turning(const PlanRequest& request, double airspeed_mps, double density_kgm3, double level_w) {
    if (!request.mission.turn_bank_deg || !(airspeed_mps > 0.0)) return {};
    const double bank = units::radians(*request.mission.turn_bank_deg);
    const double mass_kg = all_up_mass_kg(request);
    const auto banked =
        airframe::power_w(request.aircraft, mass_kg, {airspeed_mps, mass_kg / std::cos(bank), density_kgm3, 0.0});
    return {airspeed_mps * airspeed_mps / (units::standard_gravity_mps2 * std::tan(bank)), airspeed_mps, level_w,
            banked ? std::max(banked->value, level_w) : level_w};
}

} // namespace sobremesa::mission
