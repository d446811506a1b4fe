#pragma once

#include <memory>
#include <optional>

#include <QObject>
#include <QString>
#include <QTimer>

#include "core/geodesy/relief.hpp"
#include "core/matching/sun_day.hpp"
#include "core/mission/bail_out.hpp"
#include "core/mission/chance.hpp"
#include "core/mission/limits.hpp"
#include "core/mission/reach.hpp"
#include "session/latest_job.hpp"

namespace sobremesa::session {

/// What takes a little longer than the plan itself, worked out after it.
struct PlanOutlook {
    std::shared_ptr<const mission::Plan> plan;
    std::shared_ptr<const geodesy::Relief> relief; ///< without terrain: none
    const geodesy::Terrain* relief_of = nullptr;   ///< only to be compared
    mission::Reach reach;
    mission::LimitsReport limits;
    /// Parts of the outbound leg from which each landing place can be reached, home first.
    std::vector<mission::BailOutReach> landing_places;
    /// Of a plan that flies on the sun.
    std::optional<matching::SunDayReport> sun;
};

/// The plan on the table: a request, and the immutable plan worked out from it off the UI thread.
///
/// While requests come faster than plans, the newest wins; `plan()` always belongs to some request that was set,
/// and `is_settled()` says whether to the newest.
class PlanSession : public QObject {
    Q_OBJECT
public:
    explicit PlanSession(QObject* parent = nullptr);
    /// Only the plan is wanted: no reach, no limits, no chance.
    void withoutOutlook() { looks_out_ = false; }

    const mission::PlanRequest& request() const { return request_; }
    /// Checks and takes a request; an impossible one changes nothing and is returned as what is wrong.
    std::optional<units::Error> setRequest(const mission::PlanRequest& request);

    std::shared_ptr<const mission::Plan> plan() const { return plan_; }
    /// The document that the present plan belongs to. Plans of different documents are no edits of each other.
    std::int64_t planDocument() const { return plan_document_; }
    bool is_settled() const { return !job_.is_running(); }
    /// Limits, reach and, in its plan, the chance. Its limits are always those of `plan()`; their cures, the reach,
    /// the landing places and the relief may lag behind it, and never belong to another document.
    std::shared_ptr<const PlanOutlook> outlook() const { return outlook_; }
    bool outlook_is_settled() const {
        return is_settled() && !soon_.isActive() && !outlook_job_.is_running() && !chance_job_.is_running();
    }

    /// Shows another state of a document, as opening, undoing and a change in the library bring it about: no edit.
    void show(const mission::PlanRequest& request, std::int64_t document);
    /// No plan is open.
    void clear();
    /// Writes the request as a plan document.
    units::Result<bool> save(const QString& path);

signals:
    void requestChanged();
    /// By the pilot, through `setRequest`.
    void requestEdited(const mission::PlanRequest& before);
    void planChanged();
    /// Reach and limits came; then, a little later, the chance.
    void outlookChanged();
    /// The plan's elevation raster cannot be read; the plan goes on without it.
    void terrainRefused(const units::Error& error);
    void refused(const units::Error& error);

private:
    mission::PlanRequest request_;
    std::shared_ptr<const mission::Plan> plan_;
    void workOut();
    void lookOut();
    void drawChance();
    std::shared_ptr<const PlanOutlook> outlook_;
    /// Of `plan_`, before their cures were tried.
    mission::LimitsReport untried_;
    std::int64_t document_ = 0;
    std::int64_t plan_document_ = -1;
    /// Work begun before is of no interest any more once the table is cleared.
    int cleared_ = 0;
    /// Begins with the outlook once what came with the plan is painted: it takes every core.
    QTimer soon_;
    LatestJob job_;
    LatestJob outlook_job_;
    LatestJob chance_job_;
    /// The raster that trouble was told of, so that dragging does not tell it repeatedly.
    std::string told_terrain_;
    bool looks_out_ = true;
};

/// A plan to begin with where there is none: an ordinary small wing, every value to be replaced by one's own.
mission::PlanRequest first_request();

} // namespace sobremesa::session
