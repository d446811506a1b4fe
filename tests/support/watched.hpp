#pragma once

#include <functional>
#include <memory>
#include <optional>

#include "core/mission/plan.hpp"
#include "core/watch/callouts.hpp"
#include "core/watch/live_answer.hpp"
#include "practice/plan_scenario.hpp"
#include "sim/simulated_flight.hpp"

namespace sobremesa::tests {

/// How one practice flight was turned and what it had left.
struct WatchedFlight {
    double turned_m = 0.0;
    /// Remaining at landing down to the landing voltage, by what the pack really gives, Wh; of the usable energy.
    double landing_share = 0.0;
    bool came_home = false;
    sim::Truth truth;
};

/// Flies a scenario, and turns when `turn` says so, asked every few seconds.
inline sim::Truth flown(sim::FlightInProgress& flight, double step_s,
                        const std::function<bool(const sim::FlightInProgress&)>& turn) {
    for (double t = step_s; !flight.ended(); t += step_s) {
        flight.fly_to(t);
        if (!flight.homeward() && turn(flight)) flight.go_home();
    }
    return flight.truth();
}

/// Whoever turns at "turn now".
class Obedient {
public:
    explicit Obedient(std::shared_ptr<const mission::Plan> plan) : solver_(plan), callouts_(plan) {}
    bool operator()(const sim::FlightInProgress& flight) {
        live_.update(flight.log());
        answer_ = solver_.answer(live_);
        bool turn = false;
        for (const auto& callout : callouts_.hear(answer_))
            turn = turn || callout.kind == watch::CalloutKind::turn_now;
        return turn;
    }
    const watch::LiveAnswer& answer() const { return answer_; }
    const watch::LiveFlight& live() const { return live_; }

private:
    watch::LiveFlight live_;
    watch::LiveSolver solver_;
    watch::Callouts callouts_;
    watch::LiveAnswer answer_;
};

} // namespace sobremesa::tests
