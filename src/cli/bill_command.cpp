#include "cli/bill_command.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "cli/said.hpp"
#include "core/battery/remaining.hpp"
#include "core/debrief/bill.hpp"
#include "core/mission/make_plan.hpp"
#include "core/telemetry/landed.hpp"
#include "core/telemetry/level_points.hpp"
#include "core/units/constants.hpp"
#include "io/log_file.hpp"
#include "io/plan_document.hpp"
#include "wording/bill.hpp"

namespace sobremesa::cli {

namespace {

Json sums_json(const debrief::BillSums& sums) {
    return {{"wh", sums.wh}, {"ah", sums.ah}, {"distance_m", sums.distance_m}};
}

} // namespace

int bill(const BillOptions& options, std::ostream& out, std::ostream& err) {
    const auto document = io::read_plan_file(options.plan);
    if (!document) return unusable(document.error(), err);
    say(document->diagnostics, err);
    const auto plan = mission::make_plan(document->request);
    if (!plan) return unusable(plan.error(), err);
    debrief::BillQuestion question;
    question.plan = &*plan;
    question.flown_as = plan->request;
    if (!options.flown_as.empty()) {
        const auto flown = io::read_plan_file(options.flown_as);
        if (!flown) return unusable(flown.error(), err);
        question.flown_as = flown->request;
    }
    if (options.recharged_mah) question.recharged_ah = *options.recharged_mah / units::milliamp_hours_per_amp_hour;
    const auto log = io::read_log(options.log);
    if (!log) return unusable(log.error(), err);
    telemetry::CleaningRules rules;
    rules.series = question.flown_as.pack.series;
    const auto clean = telemetry::clean(*log, rules);
    if (!clean) return unusable(clean.error(), err);
    auto summary = telemetry::summarise(*clean);
    if (!summary) return unusable(summary.error(), err);
    constexpr double cruise_sd_share = 0.1;
    const double cruise_mps = plan->request.aircraft.cruise_airspeed_mps;
    const auto found = telemetry::find_out(*clean, {}, units::Estimate{cruise_mps, cruise_sd_share * cruise_mps});
    if (!found) return unusable(found.error(), err);
    telemetry::complete(*summary, *found);
    const auto bill = debrief::bill(*summary, *found, question);
    if (!bill) {
        err << "sobremesa-cli: " << wording::no_bill(*plan, *summary).toStdString() << "\n";
        return exit_unusable_input;
    }
    if (question.recharged_ah) {
        // A typing error would make a sensor of it.
        telemetry::AfterLanding after;
        after.recharged_ah = question.recharged_ah;
        after.temperature_c = question.flown_as.weather.temperature_c;
        const battery::PackModel pack(question.flown_as.pack);
        if (auto diagnostic = battery::disagreement_diagnostic(
                battery::remaining(pack, telemetry::landed_evidence(*summary, pack, after))))
            summary->diagnostics.push_back(*diagnostic);
    }
    if (options.json) {
        Json rows = Json::array();
        for (const auto& row : bill->rows) {
            rows.push_back({{"cause", debrief::bill_cause_word(row.cause)},
                            {"wh", row.wh.value},
                            {"wh_sd", row.wh.sd},
                            {"ah", row.ah},
                            {"distance_m", row.distance_m}});
        }
        out << Json{{"forecast", sums_json(bill->forecast)},
                    {"flown", sums_json(bill->flown)},
                    {"rows", rows},
                    {"text", wording::sentence(*bill, wording::Quantities()).toStdString()},
                    {"warnings", warnings(summary->diagnostics, wording::Quantities())}}
                   .dump(2)
            << "\n";
        return exit_done;
    }
    say(summary->diagnostics, err);
    const wording::Quantities q;
    out << wording::sentence(*bill, q).toStdString() << "\n";
    for (const auto& row : bill->rows) out << "  " << wording::line(row, q).toStdString() << "\n";
    return exit_done;
}

} // namespace sobremesa::cli
