#pragma once

#include <string>
#include <vector>

#include "core/learning/whole_backtest.hpp"

namespace sobremesa::learning {

/// A figure that is known otherwise than it was.
struct LearnedChange {
    enum class What { capacity, resistance, current_gain, volts_gain, cruise_power, landing_charge };
    What what = What::capacity;
    units::Estimate before;
    units::Estimate after;
    /// What it rests on: how many flights' volts, recharges, resting volts, chargers' readings, level flights.
    int volts = 0;
    int recharges = 0;
    int rested = 0;
    int readings = 0;
    int level_flights = 0;
};
/// Stable word for scripts.
const char* learned_word(LearnedChange::What what);

/// What was known of a pack after one of its flights.
struct KnownAfter {
    std::int64_t flight_id = 0; ///< 0: before the first, by label, description and readings
    int flights = 0;
    units::Estimate capacity_share;
    units::Estimate cell_resistance_ohm;
    /// What this flight had to tell.
    bool volts = false;
    bool recharged = false;
    bool rested = false;
    /// Chargers' readings since the flight before (before the first: those before it).
    int readings = 0;
};

/// How a pack became known, flight by flight.
struct PackHistory {
    /// Forecasts of the landing charge of each flight from those before it, with bands that widen or narrow as the
    /// forecasts before them turned out.
    std::vector<LandingForecast> landings;
    /// Oldest first; the last is what is known now.
    std::vector<KnownAfter> known;
};

/// What one aircraft, its sensors and one pack are known to be.
struct Everything {
    JointEstimate joint;
    CurveFit curve;
    Backtest curve_test;
    std::vector<WholeForecast> test;
    PackHistory history;
    /// Down to the landing voltage at cruise.
    units::Estimate landing_ah;
    std::vector<LearnedChange> changes;
};

struct EverythingQuestion {
    airframe::Aircraft aircraft;
    double all_up_mass_kg = 0.0;
    battery::Pack pack;
    std::vector<battery::HealthReading> readings = {};
    double landing_cell_v = 3.5;
    double air_temperature_c = 20.0;
    double density_kgm3 = 1.225;
    /// In the order of time.
    std::vector<WholeFlight> flights;
};

/// Pack, sensors and power curve from all flights of one aircraft with one pack; the curve in true watts where
/// recharges tell the current sensor's gain.
/// @error as `fit_curve`, `cancelled`
units::Result<Everything> learn_everything(const EverythingQuestion& question, const std::stop_token& stop = {});

/// How much wider, or narrower, than stated the bands of later forecasts have to be, by how these turned out.
double band_stretch(const std::vector<LandingForecast>& forecasts);

/// Takes a fit of all flights before for each that is gone through. A charger's reading counts from its day on;
/// from the first on where a flight's is not known.
/// @param question  of one pack
/// @param most_flights  the last of them are gone through, what was known before them at once
/// @error `cancelled`
units::Result<PackHistory> pack_history(const JointQuestion& question, const std::stop_token& stop = {},
                                        std::size_t most_flights = ~std::size_t(0));

} // namespace sobremesa::learning
