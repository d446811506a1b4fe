#pragma once

#include "core/airframe/aircraft.hpp"

namespace sobremesa::airframe {

/// The power curve that one known cruise and the airframe's data make, before any flight has drawn it: what a plan
/// is worked out with, and what flights then correct.
///
/// Its parts add up to the known power at the known cruise, in the air that it was flown in. Induced part: from the
/// rotors' discs or the wing's span where they are given (Glauert; `D = W²/(q·π·b²·e)`), else a third of a rotor's
/// and three tenths of a wing's; a rotor's other two thirds are profile and parasite power in equal parts (common
/// practice, no source). Without propellers the disc carries 8 kg/m² (common practice).
/// @param reference_mass_kg  all-up mass of the known cruise where the aircraft does not state it
PowerCurve curve_of_known_cruise(const Aircraft& aircraft, double reference_mass_kg);

/// Whether the induced part comes from the airframe's data; else its share is guessed.
bool form_is_known(const Aircraft& aircraft);

} // namespace sobremesa::airframe
