#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/mission/turning.hpp"
#include "core/mission/vertical.hpp"

namespace sobremesa::mission {

/// What the return needs from a place, without the reserve.
struct ReturnEstimate {
    double energy_wh = 0.0;
    double time_s = 0.0;
    /// Height above home that it is flown at: where terrain asks for more, above where it began.
    double height_m = 0.0;
    /// Of its level part: what the pack must still give when it ends, W.
    double level_w = 0.0;
    bool wind_allows = true;

    /// What it draws, one power after the other: turn, climb, level, descent, landing.
    struct Draw {
        double power_w = 0.0;
        double energy_wh = 0.0;
    };
    std::array<Draw, 5> draws = {};
};

/// A pack's books before and after a return, at the power of its level part.
struct Books {
    double left_wh = 0.0;
    /// Negative: it would be under the landing voltage by so much.
    double landing_left_wh = 0.0;
    double landing_charge_ah = 0.0;

    /// What the way takes of what is left, Wh.
    double needed_wh() const { return left_wh - landing_left_wh; }
};

/// A moment of a flight, as far as coming home depends on it.
struct ReturnState {
    geodesy::EastNorth at;
    double height_m = 0.0;
    double time_s = 0.0;
    /// Highest ground above home on the straight way back, m, where it is known already.
    std::optional<double> ridge_m = {};
    /// Flown there, so that turning for home costs its turn; empty where any course can be left on.
    std::optional<double> course_deg = {};
};

/// Flies home from any moment of a flight: the turn onto the course, a climb over what stands in the way, level at
/// that height, the descent (which starts early enough to end at home; nearer than that, the aircraft circles
/// down), and the landing. Each piece is flown in the worst credible wind of its own height at its own time, in its
/// own air.
class Homeward {
public:
    /// @param request, conditions  must outlive this
    Homeward(const PlanRequest& request, const FlightConditions& conditions);

    ReturnEstimate from(const ReturnState& station) const;
    /// The same, piece by piece.
    std::vector<FlightLeg> legs_from(const ReturnState& station) const;
    /// To another landing place.
    ReturnEstimate to(const geodesy::EastNorth& place, double place_height_m, const ReturnState& station) const;
    std::vector<FlightLeg> legs_to(const geodesy::EastNorth& place, double place_height_m,
                                   const ReturnState& station) const;
    /// From a distance on the mission's bearing, at the start of the flight.
    ReturnEstimate from(double distance_m, double height_m) const;
    /// What the pack has left before and after it.
    Books books(const ReturnEstimate& way, const flying::PackCourse& pack_before) const;
    /// Energy kept back when turning for a return, Wh.
    double reserve_wh(const ReturnEstimate& way) const;
    /// Along the mission's bearing, at its height, when it begins.
    bool wind_allows() const { return main_wind_allows_; }

private:
    /// A return on one course at one height: speeds and powers, and the descent at its end.
    struct Course {
        double course_deg = 0.0;
        double height_m = 0.0;
        double airspeed_mps = 0.0;
        double level_w = 0.0;
        flying::WindOnCourse wind;
        Turning turning;
        std::vector<VerticalBand> descent; ///< from above down to the field
        std::vector<flying::WindOnCourse> band_winds;
    };
    struct Way;
    struct Glide;
    class Record;

    ReturnEstimate fly(const Way& asked, std::vector<FlightLeg>* legs) const;
    Way way_to(const geodesy::EastNorth& place, double place_height_m, const ReturnState& station) const;
    /// @param own  holds it where it is not the mission's own
    const Course& course(double course_deg, double height_m, double time_s, std::optional<Course>& own) const;
    Course made_course(double course_deg, double height_m, double time_s) const;
    /// Seconds of level flight over a way in a wind that may change; nothing where it allows none.
    std::optional<double> level_s(const Course& course, double way_m, double time_s) const;
    Glide glide(const Course& course, double from_m, double to_m, double time_s) const;

    const PlanRequest& request_;
    const FlightConditions& conditions_;
    flying::AirColumn column_;
    double top_m_;
    double landing_power_w_;
    Course main_;
    bool main_wind_allows_ = false;
};

/// What an error of one standard deviation of the wind adds to the return, Wh per metre of way.
double wind_sd_wh_per_m(const PlanRequest& request, const FlightConditions& conditions);

} // namespace sobremesa::mission
