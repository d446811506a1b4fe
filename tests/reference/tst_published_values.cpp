// Checks against values that others published. The source stands beside each.

#include <QTest>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/atmosphere/wind.hpp"
#include "core/geodesy/geodesic.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class PublishedValues : public QObject {
    Q_OBJECT
private slots:
    void standardAtmosphere_data();
    void standardAtmosphere();
    void standardAtmosphereRefusesHeightsOutsideItsTable();
    void densityOfMoistAir();
    void geodesics_data();
    void geodesics();
    void windTriangleOfTheHandbook();
    void beaufort_data();
    void beaufort();
};

void PublishedValues::standardAtmosphere_data() {
    // ISO 2533:1975 (= US Standard Atmosphere 1976), geopotential heights.
    QTest::addColumn<double>("height_m");
    QTest::addColumn<double>("temperature_k");
    QTest::addColumn<double>("pressure_pa");
    QTest::addColumn<double>("density_kgm3");
    QTest::newRow("sea level") << 0.0 << 288.150 << 101325.0 << 1.2250;
    QTest::newRow("1000 m") << 1000.0 << 281.650 << 89874.6 << 1.1116;
    QTest::newRow("5000 m") << 5000.0 << 255.650 << 54019.9 << 0.7361;
    QTest::newRow("11 000 m") << 11000.0 << 216.650 << 22632.1 << 0.3639;
}

void PublishedValues::standardAtmosphere() {
    QFETCH(double, height_m);
    QFETCH(double, temperature_k);
    QFETCH(double, pressure_pa);
    QFETCH(double, density_kgm3);
    const auto air = atmosphere::standard_atmosphere(height_m);
    QVERIFY(air.has_value());
    // Tolerance: half of the last printed digit of the tables.
    VERIFY_NEAR(air->temperature_k, temperature_k, 5e-4);
    VERIFY_NEAR(air->pressure_pa, pressure_pa, 0.06);
    VERIFY_NEAR(air->density_kgm3, density_kgm3, 5.1e-5);
}

void PublishedValues::standardAtmosphereRefusesHeightsOutsideItsTable() {
    for (const double height_m : {-2001.0, 11001.0, std::nan("")}) {
        const auto air = atmosphere::standard_atmosphere(height_m);
        QVERIFY(!air.has_value());
        QCOMPARE(air.error().code, units::ErrorCode::height_outside_atmosphere);
    }
}

void PublishedValues::densityOfMoistAir() {
    // CIPM-2007 (Picard et al., Metrologia 45, 2008) near 20 °C, 101 325 Pa, 50 %: 1.1992 kg/m³ (value from memory;
    // the ideal-gas form used here leaves out the compressibility, worth 0.04 %).
    VERIFY_NEAR(atmosphere::air_density_kgm3(101325.0, 293.15, 0.5), 1.1992, 0.001);
    QVERIFY(atmosphere::air_density_kgm3(101325.0, 303.15, 1.0) <
            atmosphere::air_density_kgm3(101325.0, 303.15, 0.0));
}

void PublishedValues::geodesics_data() {
    QTest::addColumn<double>("lat1");
    QTest::addColumn<double>("lon1");
    QTest::addColumn<double>("lat2");
    QTest::addColumn<double>("lon2");
    QTest::addColumn<double>("distance_m");
    QTest::addColumn<double>("tolerance_m");
    // GeographicLib documentation, Geodesic: JFK to LHR, rounded coordinates.
    QTest::newRow("across the Atlantic") << 40.6 << -73.8 << 51.6 << -0.5 << 5551759.400 << 0.0006;
    // Geoscience Australia, GDA94 technical manual: Flinders Peak to Buninyong, on GRS 80. WGS 84 differs from GRS
    // 80 in the tenth digit of the flattening, which moves this line by less than a tenth of a millimetre.
    QTest::newRow("Flinders Peak to Buninyong")
        << -(37.0 + 57.0 / 60 + 3.72030 / 3600) << 144.0 + 25.0 / 60 + 29.52440 / 3600
        << -(37.0 + 39.0 / 60 + 10.15610 / 3600) << 143.0 + 55.0 / 60 + 35.38390 / 3600 << 54972.271 << 0.001;
}

void PublishedValues::geodesics() {
    QFETCH(double, lat1);
    QFETCH(double, lon1);
    QFETCH(double, lat2);
    QFETCH(double, lon2);
    QFETCH(double, distance_m);
    QFETCH(double, tolerance_m);
    const auto line = geodesy::geodesic({lat1, lon1}, {lat2, lon2});
    QVERIFY(line.has_value());
    VERIFY_NEAR(line->distance_m, distance_m, tolerance_m);
    const auto end = geodesy::destination({lat1, lon1}, line->azimuth_deg, line->distance_m);
    QVERIFY(end.has_value());
    VERIFY_NEAR(end->latitude_deg, lat2, 1e-9);
    VERIFY_NEAR(end->longitude_deg, lon2, 1e-9);
}

void PublishedValues::windTriangleOfTheHandbook() {
    // FAA-H-8083-25, ch. 16: course 090°, true airspeed 120, wind 045° at 40 → heading 076°, ground speed 88.
    const auto heading = geodesy::wind_triangle(90.0, 120.0, 45.0, 40.0);
    QVERIFY(heading.has_value());
    VERIFY_NEAR(heading->heading_deg, 76.0, 0.5);
    VERIFY_NEAR(heading->ground_speed_mps, 88.0, 0.5);
}

void PublishedValues::beaufort_data() {
    // WMO-No. 306, table of the Beaufort scale: ranges in m/s.
    QTest::addColumn<double>("wind_mps");
    QTest::addColumn<int>("force");
    QTest::newRow("calm") << 0.2 << 0;
    QTest::newRow("light air") << 0.3 << 1;
    QTest::newRow("gentle breeze") << 5.4 << 3;
    QTest::newRow("moderate breeze") << 5.5 << 4;
    QTest::newRow("gale") << 20.7 << 8;
    QTest::newRow("hurricane") << 32.7 << 12;
}

void PublishedValues::beaufort() {
    QFETCH(double, wind_mps);
    QFETCH(int, force);
    QCOMPARE(atmosphere::beaufort_number(wind_mps), force);
}

SOBREMESA_TEST(PublishedValues)
#include "tst_published_values.moc"
