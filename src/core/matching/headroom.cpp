#include "core/matching/headroom.hpp"

#include <algorithm>
#include <cmath>

#include "core/battery/landing_rules.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::matching {

namespace {

constexpr int points_along = 60;

/// The first place where full throttle gives less than is wanted, between two points.
std::optional<HeadroomPoint> ends_at(const std::vector<HeadroomPoint>& points, double wanted_w) {
    for (std::size_t i = 0; i < points.size(); ++i) {
        if (points[i].full_power_w >= wanted_w) continue;
        if (i == 0) return points[0];
        const HeadroomPoint& a = points[i - 1];
        const HeadroomPoint& b = points[i];
        const double share = (a.full_power_w - wanted_w) / (a.full_power_w - b.full_power_w);
        return HeadroomPoint{std::lerp(a.charge_used_ah, b.charge_used_ah, share),
                             std::lerp(a.time_s, b.time_s, share), std::lerp(a.cell_v, b.cell_v, share), wanted_w};
    }
    return std::nullopt;
}

} // namespace

std::optional<Headroom> headroom(const airframe::Aircraft& aircraft, const battery::Pack& pack, double level_w,
                                 double climb_w, double landing_cell_v, double air_temperature_c) {
    if (!aircraft.full_power_w || !(level_w > 0.0)) return std::nullopt;
    const battery::PackModel model(pack);
    const auto start = model.atStart(air_temperature_c);
    const auto flight =
        battery::discharge_at_power(model, start, level_w, {landing_cell_v, 1e9}, {air_temperature_c, true});
    if (flight.gives_nothing()) return std::nullopt;
    Headroom room;
    room.level_w = level_w;
    room.climb_w = climb_w;
    // Full throttle is measured on a full pack, under that load.
    const auto full = model.atPower(start, std::min(*aircraft.full_power_w, model.peakPowerW(start, 0.0)));
    if (!full) return std::nullopt;
    const double full_v = full->voltage_v;
    const double floor_v = std::min(battery::traits(pack.chemistry).floor_cell_v, landing_cell_v);
    const auto peaks = battery::peaks_along(model, flight, floor_v, points_along);
    for (const auto& peak : peaks) {
        const auto at = battery::point_at_charge(flight, peak.charge_used_ah);
        const auto state = flight.state_at(at);
        // The volts fall under the load that they make: a few rounds settle both.
        double power_w = *aircraft.full_power_w;
        for (int round = 0; round < 20; ++round) {
            const auto load = model.atPower(state, std::min(power_w, peak.power_w));
            const double volts = load ? load->voltage_v : floor_v * pack.series;
            power_w = 0.5 * (power_w + *aircraft.full_power_w * std::pow(volts / full_v, 3));
        }
        room.points.push_back(
            {at.charge_used_ah, at.time_s, at.voltage_v / pack.series, std::min(power_w, peak.power_w)});
    }
    room.level_ends = ends_at(room.points, level_w);
    room.climb_ends = ends_at(room.points, climb_w);
    if (const auto drive_a = airframe::drive_current_a(aircraft)) {
        const double full_a = *aircraft.full_power_w / full_v;
        if (full_a > *drive_a) {
            room.throttle_cap = std::sqrt(*drive_a / full_a);
            // Current goes with the square of the volts, power with their cube.
            room.cap_ends = ends_at(room.points, *aircraft.full_power_w * std::pow(*room.throttle_cap, 3));
        }
    }
    return room;
}

std::optional<Headroom> headroom(const mission::Plan& plan) {
    const mission::PlanRequest& r = plan.request;
    const double level_w = plan.conditions.cruise_power_w.value;
    const auto climb =
        mission::power_at(r, r.aircraft.cruise_airspeed_mps, r.mission.height_m, r.mission.climb_rate_mps);
    return headroom(r.aircraft, r.pack, level_w, climb ? climb->value : level_w, mission::landing_cell_v(r),
                    r.weather.temperature_c);
}

std::optional<Headroom> headroom(const airframe::Aircraft& aircraft, const airframe::PowerCurve& curve,
                                 const FlownAs& flown) {
    const auto now = outcome_of(aircraft, curve, flown);
    if (!now) return std::nullopt;
    // Climbs cost twice their lift, as in a plan (common practice).
    airframe::Aircraft carries = aircraft;
    carries.curve = curve;
    const auto climb = airframe::power_w(
        carries, now->all_up_mass_kg,
        {aircraft.cruise_airspeed_mps, now->all_up_mass_kg, now->density_kgm3, flown.climb_rate_mps});
    if (!climb) return std::nullopt;
    auto room = headroom(aircraft, flown.pack, now->cruise_power_w.value, climb->value, flown.landing_cell_v,
                         flown.temperature_c);
    if (!room) return room;
    // What is beyond level flight lifts, at what a metre a second of the plan's climb costs.
    const double per_mps = (climb->value - now->cruise_power_w.value) / std::max(flown.climb_rate_mps, 1e-6);
    const double at_launch_w = room->points.front().full_power_w * std::pow(launch_duty, 3);
    room->launch_climb_mps = std::max(0.0, (at_launch_w - now->cruise_power_w.value) / per_mps);
    room->launch_angle_deg =
        units::degrees(std::asin(std::min(1.0, room->launch_climb_mps / aircraft.cruise_airspeed_mps)));
    return room;
}

} // namespace sobremesa::matching
