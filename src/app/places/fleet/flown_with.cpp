#include "app/places/fleet/flown_with.hpp"

namespace sobremesa::app {

std::optional<FlownWith> flown_with(const session::LearningSession& learning, const session::PlanSession& plan) {
    const auto lessons = learning.lessons();
    if (!lessons || !lessons->aircraft_id) return std::nullopt;
    FlownWith with;
    with.aircraft = lessons->aircraft;
    with.learned = lessons->aircraft.curve.has_value();
    with.curve = with.learned ? *lessons->aircraft.curve : lessons->fit.curve;
    with.aircraft.curve.reset();
    const auto& request = plan.request();
    with.as = matching::flown_as(request);
    const auto outcome = matching::outcome_of(with.aircraft, with.curve, with.as);
    if (!outcome) return std::nullopt;
    with.question = matching::speed_question(with.as, *outcome);
    return with;
}

} // namespace sobremesa::app
