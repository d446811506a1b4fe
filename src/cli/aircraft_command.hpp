#pragma once

#include <iosfwd>
#include <optional>
#include <string>
#include <vector>

namespace sobremesa::cli {

struct AircraftOptions {
    /// Plan document: aircraft, pack, air; empty with `from_book`.
    std::string plan;
    /// Name of an aircraft in the logbook, whose flights are the observations.
    std::string from_book;
    std::string book;
    /// LOG and the plan document that it was flown with, in turn: the observations.
    std::vector<std::string> flights;
    /// "AIRSPEED_MPS,POWER_W" known without a log.
    std::vector<std::string> pairs;
    std::optional<double> head_wind_mps;
    std::optional<double> cross_wind_mps;
    std::optional<double> wanted_ground_mps;
    // what if
    std::optional<double> pack_mass_kg;
    std::optional<double> extra_mass_kg;
    std::optional<double> extra_electronics_w;
    std::optional<double> propeller_mm;
    std::optional<double> rotors;
    std::optional<double> wing_area_m2;
    std::optional<double> height_m;
    std::optional<double> temperature_c;
    bool json = false;
};

/// Power curve, speeds to fly, headroom, what a change does, and how good the forecasts of its flights were.
int aircraft(const AircraftOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
