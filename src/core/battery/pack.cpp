#include "core/battery/pack.hpp"

#include <algorithm>
#include <cmath>

#include "core/battery/pack_ranges.hpp"
#include "core/units/same_word.hpp"

namespace sobremesa::battery {

double assumed_cell_resistance_ohm(const Pack& pack) {
    return defaults(pack.chemistry, construction(pack)).resistance_ohm_ah / pack.cell_capacity_ah;
}

double cell_resistance_ohm(const Pack& pack) {
    return pack.cell_resistance_ohm.value_or(assumed_cell_resistance_ohm(pack));
}

double capacity_share(const Pack& pack) {
    return pack.known ? pack.known->capacity_share.value : pack.capacity_factor;
}

double aged_cell_resistance_ohm(const Pack& pack) {
    return pack.known ? pack.known->cell_resistance_ohm.value : cell_resistance_ohm(pack) * pack.resistance_factor;
}

units::Origin resistance_origin(const Pack& pack) {
    if (pack.known) return units::Origin::measured;
    return pack.cell_resistance_ohm ? units::Origin::given : units::Origin::assumed;
}

double usable_relative_sd(const Pack& pack) {
    return pack.known ? pack.known->usable_relative_sd : assumed_usable_sd;
}

Pack with_capacity_times(Pack pack, double factor) {
    pack.capacity_factor *= factor;
    if (pack.known) pack.known->capacity_share.value *= factor;
    return pack;
}

Construction construction(const Pack& pack) {
    return pack.construction.value_or(pack.chemistry == Chemistry::li_ion ? Construction::high_capacity
                                                                          : Construction::high_drain);
}

double weakest_cell_below_v(const Pack& pack) {
    constexpr double assumed_v = 0.05;
    return pack.weakest_cell_below_v.value_or(assumed_v);
}

double trust_in_label(CurrentLabel label) {
    switch (label) {
    case CurrentLabel::pack_c: return 0.5;
    case CurrentLabel::burst_c: return 0.25;
    case CurrentLabel::none:
    case CurrentLabel::cell_maker: break;
    }
    return 1.0;
}

namespace {

constexpr std::pair<CurrentLabel, const char*> label_words[] = {{CurrentLabel::none, "none"},
                                                                {CurrentLabel::cell_maker, "cell-maker"},
                                                                {CurrentLabel::pack_c, "pack-c"},
                                                                {CurrentLabel::burst_c, "burst-c"}};

} // namespace

const char* current_label_word(CurrentLabel label) {
    return label_words[std::size_t(label)].second;
}

std::optional<CurrentLabel> current_label_from_word(std::string_view word) {
    for (const auto& [label, its_word] : label_words) {
        if (units::same_word(word, its_word)) return label;
    }
    return std::nullopt;
}

namespace {

// Common practice, no source: mass of a pack over its volume, and how a pack in a tray is cooled.
constexpr double density_kgm3 = 2000.0;
constexpr double tray_w_per_m2_k = 15.0;
constexpr double still_air_w_per_m2_k = 10.5;

/// Surface of a box of that mass with edges as 1 : 2 : 3, m²: packs are neither cubes nor sheets.
double surface_m2(double mass_kg) {
    const double edge_m = std::cbrt(mass_kg / density_kgm3 / 6.0);
    return 22.0 * edge_m * edge_m;
}

} // namespace

double cooling_w_per_k(const Pack& pack) {
    const bool alone = pack.series * pack.parallel == 1;
    return (alone ? still_air_w_per_m2_k : tray_w_per_m2_k) * surface_m2(pack.mass_kg);
}

CurrentTrust current_trust(const Pack& pack) {
    // A pack without mass has no surface to cool.
    if (pack.measured_cell_ohm && pack.mass_kg > 0.0) return CurrentTrust::measured_sag;
    return pack.rated_current_a ? CurrentTrust::label : CurrentTrust::assumed;
}

double cells_current_a(const Pack& pack) {
    if (current_trust(pack) == CurrentTrust::measured_sag) {
        const double whole_ohm = *pack.measured_cell_ohm * pack.series / pack.parallel;
        return std::sqrt(cooling_w_per_k(pack) * most_rise_k / whole_ohm);
    }
    if (pack.rated_current_a) return *pack.rated_current_a * trust_in_label(pack.current_label);
    return defaults(pack.chemistry, construction(pack)).continuous_c * rated_charge_ah(pack);
}

double continuous_current_a(const Pack& pack) {
    double least_a = cells_current_a(pack);
    for (const auto& part : {pack.strips_current_a, pack.connector_current_a})
        if (part) least_a = std::min(least_a, *part);
    return least_a;
}

/// Currents of a rate table closer than this, relatively, are one current.
constexpr double least_rate_step = 1e-3;
/// What a row of it may give over the label.
constexpr double most_over_label = 1.1;

units::Result<Pack> validate(Pack pack) {
    auto ranges = units::NumberRanges::looking();
    look_at_ranges(ranges, pack);
    if (ranges.wrong()) return tl::unexpected(*ranges.wrong());
    for (const RatePoint& row : pack.rate_table) {
        // Labels are honest to a few per cent; twice the label is the row of another thing.
        if (row.charge_ah > most_over_label * pack.cell_capacity_ah) {
            return units::failure(units::ErrorCode::rate_table_above_label,
                                  {{}, {}, {}, "pack.rate_table.charge_ah"},
                                  {{"charge_ah", row.charge_ah}, {"rated_ah", pack.cell_capacity_ah}});
        }
    }
    // A curve has one charge at each current.
    for (std::size_t i = 0; i < pack.rate_table.size(); ++i) {
        for (std::size_t k = 0; k < i; ++k) {
            const double apart = std::abs(pack.rate_table[i].current_a - pack.rate_table[k].current_a);
            if (apart > least_rate_step * pack.rate_table[i].current_a) continue;
            return units::failure(units::ErrorCode::values_conflict, {{}, {}, {}, "pack.rate_table"},
                                  {{"fields", std::string("rows of the same current_a")}});
        }
    }
    return pack;
}

double rated_charge_ah(const Pack& pack) {
    return pack.cell_capacity_ah * pack.parallel;
}

double rated_energy_wh(const Pack& pack) {
    return rated_charge_ah(pack) * pack.series * mean_open_circuit_cell_v(pack.chemistry);
}

double resistance_ohm(const Pack& pack) {
    return aged_cell_resistance_ohm(pack) * pack.series / pack.parallel + pack.lead_resistance_ohm;
}

} // namespace sobremesa::battery
