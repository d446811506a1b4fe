#include "wording/learning.hpp"

#include <cmath>

#include <QCoreApplication>

#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::wording {

namespace {

struct LearningWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Learning)
};

constexpr double in_percent = 100.0;

QString odd_name(learning::OddEvidence::Kind kind) {
    return kind == learning::OddEvidence::Kind::recharge ? LearningWords::tr("the recharge")
           : kind == learning::OddEvidence::Kind::rested ? LearningWords::tr("the resting voltage")
                                                         : LearningWords::tr("the voltage");
}

QString joined(const QStringList& parts) {
    if (parts.size() < 2) return parts.join(QString());
    return LearningWords::tr("%1 and %2")
        .arg(parts.mid(0, parts.size() - 1).join(QStringLiteral(", ")), parts.last());
}

QString known_from_flights(int n) {
    return LearningWords::tr("known from %n flight(s)", nullptr, n);
}

QString percent_text(double share, double sd) {
    return written(in_percent * std::abs(share), in_percent * sd, {1.0, QStringLiteral("%"), 1, true});
}

QString with_reasons(const QString& statement, const learning::LearnedChange& change) {
    const QStringList because = reasons(change);
    return because.isEmpty() ? LearningWords::tr("%1.").arg(statement)
                             : LearningWords::tr("%1: %2.").arg(statement, joined(because));
}

} // namespace

QStringList reasons(const learning::LearnedChange& change) {
    QStringList list;
    if (change.recharges > 0) list << LearningWords::tr("%n recharge(s)", nullptr, change.recharges);
    if (change.volts > 0) list << LearningWords::tr("the voltage of %n flight(s)", nullptr, change.volts);
    if (change.rested > 0) list << LearningWords::tr("%n resting voltage(s)", nullptr, change.rested);
    if (change.readings > 0) list << LearningWords::tr("%n charger reading(s)", nullptr, change.readings);
    if (change.level_flights > 0)
        list << LearningWords::tr("level flight in %n flight(s)", nullptr, change.level_flights);
    return list;
}

QString told_by(const learning::KnownAfter& after) {
    QStringList list;
    if (after.flights == 0) list << LearningWords::tr("label");
    if (after.volts) list << LearningWords::tr("voltage");
    if (after.recharged) list << LearningWords::tr("recharge");
    if (after.rested) list << LearningWords::tr("resting voltage");
    if (after.readings > 0) list << LearningWords::tr("%n charger reading(s)", nullptr, after.readings);
    return list.join(QStringLiteral(", "));
}

QString sentence(const learning::LearnedChange& change, const battery::Pack& pack, const Quantities& q) {
    using What = learning::LearnedChange::What;
    const QString name = pack.name.empty() ? LearningWords::tr("The pack") : QString::fromStdString(pack.name);
    const auto off = [&] { return change.after.value - 1.0; };
    switch (change.what) {
    case What::capacity: {
        const QString by = percent_text(off(), change.after.sd);
        const QString statement =
            std::abs(off()) < change.after.sd ? LearningWords::tr("%1 holds its label capacity, within %2")
                                                    .arg(name, percent_text(change.after.sd, 0.0))
            : off() < 0.0 ? LearningWords::tr("%1 holds %2 less than its label capacity").arg(name, by)
                          : LearningWords::tr("%1 holds %2 more than its label capacity").arg(name, by);
        return with_reasons(statement, change);
    }
    case What::resistance:
        return with_reasons(LearningWords::tr("%1 has %2 per cell, entered with %3")
                                .arg(name, q.text(units::Quantity::cell_resistance, change.after),
                                     q.text(units::Quantity::cell_resistance, change.before)),
                            change);
    case What::current_gain:
    case What::volts_gain: {
        const QString sensor = change.what == What::current_gain ? LearningWords::tr("The current sensor")
                                                                 : LearningWords::tr("The voltage reading");
        const QString by = percent_text(off(), change.after.sd);
        const QString statement =
            std::abs(off()) < change.after.sd
                ? LearningWords::tr("%1 reads right, within %2").arg(sensor, percent_text(change.after.sd, 0.0))
            : off() < 0.0 ? LearningWords::tr("%1 reads %2 too low").arg(sensor, by)
                          : LearningWords::tr("%1 reads %2 too high").arg(sensor, by);
        return with_reasons(statement, change);
    }
    case What::cruise_power:
        return with_reasons(LearningWords::tr("Cruise takes %1, previously %2")
                                .arg(q.text(units::Quantity::cruise_power, change.after),
                                     q.text(units::Quantity::cruise_power, change.before)),
                            change);
    case What::landing_charge: break;
    }
    return with_reasons(LearningWords::tr("%1: usable %2, previously %3")
                            .arg(name, q.text(units::Quantity::usable_charge, change.after),
                                 q.text(units::Quantity::usable_charge, change.before)),
                        change);
}

QString sentence(const learning::OddEvidence& odd) {
    const QString what = odd.kind == learning::OddEvidence::Kind::recharge ? LearningWords::tr("the recharge")
                         : odd.kind == learning::OddEvidence::Kind::rested
                             ? LearningWords::tr("the resting voltage")
                             : LearningWords::tr("the voltage");
    return LearningWords::tr(
               "Flight %1: %2 does not fit everything else and was excluded. Check it, or exclude the flight.")
        .arg(odd.flight_id)
        .arg(what);
}

QString landing_sentence(const units::Estimate& landing_ah, int flights, const Quantities& q) {
    const QString charge = LearningWords::tr("%1 %2").arg(q.text(units::Quantity::usable_charge, landing_ah),
                                                          q.error_text(units::Quantity::usable_charge, landing_ah));
    return flights > 0 ? LearningWords::tr("Usable to the landing voltage at cruise: %1, %2.")
                             .arg(charge, known_from_flights(flights))
                       : LearningWords::tr("Usable to the landing voltage at cruise: %1, assumed.").arg(charge);
}

QString sentence(const learning::ForecastQuality& quality, learning::ForecastPart part) {
    const int n = quality.forecasts;
    const QString lead =
        (part == learning::ForecastPart::landing_charge
             ? LearningWords::tr("%n landing(s) forecast from earlier flights: off by %1", nullptr, n)
         : part == learning::ForecastPart::duration
             ? LearningWords::tr("%n flying time(s) forecast from earlier flights: off by %1", nullptr, n)
             : LearningWords::tr("%n turn point(s) forecast from earlier flights: off by %1", nullptr, n))
            .arg(percent_text(quality.spread, 0.0));
    const QString bias = percent_text(quality.bias.value, quality.bias.sd);
    const QString tendency = std::abs(quality.bias.value) < quality.bias.sd ? LearningWords::tr("without bias")
                             : quality.bias.value > 0.0 ? LearningWords::tr("%1 too optimistic").arg(bias)
                                                        : LearningWords::tr("%1 too cautious").arg(bias);
    return LearningWords::tr("%1, %2; %3 of %4 within the 90 % band.")
        .arg(lead, tendency)
        .arg(std::lround(quality.inside_90_share * n))
        .arg(n);
}

QString forecast_part_name(learning::ForecastPart part) {
    return part == learning::ForecastPart::landing_charge ? LearningWords::tr("landing charge")
           : part == learning::ForecastPart::duration     ? LearningWords::tr("flying time")
                                                          : LearningWords::tr("turn point");
}

QString nothing_learned() {
    return LearningWords::tr("Nothing new: the flights agree with what was known.");
}

QString pack_learned_text(const QString& pack, double before_ah, double after_ah, int flights,
                          const Quantities& q) {
    return LearningWords::tr("%1: usable %2 → %3, %4. Undo takes it back.")
        .arg(pack, q.text(units::Quantity::usable_charge, {before_ah, 0.0}),
             q.text(units::Quantity::usable_charge, {after_ah, 0.0}), known_from_flights(flights));
}

QString left_out_text(const QString& flight, learning::OddEvidence::Kind kind) {
    return LearningWords::tr(
               "%1: %2 does not fit everything else and was excluded. Check it, or exclude the flight.")
        .arg(flight, odd_name(kind));
}

QString pack_sentence(const battery::PackKnown& known, const units::Estimate& usable_ah, const Quantities& q) {
    const double off = known.capacity_share.value - 1.0;
    const QString holds = std::abs(off) < known.capacity_share.sd
                              ? LearningWords::tr("Holds its label capacity, within <b>%1</b>")
                                    .arg(percent_text(known.capacity_share.sd, 0.0))
                          : off < 0.0 ? LearningWords::tr("Holds <b>%1</b> less than its label capacity")
                                            .arg(percent_text(off, known.capacity_share.sd))
                                      : LearningWords::tr("Holds <b>%1</b> more than its label capacity")
                                            .arg(percent_text(off, known.capacity_share.sd));
    return LearningWords::tr("%1. Usable to the landing voltage: <b>%2</b> %3, %4.")
        .arg(holds, q.text(units::Quantity::usable_charge, usable_ah),
             q.error_text(units::Quantity::usable_charge, usable_ah), known_from(known));
}

QString resistance_sentence(const battery::Pack& described, const battery::PackKnown& known, const Quantities& q) {
    const double described_ohm = battery::cell_resistance_ohm(described) * described.resistance_factor;
    const double off_ohm = known.cell_resistance_ohm.value - described_ohm;
    if (std::abs(off_ohm) < 2.0 * known.cell_resistance_ohm.sd) return {};
    return LearningWords::tr("Its cells have %1 each, entered with %2.")
        .arg(q.text(units::Quantity::cell_resistance, known.cell_resistance_ohm),
             q.text(units::Quantity::cell_resistance, {described_ohm, 0.0}));
}

QString sensor_sentence(const learning::SensorEstimate& sensors) {
    const auto reads = [](const units::Estimate& gain) {
        const double off = gain.value - 1.0;
        if (std::abs(off) < gain.sd) return LearningWords::tr("right, within %1").arg(percent_text(gain.sd, 0.0));
        return (off < 0.0 ? LearningWords::tr("%1 too low (± %2)") : LearningWords::tr("%1 too high (± %2)"))
            .arg(percent_text(off, gain.sd), percent_text(gain.sd, 0.0));
    };
    battery::PackKnown basis;
    basis.flights = sensors.flights;
    basis.recharges = sensors.recharges;
    return LearningWords::tr(
               "Fitted from everything flown with it, packs included: current reads %1, voltage reads %2; %3.")
        .arg(reads(sensors.current_gain), reads(sensors.volts_gain), known_from(basis));
}

QString what_would_help(const battery::PackKnown& known, int rested) {
    constexpr double well_known = 0.025;
    if (known.capacity_share.sd < well_known)
        return LearningWords::tr("Well known: more flights change little until it ages.");
    if (known.recharges == 0) {
        return LearningWords::tr(
            "Enter what the charger puts back after a flight: it tells the capacity and what the "
            "current sensor reads.");
    }
    if (rested == 0) {
        return LearningWords::tr(
            "Recharge after a flight that ends close to empty, or enter the resting voltage ten "
            "minutes after landing: both narrow the capacity.");
    }
    return LearningWords::tr("Recharge after a flight that ends close to empty: it narrows the capacity most.");
}

QStringList measured_lines(const battery::Pack& pack, const Quantities& q) {
    if (!pack.known) {
        return {LearningWords::tr(
            "Nothing yet. File flights with this pack, with what the charger put back, or enter a "
            "charger's reading in Health.")};
    }
    const auto with_error = [&](units::Quantity quantity, const units::Estimate& value) {
        return LearningWords::tr("%1 %2").arg(q.text(quantity, value), q.error_text(quantity, value)).trimmed();
    };
    const auto& known = *pack.known;
    const double rated_ah = battery::rated_charge_ah(pack);
    QStringList lines;
    lines << LearningWords::tr("full charge %1, %2 of the label")
                 .arg(with_error(units::Quantity::usable_charge,
                                 {known.capacity_share.value * rated_ah, known.capacity_share.sd * rated_ah}),
                      q.share(known.capacity_share.value));
    lines << LearningWords::tr("resistance of a cell %1")
                 .arg(with_error(units::Quantity::cell_resistance, known.cell_resistance_ohm));
    const QString day = QString::fromStdString(known.known_utc).left(10);
    lines << (day.isEmpty() ? known_from(pack.known)
                            : LearningWords::tr("%1, %2", "known from, day").arg(known_from(pack.known), day));
    if (known.frozen) lines << LearningWords::tr("frozen: newly filed flights no longer change it");
    return lines;
}

QStringList measured_lines(const airframe::Aircraft& aircraft, const Quantities& q) {
    if (!aircraft.curve || aircraft.curve->flights == 0) {
        return {LearningWords::tr(
            "Nothing yet. File flights with a full turn in them, or fly the ten-minute test flight "
            "that Power curve lays out.")};
    }
    const auto& curve = *aircraft.curve;
    QStringList lines;
    const auto cruise = airframe::level_power_w(curve, aircraft.cruise_airspeed_mps, curve.reference_mass_kg,
                                                units::sea_level_density_kgm3);
    lines << LearningWords::tr("level flight at %1 takes %2 %3")
                 .arg(q.speed(aircraft.cruise_airspeed_mps), q.text(units::Quantity::cruise_power, cruise),
                      q.error_text(units::Quantity::cruise_power, cruise));
    if (curve.climbing.climbs > 0) {
        lines << LearningWords::tr("climbs with an efficiency of %1, from %n climb(s)", nullptr,
                                   curve.climbing.climbs)
                     .arg(q.share(curve.climbing.at_reference));
    }
    const QString day = QString::fromStdString(curve.learned_utc).left(10);
    lines << (day.isEmpty()
                  ? known_from_flights(curve.flights)
                  : LearningWords::tr("%1, %2", "known from, day").arg(known_from_flights(curve.flights), day));
    return lines;
}

QString known_from(const std::optional<battery::PackKnown>& known) {
    if (!known || known->flights + known->recharges == 0) return LearningWords::tr("assumed");
    if (known->recharges == 0) return known_from_flights(known->flights);
    return LearningWords::tr("%1 and %2")
        .arg(known_from_flights(known->flights), LearningWords::tr("%n recharge(s)", nullptr, known->recharges));
}

} // namespace sobremesa::wording
