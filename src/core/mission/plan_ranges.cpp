#include "core/mission/plan_ranges.hpp"

#include <array>
#include <type_traits>

namespace sobremesa::mission {

namespace {

using units::NumberRanges;

constexpr double farthest_place_m = 300000.0;
constexpr double highest_m = 4500.0;

void weather_ranges(NumberRanges& ranges, const Weather& weather) {
    ranges.number("weather.wind_mps", weather.wind.speed_mps, 0, 60);
    ranges.number("weather.wind_from_deg", weather.wind.from_deg, -360, 360);
    ranges.number("weather.wind_height_m", weather.wind_height_m, 0, 10000);
    ranges.number("weather.wind_sd_mps", weather.wind_sd_mps, 0, 20);
    ranges.number("weather.home_wind_factor", weather.home_wind_factor, 1, 5);
    ranges.number("weather.gust_mps", weather.gust_mps, 0, 60);
    ranges.number("weather.wind_exponent", weather.wind_exponent, 0, 1);
    ranges.number("weather.wind_growth_mps_per_h", weather.wind_growth_mps_per_h, -30, 30);
    ranges.number("weather.wind_from_sd_deg", weather.wind_from_sd_deg, 0, 90);
    ranges.number("weather.pressure_pa", weather.pressure_pa, 40000, 110000);
    ranges.number("weather.relative_humidity", weather.relative_humidity, 0, 1);
    ranges.number("weather.temperature_c", weather.temperature_c, -60, 60);
    ranges.number("weather.field_elevation_m", weather.field_elevation_m, -500, 6000);
    double least_height_m = 0.0;
    ranges.each("weather.wind_table", weather.wind_table, [&](const auto& row) {
        ranges.number("weather.wind_table.height_m", row.height_m, least_height_m, 10000,
                      "0 … 10000, each at least 1 m above the one before");
        ranges.number("weather.wind_table.wind_mps", row.wind.speed_mps, 0, 60);
        ranges.number("weather.wind_table.wind_from_deg", row.wind.from_deg, -360, 360);
        least_height_m = row.height_m + 1.0;
    });
}

void mission_ranges(NumberRanges& ranges, const Mission& mission) {
    ranges.number("mission.bearing_deg", mission.bearing_deg, -360, 360);
    ranges.number("mission.height_m", mission.height_m, 0, highest_m);
    ranges.number("mission.climb_rate_mps", mission.climb_rate_mps, 0.1, 30);
    ranges.number("mission.descent_rate_mps", mission.descent_rate_mps, 0.1, 30);
    ranges.number("mission.climb_angle_deg", mission.climb_angle_deg, 0.5, 60);
    ranges.number("mission.climb_throttle", mission.climb_throttle, 0.05, 1);
    ranges.number("mission.airspeed_mps", mission.airspeed_mps, 1, 120);
    ranges.number("mission.most_power_share", mission.most_power_share, 0.05, 1);
    ranges.number("mission.farthest_m", mission.farthest_m, 50, 500000);
    ranges.number("mission.loiter_radius_m", mission.loiter_radius_m, 2, 20000);
    ranges.number("mission.turn_bank_deg", mission.turn_bank_deg, 1, 75);
    ranges.number("mission.landing_height_m", mission.landing_height_m, 0, 500);
    ranges.number("mission.landing_sink_mps", mission.landing_sink_mps, 0.1, 10);
    ranges.number("mission.clearance_m", mission.clearance_m, 0, 2000);
    ranges.number("mission.over_land_by_ah", mission.over_land_by_ah, 0.001, 10000);
}

void place_ranges(NumberRanges& ranges, const Mission& mission) {
    const auto either_way = [&](const char* field, double metres) {
        ranges.number(field, metres, -farthest_place_m, farthest_place_m);
    };
    ranges.each("mission.waypoints", mission.waypoints, [&](const Waypoint& point) {
        either_way("mission.waypoints.east_m", point.at.east_m);
        either_way("mission.waypoints.north_m", point.at.north_m);
        ranges.number("mission.waypoints.height_m", point.height_m, 0, highest_m);
        ranges.number("mission.waypoints.loiter_s", point.loiter_s, 0, 86400);
    });
    ranges.each("mission.alternates", mission.alternates, [&](const Alternate& alternate) {
        either_way("mission.alternates.east_m", alternate.at.east_m);
        either_way("mission.alternates.north_m", alternate.at.north_m);
        ranges.number("mission.alternates.height_m", alternate.height_m, -highest_m, highest_m);
    });
    ranges.each("mission.no_landing", mission.no_landing, [&](const NoLandingArea& area) {
        const char* const field = "mission.no_landing.rings_m";
        for (const auto& ring : area.rings) ranges.number(field, double(ring.size()), 3, 20000);
        for (const auto& ring : area.rings) {
            for (const auto& corner : ring) {
                either_way(field, corner.east_m);
                either_way(field, corner.north_m);
            }
        }
        if (ranges.lists())
            ranges.number(field, 0.0, -farthest_place_m, farthest_place_m,
                          "−300000 … 300000, from 3 to 20000 corners each");
    });
}

void reserve_ranges(NumberRanges& ranges, const Reserve& reserve) {
    const auto part = [&](const auto* given, const auto& look) {
        using Part = std::remove_cvref_t<decltype(*given)>;
        if (given || ranges.lists()) look(given ? *given : Part{});
    };
    part(std::get_if<ShareOfUsable>(&reserve),
         [&](const ShareOfUsable& share) { ranges.number("reserve.share_of_usable", share.share, 0, 0.95); });
    part(std::get_if<LoiterAtHome>(&reserve),
         [&](const LoiterAtHome& loiter) { ranges.number("reserve.loiter_min", loiter.minutes, 0, 600); });
    part(std::get_if<FactorOnReturn>(&reserve),
         [&](const FactorOnReturn& factor) { ranges.number("reserve.home_factor", factor.factor, 1, 10); });
}

/// In the order of the document: carrier, what is sent, what is heard, how far, and how high the antenna stands.
void link_ranges(NumberRanges& ranges, const std::optional<Link>& given, const std::array<const char*, 5>& fields) {
    ranges.each(given, [&](const Link& link) {
        ranges.number(fields[0], link.frequency_mhz, 1, 100000);
        ranges.number(fields[1], link.radiated_dbm, -50, 100);
        ranges.number(fields[2], link.least_signal_dbm, -200, 20);
        ranges.number(fields[3], link.measured_reach_m, 1, 1e6);
        ranges.number(fields[4], link.antenna_height_m, 0, 500);
    });
}

} // namespace

void look_at_ranges(NumberRanges& ranges, const PlanRequest& request) {
    weather_ranges(ranges, request.weather);
    mission_ranges(ranges, request.mission);
    ranges.number("mission.height_ceiling_m", request.height_ceiling_m, 0, 10000);
    place_ranges(ranges, request.mission);
    reserve_ranges(ranges, request.reserve);
    ranges.number("landing.cell_voltage_v", landing_cell_v(request), 1.5,
                  battery::traits(request.pack.chemistry).full_cell_v, "1.5 … full");
    ranges.number("turn.share_left", request.turn.share_left, 0.05, 0.95);
    ranges.number("turn.least_chance", request.turn.least_chance, 0.01, 0.999);
    ranges.number("turn.landing_charge_ah", request.turn.landing_charge_ah, 0.001, 10000);
    constexpr double most_min = 100000.0;
    ranges.number("ground.recorder_min", request.ground.recorder_min, 0, most_min);
    ranges.number("ground.goggles_min", request.ground.goggles_min, 0, most_min);
    ranges.number("ground.radio_min", request.ground.radio_min, 0, most_min);
    ranges.number("ground.station_min", request.ground.station_min, 0, most_min);
    ranges.number("supply.least_pack_v", request.supply.least_pack_v, 0, 500);
    ranges.number("supply.controller_cutoff_cell_v", request.supply.controller_cutoff_cell_v, 0, 4.5);
    ranges.each(request.failsafe, [&](const FailsafeReturn& failsafe) {
        ranges.number("failsafe.height_m", failsafe.height_m, 0, highest_m);
        ranges.number("failsafe.airspeed_mps", failsafe.airspeed_mps, 1, 120);
        ranges.number("failsafe.throttle", failsafe.throttle, 0.05, 1);
    });
    ranges.each(request.sun, [&](const SunStart& sun) { ranges.number("sun.cloud_okta", sun.cloud_okta, 0, 8); });
    link_ranges(ranges, request.link,
                {"link.frequency_mhz", "link.radiated_dbm", "link.least_signal_dbm", "link.measured_reach_m",
                 "link.antenna_height_m"});
    link_ranges(ranges, request.video_link,
                {"video_link.frequency_mhz", "video_link.radiated_dbm", "video_link.least_signal_dbm",
                 "video_link.measured_reach_m", "video_link.antenna_height_m"});
}

} // namespace sobremesa::mission
