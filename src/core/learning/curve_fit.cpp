#include "core/learning/curve_fit.hpp"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/airframe/known_cruise.hpp"
#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/units/constants.hpp"
#include "core/units/huber.hpp"
#include "core/units/least_squares.hpp"

namespace sobremesa::learning {

namespace {

using airframe::Craft;
using airframe::PowerCurve;
using Eigen::Index;

// Priors: common practice, no source.
constexpr double known_cruise_sd = 0.08;
constexpr double known_pair_sd = 0.06;
constexpr double share_sd = 0.7;            ///< of a part whose share is only guessed, log
constexpr double form_sd = 0.35;            ///< of one that the airframe's data give
constexpr double least_disturbing_w = 0.02; ///< of the known power: no part is nothing

/// Strength of the belief in the usual scatter, in flights.
constexpr double scatter_belief = 4.0;
constexpr double outlier_at = 3.0;
/// An error still so much of what was believed before: the flights tell hardly more.
constexpr double hardly_more = 0.7;
/// Errors of points beyond the gusts in them: climbs and turns that were not quite taken off.
constexpr double least_point_sd = 0.015;

struct Datum {
    std::size_t lesson = 0;
    double airspeed_mps = 0.0;
    double airspeed_sd_mps = 0.0;
    double power_w = 0.0;
    double relative_sd = 0.0;
    double mass_kg = 0.0;
    double density_kgm3 = 0.0;
    /// With what the airspeed's error adds; worked out along with the fit.
    double one_over_sd = 1.0;
};

double density_at(const Lesson& lesson, double height_m) {
    const auto air =
        atmosphere::air_above_field(lesson.field_elevation_m, std::max(height_m, 0.0), lesson.field_temperature_c);
    return air ? air->density_kgm3 : units::sea_level_density_kgm3;
}

std::vector<Datum> data_of(const std::vector<Lesson>& lessons) {
    std::vector<Datum> data;
    for (std::size_t k = 0; k < lessons.size(); ++k) {
        for (const auto& point : lessons[k].level) {
            if (!(point.power_w.value > 0.0) || !(point.airspeed_mps.value > 0.0)) continue;
            data.push_back({k, point.airspeed_mps.value, point.airspeed_mps.sd, point.power_w.value,
                            units::combine_sd(point.power_w.sd / point.power_w.value, least_point_sd),
                            lessons[k].all_up_mass_kg, density_at(lessons[k], point.height_m)});
        }
    }
    return data;
}

struct Prior {
    std::array<double, airframe::curve_coefficients> log_mean{};
    std::array<double, airframe::curve_coefficients> sd{};
};

/// What is believed of the parts before any flight, from the known cruise and the airframe's data.
Prior prior_of(const airframe::Aircraft& aircraft, const PowerCurve& curve) {
    Prior prior;
    prior.sd = {airframe::form_is_known(aircraft) ? form_sd : share_sd, share_sd, share_sd};
    const double drive_w = std::max(aircraft.cruise_power_w - curve.electronics_w, 0.1 * aircraft.cruise_power_w);
    for (std::size_t i = 0; i < curve.part_w.size(); ++i)
        prior.log_mean[i] = std::log(std::max(curve.part_w[i], least_disturbing_w * drive_w));
    return prior;
}

/// The unknowns: logarithms of the parts, then one for each lesson.
class Fit {
public:
    Fit(PowerCurve curve, Prior prior, std::vector<Datum> data, std::size_t lessons)
        : curve_(std::move(curve)), prior_(prior), data_(std::move(data)), lessons_(lessons),
          parts_(airframe::curve_coefficients), unknowns_(Index(parts_ + lessons)),
          x_(Eigen::VectorXd::Zero(unknowns_)) {
        for (std::size_t i = 0; i < parts_; ++i) x_[Index(i)] = prior_.log_mean[i];
    }

    void add_known(const Datum& datum) { known_.push_back(datum); }

    void solve() {
        // Fixed for this round: an error that moved with the curve would reward steep ones.
        const PowerCurve now = with(x_);
        for (auto* list : {&data_, &known_}) {
            for (Datum& d : *list) d.one_over_sd = 1.0 / relative_sd(now, d);
        }
        units::damped_least_squares(
            x_, normal_, gradient_, [&](const Eigen::VectorXd& x) { return cost_of(x); },
            [&](const Eigen::VectorXd&, Eigen::MatrixXd&, Eigen::VectorXd&) { build(); });
    }

    void set_scatter(double scatter) { scatter_ = scatter; }
    double scatter() const { return scatter_; }
    double off(std::size_t lesson) const { return x_[Index(parts_ + lesson)]; }
    /// Its variance, and that of all others.
    std::vector<double> off_variances() {
        build();
        const Eigen::MatrixXd covariance = normal_.ldlt().solve(Eigen::MatrixXd::Identity(unknowns_, unknowns_));
        std::vector<double> variances;
        for (std::size_t k = 0; k < lessons_; ++k)
            variances.push_back(covariance(Index(parts_ + k), Index(parts_ + k)));
        return variances;
    }
    /// How far a lesson lies from the curve as a whole, log, and how unsure that is: by its points, whatever part
    /// of it the fit took for the day's and what for the points' own.
    units::Estimate apart(std::size_t lesson) const {
        const PowerCurve curve = with(x_);
        double sum = 0.0;
        double weights = 0.0;
        for (const Datum& d : data_) {
            if (d.lesson != lesson) continue;
            const double w = d.one_over_sd * d.one_over_sd;
            sum += w * std::log(d.power_w / sum_of(curve, d, d.airspeed_mps));
            weights += w;
        }
        return weights > 0.0 ? units::Estimate{sum / weights, 1.0 / std::sqrt(weights)} : units::Estimate{};
    }
    double prior_sd(std::size_t part) const { return prior_.sd[part]; }

    /// The curve as found, its covariance that of the parts alone.
    PowerCurve curve() {
        PowerCurve curve = with(x_);
        build();
        const Eigen::MatrixXd covariance = normal_.ldlt()
                                               .solve(Eigen::MatrixXd::Identity(unknowns_, unknowns_))
                                               .topLeftCorner(Index(parts_), Index(parts_));
        for (std::size_t i = 0; i < parts_; ++i) {
            for (std::size_t j = 0; j < parts_; ++j)
                curve.covariance[parts_ * i + j] = covariance(Index(i), Index(j));
        }
        if (curve.craft == Craft::wing) {
            curve.part_w[1] = 0.0;
            for (std::size_t i = 0; i < parts_; ++i)
                curve.covariance[parts_ + i] = curve.covariance[parts_ * i + 1] = 0.0;
        }
        return curve;
    }

private:
    PowerCurve with(const Eigen::VectorXd& x) const {
        PowerCurve curve = curve_;
        for (std::size_t i = 0; i < parts_; ++i) curve.part_w[i] = std::exp(x[Index(i)]);
        if (curve.craft == Craft::wing) curve.part_w[1] = 0.0;
        return curve;
    }

    struct Row {
        double residual = 0.0;
        std::array<double, airframe::curve_coefficients> slope{};
        double one_over_sd = 1.0;
    };

    static double sum_of(const PowerCurve& curve, const Datum& d, double airspeed_mps) {
        double power_w = curve.electronics_w;
        for (const double part : airframe::parts_of_level_power(curve, airspeed_mps, d.mass_kg, d.density_kgm3))
            power_w += part;
        return power_w;
    }

    /// An airspeed that is not sure is a power that is not sure, by the slope of the curve.
    static double relative_sd(const PowerCurve& curve, const Datum& d) {
        const double dv = 0.02 * d.airspeed_mps;
        const double power_w = sum_of(curve, d, d.airspeed_mps);
        const double slope = (sum_of(curve, d, d.airspeed_mps + dv) - power_w) / dv / power_w;
        return units::combine_sd(d.relative_sd, slope * d.airspeed_sd_mps);
    }

    /// ln P_measured − ln P_curve of one datum, over its error.
    Row row(const PowerCurve& curve, const Datum& d, double off) const {
        const auto parts = airframe::parts_of_level_power(curve, d.airspeed_mps, d.mass_kg, d.density_kgm3);
        const double power_w = sum_of(curve, d, d.airspeed_mps);
        Row r;
        r.one_over_sd = d.one_over_sd;
        r.residual = (std::log(d.power_w / power_w) - off) * r.one_over_sd;
        for (std::size_t i = 0; i < parts_; ++i) r.slope[i] = parts[i] / power_w;
        return r;
    }

    double cost_of(const Eigen::VectorXd& x) const {
        const PowerCurve curve = with(x);
        double cost = 0.0;
        for (const Datum& d : data_) cost += units::huber_loss(row(curve, d, x[Index(parts_ + d.lesson)]).residual);
        for (const Datum& d : known_) cost += units::huber_loss(row(curve, d, 0.0).residual);
        for (std::size_t i = 0; i < parts_; ++i)
            cost += 0.5 * std::pow((x[Index(i)] - prior_.log_mean[i]) / prior_.sd[i], 2);
        // A day that is quite out of the ordinary must not bend the curve.
        for (std::size_t k = 0; k < lessons_; ++k) cost += units::huber_loss(x[Index(parts_ + k)] / scatter_);
        return std::isfinite(cost) ? cost : HUGE_VAL;
    }

    void take(const Row& r, std::optional<Index> lesson) {
        const double w = units::huber_weight(r.residual) * r.one_over_sd;
        const auto slope = [&](Index a) { return a < Index(parts_) ? r.slope[std::size_t(a)] : 1.0; };
        std::array<Index, airframe::curve_coefficients + 1> at{0, 1, 2, lesson.value_or(0)};
        const std::size_t count = lesson ? parts_ + 1 : parts_;
        for (std::size_t i = 0; i < count; ++i) {
            gradient_[at[i]] += w * slope(at[i]) * r.residual;
            for (std::size_t j = 0; j < count; ++j)
                normal_(at[i], at[j]) += w * r.one_over_sd * slope(at[i]) * slope(at[j]);
        }
    }

    void build() {
        normal_ = Eigen::MatrixXd::Zero(unknowns_, unknowns_);
        gradient_ = Eigen::VectorXd::Zero(unknowns_);
        const PowerCurve curve = with(x_);
        for (const Datum& d : data_) take(row(curve, d, x_[Index(parts_ + d.lesson)]), Index(parts_ + d.lesson));
        for (const Datum& d : known_) take(row(curve, d, 0.0), std::nullopt);
        for (std::size_t i = 0; i < parts_; ++i) {
            const double one = 1.0 / (prior_.sd[i] * prior_.sd[i]);
            normal_(Index(i), Index(i)) += one;
            gradient_[Index(i)] -= one * (x_[Index(i)] - prior_.log_mean[i]);
        }
        for (std::size_t k = 0; k < lessons_; ++k) {
            const Index at = Index(parts_ + k);
            const double one = units::huber_weight(x_[at] / scatter_) / (scatter_ * scatter_);
            normal_(at, at) += one;
            gradient_[at] -= one * x_[at];
        }
    }

    PowerCurve curve_;
    Prior prior_;
    std::vector<Datum> data_;
    std::vector<Datum> known_;
    std::size_t lessons_;
    std::size_t parts_;
    Index unknowns_;
    double scatter_ = usual_scatter;
    Eigen::VectorXd x_;
    Eigen::MatrixXd normal_;
    Eigen::VectorXd gradient_;
};

/// Scatter of flights around the curve, from the usual one and what these show (expectation and maximisation: what
/// a flight seems to be off by, and how unsure that is); flights quite apart count as far as three times it.
double scatter_of(Fit& fit, std::size_t lessons) {
    double sum = scatter_belief * usual_scatter * usual_scatter;
    const auto variances = fit.off_variances();
    for (std::size_t k = 0; k < lessons; ++k) {
        const double off = std::min(std::abs(fit.off(k)), outlier_at * fit.scatter());
        sum += off * off + variances[k];
    }
    return std::sqrt(sum / (scatter_belief + double(lessons)));
}

/// @param off  what each lesson differs from the curve by, log
airframe::ClimbEfficiency climb_efficiency(const PowerCurve& curve, const std::vector<Lesson>& lessons,
                                           const std::vector<double>& off) {
    struct Climb {
        double airspeed_mps;
        double efficiency;
        double sd;
    };
    std::vector<Climb> climbs;
    PowerCurve sure = curve; // the day is taken off by `off`
    sure.scatter = 0.0;
    for (std::size_t k = 0; k < lessons.size(); ++k) {
        for (const auto& point : lessons[k].climbs) {
            const auto level =
                airframe::level_power_w(sure, point.flown.airspeed_mps.value, lessons[k].all_up_mass_kg,
                                        density_at(lessons[k], point.flown.height_m));
            const double day = std::exp(off[k]);
            const double excess_w = point.flown.power_w.value / day - level.value;
            // A climb that took less than level flight was lift.
            if (!(excess_w > 0.1 * level.value)) continue;
            const double work_w = lessons[k].all_up_mass_kg * units::standard_gravity_mps2 * point.climb_mps.value;
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

} // namespace

units::Result<CurveFit> fit_curve(const airframe::Aircraft& aircraft, double reference_mass_kg,
                                  const std::vector<Lesson>& lessons, const std::vector<KnownPair>& pairs) {
    const auto checked = airframe::checked(aircraft);
    if (!checked) return tl::unexpected(checked.error());
    PowerCurve start = airframe::curve_of_known_cruise(aircraft, reference_mass_kg);
    const Prior prior = prior_of(aircraft, start);
    const auto data = data_of(lessons);
    Fit fit(start, prior, data, lessons.size());
    const double density = aircraft.cruise_density_kgm3.value_or(units::sea_level_density_kgm3);
    fit.add_known({0, aircraft.cruise_airspeed_mps, 0.0, aircraft.cruise_power_w, known_cruise_sd,
                   start.reference_mass_kg, density});
    for (const KnownPair& pair : pairs)
        fit.add_known({0, pair.airspeed_mps, 0.0, pair.power_w, known_pair_sd, start.reference_mass_kg, density});
    fit.solve();
    // Scatter and curve depend on each other; a few rounds settle them.
    for (int round = 0; round < 4 && !lessons.empty(); ++round) {
        fit.set_scatter(scatter_of(fit, lessons.size()));
        fit.solve();
    }

    CurveFit result;
    result.curve = fit.curve();
    result.curve.scatter = fit.scatter();
    std::vector<bool> taught(lessons.size(), false);
    for (const Datum& d : data) {
        taught[d.lesson] = true;
        result.curve.least_flown_mps = std::min(result.curve.least_flown_mps, d.airspeed_mps);
        result.curve.most_flown_mps = std::max(result.curve.most_flown_mps, d.airspeed_mps);
    }
    result.curve.flights = int(std::count(taught.begin(), taught.end(), true));
    for (const Lesson& lesson : lessons) {
        for (const auto& point : lesson.level) result.curve.level_s += point.seconds;
    }
    for (std::size_t k = 0; k < lessons.size(); ++k) {
        const units::Estimate apart = fit.apart(k);
        result.off.push_back(std::exp(apart.value) - 1.0);
        if (std::abs(apart.value) > outlier_at * units::combine_sd(fit.scatter(), apart.sd))
            result.outliers.push_back(k);
    }
    std::vector<double> off;
    for (std::size_t k = 0; k < lessons.size(); ++k) off.push_back(fit.off(k));
    result.curve.climbing = climb_efficiency(result.curve, lessons, off);
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
