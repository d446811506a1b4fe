#pragma once

#include <array>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/mission/plan.hpp"
#include "core/telemetry/wind_estimate.hpp"
#include "core/watch/live_flight.hpp"

namespace sobremesa::watch {

enum class FlightState {
    waiting, ///< nothing that can be used has come
    ground,
    outbound,
    inbound,
    landed,
    lost, ///< nothing has come for `stale_after_s`
};
/// Stable word for scripts.
const char* state_word(FlightState state);

/// Telemetry that stays away for so long is said to be lost, s of arrival time.
inline constexpr double stale_after_s = 3.0;

/// The wind around the aircraft now, from the log, and together with the forecast.
struct LiveWind {
    /// Of the last minutes, by the same estimator as in a debrief. Empty: not known from the log.
    std::optional<telemetry::WindEstimate> measured;
    /// What the decision rests on: forecast and measurement weighed by their errors, at the flight's height, now.
    double speed_mps = 0.0;
    double from_deg = 0.0;
    double sd_mps = 0.0; ///< of the direction that is known worse
    /// Of (east, north): east², east·north, north².
    std::array<double, 3> covariance_m2ps2{};
    /// Along a direction, one standard deviation, m/s.
    double sd_along_mps(double direction_deg) const;
    /// How it grows, along its own direction, as the ground speed of straight legs shows, m/s per hour.
    units::Estimate growth_mps_per_h;
    /// Against the forecast for this height and time, as vectors, m/s.
    double change_mps = 0.0;
    double forecast_mps = 0.0;
    units::Estimate airspeed_mps;
};

/// What is in the pack down to the landing voltage, at the power of the return leg, Wh.
struct Remaining {
    std::optional<units::Estimate> by_count_wh;
    /// From volts under load and current.
    std::optional<units::Estimate> by_volts_wh;
    /// What decides: both by their errors; the lower one where they disagree.
    units::Estimate wh;
    /// Charge used that belongs to it, Ah.
    units::Estimate used_ah;
    bool disagree = false;
};

/// The turn point if the flight goes on like this.
struct TurnAhead {
    mission::TurnRule rule = mission::TurnRule::energy_home;
    double time_s = 0.0;
    /// From home, m.
    double distance_m = 0.0;
    /// Used by then, Ah.
    double charge_ah = 0.0;
    geodesy::EastNorth at = {};
};

struct LandingPlace {
    bool home = false;
    std::string name;
    double distance_m = 0.0;
    double bearing_deg = 0.0;
    double margin_wh = 0.0;
    bool reachable = false;
};

/// The live answer. What is not known is empty.
struct LiveAnswer {
    FlightState state = FlightState::waiting;
    Measured now;
    LiveWind wind;
    /// Draw now over what the plan's aircraft should draw in this air at this speed.
    units::Estimate draw{1.0, 0.0};
    /// The volts are not those of the plan's pack: nothing that depends on it is answered.
    bool pack_fits = true;
    std::optional<Remaining> remaining;
    /// To get home from here in the worst credible live wind, over terrain, with the reserve, Wh. Where that wind
    /// does not let it home (see `wind_allows`), twice the usable energy: more than there ever is, and no figure to
    /// be shown.
    std::optional<units::Estimate> needed_wh;
    std::optional<double> reserve_wh;
    std::optional<units::Estimate> margin_wh;
    /// The worst credible wind lets it home.
    bool wind_allows = true;
    std::optional<double> time_home_s;
    std::optional<TurnAhead> turn;
    /// How much later it still gets home, the reserve used up, s.
    std::optional<double> latest_s;
    std::vector<LandingPlace> places;
    std::optional<bool> failsafe_gets_home;
    /// Of an intact reserve at home if it turned now; also where only the worst credible wind would not let it
    /// home.
    std::optional<double> chance_reserve;
    /// Over ground, last half minute, Ah/m; and the plan's on this leg.
    std::optional<double> charge_ah_per_m;
    std::optional<double> planned_ah_per_m;
    double usable_ah = 0.0;
    double usable_wh = 0.0;
};

/// Works a flight out while it is flown, with the functions of Plan and Debrief: the return leg, the turn rules,
/// the landing places, the wind.
///
/// The forecast wind is corrected by what the log shows: both are weighed by their errors, and the table of winds
/// is moved by the difference at the flight's height. It grows as straight legs show. `home_wind_factor` is kept
/// whole: of flights whose wind grew to half as much again, halving it cost the reserve of two more in a hundred.
/// Draw is the plan's times what the level flight so far showed. Volts under load tell the charge used by the
/// plan's own discharge at cruise; how far the load differs from cruise is taken off by the pack's resistance.
class LiveSolver {
public:
    explicit LiveSolver(std::shared_ptr<const mission::Plan> plan) : plan_(std::move(plan)) {}

    LiveAnswer answer(const LiveFlight& flight);
    /// How far it may still fly on each bearing from where it is, level at the plan's airspeed in the live wind,
    /// and come home with the reserve: a closed line around the aircraft. In calm air an ellipse with home and
    /// aircraft as its foci. Costs some fifty return legs, so it is asked for apart.
    /// @return empty on the ground, without position or pack, and where it should be returning already
    std::vector<geodesy::EastNorth> reach_from_here(const LiveAnswer& answer, int bearings = 36) const;
    const mission::Plan& plan() const { return *plan_; }

private:
    struct Live;
    void begin_flight(int flight);
    void look_at_motion(const LiveFlight& flight, double now_s, const units::Estimate& cruise);
    void find_wind(const LiveFlight& flight, LiveAnswer& answer);
    void find_draw(const LiveFlight& flight, LiveAnswer& answer) const;
    void find_remaining(const Live& live, LiveAnswer& answer) const;
    void find_home(const Live& live, LiveAnswer& answer) const;
    void find_turn(const Live& live, LiveAnswer& answer) const;
    void find_places(const Live& live, LiveAnswer& answer) const;
    mission::PlanRequest live_request(const LiveAnswer& answer) const;

    std::shared_ptr<const mission::Plan> plan_;
    /// Airspeed of the flight so far, as turns have shown it.
    std::optional<units::Estimate> airspeed_;
    double wind_at_s_ = -1e18;
    int flight_ = -1;
    std::optional<telemetry::WindEstimate> wind_;
    bool wind_is_whole_ = false;
    /// What straight legs showed, one entry each half minute.
    struct LegSample {
        double time_s = 0.0;
        double ground_mps = 0.0;
        double course_deg = 0.0;
    };
    std::vector<LegSample> samples_;
    void find_growth(LiveWind& wind) const;
    /// Over ground, of the straight leg that is being flown, m/s.
    std::optional<geodesy::EastNorth> leg_;
    /// Where its nose points, rad (of a wing whose log has headings), and its airspeed by a sensor, m/s.
    std::optional<units::Estimate> leg_heading_;
    std::optional<units::Estimate> leg_airspeed_;
    void find_nose(const LiveFlight& flight, const telemetry::Motion& whole);
    /// What is still to come of the plan's route, in the live wind at the airspeed of now; empty where the aircraft
    /// is not on it.
    struct Ahead {
        double time_s = 0.0;
        geodesy::EastNorth at;
        double height_m = 0.0;
    };
    std::vector<Ahead> ahead_;
    std::vector<Ahead> route_ahead(const LiveAnswer& answer) const;
};

} // namespace sobremesa::watch
