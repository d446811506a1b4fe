#include "app/places/watch/watch_place.hpp"

#include <cmath>

#include <QApplication>
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QPushButton>
#include <QRandomGenerator>
#include <QSettings>
#include <QSlider>
#include <QStackedLayout>

#include "app/charts/homeward_chart.hpp"
#include "app/map/map_view.hpp"
#include "app/places/watch/big_figure.hpp"
#include "app/places/watch/callouts_sheet.hpp"
#include "app/places/watch/live_strips.hpp"
#include "app/places/watch/rehearsal_sheet.hpp"
#include "app/places/watch/source_sheet.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/button_row.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "io/channel_columns.hpp"
#include "io/csv_log_writer.hpp"
#include "io/log_file.hpp"
#include "io/text_file.hpp"
#include "wording/language.hpp"
#include "wording/watch.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

namespace {

constexpr double replay_speeds[] = {1.0, 2.0, 5.0, 10.0, 20.0, 30.0, 60.0};
/// Charts and map follow at this pace; figures and voice at once.
constexpr int pictures_every_ms = 400;
constexpr double quiet_s = 300.0;
constexpr std::size_t points_of_track = 1500;

/// Figure and unit of a quantity apart, for the large type.
std::pair<QString, QString> apart(const QString& text) {
    const int at = text.lastIndexOf(QLatin1Char(' '));
    return at < 0 ? std::pair(text, QString()) : std::pair(text.left(at), text.mid(at + 1));
}

} // namespace

WatchPlace::WatchPlace(session::PlanSession& plan, QSettings& settings, const QString& recordings, QWidget* parent)
    : QWidget(parent), plan_(plan), settings_(settings), recordings_(recordings), pages_(new QStackedLayout(this)) {
    setObjectName(QStringLiteral("watchPlace"));
    speaker_.setLanguage(wording::language());
    speaker_.setTone([] { QApplication::beep(); });
    pages_->addWidget(makeIdle());
    pages_->addWidget(makeWatching());
    pictures_.setInterval(pictures_every_ms);
    connect(&pictures_, &QTimer::timeout, this, [this] {
        if (pictures_due_ && isVisible()) showPictures();
    });
    connect(&plan_, &session::PlanSession::planChanged, this, &WatchPlace::showPage);
    connect(&session_, &session::WatchSession::answered, this, &WatchPlace::showAnswer);
    connect(&session_, &session::WatchSession::calloutMade, this, &WatchPlace::hear);
    connect(&session_, &session::WatchSession::troubled, this, &WatchPlace::troubled);
    connect(&session_, &session::WatchSession::ended, this, &WatchPlace::ended);
    connect(&Look::instance(), &Look::changed, this, [this] {
        if (session_.plan()) showPictures();
    });
    showPage();
}

WatchPlace::~WatchPlace() {
    session_.disconnect(this);
    session_.stop();
    markUnfinished({});
}

QWidget* WatchPlace::makeIdle() {
    const Look& look = Look::instance();
    auto* page = new Panel;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(look.scaled(60), look.scaled(60), look.scaled(60), look.scaled(40));
    column->setSpacing(look.scaled(12));
    idle_words_ = new TextLabel(Role::sentence);
    idle_words_->setObjectName(QStringLiteral("watchIdle"));
    idle_words_->setMaximumWidth(look.scaled(680));
    column->addWidget(idle_words_);
    auto* what = new TextLabel(
        Role::quiet,
        tr("MAVLink or CSV lines over UDP, TCP or a serial port, a growing log file, or a replay of an old log. "
           "Energy to get home, margin and turn point are updated every second for the wind as it is now; callouts "
           "are spoken. It only listens: nothing is ever sent to the aircraft."));
    what->setMaximumWidth(look.scaled(680));
    column->addWidget(what);
    auto* buttons = new ButtonRow;
    connect_ = buttons->add(tr("Connect…"), QStringLiteral("watchConnect"), this, &WatchPlace::askForSource);
    rehearse_ =
        buttons->add(tr("Rehearse this plan…"), QStringLiteral("watchRehearse"), this, &WatchPlace::askToRehearse);
    rehearse_->setToolTip(tr("A simulated aircraft flies this plan; you decide when to turn"));
    replay_log_ = buttons->add(tr("Replay a log…"), QStringLiteral("watchReplay"), this, &WatchPlace::replayWanted);
    replay_log_->setToolTip(tr("Hear what would have been said on an old flight"));
    buttons->addStretch(1);
    column->addLayout(buttons);
    cut_off_ = new QPushButton;
    cut_off_->setObjectName(QStringLiteral("watchCutOff"));
    connect(cut_off_, &QPushButton::clicked, this, [this] {
        const QString path = cutOff();
        markUnfinished({});
        showPage();
        emit debriefWanted(path);
    });
    column->addWidget(cut_off_, 0, Qt::AlignLeft);
    column->addStretch(1);
    column->addWidget(new TextLabel(
        Role::quiet,
        tr("Eyes on the aircraft: someone else reads this screen. Figures are estimates; you decide, and "
           "local rules come first.")));
    return page;
}

QWidget* WatchPlace::makeHeading() {
    const Look& look = Look::instance();
    auto* heading = new QWidget;
    auto* column = new QVBoxLayout(heading);
    column->setContentsMargins(look.scaled(24), look.scaled(8), look.scaled(24), look.scaled(4));
    column->setSpacing(look.scaled(4));
    auto* top = new QHBoxLayout;
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("watchSentence"));
    top->addWidget(sentence_, 1);
    seek_ = new QSlider(Qt::Horizontal);
    seek_->setObjectName(QStringLiteral("watchSeek"));
    seek_->setAccessibleName(tr("Place in the flight"));
    seek_->setMinimumWidth(look.scaled(140));
    connect(seek_, &QSlider::sliderMoved, this, [this](int second) {
        if (replay_) replay_->seek(second);
    });
    top->addWidget(seek_);
    speed_ = new ChoiceBox;
    speed_->setObjectName(QStringLiteral("watchSpeed"));
    speed_->setAccessibleName(tr("Speed of the replay"));
    for (const double speed : replay_speeds) speed_->addItem(QStringLiteral("× %1").arg(speed));
    speed_->setMinimumContentsLength(int(speed_->itemText(speed_->count() - 1).size()));
    connect(speed_, &QComboBox::activated, this, [this] {
        if (replay_) replay_->set_speed(speedFactor());
        if (practice_) practice_->set_speed(speedFactor());
    });
    top->addWidget(speed_);
    auto* buttons = new ButtonRow;
    turn_ = buttons->add(tr("Turn for home"), QStringLiteral("watchTurn"), this, [this] {
        if (practice_) practice_->turn();
        showControls();
    });
    turn_->setToolTip(tr("T"));
    pause_ = buttons->add(tr("Pause"), QStringLiteral("watchPause"), this, [this] {
        if (replay_) replay_->set_paused(!replay_->is_paused());
        if (practice_) practice_->set_paused(!practice_->is_paused());
        showControls();
    });
    quiet_ = buttons->add(tr("Quiet"), QStringLiteral("watchQuiet"), this, [this] {
        auto& rules = session_.rules();
        const double now_s = session_.answer().now.time_s;
        rules.quiet_until_s = rules.quiet_until_s > now_s ? -1.0 : now_s + quiet_s;
        speaker_.hush();
        showControls();
    });
    quiet_->setCheckable(true);
    quiet_->setToolTip(tr("Five minutes of urgent callouts only"));
    buttons->add(tr("Callouts…"), QStringLiteral("watchCallouts"), this, &WatchPlace::askForCallouts);
    debrief_ =
        buttons->add(tr("Debrief this flight"), QStringLiteral("watchDebrief"), this, &WatchPlace::debriefThis);
    stop_ = buttons->add(tr("Stop"), QStringLiteral("watchStop"), this, &WatchPlace::stop);
    top->addLayout(buttons);
    column->addLayout(top);
    auto* figures = new QHBoxLayout;
    figures->setSpacing(look.scaled(20));
    to_turn_ = new BigFigure(tr("Time to turn"));
    margin_ = new BigFigure(tr("Margin"));
    home_ = new BigFigure(tr("Distance home"));
    for (auto* figure : {to_turn_, margin_, home_}) figures->addWidget(figure, 1);
    to_turn_->setObjectName(QStringLiteral("figureTurn"));
    margin_->setObjectName(QStringLiteral("figureMargin"));
    home_->setObjectName(QStringLiteral("figureHome"));
    column->addLayout(figures);
    auto* last = new QHBoxLayout;
    latest_ = new TextLabel(Role::heading);
    latest_->setObjectName(QStringLiteral("watchLatest"));
    latest_->setElided();
    last->addWidget(latest_, 1);
    state_ = new TextLabel(Role::quiet);
    state_->setObjectName(QStringLiteral("watchState"));
    state_->setWordWrap(false);
    last->addWidget(state_);
    column->addLayout(last);
    outcome_ = new TextLabel(Role::plain);
    outcome_->setObjectName(QStringLiteral("watchOutcome"));
    outcome_->hide();
    column->addWidget(outcome_);
    return heading;
}

QWidget* WatchPlace::makeWatching() {
    const Look& look = Look::instance();
    map_ = new MapView;
    map_->setObjectName(QStringLiteral("watchMap"));
    chart_ = new HomewardChart;
    chart_->setObjectName(QStringLiteral("watchChart"));
    strips_ = new LiveStrips;
    strips_->setObjectName(QStringLiteral("watchStrips"));
    said_cells_ = new CellModel(this);
    said_ = new DataTable(QStringLiteral("calloutTable"), tr("Callouts so far"));
    said_->setModel(said_cells_);
    said_->setSelectionBehavior(QAbstractItemView::SelectRows);
    said_->horizontalHeader()->setStretchLastSection(true);

    const auto padded = [&](QWidget* inside, const QString& name) {
        auto* panel = new Panel;
        auto* column = new QVBoxLayout(panel);
        column->setContentsMargins(look.scaled(16), look.scaled(6), look.scaled(16), look.scaled(4));
        column->setSpacing(look.scaled(2));
        column->addWidget(new TextLabel(Role::heading, name));
        column->addWidget(inside, 1);
        return panel;
    };
    QWidget* chart = padded(chart_, tr("Homeward chart"));
    QWidget* said = padded(said_, tr("Said"));
    QWidget* strips = padded(strips_, tr("Last minutes"));
    auto* fold = new Fold;
    fold->addPane(tr("Homeward chart"), chart);
    fold->addPane(tr("Map"), map_);
    fold->addPane(tr("Said"), said);
    fold->addPane(tr("Last minutes"), strips);
    constexpr int least_height = 400;
    fold->setLeastHeight(least_height);
    chart_->setLive(true);
    QWidget* map = map_;
    fold->setWideArrangement([map, chart, said, strips](QWidget* page) {
        auto* row = new QHBoxLayout(page);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(0);
        auto* left = new QVBoxLayout;
        left->setSpacing(0);
        left->addWidget(map, 5);
        left->addWidget(new Hairline(Qt::Horizontal));
        left->addWidget(strips, 3);
        row->addLayout(left, 5);
        row->addWidget(new Hairline(Qt::Vertical));
        auto* right = new QVBoxLayout;
        right->setSpacing(0);
        right->addWidget(chart, 5);
        right->addWidget(new Hairline(Qt::Horizontal));
        right->addWidget(said, 3);
        row->addLayout(right, 6);
    });

    auto* page = new Panel;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(makeHeading());
    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(fold, 1);
    auto* caution = new TextLabel(
        Role::quiet,
        tr("Eyes on the aircraft: someone else reads this screen. You decide; local rules come first."));
    caution->setContentsMargins(look.scaled(24), look.scaled(2), look.scaled(24), look.scaled(4));
    column->addWidget(caution);
    return page;
}

void WatchPlace::showPage() {
    const bool shown = session_.plan() != nullptr;
    pages_->setCurrentIndex(shown ? 1 : 0);
    const auto plan = plan_.plan();
    const bool ready = plan && plan->turn;
    idle_words_->setWords(ready ? tr("Take this plan along: watch a flight live and hear when to turn.")
                                : tr("Watch needs a plan with a turn point: open or make one first."));
    for (auto* button : {connect_, rehearse_, replay_log_}) button->setEnabled(ready);
    const QString cut = cutOff();
    cut_off_->setVisible(!cut.isEmpty());
    cut_off_->setText(tr("Debrief the recording that was cut off: %1").arg(QFileInfo(cut).fileName()));
}

double WatchPlace::speedFactor() const {
    return replay_speeds[std::clamp<std::size_t>(std::size_t(std::max(speed_->currentIndex(), 0)), 0,
                                                 std::size(replay_speeds) - 1)];
}

void WatchPlace::begin(std::unique_ptr<link::Feed> feed, std::optional<double> current_factor) {
    const auto plan = plan_.plan();
    if (!plan) return;
    session_.stop();
    practice_ = dynamic_cast<session::PracticeFeed*>(feed.get());
    replay_ = dynamic_cast<link::ReplayFeed*>(feed.get());
    outcome_->hide();
    said_cells_->setCells({}, {});
    latest_->setWords({});
    connect(feed.get(), &link::Feed::recording, this, [this](const std::string& path) {
        recording_ = QString::fromStdString(path);
        markUnfinished(recording_);
    });
    session::WatchSession::Options options;
    options.rules = rememberedRules();
    if (current_factor) options.current_scale = watch::KnownCurrentScale{.factor = *current_factor};
    if (const auto started = session_.start(plan, std::move(feed), options); !started) {
        practice_ = nullptr;
        replay_ = nullptr;
        emit troubled(started.error());
        showPage();
        return;
    }
    pictures_.start();
    if (!practice_ && !speaker_.can_speak())
        emit noted(tr("No speech engine works here: callouts sound a tone and are listed."));
    showPage();
    showControls();
    showAnswer();
    showPictures();
    emit watchingChanged();
}

void WatchPlace::connectTo(const link::Address& address, const io::mavlink::Choice& choice,
                           std::optional<double> current_factor) {
    recording_.clear();
    choice_ = choice;
    auto feed = std::make_unique<link::LinkFeed>(link::make_source(address), choice);
    if (QDir().mkpath(recordings_)) feed->record_to(newRecording().toStdString());
    begin(std::move(feed), current_factor);
}

void WatchPlace::replay(const QString& path, double speed) {
    auto log = io::read_log(path.toStdString());
    if (!log) {
        emit troubled(log.error());
        return;
    }
    recording_.clear();
    replayed_ = path;
    begin(std::make_unique<link::ReplayFeed>(*log, speed));
    if (!replay_) return;
    seek_->setRange(0, int(replay_->length_s()));
    speed_->setCurrentText(QStringLiteral("× %1").arg(speed));
}

void WatchPlace::rehearse(const practice::PracticeDay& day, double speed) {
    const auto plan = plan_.plan();
    if (!plan || !plan->turn) return;
    recording_.clear();
    begin(std::make_unique<session::PracticeFeed>(plan, day, speed));
    speed_->setCurrentText(QStringLiteral("× %1").arg(speed));
}

void WatchPlace::askToRehearse() {
    auto* sheet = new RehearsalSheet(this);
    connect(sheet, &RehearsalSheet::chosen, this,
            [this](const practice::PracticeDay& day, double speed) { rehearse(day, speed); });
    sheet->popUpBy(isVisible() && pages_->currentIndex() == 0 ? static_cast<QWidget*>(rehearse_) : this,
                   rehearse_->rect());
}

void WatchPlace::askForSource() {
    const auto plan = plan_.plan();
    const QString aircraft = plan ? QString::fromStdString(plan->request.aircraft.name) : QString();
    auto* sheet = new SourceSheet(settings_, aircraft, this);
    connect(sheet, &SourceSheet::chosen, this, &WatchPlace::connectTo);
    sheet->popUpBy(connect_, connect_->rect());
}

void WatchPlace::askForCallouts() {
    auto* sheet = new CalloutsSheet(rememberedRules(), speaker_.can_speak(), this);
    connect(sheet, &CalloutsSheet::changed, this, [this](const watch::CalloutRules& rules) {
        rememberRules(rules);
        auto& now = session_.rules();
        const double quiet = now.quiet_until_s;
        now = rules;
        now.quiet_until_s = quiet;
    });
    auto* anchor = findChild<QPushButton*>(QStringLiteral("watchCallouts"));
    sheet->popUpBy(anchor, anchor->rect());
}

watch::CalloutRules WatchPlace::rememberedRules() const {
    watch::CalloutRules rules;
    rules.count_down = settings_.value(QStringLiteral("watch/countDown"), false).toBool();
    const QStringList muted = settings_.value(QStringLiteral("watch/muted")).toStringList();
    for (const QString& word : muted) {
        if (const auto kind = watch::callout_from_word(word.toStdString())) rules.muted[std::size_t(*kind)] = true;
    }
    return rules;
}

void WatchPlace::rememberRules(const watch::CalloutRules& rules) {
    QStringList muted;
    for (std::size_t i = 0; i < rules.muted.size(); ++i) {
        if (rules.muted[i]) muted << QString::fromLatin1(watch::callout_word(static_cast<watch::CalloutKind>(i)));
    }
    settings_.setValue(QStringLiteral("watch/muted"), muted);
    settings_.setValue(QStringLiteral("watch/countDown"), rules.count_down);
}

void WatchPlace::showControls() {
    const bool watching = session_.is_watching();
    seek_->setVisible(watching && replay_);
    speed_->setVisible(watching && (replay_ || practice_));
    pause_->setVisible(watching && (replay_ || practice_));
    const bool paused = (replay_ && replay_->is_paused()) || (practice_ && practice_->is_paused());
    pause_->setText(paused ? tr("Go on") : tr("Pause"));
    turn_->setVisible(watching && practice_);
    turn_->setEnabled(practice_ && !practice_->has_turned());
    quiet_->setVisible(watching);
    quiet_->setChecked(watching && session_.rules().quiet_until_s > session_.answer().now.time_s);
    stop_->setText(watching ? tr("Stop") : tr("Close"));
    debrief_->setVisible(session_.answer().now.landed || !watching);
}

void WatchPlace::showAnswer() {
    if (!session_.plan()) return;
    const auto& a = session_.answer();
    const auto& q = Look::instance().quantities();
    const QString source = practice_ ? tr("practice") : replay_ ? tr("replay") : tr("live");
    state_->setWords(tr("%1 — %2, %3", "state of the flight, time, kind of source")
                         .arg(wording::name(a.state), wording::stopwatch_text(a.now.time_s), source));
    sentence_->setWords(wording::watch_sentence(a, *session_.plan(), q));
    const QString none = QStringLiteral("–");
    if (a.turn && a.state == watch::FlightState::outbound) {
        const bool now = a.turn->time_s <= 0.0;
        to_turn_->setFigure(
            now ? tr("now") : q.timer(a.turn->time_s),
            now                                        ? QString()
            : a.turn->time_s < units::seconds_per_hour ? tr("min")
                                                       : tr("h"),
            now ? tr("home is %1").arg(q.direction(a.now.bearing_home_deg))
                : tr("at %1, %2 used").arg(q.distance(a.turn->distance_m), q.charge(a.turn->charge_ah)),
            now || a.turn->time_s < 60.0);
    } else {
        to_turn_->setFigure(none, {}, a.state == watch::FlightState::inbound ? tr("turned") : QString());
    }
    if (a.margin_wh && !a.wind_allows) {
        margin_->setFigure(none, {}, tr("of %1 remaining").arg(q.energy(a.remaining->wh.value, a.remaining->wh.sd)),
                           true);
    } else if (a.margin_wh) {
        const auto [figure, unit] = apart(q.energy(a.margin_wh->value, a.margin_wh->sd));
        margin_->setFigure(
            figure, unit,
            tr("of %1 remaining, reserve kept").arg(q.energy(a.remaining->wh.value, a.remaining->wh.sd)),
            a.margin_wh->value < 0.0);
    } else if (a.remaining) {
        margin_->setFigure(none, {},
                           tr("of %1 remaining").arg(q.energy(a.remaining->wh.value, a.remaining->wh.sd)));
    } else {
        margin_->setFigure(none, {}, a.pack_fits ? QString() : tr("another pack"));
    }
    if (a.now.at) {
        const auto [figure, unit] = apart(q.distance(a.now.from_home_m));
        home_->setFigure(
            figure, unit,
            a.time_home_s
                ? tr("%1, %2 to get home").arg(q.direction(a.now.bearing_home_deg), q.duration(*a.time_home_s))
                : q.direction(a.now.bearing_home_deg),
            !a.wind_allows);
    } else {
        home_->setFigure(none, {});
    }
    if (replay_ && !seek_->isSliderDown()) seek_->setValue(int(replay_->time_s()));
    debrief_->setVisible(a.now.landed || !session_.is_watching());
    pictures_due_ = true;
}

void WatchPlace::showPictures() {
    pictures_due_ = false;
    if (!session_.plan()) return;
    const auto plan = session_.shared_plan();
    chart_->setPlan(plan);
    chart_->setFlown(session_.flown());
    if (session_.has_flight()) strips_->setSeconds(session_.flight().seconds());
    showTrack();
    showReach();
}

void WatchPlace::showReach() {
    // Over terrain it takes longer: never more than a twentieth of the time.
    constexpr qint64 rest = 20;
    const auto state = session_.answer().state;
    const bool flying = state == watch::FlightState::outbound || state == watch::FlightState::inbound;
    if (flying && since_reach_.isValid() && since_reach_.elapsed() < rest * reach_took_ms_) return;
    MapView::ReachLine reach;
    since_reach_.start();
    if (flying) reach.line = session_.reach_from_here();
    reach_took_ms_ = since_reach_.restart();
    map_->setReach(std::move(reach));
}

void WatchPlace::showTrack() {
    const auto& a = session_.answer();
    std::vector<MapView::Way> ways;
    if (session_.has_flight()) {
        const auto& seconds = session_.flight().seconds();
        const std::size_t stride = std::max<std::size_t>(1, seconds.size() / points_of_track);
        MapView::Way out;
        MapView::Way home;
        home.homeward = true;
        double farthest_m = -1.0;
        std::size_t turned = 0;
        for (std::size_t i = 0; i < seconds.size(); ++i) {
            if (!(seconds[i].from_home_m > farthest_m)) continue;
            farthest_m = seconds[i].from_home_m;
            turned = i;
        }
        const bool back = a.state == watch::FlightState::inbound || a.now.landed;
        for (std::size_t i = 0; i < seconds.size(); i += stride) {
            if (!std::isfinite(seconds[i].from_home_m)) continue;
            (back && i > turned ? home : out).points.push_back(seconds[i].at);
        }
        if (a.now.at) (back ? home : out).points.push_back(*a.now.at);
        ways.push_back(std::move(out));
        if (!home.points.empty()) ways.push_back(std::move(home));
    }
    if (a.turn && a.now.at && a.turn->time_s > 0.0) {
        const geodesy::EastNorth& ahead = a.turn->at;
        MapView::Way forecast;
        forecast.forecast = true;
        forecast.points = {*a.now.at, ahead};
        ways.push_back(std::move(forecast));
        map_->setTurn(MapView::TurnMark{ahead, 0.0, tr("turn")}, false);
    } else {
        map_->setTurn(std::nullopt, false);
    }
    map_->setWays(std::move(ways));
    map_->setMarker(a.now.at);
    const bool known = a.state != watch::FlightState::waiting;
    map_->setWind(known ? std::optional(atmosphere::Wind{a.wind.speed_mps, a.wind.from_deg}) : std::nullopt, false);
    std::vector<MapView::Mark> marks;
    std::vector<MapView::BailOut> bail_outs;
    for (const auto& alternate : session_.plan()->request.mission.alternates) {
        marks.push_back({alternate.at, QString::fromStdString(alternate.name), true, false});
        for (const auto& place : a.places) {
            if (!place.home && place.name == alternate.name) bail_outs.push_back({alternate.at, place.reachable});
        }
    }
    map_->setMarks(std::move(marks));
    map_->setBailOuts(std::move(bail_outs));
}

void WatchPlace::hear(const watch::Callout& callout) {
    const QString words = wording::callout_sentence(callout, Look::instance().quantities());
    if (callout.spoken) {
        speaker_.say(words, callout.kind >= watch::CalloutKind::turn_soon);
        latest_->setWords(QStringLiteral("%1  %2").arg(wording::stopwatch_text(callout.time_s), words));
    }
    showSaid();
}

void WatchPlace::showSaid() {
    const auto& all = session_.said();
    std::vector<std::vector<Cell>> rows;
    rows.reserve(all.size());
    // The latest first: it is what is looked for.
    for (auto callout = all.rbegin(); callout != all.rend(); ++callout) {
        Cell time = text_cell(wording::stopwatch_text(callout->time_s));
        time.sort = callout->time_s;
        const bool urgent = callout->kind >= watch::CalloutKind::turn_soon;
        rows.push_back(
            {time, text_cell(wording::callout_sentence(*callout, Look::instance().quantities()), urgent)});
    }
    said_cells_->setCells({tr("time"), tr("callout")}, std::move(rows));
}

void WatchPlace::ended() {
    // The last rows are in; a practice flight is judged, a replay waits for the slider.
    if (practice_) judgePractice();
    showControls();
}

void WatchPlace::stop() {
    if (!session_.is_watching()) {
        // The flight is over and looked at: what is next?
        session_.forget();
        showPage();
        emit watchingChanged();
        return;
    }
    if (practice_ && !practice_->has_ended()) outcome_->hide();
    session_.stop();
    practice_ = nullptr;
    replay_ = nullptr;
    pictures_.stop();
    markUnfinished({});
    showPictures();
    showControls();
    emit watchingChanged();
}

void WatchPlace::debriefThis() {
    QString path = !recording_.isEmpty() ? recording_ : replay_ || !replayed_.isEmpty() ? replayed_ : QString();
    const bool practised = practice_ != nullptr || (path.isEmpty());
    if (session_.is_watching()) session_.stop();
    if (practised) {
        // A practice flight becomes a log like any other.
        const auto log = session_.finished_log();
        path = newRecording() + QStringLiteral("-practice.csv");
        QDir().mkpath(recordings_);
        if (const auto written =
                io::write_text_file(path.toStdString(), io::csv_from_log(log, io::LogStyle::whole));
            !written) {
            emit troubled(written.error());
            return;
        }
    }
    practice_ = nullptr;
    replay_ = nullptr;
    pictures_.stop();
    markUnfinished({});
    showControls();
    emit watchingChanged();
    emit debriefWanted(path);
}

std::vector<telemetry::ColumnChoice> WatchPlace::vehicleWatched() const {
    std::vector<telemetry::ColumnChoice> choices;
    if (recording_.isEmpty()) return choices;
    if (choice_.system) choices.push_back(io::vehicle_choice(*choice_.system));
    if (choice_.battery) choices.push_back(io::battery_choice(*choice_.battery));
    return choices;
}

QString WatchPlace::calloutNote() const {
    QStringList lines;
    for (const auto& callout : session_.said()) {
        const bool matters = callout.kind >= watch::CalloutKind::reserve ||
                             callout.kind == watch::CalloutKind::wind ||
                             callout.kind == watch::CalloutKind::disagree;
        if (!matters || callout.kind == watch::CalloutKind::landed) continue;
        lines << QStringLiteral("%1 %2").arg(wording::stopwatch_text(callout.time_s),
                                             wording::callout_sentence(callout, Look::instance().quantities()));
    }
    constexpr int most = 12;
    return lines.size() > most ? lines.mid(0, most).join(QLatin1Char(' ')) + QStringLiteral(" …")
                               : lines.join(QLatin1Char(' '));
}

void WatchPlace::judgePractice() {
    if (!practice_) return;
    const auto plan = session_.shared_plan();
    const auto scenario = practice_->scenario();
    const auto truth = practice_->truth();
    judging_.start(
        [plan, scenario, truth](const std::stop_token&) { return practice::outcome_of(*plan, scenario, truth); },
        [this](const practice::Outcome& outcome) { showOutcome(outcome); });
}

void WatchPlace::showOutcome(const practice::Outcome& outcome) {
    // Closed meanwhile.
    if (!session_.plan()) return;
    const int flown = settings_.value(QStringLiteral("practice/flights"), 0).toInt() + 1;
    const int kept = settings_.value(QStringLiteral("practice/kept"), 0).toInt() + (outcome.kept_reserve() ? 1 : 0);
    settings_.setValue(QStringLiteral("practice/flights"), flown);
    settings_.setValue(QStringLiteral("practice/kept"), kept);
    outcome_->setWords(
        wording::outcome_words(outcome, *session_.plan(), flown, kept, Look::instance().quantities()));
    outcome_->show();
}

QString WatchPlace::newRecording() const {
    return QDir(recordings_).filePath(QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd-HHmmss")));
}

QString WatchPlace::cutOff() const {
    QFile marker(QDir(recordings_).filePath(QStringLiteral("unfinished")));
    if (session_.is_watching() || !marker.open(QIODevice::ReadOnly)) return {};
    const QString path = QString::fromUtf8(marker.readAll()).trimmed();
    return QFile::exists(path) ? path : QString();
}

/// What is being written down, for the next start if this one is cut off; empty: nothing.
void WatchPlace::markUnfinished(const QString& path) {
    QFile marker(QDir(recordings_).filePath(QStringLiteral("unfinished")));
    if (path.isEmpty()) {
        marker.remove();
        return;
    }
    if (marker.open(QIODevice::WriteOnly | QIODevice::Truncate)) marker.write(path.toUtf8());
}

void WatchPlace::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_T && practice_ && turn_->isEnabled()) {
        turn_->click();
        return;
    }
    if (event->key() == Qt::Key_Space && pause_->isVisible()) {
        pause_->click();
        return;
    }
    QWidget::keyPressEvent(event);
}

} // namespace sobremesa::app
