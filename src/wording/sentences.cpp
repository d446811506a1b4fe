#include "wording/sentences.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>
#include <QStringList>

#include "core/mission/chance.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::wording {

namespace {

struct SentencesWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Sentences)
};

using units::DiagnosticCode;
using units::Quantity;

/// Of a change.
QString signed_text(double value, const Notation& notation) {
    const QString text = written(value, 0.0, notation.ofDifference());
    return value >= 0.0 ? QLatin1Char('+') + text : text;
}

/// Why there is no turn: the diagnostic that says so.
QString no_turn(const mission::Plan& plan, const Quantities& quantities) {
    for (const auto& diagnostic : plan.diagnostics) {
        switch (diagnostic.code) {
        case DiagnosticCode::no_solution_out:
        case DiagnosticCode::no_solution_home:
        case DiagnosticCode::energy_short_for_climb:
        case DiagnosticCode::descent_above_airspeed:
        case DiagnosticCode::climb_not_possible:
        case DiagnosticCode::power_not_available: return message(diagnostic, quantities);
        default: break;
        }
    }
    return SentencesWords::tr("This pack cannot fly out and back with the reserve intact: there is no turn point. "
                              "Less reserve, less height or a bigger pack gives one.");
}

/// What is used at the turn, in the pilot's leading quantity. On-screen counters count mAh: it is never left out.
QString used_at_turn(const mission::Plan& plan, const Quantities& q) {
    QString charge = q.charge(plan.turn->charge_used_ah.value);
    if (q.choice().lead == UnitChoice::Lead::charge) return charge;
    return SentencesWords::tr("%1 (%2)", "energy, charge").arg(q.energy(plan.turn->energy_used_wh.value), charge);
}

/// A mission that ends by itself, or stays over a place.
QString mission_sentence(const mission::Plan& plan, const Quantities& q) {
    const QString charge = used_at_turn(plan, q);
    const QString time = q.duration(plan.flight->duration_s.value);
    const QString left = q.energy(plan.flight->landing_energy_left_wh.value);
    const double above_wh = plan.flight->landing_energy_left_wh.value -
                            mission::outward_at(plan, plan.turn->distance_m.value).reserve_wh;
    if (plan.whole && !mission::comes_home(plan.request.mission.kind)) {
        return SentencesWords::tr(
                   "The whole route is flown: <b>%1</b> in <b>%2</b>, landing there with <b>%3</b> remaining.")
            .arg(q.distance(plan.flight->ground_m), time, left);
    }
    const auto kind = plan.request.mission.kind;
    if (plan.whole && mission::goes_straight_out(kind)) {
        return SentencesWords::tr("Turn for home at <b>%1</b>, the farthest you allow: home after <b>%2</b> with "
                                  "<b>%3</b> remaining, <b>%4</b> more than the reserve.")
            .arg(q.distance(plan.turn->distance_m.value), time, left, q.energy(above_wh));
    }
    if (plan.whole) {
        return SentencesWords::tr("The whole route is flown: <b>%1</b> in <b>%2</b>, home with <b>%3</b> "
                                  "remaining, <b>%4</b> more than the reserve.")
            .arg(q.distance(plan.flight->ground_m), time, left, q.energy(above_wh));
    }
    const QString until = q.duration(plan.turn->time_s.value);
    if (plan.station && geodesy::distance_m(plan.station->at, {}) > 1.0) {
        return SentencesWords::tr(
                   "There after <b>%1</b>, and <b>%2</b> on station: leave at <b>%3</b> of flight or <b>%4</b> "
                   "used, whichever comes first. Home after <b>%5</b> with <b>%6</b> remaining.")
            .arg(q.duration(plan.station->arrival_s), q.duration(plan.station->time_s.value), until, charge, time,
                 left);
    }
    // Over home also where it is not as high yet as it is to stay.
    if (mission::stays(plan.request) && (plan.station || kind == mission::MissionKind::endurance)) {
        return SentencesWords::tr("In the air for <b>%1</b>: start the descent at <b>%2</b> of flight or <b>%3</b> "
                                  "used, whichever comes first, and land with <b>%4</b> remaining.")
            .arg(time, until, charge, left);
    }
    return SentencesWords::tr("Turn for home at <b>%1</b> along the route or <b>%2</b> used: the destination is "
                              "out of reach. Home after <b>%3</b> with <b>%4</b> remaining.")
        .arg(q.distance(plan.turn->distance_m.value), charge, time, left);
}

/// Likelihoods as soon as they are known.
QString likely(const mission::Plan& plan) {
    if (!plan.chance) return {};
    return SentencesWords::tr("Likely to get home: <b>%1</b>; reserve intact on <b>%2</b> of days like this.")
        .arg(chance_text(plan.chance->home.value), chance_text(plan.chance->reserve_intact.value));
}

QString joined(const QString& first, const QString& second) {
    return second.isEmpty() ? first : SentencesWords::tr("%1 %2", "two sentences").arg(first, second);
}

} // namespace

QString chance_text(double chance) {
    constexpr double surely = 0.995;
    if (chance > surely) return SentencesWords::tr("more than 99\u202f%");
    if (chance < 1.0 - surely) return SentencesWords::tr("less than 1\u202f%");
    return SentencesWords::tr("%1\u202f%", "a likelihood").arg(std::lround(100.0 * chance));
}

QString plan_sentence(const mission::Plan& plan, const Quantities& q) {
    if (!plan.turn || !plan.flight) return no_turn(plan, q);
    const auto& turn = *plan.turn;
    // The same digits as the table and the chart: a place and a count to turn at, with their error beside them.
    const QString distance = q.distance(turn.distance_m.value);
    const QString charge = used_at_turn(plan, q);
    const QString time = q.duration(plan.flight->duration_s.value);
    const QString left = q.energy(plan.flight->landing_energy_left_wh.value);
    if (plan.flight->landing_energy_left_wh.value < 0.0) {
        return SentencesWords::tr("Turning at <b>%1</b> does not get home: the pack is short by <b>%2</b>. Let the "
                                  "rule “enough to get home” count.")
            .arg(distance, q.energy(-plan.flight->landing_energy_left_wh.value));
    }
    if (plan.whole || plan.station || mission::stays(plan.request))
        return joined(mission_sentence(plan, q), likely(plan));
    const QString first = SentencesWords::tr("Turn for home at <b>%1</b> or <b>%2</b> used, whichever comes first.")
                              .arg(distance, charge);
    // The plan's own flight meets the worst credible wind on its return; most days are kinder.
    const bool worst = plan.request.weather.home_wind_factor != 1.0;
    const QString reckoned =
        worst ? SentencesWords::tr("In the worst credible wind: home after <b>%1</b> with <b>%2</b> remaining.")
              : SentencesWords::tr("In the forecast wind: home after <b>%1</b> with <b>%2</b> remaining.");
    return joined(joined(first, likely(plan)), reckoned.arg(time, left));
}

QString debrief_sentence(const telemetry::LogSummary& s, const std::optional<telemetry::LeftByCharge>& left,
                         const Quantities& q) {
    const QString time = q.duration(s.duration_s);
    const auto charge = telemetry::charge_used_ah(s);
    QString flown;
    if (s.distance.ground_m) {
        const QString way = q.text(Quantity::ground_distance, *s.distance.ground_m);
        const QString used = s.energy.energy_wh ? q.text(Quantity::used_energy, *s.energy.energy_wh)
                             : charge           ? q.text(Quantity::integrated_charge, *charge)
                                                : QString();
        // Without positions nobody knows how far from home it was.
        const QString farthest = s.distance.farthest_from_home_m
                                     ? q.text(Quantity::farthest_from_home, *s.distance.farthest_from_home_m)
                                     : QString();
        if (used.isEmpty()) {
            flown = farthest.isEmpty() ? SentencesWords::tr("<b>%1</b> in <b>%2</b>.").arg(way, time)
                                       : SentencesWords::tr("<b>%1</b> in <b>%2</b>, at most <b>%3</b> from home.")
                                             .arg(way, time, farthest);
        } else {
            flown = farthest.isEmpty()
                        ? SentencesWords::tr("<b>%1</b> in <b>%2</b> on <b>%3</b>.").arg(way, time, used)
                        : SentencesWords::tr("<b>%1</b> in <b>%2</b> on <b>%3</b>, at most <b>%4</b> from home.")
                              .arg(way, time, used, farthest);
        }
    } else if (s.energy.energy_wh || charge) {
        flown = SentencesWords::tr("<b>%1</b> on <b>%2</b>.")
                    .arg(time, s.energy.energy_wh ? q.text(Quantity::used_energy, *s.energy.energy_wh)
                                                  : q.text(Quantity::integrated_charge, *charge));
    } else {
        flown = SentencesWords::tr("<b>%1</b> recorded, without position and current.").arg(time);
    }
    if (!left) return flown;
    if (left->charge_ah.value < 0.0) {
        return SentencesWords::tr(
                   "%1 More was counted than this pack should hold: <b>%2</b> more. Is it the right pack?",
                   "flown sentence, then left")
            .arg(flown, q.charge(-left->charge_ah.value, left->charge_ah.sd));
    }
    // The sun has put back what was taken.
    if (left->share.value >= 1.0) {
        return SentencesWords::tr("%1 By the charge used the pack ended as full as it began.",
                                  "flown sentence, then left")
            .arg(flown);
    }
    return SentencesWords::tr("%1 By the charge used <b>%2</b> remained, <b>%3</b> of the usable charge.",
                              "flown sentence, then left")
        .arg(flown, q.text(Quantity::left_charge, left->charge_ah), q.text(Quantity::left_share, left->share));
}

QString without_markup(QString sentence) {
    return sentence.remove(QStringLiteral("<b>")).remove(QStringLiteral("</b>"));
}

QString what_changed(const mission::Plan& before, const mission::Plan& after, const Quantities& q) {
    if (!before.turn || !after.turn) return {};
    const double change_m = after.turn->distance_m.value - before.turn->distance_m.value;
    const Notation distance = q.notation(Quantity::turn_distance);
    constexpr double noticed_m = 50.0;
    if (std::abs(change_m) < noticed_m) return {};

    QStringList causes;
    const auto& a = before.request;
    const auto& b = after.request;
    const auto compare = [&](Quantity quantity, double from, double to) {
        if (std::abs(to - from) < 1e-9) return;
        causes << SentencesWords::tr("%1 %2", "quantity, change")
                      .arg(name(quantity), signed_text(to - from, q.notation(quantity)));
    };
    const auto wind_a = mission::spoken_wind(a);
    const auto wind_b = mission::spoken_wind(b);
    compare(Quantity::wind_speed, wind_a.speed_mps, wind_b.speed_mps);
    compare(Quantity::wind_from, 0.0, units::signed_turn_degrees(wind_a.from_deg, wind_b.from_deg));
    compare(Quantity::bearing, 0.0, units::signed_turn_degrees(a.mission.bearing_deg, b.mission.bearing_deg));
    compare(Quantity::height, a.mission.height_m, b.mission.height_m);
    compare(Quantity::temperature, a.weather.temperature_c, b.weather.temperature_c);
    compare(Quantity::landing_cell_voltage, mission::landing_cell_v(a), mission::landing_cell_v(b));
    const auto* share_a = std::get_if<mission::ShareOfUsable>(&a.reserve);
    const auto* share_b = std::get_if<mission::ShareOfUsable>(&b.reserve);
    if (share_a && share_b) compare(Quantity::reserve_share, share_a->share, share_b->share);
    QString moved = SentencesWords::tr("turn %1").arg(signed_text(change_m, distance));
    if (causes.isEmpty() || causes.size() > 3) return moved;
    return SentencesWords::tr("%1: %2", "what moved, because of what")
        .arg(moved, causes.join(QStringLiteral(", ")));
}

QString sensitivity(const units::Sensitivity& s, Quantity of, const Quantities& q) {
    const QString change = signed_text(s.change, q.notation(of));
    const Notation step = s.relative ? Notation{100.0, SentencesWords::tr("%"), 0} : q.notation(s.input);
    return SentencesWords::tr("%1 %2 → %3", "input, its step, the change it makes")
        .arg(name(s.input), signed_text(s.step, step), change);
}

QString what_moves_it(const mission::Plan& plan, const Quantities& q) {
    constexpr std::size_t shown = 3;
    QStringList parts;
    for (std::size_t i = 0; i < std::min(shown, plan.turn_sensitivities.size()); ++i) {
        parts << sensitivity(plan.turn_sensitivities[i], mission::turn_is_felt_in(plan.request), q);
    }
    if (parts.isEmpty()) return {};
    return SentencesWords::tr("What moves it most: %1").arg(parts.join(QStringLiteral("  ·  ")));
}

QString flown_sentence(const debrief::FlownHomeward& flown, const Quantities& q) {
    const double margin = flown.least_margin_wh();
    const QString when = q.duration(flown.least.time_s);
    const QString where = q.distance(flown.least.from_home_m);
    if (margin < 0.0) {
        return SentencesWords::tr(
                   "flown over the forecast: short by %1 of the return leg and its reserve after %2, at %3")
            .arg(q.energy(-margin), when, where);
    }
    return SentencesWords::tr("flown over the forecast: minimum margin %1, after %2 at %3")
        .arg(q.energy(margin), when, where);
}

QString homeward_summary(const mission::Plan& plan, const Quantities& q) {
    if (!plan.turn) return SentencesWords::tr("Homeward chart without a turn: %1").arg(no_turn(plan, q));
    const auto at = mission::outward_at(plan, plan.turn->distance_m.value);
    return SentencesWords::tr("Homeward chart. Remaining energy falls from %1 at launch to %2 at %3; the energy "
                              "needed to get home rises to %4 there, including the reserve of %5.")
        .arg(q.energy(plan.usable_energy_wh.value), q.energy(at.left_wh), q.distance(at.distance_m),
             q.energy(at.needed_wh), q.energy(at.reserve_wh));
}

QString map_summary(const mission::Plan& plan, const Quantities& q) {
    const auto& r = plan.request;
    const auto wind = mission::spoken_wind(r);
    if (!plan.turn) {
        return SentencesWords::tr("Map: home, wind from %1 at %2, and no turn.")
            .arg(q.direction(wind.from_deg), written(wind.speed_mps, 0.0, q.notation(Quantity::wind_speed)));
    }
    return SentencesWords::tr("Map: outbound from home on %1 to the turn at %2; wind from %3 at %4.")
        .arg(q.direction(r.mission.bearing_deg), q.distance(plan.turn->distance_m.value),
             q.direction(wind.from_deg), written(wind.speed_mps, 0.0, q.notation(Quantity::wind_speed)));
}

QString bench_sentence(const battery::Pack& pack, const battery::BenchLoad& load,
                       const battery::BenchResult& result, const Quantities& quantities) {
    const bool power = load.load.kind == battery::LoadPhase::Kind::power;
    const QString at = power ? written(load.load.value, 0.0, quantities.notation(units::Quantity::cruise_power))
                             : written(load.load.value, 0.0, quantities.notation(units::Quantity::cruise_current));
    if (result.run.gives_nothing())
        return SentencesWords::tr("%1 delivers nothing at %2 down to %3.")
            .arg(title(pack), at, cell_volts(result.landing_cell_v));
    const auto& end = result.run.last();
    return SentencesWords::tr("%1 delivers <b>%2</b> or <b>%3</b> at %4, down to %5: <b>%6</b>.")
        .arg(title(pack).toHtmlEscaped(), quantities.charge(end.charge_used_ah), quantities.energy(end.energy_wh),
             at, cell_volts(result.landing_cell_v), quantities.duration(end.time_s));
}

QString cautions() {
    return SentencesWords::tr(
        "An estimate; you decide. Local rules come first: line of sight, height, airspace, people, "
        "registration. Set and test the failsafe return before a long flight, range-check the link, and be "
        "over land near home before the pack is low.");
}

} // namespace sobremesa::wording
