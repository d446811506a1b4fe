#include "io/key_units.hpp"

#include <algorithm>
#include <array>

#include "core/units/constants.hpp"

namespace sobremesa::io {

namespace {

struct OtherUnit {
    /// As the documents' own keys end.
    std::string_view own;
    std::string_view other;
    double scale;
    double offset = 0.0;
};

constexpr double kilograms_per_pound = 0.45359237; // international avoirdupois pound, exact by definition
constexpr double kelvin_per_degree_fahrenheit = 5.0 / 9.0;

constexpr std::array other_units = {
    OtherUnit{"mps_per_h", "kmh_per_h", units::mps_per_kmh},
    OtherUnit{"mps_per_h", "kn_per_h", units::mps_per_knot},
    OtherUnit{"mps", "kmh", units::mps_per_kmh},
    OtherUnit{"mps", "kph", units::mps_per_kmh},
    OtherUnit{"mps", "mph", units::mps_per_mph},
    OtherUnit{"mps", "kn", units::mps_per_knot},
    OtherUnit{"mps", "kt", units::mps_per_knot},
    OtherUnit{"kg", "g", 1e-3},
    OtherUnit{"kg", "lb", kilograms_per_pound},
    OtherUnit{"kg", "oz", kilograms_per_pound / 16.0},
    OtherUnit{"m", "km", units::metres_per_kilometre},
    OtherUnit{"m", "cm", 1e-2},
    OtherUnit{"m", "mm", 1e-3},
    OtherUnit{"m", "ft", units::metres_per_foot},
    OtherUnit{"m", "mi", units::metres_per_mile},
    OtherUnit{"m", "nmi", units::metres_per_nautical_mile},
    OtherUnit{"m2", "dm2", 1e-2},
    OtherUnit{"m2", "cm2", 1e-4},
    OtherUnit{"m2", "mm2", 1e-6},
    OtherUnit{"ah", "mah", 1.0 / units::milliamp_hours_per_amp_hour},
    OtherUnit{"ohm", "mohm", 1e-3},
    OtherUnit{"a", "ma", 1e-3},
    OtherUnit{"v", "mv", 1e-3},
    OtherUnit{"w", "mw", 1e-3},
    OtherUnit{"min", "s", 1.0 / units::seconds_per_minute},
    OtherUnit{"min", "h", units::seconds_per_hour / units::seconds_per_minute},
    OtherUnit{"s", "min", units::seconds_per_minute},
    OtherUnit{"s", "h", units::seconds_per_hour},
    OtherUnit{"c", "f", kelvin_per_degree_fahrenheit, -32.0 * kelvin_per_degree_fahrenheit},
    OtherUnit{"pa", "hpa", 1e2},
    OtherUnit{"pa", "mbar", 1e2},
    OtherUnit{"mhz", "ghz", 1e3},
};

/// The key's words before that unit; empty where it does not end so.
std::string_view stem(std::string_view key, std::string_view unit) {
    if (key.size() < unit.size() + 2 || !key.ends_with(unit) || key[key.size() - unit.size() - 1] != '_') return {};
    return key.substr(0, key.size() - unit.size() - 1);
}

} // namespace

std::vector<OtherKey> keys_in_other_units(std::string_view key) {
    std::vector<OtherKey> keys;
    std::string_view own;
    for (const OtherUnit& unit : other_units) {
        // "mps_per_h" ends with the unit of hours, too, which is not its own.
        if (own.empty() && !stem(key, unit.own).empty()) own = unit.own;
        if (own.empty() || unit.own != own) continue;
        keys.push_back({std::string(stem(key, own)) + "_" + std::string(unit.other), unit.scale, unit.offset});
    }
    return keys;
}

std::string_view without_unit(std::string_view key) {
    std::string_view words = key;
    for (const OtherUnit& unit : other_units) {
        for (const std::string_view end : {unit.own, unit.other}) {
            const std::string_view before = stem(key, end);
            if (!before.empty() && before.size() < words.size()) words = before;
        }
    }
    return words;
}

} // namespace sobremesa::io
