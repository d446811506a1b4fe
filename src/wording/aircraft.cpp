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

QString speeds_sentence(const airframe::SpeedsToFly& speeds, const airframe::SpeedQuestion& question,
                        const Quantities& q) {
    if (!speeds.endurance) return {};
    const QString time = q.speed(speeds.endurance->airspeed_mps.value);
    if (!speeds.range)
        return AircraftWords::tr("<b>%1</b> for the longest time. Against this wind no speed makes any way.")
            .arg(time);
    const QString way = q.speed(speeds.range->airspeed_mps.value);
    const QString consumption = q.text(Quantity::energy_per_distance, {speeds.range->energy_wh_per_m.value, 0.0});
    const double calm = 0.3;
    if (std::abs(question.head_wind_mps) < calm)
        return AircraftWords::tr("<b>%1</b> for the longest time, <b>%2</b> for the longest way: %3.")
            .arg(time, way, consumption);
    const QString wind = written(std::abs(question.head_wind_mps), 0.0, q.notation(Quantity::wind_speed));
    return question.head_wind_mps > 0.0
               ? AircraftWords::tr("<b>%1</b> for the longest time, <b>%2</b> for the longest way against %3: %4.")
                     .arg(time, way, wind, consumption)
               : AircraftWords::tr(
                     "<b>%1</b> for the longest time, <b>%2</b> for the longest way with %3 behind: %4.")
                     .arg(time, way, wind, consumption);
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
        return AircraftWords::tr(
                   "At %1: %2 over ground, %3 for the way. This is where the way is longest; drag the ring, or "
                   "use ← →, to see what hurry costs.")
            .arg(q.speed(airspeed_mps), q.speed(speed.ground_speed_mps), takes);
    }
    return (per_unit >= 0.0
                ? AircraftWords::tr(
                      "At %1: %2 over ground, %3 for the way. One %4 more costs %5. Drag the ring, or use ← →.")
                : AircraftWords::tr(
                      "At %1: %2 over ground, %3 for the way. One %4 more saves %5. Drag the ring, or use ← →."))
        .arg(q.speed(airspeed_mps), q.speed(speed.ground_speed_mps), takes, notation.unit, more);
}

QString legs_sentence(const airframe::SpeedsToFly& home, const Quantities& q) {
    if (!home.range)
        return AircraftWords::tr("On the way home, in the worst credible wind, no speed makes any way.");
    return AircraftWords::tr("On the way home, in the worst credible wind: %1, %2.")
        .arg(q.speed(home.range->airspeed_mps.value),
             q.text(Quantity::energy_per_distance, {home.range->energy_wh_per_m.value, 0.0}));
}

QString go_sentence(const std::optional<airframe::GoOrNoGo>& answer, const Quantities& q) {
    if (!answer) return AircraftWords::tr("Whether that is sensible today wants the aircraft's full power.");
    const QString share = q.share(answer->power_share.value);
    const QString wind = written(std::max(answer->most_head_wind_mps, 0.0), 0.0, q.notation(Quantity::wind_speed));
    if (answer->go)
        return AircraftWords::tr("Go: it takes %1 of full power; up to a head wind of %2 it still is.")
            .arg(share, wind);
    return answer->most_head_wind_mps > 0.0
               ? AircraftWords::tr("No go: it takes %1 of full power. It is sensible up to a head wind of %2.")
                     .arg(share, wind)
               : AircraftWords::tr("No go: it takes %1 of full power, more than half even in still air.")
                     .arg(share);
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
        return AircraftWords::tr("With the pack of the plan on the table: %1 all up. %2, pack %3 or %4 of it.")
            .arg(mass(all), parts.join(AircraftWords::tr(", ")), mass(pack.mass_kg), q.share(pack.mass_kg / all));
    }
    return AircraftWords::tr("With the pack of the plan on the table: %1 all up, of which the pack is %2, %3.")
        .arg(mass(all), mass(pack.mass_kg), q.share(pack.mass_kg / all));
}

QString taught_sentence(const learning::CurveFit& fit, const std::optional<airframe::PowerCurve>& carried,
                        int flights, const Quantities& q) {
    const QString apart =
        fit.outliers.empty()
            ? QString()
            : AircraftWords::tr(" %1 of them stand apart and hardly count.").arg(fit.outliers.size());
    if (flights == 0) {
        return AircraftWords::tr(
            "No filed flight of it shows level flight in a known wind yet: the curve is its known cruise "
            "and physics. File a flight with a full turn in it.");
    }
    const QString scatter = q.share(fit.curve.scatter);
    if (!carried) {
        return AircraftWords::tr(
                   "%1 flights draw this curve; from day to day they scatter by %2.%3 The aircraft itself still "
                   "carries its known cruise only.")
            .arg(flights)
            .arg(scatter, apart);
    }
    return carried->flights == fit.curve.flights
               ? AircraftWords::tr(
                     "The aircraft carries the curve of its %1 flights; from day to day they scatter by %2.%3")
                     .arg(flights)
                     .arg(scatter, apart)
               : AircraftWords::tr(
                     "The aircraft carries a curve of %1 flights; there are %2 now, scattering by %3.%4")
                     .arg(carried->flights)
                     .arg(flights)
                     .arg(scatter, apart);
}

QString unknown_sentence(const learning::CurveFit& fit, bool stall_known, const Quantities& q) {
    QStringList lines;
    if (fit.curve.flights > 0)
        lines << AircraftWords::tr("No flight was slower than %1 or faster than %2: beyond, the line is physics.")
                     .arg(q.speed(fit.curve.least_flown_mps), q.speed(fit.curve.most_flown_mps));
    const auto& climbing = fit.curve.climbing;
    const auto efficiency = airframe::efficiency_at(climbing, climbing.reference_airspeed_mps);
    const Notation bare{1.0, {}, 2, false};
    const QString figure =
        AircraftWords::tr("%1 %2", "a figure and its error")
            .arg(written(efficiency.value, efficiency.sd, bare), written_error(efficiency.sd, bare));
    if (climbing.climbs == 0) {
        lines << AircraftWords::tr(
                     "What a climb costs is assumed (efficiency %1); a climb of half a minute would tell.")
                     .arg(figure);
    } else if (climbing.slope_known) {
        lines << (climbing.per_mps < 0.0
                      ? AircraftWords::tr("Climbs show an efficiency of %1 at %2, and %3 less for each %4 faster.")
                      : AircraftWords::tr("Climbs show an efficiency of %1 at %2, and %3 more for each %4 faster."))
                     .arg(figure, q.speed(climbing.reference_airspeed_mps),
                          written(std::abs(climbing.per_mps), 0.0, {1.0, {}, 3, false}), q.speed(1.0));
    } else {
        lines << AircraftWords::tr(
                     "Climbs show an efficiency of %1 at %2; climbs at other speeds would tell how it changes.")
                     .arg(figure, q.speed(climbing.reference_airspeed_mps));
    }
    const auto assumed = [&](std::size_t part) {
        return std::find(fit.assumed_parts.begin(), fit.assumed_parts.end(), part) != fit.assumed_parts.end();
    };
    if (assumed(0)) lines << AircraftWords::tr("What holding it up takes is assumed; slow flight would tell.");
    if (fit.curve.craft == airframe::Craft::wing && !stall_known)
        lines << AircraftWords::tr(
            "Where it stalls is not known: give the wing's area on the shelf before you fly slower than ever.");
    if (assumed(2))
        lines << AircraftWords::tr("What pushing it through the air takes is assumed; fast flight would tell.");
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
    return AircraftWords::tr(
               "Straight and level at one height, %1 each way: %2. Begin with a full circle, so that the wind is "
               "known; %3 in all, then file the log.")
        .arg(each, speeds.join(AircraftWords::tr(", ")), q.duration(seconds));
}

QString headroom_sentence(const std::optional<matching::Headroom>& headroom, const Quantities& q) {
    if (!headroom)
        return AircraftWords::tr("Headroom wants the aircraft's full power: full stick, level, full pack.");
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
        lines << AircraftWords::tr("The climb of the plan is possible until %1.").arg(at(*headroom->climb_ends));
    lines << AircraftWords::tr("Launched at %1 throttle it climbs %2, at %3.")
                 .arg(q.share(matching::launch_duty),
                      q.text(Quantity::climb_rate, {headroom->launch_climb_mps, 0.0}),
                      written(headroom->launch_angle_deg, 0.0, {1.0, AircraftWords::tr("°"), 0, false}));
    if (headroom->throttle_cap) {
        lines << AircraftWords::tr(
                     "On a full pack hold the throttle at <b>%1</b>: more is above what the controllers bear.")
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
        return AircraftWords::tr("As it is it flies <b>%1</b> at most, on the pack of the plan.")
            .arg(q.duration(before.endurance_s.value));
    return (longer_s >= 0.0 ? AircraftWords::tr("It would fly <b>%1</b> at most, %2 longer, on the same energy.")
                            : AircraftWords::tr("It would fly <b>%1</b> at most, %2 less, on the same energy."))
        .arg(q.duration(after.endurance_s.value), q.duration(std::abs(longer_s)));
}

QString learned_text(const QString& aircraft, int flights, double change, const Quantities& q) {
    constexpr double unchanged = 0.005;
    const QString cruise = std::abs(change) < unchanged ? AircraftWords::tr("cruise takes what it took")
                           : change > 0.0
                               ? AircraftWords::tr("cruise takes %1 more than thought").arg(q.share(change))
                               : AircraftWords::tr("cruise takes %1 less than thought").arg(q.share(-change));
    return AircraftWords::tr("%1 has learned from %2 flights: %3. Plans follow; it can be undone.")
        .arg(aircraft)
        .arg(flights)
        .arg(cruise);
}

QString stands_apart_text(const QString& flight, double off, const Quantities& q) {
    return (off > 0.0
                ? AircraftWords::tr(
                      "“%1” took %2 more than its aircraft's other flights: too much for an ordinary day, so the "
                      "aircraft learned nothing from it. Check sensor, pack and mass; Fleet, Forecasts shows it.")
                : AircraftWords::tr(
                      "“%1” took %2 less than its aircraft's other flights: too much for an ordinary day, so the "
                      "aircraft learned nothing from it. Check sensor, pack and mass; Fleet, Forecasts shows it."))
        .arg(flight, q.share(std::abs(off)));
}

QString backtest_sentence(const learning::Backtest& test) {
    const Quantities q;
    const auto forecasts =
        std::count_if(test.rows.begin(), test.rows.end(), [](const auto& row) { return row.from_flights > 0; });
    if (forecasts == 0) {
        return AircraftWords::tr(
            "A forecast wants a flight before the one that is forecast: file two, and see here how well the "
            "first foretold the second.");
    }
    const QString bias =
        std::abs(test.bias.value) < 0.005 ? AircraftWords::tr("neither too hopeful nor too careful")
        : test.bias.value < 0.0           ? AircraftWords::tr("%1 too hopeful").arg(q.share(-test.bias.value))
                                          : AircraftWords::tr("%1 too careful").arg(q.share(test.bias.value));
    const QString several =
        AircraftWords::tr("The last %1 forecasts were <b>%2</b>, give or take <b>%3</b>; without learning it "
                          "would have been %4.");
    const QString one = AircraftWords::tr(
        "The one forecast so far was <b>%1</b>, give or take <b>%2</b>; without learning it would "
        "have been %3.");
    return (forecasts == 1 ? one : several.arg(forecasts))
        .arg(bias, q.share(test.spread), q.share(test.spread_unlearned));
}

} // namespace sobremesa::wording
