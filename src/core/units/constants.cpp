#include "core/units/constants.hpp"

#include <cmath>

namespace sobremesa::units {

double wrap_degrees(double angle_deg) {
    const double wrapped = std::fmod(angle_deg, 360.0);
    const double positive = wrapped < 0.0 ? wrapped + 360.0 : wrapped;
    // A tiny negative angle plus 360 rounds to 360 itself.
    return positive >= 360.0 ? 0.0 : positive;
}

double signed_turn_degrees(double from_deg, double to_deg) {
    const double turn = wrap_degrees(to_deg - from_deg);
    return turn > 180.0 ? turn - 360.0 : turn;
}

} // namespace sobremesa::units
