// Dates and moments, there and back.

#include <QTest>

#include "io/calendar.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class CalendarTest : public QObject {
    Q_OBJECT
private slots:
    void datesAndMoments();
};

void CalendarTest::datesAndMoments() {
    QCOMPARE(*io::day_utc_s("2026-06-21"), 1782000000.0);
    QCOMPARE(*io::day_utc_s("1970-01-01"), 0.0);
    for (const char* none : {"2026-02-29", "2026-13-01", "21.06.2026", "2026-6-21", "", "2026-06-21T00:00"})
        QVERIFY2(!io::day_utc_s(none), none);
    for (const char* day : {"2026-06-21", "21.06.2026", "21.6.2026", "2026/06/21", "6/21/2026", "21/06/2026"}) {
        const auto read = io::typed_day_utc_s(day);
        QVERIFY2(read && *read == 1782000000.0, day);
    }
    for (const char* none : {"06.07.2026", "6/7/2026", "soon", "", "31.02.2026"})
        QVERIFY2(!io::typed_day_utc_s(none), none);
    QCOMPARE(*io::time_of_day_s("9:30"), 34200.0);
    QCOMPARE(*io::time_of_day_s("09:30"), 34200.0);
    for (const char* none : {"9:3", "24:00", "9.30", ":30", "0930"}) QVERIFY2(!io::time_of_day_s(none), none);
    QCOMPARE(io::day_utc_s("2240-01-01").error().code, units::ErrorCode::value_out_of_range);
    QCOMPARE(*io::moment_utc_s("2026-06-21T10:30Z"), 1782000000.0 + 37800.0);
    QVERIFY(!io::moment_utc_s("2026-06-21T24:00Z"));
    QVERIFY(!io::moment_utc_s("2026-06-21 10:30"));
    for (const double utc_s : {0.0, 1782037800.0, 1709164740.0, -86400.0})
        QCOMPARE(*io::moment_utc_s(io::moment_text(utc_s)), utc_s);
}

SOBREMESA_TEST(CalendarTest)
#include "tst_calendar.moc"
