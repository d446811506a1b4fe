#include "core/battery/pack_builder.hpp"

#include <algorithm>
#include <cmath>

#include "core/battery/pack_ranges.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::battery {

const std::vector<CellFormat>& cell_formats() {
    static const std::vector<CellFormat> formats = {{"18650", {0.0185, 0.0185, 0.0653}, 0.047},
                                                    {"21700", {0.0213, 0.0213, 0.0706}, 0.069}};
    return formats;
}

namespace {

/// Of both faces of a strip: 8 to still air, the rest through the welds into the cells, which take heat for
/// minutes. Common practice, no source, and an order of size: 10 × 0.15 mm of pure nickel carries 15 to 20 A so,
/// which 24 makes 17.7 A at `most_strip_rise_k`; in air alone it would be 10 A.
constexpr double given_off_w_per_m2_k = 24.0;
// How far a pack built by this may be off, relative sd; common practice, no source.
constexpr double mass_sd = 0.02;
constexpr double resistance_sd = 0.10; ///< welds count, and are not counted
constexpr double current_sd = 0.15;
constexpr double copper_ohm_m = 1.68e-8;
constexpr double copper_kgm3 = 8960.0;
/// Insulation of silicone wire weighs about as much again as half of its copper.
constexpr double wire_over_copper = 1.5;
/// Strip from one cell's middle to the next, in cell widths, with the overlap that is welded.
constexpr double strip_overlap = 1.3;
/// Wrap and strips on all sides, m.
constexpr double wrap_m = 0.001;

double strip_section_m2(const Build& build) {
    return build.strip_width_m * build.strip_thickness_m * build.strip_layers;
}

} // namespace

double resistivity_ohm_m(StripMaterial material) {
    switch (material) {
    case StripMaterial::pure_nickel: return 6.93e-8;
    case StripMaterial::plated_steel: return 1.43e-7;
    case StripMaterial::copper: break;
    }
    return copper_ohm_m;
}

double density_kgm3(StripMaterial material) {
    switch (material) {
    case StripMaterial::pure_nickel: return 8900.0;
    case StripMaterial::plated_steel: return 7850.0;
    case StripMaterial::copper: break;
    }
    return copper_kgm3;
}

double strip_rise_k(const Build& build, double strip_current_a) {
    const double heat_w_per_m =
        strip_current_a * strip_current_a * resistivity_ohm_m(build.strip) / strip_section_m2(build);
    return heat_w_per_m / (2.0 * build.strip_width_m * given_off_w_per_m2_k);
}

PackLayout layout(const Build& build) {
    const Size& cell = build.cell.size;
    const int cells = build.series * build.parallel;
    const int columns = std::clamp(build.columns > 0 ? build.columns : cells, 1, cells);
    const int layers = (cells + columns - 1) / columns;
    PackLayout laid;
    laid.size = {columns * cell.length_m + 2 * wrap_m, layers * cell.width_m + 2 * wrap_m,
                 cell.height_m + 2 * wrap_m};
    for (int i = 0; i < cells; ++i) {
        const int layer = i / columns;
        const int along = layer % 2 == 0 ? i % columns : columns - 1 - i % columns;
        const int group = i / build.parallel;
        laid.cells.push_back(
            {wrap_m + (along + 0.5) * cell.length_m, wrap_m + (layer + 0.5) * cell.width_m, group, group % 2 == 0});
    }
    for (std::size_t i = 1; i < laid.cells.size(); ++i) {
        const int before = laid.cells[i - 1].group;
        if (before == laid.cells[i].group) {
            // Joined at both ends.
            for (const bool seen : {true, false}) laid.strips.push_back({i - 1, i, seen, false});
        } else {
            // The positive end of one group to the negative of the next: above, then below, in turn.
            laid.strips.push_back({i - 1, i, before % 2 == 0, true});
        }
    }
    return laid;
}

units::Result<Built> built(const Build& build) {
    auto ranges = units::NumberRanges::looking();
    look_at_ranges(ranges, build);
    if (ranges.wrong()) return tl::unexpected(*ranges.wrong());

    Built result;
    const BuildCell& cell = build.cell;
    const int cells = build.series * build.parallel;
    // Between neighbouring groups every cell has a strip of its own, and two more rows of strips lead out.
    const double strip_m = strip_overlap * cell.size.length_m;
    const double one_strip_ohm = resistivity_ohm_m(build.strip) * strip_m / strip_section_m2(build);
    result.strip_resistance_ohm = one_strip_ohm * (build.series + 1) / build.parallel;
    result.strips_kg =
        density_kgm3(build.strip) * strip_section_m2(build) * strip_m * (build.series + 1) * build.parallel;
    const double leads_m = 2.0 * build.lead_length_m;
    result.leads_resistance_ohm = copper_ohm_m * leads_m / build.lead_area_m2;
    result.leads_kg = wire_over_copper * copper_kgm3 * build.lead_area_m2 * leads_m;
    result.cells_kg = cells * cell.mass_kg;
    result.extras_kg = build.extras_kg;

    Pack& pack = result.pack;
    pack.chemistry = cell.chemistry;
    pack.construction = cell.construction;
    pack.series = build.series;
    pack.parallel = build.parallel;
    pack.cell_capacity_ah = cell.capacity_ah;
    pack.cell_resistance_ohm = cell.resistance_ohm;
    pack.lead_resistance_ohm = result.strip_resistance_ohm + result.leads_resistance_ohm;
    result.cells_resistance_ohm = cell_resistance_ohm(pack) * build.series / build.parallel;
    pack.mass_kg = result.cells_kg + result.strips_kg + result.leads_kg + result.extras_kg;
    if (cell.price) pack.price = *cell.price * cells;

    pack.size = layout(build).size;

    result.strips_current_a =
        build.parallel * std::sqrt(most_strip_rise_k * 2.0 * build.strip_width_m * given_off_w_per_m2_k *
                                   strip_section_m2(build) / resistivity_ohm_m(build.strip));
    pack.current_label = CurrentLabel::cell_maker;
    if (cell.rated_current_a) pack.rated_current_a = *cell.rated_current_a * build.parallel;
    result.cells_current_a = cells_current_a(pack);
    pack.strips_current_a = result.strips_current_a;
    auto checked_pack = validate(pack);
    if (!checked_pack) return tl::unexpected(checked_pack.error());
    return result;
}

std::optional<units::Explanation> explain(const Build& build, const Built& made, units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    units::Explanation why{quantity, {}, {}, units::Relation::parts_added, units::Source::common_practice, {}};
    const units::ExplainedInput rated{Quantity::rated_charge, {rated_charge_ah(made.pack), 0.0}, Origin::computed};
    const units::ExplainedInput mass{Quantity::pack_mass, {made.pack.mass_kg, 0.0}, Origin::computed};
    const units::ExplainedInput cell{Quantity::cell_resistance,
                                     {cell_resistance_ohm(made.pack), 0.0},
                                     build.cell.resistance_ohm ? Origin::given : Origin::assumed};
    switch (quantity) {
    case Quantity::pack_mass:
        why.value = {made.pack.mass_kg, mass_sd * made.pack.mass_kg};
        why.inputs = {{Quantity::cells_in_parallel, {double(build.parallel), 0.0}, Origin::given}};
        break;
    case Quantity::pack_resistance:
        why.value = {resistance_ohm(made.pack), resistance_sd * resistance_ohm(made.pack)};
        why.relation = units::Relation::cells_strips_leads_in_series;
        why.source = units::Source::circuit_itself;
        why.inputs = {cell};
        break;
    case Quantity::cruise_current:
        why.value = {continuous_current_a(made.pack), current_sd * continuous_current_a(made.pack)};
        why.relation = units::Relation::weaker_of_cells_and_strips;
        why.inputs = {{Quantity::cells_in_parallel, {double(build.parallel), 0.0}, Origin::given}};
        break;
    case Quantity::rated_charge:
        why.value = {rated_charge_ah(made.pack), 0.0};
        why.relation = units::Relation::rated_by_cells;
        why.inputs = {{Quantity::cell_capacity, {build.cell.capacity_ah, 0.0}, Origin::given},
                      {Quantity::cells_in_parallel, {double(build.parallel), 0.0}, Origin::given}};
        break;
    case Quantity::energy_density:
        why.value = {rated_energy_wh(made.pack) / made.pack.mass_kg, 0.0};
        why.relation = units::Relation::rated_over_mass;
        why.inputs = {rated, mass};
        break;
    default: return std::nullopt;
    }
    return why;
}

} // namespace sobremesa::battery
