// Packs and sensors from flights: against packs of the simulator and of a published cell model, neither of which
// shares an equation with the estimate. The whole table is docs/learning.md (scripts/learn-table).

#include <QTest>

#include "core/battery/discharge.hpp"
#include "core/learning/everything.hpp"
#include "core/learning/pack_replay.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/drawn_packs.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::learning;

namespace {

/// Five flights of a history, two of them recharged; where it is deep, one of those ends within 5 % of empty.
struct History {
    tests::DrawnPack pack;
    JointQuestion question;
    tests::DrawnFlight next;
    bool deep = false;
};

History history(int number, bool deep, bool recharged = true) {
    std::mt19937_64 random(std::uint64_t(5000 + number));
    History h;
    h.pack = tests::drawn_pack(random);
    h.question.packs = {h.pack.label};
    const bool li_ion = h.pack.label.chemistry == battery::Chemistry::li_ion;
    for (int f = 0; f < 6; ++f) {
        const bool last = f == 5;
        const bool down = deep && f == 3;
        const double at_v = last   ? battery::traits(h.pack.label.chemistry).default_landing_cell_v
                            : down ? (li_ion ? 2.75 : 3.15)
                                   : 0.0;
        const double left = last || down ? 0.02 : 0.15 + 0.3 * double(random() % 100) / 100.0;
        auto flight = tests::drawn_flight(random, h.pack, at_v, left, recharged && (f == 1 || f == 3));
        flight.flight.flight_id = f + 1;
        flight.flight.cycles = f;
        h.deep = h.deep || (flight.flight.recharged_ah && flight.left_share < 0.05);
        if (last)
            h.next = flight;
        else
            h.question.flights.push_back(flight.flight);
    }
    return h;
}

struct Score {
    int n = 0;
    int inside_two = 0;
    int inside_90 = 0;
    double squares = 0.0;
    void add(const units::Estimate& found, double truth) {
        ++n;
        const double z = std::abs(found.value - truth) / found.sd;
        inside_two += z <= 2.0 ? 1 : 0;
        inside_90 += z <= 1.6449 ? 1 : 0;
        squares += std::pow(found.value / truth - 1.0, 2);
    }
    double rms() const { return std::sqrt(squares / n); }
};

/// A wing with that pack, before any of its flights.
EverythingQuestion everything_of(const History& made) {
    EverythingQuestion question;
    question.aircraft.craft = airframe::Craft::wing;
    question.aircraft.mass_kg = 0.9;
    question.aircraft.cruise_airspeed_mps = 15.0;
    question.aircraft.cruise_power_w = made.pack.cruise_w;
    question.all_up_mass_kg = 1.3;
    question.pack = made.pack.label;
    question.landing_cell_v = battery::traits(made.pack.label.chemistry).default_landing_cell_v;
    return question;
}

battery::Pack four_cells() {
    battery::Pack pack;
    pack.series = 4;
    pack.cell_capacity_ah = 3.2;
    pack.mass_kg = 0.21;
    return pack;
}

} // namespace

class JointEstimateTest : public QObject {
    Q_OBJECT
private slots:
    void withoutAFlightItIsTheLabelWithAWideBand();
    void aReplayIsADischarge();
    void whatWasDrawnBeforeTheFirstRowIsGone();
    void fiveFlightsTellThePack();
    void aForeignCellIsToldWithinItsBand();
    void moreFlightsNarrowTheBand();
    void aWornPackIsNoticed();
    void aWrongSensorIsNoticed();
    void aWrongRechargeIsNamedAndLeftOut();
    void chargerReadingsAreEvidenceToo();
    void twoPacksShareTheirSensor();
    void landingsAreForecastFromTheFlightsBefore();
    void howAPackBecameKnown();
    void aFlightThatTellsNothingIsNotCounted();
    void aChargersReadingCountsFromItsDayOn();
    void everythingSaysWhatChanged();
    void whereTheTurnWouldHaveBeen();
    void howGoodForecastsWere();
    void itCanBeStopped();
};

void JointEstimateTest::withoutAFlightItIsTheLabelWithAWideBand() {
    JointQuestion question;
    battery::Pack pack;
    pack.series = 6;
    pack.cell_capacity_ah = 3.0;
    pack.mass_kg = 0.3;
    question.packs = {pack};
    const auto estimate = joint_estimate(question);
    QVERIFY(estimate);
    const auto& known = estimate->packs.front().known;
    VERIFY_NEAR(known.capacity_share.value, 1.0, known.capacity_share.sd);
    QVERIFY(known.capacity_share.sd > 0.06 && known.capacity_share.sd <= 0.08);
    VERIFY_NEAR(known.cell_resistance_ohm.value, battery::cell_resistance_ohm(pack), 1e-6);
    QCOMPARE(known.flights, 0);
    VERIFY_NEAR(estimate->sensors.front().current_gain.value, 1.0, 1e-9);
    VERIFY_NEAR(estimate->sensors.front().current_gain.sd, 0.05, 0.002);
}

void JointEstimateTest::aReplayIsADischarge() {
    // The replay's coarse steps against the integrator's fine ones, both on the program's own circuit.
    const battery::PackModel model(four_cells());
    const double current_a = 6.0;
    PackFlight flight;
    flight.air_temperature_c = 15.0;
    for (int i = 1; i <= 28; ++i) flight.trace.points.push_back({60.0, i * current_a / 60.0, current_a, 14.0});
    const auto run = replay(model, flight, 1.0, 0.0, flight.trace.points.size());
    const auto fine =
        battery::discharge(model, model.atStart(15.0), {{battery::LoadPhase::Kind::current, current_a, 1e9}},
                           {0.0, 1e9, 2000, 0.0}, {15.0, true});
    for (std::size_t k = 0; k < run.cell_v.size(); ++k) {
        const auto there = battery::point_at_time(fine, 60.0 * double(k) + 30.0);
        VERIFY_NEAR(run.cell_v[k], there.voltage_v / 4.0, k == 0 ? 0.012 : 0.004);
    }
    VERIFY_NEAR(run.end.temperature_c, battery::point_at_time(fine, 28 * 60.0).temperature_c, 0.5);
}

void JointEstimateTest::whatWasDrawnBeforeTheFirstRowIsGone() {
    // A log that begins late: its counter already stands at 459 mAh, counted by a sensor that reads 2 % high.
    const battery::PackModel model(four_cells());
    const double current_a = 6.0, before_ah = 0.459, gain = 1.02;
    PackFlight whole;
    whole.air_temperature_c = 15.0;
    for (int i = 1; i <= 10; ++i) whole.trace.points.push_back({60.0, i * current_a / 60.0, current_a, 14.0});
    PackFlight late = whole;
    for (auto& point : late.trace.points) point.charge_ah += before_ah;
    const auto from_full = replay(model, whole, gain, 0.0, whole.trace.points.size());
    const auto from_there = replay(model, late, gain, 0.0, late.trace.points.size());
    VERIFY_NEAR(from_full.end.charge_used_ah, 1.0 / gain, 1e-9);
    VERIFY_NEAR(from_there.end.charge_used_ah, (1.0 + before_ah) / gain, 1e-9);
    QVERIFY(from_there.cell_v.back() < from_full.cell_v.back() - 0.02);
}

void JointEstimateTest::fiveFlightsTellThePack() {
    // A fifth of the table in docs/learning.md. Asked: capacity 2 % where a recharged flight ended within 5 % of
    // empty, else 8 %; resistance 15 %; the truth inside two sd; no sd of a capacity above 0.08. Held here as rms,
    // with the table's own bias on Li-ion cells in it.
    Score deep;
    Score shallow;
    Score ohm;
    Score gain;
    for (int h = 0; h < 60; ++h) {
        const History made = history(h, h % 2 == 0);
        const auto estimate = joint_estimate(made.question);
        QVERIFY(estimate);
        const auto& known = estimate->packs.front().known;
        (made.deep ? deep : shallow).add(known.capacity_share, made.pack.capacity_share);
        QVERIFY2(known.capacity_share.sd <= 0.08, qPrintable(QString::number(h)));
        ohm.add(known.cell_resistance_ohm, made.pack.cell_ohm);
        gain.add(estimate->sensors.front().current_gain, made.pack.current_gain);
        QCOMPARE(known.flights, 5);
        QCOMPARE(known.recharges, 2);
    }
    QVERIFY2(deep.rms() < 0.028, qPrintable(QString::number(deep.rms())));
    QVERIFY2(shallow.rms() < 0.07, qPrintable(QString::number(shallow.rms())));
    QVERIFY2(ohm.rms() < 0.13, qPrintable(QString::number(ohm.rms())));
    QVERIFY2(gain.rms() < 0.013, qPrintable(QString::number(gain.rms())));
    QVERIFY(deep.inside_two + shallow.inside_two >= 56);
    QVERIFY(ohm.inside_two >= 55);
    QVERIFY(gain.inside_two >= 57);
}

void JointEstimateTest::aForeignCellIsToldWithinItsBand() {
    // Its curve lies up to 0.11 V above the program's, nothing of it goes out of reach, and some begin in the cold.
    // A fit once fell into another valley here: 183 % of the label, ± 5 %.
    QVERIFY(std::abs(tests::HighCapacityCell::open_circuit_v(0.0) - 2.50) < 0.01);
    QVERIFY(std::abs(tests::HighCapacityCell::open_circuit_v(1.0) - 4.19) < 0.01);
    Score capacity;
    double worst = 0.0;
    for (int h = 0; h < 40; ++h) {
        std::mt19937_64 random(std::uint64_t(9000 + h));
        const auto pack = tests::drawn_high_capacity_pack(random);
        JointQuestion question;
        question.packs = {pack.label};
        for (int f = 0; f < 4; ++f) {
            const double at_v = f % 2 == 0 ? 2.95 : 3.25;
            auto flight = tests::drawn_flight(random, pack, at_v, 0.02, f == 1 || f == 3);
            flight.flight.flight_id = f + 1;
            flight.flight.cycles = f;
            question.flights.push_back(flight.flight);
        }
        const auto share = joint_estimate(question)->packs.front().known.capacity_share;
        capacity.add(share, pack.capacity_share);
        worst = std::max(worst, std::abs(share.value / pack.capacity_share - 1.0));
    }
    QVERIFY2(worst < 0.12, qPrintable(QString::number(worst)));
    QVERIFY2(capacity.rms() < 0.06, qPrintable(QString::number(capacity.rms())));
    QVERIFY2(capacity.inside_two >= 38, qPrintable(QString::number(capacity.inside_two)));
}

void JointEstimateTest::moreFlightsNarrowTheBand() {
    History made = history(8, true);
    double before = 1.0;
    double usable_before = 1.0;
    for (const int flights : {0, 1, 5}) {
        JointQuestion some = made.question;
        some.flights.resize(std::size_t(flights));
        const auto estimate = joint_estimate(some);
        const auto& known = estimate->packs.front().known;
        QVERIFY(known.capacity_share.sd < before);
        before = known.capacity_share.sd;
        if (flights == 0) continue;
        QVERIFY(known.usable_relative_sd < usable_before);
        usable_before = known.usable_relative_sd;
    }
    QVERIFY(usable_before < 0.03);
}

void JointEstimateTest::aWornPackIsNoticed() {
    // The same pack twice: once as good as its label, once with a quarter gone and twice the resistance.
    std::mt19937_64 random(77);
    auto pack = tests::drawn_pack(random);
    while (pack.kind == tests::DrawnKind::published || pack.label.chemistry != battery::Chemistry::li_ion)
        pack = tests::drawn_pack(random);
    const double new_ohm = pack.cell_ohm;
    pack.label.cell_resistance_ohm = new_ohm;
    for (const bool worn : {false, true}) {
        pack.capacity_share = worn ? 0.75 : 0.99;
        pack.cell_ohm = worn ? 2.0 * new_ohm : new_ohm;
        JointQuestion question;
        question.packs = {pack.label};
        for (int f = 0; f < 4; ++f) {
            auto flight = tests::drawn_flight(random, pack, 3.0, 0.05, f % 2 == 0);
            flight.flight.flight_id = f + 1;
            flight.flight.cycles = f;
            question.flights.push_back(flight.flight);
        }
        const auto known = joint_estimate(question)->packs.front().known;
        const bool less = known.capacity_share.value + 2.0 * known.capacity_share.sd < 0.96;
        QCOMPARE(less, worn);
        QVERIFY(worn ? known.cell_resistance_ohm.value > 1.5 * new_ohm
                     : known.cell_resistance_ohm.value < 1.4 * new_ohm);
    }
}

void JointEstimateTest::aWrongSensorIsNoticed() {
    std::mt19937_64 random(78);
    auto pack = tests::drawn_pack(random);
    pack.current_gain = 1.12;
    JointQuestion question;
    question.packs = {pack.label};
    for (int f = 0; f < 3; ++f) {
        auto flight = tests::drawn_flight(random, pack, 0.0, 0.25, true);
        flight.flight.flight_id = f + 1;
        question.flights.push_back(flight.flight);
    }
    const auto gain = joint_estimate(question)->sensors.front().current_gain;
    VERIFY_NEAR(gain.value, 1.12, 0.025);
    QVERIFY(gain.value - 2.0 * gain.sd > 1.0);
    // The charger's own error is the floor, however often it is asked.
    QVERIFY(gain.sd > 0.012 && gain.sd < 0.03);
}

void JointEstimateTest::aWrongRechargeIsNamedAndLeftOut() {
    History made = history(12, false);
    const auto right = joint_estimate(made.question);
    QVERIFY(right->odd.empty());
    made.question.flights[3].recharged_ah = *made.question.flights[3].recharged_ah * 1.5; // a slip of the pen
    const auto wrong = joint_estimate(made.question);
    QCOMPARE(int(wrong->odd.size()), 1);
    QCOMPARE(wrong->odd.front().flight_id, 4);
    QCOMPARE(std::string(odd_evidence_word(wrong->odd.front().kind)), std::string("recharge"));
    const double apart =
        wrong->packs.front().known.capacity_share.value - right->packs.front().known.capacity_share.value;
    QVERIFY(std::abs(apart) < 2.0 * right->packs.front().known.capacity_share.sd);
    QCOMPARE(wrong->packs.front().known.recharges, 1);
}

void JointEstimateTest::chargerReadingsAreEvidenceToo() {
    battery::Pack pack;
    pack.series = 6;
    pack.parallel = 1;
    pack.cell_capacity_ah = 4.0;
    pack.cell_resistance_ohm = 0.020;
    pack.mass_kg = 0.45;
    JointQuestion question;
    question.packs = {pack};
    battery::HealthReading reading;
    reading.full_recharge_ah = 3.2;
    reading.cell_resistance_ohm = {0.03, 0.031, 0.029, 0.03, 0.03, 0.03};
    question.readings = {{reading, reading, reading}};
    const auto known = joint_estimate(question)->packs.front().known;
    // Down to its landing voltage a pack has given some 94 % of what it holds (common practice, no source).
    VERIFY_NEAR(known.capacity_share.value, 3.2 / 0.94 / 4.0, 0.03);
    QVERIFY(known.cell_resistance_ohm.value > 0.024);
}

void JointEstimateTest::twoPacksShareTheirSensor() {
    // The second pack was never recharged; what the first one's recharges say of the sensor reaches it.
    std::mt19937_64 random(80);
    auto first = tests::drawn_pack(random);
    auto second = tests::drawn_pack(random);
    first.current_gain = second.current_gain = 1.10;
    first.volts_gain = second.volts_gain = 1.0;
    JointQuestion question;
    question.packs = {first.label, second.label};
    for (int f = 0; f < 6; ++f) {
        const auto& pack = f % 2 == 0 ? first : second;
        auto flight = tests::drawn_flight(
            random, pack, pack.label.chemistry == battery::Chemistry::li_ion ? 2.8 : 3.3, 0.03, f % 2 == 0);
        flight.flight.flight_id = f + 1;
        flight.flight.pack = std::size_t(f % 2);
        question.flights.push_back(flight.flight);
    }
    const auto both = joint_estimate(question);
    VERIFY_NEAR(both->sensors.front().current_gain.value, 1.10, 0.03);
    const auto& known = both->packs[1].known.capacity_share;
    VERIFY_NEAR(known.value, second.capacity_share, 2.0 * known.sd + 0.01);
    JointQuestion alone = question;
    std::erase_if(alone.flights, [](const auto& f) { return f.pack == 0; });
    QVERIFY(joint_estimate(alone)->packs[1].known.capacity_share.sd > known.sd);
}

void JointEstimateTest::landingsAreForecastFromTheFlightsBefore() {
    Score score;
    for (int h = 0; h < 60; ++h) {
        const History made = history(h, h % 2 == 0, h % 5 != 4);
        const auto estimate = joint_estimate(made.question);
        const auto forecast = landing_forecast(made.question.packs.front(), estimate->packs.front(),
                                               estimate->sensors.front(), made.next.flight);
        QVERIFY(forecast);
        QCOMPARE(forecast->from_flights, 5);
        score.add({forecast->forecast_ah.value / forecast->flown_ah, forecast->forecast_ah.sd / forecast->flown_ah},
                  1.0);
    }
    // Asked: 3 % rms. The table has 3.0 over 300 histories; a twentieth of them is worse than 6 %.
    QVERIFY2(score.rms() < 0.04, qPrintable(QString::number(score.rms())));
    QVERIFY(score.inside_90 >= 54);
}

void JointEstimateTest::howAPackBecameKnown() {
    const JointQuestion question = history(7, true).question;
    const auto whole = pack_history(question);
    QVERIFY(whole);
    QCOMPARE(whole->known.size(), question.flights.size() + 1);
    // Each stage is what a fit of the flights until then says.
    for (std::size_t n = 0; n < whole->known.size(); ++n) {
        JointQuestion some = question;
        some.flights.resize(n);
        const auto known = joint_estimate(some)->packs.front().known;
        const KnownAfter& stage = whole->known[n];
        QCOMPARE(stage.flights, int(n));
        QCOMPARE(stage.capacity_share.value, known.capacity_share.value);
        QCOMPARE(stage.capacity_share.sd, known.capacity_share.sd);
        QCOMPARE(stage.cell_resistance_ohm.value, known.cell_resistance_ohm.value);
        QCOMPARE(stage.flight_id, n == 0 ? 0 : question.flights[n - 1].flight_id);
        QCOMPARE(stage.recharged, n > 0 && question.flights[n - 1].recharged_ah.has_value());
        QCOMPARE(stage.volts, n > 0);
        QVERIFY(!stage.rested);
    }
    QVERIFY(whole->known.back().capacity_share.sd < 0.7 * whole->known.front().capacity_share.sd);
    // Only the last two of them, each forecast from all before it all the same.
    const auto last = pack_history(question, {}, 2);
    QCOMPARE(last->known.size(), std::size_t(3));
    QCOMPARE(last->known.front().flights, int(question.flights.size()) - 2);
    QCOMPARE(last->landings.size(), std::size_t(2));
    QCOMPARE(last->landings.back().forecast_ah.value, whole->landings.back().forecast_ah.value);
    QCOMPARE(last->landings.back().from_flights, whole->landings.back().from_flights);
}

void JointEstimateTest::aFlightThatTellsNothingIsNotCounted() {
    JointQuestion question = history(3, true).question;
    const auto before = joint_estimate(question);
    const int flown = int(question.flights.size());
    QCOMPARE(before->packs.front().known.flights, flown);
    // Three rows of a log that was begun on the ground; and a number in a notebook, without a recharge.
    PackFlight rows = question.flights.back();
    rows.recharged_ah.reset();
    rows.rested_cell_v.reset();
    rows.trace.points.resize(1);
    rows.trace.points.front().seconds = 15.0;
    PackFlight noted = rows;
    noted.trace = {};
    noted.counted_ah = 1.2;
    question.flights.push_back(rows);
    question.flights.push_back(noted);
    const auto after = joint_estimate(question);
    QCOMPARE(after->packs.front().known.flights, flown);
    QCOMPARE(after->sensors.front().flights, flown);
    // With what the charger put back, the notebook's number tells the sensor's gain: it counts.
    question.flights.back().recharged_ah = 1.25;
    const auto recharged = joint_estimate(question);
    QCOMPARE(recharged->packs.front().known.flights, flown + 1);
    QCOMPARE(recharged->sensors.front().recharges, before->sensors.front().recharges + 1);
}

void JointEstimateTest::aChargersReadingCountsFromItsDayOn() {
    JointQuestion question = history(7, true).question;
    const double rated_ah = battery::rated_charge_ah(question.packs.front());
    // One before the first flight, one between the third and the fourth: the pack is worn.
    question.readings = {{{50.0, 0.0, 0.93 * rated_ah, {}, {}}, {350.0, 3.0, 0.80 * rated_ah, {}, {}}}};
    const auto unplaced = pack_history(question);
    QCOMPARE(unplaced->known.front().readings, 2);
    for (std::size_t f = 0; f < question.flights.size(); ++f)
        question.flights[f].start_clock_s = 100.0 * double(f + 1);
    const auto placed = pack_history(question);
    std::vector<int> readings;
    for (const auto& stage : placed->known) readings.push_back(stage.readings);
    QCOMPARE(readings, (std::vector<int>{1, 0, 0, 1, 0, 0}));
    // What was read later was not known at the first flights …
    JointQuestion first = question;
    first.flights.resize(1);
    first.readings.front().resize(1);
    QCOMPARE(placed->known[1].capacity_share.value,
             joint_estimate(first)->packs.front().known.capacity_share.value);
    QVERIFY(placed->known[1].capacity_share.value > unplaced->known[1].capacity_share.value + 0.01);
    QVERIFY(placed->landings.front().forecast_ah.value > unplaced->landings.front().forecast_ah.value);
    // … and all of it is at the end.
    QCOMPARE(placed->known.back().capacity_share.value, unplaced->known.back().capacity_share.value);
    QCOMPARE(placed->known.back().capacity_share.value,
             joint_estimate(question)->packs.front().known.capacity_share.value);
}

void JointEstimateTest::everythingSaysWhatChanged() {
    const History made = history(10, true);
    EverythingQuestion question = everything_of(made);
    for (const auto& flight : made.question.flights) question.flights.push_back({{}, flight});
    const auto found = learn_everything(question);
    QVERIFY(found);
    QCOMPARE(int(found->test.size()), 5);
    QCOMPARE(found->test.front().from_flights, 0);
    QCOMPARE(found->test.back().from_flights, 4);
    QCOMPARE(quality(part_forecasts(found->test, ForecastPart::landing_charge))->forecasts, 4);
    QVERIFY(found->landing_ah.value > 0.5 * battery::rated_charge_ah(made.pack.label));
    QVERIFY(found->landing_ah.sd < 0.05 * found->landing_ah.value);
    const auto capacity = std::find_if(found->changes.begin(), found->changes.end(),
                                       [](const auto& c) { return c.what == LearnedChange::What::capacity; });
    QVERIFY(capacity != found->changes.end());
    QCOMPARE(capacity->recharges, 2);
    QCOMPARE(capacity->volts, 5);
    QCOMPARE(capacity->level_flights, 0);
    QVERIFY(capacity->after.sd < capacity->before.sd);
    // Each forecast is from those before it alone: a later flight changes none of the earlier ones.
    EverythingQuestion shorter = question;
    shorter.flights.resize(3);
    const auto earlier = learn_everything(shorter);
    for (std::size_t i = 0; i < 3; ++i) {
        VERIFY_NEAR(earlier->test[i].landing_ah->value, found->test[i].landing_ah->value, 1e-9);
        VERIFY_NEAR(earlier->test[i].landing_ah->sd, found->test[i].landing_ah->sd, 1e-9);
    }
}

void JointEstimateTest::whereTheTurnWouldHaveBeen() {
    const History made = history(10, true);
    EverythingQuestion question = everything_of(made);
    for (const auto& flight : made.question.flights) {
        WholeFlight whole{{}, flight, 6000.0};
        whole.observation.flight_id = flight.flight_id;
        whole.observation.all_up_mass_kg = 1.3;
        // On the last day it drew a fifth more.
        const double power_w = (flight.flight_id == 5 ? 1.2 : 1.0) * made.pack.cruise_w;
        whole.observation.level = {{{15.0, 0.2}, {power_w, 0.01 * power_w}, 0.0, 600.0}};
        question.flights.push_back(std::move(whole));
    }
    question.flights.front().farthest_m.reset();
    const auto found = learn_everything(question);
    QVERIFY(found && !found->test.front().turn_m);
    for (std::size_t i = 1; i < 5; ++i) {
        const WholeForecast& row = found->test[i];
        QVERIFY(row.turn_m && row.duration_s);
        QCOMPARE(row.flown_turn_m, 6000.0);
        VERIFY_NEAR(row.turn_m->value / 6000.0, row.duration_s->value / row.flown_duration_s, 1e-12);
        VERIFY_NEAR(row.turn_m->sd / row.turn_m->value, row.duration_s->sd / row.duration_s->value, 1e-12);
    }
    // A fifth more power carries a sixth less far than was forecast, on the charge that was forecast.
    const WholeForecast& last = found->test[4];
    const double charge = last.by_volts ? last.landing_ah->value / last.landing_flown_ah : 1.0;
    VERIFY_NEAR(last.turn_m->value / 6000.0, 1.2 * charge, 0.03);
    // As the page has it: each figure of the flights that have it, and how good they were.
    const auto turns = part_forecasts(found->test, ForecastPart::turn);
    QCOMPARE(turns.size(), std::size_t(4));
    QCOMPARE(turns.back().forecast.value, last.turn_m->value);
    VERIFY_NEAR(turns.back().off(), last.turn_m->value / 6000.0 - 1.0, 1e-12);
    QCOMPARE(part_forecasts(found->test, ForecastPart::duration).size(), std::size_t(5));
    QCOMPARE(explain(turns.back(), ForecastPart::turn, PartFigure::flown).quantity,
             units::Quantity::farthest_from_home);
}

void JointEstimateTest::howGoodForecastsWere() {
    // By hand: errors of 10 %, -10 % and 40 %, the first without a flight before it.
    const std::vector<PartForecast> rows{{1, 0, {150.0, 5.0}, 100.0},
                                         {2, 1, {110.0, 10.0}, 100.0},
                                         {3, 2, {90.0, 20.0}, 100.0},
                                         {4, 3, {140.0, 20.0}, 100.0}};
    const auto found = quality(rows);
    QVERIFY(found);
    QCOMPARE(found->forecasts, 3);
    VERIFY_NEAR(found->bias.value, 0.4 / 3.0, 1e-12);
    VERIFY_NEAR(found->spread, std::sqrt(0.18 / 3.0), 1e-12);
    VERIFY_NEAR(found->bias.sd, std::sqrt(0.18 / 9.0), 1e-12);
    // Off by 1, 0.5 and 2 standard deviations: half is 0.6745, nine tenths 1.6449.
    VERIFY_NEAR(found->inside_50_share, 1.0 / 3.0, 1e-12);
    VERIFY_NEAR(found->inside_90_share, 2.0 / 3.0, 1e-12);
    QCOMPARE(calibration(rows).size(), std::size_t(9));
    VERIFY_NEAR(calibration(rows).back().observed, 2.0 / 3.0, 1e-12);
    QVERIFY(!quality({rows.front()}));
    QCOMPARE(quality({{5, 4, {101.0, 2.0}, 100.0}})->bias.sd, usual_scatter);
    QVERIFY(calibration(std::vector<PartForecast>{rows.front()}).empty());
    const auto why = explain(rows[1], ForecastPart::landing_charge, PartFigure::error);
    QCOMPARE(why.quantity, units::Quantity::forecast_error);
    VERIFY_NEAR(why.value.value, 0.1, 1e-12);
    VERIFY_NEAR(why.value.sd, 0.1, 1e-12);
    QCOMPARE(why.inputs.front().quantity, units::Quantity::counted_charge);
    QCOMPARE(explain(rows[1], ForecastPart::duration, PartFigure::forecast).quantity, units::Quantity::flight_time);
    QCOMPARE(explain(rows[1], ForecastPart::duration, PartFigure::forecast).value.value, 110.0);
    QCOMPARE(explain(rows[3], ForecastPart::turn, PartFigure::from_flights).value.value, 3.0);
    // What was flown, and how often, has happened: no band.
    for (const auto figure : {PartFigure::flown, PartFigure::from_flights})
        QCOMPARE(explain(rows[3], ForecastPart::turn, figure).value.sd, 0.0);
    for (const auto& input : explain(rows[3], ForecastPart::turn, PartFigure::error).inputs)
        QCOMPARE(input.value.sd, 0.0);
}

void JointEstimateTest::itCanBeStopped() {
    std::stop_source stop;
    stop.request_stop();
    QCOMPARE(joint_estimate(history(1, false).question, stop.get_token()).error().code,
             units::ErrorCode::cancelled);
}

SOBREMESA_TEST(JointEstimateTest)
#include "tst_joint_estimate.moc"
