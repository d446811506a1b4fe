#include "cli/learn_command.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "cli/curve_json.hpp"
#include "cli/json_text.hpp"
#include "cli/read_flight.hpp"
#include "cli/said.hpp"
#include "core/airframe/known_cruise.hpp"
#include "core/debrief/bill_history.hpp"
#include "core/learning/everything.hpp"
#include "core/matching/what_if.hpp"
#include "core/mission/make_plan.hpp"
#include "core/units/constants.hpp"
#include "io/plan_document.hpp"
#include "io/text_number.hpp"
#include "wording/bill.hpp"
#include "wording/learning.hpp"

namespace sobremesa::cli {

namespace {

/// One `--flight`, taken apart.
struct FlightArgument {
    std::string log;
    std::string plan;
    std::optional<double> recharged_ah;
    std::optional<double> rested_v;
    double rest_s = 600.0;
};

constexpr const char* form = "LOG[,plan=FILE][,recharged=MAH][,rested=V/MIN]";

units::Error wrong(const std::string& text) {
    units::Where where;
    where.field = "--flight";
    return {units::ErrorCode::word_unknown, where, {{"word", text}, {"allowed", std::string(form)}}};
}

units::Result<FlightArgument> argument_from(const std::string& text) {
    FlightArgument argument;
    // A file's name may hold commas: only what looks like one of the words is one.
    std::vector<std::string> pieces;
    for (std::size_t from = 0; from <= text.size();) {
        const std::size_t comma = std::min(text.find(',', from), text.size());
        const std::string piece = text.substr(from, comma - from);
        const bool word =
            piece.starts_with("plan=") || piece.starts_with("recharged=") || piece.starts_with("rested=");
        if (word || pieces.empty())
            pieces.push_back(piece);
        else
            pieces.back() += "," + piece;
        from = comma + 1;
    }
    argument.log = pieces.front();
    for (std::size_t i = 1; i < pieces.size(); ++i) {
        const std::string value = pieces[i].substr(pieces[i].find('=') + 1);
        if (pieces[i].starts_with("plan=")) {
            argument.plan = value;
            continue;
        }
        if (pieces[i].starts_with("recharged=")) {
            const auto mah = io::number_from_text(value);
            if (!mah || !(*mah > 0.0)) return tl::unexpected(wrong(pieces[i]));
            argument.recharged_ah = *mah / units::milliamp_hours_per_amp_hour;
            continue;
        }
        const std::size_t slash = value.find('/');
        const auto volts = io::number_from_text(value.substr(0, slash));
        const auto minutes =
            slash == std::string::npos ? std::optional(10.0) : io::number_from_text(value.substr(slash + 1));
        if (!volts || !minutes || !(*volts > 0.0) || *minutes < 0.0) return tl::unexpected(wrong(pieces[i]));
        argument.rested_v = volts;
        argument.rest_s = *minutes * units::seconds_per_minute;
    }
    if (argument.log.empty()) return tl::unexpected(wrong(text));
    return argument;
}

struct Learner {
    mission::PlanRequest plan;
    learning::EverythingQuestion question;
    /// Each flight against its own plan, or against PLAN as far as it was flown.
    std::vector<debrief::BillShares> bills;
    std::vector<units::Diagnostic> diagnostics;
};

debrief::BillShares bill_of(const ReadFlight& read, const FlightArgument& argument) {
    const auto plan =
        mission::make_plan(argument.plan.empty() ? debrief::as_far_as_flown(read.flown, read.summary) : read.flown);
    if (!plan) return {};
    debrief::BillQuestion question;
    question.plan = &*plan;
    question.flown_as = read.flown;
    question.recharged_ah = argument.recharged_ah;
    return debrief::shares_of(debrief::bill(read.summary, read.found, question));
}

units::Result<Learner> subject_of(const LearnOptions& options) {
    const auto plan = io::read_plan_file(options.plan);
    if (!plan) return tl::unexpected(plan.error());
    Learner subject;
    subject.plan = plan->request;
    subject.diagnostics = plan->diagnostics;
    auto& question = subject.question;
    question.aircraft = plan->request.aircraft;
    question.pack = plan->request.pack;
    question.all_up_mass_kg = mission::all_up_mass_kg(plan->request);
    question.landing_cell_v = mission::landing_cell_v(plan->request);
    question.air_temperature_c = plan->request.weather.temperature_c;
    double used_ah = 0.0;
    for (const std::string& text : options.flights) {
        const auto argument = argument_from(text);
        if (!argument) return tl::unexpected(argument.error());
        const auto read = read_flight(argument->log, argument->plan.empty() ? options.plan : argument->plan);
        if (!read) return tl::unexpected(read.error());
        learning::WholeFlight flight;
        const auto id = std::int64_t(question.flights.size() + 1);
        flight.observation.flight_id = flight.pack.flight_id = id;
        flight.observation.all_up_mass_kg = mission::all_up_mass_kg(read->flown);
        flight.observation.field_elevation_m = read->flown.weather.field_elevation_m;
        flight.observation.field_temperature_c = read->flown.weather.temperature_c;
        flight.observation.level = read->summary.level;
        flight.observation.climbs = read->summary.climbs;
        flight.observation.pieces = read->summary.pieces;
        if (read->summary.distance.farthest_from_home_m)
            flight.farthest_m = read->summary.distance.farthest_from_home_m->value;
        flight.pack.trace = read->summary.pack;
        flight.pack.air_temperature_c = read->flown.weather.temperature_c;
        flight.pack.start_temperature_c = read->flown.pack.start_temperature_c;
        flight.pack.start_cell_v = read->flown.pack.start_cell_v;
        flight.pack.recharged_ah = argument->recharged_ah;
        if (argument->rested_v) {
            // Of the pack, or of a cell: no cell has five volts, no pack of several less.
            constexpr double most_cell_v = 4.6;
            const bool whole = *argument->rested_v > most_cell_v;
            flight.pack.rested_cell_v = *argument->rested_v / (whole ? question.pack.series : 1);
            flight.pack.rest_s = argument->rest_s;
        }
        flight.pack.cycles = used_ah / battery::rated_charge_ah(question.pack);
        if (const auto used = telemetry::charge_used_ah(read->summary)) {
            used_ah += used->value;
            flight.pack.counted_ah = used->value;
        }
        subject.diagnostics.insert(subject.diagnostics.end(), read->summary.diagnostics.begin(),
                                   read->summary.diagnostics.end());
        question.flights.push_back(std::move(flight));
        subject.bills.push_back(bill_of(*read, *argument));
    }
    return subject;
}

Json changes_json(const learning::Everything& found, const mission::PlanRequest& plan) {
    Json list = Json::array();
    for (const auto& change : found.changes) {
        Json because = Json::array();
        for (const QString& reason : wording::reasons(change)) because.push_back(reason.toStdString());
        list.push_back({{"what", learning::learned_word(change.what)},
                        {"before", change.before.value},
                        {"before_sd", change.before.sd},
                        {"after", change.after.value},
                        {"after_sd", change.after.sd},
                        {"because", because},
                        {"text", wording::sentence(change, plan.pack, wording::Quantities()).toStdString()}});
    }
    return list;
}

Json quality_json(const std::optional<learning::ForecastQuality>& quality) {
    const auto figure = [&](double learning::ForecastQuality::*what) {
        return quality ? Json((*quality).*what) : Json(nullptr);
    };
    return {{"forecasts", quality ? quality->forecasts : 0},
            {"bias", quality ? Json(quality->bias.value) : Json(nullptr)},
            {"bias_sd", quality ? Json(quality->bias.sd) : Json(nullptr)},
            {"spread", figure(&learning::ForecastQuality::spread)},
            {"inside_50_share", figure(&learning::ForecastQuality::inside_50_share)},
            {"inside_90_share", figure(&learning::ForecastQuality::inside_90_share)}};
}

Json backtest_json(const std::vector<learning::WholeForecast>& test) {
    Json rows = Json::array();
    for (const auto& row : test) {
        const auto value = [](const std::optional<units::Estimate>& e, double factor) {
            return e ? or_null(e->value * factor) : Json(nullptr);
        };
        const auto sd = [](const std::optional<units::Estimate>& e, double factor) {
            return e ? or_null(e->sd * factor) : Json(nullptr);
        };
        constexpr double km = units::metres_per_kilometre;
        rows.push_back(
            {{"flight", row.flight_id},
             {"from_flights", row.from_flights},
             {"landing_ah_forecast", value(row.landing_ah, 1.0)},
             {"landing_ah_sd", sd(row.landing_ah, 1.0)},
             {"landing_by", row.landing_ah ? Json(row.by_volts ? "volts" : "consumption") : Json(nullptr)},
             {"landing_ah_flown", row.landing_ah ? Json(row.landing_flown_ah) : Json(nullptr)},
             {"duration_s_forecast", value(row.duration_s, 1.0)},
             {"duration_s_sd", sd(row.duration_s, 1.0)},
             {"duration_s_flown", row.flown_duration_s},
             {"turn_m_forecast", value(row.turn_m, 1.0)},
             {"turn_m_sd", sd(row.turn_m, 1.0)},
             {"turn_m_flown", row.turn_m ? Json(row.flown_turn_m) : Json(nullptr)},
             {"wh_per_km_forecast", value(row.wh_per_m, km)},
             {"wh_per_km_sd", sd(row.wh_per_m, km)},
             {"wh_per_km_flown", row.wh_per_m ? Json(row.flown_wh_per_m * km) : Json(nullptr)},
             {"inside_50", row.landing_ah ? Json(row.inside_50) : Json(nullptr)},
             {"inside_90", row.landing_ah ? Json(row.inside_90) : Json(nullptr)}});
    }
    using learning::ForecastPart;
    const auto of = [&](ForecastPart part) {
        return quality_json(learning::quality(learning::part_forecasts(test, part)));
    };
    // The landing charge's stand as they always did.
    Json json = of(ForecastPart::landing_charge);
    json["rows"] = std::move(rows);
    json["duration"] = of(ForecastPart::duration);
    json["turn"] = of(ForecastPart::turn);
    return json;
}

Json causes_json(const std::optional<debrief::CausesOverFlights>& causes) {
    if (!causes) return nullptr;
    Json rows = Json::array();
    for (const auto& row : causes->rows) {
        rows.push_back({{"cause", debrief::bill_cause_word(row.cause)},
                        {"mean", row.mean.value},
                        {"mean_sd", row.mean.sd},
                        {"spread", row.spread}});
    }
    return {{"flights", causes->flights},
            {"rows", rows},
            {"together",
             {{"mean", causes->whole.value}, {"mean_sd", causes->whole.sd}, {"spread", causes->whole_spread}}}};
}

Json history_json(const learning::PackHistory& history) {
    Json list = Json::array();
    for (const auto& after : history.known) {
        list.push_back({{"flight", after.flight_id > 0 ? Json(after.flight_id) : Json(nullptr)},
                        {"flights", after.flights},
                        {"capacity_share", after.capacity_share.value},
                        {"capacity_share_sd", after.capacity_share.sd},
                        {"cell_resistance_ohm", after.cell_resistance_ohm.value},
                        {"cell_resistance_sd_ohm", after.cell_resistance_ohm.sd},
                        {"volts", after.volts},
                        {"recharged", after.recharged},
                        {"rested", after.rested},
                        {"readings", after.readings}});
    }
    return list;
}

Json left_out_json(const learning::Everything& found) {
    Json list = Json::array();
    for (const auto& odd : found.joint.odd) {
        list.push_back({{"flight", odd.flight_id},
                        {"what", learning::odd_evidence_word(odd.kind)},
                        {"off_by_sd", odd.off_by_sd}});
    }
    for (const std::size_t at : found.curve.outliers)
        list.push_back({{"flight", at + 1}, {"what", "level-power"}, {"off_by_sd", nullptr}});
    return list;
}

} // namespace

int learn(const LearnOptions& options, std::ostream& out, std::ostream& err) {
    auto subject = subject_of(options);
    if (!subject) return unusable(subject.error(), err);
    matching::FlownAs as = matching::flown_as(subject->plan);
    airframe::Aircraft bare = subject->plan.aircraft;
    bare.curve.reset();
    const auto known = airframe::curve_of_known_cruise(bare, subject->question.all_up_mass_kg);
    const auto before = matching::outcome_of(bare, known, as);
    if (!before) return unusable(before.error(), err);
    subject->question.density_kgm3 = before->density_kgm3;
    const auto found = learning::learn_everything(subject->question);
    if (!found) return unusable(found.error(), err);
    const auto& pack = found->joint.packs.front().known;
    const auto& sensors = found->joint.sensors.front();
    if (options.json) {
        const Json pack_json = {{"capacity_share", pack.capacity_share.value},
                                {"capacity_share_sd", pack.capacity_share.sd},
                                {"cell_resistance_ohm", pack.cell_resistance_ohm.value},
                                {"cell_resistance_sd_ohm", pack.cell_resistance_ohm.sd},
                                {"slow_factor", pack.slow_factor.value},
                                {"slow_factor_sd", pack.slow_factor.sd},
                                {"curve_offset_v", pack.curve_offset_v},
                                {"landing_ah", found->landing_ah.value},
                                {"landing_ah_sd", found->landing_ah.sd},
                                {"flights", pack.flights},
                                {"recharges", pack.recharges}};
        out << Json{{"pack", pack_json},
                    {"sensor",
                     {{"current_gain", sensors.current_gain.value},
                      {"current_gain_sd", sensors.current_gain.sd},
                      {"volts_gain", sensors.volts_gain.value},
                      {"volts_gain_sd", sensors.volts_gain.sd},
                      {"flights", sensors.flights},
                      {"recharges", sensors.recharges}}},
                    {"curve", curve_json(found->curve.curve, matching::speed_question(as, *before))},
                    {"changes", changes_json(*found, subject->plan)},
                    {"left_out", left_out_json(*found)},
                    {"backtest", backtest_json(found->test)},
                    {"history", history_json(found->history)},
                    {"causes", causes_json(debrief::over_flights(subject->bills))},
                    {"warnings", warnings(subject->diagnostics, wording::Quantities())}}
                   .dump(2)
            << "\n";
        return exit_done;
    }
    say(subject->diagnostics, err);
    const wording::Quantities q;
    if (found->changes.empty()) out << wording::nothing_learned().toStdString() << "\n";
    for (const auto& change : found->changes)
        out << wording::sentence(change, subject->plan.pack, q).toStdString() << "\n";
    for (const auto& odd : found->joint.odd) out << wording::sentence(odd).toStdString() << "\n";
    out << wording::landing_sentence(found->landing_ah, pack.flights, q).toStdString() << "\n";
    using learning::ForecastPart;
    for (const auto part : {ForecastPart::landing_charge, ForecastPart::duration, ForecastPart::turn}) {
        if (const auto quality = learning::quality(learning::part_forecasts(found->test, part)))
            out << wording::sentence(*quality, part).toStdString() << "\n";
    }
    if (const auto causes = debrief::over_flights(subject->bills))
        out << wording::causes_sentence(causes, causes->flights, 0, q).toStdString() << "\n";
    return exit_done;
}

} // namespace sobremesa::cli
