#include "session/flight_preview.hpp"

#include <QFile>

#include "core/mission/make_plan.hpp"
#include "io/terrain.hpp"
#include "session/debrief_session.hpp"
#include "session/flight_session.hpp"

namespace sobremesa::session {

FlightPreview::FlightPreview(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {}

void FlightPreview::show(std::optional<Id> flight_id) {
    if (flight_id == wanted_) return;
    wanted_ = flight_id;
    job_.cancel();
    picture_.reset();
    reading_ = false;
    emit pictureChanged();
    if (!flight_id) return;
    const auto found = workspace_.library().flights.find(*flight_id);
    if (found == workspace_.library().flights.end() || !found->second.log_id) {
        emit nothingToShow();
        return;
    }
    reading_ = true;
    write_log_of_book(
        *this, workspace_, from_book_, *found->second.log_id,
        [this, id = *flight_id, flight = found->second](const QString& path, const units::Result<void>& written) {
            if (wanted_ != id) {
                QFile::remove(path);
                return;
            }
            if (written) {
                read(id, path, flight);
                return;
            }
            reading_ = false;
            emit nothingToShow();
        });
}

void FlightPreview::read(Id flight_id, const QString& path, const book::KeptFlight& flight) {
    job_.start(
        [flight_id, path, flight](const std::stop_token& stop) -> std::shared_ptr<const Picture> {
            const auto debrief = debrief_file(path, stop, {}, reading_choices(flight));
            QFile::remove(path);
            if (!debrief) return nullptr;
            auto picture = std::make_shared<Picture>();
            picture->flight_id = flight_id;
            picture->summary = debrief->summary;
            auto request = flight.flown;
            // Without its hills it is drawn all the same; Debrief says what is wrong with the file.
            (void)io::add_terrain(request);
            if (!telemetry::volts_fit(debrief->summary, request.pack)) return picture;
            auto plan = mission::make_plan(request);
            if (!plan) return picture;
            auto forecast = std::make_shared<const mission::Plan>(std::move(*plan));
            if (auto flown = debrief::flown_homeward(debrief->clean, debrief->summary, *forecast)) {
                picture->forecast = forecast;
                picture->flown = std::make_shared<const debrief::FlownHomeward>(std::move(*flown));
            }
            return picture;
        },
        [this, flight_id](const std::shared_ptr<const Picture>& picture) {
            if (wanted_ != flight_id) return;
            reading_ = false;
            picture_ = picture;
            emit pictureChanged();
            if (!picture) emit nothingToShow();
        });
}

} // namespace sobremesa::session
