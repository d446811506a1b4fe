#pragma once

#include <QWidget>

#include "app/fields/field_form.hpp"
#include "session/plan_session.hpp"

class QTabWidget;

namespace sobremesa::app {

/// Everything about a mission that the setting's sentence has no room for: the flight path, its places, the
/// weather, what else may end the flight. It stands beside the chart and leaves map and answer in sight; Escape or
/// its button closes it, which deletes it.
class MissionPanel : public QWidget {
    Q_OBJECT
public:
    explicit MissionPanel(session::PlanSession& session, QWidget* parent = nullptr);
    QTabWidget& tabs() { return *tabs_; }
    /// In a sheet of its own, where there is no room beside the chart.
    void becomeSheet();

signals:
    void importWanted();
    void exportWanted();
    void areasWanted();
    void areaToDraw();
    void closed();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void closeEvent(QCloseEvent* event) override;

private:
    QTabWidget* tabs_;
    QWidget* edge_;
};

} // namespace sobremesa::app
