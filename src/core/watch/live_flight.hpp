#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/geodesy/geodesic.hpp"
#include "core/telemetry/air_motion.hpp"
#include "core/telemetry/chord_distance.hpp"
#include "core/telemetry/clean_log.hpp"
#include "core/telemetry/energy_used.hpp"
#include "core/telemetry/wind_estimate.hpp"

namespace sobremesa::watch {

/// One second of the flight so far, for charts.
struct Second {
    double time_s = 0.0;
    geodesy::EastNorth at;    ///< NaN without a position
    double from_home_m = 0.0; ///< NaN without a position
    double height_m = 0.0;    ///< above the launch; NaN where the log has none
    double ground_mps = 0.0;  ///< NaN where the log has none
    double voltage_v = 0.0;   ///< NaN where the log has none
    double current_a = 0.0;   ///< NaN where the log has none
    double charge_ah = 0.0;
    double energy_wh = 0.0;
};

/// Where the flight stands after the last row.
struct Measured {
    /// Since the first row of this flight.
    double time_s = 0.0;
    /// When the last row was flown, by the log's own clock.
    double log_time_s = 0.0;
    std::optional<geodesy::Position> home;
    std::optional<geodesy::Position> position;
    /// From home.
    std::optional<geodesy::EastNorth> at;
    double from_home_m = 0.0;
    double bearing_home_deg = 0.0;
    std::optional<double> height_m; ///< above the launch
    std::optional<double> ground_mps;
    /// Over ground, mean of the last seconds, m/s.
    std::optional<geodesy::EastNorth> velocity_mps;
    std::optional<double> climb_mps;
    std::optional<double> voltage_v;
    std::optional<double> current_a;
    /// Averaged over ten seconds, as an alarm does.
    std::optional<double> filtered_v;
    std::optional<double> filtered_a;
    /// Mean of the last half minute.
    std::optional<double> power_w;
    std::optional<double> charge_ah; ///< ∫I dt, with what the counter showed before the log began
    std::optional<double> counter_ah;
    std::optional<double> energy_wh;
    /// What charge, energy and power may be off by for the current sensor's scale, relative sd.
    double current_scale_sd = telemetry::current_scale_sd;
    std::optional<double> highest_v;
    std::optional<double> link_share;
    double ground_m = 0.0;
    double farthest_m = 0.0;
    /// Of pauses of the record, left out of the sums, s.
    double gaps_s = 0.0;
    /// Readings that were judged frozen by now.
    bool frozen_current = false;
    bool frozen_voltage = false;
    bool airborne = false;
    bool landed = false;
    std::optional<double> launch_s;
};

/// A current sensor whose scale is known, from recharges: reading times `factor` is the current; and what the
/// factor may still be off by, relative sd (common practice, no source).
inline constexpr double least_current_factor = 0.5;
inline constexpr double most_current_factor = 2.0;
struct KnownCurrentScale {
    double factor = 1.0;
    double relative_sd = 0.02;
};

/// A log that grows, judged and added up as it comes by the functions that debrief a finished one.
///
/// The last minutes are cleaned and summed anew at each update; what is older is settled, and only its sums are
/// kept. So an update costs the same after four hours as after four minutes, and the sums at the end are those of a
/// debrief: a judgement that would have wanted to look more than a minute and a half ahead is the exception.
class LiveFlight {
public:
    /// @param home   given by the pilot; empty: the first good fix
    /// @param scale  of the current sensor, applied to all that comes (see `telemetry::rescaled`); empty: not
    ///               calibrated
    explicit LiveFlight(std::optional<geodesy::Position> home = std::nullopt,
                        std::optional<KnownCurrentScale> scale = std::nullopt)
        : given_home_(home), scale_(scale) {}

    /// What the aircraft usually draws in flight: tells flight from ground where neither place nor height is
    /// recorded. Nothing is judged by it until it is known.
    void setUsualDraw(double power_w, double current_a) {
        usual_power_w_ = power_w;
        usual_current_a_ = current_a;
    }

    /// Cells in series of the pack, for logs that have the volts of a cell alone.
    void setSeries(int series) { series_ = series; }

    /// @param log         all rows so far; those taken before must be the same ones unless the generation changed
    /// @param generation  see `io::mavlink::Rows::generation`
    /// @param rows        so many of them have come
    void update(const telemetry::FlightLog& log, int generation, std::size_t rows);
    void update(const telemetry::FlightLog& log, int generation = 0) { update(log, generation, log.rows()); }

    /// Two rows or more that can be used.
    bool begun() const { return tail_.has_value(); }
    const Measured& now() const { return now_; }
    /// Up to now, one entry a second.
    const std::vector<Second>& seconds() const { return seconds_; }
    /// The last minutes of the flight second by second.
    telemetry::Motion motion(double last_s) const;
    /// The last minutes, cleaned.
    const telemetry::CleanLog& tail() const { return *tail_; }
    /// Grows when another flight began: the clock or the counter started anew, or a long pause ended.
    int flight() const { return flight_; }

private:
    struct Sums {
        double charge_ah = 0.0;
        double energy_wh = 0.0;
        double gaps_s = 0.0;
        telemetry::ChordDistance ground;
    };
    void begin_flight(std::size_t row);
    std::optional<telemetry::CleanLog> cleaned(const telemetry::FlightLog& log);
    void add_up(const telemetry::CleanLog& tail, const telemetry::Motion& motion);
    void add_seconds(const telemetry::CleanLog& tail, const std::vector<double>& charge,
                     const std::vector<double>& energy, std::size_t from);
    void settle(const telemetry::FlightLog& log);
    void read_now(const telemetry::CleanLog& tail, const telemetry::Motion& motion);
    void judge_phase();

    std::shared_ptr<const telemetry::FlightLog> looked_at(const telemetry::FlightLog& log) const;

    std::optional<geodesy::Position> given_home_;
    std::optional<KnownCurrentScale> scale_;
    int series_ = 0;
    std::optional<telemetry::CleanLog> tail_;
    telemetry::Motion tail_motion_;
    Measured now_;
    std::vector<Second> seconds_;
    std::vector<telemetry::Moment> settled_moments_;
    std::size_t settled_seconds_ = 0;
    Sums settled_;
    int generation_ = 0;
    int flight_ = 0;
    /// Rows of the log: this flight's first, the first not settled, the first that is still looked at.
    std::size_t flight_row_ = 0;
    std::size_t settled_row_ = 0;
    std::size_t context_row_ = 0;
    std::size_t rows_ = 0;
    double start_s_ = 0.0;
    std::optional<geodesy::LocalFrame> frame_;
    std::optional<double> ground_height_m_;
    std::optional<double> before_log_ah_;
    std::optional<double> first_v_;
    double airborne_power_w_ = 0.0;
    std::size_t airborne_seconds_ = 0;
    /// A place or a height has come.
    bool told_where_ = false;
    double usual_power_w_ = 0.0;
    double usual_current_a_ = 0.0;
};

} // namespace sobremesa::watch
