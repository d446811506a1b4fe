#pragma once

#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/airframe/aircraft.hpp"
#include "core/atmosphere/wind.hpp"
#include "core/battery/pack.hpp"

namespace sobremesa::mission {

struct Weather {
    /// Wind aloft, at `wind_height_m`.
    atmosphere::Wind wind;
    /// Empty: the mission's own height.
    std::optional<double> wind_height_m;
    /// How far the forecast may be off, one standard deviation, m/s.
    double wind_sd_mps = 1.0;
    /// The way home is planned in the worst credible wind: forecast times or over this, whichever is dearer. 1:
    /// off.
    double home_wind_factor = 1.3;
    /// Gusts above the mean wind, m/s. Kept with the plan; the chance of coming home will use it.
    double gust_mps = 0.0;
    /// At the field, °C.
    double temperature_c = 15.0;
    /// Field above sea level, m.
    double field_elevation_m = 0.0;
};

/// Out on a bearing, and back to where it began.
struct OutAndBack {
    double bearing_deg = 0.0;
    /// Above home, m.
    double height_m = 0.0;
    double climb_rate_mps = 2.5;
    double descent_rate_mps = 1.5;
};

/// The three ways of keeping something back.
struct ShareOfUsable {
    double share = 0.2;
};
struct LoiterAtHome {
    double minutes = 5.0;
};
struct FactorOnWayHome {
    double factor = 1.5;
};
using Reserve = std::variant<ShareOfUsable, LoiterAtHome, FactorOnWayHome>;

/// How practitioners decide to turn for home.
enum class School { energy_home, share_left, eighty_percent, charge_count, voltage, chance };

/// Stable word for scripts: `energy-home`, `share-left`, …
const char* school_word(School school);
std::optional<School> school_from_word(const std::string& word);
/// The schools that can be worked out without a forecast of chance, in a fixed order.
const std::vector<School>& deterministic_schools();

struct TurnRules {
    /// Those that count; the turn is the earliest among them.
    std::vector<School> counted = {School::energy_home};
    /// `share-left` turns when this share of the usable charge is left (55–60 % by common practice).
    double share_left = 0.6;
    /// `charge-count` lands at this charge, Ah, and turns at half of it. Empty: the usable charge.
    std::optional<double> landing_charge_ah;
};

struct PlanRequest {
    std::string name;
    airframe::Aircraft aircraft;
    battery::Pack pack;
    Weather weather;
    OutAndBack mission;
    Reserve reserve = ShareOfUsable{};
    /// Per cell under cruise load, V. Empty: the chemistry's usual one.
    std::optional<double> landing_cell_v;
    TurnRules turn;
    /// The pilot's own height limit above ground, m. Local rules decide.
    double height_ceiling_m = 120.0;
};

/// Landing voltage that the plan works with.
double landing_cell_v(const PlanRequest& request);
double all_up_mass_kg(const PlanRequest& request);

/// @error `value_out_of_range` naming the field
units::Result<PlanRequest> checked(PlanRequest request);

} // namespace sobremesa::mission
