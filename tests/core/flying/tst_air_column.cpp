// Wind and air over a field, against the laws that they are said to follow, written out again here.

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>
#include <random>

#include <QTest>

#include "core/flying/air_column.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using flying::AirColumn;
using flying::Weather;

namespace {

constexpr double usual_m = 80.0;

Weather windy(double speed_mps, double from_deg) {
    Weather weather;
    weather.wind = {speed_mps, from_deg};
    return weather;
}

/// Over ground on a course, by vectors: where the nose must point is sought degree by degree and then halved.
double ground_mps(double course_deg, double airspeed_mps, double wind_mps, double from_deg) {
    const double degree = std::numbers::pi / 180.0;
    const double along_e = std::sin(course_deg * degree);
    const double along_n = std::cos(course_deg * degree);
    const double wind_e = -wind_mps * std::sin(from_deg * degree);
    const double wind_n = -wind_mps * std::cos(from_deg * degree);
    const auto over_ground = [&](double nose_deg) {
        const double e = airspeed_mps * std::sin(nose_deg * degree) + wind_e;
        const double n = airspeed_mps * std::cos(nose_deg * degree) + wind_n;
        return std::pair(e * along_n - n * along_e, e * along_e + n * along_n); // across, along
    };
    double best = -1.0;
    for (int i = -90; i < 90; ++i) {
        double low = course_deg + i;
        double high = low + 1.0;
        if (over_ground(low).first * over_ground(high).first > 0.0) continue;
        for (int k = 0; k < 50; ++k) {
            const double middle = 0.5 * (low + high);
            (over_ground(low).first * over_ground(middle).first <= 0.0 ? high : low) = middle;
        }
        best = std::max(best, over_ground(low).second);
    }
    return best;
}

} // namespace

class AirColumnTest : public QObject {
    Q_OBJECT
private slots:
    void windByHeight();
    void windByTime();
    void whatItIsOffBy();
    void gusts();
    void theWorstForAReturn_data();
    void theWorstForAReturn();
    void aReturnInTheWorstIsTheSlowestOfFour();
    void airAsThePilotMeasuredIt();
};

void AirColumnTest::windByHeight() {
    Weather weather = windy(6.0, 250.0);
    // The mission's own height where the forecast names none.
    VERIFY_NEAR(AirColumn(weather, usual_m).steady(80.0).speed_mps, 6.0, 1e-12);
    VERIFY_NEAR(AirColumn(weather, usual_m).steady(10.0).speed_mps, 6.0 * std::pow(10.0 / 80.0, 1.0 / 7.0), 1e-9);
    weather.wind_height_m = 10.0;
    weather.wind_exponent = 0.25;
    VERIFY_NEAR(AirColumn(weather, usual_m).steady(160.0).speed_mps, 6.0 * 2.0, 1e-9);
    VERIFY_NEAR(AirColumn(weather, usual_m).steady(160.0).from_deg, 250.0, 1e-12);
    // One row is no table; two are, and the law is silent.
    weather.wind_table = {{10.0, {3.0, 250.0}}};
    VERIFY_NEAR(AirColumn(weather, usual_m).steady(160.0).speed_mps, 12.0, 1e-9);
    weather.wind_table.push_back({110.0, {9.0, 250.0}});
    VERIFY_NEAR(AirColumn(weather, usual_m).steady(60.0).speed_mps, 6.0, 1e-9);
    VERIFY_NEAR(AirColumn(weather, usual_m).steady(400.0).speed_mps, 9.0, 1e-9);
}

void AirColumnTest::windByTime() {
    Weather weather = windy(4.0, 30.0);
    QVERIFY(!AirColumn(weather, usual_m).changes());
    weather.wind_growth_mps_per_h = 3.0;
    const AirColumn grows(weather, usual_m);
    QVERIFY(grows.changes());
    VERIFY_NEAR(grows.at(usual_m, 1800.0).speed_mps, 5.5, 1e-12);
    VERIFY_NEAR(grows.at(usual_m, 1800.0).from_deg, 30.0, 1e-12);
    VERIFY_NEAR(grows.at(usual_m).speed_mps, 4.0, 1e-12);
    weather.wind_growth_mps_per_h = -6.0;
    const AirColumn eases(weather, usual_m);
    VERIFY_NEAR(eases.at(usual_m, 600.0).speed_mps, 3.0, 1e-12);
    // Gone at 40 min, and it does not turn round.
    VERIFY_NEAR(eases.at(usual_m, 2400.0).speed_mps, 0.0, 1e-12);
    VERIFY_NEAR(eases.at(usual_m, 7200.0).speed_mps, 0.0, 0.0);
    // What eases is no head wind from the other side for a return either.
    const auto course = eases.on_course(eases.steady(usual_m), 0.0, 30.0);
    weather.home_wind_factor = 1.0;
    VERIFY_NEAR(*eases.worst_ground_mps(course, 14.0, 7200.0), 14.0, 1e-12);
    VERIFY_NEAR(*eases.worst_ground_mps(course, 14.0, 600.0), 11.0, 1e-12);
}

void AirColumnTest::whatItIsOffBy() {
    Weather weather = windy(5.0, 0.0);
    weather.wind_sd_mps = 2.0;
    const AirColumn column(weather, usual_m);
    // One day in twenty is worse: 1.65 standard deviations; nearer the ground by the wind's own law.
    VERIFY_NEAR(column.error_mps(usual_m), 3.3, 1e-12);
    VERIFY_NEAR(column.error_mps(20.0), 3.3 * std::pow(0.25, 1.0 / 7.0), 1e-9);
    VERIFY_NEAR(column.error_share(320.0), std::pow(4.0, 1.0 / 7.0), 1e-9);
    weather.wind_sd_mps = 0.3;
    VERIFY_NEAR(column.error_mps(usual_m), 0.495, 1e-12);
    weather.wind_sd_mps = 0.0;
    VERIFY_NEAR(column.error_mps(usual_m), 0.0, 0.0);
}

void AirColumnTest::gusts() {
    Weather weather = windy(9.0, 0.0);
    weather.wind_growth_mps_per_h = 3.0;
    const AirColumn column(weather, usual_m);
    VERIFY_NEAR(column.gust_mps(usual_m), 3.0, 1e-12);
    VERIFY_NEAR(column.gust_mps(usual_m, 3600.0), 4.0, 1e-12);
    weather.wind.speed_mps = 3.0;
    VERIFY_NEAR(column.gust_mps(usual_m), 1.5, 1e-12); // never less
    weather.gust_mps = 0.4;
    VERIFY_NEAR(column.gust_mps(usual_m), 0.4, 0.0); // but as the pilot says
}

void AirColumnTest::theWorstForAReturn_data() {
    QTest::addColumn<double>("wind");
    QTest::addColumn<double>("from");
    QTest::addColumn<double>("error");
    QTest::addColumn<double>("factor");
    QTest::addColumn<double>("speed");
    QTest::addColumn<double>("worst_from");
    // On a course due north at 14 m/s.
    QTest::newRow("head wind, stronger") << 6.0 << 0.0 << 1.0 << 1.3 << 7.8 << 0.0;
    QTest::newRow("tail wind, weaker") << 6.0 << 180.0 << 1.0 << 1.5 << 4.0 << 180.0;
    QTest::newRow("head wind, off by more") << 6.0 << 0.0 << 2.5 << 1.3 << 8.5 << 0.0;
    QTest::newRow("tail wind, off by more") << 6.0 << 180.0 << 4.0 << 1.3 << 2.0 << 180.0;
    QTest::newRow("a calm that is none") << 0.0 << 90.0 << 2.5 << 1.3 << 2.5 << 0.0;
    QTest::newRow("off by little") << 0.2 << 0.0 << 0.5 << 1.3 << 0.7 << 0.0;
    QTest::newRow("across, and off against it") << 3.0 << 90.0 << 4.0 << 1.01 << 5.0 << 36.8698976458;
    QTest::newRow("no caution asked for") << 6.0 << 0.0 << 2.5 << 1.0 << 6.0 << 0.0;
    QTest::newRow("no error known") << 6.0 << 90.0 << 0.0 << 2.0 << 12.0 << 90.0;
}

void AirColumnTest::theWorstForAReturn() {
    QFETCH(double, wind);
    QFETCH(double, from);
    QFETCH(double, error);
    QFETCH(double, factor);
    QFETCH(double, speed);
    QFETCH(double, worst_from);
    Weather weather = windy(wind, from);
    weather.home_wind_factor = factor;
    const auto worst = AirColumn(weather, usual_m).worst_of({wind, from}, error, 0.0, 14.0);
    VERIFY_NEAR(worst.speed_mps, speed, 1e-9);
    VERIFY_NEAR(std::remainder(worst.from_deg - worst_from, 360.0), 0.0, 1e-6);
}

/// Of the forecast, more of it, less of it, and the forecast off straight against the course; on random courses.
void AirColumnTest::aReturnInTheWorstIsTheSlowestOfFour() {
    std::mt19937 engine(7);
    const auto draw = [&](double least, double most) {
        return std::uniform_real_distribution<double>(least, most)(engine);
    };
    int stopped = 0;
    for (int i = 0; i < 400; ++i) {
        Weather weather = windy(draw(0.0, 12.0), draw(0.0, 360.0));
        weather.wind_growth_mps_per_h = i % 3 == 0 ? draw(-4.0, 8.0) : 0.0;
        weather.home_wind_factor = i % 5 == 0 ? 1.0 : draw(1.05, 2.0);
        const double error_mps = draw(0.0, 4.0);
        const double course_deg = draw(0.0, 360.0);
        const double airspeed_mps = draw(9.0, 22.0);
        const double time_s = draw(0.0, 5400.0);
        const double speed_mps =
            std::max(weather.wind.speed_mps + weather.wind_growth_mps_per_h * time_s / 3600.0, 0.0);
        const double from_deg = weather.wind.from_deg;
        double least_mps = ground_mps(course_deg, airspeed_mps, speed_mps, from_deg);
        if (weather.home_wind_factor > 1.0) {
            for (const double factor : {weather.home_wind_factor, 1.0 / weather.home_wind_factor})
                least_mps = std::min(least_mps, ground_mps(course_deg, airspeed_mps, factor * speed_mps, from_deg));
            // Off straight against it: as much slower as the error is large.
            least_mps = std::min(least_mps, ground_mps(course_deg, airspeed_mps, speed_mps, from_deg) - error_mps);
        }
        const AirColumn column(weather, usual_m);
        const auto course = column.on_course(column.steady(usual_m), error_mps, course_deg);
        const auto found = column.worst_ground_mps(course, airspeed_mps, time_s);
        // Slower than 2 m/s is no way home.
        QCOMPARE(found.has_value(), least_mps >= 2.0);
        if (found)
            VERIFY_NEAR(*found, least_mps, 1e-6);
        else
            ++stopped;
    }
    QVERIFY(stopped > 20 && stopped < 300);
}

void AirColumnTest::airAsThePilotMeasuredIt() {
    Weather weather = windy(0.0, 0.0);
    // ISO 2533, sea level; 1000 m above it 1.1117 (table 1).
    VERIFY_NEAR(AirColumn(weather, usual_m).air(0.0)->density_kgm3, 1.2250, 1e-4);
    VERIFY_NEAR(AirColumn(weather, usual_m).air(1000.0)->density_kgm3, 1.1117, 2e-4);
    // p/(R·T) of the field's own barometer, and the same share of the standard atmosphere above it.
    const auto standard = AirColumn(weather, usual_m).air(500.0);
    weather.pressure_pa = 99000.0;
    const double gas = 287.05287;
    VERIFY_NEAR(AirColumn(weather, usual_m).air(0.0)->density_kgm3, 99000.0 / (gas * 288.15), 1e-5);
    VERIFY_NEAR(AirColumn(weather, usual_m).air(500.0)->pressure_pa, standard->pressure_pa * 99000.0 / 101325.0,
                1e-6);
    VERIFY_NEAR(AirColumn(weather, usual_m).air(500.0)->density_kgm3, standard->density_kgm3 * 99000.0 / 101325.0,
                1e-6);
    // Moist air is lighter: at 30 °C and saturated, e = 4246 Pa (Magnus), ρ falls by 0.378·e/p = 1.6 %.
    weather.pressure_pa.reset();
    weather.temperature_c = 30.0;
    const double dry = AirColumn(weather, usual_m).air(0.0)->density_kgm3;
    weather.relative_humidity = 1.0;
    VERIFY_NEAR(AirColumn(weather, usual_m).air(0.0)->density_kgm3 / dry, 1.0 - 0.378 * 4246.0 / 101325.0, 3e-4);
    QVERIFY(!AirColumn(weather, usual_m).air(60000.0));
}

SOBREMESA_TEST(AirColumnTest)
#include "tst_air_column.moc"
