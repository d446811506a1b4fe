// Cleaning beyond single rows: sensors that stick or run out of range, counters that start again, heights that
// drift apart, coordinates in each other's column, several flights in one file.

#include <QTest>

#include "core/telemetry/clean_log.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/min_max_pyramid.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

#include <random>

using namespace sobremesa;
using telemetry::Channel;
using telemetry::CleanLog;
using telemetry::SetAsideReason;
using units::DiagnosticCode;

namespace {

/// Ten minutes at ten rows a second in which every reading wanders as real ones do.
telemetry::FlightLog lively_log() {
    telemetry::FlightLog log;
    log.name = "lively.csv";
    std::mt19937 random{7};
    std::normal_distribution<double> noise;
    for (int i = 0; i < 6000; ++i) {
        const double t = 0.1 * i;
        const auto place = geodesy::destination(tests::made_home, 250.0, 12.0 * std::min(t, 600.0 - t));
        log[Channel::time_s].push_back(t);
        log[Channel::latitude_deg].push_back(place->latitude_deg);
        log[Channel::longitude_deg].push_back(place->longitude_deg);
        log[Channel::ground_speed_mps].push_back(12.0 + 0.3 * noise(random));
        log[Channel::height_m].push_back(80.0 + noise(random));
        log[Channel::gps_height_m].push_back(412.0 + 80.0 + 2.0 * noise(random));
        log[Channel::voltage_v].push_back(16.0 - 0.002 * t + 0.02 * noise(random));
        log[Channel::current_a].push_back(5.0 + 0.4 * noise(random));
        log[Channel::charge_ah].push_back(5.0 * t / 3600.0);
        log[Channel::satellites].push_back(14.0);
        log.lines.push_back(std::uint32_t(i + 2));
    }
    log.rows_met = 6000;
    return log;
}

/// Nothing but the sensor itself tells whether it flies.
void take_places_out_of(telemetry::FlightLog& log) {
    for (const Channel other : {Channel::latitude_deg, Channel::longitude_deg, Channel::ground_speed_mps,
                                Channel::charge_ah, Channel::satellites, Channel::gps_height_m})
        log[other].clear();
}

CleanLog cleaned(telemetry::FlightLog log, const telemetry::CleaningRules& rules = {}) {
    auto clean = telemetry::clean(tests::shared(std::move(log)), rules);
    if (!clean) qFatal("refused with error %d", int(clean.error().code));
    return *clean;
}

std::size_t rows_for(const CleanLog& log, SetAsideReason reason) {
    for (const auto& entry : log.set_aside) {
        if (entry.reason == reason) return entry.rows;
    }
    return 0;
}

bool says(const CleanLog& log, DiagnosticCode code) {
    return std::any_of(log.diagnostics.begin(), log.diagnostics.end(),
                       [&](const auto& n) { return n.code == code; });
}

} // namespace

class SensorFaultsTest : public QObject {
    Q_OBJECT
private slots:
    void aLivelyLogHasNone();
    void aStuckSensorIsLeftOut_data();
    void aStuckSensorIsLeftOut();
    void coarseStepsAreNotStuck();
    void standingOnTheGroundIsNotStuck();
    void standingOnTheGroundIsNotStuckWhereNothingElseTellsIt_data();
    void standingOnTheGroundIsNotStuckWhereNothingElseTellsIt();
    void landedOnTheWayItIsNotStuck();
    void aCurrentThatDiesInFlightIsStuckAllTheSame();
    void aStuckCurrentDoesNotCount();
    void aSensorAtTheEndOfItsRangeIsSaid();
    void aCounterThatStartsAgainIsListedAndBridged();
    void barometerAndGpsDriftingApart();
    void fewSatellitesAreAReasonOfTheirOwn();
    void swappedCoordinates_data();
    void swappedCoordinates();
    void flightsOfOneFile_data();
    void flightsOfOneFile();
    void aFlightThatIsNotThereIsRefused();
    void aGlitchOfTheClockIsNoNewFlight();
    void placesLeadToTheirTime();
    void pyramidFindsTheExtremes();
    void aDrawnLineKeepsPeaksAndGaps();
    void aDrawnLineSkipsWhatIsMissing();
    void classesHaveRoundBounds();
    void smoothingTakesJitterOff();
};

void SensorFaultsTest::aLivelyLogHasNone() {
    const CleanLog log = cleaned(lively_log());
    QVERIFY(log.set_aside.empty());
    QVERIFY(log.diagnostics.empty());
    QVERIFY(log.doubtful.empty());
    QCOMPARE(log.parts.size(), std::size_t(1));
}

void SensorFaultsTest::aStuckSensorIsLeftOut_data() {
    QTest::addColumn<int>("channel");
    for (const Channel channel :
         {Channel::voltage_v, Channel::height_m, Channel::current_a, Channel::ground_speed_mps})
        QTest::newRow(telemetry::channel_word(channel)) << int(channel);
}

void SensorFaultsTest::aStuckSensorIsLeftOut() {
    QFETCH(int, channel);
    auto raw = lively_log();
    auto& column = raw[Channel(channel)];
    for (std::size_t i = 2001; i < 3000; ++i) column[i] = column[2000];
    const CleanLog log = cleaned(std::move(raw));
    // The first of the run was a true reading.
    QCOMPARE(rows_for(log, SetAsideReason::stuck_sensor), std::size_t(999));
    QVERIFY(says(log, DiagnosticCode::sensor_stuck));
    QVERIFY(std::isfinite(log.value(Channel(channel), 2000)));
    QVERIFY(std::isnan(log.value(Channel(channel), 2500)));
    // Raw values stay, other readings of the same rows take part.
    QVERIFY(std::isfinite((*log.raw)[Channel(channel)][2500]));
    QVERIFY(std::isfinite(log.value(Channel::charge_ah, 2500)));
    QVERIFY(std::isfinite(log.value(Channel(channel), 3500)));
}

void SensorFaultsTest::coarseStepsAreNotStuck() {
    auto raw = lively_log();
    // Volts to a tenth: each value lasts for most of a minute.
    for (double& v : raw[Channel::voltage_v]) v = std::round(v * 10.0) / 10.0;
    std::sort(raw[Channel::voltage_v].begin(), raw[Channel::voltage_v].end(), std::greater<>());
    const CleanLog log = cleaned(std::move(raw));
    QCOMPARE(rows_for(log, SetAsideReason::stuck_sensor), std::size_t(0));
}

void SensorFaultsTest::standingOnTheGroundIsNotStuck() {
    auto raw = lively_log();
    for (std::size_t i = 0; i < 1200; ++i) {
        raw[Channel::ground_speed_mps][i] = 0.0;
        raw[Channel::latitude_deg][i] = raw[Channel::latitude_deg][1200];
        raw[Channel::longitude_deg][i] = raw[Channel::longitude_deg][1200];
        raw[Channel::height_m][i] = 0.0;
    }
    const CleanLog log = cleaned(std::move(raw));
    QCOMPARE(rows_for(log, SetAsideReason::stuck_sensor), std::size_t(0));
}

void SensorFaultsTest::standingOnTheGroundIsNotStuckWhereNothingElseTellsIt_data() {
    QTest::addColumn<int>("channel");
    QTest::addColumn<double>("at_rest");
    QTest::newRow("a motor at rest") << int(Channel::current_a) << 0.4;
    QTest::newRow("a pack at rest") << int(Channel::voltage_v) << 16.6;
}

/// A log of one sensor: it reads one value before the launch and after the landing.
void SensorFaultsTest::standingOnTheGroundIsNotStuckWhereNothingElseTellsIt() {
    QFETCH(int, channel);
    QFETCH(double, at_rest);
    auto raw = lively_log();
    take_places_out_of(raw);
    raw[channel == int(Channel::current_a) ? Channel::voltage_v : Channel::current_a].clear();
    auto& readings = raw[Channel(channel)];
    std::fill(readings.begin(), readings.begin() + 300, at_rest);
    std::fill(readings.end() - 300, readings.end(), at_rest);
    QCOMPARE(rows_for(cleaned(raw), SetAsideReason::stuck_sensor), std::size_t(0));
    // Most of the log was spent waiting.
    auto waited = raw;
    auto& long_rest = waited[Channel(channel)];
    std::fill(long_rest.begin(), long_rest.begin() + 4000, at_rest);
    QCOMPARE(rows_for(cleaned(waited), SetAsideReason::stuck_sensor), std::size_t(0));
    // In the middle of the flight it would be.
    std::fill(readings.begin() + 3001, readings.begin() + 3300, readings[3000]);
    QCOMPARE(rows_for(cleaned(raw), SetAsideReason::stuck_sensor), std::size_t(299));
}

/// Places tell that it stands, where no speed was written.
void SensorFaultsTest::landedOnTheWayItIsNotStuck() {
    auto raw = lively_log();
    raw[Channel::ground_speed_mps].clear();
    raw[Channel::charge_ah].clear();
    for (std::size_t i = 2000; i < 3000; ++i) {
        raw[Channel::latitude_deg][i] = raw[Channel::latitude_deg][2000];
        raw[Channel::longitude_deg][i] = raw[Channel::longitude_deg][2000];
        raw[Channel::current_a][i] = 0.3;
    }
    const CleanLog log = cleaned(std::move(raw));
    QCOMPARE(rows_for(log, SetAsideReason::stuck_sensor), std::size_t(0));
}

/// Neither speed nor place: from minute six on the sensor reads nothing, and the volts sag as before.
void SensorFaultsTest::aCurrentThatDiesInFlightIsStuckAllTheSame() {
    auto raw = lively_log();
    take_places_out_of(raw);
    auto& amps = raw[Channel::current_a];
    for (std::size_t i = 0; i < amps.size(); ++i) raw[Channel::voltage_v][i] += 0.25 - 0.05 * amps[i];
    std::fill(amps.begin() + 3600, amps.end(), 0.2);
    QCOMPARE(rows_for(cleaned(raw), SetAsideReason::stuck_sensor), std::size_t(2399));
    // On the ground the pack is relieved.
    for (std::size_t i = 3600; i < amps.size(); ++i) raw[Channel::voltage_v][i] = 15.53;
    QCOMPARE(rows_for(cleaned(raw), SetAsideReason::stuck_sensor), std::size_t(0));
}

void SensorFaultsTest::aStuckCurrentDoesNotCount() {
    auto raw = lively_log();
    for (std::size_t i = 2001; i < 3000; ++i) raw[Channel::current_a][i] = raw[Channel::current_a][2000];
    raw[Channel::current_a][2000] = 30.0;
    for (std::size_t i = 2001; i < 3000; ++i) raw[Channel::current_a][i] = 30.0;
    const CleanLog log = cleaned(std::move(raw));
    const auto summary = telemetry::summarise(log);
    QVERIFY(summary.has_value());
    // A hundred seconds of 30 A would be 0.8 Ah; 5 A the rest of the time are 0.7, and across the hole nothing is
    // believed but that the readings at its ends hold.
    QVERIFY(summary->energy.charge_ah->value < 1.4);
}

void SensorFaultsTest::aSensorAtTheEndOfItsRangeIsSaid() {
    auto raw = lively_log();
    for (std::size_t i = 1000; i < 1100; ++i) raw[Channel::current_a][i] = 40.0;
    for (std::size_t i = 2000; i < 2060; ++i) raw[Channel::current_a][i] = 40.0;
    const CleanLog log = cleaned(std::move(raw));
    QCOMPARE(rows_for(log, SetAsideReason::saturated_sensor), std::size_t(160));
    QVERIFY(says(log, DiagnosticCode::sensor_saturated));
    // The least that was drawn still counts.
    QCOMPARE(log.value(Channel::current_a, 1050), 40.0);
    QCOMPARE(log.rows_set_aside, std::size_t(0));
    QVERIFY(telemetry::takes_part(SetAsideReason::saturated_sensor));
}

void SensorFaultsTest::aCounterThatStartsAgainIsListedAndBridged() {
    auto raw = lively_log();
    const double lost = raw[Channel::charge_ah][3000];
    for (std::size_t i = 3000; i < 6000; ++i) raw[Channel::charge_ah][i] -= lost;
    const CleanLog log = cleaned(std::move(raw));
    QCOMPARE(rows_for(log, SetAsideReason::counter_reset), std::size_t(1));
    QCOMPARE(log.set_aside.front().first_row, std::int64_t(3002));
    const auto summary = telemetry::summarise(log);
    VERIFY_NEAR(*summary->energy.counter_ah, 5.0 * 599.9 / 3600.0, 2e-4);
}

void SensorFaultsTest::barometerAndGpsDriftingApart() {
    auto raw = lively_log();
    for (std::size_t i = 3000; i < 6000; ++i) raw[Channel::height_m][i] -= 0.02 * double(i - 3000);
    const CleanLog log = cleaned(std::move(raw));
    QVERIFY(says(log, DiagnosticCode::heights_disagree));
    QVERIFY(rows_for(log, SetAsideReason::heights_disagree) > 100);
    // That the GPS counts from the sea is no disagreement.
    QVERIFY(!says(cleaned(lively_log()), DiagnosticCode::heights_disagree));
}

void SensorFaultsTest::fewSatellitesAreAReasonOfTheirOwn() {
    auto raw = lively_log();
    for (std::size_t i = 100; i < 130; ++i) raw[Channel::satellites][i] = 3.0;
    const CleanLog log = cleaned(std::move(raw));
    QCOMPARE(rows_for(log, SetAsideReason::few_satellites), std::size_t(30));
    QCOMPARE(rows_for(log, SetAsideReason::no_fix), std::size_t(0));
    QCOMPARE(log.position_ok[110], std::uint8_t(0));
}

void SensorFaultsTest::swappedCoordinates_data() {
    QTest::addColumn<double>("longitude_shift");
    QTest::addColumn<bool>("home_given");
    QTest::addColumn<bool>("swapped");
    // A longitude beyond 90° cannot be a latitude; a nearer one only home can tell.
    QTest::newRow("impossible as it stands") << 140.0 << false << true;
    QTest::newRow("possible, home elsewhere") << 0.0 << true << true;
    QTest::newRow("possible, home not known") << 0.0 << false << false;
}

void SensorFaultsTest::swappedCoordinates() {
    QFETCH(double, longitude_shift);
    QFETCH(bool, home_given);
    QFETCH(bool, swapped);
    auto raw = lively_log();
    for (double& longitude : raw[Channel::longitude_deg]) longitude += longitude_shift;
    std::swap(raw[Channel::latitude_deg], raw[Channel::longitude_deg]);
    telemetry::CleaningRules rules;
    if (home_given) rules.home = tests::made_home;
    const CleanLog log = cleaned(std::move(raw), rules);
    QCOMPARE(log.positions_swapped, swapped);
    QCOMPARE(says(log, DiagnosticCode::positions_swapped), swapped);
    if (swapped) VERIFY_NEAR(log.home->latitude_deg, tests::made_home.latitude_deg, 1e-3);
    // Guessed or not, the way is as long.
    if (swapped) VERIFY_NEAR(telemetry::summarise(log)->distance.ground_m->value, 7200.0, 40.0);
}

void SensorFaultsTest::flightsOfOneFile_data() {
    QTest::addColumn<int>("how");
    QTest::newRow("a pause of twenty minutes") << 0;
    QTest::newRow("the clock starts again") << 1;
    QTest::newRow("two minutes, and the counter at zero") << 2;
    QTest::newRow("two minutes, and a fresh pack") << 3;
}

void SensorFaultsTest::flightsOfOneFile() {
    QFETCH(int, how);
    auto raw = lively_log();
    constexpr std::size_t cut = 2500;
    for (std::size_t i = cut; i < 6000; ++i) {
        if (how == 0) raw[Channel::time_s][i] += 1200.0;
        if (how == 1) raw[Channel::time_s][i] -= 250.0;
        if (how >= 2) raw[Channel::time_s][i] += 120.0;
        if (how == 2) raw[Channel::charge_ah][i] -= 5.0 * 250.0 / 3600.0;
        if (how == 3) raw[Channel::voltage_v][i] += 2.5;
    }
    const CleanLog longest = cleaned(raw);
    QCOMPARE(longest.parts.size(), std::size_t(2));
    QVERIFY(says(longest, DiagnosticCode::several_flights));
    QCOMPARE(longest.part, std::size_t(1));
    QCOMPARE(longest.rows.size(), std::size_t(6000 - cut));
    QCOMPARE(rows_for(longest, SetAsideReason::other_flight), cut);
    telemetry::CleaningRules rules;
    rules.flight = 0;
    const CleanLog first = cleaned(raw, rules);
    QCOMPARE(first.part, std::size_t(0));
    QCOMPARE(first.rows.size(), cut);
    QCOMPARE(first.rows.back(), std::uint32_t(cut - 1));
}

void SensorFaultsTest::aFlightThatIsNotThereIsRefused() {
    telemetry::CleaningRules rules;
    rules.flight = 1;
    const auto refused = telemetry::clean(tests::shared(lively_log()), rules);
    QVERIFY(!refused.has_value());
    QCOMPARE(refused.error().code, units::ErrorCode::value_out_of_range);
    // Flights are counted from one where they are spoken of: the second of one.
    const auto figure = [&](std::size_t i) { return std::get<double>(refused.error().parameters[i].value); };
    QCOMPARE(figure(0), 2.0);
    QCOMPARE(figure(1), 1.0);
    QCOMPARE(figure(2), 1.0);
}

void SensorFaultsTest::aGlitchOfTheClockIsNoNewFlight() {
    auto raw = lively_log();
    for (std::size_t i = 3000; i < 3008; ++i) raw[Channel::time_s][i] -= 100.0;
    const CleanLog log = cleaned(std::move(raw));
    QCOMPARE(log.parts.size(), std::size_t(1));
    QCOMPARE(rows_for(log, SetAsideReason::backward_time), std::size_t(8));
}

void SensorFaultsTest::placesLeadToTheirTime() {
    auto raw = lively_log();
    for (std::size_t i = 100; i < 110; ++i) raw[Channel::satellites][i] = 0.0;
    for (std::size_t i = 4000; i < 4020; ++i) raw[Channel::satellites][i] = 0.0;
    const CleanLog log = cleaned(std::move(raw));
    const auto& places = log.set_aside.front().places;
    QCOMPARE(places.size(), std::size_t(2));
    const auto span = telemetry::time_of_lines(log, places[1].first_row, std::int64_t(places[1].rows));
    QVERIFY(span.has_value());
    VERIFY_NEAR(span->first, 400.0, 1e-9);
    VERIFY_NEAR(span->second, 402.0, 1e-9);
    // Behind the end there is nothing to show.
    QVERIFY(!telemetry::time_of_lines(log, 90'000, 3).has_value());
}

void SensorFaultsTest::pyramidFindsTheExtremes() {
    std::mt19937 random{3};
    std::vector<double> values(10'007);
    for (double& v : values) v = random() % 50 == 0 ? std::nan("") : double(random() % 100'000);
    // A sensor that was silent for a while: blocks of every level without a single reading.
    std::fill(values.begin() + 3000, values.begin() + 3700, std::nan(""));
    const telemetry::MinMaxPyramid pyramid(values);
    for (int n = 0; n < 2000; ++n) {
        std::size_t first = random() % values.size();
        std::size_t last = random() % values.size();
        if (first > last) std::swap(first, last);
        double least = HUGE_VAL;
        double most = -HUGE_VAL;
        for (std::size_t i = first; i < last; ++i) {
            if (values[i] < least) least = values[i];
            if (values[i] > most) most = values[i];
        }
        const auto found = pyramid.range(first, last);
        if (least == HUGE_VAL) {
            QVERIFY(std::isnan(found.first) && std::isnan(found.second));
        } else {
            QCOMPARE(found.first, least);
            QCOMPARE(found.second, most);
        }
    }
}

void SensorFaultsTest::aDrawnLineKeepsPeaksAndGaps() {
    std::vector<double> x;
    std::vector<double> y;
    for (int i = 0; i < 100'000; ++i) {
        x.push_back(0.01 * i + (i >= 50'000 ? 100.0 : 0.0));
        y.push_back(i == 12'345 ? 99.0 : std::sin(0.001 * i));
    }
    const telemetry::MinMaxPyramid column(y);
    const auto all = telemetry::drawn_line(x, column, x.front(), x.back(), 800, 5.0);
    // Two a pixel, and the one that breaks the line.
    QVERIFY(all.x.size() <= 2 * 800 + 3);
    QCOMPARE(*std::max_element(all.y.begin(), all.y.end(), [](double a, double b) { return a < b; }), 99.0);
    QCOMPARE(std::count_if(all.y.begin(), all.y.end(), [](double v) { return std::isnan(v); }), std::ptrdiff_t(1));
    QVERIFY(std::is_sorted(all.x.begin(), all.x.end()));
    // Thinned so far that points stand farther apart than any pause, it is still one line.
    const auto coarse = telemetry::drawn_line(x, column, x.front(), x.back(), 40, 5.0);
    QCOMPARE(std::count_if(coarse.y.begin(), coarse.y.end(), [](double v) { return std::isnan(v); }),
             std::ptrdiff_t(1));
    // Near enough, every value is drawn.
    const auto near = telemetry::drawn_line(x, column, 10.0, 12.0, 800, 5.0);
    QCOMPARE(near.x.size(), std::size_t(203));
}

/// Volts in every tenth row, as recorders write them, and one that was left out: a line all the same.
void SensorFaultsTest::aDrawnLineSkipsWhatIsMissing() {
    std::vector<double> x;
    std::vector<double> y;
    for (int i = 0; i < 20'000; ++i) {
        x.push_back(0.1 * i);
        y.push_back(i % 10 == 0 && i != 770 ? 16.0 - 1e-4 * i : std::nan(""));
    }
    const telemetry::MinMaxPyramid column(y);
    const auto range = column.range(0, y.size());
    QCOMPARE(range.second, 16.0);
    VERIFY_NEAR(range.first, 16.0 - 1e-4 * 19'990, 1e-12);
    for (const int pixels : {40, 800, 20'000}) {
        const auto line = telemetry::drawn_line(x, column, x.front(), x.back(), pixels, 5.0);
        QVERIFY(line.x.size() >= std::size_t(std::min(pixels, 1999)));
        for (std::size_t i = 0; i < line.x.size(); ++i) {
            QVERIFY(std::isfinite(line.y[i]));
            VERIFY_NEAR(line.y[i], 16.0 - 1e-3 * line.x[i], 16.0 / pixels);
        }
    }
    // A silence longer than a pause is none that a line is drawn across.
    std::fill(y.begin() + 5000, y.begin() + 5100, std::nan(""));
    const telemetry::MinMaxPyramid silent(y);
    const auto line = telemetry::drawn_line(x, silent, x.front(), x.back(), 800, 5.0);
    QCOMPARE(std::count_if(line.y.begin(), line.y.end(), [](double v) { return std::isnan(v); }),
             std::ptrdiff_t(1));
}

void SensorFaultsTest::classesHaveRoundBounds() {
    std::vector<double> values;
    for (int i = 0; i < 1000; ++i) values.push_back(0.118 * double((i * 37) % 1000)); // 0 … 118
    values.push_back(std::nan(""));
    const auto classes = telemetry::classes_of(values, 5);
    QCOMPARE(classes.bounds, std::vector<double>({25.0, 50.0, 75.0, 100.0}));
    QCOMPARE(classes.of_value.back(), -1);
    QCOMPARE(classes.of_value.front(), 0);
    // Round in the unit that is shown: metres a second as kilometres an hour.
    std::vector<double> speeds;
    for (int i = 0; i < 1000; ++i) speeds.push_back(10.0 + 0.01 * i);
    for (const double bound : telemetry::classes_of(speeds, 5, 3.6).bounds)
        VERIFY_NEAR(std::remainder(3.6 * bound, 10.0), 0.0, 1e-9);
    // A whole number of round steps is taken as it is.
    std::vector<double> steps;
    for (int i = 0; i < 300; ++i) steps.push_back(double(i % 6)); // 0 … 5
    QCOMPARE(telemetry::classes_of(steps, 5).bounds, std::vector<double>({1.0, 2.0, 3.0, 4.0}));
    // What never changes has nothing to be told apart.
    QVERIFY(telemetry::classes_of(std::vector<double>(50, 3.0), 5).bounds.empty());
}

void SensorFaultsTest::smoothingTakesJitterOff() {
    std::vector<double> time;
    std::vector<double> values;
    for (int i = 0; i < 500; ++i) {
        time.push_back(0.2 * i);
        values.push_back(5.0 + (i % 2 == 0 ? 1.0 : -1.0));
    }
    values[250] = std::nan("");
    const auto means = telemetry::smoothed(time, values, 10.0);
    QVERIFY(std::isnan(means[250]));
    for (std::size_t i = 0; i < means.size(); ++i) {
        if (i != 250) VERIFY_NEAR(means[i], 5.0, 0.08);
    }
}

SOBREMESA_TEST(SensorFaultsTest)
#include "tst_sensor_faults.moc"
