// Telemetry as it comes, in whatever pieces, against the reader of the recorded file.

#include <cmath>

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "core/telemetry/clean_log.hpp"
#include "io/csv_log_writer.hpp"
#include "io/live_log.hpp"
#include "io/log_file.hpp"
#include "io/mavlink_log.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;

namespace {

std::vector<std::string> packets_of(const telemetry::FlightLog& log, std::uint8_t system = 1) {
    io::MavlinkWriter writer(system);
    std::vector<std::string> packets;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        if (i % 5 == 0) packets.push_back(writer.heartbeat());
        for (auto& packet : writer.row(log, i)) packets.push_back(std::move(packet));
    }
    return packets;
}

std::string joined(const std::vector<std::string>& packets) {
    std::string all;
    for (const auto& packet : packets) all += packet;
    return all;
}

io::LiveLog fed(const std::string& bytes, std::size_t piece, bool refresh = true) {
    io::LiveLog live;
    double t = 1.8e9;
    for (std::size_t at = 0; at < bytes.size(); at += piece) {
        live.feed(std::string_view(bytes).substr(at, piece), t += 0.01);
        if (refresh && at % 7 == 0) live.refresh();
    }
    live.finish();
    return live;
}

bool same(double a, double b) {
    return a == b || (std::isnan(a) && std::isnan(b));
}

/// @return where two logs differ; empty where they do not
QString difference(const telemetry::FlightLog& a, const telemetry::FlightLog& b) {
    if (a.rows() != b.rows()) return QStringLiteral("%1 rows against %2").arg(a.rows()).arg(b.rows());
    for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
        const auto channel = static_cast<Channel>(c);
        if (a.has(channel) != b.has(channel)) return QString::fromLatin1(telemetry::channel_word(channel));
        for (std::size_t i = 0; i < a.columns[c].size(); ++i) {
            if (!same(a.columns[c][i], b.columns[c][i]))
                return QStringLiteral("%1 row %2: %3 against %4")
                    .arg(QString::fromLatin1(telemetry::channel_word(channel)))
                    .arg(i)
                    .arg(a.columns[c][i])
                    .arg(b.columns[c][i]);
        }
    }
    return {};
}

telemetry::FlightLog with_height(int rows) {
    auto log = tests::made_log(rows);
    for (int i = 0; i < rows; ++i) {
        log[Channel::height_m].push_back(50.0 + 0.1 * i);
        log[Channel::course_deg].push_back(250.0);
    }
    return log;
}

std::shared_ptr<const telemetry::FlightLog> recorded(io::LiveLog& live, const char* name) {
    static QTemporaryDir folder;
    const auto path = folder.filePath(QString::fromLatin1(name) + QString::fromLatin1(live.recording_ending()));
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly | QIODevice::Truncate)) return nullptr;
    const auto bytes = live.take_recording();
    file.write(bytes.data(), qint64(bytes.size()));
    file.close();
    const auto read = io::read_log(path.toStdString());
    return read ? *read : nullptr;
}

} // namespace

class LiveLogTest : public QObject {
    Q_OBJECT
private slots:
    void piecesDoNotMatter_data();
    void piecesDoNotMatter();
    void damageIsPassedOver();
    void repeatedAndReordered();
    void twoVehicles();
    void theVehiclesClockTimesTheRows();
    void aClockThatStandsStillIsNotUsed();
    void aClockThatBeginsAnewGoesOn();
    void textIsReadAsItComes();
    void textBeginsWithoutItsFirstLines();
    void noiseIsNoFlight();
    void aTelemetryLogIsFollowed();
    void packetsOfAnotherEncoder_data();
    void packetsOfAnotherEncoder();
};

void LiveLogTest::piecesDoNotMatter_data() {
    QTest::addColumn<int>("piece");
    for (const int piece : {1, 2, 7, 100, 1000, 100000}) QTest::addRow("%d bytes", piece) << piece;
}

void LiveLogTest::piecesDoNotMatter() {
    QFETCH(int, piece);
    const auto log = with_height(121);
    const std::string bytes = joined(packets_of(log));
    auto live = fed(bytes, std::size_t(piece));
    QCOMPARE(int(live.kind()), int(io::LiveLog::Kind::mavlink));
    QCOMPARE(live.log().rows(), std::size_t(121));
    QCOMPARE(live.damaged(), std::size_t(0));
    const auto file = recorded(live, "pieces");
    QVERIFY(file);
    QCOMPARE(difference(live.finished(), *file), QString());
    for (std::size_t i = 0; i < log.rows(); ++i) {
        QVERIFY(std::abs(live.log()[Channel::time_s][i] - double(i)) < 1e-9);
        QVERIFY(std::abs(live.log()[Channel::voltage_v][i] - 16.0) < 1e-9);
        QVERIFY(std::abs(live.log()[Channel::current_a][i] - 5.0) < 1e-9);
    }
}

void LiveLogTest::damageIsPassedOver() {
    const auto log = with_height(301);
    auto packets = packets_of(log);
    // One byte in the middle of every tenth packet, noise between others, and one cut short.
    std::string bytes;
    for (std::size_t i = 0; i < packets.size(); ++i) {
        std::string packet = packets[i];
        if (i % 10 == 3) packet[packet.size() / 2] = char(packet[packet.size() / 2] ^ 0x41);
        if (i % 37 == 5) bytes += "\xFD\x10noise";
        if (i == 200) packet.resize(packet.size() - 4);
        bytes += packet;
    }
    auto live = fed(bytes, 64);
    QVERIFY(live.damaged() > 30);
    QVERIFY(live.log().rows() > 230 && live.log().rows() <= 301);
    // No row holds a value that was never sent.
    for (std::size_t i = 0; i < live.log().rows(); ++i) {
        const double v = live.log()[Channel::voltage_v][i];
        QVERIFY(std::isnan(v) || std::abs(v - 16.0) < 1e-9);
        QVERIFY(std::abs(live.log()[Channel::time_s][i] - std::round(live.log()[Channel::time_s][i])) < 1e-9);
    }
    const auto file = recorded(live, "damage");
    QVERIFY(file);
    QCOMPARE(difference(live.finished(), *file), QString());
}

void LiveLogTest::repeatedAndReordered() {
    const auto log = with_height(121);
    auto packets = packets_of(log);
    std::string bytes;
    for (std::size_t i = 0; i < packets.size(); ++i) {
        if (i % 9 == 4 && i + 1 < packets.size()) std::swap(packets[i], packets[i + 1]);
        bytes += packets[i];
        if (i % 7 == 2) bytes += packets[i];
    }
    const auto live = fed(bytes, 512);
    const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(live.finished()));
    QVERIFY(clean);
    // Each second once.
    QCOMPARE(clean->rows.size(), std::size_t(121));
}

void LiveLogTest::twoVehicles() {
    const auto log = with_height(61);
    auto far = with_height(61);
    for (double& latitude : far[Channel::latitude_deg]) latitude += 1.0;
    const auto own = packets_of(log, 3);
    const auto other = packets_of(far, 9);
    std::string bytes;
    for (std::size_t i = 0; i < own.size(); ++i) bytes += own[i] + other[i];
    const auto first = fed(bytes, 4096);
    QCOMPARE(first.log().rows(), std::size_t(61));
    for (const double latitude : first.log()[Channel::latitude_deg]) QVERIFY(latitude < 40.0);
    QCOMPARE(first.vehicle().systems(), (std::vector<std::uint8_t>{3, 9}));
    const auto finished = first.finished();
    QVERIFY(std::any_of(finished.diagnostics.begin(), finished.diagnostics.end(),
                        [](const auto& n) { return n.code == units::DiagnosticCode::other_vehicles; }));
    io::LiveLog chosen({9, {}});
    chosen.feed(bytes, 1.8e9);
    QCOMPARE(chosen.log().rows(), std::size_t(61));
    for (const double latitude : chosen.log()[Channel::latitude_deg]) QVERIFY(latitude > 40.0);
}

/// Ten times as fast as it was flown: all of it arrives in a tenth of the time.
void LiveLogTest::theVehiclesClockTimesTheRows() {
    const auto log = with_height(601);
    io::LiveLog live;
    io::MavlinkWriter writer;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        for (const auto& packet : writer.row(log, i)) live.feed(packet, 1.8e9 + 0.1 * double(i));
    }
    QCOMPARE(live.log()[Channel::time_s].back(), 600.0);
    const auto file = recorded(live, "fast");
    QCOMPARE((*file)[Channel::time_s].back(), 600.0);
    QVERIFY(file->start_clock_s && std::abs(*file->start_clock_s - 1.8e9) < 1.0);
}

void LiveLogTest::aClockThatStandsStillIsNotUsed() {
    auto log = with_height(61);
    io::LiveLog live;
    io::MavlinkWriter writer;
    auto standing = log;
    for (double& t : standing[Channel::time_s]) t = 0.0;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        for (const auto& packet : writer.row(standing, i)) live.feed(packet, 1.8e9 + double(i));
    }
    QVERIFY(std::abs(live.log()[Channel::time_s].back() - 60.0) < 1e-6);
    QVERIFY(std::abs(live.log()[Channel::voltage_v].back() - 16.0) < 1e-9);
}

void LiveLogTest::aClockThatBeginsAnewGoesOn() {
    auto log = with_height(121);
    for (std::size_t i = 0; i < log.rows(); ++i) log[Channel::time_s][i] += i < 60 ? 500.0 : -60.0;
    io::LiveLog live;
    io::MavlinkWriter writer;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        for (const auto& packet : writer.row(log, i)) live.feed(packet, 1.8e9 + double(i));
    }
    const auto& time = live.log()[Channel::time_s];
    for (std::size_t i = 1; i < time.size(); ++i) QVERIFY(std::abs(time[i] - time[i - 1] - 1.0) < 0.01);
}

void LiveLogTest::textIsReadAsItComes() {
    const auto log = with_height(121);
    const std::string text = io::csv_from_log(log, io::LogStyle::whole);
    auto live = fed(text, 33);
    QCOMPARE(int(live.kind()), int(io::LiveLog::Kind::text));
    QCOMPARE(live.log().rows(), std::size_t(121));
    QCOMPARE(live.take_recording(), text);
    const auto radio = io::csv_from_log(log, io::LogStyle::radio);
    QCOMPARE(fed(radio, 100).log().rows(), std::size_t(121));
}

void LiveLogTest::textBeginsWithoutItsFirstLines() {
    const auto log = with_height(121);
    const std::string text = io::csv_from_log(log, io::LogStyle::whole);
    const std::size_t header = text.find('\n') + 1;
    // Plugged in late: the header came first, then half a line.
    const std::string late = text.substr(0, header) + text.substr(header + 1500);
    const auto live = fed(late, 50);
    QVERIFY(live.log().rows() > 80);
}

void LiveLogTest::noiseIsNoFlight() {
    std::string noise;
    std::uint32_t state = 7;
    for (int i = 0; i < 300000; ++i) {
        state = state * 1664525u + 1013904223u;
        noise.push_back(char(state >> 24));
    }
    auto live = fed(noise, 999);
    QCOMPARE(live.log().rows(), std::size_t(0));
}

void LiveLogTest::aTelemetryLogIsFollowed() {
    const auto log = with_height(121);
    const std::string bytes = io::mavlink_from_log(log);
    auto live = fed(bytes, 77);
    QCOMPARE(int(live.kind()), int(io::LiveLog::Kind::mavlink_file));
    QCOMPARE(live.log().rows(), std::size_t(121));
    QCOMPARE(live.take_recording(), bytes);
}

void LiveLogTest::packetsOfAnotherEncoder_data() {
    QTest::addColumn<QString>("file");
    for (const char* file : {"made_v1.tlog", "made_v2.tlog"}) QTest::newRow(file) << QString::fromLatin1(file);
}

/// Encoded by node-mavlink 2.3.0 (npm), see tests/io/golden/make_logs.mjs: its packets without their stamps, as
/// they would come over a link, are the same flight as the file. Cut by the lengths in their headers, not by our
/// code.
void LiveLogTest::packetsOfAnotherEncoder() {
    QFETCH(QString, file);
    const QString path = QStringLiteral(SOURCE_DIR "/tests/io/golden/") + file;
    QFile golden(path);
    QVERIFY(golden.open(QIODevice::ReadOnly));
    const QByteArray bytes = golden.readAll();
    const auto read = io::read_log(path.toStdString());
    QVERIFY(read);
    io::LiveLog live;
    qsizetype at = 0;
    while (at + 8 < bytes.size()) {
        double stamp_us = 0.0;
        for (qsizetype i = 0; i < 8; ++i) stamp_us = stamp_us * 256.0 + double(quint8(bytes[at + i]));
        const bool v2 = quint8(bytes[at + 8]) == 0xFD;
        const qsizetype length = quint8(bytes[at + 9]) + (v2 ? 12 : 8);
        live.feed({bytes.constData() + at + 8, std::size_t(length)}, stamp_us * 1e-6);
        at += 8 + length;
    }
    live.finish();
    QVERIFY(live.log().rows() > 1);
    QCOMPARE(live.damaged(), std::size_t(0));
    QCOMPARE(difference(live.finished(), **read), QString());
}

SOBREMESA_TEST(LiveLogTest)
#include "tst_live_log.moc"
