#include "core/airframe/speeds_to_fly.hpp"

#include <algorithm>
#include <cmath>

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/roots.hpp>

#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::airframe {

namespace {

constexpr double usual_cl_max = 1.1;
constexpr double above_stall = 1.2;
constexpr double least_ground_mps = 2.0;
/// How far a curve is followed beyond what was flown.
constexpr double slower_than_flown = 0.5;
constexpr double faster_than_flown = 1.7;
constexpr double slowest_unknown_wing = 0.8;
constexpr int precision_bits = 24;

double power_at(const PowerCurve& curve, const SpeedQuestion& q, double v) {
    double power_w = curve.electronics_w;
    for (const double part : parts_of_level_power(curve, v, q.all_up_mass_kg, q.density_kgm3)) power_w += part;
    return power_w;
}

/// Over ground along the course, m/s; −1 where the cross wind alone is more than the airspeed.
double ground_speed(const SpeedQuestion& q, double v) {
    const double across = std::abs(q.cross_wind_mps);
    return v > across ? std::sqrt(v * v - across * across) - q.head_wind_mps : -1.0;
}

struct Span {
    double from = 0.0;
    double to = 0.0;
};

Span span_of(const Aircraft& aircraft, const PowerCurve& curve, const SpeedQuestion& q) {
    Span span{slower_than_flown * std::min(curve.least_flown_mps, curve.reference_airspeed_mps),
              faster_than_flown * std::max(curve.most_flown_mps, curve.reference_airspeed_mps)};
    // A wing that may stall anywhere is not sent far below what it has flown.
    if (curve.craft == Craft::wing)
        span.from = slowest_unknown_wing * std::min(curve.least_flown_mps, curve.reference_airspeed_mps);
    const double flown_mps = std::min(curve.least_flown_mps, curve.reference_airspeed_mps);
    if (const auto slowest = slowest_wing_mps(aircraft, q.all_up_mass_kg, q.density_kgm3, flown_mps))
        span.from =
            stall_speed_mps(aircraft, q.all_up_mass_kg, q.density_kgm3) ? *slowest : std::max(span.from, *slowest);
    span.from = std::min(span.from, span.to);
    return span;
}

using SpeedOf = std::function<std::optional<double>(const PowerCurve&)>;

/// The speed, with the error that those of the curve's parts make of it.
std::optional<units::Estimate> with_error(const PowerCurve& curve, const SpeedOf& speed) {
    const auto value = speed(curve);
    if (!value) return std::nullopt;
    std::array<double, curve_coefficients> moved{};
    for (std::size_t i = 0; i < curve_coefficients; ++i) {
        const double sd = std::sqrt(curve.covariance[curve_coefficients * i + i]);
        if (!(sd > 0.0)) continue;
        PowerCurve other = curve;
        other.part_w[i] *= std::exp(sd);
        moved[i] = (speed(other).value_or(*value) - *value) / sd;
    }
    double variance = 0.0;
    for (std::size_t i = 0; i < curve_coefficients; ++i) {
        for (std::size_t j = 0; j < curve_coefficients; ++j)
            variance += moved[i] * moved[j] * curve.covariance[curve_coefficients * i + j];
    }
    return units::Estimate{*value, std::sqrt(std::max(variance, 0.0))};
}

double least_of(const std::function<double(double)>& f, const Span& span) {
    return boost::math::tools::brent_find_minima(f, span.from, span.to, precision_bits).first;
}

std::optional<double> endurance_speed(const PowerCurve& curve, const SpeedQuestion& q, const Span& span) {
    return least_of([&](double v) { return power_at(curve, q, v); }, span);
}

std::optional<double> range_speed(const PowerCurve& curve, const SpeedQuestion& q, const Span& span) {
    // Slower than this nothing is gained on the ground.
    const double across = std::abs(q.cross_wind_mps);
    const double slowest = std::hypot(std::max(q.head_wind_mps + least_ground_mps, 0.0), across);
    if (slowest >= span.to) return std::nullopt;
    const Span ahead{std::max(span.from, slowest), span.to};
    if (ground_speed(q, ahead.to) < least_ground_mps) return std::nullopt;
    return least_of([&](double v) { return power_at(curve, q, v) / std::max(ground_speed(q, v), 1e-3); }, ahead);
}

/// Where the power reaches a value, on the fast side.
std::optional<double> speed_of_power(const PowerCurve& curve, const SpeedQuestion& q, const Span& span,
                                     double power_w) {
    const double slow = *endurance_speed(curve, q, span);
    if (power_at(curve, q, slow) > power_w) return std::nullopt;
    if (power_at(curve, q, span.to) <= power_w) return span.to;
    std::uintmax_t rounds = 60;
    const auto bracket =
        boost::math::tools::toms748_solve([&](double v) { return power_at(curve, q, v) - power_w; }, slow, span.to,
                                          boost::math::tools::eps_tolerance<double>(precision_bits), rounds);
    return 0.5 * (bracket.first + bracket.second);
}

SpeedToFly worked_out(const PowerCurve& curve, const SpeedQuestion& q, const units::Estimate& airspeed) {
    SpeedToFly speed = at_speed(curve, q, airspeed.value);
    speed.airspeed_mps = airspeed;
    return speed;
}

} // namespace

std::optional<double> stall_speed_mps(const Aircraft& aircraft, double all_up_mass_kg, double density_kgm3,
                                      double bank_deg) {
    if (aircraft.craft != Craft::wing || !aircraft.wing.area_m2) return std::nullopt;
    const double n = 1.0 / std::cos(units::radians(bank_deg));
    const double cl = aircraft.wing.cl_max.value_or(usual_cl_max);
    return std::sqrt(2.0 * n * all_up_mass_kg * units::standard_gravity_mps2 /
                     (density_kgm3 * *aircraft.wing.area_m2 * cl));
}

std::optional<units::Estimate> assumed_stall_mps(const Aircraft& aircraft, double all_up_mass_kg,
                                                 double density_kgm3) {
    if (aircraft.craft != Craft::wing || aircraft.wing.area_m2) return std::nullopt;
    constexpr double aspect_ratio = 7.0;
    constexpr double kg_per_m3 = 12.0;
    // The stall goes with the root of the area.
    constexpr double by_span_sd = 0.18;
    constexpr double by_mass_sd = 0.2;
    Aircraft usual = aircraft;
    const auto& span_m = aircraft.wing.span_m;
    usual.wing.area_m2 =
        span_m ? *span_m * *span_m / aspect_ratio : std::pow(all_up_mass_kg / kg_per_m3, 2.0 / 3.0);
    const auto stall = stall_speed_mps(usual, all_up_mass_kg, density_kgm3);
    if (!stall) return std::nullopt;
    return units::Estimate{*stall, (span_m ? by_span_sd : by_mass_sd) * *stall};
}

std::optional<double> slowest_wing_mps(const Aircraft& aircraft, double all_up_mass_kg, double density_kgm3,
                                       double flown_mps) {
    if (const auto stall = stall_speed_mps(aircraft, all_up_mass_kg, density_kgm3)) return above_stall * *stall;
    const auto assumed = assumed_stall_mps(aircraft, all_up_mass_kg, density_kgm3);
    if (!assumed) return std::nullopt;
    return std::min(above_stall * assumed->value, flown_mps);
}

double circling_cost(const PowerCurve& curve, double airspeed_mps, double all_up_mass_kg, double density_kgm3,
                     double bank_deg) {
    const double n = 1.0 / std::cos(units::radians(bank_deg));
    return level_power_w(curve, airspeed_mps, n * all_up_mass_kg, density_kgm3).value /
           level_power_w(curve, airspeed_mps, all_up_mass_kg, density_kgm3).value;
}

SpeedToFly at_speed(const PowerCurve& curve, const SpeedQuestion& question, double airspeed_mps) {
    SpeedToFly speed;
    speed.airspeed_mps = {airspeed_mps, 0.0};
    speed.power_w = level_power_w(curve, airspeed_mps, question.all_up_mass_kg, question.density_kgm3);
    speed.ground_speed_mps = ground_speed(question, airspeed_mps);
    if (speed.ground_speed_mps > 0.0) {
        const double per_m = 1.0 / speed.ground_speed_mps / units::seconds_per_hour;
        speed.energy_wh_per_m = {speed.power_w.value * per_m, speed.power_w.sd * per_m};
    } else {
        speed.energy_wh_per_m = {std::nan(""), 0.0};
    }
    return speed;
}

SpeedsToFly speeds_to_fly(const Aircraft& aircraft, const PowerCurve& curve, const SpeedQuestion& question) {
    SpeedsToFly speeds;
    speeds.stall_mps = stall_speed_mps(aircraft, question.all_up_mass_kg, question.density_kgm3);
    speeds.assumed_stall_mps = assumed_stall_mps(aircraft, question.all_up_mass_kg, question.density_kgm3);
    const Span span = span_of(aircraft, curve, question);
    speeds.slowest_mps = span.from;
    if (const auto v = with_error(curve, [&](const PowerCurve& c) { return endurance_speed(c, question, span); }))
        speeds.endurance = worked_out(curve, question, *v);
    if (const auto v = with_error(curve, [&](const PowerCurve& c) { return range_speed(c, question, span); }))
        speeds.range = worked_out(curve, question, *v);
    else {
        speeds.diagnostics.push_back({units::DiagnosticCode::no_solution_home,
                                      units::Severity::warning,
                                      {{"wind_mps", std::hypot(question.head_wind_mps, question.cross_wind_mps)},
                                       {"airspeed_mps", span.to}}});
    }
    if (aircraft.full_power_w) {
        const double most_w = question.most_power_share * *aircraft.full_power_w;
        if (const auto v =
                with_error(curve, [&](const PowerCurve& c) { return speed_of_power(c, question, span, most_w); }))
            speeds.fastest = worked_out(curve, question, *v);
    }
    return speeds;
}

std::vector<SpeedToFly> sampled(const PowerCurve& curve, const SpeedQuestion& question, int steps) {
    constexpr double below = 0.65;
    constexpr double above = 1.45;
    const double from = below * std::min(curve.least_flown_mps, curve.reference_airspeed_mps);
    const double to = above * std::max(curve.most_flown_mps, curve.reference_airspeed_mps);
    std::vector<SpeedToFly> points;
    for (int i = 0; i <= steps; ++i)
        points.push_back(at_speed(curve, question, std::lerp(from, to, double(i) / steps)));
    return points;
}

double price_of_speed_wh_per_m_per_mps(const PowerCurve& curve, const SpeedQuestion& question,
                                       double airspeed_mps) {
    constexpr double step_mps = 0.05;
    const SpeedToFly slower = at_speed(curve, question, airspeed_mps - step_mps);
    const SpeedToFly faster = at_speed(curve, question, airspeed_mps + step_mps);
    return (faster.energy_wh_per_m.value - slower.energy_wh_per_m.value) /
           (faster.ground_speed_mps - slower.ground_speed_mps);
}

double home_wind_mps(double head_wind_out_mps, double home_wind_factor) {
    const double home = -head_wind_out_mps;
    return home > 0.0 ? home * home_wind_factor : home / home_wind_factor;
}

std::optional<GoOrNoGo> go_or_no_go(const Aircraft& aircraft, const PowerCurve& curve,
                                    const SpeedQuestion& question, double wanted_ground_mps) {
    if (!aircraft.full_power_w) return std::nullopt;
    GoOrNoGo answer;
    answer.airspeed_mps =
        std::hypot(std::max(wanted_ground_mps + question.head_wind_mps, 0.0), question.cross_wind_mps);
    const auto power = level_power_w(curve, answer.airspeed_mps, question.all_up_mass_kg, question.density_kgm3);
    answer.power_share = {power.value / *aircraft.full_power_w, power.sd / *aircraft.full_power_w};
    answer.go = answer.power_share.value <= question.most_power_share;
    const Span span = span_of(aircraft, curve, question);
    const auto fastest = speed_of_power(curve, question, span, question.most_power_share * *aircraft.full_power_w);
    answer.most_head_wind_mps = fastest.value_or(0.0) - wanted_ground_mps;
    return answer;
}

std::optional<units::Explanation> explain_stall(const Aircraft& aircraft, const SpeedQuestion& question) {
    const auto stall = stall_speed_mps(aircraft, question.all_up_mass_kg, question.density_kgm3);
    if (!stall) return std::nullopt;
    return units::Explanation{
        units::Quantity::stall_speed,
        {*stall, 0.0},
        {{units::Quantity::all_up_mass, {question.all_up_mass_kg, 0.0}, units::Origin::given},
         {units::Quantity::air_density, {question.density_kgm3, 0.0}, units::Origin::computed}},
        units::Relation::lift_meets_weight,
        units::Source::textbook_aerodynamics,
        {}};
}

units::Explanation explain(const SpeedToFly& speed, units::Quantity quantity, const SpeedQuestion& question) {
    using units::Origin;
    using units::Quantity;
    using units::Relation;
    const Relation relation = quantity == Quantity::best_endurance_speed ? Relation::least_power_of_curve
                              : quantity == Quantity::best_range_speed   ? Relation::least_energy_over_ground
                              : quantity == Quantity::fastest_speed      ? Relation::share_of_full_power_met
                                                                         : Relation::curve_through_level_flight;
    const units::Estimate value = quantity == Quantity::level_power_at_speed  ? speed.power_w
                                  : quantity == Quantity::energy_per_distance ? speed.energy_wh_per_m
                                                                              : speed.airspeed_mps;
    return {
        quantity,
        value,
        {{Quantity::level_power_at_speed, speed.power_w, Origin::computed},
         {Quantity::all_up_mass, {question.all_up_mass_kg, 0.0}, Origin::given},
         {Quantity::air_density, {question.density_kgm3, 0.0}, Origin::computed},
         {Quantity::wind_speed, {std::hypot(question.head_wind_mps, question.cross_wind_mps), 0.0}, Origin::given}},
        relation,
        units::Source::textbook_aerodynamics,
        {}};
}

} // namespace sobremesa::airframe
