#pragma once

#include <algorithm>

#include "core/airframe/aircraft.hpp"
#include "core/telemetry/calibration.hpp"
#include "io/document_fields.hpp"

namespace sobremesa::io {

template <>
struct DocumentWords<airframe::Craft> {
    static constexpr std::array all = {airframe::Craft::rotor, airframe::Craft::wing};
    static const char* word(airframe::Craft craft) { return craft == airframe::Craft::wing ? "wing" : "rotor"; }
};

template <>
struct DocumentWords<airframe::Video> {
    static constexpr std::array all = {airframe::Video::not_said, airframe::Video::none, airframe::Video::analog,
                                       airframe::Video::digital};
    static const char* word(airframe::Video video) { return airframe::video_word(video); }
};

template <>
struct DocumentWords<telemetry::ScaleConvention> {
    static constexpr std::array all = {telemetry::ScaleConvention::divides, telemetry::ScaleConvention::multiplies};
    static const char* word(telemetry::ScaleConvention value) { return telemetry::scale_convention_word(value); }
};

template <>
struct DocumentWords<sun::ConverterKind> {
    static constexpr std::array all = {sun::ConverterKind::direct, sun::ConverterKind::step_down,
                                       sun::ConverterKind::step_up, sun::ConverterKind::either};
    static const char* word(sun::ConverterKind kind) { return sun::converter_word(kind); }
};

template <class Visitor, class Array>
void describe_array(Visitor& v, Array& array) {
    v.required_whole("cells_series", array.cells_series, {"cells in series"});
    v.whole("strings", array.strings, {"strings in parallel"});
    v.required("cell_area_m2", array.cell_area_m2, {"area of one cell"});
    v.required("efficiency", array.efficiency, {"of a cell at 25 °C and 1000 W/m², 0 … 1"});
    v.number("temperature_coefficient_per_k", array.temperature_coefficient_per_k,
             {"change of its maximum power for each kelvin", "−0.0035"});
    v.number("cell_voc_v", array.cell_voc_v, {"open-circuit voltage of a cell", "0.68"});
    v.number("cell_vmp_v", array.cell_vmp_v, {"cell voltage at maximum power", "0.58"});
    v.number("cell_isc_a", array.cell_isc_a, {"short-circuit current of a cell", "1.06 × that at maximum power"});
    v.number("tilt_deg", array.tilt_deg, {"of the cells against the horizontal, wings level", "0"});
    v.number("mass_kg", array.mass_kg, {"of cells, wires and converter; part of the aircraft's"});
}

template <class Visitor, class Converter>
void describe_converter(Visitor& v, Converter& converter) {
    v.word("kind", converter.kind, {""});
    v.number("efficiency", converter.efficiency, {"of one that tracks the maximum, 0 … 1", "0.95"});
    v.number("max_input_v", converter.max_input_v, {"volts that it bears", "not checked"});
    v.number("max_output_a", converter.max_output_a, {"current that it gives at the most", "no limit"});
}

template <class Visitor, class Part>
void describe_climbing(Visitor& v, Part& c) {
    v.required("airspeed_mps", c.reference_airspeed_mps, {"reference airspeed"});
    v.required("efficiency", c.at_reference,
               {"climb power over the extra electrical power it takes, at that airspeed"});
    v.number("per_mps", c.per_mps, {"its change with airspeed"});
    v.number("variance", c.variance_at_reference, {"of the efficiency", "a wide one"});
    v.number("variance_per_mps", c.variance_per_mps, {"of its change"});
    v.number("covariance", c.covariance, {"of both"});
    // Where nothing is said, what was flown is the one airspeed.
    if constexpr (Visitor::reads) c.least_flown_mps = c.most_flown_mps = c.reference_airspeed_mps;
    v.number("least_flown_mps", c.least_flown_mps, {"slowest airspeed climbed at", "that airspeed"});
    v.number("most_flown_mps", c.most_flown_mps, {"fastest", "that airspeed"});
    v.whole("climbs", c.climbs, {"that it rests on"});
    v.flag("slope_known", c.slope_known, {"the climbs tell how it changes with airspeed"});
}

template <class Visitor, class Curve>
void describe_curve(Visitor& v, Curve& curve) {
    v.required("reference_mass_kg", curve.reference_mass_kg, {"all-up mass that the parts below refer to"});
    v.required("reference_airspeed_mps", curve.reference_airspeed_mps, {"airspeed that they refer to"});
    v.number("disc_area_m2", curve.disc_area_m2, {"of all rotors; needed by a rotor"});
    v.numbers("part_w", curve.part_w, {"induced, profile and parasite power at the reference", "required"});
    v.numbers("covariance", curve.covariance, {"of their logarithms, row by row", "required"});
    v.number("electronics_w", curve.electronics_w, {"drawn by the electronics, at every airspeed"});
    v.number("scatter", curve.scatter, {"of a flight around the curve, relative"});
    v.required("least_flown_mps", curve.least_flown_mps, {"slowest airspeed flown"});
    v.required("most_flown_mps", curve.most_flown_mps, {"fastest"});
    v.object("climb_efficiency", curve.climbing, {"what a watt buys in a climb", "what is usual"},
             [](auto& inner, auto& c) { describe_climbing(inner, c); });
    v.whole("flights", curve.flights, {"that it rests on"});
    v.number("level_s", curve.level_s, {"seconds of level flight in them"});
    v.text("learned_utc", curve.learned_utc, {"when it was drawn"});
}

/// Amps of a known cruise, under their own key or as text where its watts stand.
inline std::optional<double> cruise_current_a(DocumentReader& in) {
    const auto current_a = in.number("cruise_current_a");
    return current_a ? current_a : in.number_as_of("cruise_power_w", "cruise_current_a");
}

/// Watts, or amps at a voltage; a plan takes amps alone at the volts of its pack.
template <class Visitor, class Power>
void describe_cruise_power(Visitor& v, Power& power_w) {
    if constexpr (Visitor::reads) {
        auto& in = v.document();
        const auto current_a = cruise_current_a(in);
        const auto voltage_v = in.number("cruise_voltage_v");
        if (!current_a) {
            power_w = in.required_number("cruise_power_w");
            if (voltage_v) in.fail(units::ErrorCode::value_missing, "cruise_current_a");
            return;
        }
        if (in.has("cruise_power_w") && in.has("cruise_current_a"))
            in.fail(units::ErrorCode::values_conflict, "",
                    {{"fields", std::string("cruise_power_w, cruise_current_a")}});
        power_w = *current_a * voltage_v.value_or(0.0);
    } else {
        v.required("cruise_power_w", power_w, {"total pack power in it, still air"});
        const std::optional<double> none;
        v.number_if_given("cruise_current_a", none, {"in its place: total pack current", "by power"});
        v.number_if_given("cruise_voltage_v", none,
                          {"of that current, of the whole pack", "in a plan: of its pack at half charge"});
    }
}

template <class Visitor, class Aircraft>
void describe_aircraft(Visitor& v, Aircraft& a) {
    v.text("name", a.name, {"of the aircraft"});
    v.constant("kind", "point", {"one known cruise"});
    v.word("craft", a.craft, {""});
    v.required("mass_kg", a.mass_kg, {"without the pack"});
    v.required("cruise_airspeed_mps", a.cruise_airspeed_mps, {"true airspeed of the known cruise"});
    describe_cruise_power(v, a.cruise_power_w);
    v.number("cruise_all_up_mass_kg", a.cruise_all_up_mass_kg,
             {"all-up mass it was flown at", "this aircraft with this pack"});
    v.number("cruise_density_kgm3", a.cruise_density_kgm3, {"density of the air it was flown in", "1.225"});
    v.word("video", a.video, {"on board; what the electronics are taken to draw follows it"});
    v.number("electronics_w", a.electronics_w,
             {"drawn whatever the aircraft does", "by the video: 5 W, digital 12.5 W; at most a fifth of cruise"});
    v.list("electronics", a.electronics, {"the same by parts: their watts add up"}, [](auto& inner, auto& part) {
        inner.text("name", part.name, {"of the part"});
        inner.required("power_w", part.power_w, {"what it draws"});
        inner.number("mass_kg", part.mass_kg, {"part of the aircraft's"});
    });
    v.number("full_power_w", a.full_power_w, {"full stick, level; watches the power demand"});
    v.number("controller_current_a", a.controller_current_a,
             {"continuous rating of all controllers together", "not checked"});
    v.number("motor_current_a", a.motor_current_a,
             {"continuous rating of all motors together: four of 20 A are 80", "not checked"});
    v.number("failsafe_signal_dbm", a.failsafe_signal_dbm, {"signal at which the link fails", "−105"});
    v.number("failsafe_link_share", a.failsafe_link_share, {"link quality at which it fails, 0 … 1", "0.5"});
    v.number("most_pack_mass_kg", a.most_pack_mass_kg, {"heaviest pack that flies well; for choosing packs"});
    v.number("bay_length_m", a.bay_length_m, {"length of the bay"});
    v.number("bay_width_m", a.bay_width_m, {"its width"});
    v.number("bay_height_m", a.bay_height_m, {"its height"});
    v.object("wing", a.wing, {"its size, of a wing", "stall not known"}, [](auto& inner, auto& wing) {
        inner.number("area_m2", wing.area_m2, {"wing area"});
        inner.number("span_m", wing.span_m, {"wing span"});
        inner.number("cl_max", wing.cl_max, {"greatest lift coefficient", "1.1"});
    });
    v.object("rotor", a.rotor, {"its size, of a multirotor", "disc from the mass"}, [](auto& inner, auto& rotor) {
        inner.number("rotors", rotor.rotors, {"how many", "4"});
        inner.number("propeller_diameter_m", rotor.propeller_diameter_m, {"of each"});
    });
    v.object("array", a.array, {"solar cells on the wing", "none"},
             [](auto& inner, auto& array) { describe_array(inner, array); });
    v.object("converter", a.converter, {"between array and pack", "a direct connection"},
             [](auto& inner, auto& converter) { describe_converter(inner, converter); });
    v.object("curve", a.curve,
             {"the power curve that its flights drew; written by the program", "the known cruise alone"},
             [](auto& inner, auto& curve) { describe_curve(inner, curve); });
    if constexpr (Visitor::reads) {
        if (!a.curve) return;
        a.curve->craft = a.craft;
        const auto& parts = a.curve->part_w;
        const bool whole = a.curve->reference_mass_kg > 0.0 && a.curve->reference_airspeed_mps > 0.0 &&
                           std::all_of(parts.begin(), parts.end(), [](double w) { return w >= 0.0; }) &&
                           (a.craft == airframe::Craft::wing || a.curve->disc_area_m2 > 0.0);
        if (!whole) v.fail(units::ErrorCode::value_missing, "curve");
        if (v.failed()) a.curve.reset();
    }
}

} // namespace sobremesa::io
