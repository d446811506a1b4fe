#include "core/mission/input_paths.hpp"

#include "core/units/quantity.hpp"

namespace sobremesa::mission {

const char* input_path(units::Quantity input) {
    using units::Quantity;
    switch (input) {
    case Quantity::wind_speed: return "weather.wind_mps";
    case Quantity::wind_from: return "weather.wind_from_deg";
    case Quantity::cruise_power: return "aircraft.cruise_power_w";
    case Quantity::usable_charge: return "pack.capacity_factor";
    case Quantity::all_up_mass: return "aircraft.mass_kg";
    case Quantity::landing_cell_voltage: return "landing.cell_voltage_v";
    case Quantity::temperature: return "weather.temperature_c";
    case Quantity::height: return "mission.height_m";
    default: return "";
    }
}

} // namespace sobremesa::mission
