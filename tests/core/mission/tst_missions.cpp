#include <QTest>

#include "core/airframe/speeds_to_fly.hpp"
#include "core/mission/chance.hpp"
#include "core/mission/differences.hpp"
#include "core/mission/explain.hpp"
#include "core/mission/flight_conditions.hpp"
#include "core/mission/height_profile.hpp"
#include "core/mission/leg_sums.hpp"
#include "core/mission/limits.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/move_home.hpp"
#include "core/mission/outward.hpp"
#include "core/mission/phases.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/mission/winds.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::notes;
using tests::planned;
using tests::sample_request;
using units::DiagnosticCode;

namespace {

PlanRequest bare(MissionKind kind) {
    PlanRequest request = tests::by_the_book(sample_request());
    request.mission.kind = kind;
    request.mission.height_m = 0.0;
    request.weather.wind_height_m = 0.0;
    request.weather.home_wind_factor = 1.0;
    request.reserve = ShareOfUsable{0.0};
    return request;
}

/// A ridge across the way: a wall of a hill, as high as it is wide.
std::shared_ptr<const geodesy::Terrain> ridge(double east_m, double height_m, double half_m = 12000.0) {
    auto terrain = std::make_shared<geodesy::Terrain>();
    terrain->step_m = 100.0;
    terrain->columns = terrain->rows = int(2.0 * half_m / terrain->step_m) + 1;
    terrain->west_m = terrain->south_m = -half_m;
    terrain->home_m = 500.0;
    for (int j = 0; j < terrain->rows; ++j) {
        for (int i = 0; i < terrain->columns; ++i) {
            const double x = terrain->west_m + i * terrain->step_m;
            const double above = std::max(height_m * (1.0 - std::abs(x - east_m) / 600.0), 0.0);
            terrain->height_m.push_back(float(500.0 + above));
        }
    }
    return terrain;
}

} // namespace

class MissionsTest : public QObject {
    Q_OBJECT
private slots:
    void enduranceIsEnergyOverPower();
    void aLegTakesThePowerOfItsHeight();
    void whatIsEnteredStandsWithoutError();
    void unknownCellsAreAskedForUntilSomethingTells();
    void loiterAndLeaveClosesTheBooks_data();
    void loiterAndLeaveClosesTheBooks();
    void aVisitStaysAsLongAsItSays();
    void aShortRouteIsFlownWhole();
    void aLongRouteSaysWhereToComeHome();
    void oneWayLandsThere();
    void oneWayIsWholeOnlyOnEnoughDays();
    void equalTimePointOfAOneWayFlight();
    void ledgerClosesOverThePhases_data();
    void ledgerClosesOverThePhases();
    void bestRangeNeverTurnsEarlierThanTheKnownCruise();
    void fastestUnderAShareOfFullPower();
    void windTableAndLawAgreeWhereTheyShould();
    void rowsOfWindsBeginWithTheLaw();
    void windsByHeightAreSpokenOfAsOne();
    void aTableOfOneWindPlansAsThatWind();
    void windThatGrowsTurnsEarlier();
    void pressureAndMoistureActOnDensity();
    void climbByAngleAndByThrottle();
    void aRidgeOnTheReturnCosts();
    void groundBelowTheWayIsSaid();
    void aTightCircleCostsMore();
    void sinkingStraightDownIsSaid();
    void aTurnIsAsLongAsWhenSteered_data();
    void aTurnIsAsLongAsWhenSteered();
    void turnsAtPlacesCost();
    void turningForHomeCosts();
    void movingHomeLeavesThePlaces();
    void landingIsAPhaseOfItsOwn();
    void oneWayComesDownWhereItLands();
    void theProfileHasTheGroundOfBothWays();
    void chosenHeightsStandAtTheirPlaces();
    void wordsComeBack();
    void aShareOfFullPowerAtAnyCruise();
    void impossibleMissionsNameTheField_data();
    void impossibleMissionsNameTheField();
};

void MissionsTest::enduranceIsEnergyOverPower() {
    PlanRequest request = bare(MissionKind::endurance);
    const Plan plan = planned(request);
    QVERIFY(plan.turn && plan.station);
    // At ground height over home nothing is kept for the way: all of it is loiter. Closed form to 0.1 %.
    const double closed_s = plan.usable_energy_wh.value * 3600.0 / plan.conditions.cruise_power_w.value;
    VERIFY_NEAR(plan.turn->time_s.value, closed_s, 1e-3 * closed_s);
    VERIFY_NEAR(plan.flight->duration_s.value, closed_s, 1e-3 * closed_s);
    // A share kept back shortens it by that share, and no wind over home changes it.
    request.reserve = ShareOfUsable{0.25};
    VERIFY_NEAR(planned(request).turn->time_s.value, 0.75 * closed_s, 1e-3 * closed_s);
    request.weather.wind.speed_mps = 20.0;
    const Plan stormy = planned(request);
    VERIFY_NEAR(stormy.turn->time_s.value, 0.75 * closed_s, 1e-3 * closed_s);
    // No course could be held in that wind; what is said of the flight must not ask for one.
    QVERIFY(explain(stormy, units::Quantity::flight_time).has_value());
    (void)explain(stormy, units::Quantity::charge_per_distance_home);
    const auto out = explain(stormy, units::Quantity::energy_per_distance_out);
    QVERIFY(out && out->value.value > 0.0);
    const auto& draw = stormy.conditions.cruise_power_w;
    VERIFY_NEAR(out->value.sd / out->value.value, draw.sd / draw.value, 1e-9);
}

/// What thin air takes is worked out for the height that a leg is flown at, whatever the mission's is.
void MissionsTest::aLegTakesThePowerOfItsHeight() {
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind::route;
    constexpr double high_m = 900.0;
    request.mission.waypoints = {{"low", {3000.0, 0.0}, {}, 0.0, false},
                                 {"high", {3500.0, 2500.0}, high_m, 0.0, false},
                                 {"still high", {3000.0, 5000.0}, high_m, 0.0, false}};
    const Plan plan = planned(request);
    bool met = false;
    for (const FlightLeg& leg : plan.legs_out) {
        if (leg.kind != PhaseKind::leg || std::abs(leg.height_m - high_m) > 1.0) continue;
        met = true;
        const auto power = power_at(plan.request, leg.airspeed_mps, high_m, 0.0);
        QVERIFY(power);
        VERIFY_NEAR(leg.power_w, power->value, 1e-6 * power->value);
        QVERIFY(std::abs(leg.power_w - plan.conditions.cruise_power_w.value) > 0.2);
    }
    QVERIFY(met);
}

/// What was entered has no error of its own; where the airspeed comes from is said.
void MissionsTest::whatIsEnteredStandsWithoutError() {
    PlanRequest request = sample_request();
    const Plan a = planned(request);
    request.weather.wind.speed_mps += 2.0;
    request.pack.mass_kg += 0.05;
    int given = 0;
    for (const auto& difference : differences(a, planned(request))) {
        if (difference.computed) continue;
        ++given;
        QCOMPARE(difference.one.sd, 0.0);
        QCOMPARE(difference.other.sd, 0.0);
    }
    QCOMPARE(given, 2);
    const auto origin = [](const Plan& plan) {
        const auto why = explain(plan, units::Quantity::ground_speed_out);
        for (const auto& input : why->inputs) {
            if (input.quantity == units::Quantity::airspeed) return input.origin;
        }
        return units::Origin::assumed;
    };
    request.mission.speed_out = SpeedRule::known_cruise;
    QCOMPARE(origin(planned(request)), units::Origin::given);
    request.mission.speed_out = SpeedRule::best_range;
    QCOMPARE(origin(planned(request)), units::Origin::computed);
}

/// Which cells of one in parallel are is asked for until one of the three says so.
void MissionsTest::unknownCellsAreAskedForUntilSomethingTells() {
    PlanRequest request = sample_request();
    request.aircraft.craft = airframe::Craft::rotor;
    request.pack.chemistry = battery::Chemistry::li_ion;
    request.pack.parallel = 1;
    request.pack.construction.reset();
    request.pack.rated_current_a.reset();
    request.pack.measured_cell_ohm.reset();
    const auto asked = [](const PlanRequest& of) {
        return notes(planned(of), DiagnosticCode::construction_assumed);
    };
    QVERIFY(asked(request));
    PlanRequest built = request;
    built.pack.construction = battery::Construction::high_drain;
    QVERIFY(!asked(built));
    PlanRequest rated = request;
    rated.pack.rated_current_a = 30.0;
    QVERIFY(!asked(rated));
    PlanRequest measured = request;
    measured.pack.measured_cell_ohm = 0.02;
    QVERIFY(!asked(measured));
}

void MissionsTest::loiterAndLeaveClosesTheBooks_data() {
    QTest::addColumn<double>("distance_m");
    QTest::addColumn<double>("wind_mps");
    QTest::newRow("near, calm") << 2000.0 << 0.0;
    QTest::newRow("far, calm") << 9000.0 << 0.0;
    QTest::newRow("far, head wind home") << 9000.0 << 5.0;
    QTest::newRow("far, tail wind home") << 9000.0 << -5.0;
}

void MissionsTest::loiterAndLeaveClosesTheBooks() {
    QFETCH(double, distance_m);
    QFETCH(double, wind_mps);
    PlanRequest request = bare(MissionKind::visit);
    request.mission.waypoints = {{"tower", geodesy::offset({}, 90.0, distance_m), {}, 0.0, false}};
    // Out eastward; a wind from the west is behind going out and ahead coming home.
    request.weather.wind = {std::abs(wind_mps), wind_mps > 0.0 ? 270.0 : 90.0};
    const Plan plan = planned(request);
    QVERIFY(plan.station.has_value());
    const double P = plan.conditions.cruise_power_w.value;
    const double t_out = distance_m / plan.conditions.out->ground_speed_mps;
    const double t_home = distance_m / plan.conditions.home->ground_speed_mps;
    // Time on station = (E/P) − out − home, closed form, to 0.1 % of the flight.
    const double whole_s = plan.usable_energy_wh.value * 3600.0 / P;
    VERIFY_NEAR(plan.station->arrival_s, t_out, 1e-3 * whole_s);
    VERIFY_NEAR(plan.station->time_s.value, whole_s - t_out - t_home, 1e-3 * whole_s);
    VERIFY_NEAR(plan.station->last_moment_s.value, whole_s - t_home, 1e-3 * whole_s);
    VERIFY_NEAR(plan.flight->landing_energy_left_wh.value, 0.0, 1e-3 * plan.usable_energy_wh.value);
}

/// A visit stays as long as it says; where it says nothing, as long as it can.
void MissionsTest::aVisitStaysAsLongAsItSays() {
    PlanRequest request = bare(MissionKind::visit);
    for (const double loiter_s : {0.0, 1.0, 90.0}) {
        request.mission.waypoints = {{"tower", geodesy::offset({}, 90.0, 2000.0), {}, loiter_s, false}};
        const auto all = phases(request);
        const auto stay =
            std::find_if(all.begin(), all.end(), [](const Phase& p) { return p.kind == PhaseKind::loiter; });
        QVERIFY(stay != all.end());
        QCOMPARE(stay->open, loiter_s == 0.0);
        QCOMPARE(stay->duration_s, loiter_s);
    }
}

void MissionsTest::aShortRouteIsFlownWhole() {
    PlanRequest request = tests::by_the_book(sample_request());
    request.mission.kind = MissionKind::route;
    request.mission.waypoints = {{"A", {3000.0, 0.0}, {}, 0.0, false},
                                 {"B", {3000.0, 4000.0}, 120.0, 60.0, false},
                                 {"C", {0.0, 4000.0}, 80.0, 0.0, false}};
    const Plan plan = planned(request);
    QVERIFY(plan.whole);
    QVERIFY(plan.turn->at_end_of_mission);
    QVERIFY(!notes(plan, DiagnosticCode::route_not_whole));
    VERIFY_NEAR(plan.turn->at.east_m, 0.0, 1.0);
    VERIFY_NEAR(plan.turn->at.north_m, 4000.0, 1.0);
    // 3 + 4 + 3 km out, a minute of circles, 4 km home.
    VERIFY_NEAR(plan.turn->distance_m.value, 10000.0 + 60.0 * plan.conditions.airspeed_out_mps, 2.0);
    VERIFY_NEAR(plan.flight->ground_m, plan.turn->distance_m.value + 4000.0, 2.0);
    QVERIFY(plan.flight->landing_energy_left_wh.value > 0.2 * plan.usable_energy_wh.value);
    // The legs add up to the flight, and end at home.
    double seconds = 0.0;
    double energy_wh = 0.0;
    for (const FlightLeg& leg : plan.flight->legs) {
        seconds += leg.duration_s;
        energy_wh += leg.energy_wh;
    }
    VERIFY_NEAR(seconds, plan.flight->duration_s.value, 0.5);
    VERIFY_NEAR(energy_wh, plan.usable_energy_wh.value - plan.flight->landing_energy_left_wh.value,
                0.01 * plan.usable_energy_wh.value);
    QVERIFY(geodesy::distance_m(plan.flight->legs.back().to, {}) < 5.0);
    // Put together they are the pilot's legs: launch, three places, circles, home; nothing lost on the way.
    const auto sums = leg_sums(plan, false);
    double summed_s = 0.0;
    for (const LegSum& sum : sums) summed_s += sum.duration_s;
    VERIFY_NEAR(summed_s, seconds, 1e-6);
    VERIFY_NEAR(sums.back().used_wh, energy_wh, 1e-6);
    QVERIFY(sums.back().homeward && sums.size() == 6u);
    QVERIFY(leg_sums(plan, true).size() > sums.size());
    // Heights are kept: up to 120 m before B, down to 80 m at C.
    double highest_m = 0.0;
    for (const auto& point : plan.outward) highest_m = std::max(highest_m, point.height_m);
    VERIFY_NEAR(highest_m, 120.0, 1e-6);
    VERIFY_NEAR(plan.outward.back().height_m, 80.0, 1e-6);
}

void MissionsTest::aLongRouteSaysWhereToComeHome() {
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind::route;
    request.mission.waypoints = {{"A", {15000.0, 0.0}, {}, 0.0, false}, {"B", {15000.0, 60000.0}, {}, 0.0, false}};
    const Plan plan = planned(request);
    QVERIFY(!plan.whole);
    QVERIFY(plan.turn.has_value());
    QVERIFY(notes(plan, DiagnosticCode::route_not_whole));
    const OutwardPoint at = outward_at(plan, plan.turn->distance_m.value);
    VERIFY_NEAR(at.left_wh, at.needed_wh, 1e-3 * plan.usable_energy_wh.value);
    // On the second leg, and the return is straight from there.
    VERIFY_NEAR(plan.turn->at.east_m, 15000.0, 1.0);
    QVERIFY(plan.turn->at.north_m > 1000.0 && plan.turn->at.north_m < 60000.0);
    VERIFY_NEAR(plan.flight->ground_m, plan.turn->distance_m.value + geodesy::distance_m(plan.turn->at, {}), 1.0);
    // A wind that no return is flown against: the turn lies before it.
    request.weather.wind = {13.5, 200.0};
    const Plan blown = planned(request);
    if (blown.turn) QVERIFY(blown.turn->distance_m.value < plan.turn->distance_m.value);
}

void MissionsTest::oneWayLandsThere() {
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind::one_way;
    request.mission.waypoints = {{"far field", {30000.0, 0.0}, {}, 0.0, false}};
    const Plan plan = planned(request);
    // 30 km there is more than half of what out and back allows, and still less than all of it.
    QVERIFY(plan.whole);
    VERIFY_NEAR(plan.flight->ground_m, 30000.0, 300.0);
    QVERIFY(plan.flight->legs.back().homeward == false);
    // Turned before its end it goes home like any other.
    const auto early = flight_legs(plan, 10000.0);
    QVERIFY(early.back().homeward);
    QVERIFY(geodesy::distance_m(early.back().to, {}) < 5.0);
    request.mission.waypoints.front().at.east_m = 120000.0;
    QVERIFY(!planned(request).whole);
    // Landing there with less than the reserve is not the whole of it.
    request.mission.waypoints.front().at.east_m = 30000.0;
    request.reserve = ShareOfUsable{0.9};
    QVERIFY(!planned(request).whole);
}

void MissionsTest::oneWayIsWholeOnlyOnEnoughDays() {
    // As far as the mean day allows it keeps the reserve on every second day; what is recommended keeps it on nine
    // of ten, by drawn days.
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind::one_way;
    request.weather.wind = {5.0, 250.0};
    double farthest_m[2] = {};
    for (const bool by_chance : {false, true}) {
        request.turn.counted = {TurnRule::energy_home};
        if (by_chance) request.turn.counted.push_back(TurnRule::chance);
        for (double east_m = 20000.0; east_m < 150000.0; east_m += 2500.0) {
            request.mission.waypoints = {{"far field", {east_m, 0.0}, {}, 0.0, false}};
            const Plan plan = planned(request);
            if (!plan.whole) continue;
            farthest_m[by_chance] = std::max(farthest_m[by_chance], east_m);
            if (by_chance) QVERIFY(chance(plan, 4000)->reserve_intact.value > request.turn.least_chance - 0.02);
        }
    }
    QVERIFY(farthest_m[true] > 20000.0);
    QVERIFY(farthest_m[true] < farthest_m[false]);
}

void MissionsTest::aTurnIsAsLongAsWhenSteered_data() {
    QTest::addColumn<double>("turn_deg");
    for (const double turn : {30.0, 90.0, 135.0, 180.0}) QTest::newRow(qPrintable(QString::number(turn))) << turn;
}

void MissionsTest::aTurnIsAsLongAsWhenSteered() {
    // Brute force: over the place on the old course, then banked by 30° until the new course points at a place far
    // away, then straight there. None of our code; what it is longer than the corner is what the turn costs.
    QFETCH(double, turn_deg);
    constexpr double V = 14.0;
    constexpr double far_m = 50000.0;
    const double rate = 9.80665 * std::tan(M_PI / 6.0) / V;
    const double goal_x = far_m * std::sin(turn_deg * M_PI / 180.0);
    const double goal_y = far_m * std::cos(turn_deg * M_PI / 180.0);
    double x = 0.0;
    double y = 0.0;
    double course = 0.0;
    double flown_m = 0.0;
    constexpr double step_s = 1e-4;
    while (std::remainder(std::atan2(goal_x - x, goal_y - y) - course, 2.0 * M_PI) > 0.0) {
        course += rate * step_s;
        x += V * step_s * std::sin(course);
        y += V * step_s * std::cos(course);
        flown_m += V * step_s;
    }
    flown_m += std::hypot(goal_x - x, goal_y - y);
    // At one power throughout, so that only the way counts.
    const Turning turn{V * V / (9.80665 * std::tan(M_PI / 6.0)), V, 70.0, 70.0};
    VERIFY_NEAR(turn.seconds(turn_deg) * V, flown_m - far_m, 0.6);
    QCOMPARE(turn.seconds(-turn_deg), turn.seconds(turn_deg));
    QCOMPARE(Turning{}.seconds(turn_deg), 0.0);
}

void MissionsTest::turnsAtPlacesCost() {
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind::route;
    request.mission.waypoints = {{"A", {3000.0, 0.0}, {}, 0.0, false},
                                 {"B", {3000.0, 3000.0}, {}, 0.0, false},
                                 {"C", {0.0, 3000.0}, {}, 0.0, false}};
    const Plan plan = planned(request);
    double turning_wh = 0.0;
    int turns = 0;
    for (const FlightLeg& leg : plan.flight->legs) {
        if (leg.kind != PhaseKind::turn) continue;
        ++turns;
        turning_wh += leg.energy_wh;
        // n = 1/cos 30° carries more, and costs more than level flight.
        QVERIFY(leg.power_w > plan.conditions.cruise_power_w.value);
        QVERIFY(leg.duration_s > 1.0 && leg.duration_s < 15.0);
    }
    QCOMPARE(turns, 3); // at A and B, and for home at C
    const Plan spot = planned(tests::by_the_book(request));
    PlanRequest landed = request;
    landed.mission.turn_bank_deg.reset();
    const double without_wh = planned(landed).flight->landing_energy_left_wh.value;
    VERIFY_NEAR(without_wh - plan.flight->landing_energy_left_wh.value, turning_wh, 0.02);
    QVERIFY(spot.flight->landing_energy_left_wh.value > plan.flight->landing_energy_left_wh.value);
    // Steeper turns are shorter, and the pilot's legs stay three and the return.
    request.mission.turn_bank_deg = 50.0;
    QVERIFY(planned(request).flight->duration_s.value < plan.flight->duration_s.value);
    QCOMPARE(leg_sums(plan, false).size(), leg_sums(spot, false).size());
    for (const LegSum& sum : leg_sums(plan, true)) QVERIFY(sum.kind != PhaseKind::turn);
    // Out of circles over a place every course is left freely.
    request.mission.waypoints[1].loiter_s = 120.0;
    int after_circles = 0;
    const Plan with_circles = planned(request);
    for (const FlightLeg& leg : with_circles.flight->legs) after_circles += leg.kind == PhaseKind::turn;
    QCOMPARE(after_circles, 2);
}

void MissionsTest::turningForHomeCosts() {
    const Plan plan = planned(sample_request());
    const auto& legs = plan.flight->legs;
    const auto turn =
        std::find_if(legs.begin(), legs.end(), [](const auto& l) { return l.kind == PhaseKind::turn; });
    QVERIFY(turn != legs.end() && turn->homeward);
    // Half a circle of V²/(g·tan 30°).
    VERIFY_NEAR(turn->duration_s, M_PI * 14.0 / (9.80665 * std::tan(M_PI / 6.0)), 0.05);
    PlanRequest on_the_spot = sample_request();
    on_the_spot.mission.turn_bank_deg.reset();
    QVERIFY(planned(on_the_spot).turn->distance_m.value > plan.turn->distance_m.value);
    // Over home there is nothing to turn for.
    PlanRequest endurance = sample_request();
    endurance.mission.kind = MissionKind::endurance;
    const Plan over_home = planned(endurance);
    // What moves its end is felt in minutes: their explanation goes with the time, not with a distance.
    QCOMPARE(int(turn_is_felt_in(endurance)), int(units::Quantity::turn_time));
    QVERIFY(!explain(over_home, units::Quantity::turn_time)->sensitivities.empty());
    QVERIFY(explain(over_home, units::Quantity::turn_distance)->sensitivities.empty());
    for (const FlightLeg& leg : over_home.flight->legs) QVERIFY(leg.kind != PhaseKind::turn);
}

void MissionsTest::movingHomeLeavesThePlaces() {
    PlanRequest request = sample_request();
    QVERIFY(!home_can_move(request));
    request.mission.home = geodesy::Position{39.42, -31.38};
    request.mission.waypoints = {{"A", {3000.0, 1000.0}, {}, 0.0, false}};
    request.mission.alternates = {{"field", {-500.0, 200.0}, 5.0}};
    QVERIFY(home_can_move(request));
    const PlanRequest before = request;
    move_home(request, {250.0, -400.0});
    QCOMPARE(request.mission.waypoints[0].at, (geodesy::EastNorth{2750.0, 1400.0}));
    QCOMPARE(request.mission.alternates[0].at, (geodesy::EastNorth{-750.0, 600.0}));
    QCOMPARE(request.mission.alternates[0].height_m, 5.0);
    // By the geodesic on the ellipsoid the new home is where it was put.
    const auto line = geodesy::geodesic(*before.mission.home, *request.mission.home);
    VERIFY_NEAR(line->distance_m, std::hypot(250.0, 400.0), 0.01);
    VERIFY_NEAR(line->azimuth_deg, 180.0 - std::atan2(250.0, 400.0) * 180.0 / M_PI, 0.01);
    const auto by = home_moved_by(before, request);
    VERIFY_NEAR(by->east_m, 250.0, 1e-3);
    VERIFY_NEAR(by->north_m, -400.0, 1e-3);
    // Without a position its places tell.
    PlanRequest nowhere = before;
    nowhere.mission.home.reset();
    PlanRequest moved = nowhere;
    move_home(moved, {10.0, 20.0});
    QCOMPARE(*home_moved_by(nowhere, moved), (geodesy::EastNorth{10.0, 20.0}));
    QVERIFY(!home_moved_by(sample_request(), sample_request()));
}

void MissionsTest::landingIsAPhaseOfItsOwn() {
    PlanRequest request = sample_request();
    const Plan rotor = planned(request);
    const FlightLeg& down = rotor.flight->legs.back();
    QVERIFY(down.kind == PhaseKind::landing);
    VERIFY_NEAR(down.duration_s, 10.0, 1e-9);
    QCOMPARE(down.end_height_m, 0.0);
    // Sinking into its own wake gives nothing back.
    QVERIFY(down.power_w >= rotor.conditions.home_power_w.value);
    QVERIFY(geodesy::distance_m(down.to, {}) < 5.0);
    const FlightLeg& before = rotor.flight->legs[rotor.flight->legs.size() - 2];
    QVERIFY(before.kind == PhaseKind::descent);
    VERIFY_NEAR(before.end_height_m, 10.0, 1e-9);

    request.aircraft.craft = airframe::Craft::wing;
    const Plan wing = planned(request);
    VERIFY_NEAR(wing.flight->legs.back().duration_s, 30.0, 1e-9);
    request.mission.landing_height_m = 0.0;
    QVERIFY(planned(request).flight->legs.back().kind == PhaseKind::descent);

    request = sample_request();
    request.mission.landing_sink_mps = 2.5;
    QVERIFY(notes(planned(request), DiagnosticCode::sink_too_fast));
    request.aircraft.craft = airframe::Craft::wing;
    QVERIFY(!notes(planned(request), DiagnosticCode::sink_too_fast));
}

void MissionsTest::oneWayComesDownWhereItLands() {
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind::one_way;
    request.mission.waypoints = {{"far field", {30000.0, 0.0}, {}, 0.0, false}};
    const Plan plan = planned(request);
    const auto& legs = plan.flight->legs;
    QVERIFY(legs.back().kind == PhaseKind::landing);
    QCOMPARE(legs.back().end_height_m, 0.0);
    QVERIFY(geodesy::distance_m(legs.back().to, {30000.0, 0.0}) < 5.0);
    double energy_wh = 0.0;
    double seconds = 0.0;
    for (const FlightLeg& leg : legs) {
        QVERIFY(!leg.homeward);
        energy_wh += leg.energy_wh;
        seconds += leg.duration_s;
    }
    // Legs, books and clock tell the same flight.
    VERIFY_NEAR(energy_wh, plan.usable_energy_wh.value - plan.flight->landing_energy_left_wh.value, 0.2);
    VERIFY_NEAR(seconds, plan.flight->duration_s.value, 0.5);
    const auto profile = height_profile(plan);
    QCOMPARE(profile.back().height_m, 0.0);
    // The ground below its end is that of the far field.
    request.mission.terrain = ridge(30000.0, 80.0, 40000.0);
    VERIFY_NEAR(height_profile(planned(request)).back().ground_m, 80.0, 1.0);
}

void MissionsTest::theProfileHasTheGroundOfBothWays() {
    PlanRequest request = sample_request();
    request.mission.bearing_deg = 60.0;
    request.mission.farthest_m = 8000.0;
    request.mission.terrain = ridge(3000.0, 80.0);
    const Plan plan = planned(request);
    const double turn_m = plan.turn->distance_m.value;
    VERIFY_NEAR(turn_m, 8000.0, 1.0);
    double highest_m[2] = {};
    for (const ProfilePoint& point : height_profile(plan)) {
        const double away_m = point.homeward ? 2.0 * turn_m - point.distance_m : point.distance_m;
        const double east_m = away_m * std::sin(units::radians(60.0));
        const double hill_m = std::max(80.0 * (1.0 - std::abs(east_m - 3000.0) / 600.0), 0.0);
        QVERIFY(std::isfinite(point.ground_m));
        // A raster of 100 m cuts the crest by up to half a cell.
        VERIFY_NEAR(point.ground_m, hill_m, 80.0 * 100.0 / 600.0);
        highest_m[point.homeward] = std::max(highest_m[point.homeward], point.ground_m);
    }
    QVERIFY(highest_m[0] > 65.0 && highest_m[1] > 65.0);
}

void MissionsTest::chosenHeightsStandAtTheirPlaces() {
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind::route;
    request.mission.waypoints = {{"a", {4000.0, 0.0}, 60.0, 0.0, false},
                                 {"b", {4000.0, 3000.0}, {}, 0.0, false},
                                 {"c", {1000.0, 3000.0}, 150.0, 0.0, false}};
    const Plan plan = planned(request);
    QVERIFY(plan.whole);
    const auto heights = chosen_heights(plan);
    QCOMPARE(heights.size(), std::size_t(3));
    // The turns on the way take some metres too.
    const double along_m[] = {4000.0, 7000.0, 10000.0};
    const double height_m[] = {60.0, request.mission.height_m, 150.0};
    for (std::size_t i = 0; i < 3; ++i) {
        VERIFY_NEAR(heights[i].distance_m, along_m[i], 60.0);
        VERIFY_NEAR(heights[i].height_m, height_m[i], 1e-9);
        QVERIFY(heights[i].waypoint == i);
    }
    // Of a place that the flight turns before there is nothing to take hold of.
    request.mission.waypoints = {{"a", {4000.0, 0.0}, 60.0, 0.0, false}, {"b", {30000.0, 0.0}, {}, 0.0, false}};
    const Plan before = planned(request);
    QVERIFY(before.turn->distance_m.value < 29500.0);
    QVERIFY(geodesy::distance_m(before.outward.back().at, {30000.0, 0.0}) < 30.0);
    QCOMPARE(chosen_heights(before).size(), std::size_t(1));
    // Without places, the height of the mission can be taken hold of half way.
    const auto one = chosen_heights(planned(sample_request()));
    QCOMPARE(one.size(), std::size_t(1));
    QVERIFY(!one.front().waypoint);
    VERIFY_NEAR(one.front().distance_m, 0.5 * planned(sample_request()).turn->distance_m.value, 1e-6);
}

void MissionsTest::equalTimePointOfAOneWayFlight() {
    // Standard texts of air navigation: the equal-time point of a leg D between two fields is D·V_home/(V_out +
    // V_home). From there the planner's own return legs and on must take equally long, to 0.1 %.
    PlanRequest request = bare(MissionKind::one_way);
    const double D = 20000.0;
    request.mission.waypoints = {{"far field", {D, 0.0}, {}, 0.0, false}};
    request.weather.wind = {5.0, 250.0};
    const Plan plan = planned(request);
    const double V_out = plan.conditions.out->ground_speed_mps;
    const double V_home = plan.conditions.home->ground_speed_mps;
    const double d = D * V_home / (V_out + V_home);
    const OutwardPoint at = outward_at(plan, d);
    const Homeward homeward(plan.request, plan.conditions);
    const double home_s = homeward.from(station_of(at)).time_s;
    const double on_s = homeward.to({D, 0.0}, 0.0, station_of(at)).time_s;
    VERIFY_NEAR(home_s, on_s, 1e-3 * on_s);
}

void MissionsTest::ledgerClosesOverThePhases_data() {
    QTest::addColumn<int>("kind");
    QTest::newRow("out and back") << int(MissionKind::out_and_back);
    QTest::newRow("endurance") << int(MissionKind::endurance);
    QTest::newRow("route") << int(MissionKind::route);
    QTest::newRow("visit") << int(MissionKind::visit);
}

void MissionsTest::ledgerClosesOverThePhases() {
    QFETCH(int, kind);
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind(kind);
    request.mission.waypoints = {{"A", {4000.0, 1000.0}, {}, 0.0, false},
                                 {"B", {2000.0, 5000.0}, 60.0, 90.0, false}};
    const Plan plan = planned(request);
    QVERIFY(plan.flight.has_value());
    const auto ledger = flight_ledger(plan);
    const double accounted = ledger.delivered_wh + ledger.ohmic_wh + ledger.mixing_wh + ledger.held_wh;
    VERIFY_NEAR(ledger.source_wh, accounted, 1e-3 * ledger.source_wh);
    double flown_wh = 0.0;
    for (const FlightLeg& leg : plan.flight->legs) flown_wh += leg.energy_wh;
    VERIFY_NEAR(ledger.delivered_wh, flown_wh, 1e-3 * flown_wh);
}

void MissionsTest::bestRangeNeverTurnsEarlierThanTheKnownCruise() {
    for (const double wind_mps : {0.0, 4.0, 7.0}) {
        for (const double from_deg : {85.0, 175.0, 265.0}) {
            PlanRequest request = sample_request();
            request.weather.wind = {wind_mps, from_deg};
            const Plan known = planned(request);
            request.mission.speed_out = request.mission.speed_home = SpeedRule::best_range;
            const Plan best = planned(request);
            QVERIFY(known.turn && best.turn);
            QVERIFY(best.turn->distance_m.value > 0.999 * known.turn->distance_m.value);
            // Against the wind faster than with it.
            if (wind_mps > 0.0 && from_deg == 265.0)
                QVERIFY(best.conditions.airspeed_out_mps > best.conditions.airspeed_home_mps);
        }
    }
}

void MissionsTest::fastestUnderAShareOfFullPower() {
    PlanRequest request = sample_request();
    request.mission.speed_out = SpeedRule::power_share;
    QVERIFY(notes(planned(request), DiagnosticCode::speed_rule_not_met)); // full power is not known
    request.aircraft.full_power_w = 300.0;
    request.mission.most_power_share = 0.4;
    const Plan plan = planned(request);
    VERIFY_NEAR(plan.conditions.cruise_power_w.value, 120.0, 0.1);
    QVERIFY(plan.conditions.airspeed_out_mps > request.aircraft.cruise_airspeed_mps);
    QVERIFY(!notes(plan, DiagnosticCode::speed_rule_not_met));
}

void MissionsTest::windTableAndLawAgreeWhereTheyShould() {
    PlanRequest request = sample_request();
    const double by_law_m = planned(request).turn->distance_m.value;
    // The same wind at all heights as a table is the law with exponent 0.
    request.weather.wind_exponent = 0.0;
    const double constant_m = planned(request).turn->distance_m.value;
    request.weather.wind_table = {{0.0, {4.0, 270.0}}, {200.0, {4.0, 270.0}}};
    VERIFY_NEAR(planned(request).turn->distance_m.value, constant_m, 1e-6 * constant_m);
    QVERIFY(std::abs(by_law_m - constant_m) > 1.0);
    // Between two rows the vector goes straight: half way between west and north lies north-west, and weaker.
    const auto middle = atmosphere::wind_from_table({{0.0, {4.0, 270.0}}, {100.0, {4.0, 360.0}}}, 50.0);
    VERIFY_NEAR(middle.from_deg, 315.0, 1e-9);
    VERIFY_NEAR(middle.speed_mps, 4.0 * std::sqrt(0.5), 1e-9);
    VERIFY_NEAR(atmosphere::wind_from_table({{10.0, {3.0, 90.0}}, {100.0, {6.0, 90.0}}}, 500.0).speed_mps, 6.0,
                1e-12);
}

void MissionsTest::rowsOfWindsBeginWithTheLaw() {
    PlanRequest request = bare(MissionKind::out_and_back);
    request.weather.wind = {6.0, 270.0};
    request.weather.wind_height_m = 50.0;
    request.mission.height_m = 120.0;
    const double law_mps = air_column(request).steady(120.0).speed_mps;
    const double turn_m = planned(request).turn->distance_m.value;
    add_wind_height(request);
    const auto& table = request.weather.wind_table;
    QCOMPARE(table.size(), 2u);
    QCOMPARE(table[0].height_m, low_wind_height_m);
    VERIFY_NEAR(table[1].wind.speed_mps, law_mps, 1e-12);
    // At the mission's height nothing has changed; between the rows the law is a curve and the table a line.
    VERIFY_NEAR(planned(request).turn->distance_m.value, turn_m, 1e-2 * turn_m);
    add_wind_height(request);
    QCOMPARE(table.back().height_m, 120.0 + wind_height_step_m);
    VERIFY_NEAR(table.back().wind.speed_mps, law_mps, 1e-12);
    request.weather.wind_table[0].height_m = 500.0;
    sort_wind_heights(request.weather);
    QCOMPARE(table.back().height_m, 500.0);
    QVERIFY(make_plan(request).has_value());
    // Nothing beyond the table; the last one left is the one wind again.
    remove_wind_height(request, 3);
    QCOMPARE(table.size(), 3u);
    remove_wind_height(request, 2);
    remove_wind_height(request, 0);
    QVERIFY(table.empty());
    QCOMPARE(*request.weather.wind_height_m, 120.0 + wind_height_step_m);
    VERIFY_NEAR(request.weather.wind.speed_mps, law_mps, 1e-12);
    // A low mission: the second row still lies above the first.
    request.mission.height_m = 5.0;
    add_wind_height(request);
    QVERIFY(table[1].height_m > table[0].height_m);
    QVERIFY(make_plan(request).has_value());
}

void MissionsTest::windsByHeightAreSpokenOfAsOne() {
    PlanRequest request = bare(MissionKind::out_and_back);
    request.weather.wind = {6.0, 270.0};
    request.mission.height_m = 100.0;
    QCOMPARE(spoken_wind(request).speed_mps, 6.0);
    request.weather.wind_table = {{0.0, {2.0, 260.0}}, {200.0, {8.0, 260.0}}};
    VERIFY_NEAR(spoken_wind(request).speed_mps, 5.0, 1e-9);
    VERIFY_NEAR(spoken_wind(request).from_deg, 260.0, 1e-9);
    // Made another, all heights follow, and the one wind beside the table is left alone.
    set_spoken_wind(request, {2.0, 350.0});
    VERIFY_NEAR(request.weather.wind_table[0].wind.speed_mps, 0.8, 1e-9);
    VERIFY_NEAR(request.weather.wind_table[1].wind.speed_mps, 3.2, 1e-9);
    VERIFY_NEAR(request.weather.wind_table[1].wind.from_deg, 350.0, 1e-9);
    QCOMPARE(request.weather.wind.speed_mps, 6.0);
    // Typed digit by digit, nought among them: where it ends is all that counts.
    for (const double typed_mps : {0.0, 1.0, 12.0, 0.0, 0.5, 5.0}) set_spoken_wind(request, {typed_mps, 260.0});
    VERIFY_NEAR(request.weather.wind_table[0].wind.speed_mps, 2.0, 1e-9);
    VERIFY_NEAR(request.weather.wind_table[1].wind.speed_mps, 8.0, 1e-9);
    VERIFY_NEAR(request.weather.wind_table[1].wind.from_deg, 260.0, 1e-9);
    // Out of a calm at all heights it blows alike at all.
    for (auto& row : request.weather.wind_table) row.wind.speed_mps = 0.0;
    set_spoken_wind(request, {3.0, 90.0});
    for (const auto& row : request.weather.wind_table) VERIFY_NEAR(row.wind.speed_mps, 3.0, 1e-9);
}

void MissionsTest::aTableOfOneWindPlansAsThatWind() {
    // The same wind at all heights, once as one wind without a law, once as a table: all answers must be the same,
    // what moves the turn included.
    PlanRequest one = bare(MissionKind::out_and_back);
    one.weather.wind = {5.0, 200.0};
    one.weather.wind_exponent = 0.0;
    PlanRequest table = one;
    table.weather.wind = {0.0, 0.0};
    table.weather.wind_table = {{0.0, {5.0, 200.0}}, {500.0, {5.0, 200.0}}};
    const Plan a = planned(one);
    const Plan b = planned(table);
    VERIFY_NEAR(b.turn->distance_m.value, a.turn->distance_m.value, 1e-6);
    QVERIFY(!a.turn_sensitivities.empty());
    QCOMPARE(b.turn_sensitivities.size(), a.turn_sensitivities.size());
    for (std::size_t i = 0; i < a.turn_sensitivities.size(); ++i) {
        QCOMPARE(int(b.turn_sensitivities[i].input), int(a.turn_sensitivities[i].input));
        VERIFY_NEAR(b.turn_sensitivities[i].change, a.turn_sensitivities[i].change, 1e-6);
    }
    for (const auto quantity : {units::Quantity::wind_from, units::Quantity::turn_distance}) {
        const auto why_a = explain(a, quantity);
        const auto why_b = explain(b, quantity);
        QCOMPARE(why_b.has_value(), why_a.has_value());
        if (why_a) VERIFY_NEAR(why_b->value.value, why_a->value.value, 1e-6);
    }
    for (const auto& difference : differences(a, b)) QVERIFY(difference.computed);
}

void MissionsTest::windThatGrowsTurnsEarlier() {
    PlanRequest request = sample_request();
    request.weather.wind = {4.0, 85.0}; // behind going out
    double before_m = planned(request).turn->distance_m.value;
    for (const double growth : {1.0, 2.0, 4.0}) {
        request.weather.wind_growth_mps_per_h = growth;
        const double now_m = planned(request).turn->distance_m.value;
        QVERIFY(now_m < before_m);
        before_m = now_m;
    }
    // A wind that eases below nothing is calm, not a wind from the other side.
    request.weather.wind_growth_mps_per_h = -30.0;
    const Plan eased = planned(request);
    const auto winds = air_column(eased.request);
    QCOMPARE(winds.at(90.0, 3600.0).speed_mps, 0.0);
}

void MissionsTest::pressureAndMoistureActOnDensity() {
    PlanRequest request = sample_request();
    const double standard = planned(request).conditions.air.density_kgm3;
    request.weather.pressure_pa = 0.95 * 101325.0;
    VERIFY_NEAR(planned(request).conditions.air.density_kgm3, 0.95 * standard, 1e-4 * standard);
    request.weather.pressure_pa.reset();
    request.weather.relative_humidity = 1.0;
    const double moist = planned(request).conditions.air.density_kgm3;
    // Saturated air of 18 °C is some 0.8 % lighter (its vapour pressure over the pressure, times 0.378).
    QVERIFY(moist < 0.996 * standard && moist > 0.985 * standard);
}

void MissionsTest::climbByAngleAndByThrottle() {
    PlanRequest request = sample_request();
    request.mission.climb_angle_deg = 10.0;
    VERIFY_NEAR(planned(request).conditions.climb_rate_mps, 14.0 * std::sin(units::radians(10.0)), 1e-9);
    request.mission.climb_angle_deg.reset();
    request.aircraft.full_power_w = 300.0;
    request.mission.climb_throttle = 0.85;
    const Plan plan = planned(request);
    // What 85 % leaves above level flight goes into height at the climb's efficiency.
    const double power_w = 300.0 * std::pow(0.85, 3);
    const double rate = (power_w - plan.conditions.cruise_power_w.value) * 0.5 / (1.83 * 9.80665);
    VERIFY_NEAR(plan.conditions.climb_rate_mps, rate, 0.02 * rate);
    request.mission.climb_throttle = 0.3;
    const Plan none = planned(request);
    QVERIFY(!none.turn);
    QVERIFY(notes(none, DiagnosticCode::climb_not_possible));
}

void MissionsTest::aRidgeOnTheReturnCosts() {
    PlanRequest request = sample_request();
    request.weather.wind.speed_mps = 0.0;
    request.mission.kind = MissionKind::route;
    // Around the ridge, and home straight over it.
    request.mission.waypoints = {{"round", {0.0, 9000.0}, {}, 0.0, false},
                                 {"behind", {8000.0, 9000.0}, {}, 0.0, false}};
    const Plan flat = planned(request);
    request.mission.terrain = ridge(4000.0, 260.0);
    const Plan hilly = planned(request);
    QVERIFY(hilly.flight->landing_energy_left_wh.value < flat.flight->landing_energy_left_wh.value);
    const Homeward homeward(hilly.request, hilly.conditions);
    const ReturnEstimate way = homeward.from({{8000.0, 0.0}, 90.0, 0.0, {}});
    VERIFY_NEAR(way.height_m, 260.0 + request.mission.clearance_m, 5.0);
    // Never less than the level way, never more than the climb's whole energy on top of it.
    const Homeward level(flat.request, flat.conditions);
    const double extra_wh = way.energy_wh - level.from({{8000.0, 0.0}, 90.0, 0.0, {}}).energy_wh;
    const double lifted_wh = 1.83 * 9.80665 * 200.0 / 0.5 / 3600.0;
    QVERIFY(extra_wh > 0.0 && extra_wh < lifted_wh);
    // From this side of it nothing stands in the way.
    VERIFY_NEAR(homeward.from({{2000.0, 0.0}, 90.0, 0.0, {}}).energy_wh,
                level.from({{2000.0, 0.0}, 90.0, 0.0, {}}).energy_wh, 1e-9);
}

void MissionsTest::groundBelowTheWayIsSaid() {
    PlanRequest request = sample_request();
    request.mission.bearing_deg = 90.0;
    request.mission.terrain = ridge(4000.0, 70.0, 30000.0);
    const Plan plan = planned(request);
    QVERIFY(plan.least_clearance.has_value());
    VERIFY_NEAR(plan.least_clearance->height_m, 20.0, 8.0);
    VERIFY_NEAR(plan.least_clearance->distance_m, 4000.0, 300.0);
    QVERIFY(notes(plan, DiagnosticCode::clearance_too_low));
    request.mission.height_m = 110.0;
    QVERIFY(!notes(planned(request), DiagnosticCode::clearance_too_low));
    // A raster that ends before the way does is said.
    request.mission.terrain = ridge(4000.0, 20.0, 6000.0);
    QVERIFY(notes(planned(request), DiagnosticCode::terrain_partly_known));
    request.mission.terrain.reset();
    request.mission.terrain_file = "not-there.tif";
    QVERIFY(notes(planned(request), DiagnosticCode::terrain_not_read));
}

void MissionsTest::aTightCircleCostsMore() {
    PlanRequest request = bare(MissionKind::endurance);
    const double wide_s = planned(request).turn->time_s.value;
    request.mission.loiter_radius_m = 25.0;
    const double tight_s = planned(request).turn->time_s.value;
    QVERIFY(tight_s < 0.97 * wide_s);
    request.mission.loiter_radius_m = 5000.0;
    VERIFY_NEAR(planned(request).turn->time_s.value, wide_s, 1e-3 * wide_s);
}

void MissionsTest::sinkingStraightDownIsSaid() {
    PlanRequest request = sample_request();
    request.mission.descent_rate_mps = 8.0;
    QVERIFY(notes(planned(request), DiagnosticCode::sink_too_fast));
    request.mission.descent_rate_mps = 1.8;
    QVERIFY(!notes(planned(request), DiagnosticCode::sink_too_fast));
}

/// 1.6 × 14.199430460915268 m/s, divided by it again, is more than 1.6: "one known cruise does not cover nan m/s".
void MissionsTest::aShareOfFullPowerAtAnyCruise() {
    for (int i = 0; i < 400; ++i) {
        PlanRequest request = sample_request();
        const double cruise_mps = 8.0 + 0.0370073 * i;
        request.aircraft.cruise_airspeed_mps = i == 0 ? 14.199430460915268 : cruise_mps;
        request.aircraft.full_power_w = 400.0;
        request.mission.most_power_share = 0.25;
        const double density = air_at(request, 80.0)->density_kgm3;
        const auto airspeed = leg_airspeed(request, SpeedRule::power_share, 0.0, {}, density);
        QVERIFY2(airspeed && std::isfinite(*airspeed), qPrintable(QString::number(cruise_mps, 'g', 17)));
        VERIFY_NEAR(power_at(request, *airspeed, 80.0, 0.0)->value, 100.0, 0.01);
    }
}

void MissionsTest::wordsComeBack() {
    for (int i = 0; i < 6; ++i) QVERIFY(mission_from_word(mission_word(MissionKind(i))) == MissionKind(i));
    for (int i = 0; i < 4; ++i) QVERIFY(speed_rule_from_word(speed_rule_word(SpeedRule(i))) == SpeedRule(i));
    QVERIFY(!mission_from_word("somewhere"));
}

void MissionsTest::impossibleMissionsNameTheField_data() {
    QTest::addColumn<QString>("field");
    for (const char* field : {"mission.waypoints", "weather.wind_table[1].height_m", "failsafe.airspeed_mps",
                              "mission.climb_throttle", "mission.home"})
        QTest::newRow(field) << QString::fromLatin1(field);
}

void MissionsTest::impossibleMissionsNameTheField() {
    QFETCH(QString, field);
    PlanRequest request = sample_request();
    if (field == QLatin1String("mission.waypoints")) request.mission.kind = MissionKind::route;
    if (field == QLatin1String("weather.wind_table[1].height_m"))
        request.weather.wind_table = {{100.0, {4.0, 270.0}}, {50.0, {3.0, 270.0}}};
    if (field == QLatin1String("failsafe.airspeed_mps")) request.failsafe = FailsafeReturn{};
    if (field == QLatin1String("mission.climb_throttle")) request.mission.climb_throttle = 1.5;
    if (field == QLatin1String("mission.home")) request.mission.home = geodesy::Position{95.0, 0.0};
    const auto plan = make_plan(request);
    QVERIFY(!plan);
    QCOMPARE(QString::fromStdString(plan.error().where.field), field);
}

SOBREMESA_TEST(MissionsTest)
#include "tst_missions.moc"
