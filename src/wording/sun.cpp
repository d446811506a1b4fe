#include "wording/sun.hpp"

#include <cmath>

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>
#include <QStringList>

#include "core/units/quantity.hpp"
#include "wording/language.hpp"
#include "wording/signed.hpp"

namespace sobremesa::wording {

namespace {

struct SunWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Sun)
};

QString bold(const QString& text) {
    return QStringLiteral("<b>%1</b>").arg(text);
}

QDateTime local(double utc_s) {
    return QDateTime::fromSecsSinceEpoch(qint64(std::lround(utc_s / 60.0)) * 60);
}

} // namespace

QString clock_text(double utc_s) {
    return local(utc_s).toString(QStringLiteral("HH:mm"));
}

QString clock_zone(double utc_s) {
    return local(utc_s).timeZoneAbbreviation();
}

QString sun_sentence(const matching::SunDayReport& report, const Quantities& q) {
    const auto& noon = report.noon;
    // By its middle: a day of the place begins on the date before, east of Greenwich.
    constexpr double half_a_day_s = 43200.0;
    const QString day = day_text(report.question.day_utc_s + half_a_day_s);
    const auto watts = [&](double w) { return q.text(units::Quantity::array_power, {w, 0.0}); };
    if (report.daylight.empty()) return SunWords::tr("On %1 the sun does not rise at this place.").arg(bold(day));
    if (report.sustained.empty()) {
        return SunWords::tr("On %1 the array never carries level flight alone: at %2 it delivers %3 of the %4 that "
                            "level flight takes.")
            .arg(bold(day), bold(clock_text(noon.utc_s)), bold(watts(noon.array_w)), bold(watts(noon.level_w)));
    }
    QStringList spans;
    for (const auto& span : report.sustained)
        spans << SunWords::tr("from %1 to %2", "clock times")
                     .arg(bold(clock_text(span.from_utc_s)), bold(clock_text(span.to_utc_s)));
    return SunWords::tr("On %1 the array sustains level flight %2 (%3) and allows %4 of climb at its peak.")
        .arg(bold(day), spans.join(SunWords::tr(" and ", "between spans of time")), clock_zone(noon.utc_s),
             bold(q.text(units::Quantity::climb_on_sun, {noon.climb_mps, 0.0})));
}

QString sun_flight_sentence(const matching::SunDayReport& report, const Quantities& q) {
    const auto& flight = report.flight;
    const QString start = bold(clock_text(flight.start_utc_s));
    if (flight.outlasts)
        return SunWords::tr("Launched at %1 with the pack as charged, it is still up two days later.").arg(start);
    const double bonus_s = flight.endurance_s.value - flight.endurance_without_sun_s;
    return SunWords::tr("Launched at %1 with the pack as charged, it stays up for %2 ± %3, until %4: %5 of it from "
                        "the sun. With the reserve intact it lands at %6 at the latest.")
        .arg(start, bold(q.duration(flight.endurance_s.value)), q.duration(flight.endurance_s.sd),
             bold(clock_text(flight.end_utc_s())), bold(q.duration(std::max(bonus_s, 0.0))),
             bold(clock_text(flight.start_utc_s + flight.with_reserve_s)));
}

QString sun_plan_sentence(const matching::SunDayReport& report, bool counted, double plan_lands_s,
                          const Quantities& q) {
    const auto& flight = report.flight;
    const QString with_sun = bold(clock_text(flight.start_utc_s + flight.with_reserve_s));
    const QString zone = clock_zone(flight.start_utc_s);
    if (counted) {
        return SunWords::tr("Only the array's minimum is counted; with all of it the flight could last until %1 "
                            "(%2), on the pack alone %3. Under an unforeseen cloud, land.")
            .arg(with_sun, zone, bold(q.duration(flight.endurance_without_sun_s)));
    }
    const double bonus_s = std::max(flight.with_reserve_s - plan_lands_s, 0.0);
    return SunWords::tr("Bonus, not counted: with the sun as forecast it could stay until %1 (%2), %3 longer.")
        .arg(with_sun, zone, bold(q.duration(bonus_s)));
}

QString name(matching::SunChange::Kind kind) {
    using Kind = matching::SunChange::Kind;
    switch (kind) {
    case Kind::more_area: return SunWords::tr("10 % more cell area");
    case Kind::less_mass: return SunWords::tr("100 g less");
    case Kind::better_converter: return SunWords::tr("a better converter");
    case Kind::one_more_in_series: return SunWords::tr("a cell more in series");
    case Kind::one_less_in_series: return SunWords::tr("a cell less in series");
    case Kind::best_airspeed: break;
    }
    return SunWords::tr("best-endurance speed");
}

QString sun_change_text(const matching::SunChange& change, const Quantities& q) {
    return SunWords::tr("endurance %1, sustained %2, at noon %3", "changes with their signs")
        .arg(with_sign(change.endurance_s, q.duration(std::abs(change.endurance_s))),
             with_sign(change.sustained_s, q.duration(std::abs(change.sustained_s))),
             with_sign(change.noon_array_w,
                       q.text(units::Quantity::array_power, {std::abs(change.noon_array_w), 0.0})));
}

QString sun_protocol() {
    return SunWords::tr(
        "Sun test, around noon: three minutes of level cruise at one power, one with the motor off, three of "
        "the same cruise again; where the array can be switched off, three more without it.");
}

QString name(sun::ConverterKind kind) {
    switch (kind) {
    case sun::ConverterKind::direct: return SunWords::tr("direct");
    case sun::ConverterKind::step_down: return SunWords::tr("step-down");
    case sun::ConverterKind::step_up: return SunWords::tr("step-up");
    case sun::ConverterKind::either: break;
    }
    return SunWords::tr("step-up or step-down");
}

} // namespace sobremesa::wording
