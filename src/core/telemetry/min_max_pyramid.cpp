#include "core/telemetry/min_max_pyramid.hpp"

#include <algorithm>
#include <cmath>
#include <optional>

namespace sobremesa::telemetry {

namespace {

constexpr std::size_t step = 8;
constexpr double none = HUGE_VAL;

void take(double value, double& least, double& most) {
    // Comparisons with NaN are false: no value takes no part.
    if (value < least) least = value;
    if (value > most) most = value;
}

/// A block without a single reading holds the ends the wrong way round, and takes no part either.
void take_pair(double low, double high, double& least, double& most) {
    if (low > high) return;
    take(low, least, most);
    take(high, least, most);
}

} // namespace

MinMaxPyramid::MinMaxPyramid(std::vector<double> values) : values_(std::move(values)) {
    std::size_t below = values_.size();
    while (below > step) {
        Level level;
        const std::size_t count = (below + step - 1) / step;
        level.least.assign(count, none);
        level.most.assign(count, -none);
        for (std::size_t i = 0; i < below; ++i) {
            const double low = levels_.empty() ? values_[i] : levels_.back().least[i];
            const double high = levels_.empty() ? values_[i] : levels_.back().most[i];
            take_pair(low, high, level.least[i / step], level.most[i / step]);
        }
        levels_.push_back(std::move(level));
        below = count;
    }
}

std::pair<double, double> MinMaxPyramid::range(std::size_t first, std::size_t last) const {
    double least = none;
    double most = -none;
    last = std::min(last, values_.size());
    // Up the levels: the ends that do not fill a block are taken one by one.
    std::size_t level = 0;
    while (first < last) {
        const auto one = [&](std::size_t i) {
            if (level == 0) {
                take(values_[i], least, most);
            } else {
                take_pair(levels_[level - 1].least[i], levels_[level - 1].most[i], least, most);
            }
        };
        if (level == levels_.size() || last - first < 2 * step) {
            for (std::size_t i = first; i < last; ++i) one(i);
            break;
        }
        while (first % step != 0) one(first++);
        while (last % step != 0) one(--last);
        first /= step;
        last /= step;
        ++level;
    }
    if (least == none && most == -none) return {std::nan(""), std::nan("")};
    return {least, most};
}

DrawnLine drawn_line(const std::vector<double>& x, const MinMaxPyramid& column, double from, double to, int pixels,
                     double longest_step) {
    DrawnLine line;
    const auto& values = column.values();
    if (x.empty() || pixels < 1) return line;
    // One more at each side, so that the line runs to the edge.
    auto first = std::size_t(std::lower_bound(x.begin(), x.end(), from) - x.begin());
    auto last = std::size_t(std::upper_bound(x.begin(), x.end(), to) - x.begin());
    if (first > 0) --first;
    if (last < x.size()) ++last;
    const auto add = [&](double at, double value) {
        line.x.push_back(at);
        line.y.push_back(value);
    };
    // A pause is one between two readings that follow each other; thinned points are far apart by nature. A row
    // without a reading is passed over: a log may have volts in every tenth row only.
    std::optional<std::size_t> before;
    for (std::size_t i = first; i-- > 0 && x[first] - x[i] <= longest_step;) {
        if (!std::isfinite(values[i])) continue;
        before = i;
        break;
    }
    const auto break_before = [&](std::size_t row) {
        if (before && x[row] - x[*before] > longest_step) add(0.5 * (x[*before] + x[row]), std::nan(""));
    };
    if (last - first <= 2 * std::size_t(pixels)) {
        for (std::size_t i = first; i < last; ++i) {
            if (!std::isfinite(values[i])) continue;
            break_before(i);
            add(x[i], values[i]);
            before = i;
        }
        return line;
    }
    line.x.reserve(2 * std::size_t(pixels) + 2);
    line.y.reserve(2 * std::size_t(pixels) + 2);
    const double width = (x[last - 1] - x[first]) / pixels;
    std::size_t begin = first;
    for (int pixel = 0; pixel < pixels && begin < last; ++pixel) {
        const double right = x[first] + width * (pixel + 1);
        const auto end = pixel + 1 == pixels
                             ? last
                             : std::size_t(std::upper_bound(x.begin() + std::ptrdiff_t(begin),
                                                            x.begin() + std::ptrdiff_t(last), right) -
                                           x.begin());
        if (end <= begin) continue;
        const auto [least, most] = column.range(begin, end);
        std::size_t left = begin;
        std::size_t right_end = end;
        while (left < right_end && !std::isfinite(values[left])) ++left;
        while (right_end > left && !std::isfinite(values[right_end - 1])) --right_end;
        begin = end;
        if (left == right_end) continue;
        // In the order in which the line runs through the pixel.
        const bool rises = values[left] <= values[right_end - 1];
        break_before(left);
        add(x[left], rises ? least : most);
        if (right_end - left > 1) add(x[right_end - 1], rises ? most : least);
        before = right_end - 1;
    }
    return line;
}

Classes classes_of(const std::vector<double>& values, int count, double factor) {
    Classes classes;
    std::vector<double> sorted;
    for (const double v : values) {
        if (std::isfinite(v)) sorted.push_back(v);
    }
    classes.of_value.assign(values.size(), -1);
    if (sorted.empty()) return classes;
    std::sort(sorted.begin(), sorted.end());
    constexpr double tail = 0.02;
    const double least = factor * sorted[std::size_t(tail * double(sorted.size() - 1))];
    const double most = factor * sorted[std::size_t((1.0 - tail) * double(sorted.size() - 1))];
    if (most > least && count > 1) {
        // The smallest round step with no more classes than asked for.
        const double rough = (most - least) / count;
        double round_step = std::pow(10.0, std::floor(std::log10(rough)));
        for (const double times : {1.0, 2.0, 2.5, 5.0, 10.0, 20.0}) {
            const double tried = times * round_step;
            const double first = std::floor(least / tried) + 1.0;
            if (std::ceil(most / tried) - first < count || times == 20.0) {
                round_step = tried;
                break;
            }
        }
        for (double bound = (std::floor(least / round_step) + 1.0) * round_step;
             bound < most && int(classes.bounds.size()) + 1 < count; bound += round_step)
            classes.bounds.push_back(bound / factor);
    }
    for (std::size_t i = 0; i < values.size(); ++i) {
        if (!std::isfinite(values[i])) continue;
        classes.of_value[i] =
            int(std::upper_bound(classes.bounds.begin(), classes.bounds.end(), values[i]) - classes.bounds.begin());
    }
    return classes;
}

std::vector<double> smoothed(const std::vector<double>& time_s, const std::vector<double>& values,
                             double window_s) {
    std::vector<double> means(values.size(), std::nan(""));
    double sum = 0.0;
    std::size_t counted = 0;
    std::size_t first = 0;
    std::size_t last = 0;
    for (std::size_t i = 0; i < values.size(); ++i) {
        for (; last < values.size() && time_s[last] <= time_s[i] + 0.5 * window_s; ++last) {
            if (!std::isfinite(values[last])) continue;
            sum += values[last];
            ++counted;
        }
        for (; time_s[first] < time_s[i] - 0.5 * window_s; ++first) {
            if (!std::isfinite(values[first])) continue;
            sum -= values[first];
            --counted;
        }
        if (counted > 0 && std::isfinite(values[i])) means[i] = sum / double(counted);
    }
    return means;
}

} // namespace sobremesa::telemetry
