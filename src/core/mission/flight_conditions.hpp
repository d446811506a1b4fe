#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/battery/discharge.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "core/mission/flight_leg.hpp"
#include "core/mission/plan_request.hpp"
#include "core/mission/turning.hpp"
#include "core/mission/winds.hpp"

namespace sobremesa::mission {

/// Everything about the air, the aircraft and the pack that stays the same during one plan.
///
/// Built once from a request; the turn rules and the homeward energy then only look things up.
struct FlightConditions {
    double all_up_mass_kg = 0.0;
    atmosphere::Air air;
    /// Level, on the mission's bearing out and home, at mission height.
    double airspeed_out_mps = 0.0;
    double airspeed_home_mps = 0.0;
    units::Estimate cruise_power_w;
    units::Estimate home_power_w;
    /// Rate that the climb is flown at, m/s; 0 where what was asked for cannot be flown.
    double climb_rate_mps = 0.0;
    atmosphere::Wind wind_out;
    /// Worst credible for the way home.
    atmosphere::Wind wind_home;
    /// Empty where the wind allows no solution.
    std::optional<geodesy::Heading> out;
    std::optional<geodesy::Heading> home;
    /// The pack as a circuit, shared because a rate table takes a while to fit.
    std::shared_ptr<const battery::PackModel> pack;
    battery::Surroundings around;
    /// As it is plugged in at the field.
    battery::PackState start;
    /// The pack discharged at cruise power from full to the landing voltage: what "left" is measured on.
    battery::Discharge cruise;

    double usable_energy_wh() const { return cruise.last().energy_wh; }
    double usable_charge_ah() const { return cruise.last().charge_used_ah; }
    /// What the terminals still give at cruise power down to the landing voltage, Wh; negative never.
    double left_wh(double charge_used_ah) const;
};

/// @param request  already checked
/// @param like     conditions of nearly the same request, to take over what is slow to make
/// @error `height_outside_atmosphere`, `airspeed_outside_model`
units::Result<FlightConditions> flight_conditions(const PlanRequest& request,
                                                  const FlightConditions* like = nullptr);

/// Power of steady flight in this plan's air, W.
/// @error `airspeed_outside_model`, `height_outside_atmosphere`
units::Result<units::Estimate> power_at(const PlanRequest& request, double airspeed_mps, double height_m,
                                        double climb_mps);

/// Bearing of the way out at its start: the mission's, or that of its first waypoint.
double first_bearing_deg(const PlanRequest& request);

/// One climb or descent, in bands of height, because the wind, the air and so the ground speed change on the way.
struct VerticalBand {
    double top_height_m = 0.0;
    double bottom_height_m = 0.0;
    double power_w = 0.0;
    double duration_s = 0.0;
    double ground_m = 0.0;
    /// Airspeed over the ground's plane, m/s.
    double horizontal_mps = 0.0;
};

struct Vertical {
    std::vector<VerticalBand> bands; ///< in the order flown
    bool wind_allows = true;
};

/// Where, how and when a climb or descent is flown.
struct VerticalSense {
    double course_deg = 0.0;
    /// From one height above home to the other, m.
    double from_m = 0.0;
    double to_m = 0.0;
    double airspeed_mps = 0.0;
    /// Above 0.
    double rate_mps = 1.0;
    /// In the worst credible wind.
    bool way_home = false;
    double time_s = 0.0;
};
Vertical fly_vertical(const PlanRequest& request, const FlightConditions& conditions, const VerticalSense& sense);

Vertical climb_out(const PlanRequest& request, const FlightConditions& conditions);
Vertical descent_home(const PlanRequest& request, const FlightConditions& conditions);

/// What the way home needs from a place at mission height or below, without the reserve.
struct WayHome {
    double energy_wh = 0.0;
    double time_s = 0.0;
    /// Height above home that it is flown at: where terrain asks for more, above where it began.
    double height_m = 0.0;
    bool wind_allows = true;
};

/// A moment of a flight, as far as coming home depends on it.
struct Station {
    geodesy::EastNorth at;
    double height_m = 0.0;
    double time_s = 0.0;
    /// Highest ground above home on the straight way back, m, where it is known already.
    std::optional<double> ridge_m = {};
    /// Flown there, so that turning for home costs its turn; empty where any course can be left on.
    std::optional<double> course_deg = {};
};

/// A way home on one course: speeds, powers and the descent at its end.
struct HomeCourse {
    double course_deg = 0.0;
    double airspeed_mps = 0.0;
    double ground_mps = 0.0;
    double power_w = 0.0;
    /// Climbing over what stands in the way.
    double climb_power_w = 0.0;
    Turning turning;
    Vertical descent;
    bool wind_allows = false;
};

/// Energy of the way home: the turn onto it, straight back at the planned airspeed in the worst credible wind, over
/// what stands in the way, then the descent (which starts early enough to end at home; nearer than that, the
/// aircraft circles down), and the landing.
class Homeward {
public:
    /// @param request, conditions  must outlive this
    Homeward(const PlanRequest& request, const FlightConditions& conditions);

    WayHome from(const Station& station) const;
    /// The same, piece by piece.
    std::vector<FlightLeg> legs_from(const Station& station) const;
    /// To another landing place, piece by piece.
    std::vector<FlightLeg> legs_to(const geodesy::EastNorth& place, double place_height_m,
                                   const Station& station) const;
    /// From a distance on the mission's bearing, at the start of the flight.
    WayHome from(double distance_m, double height_m) const;
    /// Energy kept back when turning there, Wh.
    double reserve_wh(const Station& station) const;
    double reserve_wh(double distance_m, double height_m) const;
    bool wind_allows() const { return main_.wind_allows; }
    /// The course home from a place; that of the mission's bearing overhead.
    HomeCourse course_from(const geodesy::EastNorth& at, double time_s) const;
    /// The same to another landing place.
    WayHome to(const geodesy::EastNorth& place, double place_height_m, const Station& station) const;

private:
    HomeCourse course(double course_deg, double time_s, double top_m) const;
    struct Way {
        double distance_m = 0.0;
        double height_m = 0.0;
        double end_height_m = 0.0;
        double ridge_m = 0.0;
        double turn_deg = 0.0;
    };
    Way way_to(const geodesy::EastNorth& place, double place_height_m, const Station& station,
               const HomeCourse& course) const;
    HomeCourse course_to(const geodesy::EastNorth& place, double place_height_m, const Station& station) const;
    /// @param record  gains what is flown, piece by piece; may be null
    WayHome fly(const HomeCourse& course, const Way& asked, std::vector<FlightLeg>* record = nullptr) const;
    double ridge_from(const Station& station, const geodesy::EastNorth& to) const;

    const PlanRequest& request_;
    const FlightConditions& conditions_;
    Winds winds_;
    double top_m_;
    double landing_power_w_;
    HomeCourse main_;
};

/// The highest that this mission is flown, above home, m.
double top_height_m(const PlanRequest& request);

} // namespace sobremesa::mission
