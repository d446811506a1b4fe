#include "app/shell/main_window.hpp"

#include <utility>

#include <QApplication>
#include <QDir>
#include <QDropEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QMimeData>
#include <QMouseEvent>
#include <QPointer>
#include <QScreen>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>

#include "app/export/shown_chart.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/fleet/fleet_place.hpp"
#include "app/places/logbook/logbook_place.hpp"
#include "app/places/packs/packs_place.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/places/record_list/record_list_place.hpp"
#include "app/places/sensors/sensors_place.hpp"
#include "app/places/watch/watch_place.hpp"
#include "app/shell/commands.hpp"
#include "app/shell/guarded_application.hpp"
#include "app/shell/message_bar.hpp"
#include "app/shell/place_rail.hpp"
#include "app/shell/remembered_look.hpp"
#include "app/shell/setting_line.hpp"
#include "app/shell/standing_line.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/hairline.hpp"
#include "io/log_file.hpp"
#include "wording/aircraft.hpp"
#include "wording/edits.hpp"
#include "wording/learning.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

namespace {

constexpr int progress_after_ms = 250;

/// Tells the workspace while the mouse button is held, anywhere in the program.
class HeldButton : public QObject {
public:
    HeldButton(session::Workspace& workspace, QObject* parent) : QObject(parent), workspace_(&workspace) {
        qApp->installEventFilter(this);
    }
    bool eventFilter(QObject* watched, QEvent* event) override {
        switch (event->type()) {
        case QEvent::MouseButtonPress:
        case QEvent::MouseButtonRelease:
            if (static_cast<QMouseEvent*>(event)->button() == Qt::LeftButton)
                tell(event->type() == QEvent::MouseButtonPress);
            break;
        case QEvent::MouseMove:
            // A release may go to another program.
            if (down_ && !(static_cast<QMouseEvent*>(event)->buttons() & Qt::LeftButton)) tell(false);
            break;
        default: break;
        }
        return QObject::eventFilter(watched, event);
    }

private:
    void tell(bool down) {
        down_ = down;
        if (down && workspace_) workspace_->setHandDown(true);
        // What the release itself changes still belongs to the drag.
        if (!down) {
            QTimer::singleShot(0, this, [this] {
                if (workspace_ && !down_) workspace_->setHandDown(false);
            });
        }
    }

    QPointer<session::Workspace> workspace_;
    bool down_ = false;
};

/// What the library offers for the first two words of a setting.
template <class Chosen, class Choose>
RecordListChoice record_list_choice(const session::Workspace& workspace, std::size_t word, Chosen chosen,
                                    Choose choose) {
    RecordListChoice choice;
    if (word > 1) return choice;
    std::vector<session::Id> ids;
    const auto offer = [&](session::Id id, const QString& name, bool retired) {
        const bool now = chosen(word) == id;
        // What is retired is not offered, except where it is what stands there.
        if (retired && !now) return;
        if (now) choice.chosen = int(ids.size());
        ids.push_back(id);
        choice.names << name;
    };
    if (word == 0) {
        for (const auto& [id, kept] : workspace.library().aircraft)
            offer(id, wording::title(kept.aircraft), kept.retired);
    } else {
        for (const auto& [id, kept] : workspace.library().packs) offer(id, wording::title(kept.pack), kept.retired);
    }
    if (ids.empty()) return choice;
    choice.choose = [ids, word, choose](int index) { choose(word, ids[std::size_t(index)]); };
    return choice;
}

} // namespace

MainWindow::MainWindow(const QString& settings_folder, const QString& book_path, QWidget* parent)
    : QMainWindow(parent),
      settings_(QDir(settings_folder).filePath(QStringLiteral("sobremesa.ini")), QSettings::IniFormat),
      workspace_(plan_session_), flight_session_(workspace_, debrief_session_, plan_session_),
      importer_(workspace_), reader_(workspace_), rail_(new PlaceRail),
      plan_setting_(new SettingLine(plan_session_)),
      flown_setting_(new SettingLine(flight_session_.flown(), QStringLiteral("flown"))),
      setting_(new QStackedWidget), setting_row_(new QWidget), places_(new QStackedWidget),
      fleet_place_(new FleetPlace(workspace_, plan_session_)), fleet_record_list_(&fleet_place_->recordList()),
      packs_place_(new PacksPlace(workspace_, plan_session_)), packs_record_list_(&packs_place_->recordList()),
      sensors_room_(new QWidget), plan_place_(new PlanPlace(plan_session_, workspace_)), watch_room_(new QWidget),
      debrief_place_(new DebriefPlace(debrief_session_, flight_session_)),
      logbook_place_(new LogbookPlace(workspace_)), standing_(new StandingLine), commands_(new Commands(*this)) {
    new HeldButton(workspace_, this);
    restore_look(settings_);
    debrief_session_.rememberColumnsIn(QDir(settings_folder).filePath(QStringLiteral("columns.json")));
    setWindowTitle(tr("Sobremesa"));
    setAcceptDrops(true);
    layOut();
    makeCommands();
    connectSessions();
    showPlace(Place::plan);
    for (const PlaceEntry& entry : entries_) {
        if (entry.place == Place::plan) entry.button->setFocus();
    }

    const QString remembered = settings_.value(QStringLiteral("book")).toString();
    openBook(!book_path.isEmpty() ? book_path : !remembered.isEmpty() ? remembered : session::default_book_path());
    restore();
    offerCutOffRecording();
}

MainWindow::~MainWindow() {
    // The places go before what they show: an editor that is still open hands its text in as it closes.
    delete takeCentralWidget();
}

void MainWindow::layOut() {
    const Look& look = Look::instance();
    flown_setting_->setObjectName(QStringLiteral("flownSettingLine"));
    flown_setting_->setSentence(debrief_setting_sentence());
    setting_->addWidget(plan_setting_);
    setting_->addWidget(flown_setting_);
    setting_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    auto* setting_layout = new QHBoxLayout(setting_row_);
    setting_layout->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(24), look.scaled(10));
    setting_layout->addWidget(setting_);

    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    column->addWidget(standing_);
    column->addWidget(setting_row_);
    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(places_, 1);
    auto* whole = new QWidget;
    auto* row = new QHBoxLayout(whole);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(rail_);
    row->addLayout(column, 1);
    setCentralWidget(whole);
    messages_ = new MessageBar(whole);
}

void MainWindow::addPlace(Place place, const char* button_name, const QString& name,
                          std::function<void(QPainter&, const QRectF&)> sign, QWidget* widget) {
    const int number = int(place);
    auto* button = rail_->addPlace(name, std::move(sign));
    button->setObjectName(QLatin1String(button_name));
    button->setToolTip(tr("%1 (Ctrl+%2)", "place, its key").arg(name).arg(number));
    connect(button, &RailButton::clicked, this, [this, place] { showPlace(place); });
    commands_->add(qPrintable(QLatin1String(button_name) + QStringLiteral("Action")), name,
                   QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_0 + number)), [this, place] { showPlace(place); });
    places_->addWidget(widget);
    entries_.push_back({place, widget, button});
}

void MainWindow::connectLearning() {
    session::LearningSession& learning = fleet_place_->learning();
    connect(fleet_place_, &QTabWidget::currentChanged, this, [this] { showPlace(place()); });
    connect(fleet_place_, &FleetPlace::flightWanted, this, &MainWindow::openFlight);
    session::PackSession& packs = packs_place_->learning();
    // Filing is the pilot's word for aircraft and pack: from then on the flight teaches.
    connect(&flight_session_, &session::FlightSession::flightFiled, &packs, &session::PackSession::learnFrom);
    connect(&flight_session_, &session::FlightSession::flightFiled, &learning,
            &session::LearningSession::learnFrom);
    connect(&learning, &session::LearningSession::learned, this,
            [this](const QString& aircraft, int flights, double change) {
                const auto& q = Look::instance().quantities();
                sayLearned(wording::learned_text(aircraft, flights, change, q), false);
            });
    connect(&packs, &session::PackSession::learned, this,
            [this](const QString& pack, double before_ah, double after_ah, int flights) {
                sayLearned(
                    wording::pack_learned_text(pack, before_ah, after_ah, flights, Look::instance().quantities()),
                    false);
            });
    connect(&packs, &session::PackSession::leftOut, this, [this](session::Id, const QString& flight, int kind) {
        sayLearned(wording::left_out_text(flight, learning::OddEvidence::Kind(kind)), true);
    });
    connect(&learning, &session::LearningSession::standsApart, this,
            [this](session::Id, const QString& name, double off) {
                sayLearned(wording::stands_apart_text(name, off, Look::instance().quantities()), true);
            });
}

/// One filing teaches aircraft and pack: what is said of both stands in one message.
void MainWindow::sayLearned(const QString& words, bool trouble) {
    // Until the events of this moment are over: then the next filing speaks for itself.
    if (learned_.isEmpty()) {
        learned_trouble_ = false;
        QTimer::singleShot(0, this, [this] { learned_.clear(); });
    }
    learned_ << words;
    learned_trouble_ = learned_trouble_ || trouble;
    const QString all = learned_.join(QLatin1Char(' '));
    if (learned_trouble_)
        messages_->showTrouble(all);
    else
        messages_->showNote(all);
}

void MainWindow::connectSessions() {
    connectReading();
    connectFlight();
    connectWorkspace();
    connectTransfers();
    connectPlaces();
    connectLearning();
    offerLibrary();
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        if (!now || !isAncestorOf(now)) return;
        if (auto* chart = chart_of(now))
            shown_ = dynamic_cast<QWidget*>(chart);
        else if (qobject_cast<QTableView*>(now))
            shown_ = now;
    });
}

void MainWindow::refuse(const units::Error& error) {
    progress_due_.stop();
    say(error);
}

/// A log that is being read, and what it says.
void MainWindow::connectReading() {
    progress_due_.setSingleShot(true);
    progress_due_.setInterval(progress_after_ms);
    const auto show_progress = [this] {
        if (debrief_session_.is_opening()) messages_->showProgress(tr("Reading %1").arg(opening_), progress_share_);
    };
    connect(&progress_due_, &QTimer::timeout, this, show_progress);
    connect(&debrief_session_, &session::DebriefSession::opening, this, [this](const QString& path) {
        opening_ = wording::file_title(path.toStdString());
        messages_->clear();
        progress_share_ = 0.0;
        progress_due_.start();
    });
    connect(&debrief_session_, &session::DebriefSession::progressed, this, [this, show_progress](double share) {
        progress_share_ = share;
        if (!progress_due_.isActive()) show_progress();
    });
    connect(&debrief_session_, &session::DebriefSession::debriefChanged, this, [this] {
        progress_due_.stop();
        if (messages_->isWorking()) messages_->clear();
        showPlace(Place::debrief);
    });
    connect(&debrief_session_, &session::DebriefSession::refused, this, [this](const units::Error& error) {
        refuse(error);
        // A table without a time may only call it something else: the pilot can say which column it is.
        // What could not be read may still be rescued by saying what its columns are.
        const bool may_be_said = error.code == units::ErrorCode::no_time ||
                                 error.code == units::ErrorCode::no_header ||
                                 error.code == units::ErrorCode::no_usable_rows;
        if (may_be_said && io::read_head_of_log(error.where.file))
            openColumns(QString::fromStdString(error.where.file));
    });
    connect(debrief_place_, &DebriefPlace::notebookWanted, this, [this] { openNotebook(); });
    connect(logbook_place_, &LogbookPlace::notebookWanted, this, [this] { openNotebook(); });
    connect(debrief_place_, &DebriefPlace::columnsWanted, this, &MainWindow::openColumns);
    connect(debrief_place_, &DebriefPlace::dateOrderWanted, this, &MainWindow::takeDateOrder);
    connect(debrief_place_, &DebriefPlace::compareWanted, this, [this] {
        const auto filed = flight_session_.filed();
        openCompare(filed ? std::vector{*filed} : std::vector<session::Id>());
    });
    connect(logbook_place_, &LogbookPlace::compareWanted, this, &MainWindow::openCompare);
}

void MainWindow::connectFlight() {
    connect(&plan_session_, &session::PlanSession::refused, this, &MainWindow::refuse);
    connect(&plan_session_, &session::PlanSession::terrainRefused, this, &MainWindow::refuse);
    connect(&flight_session_, &session::FlightSession::refused, this, &MainWindow::refuse);
    connect(&flight_session_, &session::FlightSession::alreadyFiled, this,
            [this] { messages_->showNote(tr("This log is already in the logbook; it was not filed twice.")); });
    connect(&flight_session_, &session::FlightSession::filingProgressed, this, [this](double share) {
        if (share < 1.0)
            messages_->showProgress(tr("Filing the log"), share);
        else
            messages_->clear();
    });
    connect(messages_, &MessageBar::cancelled, this, [this] {
        // Whoever stops the waiting stays.
        if (std::exchange(leaving_, nullptr)) messages_->clear();
        debrief_session_.cancel();
        importer_.cancel();
        reader_.cancel();
        if (flight_session_.is_filing() || !exporting_.isEmpty()) workspace_.worker().cancelWork();
    });
}

void MainWindow::connectWorkspace() {
    if (auto* guarded = qobject_cast<GuardedApplication*>(qApp)) {
        connect(guarded, &GuardedApplication::faulted, this, [this](const QString& what) {
            messages_->showLasting(tr("An internal fault stopped this action: %1. The logbook is unharmed; please "
                                      "report what you did.")
                                       .arg(what));
        });
    }
    connect(&workspace_, &session::Workspace::historyChanged, this, &MainWindow::showHistory);
    connect(&workspace_, &session::Workspace::historyChanged, messages_, &MessageBar::causeGone);
    connect(&workspace_, &session::Workspace::aircraftChanged, fleet_record_list_, &RecordListPlace::refresh);
    connect(&workspace_, &session::Workspace::packsChanged, packs_record_list_, &RecordListPlace::refresh);
    connect(&workspace_, &session::Workspace::flightsChanged, this, [this] {
        fleet_record_list_->refresh();
        packs_record_list_->refresh();
    });
    connect(&workspace_, &session::Workspace::openPlanChanged, this, [this] { showPlace(place()); });
    connect(&workspace_, &session::Workspace::bookOpened, this, &MainWindow::showStanding);
    connect(&workspace_, &session::Workspace::figuresRead, this, &MainWindow::readUnread);
    connect(standing_, &StandingLine::wayOutWanted, this, &MainWindow::endLookingAround);
    connect(&workspace_, &session::Workspace::unreadable, this, &MainWindow::refuse);
    connect(&workspace_.worker(), &session::LogbookWorker::failed, this, [this](const units::Error& error) {
        progress_due_.stop();
        // Until the book can be written again.
        messages_->showLasting(wording::message(error));
    });
    connect(&workspace_.worker(), &session::LogbookWorker::idle, this, &MainWindow::goOnLeaving);
    connect(&workspace_.worker(), &session::LogbookWorker::failed, this, &MainWindow::goOnLeaving);
    connect(&workspace_.worker(), &session::LogbookWorker::recovered, this,
            [this] { messages_->showNote(tr("The logbook can be written again; nothing was lost.")); });
}

/// What is imported or read again in the background.
void MainWindow::connectTransfers() {
    const auto progress = [this](const QString& what) {
        return [this, what](double share) { messages_->showProgress(what, share); };
    };
    connect(&importer_, &session::LogbookImporter::progressed, this, progress(tr("Importing the logs")));
    connect(&importer_, &session::LogbookImporter::refused, this, &MainWindow::refuse);
    connect(&importer_, &session::LogbookImporter::finished, this, [this](int added, int known) {
        import_said_.prepend(known == 0
                                 ? tr("%n entry(ies) imported.", nullptr, added)
                                 : tr("%n entry(ies) imported; already there: %1.", nullptr, added).arg(known));
        messages_->showNote(import_said_.join(QLatin1Char('\n')));
        import_said_.clear();
        // Flights that came without figures are read from their logs.
        readUnread();
    });
    connect(&reader_, &session::FlightReader::progressed, this, progress(tr("Re-reading flights")));
    connect(&reader_, &session::FlightReader::refused, this, &MainWindow::refuse);
    connect(&reader_, &session::FlightReader::finished, this, [this] { messages_->clear(); });
}

void MainWindow::connectPlaces() {
    connect(debrief_place_, &DebriefPlace::logWanted, this, &MainWindow::openFile);
    connect(debrief_place_, &DebriefPlace::neighbourWanted, this, &MainWindow::stepFlight);
    connect(logbook_place_, &LogbookPlace::openWanted, this, &MainWindow::openFlight);
    connect(logbook_place_, &LogbookPlace::rereadWanted, &reader_, &session::FlightReader::read);
    connect(logbook_place_, &LogbookPlace::debriefWanted, this, [this] { showPlace(Place::debrief); });
    for (RecordListPlace* record_list : {fleet_record_list_, packs_record_list_})
        connect(record_list, &RecordListPlace::said, messages_, &MessageBar::showNote);
    connect(packs_place_, &QTabWidget::currentChanged, this, [this] { showPlace(place()); });
    connect(packs_place_, &PacksPlace::planWanted, this, [this] { showPlace(Place::plan); });
    connect(packs_place_, &PacksPlace::refused, this, &MainWindow::refuse);
    connect(packs_place_, &PacksPlace::tableMade, this,
            [this](DataTable* table) { table->restoreColumns(settings_); });
    connect(logbook_place_, &LogbookPlace::said, messages_, &MessageBar::showNote);
}

/// The settings choose from the library.
void MainWindow::offerLibrary() {
    plan_setting_->setLibrary([this](std::size_t word) {
        return record_list_choice(
            workspace_, word,
            [this](std::size_t w) -> std::optional<session::Id> {
                const auto open = workspace_.openPlanId();
                if (!open) return std::nullopt;
                const auto& plan = workspace_.library().plans.at(*open);
                return w == 0 ? plan.aircraft_id : plan.pack_id;
            },
            [this](std::size_t w, session::Id id) {
                if (w == 0)
                    workspace_.choosePlanAircraft(id);
                else
                    workspace_.choosePlanPack(id);
            });
    });
    flown_setting_->setLibrary([this](std::size_t word) {
        return record_list_choice(
            workspace_, word,
            [this](std::size_t w) {
                return w == 0 ? flight_session_.flight().aircraft_id : flight_session_.flight().pack_id;
            },
            [this](std::size_t w, session::Id id) {
                if (w == 0)
                    flight_session_.chooseAircraft(id);
                else
                    flight_session_.choosePack(id);
            });
    });
}

void MainWindow::showPlace(Place place) {
    // Made when it is first wanted: the first window does not wait for it.
    if (place == Place::sensors) sensors();
    if (place == Place::watch) watchPlace();
    for (std::size_t i = 0; i < entries_.size(); ++i) {
        if (entries_[i].place != place) continue;
        places_->setCurrentIndex(int(i));
        entries_[i].button->setChecked(true);
    }
    // The setting is what the numbers on screen are computed from; the library and the logbook hold what was given.
    const bool plan =
        (place == Place::plan || place == Place::watch || (place == Place::packs && packs_place_->onBench()) ||
         (place == Place::fleet && !fleet_place_->onRecordList())) &&
        workspace_.openPlanId();
    const bool debrief = place == Place::debrief && debrief_session_.debrief();
    setting_row_->setVisible(plan || debrief);
    setting_->setCurrentWidget(debrief ? flown_setting_ : plan_setting_);
    for (SettingLine* line : {plan_setting_, flown_setting_}) {
        const bool here = line == setting_->currentWidget();
        line->setSizePolicy(QSizePolicy::Expanding, here ? QSizePolicy::Preferred : QSizePolicy::Ignored);
    }
}

SensorsPlace& MainWindow::sensors() {
    if (sensors_place_) return *sensors_place_;
    sensors_place_ = new SensorsPlace(workspace_);
    connect(sensors_place_, &SensorsPlace::said, messages_, &MessageBar::showNote);
    auto* column = new QVBoxLayout(sensors_room_);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(sensors_place_);
    sensors_place_->table().restoreColumns(settings_);
    return *sensors_place_;
}

WatchPlace& MainWindow::watchPlace() {
    if (watch_place_) return *watch_place_;
    const QFileInfo settings(settings_.fileName());
    watch_place_ = new WatchPlace(plan_session_, settings_, settings.dir().filePath(QStringLiteral("recordings")));
    connect(watch_place_, &WatchPlace::noted, messages_, &MessageBar::showNote);
    connect(watch_place_, &WatchPlace::troubled, this, &MainWindow::refuse);
    connect(watch_place_, &WatchPlace::debriefWanted, this, [this](const QString& path) {
        // What was said in flight is kept with it.
        const QString note = watch_place_->calloutNote();
        connect(
            &debrief_session_, &session::DebriefSession::debriefChanged, this,
            [this, note, path] {
                const auto debrief = debrief_session_.debrief();
                if (debrief && debrief->path == path && flight_session_.flight().note.empty())
                    flight_session_.setNote(note);
            },
            Qt::SingleShotConnection);
        const auto watched = watch_place_->vehicleWatched();
        if (watched.empty()) return openFile(path);
        rememberRecent(path);
        flight_session_.openLog(path, {.columns = watched});
    });
    connect(watch_place_, &WatchPlace::replayWanted, this, [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Replay a log"), lastFolder(),
                                                          tr("Logs (*.csv *.tlog *.gpx *.gz);;All files (*)"));
        if (!path.isEmpty()) watch_place_->replay(path);
    });
    auto* column = new QVBoxLayout(watch_room_);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(watch_place_);
    watch_place_->said().restoreColumns(settings_);
    return *watch_place_;
}

/// A flight that was being recorded when the program ended: its log is whole to the last second.
void MainWindow::offerCutOffRecording() {
    const QDir folder = QFileInfo(settings_.fileName()).dir();
    if (!QFile::exists(folder.filePath(QStringLiteral("recordings/unfinished")))) return;
    if (const QString path = watchPlace().cutOff(); !path.isEmpty())
        messages_->showNote(tr("The recording %1 was cut off when the program ended. It is kept: Watch offers it.")
                                .arg(QFileInfo(path).fileName()));
}

Place MainWindow::place() const {
    return entries_[std::size_t(places_->currentIndex())].place;
}

void MainWindow::showHistory() {
    const auto* undo = workspace_.nextUndo();
    const auto* redo = workspace_.nextRedo();
    undo_->setEnabled(undo != nullptr);
    redo_->setEnabled(redo != nullptr);
    undo_->setText(undo ? tr("Undo: %1").arg(wording::edit_text(*undo)) : tr("Undo"));
    redo_->setText(redo ? tr("Redo: %1").arg(wording::edit_text(*redo)) : tr("Redo"));
}

void MainWindow::say(const units::Error& error) {
    if (error.code == units::ErrorCode::cancelled)
        messages_->showNote(wording::message(error));
    else
        messages_->showTrouble(wording::message(error));
}

/// Earlier or later in the order of their beginning.
void MainWindow::stepFlight(int step) {
    std::vector<std::pair<double, session::Id>> order;
    for (const auto& [id, flight] : workspace_.library().flights) {
        if (flight.log_id) order.emplace_back(flight.start_clock_s.value_or(0.0), id);
    }
    if (order.empty()) {
        messages_->showNote(tr("There is no flight in the logbook yet."));
        return;
    }
    std::sort(order.begin(), order.end());
    const auto filed = flight_session_.filed();
    const auto here =
        std::find_if(order.begin(), order.end(), [&](const auto& entry) { return entry.second == filed; });
    const bool last = here != order.end() && (step > 0 ? here + 1 == order.end() : here == order.begin());
    if (last) {
        messages_->showNote(step > 0 ? tr("This is the latest flight in the logbook.")
                                     : tr("This is the earliest flight in the logbook."));
        return;
    }
    const auto wanted = here == order.end() ? (step > 0 ? order.front() : order.back()) : *(here + step);
    flight_session_.openFlight(wanted.second);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls()) {
        if (url.isLocalFile()) paths << url.toLocalFile();
    }
    openDropped(paths);
    event->acceptProposedAction();
}

void MainWindow::remember() {
    settings_.setValue(QStringLiteral("geometry"), saveGeometry());
    settings_.setValue(QStringLiteral("place"), int(place()));
    for (const auto* table : findChildren<DataTable*>()) table->rememberColumns(settings_);
    remember_look(settings_);
    settings_.sync();
}

void MainWindow::restore() {
    // Never larger than the screen it opens on.
    QSize wanted(Look::instance().scaled(1280), Look::instance().scaled(800));
    if (const QScreen* where = screen()) wanted = wanted.boundedTo(where->availableSize());
    resize(wanted);
    // Small enough for any screen we promise; what does not fit folds or scrolls.
    setMinimumSize(640, 480);
    restoreGeometry(settings_.value(QStringLiteral("geometry")).toByteArray());
    for (auto* table : findChildren<DataTable*>()) table->restoreColumns(settings_);
    const int place = settings_.value(QStringLiteral("place"), int(Place::plan)).toInt();
    showPlace(Place(place));
    showRecent();
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    constexpr int narrow_px = 1100;
    constexpr double large_text = 1.25;
    rail_->setSignsOnly(width() < narrow_px || Look::instance().textScale() > large_text);
}

} // namespace sobremesa::app
