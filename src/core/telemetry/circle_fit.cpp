#include "core/telemetry/circle_fit.hpp"

#include <algorithm>
#include <cmath>
#include <optional>

#include "core/units/constants.hpp"
#include "core/units/huber.hpp"
#include "core/units/least_squares.hpp"
#include "core/units/median.hpp"

namespace sobremesa::telemetry::circle {

namespace {

/// How long residuals hang together, s: some gusts, some breaths of the pilot.
constexpr double correlation_time_s = 40.0;
/// A receiver's and a pilot's own unsteadiness: residuals are not believed to be smaller, m/s.
constexpr double least_residual_mps = 0.15;
/// Air that stands still has no direction: its derivative is taken as of this speed, m/s.
constexpr double least_air_mps = 1e-6;

/// Residuals of one point, m/s.
Vector2d residual(const Setup& setup, const Unknowns& x, const Point& p) {
    const Vector2d air = p.velocity - wind_of(x, p);
    const double V = x[va] * (setup.airspeed ? p.airspeed_mps : p.pace);
    if (!setup.heading) return {air.norm() - V, 0.0};
    const double h = p.heading_rad + x[dh];
    return air - V * Vector2d(std::sin(h), std::cos(h));
}

using Residuals = Eigen::VectorXd;
using Jacobian = Eigen::Matrix<double, Eigen::Dynamic, unknown_count>;

/// Weighted residuals and priors, and their derivatives by the unknowns.
struct WeightedFit {
    const Setup& setup;
    const std::vector<double>& weights;
    double scale = 1.0;

    int values() const { return int(setup.points.size()) * setup.rows_per_point() + unknown_count; }

    Residuals residuals(const Unknowns& x) const {
        const int rows = setup.rows_per_point();
        Residuals out(values());
        for (std::size_t i = 0; i < setup.points.size(); ++i) {
            const Vector2d r = std::sqrt(weights[i]) * residual(setup, x, setup.points[i]) / scale;
            for (int k = 0; k < rows; ++k) out[Eigen::Index(i) * rows + k] = r[k];
        }
        out.tail<unknown_count>() = (x - setup.prior).cwiseQuotient(setup.prior_sd);
        return out;
    }

    Jacobian jacobian(const Unknowns& x) const {
        const int rows = setup.rows_per_point();
        Jacobian jacobian(values(), int(unknown_count));
        for (std::size_t i = 0; i < setup.points.size(); ++i) {
            const Point& p = setup.points[i];
            const double weight = std::sqrt(weights[i]) / scale;
            const double pace = setup.airspeed ? p.airspeed_mps : p.pace;
            const auto at = Eigen::Index(i) * rows;
            if (rows == 1) {
                const Vector2d air = p.velocity - wind_of(x, p);
                const Vector2d by_wind = -weight * p.profile * air / std::max(air.norm(), least_air_mps);
                jacobian.row(at) << by_wind[0], by_wind[1], by_wind[0] * p.t_h, by_wind[1] * p.t_h, -weight * pace,
                    0.0;
                continue;
            }
            const double h = p.heading_rad + x[dh];
            const double by_wind = -weight * p.profile;
            const double V = weight * x[va] * pace;
            jacobian.row(at) << by_wind, 0.0, by_wind * p.t_h, 0.0, -weight * pace * std::sin(h), -V * std::cos(h);
            jacobian.row(at + 1) << 0.0, by_wind, 0.0, by_wind * p.t_h, -weight * pace * std::cos(h),
                V * std::sin(h);
        }
        jacobian.bottomRows<unknown_count>() = setup.prior_sd.cwiseInverse().asDiagonal();
        return jacobian;
    }

    void minimize(Unknowns& x) const {
        UnknownsSquare H;
        Unknowns b;
        units::damped_least_squares(
            x, H, b, [&](const Unknowns& at) { return 0.5 * residuals(at).squaredNorm(); },
            [&](const Unknowns& at, UnknownsSquare& normal, Unknowns& right) {
                const Jacobian J = jacobian(at);
                normal = J.transpose().lazyProduct(J);
                right = -(J.transpose().lazyProduct(residuals(at)));
            },
            {.least_decrease = 1e-12});
    }
};

std::vector<double> sizes(const Setup& setup, const Unknowns& x) {
    std::vector<double> result;
    result.reserve(setup.points.size());
    for (const Point& p : setup.points) result.push_back(residual(setup, x, p).norm());
    return result;
}

/// Median of absolute values as the sd of what is normal: 1.4826 in one dimension, 0.8493 for the length of two.
double robust_scale(const Setup& setup, const std::vector<double>& r) {
    return std::max(units::median(r) * (setup.heading ? 0.8493 : 1.4826), least_residual_mps);
}

int lags_of(const Setup& setup) {
    const auto n = setup.points.size();
    if (n < 2) return 0;
    const double length_s = (setup.points.back().t_h - setup.points.front().t_h) * units::seconds_per_hour;
    const double step_s = std::max(length_s / double(n - 1), 0.1);
    return std::min(int(correlation_time_s / step_s), int(n) - 1);
}

/// How many neighbouring residuals count as one: gusts last.
double autocorrelation(const Setup& setup, const Residuals& r) {
    const int rows = setup.rows_per_point();
    const auto n = Eigen::Index(setup.points.size());
    const int lags = lags_of(setup);
    const double own = r.head(n * rows).squaredNorm();
    double alike = 1.0;
    for (int lag = 1; lag <= lags; ++lag) {
        const Eigen::Index shared = (n - lag) * rows;
        const double together = r.head(shared).dot(r.segment(Eigen::Index(lag) * rows, shared));
        alike += 2.0 * (1.0 - double(lag) / (lags + 1.0)) * together / std::max(own, 1e-12);
    }
    return std::max(alike, 1.0);
}

/// Where a fit begins: the algebraic circle through the velocities (Kåsa 1976), and points around it, because two
/// bunches of velocities allow two circles.
std::vector<Unknowns> beginnings(const Setup& setup) {
    const auto n = Eigen::Index(setup.points.size());
    Eigen::Matrix3d A = Eigen::Matrix3d::Zero();
    Eigen::Vector3d b = Eigen::Vector3d::Zero();
    Vector2d mean = Vector2d::Zero();
    double speed = 0.0;
    for (Eigen::Index i = 0; i < n; ++i) {
        const Vector2d& v = setup.points[std::size_t(i)].velocity;
        const Eigen::Vector3d row(v[0], v[1], 1.0);
        A += row * row.transpose();
        b += row * v.squaredNorm();
        mean += v / double(n);
        speed += v.norm() / double(n);
    }
    const Eigen::Vector3d c = A.ldlt().solve(b);
    const Vector2d centre(0.5 * c[0], 0.5 * c[1]);
    const double radius = std::sqrt(std::max(c[2] + centre.squaredNorm(), 0.01));
    const auto begin = [&](const Vector2d& wind, double V) {
        Unknowns x = setup.prior;
        x[we] = wind[0];
        x[wn] = wind[1];
        x[va] = setup.airspeed ? 1.0 : V;
        return x;
    };
    std::vector<Unknowns> all{begin(Vector2d::Zero(), speed)};
    if (centre.allFinite() && centre.norm() < 2.0 * speed && radius < 3.0 * speed)
        all.push_back(begin(centre, radius));
    // Across the main direction of the velocities, both ways.
    Eigen::Matrix2d spread = Eigen::Matrix2d::Zero();
    for (const Point& p : setup.points) spread += (p.velocity - mean) * (p.velocity - mean).transpose();
    const Vector2d across = axes_of(spread).vectors.col(0);
    for (const double side : {-1.0, 1.0}) all.push_back(begin(mean + side * 0.3 * speed * across, speed));
    return all;
}

/// Seconds of straight flight are alike, and many count as one. Half a turn counts as one however short it is.
double weight_of(const Point& p, double counts) {
    return p.trust * std::min(counts + p.turned, 1.0);
}

/// Airspeed, or its scale, that leaves least for a given wind, and what it leaves: twice the negative logarithm of
/// the probability.
struct Spoke {
    double V = 0.0;
    double cost = 0.0;
};

Spoke best_airspeed(const Setup& setup, const std::vector<Point>& points, const Unknowns& x, double scale,
                    double counts) {
    Spoke spoke{x[va], 0.0};
    std::vector<double> air(points.size());
    for (std::size_t i = 0; i < points.size(); ++i) air[i] = (points[i].velocity - wind_of(x, points[i])).norm();
    const auto measured = [&](const Point& p) { return setup.airspeed ? p.airspeed_mps : p.pace; };
    for (int round = 0; round < 4; ++round) {
        const double believed = 1.0 / std::pow(setup.prior_sd[va], 2);
        double weights = believed;
        double sum = believed * setup.prior[va];
        for (std::size_t i = 0; i < points.size(); ++i) {
            const double a = measured(points[i]);
            const double r = std::abs(air[i] - spoke.V * a) / scale;
            const double w = weight_of(points[i], counts) / (scale * scale) * units::huber_weight(r);
            weights += w * a * a;
            sum += w * a * air[i];
        }
        spoke.V = sum / weights;
    }
    for (std::size_t i = 0; i < points.size(); ++i) {
        spoke.cost += weight_of(points[i], counts) * 2.0 *
                      units::huber_loss((air[i] - spoke.V * measured(points[i])) / scale);
        // Who holds a course lets gusts act on the ground speed only. Seen from a wind far across, the same scatter
        // lies along the circle and looks small; without this a far wind always fits best.
        const Vector2d to_air = points[i].velocity - wind_of(x, points[i]);
        const double sizes = std::max(to_air.norm() * points[i].velocity.norm(), 1e-6);
        constexpr double least_cosine = 0.05;
        spoke.cost -= 2.0 * weight_of(points[i], counts) *
                      std::log(std::max(std::abs(to_air.dot(points[i].velocity)) / sizes, least_cosine));
    }
    spoke.cost += std::pow((spoke.V - setup.prior[va]) / setup.prior_sd[va], 2);
    for (const int i : {we, wn}) spoke.cost += std::pow((x[i] - setup.prior[i]) / setup.prior_sd[i], 2);
    // Winds come from anywhere and their strengths from no scale of their own: the component that is seen says of
    // what order the other one is.
    constexpr double light_air_mps = 2.0;
    spoke.cost += 2.0 * std::log(x.head(2).squaredNorm() + light_air_mps * light_air_mps);
    // Nobody flies out in a wind that is nearly as fast as the aircraft; a small circle around the scatter of one
    // leg says so all the same.
    constexpr double usual_share = 0.6;
    constexpr double share_sd = 0.1;
    double airspeed = spoke.V;
    if (setup.airspeed) {
        double mean = 0.0;
        for (const Point& p : points) mean += p.airspeed_mps / double(points.size());
        airspeed *= mean;
    }
    const double beyond = x.head(2).norm() / std::max(airspeed, 0.1) - usual_share;
    if (beyond > 0.0) spoke.cost += std::pow(beyond / share_sd, 2);
    return spoke;
}

/// The middle between the extremes of the velocities along their main direction, and that direction. All circles
/// through two bunches have their centres on the line through that middle, across that direction.
std::pair<Vector2d, Vector2d> middle_of(const std::vector<Point>& points) {
    Vector2d mean = Vector2d::Zero();
    for (const Point& p : points) mean += p.velocity / double(points.size());
    Eigen::Matrix2d spread = Eigen::Matrix2d::Zero();
    for (const Point& p : points) spread += (p.velocity - mean) * (p.velocity - mean).transpose();
    const Vector2d along = axes_of(spread).vectors.col(1);
    std::vector<double> off;
    off.reserve(points.size());
    for (const Point& p : points) off.push_back(along.dot(p.velocity - mean));
    std::sort(off.begin(), off.end());
    const double least = off[off.size() / 20];
    const double most = off[off.size() - 1 - off.size() / 20];
    return {mean + 0.5 * (least + most) * along, along};
}

/// Points enough for the walk, and how many each of the straight ones counts for.
struct Thinned {
    std::vector<Point> points;
    double counts = 1.0;
};

Thinned thin(const Setup& setup, double alike) {
    constexpr std::size_t enough_points = 300;
    Thinned thinned;
    const std::size_t stride = std::max<std::size_t>(1, setup.points.size() / enough_points);
    std::size_t straight = 0;
    std::size_t kept = 0;
    for (const Point& p : setup.points) {
        const bool turns = p.turned > 0.0;
        if (!turns && straight++ % stride != 0) continue;
        kept += turns ? 0 : 1;
        thinned.points.push_back(p);
    }
    thinned.counts = double(straight) / (double(std::max<std::size_t>(kept, 1)) * alike);
    return thinned;
}

/// Scatter of the ground speed on straight parts, m/s: what gusts do to who holds a course. A circle that has this
/// scatter along itself leaves less, and is no better for it.
double straight_scatter(const Setup& setup) {
    constexpr std::size_t window = 30;
    constexpr double straight = 0.15;
    std::vector<double> found;
    for (std::size_t from = 0; from + window <= setup.points.size(); from += window) {
        double turned = 0.0;
        std::vector<double> speeds;
        for (std::size_t i = from; i < from + window; ++i) {
            turned += setup.points[i].turned;
            speeds.push_back(setup.points[i].velocity.norm());
        }
        if (turned > straight) continue;
        const double middle = units::median(speeds);
        for (double& speed : speeds) speed = std::abs(speed - middle);
        found.push_back(1.4826 * units::median(speeds));
    }
    return found.empty() ? 0.0 : units::median(found);
}

/// A wind on the walk, with the airspeed that goes best with it.
struct Place {
    Vector2d wind;
    Spoke spoke;
};

/// The best wind on the line through `middle` in the direction `along`: the best of some, because two bunches make
/// two valleys, then golden section.
Place best_place(const Setup& setup, const Thinned& thinned, const Fit& fit, const Vector2d& middle,
                 const Vector2d& along) {
    constexpr double golden = 0.6180339887;
    Unknowns x = fit.x;
    const auto at = [&](double s) {
        x.head<2>() = middle + s * along;
        return best_airspeed(setup, thinned.points, x, fit.scale, thinned.counts);
    };
    constexpr double farthest_mps = 10.0;
    constexpr double stride_mps = 2.5;
    double best = 0.0;
    double least = 1e300;
    for (double s = -farthest_mps; s <= farthest_mps; s += stride_mps) {
        if (const double cost = at(s).cost; cost < least) {
            least = cost;
            best = s;
        }
    }
    double a = best - stride_mps;
    double b = best + stride_mps;
    double c = b - golden * (b - a);
    double d = a + golden * (b - a);
    double fc = at(c).cost;
    double fd = at(d).cost;
    while (b - a > 0.05) {
        if (fc < fd) {
            b = d;
            d = c;
            fd = fc;
            c = b - golden * (b - a);
            fc = at(c).cost;
        } else {
            a = c;
            c = d;
            fc = fd;
            d = a + golden * (b - a);
            fd = at(d).cost;
        }
    }
    const double s = 0.5 * (a + b);
    return {middle + s * along, at(s)};
}

/// Wind east and north and airspeed: mean and spread over all places, each by its probability.
struct Walked {
    Eigen::Vector3d mean = Eigen::Vector3d::Zero();
    Eigen::Matrix3d spread = Eigen::Matrix3d::Zero();
};

Walked together(const std::vector<Place>& places) {
    double least = 1e300;
    for (const Place& place : places) least = std::min(least, place.spoke.cost);
    const auto probability = [&](const Place& place) { return std::exp(-0.5 * (place.spoke.cost - least)); };
    const auto vector = [](const Place& place) {
        return Eigen::Vector3d(place.wind[0], place.wind[1], place.spoke.V);
    };
    Walked walked;
    double total = 0.0;
    for (const Place& place : places) {
        total += probability(place);
        walked.mean += probability(place) * vector(place);
    }
    walked.mean /= total;
    for (const Place& place : places) {
        const Eigen::Vector3d off = vector(place) - walked.mean;
        walked.spread += probability(place) / total * off * off.transpose();
    }
    return walked;
}

} // namespace

Axes axes_of(const Eigen::Matrix2d& symmetric) {
    Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d> solver;
    solver.computeDirect(symmetric);
    return {solver.eigenvalues(), solver.eigenvectors()};
}

Vector2d wind_of(const Unknowns& x, const Point& p) {
    return p.profile * Vector2d(x[we] + x[ge] * p.t_h, x[wn] + x[gn] * p.t_h);
}

Fit fit_from(const Setup& setup, Unknowns x) {
    Fit fit;
    std::vector<double> weights(setup.points.size(), 1.0);
    WeightedFit weighted{setup, weights};
    constexpr int rounds = 6;
    for (int round = 0; round < rounds; ++round) {
        const auto r = sizes(setup, x);
        fit.scale = robust_scale(setup, r);
        for (std::size_t i = 0; i < r.size(); ++i)
            weights[i] = setup.points[i].trust * units::huber_weight(r[i] / fit.scale);
        // Seconds that are alike count as one, or priors would drown in them.
        weighted.scale = fit.scale * std::sqrt(fit.alike);
        const Unknowns before = x;
        weighted.minimize(x);
        const Residuals left = weighted.residuals(x);
        fit.alike = autocorrelation(setup, left);
        if (round > 1 && (x - before).norm() < 1e-4) break;
    }
    fit.x = x;

    const Residuals r = weighted.residuals(x);
    const Jacobian J = weighted.jacobian(x);
    const UnknownsSquare H = J.transpose().lazyProduct(J);
    const UnknownsSquare inverse = H.ldlt().solve(UnknownsSquare::Identity());

    // Residuals of neighbours are alike. Their sums over some seconds count, not each of them.
    const int rows = setup.rows_per_point();
    const auto n = setup.points.size();
    Jacobian scores = Jacobian::Zero(Eigen::Index(n), int(unknown_count));
    for (std::size_t i = 0; i < n; ++i) {
        for (int k = 0; k < rows; ++k) {
            const Eigen::Index at = Eigen::Index(i) * rows + k;
            scores.row(Eigen::Index(i)) += J.row(at) * r[at];
        }
    }
    const int lags = lags_of(setup);
    UnknownsSquare meat = scores.transpose().lazyProduct(scores);
    for (int lag = 1; lag <= lags; ++lag) {
        const UnknownsSquare cross =
            scores.topRows(Eigen::Index(n) - lag).transpose().lazyProduct(scores.bottomRows(Eigen::Index(n) - lag));
        meat += (1.0 - double(lag) / (lags + 1.0)) * (cross + cross.transpose());
    }
    const double variance = r.head(Eigen::Index(n) * rows).squaredNorm() / std::max(double(n) * rows, 1.0);
    const UnknownsSquare prior = setup.prior_sd.cwiseInverse().cwiseAbs2().asDiagonal();
    const UnknownsSquare sandwich = inverse * (meat + prior) * inverse;
    const UnknownsSquare plain = inverse * ((H - prior) * variance * fit.alike + prior) * inverse;
    // Few turns: the sandwich sees too little of them. Many: the plain one does not see what hangs together.
    fit.covariance = 0.5 * (sandwich + plain);
    for (int i = 0; i < unknown_count; ++i) {
        const double most = std::max(sandwich(i, i), plain(i, i));
        const double factor = std::sqrt(most / std::max(fit.covariance(i, i), 1e-18));
        fit.covariance.row(i) *= factor;
        fit.covariance.col(i) *= factor;
    }
    return fit;
}

Fit best_fit(const Setup& setup) {
    std::vector<Fit> fits;
    for (const Unknowns& x : beginnings(setup)) {
        Fit fit = fit_from(setup, x);
        if (fit.x[va] >= 0.0) fits.push_back(std::move(fit));
    }
    if (fits.empty()) return fit_from(setup, setup.prior);
    // Each fit has a scale of its own, by which its wrong circle looks as good as the right one: all are held
    // against the smallest, residuals and priors alike.
    const Fit* const tightest = &*std::min_element(fits.begin(), fits.end(), [](const Fit& a, const Fit& b) {
        return a.scale * a.scale * a.alike < b.scale * b.scale * b.alike;
    });
    const auto cost = [&, scale = tightest->scale, alike = tightest->alike](const Fit& fit) {
        double sum = (fit.x - setup.prior).cwiseQuotient(setup.prior_sd).squaredNorm();
        const auto r = sizes(setup, fit.x);
        for (std::size_t i = 0; i < r.size(); ++i)
            sum += setup.points[i].trust * 2.0 * units::huber_loss(r[i] / scale) / alike;
        return sum;
    };
    return *std::min_element(fits.begin(), fits.end(),
                             [&](const Fit& a, const Fit& b) { return cost(a) < cost(b); });
}

Courses courses_of(const Setup& setup) {
    Vector2d once = Vector2d::Zero();
    Vector2d twice = Vector2d::Zero();
    double weights = 1e-12;
    for (const Point& p : setup.points) {
        const double course = std::atan2(p.velocity[0], p.velocity[1]);
        once += p.trust * Vector2d(std::sin(course), std::cos(course));
        twice += p.trust * Vector2d(std::sin(2.0 * course), std::cos(2.0 * course));
        weights += p.trust;
    }
    return {once.norm() / weights, twice.norm() / weights};
}

void walk_least_known(const Setup& setup, Fit& fit) {
    const Thinned thinned = thin(setup, fit.alike);
    const std::vector<Point>& points = thinned.points;
    // By the velocities themselves: the fit may sit on a wrong circle.
    const auto [centre, along] = middle_of(points);
    const Vector2d across(-along[1], along[0]);
    // A fit on a wrong circle makes up for it by growth, and leaves too little.
    fit.x[ge] = fit.x[gn] = 0.0;
    fit.scale = std::max(fit.scale, straight_scatter(setup));
    std::vector<Place> places;
    constexpr double farthest_mps = 20.0;
    constexpr double step_mps = 0.4;
    // From the origin, not from the fit: with no wind as likely as any the prior is symmetric there.
    const double origin = -centre.dot(across);
    for (double t = origin - farthest_mps; t <= origin + farthest_mps; t += step_mps)
        places.push_back(best_place(setup, thinned, fit, centre + t * across, along));

    const Walked walked = together(places);
    // What each place leaves open by itself is what the fit knows across the walk: of one leg not the least that it
    // knows of anything.
    const Eigen::Matrix2d narrow = fit.covariance.topLeftCorner<2, 2>();
    const double own_along = along.dot(narrow * along);
    Eigen::Matrix3d own = Eigen::Matrix3d::Zero();
    own.topLeftCorner<2, 2>() = own_along * along * along.transpose();
    double per_unit = 1.0;
    if (setup.airspeed) {
        per_unit = 0.0;
        for (const Point& p : points) per_unit += p.airspeed_mps / double(points.size());
    }
    own(2, 2) = own_along / (per_unit * per_unit);
    const Eigen::Matrix3d wide = walked.spread + own;
    fit.x[we] = walked.mean[0];
    fit.x[wn] = walked.mean[1];
    fit.x[va] = walked.mean[2];
    // Never surer than the fit itself.
    const double floor = across.dot(narrow * across);
    const double found = across.dot(wide.topLeftCorner<2, 2>() * across);
    fit.covariance.topLeftCorner<2, 2>() =
        wide.topLeftCorner<2, 2>() + std::max(floor - found, 0.0) * across * across.transpose();
    fit.covariance(va, va) = std::max(wide(2, 2), found > floor ? 0.0 : fit.covariance(va, va));
}

std::pair<Vector2d, Eigen::Matrix2d> mean_wind(const Setup& setup, const Fit& fit) {
    double p = 0.0;
    double pt = 0.0;
    for (const Point& point : setup.points) {
        p += point.profile / double(setup.points.size());
        pt += point.profile * point.t_h / double(setup.points.size());
    }
    Eigen::Matrix<double, 2, unknown_count> to_mean = Eigen::Matrix<double, 2, unknown_count>::Zero();
    to_mean(0, we) = to_mean(1, wn) = p;
    to_mean(0, ge) = to_mean(1, gn) = pt;
    return {to_mean * fit.x, to_mean * fit.covariance * to_mean.transpose()};
}

} // namespace sobremesa::telemetry::circle
