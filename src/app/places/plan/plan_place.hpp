#pragma once

#include <memory>

#include <QTimer>
#include <QWidget>

#include "session/plan_session.hpp"

class QHBoxLayout;
class QVBoxLayout;

namespace sobremesa::app {

class FigureRow;
class HomewardChart;
class MapView;
class SchoolsTable;
class TextLabel;

/// Plan: the map, the answer as a sentence, where each rule turns, and the homeward chart.
class PlanPlace : public QWidget {
    Q_OBJECT
public:
    explicit PlanPlace(session::PlanSession& session, QWidget* parent = nullptr);

    MapView& map() { return *map_; }
    HomewardChart& chart() { return *chart_; }

private:
    QWidget* makeAnswer();
    QWidget* makeChart();
    void showPlan();
    void showMap(const mission::Plan& plan);
    void showNotices(const mission::Plan& plan);
    void edit(const std::function<void(mission::PlanRequest&)>& change);

    session::PlanSession& session_;
    MapView* map_;
    HomewardChart* chart_;
    TextLabel* sentence_;
    TextLabel* changed_;
    FigureRow* figures_;
    SchoolsTable* schools_;
    QVBoxLayout* notices_;
    TextLabel* moves_;
    TextLabel* cautions_;
    /// The plan as it stood before the present run of edits, for "what changed".
    std::shared_ptr<const mission::Plan> before_;
    std::shared_ptr<const mission::Plan> shown_;
    int shown_document_ = -1;
    QTimer edits_over_;
};

} // namespace sobremesa::app
