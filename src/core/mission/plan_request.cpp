#include "core/mission/plan_request.hpp"

#include <algorithm>
#include <array>

#include "core/units/limits.hpp"

namespace sobremesa::mission {

namespace {

struct SchoolName {
    School school;
    const char* word;
};

constexpr std::array<SchoolName, 6> school_names = {{{School::energy_home, "energy-home"},
                                                     {School::share_left, "share-left"},
                                                     {School::eighty_percent, "eighty-percent"},
                                                     {School::charge_count, "charge-count"},
                                                     {School::voltage, "voltage"},
                                                     {School::chance, "chance"}}};

units::Limit limit_of(const Reserve& reserve) {
    if (const auto* share = std::get_if<ShareOfUsable>(&reserve)) {
        return {"reserve.share_of_usable", share->share, 0, 0.95};
    }
    if (const auto* loiter = std::get_if<LoiterAtHome>(&reserve)) {
        return {"reserve.loiter_min", loiter->minutes, 0, 600};
    }
    return {"reserve.home_factor", std::get<FactorOnWayHome>(reserve).factor, 1, 10};
}

} // namespace

const char* school_word(School school) {
    const auto* found =
        std::find_if(school_names.begin(), school_names.end(), [&](const auto& n) { return n.school == school; });
    return found->word;
}

std::optional<School> school_from_word(const std::string& word) {
    const auto* found =
        std::find_if(school_names.begin(), school_names.end(), [&](const auto& n) { return word == n.word; });
    if (found == school_names.end()) return std::nullopt;
    return found->school;
}

const std::vector<School>& deterministic_schools() {
    static const std::vector<School> schools = {School::energy_home, School::share_left, School::eighty_percent,
                                                School::charge_count, School::voltage};
    return schools;
}

double landing_cell_v(const PlanRequest& request) {
    return request.landing_cell_v.value_or(battery::traits(request.pack.chemistry).default_landing_cell_v);
}

double all_up_mass_kg(const PlanRequest& request) {
    return request.aircraft.mass_kg + request.pack.mass_kg;
}

units::Result<PlanRequest> checked(PlanRequest request) {
    if (auto aircraft = airframe::checked(request.aircraft); !aircraft) return tl::unexpected(aircraft.error());
    if (auto pack = battery::checked(request.pack); !pack) return tl::unexpected(pack.error());
    const Weather& weather = request.weather;
    const units::Limit limits[] = {
        {"weather.wind_mps", weather.wind.speed_mps, 0, 60},
        {"weather.wind_from_deg", weather.wind.from_deg, -360, 360},
        {"weather.wind_height_m", weather.wind_height_m.value_or(0.0), 0, 10000},
        {"weather.wind_sd_mps", weather.wind_sd_mps, 0, 20},
        {"weather.home_wind_factor", weather.home_wind_factor, 1, 5},
        {"weather.gust_mps", weather.gust_mps, 0, 60},
        {"weather.temperature_c", weather.temperature_c, -60, 60},
        {"weather.field_elevation_m", weather.field_elevation_m, -500, 6000},
        {"mission.bearing_deg", request.mission.bearing_deg, -360, 360},
        {"mission.height_m", request.mission.height_m, 0, 4500},
        {"mission.climb_rate_mps", request.mission.climb_rate_mps, 0.1, 30},
        {"mission.descent_rate_mps", request.mission.descent_rate_mps, 0.1, 30},
        {"mission.height_ceiling_m", request.height_ceiling_m, 0, 10000},
        {"landing.cell_voltage_v", landing_cell_v(request), 1.5,
         battery::traits(request.pack.chemistry).full_cell_v},
        {"turn.share_left", request.turn.share_left, 0.05, 0.95},
        {"turn.landing_charge_ah", request.turn.landing_charge_ah.value_or(1.0), 0.001, 10000},
        limit_of(request.reserve),
    };
    if (auto error = units::first_outside(limits)) return tl::unexpected(*error);
    return request;
}

} // namespace sobremesa::mission
