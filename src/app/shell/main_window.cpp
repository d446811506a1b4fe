#include "app/shell/main_window.hpp"

#include <QActionGroup>
#include <QDir>
#include <QDropEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QMimeData>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/places/debrief/debrief_place.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/shell/message_bar.hpp"
#include "app/shell/place_rail.hpp"
#include "app/shell/setting_line.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/hairline.hpp"
#include "session/flight_folder.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

namespace {
constexpr int plan_index = 0;
constexpr int debrief_index = 1;
constexpr int progress_after_ms = 250;
} // namespace

MainWindow::MainWindow(const QString& settings_folder, QWidget* parent)
    : QMainWindow(parent),
      settings_(QDir(settings_folder).filePath(QStringLiteral("sobremesa.ini")), QSettings::IniFormat),
      rail_(new PlaceRail), setting_(new SettingLine(plan_session_)), places_(new QStackedWidget),
      plan_place_(new PlanPlace(plan_session_)), debrief_place_(new DebriefPlace(debrief_session_, plan_session_)),
      messages_(new MessageBar), menu_(new QMenu(this)) {
    const Look& look = Look::instance();
    setWindowTitle(tr("Sobremesa"));
    setAcceptDrops(true);

    auto* setting_row = new QWidget;
    auto* setting_layout = new QHBoxLayout(setting_row);
    setting_layout->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(24), look.scaled(10));
    setting_layout->addWidget(setting_);

    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    column->addWidget(setting_row);
    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(messages_);
    column->addWidget(places_, 1);
    auto* whole = new QWidget;
    auto* row = new QHBoxLayout(whole);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(rail_);
    row->addLayout(column, 1);
    setCentralWidget(whole);
    places_->addWidget(plan_place_);
    places_->addWidget(debrief_place_);

    makeActions();
    progress_due_.setSingleShot(true);
    progress_due_.setInterval(progress_after_ms);
    const auto show_progress = [this] {
        if (debrief_session_.is_opening()) messages_->showProgress(tr("Reading %1").arg(opening_), progress_share_);
    };
    connect(&progress_due_, &QTimer::timeout, this, show_progress);
    connect(&debrief_session_, &session::DebriefSession::opening, this, [this](const QString& path) {
        opening_ = wording::file_title(path.toStdString());
        progress_share_ = 0.0;
        progress_due_.start();
    });
    connect(&debrief_session_, &session::DebriefSession::progressed, this, [this, show_progress](double share) {
        progress_share_ = share;
        if (!progress_due_.isActive()) show_progress();
    });
    connect(&debrief_session_, &session::DebriefSession::debriefChanged, this, [this] {
        progress_due_.stop();
        messages_->clear();
        showPlace(debrief_index);
    });
    connect(&debrief_session_, &session::DebriefSession::refused, this, [this](const units::Error& error) {
        progress_due_.stop();
        if (error.code == units::ErrorCode::cancelled)
            messages_->showNote(wording::message(error));
        else
            messages_->showTrouble(wording::message(error));
    });
    connect(&plan_session_, &session::PlanSession::refused, this,
            [this](const units::Error& error) { messages_->showTrouble(wording::message(error)); });
    connect(messages_, &MessageBar::cancelled, &debrief_session_, &session::DebriefSession::cancel);
    connect(debrief_place_, &DebriefPlace::openWanted, this, &MainWindow::askForLog);
    connect(debrief_place_, &DebriefPlace::logWanted, this, &MainWindow::openFile);

    showPlace(plan_index);
    buttons_.front()->setFocus();
    plan_session_.setRequest(plan_session_.request());
    restore();
}

MainWindow::~MainWindow() = default;

void MainWindow::makeActions() {
    // Ctrl+number belongs to the place, whichever places are built.
    const auto add_place = [this](const QString& name, RailButton::Sign sign, int index, int number) {
        auto* button = rail_->addPlace(name, std::move(sign));
        button->setObjectName(index == plan_index ? QStringLiteral("railPlan") : QStringLiteral("railDebrief"));
        button->setToolTip(tr("%1 (Ctrl+%2)", "place, its key").arg(name).arg(number));
        connect(button, &RailButton::clicked, this, [this, index] { showPlace(index); });
        auto* action = new QAction(name, this);
        action->setShortcut(QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_0 + number)));
        connect(action, &QAction::triggered, this, [this, index] { showPlace(index); });
        addAction(action);
        buttons_.push_back(button);
        return action;
    };
    const auto add_action = [this](const QString& name, const QKeySequence& keys, auto call) {
        QAction* action = menu_->addAction(name);
        action->setShortcut(keys);
        connect(action, &QAction::triggered, this, call);
        addAction(action);
        return action;
    };
    menu_->addAction(add_place(tr("Plan"), paint_plan_sign, plan_index, 4));
    menu_->addAction(add_place(tr("Debrief"), paint_debrief_sign, debrief_index, 6));
    menu_->addSeparator();
    add_action(tr("Open plan…"), QKeySequence::Open, [this] { askForPlan(); });
    add_action(tr("Save plan as…"), QKeySequence::Save, [this] { savePlan(); });
    add_action(tr("Open log…"), QKeySequence(Qt::CTRL | Qt::Key_L), [this] { askForLog(); });
    menu_->addSeparator();
    add_action(tr("Day or evening"), QKeySequence(Qt::CTRL | Qt::Key_E), [] {
        Look& look = Look::instance();
        look.setTheme(look.theme().dark ? day_theme() : evening_theme());
    })->setObjectName(QStringLiteral("themeAction"));
    menu_->addSeparator();
    add_action(tr("Quit"), QKeySequence::Quit, [this] { close(); });

    auto* foot = rail_->addFoot(tr("Menu"), paint_menu_sign);
    foot->setObjectName(QStringLiteral("menuButton"));
    connect(foot, &RailButton::clicked, this, [this, foot] {
        menu_->popup(foot->mapToGlobal(QPoint(foot->width(), foot->height() - menu_->sizeHint().height())));
    });
}

void MainWindow::showPlace(int index) {
    places_->setCurrentIndex(index);
    buttons_[std::size_t(index)]->setChecked(true);
    setting_->setSentence(index == plan_index ? plan_setting_sentence() : debrief_setting_sentence());
}

int MainWindow::place() const {
    return places_->currentIndex();
}

void MainWindow::openFile(const QString& path) {
    settings_.setValue(QStringLiteral("lastFolder"), QFileInfo(path).absolutePath());
    if (path.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive))
        openPlan(path);
    else
        debrief_session_.open(path);
}

void MainWindow::openPlan(const QString& path) {
    const auto notices = plan_session_.open(path);
    if (!notices) {
        messages_->showTrouble(wording::message(notices.error()));
        return;
    }
    messages_->clear();
    showPlace(plan_index);
    QStringList said;
    for (const auto& notice : *notices) said << wording::message(notice, Look::instance().quantities());
    if (!said.isEmpty()) messages_->showNote(said.join(QLatin1Char(' ')));
}

void MainWindow::openFolder(const QString& folder) {
    const auto files = session::read_flight_folder(folder);
    if (!files.plans.isEmpty()) openPlan(files.plans.first());
    debrief_place_->setOffered(files.logs);
    settings_.setValue(QStringLiteral("lastFolder"), folder);
}

QString MainWindow::lastFolder() const {
    return settings_.value(QStringLiteral("lastFolder"), QDir::homePath()).toString();
}

void MainWindow::askForPlan() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Open plan"), lastFolder(), tr("Plans (*.json);;All files (*)"));
    if (!path.isEmpty()) openPlan(path);
}

void MainWindow::askForLog() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open log"), lastFolder(),
                                                      tr("Logs (*.csv *.txt *.log);;All files (*)"));
    if (!path.isEmpty()) openFile(path);
}

void MainWindow::savePlan() {
    const QString suggested =
        plan_session_.path().isEmpty() ? QDir(lastFolder()).filePath(tr("flight.plan.json")) : plan_session_.path();
    const QString path = QFileDialog::getSaveFileName(this, tr("Save plan"), suggested, tr("Plans (*.json)"));
    if (path.isEmpty()) return;
    const auto saved = plan_session_.save(path);
    if (!saved)
        messages_->showTrouble(wording::message(saved.error()));
    else
        messages_->showNote(tr("Saved as %1.").arg(wording::file_title(path.toStdString())));
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    for (const QUrl& url : event->mimeData()->urls()) {
        if (url.isLocalFile()) openFile(url.toLocalFile());
    }
    event->acceptProposedAction();
}

void MainWindow::remember() {
    settings_.setValue(QStringLiteral("geometry"), saveGeometry());
    settings_.setValue(QStringLiteral("theme"), Look::instance().theme().name);
    settings_.sync();
}

void MainWindow::restore() {
    resize(Look::instance().scaled(1280), Look::instance().scaled(800));
    // Small enough for any screen we promise; what does not fit folds or scrolls.
    setMinimumSize(640, 480);
    restoreGeometry(settings_.value(QStringLiteral("geometry")).toByteArray());
    if (settings_.value(QStringLiteral("theme")).toString() == evening_theme().name) {
        Look::instance().setTheme(evening_theme());
    }
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    constexpr int narrow_px = 1100;
    constexpr double large_text = 1.25;
    rail_->setSignsOnly(width() < narrow_px || Look::instance().textScale() > large_text);
}

void MainWindow::closeEvent(QCloseEvent* event) {
    remember();
    QMainWindow::closeEvent(event);
}

} // namespace sobremesa::app
