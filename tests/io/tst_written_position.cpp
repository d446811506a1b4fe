// Places in one cell or field, in forms that others publish. The grid references are the example of GeoConvert's
// manual (GeographicLib 2: 33.3 44.4 is 38n 444140.54 3684706.36 and 38SMB4414084706; from memory, and what the
// library gives), the URI is RFC 5870's, the point RFC 7946's.

#include <cmath>

#include <QTest>

#include "io/cell_forms.hpp"
#include "io/written_position.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class WrittenPositionTest : public QObject {
    Q_OBJECT
private slots:
    void publishedForms_data();
    void publishedForms();
    void otherTextIsNone_data();
    void otherTextIsNone();
    void zonesHaveALetter();
};

void WrittenPositionTest::publishedForms_data() {
    QTest::addColumn<double>("latitude");
    QTest::addColumn<double>("longitude");
    QTest::addColumn<double>("within_deg");
    const auto form = [](const char* text, double latitude, double longitude, double within_deg) {
        QTest::newRow(text) << latitude << longitude << within_deg;
    };
    // A centimetre is 1e-7 of a degree.
    form("38N 444140.54 3684706.36", 33.3, 44.4, 2e-7);
    form("38S 444140.54 3684706.36", 33.3, 44.4, 2e-7);
    form("38 S 444140.54 mE 3684706.36 mN", 33.3, 44.4, 2e-7);
    form("38s 444140.54;3684706.36", 33.3, 44.4, 2e-7);
    form("38SMB4414084706", 33.3, 44.4, 1e-5);
    form("38S MB 44140 84706", 33.3, 44.4, 1e-5);
    form("38smb441847", 33.3, 44.4, 1e-3);
    form("geo:48.2010,16.3695,183", 48.2010, 16.3695, 1e-12);
    form("GEO:48.198634,16.371648;crs=wgs84;u=40", 48.198634, 16.371648, 1e-12);
    form("POINT(16.3695 48.2010)", 48.2010, 16.3695, 1e-12);
    form("POINT Z (16.3695 48.2010 183)", 48.2010, 16.3695, 1e-12);
    form("{\"type\": \"Point\", \"coordinates\": [100.0, 0.5]}", 0.5, 100.0, 1e-12);
    form("{\"lat\": -33.9, \"lon\": 18.4}", -33.9, 18.4, 1e-12);
    form("{'longitude_deg': 18.4, 'latitude_deg': -33.9}", -33.9, 18.4, 1e-12);
    form("lat=-33.9 lng=+18.4", -33.9, 18.4, 1e-12);
    form("Latitude: -33.9, Longitude: 18.4", -33.9, 18.4, 1e-12);
}

void WrittenPositionTest::publishedForms() {
    QFETCH(double, latitude);
    QFETCH(double, longitude);
    QFETCH(double, within_deg);
    const auto place = io::written_position(QTest::currentDataTag());
    QVERIFY(place.has_value());
    VERIFY_NEAR(place->latitude_deg, latitude, within_deg);
    VERIFY_NEAR(place->longitude_deg, longitude, within_deg);
    // As a cell of a log, and as a field that somebody types into.
    double cell_latitude = 0.0;
    double cell_longitude = 0.0;
    QVERIFY(io::parse_pair(QTest::currentDataTag(), cell_latitude, cell_longitude));
    QCOMPARE(cell_latitude, place->latitude_deg);
    QCOMPARE(cell_longitude, place->longitude_deg);
    const auto typed = io::position_from_text(QTest::currentDataTag());
    QVERIFY(typed && std::abs(typed->latitude_deg - latitude) < within_deg + 1e-12);
}

void WrittenPositionTest::otherTextIsNone_data() {
    QTest::addColumn<int>("none");
    for (const char* text : {"",
                             "47.1234 11.5",
                             "N47 07.407 E011 27.400",
                             "47N 11E",
                             "waypoint 3 (12, 45)",
                             "platform 12, long 30",
                             "lat lon",
                             "lat -, lon 3",
                             "lat=95 lon=10",
                             "lat=12",
                             "flat=12 along=13",
                             "geo:",
                             "geo:abc",
                             "geo:91,10",
                             "POINT",
                             "POINT(1)",
                             "coordinates",
                             "38S",
                             "38S 444140.54",
                             "0N 444140 3684706",
                             "61N 444140 3684706",
                             "38N 44 36",
                             "38N 444140 3684706 12",
                             "38SMB4484",
                             "38SMB441408470",
                             "38SII4414084706",
                             "12AAB123456",
                             "latitude is not known by then, so the number 5 is none, lon 3"})
        QTest::newRow(text) << 0;
}

void WrittenPositionTest::otherTextIsNone() {
    QVERIFY(!io::written_position(QTest::currentDataTag()).has_value());
}

void WrittenPositionTest::zonesHaveALetter() {
    using Zone = geodesy::UtmZone;
    QVERIFY(io::utm_zone_from_text("32T", 5.2e6) == std::optional(Zone{32, true}));
    QVERIFY(io::utm_zone_from_text(" 7 m ", 9.2e6) == std::optional(Zone{7, false}));
    // The south, or the band of 32 to 40 degrees north.
    QVERIFY(io::utm_zone_from_text("38S", 3.68e6) == std::optional(Zone{38, true}));
    QVERIFY(io::utm_zone_from_text("38S", 6.3e6) == std::optional(Zone{38, false}));
    for (const char* text : {"", "32", "T", "0T", "61T", "32A", "32TT", "132T"})
        QVERIFY2(!io::utm_zone_from_text(text, 5e6), text);
}

SOBREMESA_TEST(WrittenPositionTest)
#include "tst_written_position.moc"
