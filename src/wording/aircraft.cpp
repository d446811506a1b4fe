#include "wording/aircraft.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>

#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::wording {

namespace {

struct AircraftWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Aircraft)
};

using units::Quantity;

} // namespace

namespace {

/// What the speeds rest on where the stall is assumed; empty where it is known.
QString assumed_stall_text(const airframe::SpeedsToFly& speeds, const Quantities& q) {
    if (!speeds.assumed_stall_mps) return {};
    return AircraftWords::tr(
               "The stall speed is assumed, about %1: nothing slower than %2 is advised until the wing "
               "area is entered in the list.")
        .arg(AircraftWords::tr("%1 %2", "a figure and its error")
                 .arg(q.text(Quantity::stall_speed, *speeds.assumed_stall_mps),
                      q.error_text(Quantity::stall_speed, *speeds.assumed_stall_mps)),
             q.speed(speeds.slowest_mps));
}

QString speeds_without_stall(const airframe::SpeedsToFly& speeds, const airframe::SpeedQuestion& question,
                             const Quantities& q) {
    if (!speeds.endurance) return {};
    const QString time = q.speed(speeds.endurance->airspeed_mps.value);
    if (!speeds.range)
        return AircraftWords::tr("<b>%1</b> for best endurance. Against this wind no speed makes headway.")
            .arg(time);
    const QString way = q.speed(speeds.range->airspeed_mps.value);
    const QString consumption = q.text(Quantity::energy_per_distance, {speeds.range->energy_wh_per_m.value, 0.0});
    const double calm = 0.3;
    if (std::abs(question.head_wind_mps) < calm)
        return AircraftWords::tr("<b>%1</b> for best endurance, <b>%2</b> for best range: %3.")
            .arg(time, way, consumption);
    const QString wind = written(std::abs(question.head_wind_mps), 0.0, q.notation(Quantity::wind_speed));
    return question.head_wind_mps > 0.0
               ? AircraftWords::tr("<b>%1</b> for best endurance, <b>%2</b> for best range against %3: %4.")
                     .arg(time, way, wind, consumption)
               : AircraftWords::tr("<b>%1</b> for best endurance, <b>%2</b> for best range with %3 behind: %4.")
                     .arg(time, way, wind, consumption);
}

} // namespace

QString speeds_sentence(const airframe::SpeedsToFly& speeds, const airframe::SpeedQuestion& question,
                        const Quantities& q) {
    const QString said = speeds_without_stall(speeds, question, q);
    const QString stall = assumed_stall_text(speeds, q);
    return said.isEmpty() || stall.isEmpty() ? said : AircraftWords::tr("%1 %2", "two sentences").arg(said, stall);
}

QString price_sentence(const airframe::PowerCurve& curve, const airframe::SpeedQuestion& question,
                       double airspeed_mps, const Quantities& q) {
    const auto speed = airframe::at_speed(curve, question, airspeed_mps);
    if (!(speed.ground_speed_mps > 0.0))
        return AircraftWords::tr("At this airspeed the wind carries the aircraft away.");
    const auto notation = q.notation(Quantity::airspeed);
    const double per_unit =
        airframe::price_of_speed_wh_per_m_per_mps(curve, question, airspeed_mps) / notation.factor;
    const auto energy = q.notation(Quantity::energy_per_distance);
    const QString takes = q.text(Quantity::energy_per_distance, {speed.energy_wh_per_m.value, 0.0});
    const QString more = written(std::abs(per_unit), 0.0, {energy.factor, energy.unit, 3});
    constexpr double nothing = 0.0005;
    if (std::abs(per_unit) * energy.factor < nothing) {
        return AircraftWords::tr("At %1: %2 over ground, %3. Range is greatest here; drag the ring, or use ← →, to "
                                 "see what flying faster costs.")
            .arg(q.speed(airspeed_mps), q.speed(speed.ground_speed_mps), takes);
    }
    return (per_unit >= 0.0
                ? AircraftWords::tr("At %1: %2 over ground, %3. One %4 more costs %5. Drag the ring, or use ← →.")
                : AircraftWords::tr("At %1: %2 over ground, %3. One %4 more saves %5. Drag the ring, or use ← →."))
        .arg(q.speed(airspeed_mps), q.speed(speed.ground_speed_mps), takes, notation.unit, more);
}

QString legs_sentence(const airframe::SpeedsToFly& home, const Quantities& q) {
    if (!home.range)
        return AircraftWords::tr("On the return leg, in the worst credible wind, no speed makes headway.");
    return AircraftWords::tr("On the return leg, in the worst credible wind: %1, %2.")
        .arg(q.speed(home.range->airspeed_mps.value),
             q.text(Quantity::energy_per_distance, {home.range->energy_wh_per_m.value, 0.0}));
}

QString go_sentence(const std::optional<airframe::GoOrNoGo>& answer, const Quantities& q) {
    if (!answer) return AircraftWords::tr("To judge that, enter the aircraft's full power.");
    const QString share = q.share(answer->power_share.value);
    const QString wind = written(std::max(answer->most_head_wind_mps, 0.0), 0.0, q.notation(Quantity::wind_speed));
    if (answer->go)
        return AircraftWords::tr("Go: %1 of full power; sensible up to a headwind of %2.").arg(share, wind);
    return answer->most_head_wind_mps > 0.0
               ? AircraftWords::tr("No go: %1 of full power. Sensible up to a headwind of %2.").arg(share, wind)
               : AircraftWords::tr("No go: %1 of full power, more than half even in still air.").arg(share);
}

QString circling_sentence(const airframe::PowerCurve& curve, const airframe::SpeedQuestion& question,
                          double airspeed_mps, const Quantities& q) {
    constexpr double bank_deg = 30.0;
    const double cost =
        airframe::circling_cost(curve, airspeed_mps, question.all_up_mass_kg, question.density_kgm3, bank_deg);
    return AircraftWords::tr("A circle at %1 of bank takes %2 more than straight flight.")
        .arg(written(bank_deg, 0.0, {1.0, AircraftWords::tr("°"), 0, false}), q.share(cost - 1.0));
}

QString mass_sentence(const airframe::Aircraft& aircraft, const battery::Pack& pack, const Quantities& q) {
    const auto mass = [&](double kg) { return q.text(Quantity::all_up_mass, {kg, 0.0}); };
    const double all = aircraft.mass_kg + pack.mass_kg;
    const auto shares = airframe::mass_build_up(aircraft);
    if (shares.size() > 1) {
        QStringList parts;
        for (const auto& share : shares) {
            parts << AircraftWords::tr("%1 %2", "part, its mass")
                         .arg(share.name.empty() ? AircraftWords::tr("frame") : QString::fromStdString(share.name),
                              mass(share.mass_kg));
        }
        return AircraftWords::tr("With the pack of the open plan: %1 all-up. %2, pack %3 or %4 of it.")
            .arg(mass(all), parts.join(AircraftWords::tr(", ")), mass(pack.mass_kg), q.share(pack.mass_kg / all));
    }
    return AircraftWords::tr("With the pack of the open plan: %1 all-up, of which the pack is %2, %3.")
        .arg(mass(all), mass(pack.mass_kg), q.share(pack.mass_kg / all));
}

QString fit_sentence(const learning::CurveFit& fit, const std::optional<airframe::PowerCurve>& carried, int flights,
                     const Quantities& q) {
    const QString apart =
        fit.outliers.empty() ? QString()
                             : AircraftWords::tr(" %n outlier(s) hardly count.", nullptr, int(fit.outliers.size()));
    if (flights == 0) {
        return AircraftWords::tr(
            "No filed flight of this aircraft shows level flight in a known wind yet: the curve rests on its known "
            "cruise and physics. File a flight with a full circle in it.");
    }
    const QString scatter = q.share(fit.curve.scatter);
    if (!carried) {
        return AircraftWords::tr("Fitted from %n flight(s), day-to-day scatter %1.%2 The aircraft itself still "
                                 "uses its known cruise only.",
                                 nullptr, flights)
            .arg(scatter, apart);
    }
    return carried->flights == fit.curve.flights
               ? AircraftWords::tr(
                     "The aircraft uses the curve fitted from its %n flight(s), day-to-day scatter %1.%2", nullptr,
                     flights)
                     .arg(scatter, apart)
               : AircraftWords::tr("The aircraft uses an older curve (flights: %1); fitted from all %n flight(s) "
                                   "the day-to-day scatter is %2.%3",
                                   nullptr, flights)
                     .arg(carried->flights)
                     .arg(scatter, apart);
}

QString unknown_sentence(const learning::CurveFit& fit, const Quantities& q) {
    QStringList lines;
    if (fit.curve.flights > 0) {
        lines << AircraftWords::tr(
                     "No flight was slower than %1 or faster than %2: beyond that the line is physics alone.")
                     .arg(q.speed(fit.curve.least_flown_mps), q.speed(fit.curve.most_flown_mps));
    }
    const auto& climbing = fit.curve.climbing;
    const auto efficiency = airframe::efficiency_at(climbing, climbing.reference_airspeed_mps);
    const Notation bare{1.0, {}, 2, false};
    const QString figure =
        AircraftWords::tr("%1 %2", "a figure and its error")
            .arg(written(efficiency.value, efficiency.sd, bare), written_error(efficiency.sd, bare));
    if (climbing.climbs == 0) {
        lines << AircraftWords::tr("Climb efficiency is assumed (%1); a climb of half a minute would show it.")
                     .arg(figure);
    } else if (climbing.slope_known) {
        lines << (climbing.per_mps < 0.0
                      ? AircraftWords::tr("Climbs show an efficiency of %1 at %2, and %3 less for each %4 faster.")
                      : AircraftWords::tr("Climbs show an efficiency of %1 at %2, and %3 more for each %4 faster."))
                     .arg(figure, q.speed(climbing.reference_airspeed_mps),
                          written(std::abs(climbing.per_mps), 0.0, {1.0, {}, 3, false}), q.speed(1.0));
    } else {
        lines << AircraftWords::tr(
                     "Climbs show an efficiency of %1 at %2; climbs at other speeds would show how it changes.")
                     .arg(figure, q.speed(climbing.reference_airspeed_mps));
    }
    const auto assumed = [&](std::size_t part) {
        return std::find(fit.assumed_parts.begin(), fit.assumed_parts.end(), part) != fit.assumed_parts.end();
    };
    if (assumed(0)) lines << AircraftWords::tr("Induced power is assumed; slow flight would show it.");
    if (assumed(2)) lines << AircraftWords::tr("Drag power is assumed; fast flight would show it.");
    return lines.join(QLatin1Char(' '));
}

QString step_test_text(const std::vector<learning::StepTestLeg>& legs, const Quantities& q) {
    QStringList speeds;
    double seconds = 0.0;
    for (const auto& leg : legs) {
        if (!leg.back) speeds << q.speed(leg.airspeed_mps);
        seconds += leg.seconds;
    }
    const QString each = legs.empty() ? QString() : q.duration(legs.front().seconds);
    return AircraftWords::tr("Straight and level at one height, %1 on each leg: %2. Start with a full circle so "
                             "that the wind is known; %3 in all, then file the log.")
        .arg(each, speeds.join(AircraftWords::tr(", ")), q.duration(seconds));
}

QString headroom_sentence(const std::optional<matching::Headroom>& headroom, const Quantities& q) {
    if (!headroom)
        return AircraftWords::tr("Headroom needs the aircraft's full power: full stick, level, full pack.");
    QStringList lines;
    const auto at = [&](const matching::HeadroomPoint& point) {
        return AircraftWords::tr("%1 and %2", "volts a cell, minutes")
            .arg(written(point.cell_v, 0.0, q.notation(Quantity::landing_cell_voltage)), q.duration(point.time_s));
    };
    if (headroom->level_ends) {
        lines << AircraftWords::tr("Full throttle holds level flight until <b>%1</b>.")
                     .arg(at(*headroom->level_ends));
    } else {
        lines << AircraftWords::tr("Full throttle holds level flight until landing.");
    }
    if (headroom->climb_ends)
        lines << AircraftWords::tr("The plan's climb is possible until %1.").arg(at(*headroom->climb_ends));
    lines << AircraftWords::tr("Launched at %1 throttle it climbs %2, at %3.")
                 .arg(q.share(matching::launch_duty),
                      q.text(Quantity::climb_rate, {headroom->launch_climb_mps, 0.0}),
                      written(headroom->launch_angle_deg, 0.0, {1.0, AircraftWords::tr("°"), 0, false}));
    if (headroom->throttle_cap) {
        lines << AircraftWords::tr(
                     "With a full pack, limit the throttle to <b>%1</b>: more exceeds the controllers' rating.")
                     .arg(q.share(*headroom->throttle_cap));
    }
    return lines.join(QLatin1Char(' '));
}

QString change_text(const units::Estimate& ratio, const Quantities&) {
    constexpr double unchanged = 0.0005;
    if (std::abs(ratio.value - 1.0) < unchanged) return AircraftWords::tr("unchanged");
    const Notation percent{100.0, AircraftWords::tr("%"), 1};
    const QString sign = ratio.value > 1.0 ? QStringLiteral("+") : QString();
    const QString error = written_error(ratio.sd, percent);
    const QString value = sign + written(ratio.value - 1.0, ratio.sd, percent);
    return error.isEmpty() ? value : AircraftWords::tr("%1 (%2)", "change, error").arg(value, error);
}

QString what_if_sentence(const matching::Outcome& before, const matching::Outcome& after, const Quantities& q) {
    const double longer_s = after.endurance_s.value - before.endurance_s.value;
    constexpr double half_a_minute_s = 30.0;
    const bool same = std::abs(longer_s) < half_a_minute_s && after.all_up_mass_kg == before.all_up_mass_kg &&
                      after.density_kgm3 == before.density_kgm3;
    if (same)
        return AircraftWords::tr("Unchanged it flies <b>%1</b> at most, on the plan's pack.")
            .arg(q.duration(before.endurance_s.value));
    return (longer_s >= 0.0 ? AircraftWords::tr("It would fly <b>%1</b> at most, %2 longer, on the same energy.")
                            : AircraftWords::tr("It would fly <b>%1</b> at most, %2 less, on the same energy."))
        .arg(q.duration(after.endurance_s.value), q.duration(std::abs(longer_s)));
}

QString learned_text(const QString& aircraft, int flights, double change, const Quantities& q) {
    constexpr double unchanged = 0.005;
    const QString cruise = std::abs(change) < unchanged ? AircraftWords::tr("cruise power unchanged")
                           : change > 0.0
                               ? AircraftWords::tr("cruise takes %1 more than assumed").arg(q.share(change))
                               : AircraftWords::tr("cruise takes %1 less than assumed").arg(q.share(-change));
    return AircraftWords::tr("%1 was refitted from %n flight(s): %2. Plans follow; undo is possible.", nullptr,
                             flights)
        .arg(aircraft, cruise);
}

QString stands_apart_text(const QString& flight, double off, const Quantities& q) {
    return (off > 0.0 ? AircraftWords::tr(
                            "“%1” took %2 more than the aircraft's other flights, too much for an ordinary day: it "
                            "was not used for the fit. Check sensor, pack and mass; see Fleet, Forecasts.")
                      : AircraftWords::tr(
                            "“%1” took %2 less than the aircraft's other flights, too much for an ordinary day: it "
                            "was not used for the fit. Check sensor, pack and mass; see Fleet, Forecasts."))
        .arg(flight, q.share(std::abs(off)));
}

QString backtest_sentence(const learning::Backtest& test) {
    const Quantities q;
    const auto forecasts =
        std::count_if(test.rows.begin(), test.rows.end(), [](const auto& row) { return row.from_flights > 0; });
    if (forecasts == 0) {
        return AircraftWords::tr("Forecasts need at least two filed flights: this page shows how well the earlier "
                                 "ones predicted the later ones.");
    }
    const QString bias =
        std::abs(test.bias.value) < 0.005 ? AircraftWords::tr("neither too optimistic nor too cautious")
        : test.bias.value < 0.0           ? AircraftWords::tr("%1 too optimistic").arg(q.share(-test.bias.value))
                                          : AircraftWords::tr("%1 too cautious").arg(q.share(test.bias.value));
    return AircraftWords::tr(
               "The last %n forecast(s) were <b>%1</b>, ± <b>%2</b>; without fitting it would have been %3.",
               nullptr, int(forecasts))
        .arg(bias, q.share(test.spread), q.share(test.spread_unlearned));
}

} // namespace sobremesa::wording
