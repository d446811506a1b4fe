#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace sobremesa::io {

/// What a unit that can be typed into a field measures.
enum class TypedKind {
    none,
    length,
    area,
    speed,
    mass,
    time,
    angle,
    voltage,
    current,
    charge,
    energy,
    power,
    resistance,
    temperature,
    pressure,
    frequency,
    share,
    level,  ///< power over a milliwatt, in decibels
    growth, ///< of a speed, over an hour
};

/// A unit: a number times `scale`, plus `offset`, is the same in SI units (charge in Ah, energy in Wh, angles in
/// degrees, temperatures in °C, shares as such, growth in m/s an hour).
struct TypedUnit {
    TypedKind kind = TypedKind::none;
    double scale = 1.0;
    double offset = 0.0;
};

/// @param word  in capital or small letters, such as "km/h", "mΩ", "oz"
std::optional<TypedUnit> typed_unit(std::string_view word);

/// A number as it was typed, with its unit where one was typed too.
struct TypedNumber {
    double number = 0.0;
    /// As typed; empty: none.
    std::string word;
    /// Of that word; nothing where it is not known.
    std::optional<TypedUnit> unit;
};

/// "12,5", "2 740 mAh", "54 km/h", "20°"; "5.5 A at 14.8 V" and "14.8V x 5.5A" are watts; "NW", "south-west",
/// "Nordwest" and "noroeste" are degrees from north; "4 Bft" is a speed. Points and commas as in
/// `number_from_text`; blanks group.
/// @return nothing where there is no number to read
std::optional<TypedNumber> typed_number(std::string_view text);

/// The middle of a step of the Beaufort scale, m/s: 0.836 m/s times the force to 3/2 (World Meteorological
/// Organization; from memory).
/// @return nothing beyond 0 … 12
std::optional<double> beaufort_mps(double force);

/// A force of that scale as a speed; the scale bends, so its unit is that of this one number.
/// @return nothing beyond 0 … 12
std::optional<TypedNumber> in_beaufort(double force);

/// The number in the unit of its field; watts where the field is a level in dBm ("25 mW" is 14 dBm).
/// @param field_unit  as the field writes it; a number without a unit is in it
/// @return nothing where the unit typed is not known, or measures something else
std::optional<double> in_field_unit(const TypedNumber& typed, std::string_view field_unit);

} // namespace sobremesa::io
