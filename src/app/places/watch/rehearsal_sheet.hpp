#pragma once

#include "app/widgets/popover.hpp"
#include "practice/plan_scenario.hpp"

namespace sobremesa::app {

class ChoiceBox;
class NumberField;

/// On which day a plan is rehearsed, and how fast.
class RehearsalSheet : public Popover {
    Q_OBJECT
public:
    explicit RehearsalSheet(QWidget* parent);

signals:
    void chosen(const sobremesa::practice::PracticeDay& day, double speed);
};

} // namespace sobremesa::app
