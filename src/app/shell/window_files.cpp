// Files of the window: opening what is dropped or chosen, the logbook's file, and what was open lately.

#include <algorithm>
#include <memory>

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QMenu>
#include <QPainter>
#include <QPrintPreviewDialog>
#include <QPrinter>
#include <QTimer>

#include "app/places/debrief/columns_sheet.hpp"
#include "app/places/debrief/compare_sheet.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/logbook/many_logs_sheet.hpp"
#include "app/places/logbook/notebook_sheet.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/places/plan/plan_sheet.hpp"
#include "app/shell/main_window.hpp"
#include "app/shell/message_bar.hpp"
#include "app/shell/standing_line.hpp"
#include "app/theme/look.hpp"
#include "io/archive.hpp"
#include "io/log_file.hpp"
#include "io/log_source.hpp"
#include "io/pack_table.hpp"
#include "io/plan_document.hpp"
#include "io/route_files.hpp"
#include "io/text_file.hpp"
#include "paper/flight_card.hpp"
#include "session/flight_folder.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

namespace {
constexpr qsizetype recent_kept = 12;

const QStringList& book_files() {
    static const QStringList names = {QStringLiteral("book.json"), QStringLiteral("aircraft.csv"),
                                      QStringLiteral("packs.csv"), QStringLiteral("plans.csv"),
                                      QStringLiteral("flights.csv")};
    return names;
}

bool holds_many_logs(const QString& path) {
    if (!io::is_archive(path.toStdString())) return false;
    const auto logs = io::logs_below({path.toStdString()});
    return logs && logs->size() > 1;
}
} // namespace

void MainWindow::openFile(const QString& path) {
    const QFileInfo file(path);
    if (file.isDir()) {
        openFolder(path);
        return;
    }
    settings_.setValue(QStringLiteral("lastFolder"), file.absolutePath());
    if (path.endsWith(QStringLiteral(".sqlite"), Qt::CaseInsensitive)) {
        openBook(path);
        return;
    }
    if (book_files().contains(file.fileName()) || session::is_pack_table(path)) {
        bringIn(path);
        return;
    }
    rememberRecent(file.absoluteFilePath());
    // A document that reads as a log is one, whatever its ending.
    const bool log = io::is_log_document(path.toStdString());
    const auto ends = [&](const QString& ending) { return !log && path.endsWith(ending, Qt::CaseInsensitive); };
    if (ends(QStringLiteral(".json")))
        openPlanFile(path);
    else if (ends(QStringLiteral(".kml")) || ends(QStringLiteral(".geojson")))
        takeRoute(path);
    else if (!log && holds_many_logs(path))
        addLogs({path});
    else
        flight_session_.openLog(path);
}

void MainWindow::openDropped(const QStringList& paths) {
    QStringList logs;
    QStringList others;
    bool many = false;
    for (const QString& path : paths) {
        const QFileInfo file(path);
        if (file.isDir()) {
            const auto laid = session::read_flight_folder(path);
            const bool book =
                QFile::exists(QDir(path).filePath(QStringLiteral("book.json"))) || !laid.plans.isEmpty();
            many = many || !book;
            (book ? others : logs) << path;
            continue;
        }
        static const QStringList documents = {QStringLiteral("json"), QStringLiteral("kml"),
                                              QStringLiteral("geojson"), QStringLiteral("sqlite")};
        const bool document =
            (documents.contains(file.suffix().toLower()) && !io::is_log_document(path.toStdString())) ||
            book_files().contains(file.fileName()) || session::is_pack_table(path);
        (document ? others : logs) << path;
    }
    for (const QString& path : others) openFile(path);
    if (many || logs.size() > 1)
        addLogs(logs);
    else if (!logs.isEmpty())
        openFile(logs.front());
}

void MainWindow::addLogs(const QStringList& paths) {
    auto* sheet = new ManyLogsSheet(workspace_, paths, this);
    connect(sheet, &ManyLogsSheet::refused, this, [this](const units::Error& error) { say(error); });
    connect(sheet, &ManyLogsSheet::filed, this, [this](int flights) {
        if (flights == 0) return;
        showPlace(Place::logbook);
        // Those whose figures depend on the pack that was chosen last.
        readUnread();
    });
    sheet->show();
}

void MainWindow::openFlight(session::Id id) {
    const auto& flights = workspace_.library().flights;
    const auto found = flights.find(id);
    if (found != flights.end() && !found->second.log_id)
        openNotebook(id);
    else
        flight_session_.openFlight(id);
}

void MainWindow::openNotebook(std::optional<session::Id> changed) {
    auto* sheet = new NotebookSheet(workspace_, changed, this);
    connect(sheet, &NotebookSheet::filed, this, [this](int flights, int known) {
        showPlace(Place::logbook);
        messages_->showNote(known > 0 ? tr("%n flight(s) were in the logbook already.", nullptr, known)
                                      : tr("%n flight(s) filed.", nullptr, flights));
    });
    sheet->show();
}

void MainWindow::openColumns(const QString& path) {
    auto head = io::read_head_of_log(path.toStdString());
    if (!head) {
        say(head.error());
        return;
    }
    // As it is read now, what was said before counted.
    const auto debrief = debrief_session_.debrief();
    if (debrief && debrief->path == path) {
        if (auto chosen = io::read_head_of_log(path.toStdString(), debrief->choices.columns)) head = chosen;
    }
    auto* sheet = new ColumnsSheet(path, std::move(*head), this);
    connect(sheet, &ColumnsSheet::chosen, &flight_session_, &session::FlightSession::chooseColumns);
    sheet->show();
}

void MainWindow::takeDateOrder(const QString& path, const QString& column, const QString& order) {
    const auto debrief = debrief_session_.debrief();
    if (!debrief || debrief->path != path) return;
    const auto head = io::read_head_of_log(path.toStdString(), debrief->choices.columns);
    if (!head) {
        say(head.error());
        return;
    }
    auto choices = debrief->choices.columns;
    for (const auto& found : head->columns) {
        if (QString::fromStdString(found.header) != column) continue;
        std::erase_if(choices, [&](const auto& choice) { return choice.header == found.header; });
        choices.push_back(io::choice_of(found));
        choices.back().unit = order.toStdString();
    }
    flight_session_.chooseColumns(path, *head, choices);
}

void MainWindow::openCompare(const std::vector<session::Id>& first) {
    (new CompareSheet(workspace_, first, this))->show();
}

void MainWindow::openPlanFile(const QString& path) {
    auto document = io::read_plan_file(path.toStdString());
    if (!document) {
        say(document.error());
        return;
    }
    // A plan without a name is called by its file.
    if (document->request.name.empty()) {
        QString name = QFileInfo(path).fileName();
        for (const char* ending : {".json", ".plan"}) {
            if (name.endsWith(QLatin1String(ending))) name.chop(qsizetype(qstrlen(ending)));
        }
        document->request.name = name.toStdString();
    }
    messages_->clear();
    const session::Id id = workspace_.bringInPlan(document->request);
    showPlace(Place::plan);
    QStringList said;
    for (const auto& diagnostic : document->diagnostics)
        said << wording::message(diagnostic, Look::instance().quantities());
    const auto& plan = workspace_.library().plans.at(id);
    if (!plan.aircraft_id)
        said << tr("The fleet has another %1; this plan keeps its own.").arg(wording::title(plan.request.aircraft));
    if (!plan.pack_id)
        said << tr("Packs has another %1; this plan keeps its own.").arg(wording::title(plan.request.pack));
    if (!said.isEmpty()) messages_->showNote(said.join(QLatin1Char(' ')));
}

void MainWindow::newPlan() {
    showPlace(Place::plan);
    if (!workspace_.openPlanId()) return; // the empty place is the new plan
    // Blank, but for what is flown: mission, weather and reserve are those of a first plan.
    auto plan = workspace_.library().plans.at(*workspace_.openPlanId());
    const auto open = workspace_.current(plan);
    plan.request = session::first_request();
    plan.request.aircraft = open.aircraft;
    plan.request.pack = open.pack;
    plan.request.name = freeName(tr("New plan")).toStdString();
    if (const auto id = workspace_.put(logbook::EditKind::add_plan, std::nullopt, plan)) workspace_.openPlan(*id);
    plan_place_->askName();
}

void MainWindow::duplicatePlan() {
    showPlace(Place::plan);
    if (!workspace_.openPlanId()) return;
    auto plan = workspace_.library().plans.at(*workspace_.openPlanId());
    plan.request = workspace_.current(plan);
    plan.request.name = freeName(tr("%1, copy").arg(plan_title(plan.request))).toStdString();
    if (const auto id = workspace_.put(logbook::EditKind::duplicate_plan, std::nullopt, plan))
        workspace_.openPlan(*id);
    plan_place_->askName();
}

/// The name, with a number behind it where a plan has it already.
QString MainWindow::freeName(const QString& wanted) const {
    const auto taken = [&](const QString& name) {
        return std::any_of(workspace_.library().plans.begin(), workspace_.library().plans.end(),
                           [&](const auto& entry) { return entry.second.request.name == name.toStdString(); });
    };
    QString name = wanted;
    for (int i = 2; taken(name); ++i) name = tr("%1 %2", "name of a plan, number").arg(wanted).arg(i);
    return name;
}

void MainWindow::savePlanAs(const QString& path) {
    const auto saved = plan_session_.save(path);
    if (!saved) {
        say(saved.error());
        return;
    }
    rememberRecent(QFileInfo(path).absoluteFilePath());
    messages_->showNote(tr("Saved as %1.").arg(wording::file_title(path.toStdString())));
}

QString MainWindow::planFileTitle() const {
    return plan_title(plan_session_.request()).simplified().replace(QLatin1Char('/'), QLatin1Char('-'));
}

void MainWindow::saveCard(const QString& path) {
    const auto plan = plan_session_.plan();
    if (!plan) return;
    const auto card = paper::flight_card(*plan, Look::instance().quantities());
    if (const auto saved = paper::write_pdf(card, path, Look::instance().family()); !saved) {
        say(saved.error());
        return;
    }
    messages_->showNote(tr("Saved as %1.").arg(wording::file_title(path.toStdString())));
}

void MainWindow::printCard() {
    const auto plan = plan_session_.plan();
    if (!plan || !workspace_.openPlanId()) return;
    // As it will lie on the paper, before any is used; the preview holds the printer that it shows.
    auto printer = std::make_shared<QPrinter>(QPrinter::HighResolution);
    auto* preview = new QPrintPreviewDialog(printer.get(), this);
    preview->setObjectName(QStringLiteral("printPreview"));
    preview->setAttribute(Qt::WA_DeleteOnClose);
    preview->setWindowTitle(tr("Print the flight card"));
    connect(preview, &QPrintPreviewDialog::paintRequested, this, [plan, printer](QPrinter* sheet) {
        QPainter painter(sheet);
        const QRect page = sheet->pageLayout().paintRectPixels(sheet->resolution());
        paper::paint(painter, QRectF(QPointF(), page.size()),
                     paper::flight_card(*plan, Look::instance().quantities()), Look::instance().family());
    });
    preview->open();
}

void MainWindow::takeRoute(const QString& path) {
    const auto route = io::read_route(path.toStdString());
    if (!route) {
        say(route.error());
        return;
    }
    showPlace(Place::plan);
    auto request = plan_session_.request();
    if (const auto taken = io::take_route(request, *route); !taken) {
        say(taken.error());
        return;
    }
    if (const auto error = plan_session_.setRequest(request)) {
        say(*error);
        return;
    }
    messages_->showNote(tr("%n waypoint(s) imported from %1.", nullptr, int(request.mission.waypoints.size()))
                            .arg(wording::file_title(path.toStdString())));
}

void MainWindow::takeAreas(const QString& path) {
    const auto areas = io::read_areas(path.toStdString());
    if (!areas) {
        say(areas.error());
        return;
    }
    showPlace(Place::plan);
    auto request = plan_session_.request();
    if (const auto taken = io::take_areas(request, *areas); !taken) {
        messages_->showTrouble(tr(
            "The areas in a file have latitudes and longitudes: enter the plan's home position first (Mission)."));
        return;
    }
    if (const auto error = plan_session_.setRequest(request)) {
        say(*error);
        return;
    }
    messages_->showNote(tr("%n no-landing area(s) imported from %1.", nullptr, int(areas->size()))
                            .arg(wording::file_title(path.toStdString())));
}

void MainWindow::saveRoute(const QString& path, bool hide_home) {
    const auto format = io::route_format(path.toStdString());
    const auto plan = plan_session_.plan();
    const auto turn = plan && plan->turn ? std::optional(plan->turn->at) : std::nullopt;
    const auto text =
        io::route_text(plan_session_.request(), turn, format.value_or(io::RouteFormat::gpx), hide_home);
    if (!text) {
        if (text.error().code == units::ErrorCode::value_missing)
            messages_->showTrouble(tr("A route needs the home position: Mission, Flight path, “Home position”."));
        else
            say(text.error());
        return;
    }
    if (const auto saved = io::write_text_file(path.toStdString(), *text); !saved) {
        say(saved.error());
        return;
    }
    messages_->showNote(tr("Saved as %1.").arg(wording::file_title(path.toStdString())));
}

void MainWindow::openFolder(const QString& folder) {
    settings_.setValue(QStringLiteral("lastFolder"), folder);
    const QDir dir(folder);
    const auto files = session::read_flight_folder(folder);
    debrief_place_->setOffered(files.logs);
    for (auto plan = files.plans.rbegin(); plan != files.plans.rend(); ++plan) openPlanFile(*plan);
    if (QFile::exists(dir.filePath(QStringLiteral("book.json")))) bringIn(folder);
}

// ---- the logbook

void MainWindow::openBook(const QString& path) {
    leaveBook([this, path] { openBookNow(path); });
}

void MainWindow::openBookNow(const QString& path) {
    auto opened = workspace_.openBook(path);
    if (demo_copy_) {
        // Its book is closed now.
        demo_copy_.reset();
        debrief_place_->setOffered({});
        showStanding();
    }
    if (!opened) {
        // The window opens all the same: a plan can be made, and a backup restored.
        workspace_.withoutBook();
        say(opened.error());
        return;
    }
    if (settings_.value(QStringLiteral("book")).toString() != path && path != session::default_book_path())
        settings_.setValue(QStringLiteral("book"), path);
    else if (path == session::default_book_path())
        settings_.remove(QStringLiteral("book"));
    sayBook();
}

void MainWindow::lookAround() {
    if (demo_copy_) return;
    const QString demo = session::demo_folder(QCoreApplication::applicationDirPath());
    if (demo.isEmpty())
        messages_->showTrouble(tr("The demo flights are not installed with this program."));
    else
        leaveBook([this, demo] { openDemoCopy(demo); });
}

void MainWindow::openDemoCopy(const QString& demo) {
    auto copy = std::make_unique<QTemporaryDir>();
    if (!copy->isValid() || session::throw_away_copy(demo, copy->path()).isEmpty()) {
        messages_->showTrouble(tr("The demo flights could not be copied to %1; there may be no room.")
                                   .arg(copy->isValid() ? copy->path() : QDir::tempPath()));
        return;
    }
    const QString own = workspace_.worker().is_open()
                            ? workspace_.worker().path()
                            : settings_.value(QStringLiteral("book"), session::default_book_path()).toString();
    const QString folder = lastFolder();
    if (auto opened = workspace_.openBook(copy->filePath(QStringLiteral("logbook.sqlite"))); !opened) {
        say(opened.error());
        openBookNow(own);
        return;
    }
    own_book_ = own;
    demo_copy_ = std::move(copy);
    showStanding();
    openFolder(demo_copy_->path());
    // The copy goes; what is opened next is elsewhere.
    settings_.setValue(QStringLiteral("lastFolder"), folder);
}

void MainWindow::endLookingAround() {
    if (!demo_copy_) return;
    importer_.cancel();
    leaveBook([this] {
        openBookNow(own_book_);
        showPlace(Place::plan);
    });
}

void MainWindow::setThrowAway() {
    throw_away_ = true;
    showStanding();
}

/// What holds as long as this logbook is open.
void MainWindow::showStanding() {
    const auto& worker = workspace_.worker();
    const QString demo = tr("These are demo flights, in a temporary copy: try anything; nothing is kept.");
    if (demo_copy_)
        standing_->show(demo, tr("Back to my logbook"));
    else if (throw_away_)
        standing_->show(demo);
    else if (!worker.is_open())
        standing_->show(tr("No logbook is open: what you enter is not kept."));
    else if (!worker.is_writable())
        standing_->show(tr("This logbook can only be read: what you change is not kept."));
    else
        standing_->clear();
}

void MainWindow::readUnread() {
    const auto unread = workspace_.unread();
    if (!unread.empty() && !reader_.is_running()) reader_.read(unread);
}

void MainWindow::sayBook() {
    QStringList said;
    for (const auto& diagnostic : workspace_.worker().diagnostics())
        said << wording::message(diagnostic, Look::instance().quantities());
    if (!said.isEmpty()) messages_->showTrouble(said.join(QLatin1Char(' ')));
}

void MainWindow::backUpBook(const QString& path) {
    workspace_.hurry(0);
    exporting_ = path;
    messages_->showProgress(tr("Backing up"), 0.0);
    // The dialog asked whether a file that is there may go; it goes when the copy is whole.
    constexpr bool replace = true;
    workspace_.worker().run<units::Result<void>>(
        this,
        [path](logbook::Book& book, const std::stop_token&) { return book.backUp(path.toStdString(), replace); },
        [this, path](const units::Result<void>& done) {
            exporting_.clear();
            const auto held_up = int(workspace_.worker().heldUp());
            if (!done)
                say(done.error());
            else if (held_up > 0) {
                messages_->showTrouble(
                    tr("Backed up to %1, with every log, but without %n change(s) that could not be written to the "
                       "logbook yet.",
                       nullptr, held_up)
                        .arg(path));
            } else {
                messages_->showNote(tr("Backed up to %1, with every log.").arg(path));
            }
        });
}

void MainWindow::restoreBook(const QString& backup) {
    leaveBook([this, backup] {
        // Not over the demo's copy.
        if (demo_copy_) openBookNow(own_book_);
        restoreBookNow(backup);
    });
}

void MainWindow::restoreBookNow(const QString& backup) {
    // Looked at before anything is moved.
    {
        logbook::BookOptions look_only;
        look_only.read_only = true;
        auto book = logbook::Book::open(backup.toStdString(), look_only);
        if (!book) {
            say(book.error());
            return;
        }
        if (auto whole = book->checkWhole(); !whole) {
            say(whole.error());
            return;
        }
    }
    const QString path = workspace_.worker().is_open()
                             ? workspace_.worker().path()
                             : settings_.value(QStringLiteral("book"), session::default_book_path()).toString();
    workspace_.settle();
    workspace_.withoutBook();
    const QString aside = path + QStringLiteral(".before-restore-") +
                          QString::fromStdString(logbook::utc_now()).replace(QLatin1Char(':'), QLatin1Char('-'));
    if (QFile::exists(path) && !QFile::rename(path, aside)) {
        openBook(path);
        messages_->showTrouble(tr("The logbook could not be moved aside, so nothing was restored."));
        return;
    }
    for (const char* part : {"-wal", "-shm"}) {
        if (QFile::exists(path + QLatin1String(part)))
            QFile::rename(path + QLatin1String(part), aside + QLatin1String(part));
    }
    if (!QFile::copy(backup, path)) {
        QFile::rename(aside, path);
        openBook(path);
        messages_->showTrouble(tr("The backup could not be copied, so nothing was restored."));
        return;
    }
    openBook(path);
    if (workspace_.worker().is_open())
        messages_->showNote(QFile::exists(aside) ? tr("Restored. The previous logbook is in %1.").arg(aside)
                                                 : tr("Restored."));
}

void MainWindow::exportBook(const QString& folder) {
    workspace_.hurry(0);
    exporting_ = folder;
    workspace_.worker().run<units::Result<std::vector<units::Error>>>(
        this,
        [this, folder](logbook::Book& book, const std::stop_token& stop) {
            return session::export_book(book, folder, stop, [this](double share) {
                QMetaObject::invokeMethod(
                    this, [this, share] { messages_->showProgress(tr("Exporting"), share); }, Qt::QueuedConnection);
            });
        },
        [this, folder](const units::Result<std::vector<units::Error>>& done) {
            exporting_.clear();
            if (!done)
                say(done.error());
            else if (!done->empty()) {
                messages_->showTrouble(tr("Exported to %1, except what is damaged (found: %2). The first: %3")
                                           .arg(folder)
                                           .arg(done->size())
                                           .arg(wording::message(done->front())));
            } else {
                messages_->showNote(
                    tr("Exported to %1: book.json, a CSV for each list, and the logs.").arg(folder));
            }
        });
}

namespace {

/// A line each, but the columns that nobody asked for in one: a spreadsheet may have dozens.
QStringList import_notes(const std::vector<units::Diagnostic>& said) {
    QStringList notes;
    QStringList unused;
    for (const units::Diagnostic& each : said) {
        if (each.code == units::DiagnosticCode::column_not_understood && !each.parameters.empty())
            unused << QString::fromStdString(std::get<std::string>(each.parameters.front().value));
        else
            notes << wording::message(each, Look::instance().quantities());
    }
    constexpr int named = 8;
    if (unused.isEmpty()) return notes;
    QString list = unused.mid(0, named).join(QStringLiteral(", "));
    if (unused.size() > named) list += QStringLiteral(", …");
    notes << MainWindow::tr("Not used: %1").arg(list);
    return notes;
}

} // namespace

void MainWindow::bringIn(const QString& path) {
    std::vector<units::Diagnostic> said;
    auto entries = session::read_book_document(path, &said);
    if (!entries) {
        say(entries.error());
        return;
    }
    import_said_ = import_notes(said);
    const QFileInfo file(path);
    const QString folder = file.isDir() ? path : file.absolutePath();
    importer_.bringIn(std::move(*entries), folder, file.fileName());
}

void MainWindow::exportPacks(const QString& path) {
    std::vector<battery::Pack> packs;
    for (const auto& [id, kept] : workspace_.library().packs) {
        if (!kept.retired) packs.push_back(kept.pack);
    }
    if (auto written = io::write_text_file(path.toStdString(), io::csv_from_packs(packs)); !written)
        say(written.error());
    else
        messages_->showNote(tr("Written to %1.").arg(path));
}

// ---- recent files

void MainWindow::rememberRecent(const QString& path) {
    QStringList recent = settings_.value(QStringLiteral("recent")).toStringList();
    recent.removeAll(path);
    recent.prepend(path);
    settings_.setValue(QStringLiteral("recent"), recent.mid(0, recent_kept));
    showRecent();
}

void MainWindow::showRecent() {
    recent_->clear();
    const QStringList recent = settings_.value(QStringLiteral("recent")).toStringList();
    recent_->setEnabled(!recent.isEmpty());
    for (const QString& path : recent) {
        QAction* action = recent_->addAction(wording::file_title(path.toStdString()));
        action->setToolTip(path);
        connect(action, &QAction::triggered, this, [this, path] { openFile(path); });
    }
}

QString MainWindow::lastFolder() const {
    return settings_.value(QStringLiteral("lastFolder"), QDir::homePath()).toString();
}

} // namespace sobremesa::app
