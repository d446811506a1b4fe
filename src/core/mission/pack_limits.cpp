#include <algorithm>
#include <cmath>

#include "core/mission/limit_parts.hpp"
#include "core/mission/outward.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::mission {

namespace {

using units::Origin;
using units::Quantity;

// Common practice, no source.
constexpr double warm_limit_c = 60.0;
constexpr double cold_limit_c = 5.0;

struct Sample {
    double time_s = 0.0;
    double current_a = 0.0;
    double voltage_v = 0.0;
    double temperature_c = 0.0;
    PhaseKind phase = PhaseKind::leg;
};

class PackLimits {
public:
    PackLimits(const Plan& plan, std::vector<LimitCheck>& checks)
        : plan_(plan), request_(plan.request), checks_(checks) {
        fly();
    }

    void check() {
        if (samples_.empty()) return;
        currents();
        volts();
        temperature();
    }

private:
    void fly() {
        const auto& legs = plan_.flight->legs;
        const auto& c = plan_.conditions;
        // So fine that no piece of the flight, however short, falls between two of them.
        double shortest_s = seconds_of(legs);
        for (const FlightLeg& leg : legs) shortest_s = std::min(shortest_s, leg.duration_s);
        constexpr double least = 400.0;
        constexpr double most_samples = 4000.0;
        const int samples =
            int(std::clamp(2.0 * seconds_of(legs) / std::max(shortest_s, 0.1), least, most_samples));
        const auto run =
            battery::discharge(*c.pack, c.start, load_of(legs), {0.0, seconds_of(legs), samples}, c.around);
        std::size_t leg = 0;
        double leg_end_s = legs.empty() ? 0.0 : legs[0].duration_s;
        for (const auto& point : run.points) {
            while (point.time_s > leg_end_s && leg + 1 < legs.size()) leg_end_s += legs[++leg].duration_s;
            samples_.push_back({point.time_s, point.current_a, point.voltage_v, point.temperature_c,
                                legs.empty() ? PhaseKind::leg : legs[leg].kind});
        }
    }

    double distance_at(double time_s) const {
        double gone_s = 0.0;
        double gone_m = 0.0;
        for (const FlightLeg& leg : plan_.flight->legs) {
            const double share = std::clamp((time_s - gone_s) / std::max(leg.duration_s, 1e-9), 0.0, 1.0);
            gone_m += share * leg.ground_m;
            gone_s += leg.duration_s;
        }
        return gone_m;
    }

    void place(LimitCheck& check, const Sample& at) const {
        check.time_s = at.time_s;
        check.distance_m = distance_at(at.time_s);
        check.phase = at.phase;
    }

    const Sample& most(double Sample::*what, double sign) const {
        return *std::max_element(samples_.begin(), samples_.end(), [&](const Sample& a, const Sample& b) {
            return sign * (a.*what) < sign * (b.*what);
        });
    }

    /// A gust asks for its speed on top of the cruise for a moment.
    double gust_power_w() const {
        const double gust_mps = air_column(request_).gust_mps(request_.mission.height_m);
        if (!(gust_mps > 0.0)) return 0.0;
        const AirspeedRange range = airspeed_range(request_, plan_.conditions.air.density_kgm3);
        const double v = std::min(plan_.conditions.airspeed_home_mps + gust_mps, range.most_mps);
        const auto power = power_at(request_, v, request_.mission.height_m, 0.0);
        return power ? power->value : 0.0;
    }

    void currents() {
        Sample highest = most(&Sample::current_a, 1.0);
        const double lowest_v = most(&Sample::voltage_v, -1.0).voltage_v;
        const double gust_a = gust_power_w() / lowest_v;
        if (gust_a > highest.current_a) {
            highest = most(&Sample::voltage_v, -1.0);
            highest.current_a = gust_a;
        }
        const battery::Pack& pack = request_.pack;
        const auto one = [&](LimitKind kind, Quantity quantity, double worst_a, const std::optional<double>& most_a,
                             Origin origin) {
            LimitCheck& check = add_check(checks_, kind, quantity);
            if (!most_a) return;
            judge(check, worst_a, *most_a, true, (1.0 - near_share) * *most_a);
            check.origin = origin;
            place(check, highest);
            if (check.verdict == Verdict::broken) check.cure = gentler_climb(highest, *most_a * lowest_v);
        };
        const double pack_a = highest.current_a;
        const double motor_a =
            std::max(pack_a - airframe::electronics_power_w(request_.aircraft) / highest.voltage_v, 0.0);
        one(LimitKind::pack_current, Quantity::peak_pack_current, pack_a, battery::cells_current_a(pack),
            pack.rated_current_a ? Origin::given : Origin::assumed);
        one(LimitKind::strip_current, Quantity::peak_pack_current, pack_a, pack.strips_current_a, Origin::given);
        one(LimitKind::connector_current, Quantity::peak_pack_current, pack_a, pack.connector_current_a,
            Origin::given);
        one(LimitKind::controller_current, Quantity::peak_motor_current, motor_a,
            request_.aircraft.controller_current_a, Origin::given);
        one(LimitKind::motor_current, Quantity::peak_motor_current, motor_a, request_.aircraft.motor_current_a,
            Origin::given);
    }

    /// The climb rate whose power stays under a limit; nothing where level flight alone is over it.
    std::optional<LimitCheck::Cure> gentler_climb(const Sample& at, double most_w) const {
        if (at.phase != PhaseKind::climb) return std::nullopt;
        const auto one = power_at(request_, plan_.conditions.airspeed_out_mps, request_.mission.height_m, 1.0);
        const double level_w = plan_.conditions.cruise_power_w.value;
        if (!one || most_w <= level_w) return std::nullopt;
        const double rate = std::floor(10.0 * (most_w - level_w) / (one->value - level_w)) / 10.0;
        if (rate < 0.3) return std::nullopt;
        return LimitCheck::Cure{Quantity::climb_rate, rate};
    }

    void volts() {
        const auto& pack = request_.pack;
        const auto& chemistry = battery::traits(pack.chemistry);
        const Sample lowest = most(&Sample::voltage_v, -1.0);
        const double cell_v = lowest.voltage_v / pack.series;
        constexpr double near_v = 0.05;
        LimitCheck& weakest = add_check(checks_, LimitKind::weakest_cell, Quantity::weakest_cell_voltage);
        judge(weakest, cell_v - battery::weakest_cell_below_v(pack), chemistry.floor_cell_v, false, near_v);
        weakest.origin = Origin::assumed;
        place(weakest, lowest);
        LimitCheck& cutoff = add_check(checks_, LimitKind::controller_cutoff, Quantity::lowest_cell_voltage);
        if (request_.supply.controller_cutoff_cell_v) {
            judge(cutoff, cell_v, *request_.supply.controller_cutoff_cell_v, false, 2.0 * near_v);
            place(cutoff, lowest);
            if (cutoff.verdict != Verdict::kept)
                cutoff.cure = LimitCheck::Cure{Quantity::alarm_voltage, chemistry.floor_cell_v};
        }
        LimitCheck& supply = add_check(checks_, LimitKind::supply_voltage, Quantity::lowest_pack_voltage);
        if (request_.supply.least_pack_v) {
            judge(supply, lowest.voltage_v, *request_.supply.least_pack_v, false, near_v * pack.series);
            place(supply, lowest);
            if (supply.verdict == Verdict::broken) {
                // Landed at more volts, by what is missing, in hundredths.
                const double missing_v = (*request_.supply.least_pack_v - lowest.voltage_v) / pack.series;
                const double cell =
                    std::max(*request_.supply.least_pack_v / pack.series, landing_cell_v(request_) + missing_v);
                supply.cure = LimitCheck::Cure{Quantity::landing_cell_voltage, std::ceil(100.0 * cell) / 100.0};
            }
        }
    }

    void temperature() {
        const Sample hottest = most(&Sample::temperature_c, 1.0);
        LimitCheck& warm = add_check(checks_, LimitKind::pack_warm, Quantity::pack_temperature);
        judge(warm, hottest.temperature_c, warm_limit_c, true, 5.0);
        warm.origin = Origin::assumed;
        place(warm, hottest);
        LimitCheck& cold = add_check(checks_, LimitKind::pack_cold, Quantity::pack_temperature);
        judge(cold, plan_.conditions.start.temperature_c, cold_limit_c, false, 5.0);
        cold.origin = Origin::assumed;
        cold.phase = PhaseKind::launch;
        if (cold.verdict == Verdict::broken) cold.cure = LimitCheck::Cure{Quantity::temperature, 20.0};
    }

    const Plan& plan_;
    const PlanRequest& request_;
    std::vector<LimitCheck>& checks_;
    std::vector<Sample> samples_;
};

} // namespace

void add_pack_limits(const Plan& plan, std::vector<LimitCheck>& checks) {
    if (plan.flight) PackLimits(plan, checks).check();
}

} // namespace sobremesa::mission
