#pragma once

#include <optional>
#include <set>

#include <QObject>
#include <QTimer>

#include "core/debrief/bill_history.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// Why the flights of an aircraft took another energy than forecast, cause by cause.
///
/// Bills that Debrief made out are at hand; the others are made out of their logs, one after another beside the
/// window, while an aircraft is chosen. They are kept with the flight's figures, and made anew when what they rest
/// on has changed.
class ForecastCauses : public QObject {
    Q_OBJECT
public:
    explicit ForecastCauses(Workspace& workspace, QObject* parent = nullptr);

    /// Nothing: no further logs are read.
    void choose(std::optional<Id> aircraft);
    const std::optional<debrief::CausesOverFlights>& causes() const { return causes_; }
    /// Flights of it with a log, and how many of them still have to be read.
    int flights() const { return flights_; }
    int unread() const { return int(unread_.size()); }

signals:
    void changed();

private:
    void follow();
    void next();

    Workspace& workspace_;
    std::optional<Id> chosen_;
    std::optional<debrief::CausesOverFlights> causes_;
    int flights_ = 0;
    std::vector<Id> unread_;
    /// Logs that could not be read again are not tried once more.
    std::set<Id> given_up_;
    bool reading_ = false;
    /// Waits for more changes to come before it looks.
    QTimer due_;
};

} // namespace sobremesa::session
