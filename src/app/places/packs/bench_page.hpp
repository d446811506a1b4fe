#pragma once

#include <QWidget>

#include "session/bench_session.hpp"

class QComboBox;
class QSortFilterProxyModel;
class QStackedLayout;

namespace sobremesa::app {

class BenchChart;
class CellModel;
class DataTable;
class FigureRow;
class FrontierChart;
class TextLabel;

/// The bench of the Packs place: all packs of the list on the aircraft of the plan, the chosen ones under load.
class BenchPage : public QWidget {
    Q_OBJECT
public:
    BenchPage(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent = nullptr);

    session::BenchSession& session() { return session_; }
    BenchChart& chart() { return *chart_; }
    FrontierChart& frontier() { return *frontier_; }
    DataTable& table() { return *table_; }
    /// This one first, alone.
    void choose(session::Id id);

signals:
    void planWanted();

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    QWidget* makeEmpty();
    QWidget* makeCharts();
    QWidget* makeFrontier();
    QWidget* makeAnswer();
    QWidget* makeTable();
    void refresh();
    void fillTable();
    void fillAnswer();
    void choiceMade();

    session::Workspace& workspace_;
    session::BenchSession session_;
    QStackedLayout* pages_;
    TextLabel* empty_sentence_;
    TextLabel* sentence_;
    TextLabel* alarms_;
    TextLabel* compared_;
    TextLabel* warnings_;
    TextLabel* cursor_;
    FigureRow* figures_;
    BenchChart* chart_;
    FrontierChart* frontier_;
    CellModel* model_;
    QSortFilterProxyModel* sorted_;
    DataTable* table_;
    QComboBox* shows_;
    QComboBox* landing_;
    QComboBox* basis_;
    bool filling_ = false;
    bool fitted_ = false;
};

} // namespace sobremesa::app
