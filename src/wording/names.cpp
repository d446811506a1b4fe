#include "wording/names.hpp"

#include <QCoreApplication>

#include "wording/turn_rule_names.hpp"

namespace sobremesa::wording {

namespace {
struct NamesWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Names)
};
} // namespace

QString name(battery::Chemistry chemistry) {
    switch (chemistry) {
    case battery::Chemistry::lipo: return NamesWords::tr("LiPo");
    case battery::Chemistry::lipo_hv: return NamesWords::tr("LiPo HV");
    case battery::Chemistry::li_ion: break;
    }
    return NamesWords::tr("Li-ion");
}

QStringList chemistry_names() {
    QStringList names;
    for (const battery::Chemistry chemistry : battery::all_chemistries) names << name(chemistry);
    return names;
}

QString name(battery::Construction construction) {
    return construction == battery::Construction::high_capacity ? NamesWords::tr("high-capacity")
                                                                : NamesWords::tr("high-drain");
}

QString cell_volts(double volts) {
    return written(volts, 0.0, {1.0, NamesWords::tr("V/cell"), 2});
}

QString name(const battery::LandingRule& rule) {
    using battery::LandingPractice;
    const QString volts = cell_volts(rule.cell_v);
    switch (rule.practice) {
    case LandingPractice::long_life: return NamesWords::tr("for a long life, %1 at rest").arg(volts);
    case LandingPractice::careful: return NamesWords::tr("conservative, %1 under load").arg(volts);
    case LandingPractice::usual: return NamesWords::tr("usual, %1 in cruise").arg(volts);
    case LandingPractice::edge: return NamesWords::tr("at the limit, %1 under load").arg(volts);
    case LandingPractice::floor: return NamesWords::tr("the floor, %1").arg(volts);
    case LandingPractice::alarm_left: return NamesWords::tr("a typical alarm setting, %1").arg(volts);
    case LandingPractice::emergency: break;
    }
    return NamesWords::tr("emergency only, %1").arg(volts);
}

QString name(airframe::Craft craft) {
    return craft == airframe::Craft::wing ? NamesWords::tr("wing") : NamesWords::tr("multirotor");
}

QString name(telemetry::SetAsideReason reason) {
    using telemetry::SetAsideReason;
    switch (reason) {
    case SetAsideReason::bad_row: return NamesWords::tr("number of cells differs from the header");
    case SetAsideReason::bad_number: return NamesWords::tr("text instead of a number");
    case SetAsideReason::cut_last_row: return NamesWords::tr("the file ends in the middle of a row");
    case SetAsideReason::repeated_header: return NamesWords::tr("repeated header");
    case SetAsideReason::no_time: return NamesWords::tr("no time");
    case SetAsideReason::backward_time: return NamesWords::tr("time stands still or runs backwards");
    case SetAsideReason::clock_glitch: return NamesWords::tr("clock ran ahead for a moment");
    case SetAsideReason::no_fix: return NamesWords::tr("no satellite fix (position only)");
    case SetAsideReason::position_jump:
        return NamesWords::tr("position jumps beyond a credible speed (position only)");
    case SetAsideReason::impossible_position: return NamesWords::tr("position not on earth (position only)");
    case SetAsideReason::impossible_value: return NamesWords::tr("impossible voltage or current");
    case SetAsideReason::other_flight: return NamesWords::tr("another flight in the same file");
    case SetAsideReason::few_satellites: return NamesWords::tr("too few satellites for a fix (position only)");
    case SetAsideReason::stuck_sensor: return NamesWords::tr("frozen reading (that reading only)");
    case SetAsideReason::saturated_sensor: return NamesWords::tr("saturated current sensor (still used)");
    case SetAsideReason::counter_reset: return NamesWords::tr("charge counter restarted (bridged)");
    case SetAsideReason::heights_disagree: return NamesWords::tr("barometer and GPS height apart (still used)");
    }
    return {};
}

QString name(telemetry::SegmentKind kind) {
    using telemetry::SegmentKind;
    switch (kind) {
    case SegmentKind::ground: return NamesWords::tr("on the ground");
    case SegmentKind::launch: return NamesWords::tr("launch");
    case SegmentKind::climb: return NamesWords::tr("climb");
    case SegmentKind::level: return NamesWords::tr("level");
    case SegmentKind::glide: return NamesWords::tr("glide");
    case SegmentKind::descent: return NamesWords::tr("descent");
    case SegmentKind::loiter: return NamesWords::tr("loiter");
    case SegmentKind::landing: break;
    }
    return NamesWords::tr("landing");
}

QString name(battery::RemainingMethod method) {
    switch (method) {
    case battery::RemainingMethod::counted: return NamesWords::tr("by the charge used");
    case battery::RemainingMethod::rested: return NamesWords::tr("by resting voltage");
    case battery::RemainingMethod::recharged: break;
    }
    return NamesWords::tr("by recharge");
}

QString name(const mission::Reserve& reserve, const Quantities& quantities) {
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&reserve)) return quantities.share(share->share);
    if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve)) {
        return NamesWords::tr("%1 over home").arg(written(loiter->minutes, 0.0, {1.0, NamesWords::tr("min"), 0}));
    }
    const double factor = std::get<mission::FactorOnReturn>(reserve).factor;
    return NamesWords::tr("%1 × the return leg").arg(written(factor, 0.0, {1.0, {}, 1}));
}

QString name(mission::TurnRule turn_rule, const mission::PlanRequest& request, const Quantities& quantities) {
    using mission::TurnRule;
    switch (turn_rule) {
    case TurnRule::energy_home:
        return NamesWords::tr("enough to get home + %1").arg(name(request.reserve, quantities));
    case TurnRule::share_left: return NamesWords::tr("%1 remaining").arg(quantities.share(request.turn.share_left));
    case TurnRule::eighty_percent: return NamesWords::tr("80 % rule: half of it used");
    case TurnRule::charge_count:
        if (request.turn.landing_charge_ah) {
            return NamesWords::tr("half of %1 used").arg(quantities.charge(*request.turn.landing_charge_ah));
        }
        return NamesWords::tr("half the usable charge");
    case TurnRule::voltage:
        return NamesWords::tr("voltage at half, landing at %1")
            .arg(written(mission::landing_cell_v(request), 0.0, {1.0, NamesWords::tr("V"), 1}));
    case TurnRule::chance: return NamesWords::tr("chance of getting home");
    }
    return {};
}

QString rule_in_sentence(mission::TurnRule turn_rule) {
    using mission::TurnRule;
    switch (turn_rule) {
    case TurnRule::share_left: return NamesWords::tr("the share rule");
    case TurnRule::eighty_percent: return NamesWords::tr("the 80 % rule");
    case TurnRule::charge_count: return NamesWords::tr("the charge rule");
    case TurnRule::voltage: return NamesWords::tr("the voltage rule");
    case TurnRule::chance: return NamesWords::tr("the chance rule");
    case TurnRule::energy_home: break;
    }
    return NamesWords::tr("the energy rule");
}

QString build(const battery::Pack& pack) {
    return NamesWords::tr("%1S%2P %3 %4")
        .arg(pack.series)
        .arg(pack.parallel)
        .arg(name(pack.chemistry), written(battery::rated_charge_ah(pack), 0.0, {1.0, NamesWords::tr("Ah"), 1}));
}

QString title(const battery::Pack& pack) {
    return pack.name.empty() ? build(pack) : QString::fromStdString(pack.name);
}

QString title(const airframe::Aircraft& aircraft) {
    if (!aircraft.name.empty()) return QString::fromStdString(aircraft.name);
    return aircraft.craft == airframe::Craft::wing ? NamesWords::tr("A wing") : NamesWords::tr("A multirotor");
}

QString file_title(const std::string& path) {
    return QString::fromStdString(path.substr(path.find_last_of('/') + 1));
}

} // namespace sobremesa::wording
