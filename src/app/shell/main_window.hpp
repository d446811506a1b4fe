#pragma once

#include <QMainWindow>
#include <QSettings>
#include <QTimer>

#include "session/debrief_session.hpp"
#include "session/plan_session.hpp"

class QMenu;
class QStackedWidget;

namespace sobremesa::app {

class DebriefPlace;
class MessageBar;
class PlaceRail;
class PlanPlace;
class RailButton;
class SettingLine;

/// The window: rail, setting, message, place. Anything may be dropped on it anywhere.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// @param settings_folder  where window, theme and last folder are remembered
    explicit MainWindow(const QString& settings_folder, QWidget* parent = nullptr);
    ~MainWindow() override;

    /// A plan or a log, told apart by what it is called.
    void openFile(const QString& path);
    /// Opens the first plan of a folder and offers its logs.
    void openFolder(const QString& folder);
    void showPlace(int index);
    int place() const;

    session::PlanSession& planSession() { return plan_session_; }
    session::DebriefSession& debriefSession() { return debrief_session_; }
    PlanPlace& planPlace() { return *plan_place_; }
    DebriefPlace& debriefPlace() { return *debrief_place_; }
    MessageBar& messages() { return *messages_; }

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void makeActions();
    void openPlan(const QString& path);
    void askForPlan();
    void askForLog();
    void savePlan();
    void remember();
    void restore();
    QString lastFolder() const;

    session::PlanSession plan_session_;
    session::DebriefSession debrief_session_;
    QSettings settings_;
    PlaceRail* rail_;
    SettingLine* setting_;
    QStackedWidget* places_;
    PlanPlace* plan_place_;
    DebriefPlace* debrief_place_;
    MessageBar* messages_;
    QMenu* menu_;
    std::vector<RailButton*> buttons_;
    /// Work shorter than this shows no progress: it would only flicker.
    QTimer progress_due_;
    double progress_share_ = 0.0;
    QString opening_;
};

} // namespace sobremesa::app
