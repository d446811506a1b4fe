#pragma once

#include <QWidget>

#include "core/mission/plan_request.hpp"
#include "session/desk.hpp"

namespace sobremesa::app {

class FieldForm;

/// Plan with nothing in it: what belongs here, and the few figures that a first plan takes.
class FirstPlanPage : public QWidget {
    Q_OBJECT
public:
    explicit FirstPlanPage(session::Desk& desk, QWidget* parent = nullptr);
    /// The shelves have changed: what stands on them is taken.
    void refresh();

signals:
    void openWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void make();
    void rebuild();
    /// As many columns as there is room for.
    void arrange();

    session::Desk& desk_;
    mission::PlanRequest request_;
    QWidget* forms_;
    std::vector<FieldForm*> made_;
    std::vector<QWidget*> groups_;
};

} // namespace sobremesa::app
