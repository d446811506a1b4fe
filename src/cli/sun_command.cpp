#include "cli/sun_command.hpp"

#include <algorithm>
#include <cmath>
#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "cli/position_argument.hpp"
#include "cli/printed.hpp"
#include "cli/said.hpp"
#include "core/matching/sun_day.hpp"
#include "core/units/quantity.hpp"
#include "io/calendar.hpp"
#include "io/plan_document.hpp"
#include "wording/sentences.hpp"
#include "wording/sun.hpp"

namespace sobremesa::cli {

namespace {

Json moment_json(const matching::SunMoment& m) {
    return {{"utc_s", m.utc_s},
            {"elevation_deg", m.elevation_deg},
            {"azimuth_deg", m.azimuth_deg},
            {"global_w_per_m2", m.global_w_per_m2},
            {"array_w", m.array_w},
            {"array_clear_w", m.clear_array_w},
            {"array_overcast_w", m.overcast_array_w},
            {"array_v", m.array_v},
            {"pack_v", m.pack_v},
            {"level_w", m.level_w},
            {"balance_w", m.balance_w},
            {"climb_mps", m.climb_mps},
            {"pack_share", m.pack_share},
            {"cloud_minutes_survived", or_null(m.cloud_minutes_survived)}};
}

Json spans_json(const std::vector<matching::SunSpan>& spans) {
    Json list = Json::array();
    for (const auto& span : spans) list.push_back({{"from_utc_s", span.from_utc_s}, {"to_utc_s", span.to_utc_s}});
    return list;
}

Json report_json(const matching::SunDayReport& r) {
    Json noon = moment_json(r.noon);
    noon["air_mass"] = or_null(r.noon_air_mass);
    Json rows = Json::array();
    for (const auto& row : r.rows) rows.push_back(moment_json(row));
    Json changes = Json::array();
    for (const auto& change : r.changes) {
        changes.push_back({{"change", matching::sun_change_word(change.kind)},
                           {"endurance_s", change.endurance_s},
                           {"sustained_s", change.sustained_s},
                           {"noon_array_w", change.noon_array_w}});
    }
    const auto& f = r.flight;
    return {{"date", io::date_text(r.question.day_utc_s)},
            {"latitude_deg", r.question.at.latitude_deg},
            {"longitude_deg", r.question.at.longitude_deg},
            {"cloud_okta", r.question.cloud_okta},
            {"airspeed_mps", r.airspeed_mps},
            {"all_up_mass_kg", r.all_up_mass_kg},
            {"level_w", r.level_w.value},
            {"level_sd_w", r.level_w.sd},
            {"noon", noon},
            {"daylight", spans_json(r.daylight)},
            {"sustained", spans_json(r.sustained)},
            {"sustained_s", r.sustained_s},
            {"sustained_low_s", r.sustained_low_s},
            {"sustained_high_s", r.sustained_high_s},
            {"start_utc_s", f.start_utc_s},
            {"endurance_s", f.endurance_s.value},
            {"endurance_sd_s", f.endurance_s.sd},
            {"endurance_without_sun_s", f.endurance_without_sun_s},
            {"outlasts", f.outlasts},
            {"latest_landing_utc_s", f.start_utc_s + f.with_reserve_s},
            {"ledger",
             {{"array_wh", f.ledger.array_wh},
              {"to_motor_wh", f.ledger.to_motor_wh},
              {"to_pack_wh", f.ledger.to_pack_wh},
              {"not_taken_wh", f.ledger.not_taken_wh},
              {"from_pack_wh", f.ledger.from_pack_wh},
              {"used_wh", f.ledger.used_wh}}},
            {"best_direct_series", r.best_direct_series},
            {"smallest_area_m2", or_null(r.smallest_area_m2)},
            {"sensitivity", changes},
            {"rows", rows},
            {"warnings", warnings(r.diagnostics, wording::Quantities())}};
}

void print_report(const matching::SunDayReport& r, std::ostream& out) {
    const wording::Quantities q;
    const auto watts = [&](double w) { return q.text(units::Quantity::array_power, {w, 0.0}).toStdString(); };
    out << wording::without_markup(wording::sun_sentence(r, q)).toStdString() << "\n"
        << wording::without_markup(wording::sun_flight_sentence(r, q)).toStdString() << "\n";
    constexpr std::size_t every = 3;
    const auto is_up = [](const auto& m) { return m.elevation_deg >= 0.0; };
    if (std::any_of(r.rows.begin(), r.rows.end(), is_up)) {
        out << "\n"
            << Printed::tr("time (%1)  sun   irradiance   array   balance   pack", "heads of columns")
                   .arg(wording::clock_zone(r.noon.utc_s))
                   .toStdString()
            << "\n";
    }
    for (std::size_t i = 0; i < r.rows.size(); i += every) {
        const auto& m = r.rows[i];
        if (!is_up(m)) continue;
        out << "  " << wording::clock_text(m.utc_s).toStdString() << "  "
            << q.text(units::Quantity::sun_elevation, {m.elevation_deg, 0.0}).toStdString() << "  "
            << q.text(units::Quantity::sun_irradiance, {m.global_w_per_m2, 0.0}).toStdString() << "  "
            << watts(m.array_w) << "  " << watts(m.balance_w) << "  " << q.share(m.pack_share).toStdString()
            << "\n";
    }
    out << "\n" << Printed::tr("what would change it").toStdString() << "\n";
    for (const auto& change : r.changes)
        out << "  " << wording::name(change.kind).toStdString() << ": "
            << wording::sun_change_text(change, q).toStdString() << "\n";
    if (r.smallest_area_m2) {
        out << "\n"
            << Printed::tr("smallest cell area for the span asked for: %1")
                   .arg(wording::written(*r.smallest_area_m2, 0.0, {100.0, QStringLiteral("dm²"), 1}))
                   .toStdString()
            << "\n";
    }
    out << "\n"
        << Printed::tr(
               "A clear-sky model: haze, shadow on the wing and banking are not in it. Local rules come first.")
               .toStdString()
        << "\n";
}

} // namespace

int sun_day(const SunOptions& options, std::ostream& out, std::ostream& err) {
    const auto plan = io::read_plan_file(options.plan);
    if (!plan) return unusable(plan.error(), err);
    say(plan->diagnostics, err);
    const auto& request = plan->request;
    const mission::SunStart planned = request.sun.value_or(mission::SunStart{});
    const auto missing = [&](const char* field) {
        return unusable({units::ErrorCode::value_missing, {options.plan, {}, {}, field}, {}}, err);
    };
    matching::SunQuestion question;
    if (!options.at.empty()) {
        const auto at = position_from(options.at, "--at");
        if (!at) return unusable(at.error(), err);
        question.at = *at;
    } else if (request.mission.home) {
        question.at = *request.mission.home;
    } else {
        return missing("mission.home");
    }
    if (!options.date.empty()) {
        auto day = io::typed_day_utc_s(options.date);
        if (!day) {
            day.error().where.field = "--date";
            return unusable(day.error(), err);
        }
        question.day_utc_s = *day;
    } else if (planned.start_utc_s) {
        question.day_utc_s = *io::day_utc_s(io::date_text(*planned.start_utc_s));
    } else {
        return missing("sun.start_utc");
    }
    question.cloud_okta = options.cloud_okta.value_or(planned.cloud_okta);
    if (!options.start_utc.empty()) {
        const auto time = io::time_of_day_s(options.start_utc);
        if (!time) {
            return unusable({units::ErrorCode::word_unknown,
                             {{}, {}, {}, "--start-utc"},
                             {{"word", options.start_utc}, {"allowed", std::string("HH:MM")}}},
                            err);
        }
        question.start_utc_s = question.day_utc_s + *time;
    } else if (options.date.empty()) {
        question.start_utc_s = planned.start_utc_s;
    }
    if (options.sustain_h) question.wanted_sustained_s = *options.sustain_h * 3600.0;
    const auto report = matching::sun_day(request, question);
    if (!report) {
        units::Error error = report.error();
        if (error.where.file.empty()) error.where.file = options.plan;
        return unusable(error, err);
    }
    if (options.json) {
        out << report_json(*report).dump(2) << "\n";
    } else {
        print_report(*report, out);
        say(report->diagnostics, err);
    }
    return exit_done;
}

} // namespace sobremesa::cli
