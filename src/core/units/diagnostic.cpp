#include "core/units/diagnostic.hpp"

namespace sobremesa::units {

const char* diagnostic_word(DiagnosticCode code) {
    switch (code) {
    case DiagnosticCode::no_solution_out: return "no-solution-out";
    case DiagnosticCode::no_solution_home: return "no-solution-home";
    case DiagnosticCode::energy_short_for_climb: return "energy-short-for-climb";
    case DiagnosticCode::power_not_available: return "power-not-available";
    case DiagnosticCode::return_is_costly: return "way-home-is-dear";
    case DiagnosticCode::rule_turns_too_late: return "school-turns-too-late";
    case DiagnosticCode::landing_voltage_wastes_energy: return "landing-voltage-wastes-energy";
    case DiagnosticCode::landing_voltage_below_floor: return "landing-voltage-below-floor";
    case DiagnosticCode::height_above_ceiling: return "height-above-ceiling";
    case DiagnosticCode::power_demand_high: return "power-demand-high";
    case DiagnosticCode::power_demand_very_high: return "power-demand-very-high";
    case DiagnosticCode::turn_rule_not_reached: return "school-not-reached";
    case DiagnosticCode::route_not_whole: return "route-not-whole";
    case DiagnosticCode::clearance_too_low: return "clearance-too-low";
    case DiagnosticCode::terrain_not_read: return "terrain-not-read";
    case DiagnosticCode::terrain_partly_known: return "terrain-partly-known";
    case DiagnosticCode::speed_rule_not_met: return "speed-rule-not-met";
    case DiagnosticCode::share_too_small: return "share-too-small";
    case DiagnosticCode::fixed_speed_missing: return "fixed-speed-missing";
    case DiagnosticCode::throttle_without_full_power: return "throttle-without-full-power";
    case DiagnosticCode::descent_above_airspeed: return "descent-above-airspeed";
    case DiagnosticCode::climb_not_possible: return "climb-not-possible";
    case DiagnosticCode::sink_too_fast: return "sink-too-fast";
    case DiagnosticCode::landing_place_in_area: return "landing-place-in-area";
    case DiagnosticCode::cruise_mass_assumed: return "cruise-mass-assumed";
    case DiagnosticCode::cruise_power_impossible: return "cruise-power-impossible";
    case DiagnosticCode::cruise_power_doubtful: return "cruise-power-doubtful";
    case DiagnosticCode::pack_mass_doubtful: return "pack-mass-doubtful";
    case DiagnosticCode::pack_mass_not_weighed: return "pack-mass-not-weighed";
    case DiagnosticCode::pack_not_flown: return "pack-not-flown";
    case DiagnosticCode::construction_assumed: return "construction-assumed";
    case DiagnosticCode::cold_start_dip: return "cold-start-dip";
    case DiagnosticCode::rate_table_misfit: return "rate-table-misfit";
    case DiagnosticCode::current_above_rating: return "current-above-rating";
    case DiagnosticCode::start_below_landing: return "start-below-landing";
    case DiagnosticCode::charge_misleads: return "charge-misleads";
    case DiagnosticCode::sag_above_stated: return "sag-above-stated";
    case DiagnosticCode::left_methods_disagree: return "left-methods-disagree";
    case DiagnosticCode::pack_not_full_at_launch: return "pack-not-full-at-launch";
    case DiagnosticCode::converter_does_not_fit: return "converter-does-not-fit";
    case DiagnosticCode::array_gives_nothing: return "array-gives-nothing";
    case DiagnosticCode::charge_not_taken: return "charge-not-taken";
    case DiagnosticCode::array_overcharges: return "array-overcharges";
    case DiagnosticCode::sun_holds_it_up: return "sun-holds-it-up";
    case DiagnosticCode::sun_not_worked_out: return "sun-not-worked-out";
    case DiagnosticCode::counter_includes_sun: return "counter-includes-sun";
    case DiagnosticCode::unknown_key: return "unknown-key";
    case DiagnosticCode::quantity_assumed: return "quantity-assumed";
    case DiagnosticCode::home_far_from_track: return "home-far-from-track";
    case DiagnosticCode::unit_assumed: return "unit-assumed";
    case DiagnosticCode::clock_was_set: return "clock-was-set";
    case DiagnosticCode::records_unreadable: return "records-unreadable";
    case DiagnosticCode::other_batteries: return "other-batteries";
    case DiagnosticCode::other_vehicles: return "other-vehicles";
    case DiagnosticCode::start_missing: return "start-missing";
    case DiagnosticCode::charge_from_power: return "charge-from-power";
    case DiagnosticCode::volts_bridged: return "volts-bridged";
    case DiagnosticCode::current_bridged: return "current-bridged";
    case DiagnosticCode::current_bridged_by_counter: return "current-bridged-by-counter";
    case DiagnosticCode::current_turned: return "current-turned";
    case DiagnosticCode::capacity_read_as_cells: return "capacity-read-as-cells";
    case DiagnosticCode::capacity_read_as_packs: return "capacity-read-as-packs";
    case DiagnosticCode::newest_first: return "newest-first";
    case DiagnosticCode::charge_unknown: return "charge-unknown";
    case DiagnosticCode::distance_from_speed: return "distance-from-speed";
    case DiagnosticCode::date_order_assumed: return "date-order-assumed";
    case DiagnosticCode::column_passed_over: return "column-passed-over";
    case DiagnosticCode::header_missing: return "header-missing";
    case DiagnosticCode::home_not_on_earth: return "home-not-on-earth";
    case DiagnosticCode::column_not_understood: return "column-not-understood";
    case DiagnosticCode::no_current: return "no-current";
    case DiagnosticCode::no_voltage: return "no-voltage";
    case DiagnosticCode::no_position: return "no-position";
    case DiagnosticCode::home_is_first_fix: return "home-is-first-fix";
    case DiagnosticCode::counter_disagrees: return "counter-disagrees";
    case DiagnosticCode::distances_disagree: return "distances-disagree";
    case DiagnosticCode::integrals_skip_gaps: return "integrals-skip-gaps";
    case DiagnosticCode::several_flights: return "several-flights";
    case DiagnosticCode::pack_does_not_fit: return "pack-does-not-fit";
    case DiagnosticCode::wind_not_observable: return "wind-not-observable";
    case DiagnosticCode::wind_partly_observable: return "wind-partly-observable";
    case DiagnosticCode::still_air_from_ground: return "still-air-from-ground";
    case DiagnosticCode::positions_swapped: return "positions-swapped";
    case DiagnosticCode::sensor_stuck: return "sensor-stuck";
    case DiagnosticCode::sensor_saturated: return "sensor-saturated";
    case DiagnosticCode::heights_disagree: return "heights-disagree";
    case DiagnosticCode::wind_disagrees_with_log: return "wind-disagrees-with-log";
    case DiagnosticCode::current_above_limit: return "current-above-limit";
    case DiagnosticCode::link_near_failsafe: return "link-near-failsafe";
    case DiagnosticCode::ledger_does_not_close: return "ledger-does-not-close";
    case DiagnosticCode::idle_current: return "idle-current";
    case DiagnosticCode::book_read_only: return "book-read-only";
    case DiagnosticCode::book_in_use: return "book-in-use";
    case DiagnosticCode::book_newer: return "book-newer";
    case DiagnosticCode::book_without_wal: return "book-without-wal";
    case DiagnosticCode::book_migrated: return "book-migrated";
    case DiagnosticCode::counter_only: return "counter-only";
    }
    return "unknown";
}

} // namespace sobremesa::units
