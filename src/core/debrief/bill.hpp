#pragma once

#include <array>
#include <optional>
#include <stop_token>
#include <string_view>
#include <vector>

#include "core/mission/plan.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"

namespace sobremesa::debrief {

/// Why a flight took another energy than was forecast.
enum class BillCause {
    distance,    ///< flown farther, or not as far, or another way
    wind,        ///< mean wind, by height and time
    gusts,       ///< airspeed that swings around its mean: power grows faster than airspeed
    climbs,      ///< more climbing and sinking than planned
    lift,        ///< rising and sinking air
    speed,       ///< another airspeed
    mass,        ///< another all-up mass
    temperature, ///< another air density
    pack,        ///< other volts: more or less charge for the same energy
    sensor,      ///< what the log's sensor reads too high or too low
    unexplained,
};
inline constexpr std::size_t bill_causes = std::size_t(BillCause::unexplained) + 1;
const char* bill_cause_word(BillCause cause);
std::optional<BillCause> bill_cause_from_word(std::string_view word);

struct BillSums {
    double wh = 0.0;
    double ah = 0.0;
    double distance_m = 0.0;
};

struct BillRow {
    BillCause cause = BillCause::unexplained;
    units::Estimate wh;
    double ah = 0.0;
    /// What it takes off, or adds to, the distance on the energy that was forecast.
    double distance_m = 0.0;
};

/// A flight against its forecast, cause by cause. The rows add up to flown less forecast, exactly.
struct Bill {
    BillSums forecast;
    BillSums flown;
    std::vector<BillRow> rows;
    const BillRow& row(BillCause cause) const { return rows[std::size_t(cause)]; }
};

/// A plan that a flight without one of its own is compared with: what was set for it, out and back as far as it was
/// flown. How far it might have gone is no forecast of this flight.
mission::PlanRequest as_far_as_flown(mission::PlanRequest set, const telemetry::LogSummary& summary);

struct BillQuestion {
    /// The plan that was made, and aircraft, pack and air as they were flown; the plan's own where nothing else is
    /// known.
    const mission::Plan* plan = nullptr;
    mission::PlanRequest flown_as;
    std::optional<double> recharged_ah;
    /// Of the current sensor, reading over truth, where it is known from other flights.
    std::optional<units::Estimate> current_gain;
};

/// The bill of a flight.
///
/// The flown track is flown again in blocks of ten seconds, with the plan's wind, airspeed, climbs, mass and air,
/// and with the flown ones, in every combination of both: what a cause takes is the mean over all orders in which
/// the causes can be put in (Shapley, *A value for n-person games*, 1953). *Distance* is what the flown track takes
/// as planned, less the plan's own way; *sensor* is what a recharge (or the gain known from other flights) shows of
/// the log's count; *pack* is charge alone. *Unexplained* is what remains: the aircraft's own draw, and all errors.
/// A cause that nothing tells is zero with its error.
///
/// The forecast is the plan's flight in the wind as forecast, not in the worst credible one.
/// @return nothing where the plan has no turn, or the log no energy, no ground distance or no wind
std::optional<Bill> bill(const telemetry::LogSummary& summary, const telemetry::Findings& found,
                         const BillQuestion& question);

} // namespace sobremesa::debrief
