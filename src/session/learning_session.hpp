#pragma once

#include <optional>

#include <QObject>
#include <QTimer>

#include "core/learning/backtest.hpp"
#include "session/latest_job.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// What the flights of one aircraft teach, and what is done with it.
struct FlightObservations {
    std::optional<Id> aircraft_id;
    airframe::Aircraft aircraft;
    double reference_mass_kg = 0.0;
    /// In the order of time.
    std::vector<Id> flights;
    std::vector<learning::FlightObservation> observations;
    learning::CurveFit fit;
    learning::Backtest test;
};

/// The curve that an aircraft's flights draw: worked out off the UI thread whenever its flights change; taken for
/// the aircraft on the pilot's word, or with a flight that is filed and fits. Each taking is an edit that can be
/// undone.
class LearningSession : public QObject {
    Q_OBJECT
public:
    explicit LearningSession(Workspace& workspace, QObject* parent = nullptr);

    void choose(std::optional<Id> aircraft);
    std::optional<Id> chosen() const { return chosen_; }
    /// Nothing until it is worked out, or while no aircraft is chosen.
    std::shared_ptr<const FlightObservations> observations() const { return observations_; }
    bool is_settled() const { return !job_.is_running(); }

    /// The fitted curve becomes the aircraft's, with the scatter that the backtest justifies.
    void learn();
    /// Back to the known cruise alone.
    void forget();
    /// A flight teaches no more, or again.
    void setApart(Id flight, bool apart);

    /// A flight was filed: where aircraft and pack are known and it fits, the aircraft learns from it. One that
    /// does not fit changes nothing and is said.
    void learnFrom(Id flight);

signals:
    void changed();
    /// @param change  of the power in the known cruise, relative
    void learned(const QString& aircraft, int flights, double change);
    /// @param off  its power over what the aircraft's other flights took, relative
    void standsApart(Id flight, const QString& name, double off);

private:
    void followWorkspace();
    void workOut();

    Workspace& workspace_;
    std::optional<Id> chosen_;
    std::shared_ptr<const FlightObservations> observations_;
    LatestJob job_;
    /// Waits for more changes to come before it starts.
    QTimer due_;
};

/// The observations that the flights of an aircraft give now; fit and backtest not made yet.
FlightObservations observations_of(const Workspace& workspace, Id aircraft);
/// Makes them. @error `cancelled`
units::Result<void> work_out(FlightObservations& observations, const std::stop_token& stop = {});

} // namespace sobremesa::session
