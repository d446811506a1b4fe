#pragma once

#include <deque>
#include <memory>
#include <optional>
#include <vector>

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>

#include "core/debrief/flown_homeward.hpp"
#include "core/watch/callouts.hpp"
#include "core/watch/live_answer.hpp"
#include "link/feed.hpp"

namespace sobremesa::session {

/// A flight that is watched: rows as they come, the live answer once a second of the vehicle's clock (at most ten
/// times a second of ours), and what is to be said.
class WatchSession : public QObject {
    Q_OBJECT
public:
    struct Options {
        std::optional<geodesy::Position> home;
        watch::CalloutRules rules;
        /// Of the current sensor; empty: not calibrated.
        std::optional<watch::KnownCurrentScale> current_scale;
    };

    explicit WatchSession(QObject* parent = nullptr);
    ~WatchSession() override;

    /// Begins to watch; what was watched before is left.
    /// @error as the feed's
    units::Result<void> start(std::shared_ptr<const mission::Plan> plan, std::unique_ptr<link::Feed> feed,
                              const Options& options);
    units::Result<void> start(std::shared_ptr<const mission::Plan> plan, std::unique_ptr<link::Feed> feed) {
        return start(std::move(plan), std::move(feed), Options{});
    }
    /// Looks at what came last once more, and leaves. The log so far stays.
    void stop();
    /// Lets go of the last flight as well.
    void forget();
    bool is_watching() const { return feed_ != nullptr; }

    const mission::Plan* plan() const { return plan_.get(); }
    std::shared_ptr<const mission::Plan> shared_plan() const { return plan_; }
    link::Feed* feed() { return feed_.get(); }
    const watch::LiveAnswer& answer() const { return answer_; }
    const watch::LiveFlight& flight() const { return *flight_; }
    bool has_flight() const { return flight_ != nullptr; }
    const std::vector<watch::Callout>& said() const { return said_; }
    watch::CalloutRules& rules();
    /// The flight so far on the homeward chart: remaining, and the energy to get home as it was at each moment;
    /// empty where there are fewer than two points.
    std::shared_ptr<const debrief::FlownHomeward> flown() const;
    /// How far it may still fly on each bearing and come home with the reserve, from where it was answered last;
    /// empty where that is not known.
    std::vector<geodesy::EastNorth> reach_from_here() const;
    /// What came, as a reader of its recording gives it.
    telemetry::FlightLog finished_log() const { return finished_; }

signals:
    /// A new answer.
    void answered();
    void calloutMade(const sobremesa::watch::Callout& callout);
    void troubled(const sobremesa::units::Error& error);
    void connectedChanged(bool connected);
    /// The feed has no more to give (the end of a replay, of a practice flight).
    void ended();
    void stopped();

private:
    void look();
    void work_out(const link::Rows& rows);
    void keep_point();
    void make_known(const std::vector<watch::Callout>& callouts);

    std::shared_ptr<const mission::Plan> plan_;
    std::unique_ptr<link::Feed> feed_;
    Options options_;
    std::unique_ptr<watch::LiveFlight> flight_;
    std::unique_ptr<watch::LiveSolver> solver_;
    std::unique_ptr<watch::Callouts> callouts_;
    watch::LiveAnswer answer_;
    std::vector<watch::Callout> said_;
    std::vector<debrief::FlownPoint> points_;
    telemetry::FlightLog finished_;
    QTimer timer_;
    QElapsedTimer since_answer_;
    double answered_at_s_ = -1e18;
    std::size_t answered_rows_ = 0;
    int generation_ = 0;
    int flight_number_ = 0;
    watch::FlightState state_before_loss_ = watch::FlightState::waiting;
};

} // namespace sobremesa::session
