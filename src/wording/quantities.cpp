#include "wording/quantities.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include <QCoreApplication>
#include <QLocale>
#include <QRegularExpression>

#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/language.hpp"
#include "wording/quantity_words.hpp"

namespace sobremesa::wording {

namespace {

// Whoever writes a quantity links this, and has English plural forms.
[[maybe_unused]] const bool english_first = speak_english_first();

struct UnitWords {
    Q_DECLARE_TR_FUNCTIONS(UnitWords)
};

constexpr QChar narrow_space(0x202F);
constexpr QChar minus_sign(0x2212);
constexpr QChar plus_minus(0x00B1);

/// Decimals that an error allows: its first figure, and a second one where the first is 1 or 2.
int decimals_for_error(double sd) {
    const double exponent = std::floor(std::log10(sd));
    const double leading = sd / std::pow(10.0, exponent);
    return int(-exponent) + (leading < 2.95 ? 1 : 0);
}

QString digits(double value, int decimals) {
    const double step = std::pow(10.0, -decimals);
    const double rounded = std::round(value / step) * step;
    // By the language of the words beside it, whatever the desktop says.
    QString text = QLocale::c().toString(std::abs(rounded), 'f', std::max(decimals, 0));
    text.remove(QLatin1Char(','));
    const auto point = text.indexOf(QLatin1Char('.'));
    for (auto at = (point < 0 ? text.size() : point) - 3; at > 0; at -= 3) text.insert(at, narrow_space);
    text.replace(QLatin1Char('.'), decimal_mark());
    const bool negative = rounded < 0.0 && std::abs(rounded) >= 0.5 * step;
    return negative ? minus_sign + text : text;
}

QString with_unit(const QString& number, const Notation& notation) {
    if (notation.unit.isEmpty()) return number;
    return notation.space_before_unit ? number + narrow_space + notation.unit : number + notation.unit;
}

int decimals(double sd, const Notation& notation) {
    if (!(sd > 0.0)) return notation.decimals;
    return std::min(decimals_for_error(sd * notation.factor), notation.decimals + 1);
}

Notation speed_notation(UnitChoice::Speed speed) {
    switch (speed) {
    case UnitChoice::Speed::metres_per_second: return {1.0, UnitWords::tr("m/s"), 1};
    case UnitChoice::Speed::miles_per_hour: return {1.0 / units::mps_per_mph, UnitWords::tr("mph"), 0};
    case UnitChoice::Speed::knots: return {1.0 / units::mps_per_knot, UnitWords::tr("kn"), 0};
    case UnitChoice::Speed::kilometres_per_hour: break;
    }
    return {1.0 / units::mps_per_kmh, UnitWords::tr("km/h"), 0};
}

} // namespace

QString written(double value, double sd, const Notation& notation) {
    if (!std::isfinite(value)) return QStringLiteral("–");
    return with_unit(digits(notation.shown(value), decimals(sd, notation)), notation);
}

QString written_error(double sd, const Notation& notation) {
    if (!(sd > 0.0)) return {};
    const QString error = digits(sd * notation.factor, decimals(sd, notation));
    // An error too small for the digits shown is none that anyone could use.
    if (std::none_of(error.begin(), error.end(),
                     [](QChar c) { return c >= QLatin1Char('1') && c <= QLatin1Char('9'); }))
        return {};
    return QString(plus_minus) + narrow_space + error;
}

Notation Quantities::notation(units::Quantity quantity) const {
    return notation(measure_of(quantity));
}

Notation Quantities::notation(Measure measure) const {
    using units::metres_per_foot;
    const bool miles = choice_.distance == UnitChoice::Distance::miles;
    const bool feet = choice_.height == UnitChoice::Height::feet;
    const double per_distance = miles ? units::metres_per_mile : units::metres_per_kilometre;
    constexpr double to_mah = units::milliamp_hours_per_amp_hour;
    switch (measure) {
    case Measure::speed: return speed_notation(choice_.speed);
    case Measure::wind_speed: return speed_notation(choice_.wind);
    case Measure::direction: return {1.0, UnitWords::tr("°"), 0, false};
    case Measure::height:
        return feet ? Notation{1.0 / metres_per_foot, UnitWords::tr("ft"), 0}
                    : Notation{1.0, UnitWords::tr("m"), 0};
    case Measure::climb_rate:
        return feet ? Notation{units::seconds_per_minute / metres_per_foot, UnitWords::tr("ft/min"), 0}
                    : Notation{1.0, UnitWords::tr("m/s"), 1};
    case Measure::distance: return {1.0 / per_distance, miles ? UnitWords::tr("mi") : UnitWords::tr("km"), 1};
    case Measure::time: return {1.0 / units::seconds_per_minute, UnitWords::tr("min"), 0};
    case Measure::minutes: return {1.0, UnitWords::tr("min"), 0};
    case Measure::seconds: return {1.0, UnitWords::tr("s"), 0};
    case Measure::mass: return {1000.0, UnitWords::tr("g"), 0};
    case Measure::density: return {1.0, UnitWords::tr("kg/m³"), 3};
    case Measure::temperature:
        return choice_.temperature == UnitChoice::Temperature::fahrenheit
                   ? Notation{1.8, UnitWords::tr("°F"), 0, true, 32.0}
                   : Notation{1.0, UnitWords::tr("°C"), 0};
    case Measure::share: return {100.0, UnitWords::tr("%"), 0};
    case Measure::zone: return {100.0, UnitWords::tr("% of the zone"), 0};
    case Measure::count: return {1.0, {}, 0};
    case Measure::cycles: return {1.0, {}, 1};
    case Measure::factor: return {1.0, {}, 2};
    case Measure::voltage: return {1.0, UnitWords::tr("V"), 2};
    case Measure::cell_voltage: return {1.0, UnitWords::tr("V/cell"), 2};
    case Measure::cell_resistance: return {1000.0, UnitWords::tr("mΩ"), 1};
    case Measure::pack_resistance: return {1000.0, UnitWords::tr("mΩ"), 0};
    case Measure::power: return {1.0, UnitWords::tr("W"), 0};
    case Measure::current: return {1.0, UnitWords::tr("A"), 1};
    case Measure::charge: return {to_mah, UnitWords::tr("mAh"), 0};
    case Measure::charge_to_set: return {to_mah, UnitWords::tr("mAh"), -1};
    case Measure::energy: return {1.0, UnitWords::tr("Wh"), 1};
    case Measure::energy_per_mass: return {1.0, UnitWords::tr("Wh/kg"), 0};
    case Measure::charge_per_mass: return {1.0, UnitWords::tr("mAh/g"), 1};
    case Measure::price_per_energy: return {1.0, UnitWords::tr("/Wh"), 2};
    case Measure::charge_per_distance:
        return {to_mah * per_distance, miles ? UnitWords::tr("mAh/mi") : UnitWords::tr("mAh/km"), 0};
    case Measure::energy_per_distance:
        return {per_distance, miles ? UnitWords::tr("Wh/mi") : UnitWords::tr("Wh/km"), 2};
    case Measure::irradiance: return {1.0, UnitWords::tr("W/m²"), 0};
    }
    return {};
}

QString Quantities::text(units::Quantity quantity, const units::Estimate& estimate) const {
    return written(estimate.value, estimate.sd, notation(quantity));
}

QString Quantities::error_text(units::Quantity quantity, const units::Estimate& estimate) const {
    return written_error(estimate.sd, notation(quantity));
}

QString Quantities::distance(double metres, double sd) const {
    return written(metres, sd, notation(units::Quantity::turn_distance));
}

QString Quantities::speed(double mps) const {
    return written(mps, 0.0, notation(units::Quantity::airspeed));
}

QString Quantities::height(double metres) const {
    return written(metres, 0.0, notation(units::Quantity::height));
}

QString Quantities::charge(double ah, double sd) const {
    return written(ah, sd, notation(units::Quantity::turn_charge));
}

QString Quantities::energy(double wh, double sd) const {
    return written(wh, sd, notation(units::Quantity::usable_energy));
}

QString Quantities::duration(double seconds) const {
    if (!std::isfinite(seconds)) return QStringLiteral("–");
    constexpr double longest_in_minutes_s = 100.0 * units::seconds_per_minute;
    // What is written as a second more would be two minutes.
    if (std::round(seconds) < 2.0 * units::seconds_per_minute)
        return written(seconds, 0.0, {1.0, UnitWords::tr("s"), 0});
    const double minutes = std::round(seconds / units::seconds_per_minute);
    if (seconds < longest_in_minutes_s) return written(minutes, 0.0, {1.0, UnitWords::tr("min"), 0});
    const double hours = std::floor(minutes / 60.0);
    return UnitWords::tr("%1 h %2 min")
        .arg(digits(hours, 0), digits(minutes - 60.0 * hours, 0))
        .replace(QLatin1Char(' '), narrow_space);
}

QString Quantities::legTime(double seconds) const {
    constexpr double whole_minutes_from_s = 10.0 * units::seconds_per_minute;
    const double whole_s = std::round(seconds);
    if (!(whole_s >= 2.0 * units::seconds_per_minute && whole_s < whole_minutes_from_s)) return duration(seconds);
    const double minutes = std::floor(whole_s / units::seconds_per_minute);
    const double left_s = whole_s - units::seconds_per_minute * minutes;
    if (left_s == 0.0) return duration(whole_s);
    return UnitWords::tr("%1 min %2 s")
        .arg(digits(minutes, 0), digits(left_s, 0))
        .replace(QLatin1Char(' '), narrow_space);
}

QString Quantities::timeLeft(double seconds) const {
    if (!std::isfinite(seconds)) return duration(seconds);
    const double step_s = seconds < 2.0 * units::seconds_per_minute ? 1.0 : units::seconds_per_minute;
    return duration(step_s * std::floor(seconds / step_s));
}

QString Quantities::timer(double seconds) const {
    if (!(seconds >= 0.0 && std::isfinite(seconds))) return QStringLiteral("–");
    const auto whole_s = qint64(seconds);
    const auto two = [](qint64 figure) { return QStringLiteral("%1").arg(figure, 2, 10, QLatin1Char('0')); };
    const qint64 hours = whole_s / 3600;
    const qint64 minutes = whole_s / 60 % 60;
    return hours > 0 ? QStringLiteral("%1:%2:%3").arg(QString::number(hours), two(minutes), two(whole_s % 60))
                     : QStringLiteral("%1:%2").arg(QString::number(minutes), two(whole_s % 60));
}

QString Quantities::share(double share) const {
    return written(share, 0.0, {100.0, UnitWords::tr("%"), 0});
}

QString Quantities::direction(double degrees) const {
    return written(units::wrap_degrees(std::round(degrees)), 0.0, {1.0, UnitWords::tr("°"), 0, false});
}

QString unbroken(QString rich_text) {
    rich_text.replace(narrow_space, QChar(0x00A0));
    // Not those of tags.
    static const QRegularExpression slash(QStringLiteral("(?<!<)/"));
    return rich_text.replace(slash, QStringLiteral("/\u2060"));
}

QString whole_units(QString plain_text) {
    static const QRegularExpression within_unit(QStringLiteral("(\\d\\x{202f}\\p{L}{1,3}/)(?=\\p{L})"),
                                                QRegularExpression::UseUnicodePropertiesOption);
    return plain_text.replace(within_unit, QStringLiteral("\\1\u2060"));
}

QString compass_word(double degrees) {
    const std::array<QString, 8> words = {
        UnitWords::tr("north"), UnitWords::tr("north-east"), UnitWords::tr("east"), UnitWords::tr("south-east"),
        UnitWords::tr("south"), UnitWords::tr("south-west"), UnitWords::tr("west"), UnitWords::tr("north-west")};
    return words[std::size_t(std::lround(units::wrap_degrees(degrees) / 45.0)) % words.size()];
}

QString stopwatch_text(double seconds) {
    const auto whole = qint64(std::llround(seconds));
    constexpr qint64 minute = 60;
    constexpr qint64 hour = 60 * minute;
    const auto two = [](qint64 n) { return QStringLiteral("%1").arg(n, 2, 10, QLatin1Char('0')); };
    const QString end = two(whole % hour / minute) + QLatin1Char(':') + two(whole % minute);
    if (whole >= hour) return QStringLiteral("%1:%2").arg(whole / hour).arg(end);
    return QStringLiteral("%1:%2").arg(whole / minute).arg(two(whole % minute));
}

} // namespace sobremesa::wording
