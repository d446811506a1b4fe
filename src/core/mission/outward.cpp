#include "core/mission/outward.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

constexpr int cruise_samples = 160;

/// How much dearer the way home gets when the wind is off by one standard deviation, Wh per metre of way.
double wind_sd_wh_per_m(const PlanRequest& request, const FlightConditions& conditions) {
    const double sd = request.weather.wind_sd_mps;
    const double V = request.aircraft.cruise_airspeed_mps;
    const auto wh_per_m = [&](double wind_mps) {
        const auto heading = geodesy::wind_triangle(request.mission.bearing_deg + 180.0, V,
                                                    conditions.wind_home.from_deg, std::max(wind_mps, 0.0));
        const double ground_mps = heading ? heading->ground_speed_mps : geodesy::least_ground_speed_mps;
        return conditions.cruise_power_w.value / ground_mps / units::seconds_per_hour;
    };
    return 0.5 *
           std::abs(wh_per_m(conditions.wind_home.speed_mps + sd) - wh_per_m(conditions.wind_home.speed_mps - sd));
}

class TrackBuilder {
public:
    TrackBuilder(const PlanRequest& request, const FlightConditions& conditions, const Homeward& homeward)
        : request_(request), conditions_(conditions), homeward_(homeward),
          wind_sd_wh_per_m_(wind_sd_wh_per_m(request, conditions)),
          draw_sd_(conditions.cruise_power_w.sd / conditions.cruise_power_w.value) {}

    void add(double distance_m, double time_s, double height_m, double charge_used_ah, double left_wh) {
        OutwardPoint point;
        point.distance_m = distance_m;
        point.time_s = time_s;
        point.height_m = height_m;
        point.charge_used_ah = charge_used_ah;
        point.cell_voltage_v =
            battery::point_at_charge(conditions_.cruise, charge_used_ah).voltage_v / request_.pack.series;
        point.left_wh = left_wh;
        point.reserve_wh = homeward_.reserve_wh(distance_m, height_m);
        const double way_home_wh = homeward_.from(distance_m, height_m).energy_wh;
        point.needed_wh = way_home_wh + point.reserve_wh;

        const double usable_wh = conditions_.usable_energy_wh();
        const double used_wh = usable_wh - left_wh;
        const double wind_sd_wh = wind_sd_wh_per_m_ * distance_m;
        point.left_sd_wh = units::combine_sd(battery::assumed_usable_sd * usable_wh, draw_sd_ * used_wh);
        point.needed_sd_wh = units::combine_sd(draw_sd_ * way_home_wh, wind_sd_wh);
        point.spare_sd_wh = units::combine_sd(battery::assumed_usable_sd * usable_wh,
                                              draw_sd_ * (used_wh + way_home_wh), wind_sd_wh);
        track.push_back(point);
    }

    std::vector<OutwardPoint> track;

private:
    const PlanRequest& request_;
    const FlightConditions& conditions_;
    const Homeward& homeward_;
    double wind_sd_wh_per_m_;
    double draw_sd_;
};

} // namespace

std::vector<OutwardPoint> outward_track(const PlanRequest& request, const FlightConditions& conditions,
                                        const Homeward& homeward, std::vector<units::Notice>& notices) {
    TrackBuilder builder(request, conditions, homeward);
    battery::PackState state = conditions.start;
    double distance_m = 0.0;
    double time_s = 0.0;
    double used_ah = 0.0;
    builder.add(0.0, 0.0, 0.0, 0.0, conditions.usable_energy_wh());

    const Vertical climb = climb_out(request, conditions);
    if (!climb.wind_allows) {
        notices.push_back({units::NoticeCode::no_solution_out,
                           units::Severity::warning,
                           {{"wind_mps", conditions.wind_out.speed_mps},
                            {"airspeed_mps", request.aircraft.cruise_airspeed_mps}}});
        return {};
    }
    for (const VerticalBand& band : climb.bands) {
        // The landing voltage is judged under cruise load, so a climb may dip below it; only the pack's own end
        // counts.
        const auto run = battery::discharge_at_power(*conditions.pack, state, band.power_w,
                                                     {0.0, band.duration_s, 1}, conditions.around);
        if (run.end == battery::DischargeEnd::power_not_available) {
            notices.push_back({units::NoticeCode::power_not_available,
                               units::Severity::warning,
                               {{"power_w", band.power_w}, {"height_m", band.bottom_height_m}}});
            return {};
        }
        state = run.end_state();
        used_ah = state.charge_used_ah - conditions.start.charge_used_ah;
        const double left_wh = conditions.left_wh(used_ah);
        if (run.end != battery::DischargeEnd::time_over || left_wh <= 0.0) {
            notices.push_back({units::NoticeCode::energy_short_for_climb,
                               units::Severity::warning,
                               {{"height_m", band.top_height_m}}});
            return {};
        }
        distance_m += band.ground_m;
        time_s += band.duration_s;
        builder.add(distance_m, time_s, band.top_height_m, used_ah, left_wh);
    }

    // Level cruise moves along the cruise discharge itself: constant power, so energy falls evenly with time.
    const double start_s = battery::point_at_charge(conditions.cruise, used_ah).time_s;
    const double cruise_s = conditions.cruise.last().time_s - start_s;
    for (int i = 1; i <= cruise_samples; ++i) {
        const double flown_s = cruise_s * i / cruise_samples;
        const auto point = battery::point_at_time(conditions.cruise, start_s + flown_s);
        builder.add(distance_m + conditions.out->ground_speed_mps * flown_s, time_s + flown_s,
                    request.mission.height_m, point.charge_used_ah,
                    conditions.usable_energy_wh() - point.energy_wh);
    }
    return builder.track;
}

OutwardPoint between(const OutwardPoint& a, const OutwardPoint& b, double share) {
    OutwardPoint point;
    for (double OutwardPoint::*member :
         {&OutwardPoint::distance_m, &OutwardPoint::time_s, &OutwardPoint::height_m, &OutwardPoint::charge_used_ah,
          &OutwardPoint::cell_voltage_v, &OutwardPoint::left_wh, &OutwardPoint::needed_wh,
          &OutwardPoint::reserve_wh, &OutwardPoint::left_sd_wh, &OutwardPoint::needed_sd_wh,
          &OutwardPoint::spare_sd_wh}) {
        point.*member = std::lerp(a.*member, b.*member, share);
    }
    return point;
}

std::optional<OutwardPoint> first_crossing(const std::vector<OutwardPoint>& track,
                                           double (*quantity)(const OutwardPoint&), double value) {
    for (std::size_t i = 1; i < track.size(); ++i) {
        const double before = quantity(track[i - 1]) - value;
        const double after = quantity(track[i]) - value;
        if (before == 0.0) return track[i - 1];
        if ((before < 0.0) != (after < 0.0)) return between(track[i - 1], track[i], before / (before - after));
    }
    return std::nullopt;
}

} // namespace sobremesa::mission
