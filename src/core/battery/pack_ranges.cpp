#include "core/battery/pack_ranges.hpp"

namespace sobremesa::battery {

void look_at_ranges(units::NumberRanges& ranges, const Pack& pack) {
    ranges.number("pack.series", pack.series, 1, 100);
    ranges.number("pack.parallel", pack.parallel, 1, 100);
    ranges.number("pack.cell_capacity_ah", pack.cell_capacity_ah, 0.01, 100);
    ranges.number("pack.cell_resistance_ohm", pack.cell_resistance_ohm, 0, 1);
    ranges.number("pack.lead_resistance_ohm", pack.lead_resistance_ohm, 0, 1);
    // 0 is a pack that nobody weighed; a milligram is a typing error, and no number to divide heat by.
    ranges.number("pack.mass_kg", pack.mass_kg, pack.mass_kg == 0.0 ? 0.0 : 1e-3, 100,
                  "0.001 … 100; 0 where nobody weighed it");
    ranges.number("pack.capacity_factor", pack.capacity_factor, 0.05, 1.2);
    ranges.number("pack.resistance_factor", pack.resistance_factor, 0.2, 20);
    ranges.number("pack.start_temperature_c", pack.start_temperature_c, -40, 80);
    ranges.number("pack.rate_table_cutoff_v", pack.rate_table_cutoff_v, 2, 4);
    constexpr double overcharged_v = 0.05;
    const auto& chemistry = traits(pack.chemistry);
    ranges.number("pack.start_cell_v", pack.start_cell_v, chemistry.floor_cell_v,
                  chemistry.full_cell_v + overcharged_v, "the chemistry's floor … 0.05 above full");
    ranges.number("pack.weakest_cell_below_v", pack.weakest_cell_below_v, 0, 1);
    ranges.number("pack.rated_current_a", pack.rated_current_a, 0.01, 10000);
    ranges.number("pack.strips_current_a", pack.strips_current_a, 0.01, 10000);
    ranges.number("pack.connector_current_a", pack.connector_current_a, 0.01, 10000);
    ranges.number("pack.measured_cell_ohm", pack.measured_cell_ohm, 1e-5, 1);
    ranges.number("pack.price", pack.price, 0, 1e6);
    ranges.each(pack.known, [&](const PackKnown& known) {
        ranges.number("pack.known.capacity_share", known.capacity_share.value, 0.05, 1.5);
        ranges.number("pack.known.capacity_share_sd", known.capacity_share.sd, 0, 1);
        ranges.number("pack.known.cell_resistance_ohm", known.cell_resistance_ohm.value, 1e-6, 1);
        ranges.number("pack.known.cell_resistance_sd_ohm", known.cell_resistance_ohm.sd, 0, 1);
        ranges.number("pack.known.slow_factor", known.slow_factor.value, 0.01, 100);
        ranges.number("pack.known.slow_factor_sd", known.slow_factor.sd, 0, 100);
        ranges.number("pack.known.usable_relative_sd", known.usable_relative_sd, 0, 1);
        for (const double offset_v : known.curve_offset_v)
            ranges.number("pack.known.curve_offset_v", offset_v, -0.5, 0.5);
    });
    ranges.each(pack.size, [&](const Size& size) {
        ranges.number("pack.size.length_m", size.length_m, 0, 3);
        ranges.number("pack.size.width_m", size.width_m, 0, 3);
        ranges.number("pack.size.height_m", size.height_m, 0, 3);
    });
    ranges.each("pack.rate_table", pack.rate_table, [&](const RatePoint& row) {
        ranges.number("pack.rate_table.current_a", row.current_a, 1e-3, 1000);
        ranges.number("pack.rate_table.charge_ah", row.charge_ah, 1e-3, 100,
                      "0.001 … 100, at most 1.1 × `cell_capacity_ah`");
    });
}

void look_at_ranges(units::NumberRanges& ranges, const Build& build) {
    ranges.number("build.series", build.series, 1, 100);
    ranges.number("build.parallel", build.parallel, 1, 100);
    ranges.number("build.cell.capacity_ah", build.cell.capacity_ah, 0.01, 100);
    ranges.number("build.cell.mass_kg", build.cell.mass_kg, 1e-4, 10);
    ranges.number("build.cell.resistance_ohm", build.cell.resistance_ohm, 0, 1);
    ranges.number("build.cell.rated_current_a", build.cell.rated_current_a, 0.01, 10000);
    ranges.number("build.cell.price", build.cell.price, 0, 1e6);
    ranges.number("build.cell.length_m", build.cell.size.length_m, 1e-3, 1);
    ranges.number("build.cell.width_m", build.cell.size.width_m, 1e-3, 1);
    ranges.number("build.cell.height_m", build.cell.size.height_m, 1e-3, 1);
    ranges.number("build.columns", build.columns, 0, 100);
    ranges.number("build.strip_width_m", build.strip_width_m, 1e-3, 0.1);
    ranges.number("build.strip_thickness_m", build.strip_thickness_m, 2e-5, 0.005);
    ranges.number("build.strip_layers", build.strip_layers, 1, 10);
    ranges.number("build.lead_area_m2", build.lead_area_m2, 1e-7, 1e-4);
    ranges.number("build.lead_length_m", build.lead_length_m, 0, 5);
    ranges.number("build.extras_kg", build.extras_kg, 0, 5);
}

} // namespace sobremesa::battery
