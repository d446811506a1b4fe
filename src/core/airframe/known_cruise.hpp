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

/// How much power a cruise like this takes at the least, electronics apart.
struct CruiseSense {
    /// Below it no aircraft flies so: a rotor's ideal induced power at that airspeed (momentum theory, Glauert), a
    /// wing's m·g·V at a glide ratio of 30. 0 where a rotor's discs are not known.
    double least_w = 0.0;
    /// Below it it is hardly right: a rotor's ideal power in hover, with the usual disc where none is known.
    double doubtful_w = 0.0;
    /// What is usual: half of the power becomes lift and thrust, a wing glides one in ten (common practice, no
    /// source).
    double usual_w = 0.0;
    /// Of the known cruise.
    double drive_w = 0.0;
};
/// Sources: Leishman, *Principles of Helicopter Aerodynamics*, ch. 2; Anderson, *Introduction to Flight*, ch. 6.
CruiseSense cruise_sense(const Aircraft& aircraft, double reference_mass_kg);

/// Whether the induced part comes from the airframe's data; else its share is guessed.
bool form_is_known(const Aircraft& aircraft);

} // namespace sobremesa::airframe
