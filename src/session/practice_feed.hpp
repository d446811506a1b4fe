#pragma once

#include <QElapsedTimer>

#include "link/feed.hpp"
#include "practice/outcome.hpp"
#include "practice/plan_scenario.hpp"
#include "sim/simulated_flight.hpp"

namespace sobremesa::session {

/// The simulated aircraft flies a plan, and its pilot decides when to turn.
class PracticeFeed : public link::Feed {
    Q_OBJECT
public:
    PracticeFeed(const std::shared_ptr<const mission::Plan>& plan, const practice::PracticeDay& day, double speed);

    units::Result<void> start() override;
    link::Rows rows() override;
    double silent_s() const override { return 0.0; }
    bool has_ended() const override { return flight_.ended(); }
    telemetry::FlightLog finished() override { return flight_.log(); }
    std::string where() const override { return "practice"; }

    /// The pilot turns for home.
    void turn();
    bool has_turned() const { return flight_.homeward(); }
    const practice::PracticeDay& day() const { return day_; }
    double speed() const { return speed_; }
    void set_speed(double speed);
    void set_paused(bool paused);
    bool is_paused() const { return paused_; }
    const sim::Scenario& scenario() const { return scenario_; }
    sim::Truth truth() const { return flight_.truth(); }

private:
    static sim::Scenario open_ended(const mission::Plan& plan, const practice::PracticeDay& day);
    double time_s() const;

    practice::PracticeDay day_;
    sim::Scenario scenario_;
    sim::FlightInProgress flight_;
    double speed_;
    double from_s_ = 0.0;
    bool paused_ = false;
    QElapsedTimer clock_;
};

} // namespace sobremesa::session
