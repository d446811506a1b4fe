#include <QFile>
#include <QTemporaryDir>
#include <algorithm>

#include <QTest>

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include "core/geodesy/geodesic.hpp"
#include "core/telemetry/consumption.hpp"
#include "io/csv_log_reader.hpp"
#include "io/csv_log_writer.hpp"
#include "io/text_file.hpp"
#include "io/text_number.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;
using telemetry::SetAsideReason;
using units::ErrorCode;

class CsvLogReaderTest : public QObject {
    Q_OBJECT
private slots:
    void radioStyle();
    void recorderStyle();
    void semicolonDecimalCommaAndByteOrderMark();
    void aWholeHeaderInAnotherLanguage();
    void unitsInEveryDress_data();
    void unitsInEveryDress();
    void bareHeadersAreAssumedAndSaid();
    void coordinatesAsReceiversCountThem();
    void aLoneUnitIsTakenAndSaid();
    void headersOfOtherHands();
    void aMissionClock();
    void minutesAndSecondsByTheirMarks_data();
    void minutesAndSecondsByTheirMarks();
    void countsFromOtherZerosKnowTheirDay_data();
    void countsFromOtherZerosKnowTheirDay();
    void currentsOfMotorsAreAddedUp();
    void aSecondBatteryIsSaid();
    void ampsThatNoPackGivesAreCounts();
    void placesOnTheGrid();
    void ticksAreNobodysUnit();
    void placesInSemicircles();
    void metresFromTheMiddleOfTheEarthAreNoPlaces();
    void bothPlacesInOneCell_data();
    void bothPlacesInOneCell();
    void roundTrip_data();
    void roundTrip();
    void badRowsAreListedNotGuessed();
    void cutLastRowIsSetAside();
    void lastRowWithoutEndIsKept();
    void preambleCommentsAndRepeatedHeader();
    void quotedCellsMayHoldTheDelimiter();
    void clockPassesMidnight();
    void unusableFiles_data();
    void unusableFiles();
    void missingFileAndFolder();
    void twoGigabytesOfZerosEndAtOnce();
    void hugeNumbersAndNamesDoNotCrash();
    void progressAndCancel();
    void aFileThatShrinksEndsTheReading();

private:
    std::string written(const std::string& text) {
        const std::string path = folder_.filePath(QStringLiteral("log.csv")).toStdString();
        if (!io::write_text_file(path, text)) qFatal("cannot write the test file");
        return path;
    }
    std::shared_ptr<const telemetry::FlightLog> read(const std::string& text) {
        auto log = io::read_csv_log(written(text));
        if (!log) qFatal("refused with error %d", int(log.error().code));
        return *log;
    }
    QTemporaryDir folder_;
};

void CsvLogReaderTest::radioStyle() {
    const auto log = read("Date,Time,Position,Speed(km/h),Height(m),Course(deg),Pack(V),Current(A),Used(mAh),Note\n"
                          "2026-05-09,09:14:00.000,39.400000 -31.400000,36.0,12.0,250,16.10,5.00,10,ok\n"
                          "2026-05-09,09:14:00.500,39.400010 -31.400020,72.0,13.0,251,16.05,5.50,11,ok\n");
    QCOMPARE(log->rows(), std::size_t(2));
    VERIFY_NEAR((*log)[Channel::time_s][1], 0.5, 1e-6);
    VERIFY_NEAR(*log->start_clock_s, 1778318040.0, 1e-6); // 2026-05-09 09:14:00
    VERIFY_NEAR((*log)[Channel::latitude_deg][1], 39.40001, 1e-9);
    VERIFY_NEAR((*log)[Channel::longitude_deg][1], -31.40002, 1e-9);
    VERIFY_NEAR((*log)[Channel::ground_speed_mps][1], 20.0, 1e-9);
    VERIFY_NEAR((*log)[Channel::voltage_v][0], 16.1, 1e-9);
    VERIFY_NEAR((*log)[Channel::charge_ah][1], 0.011, 1e-9);
    QCOMPARE(log->diagnostics.size(), std::size_t(1)); // the column “Note” was not used, and that is said
    QCOMPARE(log->diagnostics[0].code, units::DiagnosticCode::column_not_understood);
}

void CsvLogReaderTest::recorderStyle() {
    const auto log =
        read("time (us),latitude (deg),longitude (deg),ground speed (m/s),baro height (cm),voltage (V),"
             "current (A)\n"
             "5000000,39.4,-31.4,10.5,1250,15.9,6.1\n"
             "5020000,39.4,-31.4,10.6,1260,15.8,6.2\n");
    VERIFY_NEAR((*log)[Channel::time_s][1], 0.02, 1e-12);
    VERIFY_NEAR((*log)[Channel::height_m][1], 12.6, 1e-9);
    VERIFY_NEAR((*log)[Channel::ground_speed_mps][0], 10.5, 1e-12);
    QVERIFY(!log->start_clock_s.has_value());
    QVERIFY(log->diagnostics.empty());
}

void CsvLogReaderTest::semicolonDecimalCommaAndByteOrderMark() {
    const auto log = read("\xEF\xBB\xBFZeit Time [s];Lat;Lon;Speed [km/h];Spannung Volt [V];Current [A]\r\n"
                          "0,0;39,4;-31,4;36,0;16,10;5,25\r\n"
                          "0,5;39,4;-31,4;36,0;16,05;5,50\r\n");
    QCOMPARE(log->rows(), std::size_t(2));
    VERIFY_NEAR((*log)[Channel::time_s][1], 0.5, 1e-12);
    VERIFY_NEAR((*log)[Channel::latitude_deg][0], 39.4, 1e-12);
    VERIFY_NEAR((*log)[Channel::voltage_v][1], 16.05, 1e-12);
    VERIFY_NEAR((*log)[Channel::current_a][0], 5.25, 1e-12);
}

void CsvLogReaderTest::aWholeHeaderInAnotherLanguage() {
    // As a spreadsheet under a desktop with decimal commas writes it, in Latin-1.
    const auto log =
        read("Datum;Uhrzeit;Breitengrad;L\xE4ngengrad;H\xF6he (m);Spannung (V);Strom (A);Verbrauch (mAh)\n"
             "09.05.2026;14:03:21,500;39,4;-31,4;12,5;16,50;5,25;10\n"
             "09.05.2026;14:03:22,000;39,4;-31,4;13,0;16,49;5,30;11\n");
    QCOMPARE(log->rows(), 2u);
    VERIFY_NEAR((*log)[Channel::time_s][1], 0.5, 1e-6);
    VERIFY_NEAR((*log)[Channel::latitude_deg][0], 39.4, 1e-12);
    VERIFY_NEAR((*log)[Channel::longitude_deg][0], -31.4, 1e-12);
    VERIFY_NEAR((*log)[Channel::height_m][0], 12.5, 1e-12);
    VERIFY_NEAR((*log)[Channel::voltage_v][1], 16.49, 1e-12);
    VERIFY_NEAR((*log)[Channel::current_a][0], 5.25, 1e-12);
    VERIFY_NEAR((*log)[Channel::charge_ah][1], 0.011, 1e-12);
}

void CsvLogReaderTest::unitsInEveryDress_data() {
    QTest::addColumn<QString>("header");
    QTest::addColumn<int>("channel");
    QTest::addColumn<double>("si_of_one_hundred");
    QTest::newRow("brackets") << "speed (km/h)" << int(Channel::ground_speed_mps) << 100.0 / 3.6;
    QTest::newRow("square brackets") << "ALT[ft]" << int(Channel::height_m) << 30.48;
    QTest::newRow("underscore") << "baro_alt_cm" << int(Channel::height_m) << 1.0;
    QTest::newRow("slash") << "voltage/mV" << int(Channel::voltage_v) << 0.1;
    QTest::newRow("blank") << "current mA" << int(Channel::current_a) << 0.1;
    QTest::newRow("knots") << "ground speed (kts)" << int(Channel::ground_speed_mps) << 51.4444;
    QTest::newRow("miles an hour") << "speed [mph]" << int(Channel::ground_speed_mps) << 44.704;
    QTest::newRow("airspeed is no ground speed") << "air speed (m/s)" << int(Channel::airspeed_mps) << 100.0;
    QTest::newRow("vertical speed is no ground speed")
        << "vertical speed (m/s)" << int(Channel::climb_mps) << 100.0;
    QTest::newRow("cell volts are no pack volts") << "lowest cell (V)" << int(Channel::cell_voltage_v) << 100.0;
    QTest::newRow("counter by its unit") << "battery (mAh)" << int(Channel::charge_ah) << 0.1;
    QTest::newRow("energy by its unit") << "used [Wh]" << int(Channel::charge_ah) << -1.0;
    QTest::newRow("energy in joules") << "Energy (J)" << int(Channel::energy_wh) << 100.0 / 3600.0;
    QTest::newRow("energy in kilojoules") << "energy_kJ" << int(Channel::energy_wh) << 100.0 / 3.6;
    QTest::newRow("energy in hectojoules") << "energy consumed (hJ)" << int(Channel::energy_wh) << 10.0 / 3.6;
    QTest::newRow("energy used") << "used [mWh]" << int(Channel::energy_wh) << 0.1;
    QTest::newRow("charge in coulombs") << "Charge (C)" << int(Channel::charge_ah) << 100.0 / 3600.0;
    QTest::newRow("used coulombs") << "Used (C)" << int(Channel::charge_ah) << 100.0 / 3600.0;
    QTest::newRow("coulombs by their word") << "drawn [Coulombs]" << int(Channel::charge_ah) << 100.0 / 3600.0;
    QTest::newRow("a speed without the stroke") << "ground_speed_ms" << int(Channel::ground_speed_mps) << 100.0;
    QTest::newRow("the same in brackets") << "GSpd (ms)" << int(Channel::ground_speed_mps) << 100.0;
    QTest::newRow("a climb without the stroke") << "vario_ms" << int(Channel::climb_mps) << 100.0;
    QTest::newRow("camel case") << "BaroAlt (cm)" << int(Channel::height_m) << 1.0;
    QTest::newRow("short for ground speed") << "GSpd(kmh)" << int(Channel::ground_speed_mps) << 100.0 / 3.6;
    QTest::newRow("short for vertical speed") << "VSpd(m/s)" << int(Channel::climb_mps) << 100.0;
    QTest::newRow("German") << "Geschwindigkeit (km/h)" << int(Channel::ground_speed_mps) << 100.0 / 3.6;
    QTest::newRow("German, capital letters") << "HÖHE [m]" << int(Channel::height_m) << 100.0;
    QTest::newRow("German, two words in one")
        << "Windgeschwindigkeit (m/s)" << int(Channel::wind_speed_mps) << 100.0;
    QTest::newRow("German, a unit's word") << "Kurs (Grad)" << int(Channel::course_deg) << 100.0;
    QTest::newRow("Spanish") << "corriente (A)" << int(Channel::current_a) << 100.0;
    QTest::newRow("French") << "tension (V)" << int(Channel::voltage_v) << 100.0;
    QTest::newRow("Portuguese") << "tensão (mV)" << int(Channel::voltage_v) << 0.1;
    QTest::newRow("Italian") << "velocità (m/s)" << int(Channel::ground_speed_mps) << 100.0;
    QTest::newRow("Dutch") << "hoogte (ft)" << int(Channel::height_m) << 30.48;
    QTest::newRow("video, quality") << "VTX link quality (%)" << int(Channel::video_quality_share) << 1.0;
    QTest::newRow("video, signal") << "Goggles RSSI (dBm)" << int(Channel::video_signal_dbm) << 100.0;
    QTest::newRow("video, bit rate") << "Video bitrate (kbit/s)" << int(Channel::video_bitrate_mbit_s) << 0.1;
    QTest::newRow("video, bit rate by its unit") << "HD link (Mbps)" << int(Channel::video_bitrate_mbit_s) << 100.0;
    QTest::newRow("the control link beside it") << "RSSI (dBm)" << int(Channel::signal_dbm) << 100.0;
    QTest::newRow("percent") << "link quality (%)" << int(Channel::link_quality_share) << 1.0;
}

void CsvLogReaderTest::unitsInEveryDress() {
    QFETCH(QString, header);
    QFETCH(int, channel);
    QFETCH(double, si_of_one_hundred);
    const auto log = read("time (s)," + header.toStdString() + "\n0,100\n1,100\n");
    if (si_of_one_hundred < 0.0) {
        QVERIFY(!log->has(Channel(channel)));
        return;
    }
    QVERIFY(log->has(Channel(channel)));
    VERIFY_NEAR((*log)[Channel(channel)][0], si_of_one_hundred, 1e-4);
}

void CsvLogReaderTest::bareHeadersAreAssumedAndSaid() {
    const auto log = read("time,speed,current\n0,10,5\n1,10,5\n");
    QCOMPARE(std::count_if(log->diagnostics.begin(), log->diagnostics.end(),
                           [](const auto& n) { return n.code == units::DiagnosticCode::unit_assumed; }),
             std::ptrdiff_t(3));
    VERIFY_NEAR((*log)[Channel::ground_speed_mps][0], 10.0, 1e-12);
}

void CsvLogReaderTest::coordinatesAsReceiversCountThem() {
    const auto log =
        read("time (us),coord[0],coord[1],voltage (V)\n0,394000000,-314000000,16\n1000,394000010,-314000020,16\n");
    VERIFY_NEAR((*log)[Channel::latitude_deg][1], 39.400001, 1e-9);
    VERIFY_NEAR((*log)[Channel::longitude_deg][1], -31.400002, 1e-9);
    QCOMPARE(log->diagnostics.size(), std::size_t(2)); // both assumed, and said so
}

void CsvLogReaderTest::aLoneUnitIsTakenAndSaid() {
    const auto log = read("time (s),Main (V),current (A)\n0,16.0,5\n1,16.0,5\n");
    VERIFY_NEAR((*log)[Channel::voltage_v][0], 16.0, 1e-12);
    QCOMPARE(log->diagnostics[0].code, units::DiagnosticCode::quantity_assumed);
    // Two columns in volts that no word tells apart: neither is guessed.
    QVERIFY(!read("time (s),A (V),B (V),current (A)\n0,16.0,5,6\n1,16.0,5,6\n")->has(Channel::voltage_v));
}

void CsvLogReaderTest::headersOfOtherHands() {
    // Each was misread, or not read, when it was first tried.
    const auto dotted = read("DateTime(UTC);Bat.Volts;Bat.UsedmAh\n2026-05-21T13:58:00.000+0000;16.5;10\n"
                             "2026-05-21T13:58:01.000+0000;16.4;12\n");
    VERIFY_NEAR((*dotted)[Channel::charge_ah][1], 0.012, 1e-12);
    const auto scaled = read("timestamp_us,vel_cm_s,current_ca,mah_drawn\n0,1200,610,0\n1000000,1210,620,2\n");
    VERIFY_NEAR((*scaled)[Channel::ground_speed_mps][1], 12.1, 1e-12);
    VERIFY_NEAR((*scaled)[Channel::current_a][1], 6.2, 1e-12);
    VERIFY_NEAR((*scaled)[Channel::charge_ah][1], 0.002, 1e-12);
    const auto cells = read("no.;Uhrzeit;Zelle1;Zelle2;Zelle3;Strom\n1;13:58:00;4,10;4,11;4,12;5\n"
                            "2;13:58:01;4,09;4,10;4,11;5\n");
    VERIFY_NEAR((*cells)[Channel::voltage_v][1], 12.3, 1e-9);
    const auto letters = read("t;U;I\n0;16.5;6.0\n1;16.4;6.1\n2;16.4;6.0\n");
    VERIFY_NEAR((*letters)[Channel::voltage_v][1], 16.4, 1e-12);
    VERIFY_NEAR((*letters)[Channel::current_a][1], 6.1, 1e-12);
    // What is left counts backwards: used since the first row.
    const auto remaining = read("time (s),volts (V),mAh remaining\n0,16,2500\n1,16,2490\n2,16,2480\n");
    VERIFY_NEAR((*remaining)[Channel::charge_ah][2], 0.020, 1e-12);
    // A receiver's volts are never the pack's, even where there are no others.
    std::string receiver = "time (s),RxBt (V)\n";
    for (int i = 0; i < 20; ++i) receiver += std::to_string(i) + ",5." + std::to_string(i % 3) + "\n";
    QVERIFY(!read(receiver)->has(Channel::voltage_v));
}

void CsvLogReaderTest::aMissionClock() {
    std::string text = "Elapsed,Volts,Amps\n";
    for (int i = 0; i < 90; ++i) {
        const std::string second = (i % 60 < 10 ? "0" : "") + std::to_string(i % 60);
        text += "T+00:0" + std::to_string(i / 60) + ":" + second + ",16.1,5.4\n";
    }
    const auto log = io::read_csv_log(written(text));
    QVERIFY(log.has_value());
    const auto& time = (**log)[Channel::time_s];
    VERIFY_NEAR(time.back() - time.front(), 89.0, 1e-9);
}

void CsvLogReaderTest::minutesAndSecondsByTheirMarks_data() {
    QTest::addColumn<char>("delimiter");
    QTest::addColumn<std::string>("open");
    QTest::addColumn<std::string>("minutes");
    QTest::addColumn<std::string>("seconds");
    const std::string typed = "\"";
    QTest::newRow("typed") << ';' << std::string() << std::string("'") << typed;
    QTest::newRow("typed, commas") << ',' << std::string() << std::string("'") << typed;
    QTest::newRow("in quotes") << ',' << typed << std::string("'") << typed + typed + typed;
    QTest::newRow("printed") << ',' << std::string() << std::string("\u2032") << std::string("\u2033");
    QTest::newRow("apostrophes") << ',' << std::string() << std::string("'") << std::string("''");
}

void CsvLogReaderTest::minutesAndSecondsByTheirMarks() {
    QFETCH(char, delimiter);
    QFETCH(std::string, open);
    QFETCH(std::string, minutes);
    QFETCH(std::string, seconds);
    std::string text = "Time,Volt,Amp,Speed km/h\n";
    for (int i = 0; i < 90; ++i)
        text += open + std::to_string(i / 60) + minutes + (i % 60 < 10 ? "0" : "") + std::to_string(i % 60) +
                seconds + ",16.1,5.4,54\n";
    std::replace(text.begin(), text.end(), ',', delimiter);
    const auto log = io::read_csv_log(written(text));
    QVERIFY(log.has_value());
    QCOMPARE((*log)->rows(), std::size_t(90));
    const auto& time = (**log)[Channel::time_s];
    VERIFY_NEAR(time.back() - time.front(), 89.0, 1e-9);
    VERIFY_NEAR((**log)[Channel::voltage_v][70], 16.1, 1e-9);
}

void CsvLogReaderTest::countsFromOtherZerosKnowTheirDay_data() {
    QTest::addColumn<std::string>("head");
    QTest::addColumn<std::string>("first");
    QTest::addColumn<std::string>("second");
    QTest::addColumn<double>("start_s");
    QTest::addColumn<double>("step_s");
    // Published pairs of a count and its date, one day or one second on.
    // Spreadsheets: 43831 is 2020-01-01 (their own help); noon of that day, and a second later.
    QTest::newRow("spreadsheet") << std::string("Date") << std::string("43831.5") << std::string("43831.500011574")
                                 << 1577880000.0 << 1.0;
    // The epoch J2000.0 is the Julian day 2 451 545.0, 2000-01-01 12:00 (IAU); 2020-01-01 12:00 is 2 458 850.0.
    QTest::newRow("Julian days") << std::string("Julian date") << std::string("2458850.0")
                                 << std::string("2458850.000011574") << 1577880000.0 << 1.0;
    // MJD = JD − 2 400 000.5; 2024-01-01 00:00 is 60 310.
    QTest::newRow("modified Julian days")
        << std::string("MJD") << std::string("60310.0") << std::string("60310.000011574") << 1704067200.0 << 1.0;
    // 1970-01-01 is 719 529 days from the year 0, 2020-01-01 737 791.
    QTest::newRow("days since the year 0") << std::string("datenum") << std::string("737791.0")
                                           << std::string("737791.000011574") << 1577836800.0 << 1.0;
    // 116 444 736 000 000 000 and 621 355 968 000 000 000 are 1970-01-01, as their makers' documents say.
    QTest::newRow("since 1601") << std::string("Time") << std::string("132223104000000000")
                                << std::string("132223104010000000") << 1577836800.0 << 1.0;
    QTest::newRow("since the year 1") << std::string("Timestamp") << std::string("637134336000000000")
                                      << std::string("637134336010000000") << 1577836800.0 << 1.0;
}

void CsvLogReaderTest::countsFromOtherZerosKnowTheirDay() {
    QFETCH(std::string, head);
    QFETCH(std::string, first);
    QFETCH(std::string, second);
    QFETCH(double, start_s);
    QFETCH(double, step_s);
    const auto log = read(head + ",Volt,Amp\n" + first + ",16.1,5.4\n" + second + ",16.0,5.5\n");
    QCOMPARE(log->rows(), std::size_t(2));
    VERIFY_NEAR((*log)[Channel::time_s][1], step_s, 1e-3);
    QVERIFY(log->start_clock_s.has_value());
    VERIFY_NEAR(*log->start_clock_s, start_s, 1e-3);
}

void CsvLogReaderTest::currentsOfMotorsAreAddedUp() {
    for (const char* head : {"Time,Volt,M1 current,M2 current,M3 current,M4 current\n",
                             "Time,Volt,ESC1 (A),ESC2 (A),ESC3 (A),ESC4 (A)\n",
                             "Time,Volt,Motor 1 amps,Motor 2 amps,Motor 3 amps,Motor 4 amps\n"}) {
        const auto log = read(std::string(head) + "0,16.1,2.0,2.1,1.9,2.2\n1,16.0,2.5,2.1,2.3,2.2\n");
        VERIFY_NEAR((*log)[Channel::current_a][0], 8.2, 1e-9);
        VERIFY_NEAR((*log)[Channel::current_a][1], 9.1, 1e-9);
    }
    // Beside the pack's own they are not looked at.
    const auto both = read("Time,Volt,M1 current,M2 current,Current\n0,16.1,2.0,2.1,8.3\n1,16.0,2.5,2.1,8.5\n");
    VERIFY_NEAR((*both)[Channel::current_a][1], 8.5, 1e-9);
}

void CsvLogReaderTest::aSecondBatteryIsSaid() {
    const auto said = [](const auto& log) {
        return std::any_of(log->diagnostics.begin(), log->diagnostics.end(),
                           [](const auto& d) { return d.code == units::DiagnosticCode::other_batteries; });
    };
    const auto two = read("Time,Batt1 V,Batt1 A,Batt2 V,Batt2 A\n0,16.1,4.0,16.2,4.1\n1,16.0,4.5,16.1,4.2\n");
    VERIFY_NEAR((*two)[Channel::current_a][1], 4.5, 1e-9);
    QVERIFY(said(two));
    // A place that is not taken is none.
    const auto one = read("Time,Batt1 V,Batt1 A,Batt2 V,Batt2 A\n0,16.1,4.0,0,0\n1,16.0,4.5,0,0\n");
    QVERIFY(!said(one));
}

void CsvLogReaderTest::ampsThatNoPackGivesAreCounts() {
    std::string text = "time,vbat,amps\n";
    for (int i = 0; i < 60; ++i)
        text += std::to_string(i) + "," + std::to_string(1660 - i) + "," + std::to_string(800 + i) + "\n";
    const auto log = read(text);
    VERIFY_NEAR((*log)[Channel::voltage_v][0], 16.6, 1e-9);
    VERIFY_NEAR((*log)[Channel::current_a][0], 8.0, 1e-9);
}

/// Eastings and northings by the series of Snyder, Map Projections (1987), eq. 8-9 to 8-11, worked out in other
/// code.
void CsvLogReaderTest::placesOnTheGrid() {
    for (const char* written : {"32T", "32 N", "32n"}) {
        const auto log = read("Time,Zone,Easting,Northing,Volt\n0," + std::string(written) +
                              ",422567.817,5094533.591,16.1\n1," + written + ",424130.129,5095625.405,16.0\n");
        VERIFY_NEAR((*log)[Channel::latitude_deg][0], 46.0, 1e-7);
        VERIFY_NEAR((*log)[Channel::longitude_deg][0], 8.0, 1e-7);
        VERIFY_NEAR((*log)[Channel::latitude_deg][1], 46.01, 1e-7);
        VERIFY_NEAR((*log)[Channel::longitude_deg][1], 8.02, 1e-7);
    }
    // Of no zone: the place is not known, the way is.
    for (const char* head : {"Time,UTM Easting,UTM Northing,Volt\n0,", "Time,UTM_E,UTM_N,Volt\n0,"}) {
        const auto log = read(std::string(head) + "422567.817,5094533.591,16.1\n1,424130.129,5095625.405,16.0\n");
        const geodesy::Position from{(*log)[Channel::latitude_deg][0], (*log)[Channel::longitude_deg][0]};
        const geodesy::Position to{(*log)[Channel::latitude_deg][1], (*log)[Channel::longitude_deg][1]};
        VERIFY_NEAR(geodesy::geodesic(from, to)->distance_m, std::hypot(1562.312, 1091.814), 0.5);
        QVERIFY(std::any_of(log->diagnostics.begin(), log->diagnostics.end(),
                            [](const auto& d) { return d.code == units::DiagnosticCode::home_not_on_earth; }));
    }
    // The south counts from ten million; "S" may be a band of the north, too.
    const auto south = read("Time,Zone,Easting,Northing,Volt\n0,32S,422567.817,4905466.409,16\n"
                            "1,32S,422569.0,4905466.9,16\n");
    VERIFY_NEAR((*south)[Channel::latitude_deg][0], -46.0, 1e-7);
}

void CsvLogReaderTest::ticksAreNobodysUnit() {
    // A controller's own: how long one lasts is given by what makes a record of a flight, here a thousandth.
    std::string text = "time_ticks,volt,amp\n";
    for (int i = 0; i < 600; ++i) text += std::to_string(4000 + 500 * i) + ",16.1,5.4\n";
    const auto log = read(text);
    VERIFY_NEAR((*log)[Channel::time_s].back(), 299.5, 1e-6);
}

/// A half circle in 31 bits, as the format of sports watches has it: 2^31 / 180 to a degree.
void CsvLogReaderTest::placesInSemicircles() {
    const auto log = read("Time,Latitude (semicircles),Longitude (semicircles),Volt\n0,536870912,-1073741824,16\n"
                          "1,536870912,-1073741824,16\n");
    VERIFY_NEAR((*log)[Channel::latitude_deg][0], 45.0, 1e-9);
    VERIFY_NEAR((*log)[Channel::longitude_deg][0], -90.0, 1e-9);
    // Without the unit, by the names of that format; or where they cannot be ten-millionths of a degree.
    for (const char* head : {"Time,position_lat,position_long,Volt\n", "Time,Lat,Lon,Volt\n"}) {
        const auto bare = read(std::string(head) + "0,954437177,2004318072,16\n1,954437177,2004318072,16\n");
        VERIFY_NEAR((*bare)[Channel::latitude_deg][0], 80.0, 1e-6);
        VERIFY_NEAR((*bare)[Channel::longitude_deg][0], 168.0, 1e-6);
    }
    const auto named =
        read("Time,position_lat,position_long,Volt\n0,548801377,95443718,16\n1,548801377,95443718,16\n");
    VERIFY_NEAR((*named)[Channel::latitude_deg][0], 46.0, 1e-6);
    VERIFY_NEAR((*named)[Channel::longitude_deg][0], 8.0, 1e-6);
    const auto counted = read("Time,Lat,Lon,Volt\n0,460000000,80000000,16\n1,460000000,80000000,16\n");
    VERIFY_NEAR((*counted)[Channel::latitude_deg][0], 46.0, 1e-9);
}

void CsvLogReaderTest::metresFromTheMiddleOfTheEarthAreNoPlaces() {
    std::string text = "Time,X (m),Y (m),Z (m),Volt\n";
    for (int i = 0; i < 60; ++i)
        text += std::to_string(i) + "," + std::to_string(4395000 + 8 * i) + "," + std::to_string(617700 + 3 * i) +
                ",4565300,16.1\n";
    const auto log = read(text);
    QVERIFY((*log)[Channel::latitude_deg].empty());
}

void CsvLogReaderTest::bothPlacesInOneCell_data() {
    QTest::addColumn<QString>("head");
    for (const char* head :
         {"GPS", "GPS (lat, lon)", "LatLng", "Lat/Lon", "latlon", "Position (latitude longitude)"})
        QTest::newRow(head) << QString::fromLatin1(head);
}

/// A head that names latitude and longitude, over cells that hold both, is neither of the two.
void CsvLogReaderTest::bothPlacesInOneCell() {
    QFETCH(QString, head);
    std::string text = "Date;Time;" + head.toStdString() + ";Alt (ft);VBat;Amps\n";
    for (int i = 0; i < 30; ++i) {
        const std::string second = (i < 10 ? "0" : "") + std::to_string(i);
        text += "28.11.2026;08:00:" + second + ";47.1230" + second + ", 11.4560" + second + ";300;16.1;5.4\n";
    }
    const auto log = io::read_csv_log(written(text));
    QVERIFY(log.has_value());
    VERIFY_NEAR((**log)[Channel::latitude_deg].back(), 47.123029, 1e-9);
    VERIFY_NEAR((**log)[Channel::longitude_deg].back(), 11.456029, 1e-9);
    // And in the grid of maps: ten metres east of the middle of zone 32 each second.
    text = "Time;UTM;VBat;Amps\n";
    for (int i = 0; i < 30; ++i)
        text += std::to_string(i) + ";32T " + std::to_string(500000 + 10 * i) + " 5200000;16.1;5.4\n";
    const auto grid = io::read_csv_log(written(text));
    QVERIFY(grid.has_value());
    VERIFY_NEAR((**grid)[Channel::longitude_deg].front(), 9.0, 1e-9);
    const auto flown =
        geodesy::geodesic({(**grid)[Channel::latitude_deg].front(), (**grid)[Channel::longitude_deg].front()},
                          {(**grid)[Channel::latitude_deg].back(), (**grid)[Channel::longitude_deg].back()});
    // The grid is 0.9996 of the ground in the middle of a zone.
    QVERIFY(flown);
    VERIFY_NEAR(flown->distance_m, 290.0 / 0.9996, 0.01);
}

void CsvLogReaderTest::roundTrip_data() {
    QTest::addColumn<int>("style");
    QTest::newRow("radio") << int(io::LogStyle::radio);
    QTest::newRow("recorder") << int(io::LogStyle::recorder);
}

void CsvLogReaderTest::roundTrip() {
    QFETCH(int, style);
    telemetry::FlightLog original = tests::made_log();
    original.start_clock_s = 1778318040.0;
    const auto log = read(io::csv_from_log(original, io::LogStyle(style)));
    QCOMPARE(log->rows(), original.rows());
    // Tolerances: half of the last digit written.
    const std::pair<Channel, double> channels[] = {
        {Channel::time_s, 6e-4},           {Channel::latitude_deg, 6e-7}, {Channel::longitude_deg, 6e-7},
        {Channel::ground_speed_mps, 0.03}, {Channel::voltage_v, 6e-3},    {Channel::current_a, 6e-3},
        {Channel::charge_ah, 6e-4}};
    for (const auto& [channel, tolerance] : channels) {
        QVERIFY(log->has(channel));
        for (std::size_t i = 0; i < original.rows(); i += 37) {
            VERIFY_NEAR((*log)[channel][i], original[channel][i], tolerance);
        }
    }
}

void CsvLogReaderTest::badRowsAreListedNotGuessed() {
    const auto log = read("time (s),voltage (V),current (A)\n"
                          "0,16.0,5.0\n"
                          "1,16.0\n"
                          "2,abc,5.0\n"
                          "3,,5.0\n"
                          "4,nan,--\n"
                          "5,16.0,5.0,7\n"
                          "6,16.0,5.0\n");
    QCOMPARE(log->rows_met, std::size_t(7));
    QCOMPARE(log->rows(), std::size_t(4)); // an empty cell and a “nan” are missing values, not bad rows
    QVERIFY(std::isnan((*log)[Channel::voltage_v][1]));
    QCOMPARE(log->unreadable.size(), std::size_t(2));
    QCOMPARE(log->unreadable[0].reason, SetAsideReason::bad_row);
    QCOMPARE(log->unreadable[0].rows, std::size_t(2));
    QCOMPARE(log->unreadable[0].first_row, std::int64_t(3));
    QCOMPARE(log->unreadable[1].reason, SetAsideReason::bad_number);
    QCOMPARE(log->unreadable[1].first_row, std::int64_t(4));
}

void CsvLogReaderTest::cutLastRowIsSetAside() {
    const auto log = read("time (s),voltage (V),current (A)\n0,16.0,5.0\n1,16.0,5.0\n2,16");
    QCOMPARE(log->rows(), std::size_t(2));
    QCOMPARE(log->unreadable[0].reason, SetAsideReason::cut_last_row);
    QCOMPARE(log->unreadable[0].first_row, std::int64_t(4));
}

void CsvLogReaderTest::lastRowWithoutEndIsKept() {
    QCOMPARE(read("time (s),voltage (V)\n0,16.0\n1,15.9")->rows(), std::size_t(2));
}

void CsvLogReaderTest::preambleCommentsAndRepeatedHeader() {
    const auto log = read("Flight recorder of the club\n# firmware 7\n\n"
                          "time (s),voltage (V)\n0,16.0\n# marker\n1,15.9\ntime (s),voltage (V)\n2,15.8\n");
    QCOMPARE(log->rows(), std::size_t(3));
    QCOMPARE(log->unreadable[0].reason, SetAsideReason::repeated_header);
    QCOMPARE(log->unreadable[0].first_row, std::int64_t(8));
}

void CsvLogReaderTest::quotedCellsMayHoldTheDelimiter() {
    const auto log = read("\"time (s)\",\"mode, text\",\"voltage (V)\"\n0,\"a, b\",\"16,5\"\n1,\"c\",16.4\n");
    QCOMPARE(log->rows(), std::size_t(2));
    VERIFY_NEAR((*log)[Channel::voltage_v][0], 16.5, 1e-12);
}

void CsvLogReaderTest::clockPassesMidnight() {
    const auto log = read("Time,Pack(V)\n23:59:58,16\n23:59:59.5,16\n00:00:01,16\n");
    VERIFY_NEAR((*log)[Channel::time_s][2], 3.0, 1e-9);
}

void CsvLogReaderTest::unusableFiles_data() {
    QTest::addColumn<QByteArray>("content");
    QTest::addColumn<int>("code");
    QTest::addColumn<int>("line");
    QTest::newRow("empty") << QByteArray() << int(ErrorCode::file_empty) << -1;
    QTest::newRow("binary") << QByteArray("\x7f"
                                          "ELF\0\0\0\1\2\3\n\0\0\0,\0,\0",
                                          18)
                            << int(ErrorCode::file_binary) << 1;
    QTest::newRow("no header, numbers only") << QByteArray("1,2,3\n4,5,6\n") << int(ErrorCode::no_header) << 2;
    QTest::newRow("prose") << QByteArray("Dear diary,\ntoday we flew far.\n") << int(ErrorCode::no_header) << 2;
    QTest::newRow("header alone") << QByteArray("time (s),voltage (V)\n") << int(ErrorCode::header_without_rows)
                                  << 1;
    QTest::newRow("no time") << QByteArray("voltage (V),current (A)\n16,5\n16,5\n") << int(ErrorCode::no_time) << 1;
    QTest::newRow("text in every number")
        << QByteArray("time (s),voltage (V)\nzero,high\none,low\n") << int(ErrorCode::no_usable_rows) << 2;
    QTest::newRow("a line of three megabytes")
        << QByteArray("time (s),voltage (V)\n") + QByteArray(3 << 20, '7') << int(ErrorCode::line_too_long) << 2;
}

void CsvLogReaderTest::unusableFiles() {
    QFETCH(QByteArray, content);
    QFETCH(int, code);
    QFETCH(int, line);
    const auto log = io::read_csv_log(written(content.toStdString()));
    QVERIFY(!log.has_value());
    QCOMPARE(int(log.error().code), code);
    QVERIFY(!log.error().where.file.empty());
    if (line > 0) QCOMPARE(log.error().where.line.value_or(-1), std::int64_t(line));
}

void CsvLogReaderTest::missingFileAndFolder() {
    QCOMPARE(io::read_csv_log("/nowhere/at/all.csv").error().code, ErrorCode::file_not_found);
    QCOMPARE(io::read_csv_log(folder_.path().toStdString()).error().code, ErrorCode::file_unreadable);
}

void CsvLogReaderTest::twoGigabytesOfZerosEndAtOnce() {
    // A sparse file: two gigabytes to read, nothing on the disk.
    const std::string path = folder_.filePath(QStringLiteral("zeros.csv")).toStdString();
    const int descriptor = ::open(path.c_str(), O_CREAT | O_WRONLY, 0644);
    QVERIFY(::ftruncate(descriptor, off_t(2) << 30) == 0);
    ::close(descriptor);
    const auto log = io::read_csv_log(path);
    QVERIFY(!log.has_value());
    QCOMPARE(log.error().code, ErrorCode::file_binary);
}

void CsvLogReaderTest::hugeNumbersAndNamesDoNotCrash() {
    const auto log = read("time (s),voltage (V)\n0,1e308\n1,1e999\n2,-1e999\n3,16\n");
    QCOMPARE(log->rows(), std::size_t(2));
    std::string header = "time (s)";
    for (int i = 0; i < 5000; ++i) header += ",voltage (V)";
    QCOMPARE(io::read_csv_log(written(header + "\n0,1,2\n")).error().code, ErrorCode::no_usable_rows);
}

void CsvLogReaderTest::progressAndCancel() {
    std::string text = "time (s),voltage (V)\n";
    // Three waves of reading, so that there is something left to stop after the second report.
    for (int i = 0; text.size() < 30'000'000; ++i) text += io::text_from_number(i, 0) + ",16.0\n";
    const std::string path = written(text);
    std::stop_source stop;
    int reports = 0;
    io::ReadingJob job{stop.get_token(), [&](double share) {
                           QVERIFY(share > 0.0 && share <= 1.0);
                           if (++reports == 2) stop.request_stop();
                       }};
    const auto log = io::read_csv_log(path, job);
    QVERIFY(!log.has_value());
    QCOMPARE(log.error().code, ErrorCode::cancelled);
    QCOMPARE(reports, 2);
}

void CsvLogReaderTest::aFileThatShrinksEndsTheReading() {
    std::string text = "time (s),voltage (V)\n";
    for (int i = 0; i < 900000; ++i) text += io::text_from_number(i, 0) + ",16.0\n"; // more than two blocks
    const std::string path = written(text);
    bool cut = false;
    io::ReadingJob job{{}, [&](double) {
                           if (!cut) QVERIFY(::truncate(path.c_str(), 1000) == 0);
                           cut = true;
                       }};
    const auto log = io::read_csv_log(path, job);
    QVERIFY(log.has_value());
    QVERIFY((*log)->rows() > 1000);
    QVERIFY((*log)->rows() < 900000);
}

SOBREMESA_TEST(CsvLogReaderTest)
#include "tst_csv_log_reader.moc"
