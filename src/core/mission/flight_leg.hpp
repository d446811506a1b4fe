#pragma once

#include "core/geodesy/geodesic.hpp"

namespace sobremesa::mission {

enum class PhaseKind { launch, climb, leg, glide, loiter, descent, landing, turn };
/// Stable word for scripts.
const char* phase_word(PhaseKind kind);

/// A piece of a flight on one course at one power: what the chance of coming home flies again in another wind.
struct FlightLeg {
    PhaseKind kind = PhaseKind::leg;
    bool homeward = false;
    double course_deg = 0.0;
    /// Airspeed over the ground's plane, m/s; a circle goes nowhere over ground.
    double airspeed_mps = 0.0;
    double power_w = 0.0;
    double height_m = 0.0;
    double duration_s = 0.0;
    double ground_m = 0.0;
    double energy_wh = 0.0;
    /// Used from launch to its end, Ah.
    double end_charge_ah = 0.0;
    /// Above home, where it ends.
    double end_height_m = 0.0;
    /// Flown for its time (a climb, a turn, a loiter); else to the end of its way.
    bool by_time = false;
    /// Which leg between waypoints it belongs to, from 0.
    int group = 0;
    geodesy::EastNorth from;
    geodesy::EastNorth to;
};

} // namespace sobremesa::mission
