#pragma once

/// Constants and conversions, used only where data enters or leaves.
///
/// Inside the core everything is SI (W, J or Wh where named, m, m/s, kg, K, s, A, V, Ah where named), and the name
/// of a number carries its unit. A conversion in the middle of a formula is therefore always a mistake.

namespace sobremesa::units {

/// Standard acceleration of free fall, m/s². ISO 80000-3.
inline constexpr double standard_gravity_mps2 = 9.80665;
/// Offset between the Celsius and Kelvin scales, K. ISO 80000-5.
inline constexpr double zero_celsius_k = 273.15;

/// Density of the standard atmosphere at sea level, kg/m³. ISO 2533:1975.
inline constexpr double sea_level_density_kgm3 = 1.225;

inline constexpr double pi = 3.14159265358979323846;

constexpr double radians(double degrees) {
    return degrees * (pi / 180.0);
}
constexpr double degrees(double radians) {
    return radians * (180.0 / pi);
}

inline constexpr double seconds_per_minute = 60.0;
inline constexpr double seconds_per_hour = 3600.0;
inline constexpr double metres_per_kilometre = 1000.0;
/// International foot and mile, nautical mile: exact by definition.
inline constexpr double metres_per_foot = 0.3048;
inline constexpr double metres_per_mile = 1609.344;
inline constexpr double metres_per_nautical_mile = 1852.0;
inline constexpr double mps_per_kmh = 1.0 / 3.6;
inline constexpr double mps_per_mph = metres_per_mile / seconds_per_hour;
inline constexpr double mps_per_knot = metres_per_nautical_mile / seconds_per_hour;
inline constexpr double milliamp_hours_per_amp_hour = 1000.0;

constexpr double kelvin(double celsius) {
    return celsius + zero_celsius_k;
}
constexpr double celsius(double kelvin) {
    return kelvin - zero_celsius_k;
}

/// Brings any angle to [0, 360).
double wrap_degrees(double angle_deg);

/// Smallest signed turn from one direction to another, in (-180, 180].
double signed_turn_degrees(double from_deg, double to_deg);

} // namespace sobremesa::units
