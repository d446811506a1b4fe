#include "app/places/fleet/flown_with.hpp"

namespace sobremesa::app {

std::optional<FlownWith> flown_with(const session::LearningSession& learning, const session::PlanSession& plan) {
    const auto observations = learning.observations();
    if (!observations || !observations->aircraft_id) return std::nullopt;
    FlownWith with;
    with.aircraft = observations->aircraft;
    with.learned = observations->aircraft.curve.has_value();
    with.curve = with.learned ? *observations->aircraft.curve : observations->fit.curve;
    with.aircraft.curve.reset();
    const auto& request = plan.request();
    with.as = matching::flown_as(request);
    const auto outcome = matching::outcome_of(with.aircraft, with.curve, with.as);
    if (!outcome) return std::nullopt;
    with.question = matching::speed_question(with.as, *outcome);
    return with;
}

} // namespace sobremesa::app
