#pragma once

#include <optional>

#include <QWidget>

#include "core/mission/plan_request.hpp"
#include "session/plan_session.hpp"
#include "session/workspace.hpp"

class QVBoxLayout;

namespace sobremesa::app {

class FieldForm;
class HomewardChart;
class ScrollColumn;
class TextLabel;

/// Plan with nothing in it: what belongs here, the few figures that a first plan takes, and beside them, from the
/// first moment, what they come to.
class FirstPlanPage : public QWidget {
    Q_OBJECT
public:
    explicit FirstPlanPage(session::Workspace& workspace, QWidget* parent = nullptr);
    /// The library has changed: what stands in it is taken.
    void refresh();
    /// What the figures come to so far.
    const session::PlanSession& preview() const { return preview_; }

signals:
    void openWanted();
    void demoWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void make();
    void rebuild();
    /// Amps that were typed are those of the pack that is typed after them: the watts follow it.
    void keepAmps(const QString& path, const QString& text);
    QWidget* makeAnswer();
    void showAnswer();
    /// As many columns as there is room for.
    void arrange();
    /// Tab goes through the fields as they are read, then to the buttons.
    void orderTabs();

    session::Workspace& workspace_;
    session::PlanSession preview_;
    QWidget* forms_;
    ScrollColumn* scroll_ = nullptr;
    std::vector<FieldForm*> made_;
    std::vector<QWidget*> groups_;
    std::vector<QWidget*> buttons_;
    QWidget* answer_ = nullptr;
    TextLabel* sentence_ = nullptr;
    HomewardChart* chart_ = nullptr;
    QVBoxLayout* warnings_ = nullptr;
    /// The cruise as it was typed last, where that was in amps.
    std::optional<double> typed_a_;
};

} // namespace sobremesa::app
