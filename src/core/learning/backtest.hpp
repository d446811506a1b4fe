#pragma once

#include "core/learning/curve_fit.hpp"

namespace sobremesa::learning {

/// One flight forecast from those before it alone.
struct BacktestRow {
    std::int64_t flight_id = 0;
    /// Flights that the forecast rested on; 0: on the known cruise.
    int from_flights = 0;
    /// Of its level flight, Wh; over its way through the air, Wh/m; and how long its pack would have held that
    /// power.
    units::Estimate forecast_wh;
    double flown_wh = 0.0;
    units::Estimate forecast_wh_per_m;
    double flown_wh_per_m = 0.0;
    /// Minutes by the same energy, forecast less flown, for each hour of level flight.
    double minutes_off_per_hour = 0.0;
    /// Forecast over flown, less one.
    double off = 0.0;
    /// Flown lies within the 90 % band of the forecast.
    bool inside = false;
};

struct Backtest {
    std::vector<BacktestRow> rows;
    /// Mean and spread of `off`, over the flights that were forecast from at least one other.
    units::Estimate bias;
    double spread = 0.0;
    double inside_share = 0.0;
    /// The same with the known cruise alone: whether learning helped.
    double spread_unlearned = 0.0;
};

/// Forecasts every observation from those before it (in the order given: of time), with what was known then.
/// @param stop  asked between flights
/// @error `cancelled`
units::Result<Backtest> backtest(const airframe::Aircraft& aircraft, double reference_mass_kg,
                                 const std::vector<FlightObservation>& observations,
                                 const std::stop_token& stop = {});

/// How often a band of forecasts held what was flown, against how often it said it would.
struct BandShare {
    double nominal = 0.0;
    double observed = 0.0;
};

/// Bands of 10, 20 … 90 %: honest ones lie on the diagonal, above it they are wider than they need be.
/// @param in_sd  misses of forecasts in their standard deviations, taken as normal
/// @return nothing without a forecast
std::vector<BandShare> calibration(const std::vector<double>& in_sd);
/// Of the rows that were forecast from at least one flight.
std::vector<BandShare> calibration(const Backtest& test);

/// The scatter that plans carry: what the backtest justifies, where it has four forecasts or more.
double justified_scatter(const CurveFit& fit, const Backtest& test);

units::Explanation explain(const Backtest& test);
/// @param quantity  `flight_count`: from how many; `used_energy`: flown; `compared_energy_per_distance`: forecast
/// per way;
///                  `energy_per_distance`: flown per way; `forecast_error`
units::Explanation explain(const BacktestRow& row, units::Quantity quantity);

} // namespace sobremesa::learning
