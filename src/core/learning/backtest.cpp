#include "core/learning/backtest.hpp"

#include <algorithm>
#include <cmath>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::learning {

namespace {

constexpr double two_sided_90 = 1.6449;
constexpr std::size_t enough_forecasts = 4;

struct Sums {
    double forecast_ws = 0.0;
    double sd_ws = 0.0;
    double flown_ws = 0.0;
    double way_m = 0.0;
};

Sums sums_of(const airframe::PowerCurve& curve, const FlightObservation& observation) {
    Sums sums;
    for (const auto& point : observation.level) {
        const auto air = atmosphere::air_above_field(observation.field_elevation_m, std::max(point.height_m, 0.0),
                                                     observation.field_temperature_c);
        const auto power = airframe::level_power_w(curve, point.airspeed_mps.value, observation.all_up_mass_kg,
                                                   air ? air->density_kgm3 : units::sea_level_density_kgm3);
        sums.forecast_ws += power.value * point.seconds;
        // One curve and one day for all points: their errors add up as they are.
        sums.sd_ws += units::combine_sd(power.sd, point.power_w.sd) * point.seconds;
        sums.flown_ws += point.power_w.value * point.seconds;
        sums.way_m += point.airspeed_mps.value * point.seconds;
    }
    return sums;
}

BacktestRow row_of(const airframe::PowerCurve& curve, const FlightObservation& observation, int from_flights) {
    const Sums sums = sums_of(curve, observation);
    BacktestRow row;
    row.flight_id = observation.flight_id;
    row.from_flights = from_flights;
    row.forecast_wh = {sums.forecast_ws / units::seconds_per_hour, sums.sd_ws / units::seconds_per_hour};
    row.flown_wh = sums.flown_ws / units::seconds_per_hour;
    row.forecast_wh_per_m = {row.forecast_wh.value / sums.way_m, row.forecast_wh.sd / sums.way_m};
    row.flown_wh_per_m = row.flown_wh / sums.way_m;
    row.off = sums.forecast_ws / sums.flown_ws - 1.0;
    // The same energy lasts longer in the forecast when less power is forecast.
    constexpr double minutes_per_hour = 60.0;
    row.minutes_off_per_hour = minutes_per_hour * (sums.flown_ws / sums.forecast_ws - 1.0);
    row.inside = std::abs(row.forecast_wh.value - row.flown_wh) <= two_sided_90 * row.forecast_wh.sd;
    return row;
}

double root_mean_square(const std::vector<double>& values) {
    double sum = 0.0;
    for (const double v : values) sum += v * v;
    return values.empty() ? 0.0 : std::sqrt(sum / double(values.size()));
}

} // namespace

units::Result<Backtest> backtest(const airframe::Aircraft& aircraft, double reference_mass_kg,
                                 const std::vector<FlightObservation>& observations, const std::stop_token& stop) {
    Backtest test;
    std::vector<FlightObservation> before;
    std::vector<double> learned;
    std::vector<double> unlearned;
    std::size_t inside = 0;
    const auto bare = fit_curve(aircraft, reference_mass_kg, {});
    if (!bare) return tl::unexpected(bare.error());
    for (const FlightObservation& observation : observations) {
        if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
        if (observation.level.empty() && observation.pieces.empty()) continue;
        // Where the log does not tell its airspeed, the fit finds one along with the wind that suits its power (an
        // unknown wind across makes any airspeed of an outbound leg and back): that teaches, but a forecast of that
        // power would be right whatever it was.
        if (!observation.level.empty()) {
            const auto fit = fit_curve(aircraft, reference_mass_kg, before);
            if (!fit) return tl::unexpected(fit.error());
            test.rows.push_back(row_of(fit->curve, observation, int(before.size())));
            if (!before.empty()) {
                learned.push_back(test.rows.back().off);
                unlearned.push_back(row_of(bare->curve, observation, 0).off);
                inside += test.rows.back().inside ? 1 : 0;
            }
        }
        before.push_back(observation);
    }
    if (learned.empty()) return test;
    const double n = double(learned.size());
    double mean = 0.0;
    for (const double off : learned) mean += off / n;
    test.spread = root_mean_square(learned);
    test.spread_unlearned = root_mean_square(unlearned);
    test.bias = {mean, n > 1.5 ? test.spread / std::sqrt(n) : usual_scatter};
    test.inside_share = double(inside) / n;
    return test;
}

std::vector<BandShare> calibration(const std::vector<double>& in_sd) {
    std::vector<BandShare> shares;
    if (in_sd.empty()) return shares;
    constexpr int tenths = 10;
    for (int i = 1; i < tenths; ++i) {
        const double nominal = double(i) / tenths;
        // The narrowest band that still holds it is as wide as the miss.
        const auto held = std::count_if(in_sd.begin(), in_sd.end(), [&](double z) {
            return std::erf(std::abs(z) / std::sqrt(2.0)) <= nominal;
        });
        shares.push_back({nominal, double(held) / double(in_sd.size())});
    }
    return shares;
}

std::vector<BandShare> calibration(const Backtest& test) {
    std::vector<double> in_sd;
    for (const BacktestRow& row : test.rows) {
        if (row.from_flights > 0 && row.forecast_wh.sd > 0.0)
            in_sd.push_back((row.forecast_wh.value - row.flown_wh) / row.forecast_wh.sd);
    }
    return calibration(in_sd);
}

double justified_scatter(const CurveFit& fit, const Backtest& test) {
    const auto forecasts =
        std::count_if(test.rows.begin(), test.rows.end(), [](const auto& row) { return row.from_flights > 0; });
    if (std::size_t(forecasts) < enough_forecasts) return fit.curve.scatter;
    // Between what the fit believes and what happened, the larger.
    return std::max(fit.curve.scatter, test.spread);
}

units::Explanation explain(const Backtest& test) {
    return {units::Quantity::forecast_error,
            test.bias,
            {{units::Quantity::flight_count, {double(test.rows.size()), 0.0}, units::Origin::measured}},
            units::Relation::forecast_against_flown,
            units::Source::least_squares,
            {}};
}

units::Explanation explain(const BacktestRow& row, units::Quantity quantity) {
    using units::Quantity;
    const units::Estimate value =
        quantity == Quantity::flight_count                   ? units::Estimate{double(row.from_flights), 0.0}
        : quantity == Quantity::used_energy                  ? units::Estimate{row.flown_wh, 0.0}
        : quantity == Quantity::compared_energy_per_distance ? row.forecast_wh_per_m
        : quantity == Quantity::energy_per_distance          ? units::Estimate{row.flown_wh_per_m, 0.0}
                                                    : units::Estimate{row.off, row.forecast_wh.sd / row.flown_wh};
    return {quantity,
            value,
            {{Quantity::used_energy, {row.flown_wh, 0.0}, units::Origin::measured},
             {Quantity::flight_count, {double(row.from_flights), 0.0}, units::Origin::measured}},
            units::Relation::forecast_against_flown,
            units::Source::least_squares,
            {}};
}

} // namespace sobremesa::learning
