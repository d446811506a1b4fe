#include "core/geodesy/relief.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace sobremesa::geodesy {

namespace {

constexpr double steeper = 3.0;
constexpr double contours_wanted = 12.0;

class Maker {
public:
    Maker(const Terrain& terrain, int most_points) {
        if (terrain.mapping.nodes < 2)
            thin(terrain, most_points);
        else
            lay_out(terrain, most_points);
    }

    Relief make(const std::stop_token& stop) {
        shade();
        if (!stop.stop_requested()) contours();
        return std::move(out_);
    }

private:
    /// Every so manyth point of a grid that lies along east and north.
    void thin(const Terrain& terrain, int most_points) {
        const int stride = std::max((std::max(terrain.columns, terrain.rows) + most_points - 1) / most_points, 1);
        out_.columns = (terrain.columns - 1) / stride + 1;
        out_.rows = (terrain.rows - 1) / stride + 1;
        out_.step_m = terrain.step_m * stride;
        out_.west_m = terrain.west_m;
        out_.north_m = terrain.south_m + out_.step_m * (out_.rows - 1);
        heights_.reserve(std::size_t(out_.columns) * std::size_t(out_.rows));
        for (int j = 0; j < out_.rows; ++j) {
            for (int i = 0; i < out_.columns; ++i) {
                heights_.push_back(
                    terrain.height_m[std::size_t((out_.rows - 1 - j) * stride) * std::size_t(terrain.columns) +
                                     std::size_t(i * stride)]);
            }
        }
    }

    /// An even grid over one that lies on a map of its own.
    void lay_out(const Terrain& terrain, int most_points) {
        const double half_m = terrain.half_m();
        out_.step_m = std::max(2.0 * half_m / (most_points - 1), terrain.step_m);
        out_.columns = out_.rows = int(std::floor(2.0 * half_m / out_.step_m)) + 1;
        out_.west_m = -0.5 * out_.step_m * (out_.columns - 1);
        out_.north_m = -out_.west_m;
        heights_.reserve(std::size_t(out_.columns) * std::size_t(out_.rows));
        for (int j = 0; j < out_.rows; ++j) {
            for (int i = 0; i < out_.columns; ++i) {
                const auto above = terrain.above_home_m(place(i, j));
                heights_.push_back(above ? float(*above + terrain.home_m) : std::nanf(""));
            }
        }
    }

    float at(int i, int j) const {
        i = std::clamp(i, 0, out_.columns - 1);
        j = std::clamp(j, 0, out_.rows - 1);
        return heights_[std::size_t(j) * std::size_t(out_.columns) + std::size_t(i)];
    }

    EastNorth place(double i, double j) const {
        return {out_.west_m + i * out_.step_m, out_.north_m - j * out_.step_m};
    }

    void shade() {
        // Light from the north-west, 45° high.
        const double level = std::sqrt(0.5);
        const double side = 0.5;
        for (int j = 0; j < out_.rows; ++j) {
            for (int i = 0; i < out_.columns; ++i) {
                const double east = steeper * (at(i + 1, j) - at(i - 1, j)) / (2.0 * out_.step_m);
                const double south = steeper * (at(i, j + 1) - at(i, j - 1)) / (2.0 * out_.step_m);
                const bool known = std::isfinite(at(i, j)) && std::isfinite(east) && std::isfinite(south);
                // The normal is (−∂h/∂east, −∂h/∂north, 1); the light comes from (−side, side, level).
                const double lit =
                    (level + side * east + side * south) / std::sqrt(1.0 + east * east + south * south);
                out_.known.push_back(known ? 1 : 0);
                out_.shade.push_back(known ? std::uint8_t(std::clamp(255.0 * lit, 0.0, 255.0)) : 0);
            }
        }
    }

    void contours() {
        float low = HUGE_VALF;
        float high = -HUGE_VALF;
        for (const float h : heights_) {
            if (!std::isfinite(h)) continue;
            low = std::min(low, h);
            high = std::max(high, h);
        }
        if (!(high > low)) return;
        const double wanted = double(high - low) / contours_wanted;
        for (const double interval : {5.0, 10.0, 20.0, 25.0, 50.0, 100.0, 200.0, 500.0}) {
            out_.interval_m = interval;
            if (interval >= wanted) break;
        }
        for (int j = 0; j + 1 < out_.rows; ++j) {
            for (int i = 0; i + 1 < out_.columns; ++i) cell(i, j);
        }
    }

    void cell(int i, int j) {
        const std::array<float, 4> h = {at(i, j), at(i + 1, j), at(i + 1, j + 1), at(i, j + 1)};
        if (std::any_of(h.begin(), h.end(), [](float x) { return !std::isfinite(x); })) return;
        const auto [least, most] = std::minmax_element(h.begin(), h.end());
        const double first = std::ceil(*least / out_.interval_m) * out_.interval_m;
        for (double level = first; level < *most; level += out_.interval_m) edges(i, j, h, level);
    }

    void edges(int i, int j, const std::array<float, 4>& h, double level) {
        static constexpr std::array<std::array<int, 2>, 4> corner = {{{0, 0}, {1, 0}, {1, 1}, {0, 1}}};
        std::array<EastNorth, 4> crossed;
        std::size_t count = 0;
        for (std::size_t a = 0; a < 4; ++a) {
            const std::size_t b = (a + 1) % 4;
            if ((h[a] < level) == (h[b] < level)) continue;
            const double share = (level - h[a]) / double(h[b] - h[a]);
            crossed[count++] = place(i + std::lerp(corner[a][0], corner[b][0], share),
                                     j + std::lerp(corner[a][1], corner[b][1], share));
        }
        for (std::size_t k = 0; k + 1 < count; k += 2) out_.contours.push_back({crossed[k], crossed[k + 1]});
    }

    Relief out_;
    std::vector<float> heights_;
};

} // namespace

Relief relief(const Terrain& terrain, int most_points, const std::stop_token& stop) {
    if (terrain.columns < 2 || terrain.rows < 2) return {};
    return Maker(terrain, most_points).make(stop);
}

} // namespace sobremesa::geodesy
