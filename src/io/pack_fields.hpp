#pragma once

#include "core/battery/pack.hpp"
#include "core/battery/pack_builder.hpp"
#include "io/document_fields.hpp"

namespace sobremesa::io {

template <>
struct DocumentWords<battery::Chemistry> {
    static constexpr auto all = battery::all_chemistries;
    static const char* word(battery::Chemistry value) { return battery::chemistry_word(value); }
};

template <>
struct DocumentWords<battery::Construction> {
    static constexpr std::array all = {battery::Construction::high_capacity, battery::Construction::high_drain};
    static const char* word(battery::Construction value) { return battery::construction_word(value); }
};

template <>
struct DocumentWords<battery::CurrentLabel> {
    static constexpr std::array all = {battery::CurrentLabel::none, battery::CurrentLabel::cell_maker,
                                       battery::CurrentLabel::pack_c, battery::CurrentLabel::burst_c};
    static const char* word(battery::CurrentLabel value) { return battery::current_label_word(value); }
};

template <>
struct DocumentWords<battery::StripMaterial> {
    static constexpr std::array all = {battery::StripMaterial::pure_nickel, battery::StripMaterial::plated_steel,
                                       battery::StripMaterial::copper};
    static const char* word(battery::StripMaterial value) {
        return value == battery::StripMaterial::pure_nickel    ? "pure-nickel"
               : value == battery::StripMaterial::plated_steel ? "plated-steel"
                                                               : "copper";
    }
};

/// Text of capacities an hour ("3C") in place of amps, as labels say them.
/// @param charge_ah  of which
/// @return whether it was that
template <class Visitor, class Current>
bool reads_capacities_an_hour(Visitor& v, const char* key, Current& current_a, double charge_ah) {
    if constexpr (Visitor::reads) {
        if (const auto rate = v.document().capacities_an_hour(key)) {
            current_a = *rate * charge_ah;
            return true;
        }
    }
    return false;
}

/// Amps, or text of capacities an hour.
template <class Visitor, class Current>
void describe_current(Visitor& v, const char* key, Current& current_a, double charge_ah, const FieldWords& words) {
    if (!reads_capacities_an_hour(v, key, current_a, charge_ah)) v.number(key, current_a, words);
}

template <class Visitor, class Pack>
void describe_pack(Visitor& v, Pack& pack) {
    v.text("name", pack.name, {"of the pack"});
    v.required_word("chemistry", pack.chemistry, {""});
    v.required_whole("series", pack.series, {"cells in series"});
    if constexpr (Visitor::reads) pack.parallel = 1;
    v.whole("parallel", pack.parallel, {"cells in parallel"});
    v.required("cell_capacity_ah", pack.cell_capacity_ah, {"rated capacity of one cell"});
    v.required("mass_kg", pack.mass_kg, {"of the whole pack"});
    v.flag("mass_on_scale", pack.mass_on_scale,
           {"it was weighed; otherwise a label's mass, or its parts' together"});
    v.number("cell_resistance_ohm", pack.cell_resistance_ohm,
             {"ohmic resistance of one cell near 23 °C",
              "by chemistry and construction, see [model notes](model-notes.md)"});
    v.number("lead_resistance_ohm", pack.lead_resistance_ohm, {"of leads, connector and strips"});
    v.number("capacity_factor", pack.capacity_factor, {"age: capacity over that of the new pack"});
    v.number("resistance_factor", pack.resistance_factor, {"age: resistance over that of the new pack"});
    v.number("start_temperature_c", pack.start_temperature_c, {"of the cells at launch", "that of the air"});
    v.number("start_cell_v", pack.start_cell_v, {"resting voltage of a cell at launch", "full"});
    v.number("weakest_cell_below_v", pack.weakest_cell_below_v,
             {"how far the weakest cell is below the mean", "0.05"});
    describe_current(v, "rated_current_a", pack.rated_current_a, pack.cell_capacity_ah * pack.parallel,
                     {"of the whole pack", "what such cells usually stand"});
    v.word("current_label", pack.current_label, {"what kind of figure that is"});
    v.number("strips_current_a", pack.strips_current_a, {"continuous limit of the strips between the cells"});
    v.number("connector_current_a", pack.connector_current_a, {"continuous limit of the connector with its leads"});
    v.number(
        "measured_cell_ohm", pack.measured_cell_ohm,
        {"resistance of a cell with its share of the leads, as flights showed it; then decides the current that is "
         "believed",
         "never measured"});
    v.word("construction", pack.construction, {"", "Li-ion high-capacity, LiPo high-drain"});
    v.number("price", pack.price, {"for comparing packs"});
    v.object("size", pack.size, {"for the bay"}, [](auto& inner, auto& size) {
        inner.required("length_m", size.length_m, {"length"});
        inner.required("width_m", size.width_m, {"width"});
        inner.required("height_m", size.height_m, {"height"});
    });
    v.list("rate_table", pack.rate_table, {"a maker's constant-current table of one cell at 23 °C"},
           [&pack](auto& inner, auto& point) {
               if (!reads_capacities_an_hour(inner, "current_a", point.current_a, pack.cell_capacity_ah))
                   inner.required("current_a", point.current_a, {"discharged at"});
               inner.required("charge_ah", point.charge_ah, {"what came out"});
           });
    v.number("rate_table_cutoff_v", pack.rate_table_cutoff_v,
             {"the voltage that table ends at", "the chemistry's floor"});
    v.flag("rate_table_held_temperature", pack.rate_table_held_temperature,
           {"the cells of that table were held at 23 °C; otherwise free to warm up in still air"});
    v.object("known", pack.known, {"the pack as flights and recharges have shown it", "label and age count"},
             [](auto& inner, auto& known) {
                 inner.required("capacity_share", known.capacity_share.value, {"full charge over the rated"});
                 inner.number("capacity_share_sd", known.capacity_share.sd, {"its standard deviation"});
                 inner.required("cell_resistance_ohm", known.cell_resistance_ohm.value, {"ohmic, near 23 °C"});
                 inner.number("cell_resistance_sd_ohm", known.cell_resistance_ohm.sd, {"its standard deviation"});
                 inner.number("slow_factor", known.slow_factor.value, {"slow part over the usual"});
                 inner.number("slow_factor_sd", known.slow_factor.sd, {"its standard deviation"});
                 inner.numbers("curve_offset_v", known.curve_offset_v,
                               {"resting volts over those of the chemistry, at 0, 15, 40, 65, 85 and 100 %"});
                 inner.number("usable_relative_sd", known.usable_relative_sd, {"of what it gives, relative"});
                 inner.whole("flights", known.flights, {"that this rests on"});
                 inner.whole("recharges", known.recharges, {"that this rests on"});
                 inner.text("known_utc", known.known_utc, {"when it was fitted"});
                 inner.flag("frozen", known.frozen, {"new flights leave it as it is"});
             });
}

template <class Visitor, class Cell>
void describe_build_cell(Visitor& v, Cell& cell) {
    v.word("chemistry", cell.chemistry, {""});
    v.word("construction", cell.construction, {"", "Li-ion high-capacity, LiPo high-drain"});
    v.required("capacity_ah", cell.capacity_ah, {"rated capacity"});
    v.required("mass_kg", cell.mass_kg, {"mass"});
    v.number("resistance_ohm", cell.resistance_ohm, {"ohmic resistance", "by chemistry and construction"});
    // A round cell is said by its diameter; it is written by its two sides.
    if constexpr (Visitor::reads) {
        double diameter_m = cell.size.length_m;
        v.number("diameter_m", diameter_m, {""});
        cell.size.length_m = cell.size.width_m = diameter_m;
    }
    v.number("length_m", cell.size.length_m, {"length; or `diameter_m` for length and width of a round one"});
    v.number("width_m", cell.size.width_m, {"width"});
    v.number("height_m", cell.size.height_m, {"height"});
    describe_current(v, "rated_current_a", cell.rated_current_a, cell.capacity_ah,
                     {"continuous limit", "what such cells usually stand"});
    v.number("price", cell.price, {"of one cell"});
}

template <class Visitor, class Build>
void describe_build(Visitor& v, Build& build) {
    // Required: a pack is made of something.
    v.required_object("cell", build.cell, {"what it is made of", "required"},
                      [](auto& inner, auto& cell) { describe_build_cell(inner, cell); });
    v.whole("series", build.series, {"cells in series"});
    v.whole("parallel", build.parallel, {"cells in parallel"});
    v.whole("columns", build.columns, {"cells side by side; 0: all in one layer"});
    v.word("strip", build.strip, {"material of the strips"});
    v.number("strip_width_m", build.strip_width_m, {"their width"});
    v.number("strip_thickness_m", build.strip_thickness_m, {"their thickness"});
    v.whole("strip_layers", build.strip_layers, {"strips welded on top of each other"});
    v.number("lead_area_m2", build.lead_area_m2, {"section of each of the two leads"});
    v.number("lead_length_m", build.lead_length_m, {"their length"});
    v.number("extras_kg", build.extras_kg, {"connector, balance lead, wrap"});
}

} // namespace sobremesa::io
