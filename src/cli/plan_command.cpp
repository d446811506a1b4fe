#include "cli/plan_command.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "cli/position_argument.hpp"
#include "cli/printed.hpp"
#include "cli/said.hpp"
#include "core/matching/headroom.hpp"
#include "core/matching/sun_day.hpp"
#include "core/mission/alarms.hpp"
#include "core/mission/bail_out.hpp"
#include "core/mission/chance.hpp"
#include "core/mission/failsafe.hpp"
#include "core/mission/input_paths.hpp"
#include "core/mission/limits.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/reach.hpp"
#include "io/all_cores.hpp"
#include "io/plan_document.hpp"
#include "io/route_files.hpp"
#include "io/terrain.hpp"
#include "io/text_file.hpp"
#include "io/text_number.hpp"
#include "paper/flight_card.hpp"
#include "wording/names.hpp"
#include "wording/plans.hpp"
#include "wording/sentences.hpp"
#include "wording/sun.hpp"

namespace sobremesa::cli {

namespace {

Json turn_json(const mission::Plan& plan) {
    if (!plan.turn) return nullptr;
    const mission::Turn& t = *plan.turn;
    return {{"school", mission::turn_rule_word(t.turn_rule)},
            {"distance_m", t.distance_m.value},
            {"distance_sd_m", t.distance_m.sd},
            {"time_s", t.time_s.value},
            {"charge_used_ah", t.charge_used_ah.value},
            {"charge_used_sd_ah", t.charge_used_ah.sd},
            {"energy_used_wh", t.energy_used_wh.value},
            {"cell_voltage_v", t.cell_voltage_v.value},
            {"east_m", t.at.east_m},
            {"north_m", t.at.north_m},
            {"at_end_of_mission", t.at_end_of_mission}};
}

Json turn_rule_json(const mission::RuleTurn& t) {
    const auto known = [&](double value) { return t.reached ? or_null(value) : Json(nullptr); };
    return {{"school", mission::turn_rule_word(t.turn_rule)},
            {"distance_m", known(t.distance_m)},
            {"time_s", known(t.time_s)},
            {"charge_used_ah", known(t.charge_used_ah)},
            {"energy_used_wh", known(t.energy_used_wh)},
            {"cell_voltage_v", known(t.cell_voltage_v)},
            {"landing_energy_left_wh", known(t.landing_left_wh)},
            {"counted", t.counted},
            {"too_late", t.too_late},
            {"unmet_at_launch", t.unmet_at_launch}};
}

Json legs_json(const mission::Plan& plan) {
    Json legs = Json::array();
    if (!plan.flight) return legs;
    for (const auto& leg : plan.flight->legs) {
        legs.push_back({{"kind", mission::phase_word(leg.kind)},
                        {"homeward", leg.homeward},
                        {"course_deg", leg.airspeed_mps > 0.0 ? Json(leg.course_deg) : Json(nullptr)},
                        {"airspeed_mps", leg.airspeed_mps > 0.0 ? Json(leg.airspeed_mps) : Json(nullptr)},
                        {"height_m", leg.height_m},
                        {"power_w", leg.power_w},
                        {"duration_s", leg.duration_s},
                        {"ground_m", leg.ground_m},
                        {"energy_wh", leg.energy_wh}});
    }
    return legs;
}

Json limits_json(const mission::LimitsReport& report) {
    Json checks = Json::array();
    for (const auto& check : report.checks) {
        const bool known = check.verdict != mission::Verdict::unknown;
        checks.push_back({{"limit", mission::limit_word(check.kind)},
                          {"verdict", mission::verdict_word(check.verdict)},
                          {"worst", known ? or_null(check.worst) : Json(nullptr)},
                          {"allowed", known ? or_null(check.limit) : Json(nullptr)},
                          {"at_s", known ? or_null(check.time_s) : Json(nullptr)},
                          {"clears", check.cure ? Json(mission::cure_field(*check.cure)) : Json(nullptr)},
                          {"clears_it", check.cure ? or_null(check.cure->value) : Json(nullptr)}});
    }
    return checks;
}

Json chance_json(const mission::Plan& plan) {
    if (!plan.chance || !plan.turn) return {{"home", nullptr}, {"reserve_intact", nullptr}};
    const auto& c = *plan.chance;
    return {{"home", c.home.value},
            {"home_sd", c.home.sd},
            {"reserve_intact", c.reserve_intact.value},
            {"reserve_intact_sd", c.reserve_intact.sd},
            {"landing_left_wh", {{"5", c.landing_low_wh}, {"50", c.landing_median_wh}, {"95", c.landing_high_wh}}},
            {"days", c.days},
            {"seed", c.seed}};
}

Json station_json(const mission::Plan& plan) {
    if (!plan.station) return nullptr;
    return {{"arrival_s", plan.station->arrival_s},
            {"last_moment_s", plan.station->last_moment_s.value},
            {"time_s", plan.station->time_s.value},
            {"time_sd_s", plan.station->time_s.sd}};
}

/// What the sun adds to a plan that flies on it.
std::optional<matching::SunDayReport> sun_of(const mission::Plan& plan) {
    const auto question = matching::question_of(plan.request);
    if (!question || !plan.turn) return std::nullopt;
    auto sun = matching::sun_day(plan.request, *question);
    return sun ? std::optional(std::move(*sun)) : std::nullopt;
}

Json sun_json(const mission::Plan& plan) {
    const auto sun = sun_of(plan);
    if (!sun) return nullptr;
    const auto& f = sun->flight;
    const bool counted = plan.request.sun && plan.request.sun->counted;
    return {{"start_utc_s", f.start_utc_s},
            {"endurance_s", f.endurance_s.value},
            {"endurance_sd_s", f.endurance_s.sd},
            {"bonus_s", f.with_reserve_s - plan.turn->time_s.value},
            {"counted", counted},
            {"counted_w", plan.request.sun ? plan.request.sun->counted_w : 0.0},
            {"land_by_utc_s", f.start_utc_s + plan.turn->time_s.value},
            {"array_wh", f.ledger.array_wh}};
}

Json failsafe_json(const mission::Plan& plan) {
    const auto outcome = mission::failsafe_return(plan);
    if (!outcome) return nullptr;
    return {{"gets_home", outcome->gets_home},
            {"airspeed_mps", outcome->airspeed_mps},
            {"height_m", outcome->height_m},
            {"flies", outcome->flies},
            {"time_s", outcome->flies ? Json(outcome->time_s) : Json(nullptr)},
            {"energy_wh", outcome->flies ? Json(outcome->energy_wh) : Json(nullptr)},
            {"left_wh", outcome->flies ? Json(outcome->left_wh) : Json(nullptr)},
            {"nearest_turn_m", outcome->nearest ? Json(outcome->nearest->distance_m) : Json(nullptr)}};
}

Json over_land_json(const mission::Plan& plan) {
    const auto land = mission::over_land(plan);
    if (!land) return nullptr;
    return {{"area", land->area},
            {"charge_used_ah", land->charge_used_ah},
            {"allowed_ah", mission::over_land_limit_ah(plan)},
            {"time_s", land->time_s},
            {"flown_m", land->flown_m},
            {"from_home_m", geodesy::distance_m(land->at, {})},
            {"above_areas_m", land->above_areas_m},
            {"lands_inside", land->lands_inside}};
}

Json landing_places_json(const mission::Plan& plan) {
    Json places = Json::array();
    if (!plan.turn) return places;
    for (const auto& way : mission::bail_outs(plan, mission::outward_at(plan, plan.turn->distance_m.value))) {
        places.push_back({{"name", way.home ? "home" : way.name},
                          {"distance_m", way.distance_m},
                          {"bearing_deg", way.bearing_deg},
                          {"needed_wh", way.needed_wh},
                          {"spare_wh", way.margin_wh},
                          {"reachable", way.reachable}});
    }
    return places;
}

Json sensitivity_json(const mission::Plan& plan) {
    Json list = Json::array();
    const bool time = mission::stays(plan.request);
    for (const auto& s : plan.turn_sensitivities) {
        list.push_back({{"input", mission::input_path(s.input)},
                        {"step", s.step},
                        {"relative", s.relative},
                        {time ? "turn_time_s" : "turn_distance_m", s.change}});
    }
    return list;
}

Json plan_json(const mission::Plan& plan, const std::vector<units::Diagnostic>& document_diagnostics) {
    const auto report = mission::check_limits(plan);
    Json turn_rules = Json::array();
    for (const auto& turn : plan.turn_rules) turn_rules.push_back(turn_rule_json(turn));
    const auto& c = plan.conditions;
    const auto speed = [](const std::optional<geodesy::Heading>& heading) {
        return heading ? Json(heading->ground_speed_mps) : Json(nullptr);
    };
    Json flight = {{"duration_s", nullptr},
                   {"ground_m", nullptr},
                   {"landing_charge_used_ah", nullptr},
                   {"landing_energy_left_wh", nullptr}};
    if (plan.flight) {
        flight = {{"duration_s", plan.flight->duration_s.value},
                  {"ground_m", plan.flight->ground_m},
                  {"landing_charge_used_ah", plan.flight->landing_charge_used_ah},
                  {"landing_energy_left_wh", plan.flight->landing_energy_left_wh.value},
                  {"landing_energy_left_sd_wh", plan.flight->landing_energy_left_wh.sd}};
    }
    auto diagnostics = document_diagnostics;
    diagnostics.insert(diagnostics.end(), plan.diagnostics.begin(), plan.diagnostics.end());
    return {{"usable",
             {{"energy_wh", plan.usable_energy_wh.value},
              {"energy_sd_wh", plan.usable_energy_wh.sd},
              {"charge_ah", plan.usable_charge_ah.value}}},
            {"cruise",
             {{"power_w", c.cruise_power_w.value},
              {"power_sd_w", c.cruise_power_w.sd},
              {"ground_speed_out_mps", speed(c.out)},
              {"ground_speed_home_mps", speed(c.home)}}},
            {"turn", turn_json(plan)},
            {"schools", turn_rules},
            {"flight", flight},
            {"whole", plan.whole},
            {"station", station_json(plan)},
            {"sun", sun_json(plan)},
            {"legs", legs_json(plan)},
            {"chance", chance_json(plan)},
            {"failsafe_return", failsafe_json(plan)},
            {"landing_places", landing_places_json(plan)},
            {"over_land", over_land_json(plan)},
            {"least_clearance_m", plan.least_clearance ? Json(plan.least_clearance->height_m) : Json(nullptr)},
            {"go", report.go},
            {"limits", limits_json(report)},
            {"sensitivity", sensitivity_json(plan)},
            {"warnings", warnings(diagnostics, wording::Quantities())}};
}

void print_plan(const mission::Plan& plan, std::ostream& out) {
    const wording::Quantities q;
    QString answer = wording::plan_sentence(plan, q);
    if (const auto sun = sun_of(plan))
        answer += QLatin1Char(' ') + wording::sun_plan_sentence(*sun, plan.request.sun && plan.request.sun->counted,
                                                                plan.turn->time_s.value, q);
    out << wording::without_markup(answer).toStdString() << "\n\n";
    for (const auto& turn : plan.turn_rules) {
        out << "  " << wording::name(turn.turn_rule, plan.request, q).toStdString() << ": ";
        if (!turn.reached) {
            out << (turn.unmet_at_launch ? Printed::tr("not met, even at launch")
                                         : Printed::tr("never on this flight"))
                       .toStdString()
                << "\n";
            continue;
        }
        const QString where = mission::stays(plan.request) ? q.duration(turn.time_s) : q.distance(turn.distance_m);
        out << where.toStdString() << ", " << q.charge(turn.charge_used_ah).toStdString();
        if (turn.too_late) out << ", " << Printed::tr("would not get home with the reserve").toStdString();
        out << "\n";
    }
    for (const auto& diagnostic : plan.diagnostics)
        out << "  ! " << wording::message(diagnostic, q).toStdString() << "\n";
    if (plan.flight) out << "\n";
    for (const auto& leg : wording::leg_rows(plan, q)) {
        out << "  " << leg.what.toStdString() << ": " << leg.ground.toStdString() << ", " << leg.time.toStdString()
            << ", " << leg.energy.toStdString() << ", "
            << Printed::tr("counter %1", "charge used so far").arg(leg.charge_so_far).toStdString() << "\n";
    }
    const auto report = mission::check_limits(plan);
    out << "\n" << wording::without_markup(wording::go_sentence(report, plan, q)).toStdString() << "\n";
    for (const auto& check : report.checks) {
        if (check.verdict == mission::Verdict::unknown) continue;
        out << "  " << wording::name(check.verdict).toStdString() << ": " << wording::name(check.kind).toStdString()
            << ", " << wording::limit_sentence(check, q).toStdString() << "\n";
    }
    out << "\n" << wording::cautions().toStdString() << "\n";
}

struct Read {
    io::PlanDocument document;
    mission::Plan plan;
};

/// The plan with what the command line says besides.
units::Result<Read> planned(const PlanOptions& options, std::ostream& err) {
    auto document = io::read_plan_file(options.plan);
    if (!document) return tl::unexpected(document.error());
    auto& request = document->request;
    if (!options.home.empty()) {
        const auto home = position_from(options.home, "--home");
        if (!home) return tl::unexpected(home.error());
        request.mission.home = *home;
    }
    if (!options.route.empty()) {
        const auto route = io::read_route(options.route);
        if (!route) return tl::unexpected(route.error());
        if (auto taken = io::take_route(request, *route); !taken) return tl::unexpected(taken.error());
    }
    if (!options.no_landing.empty()) {
        const auto areas = io::read_areas(options.no_landing);
        if (!areas) return tl::unexpected(areas.error());
        if (auto taken = io::take_areas(request, *areas); !taken) return tl::unexpected(taken.error());
    }
    if (!options.terrain.empty()) request.mission.terrain_file = options.terrain;
    // A plan without its hills is still a plan: what is wrong is said, and stands among its warnings.
    if (const auto trouble = io::add_terrain(request))
        err << "sobremesa-cli: " << wording::message(*trouble).toStdString() << "\n";
    say(document->diagnostics, err);
    auto plan = mission::make_plan(request);
    if (!plan) {
        units::Error error = plan.error();
        error.where.file = options.plan;
        return tl::unexpected(error);
    }
    return Read{std::move(*document), std::move(*plan)};
}

/// Draws the days that say how likely the plan's flight is.
std::optional<units::Error> draw_chance(mission::Plan& plan, const PlanOptions& options) {
    if (!plan.turn) return std::nullopt;
    auto drawn = mission::chance(plan, options.days, options.seed, {}, io::on_all_cores);
    if (!drawn) return drawn.error();
    plan.chance = std::make_shared<const mission::Chance>(std::move(*drawn));
    return std::nullopt;
}

} // namespace

int plan(const PlanOptions& options, std::ostream& out, std::ostream& err) {
    auto read = planned(options, err);
    if (!read) return unusable(read.error(), err);
    mission::Plan& plan = read->plan;
    if (const auto error = draw_chance(plan, options)) return unusable(*error, err);
    if (!options.card.empty()) {
        const auto card = paper::flight_card(plan, wording::Quantities());
        const auto written = paper::write_pdf(card, QString::fromStdString(options.card), paper::own_typeface());
        if (!written) return unusable(written.error(), err);
    }
    if (!options.route_out.empty()) {
        const auto format = io::route_format(options.route_out);
        if (!format) {
            err << "sobremesa-cli: a route is written as .gpx, .geojson or .kml\n";
            return exit_usage;
        }
        const auto turn = plan.turn ? std::optional(plan.turn->at) : std::nullopt;
        const auto text = io::route_text(plan.request, turn, *format, options.hide_home);
        if (!text) return unusable(text.error(), err);
        if (const auto done = io::write_text_file(options.route_out, *text); !done)
            return unusable(done.error(), err);
    }
    if (options.json)
        out << with_todays_words(plan_json(plan, read->document.diagnostics)).dump(2) << "\n";
    else
        print_plan(plan, out);
    return exit_done;
}

int reach(const PlanOptions& options, std::ostream& out, std::ostream& err) {
    const auto read = planned(options, err);
    if (!read) return unusable(read.error(), err);
    const auto line = mission::reach(read->plan.request, options.bearings);
    if (!line) return unusable(line.error(), err);
    const wording::Quantities q;
    if (!options.json) {
        out << wording::reach_sentence(*line, q).toStdString() << "\n";
        for (const auto& point : line->points) {
            out << "  " << q.direction(point.bearing_deg).toStdString() << ": "
                << q.distance(point.distance_m.value, point.distance_m.sd).toStdString();
            if (point.ended_by_terrain) out << ", " << Printed::tr("limited by the terrain").toStdString();
            out << "\n";
        }
        return exit_done;
    }
    Json points = Json::array();
    for (const auto& point : line->points) {
        points.push_back({{"bearing_deg", point.bearing_deg},
                          {"distance_m", point.distance_m.value},
                          {"distance_sd_m", point.distance_m.sd},
                          {"ended_by_terrain", point.ended_by_terrain}});
    }
    out << Json{{"farthest_bearing_deg", line->points[line->farthest].bearing_deg},
                {"nearest_bearing_deg", line->points[line->nearest].bearing_deg},
                {"points", points}}
               .dump(2)
        << "\n";
    return exit_done;
}

int alarms(const PlanOptions& options, std::ostream& out, std::ostream& err) {
    auto read = planned(options, err);
    if (!read) return unusable(read.error(), err);
    if (const auto error = draw_chance(read->plan, options)) return unusable(*error, err);
    const auto sheet = mission::alarm_sheet(read->plan);
    const wording::Quantities q;
    if (!options.json) {
        if (!sheet) {
            out << wording::without_markup(wording::plan_sentence(read->plan, q)).toStdString() << "\n";
            return exit_done;
        }
        for (const auto& line : wording::alarm_lines(*sheet, q))
            out << line.what.toStdString() << ": " << line.figure.toStdString() << "\n";
        for (const auto& line : wording::throttle_lines(matching::headroom(read->plan), sheet->flight_time_s, q))
            out << line.what.toStdString() << ": " << line.figure.toStdString() << "\n";
        for (const auto& line : wording::callout_lines(*sheet, q)) {
            out << "  "
                << Printed::tr("%1 used: %2, %3 remaining, %4", "share, charge, charge, pack voltage")
                       .arg(line.used, line.charge, line.left, line.volts)
                       .toStdString()
                << "\n";
        }
        return exit_done;
    }
    if (!sheet) {
        out << Json{{"alarms", nullptr}}.dump(2) << "\n";
        return exit_done;
    }
    Json callouts = Json::array();
    for (const auto& callout : sheet->callouts) {
        callouts.push_back({{"share_used", callout.share_used},
                            {"charge_used_ah", callout.charge_used_ah},
                            {"set_ah", callout.set_ah},
                            {"charge_left_ah", callout.charge_left_ah},
                            {"cell_voltage_v", callout.cell_v}});
    }
    const auto room = matching::headroom(read->plan);
    const auto when = [](const std::optional<matching::HeadroomPoint>& point) {
        return point ? Json{{"time_s", point->time_s},
                            {"charge_used_ah", point->charge_used_ah},
                            {"cell_voltage_v", point->cell_v}}
                     : Json(nullptr);
    };
    const Json throttle = room ? Json{{"cap_share", or_null(room->throttle_cap)},
                                      {"cap_until", when(room->cap_ends)},
                                      {"climb_takes_all_from", when(room->climb_ends)}}
                               : Json(nullptr);
    Json turns = Json::array();
    for (const auto& row : mission::turn_table(read->plan)) {
        turns.push_back({{"distance_m", row.distance_m},
                         {"from_home_m", row.from_home_m},
                         {"needed_wh", row.needed_wh},
                         {"most_used_ah", row.most_used_ah},
                         {"planned_used_ah", row.planned_ah}});
    }
    out << Json{{"alarms",
                 {{"capacity_to_enter_ah", sheet->capacity_to_enter_ah},
                  {"rated_ah", sheet->rated_ah},
                  {"turn_ah", or_null(sheet->turn_ah)},
                  {"turn_set_ah", or_null(sheet->turn_set_ah)},
                  {"turn_time_s", or_null(sheet->turn_time_s)},
                  {"over_land_by_ah", or_null(sheet->over_land_by_ah)},
                  {"over_land_set_ah", or_null(sheet->over_land_set_ah)},
                  {"reserve_ah", sheet->reserve_ah},
                  {"warning_cell_voltage_v", sheet->warning_cell_v},
                  {"landing_cell_voltage_v", sheet->landing_cell_v},
                  {"warning_delay_s", sheet->warning_delay_s},
                  {"current_a", sheet->current_a},
                  {"current_is_limited", sheet->current_is_limited},
                  {"cutoff_cell_voltage_v", sheet->cutoff_cell_v},
                  {"throttle", throttle},
                  {"callouts", callouts}}},
                {"turn_unless", turns}}
               .dump(2)
        << "\n";
    return exit_done;
}

} // namespace sobremesa::cli
