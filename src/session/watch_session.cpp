#include "session/watch_session.hpp"

#include <cmath>
#include <limits>

namespace sobremesa::session {

namespace {

/// At most ten answers a second, one for each second of the vehicle's clock.
constexpr int look_every_ms = 50;
constexpr qint64 least_between_ms = 100;
constexpr qint64 while_lost_ms = 1000;
constexpr double answer_every_s = 1.0;

} // namespace

WatchSession::WatchSession(QObject* parent) : QObject(parent) {
    timer_.setInterval(look_every_ms);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, [this] { look(); });
}

WatchSession::~WatchSession() = default;

units::Result<void> WatchSession::start(std::shared_ptr<const mission::Plan> plan, std::unique_ptr<link::Feed> feed,
                                        const Options& options) {
    stop();
    plan_ = std::move(plan);
    options_ = options;
    flight_ = std::make_unique<watch::LiveFlight>(options.home, options.current_scale);
    const double cruise_w = plan_->conditions.cruise_power_w.value;
    const auto& pack = plan_->request.pack;
    flight_->setSeries(pack.series);
    flight_->setUsualDraw(cruise_w, cruise_w / (battery::mean_open_circuit_cell_v(pack.chemistry) * pack.series));
    solver_ = std::make_unique<watch::LiveSolver>(plan_);
    callouts_ = std::make_unique<watch::Callouts>(plan_, options.rules);
    answer_ = {};
    said_.clear();
    points_.clear();
    finished_ = {};
    answered_at_s_ = -1e18;
    answered_rows_ = 0;
    generation_ = 0;
    flight_number_ = 0;
    feed_ = std::move(feed);
    connect(feed_.get(), &link::Feed::troubled, this, &WatchSession::troubled);
    connect(feed_.get(), &link::Feed::connectedChanged, this, &WatchSession::connectedChanged);
    if (auto started = feed_->start(); !started) {
        feed_.reset();
        return started;
    }
    since_answer_.start();
    timer_.start();
    emit answered();
    return {};
}

void WatchSession::stop() {
    if (!feed_) return;
    timer_.stop();
    finished_ = feed_->finished();
    const auto rows = feed_->rows();
    if (rows.rows > answered_rows_ || rows.generation != generation_) work_out(rows);
    // Asynchronous deletion would keep the port; what it still signals is not for us.
    feed_->disconnect(this);
    feed_.reset();
    emit stopped();
}

void WatchSession::forget() {
    stop();
    plan_.reset();
    flight_.reset();
    solver_.reset();
    callouts_.reset();
    answer_ = {};
    said_.clear();
    points_.clear();
    finished_ = {};
}

watch::CalloutRules& WatchSession::rules() {
    return callouts_ ? callouts_->rules() : options_.rules;
}

void WatchSession::look() {
    const auto rows = feed_->rows();
    const bool began_anew = rows.generation != generation_ || rows.rows < answered_rows_;
    const auto waited_ms = since_answer_.elapsed();
    const bool ended = feed_->has_ended();
    if (waited_ms >= least_between_ms && (rows.rows > answered_rows_ || began_anew)) {
        const auto& time = (*rows.log)[telemetry::Channel::time_s];
        const double now_s = rows.rows > 0 ? time[rows.rows - 1] : 0.0;
        if (began_anew || ended || std::abs(now_s - answered_at_s_) >= answer_every_s) {
            answered_at_s_ = now_s;
            work_out(rows);
        }
    }
    const double silent_s = feed_->silent_s();
    if (silent_s >= watch::stale_after_s && answer_.state != watch::FlightState::waiting &&
        answer_.state != watch::FlightState::landed && waited_ms >= while_lost_ms) {
        since_answer_.restart();
        answer_.state = watch::FlightState::lost;
        make_known(callouts_->silence(silent_s, answer_));
        emit answered();
    }
    if (ended && rows.rows == answered_rows_) {
        timer_.stop();
        emit this->ended();
    }
}

void WatchSession::work_out(const link::Rows& rows) {
    since_answer_.restart();
    answered_rows_ = rows.rows;
    generation_ = rows.generation;
    flight_->update(*rows.log, rows.generation, rows.rows);
    if (flight_->flight() != flight_number_) {
        flight_number_ = flight_->flight();
        callouts_->restart();
        points_.clear();
    }
    // A replay that went back is flown again from there.
    while (!points_.empty() && points_.back().time_s >= flight_->now().time_s) points_.pop_back();
    answer_ = solver_->answer(*flight_);
    keep_point();
    make_known(callouts_->hear(answer_));
    emit answered();
}

/// One every few seconds: what a chart can show.
void WatchSession::keep_point() {
    constexpr double every_s = 5.0;
    if (!answer_.margin_wh || !answer_.now.airborne) return;
    if (!points_.empty() && answer_.now.time_s - points_.back().time_s < every_s) return;
    // A wind that does not let it home needs no number of watt-hours: the line ends there.
    points_.push_back({answer_.now.time_s, answer_.now.from_home_m, answer_.now.ground_m,
                       answer_.remaining->wh.value,
                       answer_.wind_allows ? answer_.needed_wh->value : std::numeric_limits<double>::quiet_NaN()});
}

std::vector<geodesy::EastNorth> WatchSession::reach_from_here() const {
    return solver_ ? solver_->reach_from_here(answer_) : std::vector<geodesy::EastNorth>{};
}

std::shared_ptr<const debrief::FlownHomeward> WatchSession::flown() const {
    if (points_.size() < 2) return nullptr;
    auto flown = std::make_shared<debrief::FlownHomeward>();
    flown->points = points_;
    flown->along_the_way = !mission::goes_straight_out(plan_->request.mission.kind);
    flown->least = flown->farthest = points_.front();
    for (const auto& point : points_) {
        if (point.left_wh - point.needed_wh < flown->least_margin_wh()) flown->least = point;
        if (point.from_home_m > flown->farthest.from_home_m) flown->farthest = point;
    }
    return flown;
}

void WatchSession::make_known(const std::vector<watch::Callout>& callouts) {
    for (const auto& callout : callouts) {
        said_.push_back(callout);
        emit calloutMade(callout);
    }
}

} // namespace sobremesa::session
