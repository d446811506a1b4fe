#pragma once

#include <optional>

#include <QObject>
#include <QTimer>

#include "core/learning/everything.hpp"
#include "session/latest_job.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// What flights, chargers and meters say of one pack, and of the sensors it was flown with.
struct PackFindings {
    std::optional<Id> pack_id;
    /// As described; what was fitted before is not in it.
    battery::Pack described;
    learning::JointQuestion question;
    /// Flights of the question, in its order; which of them are this pack's.
    std::vector<Id> flights;
    /// Aircraft by their number in the question's sensors.
    std::vector<Id> aircraft;
    learning::PackEstimate estimate;
    std::vector<learning::SensorEstimate> sensors;
    std::vector<learning::OddEvidence> odd;
    /// How this pack became known, by its own flights alone; its landings, each forecast from the flights before
    /// it.
    learning::PackHistory history;
    /// What it gives to that landing voltage at that power in that air, as described and as found.
    double power_w = 0.0;
    double landing_cell_v = 0.0;
    double air_temperature_c = 20.0;
    units::Estimate usable_before_ah;
    units::Estimate usable_ah;
    int rested = 0;
};

/// The question that a pack's flights pose now: with them every flight of the aircraft it flew on, since those show
/// what their sensors read.
PackFindings pack_question(const Workspace& workspace, Id pack);
/// The same of the pack's own flights alone.
PackFindings own_pack_question(const Workspace& workspace, Id pack);
/// Of a pack with many flights so many of the last are gone through that the work (fits, times the flights of each)
/// stays that of forty.
std::size_t most_history(std::size_t flights);
/// Answers it. @error `cancelled`
/// @param with_history  how it became known and how its landings were forecast, too: takes as many fits as flights
units::Result<void> work_out(PackFindings& findings, const std::stop_token& stop = {}, bool with_history = true);

/// What an aircraft's sensors read, by all flights that share a pack or a sensor with the pack it flew with most.
/// @return nothing where it flew with no pack of the list
std::optional<PackFindings> sensor_question(const Workspace& workspace, Id aircraft);

/// What a pack is, by everything that was flown and charged: worked out off the UI thread; taken for the pack with
/// each flight that is filed, or on the pilot's word. Each taking is an edit that can be undone.
class PackSession : public QObject {
    Q_OBJECT
public:
    explicit PackSession(Workspace& workspace, QObject* parent = nullptr);

    void choose(std::optional<Id> pack);
    std::shared_ptr<const PackFindings> findings() const { return findings_; }
    bool is_settled() const { return !job_.is_running() && !filed_job_.is_running() && !due_.isActive(); }

    /// What was found becomes the chosen pack's.
    void learn();
    /// Back to label and age.
    void forget();
    /// Flights that are filed change it no more, or again.
    void freeze(bool frozen);
    /// A flight was filed: its pack learns from it, unless it is frozen. At once, so that undo takes back what the
    /// pilot did last; of more flights than are fitted in a moment, when it is done.
    void learnFrom(Id flight);

signals:
    void changed();
    /// Of a pack that was learned: what it gives to the landing voltage, before and now, Ah.
    void learned(const QString& pack, double before_ah, double after_ah, int flights);
    /// Evidence that did not fit and was left out.
    void leftOut(Id flight, const QString& flight_name, int kind);

private:
    void followWorkspace();
    void workOut();
    void take(const PackFindings& findings);
    void takeFiled(Id flight, const PackFindings& findings);

    Workspace& workspace_;
    std::optional<Id> chosen_;
    std::shared_ptr<const PackFindings> findings_;
    LatestJob job_;
    LatestJob filed_job_;
    QTimer due_;
};

} // namespace sobremesa::session
