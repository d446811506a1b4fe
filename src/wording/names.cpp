#include "wording/names.hpp"

#include <QCoreApplication>

namespace sobremesa::wording {

namespace {
struct NamesWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Names)
};
} // namespace

QString name(units::Quantity quantity) {
    using units::Quantity;
    switch (quantity) {
    case Quantity::airspeed: return NamesWords::tr("airspeed in cruise");
    case Quantity::all_up_mass: return NamesWords::tr("all-up mass");
    case Quantity::air_density: return NamesWords::tr("density of the air at height");
    case Quantity::temperature: return NamesWords::tr("temperature at the field");
    case Quantity::wind_speed: return NamesWords::tr("wind aloft");
    case Quantity::wind_from: return NamesWords::tr("wind from");
    case Quantity::bearing: return NamesWords::tr("bearing out");
    case Quantity::height: return NamesWords::tr("height above home");
    case Quantity::reserve_share: return NamesWords::tr("reserve");
    case Quantity::reserve_energy: return NamesWords::tr("reserve");
    case Quantity::landing_cell_voltage: return NamesWords::tr("landing voltage under cruise load");
    case Quantity::rated_charge: return NamesWords::tr("rated charge of the pack");
    case Quantity::pack_resistance: return NamesWords::tr("resistance of the pack");
    case Quantity::home_wind_factor: return NamesWords::tr("factor on the wind for the way home");
    case Quantity::cruise_power: return NamesWords::tr("power in cruise");
    case Quantity::cruise_current: return NamesWords::tr("current in cruise");
    case Quantity::usable_energy: return NamesWords::tr("usable energy");
    case Quantity::usable_charge: return NamesWords::tr("usable charge");
    case Quantity::ground_speed_out: return NamesWords::tr("ground speed out");
    case Quantity::ground_speed_home: return NamesWords::tr("ground speed home");
    case Quantity::climb_energy: return NamesWords::tr("energy of the climb");
    case Quantity::homeward_energy: return NamesWords::tr("energy of the way home");
    case Quantity::turn_distance: return NamesWords::tr("distance of the turn");
    case Quantity::turn_charge: return NamesWords::tr("charge used at the turn");
    case Quantity::turn_time: return NamesWords::tr("time of the turn");
    case Quantity::turn_energy: return NamesWords::tr("energy used at the turn");
    case Quantity::turn_cell_voltage: return NamesWords::tr("volts at the turn");
    case Quantity::flight_time: return NamesWords::tr("time of the flight");
    case Quantity::flight_ground_distance: return NamesWords::tr("way over ground");
    case Quantity::landing_energy_left: return NamesWords::tr("energy left at landing");
    case Quantity::landing_share_left: return NamesWords::tr("left at landing");
    case Quantity::charge_per_distance_out: return NamesWords::tr("consumption on the way out");
    case Quantity::charge_per_distance_home: return NamesWords::tr("consumption on the way home");
    case Quantity::energy_per_distance_out: return NamesWords::tr("energy per distance on the way out");
    case Quantity::energy_per_distance_home: return NamesWords::tr("energy per distance on the way home");
    case Quantity::aircraft_mass: return NamesWords::tr("mass of the aircraft without its pack");
    case Quantity::pack_mass: return NamesWords::tr("mass of the pack");
    case Quantity::electronics_power: return NamesWords::tr("power of the electronics");
    case Quantity::cell_capacity: return NamesWords::tr("rated charge of a cell");
    case Quantity::cell_resistance: return NamesWords::tr("resistance of a cell");
    case Quantity::climb_rate: return NamesWords::tr("rate of climb");
    case Quantity::recharged_charge: return NamesWords::tr("recharged");
    case Quantity::energy_per_mass: return NamesWords::tr("usable energy per mass");
    case Quantity::ground_distance: return NamesWords::tr("way over ground");
    case Quantity::farthest_from_home: return NamesWords::tr("farthest from home");
    case Quantity::counted_charge: return NamesWords::tr("charge by the log's counter");
    case Quantity::integrated_charge: return NamesWords::tr("charge used");
    case Quantity::used_energy: return NamesWords::tr("energy used");
    case Quantity::duration: return NamesWords::tr("time in the log");
    case Quantity::energy_per_distance: return NamesWords::tr("energy over ground");
    case Quantity::charge_per_distance: return NamesWords::tr("charge over ground");
    case Quantity::mean_power: return NamesWords::tr("mean power");
    case Quantity::mean_current: return NamesWords::tr("mean current");
    case Quantity::lowest_voltage: return NamesWords::tr("lowest pack voltage");
    case Quantity::left_charge: return NamesWords::tr("charge left by counting");
    case Quantity::cells_in_parallel: return NamesWords::tr("cells in parallel");
    case Quantity::flight_count: return NamesWords::tr("flights in the logbook");
    case Quantity::least_spare: return NamesWords::tr("least energy to spare on the flight");
    case Quantity::pack_cycles: return NamesWords::tr("full cycles of the pack");
    case Quantity::charge_through: return NamesWords::tr("charge put through");
    case Quantity::left_share: return NamesWords::tr("left by counting");
    case Quantity::endurance: return NamesWords::tr("time in the air with this pack");
    case Quantity::flight_range: return NamesWords::tr("way over ground with this pack, out and back");
    case Quantity::cell_current: return NamesWords::tr("current of a cell in cruise");
    case Quantity::price_per_energy: return NamesWords::tr("price of the energy");
    case Quantity::charge_per_mass: return NamesWords::tr("rated charge per mass");
    case Quantity::energy_density: return NamesWords::tr("rated energy per mass");
    case Quantity::full_charge_share: return NamesWords::tr("full recharge over the rated charge");
    case Quantity::cycles_left: return NamesWords::tr("full cycles until four fifths of the label");
    case Quantity::measured_cell_resistance: return NamesWords::tr("resistance of a cell as flights showed it");
    case Quantity::rested_cell_voltage: return NamesWords::tr("resting volts of a cell");
    case Quantity::air_distance: return NamesWords::tr("way through the air");
    case Quantity::still_air_energy_per_distance: return NamesWords::tr("energy per way, level in still air");
    case Quantity::still_air_charge_per_distance: return NamesWords::tr("charge per way, level in still air");
    case Quantity::level_power: return NamesWords::tr("power in level flight");
    case Quantity::sensor_scale: return NamesWords::tr("scale of the current sensor");
    case Quantity::lift_of_air: return NamesWords::tr("lift of the air, sink below zero");
    case Quantity::lowest_cell_voltage: return NamesWords::tr("lowest volts of a cell");
    case Quantity::gust_power: return NamesWords::tr("spread of the power in level flight");
    case Quantity::electronics_share: return NamesWords::tr("share of the electronics in the power");
    case Quantity::climb_share: return NamesWords::tr("share of the climbs in the energy");
    case Quantity::time_above_limit: return NamesWords::tr("time above that current");
    case Quantity::failsafe_distance: return NamesWords::tr("distance at which the link would give up");
    case Quantity::further_time: return NamesWords::tr("time it could still have flown");
    case Quantity::further_distance: return NamesWords::tr("way it could still have flown");
    case Quantity::array_energy: return NamesWords::tr("energy from the array");
    case Quantity::motor_energy: return NamesWords::tr("energy of the motors");
    case Quantity::compared_energy_per_distance: return NamesWords::tr("energy per way, made equal");
    case Quantity::compared_endurance: return NamesWords::tr("time in the air, made equal");
    case Quantity::level_power_at_speed: return NamesWords::tr("power level at that airspeed");
    case Quantity::best_endurance_speed: return NamesWords::tr("airspeed for the longest time");
    case Quantity::best_range_speed: return NamesWords::tr("airspeed for the longest way");
    case Quantity::fastest_speed: return NamesWords::tr("fastest sensible airspeed");
    case Quantity::stall_speed: return NamesWords::tr("stalling speed");
    case Quantity::throttle_cap: return NamesWords::tr("throttle cap on a full pack");
    case Quantity::forecast_error: return NamesWords::tr("forecast over flown");
    case Quantity::chance_of_home: return NamesWords::tr("chance of coming home");
    case Quantity::chance_of_reserve: return NamesWords::tr("chance of home with the reserve whole");
    case Quantity::time_on_station: return NamesWords::tr("time on station");
    case Quantity::last_moment: return NamesWords::tr("last moment to leave");
    case Quantity::least_clearance: return NamesWords::tr("least height above ground");
    case Quantity::farthest_reach: return NamesWords::tr("farthest turn on that bearing");
    case Quantity::leg_time: return NamesWords::tr("time of the leg");
    case Quantity::leg_energy: return NamesWords::tr("energy of the leg");
    case Quantity::peak_cell_current: return NamesWords::tr("highest current of a cell");
    case Quantity::peak_motor_current: return NamesWords::tr("highest current of the motors");
    case Quantity::peak_pack_current: return NamesWords::tr("highest current of the pack");
    case Quantity::lowest_pack_voltage: return NamesWords::tr("lowest volts of the pack");
    case Quantity::weakest_cell_voltage: return NamesWords::tr("lowest volts of the weakest cell");
    case Quantity::pack_temperature: return NamesWords::tr("temperature of the pack");
    case Quantity::power_share: return NamesWords::tr("share of full power");
    case Quantity::greatest_height: return NamesWords::tr("greatest height above ground");
    case Quantity::link_margin: return NamesWords::tr("line of sight, clear of the ground");
    case Quantity::link_distance: return NamesWords::tr("distance of the link");
    case Quantity::ground_minutes: return NamesWords::tr("flight time");
    case Quantity::capacity_to_enter: return NamesWords::tr("capacity to enter");
    case Quantity::alarm_charge: return NamesWords::tr("charge used");
    case Quantity::alarm_voltage: return NamesWords::tr("volts under load");
    case Quantity::alarm_time: return NamesWords::tr("timer");
    case Quantity::alarm_current: return NamesWords::tr("current alarm");
    }
    return {};
}

QString name(battery::Chemistry chemistry) {
    switch (chemistry) {
    case battery::Chemistry::lipo: return NamesWords::tr("LiPo");
    case battery::Chemistry::lipo_hv: return NamesWords::tr("LiPo HV");
    case battery::Chemistry::li_ion: break;
    }
    return NamesWords::tr("Li-ion");
}

QString name(battery::Construction construction) {
    return construction == battery::Construction::high_capacity ? NamesWords::tr("high-capacity")
                                                                : NamesWords::tr("high-drain");
}

QString cell_volts(double volts) {
    return written(volts, 0.0, {1.0, NamesWords::tr("V a cell"), 2});
}

QString name(const battery::LandingRule& rule) {
    using battery::LandingSchool;
    const QString volts = cell_volts(rule.cell_v);
    switch (rule.school) {
    case LandingSchool::long_life: return NamesWords::tr("for a long life, %1 at rest").arg(volts);
    case LandingSchool::careful: return NamesWords::tr("careful, %1 under load").arg(volts);
    case LandingSchool::usual: return NamesWords::tr("usual, %1 in cruise").arg(volts);
    case LandingSchool::edge: return NamesWords::tr("to the edge, %1 under load").arg(volts);
    case LandingSchool::floor: return NamesWords::tr("the floor, %1").arg(volts);
    case LandingSchool::alarm_left: return NamesWords::tr("as alarms are often left, %1").arg(volts);
    case LandingSchool::emergency: break;
    }
    return NamesWords::tr("emergency only, %1").arg(volts);
}

QString name(airframe::Craft craft) {
    return craft == airframe::Craft::wing ? NamesWords::tr("wing") : NamesWords::tr("multirotor");
}

QString name(telemetry::SetAsideReason reason) {
    using telemetry::SetAsideReason;
    switch (reason) {
    case SetAsideReason::bad_row: return NamesWords::tr("number of cells differs from the header");
    case SetAsideReason::bad_number: return NamesWords::tr("text where a number belongs");
    case SetAsideReason::cut_last_row: return NamesWords::tr("the file ends in the middle of a row");
    case SetAsideReason::repeated_header: return NamesWords::tr("the header once more");
    case SetAsideReason::no_time: return NamesWords::tr("no time in the row");
    case SetAsideReason::backward_time: return NamesWords::tr("time stands still or runs backwards");
    case SetAsideReason::no_fix: return NamesWords::tr("no satellite fix (position only)");
    case SetAsideReason::position_jump: return NamesWords::tr("position jumps beyond a credible speed (position only)");
    case SetAsideReason::impossible_position: return NamesWords::tr("a position that is not on earth (position only)");
    case SetAsideReason::impossible_value: return NamesWords::tr("volts or amps that no pack has");
    case SetAsideReason::other_flight: return NamesWords::tr("another flight in the same file");
    case SetAsideReason::few_satellites: return NamesWords::tr("too few satellites for a fix (position only)");
    case SetAsideReason::stuck_sensor: return NamesWords::tr("the very same value for long (that reading only)");
    case SetAsideReason::saturated_sensor: return NamesWords::tr("current at the end of its range (used all the same)");
    case SetAsideReason::counter_reset: return NamesWords::tr("the counter of charge starts again (bridged)");
    case SetAsideReason::heights_disagree: return NamesWords::tr("barometer and GPS height apart (used all the same)");
    }
    return {};
}

QString name(telemetry::StretchKind kind) {
    using telemetry::StretchKind;
    switch (kind) {
    case StretchKind::ground: return NamesWords::tr("on the ground");
    case StretchKind::launch: return NamesWords::tr("launch");
    case StretchKind::climb: return NamesWords::tr("climb");
    case StretchKind::level: return NamesWords::tr("level");
    case StretchKind::glide: return NamesWords::tr("glide");
    case StretchKind::descent: return NamesWords::tr("descent");
    case StretchKind::loiter: return NamesWords::tr("loiter");
    case StretchKind::landing: break;
    }
    return NamesWords::tr("landing");
}

QString name(battery::RemainingMethod method) {
    switch (method) {
    case battery::RemainingMethod::counted: return NamesWords::tr("by counting");
    case battery::RemainingMethod::rested: return NamesWords::tr("by volts at rest");
    case battery::RemainingMethod::recharged: break;
    }
    return NamesWords::tr("by the recharge");
}

QString name(const mission::Reserve& reserve, const Quantities& quantities) {
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&reserve)) return quantities.share(share->share);
    if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve)) {
        return NamesWords::tr("%1 over home").arg(written(loiter->minutes, 0.0, {1.0, NamesWords::tr("min"), 0}));
    }
    const double factor = std::get<mission::FactorOnWayHome>(reserve).factor;
    return NamesWords::tr("%1 × the way home").arg(written(factor, 0.0, {1.0, {}, 1}));
}

QString name(mission::School school, const mission::PlanRequest& request, const Quantities& quantities) {
    using mission::School;
    switch (school) {
    case School::energy_home: return NamesWords::tr("enough to come home + %1").arg(name(request.reserve, quantities));
    case School::share_left:
        return NamesWords::tr("%1 left, whatever happens").arg(quantities.share(request.turn.share_left));
    case School::eighty_percent: return NamesWords::tr("80 % rule: half of it gone");
    case School::charge_count:
        if (request.turn.landing_charge_ah) {
            return NamesWords::tr("half of %1 counted").arg(quantities.charge(*request.turn.landing_charge_ah));
        }
        return NamesWords::tr("half the usable charge");
    case School::voltage:
        return NamesWords::tr("volts at half, landing at %1")
            .arg(written(mission::landing_cell_v(request), 0.0, {1.0, NamesWords::tr("V"), 1}));
    case School::chance: return NamesWords::tr("chance of home");
    }
    return {};
}

QString build(const battery::Pack& pack) {
    return NamesWords::tr("%1S%2P %3 %4")
        .arg(pack.series)
        .arg(pack.parallel)
        .arg(name(pack.chemistry), written(battery::rated_charge_ah(pack), 0.0, {1.0, NamesWords::tr("Ah"), 1}));
}

QString title(const battery::Pack& pack) {
    return pack.name.empty() ? build(pack) : QString::fromStdString(pack.name);
}

QString title(const airframe::Aircraft& aircraft) {
    if (!aircraft.name.empty()) return QString::fromStdString(aircraft.name);
    return aircraft.craft == airframe::Craft::wing ? NamesWords::tr("A wing") : NamesWords::tr("A multirotor");
}

QString file_title(const std::string& path) {
    return QString::fromStdString(path.substr(path.find_last_of('/') + 1));
}

} // namespace sobremesa::wording
