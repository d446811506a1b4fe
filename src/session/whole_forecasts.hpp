#pragma once

#include <vector>

#include <QObject>
#include <QTimer>

#include "core/learning/whole_backtest.hpp"
#include "session/latest_job.hpp"
#include "session/learning_session.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// The flights of the aircraft that is chosen for learning, each forecast as a whole from those before it: the
/// landing charge by what was then known of its pack, with the curve that was then known how long that lasts and
/// how far out it carries.
///
/// Takes a fit of a pack for each of its flights: worked out beside the window, while someone looks.
class WholeForecasts : public QObject {
    Q_OBJECT
public:
    WholeForecasts(Workspace& workspace, LearningSession& learning, QObject* parent = nullptr);

    /// Follows what is filed and described, or rests.
    void watch(bool watched);
    /// In the order of time.
    const std::vector<learning::WholeForecast>& flights() const { return flights_; }
    bool is_settled() const { return !job_.is_running() && !due_.isActive(); }

signals:
    void changed();

private:
    void workOut();

    Workspace& workspace_;
    LearningSession& learning_;
    bool watched_ = false;
    std::optional<Id> aircraft_;
    std::vector<learning::WholeForecast> flights_;
    LatestJob job_;
    QTimer due_;
};

} // namespace sobremesa::session
