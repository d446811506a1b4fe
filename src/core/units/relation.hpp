#pragma once

#include <cstddef>

namespace sobremesa::units {

/// How a number follows from its inputs. The relation in words is made in `wording`.
enum class Relation : int {
    constant_power_discharge,
    power_scaled_from_one_cruise,
    wind_triangle,
    homeward_energy_meets_left,
    half_of_charge,
    share_of_charge,
    eighty_percent_rule,
    volts_at_half_charge,
    flight_by_phases,
    left_after_way_home,
    current_over_ground_speed,
    power_over_ground_speed,
    trapezoid_of_current,
    trapezoid_of_power,
    sum_of_positions,
    geodesic_to_home,
    energy_over_distance,
    charge_over_distance,
    first_to_last_row,
    least_of_column,
    greatest_of_column,
    mean_over_time,
    charge_over_rated,
    rated_by_cells,
    counted_in_logbook,
    least_of_left_less_needed,
    usable_less_counted,
    discharge_of_circuit,
    pack_on_aircraft,
    masses_added,
    rated_over_mass,
    price_over_energy,
    parts_added,
    cells_strips_leads_in_series,
    weaker_of_cells_and_strips,
    extrapolated_by_charge,
    extrapolated_at_power,
    line_through_readings,
    line_to_four_fifths,
    volts_over_amps_in_short_steps,
    combined_by_variances,
    circle_of_ground_velocities,
    airspeed_over_time,
    level_power_over_airspeed,
    scale_by_recharge,
    spread_of_level_power,
    parts_over_mean_power,
    climbs_at_their_cost,
    rows_above_limit,
    link_over_distance,
    left_at_cruise_to_landing,
    volts_times_that_current,
    scaled_to_equal_flight,
    curve_through_level_flight,
    least_power_of_curve,
    least_energy_over_ground,
    share_of_full_power_met,
    climb_less_bought_climb,
    lift_meets_weight,
    forecast_against_flown,
    worst_along_the_way,
    sun_through_array,
    array_less_level_power,
    balance_through_the_day,
    array_that_volts_ask_for,
};

/// Where the relation comes from.
enum class Source : int {
    circuit_itself,
    textbook_aerodynamics,
    faa_handbook,
    air_navigation,
    common_practice,
    geodesic_library,
    two_well_circuit,
    log_itself,
    least_squares,
    radio_recommendations,
    solar_models,
};

inline constexpr std::size_t relation_count = std::size_t(Relation::array_that_volts_ask_for) + 1;
inline constexpr std::size_t source_count = std::size_t(Source::solar_models) + 1;

} // namespace sobremesa::units
