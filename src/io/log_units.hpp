#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::io {

/// What a unit measures.
enum class Dimension {
    time,
    angle,
    length,
    speed,
    voltage,
    current,
    charge,
    energy,
    power,
    share,
    decibel,
    bitrate,
    count
};

/// A unit as headers and cells write it, in small letters, and the factor to SI (charge in Ah, energy in Wh, angles
/// in degrees).
struct Unit {
    std::string_view word;
    Dimension dimension;
    double scale;
};

/// @param word  in small letters, UTF-8; a power of ten may stand before it ("10ms", "0.1 v")
std::optional<Unit> unit_from_word(std::string_view word);

/// What a channel measures, and the unit assumed where a log names none: what most such logs are written in.
struct Meaning {
    telemetry::Channel channel;
    Dimension dimension;
    double usual_scale;
    std::string_view usual_unit;
};
const Meaning& meaning_of(telemetry::Channel channel);

/// Units of one dimension, one word for each scale: "km/h", not "kmh" and "kph" as well.
std::vector<Unit> units_of(Dimension dimension);

/// Small letters, those of western Europe too.
std::string lower(std::string_view text);

} // namespace sobremesa::io
