#pragma once

#include <map>
#include <memory>
#include <vector>

#include <QObject>
#include <QTemporaryDir>

#include "core/debrief/energy_track.hpp"
#include "session/latest_job.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// Of a flight that was filed by hand, from what was read on the way; nothing where nothing was.
std::shared_ptr<const debrief::EnergyTrack> track_by_hand(const book::KeptFlight& flight);

/// What several filed flights used along the way: their logs are read one after the other, off the UI thread, and
/// kept while this lives.
class EnergyTracks : public QObject {
    Q_OBJECT
public:
    explicit EnergyTracks(Workspace& workspace, QObject* parent = nullptr);

    /// Reads what is not there yet, in this order.
    void want(const std::vector<Id>& flights);
    /// Nothing while it is not read, or where its log shows no energy.
    std::shared_ptr<const debrief::EnergyTrack> track(Id flight_id) const;
    bool is_settled() const { return !reading_; }

signals:
    void changed();

private:
    void readNext();
    void keep(Id flight_id, std::shared_ptr<const debrief::EnergyTrack> track);

    Workspace& workspace_;
    QTemporaryDir from_book_;
    std::vector<Id> wanted_;
    bool reading_ = false;
    std::map<Id, std::shared_ptr<const debrief::EnergyTrack>> tracks_;
    LatestJob job_;
};

} // namespace sobremesa::session
