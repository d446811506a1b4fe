#include "wording/quantities.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include <QCoreApplication>
#include <QLocale>

#include "core/units/constants.hpp"

namespace sobremesa::wording {

namespace {

struct QuantitiesWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Quantities)
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
    // The C locale: a point as decimal sign, whatever the desktop says.
    QString text = QLocale::c().toString(std::abs(rounded), 'f', std::max(decimals, 0));
    text.remove(QLatin1Char(','));
    const auto point = text.indexOf(QLatin1Char('.'));
    for (auto at = (point < 0 ? text.size() : point) - 3; at > 0; at -= 3) text.insert(at, narrow_space);
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
    case UnitChoice::Speed::metres_per_second: return {1.0, QuantitiesWords::tr("m/s"), 1};
    case UnitChoice::Speed::miles_per_hour: return {1.0 / units::mps_per_mph, QuantitiesWords::tr("mph"), 0};
    case UnitChoice::Speed::knots: return {1.0 / units::mps_per_knot, QuantitiesWords::tr("kn"), 0};
    case UnitChoice::Speed::kilometres_per_hour: break;
    }
    return {1.0 / units::mps_per_kmh, QuantitiesWords::tr("km/h"), 0};
}

} // namespace

QString written(double value, double sd, const Notation& notation) {
    if (!std::isfinite(value)) return QStringLiteral("–");
    return with_unit(digits(value * notation.factor, decimals(sd, notation)), notation);
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
    using units::Quantity;
    const bool miles = choice_.distance == UnitChoice::Distance::miles;
    const double per_distance = miles ? units::metres_per_mile : units::metres_per_kilometre;
    const Notation speed = speed_notation(choice_.speed);
    Notation charge{units::milliamp_hours_per_amp_hour, QuantitiesWords::tr("mAh"), 0};
    Notation energy{1.0, QuantitiesWords::tr("Wh"), 1};
    Notation minutes{1.0 / units::seconds_per_minute, QuantitiesWords::tr("min"), 0};

    switch (quantity) {
    case Quantity::airspeed:
    case Quantity::best_endurance_speed:
    case Quantity::best_range_speed:
    case Quantity::fastest_speed:
    case Quantity::stall_speed:
    case Quantity::ground_speed_out:
    case Quantity::ground_speed_home: return speed;
    case Quantity::wind_speed: return speed_notation(choice_.wind);
    case Quantity::wind_from:
    case Quantity::bearing: return {1.0, QuantitiesWords::tr("°"), 0, false};
    case Quantity::least_clearance:
    case Quantity::greatest_height:
    case Quantity::height:
        return choice_.height == UnitChoice::Height::feet
                   ? Notation{1.0 / units::metres_per_foot, QuantitiesWords::tr("ft"), 0}
                   : Notation{1.0, QuantitiesWords::tr("m"), 0};
    case Quantity::lift_of_air:
    case Quantity::climb_rate:
        return choice_.height == UnitChoice::Height::feet
                   ? Notation{units::seconds_per_minute / units::metres_per_foot, QuantitiesWords::tr("ft/min"), 0}
                   : Notation{1.0, QuantitiesWords::tr("m/s"), 1};
    case Quantity::aircraft_mass:
    case Quantity::pack_mass:
    case Quantity::all_up_mass: return {1000.0, QuantitiesWords::tr("g"), 0};
    case Quantity::air_density: return {1.0, QuantitiesWords::tr("kg/m³"), 3};
    case Quantity::pack_temperature:
    case Quantity::temperature: return {1.0, QuantitiesWords::tr("°C"), 0};
    case Quantity::reserve_share:
    case Quantity::landing_share_left:
    case Quantity::full_charge_share:
    case Quantity::electronics_share:
    case Quantity::throttle_cap:
    case Quantity::chance_of_home:
    case Quantity::chance_of_reserve:
    case Quantity::power_share:
    case Quantity::forecast_error:
    case Quantity::climb_share:
    case Quantity::left_share: return {100.0, QuantitiesWords::tr("%"), 0};
    case Quantity::cycles_left: return {1.0, {}, 0};
    case Quantity::sensor_scale: return {1.0, {}, 0};
    case Quantity::rested_cell_voltage: return {1.0, QuantitiesWords::tr("V a cell"), 2};
    case Quantity::cells_in_parallel:
    case Quantity::flight_count: return {1.0, {}, 0};
    case Quantity::pack_cycles: return {1.0, {}, 1};
    case Quantity::home_wind_factor: return {1.0, {}, 2};
    case Quantity::landing_cell_voltage:
    case Quantity::turn_cell_voltage: return {1.0, QuantitiesWords::tr("V a cell"), 2};
    case Quantity::lowest_pack_voltage:
    case Quantity::lowest_voltage: return {1.0, QuantitiesWords::tr("V"), 2};
    case Quantity::weakest_cell_voltage:
    case Quantity::alarm_voltage:
    case Quantity::lowest_cell_voltage: return {1.0, QuantitiesWords::tr("V a cell"), 2};
    case Quantity::measured_cell_resistance:
    case Quantity::cell_resistance: return {1000.0, QuantitiesWords::tr("mΩ"), 1};
    case Quantity::energy_per_mass: return {1.0, QuantitiesWords::tr("Wh/kg"), 0};
    case Quantity::pack_resistance: return {1000.0, QuantitiesWords::tr("mΩ"), 0};
    case Quantity::electronics_power:
    case Quantity::cruise_power:
    case Quantity::level_power:
    case Quantity::gust_power:
    case Quantity::level_power_at_speed:
    case Quantity::mean_power: return {1.0, QuantitiesWords::tr("W"), 0};
    case Quantity::cruise_current:
    case Quantity::mean_current: return {1.0, QuantitiesWords::tr("A"), 1};
    // A turn is a figure to set an alarm to: ten milliampere-hours are as fine as anyone can watch.
    case Quantity::alarm_charge:
    case Quantity::capacity_to_enter:
    case Quantity::turn_charge: return {units::milliamp_hours_per_amp_hour, QuantitiesWords::tr("mAh"), -1};
    case Quantity::cell_capacity:
    case Quantity::recharged_charge:
    case Quantity::rated_charge:
    case Quantity::usable_charge:
    case Quantity::counted_charge:
    case Quantity::integrated_charge:
    case Quantity::left_charge: return charge;
    case Quantity::charge_through: return charge;
    case Quantity::reserve_energy:
    case Quantity::usable_energy:
    case Quantity::climb_energy:
    case Quantity::homeward_energy:
    case Quantity::turn_energy:
    case Quantity::landing_energy_left:
    case Quantity::least_spare:
    case Quantity::array_energy:
    case Quantity::motor_energy:
    case Quantity::leg_energy:
    case Quantity::used_energy: return energy;
    case Quantity::turn_distance:
    case Quantity::flight_ground_distance:
    case Quantity::ground_distance:
    case Quantity::air_distance:
    case Quantity::failsafe_distance:
    case Quantity::further_distance:
    case Quantity::farthest_reach:
    case Quantity::link_distance:
    case Quantity::farthest_from_home: return {1.0 / per_distance, miles ? QuantitiesWords::tr("mi") : QuantitiesWords::tr("km"), 1};
    case Quantity::flight_range: return {1.0 / per_distance, miles ? QuantitiesWords::tr("mi") : QuantitiesWords::tr("km"), 1};
    case Quantity::peak_cell_current:
    case Quantity::peak_motor_current:
    case Quantity::peak_pack_current:
    case Quantity::alarm_current:
    case Quantity::cell_current: return {1.0, QuantitiesWords::tr("A"), 1};
    case Quantity::price_per_energy: return {1.0, QuantitiesWords::tr("/Wh"), 2};
    case Quantity::charge_per_mass: return {1.0, QuantitiesWords::tr("mAh/g"), 1};
    case Quantity::energy_density: return {1.0, QuantitiesWords::tr("Wh/kg"), 0};
    // In minutes already, as pilots say it; and in zones.
    case Quantity::ground_minutes: return {1.0, QuantitiesWords::tr("min"), 0};
    case Quantity::link_margin: return {100.0, QuantitiesWords::tr("% of the zone"), 0};
    case Quantity::time_above_limit: return {1.0, QuantitiesWords::tr("s"), 0};
    case Quantity::endurance:
    case Quantity::further_time:
    case Quantity::time_on_station:
    case Quantity::last_moment:
    case Quantity::leg_time:
    case Quantity::alarm_time:
    case Quantity::compared_endurance:
    case Quantity::turn_time:
    case Quantity::flight_time:
    case Quantity::duration: return minutes;
    case Quantity::charge_per_distance_out:
    case Quantity::charge_per_distance_home:
    case Quantity::still_air_charge_per_distance:
    case Quantity::charge_per_distance:
        return {units::milliamp_hours_per_amp_hour * per_distance,
                miles ? QuantitiesWords::tr("mAh/mi") : QuantitiesWords::tr("mAh/km"), 0};
    case Quantity::energy_per_distance_out:
    case Quantity::energy_per_distance_home:
    case Quantity::still_air_energy_per_distance:
    case Quantity::compared_energy_per_distance:
    case Quantity::energy_per_distance: return {per_distance, miles ? QuantitiesWords::tr("Wh/mi") : QuantitiesWords::tr("Wh/km"), 2};
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
    if (seconds < 2.0 * units::seconds_per_minute) return written(seconds, 0.0, {1.0, QuantitiesWords::tr("s"), 0});
    const double minutes = std::round(seconds / units::seconds_per_minute);
    if (seconds < longest_in_minutes_s) return written(minutes, 0.0, {1.0, QuantitiesWords::tr("min"), 0});
    const double hours = std::floor(minutes / 60.0);
    return QuantitiesWords::tr("%1 h %2 min")
        .arg(digits(hours, 0), digits(minutes - 60.0 * hours, 0))
        .replace(QLatin1Char(' '), narrow_space);
}

QString Quantities::share(double share) const {
    return written(share, 0.0, {100.0, QuantitiesWords::tr("%"), 0});
}

QString Quantities::direction(double degrees) const {
    return written(units::wrap_degrees(std::round(degrees)), 0.0, {1.0, QuantitiesWords::tr("°"), 0, false});
}

QString compass_word(double degrees) {
    const std::array<QString, 8> words = {QuantitiesWords::tr("north"),      QuantitiesWords::tr("north-east"), QuantitiesWords::tr("east"),
                                          QuantitiesWords::tr("south-east"), QuantitiesWords::tr("south"),      QuantitiesWords::tr("south-west"),
                                          QuantitiesWords::tr("west"),       QuantitiesWords::tr("north-west")};
    return words[std::size_t(std::lround(units::wrap_degrees(degrees) / 45.0)) % words.size()];
}

} // namespace sobremesa::wording
