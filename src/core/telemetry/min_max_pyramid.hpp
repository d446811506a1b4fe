#pragma once

#include <cstddef>
#include <utility>
#include <vector>

namespace sobremesa::telemetry {

/// Least and most of any range of a long column, quickly: what a chart needs that draws two points a pixel.
///
/// Level by level, each eight times shorter than the one below. NaN counts as no value. A million values take a
/// seventh of their memory, and a range costs some sixty comparisons, however long it is.
class MinMaxPyramid {
public:
    explicit MinMaxPyramid(std::vector<double> values);

    const std::vector<double>& values() const { return values_; }
    /// Of [first, last); both NaN where there is no value.
    std::pair<double, double> range(std::size_t first, std::size_t last) const;

private:
    struct Level {
        std::vector<double> least;
        std::vector<double> most;
    };
    std::vector<double> values_;
    std::vector<Level> levels_;
};

/// A line as a chart draws it.
struct DrawnLine {
    std::vector<double> x;
    std::vector<double> y;
};

/// The part of a column between two places of its x, thinned to two points for each of so many columns of pixels;
/// where no more values than that are in sight, every one of them. Steps of x beyond `longest_step` break the line.
/// @param x  rising, as long as the column
DrawnLine drawn_line(const std::vector<double>& x, const MinMaxPyramid& column, double from, double to, int pixels,
                     double longest_step);

/// Values cut into classes of equal width with round bounds, for showing them without a continuous scale.
struct Classes {
    /// Class of each value, 0 the lowest; −1 for no value.
    std::vector<int> of_value;
    /// Where the next class begins: one fewer than there are classes.
    std::vector<double> bounds;
};
/// The range between the second and the ninety-eighth hundredth is cut at multiples of a round step (1, 2, 2.5 or 5
/// times a power of ten), in the unit that they are shown in.
/// @param count  of classes, at most; one comes out where the values hardly differ
/// @param factor  from the values to the unit shown
Classes classes_of(const std::vector<double>& values, int count, double factor = 1.0);

/// Means over a window of time around each value, so that classes tell what the flight did and not what the sensor
/// jittered. NaN counts as no value.
/// @param time_s  rising
std::vector<double> smoothed(const std::vector<double>& time_s, const std::vector<double>& values, double window_s);

} // namespace sobremesa::telemetry
