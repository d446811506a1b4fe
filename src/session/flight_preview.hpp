#pragma once

#include <memory>
#include <optional>

#include <QObject>
#include <QTemporaryDir>

#include "core/debrief/flown_homeward.hpp"
#include "session/latest_job.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// A filed flight looked at in passing: its track, and the flight over the forecast made from its setting. Off the
/// UI thread; a flight asked for while another is read takes its place.
class FlightPreview : public QObject {
    Q_OBJECT
public:
    struct Picture {
        Id flight_id = 0;
        telemetry::LogSummary summary;
        /// Empty where the log lacks position, current or volts, or the setting makes no flight.
        std::shared_ptr<const mission::Plan> forecast;
        std::shared_ptr<const debrief::FlownHomeward> flown;
    };

    explicit FlightPreview(Workspace& workspace, QObject* parent = nullptr);

    /// Nothing: no flight is looked at.
    void show(std::optional<Id> flight_id);
    /// Of the flight that was asked for last, once it is there.
    std::shared_ptr<const Picture> picture() const { return picture_; }
    bool is_settled() const { return !reading_; }

signals:
    void pictureChanged();
    /// The flight has no log, or it cannot be read.
    void nothingToShow();

private:
    void read(Id flight_id, const QString& path, const book::KeptFlight& flight);

    Workspace& workspace_;
    QTemporaryDir from_book_;
    std::optional<Id> wanted_;
    bool reading_ = false;
    std::shared_ptr<const Picture> picture_;
    LatestJob job_;
};

} // namespace sobremesa::session
