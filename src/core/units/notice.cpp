#include "core/units/notice.hpp"

namespace sobremesa::units {

const char* notice_word(NoticeCode code) {
    switch (code) {
    case NoticeCode::no_solution_out: return "no-solution-out";
    case NoticeCode::no_solution_home: return "no-solution-home";
    case NoticeCode::energy_short_for_climb: return "energy-short-for-climb";
    case NoticeCode::power_not_available: return "power-not-available";
    case NoticeCode::way_home_is_dear: return "way-home-is-dear";
    case NoticeCode::school_turns_too_late: return "school-turns-too-late";
    case NoticeCode::landing_voltage_wastes_energy: return "landing-voltage-wastes-energy";
    case NoticeCode::landing_voltage_below_floor: return "landing-voltage-below-floor";
    case NoticeCode::height_above_ceiling: return "height-above-ceiling";
    case NoticeCode::power_demand_high: return "power-demand-high";
    case NoticeCode::power_demand_very_high: return "power-demand-very-high";
    case NoticeCode::school_not_reached: return "school-not-reached";
    case NoticeCode::route_not_whole: return "route-not-whole";
    case NoticeCode::clearance_too_low: return "clearance-too-low";
    case NoticeCode::terrain_not_read: return "terrain-not-read";
    case NoticeCode::terrain_partly_known: return "terrain-partly-known";
    case NoticeCode::speed_rule_not_met: return "speed-rule-not-met";
    case NoticeCode::share_too_small: return "share-too-small";
    case NoticeCode::fixed_speed_missing: return "fixed-speed-missing";
    case NoticeCode::throttle_without_full_power: return "throttle-without-full-power";
    case NoticeCode::descent_above_airspeed: return "descent-above-airspeed";
    case NoticeCode::climb_not_possible: return "climb-not-possible";
    case NoticeCode::sink_too_fast: return "sink-too-fast";
    case NoticeCode::cruise_mass_assumed: return "cruise-mass-assumed";
    case NoticeCode::cruise_power_impossible: return "cruise-power-impossible";
    case NoticeCode::cruise_power_doubtful: return "cruise-power-doubtful";
    case NoticeCode::pack_mass_doubtful: return "pack-mass-doubtful";
    case NoticeCode::cold_start_dip: return "cold-start-dip";
    case NoticeCode::rate_table_misfit: return "rate-table-misfit";
    case NoticeCode::current_above_rating: return "current-above-rating";
    case NoticeCode::start_below_landing: return "start-below-landing";
    case NoticeCode::charge_misleads: return "charge-misleads";
    case NoticeCode::sag_above_stated: return "sag-above-stated";
    case NoticeCode::left_methods_disagree: return "left-methods-disagree";
    case NoticeCode::converter_does_not_fit: return "converter-does-not-fit";
    case NoticeCode::array_gives_nothing: return "array-gives-nothing";
    case NoticeCode::charge_not_taken: return "charge-not-taken";
    case NoticeCode::sun_holds_it_up: return "sun-holds-it-up";
    case NoticeCode::sun_not_worked_out: return "sun-not-worked-out";
    case NoticeCode::counter_includes_sun: return "counter-includes-sun";
    case NoticeCode::unknown_key: return "unknown-key";
    case NoticeCode::quantity_assumed: return "quantity-assumed";
    case NoticeCode::home_far_from_track: return "home-far-from-track";
    case NoticeCode::unit_assumed: return "unit-assumed";
    case NoticeCode::clock_was_set: return "clock-was-set";
    case NoticeCode::records_unreadable: return "records-unreadable";
    case NoticeCode::other_batteries: return "other-batteries";
    case NoticeCode::other_vehicles: return "other-vehicles";
    case NoticeCode::start_missing: return "start-missing";
    case NoticeCode::charge_from_power: return "charge-from-power";
    case NoticeCode::volts_bridged: return "volts-bridged";
    case NoticeCode::current_bridged: return "current-bridged";
    case NoticeCode::current_bridged_by_counter: return "current-bridged-by-counter";
    case NoticeCode::distance_from_speed: return "distance-from-speed";
    case NoticeCode::date_order_assumed: return "date-order-assumed";
    case NoticeCode::column_passed_over: return "column-passed-over";
    case NoticeCode::header_missing: return "header-missing";
    case NoticeCode::home_not_on_earth: return "home-not-on-earth";
    case NoticeCode::column_not_understood: return "column-not-understood";
    case NoticeCode::no_current: return "no-current";
    case NoticeCode::no_voltage: return "no-voltage";
    case NoticeCode::no_position: return "no-position";
    case NoticeCode::home_is_first_fix: return "home-is-first-fix";
    case NoticeCode::counter_disagrees: return "counter-disagrees";
    case NoticeCode::distances_disagree: return "distances-disagree";
    case NoticeCode::integrals_skip_gaps: return "integrals-skip-gaps";
    case NoticeCode::several_flights: return "several-flights";
    case NoticeCode::pack_does_not_fit: return "pack-does-not-fit";
    case NoticeCode::wind_not_observable: return "wind-not-observable";
    case NoticeCode::wind_partly_observable: return "wind-partly-observable";
    case NoticeCode::still_air_from_ground: return "still-air-from-ground";
    case NoticeCode::positions_swapped: return "positions-swapped";
    case NoticeCode::sensor_stuck: return "sensor-stuck";
    case NoticeCode::sensor_saturated: return "sensor-saturated";
    case NoticeCode::heights_disagree: return "heights-disagree";
    case NoticeCode::wind_disagrees_with_log: return "wind-disagrees-with-log";
    case NoticeCode::current_above_limit: return "current-above-limit";
    case NoticeCode::link_near_failsafe: return "link-near-failsafe";
    case NoticeCode::ledger_does_not_close: return "ledger-does-not-close";
    case NoticeCode::idle_current: return "idle-current";
    case NoticeCode::book_read_only: return "book-read-only";
    case NoticeCode::book_in_use: return "book-in-use";
    case NoticeCode::book_newer: return "book-newer";
    case NoticeCode::book_without_wal: return "book-without-wal";
    case NoticeCode::book_migrated: return "book-migrated";
    case NoticeCode::counter_only: return "counter-only";
    }
    return "unknown";
}

} // namespace sobremesa::units
