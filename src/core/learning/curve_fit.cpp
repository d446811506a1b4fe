#include "core/learning/curve_fit.hpp"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/airframe/known_cruise.hpp"
#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/learning/curve_solver.hpp"
#include "core/units/constants.hpp"
#include "core/units/huber.hpp"

namespace sobremesa::learning {

namespace {

using airframe::Craft;
using airframe::PowerCurve;

// Priors: common practice, no source.
constexpr double known_cruise_sd = 0.08;
constexpr double known_airspeed_share = 0.04; ///< of an airspeed that was read off a ground speed
constexpr double known_pair_sd = 0.06;
constexpr double share_sd = 0.7;            ///< of a part whose share is only guessed, log
constexpr double form_sd = 0.35;            ///< of one that the airframe's data give
constexpr double least_disturbing_w = 0.02; ///< of the known power: no part is nothing

/// Strength of the belief in the usual scatter, in flights.
constexpr double scatter_belief = 4.0;
/// Flights of one aircraft share its sensors: from one to the next differs less than from it to the truth.
constexpr double same_sensors_scatter = 0.03;
constexpr double outlier_at = 3.0;
/// An error still so much of what was believed before: the flights tell hardly more.
constexpr double hardly_more = 0.7;
/// Errors of points beyond the gusts in them: climbs and turns that were not quite taken off.
constexpr double least_point_sd = 0.015;
/// Mean rise of the air over half a minute away from thermals, less the longer: common practice, no source.
constexpr double air_rises_mps = 0.12;
constexpr double alike_s = 30.0;

double density_at(const FlightObservation& observation, double height_m) {
    const auto air = atmosphere::air_above_field(observation.field_elevation_m, std::max(height_m, 0.0),
                                                 observation.field_temperature_c);
    return air ? air->density_kgm3 : units::sea_level_density_kgm3;
}

/// What rising and sinking air adds to a piece's power, W: one standard deviation.
double lift_w(double all_up_mass_kg, double seconds) {
    return all_up_mass_kg * units::standard_gravity_mps2 * air_rises_mps / airframe::usual_climb_efficiency *
           std::sqrt(alike_s / std::max(seconds, alike_s));
}

std::vector<FlightData> data_of(const std::vector<FlightObservation>& observations) {
    std::vector<FlightData> data;
    for (const FlightObservation& observation : observations) {
        FlightData flight;
        const auto power = [&](const units::Estimate& power_w, double height_m) {
            PowerDatum d;
            d.power_w = power_w.value;
            d.relative_sd = units::combine_sd(power_w.sd / power_w.value, least_point_sd);
            d.mass_kg = observation.all_up_mass_kg;
            d.density_kgm3 = density_at(observation, height_m);
            return d;
        };
        for (const auto& piece : observation.pieces) {
            if (piece.velocities.empty()) continue;
            const units::Estimate lifted{
                piece.power_w.value,
                units::combine_sd(piece.power_w.sd, lift_w(observation.all_up_mass_kg, piece.seconds))};
            flight.pieces.push_back({piece.power_w.value > 0.0 ? power(lifted, piece.height_m) : PowerDatum{},
                                     piece.height_m, piece.seconds, piece.gust_mps, piece.velocities});
        }
        for (const auto& point : observation.level) {
            if (!flight.pieces.empty()) break;
            if (!(point.power_w.value > 0.0) || !(point.airspeed_mps.value > 0.0)) continue;
            PowerDatum d = power(point.power_w, point.height_m);
            d.airspeed_mps = point.airspeed_mps.value;
            d.airspeed_sd_mps = point.airspeed_mps.sd;
            d.one_over_sd = 1.0 / d.relative_sd;
            flight.points.push_back(d);
        }
        data.push_back(std::move(flight));
    }
    return data;
}

/// What is believed of the parts before any flight, from the known cruise and the airframe's data.
CurvePrior prior_of(const airframe::Aircraft& aircraft, const PowerCurve& curve) {
    CurvePrior prior;
    prior.airspeed_mps = aircraft.cruise_airspeed_mps;
    // A multirotor's power is flat over airspeed, and tells it badly.
    constexpr double flat_share = 0.3;
    constexpr double steep_share = 1.0;
    prior.airspeed_share = aircraft.craft == Craft::rotor ? flat_share : steep_share;
    prior.sd = {airframe::form_is_known(aircraft) ? form_sd : share_sd, share_sd, share_sd};
    const double drive_w = std::max(aircraft.cruise_power_w - curve.electronics_w, 0.1 * aircraft.cruise_power_w);
    for (std::size_t i = 0; i < curve.part_w.size(); ++i)
        prior.log_mean[i] = std::log(std::max(curve.part_w[i], least_disturbing_w * drive_w));
    return prior;
}

/// Scatter of flights around the curve, from the usual one and what these show (expectation and maximisation: what
/// a flight seems to be off by, and how unsure that is); flights quite apart count as far as three times it.
double scatter_of(CurveSolver& fit, std::size_t observations, double believed) {
    double sum = scatter_belief * believed * believed;
    const auto variances = fit.off_variances();
    for (std::size_t k = 0; k < observations; ++k) {
        const double off = std::min(std::abs(fit.off(k)), outlier_at * fit.scatter());
        sum += off * off + variances[k];
    }
    return std::sqrt(sum / (scatter_belief + double(observations)));
}

/// @param off  what each observation differs from the curve by, log
airframe::ClimbEfficiency climb_efficiency(const PowerCurve& curve,
                                           const std::vector<FlightObservation>& observations,
                                           const std::vector<double>& off) {
    struct Climb {
        double airspeed_mps;
        double efficiency;
        double sd;
    };
    std::vector<Climb> climbs;
    PowerCurve sure = curve; // the day is taken off by `off`
    sure.scatter = 0.0;
    for (std::size_t k = 0; k < observations.size(); ++k) {
        for (const auto& point : observations[k].climbs) {
            const auto level =
                airframe::level_power_w(sure, point.flown.airspeed_mps.value, observations[k].all_up_mass_kg,
                                        density_at(observations[k], point.flown.height_m));
            const double day = std::exp(off[k]);
            const double excess_w = point.flown.power_w.value / day - level.value;
            // A climb that took less than level flight was lift.
            if (!(excess_w > 0.1 * level.value)) continue;
            const double work_w =
                observations[k].all_up_mass_kg * units::standard_gravity_mps2 * point.climb_mps.value;
            const double efficiency = work_w / excess_w;
            const double excess_sd_w = units::combine_sd(point.flown.power_w.sd / day, level.sd);
            const double relative =
                units::combine_sd(excess_sd_w / excess_w, point.climb_mps.sd / point.climb_mps.value);
            climbs.push_back({point.flown.airspeed_mps.value, efficiency, relative * efficiency});
        }
    }
    airframe::ClimbEfficiency found;
    if (climbs.empty()) return found;
    double weight = 0.0;
    double weighted_mps = 0.0;
    found.least_flown_mps = found.most_flown_mps = climbs.front().airspeed_mps;
    for (const Climb& climb : climbs) {
        const double w = 1.0 / (climb.sd * climb.sd);
        weight += w;
        weighted_mps += w * climb.airspeed_mps;
        found.least_flown_mps = std::min(found.least_flown_mps, climb.airspeed_mps);
        found.most_flown_mps = std::max(found.most_flown_mps, climb.airspeed_mps);
    }
    found.reference_airspeed_mps = weighted_mps / weight;
    found.climbs = int(climbs.size());
    // Weights by Huber settle in a few rounds: the model is a straight line.
    constexpr int rounds = 8;
    Eigen::Vector2d line(airframe::usual_climb_efficiency, 0.0);
    const Eigen::Vector2d prior = line;
    const Eigen::Vector2d belief(std::pow(airframe::usual_climb_efficiency_sd, -2),
                                 std::pow(airframe::usual_efficiency_slope_sd_per_mps, -2));
    Eigen::Matrix2d normal;
    for (int round = 0; round < rounds; ++round) {
        normal = belief.asDiagonal();
        Eigen::Vector2d right = belief.cwiseProduct(prior);
        for (const Climb& climb : climbs) {
            const Eigen::Vector2d at(1.0, climb.airspeed_mps - found.reference_airspeed_mps);
            const double w =
                units::huber_weight((climb.efficiency - at.dot(line)) / climb.sd) / (climb.sd * climb.sd);
            normal += w * at * at.transpose();
            right += w * climb.efficiency * at;
        }
        line = normal.ldlt().solve(right);
    }
    const Eigen::Matrix2d covariance = normal.inverse();
    found.at_reference = line[0];
    found.per_mps = line[1];
    found.variance_at_reference = covariance(0, 0);
    found.variance_per_mps = covariance(1, 1);
    found.covariance = covariance(0, 1);
    found.slope_known = std::sqrt(covariance(1, 1)) < hardly_more * airframe::usual_efficiency_slope_sd_per_mps;
    return found;
}

std::vector<telemetry::LevelPoint> points_of(const FlightData& flight, const CurveSolver& fit,
                                             std::size_t observation) {
    std::vector<telemetry::LevelPoint> points;
    const auto airspeeds = fit.airspeeds_mps(observation);
    for (std::size_t i = 0; i < flight.pieces.size(); ++i) {
        const auto& piece = flight.pieces[i];
        if (!(piece.power.power_w > 0.0)) continue;
        const double gust = piece.gust_mps > 0.0 ? piece.gust_mps : 0.5;
        points.push_back({{airspeeds[i], gust / std::sqrt(std::max(piece.seconds / 20.0, 1.0))},
                          {piece.power.power_w, piece.power.relative_sd * piece.power.power_w},
                          piece.height_m,
                          piece.seconds});
    }
    return points;
}

} // namespace

units::Result<CurveFit> fit_curve(const airframe::Aircraft& aircraft, double reference_mass_kg,
                                  const std::vector<FlightObservation>& observations,
                                  const std::vector<KnownPair>& pairs) {
    const auto valid = airframe::validate(aircraft);
    if (!valid) return tl::unexpected(valid.error());
    PowerCurve start = airframe::curve_of_known_cruise(aircraft, reference_mass_kg);
    const auto data = data_of(observations);
    CurveSolver fit(start, prior_of(aircraft, start), data);
    PowerDatum known;
    known.airspeed_mps = aircraft.cruise_airspeed_mps;
    known.power_w = aircraft.cruise_power_w;
    known.relative_sd = known_cruise_sd;
    known.airspeed_sd_mps = observations.empty() ? 0.0 : known_airspeed_share * aircraft.cruise_airspeed_mps;
    known.mass_kg = start.reference_mass_kg;
    known.density_kgm3 = aircraft.cruise_density_kgm3.value_or(units::sea_level_density_kgm3);
    fit.add_known(known);
    for (const KnownPair& pair : pairs) {
        known.airspeed_mps = pair.airspeed_mps;
        known.power_w = pair.power_w;
        known.relative_sd = known_pair_sd;
        known.airspeed_sd_mps = 0.0;
        fit.add_known(known);
    }
    fit.solve();
    // Scatter and curve depend on each other; a few rounds settle them.
    for (int round = 0; round < 4 && !observations.empty(); ++round) {
        fit.set_scatter(scatter_of(fit, observations.size(), same_sensors_scatter));
        fit.solve();
    }

    CurveFit result;
    result.curve = fit.curve();
    result.curve.scatter =
        observations.empty() ? usual_scatter : scatter_of(fit, observations.size(), usual_scatter);
    for (std::size_t k = 0; k < observations.size(); ++k) {
        std::vector<telemetry::LevelPoint> points =
            data[k].pieces.empty() ? observations[k].level : points_of(data[k], fit, k);
        result.curve.flights += points.empty() ? 0 : 1;
        for (const auto& point : points) {
            result.curve.least_flown_mps = std::min(result.curve.least_flown_mps, point.airspeed_mps.value);
            result.curve.most_flown_mps = std::max(result.curve.most_flown_mps, point.airspeed_mps.value);
            result.curve.level_s += point.seconds;
        }
        result.flown.push_back(std::move(points));
    }
    for (std::size_t k = 0; k < observations.size(); ++k) {
        const units::Estimate apart = fit.apart(k);
        result.off.push_back(std::exp(apart.value) - 1.0);
        if (std::abs(apart.value) > outlier_at * units::combine_sd(fit.scatter(), apart.sd))
            result.outliers.push_back(k);
    }
    std::vector<double> off;
    for (std::size_t k = 0; k < observations.size(); ++k) off.push_back(fit.off(k));
    result.curve.climbing = climb_efficiency(result.curve, observations, off);
    for (std::size_t i = 0; i < airframe::curve_coefficients; ++i) {
        if (aircraft.craft == Craft::wing && i == 1) continue;
        const double sd = std::sqrt(result.curve.covariance[airframe::curve_coefficients * i + i]);
        if (sd > hardly_more * fit.prior_sd(i)) result.assumed_parts.push_back(i);
    }
    return result;
}

std::vector<StepTestLeg> step_test(const airframe::Aircraft& aircraft, double slowest_mps) {
    constexpr int speeds = 5;
    constexpr double leg_s = 40.0;
    constexpr double fastest_ratio = 1.5;
    const double from = std::min(slowest_mps, aircraft.cruise_airspeed_mps);
    const double to = fastest_ratio * aircraft.cruise_airspeed_mps;
    std::vector<StepTestLeg> legs;
    for (int i = 0; i < speeds; ++i) {
        // To half a metre a second: nobody flies finer.
        const double v = std::round(2.0 * std::lerp(from, to, double(i) / (speeds - 1))) / 2.0;
        legs.push_back({v, leg_s, false});
        legs.push_back({v, leg_s, true});
    }
    return legs;
}

} // namespace sobremesa::learning
