#pragma once

#include <optional>
#include <vector>

#include "core/learning/backtest.hpp"
#include "core/learning/joint_estimate.hpp"

namespace sobremesa::learning {

/// One flight of an aircraft with a pack, as far as it teaches.
struct WholeFlight {
    FlightObservation observation;
    PackFlight pack;
    /// Farthest from home, m.
    std::optional<double> farthest_m = {};
};

/// One flight forecast from those before it: its charge at landing, how long that would have lasted, and what a
/// kilometre would take. The charge is what the pack gives down to the volts that it landed at, where those tell it
/// (near the landing voltage); a flight that landed with a half-full pack is forecast by what its level flight
/// takes.
struct WholeForecast {
    std::int64_t flight_id = 0;
    int from_flights = 0;
    std::optional<units::Estimate> landing_ah;
    /// By the pack's volts; else by consumption.
    bool by_volts = true;
    double landing_flown_ah = 0.0;
    std::optional<units::Estimate> wh_per_m;
    double flown_wh_per_m = 0.0;
    std::optional<units::Estimate> duration_s;
    double flown_duration_s = 0.0;
    /// Where the turn of the same way would have been forecast, so that it ends at the volts that it ended at.
    std::optional<units::Estimate> turn_m;
    double flown_turn_m = 0.0;
    /// Landing charge within its band.
    bool inside_50 = false;
    bool inside_90 = false;
};

/// Whether the volts that a flight landed at tell its charge: on the flat of the curve they do not.
bool volts_tell(const LandingForecast& forecast);

/// @param flights  in the order of time
/// @param landings  of these flights' packs, each from the flights before it
/// @param curve_test  of the aircraft, likewise
std::vector<WholeForecast> whole_backtest(const std::vector<WholeFlight>& flights,
                                          const std::vector<LandingForecast>& landings, const Backtest& curve_test);

/// What of a whole flight is forecast.
enum class ForecastPart { landing_charge, duration, turn };

/// One such figure of one flight, in SI but for the charge, Ah.
struct PartForecast {
    std::int64_t flight_id = 0;
    int from_flights = 0;
    units::Estimate forecast;
    double flown = 0.0;
    /// Landing charge by the pack's volts; else by what level flight takes.
    bool by_volts = true;
    /// Forecast over flown, less one; positive: optimistic.
    double off() const { return forecast.value / flown - 1.0; }
    bool inside_90() const;
};

/// Of the flights that have it.
std::vector<PartForecast> part_forecasts(const std::vector<WholeForecast>& flights, ForecastPart part);

/// How good forecasts with a flight before them were; nothing without one.
struct ForecastQuality {
    int forecasts = 0;
    /// Forecast over flown, less one.
    units::Estimate bias;
    double spread = 0.0;
    double inside_50_share = 0.0;
    double inside_90_share = 0.0;
};
std::optional<ForecastQuality> quality(const std::vector<PartForecast>& forecasts);
std::vector<BandShare> calibration(const std::vector<PartForecast>& forecasts);

/// One of the figures of such a row.
enum class PartFigure { from_flights, forecast, flown, error };
/// The answer to "why?" of it.
units::Explanation explain(const PartForecast& row, ForecastPart part, PartFigure figure);

} // namespace sobremesa::learning
