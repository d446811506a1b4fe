#include "session/whole_forecasts.hpp"

#include <algorithm>
#include <set>

#include "session/pack_session.hpp"

namespace sobremesa::session {

namespace {

constexpr int forecasts_settle_ms = 80;

/// The flights of one aircraft, and the packs that they were flown with, each with all flights that teach of it.
struct Gathered {
    Id aircraft = 0;
    std::vector<learning::WholeFlight> flights;
    std::vector<learning::JointQuestion> packs;
    std::shared_ptr<const FlightObservations> observations;
};

Gathered gather(const Workspace& workspace, const std::shared_ptr<const FlightObservations>& observations) {
    Gathered gathered;
    gathered.aircraft = *observations->aircraft_id;
    gathered.observations = observations;
    const auto& library = workspace.library();
    std::set<Id> packs;
    for (const auto& [id, flight] : library.flights)
        if (flight.aircraft_id == gathered.aircraft && flight.pack_id) packs.insert(*flight.pack_id);
    for (const Id pack : packs) {
        PackFindings findings = own_pack_question(workspace, pack);
        for (const auto& one : findings.question.flights) {
            if (library.flights.at(one.flight_id).aircraft_id != gathered.aircraft) continue;
            learning::WholeFlight whole;
            whole.observation.flight_id = one.flight_id;
            whole.pack = one;
            if (const auto& farthest = workspace.summaries().at(one.flight_id).distance.farthest_from_home_m)
                whole.farthest_m = farthest->value;
            gathered.flights.push_back(std::move(whole));
        }
        gathered.packs.push_back(std::move(findings.question));
    }
    std::ranges::sort(gathered.flights, {}, [&](const learning::WholeFlight& flight) {
        return std::pair(library.flights.at(flight.pack.flight_id).start_clock_s.value_or(0.0),
                         flight.pack.flight_id);
    });
    return gathered;
}

using Forecasts = units::Result<std::vector<learning::WholeForecast>>;

Forecasts forecasts_of(const Gathered& gathered, const std::stop_token& stop) {
    std::vector<learning::LandingForecast> landings;
    for (const auto& question : gathered.packs) {
        if (question.flights.empty()) continue;
        const auto history = learning::pack_history(question, stop, most_history(question.flights.size()));
        if (!history) return tl::unexpected(history.error());
        landings.insert(landings.end(), history->landings.begin(), history->landings.end());
    }
    return learning::whole_backtest(gathered.flights, landings, gathered.observations->test);
}

} // namespace

WholeForecasts::WholeForecasts(Workspace& workspace, LearningSession& learning, QObject* parent)
    : QObject(parent), workspace_(workspace), learning_(learning) {
    due_.setSingleShot(true);
    due_.setInterval(forecasts_settle_ms);
    connect(&due_, &QTimer::timeout, this, &WholeForecasts::workOut);
    connect(&job_, &LatestJob::runningChanged, this, &WholeForecasts::changed);
    const auto due = [this] {
        if (watched_) due_.start();
    };
    connect(&learning_, &LearningSession::changed, this, [this, due] {
        // Nobody takes the forecasts of one aircraft for another's.
        if (learning_.chosen() != aircraft_) flights_.clear();
        aircraft_ = learning_.chosen();
        due();
    });
    connect(&workspace_, &Workspace::flightsChanged, this, due);
    connect(&workspace_, &Workspace::packsChanged, this, due);
}

void WholeForecasts::watch(bool watched) {
    if (watched == watched_) return;
    watched_ = watched;
    if (watched_) {
        aircraft_ = learning_.chosen();
        workOut();
    } else {
        due_.stop();
        job_.cancel();
    }
}

void WholeForecasts::workOut() {
    const auto observations = learning_.observations();
    if (!observations || !observations->aircraft_id) {
        flights_.clear();
        emit changed();
        return;
    }
    job_.start(
        [gathered = gather(workspace_, observations)](const std::stop_token& stop) {
            return std::pair(gathered.aircraft, forecasts_of(gathered, stop));
        },
        [this](const std::pair<Id, Forecasts>& made) {
            if (!made.second || learning_.chosen() != made.first) return;
            flights_ = *made.second;
            emit changed();
        });
}

} // namespace sobremesa::session
