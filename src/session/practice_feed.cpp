#include "session/practice_feed.hpp"

namespace sobremesa::session {

namespace {

/// Nobody turns for the pilot: it flies on as far as this many times the plan's turn.
constexpr double open_end = 5.0;
constexpr double ms = 1e-3;
/// Flown at one look, at most, s: a window that was held up goes on where it was.
constexpr double longest_leap_s = 60.0;

} // namespace

sim::Scenario PracticeFeed::open_ended(const mission::Plan& plan, const practice::PracticeDay& day) {
    auto scenario = practice::scenario_of(plan, day);
    scenario.mission.distance_m *= open_end;
    scenario.mission.loiter_s *= open_end;
    return scenario;
}

PracticeFeed::PracticeFeed(const std::shared_ptr<const mission::Plan>& plan, const practice::PracticeDay& day,
                           double speed)
    : day_(day), scenario_(open_ended(*plan, day)), flight_(scenario_), speed_(speed) {}

units::Result<void> PracticeFeed::start() {
    clock_.start();
    return {};
}

double PracticeFeed::time_s() const {
    return from_s_ + (paused_ || !clock_.isValid() ? 0.0 : double(clock_.elapsed()) * ms * speed_);
}

void PracticeFeed::set_speed(double speed) {
    from_s_ = time_s();
    speed_ = speed;
    clock_.restart();
}

void PracticeFeed::set_paused(bool paused) {
    from_s_ = time_s();
    paused_ = paused;
    clock_.restart();
}

void PracticeFeed::turn() {
    flight_.go_home();
}

link::Rows PracticeFeed::rows() {
    if (!flight_.ended()) {
        const double wanted_s = time_s();
        const double until_s = std::min(wanted_s, flight_.time_s() + longest_leap_s);
        flight_.fly_to(until_s);
        if (until_s < wanted_s) {
            from_s_ = until_s;
            clock_.restart();
        }
    }
    return {&flight_.log(), flight_.log().rows(), 0};
}

} // namespace sobremesa::session
