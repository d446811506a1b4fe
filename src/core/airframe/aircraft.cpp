#include "core/airframe/aircraft.hpp"

#include <algorithm>
#include <cmath>

#include "core/airframe/aircraft_ranges.hpp"
#include "core/airframe/known_cruise.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::airframe {

namespace {
/// Common practice, no source.
double usual_electronics_w(const Aircraft& aircraft) {
    constexpr double nobody_says_w = 5.0;
    constexpr double control_alone_w = 2.0;
    constexpr double analog_w = 5.0;
    constexpr double digital_w = 12.5;
    constexpr double servos_w = 1.5;
    const double servos = aircraft.craft == Craft::wing ? servos_w : 0.0;
    switch (aircraft.video) {
    case Video::none: return control_alone_w + servos;
    case Video::analog: return analog_w + servos;
    case Video::digital: return digital_w + servos;
    case Video::not_said: break;
    }
    return nobody_says_w + servos;
}
constexpr double most_electronics_share = 0.2;

constexpr double descent_credit = 0.5; ///< rotors
constexpr double rotor_least_descent_share = 0.6;

constexpr double least_airspeed_ratio = 0.6;
constexpr double most_airspeed_ratio = 1.6;

// A curve is physics beyond what was flown, as far as that goes.
constexpr double least_of_curve = 0.5;
constexpr double most_of_curve = 1.7;

// Relative standard deviations of the point model.
constexpr double sd_at_the_point = 0.08;
constexpr double sd_per_airspeed_ratio = 0.35;
constexpr double sd_per_mass_ratio = 0.25;

} // namespace

units::Result<Aircraft> validate(Aircraft aircraft) {
    auto ranges = units::NumberRanges::looking();
    look_at_ranges(ranges, aircraft);
    if (ranges.wrong()) return tl::unexpected(*ranges.wrong());
    if (aircraft.array) {
        // Cells on the tail and hanging over the edges are seen; a whole wing more is a typing error.
        constexpr double most_of_wing = 1.3;
        if (aircraft.wing.area_m2 && sun::cell_area_m2(*aircraft.array) > most_of_wing * *aircraft.wing.area_m2) {
            return units::failure(
                units::ErrorCode::cells_above_wing, {{}, {}, {}, "aircraft.array.cell_area_m2"},
                {{"cells_m2", sun::cell_area_m2(*aircraft.array)}, {"wing_m2", *aircraft.wing.area_m2}});
        }
        if (aircraft.array->mass_kg && *aircraft.array->mass_kg >= aircraft.mass_kg)
            return units::out_of_range("aircraft.array.mass_kg", *aircraft.array->mass_kg, 0.0, aircraft.mass_kg);
    }
    double parts_w = 0.0;
    double parts_kg = 0.0;
    for (const ElectronicsPart& part : aircraft.electronics) {
        parts_w += part.power_w;
        parts_kg += part.mass_kg.value_or(0.0);
    }
    if (parts_kg > aircraft.mass_kg)
        return units::out_of_range("aircraft.electronics.mass_kg", parts_kg, 0.0, aircraft.mass_kg);
    if (parts_w > aircraft.cruise_power_w)
        return units::out_of_range("aircraft.electronics", parts_w, 0.0, aircraft.cruise_power_w);
    return aircraft;
}

const char* video_word(Video video) {
    switch (video) {
    case Video::none: return "none";
    case Video::analog: return "analog";
    case Video::digital: return "digital";
    case Video::not_said: break;
    }
    return "not-said";
}

double electronics_power_w(const Aircraft& aircraft) {
    if (!aircraft.electronics.empty()) {
        double sum_w = 0.0;
        for (const ElectronicsPart& part : aircraft.electronics) sum_w += part.power_w;
        return sum_w;
    }
    return aircraft.electronics_w.value_or(
        std::min(usual_electronics_w(aircraft), most_electronics_share * aircraft.cruise_power_w));
}

std::optional<double> drive_current_a(const Aircraft& aircraft) {
    const auto& controllers_a = aircraft.controller_current_a;
    const auto& motors_a = aircraft.motor_current_a;
    if (controllers_a && motors_a) return std::min(*controllers_a, *motors_a);
    return controllers_a ? controllers_a : motors_a;
}

bool electronics_known(const Aircraft& aircraft) {
    return aircraft.electronics_w || !aircraft.electronics.empty();
}

units::Estimate electronics_draw_w(const Aircraft& aircraft) {
    constexpr double given_sd = 0.1;
    constexpr double assumed_sd = 0.5;
    const double draw_w = electronics_power_w(aircraft);
    return {draw_w, draw_w * (electronics_known(aircraft) ? given_sd : assumed_sd)};
}

std::vector<MassShare> mass_build_up(const Aircraft& aircraft) {
    std::vector<MassShare> shares = {{"", aircraft.mass_kg}};
    for (const ElectronicsPart& part : aircraft.electronics) {
        if (!part.mass_kg) continue;
        shares.front().mass_kg -= *part.mass_kg;
        shares.push_back({part.name, *part.mass_kg});
    }
    return shares;
}

namespace {

/// Level power scaled from the one known cruise.
units::Result<units::Estimate> scaled_power_w(const Aircraft& aircraft, double reference_mass_kg,
                                              const FlightState& state) {
    const double airspeed_ratio = state.airspeed_mps / aircraft.cruise_airspeed_mps;
    // Who asks for its ends gets them, whatever the rounding makes of 1.6·v/v.
    constexpr double rounding = 1e-9;
    if (!(airspeed_ratio >= least_airspeed_ratio - rounding && airspeed_ratio <= most_airspeed_ratio + rounding)) {
        return units::failure(units::ErrorCode::airspeed_outside_model, {},
                              {{"value", state.airspeed_mps},
                               {"least", least_airspeed_ratio * aircraft.cruise_airspeed_mps},
                               {"most", most_airspeed_ratio * aircraft.cruise_airspeed_mps}});
    }
    const double mass_ratio = state.all_up_mass_kg / aircraft.cruise_all_up_mass_kg.value_or(reference_mass_kg);
    const PowerCurve curve = curve_of_known_cruise(aircraft, reference_mass_kg);
    double level_w = curve.electronics_w;
    for (const double part_w :
         parts_of_level_power(curve, state.airspeed_mps, state.all_up_mass_kg, state.density_kgm3))
        level_w += part_w;
    const double relative_sd =
        units::combine_sd(sd_at_the_point, sd_per_airspeed_ratio * std::abs(airspeed_ratio - 1.0),
                          sd_per_mass_ratio * std::abs(mass_ratio - 1.0));
    return units::Estimate{level_w, relative_sd * level_w};
}

/// Level power by the curve that flights drew.
units::Result<units::Estimate> curve_power_w(const PowerCurve& curve, const FlightState& state) {
    const double least_mps = least_of_curve * std::min(curve.reference_airspeed_mps, curve.least_flown_mps);
    const double most_mps = most_of_curve * std::max(curve.reference_airspeed_mps, curve.most_flown_mps);
    if (!(state.airspeed_mps >= least_mps && state.airspeed_mps <= most_mps)) {
        return units::failure(units::ErrorCode::airspeed_outside_model, {},
                              {{"value", state.airspeed_mps}, {"least", least_mps}, {"most", most_mps}});
    }
    return level_power_w(curve, state.airspeed_mps, state.all_up_mass_kg, state.density_kgm3);
}

} // namespace

units::Result<units::Estimate> power_w(const Aircraft& aircraft, double reference_mass_kg,
                                       const FlightState& state) {
    auto level =
        aircraft.curve ? curve_power_w(*aircraft.curve, state) : scaled_power_w(aircraft, reference_mass_kg, state);
    if (!level) return level;
    const double lift_w = state.all_up_mass_kg * units::standard_gravity_mps2 * state.climb_mps;
    const units::Estimate efficiency =
        efficiency_at(aircraft.curve ? aircraft.curve->climbing : ClimbEfficiency{}, state.airspeed_mps);
    double climb_w = 0.0;
    if (state.climb_mps > 0.0) {
        climb_w = lift_w / efficiency.value;
    } else if (state.climb_mps < 0.0) {
        // A wing glides: its own weight pulls it, and what that gives the motor need not. A rotor gets half of it.
        const bool wing = aircraft.craft == Craft::wing;
        const double least_w = wing ? electronics_power_w(aircraft) : rotor_least_descent_share * level->value;
        const double given_w = wing ? lift_w / efficiency.value : descent_credit * lift_w;
        climb_w = std::max(least_w, level->value + given_w) - level->value;
    }
    return units::Estimate{level->value + climb_w,
                           units::combine_sd(level->sd, efficiency.sd / efficiency.value * climb_w)};
}

} // namespace sobremesa::airframe
