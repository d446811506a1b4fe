#include "cli/pack_command.hpp"

#include <algorithm>
#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "cli/printed.hpp"
#include "cli/said.hpp"
#include "core/battery/bench.hpp"
#include "core/matching/plan_bench.hpp"
#include "io/pack_table.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "wording/names.hpp"

namespace sobremesa::cli {

namespace {

Json landing_json(const battery::Landing& landing) {
    const auto at = [&](double value) { return landing.at ? or_null(value) : Json(nullptr); };
    return {{"rule", battery::landing_practice_word(landing.rule.practice)},
            {"cell_v", landing.rule.cell_v},
            {"at_rest", landing.rule.at_rest},
            {"charge_used_ah", at(landing.at ? landing.at->charge_used_ah : 0.0)},
            {"energy_wh", at(landing.at ? landing.at->energy_wh : 0.0)},
            {"time_s", at(landing.at ? landing.at->time_s : 0.0)},
            {"left_charge_ah", landing.left_charge_ah},
            {"left_energy_wh", landing.left_energy_wh},
            {"rested_cell_v", landing.rested_cell_v}};
}

Json bench_json(const battery::PackModel& pack, const battery::BenchResult& r) {
    const auto& end = r.run.last();
    Json landings = Json::array();
    for (const auto& landing : r.landings) landings.push_back(landing_json(landing));
    const auto& l = r.run.ledger;
    return {{"usable", {{"charge_ah", end.charge_used_ah}, {"energy_wh", end.energy_wh}, {"time_s", end.time_s}}},
            {"peak_temperature_c", r.run.peak_temperature_c},
            {"lowest_voltage_v", r.run.lowest_voltage_v},
            {"left", {{"charge_ah", r.left_charge_ah}, {"energy_wh", r.left_energy_wh}}},
            {"end", battery::discharge_end_word(r.run.end)},
            {"landing_cell_v", r.landing_cell_v},
            {"peak_power_w",
             {{"at_start", pack.peakPowerW(r.run.start, r.landing_cell_v)},
              {"at_end", pack.peakPowerW(r.run.end_state(), traits(pack.pack().chemistry).floor_cell_v)}}},
            {"enter",
             {{"capacity_ah", r.alarms.capacity_ah},
              {"warning_cell_v", r.alarms.warning_cell_v},
              {"landing_cell_v", r.alarms.landing_cell_v}}},
            {"landings", landings},
            {"ledger",
             {{"source_wh", l.source_wh},
              {"delivered_wh", l.delivered_wh},
              {"ohmic_wh", l.ohmic_wh},
              {"mixing_wh", l.mixing_wh},
              {"held_wh", l.held_wh}}},
            {"warnings", warnings(r.diagnostics, wording::Quantities())}};
}

void print_bench(const battery::BenchResult& r, std::ostream& out) {
    const wording::Quantities q;
    const auto& end = r.run.last();
    out << Printed::tr("Delivers %1, %2, in %3 down to %4; %5 are left above the floor.",
                       "charge, energy, time, cell voltage, energy")
               .arg(q.charge(end.charge_used_ah), q.energy(end.energy_wh), q.duration(end.time_s),
                    wording::cell_volts(r.landing_cell_v), q.energy(r.left_energy_wh))
               .toStdString()
        << "\n\n"
        << Printed::tr("landing at").toStdString() << "\n";
    for (const auto& landing : r.landings) {
        out << "  " << wording::name(landing.rule).toStdString() << ": ";
        if (landing.at) {
            out << Printed::tr("%1, %2, leaves %3", "charge, time, energy")
                       .arg(q.charge(landing.at->charge_used_ah), q.duration(landing.at->time_s),
                            q.energy(landing.left_energy_wh))
                       .toStdString()
                << "\n";
        } else {
            out << Printed::tr("is below it from the start").toStdString() << "\n";
        }
    }
    out << "\n"
        << Printed::tr("capacity to enter %1, warning at %2, land at %3", "charge, cell voltages")
               .arg(q.charge(r.alarms.capacity_ah), wording::cell_volts(r.alarms.warning_cell_v),
                    wording::cell_volts(r.alarms.landing_cell_v))
               .toStdString()
        << "\n";
}

Json match_json(const matching::Match& m, const battery::Pack& pack) {
    return {{"name", pack.name},
            {"pack_mass_kg", m.pack_mass_kg},
            {"all_up_mass_kg", m.all_up_mass_kg},
            {"landing_cell_v", m.landing_cell_v},
            {"cruise_power_w", m.cruise_power_w.value},
            {"usable", {{"charge_ah", m.usable_charge_ah}, {"energy_wh", m.usable_energy_wh}}},
            {"endurance_s", m.endurance_s.value},
            {"endurance_sd_s", m.endurance_s.sd},
            {"range_m", or_null(m.range_m)},
            {"range_sd_m", sd_or_null(m.range_m)},
            {"cruise_cell_a", m.cruise_cell_a},
            {"climb_cell_a", or_null(m.climb_cell_a)},
            {"continuous_cell_a", m.continuous_cell_a},
            {"within_current", m.within_current},
            {"lowest_cell_v", m.lowest_cell_v},
            {"peak_temperature_c", m.peak_temperature_c},
            {"rated_wh_per_kg", m.rated_wh_per_kg},
            {"rated_mah_per_g", m.rated_mah_per_g},
            {"price_per_wh", or_null(m.price_per_wh)},
            {"fits_bay", m.fits_bay ? Json(*m.fits_bay) : Json(nullptr)},
            {"on_frontier", m.on_frontier}};
}

int try_candidates(const PackOptions& options, std::ostream& out, std::ostream& err) {
    const auto text = io::read_text_file(options.candidates);
    if (!text) return unusable(text.error(), err);
    const auto table = io::packs_from_csv(*text, options.candidates);
    if (!table) return unusable(table.error(), err);
    say(table->diagnostics, err);
    const auto plan = io::read_plan_file(options.plan);
    if (!plan) return unusable(plan.error(), err);
    say(plan->diagnostics, err);
    auto bench = matching::bench_of(plan->request);
    if (!bench) return unusable(bench.error(), err);
    if (options.landing_cell_v) bench->landing_cell_v = options.landing_cell_v;
    const auto matches = matching::match(*bench, matching::candidates_of(table->packs));
    if (options.json) {
        Json list = Json::array();
        for (const auto& m : matches) list.push_back(match_json(m, table->packs[m.candidate]));
        out << Json{{"candidates", list}}.dump(2) << "\n";
        return exit_done;
    }
    auto sorted = matches;
    std::stable_sort(sorted.begin(), sorted.end(),
                     [](const auto& a, const auto& b) { return a.endurance_s.value > b.endurance_s.value; });
    const wording::Quantities q;
    for (const auto& m : sorted) {
        out << (m.on_frontier ? "* " : "  ") << table->packs[m.candidate].name << ": "
            << q.duration(m.endurance_s.value).toStdString();
        if (m.range_m) out << ", " << q.distance(m.range_m->value, m.range_m->sd).toStdString();
        out << ", " << q.energy(m.usable_energy_wh).toStdString();
        if (!m.within_current) out << ", " << Printed::tr("above its continuous current").toStdString();
        out << "\n";
    }
    out << "\n* " << Printed::tr("no other is both lighter and longer in the air").toStdString() << "\n";
    return exit_done;
}

} // namespace

int run_pack(const PackOptions& options, std::ostream& out, std::ostream& err) {
    if (!options.candidates.empty()) return try_candidates(options, out, err);
    const auto text = io::read_text_file(options.pack);
    if (!text) return unusable(text.error(), err);
    const auto document = io::pack_from_json(*text, options.pack);
    if (!document) return unusable(document.error(), err);
    say(document->diagnostics, err);
    battery::BenchLoad load;
    load.load.kind = options.current_a ? battery::LoadPhase::Kind::current : battery::LoadPhase::Kind::power;
    load.load.value = options.current_a ? *options.current_a : *options.power_w;
    load.temperature_c = options.temperature_c;
    load.landing_cell_v = options.landing_cell_v;
    load.warms = !options.fixed_temperature;
    battery::Pack described = document->pack;
    // Who holds the cells at a temperature asks for a table of cells that were held.
    if (options.fixed_temperature) described.rate_table_held_temperature = true;
    const battery::PackModel pack(described);
    const battery::BenchResult result = battery::on_the_bench(pack, load);
    if (options.json) {
        out << bench_json(pack, result).dump(2) << "\n";
    } else {
        print_bench(result, out);
        say(result.diagnostics, err);
    }
    return exit_done;
}

} // namespace sobremesa::cli
