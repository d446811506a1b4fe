#pragma once

#include <optional>
#include <vector>

#include "core/units/estimate.hpp"

namespace sobremesa::units {

/// What a number is. `wording` knows its name and how it is written; the value is always SI.
enum class Quantity {
    // given by the pilot or taken from the aircraft and the pack
    airspeed,
    all_up_mass,
    aircraft_mass,
    pack_mass,
    electronics_power,
    cell_capacity,
    cell_resistance,
    cells_in_parallel,
    climb_rate,
    recharged_charge,
    energy_per_mass,
    air_density,
    temperature,
    wind_speed,
    wind_from,
    bearing,
    height,
    reserve_share,
    reserve_energy,
    landing_cell_voltage,
    rated_charge,
    pack_resistance,
    home_wind_factor,
    // worked out for a plan
    cruise_power,
    cruise_current,
    usable_energy,
    usable_charge,
    ground_speed_out,
    ground_speed_home,
    climb_energy,
    homeward_energy,
    turn_distance,
    turn_charge,
    turn_time,
    turn_energy,
    turn_cell_voltage,
    flight_time,
    flight_ground_distance,
    landing_energy_left,
    landing_share_left,
    charge_per_distance_out,
    charge_per_distance_home,
    energy_per_distance_out,
    energy_per_distance_home,
    // read from a log
    ground_distance,
    farthest_from_home,
    counted_charge,
    integrated_charge,
    used_energy,
    duration,
    energy_per_distance,
    charge_per_distance,
    mean_power,
    mean_current,
    lowest_voltage,
    left_charge,
    least_spare,
    pack_cycles,
    flight_count,
    charge_through,
    left_share,
    // of packs on the bench and on an aircraft
    endurance,
    flight_range,
    cell_current,
    price_per_energy,
    charge_per_mass,
    energy_density,
    // of a pack's health and what a flight left in it
    full_charge_share,
    cycles_left,
    measured_cell_resistance,
    rested_cell_voltage,
    // of the air and the aircraft in a log
    air_distance,
    still_air_energy_per_distance,
    still_air_charge_per_distance,
    level_power,
    sensor_scale,
    // of a flight that was flown
    lowest_cell_voltage,
    lift_of_air,
    gust_power,
    electronics_share,
    climb_share,
    time_above_limit,
    failsafe_distance,
    further_time,
    further_distance,
    array_energy,
    motor_energy,
    // of flights laid side by side
    compared_energy_per_distance,
    compared_endurance,
    // of an aircraft's power curve
    level_power_at_speed,
    best_endurance_speed,
    best_range_speed,
    fastest_speed,
    stall_speed,
    throttle_cap,
    forecast_error,
    // of a whole plan
    chance_of_home,
    chance_of_reserve,
    time_on_station,
    last_moment,
    least_clearance,
    farthest_reach,
    leg_time,
    leg_energy,
    peak_cell_current,
    peak_motor_current,
    peak_pack_current,
    lowest_pack_voltage,
    weakest_cell_voltage,
    pack_temperature,
    power_share,
    greatest_height,
    link_margin,
    link_distance,
    ground_minutes,
    capacity_to_enter,
    alarm_charge,
    alarm_voltage,
    alarm_time,
    alarm_current,
};

/// How a number follows from its inputs. The relation in words is made in `wording`.
enum class Relation {
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
    duty_times_volts,
    forecast_against_flown,
    drawn_flights,
    left_meets_needed_on_each_bearing,
    left_meets_needed_at_station,
    height_less_ground,
    worst_along_the_way,
    shares_of_usable,
};

/// Where the relation comes from.
enum class Source {
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
    elevation_raster,
};

enum class Origin { given, assumed, computed, measured };

struct ExplainedInput {
    Quantity quantity;
    Estimate value;
    Origin origin = Origin::given;
};

/// How far the explained number moves when one input moves by a step that a pilot would think in.
struct Sensitivity {
    Quantity input;
    /// Step of the input, SI; for energies and powers a fraction of the value where `relative` is set.
    double step = 0.0;
    bool relative = false;
    /// Change of the explained number for that step, SI.
    double change = 0.0;
};

/// The answer to "why?" for one number on screen.
struct Explanation {
    Quantity quantity;
    Estimate value;
    std::vector<ExplainedInput> inputs;
    Relation relation;
    Source source;
    std::vector<Sensitivity> sensitivities;
};

} // namespace sobremesa::units
