#pragma once

#include "app/widgets/popover.hpp"
#include "core/mission/plan.hpp"

namespace sobremesa::app {

/// What to enter for this pack and this plan, and where to turn unless enough is left.
class AlarmsSheet : public Popover {
    Q_OBJECT
public:
    AlarmsSheet(const mission::Plan& plan, QWidget* parent);
};

} // namespace sobremesa::app
