#include "core/airframe/aircraft_ranges.hpp"

#include "core/sun/array_ranges.hpp"

namespace sobremesa::airframe {

void look_at_ranges(units::NumberRanges& ranges, const Aircraft& aircraft) {
    const double cruise_w = aircraft.cruise_power_w;
    ranges.number("aircraft.mass_kg", aircraft.mass_kg, 0.02, 150);
    ranges.number("aircraft.cruise_airspeed_mps", aircraft.cruise_airspeed_mps, 1, 120);
    ranges.number("aircraft.cruise_power_w", cruise_w, 0.5, 50000);
    ranges.number("aircraft.cruise_all_up_mass_kg", aircraft.cruise_all_up_mass_kg, 0.02, 250);
    ranges.number("aircraft.cruise_density_kgm3", aircraft.cruise_density_kgm3, 0.3, 1.6);
    ranges.number("aircraft.electronics_w", aircraft.electronics_w, 0, cruise_w, "0 … `cruise_power_w`");
    ranges.each("aircraft.electronics", aircraft.electronics, [&](const ElectronicsPart& part) {
        ranges.number("aircraft.electronics.power_w", part.power_w, 0, cruise_w,
                      "0 … `cruise_power_w`, all together");
        ranges.number("aircraft.electronics.mass_kg", part.mass_kg, 0, aircraft.mass_kg,
                      "0 … `mass_kg`, all together");
    });
    ranges.number("aircraft.full_power_w", aircraft.full_power_w, cruise_w, 200000, "`cruise_power_w` … 200000");
    ranges.number("aircraft.controller_current_a", aircraft.controller_current_a, 0.1, 2000);
    ranges.number("aircraft.motor_current_a", aircraft.motor_current_a, 0.1, 2000);
    ranges.number("aircraft.failsafe_signal_dbm", aircraft.failsafe_signal_dbm, -150, 0);
    ranges.number("aircraft.failsafe_link_share", aircraft.failsafe_link_share, 0, 1);
    ranges.number("aircraft.most_pack_mass_kg", aircraft.most_pack_mass_kg, 0.001, 100);
    ranges.number("aircraft.bay_length_m", aircraft.bay_length_m, 0.001, 3);
    ranges.number("aircraft.bay_width_m", aircraft.bay_width_m, 0.001, 3);
    ranges.number("aircraft.bay_height_m", aircraft.bay_height_m, 0.001, 3);
    ranges.number("aircraft.wing.area_m2", aircraft.wing.area_m2, 0.005, 30);
    ranges.number("aircraft.wing.span_m", aircraft.wing.span_m, 0.1, 20);
    ranges.number("aircraft.wing.cl_max", aircraft.wing.cl_max, 0.3, 3);
    ranges.number("aircraft.rotor.rotors", aircraft.rotor.rotors, 1, 16);
    ranges.number("aircraft.rotor.propeller_diameter_m", aircraft.rotor.propeller_diameter_m, 0.02, 3);
    ranges.each(aircraft.array, [&](const sun::SolarArray& array) { sun::look_at_ranges(ranges, array); });
    ranges.each(aircraft.converter,
                [&](const sun::Converter& converter) { sun::look_at_ranges(ranges, converter); });
}

} // namespace sobremesa::airframe
