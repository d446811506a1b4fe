#pragma once

#include <memory>

#include <QPointer>
#include <QTimer>
#include <QWidget>

#include "app/map/map_view.hpp"
#include "session/plan_session.hpp"
#include "session/workspace.hpp"

class QHBoxLayout;
class QStackedLayout;
class QStackedWidget;
class QVBoxLayout;

namespace sobremesa::app {

class BesidePanel;
class EditableWord;
class FigureRow;
class FirstPlanPage;
class Fold;
class HomewardChart;
class LimitsPanel;
class MissionPanel;
class ProfileChart;
class TurnRulesTable;
class TextLabel;

/// Plan: the map, the answer as a sentence, where each rule turns, and the homeward chart.
class PlanPlace : public QWidget {
    Q_OBJECT
public:
    PlanPlace(session::PlanSession& session, session::Workspace& workspace, QWidget* parent = nullptr);

    MapView& map() { return *map_; }
    HomewardChart& chart() { return *chart_; }
    /// Lays another plan beside the open one; nothing: the map again.
    void layBeside(std::optional<session::Id> id);
    std::optional<session::Id> beside() const { return beside_; }
    void showPlans();
    /// The same, with the name ready to be typed over.
    void askName();
    /// Opens the mission beside the chart, or puts it away again.
    void showMission();
    /// On the map.
    void drawArea();
    void showAlarms();
    /// The homeward chart, or the heights along the flight in its place.
    void showHeights(bool heights);

signals:
    void openWanted();
    void demoWanted();
    void cardWanted();
    void routeImportWanted();
    void areasImportWanted();
    /// What was typed cannot be.
    void said(const QString& trouble);
    void routeExportWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void openMission(int tab);
    QWidget* makeAnswer();
    QWidget* makeChart();
    void showPlan();
    void showMap(const mission::Plan& plan);
    void showProfile(const mission::Plan& plan);
    std::vector<MapView::Way> straightWays(const mission::Plan& plan) const;
    std::vector<MapView::Way> routeWays(const mission::Plan& plan) const;
    void showOutlook();
    /// From a place of the outbound leg, which landing places are within reach.
    void showBailOuts(double distance_m);
    void showWithinReach(const session::PlanOutlook& outlook);
    void settleHome();
    void moveMark(int index, const geodesy::EastNorth& at);
    void showSentence(const mission::Plan& plan);
    void showDiagnostics(const mission::Plan& plan);
    void showPage();
    void showBeside();
    void takeBefore();
    void showChanged();
    void edit(const std::function<void(mission::PlanRequest&)>& change);

    session::PlanSession& session_;
    session::Workspace& workspace_;
    QStackedLayout* pages_;
    FirstPlanPage* first_page_;
    Fold* fold_ = nullptr;
    /// The homeward chart, and at its left the mission while it is edited.
    QHBoxLayout* chart_row_ = nullptr;
    QPointer<MissionPanel> mission_;
    QStackedWidget* map_or_beside_;
    BesidePanel* beside_panel_;
    std::optional<session::Id> beside_;
    session::PlanSession beside_session_;
    EditableWord* name_ = nullptr;
    MapView* map_;
    HomewardChart* chart_;
    ProfileChart* profile_;
    QStackedWidget* charts_ = nullptr;
    EditableWord* heights_word_ = nullptr;
    TextLabel* chart_heading_ = nullptr;
    LimitsPanel* limits_;
    QWidget* mission_button_ = nullptr;
    QWidget* alarms_button_ = nullptr;
    TextLabel* sentence_;
    TextLabel* changed_;
    FigureRow* figures_;
    TurnRulesTable* turn_rules_;
    QVBoxLayout* diagnostics_;
    TextLabel* axes_;
    TextLabel* moves_;
    TextLabel* cautions_;
    /// The plan as it stood before the present run of edits, for "what changed".
    std::shared_ptr<const mission::Plan> before_;
    std::shared_ptr<const mission::Plan> shown_;
    std::int64_t shown_document_ = -1;
    /// The plan as it was kept, where its aircraft or pack have changed since.
    std::shared_ptr<const mission::Plan> kept_;
    session::LatestJob kept_job_;
    /// The plan as it stood before home was dragged; empty: it is not, and its plan is shown.
    std::optional<mission::PlanRequest> home_before_;
    bool home_held_ = false;
    QTimer edits_over_;
};

} // namespace sobremesa::app
