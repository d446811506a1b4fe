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

} // namespace

units::Result<geodesy::Terrain> read_terrain(const std::string& path, const geodesy::Position& home,
                                             double half_m) {
    std::error_code trouble;
    if (!std::filesystem::exists(path, trouble)) return units::failure(ErrorCode::file_not_found, in_file(path));
    if (!geodesy::is_possible(home)) return units::failure(ErrorCode::position_impossible);
    const auto read_raster = module_function();
    if (!read_raster) return units::failure(ErrorCode::raster_module_missing, in_file(path));
    geodesy::Terrain terrain;
    constexpr int most_points = 1001;
    terrain.step_m = std::max(finest_step_m, 2.0 * half_m / (most_points - 1));
    terrain.columns = terrain.rows = int(std::floor(2.0 * half_m / terrain.step_m)) + 1;
    terrain.west_m = terrain.south_m = -0.5 * terrain.step_m * (terrain.columns - 1);
    terrain.height_m.resize(std::size_t(terrain.columns) * std::size_t(terrain.rows));
    const sobremesa_elevation_request request{path.c_str(),    home.latitude_deg, home.longitude_deg,
                                              terrain.west_m,  terrain.south_m,   terrain.step_m,
                                              terrain.columns, terrain.rows,      terrain.height_m.data()};
    if (read_raster(&request) != 0) return units::failure(ErrorCode::raster_unreadable, in_file(path));
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
