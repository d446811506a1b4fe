#include "core/matching/candidates.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include <boost/math/tools/minima.hpp>

#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::matching {

namespace {

/// Current in cruise, relative sd: that of the draw from one known cruise, less what its volts are surer (common
/// practice, no source).
constexpr double current_relative_sd = 0.05;
constexpr double most_scale = 8.0;
constexpr double least_scale = 0.125;

struct Flown {
    units::Estimate power_w;
    battery::Discharge run;
    double endurance_s = 0.0;
};

double landing_v(const Bench& bench, const battery::Pack& pack) {
    return bench.landing_cell_v.value_or(battery::traits(pack.chemistry).default_landing_cell_v);
}

units::Result<units::Estimate> power_at(const Bench& bench, double all_up_kg, double climb_mps) {
    return airframe::power_w(bench.aircraft, bench.reference_mass_kg,
                             {bench.airspeed_mps, all_up_kg, bench.density_kgm3, climb_mps});
}

/// A pack of `scale` times the cells in parallel under a power is the pack itself under that power over the scale.
std::optional<Flown> fly(const Bench& bench, const Candidate& candidate, double scale, int samples) {
    const double all_up_kg = bench.aircraft.mass_kg + scale * candidate.pack.mass_kg;
    const auto power = power_at(bench, all_up_kg, 0.0);
    if (!power) return std::nullopt;
    Flown flown;
    flown.power_w = *power;
    const battery::PackModel& pack = *candidate.model;
    flown.run = battery::discharge_at_power(pack, pack.atStart(bench.air_temperature_c), power->value / scale,
                                            {landing_v(bench, candidate.pack), 1e9, samples},
                                            {bench.air_temperature_c, true});
    if (!flown.run.gives_nothing()) flown.endurance_s = flown.run.last().time_s * (1.0 - bench.reserve_share);
    return flown;
}

/// Mean speed over ground of an out-and-back, m/s; nothing where the wind allows none.
std::optional<double> mean_ground_mps(const Bench& bench) {
    if (bench.wind_mps <= 0.0) return bench.airspeed_mps;
    const auto way = [&](double course_deg) {
        return geodesy::wind_triangle(course_deg, bench.airspeed_mps, bench.wind_from_deg, bench.wind_mps);
    };
    const auto out = way(bench.bearing_deg);
    const auto home = way(bench.bearing_deg + 180.0);
    if (!out || !home) return std::nullopt;
    const double a = out->ground_speed_mps;
    const double b = home->ground_speed_mps;
    return 2.0 * a * b / (a + b);
}

void mark_frontier(std::vector<Match>& matches) {
    std::vector<std::size_t> order;
    for (std::size_t i = 0; i < matches.size(); ++i) {
        if (matches[i].flies()) order.push_back(i);
    }
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        if (matches[a].pack_mass_kg != matches[b].pack_mass_kg)
            return matches[a].pack_mass_kg < matches[b].pack_mass_kg;
        return matches[a].endurance_s.value > matches[b].endurance_s.value;
    });
    double longest_s = 0.0;
    for (const std::size_t i : order) {
        if (matches[i].endurance_s.value <= longest_s) continue;
        matches[i].on_frontier = true;
        longest_s = matches[i].endurance_s.value;
    }
}

} // namespace

std::vector<Candidate> candidates_of(const std::vector<battery::Pack>& packs) {
    std::vector<Candidate> candidates;
    candidates.reserve(packs.size());
    for (const battery::Pack& pack : packs)
        candidates.push_back({pack, std::make_shared<const battery::PackModel>(pack)});
    return candidates;
}

bool fits(const battery::Size& box, const battery::Size& bay) {
    std::array<double, 3> a{box.length_m, box.width_m, box.height_m};
    std::array<double, 3> b{bay.length_m, bay.width_m, bay.height_m};
    std::sort(a.begin(), a.end());
    std::sort(b.begin(), b.end());
    return a[0] <= b[0] && a[1] <= b[1] && a[2] <= b[2];
}

battery::Size turned_for(const battery::Size& bay, const battery::Size& box) {
    std::array<double, 3> sides{bay.length_m, bay.width_m, bay.height_m};
    std::sort(sides.begin(), sides.end());
    const std::array<double, 3> of_box{box.length_m, box.width_m, box.height_m};
    std::array<std::size_t, 3> order{0, 1, 2};
    std::stable_sort(order.begin(), order.end(),
                     [&](std::size_t a, std::size_t b) { return of_box[a] < of_box[b]; });
    std::array<double, 3> turned{};
    for (std::size_t rank = 0; rank < 3; ++rank) turned[order[rank]] = sides[rank];
    return {turned[0], turned[1], turned[2]};
}

std::vector<Match> match(const Bench& bench, const std::vector<Candidate>& candidates) {
    const auto ground_mps = mean_ground_mps(bench);
    std::vector<Match> matches;
    for (std::size_t i = 0; i < candidates.size(); ++i) {
        const Candidate& candidate = candidates[i];
        const battery::Pack& pack = candidate.pack;
        Match m;
        m.candidate = i;
        m.pack_mass_kg = pack.mass_kg;
        m.all_up_mass_kg = bench.aircraft.mass_kg + pack.mass_kg;
        m.landing_cell_v = landing_v(bench, pack);
        m.continuous_cell_a = battery::continuous_current_a(pack) / pack.parallel;
        if (pack.mass_kg > 0.0) {
            m.rated_wh_per_kg = battery::rated_energy_wh(pack) / pack.mass_kg;
            m.rated_mah_per_g = battery::rated_charge_ah(pack) / pack.mass_kg; // Ah/kg and mAh/g are the same
        }
        if (pack.price) m.price_per_wh = *pack.price / battery::rated_energy_wh(pack);
        if (pack.size && bench.bay) m.fits_bay = fits(*pack.size, *bench.bay);
        if (bench.most_pack_mass_kg) m.light_enough = pack.mass_kg <= *bench.most_pack_mass_kg;
        if (const auto flown = fly(bench, candidate, 1.0, 1)) {
            const battery::DischargePoint& end = flown->run.last();
            m.cruise_power_w = flown->power_w;
            m.usable_charge_ah = end.charge_used_ah;
            m.usable_energy_wh = end.energy_wh;
            m.cruise_cell_a = end.current_a / pack.parallel;
            m.lowest_cell_v = flown->run.lowest_voltage_v / pack.series;
            m.peak_temperature_c = flown->run.peak_temperature_c;
            const double sd =
                units::combine_sd(battery::usable_relative_sd(pack), flown->power_w.sd / flown->power_w.value);
            m.endurance_s = {flown->endurance_s, sd * flown->endurance_s};
            if (ground_mps && m.flies())
                m.range_m =
                    units::Estimate{flown->endurance_s * *ground_mps, sd * flown->endurance_s * *ground_mps};
        }
        m.climb_cell_a = std::nan("");
        if (const auto climb_w = power_at(bench, m.all_up_mass_kg, bench.climb_mps)) {
            const auto start = candidate.model->atStart(bench.air_temperature_c);
            if (const auto load = candidate.model->atPower(start, climb_w->value))
                m.climb_cell_a = load->current_a / pack.parallel;
        }
        m.within_current = m.cruise_cell_a <= m.continuous_cell_a;
        matches.push_back(m);
    }
    mark_frontier(matches);
    return matches;
}

std::optional<units::Explanation> explain(const Bench& bench, const Candidate& candidate, const Match& m,
                                          units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    const battery::Pack& pack = candidate.pack;
    units::Explanation why{quantity, {}, {}, units::Relation::pack_on_aircraft, units::Source::two_well_circuit,
                           {}};
    const units::ExplainedInput mass{Quantity::pack_mass, {pack.mass_kg, 0.0}, Origin::given};
    const units::ExplainedInput rated{Quantity::rated_charge, {battery::rated_charge_ah(pack), 0.0}, Origin::given};
    switch (quantity) {
    case Quantity::endurance: why.value = m.endurance_s; break;
    case Quantity::flight_range:
        if (!m.range_m) return std::nullopt;
        why.value = *m.range_m;
        break;
    case Quantity::usable_energy:
        why.value = {m.usable_energy_wh, battery::usable_relative_sd(pack) * m.usable_energy_wh};
        break;
    case Quantity::usable_charge:
        why.value = {m.usable_charge_ah, battery::usable_relative_sd(pack) * m.usable_charge_ah};
        break;
    case Quantity::cell_current: why.value = {m.cruise_cell_a, current_relative_sd * m.cruise_cell_a}; break;
    case Quantity::all_up_mass:
        why.value = {m.all_up_mass_kg, 0.0};
        why.relation = units::Relation::masses_added;
        why.source = units::Source::common_practice;
        why.inputs = {{Quantity::aircraft_mass, {bench.aircraft.mass_kg, 0.0}, Origin::given}, mass};
        return why;
    case Quantity::energy_density:
    case Quantity::charge_per_mass:
        if (pack.mass_kg <= 0.0) return std::nullopt;
        why.value = {quantity == Quantity::energy_density ? m.rated_wh_per_kg : m.rated_mah_per_g, 0.0};
        why.relation = units::Relation::rated_over_mass;
        why.source = units::Source::common_practice;
        why.inputs = {rated, mass};
        return why;
    case Quantity::price_per_energy:
        if (!m.price_per_wh) return std::nullopt;
        why.value = {*m.price_per_wh, 0.0};
        why.relation = units::Relation::price_over_energy;
        why.source = units::Source::common_practice;
        why.inputs = {rated};
        return why;
    default: return std::nullopt;
    }
    why.inputs = {{Quantity::cruise_power, m.cruise_power_w, Origin::computed},
                  {Quantity::all_up_mass, {m.all_up_mass_kg, 0.0}, Origin::computed},
                  rated,
                  {Quantity::cell_resistance,
                   {battery::aged_cell_resistance_ohm(pack), pack.known ? pack.known->cell_resistance_ohm.sd : 0.0},
                   battery::resistance_origin(pack)},
                  {Quantity::landing_cell_voltage,
                   {m.landing_cell_v, 0.0},
                   bench.landing_cell_v ? Origin::given : Origin::assumed},
                  {Quantity::temperature, {bench.air_temperature_c, 0.0}, Origin::given}};
    return why;
}

std::optional<units::Diagnostic> charge_misleads(const std::vector<Candidate>& candidates,
                                                 const std::vector<Match>& matches,
                                                 const std::vector<std::size_t>& chosen) {
    if (chosen.size() < 2) return std::nullopt;
    const auto largest = [&](auto value) {
        return *std::max_element(chosen.begin(), chosen.end(),
                                 [&](std::size_t a, std::size_t b) { return value(a) < value(b); });
    };
    const auto charge = [&](std::size_t i) { return battery::rated_charge_ah(candidates[i].pack); };
    const auto energy = [&](std::size_t i) { return battery::rated_energy_wh(candidates[i].pack); };
    const std::size_t by_charge = largest(charge);
    const std::size_t by_energy = largest(energy);
    // Equal mAh and different energy mislead as well.
    const bool same = std::all_of(chosen.begin(), chosen.end(), [&](std::size_t i) {
        return candidates[i].pack.series == candidates[chosen.front()].pack.series;
    });
    if (same) return std::nullopt;
    std::size_t fooled = by_charge;
    if (by_charge == by_energy) {
        const auto equal = std::find_if(chosen.begin(), chosen.end(), [&](std::size_t i) {
            return i != by_energy && charge(i) > 0.97 * charge(by_energy) && energy(i) < 0.9 * energy(by_energy);
        });
        if (equal == chosen.end()) return std::nullopt;
        fooled = *equal;
    }
    const auto name = [&](std::size_t i) { return candidates[i].pack.name; };
    return units::Diagnostic{units::DiagnosticCode::charge_misleads,
                             units::Severity::warning,
                             {{"more_charge", name(fooled)},
                              {"more_energy", name(by_energy)},
                              {"charge_ah", charge(fooled)},
                              {"charge_of_energy_ah", charge(by_energy)},
                              {"energy_wh", energy(fooled)},
                              {"energy_of_energy_wh", energy(by_energy)},
                              {"endurance_s", matches[fooled].endurance_s.value},
                              {"endurance_of_energy_s", matches[by_energy].endurance_s.value}}};
}

ScaledMatch scaled(const Bench& bench, const Candidate& candidate, double scale) {
    ScaledMatch result;
    result.scale = scale;
    result.pack_mass_kg = scale * candidate.pack.mass_kg;
    if (const auto flown = fly(bench, candidate, scale, 1)) result.endurance_s = flown->endurance_s;
    result.range_m = result.endurance_s * mean_ground_mps(bench).value_or(0.0);
    return result;
}

std::optional<ScaledMatch> best_range_scale(const Bench& bench, const Candidate& candidate) {
    if (candidate.pack.mass_kg <= 0.0) return std::nullopt;
    // Airspeed and wind stay, so the longest in the air goes the farthest.
    const auto less_is_better = [&](double log_scale) {
        return -scaled(bench, candidate, std::exp(log_scale)).endurance_s;
    };
    std::uintmax_t passes = 60;
    constexpr int bits = 20;
    const auto found = boost::math::tools::brent_find_minima(less_is_better, std::log(least_scale),
                                                             std::log(most_scale), bits, passes);
    const double scale = std::exp(found.first);
    if (scale > 0.98 * most_scale || scale < 1.02 * least_scale) return std::nullopt;
    return scaled(bench, candidate, scale);
}

std::vector<ScaledMatch> compare(const Bench& bench, const std::vector<Candidate>& candidates, Basis basis) {
    std::vector<ScaledMatch> results;
    if (candidates.empty()) return results;
    const battery::Pack& first = candidates.front().pack;
    for (const Candidate& candidate : candidates) {
        double scale = 1.0;
        if (basis == Basis::equal_mass && candidate.pack.mass_kg > 0.0)
            scale = first.mass_kg / candidate.pack.mass_kg;
        if (basis == Basis::equal_energy)
            scale = battery::rated_energy_wh(first) / battery::rated_energy_wh(candidate.pack);
        results.push_back(scaled(bench, candidate, scale));
    }
    return results;
}

} // namespace sobremesa::matching
