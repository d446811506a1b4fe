#include "app/fields/sun_fields.hpp"

#include <algorithm>

#include <QCoreApplication>

#include "app/fields/field_makers.hpp"
#include "core/matching/sun_day.hpp"
#include "wording/sun.hpp"

namespace sobremesa::app {

namespace {

using mission::PlanRequest;

struct SunFieldsWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::SunFields)
};

sun::SolarArray array_or_first(const PlanRequest& r) {
    return r.aircraft.array.value_or(first_array(r));
}

sun::SolarArray& array_of(PlanRequest& r) {
    if (!r.aircraft.array) r.aircraft.array = first_array(r);
    return *r.aircraft.array;
}

sun::Converter& converter_of(PlanRequest& r) {
    if (!r.aircraft.converter) r.aircraft.converter.emplace();
    return *r.aircraft.converter;
}

RequestField whole(RequestField field) {
    field.whole = true;
    return field;
}

RequestField open_array_number(const char* path, const QString& label, const wording::Notation& notation,
                               double step, std::optional<double> sun::SolarArray::*member, double otherwise,
                               const QString& hint) {
    return open_number(
        path, label, notation, step,
        [member, otherwise](const PlanRequest& r) { return (array_or_first(r).*member).value_or(otherwise); },
        [member](PlanRequest& r) -> std::optional<double>& { return array_of(r).*member; }, hint);
}

RequestField open_converter_number(const char* path, const QString& label, const wording::Notation& notation,
                                   double step, std::optional<double> sun::Converter::*member, double otherwise,
                                   const QString& hint) {
    return open_number(
        path, label, notation, step,
        [member, otherwise](const PlanRequest& r) {
            return (r.aircraft.converter.value_or(sun::Converter{}).*member).value_or(otherwise);
        },
        [member](PlanRequest& r) -> std::optional<double>& { return converter_of(r).*member; }, hint);
}

} // namespace

sun::SolarArray first_array(const PlanRequest& request) {
    constexpr double usual_cell_m2 = 0.0153; // a wafer of 125 mm
    constexpr double usual_efficiency = 0.22;
    constexpr double of_the_wing = 0.7;
    constexpr double warm_c = 40.0;
    sun::SolarArray array;
    array.efficiency = usual_efficiency;
    array.cell_area_m2 = usual_cell_m2;
    array.cells_series = sun::best_direct_series(array, matching::pack_volts(request), warm_c);
    // On a small wing the cells are cut.
    if (const auto& wing_m2 = request.aircraft.wing.area_m2)
        array.cell_area_m2 = std::min(usual_cell_m2, of_the_wing * *wing_m2 / array.cells_series);
    return array;
}

std::vector<RequestField> array_fields() {
    const wording::Notation count{1.0, {}, 0};
    const wording::Notation volts{1.0, SunFieldsWords::tr("V"), 2};
    return {
        whole(number(
            "aircraft.array.cells_series", SunFieldsWords::tr("Cells in series"), count, 1,
            [](const PlanRequest& r) { return double(array_or_first(r).cells_series); },
            [](PlanRequest& r, double v) { array_of(r).cells_series = int(v); })),
        whole(number(
            "aircraft.array.strings", SunFieldsWords::tr("Strings in parallel"), count, 1,
            [](const PlanRequest& r) { return double(array_or_first(r).strings); },
            [](PlanRequest& r, double v) { array_of(r).strings = int(v); })),
        number(
            "aircraft.array.cell_area_m2", SunFieldsWords::tr("Area of a cell"),
            {10000.0, SunFieldsWords::tr("cm²"), 1}, 1,
            [](const PlanRequest& r) { return array_or_first(r).cell_area_m2; },
            [](PlanRequest& r, double v) { array_of(r).cell_area_m2 = v; }),
        number(
            "aircraft.array.efficiency", SunFieldsWords::tr("Efficiency"), {100.0, SunFieldsWords::tr("%"), 1}, 0.5,
            [](const PlanRequest& r) { return array_or_first(r).efficiency; },
            [](PlanRequest& r, double v) { array_of(r).efficiency = v; },
            SunFieldsWords::tr("of a cell at 25 °C and 1000 W/m², as its maker states it")),
        open_array_number("aircraft.array.cell_vmp_v", SunFieldsWords::tr("Voltage at maximum power"), volts, 0.01,
                          &sun::SolarArray::cell_vmp_v, sun::usual_cell_vmp_v,
                          SunFieldsWords::tr("of a cell; empty: assumed 0.58 V")),
        open_array_number("aircraft.array.cell_voc_v", SunFieldsWords::tr("Open-circuit voltage"), volts, 0.01,
                          &sun::SolarArray::cell_voc_v, sun::usual_cell_voc_v,
                          SunFieldsWords::tr("of a cell; empty: assumed 0.68 V")),
        open_array_number(
            "aircraft.array.temperature_coefficient_per_k", SunFieldsWords::tr("Temperature coefficient of power"),
            {100.0, SunFieldsWords::tr("%/K"), 2}, 0.01, &sun::SolarArray::temperature_coefficient_per_k,
            sun::usual_temperature_coefficient_per_k, SunFieldsWords::tr("empty: assumed −0.35 %/K")),
        open_array_number("aircraft.array.cell_isc_a", SunFieldsWords::tr("Short-circuit current"),
                          {1.0, SunFieldsWords::tr("A"), 2}, 0.1, &sun::SolarArray::cell_isc_a, 0.0,
                          SunFieldsWords::tr("of a cell. Empty: 1.06 × that at maximum power")),
        open_array_number("aircraft.array.tilt_deg", SunFieldsWords::tr("Tilt of the cells"),
                          {1.0, SunFieldsWords::tr("°"), 0, false}, 1, &sun::SolarArray::tilt_deg, 0.0,
                          SunFieldsWords::tr("dihedral, or a curved top; empty: level")),
        open_array_number("aircraft.array.mass_kg", SunFieldsWords::tr("Mass of the array"),
                          {1000.0, SunFieldsWords::tr("g"), 0}, 5, &sun::SolarArray::mass_kg, 0.0,
                          SunFieldsWords::tr("cells, wires, converter: part of the aircraft's mass")),
    };
}

std::vector<RequestField> converter_fields() {
    return {
        choice(
            "aircraft.converter.kind", SunFieldsWords::tr("Array to pack"),
            {wording::name(sun::ConverterKind::direct), wording::name(sun::ConverterKind::step_down),
             wording::name(sun::ConverterKind::step_up), wording::name(sun::ConverterKind::either)},
            [](const PlanRequest& r) { return int(r.aircraft.converter.value_or(sun::Converter{}).kind); },
            [](PlanRequest& r, int i) { converter_of(r).kind = sun::ConverterKind(i); }),
        open_converter_number("aircraft.converter.efficiency", SunFieldsWords::tr("Converter efficiency"),
                              {100.0, SunFieldsWords::tr("%"), 1}, 0.5, &sun::Converter::efficiency,
                              sun::usual_converter_efficiency,
                              SunFieldsWords::tr("of one that tracks the maximum; empty: assumed 95 %")),
        open_converter_number("aircraft.converter.max_input_v", SunFieldsWords::tr("Maximum input voltage"),
                              {1.0, SunFieldsWords::tr("V"), 1}, 1, &sun::Converter::max_input_v, 0.0,
                              SunFieldsWords::tr("empty: not checked")),
        open_converter_number("aircraft.converter.max_output_a", SunFieldsWords::tr("Maximum output current"),
                              {1.0, SunFieldsWords::tr("A"), 1}, 0.5, &sun::Converter::max_output_a, 0.0,
                              SunFieldsWords::tr("empty: no limit")),
    };
}

} // namespace sobremesa::app
