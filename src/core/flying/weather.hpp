#pragma once

#include <optional>
#include <vector>

#include "core/atmosphere/wind.hpp"

namespace sobremesa::flying {

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
    /// How far the forecast may be off, one standard deviation, m/s.
    double wind_sd_mps = 1.0;
    /// The way home is planned in the worst credible wind: forecast times or over this, whichever is dearer. 1:
    /// off.
    double home_wind_factor = 1.3;
    /// Gusts above the mean wind, m/s: what the motors must hold for a moment.
    double gust_mps = 0.0;
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
