#include "app/places/fleet/fleet_place.hpp"

#include <algorithm>

#include <QTabBar>
#include <QVBoxLayout>

#include "app/charts/aircraft_lines.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "core/airframe/known_cruise.hpp"
#include "core/atmosphere/standard_atmosphere.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

FleetPlace::FleetPlace(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent)
    : QTabWidget(parent), workspace_(workspace), plan_session_(plan_session), learning_(workspace),
      sun_session_(workspace, plan_session), record_list_(new RecordListPlace(fleet_record_list(workspace))) {
    setObjectName(QStringLiteral("fleetTabs"));
    setAccessibleName(tr("Fleet: list, power curve, what-if, sun, forecasts"));
    tabBar()->setAccessibleName(accessibleName());
    setDocumentMode(true);
    addTab(record_list_, tr("List"));
    makeLines();
    curve_room_ = addLaterTab(tr("Power curve"));
    what_if_room_ = addLaterTab(tr("What-if"));
    sun_room_ = addLaterTab(tr("Sun"));
    forecasts_room_ = addLaterTab(tr("Forecasts"));
    connect(this, &QTabWidget::currentChanged, this, &FleetPlace::follow);
    connect(record_list_, &RecordListPlace::said, this, &FleetPlace::said);
}

QWidget* FleetPlace::addLaterTab(const QString& name) {
    auto* room = new QWidget;
    auto* column = new QVBoxLayout(room);
    column->setContentsMargins(0, 0, 0, 0);
    addTab(room, name);
    return room;
}

/// Under the list: every aircraft with the pack of the open plan, in still air.
void FleetPlace::makeLines() {
    lines_ = new AircraftLines;
    lines_->setObjectName(QStringLiteral("aircraftLines"));
    record_list_->setPicture(lines_, "aircraftLinesHeading");
    lines_due_.setSingleShot(true);
    connect(&lines_due_, &QTimer::timeout, this, &FleetPlace::showLines);
    const auto due = [this] { lines_due_.start(0); };
    connect(&workspace_, &session::Workspace::aircraftChanged, this, due);
    connect(&workspace_, &session::Workspace::flightsChanged, this, due);
    connect(&plan_session_, &session::PlanSession::requestChanged, this, due);
    connect(&Look::instance(), &Look::changed, this, due);
    connect(this, &QTabWidget::currentChanged, this, due);
}

void FleetPlace::showEvent(QShowEvent* event) {
    QTabWidget::showEvent(event);
    lines_due_.start(0);
}

void FleetPlace::showLines() {
    // Worked out while someone looks.
    if (!isVisible() || !onRecordList()) return;
    constexpr int curve_steps = 40;
    auto as = matching::flown_as(plan_session_.request());
    as.head_wind_mps = as.cross_wind_mps = 0.0;
    const auto air = atmosphere::air_above_field(as.field_elevation_m, as.height_m, as.temperature_c);
    std::vector<AircraftLines::Line> lines;
    for (const auto& [id, kept] : workspace_.library().aircraft) {
        if (kept.retired) continue;
        airframe::Aircraft aircraft = kept.aircraft;
        AircraftLines::Line line;
        line.name = wording::title(aircraft);
        line.masses = masses_with_pack(aircraft, as.pack.mass_kg);
        line.flights = flights_of(workspace_, &book::KeptFlight::aircraft_id, id);
        line.last_flown = last_flown_day(workspace_, &book::KeptFlight::aircraft_id, id);
        line.curve_fitted = aircraft.curve.has_value();
        const airframe::PowerCurve curve =
            aircraft.curve ? *aircraft.curve
                           : airframe::curve_of_known_cruise(aircraft, aircraft.mass_kg + as.pack.mass_kg);
        aircraft.curve.reset();
        if (air) {
            // Speeds alone: no pack need be discharged for each of a hundred aircraft.
            matching::Outcome flown;
            flown.all_up_mass_kg = aircraft.mass_kg + as.pack.mass_kg;
            flown.density_kgm3 = air->density_kgm3;
            const auto question = matching::speed_question(as, flown);
            const auto speeds = airframe::speeds_to_fly(aircraft, curve, question);
            for (const auto& at : airframe::sampled(curve, question, curve_steps))
                line.curve.push_back({at.airspeed_mps.value, at.power_w.value});
            const auto point = [](const std::optional<airframe::SpeedToFly>& speed) {
                return speed ? std::optional(AircraftLines::Point{speed->airspeed_mps.value, speed->power_w.value})
                             : std::nullopt;
            };
            line.endurance = point(speeds.endurance);
            line.range = point(speeds.range);
        }
        lines.push_back(std::move(line));
    }
    std::sort(lines.begin(), lines.end(),
              [](const auto& a, const auto& b) { return compare_as_read(a.name, b.name) < 0; });
    record_list_->setPictureHeading(
        lines.empty() ? QString()
                      : tr("With %1, the pack of the open plan, in still air").arg(wording::title(as.pack)));
    lines_->setLines(std::move(lines));
}

/// Every page is about whatever is chosen on the list.
void FleetPlace::follow(int tab) {
    if (tab == record_list_tab) return;
    learning_.choose(record_list_->chosen());
    if (tab == curve_tab) curve();
    if (tab == what_if_tab || tab == sun_tab) sun_session_.choose(record_list_->chosen());
    if (tab == what_if_tab) whatIf();
    if (tab == sun_tab) sun();
    if (tab == forecasts_tab) forecasts();
}

CurvePage& FleetPlace::curve() {
    if (curve_) return *curve_;
    curve_ = new CurvePage(learning_, plan_session_);
    curve_room_->layout()->addWidget(curve_);
    curve_->show();
    return *curve_;
}

WhatIfPage& FleetPlace::whatIf() {
    if (what_if_) return *what_if_;
    what_if_ = new WhatIfPage(learning_, plan_session_, sun_session_);
    what_if_room_->layout()->addWidget(what_if_);
    what_if_->show();
    return *what_if_;
}

SunPage& FleetPlace::sun() {
    if (sun_) return *sun_;
    sun_ = new SunPage(sun_session_);
    sun_room_->layout()->addWidget(sun_);
    sun_->show();
    return *sun_;
}

ForecastsPage& FleetPlace::forecasts() {
    if (forecasts_) return *forecasts_;
    forecasts_ = new ForecastsPage(learning_, workspace_);
    connect(forecasts_, &ForecastsPage::flightWanted, this, &FleetPlace::flightWanted);
    forecasts_room_->layout()->addWidget(forecasts_);
    forecasts_->show();
    return *forecasts_;
}

} // namespace sobremesa::app
