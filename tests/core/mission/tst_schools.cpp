#include <QTest>

#include "core/mission/explain.hpp"
#include "core/mission/plan.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::sample_request;

namespace {

SchoolTurn turn_of(const Plan& plan, School school) {
    for (const SchoolTurn& turn : plan.schools) {
        if (turn.school == school) return turn;
    }
    qFatal("school is missing");
}

} // namespace

class SchoolsTest : public QObject {
    Q_OBJECT
private slots:
    void eachSchoolTurnsAtItsOwnCharge();
    void schoolsStandSortedByDistance();
    void earliestOfThoseThatCountIsTheTurn();
    void schoolsThatTurnTooLateAreFlagged();
    void chargeCountTakesThePilotsFigure();
    void wordsGoBothWays();
    void chanceAloneTurns();
    void everySchoolExplainsItself();
};

void SchoolsTest::eachSchoolTurnsAtItsOwnCharge() {
    const Plan plan = *make_plan(sample_request());
    const double usable_ah = plan.usable_charge_ah.value;
    VERIFY_NEAR(turn_of(plan, School::share_left).charge_used_ah, 0.4 * usable_ah, 1e-6);
    // Common practice, the 80 % rule: 9.0 Ah rated → 7.2 usable → turn at 3.6.
    VERIFY_NEAR(turn_of(plan, School::eighty_percent).charge_used_ah, 3.6, 1e-6);
    VERIFY_NEAR(turn_of(plan, School::charge_count).charge_used_ah, 0.5 * usable_ah, 1e-6);
    VERIFY_NEAR(turn_of(plan, School::voltage).charge_used_ah, 0.5 * usable_ah, 1e-6);
    const double shown_v = turn_of(plan, School::voltage).cell_voltage_v;
    const double expected_v = battery::point_at_charge(plan.conditions.cruise, 0.5 * usable_ah).voltage_v / 4.0;
    VERIFY_NEAR(shown_v, expected_v, 1e-3);
}

void SchoolsTest::schoolsStandSortedByDistance() {
    const Plan plan = *make_plan(sample_request());
    QCOMPARE(plan.schools.size(), std::size_t(6));
    for (std::size_t i = 1; i < plan.schools.size(); ++i) {
        QVERIFY(plan.schools[i].distance_m >= plan.schools[i - 1].distance_m);
    }
}

void SchoolsTest::earliestOfThoseThatCountIsTheTurn() {
    PlanRequest request = sample_request();
    request.turn.counted = {School::energy_home, School::share_left, School::voltage};
    const Plan plan = *make_plan(request);
    double earliest_m = 1e9;
    for (const School school : request.turn.counted) {
        earliest_m = std::min(earliest_m, turn_of(plan, school).distance_m);
    }
    VERIFY_NEAR(plan.turn->distance_m.value, earliest_m, 1e-9);
    QVERIFY(turn_of(plan, School::voltage).counted);
    QVERIFY(!turn_of(plan, School::eighty_percent).counted);
}

void SchoolsTest::schoolsThatTurnTooLateAreFlagged() {
    // Out with the tail wind: a share of the pack is fatal, only the energy rule knows.
    PlanRequest request = sample_request();
    request.weather.wind = {7.0, 85.0};
    request.turn.counted = {School::share_left};
    const Plan plan = *make_plan(request);
    QVERIFY(turn_of(plan, School::share_left).too_late);
    QVERIFY(!turn_of(plan, School::energy_home).too_late);
    QVERIFY(turn_of(plan, School::share_left).landing_left_wh < 0.0);
    QCOMPARE(plan.turn->school, School::share_left);
    QVERIFY(std::any_of(plan.diagnostics.begin(), plan.diagnostics.end(),
                        [](const auto& n) { return n.code == units::DiagnosticCode::school_turns_too_late; }));
    // Out into the wind it is merely cautious.
    request.weather.wind = {7.0, 265.0};
    QVERIFY(!turn_of(*make_plan(request), School::share_left).too_late);
}

void SchoolsTest::chargeCountTakesThePilotsFigure() {
    PlanRequest request = sample_request();
    request.turn.landing_charge_ah = 6.4;
    VERIFY_NEAR(turn_of(*make_plan(request), School::charge_count).charge_used_ah, 3.2, 1e-6);
    request.turn.landing_charge_ah = 40.0;
    QVERIFY(!turn_of(*make_plan(request), School::charge_count).reached);
}

void SchoolsTest::wordsGoBothWays() {
    for (const School school : all_schools()) QCOMPARE(school_from_word(school_word(school)), school);
    QVERIFY(!school_from_word("gut-feeling").has_value());
}

void SchoolsTest::chanceAloneTurns() {
    PlanRequest request = sample_request();
    request.turn.counted = {School::chance};
    const Plan plan = *make_plan(request);
    QVERIFY(plan.turn.has_value());
    QCOMPARE(plan.turn->school, School::chance);
    QVERIFY(plan.flight.has_value());
}

void SchoolsTest::everySchoolExplainsItself() {
    using units::Quantity;
    const Plan plan = *make_plan(sample_request());
    for (const SchoolTurn& turn : plan.schools) {
        for (const Quantity q : {Quantity::turn_distance, Quantity::turn_charge, Quantity::landing_share_left}) {
            const auto explanation = explain_school(plan, turn, q);
            QVERIFY(explanation.has_value());
            QVERIFY(!explanation->inputs.empty());
        }
    }
}

SOBREMESA_TEST(SchoolsTest)
#include "tst_schools.moc"
