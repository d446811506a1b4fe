#pragma once

#include "core/book/kept.hpp"
#include "io/aircraft_fields.hpp"
#include "io/pack_fields.hpp"

namespace sobremesa::io {

// What the logbook keeps of an aircraft, a pack and a flight.

template <class Visitor, class Kept>
void describe_kept_aircraft(Visitor& v, Kept& kept) {
    describe_aircraft(v, kept.aircraft);
    v.text("note", kept.note, {"the pilot's own words"});
    v.flag("retired", kept.retired, {"no longer flown: kept for its flights"});
    v.number("current_scale", kept.current_scale, {"scale of the current sensor, as set in the flight controller"});
    v.word("scale_convention", kept.scale_convention, {"how that scale acts"});
}

template <class Visitor, class Kept>
void describe_kept_pack(Visitor& v, Kept& kept) {
    describe_pack(v, kept.pack);
    v.list("readings", kept.readings, {"what chargers and meters said, for its health"},
           [](auto& inner, auto& reading) {
               inner.number("time_s", reading.time_s, {"seconds since 1970, UTC"});
               inner.required("cycles", reading.cycles, {"full cycles behind it"});
               inner.number("full_recharge_ah", reading.full_recharge_ah, {"what a full charge put back"});
               inner.numbers("cell_resistance_ohm", reading.cell_resistance_ohm, {"one for each cell in series"});
               inner.numbers("cell_v", reading.cell_v, {"resting voltages, one for each cell in series"});
           });
    v.text("note", kept.note, {"the pilot's own words"});
    v.flag("retired", kept.retired, {"no longer flown: kept for its flights"});
}

template <class Visitor, class Kept>
void describe_plan_links(Visitor& v, Kept& kept) {
    v.identity("aircraft", kept.aircraft_id, {"number of the record"});
    v.identity("pack", kept.pack_id, {"the same"});
}

/// All of a flight but `flown`, which is a plan document.
template <class Visitor, class Kept>
void describe_kept_flight(Visitor& v, Kept& kept) {
    v.text("name", kept.name, {"of the flight"});
    v.object("links", kept, {"other records of the book"}, [](auto& inner, auto& flight) {
        describe_plan_links(inner, flight);
        inner.identity("plan", flight.plan_id, {"the plan it was flown by"});
        inner.identity("log", flight.log_id, {"the raw log"});
    });
    v.object("by_hand", kept.by_hand, {"a flight without a log: what the pilot knows of it"},
             [](auto& inner, auto& hand) {
                 inner.number("duration_s", hand.duration_s, {"time in the air, or armed"});
                 inner.number("charge_ah", hand.charge_ah, {"charge used, as the screen or the radio counted it"});
                 inner.number("highest_current_a", hand.highest_current_a, {"highest current"});
                 inner.number("ground_m", hand.ground_m, {"distance flown"});
                 inner.number("farthest_m", hand.farthest_m, {"farthest from home"});
                 inner.number("highest_speed_mps", hand.highest_speed_mps, {"highest ground speed"});
                 inner.number("lowest_voltage_v", hand.lowest_voltage_v, {"lowest voltage of the pack"});
                 inner.number("wind_mps", hand.wind_mps, {"wind as felt"});
                 inner.list("readings", hand.readings, {"what was read off the screen on the way, at most twenty"},
                            [](auto& row, auto& reading) {
                                row.number("time_s", reading.time_s, {"time in the air, or armed"});
                                row.number("charge_ah", reading.charge_ah, {"charge used by then"});
                                row.number("voltage_v", reading.voltage_v, {"voltage of the pack under load"});
                                row.number("current_a", reading.current_a, {"current"});
                                row.number("ground_m", reading.ground_m, {"distance flown by then"});
                            });
             });
    v.object("forecast_wind", kept.forecast_wind,
             {"the wind as it was forecast", "that of `flown`, which else is the wind that the log showed"},
             [](auto& inner, auto& wind) {
                 inner.required("speed_mps", wind.wind.speed_mps, {"speed"});
                 inner.required("from_deg", wind.wind.from_deg, {"from where"});
                 inner.number("height_m", wind.height_m, {"at this height above home", "the mission's height"});
                 inner.number("growth_mps_per_h", wind.growth_mps_per_h, {"how much it grows for every hour"});
                 inner.list("table", wind.table, {"winds at several heights"}, [](auto& row, auto& at) {
                     row.required("height_m", at.height_m, {"above home"});
                     row.required("speed_mps", at.wind.speed_mps, {"speed"});
                     row.required("from_deg", at.wind.from_deg, {"from where"});
                 });
             });
    v.number("recharged_ah", kept.recharged_ah, {"what the charger put back"});
    v.number("current_factor", kept.current_factor, {"what the current sensor's readings are multiplied by"});
    v.number("rested_cell_v", kept.rested_cell_v, {"mean resting voltage of a cell after landing"});
    v.number("rest_s", kept.rest_s, {"how long it had rested"});
    v.whole("part", kept.part, {"which flight of the log, from 0", "the one with the most rows"});
    v.list("columns", kept.columns, {"what the pilot said of the log's columns"}, [](auto& inner, auto& column) {
        inner.text("header", column.header, {"as the log writes it"});
        inner.text(
            "meaning", column.meaning,
            {"a channel, or `date`, `clock`, `moment`, `date-part`, `clock-part`, `position`, `cells`, `ignored`"});
        inner.text("unit", column.unit, {"as in headers"});
    });
    v.text("note", kept.note, {"the pilot's own words"});
    v.flag("set_apart", kept.set_apart, {"not used for fitting: something was out of the ordinary"});
    v.number("start_clock_s", kept.start_clock_s,
             {"beginning, seconds since 1970 of the clock that wrote the log"});
    v.number("clock_offset_s", kept.clock_offset_s, {"how far that clock was ahead of UTC"});
    v.text("filed_utc", kept.filed_utc, {"when it was filed"});
}

} // namespace sobremesa::io
