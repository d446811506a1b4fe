#include <QTest>

#include <algorithm>
#include <cmath>
#include <functional>
#include <random>

#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "core/telemetry/idle_reading.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "sim/fleet.hpp"
#include "sim/simulated_flight.hpp"
#include "support/coarse_log.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::telemetry;
using units::Quantity;

namespace {

/// What the simulator knows and what the debrief found, of one flight.
struct Judged {
    sim::FleetFlight flown;
    sim::Truth truth;
    Findings found;
    double wind_error_mps = 0.0;
    double chi_squared = 0.0;
    double still_error = 0.0; ///< relative
    double still_sd = 0.0;    ///< relative
};

Judged judged(const sim::FleetFlight& flight) {
    const auto flown = sim::simulate(flight.scenario);
    Judged j{flight, flown.truth, *find_out(*clean(std::make_shared<FlightLog>(flown.log))), 0, 0, 0, 0};
    const double from = units::radians(j.truth.mean_wind_from_deg);
    const double east = j.found.wind.east_mps + j.truth.mean_wind_mps * std::sin(from);
    const double north = j.found.wind.north_mps + j.truth.mean_wind_mps * std::cos(from);
    j.wind_error_mps = std::hypot(east, north);
    const auto& c = j.found.wind.covariance_m2ps2;
    j.chi_squared =
        (c[2] * east * east - 2.0 * c[1] * east * north + c[0] * north * north) / (c[0] * c[2] - c[1] * c[1]);
    if (j.found.still) {
        const double true_wh_per_m = j.truth.level_power_w * flight.scenario.sensors.current_scale /
                                     flight.scenario.aircraft.airspeed_mps / units::seconds_per_hour;
        j.still_error = j.found.still->energy_wh_per_m.value / true_wh_per_m - 1.0;
        j.still_sd = j.found.still->energy_wh_per_m.sd / true_wh_per_m;
    }
    return j;
}

/// Sixty seeded flights, flown once for all tests.
const std::vector<Judged>& fleet() {
    static const std::vector<Judged> all = [] {
        std::vector<Judged> result;
        for (const auto& flight : sim::fleet(60)) result.push_back(judged(flight));
        return result;
    }();
    return all;
}

double share(int part, std::size_t whole) {
    return double(part) / double(whole);
}

/// A log at one row a second with that ground velocity, 4S volts, and amps.
FlightLog flown_log(int seconds, const std::function<std::pair<double, double>(int)>& velocity,
                    const std::function<double(int)>& height, const std::function<double(int)>& amps) {
    FlightLog log;
    for (int t = 0; t < seconds; ++t) {
        const auto [east, north] = velocity(t);
        log[Channel::time_s].push_back(t);
        log[Channel::ground_speed_mps].push_back(std::hypot(east, north));
        log[Channel::course_deg].push_back(units::wrap_degrees(units::degrees(std::atan2(east, north))));
        log[Channel::height_m].push_back(height(t));
        log[Channel::voltage_v].push_back(16.0);
        log[Channel::current_a].push_back(amps(t));
        log.lines.push_back(std::uint32_t(t + 2));
    }
    log.rows_met = log.rows();
    return log;
}

using Vector = std::pair<double, double>;

Findings findings_of(FlightLog log) {
    return *find_out(*clean(std::make_shared<FlightLog>(std::move(log))));
}

/// In a wind of 3 m/s to the east and 4 to the south at 14 m/s of airspeed, a heading for each second.
std::function<std::pair<double, double>(int)> steered(const std::function<double(int)>& heading_deg) {
    return [heading_deg](int t) {
        const double h = units::radians(heading_deg(t));
        return std::pair{3.0 + 14.0 * std::sin(h), -4.0 + 14.0 * std::cos(h)};
    };
}

std::vector<SegmentKind> kinds(const Findings& found) {
    std::vector<SegmentKind> result;
    for (const auto& s : found.segments) result.push_back(s.kind);
    return result;
}

} // namespace

class FindingsTest : public QObject {
    Q_OBJECT
private slots:
    void circlesGiveTheWindExactly();
    void headingsGiveItWithoutTurning();
    void aCourseCalledHeadingIsNone();
    void aTubeThatIsBlockedIsNotBelieved();
    void legsOnDifferentPowerHaveTheirOwnAirspeed();
    void steadyPowerTiesNothing();
    void aShortTurnKnowsOneComponent();
    void aStraightWayKnowsNothing();
    void aHoverShowsNoWind();
    void hoveringBetweenDoesNotSpoilTheWind();
    void aSpeedHeldOverGroundIsNoCalm();
    void circlesAreNotCutShort();
    void aReceiverSlowerThanTheRecord();
    void aSlowRecordTellsTheSame_data();
    void aSlowRecordTellsTheSame();
    void hoveringBetweenIsSeenInASlowRecord();
    void circlesOfASlowRecordAreNotCutShort();
    void anAboutTurnBetweenRowsIsNoCircle();
    void withoutPositionItSaysSo();
    void aLogThatEndsOnTheWayClaimsNoWindThatItCannotSee();
    void windOfTheFleet();
    void ellipsesOfTheFleetHoldTheTruth();
    void directionsOfTheFleet();
    void windGrowsInWindows();
    void segmentsOfAMadeFlight();
    void landedOnTheWayItStands();
    void aCounterTellsTheDraw();
    void aCounterAloneTellsTheFlight();
    void aGlideIsNoDescent();
    void segmentsOfTheFleet();
    void climbsAreTakenOutOfLevelPower();
    void stillAirOfTheFleet();
    void outAndBackPairsAgree();
    void sagIsTheResistance();
    void steadyCurrentShowsNoSag();
    void measuredSagReplacesTheLabel();
    void anotherWindInTheLogIsNamed();
    void everyFindingSaysWhy();
    void brokenLogsGiveNothing();
};

void FindingsTest::circlesGiveTheWindExactly() {
    // Two full circles on level ground, no scatter at all: what is left is rounding and the averages of a second.
    const auto found = findings_of(flown_log(
        200, steered([](int t) { return 4.0 * t; }), [](int) { return 60.0; }, [](int) { return 5.0; }));
    QVERIFY(found.wind.known());
    VERIFY_NEAR(found.wind.east_mps, 3.0, 0.02);
    VERIFY_NEAR(found.wind.north_mps, -4.0, 0.02);
    VERIFY_NEAR(found.wind.speed_mps.value, 5.0, 0.02);
    VERIFY_NEAR(found.wind.from_deg.value, 323.13, 0.5); // to 3 east, 4 south: from north-west
    VERIFY_NEAR(found.wind.airspeed_mps.value, 14.0, 0.05);
    VERIFY_NEAR(found.wind.turned_deg, 760.0, 80.0);
}

void FindingsTest::anotherWindInTheLogIsNamed() {
    // 5 m/s from 323° by the circles; the aircraft's own estimate agrees, is off by more than its error, or is not
    // there for a while.
    const auto said = [](double speed_mps, double from_deg) -> std::optional<units::Diagnostic> {
        auto log = flown_log(
            200, steered([](int t) { return 4.0 * t; }), [](int) { return 60.0; }, [](int) { return 5.0; });
        for (int t = 0; t < 200; ++t) {
            log[Channel::wind_speed_mps].push_back(t < 40 ? missing_value : speed_mps);
            log[Channel::wind_from_deg].push_back(from_deg);
        }
        const auto found = findings_of(std::move(log));
        for (const auto& one : found.diagnostics) {
            if (one.code == units::DiagnosticCode::wind_disagrees_with_log) return one;
        }
        return std::nullopt;
    };
    QVERIFY(!said(5.0, 323.0));
    QVERIFY(!said(6.8, 323.0));
    QVERIFY(said(7.3, 323.0));
    const auto other = said(4.0, 150.0);
    QVERIFY(other);
    const auto figure = [&](const char* name) {
        for (const auto& p : other->parameters)
            if (p.name == name) return std::get<double>(p.value);
        return std::nan("");
    };
    VERIFY_NEAR(figure("log_mps"), 4.0, 1e-9);
    VERIFY_NEAR(figure("log_from_deg"), 150.0, 1e-9);
    VERIFY_NEAR(figure("found_mps"), 5.0, 0.02);
    VERIFY_NEAR(figure("found_from_deg"), 323.13, 0.5);
}

void FindingsTest::headingsGiveItWithoutTurning() {
    auto log = flown_log(
        240, steered([](int t) { return t < 120 ? 250.0 : 70.0; }), [](int) { return 60.0; },
        [](int) { return 5.0; });
    for (int t = 0; t < 240; ++t) log[Channel::heading_deg].push_back(t < 120 ? 250.0 : 70.0);
    const auto found = findings_of(std::move(log));
    QVERIFY(found.wind.used_heading);
    QVERIFY(found.wind.known());
    VERIFY_NEAR(found.wind.east_mps, 3.0, 0.1);
    VERIFY_NEAR(found.wind.north_mps, -4.0, 0.1);
}

void FindingsTest::aCourseCalledHeadingIsNone() {
    // Receivers' "heading" is the course over ground: on circles, and out and back.
    const std::function<double(int)> ways[] = {[](int t) { return 1.2 * t; },
                                               [](int t) { return t < 300 ? 250.0 : 70.0; }};
    for (const auto& heading : ways) {
        auto log = flown_log(
            600, steered(heading), [](int) { return 60.0; }, [](int) { return 5.0; });
        for (const double course : log[Channel::course_deg])
            log[Channel::heading_deg].push_back(std::round(course));
        const auto found = findings_of(std::move(log));
        QVERIFY(!found.wind.used_heading);
        if (found.wind.known()) {
            VERIFY_NEAR(found.wind.east_mps, 3.0, 0.3);
            VERIFY_NEAR(found.wind.north_mps, -4.0, 0.3);
        }
    }
}

void FindingsTest::legsOnDifferentPowerHaveTheirOwnAirspeed() {
    // West at 14 m/s and back east at 17.5 in 4 m/s from the west: taken for one airspeed, the difference of ground
    // speeds says 5.75 m/s of wind.
    for (const double g : {0.65, 0.45}) {
        const double more = std::pow(17.5 / 14.0, 1.0 / g);
        auto log = flown_log(
            600,
            [](int t) {
                return t < 300 ? std::pair{4.0 - 14.0, 0.0} : std::pair{4.0 + 17.5, 0.0};
            },
            [](int) { return 60.0; },
            // A little unsteady, as motors are.
            [&](int t) { return (t < 300 ? 5.0 : 5.0 * more) * (1.0 + 0.03 * std::sin(t / 3.0)); });
        const auto found = findings_of(std::move(log));
        QVERIFY(found.wind.used_power);
        const double sd = std::sqrt(found.wind.covariance_m2ps2[0]);
        QVERIFY2(std::abs(found.wind.east_mps - 4.0) < std::max(2.0 * sd, 0.3),
                 qPrintable(QStringLiteral("%1 ± %2").arg(found.wind.east_mps).arg(sd)));
        // What the tie may be off by is in the error: a quarter in g is some 0.7 m/s here.
        QVERIFY(sd > 0.4 && sd < 1.5);
    }
}

void FindingsTest::steadyPowerTiesNothing() {
    // The same draw on both legs, gusts and lift in it: one airspeed, and an error as before.
    auto log = flown_log(
        600,
        [](int t) {
            return t < 300 ? std::pair{4.0 - 14.0, 0.0} : std::pair{4.0 + 14.0, 0.0};
        },
        [](int) { return 60.0; }, [](int t) { return 5.0 * (1.0 + 0.15 * std::sin(t / 37.0)); });
    const auto found = findings_of(std::move(log));
    QVERIFY(!found.wind.used_power);
    VERIFY_NEAR(found.wind.east_mps, 4.0, 0.2);
    // Two legs flown with the motor off say nothing of power at all.
    auto gliding = flown_log(
        600, steered([](int t) { return t < 300 ? 250.0 : 70.0; }), [](int t) { return 900.0 - t; },
        [](int) { return 0.0; });
    QVERIFY(!findings_of(std::move(gliding)).wind.used_power);
}

void FindingsTest::aTubeThatIsBlockedIsNotBelieved() {
    auto log = flown_log(
        600, steered([](int t) { return 1.2 * t; }), [](int) { return 60.0; }, [](int) { return 5.0; });
    // Reads whatever it likes between 6 and 22 m/s.
    for (int t = 0; t < 600; ++t) log[Channel::airspeed_mps].push_back(14.0 + 8.0 * std::sin(t / 19.0));
    const auto found = findings_of(std::move(log));
    QVERIFY(!found.wind.used_airspeed);
    VERIFY_NEAR(found.wind.east_mps, 3.0, 0.2);
}

void FindingsTest::aShortTurnKnowsOneComponent() {
    // Out and back on two courses, reversed at once: along them the wind is half the difference, across them
    // nothing tells it from the airspeed.
    const auto found = findings_of(flown_log(
        400,
        [](int t) {
            return t < 200 ? std::pair{-10.0, 0.5} : std::pair{16.0, -0.5};
        },
        [](int) { return 80.0; }, [](int) { return 5.0; }));
    QCOMPARE(int(found.wind.knowledge), int(WindKnowledge::along_only));
    VERIFY_NEAR(std::abs(units::signed_turn_degrees(2.0 * found.wind.known_along_deg, 180.0)), 0.0, 20.0);
    QVERIFY(found.wind.worst_sd_mps > 1.5);
    QVERIFY(found.wind.best_sd_mps < 0.5);
    QVERIFY(!explain(found.wind, Quantity::wind_speed));
    const auto said = std::find_if(found.diagnostics.begin(), found.diagnostics.end(), [](const auto& n) {
        return n.code == units::DiagnosticCode::wind_partly_observable;
    });
    QVERIFY(said != found.diagnostics.end());
}

void FindingsTest::aStraightWayKnowsNothing() {
    const auto found = findings_of(flown_log(
        300,
        [](int) {
            return std::pair{12.0, 3.0};
        },
        [](int) { return 80.0; }, [](int) { return 5.0; }));
    QVERIFY(!found.wind.known());
    QVERIFY(!found.still || found.still->energy_wh_per_m.sd > 0.05 * found.still->energy_wh_per_m.value);
    QVERIFY(!found.diagnostics.empty());
}

/// Ground velocity of an aircraft that holds its place, in whatever wind: the receiver's scatter.
std::pair<double, double> held(std::mt19937& random, double wander_mps, int t) {
    std::normal_distribution<double> scatter(0.0, 0.2);
    return {scatter(random) + wander_mps * std::sin(t / 9.0), scatter(random) + wander_mps * std::cos(t / 9.0)};
}

void FindingsTest::aHoverShowsNoWind() {
    for (const double wander_mps : {0.0, 0.8, 2.2}) {
        std::mt19937 random(7);
        const auto found = findings_of(flown_log(
            400, [&](int t) { return held(random, wander_mps, t); },
            [](int t) { return t < 5 || t > 395 ? 0.0 : 12.0; }, [](int) { return 20.0; }));
        QCOMPARE(int(found.wind.knowledge), int(WindKnowledge::hardly_moved));
        QVERIFY(!found.still);
        const auto said =
            std::find_if(found.diagnostics.begin(), found.diagnostics.end(), [](const auto& diagnostic) {
                return diagnostic.code == units::DiagnosticCode::wind_not_observable;
            });
        QVERIFY(said != found.diagnostics.end());
        QCOMPARE(std::get<std::string>(said->parameters[0].value), std::string("hardly-moved"));
    }
}

void FindingsTest::hoveringBetweenDoesNotSpoilTheWind() {
    std::mt19937 random(11);
    const auto turning = steered([](int t) { return 4.0 * t; });
    // Two minutes over one place, two of circles, two over another place: in 3 m/s to the east and 4 to the south.
    const auto found = findings_of(flown_log(
        360, [&](int t) { return t >= 120 && t < 240 ? turning(t) : held(random, 0.0, t); },
        [](int) { return 60.0; }, [](int) { return 5.0; }));
    QVERIFY(found.wind.known());
    VERIFY_NEAR(found.wind.east_mps, 3.0, 0.3);
    VERIFY_NEAR(found.wind.north_mps, -4.0, 0.3);
    VERIFY_NEAR(found.wind.airspeed_mps.value, 14.0, 0.3);
}

void FindingsTest::aSpeedHeldOverGroundIsNoCalm() {
    // A rotor's power over its airspeed, by momentum and drag: least at some 9 m/s.
    const auto power_a = [](double airspeed_mps) {
        return 16.0 - 0.25 * airspeed_mps + 0.028 * airspeed_mps * airspeed_mps;
    };
    const auto course = [](int t) {
        return units::radians(t < 120 ? 30.0 : t < 300 ? 30.0 + 12.0 * (t - 120) : 210.0);
    };
    const auto found_in = [&](double wind_mps, bool held) {
        std::mt19937 random(3);
        std::normal_distribution<double> gust(0.0, 0.6);
        const auto flown = [&](int t) -> std::pair<Vector, Vector> {
            const Vector to{std::sin(course(t)), std::cos(course(t))};
            const Vector wind{wind_mps * 0.8, -wind_mps * 0.6};
            // Either the speed over ground is 10 m/s, or the airspeed is.
            const Vector ground = held ? Vector{10.0 * to.first, 10.0 * to.second}
                                       : Vector{10.0 * to.first + wind.first, 10.0 * to.second + wind.second};
            return {ground, Vector{ground.first - wind.first, ground.second - wind.second}};
        };
        return findings_of(flown_log(
            420, [&](int t) { return flown(t).first; }, [](int) { return 60.0; },
            [&](int t) {
                const Vector air = flown(t).second;
                return power_a(std::hypot(air.first, air.second)) + gust(random);
            }));
    };
    QCOMPARE(int(found_in(5.0, true).wind.knowledge), int(WindKnowledge::speed_held));
    // In a calm both are the same flight, and the wind is known to be none.
    QVERIFY(found_in(0.0, true).wind.known());
    const auto steered_in_wind = found_in(5.0, false);
    QVERIFY(steered_in_wind.wind.known());
    VERIFY_NEAR(steered_in_wind.wind.speed_mps.value, 5.0, 0.3);
}

/// Ten minutes at 15 m/s of airspeed in 4 m/s to the east and 2 to the south, steered every hundredth of a second:
/// straight, circles of so many seconds, straight back. Rows at that rate, places alone, which a receiver repeats
/// until it has new ones.
FlightLog placed_log(double circle_s, double rows_a_second, double fix_every_s) {
    constexpr double airspeed_mps = 15.0;
    constexpr double step_s = 0.01;
    constexpr double metres_per_degree = 111195.0;
    FlightLog log;
    double east = 0.0;
    double north = 0.0;
    double heading = 0.4;
    double row_at = 0.0;
    double fix_at = 0.0;
    std::pair<double, double> shown;
    for (double t = 0.0; t < 600.0; t += step_s) {
        if (t >= fix_at - 1e-6) {
            shown = {east, north};
            fix_at += fix_every_s;
        }
        if (t >= row_at - 1e-6) {
            row_at += 1.0 / rows_a_second;
            log[Channel::time_s].push_back(t);
            log[Channel::latitude_deg].push_back(40.0 + shown.second / metres_per_degree);
            log[Channel::longitude_deg].push_back(-3.0 + shown.first /
                                                             (metres_per_degree * std::cos(units::radians(40.0))));
            log[Channel::height_m].push_back(60.0);
            log[Channel::voltage_v].push_back(16.0);
            log[Channel::current_a].push_back(5.0);
            log.lines.push_back(std::uint32_t(log.lines.size() + 2));
        }
        if (t > 200.0 && t < 400.0) heading += 2.0 * units::pi / circle_s * step_s;
        if (t >= 400.0) heading = 0.4 + units::pi;
        east += (airspeed_mps * std::sin(heading) + 4.0) * step_s;
        north += (airspeed_mps * std::cos(heading) - 2.0) * step_s;
    }
    log.rows_met = log.rows();
    return log;
}

void FindingsTest::circlesAreNotCutShort() {
    // A velocity is a slope over seconds of places, and less than that of the turn; the sphere of the test and the
    // ellipsoid of the program are 0.3 % apart.
    for (const double circle_s : {20.0, 40.0}) {
        for (const double rate : {1.0, 10.0}) {
            const auto found = findings_of(placed_log(circle_s, rate, 1.0 / rate));
            QVERIFY(found.wind.known());
            VERIFY_NEAR(found.wind.east_mps, 4.0, 0.05);
            VERIFY_NEAR(found.wind.north_mps, -2.0, 0.05);
            VERIFY_NEAR(found.wind.airspeed_mps.value, 15.0, 0.09);
        }
    }
}

void FindingsTest::aReceiverSlowerThanTheRecord() {
    for (const double fix_every_s : {0.5, 1.0, 2.0, 5.0}) {
        const FlightLog log = placed_log(60.0, 10.0, fix_every_s);
        const auto cleaned = *clean(std::make_shared<FlightLog>(log));
        QVERIFY(std::none_of(cleaned.set_aside.begin(), cleaned.set_aside.end(),
                             [](const auto& aside) { return aside.reason == SetAsideReason::position_jump; }));
        const auto found = *find_out(cleaned);
        QVERIFY(found.wind.known());
        VERIFY_NEAR(found.wind.east_mps, 4.0, 0.2);
        VERIFY_NEAR(found.wind.north_mps, -2.0, 0.2);
        VERIFY_NEAR(found.wind.airspeed_mps.value, 15.0, 0.4);
    }
}

void FindingsTest::aSlowRecordTellsTheSame_data() {
    QTest::addColumn<double>("rate_hz");
    for (const double rate_hz : {0.8, 0.5, 0.2}) QTest::addRow("%g rows a second", rate_hz) << rate_hz;
}

/// What a segment holds, what is flown through the air and what a kilometre of it takes do not depend on how often
/// the log was written: flights of the simulator, thinned and rounded as radios do, beside themselves.
void FindingsTest::aSlowRecordTellsTheSame() {
    QFETCH(double, rate_hz);
    int told = 0;
    for (const auto& flight : sim::fleet(12)) {
        const auto flown = sim::simulate(flight.scenario);
        const auto slow = clean(std::make_shared<FlightLog>(tests::coarse_log(flown.log, rate_hz)));
        QVERIFY(slow.has_value());
        const Findings found = *find_out(*slow);
        const auto summary = summarise(*slow);
        QVERIFY(summary.has_value());
        double energy_wh = 0.0;
        double charge_ah = 0.0;
        for (const Segment& s : found.segments) {
            energy_wh += s.energy_wh;
            charge_ah += s.charge_ah;
        }
        const double gaps = summary->energy.gap_time_s;
        if (gaps == 0.0) {
            VERIFY_NEAR(energy_wh, summary->energy.energy_wh->value, 0.03 * summary->energy.energy_wh->value);
            VERIFY_NEAR(charge_ah, summary->energy.charge_ah->value, 0.03 * summary->energy.charge_ah->value);
        }
        const Findings fast = *find_out(*clean(std::make_shared<FlightLog>(flown.log)));
        if (!found.still || !fast.still) continue;
        ++told;
        const double off = found.still->energy_wh_per_m.value / fast.still->energy_wh_per_m.value - 1.0;
        QVERIFY2(std::abs(off) < (rate_hz < 0.3 ? 0.08 : 0.06),
                 qPrintable(QStringLiteral("%1: %2").arg(QString::fromStdString(flight.scenario.name)).arg(off)));
        const double way = found.still->air_m.value / fast.still->air_m.value - 1.0;
        QVERIFY2(std::abs(way) < 0.06,
                 qPrintable(QStringLiteral("%1: %2").arg(QString::fromStdString(flight.scenario.name)).arg(way)));
    }
    QVERIFY2(told >= 8, qPrintable(QString::number(told)));
}

/// A row every five seconds: two minutes over one place, four of circles, two over another.
void FindingsTest::hoveringBetweenIsSeenInASlowRecord() {
    std::mt19937 random(11);
    const auto turning = steered([](int t) { return 2.0 * t; });
    const FlightLog log = flown_log(
        480, [&](int t) { return t >= 120 && t < 360 ? turning(t) : held(random, 0.0, t); },
        [](int) { return 60.0; }, [](int) { return 5.0; });
    const auto found = findings_of(tests::coarse_log(log, 0.2));
    QVERIFY(found.wind.known());
    VERIFY_NEAR(found.wind.east_mps, 3.0, 0.5);
    VERIFY_NEAR(found.wind.north_mps, -4.0, 0.5);
    VERIFY_NEAR(found.wind.airspeed_mps.value, 14.0, 0.5);
}

/// Places alone, every five and every ten seconds, on circles of a minute: a chord of five seconds is 4.5 % short,
/// one of ten 17 %.
void FindingsTest::circlesOfASlowRecordAreNotCutShort() {
    for (const double every_s : {2.0, 5.0, 10.0}) {
        const auto found = findings_of(placed_log(60.0, 1.0 / every_s, every_s));
        QVERIFY(found.wind.known());
        VERIFY_NEAR(found.wind.airspeed_mps.value, 15.0, every_s < 8.0 ? 0.15 : 0.45);
        VERIFY_NEAR(found.wind.east_mps, 4.0, 0.2);
        VERIFY_NEAR(found.wind.north_mps, -2.0, 0.2);
    }
}

/// A multirotor, calm: a hover, out at 9 m/s, about, back, a hover; a place every five seconds.
void FindingsTest::anAboutTurnBetweenRowsIsNoCircle() {
    constexpr double metres_per_degree = 111195.0;
    FlightLog log;
    double east = 0.0;
    for (int t = 0; t <= 480; t += 5) {
        log[Channel::time_s].push_back(t);
        log[Channel::latitude_deg].push_back(0.3 * east / metres_per_degree);
        log[Channel::longitude_deg].push_back(-71.0 + east / metres_per_degree);
        log[Channel::height_m].push_back(30.0);
        log[Channel::voltage_v].push_back(23.0);
        log[Channel::current_a].push_back(18.0 + 0.4 * std::sin(1.7 * t));
        log.lines.push_back(std::uint32_t(log.lines.size() + 2));
        if (t >= 40 && t < 440) east += t < 240 ? 45.0 : -45.0;
    }
    log.rows_met = log.rows();
    const Findings found = findings_of(std::move(log));
    // Along the way both speeds are the same; what an airspeed there would be, nothing tells.
    if (found.still) VERIFY_NEAR(found.still->airspeed_mps.value, 9.4, 3.0 * found.still->airspeed_mps.sd);
    QVERIFY(!found.wind.known());
}

void FindingsTest::withoutPositionItSaysSo() {
    auto log = flown_log(
        300,
        [](int) {
            return std::pair{12.0, 3.0};
        },
        [](int) { return 80.0; }, [](int) { return 5.0; });
    log[Channel::ground_speed_mps].clear();
    const auto found = findings_of(std::move(log));
    QCOMPARE(int(found.wind.knowledge), int(WindKnowledge::no_position));
    QVERIFY(!found.still);
}

// The goals of the model notes on the simulated fleet. The simulator shares no equation with what is judged here.

void FindingsTest::aLogThatEndsOnTheWayClaimsNoWindThatItCannotSee() {
    // Lost, or cut off: on one leg many circles fit, and the scatter of its gusts lies best along one far across.
    int claims = 0;
    int wrong = 0;
    int claims_along = 0;
    int wrong_along = 0;
    int number = 0;
    for (const auto& flight : sim::fleet(60)) {
        if (++number % 2 != 0) continue;
        const auto flown = sim::simulate(flight.scenario);
        for (const double share : {0.2, 0.3, 0.4, 0.5, 0.65}) {
            auto log = std::make_shared<FlightLog>(flown.log);
            const auto rows = std::size_t(share * double(log->rows()));
            for (auto& column : log->columns) {
                if (!column.empty()) column.resize(rows);
            }
            log->lines.resize(rows);
            log->rows_met = rows;
            const auto part = clean(log);
            if (!part) continue;
            const auto found = find_out(*part);
            if (!found) continue;
            const WindEstimate& wind = found->wind;
            const double from = units::radians(flown.truth.mean_wind_from_deg);
            const double east = wind.east_mps + flown.truth.mean_wind_mps * std::sin(from);
            const double north = wind.north_mps + flown.truth.mean_wind_mps * std::cos(from);
            if (wind.known()) {
                ++claims;
                wrong += std::hypot(east, north) > std::max(1.5, 3.0 * wind.worst_sd_mps) ? 1 : 0;
            } else if (wind.knowledge == WindKnowledge::along_only) {
                ++claims_along;
                const double along = units::radians(wind.known_along_deg);
                const double error = std::abs(east * std::sin(along) + north * std::cos(along));
                wrong_along += error > std::max(1.5, 3.0 * wind.best_sd_mps) ? 1 : 0;
            }
        }
    }
    QVERIFY2(claims >= 50, qPrintable(QString::number(claims)));
    QVERIFY2(wrong <= claims / 25, qPrintable(QStringLiteral("%1 of %2").arg(wrong).arg(claims)));
    QVERIFY2(wrong_along <= claims_along / 10,
             qPrintable(QStringLiteral("along: %1 of %2").arg(wrong_along).arg(claims_along)));
}

void FindingsTest::windOfTheFleet() {
    std::vector<double> turning;
    std::vector<double> circling;
    for (const Judged& j : fleet()) {
        if (j.flown.scenario.weather.gust_sd_mps > 0.6 || j.found.wind.turned_deg < 360.0) continue;
        if (j.flown.scenario.mission.kind == sim::SimulatedMission::Kind::loiter)
            circling.push_back(j.wind_error_mps);
        else
            turning.push_back(j.wind_error_mps);
    }
    QVERIFY(turning.size() >= 12);
    QVERIFY(circling.size() >= 12);
    const auto within = [](const std::vector<double>& errors, double most) {
        return share(int(std::count_if(errors.begin(), errors.end(), [&](double e) { return e <= most; })),
                     errors.size());
    };
    QVERIFY2(within(turning, 0.5) >= 0.9, qPrintable(QString::number(within(turning, 0.5))));
    QVERIFY2(within(circling, 0.3) >= 0.9, qPrintable(QString::number(within(circling, 0.3))));
}

void FindingsTest::ellipsesOfTheFleetHoldTheTruth() {
    constexpr double chi_squared_95 = 5.991; // two degrees of freedom, tables of statistics
    int inside = 0;
    double squares = 0.0;
    std::vector<double> stated;
    for (const Judged& j : fleet()) {
        inside += j.chi_squared <= chi_squared_95 ? 1 : 0;
        if (!j.found.wind.known()) continue;
        squares += j.wind_error_mps * j.wind_error_mps;
        const auto& c = j.found.wind.covariance_m2ps2;
        stated.push_back(std::sqrt(c[0] + c[2]));
    }
    QVERIFY2(inside >= 52, qPrintable(QString::number(inside)));
    std::sort(stated.begin(), stated.end());
    const double rms = std::sqrt(squares / double(stated.size()));
    QVERIFY2(stated[stated.size() / 2] <= 1.5 * rms,
             qPrintable(QStringLiteral("%1 stated, %2 true").arg(stated[stated.size() / 2]).arg(rms)));
}

void FindingsTest::directionsOfTheFleet() {
    int judged_flights = 0;
    int good = 0;
    for (const Judged& j : fleet()) {
        // Light winds come from nowhere in particular.
        if (j.truth.mean_wind_mps < 4.0 || !j.found.wind.known()) continue;
        ++judged_flights;
        const double off =
            std::abs(units::signed_turn_degrees(j.found.wind.from_deg.value, j.truth.mean_wind_from_deg));
        good += off <= 8.0 ? 1 : 0;
    }
    QVERIFY(judged_flights >= 12);
    QVERIFY2(share(good, std::size_t(judged_flights)) >= 0.9,
             qPrintable(QStringLiteral("%1 of %2").arg(good).arg(judged_flights)));
}

void FindingsTest::windGrowsInWindows() {
    auto scenario = sim::fleet(1).front().scenario;
    scenario.mission.loiter_s = 1800.0;
    scenario.pack.cell_capacity_ah = 9.0;
    scenario.weather.wind_mps = 3.0;
    scenario.weather.wind_growth_mps_per_h = 4.0;
    const auto found = findings_of(sim::simulate(scenario).log);
    QVERIFY(found.wind.windows.size() >= 5);
    VERIFY_NEAR(found.wind.windows.back().speed_mps.value - found.wind.windows.front().speed_mps.value, 1.7, 0.8);
    QVERIFY(found.wind.growth_mps_per_h.value > 1.5);
}

void FindingsTest::segmentsOfAMadeFlight() {
    // 20 s on the ground, 40 s of climb at 2 m/s, 200 s level, 40 s down at 2 m/s, 20 s on the ground.
    const auto height = [](int t) {
        return t < 20 ? 0.0 : t < 60 ? 2.0 * (t - 20) : t < 260 ? 80.0 : std::max(80.0 - 2.0 * (t - 260), 0.0);
    };
    const auto found = findings_of(flown_log(
        320,
        [](int t) {
            return t < 20 || t >= 300 ? std::pair{0.0, 0.0}
                   : t < 160          ? std::pair{12.0, 0.0}
                                      : std::pair{-12.0, 0.0};
        },
        height, [](int t) { return t < 20 || t >= 300 ? 0.5
                                   : t < 60           ? 8.0
                                   : t < 260          ? 5.0
                                                      : 4.0; }));
    const std::vector<SegmentKind> wanted{SegmentKind::ground, SegmentKind::launch,  SegmentKind::climb,
                                          SegmentKind::level,  SegmentKind::descent, SegmentKind::landing,
                                          SegmentKind::ground};
    QCOMPARE(kinds(found), wanted);
    // One second after the other, from the first to the last; what they hold is the whole log's.
    double energy = 0.0;
    for (std::size_t i = 0; i < found.segments.size(); ++i) {
        if (i > 0) QCOMPARE(found.segments[i].start_s, found.segments[i - 1].end_s);
        energy += found.segments[i].energy_wh;
    }
    VERIFY_NEAR(energy, 16.0 * (20 * 0.5 + 40 * 8.0 + 200 * 5.0 + 40 * 4.0 + 20 * 0.5) / 3600.0, 0.01);
    VERIFY_NEAR(found.segments[1].climb_m + found.segments[2].climb_m, 80.0, 10.0);
    VERIFY_NEAR(found.segments[3].ground_m, 200.0 * 12.0, 150.0);
}

void FindingsTest::landedOnTheWayItStands() {
    // Out, three minutes on the ground of which the middle one was not recorded, and back.
    const auto rests = [](int t) { return t >= 150 && t < 330; };
    FlightLog log = flown_log(
        480,
        [&](int t) {
            return rests(t) ? Vector{0.0, 0.0} : Vector{t < 240 ? 12.0 : -12.0, 0.0};
        },
        [&](int t) { return rests(t) || t < 10 || t >= 470 ? 0.0 : 60.0; },
        [&](int t) { return rests(t) ? 0.3 : 5.0; });
    for (auto& column : log.columns) {
        if (!column.empty()) column.erase(column.begin() + 210, column.begin() + 270);
    }
    log.lines.resize(420);
    log.rows_met = 420;
    const auto found = findings_of(std::move(log));
    const auto stop = std::find_if(found.segments.begin(), found.segments.end(), [](const Segment& s) {
        return s.kind == SegmentKind::ground && s.start_s > 100.0 && s.end_s < 400.0;
    });
    QVERIFY(stop != found.segments.end());
    VERIFY_NEAR(stop->start_s, 150.0, 6.0);
    VERIFY_NEAR(stop->end_s, 330.0, 6.0);
    QVERIFY(std::none_of(found.segments.begin(), found.segments.end(),
                         [](const Segment& s) { return s.kind == SegmentKind::glide; }));
}

/// Flights of the simulator with the counter in whole milliampere-hours, beside themselves with their current; with
/// power alone, and with a counter of energy.
void FindingsTest::aCounterTellsTheDraw() {
    int told = 0;
    for (const auto& flight : sim::fleet(12)) {
        const FlightLog log = tests::coarse_log(sim::simulate(flight.scenario).log, 1.0);
        if (!log.has(Channel::charge_ah)) continue;
        const Findings with = findings_of(log);
        FlightLog counted = log;
        counted[Channel::current_a].clear();
        FlightLog watts = log;
        FlightLog energy = log;
        double sum_wh = 0.0;
        for (std::size_t i = 0; i < log.rows(); ++i) {
            const double power = log[Channel::voltage_v][i] * log[Channel::current_a][i];
            sum_wh += power / 3600.0;
            watts[Channel::power_w].push_back(power);
            energy[Channel::energy_wh].push_back(std::round(sum_wh * 100.0) / 100.0);
        }
        for (FlightLog* each : {&watts, &energy}) {
            (*each)[Channel::current_a].clear();
            (*each)[Channel::charge_ah].clear();
        }
        for (const FlightLog& other : {counted, watts, energy}) {
            const Findings without = findings_of(other);
            if (!with.still || !without.still) continue;
            ++told;
            const double off = without.still->level_power_w.value / with.still->level_power_w.value - 1.0;
            QVERIFY2(std::abs(off) < 0.02, qPrintable(QStringLiteral("%1").arg(off)));
            const double charge = without.still->charge_ah_per_m ? without.still->charge_ah_per_m->value : 0.0;
            VERIFY_NEAR(charge, with.still->charge_ah_per_m->value, 0.03 * charge);
        }
        QVERIFY(!idle_reading(findings_of(counted).motion));
    }
    QVERIFY2(told >= 18, qPrintable(QString::number(told)));
}

/// Neither places nor heights nor amps: volts, and a counter that stands still on the ground.
void FindingsTest::aCounterAloneTellsTheFlight() {
    FlightLog log;
    double counted_ah = 0.0;
    for (int t = 0; t < 400; ++t) {
        const bool flies = t >= 60 && t < 340;
        counted_ah += (flies ? 12.0 : 0.4) / 3600.0;
        log[Channel::time_s].push_back(t);
        log[Channel::voltage_v].push_back(flies ? 15.2 : 16.2);
        log[Channel::charge_ah].push_back(std::floor(counted_ah * 1000.0) / 1000.0);
        log.lines.push_back(std::uint32_t(t + 2));
    }
    log.rows_met = log.rows();
    const Findings found = findings_of(std::move(log));
    QVERIFY(found.segments.size() >= 3);
    QCOMPARE(found.segments.front().kind, SegmentKind::ground);
    QCOMPARE(found.segments.back().kind, SegmentKind::ground);
    VERIFY_NEAR(found.segments.front().end_s, 60.0, 8.0);
    VERIFY_NEAR(found.segments.back().start_s, 340.0, 8.0);
}

void FindingsTest::aGlideIsNoDescent() {
    const auto found = findings_of(flown_log(
        300,
        [](int t) {
            return t < 150 ? std::pair{12.0, 1.0} : std::pair{-12.0, 1.0};
        },
        [](int t) { return t < 200 ? 100.0 : 100.0 - 0.8 * (t - 200); },
        [](int t) { return t < 200 ? 5.0 : 0.4; }));
    QCOMPARE(kinds(found).back(), SegmentKind::glide);
}

void FindingsTest::segmentsOfTheFleet() {
    for (const Judged& j : fleet()) {
        const auto found = kinds(j.found);
        const auto has = [&](SegmentKind kind) {
            return std::find(found.begin(), found.end(), kind) != found.end();
        };
        const QByteArray name = QByteArray::fromStdString(j.flown.scenario.name);
        QVERIFY2(has(SegmentKind::climb), name.constData());
        QVERIFY2(has(SegmentKind::descent) || has(SegmentKind::glide), name.constData());
        QCOMPARE(found.back(), SegmentKind::ground);
        if (j.flown.scenario.mission.kind == sim::SimulatedMission::Kind::loiter &&
            j.flown.day != sim::Day::glitches)
            QVERIFY2(has(SegmentKind::loiter) || has(SegmentKind::level), name.constData());
        QVERIFY2(found.size() <= 40, name.constData());
        // As high as it was flown.
        double climbed = 0.0;
        for (const auto& s : j.found.segments) {
            if (s.kind == SegmentKind::climb || s.kind == SegmentKind::launch) climbed += s.climb_m;
        }
        VERIFY_NEAR(climbed, j.flown.scenario.mission.height_m, 0.25 * j.flown.scenario.mission.height_m);
    }
}

void FindingsTest::climbsAreTakenOutOfLevelPower() {
    // Level at 80 W, and waves of ± 1 m/s at 20 W for each m/s: slow enough to be seen as climb and sink.
    const auto climb = [](int t) { return std::sin(t / 12.0); };
    const auto found = findings_of(flown_log(
        900, steered([](int t) { return 3.0 * t; }), [](int t) { return 80.0 - 12.0 * std::cos(t / 12.0); },
        [&](int t) { return (80.0 + 20.0 * climb(t)) / 16.0; }));
    QVERIFY(found.still && found.still->climb_cost_w_per_mps);
    VERIFY_NEAR(found.still->climb_cost_w_per_mps->value, 20.0, 2.0);
    VERIFY_NEAR(found.still->level_power_w.value, 80.0, 1.0);
    VERIFY_NEAR(found.still->energy_wh_per_m.value * 1000.0, 80.0 / 14.0 / 3.6, 0.03);
}

void FindingsTest::stillAirOfTheFleet() {
    int within = 0;
    int without_thermals = 0;
    int close = 0;
    int given = 0;
    double sum = 0.0;
    for (const Judged& j : fleet()) {
        if (!j.found.still) continue;
        ++given;
        sum += j.still_error;
        within += std::abs(j.still_error) <= 2.0 * j.still_sd ? 1 : 0;
        // What turning showed well enough to be held to three percent, in air that is steady enough for it.
        const bool steady =
            j.flown.day == sim::Day::calm || j.flown.day == sim::Day::windy || j.flown.day == sim::Day::glitches;
        if (!steady || j.found.wind.turned_deg < 360.0) continue;
        ++without_thermals;
        close += std::abs(j.still_error) <= 0.03 ? 1 : 0;
    }
    QVERIFY2(given >= 54, qPrintable(QString::number(given)));
    QVERIFY2(share(within, std::size_t(given)) >= 0.9, qPrintable(QString::number(within)));
    QVERIFY2(std::abs(sum / given) <= 0.015, qPrintable(QString::number(sum / given)));
    QVERIFY(without_thermals >= 20);
    QVERIFY2(close == without_thermals, qPrintable(QStringLiteral("%1 of %2").arg(close).arg(without_thermals)));
}

void FindingsTest::outAndBackPairsAgree() {
    int pairs = 0;
    for (const Judged& j : fleet()) {
        const bool out_and_back = j.flown.scenario.mission.kind == sim::SimulatedMission::Kind::out_and_back;
        if (!out_and_back || j.flown.day == sim::Day::gusty || !j.found.wind.known() || !j.found.still->pair)
            continue;
        ++pairs;
        const auto& still = *j.found.still;
        VERIFY_NEAR(still.pair->energy_wh_per_m.value / still.energy_wh_per_m.value, 1.0, 0.05);
    }
    QVERIFY(pairs >= 8);
}

void FindingsTest::sagIsTheResistance() {
    // 16.5 V less 0.06 Ω times a current that steps between 4 and 14 A, and scatter of a sensor.
    std::mt19937 draws(3);
    std::normal_distribution<double> scatter(0.0, 1.0);
    FlightLog log;
    for (int i = 0; i < 1200; ++i) {
        const double amps = (i / 70) % 2 == 0 ? 4.0 : 14.0;
        log[Channel::time_s].push_back(0.5 * i);
        log[Channel::current_a].push_back(amps + 0.1 * scatter(draws));
        log[Channel::voltage_v].push_back(16.5 - 0.06 * amps + 0.02 * scatter(draws));
        log.lines.push_back(std::uint32_t(i + 2));
    }
    log.rows_met = log.rows();
    const auto sag = measured_sag(*clean(std::make_shared<FlightLog>(std::move(log))));
    QVERIFY(sag);
    VERIFY_NEAR(sag->pack_ohm.value, 0.06, 0.004);
    battery::Pack pack;
    pack.series = 4;
    pack.parallel = 2;
    VERIFY_NEAR(cell_ohm(*sag, pack).value, 0.03, 0.002);
    // Described with half of that: said. With as much: not.
    pack.cell_resistance_ohm = 0.015;
    QVERIFY(sag_diagnostic(*sag, pack));
    pack.cell_resistance_ohm = 0.03;
    QVERIFY(!sag_diagnostic(*sag, pack));
}

void FindingsTest::steadyCurrentShowsNoSag() {
    const auto found = findings_of(flown_log(
        300, steered([](int t) { return 3.0 * t; }), [](int) { return 80.0; }, [](int) { return 5.0; }));
    QVERIFY(!found.sag);
}

void FindingsTest::measuredSagReplacesTheLabel() {
    battery::Pack pack;
    pack.series = 6;
    pack.mass_kg = 0.2;
    pack.rated_current_a = 130.0;
    pack.current_label = battery::CurrentLabel::pack_c;
    QCOMPARE(int(battery::current_trust(pack)), int(battery::CurrentTrust::label));
    QCOMPARE(battery::continuous_current_a(pack), 65.0);
    pack.measured_cell_ohm = 0.005;
    QCOMPARE(int(battery::current_trust(pack)), int(battery::CurrentTrust::measured_sag));
    // The current whose heat, I²·6·5 mΩ, the pack gives off at 35 K above the air.
    const double current = battery::continuous_current_a(pack);
    VERIFY_NEAR(current * current * 0.03, battery::cooling_w_per_k(pack) * battery::most_rise_k, 1e-9);
    // Half the resistance stands more, by the root of two.
    pack.measured_cell_ohm = 0.0025;
    VERIFY_NEAR(battery::continuous_current_a(pack) / current, std::sqrt(2.0), 1e-12);
}

void FindingsTest::everyFindingSaysWhy() {
    const Judged& j = fleet().front();
    for (const auto quantity : {Quantity::wind_speed, Quantity::wind_from, Quantity::airspeed}) {
        const auto why = explain(j.found.wind, quantity);
        QVERIFY(why);
        QVERIFY(why->value.sd > 0.0);
    }
    for (const auto quantity :
         {Quantity::still_air_energy_per_distance, Quantity::still_air_charge_per_distance, Quantity::air_distance})
        QVERIFY(explain(*j.found.still, quantity));
    VERIFY_NEAR(j.found.still->air_m.value, j.truth.air_m, 0.03 * j.truth.air_m);
}

void FindingsTest::brokenLogsGiveNothing() {
    // Two rows; columns of nothing but gaps; a clock that leaps over a year.
    const auto level = [](int) { return 80.0; };
    const auto amps = [](int) { return 5.0; };
    const auto still = [](int) { return std::pair{0.0, 0.0}; };
    QVERIFY(!findings_of(flown_log(2, still, level, amps)).wind.known());
    auto nothing = flown_log(100, still, level, amps);
    for (auto& column : nothing.columns) {
        if (&column != &nothing[Channel::time_s]) std::fill(column.begin(), column.end(), std::nan(""));
    }
    QVERIFY(!findings_of(std::move(nothing)).still);
    auto leap = flown_log(100, steered([](int t) { return 4.0 * t; }), level, amps);
    leap[Channel::time_s].back() = 3.2e7;
    (void)findings_of(std::move(leap));
    std::stop_source stop;
    stop.request_stop();
    const auto stopped =
        find_out(*clean(std::make_shared<FlightLog>(flown_log(100, still, level, amps))), stop.get_token());
    QVERIFY(!stopped);
}

SOBREMESA_TEST(FindingsTest)
#include "tst_findings.moc"
