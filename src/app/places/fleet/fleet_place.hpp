#pragma once

#include <QTabWidget>
#include <QTimer>

#include "app/places/fleet/curve_page.hpp"
#include "app/places/fleet/forecasts_page.hpp"
#include "app/places/fleet/sun_page.hpp"
#include "app/places/fleet/what_if_page.hpp"
#include "app/places/record_list/record_list_place.hpp"

namespace sobremesa::app {

class AircraftLines;

/// Fleet: the list, the power curve that flights draw with the speeds to fly, what a change would do, what a
/// solar array gives, and how good the forecasts were. All but the list are made when they are first wanted.
class FleetPlace : public QTabWidget {
    Q_OBJECT
public:
    FleetPlace(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent = nullptr);
    RecordListPlace& recordList() { return *record_list_; }
    session::LearningSession& learning() { return learning_; }
    CurvePage& curve();
    WhatIfPage& whatIf();
    SunPage& sun();
    session::SunSession& sunSession() { return sun_session_; }
    ForecastsPage& forecasts();
    bool onRecordList() const { return currentIndex() == record_list_tab; }
    void showRecordList() { setCurrentIndex(record_list_tab); }
    void showCurve() { setCurrentIndex(curve_tab); }
    void showWhatIf() { setCurrentIndex(what_if_tab); }
    void showSun() { setCurrentIndex(sun_tab); }
    void showForecasts() { setCurrentIndex(forecasts_tab); }

protected:
    void showEvent(QShowEvent* event) override;

signals:
    void said(const QString& words);
    void flightWanted(session::Id id);

private:
    enum Tab { record_list_tab, curve_tab, what_if_tab, sun_tab, forecasts_tab };
    QWidget* addLaterTab(const QString& name);
    void follow(int tab);
    void makeLines();
    void showLines();

    session::Workspace& workspace_;
    session::PlanSession& plan_session_;
    session::LearningSession learning_;
    session::SunSession sun_session_;
    RecordListPlace* record_list_;
    AircraftLines* lines_ = nullptr;
    /// Many changes at once are one new picture.
    QTimer lines_due_;
    QWidget* curve_room_ = nullptr;
    QWidget* what_if_room_ = nullptr;
    QWidget* sun_room_ = nullptr;
    QWidget* forecasts_room_ = nullptr;
    CurvePage* curve_ = nullptr;
    WhatIfPage* what_if_ = nullptr;
    SunPage* sun_ = nullptr;
    ForecastsPage* forecasts_ = nullptr;
};

} // namespace sobremesa::app
