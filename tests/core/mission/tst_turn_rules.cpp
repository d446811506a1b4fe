#include <algorithm>
#include <cmath>
#include <variant>

#include <QTest>

#include "core/mission/explain.hpp"
#include "core/mission/limits.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/reach.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::by_the_book;
using tests::notes;
using tests::planned;
using tests::sample_request;

namespace {

RuleTurn turn_of(const Plan& plan, TurnRule turn_rule) {
    for (const RuleTurn& turn : plan.turn_rules) {
        if (turn.turn_rule == turn_rule) return turn;
    }
    qFatal("school is missing");
}

} // namespace

class TurnRulesTest : public QObject {
    Q_OBJECT
private slots:
    void aReserveThatNoPackHoldsIsNoTurn();
    void eachRuleTurnsAtItsOwnCharge();
    void turnRulesStandSortedByDistance();
    void earliestOfThoseThatCountIsTheTurn();
    void whatGetsHomeIsNotSaidToBeTooLate();
    void turnRulesThatTurnTooLateAreFlagged();
    void whereAGrowingWindStopsTheWayOutIsTheTurn();
    void whereAGrowingWindEndsTheWayHomeIsTheTurn();
    void chargeCountTakesThePilotsFigure();
    void wordsGoBothWays();
    void chanceAloneTurns();
    void everyTurnRuleExplainsItself();
};

void TurnRulesTest::eachRuleTurnsAtItsOwnCharge() {
    const Plan plan = *make_plan(sample_request());
    const double usable_ah = plan.usable_charge_ah.value;
    VERIFY_NEAR(turn_of(plan, TurnRule::share_left).charge_used_ah, 0.4 * usable_ah, 1e-6);
    // Common practice, the 80 % rule: 9.0 Ah rated → 7.2 usable → turn at 3.6.
    VERIFY_NEAR(turn_of(plan, TurnRule::eighty_percent).charge_used_ah, 3.6, 1e-6);
    // Launched at 3.86 V, by the resting table 70 % full: 6.3 Ah in it, 1.8 stay, turn at 2.25.
    PlanRequest begun = sample_request();
    begun.pack.start_cell_v = 3.86;
    VERIFY_NEAR(turn_of(*make_plan(begun), TurnRule::eighty_percent).charge_used_ah, 2.25, 1e-3);
    VERIFY_NEAR(turn_of(plan, TurnRule::charge_count).charge_used_ah, 0.5 * usable_ah, 1e-6);
    VERIFY_NEAR(turn_of(plan, TurnRule::voltage).charge_used_ah, 0.5 * usable_ah, 1e-6);
    const double shown_v = turn_of(plan, TurnRule::voltage).cell_voltage_v;
    const double expected_v = battery::point_at_charge(plan.conditions.cruise, 0.5 * usable_ah).voltage_v / 4.0;
    VERIFY_NEAR(shown_v, expected_v, 1e-3);
}

void TurnRulesTest::turnRulesStandSortedByDistance() {
    const Plan plan = *make_plan(sample_request());
    QCOMPARE(plan.turn_rules.size(), std::size_t(6));
    for (std::size_t i = 1; i < plan.turn_rules.size(); ++i) {
        QVERIFY(plan.turn_rules[i].distance_m >= plan.turn_rules[i - 1].distance_m);
    }
}

void TurnRulesTest::whatGetsHomeIsNotSaidToBeTooLate() {
    // A loop that is flown whole: the energy never says turn, other rules do, and from there it gets home.
    int whole = 0;
    int late = 0;
    for (double side_m = 6000.0; side_m <= 30000.0; side_m += 3000.0) {
        PlanRequest request = sample_request();
        request.mission.kind = MissionKind::route;
        request.mission.waypoints = {{"far", {0.0, side_m}, {}, 0.0, false},
                                     {"across", {side_m, side_m}, {}, 0.0, false},
                                     {"near", {500.0, 500.0}, {}, 0.0, false}};
        request.reserve = ShareOfUsable{0.2};
        const Plan plan = tests::planned(request);
        if (!plan.flight) continue;
        const double reserve_wh = 0.2 * plan.conditions.usable_energy_wh();
        // Where a whole mission ends is given; what it takes to get there is off by the draw alone.
        if (plan.whole) {
            const double draw_sd = plan.conditions.cruise_power_w.sd / plan.conditions.cruise_power_w.value;
            QCOMPARE(plan.turn->distance_m.sd, 0.0);
            VERIFY_NEAR(plan.turn->charge_used_ah.sd, draw_sd * plan.turn->charge_used_ah.value, 1e-9);
            VERIFY_NEAR(plan.turn->energy_used_wh.sd, draw_sd * plan.turn->energy_used_wh.value, 1e-9);
            QVERIFY(plan.turn->cell_voltage_v.sd < 0.05);
        }
        for (const RuleTurn& turn : plan.turn_rules) {
            if (!turn.reached) continue;
            QVERIFY2(!(turn.too_late && turn.landing_left_wh > reserve_wh + 0.05),
                     qPrintable(QString::number(side_m)));
            if (turn.turn_rule == TurnRule::energy_home || turn.turn_rule == TurnRule::chance) continue;
            if (turn_of(plan, TurnRule::energy_home).reached)
                late += turn.too_late ? 1 : 0;
            else
                ++whole;
        }
    }
    QVERIFY2(whole > 0 && late > 0, qPrintable(QStringLiteral("%1 %2").arg(whole).arg(late)));
}

void TurnRulesTest::earliestOfThoseThatCountIsTheTurn() {
    PlanRequest request = sample_request();
    request.turn.counted = {TurnRule::energy_home, TurnRule::share_left, TurnRule::voltage};
    const Plan plan = *make_plan(request);
    double earliest_m = 1e9;
    for (const TurnRule turn_rule : request.turn.counted) {
        earliest_m = std::min(earliest_m, turn_of(plan, turn_rule).distance_m);
    }
    VERIFY_NEAR(plan.turn->distance_m.value, earliest_m, 1e-9);
    QVERIFY(turn_of(plan, TurnRule::voltage).counted);
    QVERIFY(!turn_of(plan, TurnRule::eighty_percent).counted);
}

void TurnRulesTest::turnRulesThatTurnTooLateAreFlagged() {
    // Out with the tail wind: a share of the pack is fatal, only the energy rule knows.
    PlanRequest request = sample_request();
    request.weather.wind = {7.0, 85.0};
    request.turn.counted = {TurnRule::share_left};
    const Plan plan = *make_plan(request);
    QVERIFY(turn_of(plan, TurnRule::share_left).too_late);
    QVERIFY(!turn_of(plan, TurnRule::energy_home).too_late);
    QVERIFY(turn_of(plan, TurnRule::share_left).landing_left_wh < 0.0);
    QCOMPARE(plan.turn->turn_rule, TurnRule::share_left);
    QVERIFY(std::any_of(plan.diagnostics.begin(), plan.diagnostics.end(),
                        [](const auto& n) { return n.code == units::DiagnosticCode::rule_turns_too_late; }));
    // Out into the wind it is merely cautious.
    request.weather.wind = {7.0, 265.0};
    QVERIFY(!turn_of(*make_plan(request), TurnRule::share_left).too_late);
}

void TurnRulesTest::whereAGrowingWindStopsTheWayOutIsTheTurn() {
    PlanRequest request = by_the_book(sample_request());
    request.weather.wind = {7.0, 265.0};
    request.weather.wind_height_m = request.mission.height_m;
    request.weather.wind_growth_mps_per_h = 6.0;
    const Plan plan = planned(request);
    QVERIFY(plan.turn.has_value());
    QVERIFY(!plan.whole);
    QVERIFY(turn_of(plan, TurnRule::energy_home).reached);
    // Straight against a wind w that grows by g: over ground V - w - g t, which is 2 m/s at the end.
    const auto stopped_m = [](double wind_mps, double growth_mps_per_h) {
        const double g = growth_mps_per_h / 3600.0;
        return (std::pow(14.0 - wind_mps, 2) - 4.0) / (2.0 * g);
    };
    const double stop_m = stopped_m(7.0, 6.0);
    // The climb, in weaker wind and at another speed, is a few per cent of it.
    VERIFY_NEAR(plan.turn->distance_m.value / stop_m, 1.0, 0.03);
    VERIFY_NEAR(plan.turn->time_s.value / 3000.0, 1.0, 0.02); // (14 - 7 - 2) / 6 of an hour
    // What moves it is the wind: 1.0 m/s of it, and 1 m/s an hour of its growth.
    const double sd_m = std::hypot(stop_m - stopped_m(8.0, 6.0), stop_m - stopped_m(7.0, 7.0));
    VERIFY_NEAR(plan.turn->distance_m.sd / sd_m, 1.0, 0.1);
    // From there it is home with more than the reserve, and the message says where and when it ends.
    QVERIFY(plan.flight->landing_energy_left_wh.value > outward_at(plan, plan.turn->distance_m.value).reserve_wh);
    const auto said = std::find_if(plan.diagnostics.begin(), plan.diagnostics.end(),
                                   [](const auto& d) { return d.code == units::DiagnosticCode::no_solution_out; });
    QVERIFY(said != plan.diagnostics.end());
    const auto& told = said->parameters;
    const auto place = std::find_if(told.begin(), told.end(), [](const auto& p) { return p.name == "distance_m"; });
    QVERIFY(place != told.end());
    VERIFY_NEAR(std::get<double>(place->value), plan.turn->distance_m.value, 1.0);
    // Reach says the same.
    const auto line = reach(request, 72);
    QVERIFY(line.has_value());
    VERIFY_NEAR(line->points[53].bearing_deg, 265.0, 1e-9);
    VERIFY_NEAR(line->points[53].distance_m.value / plan.turn->distance_m.value, 1.0, 0.01);
    VERIFY_NEAR(line->points[53].distance_m.sd / sd_m, 1.0, 0.1);
    // A waypoint beyond it is not reached: no flight as asked, and the message says where it ends.
    PlanRequest route = request;
    route.mission.kind = MissionKind::route;
    route.mission.waypoints = {{"", geodesy::offset({}, 265.0, 1.5 * stop_m), {}, 0.0, false}};
    const Plan beyond = planned(route);
    QVERIFY(!beyond.turn.has_value());
    QVERIFY(notes(beyond, units::DiagnosticCode::no_solution_out));
}

void TurnRulesTest::whereAGrowingWindEndsTheWayHomeIsTheTurn() {
    // Out with the wind, home against what it has become: V - w - g t over ground, 2 m/s at the end. With more than
    // half of the pack left, the wind is what ends it.
    PlanRequest request = by_the_book(sample_request());
    request.mission.bearing_deg = 85.0;
    request.weather.wind = {4.0, 265.0};
    request.weather.wind_height_m = request.mission.height_m;
    request.weather.wind_growth_mps_per_h = 12.0;
    request.weather.home_wind_factor = 1.0;
    const Plan plan = planned(request);
    QVERIFY(plan.turn.has_value());
    const auto farthest_m = [](double w, double growth_mps_per_h) {
        const double g = growth_mps_per_h / 3600.0;
        double low_s = 0.0;
        double high_s = 3600.0;
        for (int i = 0; i < 60; ++i) {
            const double s = 0.5 * (low_s + high_s);
            const double out_m = (14.0 + w) * s + 0.5 * g * s * s;
            const double begin_mps = 14.0 - w - g * s;
            const double home_m = (begin_mps * begin_mps - 4.0) / (2.0 * g);
            (begin_mps > 2.0 && home_m > out_m ? low_s : high_s) = s;
        }
        return (14.0 + w) * low_s + 0.5 * g * low_s * low_s;
    };
    const double turn_m = plan.turn->distance_m.value;
    // Climb and descent, in weaker wind, are a few per cent of it.
    VERIFY_NEAR(turn_m / farthest_m(4.0, 12.0), 1.0, 0.03);
    QVERIFY(turn_of(plan, TurnRule::energy_home).by_wind);
    const double left_wh = plan.flight->landing_energy_left_wh.value;
    const OutwardPoint at = outward_at(plan, turn_m);
    QVERIFY(left_wh > at.reserve_wh + 0.2 * plan.usable_energy_wh.value);
    // The chart's lines stand there as the flight home has them, not between two samples of which one has no
    // return.
    VERIFY_NEAR(at.left_wh - at.needed_wh, left_wh - at.reserve_wh, 1e-6);
    QVERIFY(at.return_flight);
    // What moves it is the wind: 1.0 m/s of it, and 1 m/s an hour of its growth.
    const double sd_m =
        std::hypot(farthest_m(4.0, 12.0) - farthest_m(5.0, 12.0), farthest_m(4.0, 12.0) - farthest_m(4.0, 13.0));
    VERIFY_NEAR(plan.turn->distance_m.sd / sd_m, 1.0, 0.1);
    const double share = plan.turn->distance_m.sd / turn_m;
    for (const units::Estimate& moved : {plan.turn->time_s, plan.turn->charge_used_ah, plan.turn->energy_used_wh})
        VERIFY_NEAR(moved.sd, share * moved.value, 1e-9 * moved.value);
    // Said, with the place: a pilot who sees the pack half full would fly on.
    const auto said = std::find_if(plan.diagnostics.begin(), plan.diagnostics.end(),
                                   [](const auto& d) { return d.code == units::DiagnosticCode::no_solution_home; });
    QVERIFY(said != plan.diagnostics.end());
    const auto& told = said->parameters;
    const auto place = std::find_if(told.begin(), told.end(), [](const auto& p) { return p.name == "distance_m"; });
    QVERIFY(place != told.end());
    VERIFY_NEAR(std::get<double>(place->value), turn_m, 1e-6);
    // Reach says the same.
    const auto line = reach(request, 72);
    QVERIFY(line.has_value());
    VERIFY_NEAR(line->points[17].bearing_deg, 85.0, 1e-9);
    VERIFY_NEAR(line->points[17].distance_m.value / turn_m, 1.0, 0.01);
    VERIFY_NEAR(line->points[17].distance_m.sd / sd_m, 1.0, 0.1);
    // Where the pack ends it, the wind is not blamed.
    request.weather.wind_growth_mps_per_h = 1.0;
    const Plan calm = planned(request);
    QVERIFY(!turn_of(calm, TurnRule::energy_home).by_wind);
    QVERIFY(!notes(calm, units::DiagnosticCode::no_solution_home));
}

void TurnRulesTest::chargeCountTakesThePilotsFigure() {
    PlanRequest request = sample_request();
    request.turn.landing_charge_ah = 6.4;
    VERIFY_NEAR(turn_of(*make_plan(request), TurnRule::charge_count).charge_used_ah, 3.2, 1e-6);
    request.turn.landing_charge_ah = 40.0;
    QVERIFY(!turn_of(*make_plan(request), TurnRule::charge_count).reached);
}

void TurnRulesTest::wordsGoBothWays() {
    for (const TurnRule turn_rule : all_turn_rules())
        QCOMPARE(turn_rule_from_word(turn_rule_word(turn_rule)), turn_rule);
    QVERIFY(!turn_rule_from_word("gut-feeling").has_value());
}

void TurnRulesTest::chanceAloneTurns() {
    PlanRequest request = sample_request();
    request.turn.counted = {TurnRule::chance};
    const Plan plan = *make_plan(request);
    QVERIFY(plan.turn.has_value());
    QCOMPARE(plan.turn->turn_rule, TurnRule::chance);
    QVERIFY(plan.flight.has_value());
}

void TurnRulesTest::everyTurnRuleExplainsItself() {
    using units::Quantity;
    const Plan plan = *make_plan(sample_request());
    for (const RuleTurn& turn : plan.turn_rules) {
        for (const Quantity q : {Quantity::turn_distance, Quantity::turn_charge, Quantity::landing_share_left}) {
            const auto explanation = explain_turn_rule(plan, turn, q);
            QVERIFY(explanation.has_value());
            QVERIFY(!explanation->inputs.empty());
        }
    }
}

/// A rule that cannot be kept even at launch is not passed over because another one counts beside it.
void TurnRulesTest::aReserveThatNoPackHoldsIsNoTurn() {
    PlanRequest request = tests::sample_request();
    request.reserve = LoiterAtHome{500.0};
    for (const auto& counted :
         {std::vector{TurnRule::energy_home}, std::vector{TurnRule::voltage, TurnRule::energy_home},
          std::vector{TurnRule::share_left, TurnRule::chance},
          std::vector{TurnRule::energy_home, TurnRule::chance}}) {
        request.turn.counted = counted;
        for (const MissionKind kind : {MissionKind::out_and_back, MissionKind::route}) {
            request.mission.kind = kind;
            request.mission.waypoints.clear();
            if (kind == MissionKind::route) request.mission.waypoints = {{{}, {2000.0, 0.0}, {}}};
            const Plan plan = tests::planned(request);
            QVERIFY(!plan.turn && !plan.whole);
            QVERIFY(!check_limits(plan).go);
            QVERIFY(std::any_of(plan.turn_rules.begin(), plan.turn_rules.end(), [](const RuleTurn& turn) {
                return turn.counted && turn.unmet_at_launch && !turn.reached;
            }));
        }
    }
    // Where it does not count it stops nothing.
    request.turn.counted = {TurnRule::voltage};
    request.mission.kind = MissionKind::out_and_back;
    QVERIFY(tests::planned(request).turn);
}

SOBREMESA_TEST(TurnRulesTest)
#include "tst_turn_rules.moc"
