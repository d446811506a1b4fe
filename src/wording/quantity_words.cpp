#include "wording/quantity_words.hpp"

#include <array>

#include <QCoreApplication>

#include "wording/names.hpp"

namespace sobremesa::wording {

namespace {

using units::Quantity;

struct QuantityRow {
    Quantity quantity;
    Measure measure;
    const char* name;
};

// A new number is a line here, in the order of units/quantity.hpp.
constexpr std::array<QuantityRow, units::quantity_count> rows = {{
    {Quantity::airspeed, Measure::speed, QT_TRANSLATE_NOOP("sobremesa::Names", "cruise airspeed")},
    {Quantity::all_up_mass, Measure::mass, QT_TRANSLATE_NOOP("sobremesa::Names", "all-up mass")},
    {Quantity::aircraft_mass, Measure::mass, QT_TRANSLATE_NOOP("sobremesa::Names", "mass without pack")},
    {Quantity::pack_mass, Measure::mass, QT_TRANSLATE_NOOP("sobremesa::Names", "pack mass")},
    {Quantity::electronics_power, Measure::power, QT_TRANSLATE_NOOP("sobremesa::Names", "electronics power")},
    {Quantity::cell_capacity, Measure::charge, QT_TRANSLATE_NOOP("sobremesa::Names", "cell capacity")},
    {Quantity::cell_resistance, Measure::cell_resistance, QT_TRANSLATE_NOOP("sobremesa::Names", "cell resistance")},
    {Quantity::cells_in_parallel, Measure::count, QT_TRANSLATE_NOOP("sobremesa::Names", "cells in parallel")},
    {Quantity::climb_rate, Measure::climb_rate, QT_TRANSLATE_NOOP("sobremesa::Names", "climb rate")},
    {Quantity::recharged_charge, Measure::charge, QT_TRANSLATE_NOOP("sobremesa::Names", "recharged")},
    {Quantity::air_density, Measure::density, QT_TRANSLATE_NOOP("sobremesa::Names", "air density at height")},
    {Quantity::temperature, Measure::temperature,
     QT_TRANSLATE_NOOP("sobremesa::Names", "temperature at the field")},
    {Quantity::wind_speed, Measure::wind_speed, QT_TRANSLATE_NOOP("sobremesa::Names", "wind aloft")},
    {Quantity::wind_from, Measure::direction, QT_TRANSLATE_NOOP("sobremesa::Names", "wind from")},
    {Quantity::bearing, Measure::direction, QT_TRANSLATE_NOOP("sobremesa::Names", "outbound bearing")},
    {Quantity::height, Measure::height, QT_TRANSLATE_NOOP("sobremesa::Names", "height above home")},
    {Quantity::reserve_share, Measure::share, QT_TRANSLATE_NOOP("sobremesa::Names", "reserve")},
    {Quantity::reserve_energy, Measure::energy, QT_TRANSLATE_NOOP("sobremesa::Names", "reserve")},
    {Quantity::landing_cell_voltage, Measure::cell_voltage,
     QT_TRANSLATE_NOOP("sobremesa::Names", "landing voltage under cruise load")},
    {Quantity::rated_charge, Measure::charge, QT_TRANSLATE_NOOP("sobremesa::Names", "rated capacity of the pack")},
    {Quantity::pack_resistance, Measure::pack_resistance, QT_TRANSLATE_NOOP("sobremesa::Names", "pack resistance")},
    {Quantity::home_wind_factor, Measure::factor,
     QT_TRANSLATE_NOOP("sobremesa::Names", "wind factor for the return leg")},
    {Quantity::cruise_power, Measure::power, QT_TRANSLATE_NOOP("sobremesa::Names", "cruise power")},
    {Quantity::cruise_current, Measure::current, QT_TRANSLATE_NOOP("sobremesa::Names", "cruise current")},
    {Quantity::usable_energy, Measure::energy, QT_TRANSLATE_NOOP("sobremesa::Names", "usable energy")},
    {Quantity::usable_charge, Measure::charge, QT_TRANSLATE_NOOP("sobremesa::Names", "usable charge")},
    {Quantity::ground_speed_out, Measure::speed, QT_TRANSLATE_NOOP("sobremesa::Names", "outbound ground speed")},
    {Quantity::ground_speed_home, Measure::speed, QT_TRANSLATE_NOOP("sobremesa::Names", "return ground speed")},
    {Quantity::homeward_energy, Measure::energy, QT_TRANSLATE_NOOP("sobremesa::Names", "energy of the return leg")},
    {Quantity::turn_distance, Measure::distance, QT_TRANSLATE_NOOP("sobremesa::Names", "turn distance")},
    {Quantity::turn_charge, Measure::charge_to_set,
     QT_TRANSLATE_NOOP("sobremesa::Names", "charge used at the turn")},
    {Quantity::turn_time, Measure::time, QT_TRANSLATE_NOOP("sobremesa::Names", "turn time")},
    {Quantity::turn_energy, Measure::energy, QT_TRANSLATE_NOOP("sobremesa::Names", "energy used at the turn")},
    {Quantity::turn_cell_voltage, Measure::cell_voltage,
     QT_TRANSLATE_NOOP("sobremesa::Names", "voltage at the turn")},
    {Quantity::flight_time, Measure::time, QT_TRANSLATE_NOOP("sobremesa::Names", "flight time")},
    {Quantity::flight_ground_distance, Measure::distance, QT_TRANSLATE_NOOP("sobremesa::Names", "ground distance")},
    {Quantity::landing_energy_left, Measure::energy,
     QT_TRANSLATE_NOOP("sobremesa::Names", "energy remaining at landing")},
    {Quantity::landing_share_left, Measure::share, QT_TRANSLATE_NOOP("sobremesa::Names", "remaining at landing")},
    {Quantity::charge_per_distance_out, Measure::charge_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "outbound consumption")},
    {Quantity::charge_per_distance_home, Measure::charge_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "return consumption")},
    {Quantity::energy_per_distance_out, Measure::energy_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "outbound energy per distance")},
    {Quantity::energy_per_distance_home, Measure::energy_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "return energy per distance")},
    {Quantity::ground_distance, Measure::distance, QT_TRANSLATE_NOOP("sobremesa::Names", "ground distance")},
    {Quantity::farthest_from_home, Measure::distance, QT_TRANSLATE_NOOP("sobremesa::Names", "farthest from home")},
    {Quantity::counted_charge, Measure::charge,
     QT_TRANSLATE_NOOP("sobremesa::Names", "charge by the log's counter")},
    {Quantity::integrated_charge, Measure::charge, QT_TRANSLATE_NOOP("sobremesa::Names", "charge used")},
    {Quantity::used_energy, Measure::energy, QT_TRANSLATE_NOOP("sobremesa::Names", "energy used")},
    {Quantity::duration, Measure::time, QT_TRANSLATE_NOOP("sobremesa::Names", "time in the log")},
    {Quantity::energy_per_distance, Measure::energy_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "energy over ground")},
    {Quantity::charge_per_distance, Measure::charge_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "charge over ground")},
    {Quantity::mean_power, Measure::power, QT_TRANSLATE_NOOP("sobremesa::Names", "mean power")},
    {Quantity::mean_current, Measure::current, QT_TRANSLATE_NOOP("sobremesa::Names", "mean current")},
    {Quantity::lowest_voltage, Measure::voltage, QT_TRANSLATE_NOOP("sobremesa::Names", "lowest pack voltage")},
    {Quantity::highest_current, Measure::current, QT_TRANSLATE_NOOP("sobremesa::Names", "highest current")},
    {Quantity::highest_ground_speed, Measure::speed, QT_TRANSLATE_NOOP("sobremesa::Names", "highest ground speed")},
    {Quantity::left_charge, Measure::charge, QT_TRANSLATE_NOOP("sobremesa::Names", "charge remaining, by counter")},
    {Quantity::least_margin, Measure::energy,
     QT_TRANSLATE_NOOP("sobremesa::Names", "minimum margin on the flight")},
    {Quantity::pack_cycles, Measure::cycles, QT_TRANSLATE_NOOP("sobremesa::Names", "full cycles of the pack")},
    {Quantity::flight_count, Measure::count, QT_TRANSLATE_NOOP("sobremesa::Names", "flights in the logbook")},
    {Quantity::recharge_count, Measure::count, QT_TRANSLATE_NOOP("sobremesa::Names", "recharges after a flight")},
    {Quantity::sensor_reads, Measure::share,
     QT_TRANSLATE_NOOP("sobremesa::Names", "current sensor reading over true current")},
    {Quantity::charge_through, Measure::charge, QT_TRANSLATE_NOOP("sobremesa::Names", "charge throughput")},
    {Quantity::left_share, Measure::share, QT_TRANSLATE_NOOP("sobremesa::Names", "remaining, by counter")},
    {Quantity::endurance, Measure::time, QT_TRANSLATE_NOOP("sobremesa::Names", "time in the air with this pack")},
    {Quantity::flight_range, Measure::distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "distance with this pack, out and back")},
    {Quantity::cell_current, Measure::current, QT_TRANSLATE_NOOP("sobremesa::Names", "cell current in cruise")},
    {Quantity::price_per_energy, Measure::price_per_energy,
     QT_TRANSLATE_NOOP("sobremesa::Names", "price per energy")},
    {Quantity::charge_per_mass, Measure::charge_per_mass,
     QT_TRANSLATE_NOOP("sobremesa::Names", "rated charge per mass")},
    {Quantity::energy_density, Measure::energy_per_mass,
     QT_TRANSLATE_NOOP("sobremesa::Names", "rated specific energy")},
    {Quantity::full_charge_share, Measure::share,
     QT_TRANSLATE_NOOP("sobremesa::Names", "full recharge over rated capacity")},
    {Quantity::cycles_left, Measure::count,
     QT_TRANSLATE_NOOP("sobremesa::Names", "full cycles to 80 % of the label capacity")},
    {Quantity::measured_cell_resistance, Measure::cell_resistance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "cell resistance as measured in flight")},
    {Quantity::rested_cell_voltage, Measure::cell_voltage,
     QT_TRANSLATE_NOOP("sobremesa::Names", "resting voltage per cell")},
    {Quantity::air_distance, Measure::distance, QT_TRANSLATE_NOOP("sobremesa::Names", "distance through the air")},
    {Quantity::still_air_energy_per_distance, Measure::energy_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "still-air energy per distance, level")},
    {Quantity::still_air_charge_per_distance, Measure::charge_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "still-air charge per distance, level")},
    {Quantity::level_power, Measure::power, QT_TRANSLATE_NOOP("sobremesa::Names", "level-flight power")},
    {Quantity::sensor_scale, Measure::count, QT_TRANSLATE_NOOP("sobremesa::Names", "current sensor scale")},
    {Quantity::lowest_cell_voltage, Measure::cell_voltage,
     QT_TRANSLATE_NOOP("sobremesa::Names", "lowest cell voltage")},
    {Quantity::lift_of_air, Measure::climb_rate,
     QT_TRANSLATE_NOOP("sobremesa::Names", "lift of the air, sink below zero")},
    {Quantity::gust_power, Measure::power, QT_TRANSLATE_NOOP("sobremesa::Names", "power spread in level flight")},
    {Quantity::electronics_share, Measure::share,
     QT_TRANSLATE_NOOP("sobremesa::Names", "electronics' share of power")},
    {Quantity::climb_share, Measure::share, QT_TRANSLATE_NOOP("sobremesa::Names", "climbs' share of energy")},
    {Quantity::time_above_limit, Measure::seconds,
     QT_TRANSLATE_NOOP("sobremesa::Names", "time above that current")},
    {Quantity::failsafe_distance, Measure::distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "link failsafe distance")},
    {Quantity::further_time, Measure::time, QT_TRANSLATE_NOOP("sobremesa::Names", "flight time still possible")},
    {Quantity::further_distance, Measure::distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "distance still possible")},
    {Quantity::array_energy, Measure::energy, QT_TRANSLATE_NOOP("sobremesa::Names", "energy from the array")},
    {Quantity::motor_energy, Measure::energy, QT_TRANSLATE_NOOP("sobremesa::Names", "energy of the motors")},
    {Quantity::compared_energy_per_distance, Measure::energy_per_distance,
     QT_TRANSLATE_NOOP("sobremesa::Names", "normalized energy per distance")},
    {Quantity::compared_endurance, Measure::time, QT_TRANSLATE_NOOP("sobremesa::Names", "normalized endurance")},
    {Quantity::level_power_at_speed, Measure::power,
     QT_TRANSLATE_NOOP("sobremesa::Names", "level power at that airspeed")},
    {Quantity::best_endurance_speed, Measure::speed, QT_TRANSLATE_NOOP("sobremesa::Names", "best-endurance speed")},
    {Quantity::best_range_speed, Measure::speed, QT_TRANSLATE_NOOP("sobremesa::Names", "best-range speed")},
    {Quantity::fastest_speed, Measure::speed, QT_TRANSLATE_NOOP("sobremesa::Names", "fastest sensible airspeed")},
    {Quantity::stall_speed, Measure::speed, QT_TRANSLATE_NOOP("sobremesa::Names", "stall speed")},
    {Quantity::forecast_error, Measure::share, QT_TRANSLATE_NOOP("sobremesa::Names", "forecast over flown")},
    {Quantity::least_clearance, Measure::height,
     QT_TRANSLATE_NOOP("sobremesa::Names", "minimum height above ground")},
    {Quantity::peak_motor_current, Measure::current, QT_TRANSLATE_NOOP("sobremesa::Names", "peak motor current")},
    {Quantity::peak_pack_current, Measure::current, QT_TRANSLATE_NOOP("sobremesa::Names", "peak pack current")},
    {Quantity::lowest_pack_voltage, Measure::voltage,
     QT_TRANSLATE_NOOP("sobremesa::Names", "lowest volts of the pack")},
    {Quantity::weakest_cell_voltage, Measure::cell_voltage,
     QT_TRANSLATE_NOOP("sobremesa::Names", "lowest voltage of the weakest cell")},
    {Quantity::pack_temperature, Measure::temperature, QT_TRANSLATE_NOOP("sobremesa::Names", "pack temperature")},
    {Quantity::power_share, Measure::share, QT_TRANSLATE_NOOP("sobremesa::Names", "share of full power")},
    {Quantity::greatest_height, Measure::height,
     QT_TRANSLATE_NOOP("sobremesa::Names", "maximum height above ground")},
    {Quantity::link_margin, Measure::zone,
     QT_TRANSLATE_NOOP("sobremesa::Names", "line of sight, clear of the ground")},
    {Quantity::link_distance, Measure::distance, QT_TRANSLATE_NOOP("sobremesa::Names", "link distance")},
    {Quantity::ground_minutes, Measure::minutes, QT_TRANSLATE_NOOP("sobremesa::Names", "flight time")},
    {Quantity::alarm_charge, Measure::charge_to_set, QT_TRANSLATE_NOOP("sobremesa::Names", "charge used")},
    {Quantity::alarm_voltage, Measure::cell_voltage, QT_TRANSLATE_NOOP("sobremesa::Names", "voltage under load")},
    {Quantity::alarm_current, Measure::current, QT_TRANSLATE_NOOP("sobremesa::Names", "current alarm")},
    {Quantity::array_power, Measure::power, QT_TRANSLATE_NOOP("sobremesa::Names", "array power")},
    {Quantity::sun_irradiance, Measure::irradiance, QT_TRANSLATE_NOOP("sobremesa::Names", "irradiance, level")},
    {Quantity::sun_elevation, Measure::direction, QT_TRANSLATE_NOOP("sobremesa::Names", "elevation of the sun")},
    {Quantity::power_balance, Measure::power,
     QT_TRANSLATE_NOOP("sobremesa::Names", "array power above level flight")},
    {Quantity::climb_on_sun, Measure::climb_rate,
     QT_TRANSLATE_NOOP("sobremesa::Names", "climb rate on the sun alone")},
    {Quantity::sustained_time, Measure::time,
     QT_TRANSLATE_NOOP("sobremesa::Names", "time in which the sun sustains level flight")},
    {Quantity::cloud_minutes, Measure::minutes,
     QT_TRANSLATE_NOOP("sobremesa::Names", "longest full cloud that the pack covers")},
}};

constexpr bool quantities_in_order() {
    for (std::size_t i = 0; i < rows.size(); ++i) {
        if (std::size_t(rows[i].quantity) != i || !rows[i].name) return false;
    }
    return true;
}
static_assert(quantities_in_order(), "every quantity has its row, at its place");

} // namespace

Measure measure_of(Quantity quantity) {
    return rows[std::size_t(quantity)].measure;
}

QString name(Quantity quantity) {
    return QCoreApplication::translate("sobremesa::Names", rows[std::size_t(quantity)].name);
}

} // namespace sobremesa::wording
