// GPX, MAVLink, GeoJSON and KML: golden files of encoders that are not ours, round trips, hostile files.

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <random>

#include <nlohmann/json.hpp>
#include <pugixml.hpp>

#include "core/geodesy/geodesic.hpp"
#include "io/channel_columns.hpp"
#include "io/gpx_log.hpp"
#include "io/log_file.hpp"
#include "io/mavlink_log.hpp"
#include "io/text_file.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;
using units::ErrorCode;

namespace {

std::string golden(const char* name) {
    return std::string(SOURCE_DIR) + "/tests/io/golden/" + name;
}

std::shared_ptr<const telemetry::FlightLog> log_of(const std::string& path) {
    const auto log = io::read_log(path);
    if (!log) qFatal("%s: error %d", path.c_str(), int(log.error().code));
    return *log;
}

std::string demo_log() {
    return std::string(DEMO_DIR) + "/2026-05-16-alcaravan-three-hills.csv";
}

} // namespace

class LogFormatsTest : public QObject {
    Q_OBJECT
private slots:
    void mavlinkOfAnotherEncoder_data();
    void mavlinkOfAnotherEncoder();
    void gpxOfAnotherWriter();
    void roundTrips_data();
    void roundTrips();
    void everyChannelComesBackByEveryWay_data();
    void everyChannelComesBackByEveryWay();
    void nothingIsMadeUpOnTheWay();
    void aTrackThatWasCutIsReadToTheCut();
    void aRecordingMayBeginInTheMiddleOfAPacket();
    void aTrackOfOnePointIsNotWritten();
    void geojsonIsAsTheStandardSays();
    void kmlIsAsTheStandardSays();
    void homeCanBeHidden();
    void utcTimes();
    void oneOfSeveralVehiclesIsRead();
    void whatATrackHoldsCanBeSaidOtherwise();
    void whatItIsIsToldByItsBytes();
    void brokenXmlSaysWhere();
    void entitiesAndDepthDoNoHarm();
    void brokenPacketsAreCounted();
    void randomBytesDoNoHarm();
    void whatCannotBeWrittenIsSaid();

private:
    std::string file(const char* name, const QByteArray& bytes) {
        const QString path = folder_.filePath(QLatin1String(name));
        QFile out(path);
        if (!out.open(QIODevice::WriteOnly)) qFatal("cannot write");
        out.write(bytes);
        return path.toStdString();
    }
    QTemporaryDir folder_;
};

void LogFormatsTest::mavlinkOfAnotherEncoder_data() {
    QTest::addColumn<QString>("name");
    QTest::newRow("version 1") << QStringLiteral("made_v1.tlog");
    QTest::newRow("version 2") << QStringLiteral("made_v2.tlog");
}

void LogFormatsTest::mavlinkOfAnotherEncoder() {
    // Values of tests/io/golden/make_logs.mjs, encoded by node-mavlink 2.3.0 (npm).
    QFETCH(QString, name);
    const auto log = log_of(golden(qPrintable(name)));
    QCOMPARE(log->rows(), std::size_t(20));
    QVERIFY(log->unreadable.empty());
    VERIFY_NEAR(*log->start_clock_s, 1775898120.0, 1e-6); // 2026-04-11 09:02 UTC
    for (std::size_t i = 0; i < 20; ++i) {
        const double k = double(i);
        VERIFY_NEAR((*log)[Channel::time_s][i], 0.5 * k, 1e-6);
        VERIFY_NEAR((*log)[Channel::latitude_deg][i], 39.4 + 1e-5 * k, 1e-7);
        VERIFY_NEAR((*log)[Channel::longitude_deg][i], -31.36 + 2e-5 * k, 1e-7);
        VERIFY_NEAR((*log)[Channel::height_m][i], 50.0 + k, 1e-9);
        VERIFY_NEAR((*log)[Channel::voltage_v][i], 16.8 - 0.01 * k, 1e-6);
        VERIFY_NEAR((*log)[Channel::current_a][i], 5.0 + 0.1 * k, 1e-6);
        VERIFY_NEAR((*log)[Channel::charge_ah][i], 0.002 * k, 1e-9);
        VERIFY_NEAR((*log)[Channel::ground_speed_mps][i], std::hypot(2.22, 3.44), 1e-9);
        VERIFY_NEAR((*log)[Channel::course_deg][i], 57.16, 0.01);
        VERIFY_NEAR((*log)[Channel::airspeed_mps][i], 14.5, 1e-6);
        VERIFY_NEAR((*log)[Channel::climb_mps][i], 1.5, 1e-6);
        VERIFY_NEAR((*log)[Channel::heading_deg][i], 57.0, 1e-9);
        VERIFY_NEAR((*log)[Channel::throttle_share][i], 0.42, 1e-9);
        VERIFY_NEAR((*log)[Channel::satellites][i], 13.0, 1e-9);
        // The receiver's own height, beside the filter's.
        VERIFY_NEAR((*log)[Channel::gps_height_m][i], 50.0 + k, 1e-9);
        // 1.5 m/s to the north and 3 to the east: from the south-west.
        VERIFY_NEAR((*log)[Channel::wind_speed_mps][i], std::hypot(1.5, 3.0), 1e-6);
        VERIFY_NEAR((*log)[Channel::wind_from_deg][i], 180.0 + 63.435, 0.001);
    }
}

void LogFormatsTest::gpxOfAnotherWriter() {
    // Written by gpx-builder (npm).
    const auto log = log_of(golden("made.gpx"));
    QCOMPARE(log->rows(), std::size_t(20));
    VERIFY_NEAR(*log->start_clock_s, 1775898120.0, 1e-6);
    for (std::size_t i = 0; i < 20; ++i) {
        const double k = double(i);
        VERIFY_NEAR((*log)[Channel::time_s][i], 0.5 * k, 1e-6);
        VERIFY_NEAR((*log)[Channel::latitude_deg][i], 39.4 + 1e-5 * k, 1e-9);
        VERIFY_NEAR((*log)[Channel::height_m][i], 50.0 + k, 1e-9);
        VERIFY_NEAR((*log)[Channel::voltage_v][i], 16.8 - 0.01 * k, 1e-9);
        VERIFY_NEAR((*log)[Channel::current_a][i], 5.0 + 0.1 * k, 1e-9);
        VERIFY_NEAR((*log)[Channel::charge_ah][i], 0.002 * k, 1e-9);
        QCOMPARE((*log)[Channel::satellites][i], 13.0);
    }
    // What nobody understands is said, once.
    QCOMPARE(std::count_if(log->diagnostics.begin(), log->diagnostics.end(),
                           [](const auto& n) { return n.code == units::DiagnosticCode::column_not_understood; }),
             1);
}

void LogFormatsTest::roundTrips_data() {
    QTest::addColumn<QString>("ending");
    QTest::addColumn<double>("degrees");
    QTest::addColumn<double>("share");
    QTest::newRow("csv") << QStringLiteral("csv") << 1e-7 << 0.0006;
    QTest::newRow("gpx") << QStringLiteral("gpx") << 1.1e-8 << 0.0006;
    QTest::newRow("tlog") << QStringLiteral("tlog") << 1e-7 << 0.006;
}

void LogFormatsTest::roundTrips() {
    QFETCH(QString, ending);
    QFETCH(double, degrees);
    QFETCH(double, share);
    const auto before = log_of(demo_log());
    const std::string name = "round." + ending.toStdString();
    const auto text = io::log_as(*before, name);
    QVERIFY(text);
    const auto after = log_of(file(name.c_str(), QByteArray::fromStdString(*text)));
    // Rows without a fix have no place in a track.
    std::size_t row = 0;
    int compared = 0;
    std::size_t first = 0;
    while ((*before)[Channel::latitude_deg][first] == 0.0) ++first;
    const double first_fix_s = (*before)[Channel::time_s][first];
    for (std::size_t i = 0; i < before->rows(); ++i) {
        // A track begins with its first fix; without a date its times begin there too.
        const bool track = ending != QLatin1String("csv");
        const double t = (*before)[Channel::time_s][i] - (track && !before->start_clock_s ? first_fix_s : 0.0) +
                         (track ? before->start_clock_s.value_or(0.0) : 0.0);
        const double offset = track ? after->start_clock_s.value_or(0.0) : 0.0;
        while (row < after->rows() && (*after)[Channel::time_s][row] + offset < t - 0.002) ++row;
        if (row >= after->rows() || std::abs((*after)[Channel::time_s][row] + offset - t) > 0.002) continue;
        if ((*before)[Channel::latitude_deg][i] == 0.0) continue;
        ++compared;
        VERIFY_NEAR((*after)[Channel::latitude_deg][row], (*before)[Channel::latitude_deg][i], degrees);
        VERIFY_NEAR((*after)[Channel::longitude_deg][row], (*before)[Channel::longitude_deg][i], degrees);
        for (const Channel channel :
             {Channel::voltage_v, Channel::current_a, Channel::charge_ah, Channel::height_m})
            VERIFY_NEAR((*after)[channel][row], (*before)[channel][i], share + 0.006);
    }
    QVERIFY2(compared > int(before->rows()) * 9 / 10, qPrintable(QString::number(compared)));
}

namespace {

/// A log with everything a log can have, a third of it missing here and there, as sensors of different pace leave
/// it.
telemetry::FlightLog full_log() {
    telemetry::FlightLog log;
    log.name = "full.csv";
    log.start_clock_s = 1775898120.0;
    constexpr std::size_t rows = 60;
    for (std::size_t i = 0; i < rows; ++i) {
        log.lines.push_back(std::uint32_t(i + 2));
        for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
            double value = 0.37 * double(c) + 0.011 * double(i);
            const auto channel = static_cast<Channel>(c);
            if (channel == Channel::time_s) value = 0.25 * double(i);
            if (channel == Channel::latitude_deg) value = 39.4 + 1e-5 * double(i);
            if (channel == Channel::longitude_deg) value = -31.36 + 2e-5 * double(i);
            if (channel == Channel::satellites) value = 9.0 + double(i % 4);
            if (channel == Channel::throttle_share || channel == Channel::link_quality_share ||
                channel == Channel::video_quality_share)
                value = 0.5 + 0.005 * double(i);
            if (channel == Channel::signal_dbm || channel == Channel::video_signal_dbm)
                value = -60.0 - double(i) / 2.0;
            if (channel == Channel::current_a && i > 40) value = -1.5; // charged on the way down
            log.columns[c].push_back(value);
        }
    }
    log.rows_met = rows;
    return log;
}

/// What a format rounds a channel to, at worst.
double rounding(Channel channel) {
    switch (channel) {
    case Channel::time_s: return 0.001;
    case Channel::latitude_deg:
    case Channel::longitude_deg: return 1.1e-7;
    case Channel::heading_deg: return 0.51;
    case Channel::course_deg: return 0.6;  // as the velocity's direction in cm/s
    case Channel::energy_wh: return 0.015; // hectojoules
    case Channel::throttle_share: return 0.0051;
    default: return 0.0075;
    }
}

} // namespace

void LogFormatsTest::everyChannelComesBackByEveryWay_data() {
    QTest::addColumn<QString>("first");
    QTest::addColumn<QString>("second");
    for (const char* a : {"csv", "gpx", "tlog"}) {
        for (const char* b : {"csv", "gpx", "tlog"})
            QTest::addRow("%s, then %s", a, b) << QString::fromLatin1(a) << QString::fromLatin1(b);
    }
}

void LogFormatsTest::everyChannelComesBackByEveryWay() {
    QFETCH(QString, first);
    QFETCH(QString, second);
    const auto before = full_log();
    const auto by_way = [&](const telemetry::FlightLog& log, const QString& ending) {
        const auto text = io::log_as(log, "way." + ending.toStdString());
        if (!text) qFatal("not written");
        return log_of(file(("way." + ending.toStdString()).c_str(), QByteArray::fromStdString(*text)));
    };
    const auto after = by_way(*by_way(before, first), second);
    QCOMPARE(after->rows(), before.rows());
    QVERIFY(after->unreadable.empty());
    VERIFY_NEAR(after->start_clock_s.value_or(0.0), *before.start_clock_s, 1e-3);
    for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
        const auto channel = static_cast<Channel>(c);
        QVERIFY2(after->has(channel), telemetry::channel_word(channel));
        for (std::size_t i = 0; i < before.rows(); ++i) {
            const double off = std::abs((*after)[channel][i] - before[channel][i]);
            QVERIFY2(off <= 2.0 * rounding(channel),
                     qPrintable(QStringLiteral("%1, row %2: %3 for %4")
                                    .arg(QLatin1String(telemetry::channel_word(channel)))
                                    .arg(i)
                                    .arg((*after)[channel][i])
                                    .arg(before[channel][i])));
        }
    }
}

void LogFormatsTest::nothingIsMadeUpOnTheWay() {
    // A log of the barest kind: what it does not have, no format gives it, a date no more than a heading.
    telemetry::FlightLog bare;
    bare.name = "bare.csv";
    for (int i = 0; i < 30; ++i) {
        bare[Channel::time_s].push_back(i);
        bare[Channel::latitude_deg].push_back(39.4 + 1e-5 * i);
        bare[Channel::longitude_deg].push_back(-31.36);
        bare[Channel::voltage_v].push_back(16.0 - 0.01 * i);
        bare[Channel::airspeed_mps].push_back(14.0);
        bare.lines.push_back(std::uint32_t(i + 2));
    }
    bare.rows_met = 30;
    for (const char* ending : {"csv", "gpx", "tlog"}) {
        const std::string name = std::string("bare.") + ending;
        const auto after = log_of(file(name.c_str(), QByteArray::fromStdString(*io::log_as(bare, name))));
        QCOMPARE(after->rows(), std::size_t(30));
        QVERIFY2(!after->start_clock_s, ending);
        for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
            const auto channel = static_cast<Channel>(c);
            QVERIFY2(after->has(channel) == bare.has(channel),
                     qPrintable(QStringLiteral("%1: %2").arg(QLatin1String(ending),
                                                             QLatin1String(telemetry::channel_word(channel)))));
        }
    }
}

void LogFormatsTest::aTrackThatWasCutIsReadToTheCut() {
    QFile whole(QString::fromStdString(golden("made.gpx")));
    QVERIFY(whole.open(QIODevice::ReadOnly));
    const QByteArray xml = whole.readAll();
    const auto all = log_of(golden("made.gpx"));
    const qsizetype begin = xml.indexOf("</trkpt>", xml.indexOf("</trkpt>", xml.indexOf("</trkpt>") + 1) + 1) + 8;
    int read = 0;
    for (qsizetype at = begin; at < xml.lastIndexOf("</trkseg>"); at += 7) {
        const auto cut = io::read_log(file("cut.gpx", xml.left(at)));
        QVERIFY2(cut, qPrintable(QString::number(at)));
        const qsizetype begun = xml.left(at).count("<trkpt");
        // The last one that was begun may be a torso; what is taken is, digit for digit, what the whole has.
        QVERIFY((*cut)->rows() + 1 >= std::size_t(begun) && (*cut)->rows() <= std::size_t(begun));
        for (std::size_t i = 0; i < (*cut)->rows(); ++i) {
            for (const Channel channel : {Channel::time_s, Channel::latitude_deg, Channel::height_m,
                                          Channel::voltage_v, Channel::current_a, Channel::charge_ah})
                QCOMPARE((**cut)[channel][i], (*all)[channel][i]);
        }
        ++read;
    }
    QVERIFY(read > 100);
    // Broken in the middle is not cut: that is said, and where.
    QByteArray broken = xml;
    broken.replace(xml.size() / 2, 1, "<");
    QCOMPARE(io::read_log(file("broken.gpx", broken)).error().code, ErrorCode::xml_syntax);
}

void LogFormatsTest::aRecordingMayBeginInTheMiddleOfAPacket() {
    for (const char* name : {"made_v1.tlog", "made_v2.tlog"}) {
        QFile whole(QString::fromStdString(golden(name)));
        QVERIFY(whole.open(QIODevice::ReadOnly));
        const QByteArray bytes = whole.readAll();
        for (qsizetype from = 1; from < 300; from += 3) {
            const auto log = io::read_log(file("late.tlog", bytes.mid(from)));
            QVERIFY2(log, qPrintable(QString::number(from)));
            QVERIFY((*log)->rows() >= 17);
        }
    }
    // Text with such bytes in it is none of it.
    QCOMPARE(int(*io::log_format(file("text.csv", "time,voltage\n" + QByteArray("0,16.8\n").repeated(200)))),
             int(io::LogFormat::csv));
}

void LogFormatsTest::aTrackOfOnePointIsNotWritten() {
    auto log = full_log();
    for (std::size_t i = 1; i < log.rows(); ++i) log[Channel::latitude_deg][i] = std::nan("");
    QCOMPARE(io::log_as(log, "one.gpx").error().code, ErrorCode::no_track);
    log[Channel::latitude_deg][5] = 39.5;
    QCOMPARE(log_of(file("two.gpx", QByteArray::fromStdString(*io::log_as(log, "two.gpx"))))->rows(),
             std::size_t(2));
}

void LogFormatsTest::geojsonIsAsTheStandardSays() {
    // RFC 7946: longitude first, no more than a position needs, one feature collection.
    const auto log = log_of(golden("made.gpx"));
    const auto document = nlohmann::json::parse(*io::log_as(*log, "a.geojson"));
    QCOMPARE(document.at("type").get<std::string>(), std::string("FeatureCollection"));
    const auto& feature = document.at("features").at(0);
    const auto& line = feature.at("geometry").at("coordinates");
    QCOMPARE(feature.at("geometry").at("type").get<std::string>(), std::string("LineString"));
    QCOMPARE(line.size(), std::size_t(20));
    VERIFY_NEAR(line.at(3).at(0).get<double>(), -31.36 + 6e-5, 1e-9);
    VERIFY_NEAR(line.at(3).at(1).get<double>(), 39.4 + 3e-5, 1e-9);
    VERIFY_NEAR(line.at(3).at(2).get<double>(), 53.0, 1e-9);
    QCOMPARE(feature.at("properties").at("voltage_v").size(), line.size());
}

void LogFormatsTest::kmlIsAsTheStandardSays() {
    const auto log = log_of(golden("made.gpx"));
    const auto text = *io::log_as(*log, "a.kml");
    pugi::xml_document document;
    QVERIFY(document.load_string(text.c_str()));
    const auto line = document.child("kml").child("Document").child("Placemark").child("LineString");
    QVERIFY(line);
    const QString coordinates = QString::fromUtf8(line.child_value("coordinates")).trimmed();
    QCOMPARE(coordinates.split(QLatin1Char('\n')).size(), 20);
    QVERIFY(coordinates.startsWith(QStringLiteral("-31.36000000,39.40000000,50.00")));
}

void LogFormatsTest::homeCanBeHidden() {
    const auto log = log_of(demo_log());
    constexpr double radius_m = 500.0;
    std::size_t first = 0;
    while ((*log)[Channel::latitude_deg][first] == 0.0) ++first;
    const geodesy::Position home{(*log)[Channel::latitude_deg][first], (*log)[Channel::longitude_deg][first]};
    for (const char* name : {"hidden.gpx", "hidden.csv", "hidden.tlog"}) {
        const auto text = io::log_as(*log, name, {radius_m});
        QVERIFY(text);
        const auto shown = log_of(file(name, QByteArray::fromStdString(*text)));
        int positions = 0;
        for (std::size_t i = 0; i < shown->rows(); ++i) {
            const geodesy::Position here{(*shown)[Channel::latitude_deg][i], (*shown)[Channel::longitude_deg][i]};
            if (!std::isfinite(here.latitude_deg) || here.latitude_deg == 0.0) continue;
            ++positions;
            QVERIFY(geodesy::geodesic(home, here)->distance_m > radius_m - 20.0);
        }
        QVERIFY(positions > 100);
    }
}

void LogFormatsTest::utcTimes() {
    QCOMPARE(QString::fromStdString(io::utc_text(1775898120.25)), QStringLiteral("2026-04-11T09:02:00.250Z"));
    for (const char* text : {"2026-04-11T09:02:00.25Z", "2026-04-11T11:02:00.250+02:00", " 2026-04-11T09:02:00.25 ",
                             "2026-04-11 04:02:00.25-05:00"})
        VERIFY_NEAR(io::utc_from_text(text).value_or(0.0), 1775898120.25, 1e-6);
    for (const char* text :
         {"", "yesterday", "2026-13-11T09:02:00Z", "2026-04-11T09:61:00Z", "2026-04-11T09:02:00 CET", "2026-04-11"})
        QVERIFY2(!io::utc_from_text(text), text);
}

void LogFormatsTest::oneOfSeveralVehiclesIsRead() {
    // Two aircraft on one link, row by row: 5 A and 8 A.
    const auto first = tests::made_log(120);
    auto second = tests::made_log(120);
    for (double& amps : second[Channel::current_a]) amps = 8.0;
    io::MavlinkWriter one(1);
    io::MavlinkWriter other(9);
    std::string bytes;
    for (std::size_t row = 0; row < first.rows(); ++row) {
        for (const auto& packet : one.row(first, row)) bytes += io::mavlink_stamp(1.78e9 + double(row)) + packet;
        for (const auto& packet : other.row(second, row)) bytes += io::mavlink_stamp(1.78e9 + double(row)) + packet;
    }
    const std::string path = file("two.tlog", QByteArray::fromStdString(bytes));
    const auto amps = [&](const std::vector<telemetry::ColumnChoice>& said) {
        const auto log = io::read_log(path, {{}, {}, said});
        return log ? (**log)[Channel::current_a].at(50) : -double(log.error().code);
    };
    VERIFY_NEAR(amps({}), 5.0, 1e-6);
    VERIFY_NEAR(amps({io::vehicle_choice(9)}), 8.0, 1e-6);
    VERIFY_NEAR(amps({{"system", "1", ""}}), 5.0, 1e-6);
    // Nobody of that number is there; no number of a vehicle.
    VERIFY_NEAR(amps({io::vehicle_choice(3)}), -double(ErrorCode::no_track), 1e-9);
    for (const char* wrong : {"0", "256", "two", "", "1.5"})
        VERIFY_NEAR(amps({{"system", wrong, ""}}), -double(ErrorCode::word_unknown), 1e-9);
    // Together with what is said of its channels.
    VERIFY_NEAR(amps({io::vehicle_choice(9), {"current_a", "current_a", "mA"}}), 0.008, 1e-9);
}

void LogFormatsTest::whatATrackHoldsCanBeSaidOtherwise() {
    for (const char* name : {"said.tlog", "said.gpx"}) {
        const auto made = tests::made_log(60);
        const std::string path = file(name, QByteArray::fromStdString(*io::log_as(made, name)));
        const auto head = io::read_head_of_log(path);
        QVERIFY2(head, name);
        std::vector<std::string> headers;
        for (const auto& column : head->columns) headers.push_back(column.header);
        QCOMPARE(headers.front(), std::string("time_s"));
        QVERIFY(std::find(headers.begin(), headers.end(), "voltage_v") != headers.end());
        QVERIFY(head->header_line.empty());
        QCOMPARE(head->first_rows.front().size(), headers.size());
        // As it stands it is read as it was: no unit is guessed anew.
        const auto whole = log_of(path);
        for (std::size_t i = 0; i < head->columns.size(); ++i)
            QCOMPARE(io::choice_of(head->columns[i]).meaning, headers[i]);
        // A channel that is wrong is left out; one is another; two change places.
        auto log = io::read_log(path, {{}, {}, {{"charge_ah", "ignored", ""}}});
        QVERIFY(log && !(*log)->has(Channel::charge_ah) && (*log)->has(Channel::current_a));
        log = io::read_log(path, {{}, {}, {{"voltage_v", "cell_voltage_v", "V"}}});
        QVERIFY(log && !(*log)->has(Channel::voltage_v));
        VERIFY_NEAR((**log)[Channel::cell_voltage_v][3], 16.0, 1e-3);
        log = io::read_log(path, {{}, {}, {{"voltage_v", "current_a", "A"}, {"current_a", "voltage_v", "V"}}});
        QVERIFY(log);
        VERIFY_NEAR((**log)[Channel::voltage_v][3], 5.0, 1e-3);
        VERIFY_NEAR((**log)[Channel::current_a][3], 16.0, 1e-3);
        QCOMPARE((*log)->rows(), whole->rows());
        // What is not there, and what cannot be, is said.
        const auto wrong = [&](const telemetry::ColumnChoice& choice) {
            const auto read = io::read_log(path, {{}, {}, {choice}});
            return read ? -1 : int(read.error().code);
        };
        QCOMPARE(wrong({"throttle_share", "ignored", ""}), int(ErrorCode::column_missing));
        QCOMPARE(wrong({"nothing", "ignored", ""}), int(ErrorCode::column_missing));
        QCOMPARE(wrong({"current_a", "date", ""}), int(ErrorCode::word_unknown));
        QCOMPARE(wrong({"current_a", "amps", ""}), int(ErrorCode::word_unknown));
        QCOMPARE(wrong({"time_s", "ignored", ""}), int(ErrorCode::no_time));
    }
}

void LogFormatsTest::whatItIsIsToldByItsBytes() {
    QCOMPARE(int(*io::log_format(golden("made.gpx"))), int(io::LogFormat::gpx));
    QCOMPARE(int(*io::log_format(golden("made_v1.tlog"))), int(io::LogFormat::mavlink));
    QCOMPARE(int(*io::log_format(demo_log())), int(io::LogFormat::csv));
    // Under a wrong name as well.
    QFile gpx(QString::fromStdString(golden("made.gpx")));
    QVERIFY(gpx.open(QIODevice::ReadOnly));
    QCOMPARE(log_of(file("named.csv", "\xEF\xBB\xBF\n" + gpx.readAll()))->rows(), std::size_t(20));
    QCOMPARE(io::log_format(file("nothing.gpx", {})).error().code, ErrorCode::file_empty);
    QCOMPARE(io::log_format(golden("missing")).error().code, ErrorCode::file_not_found);
}

void LogFormatsTest::brokenXmlSaysWhere() {
    const auto cut = io::read_log(file("cut.gpx", "<?xml version=\"1.0\"?>\n<gpx>\n<trk>\n<trkseg></trk>\n"));
    QVERIFY(!cut);
    QCOMPARE(cut.error().code, ErrorCode::xml_syntax);
    QCOMPARE(*cut.error().where.line, 4);
    QCOMPARE(io::read_log(file("other.gpx", "<html><body/></html>")).error().code, ErrorCode::no_track);
    // Points without time are listed, not guessed.
    const auto some = io::read_log(
        file("some.gpx", "<gpx><trk><trkseg><trkpt lat='1' lon='2'><time>2026-01-01T00:00:00Z</time></trkpt>"
                         "<trkpt lat='1' lon='2'/><trkpt lat='x' lon='2'><time>2026-01-01T00:00:05Z</time></trkpt>"
                         "</trkseg></trk></gpx>"));
    QVERIFY(some);
    QCOMPARE((*some)->rows(), std::size_t(2));
    QCOMPARE((*some)->unreadable.front().rows, std::size_t(1));
    QVERIFY(std::isnan((**some)[Channel::latitude_deg][1]));
}

void LogFormatsTest::entitiesAndDepthDoNoHarm() {
    // Entities that would unfold to gigabytes stay what they are.
    QByteArray laughs = "<?xml version=\"1.0\"?><!DOCTYPE gpx [<!ENTITY a \"ha\">";
    for (int i = 0; i < 30; ++i)
        laughs += "<!ENTITY a" + QByteArray::number(i + 1) + " \"&a" + QByteArray::number(i) + ";&a" +
                  QByteArray::number(i) + ";\">";
    laughs += "]><gpx><trk><name>&a30;</name></trk></gpx>";
    QVERIFY(!io::read_log(file("laughs.gpx", laughs)));
    // A hundred thousand elements within each other, in the extensions and outside.
    constexpr int depth = 100'000;
    const QByteArray deep = QByteArray("<a>").repeated(depth) + QByteArray("</a>").repeated(depth);
    QVERIFY(!io::read_log(file("deep.gpx", "<gpx>" + deep + "</gpx>")));
    const QByteArray point = "<trkpt lat='1' lon='2'><time>2026-01-01T00:00:0";
    const auto inside = io::read_log(file("inside.gpx", "<gpx><trk><trkseg>" + point + "1Z</time><extensions>" +
                                                            deep + "</extensions></trkpt>" + point +
                                                            "2Z</time></trkpt></trkseg></trk></gpx>"));
    QVERIFY(inside);
}

void LogFormatsTest::brokenPacketsAreCounted() {
    QFile whole(QString::fromStdString(golden("made_v2.tlog")));
    QVERIFY(whole.open(QIODevice::ReadOnly));
    QByteArray bytes = whole.readAll();
    // One byte of a payload turned over: that packet is gone, the others are read.
    QByteArray spoilt = bytes;
    spoilt[bytes.size() / 2] = char(spoilt[bytes.size() / 2] ^ 0x55);
    auto log = log_of(file("spoilt.tlog", spoilt));
    QVERIFY(log->rows() >= 19);
    QCOMPARE(log->unreadable.front().rows, std::size_t(1));
    // Cut in the middle of a packet: all before it.
    log = log_of(file("cut.tlog", bytes.left(bytes.size() - 7)));
    QCOMPARE(log->rows(), std::size_t(19));
    // Rubbish between two packets.
    log = log_of(file("between.tlog", bytes + QByteArray(5000, '\xFD') + bytes));
    QVERIFY(log->rows() >= 39);
}

void LogFormatsTest::randomBytesDoNoHarm() {
    std::mt19937 draws(5);
    QFile whole(QString::fromStdString(golden("made_v2.tlog")));
    QVERIFY(whole.open(QIODevice::ReadOnly));
    const QByteArray tlog = whole.readAll();
    QFile gpx(QString::fromStdString(golden("made.gpx")));
    QVERIFY(gpx.open(QIODevice::ReadOnly));
    const QByteArray xml = gpx.readAll();
    for (int round = 0; round < 300; ++round) {
        QByteArray bytes = round % 2 == 0 ? tlog : xml;
        for (int i = 0; i < 20; ++i) bytes[qsizetype(draws() % std::size_t(bytes.size()))] = char(draws());
        bytes.truncate(qsizetype(draws() % std::size_t(bytes.size())) + 1);
        const auto log = io::read_log(file("random", bytes));
        // Read or refused with a reason; columns of one length.
        if (!log) continue;
        for (const auto& column : (*log)->columns) QVERIFY(column.empty() || column.size() == (*log)->rows());
    }
}

void LogFormatsTest::whatCannotBeWrittenIsSaid() {
    const auto log = log_of(golden("made.gpx"));
    for (const char* name : {"flight.doc", "flight", "flight.gpx.zip"})
        QCOMPARE(io::log_as(*log, name).error().code, ErrorCode::format_not_written);
    auto nowhere = *log;
    nowhere[Channel::latitude_deg].clear();
    nowhere[Channel::longitude_deg].clear();
    for (const char* name : {"flight.gpx", "flight.kml", "flight.geojson", "flight.tlog"})
        QCOMPARE(io::log_as(nowhere, name).error().code, ErrorCode::no_track);
    QVERIFY(io::log_as(nowhere, "flight.csv"));
    std::stop_source stop;
    stop.request_stop();
    QCOMPARE(io::read_log(golden("made_v1.tlog"), {stop.get_token(), {}}).error().code, ErrorCode::cancelled);
}

SOBREMESA_TEST(LogFormatsTest)
#include "tst_log_formats.moc"
