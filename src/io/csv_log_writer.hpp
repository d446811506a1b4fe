#pragma once

#include <string>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::io {

/// Two everyday ways of writing the same flight down.
enum class LogStyle {
    radio,    ///< as a transmitter's card: date and time, "lat lon" in one cell, km/h, mAh
    whole,    ///< everything that is known, under the stable words of the channels, exact enough to come back
    recorder, ///< as a recorder on board: microseconds, separate coordinates, m/s, centimetres of barometric height
};

/// A log as CSV text, columns the log does not have left out.
std::string csv_from_log(const telemetry::FlightLog& log, LogStyle style);

} // namespace sobremesa::io
