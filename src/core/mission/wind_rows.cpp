#include "core/mission/wind_rows.hpp"

#include <algorithm>

#include "core/mission/winds.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// No one feels it, and it shows as nought.
constexpr double trace_mps = 1e-3;

} // namespace

void add_wind_height(PlanRequest& request) {
    auto& table = request.weather.wind_table;
    if (table.size() > 1) {
        atmosphere::WindAtHeight above = table.back();
        above.height_m += wind_height_step_m;
        table.push_back(above);
        return;
    }
    table.clear();
    const double high_m = std::max(request.mission.height_m, 2.0 * low_wind_height_m);
    // The law speaks as long as the table is empty.
    const atmosphere::Wind low = air_column(request).steady(low_wind_height_m);
    const atmosphere::Wind high = air_column(request).steady(high_m);
    table = {{low_wind_height_m, low}, {high_m, high}};
}

void remove_wind_height(PlanRequest& request, std::size_t row) {
    auto& weather = request.weather;
    if (row >= weather.wind_table.size()) return;
    weather.wind_table.erase(weather.wind_table.begin() + std::ptrdiff_t(row));
    if (weather.wind_table.size() != 1) return;
    weather.wind = weather.wind_table.front().wind;
    weather.wind_height_m = weather.wind_table.front().height_m;
    weather.wind_table.clear();
}

void sort_wind_heights(Weather& weather) {
    std::stable_sort(weather.wind_table.begin(), weather.wind_table.end(),
                     [](const auto& a, const auto& b) { return a.height_m < b.height_m; });
}

atmosphere::Wind spoken_wind(const PlanRequest& request) {
    if (request.weather.wind_table.size() < 2) return request.weather.wind;
    return atmosphere::wind_from_table(request.weather.wind_table, request.mission.height_m);
}

void set_spoken_wind(PlanRequest& request, const atmosphere::Wind& wind) {
    auto& weather = request.weather;
    if (weather.wind_table.size() < 2) {
        weather.wind = wind;
        return;
    }
    const auto before = spoken_wind(request);
    const double turn_deg = wind.from_deg - before.from_deg;
    const bool calm = before.speed_mps < 0.5 * trace_mps;
    const double factor = calm ? 1.0 : std::max(wind.speed_mps, trace_mps) / before.speed_mps;
    const double more_mps = calm ? wind.speed_mps - before.speed_mps : 0.0;
    for (auto& row : weather.wind_table) {
        row.wind.speed_mps = std::max(factor * row.wind.speed_mps + more_mps, 0.0);
        row.wind.from_deg = units::wrap_degrees(row.wind.from_deg + turn_deg);
    }
}

PlanRequest windier(PlanRequest request, double wind_mps, double growth_mps_per_h) {
    const auto wind = spoken_wind(request);
    set_spoken_wind(request, {wind.speed_mps + wind_mps, wind.from_deg});
    request.weather.wind_growth_mps_per_h += growth_mps_per_h;
    return request;
}

} // namespace sobremesa::mission
