#pragma once

#include <optional>
#include <vector>

#include "core/geodesy/geodesic.hpp"
#include "core/mission/plan_request.hpp"
#include "core/sun/harvest.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::matching {

/// What is asked about one day at one place.
struct SunQuestion {
    geodesy::Position at;
    /// Midnight, UTC, that begins the day.
    double day_utc_s = 0.0;
    /// Eighths of the sky, 0 … 8, all day.
    double cloud_okta = 0.0;
    /// When a flight begins, with the pack as it is charged. Empty: the start of that day that lasts longest.
    std::optional<double> start_utc_s;
    /// Level flight that the array is to sustain without the pack, s: how small may it be?
    std::optional<double> wanted_sustained_s;
    /// Work out what changes would bring; some hundred days more.
    bool changes = true;
};

/// One moment of the day, or of the flight.
struct SunMoment {
    double utc_s = 0.0;
    double elevation_deg = 0.0;
    double azimuth_deg = 0.0;
    double global_w_per_m2 = 0.0;
    /// Into the node of pack and motor; and the volts that array and pack stand at.
    double array_w = 0.0;
    double array_v = 0.0;
    double pack_v = 0.0;
    /// The same under a clear sky and under an overcast, W: the band that cloud makes.
    double clear_array_w = 0.0;
    double overcast_array_w = 0.0;
    double level_w = 0.0;
    double balance_w = 0.0;
    /// What the balance buys, m/s; below 0: how fast it would sink with the pack left alone.
    double climb_mps = 0.0;
    double pack_share = 1.0;
    /// From here under an overcast, down to the landing voltage; empty: it holds on for a day.
    std::optional<double> cloud_minutes_survived;
};

struct SunSpan {
    double from_utc_s = 0.0;
    double to_utc_s = 0.0;
    double duration_s() const { return to_utc_s - from_utc_s; }
};

/// Where the energy of a flight came from and went, Wh: `array = to_motor + to_pack + not_taken`,
/// `used = to_motor + from_pack`.
struct SunLedger {
    double array_wh = 0.0;
    double to_motor_wh = 0.0;
    double to_pack_wh = 0.0;
    double not_taken_wh = 0.0;
    double from_pack_wh = 0.0;
    double used_wh = 0.0;
};

/// A flight from a start until the pack meets its landing voltage.
struct SunFlight {
    double start_utc_s = 0.0;
    units::Estimate endurance_s;
    /// The same on the pack alone.
    double endurance_without_sun_s = 0.0;
    /// Until what the pack still gives level is the plan's reserve, s.
    double with_reserve_s = 0.0;
    SunLedger ledger;
    /// It was still up when the look ended, after two days.
    bool outlasts = false;
    double end_utc_s() const { return start_utc_s + endurance_s.value; }
};

/// What another array, converter, mass or airspeed would change.
struct SunChange {
    enum class Kind {
        more_area,
        less_mass,
        better_converter,
        one_more_in_series,
        one_less_in_series,
        best_airspeed
    };
    Kind kind = Kind::more_area;
    double endurance_s = 0.0;
    double sustained_s = 0.0;
    double noon_array_w = 0.0;
};
/// Stable word: `area-10-percent-more`, `100-g-less`, `better-converter`, `one-more-in-series`,
/// `one-less-in-series`, `best-endurance-airspeed`.
const char* sun_change_word(SunChange::Kind kind);

struct SunDayReport {
    SunQuestion question;
    /// The sun highest.
    SunMoment noon;
    /// Optical air mass at noon; empty where the sun stays down.
    std::optional<double> noon_air_mass;
    /// Sun above the horizon, in the day that was asked for.
    std::vector<SunSpan> daylight;
    /// Every ten minutes of the day; of the flight, where a start was asked for.
    std::vector<SunMoment> rows;
    /// Minutes of the day in which the array carries level flight alone, with its band: the sky 8 % duller or
    /// brighter, the power off by its own error.
    std::vector<SunSpan> sustained;
    double sustained_s = 0.0;
    double sustained_low_s = 0.0;
    double sustained_high_s = 0.0;
    SunFlight flight;
    units::Estimate level_w;
    double airspeed_mps = 0.0;
    double all_up_mass_kg = 0.0;
    std::optional<sun::MisfitFound> misfit;
    /// For a direct connection: the series count that serves this pack best at noon.
    int best_direct_series = 0;
    std::vector<SunChange> changes;
    /// Smallest area of cells that sustains the wanted span, m²; empty where none was wanted, or none does.
    std::optional<double> smallest_area_m2;
    std::vector<units::Diagnostic> diagnostics;
};

/// An aircraft with an array through a day: what the sun gives, hour by hour, against what level flight takes; when
/// it holds the aircraft up alone; and how long a flight lasts.
///
/// Airspeed: the plan's fixed one, else the known cruise; over home at mission height, wind left out (who stays
/// over one place flies the air). The pack accepts charge until its terminal volts are those of full cells; what it
/// cannot take is lost and counted. Array power goes to the motor first. Steps of a minute. The day's rows take the
/// array at the pack's mean resting volts, the flight's at its real ones.
/// @error `value_missing` naming `aircraft.array`; as `sun::SolarDay::over`; as `mission::power_at`
units::Result<SunDayReport> sun_day(const mission::PlanRequest& request, const SunQuestion& question);

/// What a plan that flies on the sun asks about; nothing for other plans, and for those that lack array, place or
/// start.
std::optional<SunQuestion> question_of(const mission::PlanRequest& request);

/// Volts that a pack works between in this plan.
sun::PackVolts pack_volts(const mission::PlanRequest& request);

/// The answers to "why?" for `array_power` and `power_balance` at noon, `sustained_time`, `endurance`.
std::optional<units::Explanation> explain(const SunDayReport& report, units::Quantity quantity);

} // namespace sobremesa::matching
