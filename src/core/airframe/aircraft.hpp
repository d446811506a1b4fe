#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/airframe/power_curve.hpp"
#include "core/airframe/steady_flight.hpp"
#include "core/sun/solar_array.hpp"
#include "core/units/error.hpp"
#include "core/units/estimate.hpp"

namespace sobremesa::airframe {

/// One part besides frame and propulsion: video, camera, control, a servo. What it draws, and what it weighs where
/// that is known.
struct ElectronicsPart {
    std::string name;
    double power_w = 0.0;
    std::optional<double> mass_kg = {};
    friend bool operator==(const ElectronicsPart&, const ElectronicsPart&) = default;
};

/// What is on board to see by; decides what the electronics are taken to draw where nobody says.
enum class Video { not_said, none, analog, digital };
/// Stable word for documents: `not-said`, `none`, `analog`, `digital`.
const char* video_word(Video video);

/// What is known of a wing; each may be missing, and is then assumed from the mass and the known cruise.
struct WingForm {
    std::optional<double> area_m2;
    std::optional<double> span_m;
    /// Largest lift coefficient; empty: 1.1 (common practice).
    std::optional<double> cl_max;
    friend bool operator==(const WingForm&, const WingForm&) = default;
};

/// What is known of the rotors.
struct RotorForm {
    std::optional<double> rotors;
    std::optional<double> propeller_diameter_m;
    friend bool operator==(const RotorForm&, const RotorForm&) = default;
};

/// An aircraft: one known cruise at the least, and whatever else the pilot, or its flights, know of it.
struct Aircraft {
    std::string name;
    Craft craft = Craft::rotor;
    /// Without the pack, kg.
    double mass_kg = 0.0;
    double cruise_airspeed_mps = 0.0;
    /// Total pack power in that cruise, still air, W.
    double cruise_power_w = 0.0;
    /// What that cruise was flown at. Empty: this aircraft with the pack of the plan; sea-level standard density.
    std::optional<double> cruise_all_up_mass_kg;
    std::optional<double> cruise_density_kgm3;
    Video video = Video::not_said;
    /// Video, camera, control, servos: drawn whatever the aircraft does, W. Empty: assumed, see
    /// `electronics_power_w`.
    std::optional<double> electronics_w;
    /// The same, part by part; where there are any, their sum is the electronics' draw. Their masses are part of
    /// `mass_kg`.
    std::vector<ElectronicsPart> electronics;
    /// Full stick, level, full pack, W; for the power-demand share.
    std::optional<double> full_power_w;
    /// Continuous rating of all controllers together, and of all motors together, A.
    std::optional<double> controller_current_a;
    std::optional<double> motor_current_a;
    /// Where the link fails: signal, dBm, and link quality, 0 … 1.
    std::optional<double> failsafe_signal_dbm;
    std::optional<double> failsafe_link_share;
    /// What the bay takes: the heaviest pack that flies well, kg, and its three sides, m.
    std::optional<double> most_pack_mass_kg;
    std::optional<double> bay_length_m;
    std::optional<double> bay_width_m;
    std::optional<double> bay_height_m;
    WingForm wing;
    RotorForm rotor;
    /// On the wing, where there is one, and what joins it to the pack; without a converter: directly.
    std::optional<sun::SolarArray> array;
    std::optional<sun::Converter> converter;
    /// Drawn by its flights. Empty: the known cruise is all there is.
    std::optional<PowerCurve> curve;
    friend bool operator==(const Aircraft&, const Aircraft&) = default;
};

/// @error `value_out_of_range` naming the field
units::Result<Aircraft> validate(Aircraft aircraft);

/// The electronics' draw: given, or assumed, but then never more than a fifth of the cruise power. Assumed by the
/// video on board: 5 W where nobody says, analog 5 W, digital 12.5 W (10 to 15), without any 2 W; a wing's servos
/// take 1.5 W more (common practice, no source).
double electronics_power_w(const Aircraft& aircraft);

/// What controllers and motors bear continuously, the lesser of the two ratings, A. Empty: neither is known.
std::optional<double> drive_current_a(const Aircraft& aircraft);

/// Whether the draw is given, in one figure or part by part.
bool electronics_known(const Aircraft& aircraft);

/// The same with its error: a tenth where it is given, half where it is assumed (common practice).
units::Estimate electronics_draw_w(const Aircraft& aircraft);

/// What the aircraft weighs without its pack, part by part: first what is no listed part (frame, motors, wiring; no
/// name), then the parts whose masses are known, in their order.
struct MassShare {
    std::string name;
    double mass_kg = 0.0;
};
std::vector<MassShare> mass_build_up(const Aircraft& aircraft);

/// Electrical power for steady flight: by the curve that flights drew, where there is one (see `PowerCurve`), else
/// scaled from the one known cruise by physics.
///
/// Scaled: the cruise power less electronics is split into parts that scale differently, see
/// `curve_of_known_cruise`. Climbing adds `m·g·ḣ/η`, η as the flights' climbs showed it (see `ClimbEfficiency`),
/// else 0.5 ± 0.125. A descent gives a wing the same back, never below its electronics (`P = (D·V + m·g·ḣ)/η +
/// P_el`), a rotor half of `m·g·|ḣ|`, a rotor never below 0.6 of level power. Shares, η and credit are assumptions
/// (common practice, no source); the scalings are Leishman, *Principles of Helicopter Aerodynamics*, ch. 5, and
/// Anderson, *Introduction to Flight*, ch. 6.
///
/// @param reference_mass_kg  all-up mass of the known cruise where the aircraft does not state it
/// @return power with its band; a wide one where it is scaled: 8 % at the known cruise, more with every step away
/// @error `airspeed_outside_model` below 0.6 or above 1.6 of the known airspeed; below half of the slowest or above
///        1.7 of the fastest that a curve was flown at
units::Result<units::Estimate> power_w(const Aircraft& aircraft, double reference_mass_kg,
                                       const FlightState& state);

} // namespace sobremesa::airframe
