#pragma once

#include <utility>
#include <vector>

#include <Eigen/Dense>

namespace sobremesa::telemetry::circle {

// Ground velocities on a circle around the wind: |v − w| = V. The numerics behind `wind_estimate`; Eigen stays in
// here.

using Eigen::Vector2d;

/// One moment as the fit sees it.
struct Point {
    double t_h = 0.0; ///< from the middle of the flight
    double profile = 1.0;
    /// Down to 0 where the velocity changed so fast that a second's average lies inside of the circle.
    double trust = 1.0;
    /// Of half a circle, turned over ground since the point before.
    double turned = 0.0;
    Vector2d velocity;
    double heading_rad = 0.0;
    double airspeed_mps = 0.0;
    /// Airspeed over the flight's mean, where its power shows that it was not the same throughout.
    double pace = 1.0;
};

/// east, north, growth east, growth north, airspeed or its scale, heading offset
enum Unknown { we, wn, ge, gn, va, dh, unknown_count };

// Sizes known to the compiler: the same algebra on matrices of any size takes a minute and a half to compile.
using Unknowns = Eigen::Matrix<double, unknown_count, 1>;
using UnknownsSquare = Eigen::Matrix<double, unknown_count, unknown_count>;

struct Setup {
    std::vector<Point> points;
    bool heading = false;
    bool airspeed = false;
    Unknowns prior = Unknowns::Zero();
    Unknowns prior_sd = Unknowns::Ones();

    int rows_per_point() const { return heading ? 2 : 1; }
};

struct Fit {
    Unknowns x = Unknowns::Zero();
    UnknownsSquare covariance = UnknownsSquare::Zero();
    double scale = 1.0; ///< robust sd of a residual, m/s
    double alike = 1.0; ///< how many neighbouring residuals count as one
};

/// Principal axes of a symmetric matrix: values ascending, vectors in columns. In closed form, and compiled once.
struct Axes {
    Vector2d values;
    Eigen::Matrix2d vectors;
};
Axes axes_of(const Eigen::Matrix2d& symmetric);

/// Wind at a point, m/s, by the unknowns `x`.
Vector2d wind_of(const Unknowns& x, const Point& p);

/// Fits from a beginning: Levenberg-Marquardt (Eigen) with Huber's weights, neighbours that are alike counted as
/// one.
Fit fit_from(const Setup& setup, Unknowns x);

/// The best fit from several beginnings: two bunches of velocities allow two circles.
Fit best_fit(const Setup& setup);

/// How much the courses lie one way, and along one line: 1 all of them, 0 all round.
struct Courses {
    double one_way = 0.0;
    double one_line = 0.0;
    /// Otherwise many circles fit, and a fit does not know that.
    bool all_round() const { return one_way < 0.6 && one_line < 0.8; }
    /// One leg and its scatter: nothing of the wind can be told from it.
    bool one_leg() const { return one_way > 0.9; }
};
Courses courses_of(const Setup& setup);

/// Two bunches of velocities lie on many circles, and a fit's own covariance describes one of them only. Walks
/// along the direction that is known least, with the best of everything else at each step, and takes mean and
/// spread of all that the log allows.
void walk_least_known(const Setup& setup, Fit& fit);

/// Mean of the fitted wind over the points, and its covariance.
std::pair<Vector2d, Eigen::Matrix2d> mean_wind(const Setup& setup, const Fit& fit);

} // namespace sobremesa::telemetry::circle
