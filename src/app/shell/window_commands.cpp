// The commands of the window: what stands in the menu, and what each of them does.

#include <QApplication>
#include <QClipboard>
#include <QContextMenuEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QMenu>

#include "app/export/export_files.hpp"
#include "app/export/table_sheet.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/fleet/fleet_place.hpp"
#include "app/places/logbook/logbook_place.hpp"
#include "app/places/packs/packs_place.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/places/plan/plan_sheet.hpp"
#include "app/places/watch/watch_place.hpp"
#include "app/shell/commands.hpp"
#include "app/shell/help_sheets.hpp"
#include "app/shell/main_window.hpp"
#include "app/shell/message_bar.hpp"
#include "app/shell/place_rail.hpp"
#include "app/shell/setting_line.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "wording/language.hpp"

namespace sobremesa::app {

QString MainWindow::logFilter() {
    const QString logs =
        QStringLiteral("*.csv *.txt *.log *.tsv *.gpx *.kml *.tlog *.nmea *.igc *.srt *.json *.jsonl *.geojson "
                       "*.xml *.html *.sql *.xlsx *.xls *.ods *.gz *.zip");
    return tr("Logs (%1);;All files (*)").arg(logs);
}

void MainWindow::makeCommands() {
    addPlace(Place::fleet, "railFleet", tr("Fleet"), paint_fleet_sign, fleet_place_);
    addPlace(Place::packs, "railPacks", tr("Packs"), paint_packs_sign, packs_place_);
    addPlace(Place::sensors, "railSensors", tr("Sensors"), paint_sensors_sign, sensors_room_);
    addPlace(Place::plan, "railPlan", tr("Plan"), paint_plan_sign, plan_place_);
    addPlace(Place::watch, "railWatch", tr("Watch"), paint_watch_sign, watch_room_);
    addPlace(Place::debrief, "railDebrief", tr("Debrief"), paint_debrief_sign, debrief_place_);
    addPlace(Place::logbook, "railLogbook", tr("Logbook"), paint_logbook_sign, logbook_place_);
    commands_->separate();
    undo_ = commands_->add("undoAction", tr("Undo"), QKeySequence::Undo, [this] { workspace_.undo(); });
    redo_ = commands_->add("redoAction", tr("Redo"), QKeySequence::Redo, [this] { workspace_.redo(); });
    // Both habits are wide-spread.
    redo_->setShortcuts({QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    showHistory();
    commands_->add("searchAction", tr("Find a command…"), QKeySequence(Qt::CTRL | Qt::Key_K),
                   [this] { commands_->search(); });
    commands_->separate();
    makeFileCommands();
    makeEditCommands();
    makeBookCommands();
    makeViewCommands();
    makeUnitCommands();
    makeLanguageCommands();
    makeHelpCommands();
    commands_->begin({});
    commands_->separate();
    commands_->add("quitAction", tr("Quit"), QKeySequence::Quit, [this] { close(); });

    auto* foot = rail_->addFoot(tr("Menu"), paint_menu_sign);
    foot->setObjectName(QStringLiteral("menuButton"));
    connect(foot, &RailButton::clicked, this, [this, foot] {
        QMenu& menu = commands_->menu();
        menu.popup(foot->mapToGlobal(QPoint(foot->width(), foot->height() - menu.sizeHint().height())));
    });
}

void MainWindow::makeFileCommands() {
    commands_->begin(tr("Plans and logs"));
    const auto ask_plan = [this] {
        const QString path =
            QFileDialog::getOpenFileName(this, tr("Open plan"), lastFolder(), tr("Plans (*.json);;All files (*)"));
        if (!path.isEmpty()) openFile(path);
    };
    const auto ask_log = [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Open log"), lastFolder(), logFilter());
        if (!path.isEmpty()) openFile(path);
    };
    connect(plan_place_, &PlanPlace::openWanted, this, ask_plan);
    connect(plan_place_, &PlanPlace::demoWanted, this, &MainWindow::lookAround);
    connect(debrief_place_, &DebriefPlace::openWanted, this, ask_log);
    commands_->add("newPlanAction", tr("New plan"), QKeySequence::New, [this] { newPlan(); });
    commands_->add("duplicatePlanAction", tr("Duplicate plan"), {}, [this] { duplicatePlan(); });
    commands_->add("plansAction", tr("Plans…"), QKeySequence(Qt::CTRL | Qt::Key_P), [this] {
        showPlace(Place::plan);
        if (workspace_.openPlanId()) plan_place_->showPlans();
    });
    commands_->add("openPlanAction", tr("Open plan from a file…"), QKeySequence::Open, ask_plan);
    commands_->add("savePlanAction", tr("Save plan as a file…"), QKeySequence::Save, [this] {
        const QString path = QFileDialog::getSaveFileName(
            this, tr("Save plan"), lastFolder() + QLatin1Char('/') + planFileTitle() + QStringLiteral(".plan.json"),
            tr("Plans (*.json)"));
        if (!path.isEmpty()) savePlanAs(path);
    });
    const auto ask_card = [this] {
        const auto plan = plan_session_.plan();
        if (!plan || !workspace_.openPlanId()) return;
        const QString path = QFileDialog::getSaveFileName(
            this, tr("Save the flight card"),
            lastFolder() + QLatin1Char('/') + planFileTitle() + QStringLiteral(".pdf"), tr("PDF (*.pdf)"));
        if (!path.isEmpty()) saveCard(path);
    };
    const auto ask_route_in = [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Import a route"), lastFolder(),
                                                          tr("Routes (*.gpx *.geojson *.json *.kml)"));
        if (!path.isEmpty()) takeRoute(path);
    };
    const auto ask_areas_in = [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Import no-landing areas"), lastFolder(),
                                                          tr("Areas (*.geojson *.json *.kml)"));
        if (!path.isEmpty()) takeAreas(path);
    };
    const auto ask_route_out = [this] {
        const QString path = QFileDialog::getSaveFileName(
            this, tr("Save the route"), lastFolder() + QLatin1Char('/') + planFileTitle() + QStringLiteral(".gpx"),
            tr("GPX (*.gpx);;GeoJSON (*.geojson);;KML (*.kml)"));
        if (!path.isEmpty()) saveRoute(path, false);
    };
    connect(plan_place_, &PlanPlace::cardWanted, this, ask_card);
    connect(plan_place_, &PlanPlace::routeImportWanted, this, ask_route_in);
    connect(plan_place_, &PlanPlace::routeExportWanted, this, ask_route_out);
    connect(plan_place_, &PlanPlace::areasImportWanted, this, ask_areas_in);
    connect(plan_place_, &PlanPlace::said, this,
            [this](const QString& trouble) { messages_->showTrouble(trouble); });
    const auto on_plan = [this](void (PlanPlace::*what)()) {
        return [this, what] {
            showPlace(Place::plan);
            if (workspace_.openPlanId()) (plan_place_->*what)();
        };
    };
    commands_->add("missionAction", tr("Mission of the plan…"), QKeySequence(Qt::CTRL | Qt::Key_M),
                   on_plan(&PlanPlace::showMission));
    commands_->add("rehearseAction", tr("Rehearse the plan…"), QKeySequence(Qt::CTRL | Qt::Key_R), [this] {
        showPlace(Place::watch);
        if (plan_session_.plan() && plan_session_.plan()->turn) watchPlace().askToRehearse();
    });
    commands_->add("settingAction", tr("Edit the setting"), QKeySequence(Qt::Key_F4), [this] {
        if (place() != Place::plan && place() != Place::debrief) showPlace(Place::plan);
        (place() == Place::debrief ? flown_setting_ : plan_setting_)->focusFirst();
    });
    commands_->add("alarmsAction", tr("Alarms of the plan…"), {}, on_plan(&PlanPlace::showAlarms));
    commands_->add("cardAction", tr("Flight card as PDF…"), {}, ask_card);
    commands_->add("printCardAction", tr("Print the flight card…"), {}, [this] { printCard(); });
    commands_->add("takeRouteAction", tr("Import a route…"), {}, ask_route_in);
    commands_->add("takeAreasAction", tr("Import no-landing areas…"), {}, ask_areas_in);
    commands_->add("drawAreaAction", tr("Draw a no-landing area"), {}, on_plan(&PlanPlace::drawArea));
    commands_->add("saveRouteAction", tr("Save the route as a file…"), {}, ask_route_out);
    commands_->separate();
    commands_->add("openLogAction", tr("Open log…"), QKeySequence(Qt::CTRL | Qt::Key_L), ask_log);
    commands_->add("fileFlightAction", tr("File the flight in the logbook"), QKeySequence(Qt::CTRL | Qt::Key_F),
                   [this] { flight_session_.file(); });
    commands_->add("earlierFlightAction", tr("Earlier flight"), QKeySequence(Qt::CTRL | Qt::Key_PageUp),
                   [this] { stepFlight(-1); });
    commands_->add("laterFlightAction", tr("Later flight"), QKeySequence(Qt::CTRL | Qt::Key_PageDown),
                   [this] { stepFlight(1); });
    commands_->separate();
    recent_ = commands_->heading()->addMenu(tr("Recent"));
    recent_->setObjectName(QStringLiteral("recentMenu"));
    commands_->begin({});
}

void MainWindow::makeEditCommands() {
    commands_->begin(tr("Aircraft and packs"));
    const auto on_fleet = [this](auto call) {
        return [this, call] {
            fleet_place_->showRecordList();
            showPlace(Place::fleet);
            (fleet_record_list_->*call)();
        };
    };
    const auto on_packs = [this](auto call) {
        return [this, call] {
            packs_place_->showRecordList();
            showPlace(Place::packs);
            (packs_record_list_->*call)();
        };
    };
    commands_->add("benchAction", tr("Packs on the bench"), QKeySequence(Qt::CTRL | Qt::Key_B), [this] {
        packs_place_->showBench();
        showPlace(Place::packs);
    });
    commands_->add("healthAction", tr("Health of the selected pack"), {}, [this] {
        packs_place_->showHealth();
        showPlace(Place::packs);
    });
    const auto on_tab = [this](auto tab) {
        return [this, tab] {
            (fleet_place_->*tab)();
            showPlace(Place::fleet);
        };
    };
    commands_->add("curveAction", tr("Power curve of the selected aircraft"), QKeySequence(Qt::CTRL | Qt::Key_G),
                   on_tab(&FleetPlace::showCurve));
    commands_->add("whatIfAction", tr("What-if for the selected aircraft"), {}, on_tab(&FleetPlace::showWhatIf));
    commands_->add("sunAction", tr("Solar array of the selected aircraft"), {}, on_tab(&FleetPlace::showSun));
    commands_->add("forecastsAction", tr("Forecast accuracy"), {}, on_tab(&FleetPlace::showForecasts));
    commands_->add("addAircraftAction", tr("Add an aircraft"), {}, on_fleet(&RecordListPlace::add));
    commands_->add("duplicateAircraftAction", tr("Duplicate the selected aircraft"), {},
                   on_fleet(&RecordListPlace::duplicate));
    commands_->add("retireAircraftAction", tr("Retire the selected aircraft, or return it to use"), {},
                   on_fleet(&RecordListPlace::retire));
    commands_->add("addPackAction", tr("Add a pack"), {}, on_packs(&RecordListPlace::add));
    commands_->add("duplicatePackAction", tr("Duplicate the selected pack"), {},
                   on_packs(&RecordListPlace::duplicate));
    commands_->add("retirePackAction", tr("Retire the selected pack, or return it to use"), {},
                   on_packs(&RecordListPlace::retire));
    commands_->begin(tr("Table or chart"));
    commands_->add("copyAction", tr("Copy table or chart"), QKeySequence::Copy, [this] { copyShown(); });
    commands_->add("asTableAction", tr("Show chart as a table"), QKeySequence(Qt::CTRL | Qt::Key_T),
                   [this] { showAsTable(); });
    commands_->add(
        "exportAction", tr("Export table or chart…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E), [this] {
            if (!shown_) {
                messages_->showNote(tr("Click the chart or table to export first."));
                return;
            }
            const bool chart = chart_of(shown_) != nullptr;
            const QString path = QFileDialog::getSaveFileName(
                this, tr("Export"), lastFolder() + (chart ? tr("/chart.png") : tr("/table.csv")),
                chart ? tr("Picture (*.png);;Lines (*.svg);;Page (*.pdf);;Table (*.csv)") : tr("Table (*.csv)"));
            if (!path.isEmpty()) exportShown(path);
        });
    commands_->begin({});
}

void MainWindow::makeBookCommands() {
    commands_->begin(tr("Logbook file"));
    commands_->add("chooseBookAction", tr("Open or create a logbook…"), {}, [this] {
        const QString path =
            QFileDialog::getSaveFileName(this, tr("Open or create a logbook"), workspace_.worker().path(),
                                         tr("Logbooks (*.sqlite)"), nullptr, QFileDialog::DontConfirmOverwrite);
        if (!path.isEmpty()) openBook(path);
    });
    commands_->add("backUpAction", tr("Back up…"), {}, [this] {
        const QString day = QDate::currentDate().toString(Qt::ISODate);
        const QString path = QFileDialog::getSaveFileName(this, tr("Back up the logbook"),
                                                          lastFolder() + tr("/logbook-%1.sqlite", "date").arg(day),
                                                          tr("Logbooks (*.sqlite)"));
        if (!path.isEmpty()) backUpBook(path);
    });
    commands_->add("restoreAction", tr("Restore a backup…"), {}, [this] {
        const QString path =
            QFileDialog::getOpenFileName(this, tr("Restore a backup"), lastFolder(), tr("Logbooks (*.sqlite)"));
        if (!path.isEmpty()) restoreBook(path);
    });
    commands_->add("lookAroundAction", tr("Look around with demo flights"), {}, [this] { lookAround(); });
    commands_->separate();
    commands_->add("exportPacksAction", tr("Packs as a table (CSV)…"), {}, [this] {
        const QString path = QFileDialog::getSaveFileName(
            this, tr("Packs as a table"), lastFolder() + tr("/packs-to-compare.csv"), tr("Table (*.csv)"));
        if (!path.isEmpty()) exportPacks(path);
    });
    commands_->add("exportBookAction", tr("Export all as JSON and CSV…"), {}, [this] {
        const QString folder = QFileDialog::getExistingDirectory(this, tr("Export into a folder"), lastFolder());
        if (!folder.isEmpty()) exportBook(folder);
    });
    const auto ask_bring_in = [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Import a logbook"), lastFolder(),
                                                          tr("Exported logbooks (book.json *.csv);;All files (*)"));
        if (!path.isEmpty()) bringIn(path);
    };
    commands_->add("addLogsAction", tr("File many logs…"), {}, [this] {
        const QStringList paths =
            QFileDialog::getOpenFileNames(this, tr("Logs to file"), lastFolder(), logFilter());
        if (!paths.isEmpty()) addLogs(paths);
    });
    commands_->add("notebookAction", tr("File flights without a log…"), {}, [this] { openNotebook(); });
    commands_->add("bringInAction", tr("Import from JSON or CSV…"), {}, ask_bring_in);
    connect(logbook_place_, &LogbookPlace::bringInWanted, this, ask_bring_in);
    commands_->begin({});
}

void MainWindow::makeViewCommands() {
    commands_->begin(tr("Theme"));
    const QString now = Look::instance().theme().name;
    commands_->addChoice("dayAction", tr("Daylight"), now == day_theme().name,
                         [] { Look::instance().setTheme(day_theme()); });
    commands_->addChoice("eveningAction", tr("Evening"), now == evening_theme().name,
                         [] { Look::instance().setTheme(evening_theme()); });
    commands_->addChoice("fieldAction", tr("Field, for bright sun"), now == field_theme().name,
                         [] { Look::instance().setTheme(field_theme()); });
    commands_->separate();
    commands_->add("themeAction", tr("Next theme"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] {
        const auto& themes = all_themes();
        const auto at = std::find(themes.begin(), themes.end(), &Look::instance().theme());
        const auto next = std::size_t(at - themes.begin() + 1) % themes.size();
        Look::instance().setTheme(*themes[next]);
        const char* names[] = {"dayAction", "eveningAction", "fieldAction"};
        findChild<QAction*>(QLatin1String(names[next]))->setChecked(true);
    });
    commands_->separate();
    for (const int percent : {100, 110, 125, 140, 150}) {
        const bool chosen = qRound(Look::instance().chosenTextScale() * 100.0) == percent;
        commands_->addChoice(qPrintable(QStringLiteral("text%1Action").arg(percent)),
                             tr("Text at %1 %").arg(percent), chosen,
                             [percent] { Look::instance().setTextScale(percent / 100.0); });
    }
    commands_->begin({});
}

void MainWindow::makeUnitCommands() {
    using wording::UnitChoice;
    commands_->begin(tr("Units"));
    const auto choice = [this](const char* name, const QString& text, bool chosen, auto set) {
        commands_->addChoice(name, text, chosen, [set] {
            UnitChoice units = Look::instance().quantities().choice();
            set(units);
            Look::instance().setUnits(units);
        });
    };
    const UnitChoice now = Look::instance().quantities().choice();
    choice("leadChargeAction", tr("mAh first"), now.lead == UnitChoice::Lead::charge,
           [](UnitChoice& u) { u.lead = UnitChoice::Lead::charge; });
    choice("leadEnergyAction", tr("Wh first"), now.lead == UnitChoice::Lead::energy,
           [](UnitChoice& u) { u.lead = UnitChoice::Lead::energy; });
    commands_->separate();
    choice("kilometresAction", tr("Distances in km"), now.distance == UnitChoice::Distance::kilometres,
           [](UnitChoice& u) { u.distance = UnitChoice::Distance::kilometres; });
    choice("milesAction", tr("Distances in miles"), now.distance == UnitChoice::Distance::miles,
           [](UnitChoice& u) { u.distance = UnitChoice::Distance::miles; });
    using Speed = UnitChoice::Speed;
    const std::pair<Speed, QString> speeds[] = {{Speed::kilometres_per_hour, tr("km/h")},
                                                {Speed::metres_per_second, tr("m/s")},
                                                {Speed::miles_per_hour, tr("mph")},
                                                {Speed::knots, tr("knots")}};
    commands_->separate();
    for (const auto& [speed, name] : speeds) {
        choice(qPrintable(QStringLiteral("speed%1Action").arg(int(speed))), tr("Speeds in %1").arg(name),
               now.speed == speed, [speed = speed](UnitChoice& u) { u.speed = speed; });
    }
    commands_->separate();
    for (const auto& [speed, name] : speeds) {
        choice(qPrintable(QStringLiteral("wind%1Action").arg(int(speed))), tr("Wind in %1").arg(name),
               now.wind == speed, [speed = speed](UnitChoice& u) { u.wind = speed; });
    }
    commands_->separate();
    choice("metresAction", tr("Heights in m"), now.height == UnitChoice::Height::metres,
           [](UnitChoice& u) { u.height = UnitChoice::Height::metres; });
    choice("feetAction", tr("Heights in ft"), now.height == UnitChoice::Height::feet,
           [](UnitChoice& u) { u.height = UnitChoice::Height::feet; });
    commands_->separate();
    choice("celsiusAction", tr("Temperatures in °C"), now.temperature == UnitChoice::Temperature::celsius,
           [](UnitChoice& u) { u.temperature = UnitChoice::Temperature::celsius; });
    choice("fahrenheitAction", tr("Temperatures in °F"), now.temperature == UnitChoice::Temperature::fahrenheit,
           [](UnitChoice& u) { u.temperature = UnitChoice::Temperature::fahrenheit; });
    commands_->begin({});
}

void MainWindow::makeLanguageCommands() {
    commands_->begin(tr("Language"));
    const QString now = settings_.value(QStringLiteral("language")).toString();
    const auto choice = [&](const char* name, const QString& text, const QString& code) {
        commands_->addChoice(name, text, now == code, [this, code] {
            settings_.setValue(QStringLiteral("language"), code);
            settings_.sync();
            messages_->showNote(tr("The language changes when Sobremesa is started again."));
        });
    };
    choice("languageSystemAction", tr("That of the desktop"), {});
    for (const auto& language : wording::languages())
        choice(qPrintable(QStringLiteral("language_%1_action").arg(language.code)), language.own_name,
               language.code);
    commands_->begin({});
}

void MainWindow::makeHelpCommands() {
    commands_->begin(tr("Help"));
    commands_->add("guideAction", tr("User guide"), {}, [this] { showGuide(); });
    commands_->add("shortcutsAction", tr("Keyboard shortcuts"), {}, [this] {
        auto* sheet = new ShortcutsSheet(*commands_, this);
        sheet->setAttribute(Qt::WA_DeleteOnClose);
        sheet->show();
    });
    commands_->add("aboutAction", tr("About Sobremesa"), {}, [this] {
        auto* sheet = new AboutSheet(this);
        sheet->setAttribute(Qt::WA_DeleteOnClose);
        sheet->show();
    });
    commands_->begin({});
    nameSynonyms();
}

/// What else pilots call it: the command search finds it by these words too.
void MainWindow::nameSynonyms() {
    const std::pair<const char*, QString> words[] = {
        {"missionAction", tr("waypoint route height altitude speed loiter terrain")},
        {"alarmsAction", tr("warning low voltage timer callout capacity")},
        {"cardAction", tr("checklist print paper")},
        {"printCardAction", tr("checklist paper preview")},
        {"settingAction", tr("wind temperature reserve landing voltage aircraft pack")},
        {"openLogAction", tr("import telemetry recording black box flight")},
        {"addLogsAction", tr("import telemetry recordings folder archive")},
        {"notebookAction", tr("by hand notebook spreadsheet paste enter")},
        {"packsPlaceAction", tr("battery batteries cells")},
        {"packsAction", tr("battery batteries cells")},
        {"fleetPlaceAction", tr("aircraft plane wing drone multirotor")},
        {"sensorsPlaceAction", tr("calibration current sensor scale offset")},
        {"watchPlaceAction", tr("live telemetry link voice")},
        {"logbookPlaceAction", tr("flights history records")},
        {"rehearseAction", tr("simulate practice training")},
        {"backUpAction", tr("save copy safety")},
        {"dayAction", tr("light mode bright")},
        {"eveningAction", tr("dark mode night")},
        {"fieldAction", tr("sun contrast large")},
        {"undoAction", tr("back revert")},
        {"guideAction", tr("help manual documentation")},
        {"aboutAction", tr("version licence license")},
        {"leadChargeAction", tr("units capacity")},
        {"leadEnergyAction", tr("units energy")},
        {"languageSystemAction", tr("translation")},
    };
    for (const auto& [name, synonyms] : words) commands_->setSynonyms(name, synonyms);
}

void MainWindow::showGuide() {
    if (!guide_) guide_ = new GuideWindow(this);
    static const std::map<Place, QString> chapters = {
        {Place::fleet, QStringLiteral("Fleet and Packs")}, {Place::packs, QStringLiteral("Fleet and Packs")},
        {Place::sensors, QStringLiteral("Sensors")},       {Place::plan, QStringLiteral("Plan")},
        {Place::watch, QStringLiteral("Watch")},           {Place::debrief, QStringLiteral("Debrief")},
        {Place::logbook, QStringLiteral("Logbook")}};
    QString chapter = chapters.at(place());
    if (place() == Place::plan && !workspace_.openPlanId()) chapter = QStringLiteral("The first start");
    if (place() == Place::packs && packs_place_->onBench()) chapter = QStringLiteral("The bench");
    if (place() == Place::fleet && !fleet_place_->onRecordList()) chapter = QStringLiteral("The power curve");
    // Laid out first: where a chapter begins is known in a window that is shown.
    guide_->show();
    guide_->raise();
    guide_->showChapter(chapter);
}

/// F1 where no number has the focus: those answer "why?".
void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_F1 && event->modifiers() == Qt::NoModifier)
        showGuide();
    else
        QMainWindow::keyPressEvent(event);
}

void MainWindow::copyShown() {
    // Text that is marked goes before the chart.
    if (const auto* label = qobject_cast<QLabel*>(QApplication::focusWidget()); label && label->hasSelectedText()) {
        QApplication::clipboard()->setText(label->selectedText());
        return;
    }
    if (auto* table = qobject_cast<DataTable*>(shown_)) {
        table->copy();
    } else if (auto* chart = chart_of(shown_)) {
        copy_chart(*chart);
    } else {
        messages_->showNote(tr("Click the chart or table to copy first."));
        return;
    }
    messages_->showNote(tr("Copied."));
}

/// What applies to the thing under the hand: its own actions, then what can be done with any table or chart.
void MainWindow::contextMenuEvent(QContextMenuEvent* event) {
    const bool by_key = event->reason() == QContextMenuEvent::Keyboard;
    QWidget* at = by_key ? QApplication::focusWidget() : childAt(event->pos());
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("contextMenu"));
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (QWidget* widget = at; widget && widget != this; widget = widget->parentWidget()) {
        auto* actions = dynamic_cast<ContextActions*>(widget);
        if (!actions) continue;
        actions->fillMenu(*menu, by_key ? QPoint(-1, -1) : widget->mapFrom(this, event->pos()));
        break;
    }
    for (QWidget* widget = at; widget && widget != this; widget = widget->parentWidget()) {
        auto* chart = chart_of(widget);
        if (!chart && !qobject_cast<QTableView*>(widget)) continue;
        shown_ = chart ? dynamic_cast<QWidget*>(chart) : widget;
        menu->addSeparator();
        for (const char* name : {"copyAction", "asTableAction", "exportAction"}) {
            if (chart || qstrcmp(name, "asTableAction") != 0) menu->addAction(commands_->find(name));
        }
        break;
    }
    if (menu->isEmpty()) {
        delete menu;
        event->ignore();
        return;
    }
    menu->popup(by_key && at ? at->mapToGlobal(at->rect().center()) : event->globalPos());
    event->accept();
}

void MainWindow::showAsTable() {
    auto* chart = chart_of(shown_);
    if (!chart) {
        messages_->showNote(tr("Click the chart or map to show as a table first."));
        return;
    }
    auto* sheet = new TableSheet(chart->shownTable(), this);
    sheet->popUpBy(this, QRect(width() / 4, 0, 0, Look::instance().scaled(60)));
}

void MainWindow::exportShown(const QString& path) {
    auto* chart = chart_of(shown_);
    const auto* table = qobject_cast<QTableView*>(shown_);
    if (!chart && !table) return;
    const auto done = chart ? export_chart(*chart, path) : export_table(*table->model(), path);
    if (!done)
        say(done.error());
    else
        messages_->showNote(tr("Written to %1.").arg(path));
}

} // namespace sobremesa::app
