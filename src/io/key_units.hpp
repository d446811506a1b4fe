#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace sobremesa::io {

/// A key that says the same in another unit: `mass_g` for `mass_kg`.
struct OtherKey {
    std::string key;
    /// Value in the unit of the documents: `value * scale + offset`.
    double scale = 1.0;
    double offset = 0.0;
};

/// Keys that may stand in place of one, by the unit at its end; none where it has no unit or no other is usual.
std::vector<OtherKey> keys_in_other_units(std::string_view key);

/// A number that a document gives as text with its unit, in the unit that the key ends with: "7 in" for
/// `propeller_diameter_m`, "20 %" for `share_of_usable`, "NW" for `wind_from_deg`, "5.5 A at 14.8 V" for
/// `cruise_power_w`.
/// @return nothing where the text is no number, has a comma (a decimal sign or one of thousands: a document does
/// not leave that open), or measures something else
std::optional<double> number_in_unit_of(std::string_view key, std::string_view text);

/// Whether a number as text says its unit itself: "780 g", not "780".
bool says_unit(std::string_view text);

/// The number with each of the units that it may be meant in, by the end of the key: "80 m, 80 cm, 80 ft"; empty
/// where the key has none.
std::string with_usual_units(std::string_view key, std::string_view number);

/// A key's words without its unit: "cell_capacity" of "cell_capacity_ah".
std::string_view without_unit(std::string_view key);

} // namespace sobremesa::io
