#include "session/energy_tracks.hpp"

#include <algorithm>
#include <utility>

#include <QFile>

#include "session/debrief_session.hpp"
#include "session/flight_session.hpp"

namespace sobremesa::session {

std::shared_ptr<const debrief::EnergyTrack> track_by_hand(const book::KeptFlight& flight) {
    if (!flight.by_hand) return nullptr;
    const auto& hand = *flight.by_hand;
    const telemetry::NotedReading landed{hand.duration_s, hand.charge_ah, {}, {}, hand.ground_m};
    auto track = debrief::energy_track(hand.readings, landed, book::usual_voltage_v(flight.flown.pack));
    return track.time_s.empty() ? nullptr : std::make_shared<const debrief::EnergyTrack>(std::move(track));
}

EnergyTracks::EnergyTracks(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {}

void EnergyTracks::want(const std::vector<Id>& flights) {
    wanted_ = flights;
    if (!reading_) readNext();
}

std::shared_ptr<const debrief::EnergyTrack> EnergyTracks::track(Id flight_id) const {
    const auto found = tracks_.find(flight_id);
    return found == tracks_.end() ? nullptr : found->second;
}

void EnergyTracks::readNext() {
    const auto next = std::find_if(wanted_.begin(), wanted_.end(), [this](Id id) { return !tracks_.contains(id); });
    if (next == wanted_.end()) return;
    const Id id = *next;
    const auto found = workspace_.library().flights.find(id);
    if (found == workspace_.library().flights.end() || !found->second.log_id) {
        keep(id, found == workspace_.library().flights.end() ? nullptr : track_by_hand(found->second));
        return;
    }
    reading_ = true;
    write_log_of_book(*this, workspace_, from_book_, *found->second.log_id,
                      [this, id, choices = reading_choices(found->second)](const QString& path,
                                                                           const units::Result<void>& written) {
                          if (!written) {
                              keep(id, nullptr);
                              return;
                          }
                          job_.start(
                              [path, choices](const std::stop_token& stop) {
                                  const auto debrief = debrief_file(path, stop, {}, choices);
                                  QFile::remove(path);
                                  std::shared_ptr<const debrief::EnergyTrack> track;
                                  if (debrief)
                                      track = std::make_shared<const debrief::EnergyTrack>(
                                          debrief::energy_track(debrief->clean));
                                  return track;
                              },
                              [this, id](const std::shared_ptr<const debrief::EnergyTrack>& track) {
                                  keep(id, track && !track->time_s.empty() ? track : nullptr);
                              });
                      });
}

void EnergyTracks::keep(Id flight_id, std::shared_ptr<const debrief::EnergyTrack> track) {
    reading_ = false;
    tracks_[flight_id] = std::move(track);
    emit changed();
    if (!reading_) readNext();
}

} // namespace sobremesa::session
