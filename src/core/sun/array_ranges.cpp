#include "core/sun/array_ranges.hpp"

namespace sobremesa::sun {

void look_at_ranges(units::NumberRanges& ranges, const SolarArray& array) {
    // At maximum power, rated conditions.
    const double imp_a = array.efficiency * rated_irradiance_w_per_m2 * array.cell_area_m2 /
                         array.cell_vmp_v.value_or(usual_cell_vmp_v);
    const double voc_v = array.cell_voc_v.value_or(usual_cell_voc_v);
    ranges.number("aircraft.array.cells_series", double(array.cells_series), 1, 500);
    ranges.number("aircraft.array.strings", double(array.strings), 1, 200);
    ranges.number("aircraft.array.cell_area_m2", array.cell_area_m2, 1e-5, 1);
    ranges.number("aircraft.array.efficiency", array.efficiency, 0.005, 0.6);
    ranges.number("aircraft.array.temperature_coefficient_per_k", array.temperature_coefficient_per_k, -0.01, 0);
    ranges.number("aircraft.array.cell_voc_v", voc_v, 0.1, 10);
    ranges.number("aircraft.array.cell_vmp_v", array.cell_vmp_v.value_or(usual_cell_vmp_v), 0.5 * voc_v,
                  0.97 * voc_v, "0.5 … 0.97 × `cell_voc_v`");
    ranges.number("aircraft.array.cell_isc_a", array.cell_isc_a.value_or(usual_isc_over_imp * imp_a), 1.001 * imp_a,
                  2.0 * imp_a, "1.001 … 2 × the current at maximum power");
    ranges.number("aircraft.array.tilt_deg", array.tilt_deg, 0, 60);
    ranges.number("aircraft.array.mass_kg", array.mass_kg, 0, 100, "0 … `mass_kg`, as a part of it");
}

void look_at_ranges(units::NumberRanges& ranges, const Converter& converter) {
    ranges.number("aircraft.converter.efficiency", converter.efficiency, 0.3, 1);
    ranges.number("aircraft.converter.max_input_v", converter.max_input_v, 0.5, 2000);
    ranges.number("aircraft.converter.max_output_a", converter.max_output_a, 0.01, 1000);
}

} // namespace sobremesa::sun
