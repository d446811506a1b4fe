#include "app/shell/setting_fields.hpp"

#include <QCoreApplication>

#include "core/units/quantity.hpp"
#include "wording/names.hpp"
#include "wording/plans.hpp"

namespace sobremesa::app {

namespace {

using mission::PlanRequest;
using units::Quantity;
using wording::Quantities;

struct SettingFieldsWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Setting)
};

QString pack_text(const PlanRequest& r, const Quantities&) {
    return r.pack.name.empty() ? wording::build(r.pack)
                               : SettingFieldsWords::tr("%1, %2", "name of the pack, its build")
                                     .arg(wording::title(r.pack), wording::build(r.pack));
}

QString mission_text(const PlanRequest& r, const Quantities& q) {
    const auto& mission = r.mission;
    if (mission.kind == mission::MissionKind::out_and_back)
        return SettingFieldsWords::tr("out and back on %1").arg(q.direction(mission.bearing_deg));
    // A visit is to one of them.
    if (!mission::flies_over_places(mission.kind) || mission.kind == mission::MissionKind::visit)
        return wording::name(mission.kind);
    return SettingFieldsWords::tr("%1 over %2 places")
        .arg(wording::name(mission.kind))
        .arg(mission.waypoints.size());
}

} // namespace

QString plan_setting_sentence() {
    return SettingFieldsWords::tr("%1 with %2 in %3 , %4 , %5 at %6 , reserve %7 , landing at %8",
                                  "aircraft, pack, wind, temperature, bearing, height, reserve, landing voltage");
}

QString debrief_setting_sentence() {
    return SettingFieldsWords::tr("Flown by %1 with %2 in %3 , %4 , landing voltage %8",
                                  "aircraft, pack, wind, temperature, landing voltage");
}

std::vector<SettingWord> setting_words(const Quantities& units) {
    return {
        {QStringLiteral("Aircraft"), SettingFieldsWords::tr("Aircraft"),
         [](const PlanRequest& r, const Quantities&) { return wording::title(r.aircraft); }, aircraft_fields(units),
         -1},
        {QStringLiteral("Pack"), SettingFieldsWords::tr("Pack"), pack_text, pack_fields(units), -1},
        {QStringLiteral("Wind"), SettingFieldsWords::tr("Wind"), wording::wind_text, wind_fields(units), 0},
        {QStringLiteral("Temperature"), SettingFieldsWords::tr("Temperature"),
         [](const PlanRequest& r, const Quantities& q) {
             return wording::written(r.weather.temperature_c, 0.0, q.notation(Quantity::temperature));
         },
         temperature_fields(units), 0},
        {QStringLiteral("Bearing"), SettingFieldsWords::tr("Mission"), mission_text, bearing_fields(), 1},
        {QStringLiteral("Height"), SettingFieldsWords::tr("Height"),
         [](const PlanRequest& r, const Quantities& q) { return q.height(r.mission.height_m); },
         height_fields(units), 0},
        {QStringLiteral("Reserve"), SettingFieldsWords::tr("Reserve"),
         [](const PlanRequest& r, const Quantities& q) { return wording::name(r.reserve, q); }, reserve_fields(),
         0},
        {QStringLiteral("Landing"), SettingFieldsWords::tr("Landing voltage"),
         [](const PlanRequest& r, const Quantities& q) {
             return wording::written(mission::landing_cell_v(r), 0.0, q.notation(Quantity::landing_cell_voltage));
         },
         landing_fields(), 0},
    };
}

} // namespace sobremesa::app
