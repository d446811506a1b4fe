#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Adds a height to the winds by height, to be changed to what the forecast says. The first time two come at once,
/// at `low_wind_height_m` and at the mission's height (or as much above): what the one wind and its law say there,
/// so that nothing changes yet. Later ones lie `wind_height_step_m` above the highest, with its wind.
void add_wind_height(PlanRequest& request);

/// Takes a row out. One alone says no more than the one wind: it goes too, and becomes that wind at its height.
/// @param row  beyond the table: nothing happens
void remove_wind_height(PlanRequest& request, std::size_t row);

/// Lowest first, as the winds are kept; rows of one height in the order they came.
void sort_wind_heights(Weather& weather);

/// The wind in a word or two: the one wind as the pilot gave it, or where there are winds by height, theirs at the
/// mission's height.
atmosphere::Wind spoken_wind(const PlanRequest& request);

/// Makes it another. Winds by height turn by as much and grow in proportion, as the one wind's law does, so that
/// they keep their shape; made calm they are left a trace of wind, or a figure typed digit by digit would lose it
/// for good.
void set_spoken_wind(PlanRequest& request, const atmosphere::Wind& wind);

/// The same plan in a wind that is stronger, and that grows faster, by so much.
PlanRequest windier(PlanRequest request, double wind_mps, double growth_mps_per_h);

/// Where weather services give the wind near the ground, m (WMO-No. 8, Guide to Instruments and Methods of
/// Observation).
inline constexpr double low_wind_height_m = 10.0;
inline constexpr double wind_height_step_m = 100.0;

} // namespace sobremesa::mission
