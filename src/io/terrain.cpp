#include "io/terrain.hpp"

#include <dlfcn.h>

#include <array>
#include <cmath>
#include <filesystem>
#include <map>
#include <memory>
#include <mutex>
#include <tuple>

#include "elevation/elevation_module.h"
#include "io/open_file.hpp"

namespace sobremesa::io {

namespace {

using units::ErrorCode;

/// Beside the programs, built or installed: ../lib/sobremesa.
std::filesystem::path module_path() {
    std::error_code trouble;
    const auto program = std::filesystem::read_symlink("/proc/self/exe", trouble);
    return program.parent_path().parent_path() / "lib" / "sobremesa" / "libsobremesa-elevation.so";
}

sobremesa_read_elevation_function module_function() {
    // Never unloaded: GDAL does not like that.
    static const auto function = [] {
        void* module = dlopen(module_path().c_str(), RTLD_NOW | RTLD_LOCAL);
        void* found = module ? dlsym(module, "sobremesa_read_elevation") : nullptr;
        return reinterpret_cast<sobremesa_read_elevation_function>(found);
    }();
    return function;
}

/// What the module says where the raster does not lie around home.
constexpr int outside = 3;
constexpr double node_spacing_m = 1000.0;
/// Some 160 MB.
constexpr double most_raster_cells = 4e7;

float* room_in(void* holder, int columns, int rows) {
    auto& terrain = *static_cast<geodesy::Terrain*>(holder);
    terrain.columns = columns;
    terrain.rows = rows;
    terrain.height_m.resize(std::size_t(columns) * std::size_t(rows));
    return terrain.height_m.data();
}

/// Of the cells around home, m.
double shorter_side_m(const geodesy::Terrain& terrain) {
    constexpr double d = 1000.0;
    const auto here = terrain.cell_at({0.0, 0.0});
    const auto cells = [&](const geodesy::EastNorth& there) {
        const auto cell = terrain.cell_at(there);
        return std::hypot(cell.column - here.column, cell.row - here.row);
    };
    return d / std::max(cells({d, 0.0}), cells({0.0, d}));
}

} // namespace

units::Result<geodesy::Terrain> read_terrain(const std::string& path, const geodesy::Position& home,
                                             double half_m) {
    std::error_code trouble;
    if (!std::filesystem::exists(path, trouble)) return units::failure(ErrorCode::file_not_found, in_file(path));
    if (!geodesy::is_possible(home)) return units::failure(ErrorCode::position_impossible);
    const auto read_raster = module_function();
    if (!read_raster) return units::failure(ErrorCode::raster_module_missing, in_file(path));
    geodesy::Terrain terrain;
    terrain.mapping.half_m = half_m;
    terrain.mapping.nodes = std::max(int(std::ceil(2.0 * half_m / node_spacing_m)), 2) + 1;
    const auto nodes = std::size_t(terrain.mapping.nodes) * std::size_t(terrain.mapping.nodes);
    terrain.mapping.column.resize(nodes);
    terrain.mapping.row.resize(nodes);
    sobremesa_elevation_request request{path.c_str(),
                                        home.latitude_deg,
                                        home.longitude_deg,
                                        half_m,
                                        most_raster_cells,
                                        terrain.mapping.nodes,
                                        terrain.mapping.column.data(),
                                        terrain.mapping.row.data(),
                                        &room_in,
                                        &terrain,
                                        1};
    const int trouble_read = read_raster(&request);
    if (trouble_read == outside) return units::failure(ErrorCode::raster_elsewhere, in_file(path));
    if (trouble_read != 0) return units::failure(ErrorCode::raster_unreadable, in_file(path));
    terrain.pooled = request.pooled;
    terrain.step_m = shorter_side_m(terrain);
    const auto at_home = terrain.above_home_m({0.0, 0.0});
    if (!at_home) return units::failure(ErrorCode::raster_elsewhere, in_file(path));
    terrain.home_m = *at_home;
    terrain.index();
    return terrain;
}

std::optional<units::Error> add_terrain(mission::PlanRequest& request) {
    auto& mission = request.mission;
    mission.terrain.reset();
    if (mission.terrain_file.empty()) return std::nullopt;
    if (!mission.home) return units::Error{ErrorCode::value_missing, {{}, {}, {}, "mission.home"}, {}};
    using Key = std::tuple<std::string, double, double>;
    static std::mutex guard;
    static std::map<Key, std::weak_ptr<const geodesy::Terrain>> kept;
    const std::lock_guard lock(guard);
    // Homes that were only dragged over are forgotten.
    std::erase_if(kept, [](const auto& entry) { return entry.second.expired(); });
    auto& shared = kept[Key{mission.terrain_file, mission.home->latitude_deg, mission.home->longitude_deg}];
    mission.terrain = shared.lock();
    if (mission.terrain) return std::nullopt;
    auto read = read_terrain(mission.terrain_file, *mission.home);
    if (!read) return read.error();
    mission.terrain = std::make_shared<const geodesy::Terrain>(std::move(*read));
    shared = mission.terrain;
    return std::nullopt;
}

} // namespace sobremesa::io
