#include "cli/plan_command.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "core/mission/plan.hpp"
#include "io/plan_document.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::cli {

namespace {

Json turn_json(const mission::Plan& plan) {
    if (!plan.turn) return nullptr;
    const mission::Turn& t = *plan.turn;
    return {{"school", mission::school_word(t.school)}, {"distance_m", t.distance_m.value},
            {"distance_sd_m", t.distance_m.sd},         {"time_s", t.time_s.value},
            {"charge_used_ah", t.charge_used_ah.value}, {"charge_used_sd_ah", t.charge_used_ah.sd},
            {"energy_used_wh", t.energy_used_wh.value}, {"cell_voltage_v", t.cell_voltage_v.value}};
}

Json school_json(const mission::SchoolTurn& t) {
    const auto known = [&](double value) { return t.reached ? or_null(value) : Json(nullptr); };
    return {{"school", mission::school_word(t.school)},
            {"distance_m", known(t.distance_m)},
            {"time_s", known(t.time_s)},
            {"charge_used_ah", known(t.charge_used_ah)},
            {"energy_used_wh", known(t.energy_used_wh)},
            {"cell_voltage_v", known(t.cell_voltage_v)},
            {"landing_energy_left_wh", known(t.landing_left_wh)},
            {"counted", t.counted},
            {"too_late", t.too_late}};
}

Json plan_json(const mission::Plan& plan, const std::vector<units::Notice>& document_notices) {
    Json schools = Json::array();
    for (const auto& turn : plan.schools) schools.push_back(school_json(turn));
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
    auto notices = document_notices;
    notices.insert(notices.end(), plan.notices.begin(), plan.notices.end());
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
            {"schools", schools},
            {"flight", flight},
            {"chance", {{"home", nullptr}, {"reserve_intact", nullptr}}},
            {"warnings", warnings(notices, wording::Quantities())}};
}

void print_text(const mission::Plan& plan, std::ostream& out) {
    const wording::Quantities q;
    out << wording::without_markup(wording::plan_sentence(plan, q)).toStdString() << "\n\n";
    for (const auto& turn : plan.schools) {
        out << "  " << wording::name(turn.school, plan.request, q).toStdString() << ": ";
        if (!turn.reached) {
            out << "never on this flight\n";
            continue;
        }
        out << q.distance(turn.distance_m).toStdString() << ", " << q.charge(turn.charge_used_ah).toStdString()
            << (turn.too_late ? ", would not get home with the reserve" : "") << "\n";
    }
    for (const auto& notice : plan.notices) out << "  ! " << wording::message(notice, q).toStdString() << "\n";
    out << "\n" << wording::cautions().toStdString() << "\n";
}

} // namespace

int plan(const std::string& path, bool json, std::ostream& out, std::ostream& err) {
    const auto document = io::read_plan_file(path);
    if (!document) {
        err << "sobremesa-cli: " << wording::message(document.error()).toStdString() << "\n";
        return exit_unusable_input;
    }
    for (const auto& notice : document->notices) {
        err << "sobremesa-cli: " << wording::message(notice, wording::Quantities()).toStdString() << "\n";
    }
    const auto result = mission::make_plan(document->request);
    if (!result) {
        units::Error error = result.error();
        error.where.file = path;
        err << "sobremesa-cli: " << wording::message(error).toStdString() << "\n";
        return exit_unusable_input;
    }
    if (json)
        out << plan_json(*result, document->notices).dump(2) << "\n";
    else
        print_text(*result, out);
    return exit_done;
}

} // namespace sobremesa::cli
