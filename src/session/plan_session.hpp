#pragma once

#include <memory>
#include <optional>

#include <QObject>
#include <QString>

#include "core/mission/plan.hpp"
#include "session/latest_job.hpp"

namespace sobremesa::session {

/// The plan on the table: a request, and the immutable plan worked out from it off the UI thread.
///
/// While requests come faster than plans, the newest wins; `plan()` always belongs to some request that was set,
/// and `is_settled()` says whether to the newest.
class PlanSession : public QObject {
    Q_OBJECT
public:
    explicit PlanSession(QObject* parent = nullptr);

    const mission::PlanRequest& request() const { return request_; }
    /// Checks and takes a request; an impossible one changes nothing and is returned as what is wrong.
    std::optional<units::Error> setRequest(const mission::PlanRequest& request);

    std::shared_ptr<const mission::Plan> plan() const { return plan_; }
    /// Counts the documents opened; that of the present plan. Plans of different documents are no edits of each
    /// other.
    int planDocument() const { return plan_document_; }
    bool is_settled() const { return !job_.is_running(); }

    /// @return notices of the document
    units::Result<std::vector<units::Notice>> open(const QString& path);
    units::Result<bool> save(const QString& path);
    const QString& path() const { return path_; }

signals:
    void requestChanged();
    void planChanged();
    void refused(const units::Error& error);

private:
    mission::PlanRequest request_;
    std::shared_ptr<const mission::Plan> plan_;
    QString path_;
    int document_ = 0;
    int plan_document_ = 0;
    LatestJob job_;
};

/// A plan to begin with where there is none: an ordinary small wing, every value to be replaced by one's own.
mission::PlanRequest first_request();

} // namespace sobremesa::session
