#include "io/key_units.hpp"

#include <algorithm>
#include <array>

#include "core/units/constants.hpp"
#include "core/units/imperial_units.hpp"
#include "io/typed_number.hpp"

namespace sobremesa::io {

namespace {

struct OtherUnit {
    /// As the documents' own keys end.
    std::string_view own;
    std::string_view other;
    double scale;
    double offset = 0.0;
};

constexpr double kelvin_per_degree_fahrenheit = 5.0 / 9.0;

constexpr std::array other_units = {
    OtherUnit{"mps_per_h", "kmh_per_h", units::mps_per_kmh},
    OtherUnit{"mps_per_h", "kn_per_h", units::mps_per_knot},
    OtherUnit{"mps_per_h", "kt_per_h", units::mps_per_knot},
    OtherUnit{"mps_per_h", "mph_per_h", units::mps_per_mph},
    OtherUnit{"mps", "kmh", units::mps_per_kmh},
    OtherUnit{"mps", "kph", units::mps_per_kmh},
    OtherUnit{"mps", "mph", units::mps_per_mph},
    OtherUnit{"mps", "kn", units::mps_per_knot},
    OtherUnit{"mps", "kt", units::mps_per_knot},
    OtherUnit{"kg", "g", 1e-3},
    OtherUnit{"kg", "lb", units::kilograms_per_pound},
    OtherUnit{"kg", "oz", units::kilograms_per_ounce},
    OtherUnit{"m", "km", units::metres_per_kilometre},
    OtherUnit{"m", "cm", 1e-2},
    OtherUnit{"m", "mm", 1e-3},
    OtherUnit{"m", "ft", units::metres_per_foot},
    OtherUnit{"m", "in", units::metres_per_inch},
    OtherUnit{"m", "mi", units::metres_per_mile},
    OtherUnit{"m", "nmi", units::metres_per_nautical_mile},
    OtherUnit{"m2", "dm2", 1e-2},
    OtherUnit{"m2", "cm2", 1e-4},
    OtherUnit{"m2", "mm2", 1e-6},
    OtherUnit{"m2", "ft2", units::metres_per_foot* units::metres_per_foot},
    OtherUnit{"m2", "in2", units::metres_per_inch* units::metres_per_inch},
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
    OtherUnit{"pa", "inhg", units::pascals_per_inch_of_mercury},
    OtherUnit{"mhz", "ghz", 1e3},
};

/// The key's words before that unit; empty where it does not end so.
std::string_view stem(std::string_view key, std::string_view unit) {
    if (key.size() < unit.size() + 2 || !key.ends_with(unit) || key[key.size() - unit.size() - 1] != '_') return {};
    return key.substr(0, key.size() - unit.size() - 1);
}

/// What a key ends with, as units are written; empty where it is none.
std::string_view unit_of_key(std::string_view key) {
    std::string_view found;
    for (const OtherUnit& unit : other_units) {
        for (const std::string_view end : {unit.own, unit.other}) {
            // "kmh_per_h" ends with "h", too.
            if (!stem(key, end).empty() && end.size() > found.size()) found = end;
        }
    }
    if (found == "mps") return "m/s";
    if (found == "mps_per_h") return "m/s/h";
    if (found == "c") return "°C";
    if (found == "f") return "°F";
    if (!found.empty()) return found;
    return key.substr(std::min(key.rfind('_'), key.size() - 1) + 1);
}

} // namespace

std::vector<OtherKey> keys_in_other_units(std::string_view key) {
    std::vector<OtherKey> keys;
    // Positions have short names that everyone uses.
    if (key == "latitude_deg") return {{"lat"}, {"latitude"}, {"lat_deg"}};
    if (key == "longitude_deg") return {{"lon"}, {"lng"}, {"longitude"}, {"lon_deg"}};
    std::string_view own;
    for (const OtherUnit& unit : other_units) {
        // "mps_per_h" ends with the unit of hours, too, which is not its own.
        if (own.empty() && !stem(key, unit.own).empty()) own = unit.own;
        if (own.empty() || unit.own != own) continue;
        keys.push_back({std::string(stem(key, own)) + "_" + std::string(unit.other), unit.scale, unit.offset});
    }
    return keys;
}

std::optional<double> number_in_unit_of(std::string_view key, std::string_view text) {
    if (text.find(',') != std::string_view::npos) return std::nullopt;
    const auto typed = typed_number(text);
    if (!typed) return std::nullopt;
    // Shares of one have no unit at the end of their keys.
    constexpr std::array shares = {"share", "factor", "efficiency", "throttle", "humidity", "chance"};
    const bool share = std::any_of(shares.begin(), shares.end(),
                                   [&](const char* word) { return key.find(word) != std::string_view::npos; });
    if (share && typed->unit && typed->unit->kind == TypedKind::share) return typed->number * typed->unit->scale;
    return in_field_unit(*typed, unit_of_key(key));
}

bool says_unit(std::string_view text) {
    const auto typed = typed_number(text);
    return typed && typed->unit;
}

std::string with_usual_units(std::string_view key, std::string_view number) {
    struct Usual {
        std::string_view own;
        std::array<std::string_view, 3> units;
    };
    static constexpr std::array usual = {
        Usual{"mps_per_h", {"m/s/h", "km/h/h", "kn/h"}},
        Usual{"mps", {"m/s", "km/h", "kn"}},
        Usual{"kg", {"kg", "g", "oz"}},
        Usual{"m", {"m", "cm", "ft"}},
        Usual{"m2", {"m2", "dm2", "ft2"}},
        Usual{"ah", {"Ah", "mAh"}},
        Usual{"ohm", {"ohm", "mohm"}},
        Usual{"a", {"A"}},
        Usual{"v", {"V"}},
        Usual{"w", {"W"}},
        Usual{"wh", {"Wh"}},
        Usual{"min", {"min", "h"}},
        Usual{"s", {"s", "min"}},
        Usual{"c", {"°C", "°F"}},
        Usual{"pa", {"hPa", "Pa"}},
        Usual{"mhz", {"MHz", "GHz"}},
        Usual{"deg", {"°"}},
        Usual{"dbm", {"dBm", "mW"}},
    };
    std::string list;
    for (const Usual& unit : usual) {
        if (!list.empty() || stem(key, unit.own).empty()) continue;
        for (const std::string_view word : unit.units) {
            if (word.empty()) continue;
            list += (list.empty() ? "" : ", ") + std::string(number) + " " + std::string(word);
        }
    }
    return list;
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
