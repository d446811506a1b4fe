#include "core/learning/curve_solver.hpp"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/units/constants.hpp"
#include "core/units/huber.hpp"

namespace sobremesa::learning {

using airframe::PowerCurve;
using Eigen::Index;

namespace {

constexpr Index parts = Index(airframe::curve_coefficients);
constexpr Index wind_at = 1;
constexpr Index growth_at = 3;
constexpr Index airspeed_at = 5;

// Priors: common practice, no source.
constexpr double wind_sd_mps = 8.0;
constexpr double growth_sd_mps_per_h = 1.5;
/// Gusts hang together for this long: means over less do not get better.
constexpr double gust_correlation_time_s = 20.0;
constexpr double least_velocity_sd_mps = 0.15;
constexpr double usual_gust_mps = 0.5;
constexpr double wind_exponent = 1.0 / 7.0;
constexpr double lowest_m = 10.0;
constexpr double wind_height_m = 80.0;
constexpr double straight_way_s = 30.0;

double sum_of(const PowerCurve& curve, const PowerDatum& d, double airspeed_mps) {
    double power_w = curve.electronics_w;
    for (const double part : airframe::parts_of_level_power(curve, airspeed_mps, d.mass_kg, d.density_kgm3))
        power_w += part;
    return power_w;
}

/// d ln P / d V.
double slope_of(const PowerCurve& curve, const PowerDatum& d, double airspeed_mps) {
    const double dv = 0.01 * airspeed_mps;
    return std::log(sum_of(curve, d, airspeed_mps + dv) / sum_of(curve, d, airspeed_mps - dv)) / (2.0 * dv);
}

/// d ln P / d ln part, times 1/sd.
Eigen::VectorXd slopes(const PowerCurve& curve, const PowerDatum& d, double v, double one_over_sd) {
    const auto part = airframe::parts_of_level_power(curve, v, d.mass_kg, d.density_kgm3);
    const double power_w = sum_of(curve, d, v);
    Eigen::VectorXd slope(parts);
    for (Index i = 0; i < parts; ++i) slope[i] = part[std::size_t(i)] / power_w * one_over_sd;
    return slope;
}

double velocity_sd(const PieceDatum& piece, const telemetry::GroundVelocity& velocity) {
    const double gust = piece.gust_mps > 0.0 ? piece.gust_mps : usual_gust_mps;
    return std::max(gust * std::sqrt(gust_correlation_time_s / std::max(velocity.seconds, 1.0)),
                    least_velocity_sd_mps);
}

double height_factor(double height_m) {
    return std::pow(std::max(height_m, lowest_m) / wind_height_m, wind_exponent);
}

/// Air velocity of a piece's part, given the flight's wind.
struct Through {
    double east = 0.0;
    double north = 0.0;
    double speed = 0.0;
    double factor = 1.0;
    double hours = 0.0;
};

Through through_air(const PieceDatum& piece, const telemetry::GroundVelocity& v, const Eigen::VectorXd& own) {
    Through t;
    t.factor = height_factor(piece.height_m);
    t.hours = v.time_s / units::seconds_per_hour;
    t.east = v.east_mps - t.factor * (own[wind_at] + own[growth_at] * t.hours);
    t.north = v.north_mps - t.factor * (own[wind_at + 1] + own[growth_at + 1] * t.hours);
    t.speed = std::max(std::hypot(t.east, t.north), 0.1);
    return t;
}

} // namespace

CurveSolver::CurveSolver(PowerCurve curve, CurvePrior prior, std::vector<FlightData> flights)
    : curve_(std::move(curve)), prior_(prior), flights_(std::move(flights)), x_(Eigen::VectorXd::Zero(parts)) {
    for (Index i = 0; i < parts; ++i) x_[i] = prior_.log_mean[std::size_t(i)];
    for (const FlightData& flight : flights_) {
        const Index n = flight.pieces.empty() ? 1 : airspeed_at + Index(flight.pieces.size());
        own_.push_back(Eigen::VectorXd::Zero(n));
    }
    const PowerCurve start = with(x_);
    for (std::size_t f = 0; f < flights_.size(); ++f) own_[f] = guess(start, f);
}

/// Where to begin a flight: each piece at the airspeed that its power shows on the fast side of the curve, the wind
/// from a grid. Pieces flown slowly, and winds of the wrong sign, are other valleys of the cost.
Eigen::VectorXd CurveSolver::guess(const PowerCurve& curve, std::size_t f) const {
    const FlightData& flight = flights_[f];
    Eigen::VectorXd own = Eigen::VectorXd::Zero(own_[f].size());
    if (flight.pieces.empty()) return own;
    constexpr double power_trust = 0.1;
    constexpr double airspeed_trust = 0.12;
    constexpr double begin_share = 0.3;
    for (std::size_t i = 0; i < flight.pieces.size(); ++i) {
        const PowerDatum& d = flight.pieces[i].power;
        own[airspeed_at + Index(i)] = prior_.airspeed_mps;
        if (!(d.power_w > 0.0)) continue;
        double best = HUGE_VAL;
        for (double share = 0.6; share < 2.0; share += 0.02) {
            const double v = share * prior_.airspeed_mps;
            const double cost = std::pow(std::log(d.power_w / sum_of(curve, d, v)) / power_trust, 2) +
                                std::pow((share - 1.0) / begin_share, 2);
            if (cost >= best) continue;
            best = cost;
            own[airspeed_at + Index(i)] = v;
        }
    }
    const auto miss_of = [&](double east, double north) {
        Eigen::VectorXd tried = own;
        tried[wind_at] = east;
        tried[wind_at + 1] = north;
        double cost = (east * east + north * north) / (wind_sd_mps * wind_sd_mps);
        for (std::size_t i = 0; i < flight.pieces.size(); ++i) {
            const double v = own[airspeed_at + Index(i)];
            for (const auto& velocity : flight.pieces[i].velocities) {
                const double sd = units::combine_sd(velocity_sd(flight.pieces[i], velocity), airspeed_trust * v);
                const double off =
                    (through_air(flight.pieces[i], velocity, tried).speed - v * velocity.straightness) / sd;
                cost += units::huber_loss(off) * velocity.seconds / straight_way_s;
            }
        }
        return cost;
    };
    constexpr int directions = 16;
    constexpr double step_mps = 1.5;
    constexpr int rings = 9;
    double best = miss_of(0.0, 0.0);
    for (int ring = 1; ring <= rings; ++ring) {
        for (int k = 0; k < directions; ++k) {
            const double angle = 2.0 * units::pi * k / directions;
            const double east = ring * step_mps * std::sin(angle);
            const double north = ring * step_mps * std::cos(angle);
            const double cost = miss_of(east, north);
            if (cost >= best) continue;
            best = cost;
            own[wind_at] = east;
            own[wind_at + 1] = north;
        }
    }
    return own;
}

/// Begins flights anew where that is better with the curve as it is now. @return whether any was
bool CurveSolver::begin_anew() {
    const PowerCurve curve = with(x_);
    bool any = false;
    for (std::size_t f = 0; f < flights_.size(); ++f) {
        if (flights_[f].pieces.empty()) continue;
        Eigen::VectorXd own = guess(curve, f);
        own[0] = own_[f][0];
        settle(curve, f, own);
        if (!(flight_cost(curve, f, own) < flight_cost(curve, f, own_[f]) - 0.05)) continue;
        own_[f] = own;
        any = true;
    }
    return any;
}

/// A flight's own unknowns alone, the curve held.
void CurveSolver::settle(const PowerCurve& curve, std::size_t f, Eigen::VectorXd& own) const {
    constexpr int rounds = 15;
    double cost = flight_cost(curve, f, own);
    double damping = 1e-2;
    for (int round = 0; round < rounds; ++round) {
        Block block = empty_block(own.size());
        Eigen::MatrixXd shared = Eigen::MatrixXd::Zero(parts, parts);
        Eigen::VectorXd right = Eigen::VectorXd::Zero(parts);
        add_flight(curve, f, own, block, shared, right);
        block.BB.diagonal() *= 1.0 + damping;
        const Eigen::VectorXd there = own + block.BB.ldlt().solve(block.b);
        const double cost_there = flight_cost(curve, f, there);
        if (cost_there < cost) {
            const bool done = cost - cost_there < 1e-4 * (1.0 + cost);
            own = there;
            cost = cost_there;
            damping /= 5.0;
            if (done) break;
        } else {
            damping *= 5.0;
        }
    }
}

CurveSolver::Block CurveSolver::empty_block(Index n) {
    return {Eigen::MatrixXd::Zero(parts, n), Eigen::MatrixXd::Zero(n, n), Eigen::VectorXd::Zero(n)};
}

PowerCurve CurveSolver::with(const Eigen::VectorXd& x) const {
    PowerCurve curve = curve_;
    for (Index i = 0; i < parts; ++i) curve.part_w[std::size_t(i)] = std::exp(x[i]);
    if (curve.craft == airframe::Craft::wing) curve.part_w[1] = 0.0;
    return curve;
}

double CurveSolver::flight_cost(const PowerCurve& curve, std::size_t f, const Eigen::VectorXd& own) const {
    const FlightData& flight = flights_[f];
    // A day that is quite out of the ordinary must not bend the curve.
    double cost = units::huber_loss(own[0] / scatter_);
    for (const PowerDatum& d : flight.points)
        cost +=
            units::huber_loss((std::log(d.power_w / sum_of(curve, d, d.airspeed_mps)) - own[0]) * d.one_over_sd);
    if (flight.pieces.empty()) return cost;
    for (Index i = 0; i < 2; ++i) {
        cost += 0.5 * std::pow(own[wind_at + i] / wind_sd_mps, 2);
        cost += 0.5 * std::pow(own[growth_at + i] / growth_sd_mps_per_h, 2);
    }
    for (std::size_t i = 0; i < flight.pieces.size(); ++i) {
        const PieceDatum& piece = flight.pieces[i];
        const double v = own[airspeed_at + Index(i)];
        if (!(v > 0.3 * prior_.airspeed_mps)) return HUGE_VAL;
        cost += 0.5 * std::pow((v / prior_.airspeed_mps - 1.0) / prior_.airspeed_share, 2);
        if (piece.power.power_w > 0.0) {
            const double off = std::log(piece.power.power_w / sum_of(curve, piece.power, v)) - own[0];
            cost += units::huber_loss(off / piece.power.relative_sd);
        }
        for (const auto& velocity : piece.velocities) {
            const double miss = through_air(piece, velocity, own).speed - v * velocity.straightness;
            cost += units::huber_loss(miss / velocity_sd(piece, velocity));
        }
    }
    return cost;
}

double CurveSolver::cost_of(const Eigen::VectorXd& x, const std::vector<Eigen::VectorXd>& own) const {
    const PowerCurve curve = with(x);
    double cost = 0.0;
    for (std::size_t f = 0; f < flights_.size(); ++f) cost += flight_cost(curve, f, own[f]);
    for (const PowerDatum& d : known_)
        cost += units::huber_loss(std::log(d.power_w / sum_of(curve, d, d.airspeed_mps)) * d.one_over_sd);
    for (Index i = 0; i < parts; ++i)
        cost += 0.5 * std::pow((x[i] - prior_.log_mean[std::size_t(i)]) / prior_.sd[std::size_t(i)], 2);
    return std::isfinite(cost) ? cost : HUGE_VAL;
}

void CurveSolver::build() {
    const PowerCurve curve = with(x_);
    shared_ = Eigen::MatrixXd::Zero(parts, parts);
    shared_right_ = Eigen::VectorXd::Zero(parts);
    for (const PowerDatum& d : known_) {
        const double r = std::log(d.power_w / sum_of(curve, d, d.airspeed_mps)) * d.one_over_sd;
        const Eigen::VectorXd A = slopes(curve, d, d.airspeed_mps, d.one_over_sd);
        const double w = units::huber_weight(r);
        shared_ += w * A * A.transpose();
        shared_right_ += w * r * A;
    }
    for (Index i = 0; i < parts; ++i) {
        const double one = 1.0 / (prior_.sd[std::size_t(i)] * prior_.sd[std::size_t(i)]);
        shared_(i, i) += one;
        shared_right_[i] -= one * (x_[i] - prior_.log_mean[std::size_t(i)]);
    }
    blocks_.resize(flights_.size());
    for (std::size_t f = 0; f < flights_.size(); ++f) {
        blocks_[f] = empty_block(own_[f].size());
        add_flight(curve, f, own_[f], blocks_[f], shared_, shared_right_);
    }
    reduce(0.0);
}

void CurveSolver::add_flight(const PowerCurve& curve, std::size_t f, const Eigen::VectorXd& own, Block& block,
                             Eigen::MatrixXd& shared, Eigen::VectorXd& right) const {
    const FlightData& flight = flights_[f];
    const double off_one = units::huber_weight(own[0] / scatter_) / (scatter_ * scatter_);
    block.BB(0, 0) += off_one;
    block.b[0] -= off_one * own[0];
    for (const PowerDatum& d : flight.points) {
        const double r = (std::log(d.power_w / sum_of(curve, d, d.airspeed_mps)) - own[0]) * d.one_over_sd;
        const double w = units::huber_weight(r);
        const Eigen::VectorXd A = slopes(curve, d, d.airspeed_mps, d.one_over_sd);
        shared += w * A * A.transpose();
        right += w * r * A;
        block.AB.col(0) += w * d.one_over_sd * A;
        block.BB(0, 0) += w * d.one_over_sd * d.one_over_sd;
        block.b[0] += w * r * d.one_over_sd;
    }
    if (flight.pieces.empty()) return;
    const auto prior = [&](Index at, double sd, double from) {
        block.BB(at, at) += 1.0 / (sd * sd);
        block.b[at] -= (own[at] - from) / (sd * sd);
    };
    for (Index i = 0; i < 2; ++i) {
        prior(wind_at + i, wind_sd_mps, 0.0);
        prior(growth_at + i, growth_sd_mps_per_h, 0.0);
    }
    for (std::size_t i = 0; i < flight.pieces.size(); ++i) {
        const PieceDatum& piece = flight.pieces[i];
        const Index at = airspeed_at + Index(i);
        const double v = own[at];
        prior(at, prior_.airspeed_share * prior_.airspeed_mps, prior_.airspeed_mps);
        if (piece.power.power_w > 0.0) {
            const PowerDatum& d = piece.power;
            const double one = 1.0 / d.relative_sd;
            const double r = (std::log(d.power_w / sum_of(curve, d, v)) - own[0]) * one;
            const double w = units::huber_weight(r);
            const Eigen::VectorXd A = slopes(curve, d, v, one);
            const double B_v = slope_of(curve, d, v) * one;
            shared += w * A * A.transpose();
            right += w * r * A;
            block.AB.col(0) += w * one * A;
            block.AB.col(at) += w * B_v * A;
            block.BB(0, 0) += w * one * one;
            block.BB(0, at) += w * one * B_v;
            block.BB(at, 0) += w * one * B_v;
            block.BB(at, at) += w * B_v * B_v;
            block.b[0] += w * r * one;
            block.b[at] += w * r * B_v;
        }
        for (const auto& velocity : piece.velocities) {
            const Through t = through_air(piece, velocity, own);
            const double one = 1.0 / velocity_sd(piece, velocity);
            // Expected: the airspeed; seen: |ground − wind|.
            const double r = (t.speed - v * velocity.straightness) * one;
            const double w = units::huber_weight(r);
            const double e = t.factor * t.east / t.speed * one;
            const double north = t.factor * t.north / t.speed * one;
            const std::array<std::pair<Index, double>, 5> B{{{wind_at, e},
                                                             {wind_at + 1, north},
                                                             {growth_at, e * t.hours},
                                                             {growth_at + 1, north * t.hours},
                                                             {at, velocity.straightness * one}}};
            for (const auto& [a, slope_a] : B) {
                block.b[a] += w * r * slope_a;
                for (const auto& [c, slope_c] : B) block.BB(a, c) += w * slope_a * slope_c;
            }
        }
    }
}
void CurveSolver::reduce(double damping) {
    normal_ = shared_;
    right_ = shared_right_;
    for (const Block& block : blocks_) {
        Eigen::MatrixXd BB = block.BB;
        BB.diagonal() *= 1.0 + damping;
        const auto solver = BB.ldlt();
        normal_ -= block.AB * solver.solve(block.AB.transpose());
        right_ -= block.AB * solver.solve(block.b);
    }
    normal_.diagonal() *= 1.0 + damping;
}

void CurveSolver::solve() {
    descend();
    constexpr int most_times = 3;
    for (int time = 0; time < most_times && begin_anew(); ++time) descend();
}

void CurveSolver::descend() {
    // Fixed for this round: an error that moved with the curve would reward steep ones.
    const PowerCurve now = with(x_);
    const auto weigh = [&](PowerDatum& d) {
        d.one_over_sd =
            1.0 / units::combine_sd(d.relative_sd, slope_of(now, d, d.airspeed_mps) * d.airspeed_sd_mps);
    };
    for (PowerDatum& d : known_) weigh(d);
    for (FlightData& flight : flights_)
        for (PowerDatum& d : flight.points) weigh(d);
    constexpr int rounds = 60;
    constexpr int most_tries = 10;
    constexpr double least_decrease = 1e-8;
    double damping = 1e-3;
    double cost = cost_of(x_, own_);
    for (int round = 0; round < rounds; ++round) {
        build();
        bool better = false;
        bool done = false;
        for (int tries = 0; tries < most_tries && !better; ++tries) {
            reduce(damping);
            const Eigen::VectorXd move = normal_.ldlt().solve(right_);
            auto own = own_;
            for (std::size_t f = 0; f < own.size(); ++f) {
                Eigen::MatrixXd BB = blocks_[f].BB;
                BB.diagonal() *= 1.0 + damping;
                own[f] += BB.ldlt().solve(blocks_[f].b - blocks_[f].AB.transpose() * move);
            }
            const Eigen::VectorXd x = x_ + move;
            const double there = cost_of(x, own);
            if (!(there < cost)) {
                damping *= 5.0;
                continue;
            }
            better = true;
            done = cost - there < least_decrease * (1.0 + cost);
            x_ = x;
            own_ = std::move(own);
            cost = there;
            damping = std::max(damping / 5.0, 1e-9);
        }
        if (!better || done) break;
    }
}

std::vector<double> CurveSolver::off_variances() {
    build();
    const Eigen::MatrixXd covariance = normal_.ldlt().solve(Eigen::MatrixXd::Identity(parts, parts));
    std::vector<double> variances;
    for (const Block& block : blocks_) {
        const auto solver = block.BB.ldlt();
        Eigen::VectorXd one = Eigen::VectorXd::Zero(block.BB.rows());
        one[0] = 1.0;
        const Eigen::VectorXd column = solver.solve(one);
        const Eigen::VectorXd through = block.AB * column;
        variances.push_back(column[0] + through.dot(covariance * through));
    }
    return variances;
}

units::Estimate CurveSolver::apart(std::size_t f) const {
    const PowerCurve curve = with(x_);
    double sum = 0.0;
    double weights = 0.0;
    const auto take = [&](const PowerDatum& d, double v, double one_over_sd) {
        const double w = one_over_sd * one_over_sd;
        sum += w * std::log(d.power_w / sum_of(curve, d, v));
        weights += w;
    };
    for (const PowerDatum& d : flights_[f].points) take(d, d.airspeed_mps, d.one_over_sd);
    const auto& pieces = flights_[f].pieces;
    for (std::size_t i = 0; i < pieces.size(); ++i)
        if (pieces[i].power.power_w > 0.0)
            take(pieces[i].power, own_[f][airspeed_at + Index(i)], 1.0 / pieces[i].power.relative_sd);
    return weights > 0.0 ? units::Estimate{sum / weights, 1.0 / std::sqrt(weights)} : units::Estimate{};
}

PowerCurve CurveSolver::curve() {
    PowerCurve curve = with(x_);
    build();
    const Eigen::MatrixXd covariance = normal_.ldlt().solve(Eigen::MatrixXd::Identity(parts, parts));
    for (Index i = 0; i < parts; ++i) {
        for (Index j = 0; j < parts; ++j) curve.covariance[std::size_t(parts * i + j)] = covariance(i, j);
    }
    if (curve.craft == airframe::Craft::wing) {
        curve.part_w[1] = 0.0;
        for (Index i = 0; i < parts; ++i)
            curve.covariance[std::size_t(parts + i)] = curve.covariance[std::size_t(parts * i + 1)] = 0.0;
    }
    return curve;
}

std::vector<double> CurveSolver::airspeeds_mps(std::size_t f) const {
    std::vector<double> airspeeds;
    for (Index i = airspeed_at; i < own_[f].size(); ++i) airspeeds.push_back(own_[f][i]);
    return airspeeds;
}

} // namespace sobremesa::learning
