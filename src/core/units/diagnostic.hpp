#pragma once

#include <string>
#include <vector>

#include "core/units/error.hpp"

namespace sobremesa::units {

/// Something a pilot should know about an answer that is nevertheless an answer.
enum class DiagnosticCode {
    // about a plan
    no_solution_out,
    no_solution_home,
    energy_short_for_climb,
    power_not_available,
    return_is_costly,
    rule_turns_too_late,
    landing_voltage_wastes_energy,
    landing_voltage_below_floor,
    height_above_ceiling,
    power_demand_high,
    power_demand_very_high,
    turn_rule_not_reached,
    route_not_whole,
    clearance_too_low,
    terrain_not_read,
    terrain_partly_known,
    speed_rule_not_met,
    share_too_small,
    fixed_speed_missing,
    throttle_without_full_power,
    descent_above_airspeed,
    climb_not_possible,
    sink_too_fast,
    landing_place_in_area,
    cruise_mass_assumed,
    cruise_power_impossible,
    cruise_power_doubtful,
    // about a pack
    pack_mass_doubtful,
    pack_mass_not_weighed,
    pack_not_flown,
    construction_assumed,
    cold_start_dip,
    rate_table_misfit,
    current_above_rating,
    start_below_landing,
    charge_misleads,
    sag_above_stated,
    left_methods_disagree,
    pack_not_full_at_launch,
    // about a solar array
    converter_does_not_fit,
    array_gives_nothing,
    charge_not_taken,
    array_overcharges,
    sun_holds_it_up,
    sun_not_worked_out,
    counter_includes_sun,
    // about a document
    unknown_key,
    // about a log
    unit_assumed,
    records_unreadable,
    other_batteries,
    other_vehicles,
    start_missing,
    clock_was_set,
    current_turned,
    volts_of_cells,
    cells_not_counted,
    newest_first,
    clock_counts_down,
    capacity_read_as_cells,
    capacity_read_as_packs,
    charge_unknown,
    charge_from_power,
    charge_from_energy,
    volts_bridged,
    current_bridged,
    current_bridged_by_counter,
    distance_from_speed,
    date_order_assumed,
    column_passed_over,
    header_missing,
    home_not_on_earth,
    quantity_assumed,
    column_not_understood,
    no_current,
    no_voltage,
    no_position,
    position_partly_known,
    home_is_first_fix,
    home_far_from_track,
    counter_disagrees,
    distances_disagree,
    integrals_skip_gaps,
    several_flights,
    pack_does_not_fit,
    wind_not_observable,
    wind_partly_observable,
    still_air_from_ground,
    positions_swapped,
    sensor_stuck,
    sensor_saturated,
    heights_disagree,
    wind_disagrees_with_log,
    current_above_limit,
    link_near_failsafe,
    ledger_does_not_close,
    idle_current,
    // about the logbook
    book_read_only,
    book_in_use,
    book_newer,
    book_without_wal,
    book_migrated,
    counter_only,
};

enum class Severity { note, warning };

struct Diagnostic {
    DiagnosticCode code;
    Severity severity = Severity::note;
    std::vector<Parameter> parameters;
};

/// Stable word for scripts, as promised by the command-line contract.
const char* diagnostic_word(DiagnosticCode code);

} // namespace sobremesa::units
