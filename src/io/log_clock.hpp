#pragma once

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::io {

/// Makes times since 1970 into times since the first row, and keeps when that was. In 1970 itself nothing was
/// logged: there the clock had not been set, and says nothing of the day.
inline void count_from_first_row(telemetry::FlightLog& log) {
    constexpr double a_year_s = 365.0 * 86400.0;
    auto& time = log[telemetry::Channel::time_s];
    const double start_s = time.front();
    if (start_s >= a_year_s) log.start_clock_s = start_s;
    for (double& t : time) t -= start_s;
}

} // namespace sobremesa::io
