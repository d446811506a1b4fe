#include "core/radio/link_reach.hpp"
#include "core/units/quantile.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::radio {

namespace {

constexpr std::size_t parts = 12;
constexpr std::size_t least_readings = 10;
constexpr std::size_t least_parts = 4;
/// Nearer than this a receiver is in its near field, or its gain control at the end.
constexpr double least_distance_m = 30.0;
constexpr double farthest_carried = 3.0;

constexpr double free_space_db_per_decade = 20.0;
constexpr double slope_prior_sd_db = 6.0;
constexpr double signal_scatter_db = 3.0;
constexpr double quality_scatter = 0.05;

constexpr double light_mps = 299'792'458.0;
constexpr double earth_radius_m = 6'371'000.0;
constexpr double refraction = 4.0 / 3.0;

struct Point {
    double x = 0.0;
    double y = 0.0;
};

struct Part {
    Point middle; ///< mean place, median reading
    std::vector<Point> readings;
};

double at(const LinkReading& reading, bool logarithmic) {
    return logarithmic ? std::log10(reading.distance_m) : reading.distance_m / 1000.0;
}

/// The readings by equal parts of the way; parts with few of them left out.
std::vector<Part> parts_of(const std::vector<LinkReading>& readings, bool logarithmic) {
    LinkReading farthest;
    for (const LinkReading& r : readings) {
        if (r.distance_m > farthest.distance_m) farthest = r;
    }
    if (farthest.distance_m <= least_distance_m) return {};
    const double from = logarithmic ? at({least_distance_m, 0.0}, true) : 0.0;
    const double width = (at(farthest, logarithmic) - from) / double(parts);
    std::vector<Part> all(parts);
    for (const LinkReading& r : readings) {
        if (r.distance_m < least_distance_m) continue;
        const double x = at(r, logarithmic);
        all[std::min(parts - 1, std::size_t((x - from) / width))].readings.push_back({x, r.reading});
    }
    std::erase_if(all, [](const Part& part) { return part.readings.size() < least_readings; });
    for (Part& part : all) {
        std::vector<double> values;
        for (const Point& p : part.readings) {
            part.middle.x += p.x / double(part.readings.size());
            values.push_back(p.y);
        }
        part.middle.y = units::quantile(values, 0.5);
    }
    return all;
}

/// y = a + b·x by least squares, with a prior on the slope.
struct Line {
    double mean_x = 0.0;
    double at_mean = 0.0;
    double slope = 0.0;
    double slope_sd = 0.0;
    double at_mean_sd = 0.0;
};

/// How far below a line the worst tenth of the readings lies: the median over the parts, so that one bad minute
/// does not stand for all of the way.
double worst_below(const std::vector<Part>& all, const Line& line) {
    constexpr double worst = 0.1;
    std::vector<double> below;
    for (const Part& part : all) {
        std::vector<double> off;
        off.reserve(part.readings.size());
        for (const Point& p : part.readings) off.push_back(p.y - line.at_mean - line.slope * (p.x - line.mean_x));
        below.push_back(units::quantile(off, worst));
    }
    return units::quantile(below, 0.5);
}

Line line_through(const std::vector<Point>& points, double prior_slope, double prior_sd, double least_scatter) {
    const double n = double(points.size());
    Line line;
    for (const Point& p : points) {
        line.mean_x += p.x / n;
        line.at_mean += p.y / n;
    }
    double sxx = 0.0;
    double sxy = 0.0;
    for (const Point& p : points) {
        sxx += (p.x - line.mean_x) * (p.x - line.mean_x);
        sxy += (p.x - line.mean_x) * (p.y - line.at_mean);
    }
    const auto solve = [&](double variance) {
        const double prior = prior_sd > 0.0 ? variance / (prior_sd * prior_sd) : 0.0;
        line.slope = (sxy + prior * prior_slope) / (sxx + prior);
        line.slope_sd = std::sqrt(variance / (sxx + prior));
        line.at_mean_sd = std::sqrt(variance / n);
    };
    solve(least_scatter * least_scatter);
    double left = 0.0;
    for (const Point& p : points) left += std::pow(p.y - line.at_mean - line.slope * (p.x - line.mean_x), 2);
    solve(std::max(least_scatter * least_scatter, left / std::max(n - 2.0, 1.0)));
    return line;
}

} // namespace

std::optional<LinkReach> link_reach(LinkKind kind, const std::vector<LinkReading>& readings,
                                    double failsafe_level) {
    const bool signal = kind == LinkKind::signal_dbm;
    const auto all = parts_of(readings, signal);
    if (all.size() < least_parts) return std::nullopt;
    std::vector<Point> points;
    points.reserve(all.size());
    for (const Part& part : all) points.push_back(part.middle);
    LinkReach reach;
    reach.kind = kind;
    reach.failsafe_level = failsafe_level;
    reach.worst = *std::min_element(readings.begin(), readings.end(),
                                    [](const auto& a, const auto& b) { return a.reading < b.reading; });
    for (const LinkReading& r : readings) reach.farthest_m = std::max(reach.farthest_m, r.distance_m);
    Line line = signal ? line_through(points, -free_space_db_per_decade, slope_prior_sd_db, signal_scatter_db)
                       : line_through(points, 0.0, 0.0, quality_scatter);
    line.at_mean += worst_below(all, line);
    reach.fall = -line.slope;
    // A quality that hardly falls says nothing of where it would end.
    if (!(line.slope < 0.0) || (!signal && -line.slope < 2.0 * line.slope_sd)) return reach;
    const double x = line.mean_x + (failsafe_level - line.at_mean) / line.slope;
    const double sd_x = std::hypot(line.at_mean_sd, line.slope_sd * (x - line.mean_x)) / -line.slope;
    const double distance_m = signal ? std::pow(10.0, x) : 1000.0 * x;
    if (!(distance_m > 0.0) || distance_m > farthest_carried * reach.farthest_m) return reach;
    const double sd_m = signal ? distance_m * std::log(10.0) * sd_x : 1000.0 * sd_x;
    reach.failsafe_m = units::Estimate{distance_m, sd_m};
    return reach;
}

double free_space_loss_db(double frequency_mhz, double distance_m) {
    return 32.4 + 20.0 * std::log10(frequency_mhz) + 20.0 * std::log10(distance_m / 1000.0);
}

double radio_horizon_m(double height_a_m, double height_b_m) {
    const double r = refraction * earth_radius_m;
    return std::sqrt(2.0 * r * std::max(height_a_m, 0.0)) + std::sqrt(2.0 * r * std::max(height_b_m, 0.0));
}

double fresnel_radius_m(double frequency_mhz, double to_one_end_m, double to_other_end_m) {
    const double wavelength_m = light_mps / (frequency_mhz * 1e6);
    return std::sqrt(wavelength_m * to_one_end_m * to_other_end_m / (to_one_end_m + to_other_end_m));
}

} // namespace sobremesa::radio
