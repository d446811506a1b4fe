#include "wording/watch.hpp"

#include <cmath>

#include <QCoreApplication>
#include <QStringList>

#include "core/units/quantity.hpp"
#include "wording/names.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

namespace {

using watch::Callout;
using watch::CalloutKind;

struct WatchWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Watch)
};

QString strong(const QString& text) {
    return QStringLiteral("<b>%1</b>").arg(text);
}

QString pack_volts(double v) {
    return QStringLiteral("%1 V").arg(written(v, 0.0, {1.0, {}, 1}));
}

QString volts_per_cell(double v) {
    return QStringLiteral("%1 V").arg(written(v, 0.0, {1.0, {}, 2}));
}

QString whole_percent(double percent) {
    return QStringLiteral("%1 %").arg(std::lround(percent));
}

QString percent_sentence(const Callout& c) {
    const QString share = whole_percent(c.value);
    if (!std::isfinite(c.second))
        return c.variant == 1 ? WatchWords::tr("%1 remaining.").arg(share) : WatchWords::tr("%1 used.").arg(share);
    return c.variant == 1 ? WatchWords::tr("%1 remaining, %2.").arg(share, pack_volts(c.second))
                          : WatchWords::tr("%1 used, %2.").arg(share, pack_volts(c.second));
}

QString halfway_sentence(const Callout& c, const Quantities& q) {
    const QString charge = q.charge(std::abs(c.value));
    const QString time = q.duration(std::abs(c.third));
    const QString counted = c.value > 0.0 ? WatchWords::tr("%1 more than planned").arg(charge)
                                          : WatchWords::tr("%1 less than planned").arg(charge);
    const QString late = c.third > 0.0 ? WatchWords::tr("%1 late").arg(time) : WatchWords::tr("%1 early").arg(time);
    if (!std::isfinite(c.second))
        return WatchWords::tr("Halfway to the turn: %1, %2.", "charge against plan, time against plan")
            .arg(counted, late);
    const QString cell = volts_per_cell(std::abs(c.second));
    const QString stands =
        c.second < 0.0 ? WatchWords::tr("cells %1 lower").arg(cell) : WatchWords::tr("cells %1 higher").arg(cell);
    return WatchWords::tr("Halfway to the turn: %1, %2, %3.",
                          "charge against plan, volts against plan, time against plan")
        .arg(counted, stands, late);
}

QString late_sentence(const Callout& c, const Quantities& q) {
    if (c.variant == 2) {
        return WatchWords::tr("Home is out of reach. Land at %1: %2 at %3.", "place, distance, bearing")
            .arg(c.name.empty() ? WatchWords::tr("the landing place") : QString::fromStdString(c.name),
                 q.distance(c.third), q.direction(c.second));
    }
    if (c.variant == 1) return WatchWords::tr("Home is out of reach. Choose a place to land.");
    if (c.variant == 3) return WatchWords::tr("Past the turn. If the wind keeps growing, it may not get home.");
    return WatchWords::tr("Past the turn. Turn within %1 to get home on the reserve.").arg(q.timeLeft(c.value));
}

QString wind_sentence(const Callout& c, const Quantities& q) {
    const QString wind = q.text(units::Quantity::wind_speed, {c.value, 0.0});
    const QString from = q.direction(c.second);
    constexpr double worth_saying_m = 100.0;
    if (!std::isfinite(c.third) || std::abs(c.third) < worth_saying_m)
        return WatchWords::tr("Wind now %1 from %2.").arg(wind, from);
    const QString distance = q.distance(std::abs(c.third));
    return c.third < 0.0
               ? WatchWords::tr("Wind now %1 from %2: turn %3 earlier.").arg(wind, from, distance)
               : WatchWords::tr("Wind now %1 from %2: the turn moves out by %3.").arg(wind, from, distance);
}

QString disagree_sentence(const Callout& c, const Quantities& q) {
    if (c.variant == 1) return WatchWords::tr("The current reading is frozen. Do not trust the counter.");
    if (c.variant == 2) return WatchWords::tr("The voltage reading is frozen. Do not trust the voltage.");
    return WatchWords::tr(
               "Counter and voltage disagree: %1 remaining by the counter, %2 by the voltage. The lower counts.")
        .arg(q.energy(c.value), q.energy(c.second));
}

QString stale_sentence(const Callout& c, const Quantities& q) {
    if (!std::isfinite(c.value)) return WatchWords::tr("No telemetry.");
    if (!std::isfinite(c.third))
        return WatchWords::tr("No telemetry. Last position %1 at %2.")
            .arg(q.distance(c.value), q.direction(c.second));
    return WatchWords::tr("No telemetry. Last position %1 at %2, %3 high.")
        .arg(q.distance(c.value), q.direction(c.second), q.height(c.third));
}

QString link_sentence(const Callout& c, const Quantities& q) {
    if (!std::isfinite(c.second)) return WatchWords::tr("Link at %1.").arg(q.share(c.value));
    return WatchWords::tr("Link at %1: failsafe at about %2.").arg(q.share(c.value), q.distance(c.second));
}

} // namespace

QString callout_sentence(const Callout& c, const Quantities& q) {
    switch (c.kind) {
    case CalloutKind::percent: return percent_sentence(c);
    case CalloutKind::halfway: return halfway_sentence(c, q);
    case CalloutKind::wind: return wind_sentence(c, q);
    case CalloutKind::lift:
        return WatchWords::tr("Lift: climbing at %1. Mind the height limit.")
            .arg(q.text(units::Quantity::climb_rate, {c.value, 0.0}));
    case CalloutKind::height:
        return WatchWords::tr("Height %1, your limit is %2.").arg(q.height(c.value), q.height(c.second));
    case CalloutKind::link: return link_sentence(c, q);
    case CalloutKind::current:
        return WatchWords::tr("%1 A for too long: the continuous limit is %2 A.")
            .arg(std::lround(c.value))
            .arg(std::lround(c.second));
    case CalloutKind::disagree: return disagree_sentence(c, q);
    case CalloutKind::turn_soon:
        return c.value > 1.0 ? WatchWords::tr("Turn in two minutes.") : WatchWords::tr("Turn in one minute.");
    case CalloutKind::reserve:
        return std::isfinite(c.second) ? WatchWords::tr("The reserve begins, %1.").arg(pack_volts(c.second))
                                       : WatchWords::tr("The reserve begins.");
    case CalloutKind::over_land:
        return c.variant == 2
                   ? WatchWords::tr("Over land now: %1 used.").arg(q.charge(c.second))
                   : WatchWords::tr("Be over land by %1: %2 used.").arg(q.charge(c.value), q.charge(c.second));
    case CalloutKind::stale: return stale_sentence(c, q);
    case CalloutKind::low_voltage:
        return WatchWords::tr("Low voltage: %1, %2 per cell. Come in.")
            .arg(pack_volts(c.value), volts_per_cell(c.second));
    case CalloutKind::turn_now:
        return WatchWords::tr("Turn now. Home is %1 at %2.").arg(q.distance(c.third), q.direction(c.second));
    case CalloutKind::turn_late: return late_sentence(c, q);
    case CalloutKind::land_now:
        return WatchWords::tr("Land now: %1, %2 per cell.").arg(pack_volts(c.value), volts_per_cell(c.second));
    case CalloutKind::landed:
        return WatchWords::tr("Landed. Unplug, and write down the resting voltage in ten minutes.");
    }
    return {};
}

QString name(CalloutKind kind) {
    switch (kind) {
    case CalloutKind::percent: return WatchWords::tr("Every 10 %");
    case CalloutKind::halfway: return WatchWords::tr("Halfway check");
    case CalloutKind::wind: return WatchWords::tr("Wind has changed");
    case CalloutKind::lift: return WatchWords::tr("Lift");
    case CalloutKind::height: return WatchWords::tr("Height limit");
    case CalloutKind::link: return WatchWords::tr("Link falling");
    case CalloutKind::current: return WatchWords::tr("Continuous current");
    case CalloutKind::disagree: return WatchWords::tr("Counter against voltage");
    case CalloutKind::turn_soon: return WatchWords::tr("Turn in two minutes, one minute");
    case CalloutKind::reserve: return WatchWords::tr("Reserve begins");
    case CalloutKind::over_land: return WatchWords::tr("Over land again");
    case CalloutKind::stale: return WatchWords::tr("No telemetry");
    case CalloutKind::low_voltage: return WatchWords::tr("Low voltage");
    case CalloutKind::turn_now: return WatchWords::tr("Turn now");
    case CalloutKind::turn_late: return WatchWords::tr("Past the turn");
    case CalloutKind::land_now: return WatchWords::tr("Land now");
    case CalloutKind::landed: return WatchWords::tr("Landed");
    }
    return {};
}

QString name(watch::FlightState state) {
    switch (state) {
    case watch::FlightState::waiting: return WatchWords::tr("Waiting for telemetry");
    case watch::FlightState::ground: return WatchWords::tr("On the ground");
    case watch::FlightState::outbound: return WatchWords::tr("Outbound");
    case watch::FlightState::inbound: return WatchWords::tr("Inbound");
    case watch::FlightState::landed: return WatchWords::tr("Landed");
    case watch::FlightState::lost: return WatchWords::tr("Telemetry lost");
    }
    return {};
}

QString watch_sentence(const watch::LiveAnswer& answer, const mission::Plan& plan, const Quantities& q) {
    using watch::FlightState;
    if (answer.state == FlightState::waiting) return WatchWords::tr("Waiting for telemetry.");
    if (!answer.pack_fits && answer.now.highest_v) {
        return WatchWords::tr("%1 is not the voltage of a %2S pack: choose the pack that flies. Until then nothing "
                              "that depends on it is shown.")
            .arg(strong(pack_volts(*answer.now.highest_v)), strong(QString::number(plan.request.pack.series)));
    }
    if (answer.state == FlightState::ground) {
        return answer.now.filtered_v
                   ? WatchWords::tr("On the ground, %1.").arg(strong(pack_volts(*answer.now.filtered_v)))
                   : WatchWords::tr("On the ground.");
    }
    if (!answer.remaining && !answer.margin_wh)
        return WatchWords::tr("Voltage, current or position is missing: nothing can be computed.");
    if (answer.state == FlightState::landed && answer.remaining) {
        return WatchWords::tr("Landed after %1 with %2 remaining.")
            .arg(strong(q.duration(answer.now.time_s - answer.now.launch_s.value_or(0.0))),
                 strong(q.energy(answer.remaining->wh.value, answer.remaining->wh.sd)));
    }
    if (!answer.margin_wh) {
        return WatchWords::tr("No position: %1 remaining, what the return takes is not known.")
            .arg(strong(q.energy(answer.remaining->wh.value, answer.remaining->wh.sd)));
    }
    const QString margin = q.energy(answer.margin_wh->value, answer.margin_wh->sd);
    // A wind far below the airspeed worries nobody who is not told that it grows.
    constexpr double grows_mps_per_h = 1.0;
    if (!answer.wind_allows && answer.wind.growth_mps_per_h.value >= grows_mps_per_h) {
        return WatchWords::tr(
                   "Wind %1 from %2, growing by %3 an hour: if that goes on, the aircraft may not get home.")
            .arg(strong(q.text(units::Quantity::wind_speed, {answer.wind.speed_mps, 0.0})),
                 strong(q.direction(answer.wind.from_deg)),
                 strong(q.text(units::Quantity::wind_speed, answer.wind.growth_mps_per_h)));
    }
    if (!answer.wind_allows) {
        return WatchWords::tr("The aircraft may not get home against this wind: %1 from %2, airspeed %3.")
            .arg(strong(q.text(units::Quantity::wind_speed, {answer.wind.speed_mps, 0.0})),
                 strong(q.direction(answer.wind.from_deg)),
                 strong(q.text(units::Quantity::airspeed, {answer.wind.airspeed_mps.value, 0.0})));
    }
    if (answer.state == FlightState::inbound || !answer.turn) {
        return answer.margin_wh->value >= 0.0
                   ? WatchWords::tr("Inbound: %1 to go, margin %2 with the reserve intact.")
                         .arg(strong(q.distance(answer.now.from_home_m)), strong(margin))
                   : WatchWords::tr("Inbound: %1 to go, %2 of the reserve will be used.")
                         .arg(strong(q.distance(answer.now.from_home_m)),
                              strong(q.energy(-answer.margin_wh->value, answer.margin_wh->sd)));
    }
    if (answer.turn->time_s <= 0.0)
        return WatchWords::tr("Turn now: %1 from home.").arg(strong(q.distance(answer.now.from_home_m)));
    return WatchWords::tr("Turn in %1, %2 from home, at %3 used.")
        .arg(strong(q.timeLeft(answer.turn->time_s)), strong(q.distance(answer.turn->distance_m)),
             strong(q.charge(answer.turn->charge_ah)));
}

QString outcome_words(const practice::Outcome& outcome, const mission::Plan& plan, int flown, int kept,
                      const Quantities& q) {
    QStringList words;
    const QString left = strong(q.energy(outcome.flown.left_wh));
    const QString reserve = q.energy(outcome.reserve_wh);
    if (!outcome.flown.came_home) {
        words << WatchWords::tr("The aircraft did not come home.");
    } else {
        words << (outcome.kept_reserve()
                      ? WatchWords::tr("Home with %1 remaining: the reserve of %2 is intact.").arg(left, reserve)
                      : WatchWords::tr("Home with %1 remaining: the reserve of %2 is not intact.")
                            .arg(left, reserve));
    }
    if (outcome.best) {
        words << WatchWords::tr("Turned at %1; the farthest turn that kept the reserve on this day: %2.")
                     .arg(strong(q.distance(outcome.flown.distance_m)),
                          strong(q.distance(outcome.best->distance_m)));
    }
    QStringList rules;
    for (const auto& tried : outcome.rules) {
        rules << (tried.turn.came_home
                      ? WatchWords::tr("%1 at %2: %3", "turn rule, distance, energy left at home")
                            .arg(name(tried.rule, plan.request, q), q.distance(tried.turn.distance_m),
                                 q.energy(tried.turn.left_wh))
                      : WatchWords::tr("%1 at %2: not home", "turn rule, distance")
                            .arg(name(tried.rule, plan.request, q), q.distance(tried.turn.distance_m)));
    }
    if (!rules.isEmpty())
        words << WatchWords::tr("Remaining at home by each turn rule: %1.").arg(rules.join(QStringLiteral("; ")));
    words << (flown == 1 ? WatchWords::tr("This was the first practice flight.")
                         : WatchWords::tr("Practice so far: reserve intact on %1 of %n flight(s).", nullptr, flown)
                               .arg(kept));
    return words.join(QLatin1Char(' '));
}

} // namespace sobremesa::wording
