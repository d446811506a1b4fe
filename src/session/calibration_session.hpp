#pragma once

#include <optional>
#include <set>
#include <vector>

#include "core/learning/joint_estimate.hpp"
#include "core/telemetry/calibration.hpp"
#include "core/telemetry/idle_reading.hpp"
#include "session/latest_job.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// A flight, or a pair written down by hand, as evidence for a sensor's scale.
struct CalibrationFlight {
    std::optional<Id> flight_id;
    QString name;
    /// As the sensor read it; and as it stands in the logbook now.
    double counted_ah = 0.0;
    double counted_now_ah = 0.0;
    double recharged_ah = 0.0;
    bool taken = true;
    /// The pack was not full at launch: not taken unless the pilot says so.
    bool begun_short = false;
};

/// Calibration of one aircraft's current sensor from the flights of the logbook that were recharged.
class CalibrationSession : public QObject {
    Q_OBJECT
public:
    explicit CalibrationSession(Workspace& workspace, QObject* parent = nullptr);

    const Workspace& workspace() const { return workspace_; }
    /// Whether anybody looks: until then what changes is not worked out. At first somebody does.
    void watch(bool watched);
    /// Aircraft with flights, those that fly first.
    std::vector<Id> aircraft() const;
    std::optional<Id> chosen() const { return aircraft_; }
    void choose(std::optional<Id> aircraft);
    const std::vector<CalibrationFlight>& flights() const { return flights_; }
    void take(std::size_t row, bool taken);
    /// A pair that no log belongs to.
    void addPair(double counted_ah, double recharged_ah);
    void removePair(std::size_t row);

    std::optional<double> scale() const;
    telemetry::ScaleConvention convention() const;
    void setScale(std::optional<double> scale);
    void setConvention(telemetry::ScaleConvention convention);
    void setCharger(double relative);
    double charger() const { return charger_; }

    std::vector<telemetry::CalibrationPair> pairs() const;
    /// Nothing without a pair. Without a scale, of a scale of 100: only what the sensor reads is then of use.
    std::optional<units::Result<telemetry::Calibration>> result() const;
    /// What the sensor reads on the ground beyond what the aircraft's electronics draw, over all its flights that
    /// stood there; as it reads, whatever was corrected since. Nothing without such a flight.
    std::optional<telemetry::SensorOffset> offset() const;
    /// What the chosen aircraft's sensors read by everything flown with them, packs known along; nothing until that
    /// is worked out, or without a flight.
    const std::optional<learning::SensorEstimate>& together() const { return together_; }
    /// The electronics' draw is given, not assumed.
    bool electronics_known() const;
    /// The flights taken are read anew with what their sensor should have read; undoable, the raw logs stay.
    void applyToFlights();
    /// The aircraft's scale becomes the one found.
    void applyToScale();

signals:
    void changed();

private:
    void gather();
    void follow();
    void workOutTogether();
    std::optional<Id> most_recharged(const std::vector<Id>& aircraft) const;

    Workspace& workspace_;
    std::optional<Id> aircraft_;
    bool picked_ = false;
    bool watched_ = true;
    bool due_ = false;
    std::vector<CalibrationFlight> flights_;
    std::vector<CalibrationFlight> by_hand_;
    std::set<Id> left_out_;
    std::set<Id> taken_anyway_;
    std::optional<learning::SensorEstimate> together_;
    LatestJob together_job_;
    double charger_ = telemetry::charger_accuracy;
};

} // namespace sobremesa::session
