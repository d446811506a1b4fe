#include <QTest>

#include "core/atmosphere/wind.hpp"
#include "core/geodesy/geodesic.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "core/units/constants.hpp"
#include "core/units/number_ranges.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class Units : public QObject {
    Q_OBJECT
private slots:
    void anglesWrap();
    void turnsTakeTheShortWay();
    void conversionsAreExact();
    void limitsNameTheirField();
    void windFallsTowardsTheGround();
    void windTriangleHasNoSolutionInTooMuchWind_data();
    void windTriangleHasNoSolutionInTooMuchWind();
    void localFrameGoesThereAndBack();
};

void Units::anglesWrap() {
    QCOMPARE(units::wrap_degrees(-90.0), 270.0);
    QCOMPARE(units::wrap_degrees(720.0), 0.0);
    QVERIFY(units::wrap_degrees(-1e-14) < 360.0);
}

void Units::turnsTakeTheShortWay() {
    QCOMPARE(units::signed_turn_degrees(350.0, 10.0), 20.0);
    QCOMPARE(units::signed_turn_degrees(10.0, 350.0), -20.0);
    QCOMPARE(units::signed_turn_degrees(0.0, 180.0), 180.0);
}

void Units::conversionsAreExact() {
    // Exact by definition: international mile and foot, nautical mile.
    VERIFY_NEAR(100.0 * units::mps_per_mph, 44.704, 1e-9);
    VERIFY_NEAR(10.0 * units::mps_per_knot, 5.144444444, 1e-8);
    VERIFY_NEAR(36.0 * units::mps_per_kmh, 10.0, 1e-12);
    VERIFY_NEAR(units::kelvin(-273.15), 0.0, 1e-12);
}

void Units::limitsNameTheirField() {
    auto ranges = units::NumberRanges::looking();
    ranges.number("first", 1.0, 0.0, 2.0);
    QVERIFY(!ranges.wrong());
    ranges.number("second", std::nan(""), 0.0, 2.0);
    ranges.number("third", 3.0, 0.0, 2.0);
    const auto& error = ranges.wrong();
    QVERIFY(error.has_value());
    QCOMPARE(error->code, units::ErrorCode::value_out_of_range);
    QCOMPARE(error->where.field, std::string("second"));
}

void Units::windFallsTowardsTheGround() {
    const atmosphere::Wind aloft{8.0, 270.0};
    const auto low = atmosphere::wind_at_height(aloft, 100.0, 10.0);
    VERIFY_NEAR(low.speed_mps, 8.0 * std::pow(0.1, 1.0 / 7.0), 1e-12);
    QCOMPARE(low.from_deg, 270.0);
    // Under two metres the law is not used: the wind stays that of two metres.
    QCOMPARE(atmosphere::wind_at_height(aloft, 100.0, 0.0).speed_mps,
             atmosphere::wind_at_height(aloft, 100.0, 2.0).speed_mps);
}

void Units::windTriangleHasNoSolutionInTooMuchWind_data() {
    QTest::addColumn<double>("wind_from_deg");
    QTest::addColumn<double>("wind_mps");
    QTest::addColumn<bool>("solved");
    QTest::newRow("cross wind as strong as the airspeed") << 0.0 << 14.0 << false;
    QTest::newRow("cross wind a little weaker") << 0.0 << 13.0 << true;
    QTest::newRow("head wind leaves 1.9 m/s") << 90.0 << 12.1 << false;
    QTest::newRow("head wind leaves 2.1 m/s") << 90.0 << 11.9 << true;
    QTest::newRow("tail wind of any strength") << 270.0 << 40.0 << true;
}

void Units::windTriangleHasNoSolutionInTooMuchWind() {
    QFETCH(double, wind_from_deg);
    QFETCH(double, wind_mps);
    QFETCH(bool, solved);
    const auto heading = geodesy::wind_triangle(90.0, 14.0, wind_from_deg, wind_mps);
    QCOMPARE(heading.has_value(), solved);
    if (!solved) QCOMPARE(heading.error().code, units::ErrorCode::wind_too_strong);
}

void Units::localFrameGoesThereAndBack() {
    const auto frame = geodesy::LocalFrame::around({39.4, -31.4});
    QVERIFY(frame.has_value());
    const auto there = geodesy::destination({39.4, -31.4}, 37.0, 25000.0);
    const auto point = frame->forward(*there);
    // At 25 km the tangent plane is 0.6 m short of the geodesic: d³/6R².
    VERIFY_NEAR(std::hypot(point.east_m, point.north_m), 25000.0, 0.1);
    const auto back = frame->reverse(point);
    VERIFY_NEAR(back.latitude_deg, there->latitude_deg, 1e-8);
    VERIFY_NEAR(back.longitude_deg, there->longitude_deg, 1e-8);
    QVERIFY(!geodesy::LocalFrame::around({91.0, 0.0}).has_value());
}

SOBREMESA_TEST(Units)
#include "tst_units.moc"
