#pragma once

#include <map>
#include <memory>
#include <optional>
#include <vector>

#include <QObject>

#include "core/battery/bench.hpp"
#include "core/matching/candidates.hpp"
#include "session/latest_job.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// One chosen pack under its cruise.
struct BenchCurve {
    std::size_t candidate = 0;
    battery::BenchLoad load;
    battery::BenchResult result;
    /// The same cells, on the basis of comparison.
    matching::ScaledMatch compared;
    /// Where more of these cells no longer go farther.
    std::optional<matching::ScaledMatch> best;
};

/// All packs of the list on the aircraft of the plan, and the chosen ones under load.
struct BenchShown {
    matching::Bench bench;
    matching::Basis basis = matching::Basis::as_they_are;
    std::vector<Id> ids; ///< of the candidates
    std::vector<matching::Candidate> candidates;
    std::vector<matching::Match> matches;
    std::vector<BenchCurve> curves;
    std::vector<units::Diagnostic> diagnostics;
};

/// The bench: which pack to fly, and what it does under load. Worked out off the UI thread whenever the list, the
/// plan's setting or the choice changes, as long as someone looks.
class BenchSession : public QObject {
    Q_OBJECT
public:
    BenchSession(Workspace& workspace, PlanSession& plan_session, QObject* parent = nullptr);

    /// Nothing is worked out while nobody looks.
    void setActive(bool active);
    /// One landing voltage for all, or each chemistry's usual one.
    void setLanding(std::optional<double> cell_v);
    std::optional<double> landing() const { return landing_cell_v_; }
    void setBasis(matching::Basis basis);
    /// The first is the one the figures are about; at most four are drawn.
    void setChosen(const std::vector<Id>& ids);
    const std::vector<Id>& chosen() const { return chosen_; }
    /// Every pack under its cruise, but none compared with the others.
    void setCurvesOfAll() { curves_of_all_ = true; }
    static constexpr std::size_t most_chosen = 4;

    std::shared_ptr<const BenchShown> shown() const { return shown_; }
    bool is_settled() const { return !job_.is_running(); }

signals:
    void changed();
    void refused(const units::Error& error);

private:
    void workOut();
    std::vector<matching::Candidate> candidates(const std::vector<Id>& ids);

    Workspace& workspace_;
    PlanSession& plan_session_;
    bool active_ = false;
    bool curves_of_all_ = false;
    std::optional<double> landing_cell_v_;
    matching::Basis basis_ = matching::Basis::as_they_are;
    std::vector<Id> chosen_;
    /// Circuits are made once for each pack as it stands.
    std::map<Id, matching::Candidate> made_;
    std::shared_ptr<const BenchShown> shown_;
    LatestJob job_;
};

} // namespace sobremesa::session
