#include "elevation/elevation_module.h"

#include <algorithm>
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
#include <ogr_spatialref.h>

namespace {

/// Only what elevation comes in; nothing that opens other files or the network.
void register_formats() {
    static const bool done = [] {
        CPLSetConfigOption("PROJ_NETWORK", "OFF");
        // A raster is read once, row by row.
        CPLSetConfigOption("GDAL_CACHEMAX", "32");
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

/// Where the raster's cells lie, as places around home in metres see it.
bool map_nodes(GDALDatasetH raster, sobremesa_elevation_request& request) {
    std::array<double, 6> to_map{};
    std::array<double, 6> to_cells{};
    if (GDALGetGeoTransform(raster, to_map.data()) != CE_None ||
        !GDALInvGeoTransform(to_map.data(), to_cells.data()))
        return false;
    OGRSpatialReference around;
    OGRSpatialReference own;
    if (around.importFromProj4(("+proj=aeqd +datum=WGS84 +units=m +lat_0=" + text(request.latitude_deg) +
                                " +lon_0=" + text(request.longitude_deg))
                                   .c_str()) != OGRERR_NONE)
        return false;
    const char* projection = GDALGetProjectionRef(raster);
    if (projection && *projection) {
        if (own.importFromWkt(projection) != OGRERR_NONE) return false;
    } else if (!could_be_degrees(raster) || own.importFromEPSG(4326) != OGRERR_NONE) {
        return false;
    }
    own.SetAxisMappingStrategy(OAMS_TRADITIONAL_GIS_ORDER);
    const std::unique_ptr<OGRCoordinateTransformation> transformation(
        OGRCreateCoordinateTransformation(&around, &own));
    if (!transformation) return false;
    const int n = request.nodes;
    std::vector<double> x;
    std::vector<double> y;
    for (int j = 0; j < n; ++j) {
        for (int i = 0; i < n; ++i) {
            x.push_back(request.half_m * (2.0 * i / (n - 1) - 1.0));
            y.push_back(request.half_m * (2.0 * j / (n - 1) - 1.0));
        }
    }
    if (!transformation->Transform(int(x.size()), x.data(), y.data())) return false;
    for (std::size_t k = 0; k < x.size(); ++k) {
        // The file counts from the corner of its first cell.
        request.node_column[k] = to_cells[0] + to_cells[1] * x[k] + to_cells[2] * y[k] - 0.5;
        request.node_row[k] = to_cells[3] + to_cells[4] * x[k] + to_cells[5] * y[k] - 0.5;
    }
    return true;
}

/// The part of the raster that lies around home.
struct Window {
    int column = 0;
    int row = 0;
    int columns = 0;
    int rows = 0;
};

Window window_of(GDALDatasetH raster, const sobremesa_elevation_request& request) {
    const auto count = std::size_t(request.nodes) * std::size_t(request.nodes);
    const auto range = [&](const double* nodes, int size, int& first, int& cells) {
        const auto [least, most] = std::minmax_element(nodes, nodes + count);
        first = int(std::clamp(std::floor(*least), 0.0, double(size)));
        cells = int(std::clamp(std::ceil(*most) + 1.0, 0.0, double(size))) - first;
    };
    Window window;
    range(request.node_column, GDALGetRasterXSize(raster), window.column, window.columns);
    range(request.node_row, GDALGetRasterYSize(raster), window.row, window.rows);
    return window;
}

/// Reads a window, `pooled` by `pooled` cells as one: the highest of them.
bool read_heights(GDALDatasetH raster, const Window& window, int pooled, float* heights, int columns, int rows) {
    GDALRasterBandH band = GDALGetRasterBand(raster, 1);
    int marked = 0;
    const auto nothing = float(GDALGetRasterNoDataValue(band, &marked));
    std::vector<float> line(std::size_t(window.columns));
    std::fill(heights, heights + std::size_t(columns) * std::size_t(rows), std::numeric_limits<float>::quiet_NaN());
    for (int row = 0; row < window.rows; ++row) {
        if (GDALRasterIO(band, GF_Read, window.column, window.row + row, window.columns, 1, line.data(),
                         window.columns, 1, GDT_Float32, 0, 0) != CE_None)
            return false;
        float* out = heights + std::size_t(row / pooled) * std::size_t(columns);
        for (int column = 0; column < window.columns; ++column) {
            const float h = line[std::size_t(column)];
            // No place on earth is lower or higher: what is, stands for "not measured".
            if (!(h > -500.0F && h < 9000.0F) || (marked && h == nothing)) continue;
            float& kept = out[column / pooled];
            if (!(kept >= h)) kept = h;
        }
    }
    return true;
}

} // namespace

int sobremesa_read_elevation(sobremesa_elevation_request* request) {
    register_formats();
    CPLPushErrorHandler(CPLQuietErrorHandler);
    const auto quiet = std::unique_ptr<sobremesa_elevation_request, void (*)(sobremesa_elevation_request*)>(
        request, [](sobremesa_elevation_request*) { CPLPopErrorHandler(); });
    const std::array<const char*, 4> drivers = {"GTiff", "AAIGrid", "SRTMHGT", nullptr};
    const Dataset raster(
        GDALOpenEx(request->file, GDAL_OF_RASTER | GDAL_OF_READONLY, drivers.data(), nullptr, nullptr));
    if (!raster) return 1;
    if (!map_nodes(raster.get(), *request)) return 2;
    const Window window = window_of(raster.get(), *request);
    constexpr int least_cells = 2;
    if (window.columns < least_cells || window.rows < least_cells) return 3;
    const double cells = double(window.columns) * double(window.rows);
    request->pooled = std::max(int(std::ceil(std::sqrt(cells / request->most_cells))), 1);
    const int pooled = request->pooled;
    const int columns = (window.columns + pooled - 1) / pooled;
    const int rows = (window.rows + pooled - 1) / pooled;
    float* heights = request->room(request->holder, columns, rows);
    if (!heights) return 4;
    if (!read_heights(raster.get(), window, pooled, heights, columns, rows)) return 5;
    const double middle = 0.5 * (pooled - 1);
    for (std::size_t k = 0; k < std::size_t(request->nodes) * std::size_t(request->nodes); ++k) {
        request->node_column[k] = (request->node_column[k] - window.column - middle) / pooled;
        request->node_row[k] = (request->node_row[k] - window.row - middle) / pooled;
    }
    return 0;
}
