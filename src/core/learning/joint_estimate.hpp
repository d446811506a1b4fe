#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <stop_token>
#include <vector>

#include "core/battery/health.hpp"
#include "core/battery/pack.hpp"
#include "core/telemetry/pack_trace.hpp"
#include "core/units/error.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::learning {

/// What one flight says of its pack and of the sensors it was recorded with.
struct PackFlight {
    std::int64_t flight_id = 0;
    /// Which of the question's packs and sets of sensors.
    std::size_t pack = 0;
    std::size_t sensors = 0;
    /// Full cycles behind the pack when it was flown.
    double cycles = 0.0;
    /// Seconds since 1970, UTC, where the log or the pilot says so; places it among the chargers' readings.
    std::optional<double> start_clock_s = {};
    telemetry::PackTrace trace;
    /// By the log's sensor, Ah, where there is no trace.
    std::optional<double> counted_ah;
    /// What a charger put back to full, Ah.
    std::optional<double> recharged_ah;
    /// Resting volts of the mean cell after the flight, and after how long, s.
    std::optional<double> rested_cell_v;
    double rest_s = 600.0;
    double air_temperature_c = 20.0;
    /// As launched; empty: that of the air, and full.
    std::optional<double> start_temperature_c;
    std::optional<double> start_cell_v;
};

struct JointQuestion {
    /// As described: label, age, resistance given or assumed. What was fitted before is not looked at.
    std::vector<battery::Pack> packs;
    /// Of each pack; may be shorter than `packs`.
    std::vector<std::vector<battery::HealthReading>> readings = {};
    std::size_t sensors = 1;
    /// Of each pack in the order of time.
    std::vector<PackFlight> flights;
};

/// Unknowns of one pack: logarithms of capacity share, ohmic resistance and slow part, offsets of the resting curve
/// at `battery::curve_knots`, drift of capacity and of resistance per hundred full cycles.
inline constexpr std::size_t pack_unknowns = 5 + battery::curve_knots.size();

/// The first of these, without the drifts: what a landing charge rests on.
inline constexpr std::size_t landing_unknowns = pack_unknowns - 2;

struct PackEstimate {
    /// As it is after its last flight.
    battery::PackKnown known;
    /// Of the `landing_unknowns`, row by row: what `landing_charge` propagates.
    std::array<double, landing_unknowns * landing_unknowns> covariance{};
    /// The same in the charge and current that the sensors of its last flight read: what their gain may be off by
    /// does not come into it. For what is compared with the next log of the same sensors.
    std::array<double, landing_unknowns * landing_unknowns> read_covariance{};
    /// Relative change of capacity and resistance in a hundred full cycles.
    units::Estimate capacity_drift;
    units::Estimate resistance_drift;
};

struct SensorEstimate {
    /// Reading over truth.
    units::Estimate current_gain{1.0, 0.0};
    units::Estimate volts_gain{1.0, 0.0};
    int flights = 0;
    int recharges = 0;
};

/// Evidence that does not fit the rest, and was left out.
struct OddEvidence {
    enum class Kind { recharge, volts, rested };
    std::int64_t flight_id = 0;
    Kind kind = Kind::recharge;
    /// How far it is off, in standard deviations.
    double off_by_sd = 0.0;
};
const char* odd_evidence_word(OddEvidence::Kind kind);

/// How one flight stands in the estimate.
struct FlightFit {
    std::int64_t flight_id = 0;
    /// Drawn by the log, sensors corrected, Ah.
    units::Estimate drawn_ah;
    /// Of a full pack left at the end.
    units::Estimate left_share;
};

struct JointEstimate {
    std::vector<PackEstimate> packs;
    std::vector<SensorEstimate> sensors;
    std::vector<OddEvidence> odd;
    std::vector<FlightFit> flights;
};

/// Packs and sensors from everything that was flown with them, at once.
///
/// Maximum a posteriori by damped Gauss-Newton steps with Huber's weights. Unknown, with priors (common practice,
/// no source): of a pack its capacity (± 7 %), resistance (± 25 % where given, ± 50 % assumed), slow part (± 50 %),
/// the offset of its resting curve at six charges (± 15 mV full, ± 50 mV in the middle), and how both drift with
/// cycles; of a set of sensors its current gain (± 5 %) and volts gain (± 1 %); of the charger its gain (± 1.5 %,
/// common to all recharges); of each flight how far from full it began, a day's volts (± 10 mV/cell), capacity
/// and resistance.
/// Seen: the volts of each flight's trace through `battery::PackModel`, its sag in short steps, recharges, resting
/// volts, and chargers' readings. Neighbouring volts share their errors: a trace counts as no more than eight.
/// Evidence more than 4.5 standard deviations from the rest is left out, and named.
/// @error `cancelled`
units::Result<JointEstimate> joint_estimate(const JointQuestion& question, const std::stop_token& stop = {});

/// Charge that a pack gives down to a landing voltage under a steady power, Ah; the sd is that of the next flight.
/// @param pack  as described, `known` as estimated
units::Estimate landing_charge_ah(const battery::Pack& pack, const PackEstimate& estimate, double power_w,
                                  double landing_cell_v, double air_temperature_c);

/// One flight's landing foretold from the flights before it.
struct LandingForecast {
    std::int64_t flight_id = 0;
    int from_flights = 0;
    /// Charge at which the volts under the flown load are those at which it landed, Ah, sensors corrected alike.
    units::Estimate forecast_ah;
    /// The sd before it was stretched by how the forecasts before turned out (`pack_history`), Ah.
    double stated_sd_ah = 0.0;
    double flown_ah = 0.0;
    /// Volts of a cell, and the current, that it landed at: means of the last minute at work.
    double cell_v = 0.0;
    double current_a = 0.0;
};

/// Nothing where the flight has no trace that tells.
std::optional<LandingForecast> landing_forecast(const battery::Pack& pack, const PackEstimate& estimate,
                                                const SensorEstimate& sensors, const PackFlight& flight);

/// The answers to "why?" of a pack that was fitted: `full_charge_share`, `measured_cell_resistance` or
/// `usable_charge`; nothing for others.
/// @param described  as typed
/// @param usable_ah  down to the landing voltage
std::optional<units::Explanation> explain(const battery::Pack& described, const battery::PackKnown& known,
                                          const units::Estimate& usable_ah, units::Quantity quantity);
/// … and of its sensors: `sensor_reads`.
units::Explanation explain(const SensorEstimate& sensors);

} // namespace sobremesa::learning
