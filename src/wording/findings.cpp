#include "wording/findings.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>

#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"

namespace sobremesa::wording {

namespace {

struct FindingsWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Findings)
};

const Notation percent{100.0, QStringLiteral("%"), 0};

/// "9.8 ± 0.3 Wh/km".
QString with_error(units::Quantity quantity, const units::Estimate& estimate, const Quantities& q) {
    const QString error = q.error_text(quantity, estimate);
    const QString value = q.text(quantity, estimate);
    return error.isEmpty() ? value : FindingsWords::tr("%1 (%2)", "value, error").arg(value, error);
}

QString share(const units::Estimate& estimate) {
    const QString error = written_error(estimate.sd, percent);
    const QString value = written(estimate.value, estimate.sd, percent);
    return error.isEmpty() ? value : FindingsWords::tr("%1 (%2)", "value, error").arg(value, error);
}

} // namespace

QString findings_sentence(const telemetry::Findings& found, const Quantities& q) {
    using units::Quantity;
    QString words;
    if (found.wind.known()) {
        words = FindingsWords::tr("The wind was <b>%1</b> from <b>%2</b>, the airspeed <b>%3</b>.",
                                  "wind, direction, airspeed")
                    .arg(with_error(Quantity::wind_speed, found.wind.speed_mps, q),
                         with_error(Quantity::wind_from, found.wind.from_deg, q),
                         with_error(Quantity::airspeed, found.wind.airspeed_mps, q));
    }
    if (found.still && found.still->charge_ah_per_m) {
        const QString still =
            FindingsWords::tr("Still-air consumption, level: <b>%1</b>, <b>%2</b>.", "charge and energy per way")
                .arg(with_error(Quantity::still_air_charge_per_distance, *found.still->charge_ah_per_m, q),
                     with_error(Quantity::still_air_energy_per_distance, found.still->energy_wh_per_m, q));
        words = words.isEmpty() ? still : FindingsWords::tr("%1 %2", "two sentences").arg(words, still);
    }
    return words;
}

QString comparison_sentence(const debrief::Comparison& c, const Quantities& q) {
    using units::Quantity;
    const auto [least, most] = std::minmax_element(c.rows.begin(), c.rows.end(), [](const auto& a, const auto& b) {
        return a.energy_wh_per_m.value < b.energy_wh_per_m.value;
    });
    const QString terms = FindingsWords::tr("%1, %2, %3", "airspeed, mass, distance")
                              .arg(q.speed(c.airspeed_mps), q.text(Quantity::all_up_mass, {c.all_up_mass_kg, 0.0}),
                                   q.distance(c.distance_m));
    if (!c.differ) return FindingsWords::tr("At %1 these flights do not differ beyond their errors.").arg(terms);
    const double more = most->energy_wh_per_m.value / least->energy_wh_per_m.value - 1.0;
    return FindingsWords::tr("At %1 “%2” takes <b>%3</b> more than “%4”.", "terms, flight, share, flight")
        .arg(terms, QString::fromStdString(most->name), q.share(more), QString::fromStdString(least->name));
}

QString flight_report_sentence(const debrief::FlightReport& flight_report, const Quantities& q) {
    QStringList sentences;
    QStringList parts;
    for (const auto& part : flight_report.shares.electronics) {
        parts << FindingsWords::tr("%1 %2", "part of the electronics, its share of the power")
                     .arg(part.name.empty() ? FindingsWords::tr("unnamed") : QString::fromStdString(part.name),
                          share(part.share));
    }
    if (!parts.isEmpty())
        sentences
            << FindingsWords::tr("Share of power: %1.").arg(parts.join(FindingsWords::tr("; ", "between parts")));
    if (const auto& ledger = flight_report.ledger) {
        sentences
            << (ledger->charged_wh > 0.0
                    ? FindingsWords::tr(
                          "The array delivered %1; the pack delivered %2 net and was charged with %3 in flight.")
                          .arg(q.energy(ledger->array_wh), q.energy(ledger->pack_wh), q.energy(ledger->charged_wh))
                    : FindingsWords::tr("The array delivered %1, the pack %2.")
                          .arg(q.energy(ledger->array_wh), q.energy(ledger->pack_wh)));
        sentences << (ledger->has_motor
                          ? FindingsWords::tr(
                                "The motors took %1, the electronics %2; %3 are not explained by any sensor.")
                                .arg(q.energy(ledger->motor_wh), q.energy(ledger->electronics_wh),
                                     q.energy(ledger->missing_wh))
                          : FindingsWords::tr("That leaves %1 for the motors and %2 for the electronics.")
                                .arg(q.energy(ledger->motor_wh), q.energy(ledger->electronics_wh)));
    }
    if (const auto& video = flight_report.video) {
        const Notation megabits{1.0, FindingsWords::tr("Mbit/s"), 1};
        const bool signal = video->kind == radio::LinkKind::signal_dbm;
        const Notation level{signal ? 1.0 : 100.0, signal ? FindingsWords::tr("dBm") : FindingsWords::tr("%"), 0};
        QStringList said;
        if (video->worst) {
            said << FindingsWords::tr("%1 at worst, %2 from home", "reading of the video link, distance")
                        .arg(written(video->worst->reading, 0.0, level), q.distance(video->worst->distance_m));
        }
        if (video->lowest_bitrate) {
            said << FindingsWords::tr("lowest bit rate %1, %2 from home")
                        .arg(written(video->lowest_bitrate->reading, 0.0, megabits),
                             q.distance(video->lowest_bitrate->distance_m));
        }
        if (video->reach && video->reach->failsafe_m) {
            said << FindingsWords::tr("the picture would be lost at about %1")
                        .arg(q.distance(video->reach->failsafe_m->value));
        }
        sentences << FindingsWords::tr("Video link: %1.").arg(said.join(FindingsWords::tr("; ", "between parts")));
    }
    if (flight_report.sun) sentences << sun_verdict_sentence(*flight_report.sun, q);
    return sentences.join(QLatin1Char(' '));
}

QString sun_verdict_sentence(const debrief::SunReading& sun, const Quantities& q) {
    using debrief::SunVerdict;
    const auto watts = [&](const units::Estimate& w) {
        return FindingsWords::tr("%1 ± %2", "watts, error")
            .arg(q.text(units::Quantity::array_power, w), q.text(units::Quantity::array_power, {w.sd, 0.0}));
    };
    const QString minutes = q.duration(sun.used_s);
    QString verdict;
    switch (sun.verdict) {
    case SunVerdict::gaining:
        verdict = FindingsWords::tr("In level flight the sun charged the pack: <b>gaining</b> %1, over %2 of it.")
                      .arg(watts(sun.balance_w), minutes);
        break;
    case SunVerdict::holding:
        verdict =
            FindingsWords::tr("In level flight the pack held its charge in the sun: <b>holding</b>, %1, over %2.")
                .arg(watts(sun.balance_w), minutes);
        break;
    case SunVerdict::losing:
        verdict = FindingsWords::tr(
                      "In level flight the pack lost charge despite the sun: <b>losing</b> %1, over %2 of it.")
                      .arg(watts({std::abs(sun.balance_w.value), sun.balance_w.sd}), minutes);
        break;
    case SunVerdict::cannot_tell:
        verdict =
            sun.used_s > 0.0
                ? FindingsWords::tr("Whether the sun charged the pack <b>cannot be told</b>: %1 over %2, and below "
                                    "%3 these readings say nothing. Ten minutes at constant power tell more.")
                      .arg(watts(sun.balance_w), minutes,
                           q.text(units::Quantity::array_power, {sun.threshold_w, 0.0}))
                : FindingsWords::tr("Whether the sun charged the pack <b>cannot be told</b>: that takes four "
                                    "minutes of level flight at constant power.");
        break;
    }
    QStringList parts = {verdict};
    if (sun.array_w && sun.verdict != SunVerdict::cannot_tell)
        parts << FindingsWords::tr("The array delivered %1.").arg(watts(*sun.array_w));
    if (sun.shaded_s >= 60.0 || sun.full_s >= 60.0)
        parts << FindingsWords::tr("Excluded: %1 in the shade of clouds, %2 with a full pack.")
                     .arg(q.duration(sun.shaded_s), q.duration(sun.full_s));
    if (sun.drifting_s >= 60.0)
        parts << FindingsWords::tr("Excluded: %1 of rising or sinking in level flight's power.")
                     .arg(q.duration(sun.drifting_s));
    if (sun.glide_array_w)
        parts << FindingsWords::tr("With the motor off it delivered %1.").arg(watts(*sun.glide_array_w));
    if (sun.switched_off_w)
        parts
            << FindingsWords::tr("With the array off, the pack delivered %1 more.").arg(watts(*sun.switched_off_w));
    // What the array's own sensor read and the pack did not get.
    if (sun.switched_off_w && sun.array_w) {
        const double lost_w = sun.array_w->value - sun.switched_off_w->value;
        const double told_w = std::hypot(sun.array_w->sd, sun.switched_off_w->sd);
        parts << (lost_w > told_w
                      ? FindingsWords::tr("%1 was lost between array and pack.").arg(watts({lost_w, told_w}))
                      : FindingsWords::tr(
                            "The loss between array and pack is too small for these sensors to show."));
    }
    return parts.join(QLatin1Char(' '));
}

QString name(debrief::SunPart::Kind kind) {
    using Kind = debrief::SunPart::Kind;
    switch (kind) {
    case Kind::cruise: return FindingsWords::tr("level cruise", "part of the sun test");
    case Kind::motor_off: return FindingsWords::tr("motor off", "part of the sun test");
    case Kind::array_off: break;
    }
    return FindingsWords::tr("level cruise, array off", "part of the sun test");
}

QString sun_test_sentence(const debrief::SunReading& sun) {
    using Kind = debrief::SunPart::Kind;
    const auto flown = [&](Kind kind) {
        return std::any_of(sun.parts.begin(), sun.parts.end(), [&](const auto& part) { return part.kind == kind; });
    };
    QStringList words = {
        FindingsWords::tr("Level cruise shows whether the pack gains or loses, motor off what the array delivers, "
                          "array off what of that reaches the pack.")};
    if (!flown(Kind::cruise)) words << FindingsWords::tr("Level cruise is missing from this flight.");
    if (!flown(Kind::motor_off)) words << FindingsWords::tr("Twenty seconds with the motor off are missing.");
    const bool tells_array =
        std::any_of(sun.parts.begin(), sun.parts.end(), [](const auto& part) { return part.array_w.has_value(); });
    if (!tells_array) {
        words << FindingsWords::tr(
            "The log has one current sensor: parts with the array off cannot be recognized.");
    } else if (!flown(Kind::array_off)) {
        words << FindingsWords::tr("Twenty seconds of cruise with the array off are missing.");
    }
    return words.join(QLatin1Char(' '));
}

QString remaining_sentence(const battery::Remaining& remaining, const Quantities& q) {
    if (!remaining.share) return {};
    QStringList methods;
    for (const auto& method : remaining.methods)
        methods << FindingsWords::tr("%1 %2", "method, share").arg(name(method.method), share(method.share));
    const QString list = methods.join(FindingsWords::tr("; ", "between methods"));
    if (remaining.methods.size() < 2)
        return FindingsWords::tr("Remaining of a full pack: %1.", "method and share").arg(list);
    return FindingsWords::tr("Remaining of a full pack: %1; combined <b>%2</b>, <b>%3</b>.",
                             "methods, share, charge")
        .arg(list, share(*remaining.share), q.charge(remaining.charge_ah->value, remaining.charge_ah->sd));
}

QString calibration_sentence(const telemetry::Calibration& c, telemetry::ScaleConvention convention,
                             bool scale_known) {
    const Notation plain{1.0, {}, 1};
    const double off = c.reads.value - 1.0;
    const QString set = FindingsWords::tr("Set the scale to <b>%1</b> (%2).", "scale, error")
                            .arg(written(c.scale.value, c.scale.sd, plain), written_error(c.scale.sd, plain));
    QString reads = FindingsWords::tr("The sensor reads right within its error of %1.")
                        .arg(written(c.reads.sd, 0.0, {100.0, FindingsWords::tr("%"), 1}));
    if (std::abs(off) > c.reads.sd) {
        const bool divides = convention == telemetry::ScaleConvention::divides;
        const QString amount = written(std::abs(off), c.reads.sd, percent);
        if (off > 0.0) {
            reads =
                divides
                    ? FindingsWords::tr("The sensor reads %1 too high: increase a scale that divides.").arg(amount)
                    : FindingsWords::tr("The sensor reads %1 too high: decrease a scale that multiplies.")
                          .arg(amount);
        } else {
            reads =
                divides
                    ? FindingsWords::tr("The sensor reads %1 too low: decrease a scale that divides.").arg(amount)
                    : FindingsWords::tr("The sensor reads %1 too low: increase a scale that multiplies.")
                          .arg(amount);
        }
    }
    const QString more =
        c.more_flights == 0
            ? FindingsWords::tr(
                  "More flights would improve it little: most of what is left is the charger's own accuracy.")
            : FindingsWords::tr("%n more flight(s) would bring it close to the charger's own accuracy.", nullptr,
                                c.more_flights);
    if (!scale_known) return FindingsWords::tr("%1 %2", "two sentences").arg(reads, more);
    return FindingsWords::tr("%1 %2 %3", "three sentences").arg(set, reads, more);
}

QString offset_sentence(const telemetry::SensorOffset& offset, bool electronics_known) {
    const Notation amps{1.0, FindingsWords::tr("A"), 2};
    const auto both = [&](const units::Estimate& value) {
        return QStringLiteral("<b>%1</b> (%2)")
            .arg(written(value.value, value.sd, amps), written_error(value.sd, amps));
    };
    const QString read =
        FindingsWords::tr("On the ground it reads %1 (flights: %2), where the electronics draw %3.")
            .arg(both(offset.read_a))
            .arg(offset.flights)
            .arg(both(offset.really_a));
    if (!electronics_known) {
        return FindingsWords::tr("%1 That draw is assumed: enter the electronics in Fleet to find the offset.")
            .arg(read);
    }
    if (!offset.matters()) return FindingsWords::tr("%1 No offset can be derived from that.").arg(read);
    const double hour_mah = std::abs(offset.offset_a.value) * units::milliamp_hours_per_amp_hour;
    const Notation mah{1.0, FindingsWords::tr("mAh"), 0};
    return offset.offset_a.value > 0.0
               ? FindingsWords::tr(
                     "%1 It reads %2 too much, %3 every hour: enter it as the offset in the flight controller.")
                     .arg(read, both(offset.offset_a), written(hour_mah, 0.0, mah))
               : FindingsWords::tr(
                     "%1 It reads %2 too little, %3 every hour: enter it as the offset in the flight controller.")
                     .arg(read, both({-offset.offset_a.value, offset.offset_a.sd}), written(hour_mah, 0.0, mah));
}

QString offset_set_to(const units::Estimate& offset_a) {
    const Notation milliamps{units::milliamp_hours_per_amp_hour, FindingsWords::tr("mA"), 0};
    const QString size = written(std::abs(offset_a.value), 0.0, milliamps);
    return offset_a.value > 0.0   ? FindingsWords::tr("On the ground it reads %1 too high: its offset.").arg(size)
           : offset_a.value < 0.0 ? FindingsWords::tr("On the ground it reads %1 too low: its offset.").arg(size)
                                  : FindingsWords::tr("On the ground it reads right.");
}

QString health_sentence(const battery::Health& health) {
    const Notation milliohm{1000.0, FindingsWords::tr("mΩ"), 1};
    QString words;
    if (health.capacity) {
        words = FindingsWords::tr("A full recharge is <b>%1</b> of the label capacity.")
                    .arg(share(health.capacity->now));
        if (health.cycles_left) {
            words = FindingsWords::tr("%1 At this rate it reaches 80 % after about <b>%2</b> more full cycles.",
                                      "sentence, cycles")
                        .arg(words, written(health.cycles_left->value, health.cycles_left->sd, {1.0, {}, 0}));
        }
    }
    if (health.resistance) {
        const QString ohm = FindingsWords::tr("Resistance per cell in series: <b>%1</b> (%2).", "resistance, error")
                                .arg(written(health.resistance->now.value, health.resistance->now.sd, milliohm),
                                     written_error(health.resistance->now.sd, milliohm));
        words = words.isEmpty() ? ohm : FindingsWords::tr("%1 %2", "two sentences").arg(words, ohm);
    }
    if (words.isEmpty())
        return FindingsWords::tr(
            "Two full recharges, or two readings of cell resistance, show how this pack ages.");
    return words;
}

QStringList health_advice(const battery::Health& health) {
    QStringList lines;
    for (const auto advice : health.advice) {
        switch (advice) {
        case battery::HealthAdvice::capacity_low:
            lines << FindingsWords::tr(
                "It holds less than 80 % of its label capacity: for short flights only, then for the bench.");
            break;
        case battery::HealthAdvice::resistance_high:
            lines << FindingsWords::tr(
                "Its resistance has doubled: it sags early and gets warmer. Retire it from long flights.");
            break;
        case battery::HealthAdvice::cell_unbalanced:
            lines << FindingsWords::tr(
                         "Cell %1 is an outlier. Balance and read again; if it stays so, retire the pack.")
                         .arg(*health.odd_cell + 1);
            break;
        case battery::HealthAdvice::store_it:
            lines << FindingsWords::tr(
                "At its last reading it had been resting full, or empty, for days. Bring it to storage charge.");
            break;
        }
    }
    return lines;
}

} // namespace sobremesa::wording
