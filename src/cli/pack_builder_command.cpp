#include "cli/pack_builder_command.hpp"

#include <ctime>
#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "cli/printed.hpp"
#include "cli/said.hpp"
#include "core/battery/partial_test.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "io/build_document.hpp"
#include "io/kept_documents.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "wording/findings.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::cli {

namespace {

Json trend_json(const std::optional<battery::Trend>& trend) {
    if (!trend) return nullptr;
    return {{"now", trend->now.value},
            {"now_sd", trend->now.sd},
            {"per_cycle", trend->per_cycle.value},
            {"per_cycle_sd", trend->per_cycle.sd},
            {"readings", trend->readings}};
}

const char* advice_word(battery::HealthAdvice advice) {
    switch (advice) {
    case battery::HealthAdvice::capacity_low: return "capacity-low";
    case battery::HealthAdvice::resistance_high: return "resistance-high";
    case battery::HealthAdvice::cell_unbalanced: return "cell-unbalanced";
    case battery::HealthAdvice::store_it: break;
    }
    return "store-it";
}

} // namespace

int build_pack(const BuildOptions& options, std::ostream& out, std::ostream& err) {
    const auto text = io::read_text_file(options.build);
    if (!text) return unusable(text.error(), err);
    const auto document = io::build_from_json(*text, options.build);
    if (!document) return unusable(document.error(), err);
    const auto made = battery::built(document->build);
    if (!made) {
        units::Error error = made.error();
        error.where.file = options.build;
        return unusable(error, err);
    }
    say(document->diagnostics, err);
    if (options.json) {
        out << Json{{"pack", Json::parse(io::json_from_pack(made->pack))},
                    {"mass",
                     {{"cells_kg", made->cells_kg},
                      {"strips_kg", made->strips_kg},
                      {"leads_kg", made->leads_kg},
                      {"extras_kg", made->extras_kg}}},
                    {"resistance",
                     {{"cells_ohm", made->cells_resistance_ohm},
                      {"strips_ohm", made->strip_resistance_ohm},
                      {"leads_ohm", made->leads_resistance_ohm}}},
                    // The first name of it stays for scripts.
                    {"without_end", {{"cells_a", made->cells_current_a}, {"strips_a", made->strips_current_a}}},
                    {"continuous", {{"cells_a", made->cells_current_a}, {"strips_a", made->strips_current_a}}}}
                   .dump(2)
            << "\n";
        return exit_done;
    }
    const wording::Quantities q;
    out << Printed::tr("%1, %2, %3 continuous", "pack, mass, current")
               .arg(wording::build(made->pack), q.text(units::Quantity::pack_mass, {made->pack.mass_kg, 0.0}),
                    q.text(units::Quantity::cell_current, {battery::continuous_current_a(made->pack), 0.0}))
               .toStdString()
        << "\n";
    return exit_done;
}

int partial(const PartialOptions& options, std::ostream& out, std::ostream& err) {
    const auto text = io::read_text_file(options.pack);
    if (!text) return unusable(text.error(), err);
    const auto document = io::pack_from_json(*text, options.pack);
    if (!document) return unusable(document.error(), err);
    say(document->diagnostics, err);
    const battery::PackModel pack(document->pack);
    const battery::PartialTest test{options.flown_min * units::seconds_per_minute,
                                    options.recharged_mah / units::milliamp_hours_per_amp_hour,
                                    options.share_percent / 100.0};
    const auto result =
        battery::partial_test(pack, test, options.temperature_c.value_or(battery::reference_temperature_c));
    if (!result) return unusable(result.error(), err);
    if (options.json) {
        out << Json{{"by_charge_s", result->by_charge_s.value},
                    {"by_charge_sd_s", result->by_charge_s.sd},
                    {"at_constant_power_s", result->at_constant_power_s.value},
                    {"at_constant_power_sd_s", result->at_constant_power_s.sd},
                    {"mean_power_w", result->mean_power_w}}
                   .dump(2)
            << "\n";
        return exit_done;
    }
    const wording::Quantities q;
    const auto line = [&](const char* what, const units::Estimate& value) {
        out << what << q.text(units::Quantity::endurance, value).toStdString() << " "
            << q.error_text(units::Quantity::endurance, value).toStdString() << "\n";
    };
    line("the whole flight by charge: ", result->by_charge_s);
    line("at the same power: ", result->at_constant_power_s);
    return exit_done;
}

int pack_health(const HealthOptions& options, std::ostream& out, std::ostream& err) {
    const auto text = io::read_text_file(options.pack);
    if (!text) return unusable(text.error(), err);
    const auto kept = io::kept_pack_from_json(*text, options.pack);
    if (!kept) return unusable(kept.error(), err);
    for (const auto& reading : kept->readings) {
        if (const auto good = battery::validate(kept->pack, reading); !good) {
            units::Error error = good.error();
            error.where.file = options.pack;
            error.where.field = "readings." + error.where.field;
            return unusable(error, err);
        }
    }
    const auto health = battery::health(kept->pack, kept->readings, double(std::time(nullptr)));
    if (options.json) {
        Json advice = Json::array();
        for (const auto one : health.advice) advice.push_back(advice_word(one));
        out << Json{{"readings", kept->readings.size()},
                    {"capacity_share", trend_json(health.capacity)},
                    {"cell_resistance_ohm", trend_json(health.resistance)},
                    {"cycles_left", or_null(health.cycles_left)},
                    {"cycles_left_sd", sd_or_null(health.cycles_left)},
                    {"odd_cell", health.odd_cell ? Json(*health.odd_cell + 1) : Json(nullptr)},
                    {"advice", advice}}
                   .dump(2)
            << "\n";
        return exit_done;
    }
    out << wording::without_markup(wording::health_sentence(health)).toStdString() << "\n";
    for (const QString& line : wording::health_advice(health)) out << line.toStdString() << "\n";
    return exit_done;
}

} // namespace sobremesa::cli
