#pragma once

#include <memory>
#include <optional>

#include <QObject>

#include "core/matching/sun_day.hpp"
#include "session/latest_job.hpp"
#include "session/plan_session.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// A day of sun for the aircraft that is chosen in Fleet, with pack, air and height of the open plan: worked out
/// off the UI thread whenever one of them changes.
class SunSession : public QObject {
    Q_OBJECT
public:
    SunSession(Workspace& workspace, PlanSession& plan, QObject* parent = nullptr);

    void choose(std::optional<Id> aircraft);
    std::optional<Id> chosen() const { return chosen_; }
    /// Day, place, cloud and start that are asked about. A place that was never set is the plan's home.
    void ask(const matching::SunQuestion& question);
    const matching::SunQuestion& question() const { return question_; }
    void setPlace(std::optional<geodesy::Position> place);
    /// The place that is asked about: the one that was set, or the plan's home.
    std::optional<geodesy::Position> place() const;

    /// What is asked, at that place and through its own day; nothing without a place.
    std::optional<matching::SunQuestion> questionThere() const;

    /// The plan's request, flown by the chosen aircraft. Nothing while none is chosen.
    std::optional<mission::PlanRequest> request() const;
    /// Takes an edit of array or converter into the fleet.
    std::optional<units::Error> setRequest(const mission::PlanRequest& request);

    std::shared_ptr<const matching::SunDayReport> report() const { return report_; }
    /// Why there is none.
    const std::optional<units::Error>& error() const { return error_; }
    bool is_settled() const { return !job_.is_running(); }

signals:
    void changed();

private:
    void workOut();

    Workspace& workspace_;
    PlanSession& plan_;
    std::optional<Id> chosen_;
    matching::SunQuestion question_;
    std::optional<geodesy::Position> place_;
    std::shared_ptr<const matching::SunDayReport> report_;
    std::optional<units::Error> error_;
    LatestJob job_;
};

} // namespace sobremesa::session
