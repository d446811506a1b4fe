#include "elevation/elevation_module.h"

#include <array>
#include <charconv>
#include <cmath>
#include <limits>
#include <memory>
#include <string>
#include <vector>

#include <cpl_conv.h>
#include <gdal_frmts.h>
#include <gdal_priv.h>
#include <gdal_utils.h>

namespace {

/// Only what elevation comes in; nothing that opens other files or the network.
void register_formats() {
    static const bool done = [] {
        CPLSetConfigOption("PROJ_NETWORK", "OFF");
        CPLSetConfigOption("GDAL_DISABLE_READDIR_ON_OPEN", "FALSE");
        GDALRegister_GTiff();
        GDALRegister_AAIGrid();
        GDALRegister_SRTMHGT();
        GDALRegister_MEM();
        return true;
    }();
    (void)done;
}

struct Closes {
    void operator()(void* dataset) const { GDALClose(dataset); }
};
using Dataset = std::unique_ptr<void, Closes>;

/// Degrees, as far as its corners can tell.
bool could_be_degrees(GDALDatasetH raster) {
    std::array<double, 6> t{};
    if (GDALGetGeoTransform(raster, t.data()) != CE_None) return false;
    const double east = t[0] + t[1] * GDALGetRasterXSize(raster);
    const double south = t[3] + t[5] * GDALGetRasterYSize(raster);
    return std::abs(t[0]) <= 181.0 && std::abs(east) <= 181.0 && std::abs(t[3]) <= 91.0 && std::abs(south) <= 91.0;
}

template <class Number>
std::string text(Number value) {
    std::array<char, 40> buffer{};
    const auto end = std::to_chars(buffer.data(), buffer.data() + buffer.size(), value);
    return {buffer.data(), end.ptr};
}

} // namespace

int sobremesa_read_elevation(const sobremesa_elevation_request* request) {
    register_formats();
    CPLPushErrorHandler(CPLQuietErrorHandler);
    const auto quiet = std::unique_ptr<void, void (*)(void*)>(const_cast<sobremesa_elevation_request*>(request),
                                                              [](void*) { CPLPopErrorHandler(); });
    const std::array<const char*, 4> drivers = {"GTiff", "AAIGrid", "SRTMHGT", nullptr};
    const Dataset raster(
        GDALOpenEx(request->file, GDAL_OF_RASTER | GDAL_OF_READONLY, drivers.data(), nullptr, nullptr));
    if (!raster) return 1;
    const std::string around = "+proj=aeqd +datum=WGS84 +units=m +lat_0=" + text(request->latitude_deg) +
                               " +lon_0=" + text(request->longitude_deg);
    // Points of the grid are middles of the warped raster's cells.
    const double half = 0.5 * request->step_m;
    const double west = request->west_m - half;
    const double south = request->south_m - half;
    std::vector<std::string> words = {"-of",
                                      "MEM",
                                      "-ot",
                                      "Float32",
                                      "-r",
                                      "bilinear",
                                      "-dstnodata",
                                      "nan",
                                      "-t_srs",
                                      around,
                                      "-te",
                                      text(west),
                                      text(south),
                                      text(west + request->step_m * request->columns),
                                      text(south + request->step_m * request->rows),
                                      "-ts",
                                      text(request->columns),
                                      text(request->rows)};
    const char* projection = GDALGetProjectionRef(raster.get());
    if (!projection || !*projection) {
        if (!could_be_degrees(raster.get())) return 2;
        words.insert(words.end(), {"-s_srs", "EPSG:4326"});
    }
    std::vector<char*> arguments;
    for (std::string& word : words) arguments.push_back(word.data());
    arguments.push_back(nullptr);
    const std::unique_ptr<GDALWarpAppOptions, void (*)(GDALWarpAppOptions*)> options(
        GDALWarpAppOptionsNew(arguments.data(), nullptr), GDALWarpAppOptionsFree);
    if (!options) return 3;
    GDALDatasetH source = raster.get();
    const Dataset warped(GDALWarp("", nullptr, 1, &source, options.get(), nullptr));
    if (!warped) return 4;
    GDALRasterBandH band = GDALGetRasterBand(warped.get(), 1);
    std::vector<float> row(std::size_t(request->columns));
    for (int j = 0; j < request->rows; ++j) {
        if (GDALRasterIO(band, GF_Read, 0, request->rows - 1 - j, request->columns, 1, row.data(), request->columns,
                         1, GDT_Float32, 0, 0) != CE_None)
            return 5;
        for (int i = 0; i < request->columns; ++i) {
            // No place on earth is lower or higher: what is, stands for "not measured".
            const float h = row[std::size_t(i)];
            request->height_m[std::size_t(j) * std::size_t(request->columns) + std::size_t(i)] =
                h > -500.0F && h < 9000.0F ? h : std::numeric_limits<float>::quiet_NaN();
        }
    }
    return 0;
}
