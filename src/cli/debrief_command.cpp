#include "cli/debrief_command.hpp"

#include <ostream>

#include "cli/columns_command.hpp"
#include "cli/command_line.hpp"
#include "cli/debrief_report.hpp"
#include "cli/json_text.hpp"
#include "cli/position_argument.hpp"
#include "cli/printed.hpp"
#include "cli/said.hpp"
#include "core/battery/discharge.hpp"
#include "core/battery/remaining.hpp"
#include "core/debrief/flown_homeward.hpp"
#include "core/mission/make_plan.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "core/telemetry/landed.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/csv_head.hpp"
#include "io/log_file.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "io/text_number.hpp"
#include "wording/findings.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::cli {

namespace {

/// A highest reading, when, and for how long at a time it was nearly that.
Json peak_json(const std::optional<telemetry::Peak>& peak, const char* unit) {
    if (!peak) return nullptr;
    return {{std::string("value_") + unit, peak->value}, {"at_s", peak->at_s}, {"for_s", peak->for_s}};
}

/// What is known of the pack after the flight.
struct OfPack {
    battery::Pack pack;
    /// Nothing where the log counts no charge, or counts the sun's as well.
    std::optional<telemetry::LeftByCharge> left;
    battery::Remaining remaining;
    std::vector<units::Diagnostic> diagnostics;
};

/// Aircraft, pack and air that the flight was flown with: of the plan document, or the pack document alone.
units::Result<std::optional<mission::PlanRequest>> flown_with(const DebriefOptions& options) {
    mission::PlanRequest request;
    if (!options.plan.empty()) {
        const auto plan = io::read_plan_file(options.plan);
        if (!plan) return tl::unexpected(plan.error());
        request = plan->request;
    }
    if (!options.pack.empty()) {
        const auto text = io::read_text_file(options.pack);
        if (!text) return tl::unexpected(text.error());
        const auto document = io::pack_from_json(*text, options.pack);
        if (!document) return tl::unexpected(document.error());
        request.pack = document->pack;
    }
    if (options.plan.empty() && options.pack.empty()) return std::optional<mission::PlanRequest>();
    if (options.temperature_c) request.weather.temperature_c = *options.temperature_c;
    return std::optional(request);
}

OfPack of_pack(const DebriefOptions& options, const telemetry::CleanLog& log, const mission::PlanRequest& flown,
               const telemetry::LogSummary& summary, const telemetry::Findings& found) {
    const double landing_v = mission::landing_cell_v(flown);
    const double power_w = debrief::power_of_pack_w(summary, flown.aircraft, flown.pack);
    const battery::PackModel pack(flown.pack);
    const double temperature_c = options.temperature_c.value_or(battery::reference_temperature_c);
    const auto usable = battery::discharge_at_power(pack, pack.atStart(temperature_c), power_w, {landing_v, 1e9});
    OfPack result{flown.pack, {}, {}, {}};
    // A counter at the load holds what the sun gave as well.
    const bool counts_sun = debrief::counts_the_sun(log, flown.aircraft);
    if (const auto left = telemetry::left_by_charge(summary, usable.last().charge_used_ah); left && !counts_sun)
        result.left = *left;
    telemetry::AfterLanding after;
    if (options.recharged_mah) after.recharged_ah = *options.recharged_mah / units::milliamp_hours_per_amp_hour;
    after.rested_cell_v = options.rested_cell_v;
    if (options.rest_min) after.rest_s = *options.rest_min * units::seconds_per_minute;
    after.temperature_c = temperature_c;
    auto evidence = telemetry::landed_evidence(summary, pack, after);
    if (counts_sun) evidence.counted_ah.reset();
    result.remaining = battery::remaining(pack, evidence);
    if (auto diagnostic = battery::disagreement_diagnostic(result.remaining))
        result.diagnostics.push_back(*diagnostic);
    if (found.sag) {
        if (auto diagnostic = telemetry::sag_diagnostic(*found.sag, flown.pack))
            result.diagnostics.push_back(*diagnostic);
    }
    return result;
}

Json left_json(const telemetry::LogSummary& s, const std::optional<OfPack>& pack,
               const std::optional<double>& recharged_mah) {
    Json recharge = nullptr;
    if (recharged_mah) {
        const double recharged_ah = *recharged_mah / units::milliamp_hours_per_amp_hour;
        const auto counted = telemetry::charge_used_ah(s);
        recharge = {{"recharged_ah", recharged_ah},
                    {"counted_ah", or_null(counted)},
                    {"counted_over_recharged",
                     counted && recharged_ah > 0.0 ? or_null(counted->value / recharged_ah) : Json(nullptr)}};
    }
    Json methods = Json::array();
    Json together = nullptr;
    if (pack) {
        for (const auto& method : pack->remaining.methods) {
            methods.push_back({{"method", battery::remaining_method_word(method.method)},
                               {"share_of_full", or_null(method.share.value)},
                               {"share_sd", or_null(method.share.sd)}});
        }
        together = {{"share_of_full", or_null(pack->remaining.share)},
                    {"share_sd", sd_or_null(pack->remaining.share)},
                    {"charge_ah", or_null(pack->remaining.charge_ah)},
                    {"charge_sd_ah", sd_or_null(pack->remaining.charge_ah)},
                    {"disagreement", pack->remaining.disagreement
                                         ? Json(battery::disagreement_word(*pack->remaining.disagreement))
                                         : Json(nullptr)}};
    }
    const auto left = pack ? pack->left : std::nullopt;
    return {{"by_counted_charge_ah", left ? or_null(left->charge_ah.value) : Json(nullptr)},
            {"by_counted_charge_sd_ah", left ? or_null(left->charge_ah.sd) : Json(nullptr)},
            {"share_of_usable", left ? or_null(left->share.value) : Json(nullptr)},
            {"methods", methods},
            {"together", together},
            {"recharge", recharge}};
}

Json wind_json(const telemetry::WindEstimate& wind) {
    const auto known = [&](double value) { return wind.known() ? or_null(value) : Json(nullptr); };
    Json windows = Json::array();
    for (const auto& window : wind.windows) {
        windows.push_back({{"start_s", window.start_s},
                           {"end_s", window.end_s},
                           {"height_m", or_null(window.height_m)},
                           {"speed_mps", window.speed_mps.value},
                           {"speed_sd_mps", window.speed_mps.sd},
                           {"from_deg", window.from_deg.value},
                           {"from_sd_deg", window.from_deg.sd}});
    }
    const bool along = wind.knowledge == telemetry::WindKnowledge::along_only;
    return {{"observable", wind.known()},
            {"reason", wind.known() ? Json(nullptr) : Json(telemetry::wind_knowledge_word(wind.knowledge))},
            {"speed_mps", known(wind.speed_mps.value)},
            {"speed_sd_mps", known(wind.speed_mps.sd)},
            {"from_deg", known(wind.from_deg.value)},
            {"from_sd_deg", known(wind.from_deg.sd)},
            {"airspeed_mps", known(wind.airspeed_mps.value)},
            {"airspeed_sd_mps", known(wind.airspeed_mps.sd)},
            {"growth_mps_per_h", known(wind.growth_mps_per_h.value)},
            {"growth_sd_mps_per_h", known(wind.growth_mps_per_h.sd)},
            {"covariance_m2ps2", wind.known() ? Json(wind.covariance_m2ps2) : Json(nullptr)},
            {"known_along_deg", along ? or_null(wind.known_along_deg) : Json(nullptr)},
            {"used_heading", wind.used_heading},
            {"used_airspeed", wind.used_airspeed},
            {"used_power", wind.used_power},
            {"windows", windows}};
}

Json segments_json(const std::vector<telemetry::Segment>& segments) {
    Json list = Json::array();
    for (const auto& s : segments) {
        list.push_back({{"kind", telemetry::segment_word(s.kind)},
                        {"start_s", s.start_s},
                        {"end_s", s.end_s},
                        {"ground_m", or_null(s.ground_m)},
                        {"air_m", or_null(s.air_m)},
                        {"climb_m", or_null(s.climb_m)},
                        {"lift_mps", or_null(s.lift_mps)},
                        {"energy_wh", or_null(s.energy_wh)},
                        {"charge_ah", or_null(s.charge_ah)}});
    }
    return list;
}

Json channels_json(const telemetry::FlightLog& log) {
    Json channels = Json::array();
    for (std::size_t i = 0; i < telemetry::channel_count; ++i) {
        const auto channel = static_cast<telemetry::Channel>(i);
        if (log.has(channel)) channels.push_back(telemetry::channel_word(channel));
    }
    return channels;
}

Json flights_json(const telemetry::CleanLog& log) {
    Json flights = Json::array();
    for (std::size_t i = 0; i < log.parts.size(); ++i) {
        const auto& part = log.parts[i];
        flights.push_back({{"flight", i + 1},
                           {"start_s", part.start_s},
                           {"end_s", part.end_s},
                           {"rows", part.last_row - part.first_row},
                           {"shown", i == log.part}});
    }
    return flights;
}

Json debrief_json(const telemetry::CleanLog& log, const telemetry::LogSummary& s, const telemetry::Findings& found,
                  const std::optional<OfPack>& pack, const std::optional<debrief::FlightReport>& flight_report,
                  const DebriefOptions& options) {
    Json set_aside = Json::array();
    for (const auto& entry : log.set_aside) {
        Json places = Json::array();
        for (const auto& place : entry.places)
            places.push_back({{"first_row", place.first_row}, {"rows", place.rows}});
        set_aside.push_back({{"reason", telemetry::set_aside_word(entry.reason)},
                             {"rows", entry.rows},
                             {"first_row", entry.first_row},
                             {"takes_part", telemetry::takes_part(entry.reason)},
                             {"places", places}});
    }
    Json gaps = Json::array();
    for (const auto& gap : log.gaps) gaps.push_back({{"start_s", gap.start_s}, {"end_s", gap.end_s}});
    const auto& e = s.energy;
    auto lowest_cell =
        e.lowest_voltage_v && options.cells ? std::optional(*e.lowest_voltage_v / *options.cells) : std::nullopt;
    if (!lowest_cell && flight_report && flight_report->lowest_cell)
        lowest_cell = flight_report->lowest_cell->cell_v;
    const auto& per_m = s.energy_wh_per_m;
    const auto& charge_per_m = s.charge_ah_per_m;
    using E = units::Estimate;
    const auto& still = found.still;
    const auto still_wh = still ? std::optional(still->energy_wh_per_m) : std::nullopt;
    const auto pair = still && still->pair ? std::optional(still->pair->energy_wh_per_m) : std::nullopt;
    const auto km = [](const std::optional<E>& per_metre, double E::*part) {
        return per_metre ? or_null((*per_metre).*part * units::metres_per_kilometre) : Json(nullptr);
    };
    std::vector<units::Diagnostic> diagnostics = s.diagnostics;
    diagnostics.insert(diagnostics.end(), found.diagnostics.begin(), found.diagnostics.end());
    if (pack) diagnostics.insert(diagnostics.end(), pack->diagnostics.begin(), pack->diagnostics.end());
    if (flight_report)
        diagnostics.insert(diagnostics.end(), flight_report->diagnostics.begin(), flight_report->diagnostics.end());
    const double mah_per_km = units::milliamp_hours_per_amp_hour * units::metres_per_kilometre;
    return {
        {"log",
         {{"rows_read", log.raw->rows_met},
          {"rows_set_aside", log.rows_set_aside},
          {"duration_s", s.duration_s},
          {"channels", channels_json(*log.raw)},
          {"flights", flights_json(log)},
          {"gaps", gaps}}},
        {"distance",
         {{"ground_m", or_null(s.distance.ground_m)},
          {"ground_sd_m", sd_or_null(s.distance.ground_m)},
          {"ground_from_speed_m", or_null(s.distance.from_speed_m)},
          {"air_m", found.still ? or_null(found.still->air_m.value) : Json(nullptr)},
          {"farthest_from_home_m", or_null(s.distance.farthest_from_home_m)},
          {"highest_ground_speed", peak_json(s.distance.highest_ground_speed, "mps")},
          {"highest_airspeed", peak_json(s.distance.highest_airspeed, "mps")}}},
        {"energy",
         {{"charge_ah", or_null(telemetry::charge_used_ah(s))},
          {"charge_integrated_ah", or_null(e.charge_ah)},
          {"charge_counter_ah", or_null(e.counter_ah)},
          {"energy_wh", or_null(e.energy_wh)},
          {"energy_sd_wh", sd_or_null(e.energy_wh)},
          {"before_log_ah", or_null(e.before_log_ah)},
          {"highest_current", peak_json(e.highest_current, "a")},
          {"mean_current_a", or_null(e.mean_current_a)},
          {"mean_power_w", or_null(e.mean_power_w)},
          {"lowest_voltage_v", or_null(e.lowest_voltage_v)},
          {"lowest_voltage_at_s", or_null(e.lowest_voltage_at_s)},
          {"lowest_cell_voltage_v", or_null(lowest_cell)}}},
        {"wind", wind_json(found.wind)},
        {"consumption",
         {{"ground_wh_per_km", per_m ? or_null(per_m->value * units::metres_per_kilometre) : Json(nullptr)},
          {"ground_mah_per_km", charge_per_m ? or_null(charge_per_m->value * mah_per_km) : Json(nullptr)},
          {"through_air_wh_per_km",
           km(still ? std::optional(still->through_air_wh_per_m) : std::nullopt, &E::value)},
          {"still_air_level_wh_per_km", km(still_wh, &E::value)},
          {"still_air_level_sd_wh_per_km", km(still_wh, &E::sd)},
          {"still_air_level_mah_per_km",
           still && still->charge_ah_per_m ? or_null(still->charge_ah_per_m->value * mah_per_km) : Json(nullptr)},
          {"level_power_w", still ? or_null(still->level_power_w.value) : Json(nullptr)},
          {"level_power_sd_w", still ? or_null(still->level_power_w.sd) : Json(nullptr)},
          {"level_s", still ? or_null(still->level_s) : Json(nullptr)},
          {"gust_power_sd_w", still ? or_null(still->gust_power_sd_w) : Json(nullptr)},
          {"climb_cost_w_per_mps", still ? or_null(still->climb_cost_w_per_mps) : Json(nullptr)},
          {"out_and_back_wh_per_km", km(pair, &E::value)},
          {"out_and_back_sd_wh_per_km", km(pair, &E::sd)}}},
        {"left", left_json(s, pack, options.recharged_mah)},
        {"measured_sag",
         {{"pack_ohm", found.sag ? or_null(found.sag->pack_ohm.value) : Json(nullptr)},
          {"pack_sd_ohm", found.sag ? or_null(found.sag->pack_ohm.sd) : Json(nullptr)},
          {"steps", found.sag ? found.sag->steps : 0}}},
        {"account", flight_report ? flight_report_json(*flight_report) : Json(nullptr)},
        {"stretches", segments_json(found.segments)},
        {"set_aside", set_aside},
        {"warnings", warnings(diagnostics, wording::Quantities())},
    };
}

void print_debrief(const telemetry::CleanLog& log, const telemetry::LogSummary& s, const telemetry::Findings& found,
                   const std::optional<telemetry::LeftByCharge>& left, std::ostream& out) {
    const wording::Quantities q;
    out << wording::without_markup(wording::debrief_sentence(s, left, q)).toStdString() << "\n\n";
    for (const units::Quantity quantity :
         {units::Quantity::charge_per_distance, units::Quantity::energy_per_distance, units::Quantity::mean_power,
          units::Quantity::mean_current, units::Quantity::highest_current, units::Quantity::highest_ground_speed,
          units::Quantity::lowest_voltage, units::Quantity::integrated_charge}) {
        if (const auto explanation = telemetry::explain(s, quantity)) {
            const QString error = q.error_text(quantity, explanation->value);
            out << "  " << wording::name(quantity).toStdString() << ": "
                << q.text(quantity, explanation->value).toStdString() << (error.isEmpty() ? "" : " ")
                << error.toStdString() << "\n";
        }
    }
    const auto line = [&](const std::optional<units::Explanation>& why) {
        if (!why) return;
        const QString error = q.error_text(why->quantity, why->value);
        out << "  " << wording::name(why->quantity).toStdString() << ": "
            << q.text(why->quantity, why->value).toStdString() << (error.isEmpty() ? "" : " ")
            << error.toStdString() << "\n";
    };
    for (const auto quantity : {units::Quantity::wind_speed, units::Quantity::wind_from, units::Quantity::airspeed})
        line(telemetry::explain(found.wind, quantity));
    if (found.still) {
        for (const auto quantity : {units::Quantity::air_distance, units::Quantity::still_air_energy_per_distance,
                                    units::Quantity::still_air_charge_per_distance})
            line(telemetry::explain(*found.still, quantity));
    }
    for (const auto& diagnostic : found.diagnostics)
        out << "  " << wording::message(diagnostic, q).toStdString() << "\n";
    for (const auto& segment : found.segments) {
        out << "  "
            << Printed::tr("%1 to %2: %3", "from, to, what was flown")
                   .arg(wording::stopwatch_text(segment.start_s), wording::stopwatch_text(segment.end_s),
                        wording::name(segment.kind))
                   .toStdString()
            << "\n";
    }
    for (const auto& entry : log.set_aside) {
        out << "  "
            << Printed::tr("excluded: %1 × %2, first in line %3", "rows, reason, line")
                   .arg(entry.rows)
                   .arg(wording::name(entry.reason))
                   .arg(entry.first_row)
                   .toStdString()
            << "\n";
    }
}

} // namespace

int debrief_log(const std::shared_ptr<const telemetry::FlightLog>& read, const DebriefOptions& options,
                DebriefShape shape, std::ostream& out, std::ostream& err) {
    telemetry::CleaningRules rules;
    if (!options.home.empty()) {
        const auto home = position_from(options.home, "--home");
        if (!home) return unusable(home.error(), err);
        rules.home = *home;
    }
    if (options.flight) rules.flight = std::size_t(*options.flight - 1);
    const auto flown = flown_with(options);
    if (!flown) return unusable(flown.error(), err);
    rules.series = options.cells.value_or(*flown ? (*flown)->pack.series : 0);
    const auto columns = columns_from(options.columns);
    if (!columns) return unusable(columns.error(), err);
    const auto log = telemetry::clean(read, rules);
    if (!log) return unusable(log.error(), err);
    const auto summary = telemetry::summarise(*log);
    if (!summary) return unusable(summary.error(), err);

    std::optional<units::Estimate> cruise;
    constexpr double cruise_share_sd = 0.15;
    if (options.cruise_mps) cruise = units::Estimate{*options.cruise_mps, cruise_share_sd * *options.cruise_mps};
    const auto found = telemetry::find_out(*log, {}, cruise);
    if (!found) return unusable(found.error(), err);

    std::optional<OfPack> pack;
    std::optional<debrief::FlightReport> flight_report;
    if (*flown) {
        pack = of_pack(options, *log, **flown, *summary, *found);
        std::optional<mission::Plan> forecast;
        if (!options.plan.empty()) {
            mission::PlanRequest as_flown = **flown;
            as_flown.mission = debrief::flown_mission(*log, *summary, as_flown.mission);
            if (auto plan = mission::make_plan(as_flown)) forecast = std::move(*plan);
        }
        flight_report = debrief::flight_report_of(*log, *summary, *found, **flown, forecast ? &*forecast : nullptr,
                                                  pack->remaining);
    }
    std::vector<units::Diagnostic> diagnostics = summary->diagnostics;
    diagnostics.insert(diagnostics.end(), found->diagnostics.begin(), found->diagnostics.end());
    if (pack) diagnostics.insert(diagnostics.end(), pack->diagnostics.begin(), pack->diagnostics.end());
    if (flight_report)
        diagnostics.insert(diagnostics.end(), flight_report->diagnostics.begin(), flight_report->diagnostics.end());
    std::erase_if(diagnostics,
                  [](const auto& diagnostic) { return diagnostic.severity != units::Severity::warning; });
    say(diagnostics, err);
    if (options.json) {
        Json answer = with_todays_words(debrief_json(*log, *summary, *found, pack, flight_report, options));
        if (shape == DebriefShape::summary_line) {
            out << Json{{"summary", answer}}.dump() << std::endl;
            return exit_done;
        }
        answer["log"]["reading"] = reading_json(options.log, *columns);
        out << answer.dump(2) << "\n";
        return exit_done;
    }
    print_debrief(*log, *summary, *found, pack ? pack->left : std::nullopt, out);
    if (flight_report && flight_report->sun) {
        out << "\n"
            << wording::without_markup(wording::sun_verdict_sentence(*flight_report->sun, wording::Quantities()))
                   .toStdString()
            << "\n";
    }
    return exit_done;
}

int debrief(const DebriefOptions& options, std::ostream& out, std::ostream& err) {
    const auto columns = columns_from(options.columns);
    if (!columns) return unusable(columns.error(), err);
    if (const auto error = misplaced_column(options.log, *columns)) return unusable(*error, err);
    const auto read = io::read_log(options.log, {{}, {}, *columns});
    if (!read) return unusable(read.error(), err);
    return debrief_log(*read, options, DebriefShape::whole, out, err);
}

} // namespace sobremesa::cli
