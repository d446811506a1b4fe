#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "core/battery/health.hpp"
#include "core/book/by_hand.hpp"
#include "core/mission/plan_request.hpp"
#include "core/telemetry/calibration.hpp"
#include "core/telemetry/column_choice.hpp"
#include "core/telemetry/consumption.hpp"

namespace sobremesa::book {

/// Number of a record in the logbook; never used twice.
using Id = std::int64_t;

/// An aircraft on the list.
struct KeptAircraft {
    airframe::Aircraft aircraft;
    std::string note;
    /// No longer flown: kept for its flights, not offered for new ones.
    bool retired = false;
    /// Scale of its current sensor as set in the flight controller, and how that scale acts.
    std::optional<double> current_scale = {};
    telemetry::ScaleConvention scale_convention = telemetry::ScaleConvention::divides;
    friend bool operator==(const KeptAircraft&, const KeptAircraft&) = default;
};

/// A pack on the list.
struct KeptPack {
    battery::Pack pack;
    std::string note;
    bool retired = false;
    /// What chargers and meters said of it, in the order of time.
    std::vector<battery::HealthReading> readings = {};
    friend bool operator==(const KeptPack&, const KeptPack&) = default;
};

/// A plan in the logbook. Its request holds the aircraft and the pack as they were when the plan was last on the
/// table; the links say where they stand now.
struct KeptPlan {
    mission::PlanRequest request;
    std::optional<Id> aircraft_id;
    std::optional<Id> pack_id;
    friend bool operator==(const KeptPlan&, const KeptPlan&) = default;
};

/// The wind of a weather, apart from its air.
struct KeptWind {
    atmosphere::Wind wind;
    std::optional<double> height_m;
    std::vector<atmosphere::WindAtHeight> table = {};
    double growth_mps_per_h = 0.0;
    friend bool operator==(const KeptWind&, const KeptWind&) = default;
};

/// A flight in the logbook.
struct KeptFlight {
    std::string name;
    /// What the aircraft, pack and air were: `request.weather` as it was, `request.mission` as it was flown.
    mission::PlanRequest flown;
    /// What had been forecast, where `flown.weather` holds the wind that the log showed.
    std::optional<KeptWind> forecast_wind = {};
    std::optional<Id> aircraft_id;
    std::optional<Id> pack_id;
    std::optional<Id> plan_id;
    /// What the charger put back, Ah.
    std::optional<double> recharged_ah;
    /// Mean resting volts of a cell after the landing, and how long it had rested, s.
    std::optional<double> rested_cell_v;
    std::optional<double> rest_s;
    /// What the current sensor's readings of this flight are multiplied by: a calibration that came after it. The
    /// raw log stays as it is.
    double current_factor = 1.0;
    std::string note;
    /// The raw log; empty for a flight that was entered without one.
    std::optional<Id> log_id;
    /// What is known of a flight without a log.
    std::optional<HandFigures> by_hand = {};
    /// Does not teach: the aircraft, the pack or the day was out of the ordinary.
    bool set_apart = false;
    /// Which of the log's flights this is, from 0; empty: the one with the most rows.
    std::optional<int> part = {};
    /// What the pilot said of the log's columns.
    std::vector<telemetry::ColumnChoice> columns = {};
    /// Beginning, in seconds since 1970-01-01 of the clock that wrote the log.
    std::optional<double> start_clock_s;
    /// How far that clock was ahead of UTC, s. Empty: not known.
    std::optional<double> clock_offset_s;
    std::string filed_utc;
    friend bool operator==(const KeptFlight&, const KeptFlight&) = default;
};

/// The wind that the log showed becomes that of the flight, one wind for all heights and times; the forecast, and
/// only it, is kept beside it.
void take_found_wind(KeptFlight& flight, const atmosphere::Wind& found);

/// Back to the forecast's wind. Nothing happens where none is kept.
void take_forecast_wind(KeptFlight& flight);

/// The weather as it was forecast.
mission::Weather forecast_weather(const KeptFlight& flight);

} // namespace sobremesa::book
