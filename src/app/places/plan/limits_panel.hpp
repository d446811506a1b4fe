#pragma once

#include <QWidget>

#include "core/mission/limits.hpp"
#include "session/plan_session.hpp"

class QVBoxLayout;

namespace sobremesa::app {

class SensitivityBars;
class TextLabel;

/// Go or no-go with its reasons, the landing places within reach, and what moves the turn most.
class LimitsPanel : public QWidget {
    Q_OBJECT
public:
    explicit LimitsPanel(QWidget* parent = nullptr);
    /// Go or no-go: on its own at the top, where it is seen first.
    TextLabel* goLabel() { return go_; }
    void setOutlook(std::shared_ptr<const session::PlanOutlook> outlook);
    /// At the width that it has, which is its column's: at another one all texts would be laid out once more.
    QSize sizeHint() const override;

private:
    void showAll();
    /// Line of a limit that is broken or near, by its place among them; made where there is none.
    TextLabel* lineAt(int at);
    void hideLinesFrom(int at);

    std::shared_ptr<const session::PlanOutlook> outlook_;
    TextLabel* go_;
    QVBoxLayout* lines_;
    class EditableWord* rest_;
    TextLabel* reach_;
    TextLabel* places_;
    TextLabel* moves_heading_;
    SensitivityBars* moves_;
};

} // namespace sobremesa::app
