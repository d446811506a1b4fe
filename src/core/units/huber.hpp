#pragma once

#include <cmath>

namespace sobremesa::units {

/// Where Huber's estimator turns from squares to lines, in standard deviations: 95 % efficiency on normal errors.
/// Huber & Ronchetti, Robust Statistics, 2nd ed. 2009; the value from memory.
inline constexpr double huber_turn = 1.345;

/// Weight of a residual in repeated least squares, 0 to 1. @param residual in standard deviations
inline double huber_weight(double residual) {
    const double size = std::abs(residual);
    return size <= huber_turn ? 1.0 : huber_turn / size;
}

/// Loss of a residual: half its square near zero, straight beyond the turn. @param residual in standard deviations
inline double huber_loss(double residual) {
    const double size = std::abs(residual);
    return size <= huber_turn ? 0.5 * size * size : huber_turn * (size - 0.5 * huber_turn);
}

} // namespace sobremesa::units
