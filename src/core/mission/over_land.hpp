#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// The moment from which a flight stays clear of every no-landing area.
struct OverLand {
    /// The area that it leaves last.
    std::string area;
    /// Used since launch, Ah; since launch, s; flown, m.
    double charge_used_ah = 0.0;
    double time_s = 0.0;
    double flown_m = 0.0;
    geodesy::EastNorth at;
    /// All of its way over such areas, m over ground.
    double above_areas_m = 0.0;
    /// It comes down in one: there is no such moment, and the above is the landing.
    bool lands_inside = false;
};

/// When the legs of a flight are over land for good.
/// @return nothing where they cross no such area
std::optional<OverLand> over_land(const std::vector<FlightLeg>& legs, const std::vector<NoLandingArea>& areas);

/// That of the planned flight: turned at the latest, home in the worst credible wind.
std::optional<OverLand> over_land(const Plan& plan);

/// The pilot's own charge for it, or where the reserve begins, Ah.
double over_land_limit_ah(const Plan& plan);

/// The areas that a place lies in; nothing where one may land.
const NoLandingArea* no_landing_at(const std::vector<NoLandingArea>& areas, const geodesy::EastNorth& at);

} // namespace sobremesa::mission
