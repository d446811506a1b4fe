#pragma once

#include <array>
#include <cstddef>
#include <vector>

#include <Eigen/Core>

#include "core/airframe/power_curve.hpp"
#include "core/telemetry/steady_pieces.hpp"

namespace sobremesa::learning {

/// Power at an airspeed, as one flight or the pilot says.
struct PowerDatum {
    double airspeed_mps = 0.0;
    double airspeed_sd_mps = 0.0;
    double power_w = 0.0;
    double relative_sd = 0.0;
    double mass_kg = 0.0;
    double density_kgm3 = 0.0;
    /// With what the airspeed's error adds; worked out along with the fit.
    double one_over_sd = 1.0;
};

/// A piece of steady flight whose airspeed is unknown: tied to the power by the curve, to its velocities by the
/// wind.
struct PieceDatum {
    PowerDatum power;
    double height_m = 0.0;
    double seconds = 0.0;
    double gust_mps = 0.5;
    std::vector<telemetry::GroundVelocity> velocities;
};

/// What one flight brings: pieces, or where its velocities are not known any more, points at given airspeeds.
struct FlightData {
    std::vector<PieceDatum> pieces;
    std::vector<PowerDatum> points;
};

struct CurvePrior {
    std::array<double, airframe::curve_coefficients> log_mean{};
    std::array<double, airframe::curve_coefficients> sd{};
    /// Airspeeds are somewhere about this: keeps a flight that says nothing of it from running away.
    double airspeed_mps = 15.0;
    /// How far they may lie from it, relative. Wide where the power shows the airspeed: a prior of every piece
    /// pulls the speeds of a flight together, and the curve too steep.
    double airspeed_share = 1.0;
};

/// The parts of a power curve, and with them for each flight what it is off by as a whole, its wind and how that
/// grows, and the airspeed of each piece: one damped least-squares problem with Huber's weights. What is one
/// flight's own is eliminated flight by flight (Schur's complement), so that a thousand flights cost a thousand
/// small problems.
class CurveSolver {
public:
    CurveSolver(airframe::PowerCurve curve, CurvePrior prior, std::vector<FlightData> flights);

    void add_known(const PowerDatum& datum) { known_.push_back(datum); }
    void solve();

    void set_scatter(double scatter) { scatter_ = scatter; }
    double scatter() const { return scatter_; }
    double off(std::size_t flight) const { return own_[flight][0]; }
    std::vector<double> off_variances();
    /// How far a flight lies from the curve as a whole, log, and how unsure that is.
    units::Estimate apart(std::size_t flight) const;
    double prior_sd(std::size_t part) const { return prior_.sd[part]; }
    /// As found, its covariance that of the parts.
    airframe::PowerCurve curve();
    /// Airspeed of each piece of a flight, in its order.
    std::vector<double> airspeeds_mps(std::size_t flight) const;

private:
    /// One flight's part of the normal equations.
    struct Block {
        Eigen::MatrixXd AB; ///< parts × own
        Eigen::MatrixXd BB;
        Eigen::VectorXd b;
    };
    airframe::PowerCurve with(const Eigen::VectorXd& x) const;
    double cost_of(const Eigen::VectorXd& x, const std::vector<Eigen::VectorXd>& own) const;
    double flight_cost(const airframe::PowerCurve& curve, std::size_t flight, const Eigen::VectorXd& own) const;
    Eigen::VectorXd guess(const airframe::PowerCurve& curve, std::size_t flight) const;
    bool begin_anew();
    void settle(const airframe::PowerCurve& curve, std::size_t flight, Eigen::VectorXd& own) const;
    static Block empty_block(Eigen::Index n);
    void add_flight(const airframe::PowerCurve& curve, std::size_t flight, const Eigen::VectorXd& own, Block& block,
                    Eigen::MatrixXd& shared, Eigen::VectorXd& right) const;
    void descend();
    void build();
    void reduce(double damping);

    airframe::PowerCurve curve_;
    CurvePrior prior_;
    std::vector<FlightData> flights_;
    std::vector<PowerDatum> known_;
    double scatter_ = 0.05;
    Eigen::VectorXd x_;
    /// Of each flight: off, wind east and north, its growth east and north per hour, airspeeds.
    std::vector<Eigen::VectorXd> own_;
    std::vector<Block> blocks_;
    Eigen::MatrixXd shared_;
    Eigen::VectorXd shared_right_;
    Eigen::MatrixXd normal_;
    Eigen::VectorXd right_;
};

} // namespace sobremesa::learning
