#pragma once

#include "core/airframe/speeds_to_fly.hpp"
#include "core/battery/pack.hpp"
#include "core/mission/plan_request.hpp"
#include "core/units/explanation.hpp"

namespace sobremesa::matching {

/// What an aircraft is flown with and in.
struct FlownAs {
    battery::Pack pack;
    double landing_cell_v = 0.0;
    double field_elevation_m = 0.0;
    double height_m = 0.0;
    double temperature_c = 15.0;
    /// Along the course, above 0 from ahead; and across it.
    double head_wind_mps = 0.0;
    double cross_wind_mps = 0.0;
    double climb_rate_mps = 2.5;
};

/// What is changed of it. Empty, or 0: nothing.
struct Change {
    std::optional<double> pack_mass_kg;
    /// A camera taken off: negative.
    double extra_mass_kg = 0.0;
    double extra_electronics_w = 0.0;
    std::optional<double> propeller_diameter_m;
    std::optional<double> rotors;
    std::optional<double> wing_area_m2;
    /// Of a solar array: one cell's area, and how many stand in series; its mass goes with its area.
    std::optional<double> cell_area_m2;
    std::optional<double> cells_series;
    std::optional<double> converter_efficiency;
    std::optional<double> height_m;
    std::optional<double> temperature_c;
};

struct Outcome {
    double all_up_mass_kg = 0.0;
    double density_kgm3 = 0.0;
    airframe::SpeedsToFly speeds;
    /// At the known cruise airspeed, and at the speeds for time and for way.
    units::Estimate cruise_power_w;
    units::Estimate endurance_s;
    std::optional<units::Estimate> range_m;
};

/// Power, endurance and range of an aircraft as it is flown, and after a change.
///
/// Mass and density act through the curve. Other propellers: what holds the aircraft up goes with their disc area
/// (1/√A in hover; Leishman, ch. 2), and the profile power with it as far as the figure of merit stays; what pushes
/// it through the air stays. Another wing area at the same span: half of the parasite drag is the wing's (common
/// practice). The usable energy is the pack's at that power.
/// @error `height_outside_atmosphere`
units::Result<Outcome> outcome_of(const airframe::Aircraft& aircraft, const airframe::PowerCurve& curve,
                                  const FlownAs& flown, const Change& change = {});

/// The curve of the changed aircraft, as `outcome_of` has it; electronics counted.
airframe::PowerCurve changed_curve(const airframe::Aircraft& aircraft, airframe::PowerCurve curve,
                                   const Change& change);

/// What the change adds to the aircraft without its pack, kg: cells of an array whose mass is known, and what was
/// put on or taken off.
double added_mass_kg(const airframe::Aircraft& aircraft, const Change& change);

/// A plan with the change in it, to be worked out like any other.
/// @param aircraft, curve  of the plan's aircraft, as for `outcome_of`
mission::PlanRequest changed_request(mission::PlanRequest request, const airframe::Aircraft& aircraft,
                                     const airframe::PowerCurve& curve, const Change& change = {});

/// Pack, air and wind along the course, out, of a plan.
FlownAs flown_as(const mission::PlanRequest& request);
/// What speeds are asked for, flown like that.
airframe::SpeedQuestion speed_question(const FlownAs& flown, const Outcome& outcome);

/// One ratio with its error: of two outcomes whose curves share their errors, so that only what the change adds
/// counts.
units::Estimate ratio(const units::Estimate& after, const units::Estimate& before);

/// One line of before and after, each answering "why?".
struct ComparedOutcome {
    units::Quantity quantity;
    units::Explanation before;
    units::Explanation after;
    units::Estimate ratio;
    units::Explanation ratio_explanation;
};
/// All-up mass, cruise power, endurance, range, and the speeds for both.
std::vector<ComparedOutcome> compare_outcomes(const Outcome& before, const Outcome& after);

/// Relative sd of a power that a change of so much has scaled: a tenth of the change (common practice).
inline constexpr double scaled_share_sd = 0.1;

} // namespace sobremesa::matching
