#pragma once

#include "app/fields/field_form.hpp"
#include "app/widgets/popover.hpp"
#include "session/plan_session.hpp"

namespace sobremesa::app {

/// Everything about a mission that the setting's sentence has no room for: the way, its places, the weather, what
/// else may end the flight.
class MissionSheet : public Popover {
    Q_OBJECT
public:
    MissionSheet(session::PlanSession& session, QWidget* parent);

signals:
    void importWanted();
    void exportWanted();
};

} // namespace sobremesa::app
