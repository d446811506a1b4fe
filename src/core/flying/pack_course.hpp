#pragma once

namespace sobremesa::flying {

/// A pack on its way through the powers of a flight: what it has given, and what it remembers of how.
struct PackCourse {
    /// Given since launch, Ah.
    double charge_ah = 0.0;
    /// How far the charge within reach trails behind (`battery::PackState::slow_gap`).
    double slow_gap = 0.0;
    /// Of the cells, °C.
    double temperature_c = 23.0;
};

} // namespace sobremesa::flying
