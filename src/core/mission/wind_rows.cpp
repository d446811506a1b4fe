#include "core/mission/wind_rows.hpp"

#include <algorithm>

#include "core/mission/winds.hpp"

namespace sobremesa::mission {

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
    const atmosphere::Wind low = Winds(request).steady(low_wind_height_m);
    const atmosphere::Wind high = Winds(request).steady(high_m);
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

} // namespace sobremesa::mission
