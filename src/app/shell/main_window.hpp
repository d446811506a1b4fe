#pragma once

#include <vector>

#include <functional>
#include <memory>

#include <QMainWindow>
#include <QPointer>
#include <QSettings>
#include <QTemporaryDir>
#include <QTimer>

#include "session/book_transfer.hpp"
#include "session/debrief_session.hpp"
#include "session/flight_session.hpp"
#include "session/plan_session.hpp"
#include "session/workspace.hpp"

class QMessageBox;
class QStackedWidget;

namespace sobremesa::app {

class Commands;
class DebriefPlace;
class FleetPlace;
class LogbookPlace;
class MessageBar;
class PacksPlace;
class PlaceRail;
class PlanPlace;
class RailButton;
class SettingLine;
class SensorsPlace;
class RecordListPlace;
class StandingLine;
class WatchPlace;

/// The places by their numbers: Ctrl+number belongs to the place, whichever places are built.
enum class Place { fleet = 1, packs = 2, sensors = 3, plan = 4, watch = 5, debrief = 6, logbook = 7 };

/// The window: rail, setting, message, place. Anything may be dropped on it anywhere.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// @param settings_folder  where window, theme, units, columns and recent files are remembered
    /// @param book_path        the logbook; empty: the one remembered, else the user's own
    MainWindow(const QString& settings_folder, const QString& book_path, QWidget* parent = nullptr);
    ~MainWindow() override;

    /// A plan, a log or a logbook document, told apart by what it is called and what is in it.
    void openFile(const QString& path);
    /// A folder of the demo: brings its logbook and plans in, and offers its logs.
    void openFolder(const QString& folder);
    /// What was dropped: one file is opened; several logs, a folder of them or an archive are shown to be filed.
    void openDropped(const QStringList& paths);
    /// Shows what many logs hold, for filing them all.
    void addLogs(const QStringList& paths);
    /// Flights that left no log.
    void openNotebook(std::optional<session::Id> changed = {});
    /// Its log in Debrief, or its row where it left none.
    void openFlight(session::Id id);
    void showPlace(Place place);
    Place place() const;

    session::PlanSession& planSession() { return plan_session_; }
    session::DebriefSession& debriefSession() { return debrief_session_; }
    session::FlightSession& flightSession() { return flight_session_; }
    session::Workspace& workspace() { return workspace_; }
    session::LogbookImporter& importer() { return importer_; }
    session::FlightReader& flightReader() { return reader_; }
    PlanPlace& planPlace() { return *plan_place_; }
    DebriefPlace& debriefPlace() { return *debrief_place_; }
    RecordListPlace& fleetPlace() { return *fleet_record_list_; }
    FleetPlace& fleet() { return *fleet_place_; }
    RecordListPlace& packsPlace() { return *packs_record_list_; }
    PacksPlace& packs() { return *packs_place_; }
    SensorsPlace& sensors();
    WatchPlace& watchPlace();
    LogbookPlace& logbookPlace() { return *logbook_place_; }
    MessageBar& messages() { return *messages_; }
    Commands& commands() { return *commands_; }

    // What the file dialogs end in.
    void openBook(const QString& path);
    void backUpBook(const QString& path);
    void restoreBook(const QString& backup);
    /// A copy of the demo flights, with a logbook of its own that goes with it; the pilot's own is left alone.
    void lookAround();
    /// The end of it: the logbook that was open before.
    void endLookingAround();
    /// The open logbook is a copy that goes when the program ends (`--demo`).
    void setThrowAway();
    void exportBook(const QString& folder);
    void bringIn(const QString& path);
    void exportShown(const QString& path);
    void exportPacks(const QString& path);
    void savePlanAs(const QString& path);
    /// The open plan's flight card as a PDF.
    void saveCard(const QString& path);
    /// The points of a route file become the open plan's places.
    void takeRoute(const QString& path);
    /// Polygons of a file become the open plan's no-landing areas.
    void takeAreas(const QString& path);
    void saveRoute(const QString& path, bool hide_home);

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

private:
    QString planFileTitle() const;
    void printCard();
    struct PlaceEntry {
        Place place;
        QWidget* widget;
        RailButton* button;
    };
    void layOut();
    void addPlace(Place place, const char* button_name, const QString& name,
                  std::function<void(QPainter&, const QRectF&)> sign, QWidget* widget);
    void makeCommands();
    void makeFileCommands();
    void makeEditCommands();
    void makeViewCommands();
    void makeBookCommands();
    void makeUnitCommands();
    void makeLanguageCommands();
    void makeHelpCommands();
    void nameSynonyms();
    void showGuide();
    void duplicatePlan();
    QString freeName(const QString& wanted) const;
    void connectSessions();
    void connectReading();
    void connectFlight();
    void connectWorkspace();
    void connectTransfers();
    void connectPlaces();
    void offerLibrary();
    void refuse(const units::Error& error);
    void connectLearning();
    void sayLearned(const QString& words, bool trouble);
    void showHistory();
    void showRecent();
    void openPlanFile(const QString& path);
    void newPlan();
    void stepFlight(int step);
    void copyShown();
    void showAsTable();
    void sayBook();
    void leaveBook(std::function<void()> then);
    void goOnLeaving();
    void askToLose();
    void openBookNow(const QString& path);
    void openDemoCopy(const QString& demo);
    void showStanding();
    void restoreBookNow(const QString& backup);
    void readUnread();
    void openColumns(const QString& path);
    void takeDateOrder(const QString& path, const QString& column, const QString& order);
    void offerCutOffRecording();
    void openCompare(const std::vector<session::Id>& first);
    void say(const units::Error& error);
    void rememberRecent(const QString& path);
    void remember();
    void restore();
    QString lastFolder() const;
    /// Endings of logs, as file dialogs take them.
    static QString logFilter();

    QSettings settings_;
    session::PlanSession plan_session_;
    session::DebriefSession debrief_session_;
    session::Workspace workspace_;
    session::FlightSession flight_session_;
    session::LogbookImporter importer_;
    /// What was assumed of the table that is being imported: said together with how many came.
    QStringList import_said_;
    session::FlightReader reader_;

    PlaceRail* rail_;
    SettingLine* plan_setting_;
    SettingLine* flown_setting_;
    QStackedWidget* setting_;
    QWidget* setting_row_;
    QStackedWidget* places_;
    FleetPlace* fleet_place_;
    RecordListPlace* fleet_record_list_;
    PacksPlace* packs_place_;
    QStringList learned_;
    bool learned_trouble_ = false;
    RecordListPlace* packs_record_list_;
    QWidget* sensors_room_;
    SensorsPlace* sensors_place_ = nullptr;
    PlanPlace* plan_place_;
    QWidget* watch_room_;
    WatchPlace* watch_place_ = nullptr;
    DebriefPlace* debrief_place_;
    LogbookPlace* logbook_place_;
    StandingLine* standing_;
    MessageBar* messages_ = nullptr;
    class GuideWindow* guide_ = nullptr;
    Commands* commands_;
    QAction* undo_ = nullptr;
    QAction* redo_ = nullptr;
    QMenu* recent_ = nullptr;
    std::vector<PlaceEntry> entries_;
    /// The chart or table that copying and exporting are about.
    QPointer<QWidget> shown_;
    /// Work shorter than this shows no progress: it would only flicker.
    QTimer progress_due_;
    double progress_share_ = 0.0;
    QString opening_;
    QString exporting_;
    /// What follows when the open book has all that was asked of it.
    std::function<void()> leaving_;
    QMessageBox* asking_ = nullptr;
    bool may_close_ = false;
    /// While the pilot looks around among demo flights: the copy, and the logbook to come back to.
    std::unique_ptr<QTemporaryDir> demo_copy_;
    QString own_book_;
    bool throw_away_ = false;
};

} // namespace sobremesa::app
