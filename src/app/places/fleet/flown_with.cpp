#include "app/places/fleet/flown_with.hpp"

#include <QCoreApplication>

namespace sobremesa::app {

namespace {

struct FlownWithWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::FlownWith)
};

} // namespace

std::vector<MassBar::Part> masses_with_pack(const airframe::Aircraft& aircraft, double pack_mass_kg) {
    std::vector<MassBar::Part> masses;
    const auto shares = airframe::mass_build_up(aircraft);
    masses.reserve(shares.size() + 1);
    for (const auto& share : shares) {
        const QString rest = shares.size() > 1 ? FlownWithWords::tr("frame") : FlownWithWords::tr("aircraft");
        masses.push_back({share.name.empty() ? rest : QString::fromStdString(share.name), share.mass_kg});
    }
    masses.push_back({FlownWithWords::tr("pack"), pack_mass_kg});
    return masses;
}

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
