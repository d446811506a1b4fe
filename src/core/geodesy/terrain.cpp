#include "core/geodesy/terrain.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::geodesy {

namespace {

/// Between two nodes; unlike `std::lerp` without its care for the last bit, which costs most of this file's time.
double between(double a, double b, double share) {
    return a + share * (b - a);
}

/// Metres within a radio's reach neither overflow nor vanish when squared, which is what `std::hypot` guards
/// against.
double length(double x, double y) {
    return std::sqrt(x * x + y * y);
}

/// The four nodes of the raster's own map around a place, and where it lies between them.
struct MapSquare {
    std::size_t first = 0;
    std::size_t above = 0;
    double x = 0.0;
    double y = 0.0;

    double at(const std::vector<double>& of) const {
        return between(between(of[first], of[first + 1], x), between(of[above], of[above + 1], x), y);
    }
    /// Cells to the next node, eastward and northward.
    double east(const std::vector<double>& of) const {
        return between(of[first + 1] - of[first], of[above + 1] - of[above], y);
    }
    double north(const std::vector<double>& of) const {
        return between(of[above] - of[first], of[above + 1] - of[first + 1], x);
    }
};

double spacing_m(const Terrain& terrain) {
    return 2.0 * terrain.mapping.half_m / (terrain.mapping.nodes - 1);
}

MapSquare square_at(const Terrain& terrain, const EastNorth& at) {
    const auto& mapping = terrain.mapping;
    const double per_m = 1.0 / spacing_m(terrain);
    const double x = (at.east_m + mapping.half_m) * per_m;
    const double y = (at.north_m + mapping.half_m) * per_m;
    const int i = std::clamp(int(x), 0, mapping.nodes - 2);
    const int j = std::clamp(int(y), 0, mapping.nodes - 2);
    const auto first = std::size_t(j) * std::size_t(mapping.nodes) + std::size_t(i);
    return {first, first + std::size_t(mapping.nodes), x - i, y - j};
}

} // namespace

Terrain::Cell Terrain::cell_at(const EastNorth& at) const {
    if (mapping.nodes < 2) return {(at.east_m - west_m) / step_m, (at.north_m - south_m) / step_m};
    const MapSquare square = square_at(*this, at);
    return {square.at(mapping.column), square.at(mapping.row)};
}

double Terrain::half_m() const {
    return mapping.nodes < 2 ? std::max(-west_m, -south_m) : mapping.half_m;
}

std::optional<double> Terrain::above_home_m(const EastNorth& at) const {
    const auto [x, y] = cell_at(at);
    if (!(x >= 0.0 && y >= 0.0 && x <= columns - 1.0 && y <= rows - 1.0)) return std::nullopt;
    const int i = std::min(int(x), columns - 2);
    const int j = std::min(int(y), rows - 2);
    const float* corner = height_m.data() + std::size_t(j) * std::size_t(columns) + std::size_t(i);
    const double south = std::lerp(double(corner[0]), double(corner[1]), x - i);
    const double north = std::lerp(double(corner[columns]), double(corner[columns + 1]), x - i);
    const double height = std::lerp(south, north, y - j) - home_m;
    return std::isfinite(height) ? std::optional(height) : std::nullopt;
}

namespace {

int blocks_along(int cells) {
    return (std::max(cells, 1) + Terrain::block - 1) / Terrain::block;
}

/// Looks along one straight way for the highest cell that its corridor touches.
class Corridor {
public:
    Corridor(const Terrain& terrain, const EastNorth& from, const EastNorth& to, double aside_m)
        : terrain_(terrain), begin_(terrain.cell_at(from)), aside_m_(aside_m),
          across_(blocks_along(terrain.columns)) {
        const Terrain::Cell end = terrain.cell_at(to);
        length_m_ = distance_m(from, to);
        steps_ = std::max(int(std::ceil(length_m_ / terrain.step_m)), 1);
        step_ = {(end.column - begin_.column) / steps_, (end.row - begin_.row) / steps_};
        const double share = length_m_ > 0.0 ? 1.0 / length_m_ : 0.0;
        ahead_ = length_m_ > 0.0 ? EastNorth{(to.east_m - from.east_m) * share, (to.north_m - from.north_m) * share}
                                 : EastNorth{1.0, 0.0};
        const EastNorth middle{0.5 * (from.east_m + to.east_m), 0.5 * (from.north_m + to.north_m)};
        metres_of_cells(middle);
        // A cell is a square: so far it reaches from its middle across and along the way.
        const auto reach = [&](const EastNorth& direction) {
            return 0.5 * (std::abs(column_m_.east_m * direction.east_m + column_m_.north_m * direction.north_m) +
                          std::abs(row_m_.east_m * direction.east_m + row_m_.north_m * direction.north_m));
        };
        cell_aside_m_ = reach({-ahead_.north_m, ahead_.east_m});
        cell_ahead_m_ = reach(ahead_);
        const double radius_m = aside_m + cell_aside_m_ + cell_ahead_m_;
        columns_ = radius_m * length(cells_per_m_[0], cells_per_m_[1]);
        rows_ = radius_m * length(cells_per_m_[2], cells_per_m_[3]);
    }

    /// @param highest  raised where something stands higher
    void look(float& highest) {
        for (int i = 0; i <= steps_; ++i) {
            const double x = begin_.column + i * step_.column;
            const double y = begin_.row + i * step_.row;
            const int left = std::max(int(std::ceil(x - columns_)), 0);
            const int right = std::min(int(std::floor(x + columns_)), terrain_.columns - 1);
            const int low = std::max(int(std::ceil(y - rows_)), 0);
            const int high = std::min(int(std::floor(y + rows_)), terrain_.rows - 1);
            if (left > right || low > high) continue;
            if (nothing_higher(left, right, low, high, highest)) {
                i += steps_inside(x, y);
                continue;
            }
            for (int row = low; row <= high; ++row) {
                const float* line = terrain_.height_m.data() + std::size_t(row) * std::size_t(terrain_.columns);
                for (int column = left; column <= right; ++column) {
                    if (line[column] > highest && touches(column - begin_.column, row - begin_.row))
                        highest = line[column];
                }
            }
        }
    }

private:
    /// One cell to the next, in metres east and north, and the other way round.
    void metres_of_cells(const EastNorth& at) {
        if (terrain_.mapping.nodes < 2) {
            cells_per_m_[0] = cells_per_m_[3] = 1.0 / terrain_.step_m;
        } else {
            const MapSquare square = square_at(terrain_, at);
            const double per_m = 1.0 / spacing_m(terrain_);
            cells_per_m_[0] = square.east(terrain_.mapping.column) * per_m;
            cells_per_m_[1] = square.north(terrain_.mapping.column) * per_m;
            cells_per_m_[2] = square.east(terrain_.mapping.row) * per_m;
            cells_per_m_[3] = square.north(terrain_.mapping.row) * per_m;
        }
        const double size = cells_per_m_[0] * cells_per_m_[3] - cells_per_m_[1] * cells_per_m_[2];
        column_m_ = {cells_per_m_[3] / size, -cells_per_m_[2] / size};
        row_m_ = {-cells_per_m_[1] / size, cells_per_m_[0] / size};
    }
    bool touches(double columns, double rows) const {
        const double east_m = columns * column_m_.east_m + rows * row_m_.east_m;
        const double north_m = columns * column_m_.north_m + rows * row_m_.north_m;
        const double along_m = east_m * ahead_.east_m + north_m * ahead_.north_m;
        const double across_m = std::abs(north_m * ahead_.east_m - east_m * ahead_.north_m);
        return across_m <= aside_m_ + cell_aside_m_ && along_m >= -cell_ahead_m_ &&
               along_m <= length_m_ + cell_ahead_m_;
    }
    bool nothing_higher(int left, int right, int low, int high, float highest) const {
        if (terrain_.block_highest_m.empty()) return false;
        for (int j = low / Terrain::block; j <= high / Terrain::block; ++j) {
            for (int i = left / Terrain::block; i <= right / Terrain::block; ++i) {
                if (terrain_.block_highest_m[std::size_t(j) * std::size_t(across_) + std::size_t(i)] > highest)
                    return false;
            }
        }
        return true;
    }
    /// How many steps more the window stays within the blocks that it is in.
    int steps_inside(double x, double y) const {
        const auto along = [](double edge, double step) {
            // Cells to the block's end, seen the way it goes.
            const double block = Terrain::block;
            const double inside = step > 0.0 ? block - std::fmod(edge, block) : std::fmod(edge, block);
            return step != 0.0 ? inside / std::abs(step) : HUGE_VAL;
        };
        const double lead_x =
            std::max(step_.column > 0.0 ? std::floor(x + columns_) : std::ceil(x - columns_), 0.0);
        const double lead_y = std::max(step_.row > 0.0 ? std::floor(y + rows_) : std::ceil(y - rows_), 0.0);
        const double steps = std::min(along(lead_x, step_.column), along(lead_y, step_.row)) - 1.0;
        return int(std::clamp(steps, 0.0, double(steps_)));
    }

    const Terrain& terrain_;
    Terrain::Cell begin_;
    Terrain::Cell step_;
    double aside_m_;
    int across_;
    int steps_ = 1;
    double length_m_ = 0.0;
    EastNorth ahead_;
    double cells_per_m_[4] = {};
    EastNorth column_m_;
    EastNorth row_m_;
    double cell_aside_m_ = 0.0;
    double cell_ahead_m_ = 0.0;
    double columns_ = 0.0;
    double rows_ = 0.0;
};

} // namespace

void Terrain::index() {
    const int across = blocks_along(columns);
    const int up = blocks_along(rows);
    block_highest_m.assign(std::size_t(across) * std::size_t(up), -HUGE_VALF);
    for (int j = 0; j < rows; ++j) {
        const float* line = height_m.data() + std::size_t(j) * std::size_t(columns);
        float* blocks = block_highest_m.data() + std::size_t(j / block) * std::size_t(across);
        for (int bi = 0; bi < across; ++bi) {
            const int end = std::min((bi + 1) * block, columns);
            // Of a NaN nothing is greater: it leaves the highest as it is.
            for (int i = bi * block; i < end; ++i) blocks[bi] = line[i] > blocks[bi] ? line[i] : blocks[bi];
        }
    }
}

std::optional<double> Terrain::highest_m(const EastNorth& from, const EastNorth& to, double aside_m) const {
    // A straight line over ground is bent on the raster's own map: by less than half a metre in so much.
    constexpr double straight_m = 4000.0;
    const double way_m = distance_m(from, to);
    const int pieces = mapping.nodes < 2 ? 1 : std::max(int(std::ceil(way_m / straight_m)), 1);
    const auto place = [&](int i) {
        const double share = double(i) / pieces;
        return EastNorth{std::lerp(from.east_m, to.east_m, share), std::lerp(from.north_m, to.north_m, share)};
    };
    float highest = -HUGE_VALF;
    for (int i = 0; i < pieces; ++i) Corridor(*this, place(i), place(i + 1), aside_m).look(highest);
    return std::isfinite(highest) ? std::optional(double(highest) - home_m) : std::nullopt;
}

double bearing_deg(const EastNorth& from, const EastNorth& to) {
    return units::wrap_degrees(units::degrees(std::atan2(to.east_m - from.east_m, to.north_m - from.north_m)));
}

double distance_m(const EastNorth& from, const EastNorth& to) {
    return length(to.east_m - from.east_m, to.north_m - from.north_m);
}

EastNorth offset(const EastNorth& from, double bearing_deg, double distance_m) {
    const double a = units::radians(bearing_deg);
    return {from.east_m + distance_m * std::sin(a), from.north_m + distance_m * std::cos(a)};
}

} // namespace sobremesa::geodesy
