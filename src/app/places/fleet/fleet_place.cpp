#include "app/places/fleet/fleet_place.hpp"

#include <QTabBar>
#include <QVBoxLayout>

namespace sobremesa::app {

FleetPlace::FleetPlace(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent)
    : QTabWidget(parent), workspace_(workspace), plan_session_(plan_session), learning_(workspace),
      sun_session_(workspace, plan_session), record_list_(new RecordListPlace(fleet_record_list(workspace))) {
    setObjectName(QStringLiteral("fleetTabs"));
    setAccessibleName(tr("Fleet: list, power curve, what-if, sun, forecasts"));
    tabBar()->setAccessibleName(accessibleName());
    setDocumentMode(true);
    addTab(record_list_, tr("List"));
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

/// Every page is about whatever is chosen on the list.
void FleetPlace::follow(int tab) {
    if (tab == record_list_tab) return;
    learning_.choose(record_list_->chosen());
    if (tab == curve_tab) curve();
    if (tab == what_if_tab) whatIf();
    if (tab == sun_tab) {
        sun_session_.choose(record_list_->chosen());
        sun();
    }
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
    what_if_ = new WhatIfPage(learning_, plan_session_);
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
