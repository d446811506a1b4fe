#include <QTest>

#include "core/mission/explain.hpp"
#include "core/mission/make_plan.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"
#include "io/plan_document.hpp"
#include "support/made_log.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"
#include "wording/explanations.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"
#include "wording/plans.hpp"
#include "wording/sentences.hpp"
#include "wording/watch.hpp"

using namespace sobremesa;
using namespace sobremesa::wording;
using units::Estimate;
using units::Quantity;

namespace {

/// Narrow spaces as plain ones, so that expectations can be typed.
QString plain(QString text) {
    return text.replace(QChar(0x202F), QLatin1Char(' '));
}

} // namespace

class WordingTest : public QObject {
    Q_OBJECT
private slots:
    void digitsFollowTheError_data();
    void digitsFollowTheError();
    void durationsReadLikeSpeech();
    void unitsFollowTheChoice();
    void everyErrorAndDiagnosticHasWords();
    void errorsNameTheirPlace();
    void planSentenceHoldsTheFiguresOfThePlan();
    void planWithoutTurnSaysWhy();
    void debriefSentenceTakesWhatThereIs();
    void changesNameTheirCause();
    void explanationsAreWhole();
    void limitsThatAreOffSaySo();
    void aWindThatGrowsIsSaidToGrow();
    void aWindNamesItsHeightAndGusts();
    void momentsReadLikeAStopwatch();
    void landingPlacesWithoutANameAreNotHome();
};

void WordingTest::digitsFollowTheError_data() {
    QTest::addColumn<double>("value");
    QTest::addColumn<double>("sd");
    QTest::addColumn<QString>("text");
    QTest::addColumn<QString>("error");
    QTest::newRow("exact") << 12.3456 << 0.0 << "12.3 Wh"
                           << "";
    QTest::newRow("sure to a tenth") << 12.3456 << 0.4 << "12.3 Wh"
                                     << "± 0.4";
    QTest::newRow("two figures of an error that begins with one") << 12.3456 << 1.26 << "12.3 Wh"
                                                                  << "± 1.3";
    QTest::newRow("sure to a few") << 82.3456 << 4.2 << "82 Wh"
                                   << "± 4";
    QTest::newRow("sure to tens") << 2743.0 << 60.0 << "2 740 Wh"
                                  << "± 60";
    QTest::newRow("never more than one digit beyond the usual") << 12.3456 << 0.0004 << "12.35 Wh"
                                                                << "";
    QTest::newRow("negative") << -1234.5 << 0.0 << QStringLiteral("\u22121 234.5 Wh") << "";
    QTest::newRow("no minus zero") << -0.01 << 0.0 << "0.0 Wh"
                                   << "";
    QTest::newRow("no number") << std::nan("") << 0.0 << QStringLiteral("–") << "";
}

void WordingTest::digitsFollowTheError() {
    QFETCH(double, value);
    QFETCH(double, sd);
    QFETCH(QString, text);
    QFETCH(QString, error);
    const Quantities q;
    QCOMPARE(plain(q.text(Quantity::usable_energy, {value, sd})), text);
    QCOMPARE(plain(q.error_text(Quantity::usable_energy, {value, sd})), error);
}

void WordingTest::durationsReadLikeSpeech() {
    const Quantities q;
    QCOMPARE(plain(q.duration(45.0)), QStringLiteral("45 s"));
    QCOMPARE(plain(q.duration(58.0 * 60.0)), QStringLiteral("58 min"));
    QCOMPARE(plain(q.duration(102.0 * 60.0)), QStringLiteral("1 h 42 min"));
    QCOMPARE(plain(q.duration(119.4)), QStringLiteral("119 s"));
    QCOMPARE(plain(q.duration(119.6)), QStringLiteral("2 min"));
    QCOMPARE(q.duration(std::nan("")), QStringLiteral("–"));
    // A leg is timed to the second where whole minutes would be far from it.
    QCOMPARE(plain(q.legTime(105.0)), QStringLiteral("105 s"));
    QCOMPARE(plain(q.legTime(119.6)), QStringLiteral("2 min"));
    QCOMPARE(plain(q.legTime(149.0)), QStringLiteral("2 min 29 s"));
    QCOMPARE(plain(q.legTime(599.4)), QStringLiteral("9 min 59 s"));
    QCOMPARE(plain(q.legTime(599.6)), QStringLiteral("10 min"));
    QCOMPARE(q.legTime(std::nan("")), QStringLiteral("–"));
    // What has to be done by then is never said to be later than it is.
    QCOMPARE(plain(q.timeLeft(179.9)), QStringLiteral("2 min"));
    QCOMPARE(plain(q.timeLeft(119.9)), QStringLiteral("119 s"));
    QCOMPARE(plain(q.timeLeft(0.9)), QStringLiteral("0 s"));
    QCOMPARE(plain(q.timeLeft(101.0 * 60.0 + 59.0)), QStringLiteral("1 h 41 min"));
    QCOMPARE(q.timeLeft(std::nan("")), QStringLiteral("–"));
    QCOMPARE(q.timer(751.9), QStringLiteral("12:31"));
    QCOMPARE(q.timer(59.0), QStringLiteral("0:59"));
    QCOMPARE(q.timer(3751.0), QStringLiteral("1:02:31"));
    QCOMPARE(q.timer(std::nan("")), QStringLiteral("–"));
}

void WordingTest::unitsFollowTheChoice() {
    UnitChoice choice;
    choice.distance = UnitChoice::Distance::miles;
    choice.speed = UnitChoice::Speed::knots;
    choice.height = UnitChoice::Height::feet;
    const Quantities q(choice);
    QCOMPARE(plain(q.distance(16093.44)), QStringLiteral("10.0 mi"));
    QCOMPARE(plain(q.speed(10.0)), QStringLiteral("19 kn"));
    QCOMPARE(plain(q.height(120.0)), QStringLiteral("394 ft"));
    QCOMPARE(plain(Quantities().charge(2.743)), QStringLiteral("2 740 mAh"));
    QCOMPARE(plain(Quantities().direction(359.7)), QStringLiteral("0°"));
    QCOMPARE(compass_word(-10.0), QStringLiteral("north"));
    QCOMPARE(compass_word(250.0), QStringLiteral("west"));
}

void WordingTest::everyErrorAndDiagnosticHasWords() {
    for (int code = 0; code <= int(units::ErrorCode::cancelled); ++code) {
        const QString text = message(units::Error{units::ErrorCode(code), {}, {}});
        QVERIFY2(text.size() > 15 && text.endsWith(QLatin1Char('.')), qPrintable(QString::number(code)));
    }
    for (int code = 0; code <= int(units::DiagnosticCode::counter_only); ++code) {
        const units::Diagnostic diagnostic{units::DiagnosticCode(code), units::Severity::note, {}};
        QVERIFY(message(diagnostic, Quantities()).size() > 10);
        QVERIFY(qstrcmp(units::diagnostic_word(diagnostic.code), "unknown") != 0);
    }
}

void WordingTest::errorsNameTheirPlace() {
    units::Error error{
        units::ErrorCode::value_out_of_range, {}, {{"value", -1.25}, {"least", 0.02}, {"most", 150.0}}};
    error.where.file = "/home/pilot/plan.json";
    error.where.field = "aircraft.mass_kg";
    QCOMPARE(message(error),
             QStringLiteral("plan.json, “aircraft.mass_kg”: -1.25 is not possible there; it must be 0.02 to 150."));
    units::Where where;
    where.line = 12;
    where.column = 3;
    QCOMPARE(place(where), QStringLiteral("line 12, column 3"));
}

void WordingTest::planSentenceHoldsTheFiguresOfThePlan() {
    const auto plan = *mission::make_plan(tests::sample_request());
    const Quantities q;
    const QString sentence = plan_sentence(plan, q);
    QVERIFY(sentence.contains(q.distance(plan.turn->distance_m.value)));
    QVERIFY(sentence.contains(q.charge(plan.turn->charge_used_ah.value)));
    QVERIFY(sentence.contains(q.duration(plan.flight->duration_s.value)));
    QVERIFY(!without_markup(sentence).contains(QLatin1Char('<')));
    QVERIFY(what_moves_it(plan, q).contains(QStringLiteral("→")));
    QVERIFY(homeward_summary(plan, q).contains(q.distance(plan.turn->distance_m.value)));
    QVERIFY(map_summary(plan, q).contains(q.direction(265.0)));
}

void WordingTest::planWithoutTurnSaysWhy() {
    auto request = tests::sample_request();
    request.weather.wind = {20.0, 265.0};
    const auto plan = *mission::make_plan(request);
    QVERIFY(plan_sentence(plan, Quantities()).startsWith(QStringLiteral("This bearing cannot be flown")));
    request = tests::sample_request();
    request.turn.counted = {mission::TurnRule::share_left};
    request.weather.wind = {9.0, 85.0};
    QVERIFY(
        plan_sentence(*mission::make_plan(request), Quantities()).contains(QStringLiteral("does not get home")));
}

void WordingTest::debriefSentenceTakesWhatThereIs() {
    using telemetry::Channel;
    const auto sentence = [](telemetry::FlightLog raw, double usable_ah) {
        const auto summary = *telemetry::summarise(*telemetry::clean(tests::shared(std::move(raw))));
        return plain(
            without_markup(debrief_sentence(summary, telemetry::left_by_charge(summary, usable_ah), Quantities())));
    };
    QVERIFY(sentence(tests::made_log(), 2.0).startsWith(QStringLiteral("5.9")));
    QVERIFY(sentence(tests::made_log(), 2.0).contains(QStringLiteral("remained")));
    QVERIFY(sentence(tests::made_log(), 0.5).contains(QStringLiteral("Is it the right pack?")));
    auto no_current = tests::made_log();
    no_current[Channel::current_a].clear();
    no_current[Channel::charge_ah].clear();
    QVERIFY(!sentence(no_current, 2.0).contains(QStringLiteral("Wh")));
    auto nothing = no_current;
    nothing[Channel::latitude_deg].clear();
    QVERIFY(sentence(nothing, 2.0).startsWith(QStringLiteral("6")));
    QVERIFY(!sentence(nothing, 2.0).contains(QStringLiteral("farther")));
    nothing[Channel::ground_speed_mps].clear();
    QVERIFY(sentence(nothing, 2.0).contains(QStringLiteral("without position and current")));
}

void WordingTest::changesNameTheirCause() {
    const auto before = *mission::make_plan(tests::sample_request());
    auto request = tests::sample_request();
    request.weather.wind.speed_mps = 6.0;
    const auto after = *mission::make_plan(request);
    const QString text = plain(what_changed(before, after, Quantities()));
    QVERIFY(text.startsWith(QStringLiteral("turn ")));
    QVERIFY(text.contains(QStringLiteral("wind aloft +2.0 m/s")));
    QCOMPARE(what_changed(before, before, Quantities()), QString());
}

void WordingTest::explanationsAreWhole() {
    const auto plan = *mission::make_plan(tests::sample_request());
    const auto text = explanation_text(*mission::explain(plan, Quantity::turn_distance), Quantities());
    QVERIFY(!text.title.isEmpty() && !text.value.isEmpty() && !text.relation.isEmpty() && !text.source.isEmpty());
    QVERIFY(text.inputs.size() >= 3 && text.sensitivities.size() >= 5);
    QVERIFY(plain_text(text).contains(text.relation));
    for (int relation = 0; relation <= int(units::Relation::usable_less_counted); ++relation) {
        const units::Explanation bare{Quantity::turn_distance,   {}, {}, units::Relation(relation),
                                      units::Source::log_itself, {}};
        QVERIFY(!explanation_text(bare, Quantities()).relation.isEmpty());
    }
    for (int q = 0; q <= int(Quantity::left_share); ++q) {
        QVERIFY2(!name(Quantity(q)).isEmpty(), qPrintable(QString::number(q)));
    }
}

void WordingTest::limitsThatAreOffSaySo() {
    const Quantities q;
    mission::LimitCheck cutoff;
    cutoff.kind = mission::LimitKind::controller_cutoff;
    cutoff.quantity = units::Quantity::lowest_cell_voltage;
    cutoff.verdict = mission::Verdict::kept;
    cutoff.worst = 3.35;
    cutoff.limit = 0.0;
    QCOMPARE(limit_figure(cutoff, q), QStringLiteral("off"));
    cutoff.limit = 3.3;
    QVERIFY(limit_figure(cutoff, q).startsWith(QStringLiteral("3.30")));
    cutoff.verdict = mission::Verdict::unknown;
    QCOMPARE(limit_figure(cutoff, q), QStringLiteral("–"));
    // Nought is off for the cutoff alone.
    mission::LimitCheck cold;
    cold.kind = mission::LimitKind::pack_cold;
    cold.quantity = units::Quantity::temperature;
    cold.verdict = mission::Verdict::kept;
    QVERIFY(limit_figure(cold, q) != QStringLiteral("off"));
}

void WordingTest::landingPlacesWithoutANameAreNotHome() {
    const Quantities q;
    mission::BailOut way;
    way.reachable = true;
    QVERIFY(bail_out_sentence(way, q).startsWith(QStringLiteral("landing place:")));
    way.name = "Meadow";
    QVERIFY(bail_out_sentence(way, q).startsWith(QStringLiteral("Meadow:")));
    way = {};
    way.home = true;
    QVERIFY(bail_out_sentence(way, q).startsWith(QStringLiteral("home:")));
    mission::BailOutReach reach;
    reach.looked_at_m = 10000.0;
    QVERIFY(within_reach(reach, q).contains(QStringLiteral("never")));
    reach.parts = {{0.0, 10000.0}};
    QVERIFY(within_reach(reach, q).contains(QStringLiteral("all the way outbound")));
    reach.parts = {{0.0, 4000.0}, {7000.0, 10000.0}};
    const QString parts = within_reach(reach, q);
    QVERIFY2(parts.contains(QStringLiteral("up to")) && parts.contains(QStringLiteral("and from")),
             qPrintable(parts));
}

void WordingTest::aWindThatGrowsIsSaidToGrow() {
    const auto plan = *mission::make_plan(tests::sample_request());
    watch::LiveAnswer answer;
    answer.state = watch::FlightState::outbound;
    answer.now.highest_v = 16.4;
    answer.margin_wh = units::Estimate{-50.0, 3.0};
    answer.wind_allows = false;
    answer.wind.speed_mps = 5.4;
    answer.wind.from_deg = 262.0;
    answer.wind.airspeed_mps = {15.5, 0.5};
    const auto sentence = [&] {
        return wording::without_markup(wording::watch_sentence(answer, plan, wording::Quantities()));
    };
    QVERIFY2(sentence().contains(QStringLiteral("airspeed")), qPrintable(sentence()));
    answer.wind.growth_mps_per_h = {6.2, 1.0};
    QVERIFY2(sentence().contains(QStringLiteral("growing by")), qPrintable(sentence()));
}

void WordingTest::aWindNamesItsHeightAndGusts() {
    mission::PlanRequest request;
    request.weather.wind = {7.0, 240.0};
    const Quantities q;
    const auto said = [&] { return plain(wind_text(request, q)); };
    QCOMPARE(said(), QStringLiteral("7.0 m/s from 240°"));
    request.weather.wind_height_m = 10.0;
    QCOMPARE(said(), QStringLiteral("7.0 m/s from 240° at 10 m"));
    // What is said is above the mean; what is read is the gust itself.
    request.weather.gust_mps = 4.5;
    QCOMPARE(said(), QStringLiteral("7.0 m/s gusting 11.5 m/s from 240° at 10 m"));
    request.weather.wind_height_m.reset();
    QCOMPARE(said(), QStringLiteral("7.0 m/s gusting 11.5 m/s from 240°"));
    // Winds by height: the one at mission height, which has a height of its own.
    request.weather.wind_height_m = 10.0;
    request.weather.gust_mps.reset();
    request.weather.wind_table = {{10.0, {4.0, 240.0}}, {200.0, {8.0, 240.0}}};
    request.mission.height_m = 200.0;
    QCOMPARE(said(), QStringLiteral("8.0 m/s from 240°"));
}

void WordingTest::momentsReadLikeAStopwatch() {
    QCOMPARE(wording::stopwatch_text(0.0), QStringLiteral("0:00"));
    QCOMPARE(wording::stopwatch_text(59.6), QStringLiteral("1:00"));
    QCOMPARE(wording::stopwatch_text(1325.0), QStringLiteral("22:05"));
    QCOMPARE(wording::stopwatch_text(3725.0), QStringLiteral("1:02:05"));
}

SOBREMESA_TEST(WordingTest)
#include "tst_wording.moc"
