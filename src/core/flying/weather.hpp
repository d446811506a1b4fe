#pragma once

#include <optional>
#include <vector>

#include "core/atmosphere/wind.hpp"

namespace sobremesa::flying {

/// What a wind aloft is off by, one standard deviation, m/s: forecast some hours ago, or measured now (common
/// practice, no source).
inline constexpr double forecast_wind_sd_mps = 1.5;
inline constexpr double measured_wind_sd_mps = 0.9;

struct Weather {
    /// Wind aloft, at `wind_height_m`.
    atmosphere::Wind wind;
    /// Empty: the mission's own height.
    std::optional<double> wind_height_m;
    /// Of the power law that carries the wind to other heights.
    double wind_exponent = atmosphere::open_ground_wind_exponent;
    /// Winds at several heights above home, lowest first. Where there are two or more they take the place of `wind`
    /// and its law.
    std::vector<atmosphere::WindAtHeight> wind_table;
    /// How much the wind grows for every hour flown, m/s; below 0 it eases.
    double wind_growth_mps_per_h = 0.0;
    /// How far the direction may be off, one standard deviation.
    double wind_from_sd_deg = 10.0;
    /// How far the wind aloft may be off, one standard deviation, m/s.
    double wind_sd_mps = forecast_wind_sd_mps;
    /// the return is planned in the worst credible wind: forecast times or over this, or off by what it may be
    /// off straight against the course, whichever is dearest. 1: in the forecast itself.
    double home_wind_factor = 1.3;
    /// Gusts above the mean wind, m/s: what the motors must hold for a moment. Empty: see `AirColumn::gust_mps`.
    std::optional<double> gust_mps;
    /// At the field, °C.
    double temperature_c = 15.0;
    /// At the field, Pa, and 0 … 1. Empty: the standard atmosphere's, and dry.
    std::optional<double> pressure_pa;
    std::optional<double> relative_humidity;
    /// Field above sea level, m.
    double field_elevation_m = 0.0;
    friend bool operator==(const Weather&, const Weather&) = default;
};

} // namespace sobremesa::flying
