// The sun's place and the sky's light, against a published worked example and against astropy.

#include <QTest>

#include "core/sun/sky.hpp"
#include "core/sun/solar_position.hpp"
#include "core/units/constants.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class SolarPositionTest : public QObject {
    Q_OBJECT
private slots:
    void theWorkedExampleOfNrel();
    void astropySeesItThere();
    void everySecondIsAsGoodAsTheNodes();
    void placesAndDatesThatAreNone();
    void clearSky();
    void cloudAndDiffuseLight();
    void tiltedCells();
};

void SolarPositionTest::theWorkedExampleOfNrel() {
    // Reda & Andreas, NREL/TP-560-34302, appendix A.5: 17 October 2003, 12:30:30 at UTC − 7 h, 39.742476 ° N,
    // 105.1786 ° W. Elevation without refraction 39.872046 °, azimuth 194.340241 °. (There at 1830 m: its parallax
    // is within the last digit.)
    const double utc_s = 1066419030.0;
    const auto day = sun::SolarDay::over({39.742476, -105.1786}, utc_s - 3600.0, 7200.0);
    QVERIFY(day);
    const auto direction = day->at(utc_s);
    VERIFY_NEAR(direction.elevation_deg, 39.872046, 0.001);
    VERIFY_NEAR(direction.azimuth_deg, 194.340241, 0.0015);
    VERIFY_NEAR(direction.distance_au, 0.9965422974, 2e-5);
}

void SolarPositionTest::astropySeesItThere() {
    // astropy 5.2.1, get_sun in AltAz without pressure: latitude, longitude, seconds since 1970, elevation,
    // azimuth.
    struct Seen {
        double latitude_deg, longitude_deg, utc_s, elevation_deg, azimuth_deg;
    };
    // clang-format off
    static const Seen table[] = {
{42.61, -5.02, 792487200.0, -1.3897, 108.0493},
        {42.61, -5.02, 1066419030.0, -21.9004, 277.6278},
        {42.61, -5.02, 1782044580.0, 70.8257, 180.7674},
        {42.61, -5.02, 1797853260.0, 23.3974, 170.7179},
        {42.61, -5.02, 1709179500.0, -31.9741, 69.0924},
        {42.61, -5.02, 1946412600.0, -32.7398, 321.0380},
        {42.61, -5.02, 2436706800.0, 35.3486, 229.1996},
        {60.00, 10.00, 792487200.0, 0.2387, 119.7362},
        {60.00, 10.00, 1066419030.0, -25.6065, 298.1036},
        {60.00, 10.00, 1782044580.0, 51.9011, 203.0947},
        {60.00, 10.00, 1797853260.0, 6.4283, 185.2942},
        {60.00, 10.00, 1709179500.0, -17.5791, 74.6910},
        {60.00, 10.00, 1946412600.0, -22.0125, 341.5800},
        {60.00, 10.00, 2436706800.0, 17.4195, 236.9991},
        {0.00, 0.00, 792487200.0, 15.9190, 104.7205},
        {0.00, 0.00, 1066419030.0, -25.9128, 259.6338},
        {0.00, 0.00, 1782044580.0, 66.0036, 347.9836},
        {0.00, 0.00, 1797853260.0, 66.1988, 170.2660},
        {0.00, 0.00, 1709179500.0, -31.5377, 99.1596},
        {0.00, 0.00, 1946412600.0, -62.1135, 284.2640},
        {0.00, 0.00, 2436706800.0, 46.8502, 269.9546},
        {-33.90, 151.20, 792487200.0, 17.9765, 264.7529},
        {-33.90, 151.20, 1066419030.0, 3.1103, 99.1340},
        {-33.90, 151.20, 1782044580.0, -66.9543, 249.1831},
        {-33.90, 151.20, 1797853260.0, -24.6081, 213.4059},
        {-33.90, 151.20, 1709179500.0, 52.4237, 307.2510},
        {-33.90, 151.20, 1946412600.0, 23.4093, 63.7523},
        {-33.90, 151.20, 2436706800.0, -53.4979, 155.3808},
        {78.20, 15.60, 792487200.0, -7.7041, 123.9499},
        {78.20, 15.60, 1066419030.0, -17.0493, 309.7846},
        {78.20, 15.60, 1782044580.0, 34.3748, 203.3579},
        {78.20, 15.60, 1797853260.0, -11.8535, 190.6182},
        {78.20, 15.60, 1709179500.0, -10.9291, 75.6186},
        {78.20, 15.60, 1946412600.0, -4.9479, 348.4820},
        {78.20, 15.60, 2436706800.0, 6.0571, 239.2828},
        {-17.80, 179.90, 792487200.0, -10.6602, 251.2422},
        {-17.80, 179.90, 1066419030.0, 27.6469, 91.3582},
        {-17.80, 179.90, 1782044580.0, -82.5575, 39.8893},
        {-17.80, 179.90, 1797853260.0, -48.5451, 186.0540},
        {-17.80, 179.90, 1709179500.0, 32.7405, 272.1228},
        {-17.80, 179.90, 1946412600.0, 53.6638, 50.1478},
        {-17.80, 179.90, 2436706800.0, -44.0792, 108.1606},
        {89.90, 0.00, 792487200.0, -14.1179, 106.4572},
        {89.90, 0.00, 1066419030.0, -9.3610, 296.2683},
        {89.90, 0.00, 1782044580.0, 23.5352, 185.2988},
        {89.90, 0.00, 1797853260.0, -23.3394, 175.7386},
        {89.90, 0.00, 1709179500.0, -7.8529, 58.1472},
        {89.90, 0.00, 1946412600.0, 6.5264, 332.8527},
        {89.90, 0.00, 2436706800.0, 0.0395, 223.1482},
        {51.50, -179.95, 792487200.0, -21.2566, 273.8886},
        {51.50, -179.95, 1066419030.0, 8.3831, 116.6233},
        {51.50, -179.95, 1782044580.0, -14.9172, 5.0741},
        {51.50, -179.95, 1797853260.0, -61.7505, 351.8100},
        {51.50, -179.95, 1709179500.0, 12.6453, 239.6369},
        {51.50, -179.95, 1946412600.0, 39.8390, 143.8862},
        {51.50, -179.95, 2436706800.0, -27.0176, 50.2073},
    };
    // clang-format on
    for (const Seen& seen : table) {
        const auto day =
            sun::SolarDay::over({seen.latitude_deg, seen.longitude_deg}, seen.utc_s - 40000.0, 86400.0);
        QVERIFY(day);
        const auto direction = day->at(seen.utc_s);
        VERIFY_NEAR(direction.elevation_deg, seen.elevation_deg, 0.003);
        // Near the zenith a small way is a large angle.
        const double across = std::cos(units::radians(seen.elevation_deg)) *
                              units::signed_turn_degrees(seen.azimuth_deg, direction.azimuth_deg);
        VERIFY_NEAR(across, 0.0, 0.003);
    }
}

void SolarPositionTest::everySecondIsAsGoodAsTheNodes() {
    // Nodes at other times are another interpolation of the same sky.
    const double from = 1782000000.0;
    const auto one = sun::SolarDay::over({42.61, -5.02}, from, 86400.0);
    const auto other = sun::SolarDay::over({42.61, -5.02}, from - 5000.0, 100000.0);
    QVERIFY(one && other);
    for (double at = from; at <= from + 86400.0; at += 617.0) {
        VERIFY_NEAR(one->at(at).elevation_deg, other->at(at).elevation_deg, 2e-5);
        VERIFY_NEAR(one->at(at).distance_au, other->at(at).distance_au, 1e-8);
    }
}

void SolarPositionTest::placesAndDatesThatAreNone() {
    QCOMPARE(sun::SolarDay::over({91.0, 0.0}, 0.0, 86400.0).error().code, units::ErrorCode::position_impossible);
    QCOMPARE(sun::SolarDay::over({std::nan(""), 0.0}, 0.0, 86400.0).error().code,
             units::ErrorCode::position_impossible);
    QCOMPARE(sun::SolarDay::over({0.0, 0.0}, 1e12, 86400.0).error().code, units::ErrorCode::value_out_of_range);
    QVERIFY(sun::SolarDay::over({90.0, 180.0}, 0.0, 86400.0));
}

void SolarPositionTest::clearSky() {
    // Haurwitz 1945 and Kasten & Young 1989 from their formulas, by hand.
    VERIFY_NEAR(sun::clear_sky_global_w_per_m2(90.0), 1037.16, 0.01);
    VERIFY_NEAR(sun::clear_sky_global_w_per_m2(30.0), 489.85, 0.01);
    VERIFY_NEAR(sun::clear_sky_global_w_per_m2(5.0), 49.76, 0.01);
    QCOMPARE(sun::clear_sky_global_w_per_m2(-3.0), 0.0);
    VERIFY_NEAR(sun::air_mass(90.0), 1.0, 5e-4);
    VERIFY_NEAR(sun::air_mass(10.0), 5.586, 1e-3);
    // Published table of Kasten & Young: 10.31 at 5 °.
    VERIFY_NEAR(sun::air_mass(5.0), 10.31, 0.01);
}

void SolarPositionTest::cloudAndDiffuseLight() {
    QCOMPARE(sun::cloud_factor(0.0), 1.0);
    VERIFY_NEAR(sun::cloud_factor(8.0), 0.25, 1e-12);
    VERIFY_NEAR(sun::cloud_factor(4.0), 0.9290, 1e-4);
    // Erbs 1982: nearly all diffuse under a dark sky, a good fifth of it under a bright one.
    const sun::SunDirection high{60.0, 180.0, 1.0};
    const auto clear = sun::irradiance(high, 0.0);
    const double kt = 890.325 / (1361.0 * 0.8660254);
    const double share =
        0.9511 - 0.1604 * kt + 4.388 * kt * kt - 16.638 * kt * kt * kt + 12.336 * kt * kt * kt * kt;
    VERIFY_NEAR(clear.global, 890.325, 0.01);
    VERIFY_NEAR(clear.diffuse, share * 890.325, 0.05);
    VERIFY_NEAR(clear.direct + clear.diffuse, clear.global, 1e-9);
    const auto dark = sun::irradiance(high, 8.0);
    QVERIFY(dark.diffuse > 0.97 * dark.global);
    double before = 1e9;
    for (double okta = 0.0; okta <= 8.0; okta += 0.5) {
        QVERIFY(sun::irradiance(high, okta).global <= before);
        before = sun::irradiance(high, okta).global;
    }
}

void SolarPositionTest::tiltedCells() {
    const sun::SunDirection sun_at{25.0, 180.0, 1.0};
    const auto sky = sun::irradiance(sun_at, 0.0);
    VERIFY_NEAR(sun::on_cells_w_per_m2(sky, 25.0, 0.0), sky.global, 1e-12);
    // The mean over all headings, walked round.
    for (const double tilt : {5.0, 20.0, 40.0}) {
        const double t = units::radians(tilt);
        const double z = units::radians(65.0);
        double mean = 0.0;
        constexpr int steps = 36000;
        for (int i = 0; i < steps; ++i) {
            const double azimuth = 2.0 * units::pi * (i + 0.5) / steps;
            mean +=
                std::max(std::cos(z) * std::cos(t) + std::sin(z) * std::sin(t) * std::cos(azimuth), 0.0) / steps;
        }
        const double expected = sky.direct / std::cos(z) * mean + sky.diffuse * 0.5 * (1.0 + std::cos(t)) +
                                0.2 * sky.global * 0.5 * (1.0 - std::cos(t));
        VERIFY_NEAR(sun::on_cells_w_per_m2(sky, 25.0, tilt), expected, 0.01);
    }
}

SOBREMESA_TEST(SolarPositionTest)
#include "tst_solar_position.moc"
