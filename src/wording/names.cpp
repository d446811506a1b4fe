#include "wording/names.hpp"

#include <QCoreApplication>

namespace sobremesa::wording {

namespace {
struct Words {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Names)
};
} // namespace

QString name(units::Quantity quantity) {
    using units::Quantity;
    switch (quantity) {
    case Quantity::airspeed: return Words::tr("airspeed in cruise");
    case Quantity::all_up_mass: return Words::tr("all-up mass");
    case Quantity::air_density: return Words::tr("density of the air at height");
    case Quantity::temperature: return Words::tr("temperature at the field");
    case Quantity::wind_speed: return Words::tr("wind aloft");
    case Quantity::wind_from: return Words::tr("wind from");
    case Quantity::bearing: return Words::tr("bearing out");
    case Quantity::height: return Words::tr("height above home");
    case Quantity::reserve_share: return Words::tr("reserve");
    case Quantity::reserve_energy: return Words::tr("reserve");
    case Quantity::landing_cell_voltage: return Words::tr("landing voltage under cruise load");
    case Quantity::rated_charge: return Words::tr("rated charge of the pack");
    case Quantity::pack_resistance: return Words::tr("resistance of the pack");
    case Quantity::home_wind_factor: return Words::tr("factor on the wind for the way home");
    case Quantity::cruise_power: return Words::tr("power in cruise");
    case Quantity::cruise_current: return Words::tr("current in cruise");
    case Quantity::usable_energy: return Words::tr("usable energy");
    case Quantity::usable_charge: return Words::tr("usable charge");
    case Quantity::ground_speed_out: return Words::tr("ground speed out");
    case Quantity::ground_speed_home: return Words::tr("ground speed home");
    case Quantity::climb_energy: return Words::tr("energy of the climb");
    case Quantity::homeward_energy: return Words::tr("energy of the way home");
    case Quantity::turn_distance: return Words::tr("distance of the turn");
    case Quantity::turn_charge: return Words::tr("charge used at the turn");
    case Quantity::turn_time: return Words::tr("time of the turn");
    case Quantity::turn_energy: return Words::tr("energy used at the turn");
    case Quantity::turn_cell_voltage: return Words::tr("volts at the turn");
    case Quantity::flight_time: return Words::tr("time of the flight");
    case Quantity::flight_ground_distance: return Words::tr("way over ground");
    case Quantity::landing_energy_left: return Words::tr("energy left at landing");
    case Quantity::landing_share_left: return Words::tr("left at landing");
    case Quantity::charge_per_distance_out: return Words::tr("consumption on the way out");
    case Quantity::charge_per_distance_home: return Words::tr("consumption on the way home");
    case Quantity::energy_per_distance_out: return Words::tr("energy per distance on the way out");
    case Quantity::energy_per_distance_home: return Words::tr("energy per distance on the way home");
    case Quantity::aircraft_mass: return Words::tr("mass of the aircraft without its pack");
    case Quantity::pack_mass: return Words::tr("mass of the pack");
    case Quantity::electronics_power: return Words::tr("power of the electronics");
    case Quantity::cell_capacity: return Words::tr("rated charge of a cell");
    case Quantity::cell_resistance: return Words::tr("resistance of a cell");
    case Quantity::climb_rate: return Words::tr("rate of climb");
    case Quantity::recharged_charge: return Words::tr("recharged");
    case Quantity::energy_per_mass: return Words::tr("usable energy per mass");
    case Quantity::ground_distance: return Words::tr("way over ground");
    case Quantity::farthest_from_home: return Words::tr("farthest from home");
    case Quantity::counted_charge: return Words::tr("charge by the log's counter");
    case Quantity::integrated_charge: return Words::tr("charge used");
    case Quantity::used_energy: return Words::tr("energy used");
    case Quantity::duration: return Words::tr("time in the log");
    case Quantity::energy_per_distance: return Words::tr("energy over ground");
    case Quantity::charge_per_distance: return Words::tr("charge over ground");
    case Quantity::mean_power: return Words::tr("mean power");
    case Quantity::mean_current: return Words::tr("mean current");
    case Quantity::lowest_voltage: return Words::tr("lowest pack voltage");
    case Quantity::left_charge: return Words::tr("charge left by counting");
    case Quantity::cells_in_parallel: return Words::tr("cells in parallel");
    case Quantity::flight_count: return Words::tr("flights in the logbook");
    case Quantity::least_spare: return Words::tr("least energy to spare on the flight");
    case Quantity::pack_cycles: return Words::tr("full cycles of the pack");
    case Quantity::charge_through: return Words::tr("charge put through");
    case Quantity::left_share: return Words::tr("left by counting");
    case Quantity::endurance: return Words::tr("time in the air with this pack");
    case Quantity::flight_range: return Words::tr("way over ground with this pack, out and back");
    case Quantity::cell_current: return Words::tr("current of a cell in cruise");
    case Quantity::price_per_energy: return Words::tr("price of the energy");
    case Quantity::charge_per_mass: return Words::tr("rated charge per mass");
    case Quantity::energy_density: return Words::tr("rated energy per mass");
    case Quantity::full_charge_share: return Words::tr("full recharge over the rated charge");
    case Quantity::cycles_left: return Words::tr("full cycles until four fifths of the label");
    case Quantity::measured_cell_resistance: return Words::tr("resistance of a cell as flights showed it");
    case Quantity::rested_cell_voltage: return Words::tr("resting volts of a cell");
    case Quantity::air_distance: return Words::tr("way through the air");
    case Quantity::still_air_energy_per_distance: return Words::tr("energy per way, level in still air");
    case Quantity::still_air_charge_per_distance: return Words::tr("charge per way, level in still air");
    case Quantity::level_power: return Words::tr("power in level flight");
    case Quantity::sensor_scale: return Words::tr("scale of the current sensor");
    case Quantity::lift_of_air: return Words::tr("lift of the air, sink below zero");
    case Quantity::lowest_cell_voltage: return Words::tr("lowest volts of a cell");
    case Quantity::gust_power: return Words::tr("spread of the power in level flight");
    case Quantity::electronics_share: return Words::tr("share of the electronics in the power");
    case Quantity::climb_share: return Words::tr("share of the climbs in the energy");
    case Quantity::time_above_limit: return Words::tr("time above that current");
    case Quantity::failsafe_distance: return Words::tr("distance at which the link would give up");
    case Quantity::further_time: return Words::tr("time it could still have flown");
    case Quantity::further_distance: return Words::tr("way it could still have flown");
    case Quantity::array_energy: return Words::tr("energy from the array");
    case Quantity::motor_energy: return Words::tr("energy of the motors");
    case Quantity::compared_energy_per_distance: return Words::tr("energy per way, made equal");
    case Quantity::compared_endurance: return Words::tr("time in the air, made equal");
    case Quantity::level_power_at_speed: return Words::tr("power level at that airspeed");
    case Quantity::best_endurance_speed: return Words::tr("airspeed for the longest time");
    case Quantity::best_range_speed: return Words::tr("airspeed for the longest way");
    case Quantity::fastest_speed: return Words::tr("fastest sensible airspeed");
    case Quantity::stall_speed: return Words::tr("stalling speed");
    case Quantity::throttle_cap: return Words::tr("throttle cap on a full pack");
    case Quantity::forecast_error: return Words::tr("forecast over flown");
    case Quantity::chance_of_home: return Words::tr("chance of coming home");
    case Quantity::chance_of_reserve: return Words::tr("chance of home with the reserve whole");
    case Quantity::time_on_station: return Words::tr("time on station");
    case Quantity::last_moment: return Words::tr("last moment to leave");
    case Quantity::least_clearance: return Words::tr("least height above ground");
    case Quantity::farthest_reach: return Words::tr("farthest turn on that bearing");
    case Quantity::leg_time: return Words::tr("time of the leg");
    case Quantity::leg_energy: return Words::tr("energy of the leg");
    case Quantity::peak_cell_current: return Words::tr("highest current of a cell");
    case Quantity::peak_motor_current: return Words::tr("highest current of the motors");
    case Quantity::peak_pack_current: return Words::tr("highest current of the pack");
    case Quantity::lowest_pack_voltage: return Words::tr("lowest volts of the pack");
    case Quantity::weakest_cell_voltage: return Words::tr("lowest volts of the weakest cell");
    case Quantity::pack_temperature: return Words::tr("temperature of the pack");
    case Quantity::power_share: return Words::tr("share of full power");
    case Quantity::greatest_height: return Words::tr("greatest height above ground");
    case Quantity::link_margin: return Words::tr("line of sight, clear of the ground");
    case Quantity::link_distance: return Words::tr("distance of the link");
    case Quantity::ground_minutes: return Words::tr("flight time");
    case Quantity::capacity_to_enter: return Words::tr("capacity to enter");
    case Quantity::alarm_charge: return Words::tr("charge used");
    case Quantity::alarm_voltage: return Words::tr("volts under load");
    case Quantity::alarm_time: return Words::tr("timer");
    case Quantity::alarm_current: return Words::tr("current alarm");
    }
    return {};
}

QString name(battery::Chemistry chemistry) {
    switch (chemistry) {
    case battery::Chemistry::lipo: return Words::tr("LiPo");
    case battery::Chemistry::lipo_hv: return Words::tr("LiPo HV");
    case battery::Chemistry::li_ion: break;
    }
    return Words::tr("Li-ion");
}

QString name(battery::Construction construction) {
    return construction == battery::Construction::high_capacity ? Words::tr("high-capacity")
                                                                : Words::tr("high-drain");
}

QString cell_volts(double volts) {
    return written(volts, 0.0, {1.0, Words::tr("V a cell"), 2});
}

QString name(const battery::LandingRule& rule) {
    using battery::LandingSchool;
    const QString volts = cell_volts(rule.cell_v);
    switch (rule.school) {
    case LandingSchool::long_life: return Words::tr("for a long life, %1 at rest").arg(volts);
    case LandingSchool::careful: return Words::tr("careful, %1 under load").arg(volts);
    case LandingSchool::usual: return Words::tr("usual, %1 in cruise").arg(volts);
    case LandingSchool::edge: return Words::tr("to the edge, %1 under load").arg(volts);
    case LandingSchool::floor: return Words::tr("the floor, %1").arg(volts);
    case LandingSchool::alarm_left: return Words::tr("as alarms are often left, %1").arg(volts);
    case LandingSchool::emergency: break;
    }
    return Words::tr("emergency only, %1").arg(volts);
}

QString name(airframe::Craft craft) {
    return craft == airframe::Craft::wing ? Words::tr("wing") : Words::tr("multirotor");
}

QString name(telemetry::SetAsideReason reason) {
    using telemetry::SetAsideReason;
    switch (reason) {
    case SetAsideReason::bad_row: return Words::tr("number of cells differs from the header");
    case SetAsideReason::bad_number: return Words::tr("text where a number belongs");
    case SetAsideReason::cut_last_row: return Words::tr("the file ends in the middle of a row");
    case SetAsideReason::repeated_header: return Words::tr("the header once more");
    case SetAsideReason::no_time: return Words::tr("no time in the row");
    case SetAsideReason::backward_time: return Words::tr("time stands still or runs backwards");
    case SetAsideReason::no_fix: return Words::tr("no satellite fix (position only)");
    case SetAsideReason::position_jump: return Words::tr("position jumps beyond a credible speed (position only)");
    case SetAsideReason::impossible_position: return Words::tr("a position that is not on earth (position only)");
    case SetAsideReason::impossible_value: return Words::tr("volts or amps that no pack has");
    case SetAsideReason::other_flight: return Words::tr("another flight in the same file");
    case SetAsideReason::few_satellites: return Words::tr("too few satellites for a fix (position only)");
    case SetAsideReason::stuck_sensor: return Words::tr("the very same value for long (that reading only)");
    case SetAsideReason::saturated_sensor: return Words::tr("current at the end of its range (used all the same)");
    case SetAsideReason::counter_reset: return Words::tr("the counter of charge starts again (bridged)");
    case SetAsideReason::heights_disagree: return Words::tr("barometer and GPS height apart (used all the same)");
    }
    return {};
}

QString name(telemetry::StretchKind kind) {
    using telemetry::StretchKind;
    switch (kind) {
    case StretchKind::ground: return Words::tr("on the ground");
    case StretchKind::launch: return Words::tr("launch");
    case StretchKind::climb: return Words::tr("climb");
    case StretchKind::level: return Words::tr("level");
    case StretchKind::glide: return Words::tr("glide");
    case StretchKind::descent: return Words::tr("descent");
    case StretchKind::loiter: return Words::tr("loiter");
    case StretchKind::landing: break;
    }
    return Words::tr("landing");
}

QString name(battery::RemainingMethod method) {
    switch (method) {
    case battery::RemainingMethod::counted: return Words::tr("by counting");
    case battery::RemainingMethod::rested: return Words::tr("by volts at rest");
    case battery::RemainingMethod::recharged: break;
    }
    return Words::tr("by the recharge");
}

QString name(const mission::Reserve& reserve, const Quantities& quantities) {
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&reserve)) return quantities.share(share->share);
    if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve)) {
        return Words::tr("%1 over home").arg(written(loiter->minutes, 0.0, {1.0, Words::tr("min"), 0}));
    }
    const double factor = std::get<mission::FactorOnWayHome>(reserve).factor;
    return Words::tr("%1 × the way home").arg(written(factor, 0.0, {1.0, {}, 1}));
}

QString name(mission::School school, const mission::PlanRequest& request, const Quantities& quantities) {
    using mission::School;
    switch (school) {
    case School::energy_home: return Words::tr("enough to come home + %1").arg(name(request.reserve, quantities));
    case School::share_left:
        return Words::tr("%1 left, whatever happens").arg(quantities.share(request.turn.share_left));
    case School::eighty_percent: return Words::tr("80 % rule: half of it gone");
    case School::charge_count:
        if (request.turn.landing_charge_ah) {
            return Words::tr("half of %1 counted").arg(quantities.charge(*request.turn.landing_charge_ah));
        }
        return Words::tr("half the usable charge");
    case School::voltage:
        return Words::tr("volts at half, landing at %1")
            .arg(written(mission::landing_cell_v(request), 0.0, {1.0, Words::tr("V"), 1}));
    case School::chance: return Words::tr("chance of home");
    }
    return {};
}

QString build(const battery::Pack& pack) {
    return Words::tr("%1S%2P %3 %4")
        .arg(pack.series)
        .arg(pack.parallel)
        .arg(name(pack.chemistry), written(battery::rated_charge_ah(pack), 0.0, {1.0, Words::tr("Ah"), 1}));
}

QString title(const battery::Pack& pack) {
    return pack.name.empty() ? build(pack) : QString::fromStdString(pack.name);
}

QString title(const airframe::Aircraft& aircraft) {
    if (!aircraft.name.empty()) return QString::fromStdString(aircraft.name);
    return aircraft.craft == airframe::Craft::wing ? Words::tr("A wing") : Words::tr("A multirotor");
}

QString file_title(const std::string& path) {
    return QString::fromStdString(path.substr(path.find_last_of('/') + 1));
}

} // namespace sobremesa::wording
