#include "cli/watch_command.hpp"

#include <csignal>
#include <ostream>
#include <sstream>

#include <QCoreApplication>
#include <QEventLoop>
#include <QTimer>

#include "cli/command_line.hpp"
#include "cli/debrief_command.hpp"
#include "cli/json_text.hpp"
#include "cli/line_outlet.hpp"
#include "cli/position_argument.hpp"
#include "cli/said.hpp"
#include "core/mission/make_plan.hpp"
#include "core/telemetry/rescale.hpp"
#include "core/watch/callouts.hpp"
#include "io/log_file.hpp"
#include "io/plan_document.hpp"
#include "io/terrain.hpp"
#include "link/feed.hpp"
#include "session/watch_session.hpp"
#include "speech/speaker.hpp"
#include "wording/language.hpp"
#include "wording/messages.hpp"
#include "wording/sentences.hpp"
#include "wording/watch.hpp"

namespace sobremesa::cli {

namespace {

volatile std::sig_atomic_t stop_asked = 0;

/// Ctrl+C ends the watch, and nothing else while it runs.
class Interruptible {
public:
    Interruptible() {
        stop_asked = 0;
        for (const int number : {SIGINT, SIGTERM, SIGHUP})
            before_[index(number)] = std::signal(number, [](int) { stop_asked = 1; });
        // A reader that goes away does not end a recording.
        pipe_before_ = std::signal(SIGPIPE, SIG_IGN);
    }
    Interruptible(const Interruptible&) = delete;
    Interruptible& operator=(const Interruptible&) = delete;
    ~Interruptible() {
        for (const int number : {SIGINT, SIGTERM, SIGHUP}) std::signal(number, before_[index(number)]);
        std::signal(SIGPIPE, pipe_before_);
    }

private:
    static std::size_t index(int number) { return number == SIGINT ? 0 : number == SIGTERM ? 1 : 2; }
    void (*before_[3])(int) = {};
    void (*pipe_before_)(int) = nullptr;
};

Json line_of(const watch::LiveAnswer& a) {
    const bool known = a.now.at.has_value();
    const auto& r = a.remaining;
    Json places = Json::array();
    for (const auto& place : a.places) {
        places.push_back({{"name", place.home ? Json("home") : Json(place.name)},
                          {"reachable", place.reachable},
                          {"spare_wh", or_null(place.margin_wh)},
                          {"distance_m", or_null(place.distance_m)},
                          {"bearing_deg", or_null(place.bearing_deg)}});
    }
    const Json turn = a.turn ? Json{{"distance_m", or_null(a.turn->distance_m)},
                                    {"time_to_s", or_null(a.turn->time_s)},
                                    {"charge_ah", or_null(a.turn->charge_ah)},
                                    {"school", mission::turn_rule_word(a.turn->rule)}}
                             : Json(nullptr);
    const auto& wind = a.wind.measured;
    // In a wind that does not let it home no energy would do.
    const auto needed_wh = a.wind_allows ? a.needed_wh : std::nullopt;
    const auto margin_wh = a.wind_allows ? a.margin_wh : std::nullopt;
    return {{"t_s", or_null(a.now.time_s)},
            {"state", watch::state_word(a.state)},
            {"distance_home_m", known ? or_null(a.now.from_home_m) : Json(nullptr)},
            {"bearing_home_deg", known ? or_null(a.now.bearing_home_deg) : Json(nullptr)},
            {"height_m", or_null(a.now.height_m)},
            {"ground_speed_mps", or_null(a.now.ground_mps)},
            {"ground_m", or_null(a.now.ground_m)},
            {"voltage_v", or_null(a.now.voltage_v)},
            {"current_a", or_null(a.now.current_a)},
            {"charge_used_ah", or_null(a.now.charge_ah)},
            {"energy_used_wh", or_null(a.now.energy_wh)},
            {"remaining_wh", r ? or_null(r->wh.value) : Json(nullptr)},
            {"remaining_sd_wh", r ? or_null(r->wh.sd) : Json(nullptr)},
            {"remaining_by_count_wh", r ? or_null(r->by_count_wh) : Json(nullptr)},
            {"remaining_by_volts_wh", r ? or_null(r->by_volts_wh) : Json(nullptr)},
            {"needed_wh", or_null(needed_wh)},
            {"needed_sd_wh", sd_or_null(needed_wh)},
            {"margin_wh", or_null(margin_wh)},
            {"margin_sd_wh", sd_or_null(margin_wh)},
            {"wind_allows_return", a.wind_allows},
            {"turn", turn},
            {"latest_turn_s", or_null(a.latest_s)},
            {"wind", wind ? Json{{"speed_mps", or_null(wind->speed_mps.value)},
                                 {"from_deg", or_null(wind->from_deg.value)},
                                 {"sd_mps", or_null(wind->worst_sd_mps)}}
                          : Json(nullptr)},
            {"wind_used", a.state == watch::FlightState::waiting ? Json(nullptr)
                                                                 : Json{{"speed_mps", or_null(a.wind.speed_mps)},
                                                                        {"from_deg", or_null(a.wind.from_deg)},
                                                                        {"sd_mps", or_null(a.wind.sd_mps)}}},
            {"draw_against_plan", a.now.airborne ? or_null(a.draw.value) : Json(nullptr)},
            {"landing_places", places},
            {"failsafe_gets_home", a.failsafe_gets_home ? Json(*a.failsafe_gets_home) : Json(nullptr)},
            {"pack_fits", a.pack_fits},
            {"chance_reserve", or_null(a.chance_reserve)}};
}

units::Result<std::unique_ptr<link::Feed>> live_feed(const WatchOptions& options) {
    const auto address = link::address_of(options.kind, options.where);
    if (!address) return tl::unexpected(address.error());
    io::mavlink::Choice choice;
    if (options.system) choice.system = std::uint8_t(*options.system);
    if (options.battery) choice.battery = std::uint8_t(*options.battery);
    auto feed = std::make_unique<link::LinkFeed>(link::make_source(*address), choice);
    feed->record_to(options.record);
    return feed;
}

units::Result<std::unique_ptr<link::Feed>> feed_of(const WatchOptions& options) {
    if (!options.replay) return live_feed(options);
    auto log = io::read_log(*options.replay);
    if (!log) return tl::unexpected(log.error());
    return std::make_unique<link::ReplayFeed>(*log, options.speed);
}

units::Result<std::shared_ptr<const mission::Plan>> plan_of(const WatchOptions& options, std::ostream& err) {
    auto document = io::read_plan_file(options.plan);
    if (!document) return tl::unexpected(document.error());
    say(document->diagnostics, err);
    // A plan without its hills is still a plan.
    if (const auto trouble = io::add_terrain(document->request))
        err << "sobremesa-cli: " << wording::message(*trouble).toStdString() << "\n";
    auto made = mission::make_plan(document->request);
    if (!made) {
        units::Error error = made.error();
        error.where.file = options.plan;
        return tl::unexpected(error);
    }
    return std::make_shared<const mission::Plan>(std::move(*made));
}

/// Everything that goes out, as JSON lines or as text.
class Printer {
public:
    Printer(const WatchOptions& options, LineOutlet& out) : options_(options), out_(out) {}

    void answer(const session::WatchSession& session) {
        const auto& a = session.answer();
        if (options_.json) {
            out_.put(with_todays_words(line_of(a)).dump(), LineOutlet::Line::replaced);
            return;
        }
        const QString sentence =
            wording::without_markup(wording::watch_sentence(a, *session.plan(), wording::Quantities()));
        out_.put(wording::Quantities().duration(a.now.time_s).toStdString() + "  " + sentence.toStdString(),
                 LineOutlet::Line::replaced);
    }
    void callout(const watch::Callout& callout) {
        const std::string text = wording::callout_sentence(callout, wording::Quantities()).toStdString();
        if (options_.json) {
            out_.put(Json{{"t_s", or_null(callout.time_s)},
                          {"callout", watch::callout_word(callout.kind)},
                          {"text", text},
                          {"spoken", callout.spoken}}
                         .dump(),
                     LineOutlet::Line::kept);
            return;
        }
        out_.put(wording::Quantities().duration(callout.time_s).toStdString() + "  > " + text,
                 LineOutlet::Line::kept);
    }

private:
    const WatchOptions& options_;
    LineOutlet& out_;
};

void say(LineOutlet& errors, const QString& text) {
    errors.put("sobremesa-cli: " + text.toStdString(), LineOutlet::Line::kept);
}

std::string without_last_line_end(std::string text) {
    if (text.ends_with('\n')) text.pop_back();
    return text;
}

/// What there is to say of whoever reads the lines; each once, until it changes.
class ReaderWatch {
public:
    ReaderWatch(const LineOutlet& outlet, LineOutlet& errors) : outlet_(outlet), errors_(errors) {}
    void look() {
        if (outlet_.behind() && !said_behind_) {
            say(errors_,
                QCoreApplication::translate(
                    "sobremesa::Watch", "The output is not being read. Lines are left out until it is; callouts "
                                        "wait."));
        }
        said_behind_ = outlet_.behind();
        if (outlet_.gone() && !said_gone_) {
            say(errors_,
                QCoreApplication::translate("sobremesa::Watch",
                                            "Nobody reads the output any more. The watch goes on until Ctrl+C."));
        }
        said_gone_ = outlet_.gone();
    }
    void rest_is_missing() {
        say(errors_, QCoreApplication::translate("sobremesa::Watch", "The output was not read to its end."));
    }

private:
    const LineOutlet& outlet_;
    LineOutlet& errors_;
    bool said_behind_ = false;
    bool said_gone_ = false;
};

int summarise(const WatchOptions& options, const session::WatchSession& session, std::ostream& out,
              std::ostream& err) {
    const auto log = telemetry::rescaled(std::make_shared<const telemetry::FlightLog>(session.finished_log()),
                                         options.current_factor.value_or(1.0));
    if (log->rows() < 2) {
        if (options.json) out << Json{{"summary", nullptr}}.dump() << std::endl;
        err << "sobremesa-cli: "
            << QCoreApplication::translate("sobremesa::Watch", "Nothing received describes a flight.").toStdString()
            << "\n";
        return exit_done;
    }
    DebriefOptions debrief;
    debrief.plan = options.plan;
    debrief.home = options.home;
    debrief.json = options.json;
    return debrief_log(log, debrief, options.json ? DebriefShape::summary_line : DebriefShape::whole, out, err);
}

} // namespace

int watch_flight(const WatchOptions& options, std::ostream& out, std::ostream& err) {
    auto plan = plan_of(options, err);
    if (!plan) return unusable(plan.error(), err);
    session::WatchSession::Options how;
    how.rules.count_down = options.count_down;
    if (options.current_factor) how.current_scale = watch::KnownCurrentScale{.factor = *options.current_factor};
    if (!options.home.empty()) {
        const auto home = position_from(options.home, "--home");
        if (!home) return unusable(home.error(), err);
        how.home = *home;
    }
    auto feed = feed_of(options);
    if (!feed) return unusable(feed.error(), err);

    const Interruptible interruptible;
    session::WatchSession session;
    LineOutlet outlet(out);
    LineOutlet errors(err);
    ReaderWatch reader(outlet, errors);
    Printer printer(options, outlet);
    speech::Speaker speaker;
    speaker.setLanguage(wording::language());
    speaker.setTone([&errors] { errors.put("\a", LineOutlet::Line::replaced); });
    if (options.say && !speaker.can_speak()) {
        say(errors, QCoreApplication::translate("sobremesa::Watch",
                                                "No speech engine works here: callouts sound a tone instead."));
    }
    QEventLoop loop;
    QObject::connect(&session, &session::WatchSession::answered, &loop, [&] { printer.answer(session); });
    QObject::connect(&session, &session::WatchSession::calloutMade, &loop, [&](const watch::Callout& callout) {
        printer.callout(callout);
        if (options.say && callout.spoken)
            speaker.say(wording::callout_sentence(callout, wording::Quantities()),
                        callout.kind >= watch::CalloutKind::turn_soon);
    });
    QObject::connect(&session, &session::WatchSession::troubled, &loop,
                     [&](const units::Error& error) { say(errors, wording::message(error)); });
    QObject::connect(&session, &session::WatchSession::ended, &loop, &QEventLoop::quit);
    QTimer asked;
    constexpr int look_for_signals_ms = 50;
    asked.setInterval(look_for_signals_ms);
    QObject::connect(&asked, &QTimer::timeout, &loop, [&] {
        outlet.drain();
        errors.drain();
        // With nobody to read and nothing to record it is over.
        if (stop_asked != 0 || (outlet.gone() && options.record.empty() && !options.say)) return loop.quit();
        reader.look();
    });
    if (options.for_s) {
        constexpr double ms = 1000.0;
        QTimer::singleShot(int(*options.for_s * ms), &loop, &QEventLoop::quit);
    }
    if (const auto started = session.start(*plan, std::move(*feed), how); !started)
        return unusable(started.error(), err);
    if (!options.replay) errors.put("listening on " + session.feed()->where(), LineOutlet::Line::kept);
    asked.start();
    loop.exec();
    session.stop();
    std::ostringstream summary;
    std::ostringstream said;
    const int code = summarise(options, session, summary, said);
    if (!said.str().empty()) errors.put(without_last_line_end(said.str()), LineOutlet::Line::kept);
    if (!summary.str().empty()) outlet.put(without_last_line_end(summary.str()), LineOutlet::Line::kept);
    constexpr int patience_ms = 10000;
    // What is said of the flight is worth waiting for, what is said of that is not.
    constexpr int short_patience_ms = 1000;
    const bool whole = outlet.finish(patience_ms);
    if (!whole) reader.rest_is_missing();
    (void)errors.finish(short_patience_ms);
    return whole ? code : exit_unusable_input;
}

} // namespace sobremesa::cli
