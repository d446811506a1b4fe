#pragma once

#include "app/widgets/mass_bar.hpp"
#include "core/matching/what_if.hpp"
#include "session/learning_session.hpp"
#include "session/plan_session.hpp"

namespace sobremesa::app {

/// What the pages of Fleet are worked out for: the aircraft with its curve, and pack and air of the plan on the
/// table.
struct FlownWith {
    airframe::Aircraft aircraft;
    airframe::PowerCurve curve;
    /// The curve is what the aircraft carries now; else it is what its flights would make of it.
    bool learned = false;
    matching::FlownAs as;
    airframe::SpeedQuestion question;
};

/// What an aircraft flies with: the frame, parts whose masses are known, and the pack last.
std::vector<MassBar::Part> masses_with_pack(const airframe::Aircraft& aircraft, double pack_mass_kg);

/// @return nothing while no aircraft is chosen, or its flights are still being read
std::optional<FlownWith> flown_with(const session::LearningSession& learning, const session::PlanSession& plan);

} // namespace sobremesa::app
