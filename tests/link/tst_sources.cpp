// Live links: what is sent arrives, nothing is ever sent back, and a link that breaks comes again.

#include <algorithm>
#include <csignal>
#include <cstdlib>

#include <QFile>
#include <QNetworkProxy>
#include <QSignalSpy>
#include <QTcpServer>
#include <QTcpSocket>
#include <QTemporaryDir>
#include <QTest>
#include <QUdpSocket>

#include <fcntl.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <termios.h>
#include <unistd.h>

#include "io/csv_log_writer.hpp"
#include "io/log_file.hpp"
#include "link/feed.hpp"
#include "practice/stream.hpp"
#include "support/eventually.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;

namespace {

link::Address loopback(link::Address::Kind kind, quint16 port) {
    link::Address address;
    address.kind = kind;
    address.port = port;
    return address;
}

std::string stream_of(const telemetry::FlightLog& log, practice::StreamFormat format) {
    practice::StreamRows rows(log, format);
    std::string bytes;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        for (const auto& packet : rows.row(i)) bytes += packet;
    }
    return bytes;
}

} // namespace

class SourcesTest : public QObject {
    Q_OBJECT
private slots:
    /// The peers of these tests are sockets too.
    void initTestCase() { QNetworkProxy::setApplicationProxy(QNetworkProxy::NoProxy); }
    void udpArrives();
    void nothingIsSentBackOverUdp();
    void tcpArrivesAndNothingIsSentBack();
    void tcpComesAgain();
    void aSerialPortIsReadOnly();
    void aSerialPortIsPluggedInAgain();
    void aFileIsFollowed();
    void aPortInUseIsSaid();
    void addressesAreChecked_data();
    void addressesAreChecked();
    void everyByteIsRecorded();
    void aRecordingIsNeverWrittenOver();
    void aFullDiskIsSaidAndTheFlightGoesOn();
    void killedItLosesAtMostASecond();
    void fastStreamsAreRecordedWithoutLoss();
    void replaySeeks();
};

void SourcesTest::udpArrives() {
    link::LinkFeed feed(link::make_source(loopback(link::Address::Kind::udp, 0)));
    QVERIFY(feed.start());
    const quint16 port = QString::fromStdString(feed.where()).section(QLatin1Char(':'), -1).toUShort();
    QVERIFY(port > 0);
    const auto log = tests::made_log(61);
    practice::StreamRows rows(log, practice::StreamFormat::mavlink);
    QUdpSocket sender;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        for (const auto& packet : rows.row(i))
            sender.writeDatagram(packet.data(), qint64(packet.size()), QHostAddress::LocalHost, port);
    }
    EVENTUALLY_EQUAL(feed.rows().rows, log.rows());
    QCOMPARE(feed.rows().log->operator[](Channel::time_s).back(), 60.0);
}

void SourcesTest::nothingIsSentBackOverUdp() {
    link::LinkFeed feed(link::make_source(loopback(link::Address::Kind::udp, 0)));
    QVERIFY(feed.start());
    const quint16 port = QString::fromStdString(feed.where()).section(QLatin1Char(':'), -1).toUShort();
    QUdpSocket peer;
    QVERIFY(peer.bind(QHostAddress::LocalHost, 0));
    const std::string bytes = stream_of(tests::made_log(31), practice::StreamFormat::mavlink);
    peer.writeDatagram(bytes.data(), qint64(std::min<std::size_t>(bytes.size(), 8000)), QHostAddress::LocalHost,
                       port);
    EVENTUALLY(feed.rows().rows > 5);
    QTest::qWait(300);
    QVERIFY(!peer.hasPendingDatagrams());
}

void SourcesTest::tcpArrivesAndNothingIsSentBack() {
    QTcpServer server;
    QVERIFY(server.listen(QHostAddress::LocalHost));
    link::LinkFeed feed(link::make_source(loopback(link::Address::Kind::tcp, server.serverPort())));
    QVERIFY(feed.start());
    EVENTUALLY(server.hasPendingConnections());
    QTcpSocket* peer = server.nextPendingConnection();
    peer->write(QByteArray::fromStdString(stream_of(tests::made_log(61), practice::StreamFormat::mavlink)));
    EVENTUALLY_EQUAL(feed.rows().rows, std::size_t(61));
    QTest::qWait(200);
    QCOMPARE(peer->bytesAvailable(), qint64(0));
}

void SourcesTest::tcpComesAgain() {
    QTcpServer server;
    QVERIFY(server.listen(QHostAddress::LocalHost));
    link::LinkFeed feed(link::make_source(loopback(link::Address::Kind::tcp, server.serverPort())));
    QSignalSpy connected(&feed, &link::Feed::connectedChanged);
    QVERIFY(feed.start());
    EVENTUALLY(server.hasPendingConnections());
    server.nextPendingConnection()->abort();
    EVENTUALLY(server.hasPendingConnections());
    QTcpSocket* peer = server.nextPendingConnection();
    peer->write(QByteArray::fromStdString(stream_of(tests::made_log(31), practice::StreamFormat::mavlink)));
    EVENTUALLY_EQUAL(feed.rows().rows, std::size_t(31));
    QVERIFY(connected.size() >= 3);
}

namespace {

/// The far end of a serial port.
class Pty {
public:
    Pty() : master_(posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK)) {
        grantpt(master_);
        unlockpt(master_);
        name_ = ptsname(master_);
        slave_ = ::open(name_.c_str(), O_RDWR | O_NOCTTY);
        termios settings{};
        tcgetattr(slave_, &settings);
        cfmakeraw(&settings);
        tcsetattr(slave_, TCSANOW, &settings);
    }
    Pty(const Pty&) = delete;
    Pty& operator=(const Pty&) = delete;
    ~Pty() {
        ::close(slave_);
        ::close(master_);
    }
    const std::string& name() const { return name_; }
    void write(const std::string& bytes) const {
        std::size_t done = 0;
        while (done < bytes.size()) {
            const auto put =
                ::write(master_, bytes.data() + done, std::min<std::size_t>(bytes.size() - done, 1024));
            if (put > 0) done += std::size_t(put);
            QTest::qWait(1);
        }
    }
    qint64 came_back() const {
        char bytes[256];
        const auto got = ::read(master_, bytes, sizeof(bytes));
        return got > 0 ? got : 0;
    }

private:
    int master_;
    int slave_ = -1;
    std::string name_;
};

link::Address serial(const std::string& device) {
    link::Address address;
    address.kind = link::Address::Kind::serial;
    address.path = device;
    return address;
}

} // namespace

void SourcesTest::aSerialPortIsReadOnly() {
    const Pty pty;
    link::LinkFeed feed(link::make_source(serial(pty.name())));
    QVERIFY(feed.start());
    QVERIFY(feed.source().is_connected());
    pty.write(stream_of(tests::made_log(31), practice::StreamFormat::mavlink));
    EVENTUALLY_EQUAL(feed.rows().rows, std::size_t(31));
    QCOMPARE(pty.came_back(), qint64(0));
}

void SourcesTest::aSerialPortIsPluggedInAgain() {
    QTemporaryDir folder;
    const std::string device = folder.filePath(QStringLiteral("radio")).toStdString();
    link::LinkFeed feed(link::make_source(serial(device)));
    QVERIFY(feed.start()); // not plugged in yet
    QVERIFY(!feed.source().is_connected());
    const Pty pty;
    QVERIFY(::symlink(pty.name().c_str(), device.c_str()) == 0);
    EVENTUALLY(feed.source().is_connected());
    pty.write(stream_of(tests::made_log(31), practice::StreamFormat::mavlink));
    EVENTUALLY_EQUAL(feed.rows().rows, std::size_t(31));
}

void SourcesTest::aFileIsFollowed() {
    QTemporaryDir folder;
    link::Address address;
    address.kind = link::Address::Kind::file;
    address.path = folder.filePath(QStringLiteral("growing.csv")).toStdString();
    link::LinkFeed feed(link::make_source(address));
    QVERIFY(feed.start());
    const std::string text = stream_of(tests::made_log(121), practice::StreamFormat::text);
    QFile file(QString::fromStdString(address.path));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(text.data(), qint64(text.size() / 2)); // in the middle of a line
    file.flush();
    EVENTUALLY(feed.rows().rows > 40);
    const int generation = feed.rows().generation;
    file.write(text.data() + text.size() / 2, qint64(text.size() - text.size() / 2));
    file.flush();
    EVENTUALLY_EQUAL(feed.rows().rows, std::size_t(121));
    QCOMPARE(feed.rows().generation, generation);
}

void SourcesTest::aPortInUseIsSaid() {
    QUdpSocket other;
    QVERIFY(other.bind(QHostAddress::LocalHost, 0, QUdpSocket::DontShareAddress));
    link::LinkFeed feed(link::make_source(loopback(link::Address::Kind::udp, other.localPort())));
    const auto started = feed.start();
    QVERIFY(!started);
    QCOMPARE(int(started.error().code), int(units::ErrorCode::link_not_opened));
}

void SourcesTest::addressesAreChecked_data() {
    QTest::addColumn<QString>("kind");
    QTest::addColumn<QString>("text");
    QTest::addColumn<bool>("good");
    QTest::newRow("port") << "udp"
                          << "14550" << true;
    QTest::newRow("any port") << "udp"
                              << "0" << true;
    QTest::newRow("address") << "udp"
                             << "0.0.0.0:14550" << true;
    QTest::newRow("no port") << "udp"
                             << "127.0.0.1:" << false;
    QTest::newRow("too large") << "udp"
                               << "70000" << false;
    QTest::newRow("a word") << "udp"
                            << "here" << false;
    QTest::newRow("beyond all numbers") << "udp"
                                        << "99999999999999" << false;
    QTest::newRow("host") << "tcp"
                          << "localhost:5760" << true;
    QTest::newRow("tcp port 0") << "tcp"
                                << "localhost:0" << false;
    QTest::newRow("device") << "serial"
                            << "/dev/ttyUSB0:115200" << true;
    QTest::newRow("usual speed") << "serial"
                                 << "/dev/ttyUSB0" << true;
    QTest::newRow("no speed") << "serial"
                              << "/dev/ttyUSB0:fast" << false;
}

void SourcesTest::addressesAreChecked() {
    QFETCH(QString, kind);
    QFETCH(QString, text);
    QFETCH(bool, good);
    const std::string t = text.toStdString();
    const auto& kinds = link::all_kinds();
    const auto wanted = std::find_if(kinds.begin(), kinds.end(), [&](link::Address::Kind each) {
        return kind == QLatin1String(link::kind_word(each));
    });
    QVERIFY(wanted != kinds.end());
    const auto address = link::address_of(*wanted, t);
    QCOMPARE(address.has_value(), good);
    if (good)
        QCOMPARE(address->kind, *wanted);
    else
        QCOMPARE(address.error().where.field, kind.toStdString());
    QVERIFY(link::address_of(*wanted, link::usual_address(*wanted)).has_value());
}

void SourcesTest::everyByteIsRecorded() {
    QTemporaryDir folder;
    const auto path = folder.filePath(QStringLiteral("flight.tlog"));
    const auto log = tests::made_log(121);
    {
        link::LinkFeed feed(link::make_source(loopback(link::Address::Kind::udp, 0)));
        feed.record_to(path.toStdString());
        QVERIFY(feed.start());
        const quint16 port = QString::fromStdString(feed.where()).section(QLatin1Char(':'), -1).toUShort();
        practice::LinkFaults faults;
        faults.damage_share = 0.05;
        practice::StreamRows rows(log, practice::StreamFormat::mavlink, faults);
        QUdpSocket sender;
        qint64 sent = 0;
        for (std::size_t i = 0; i < log.rows(); ++i) {
            for (const auto& packet : rows.row(i))
                sent += sender.writeDatagram(packet.data(), qint64(packet.size()), QHostAddress::LocalHost, port);
        }
        EVENTUALLY_EQUAL(qint64(feed.live().bytes()), sent);
        const auto live = feed.finished();
        const auto read = io::read_log(path.toStdString());
        QVERIFY(read);
        QCOMPARE((*read)->rows(), live.rows());
        for (const auto channel :
             {Channel::time_s, Channel::latitude_deg, Channel::voltage_v, Channel::current_a}) {
            for (std::size_t i = 0; i < live.rows(); ++i) {
                const double a = live[channel][i];
                const double b = (**read)[channel][i];
                QVERIFY(a == b || (std::isnan(a) && std::isnan(b)));
            }
        }
        QVERIFY(live.rows() > 80 && !live.unreadable.empty());
    }
}

void SourcesTest::aRecordingIsNeverWrittenOver() {
    QTemporaryDir folder;
    const auto path = folder.filePath(QStringLiteral("kept.tlog"));
    QFile kept(path);
    QVERIFY(kept.open(QIODevice::WriteOnly));
    kept.write("an older flight");
    kept.close();
    link::LinkFeed feed(link::make_source(loopback(link::Address::Kind::udp, 0)));
    feed.record_to(path.toStdString());
    const auto started = feed.start();
    QVERIFY(!started);
    QCOMPARE(int(started.error().code), int(units::ErrorCode::file_exists));
    QVERIFY(kept.open(QIODevice::ReadOnly));
    QCOMPARE(kept.readAll(), QByteArray("an older flight"));
}

void SourcesTest::aFullDiskIsSaidAndTheFlightGoesOn() {
    // A file that may not grow beyond a limit is as good as a full disk. In a child: the limit is the process's.
    QTemporaryDir folder;
    const std::string path = folder.filePath(QStringLiteral("full.tlog")).toStdString();
    const pid_t child = fork();
    QVERIFY(child >= 0);
    if (child == 0) {
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit limit{1000, RLIM_INFINITY};
        setrlimit(RLIMIT_FSIZE, &limit);
        link::Recorder recorder;
        int code = recorder.open(path) ? 0 : 10;
        const std::string second(700, 'x');
        if (recorder.write(second)) code += 1;
        const auto trouble = recorder.write(second);
        if (!trouble || trouble->code != units::ErrorCode::file_unwritable) code += 2;
        if (recorder.write(second)) code += 4; // said once
        limit.rlim_cur = RLIM_INFINITY;
        setrlimit(RLIMIT_FSIZE, &limit);
        if (recorder.write(second)) code += 8; // there is room again: nothing was lost
        if (recorder.bytes() != 2800) code += 16;
        _exit(code);
    }
    int status = 0;
    waitpid(child, &status, 0);
    QVERIFY(WIFEXITED(status));
    QCOMPARE(WEXITSTATUS(status), 0);
}

void SourcesTest::killedItLosesAtMostASecond() {
    QTemporaryDir folder;
    const std::string path = folder.filePath(QStringLiteral("killed.tlog")).toStdString();
    const auto log = tests::made_log(41);
    practice::StreamRows rows(log, practice::StreamFormat::mavlink);
    const pid_t child = fork();
    QVERIFY(child >= 0);
    if (child == 0) {
        io::LiveLog live;
        link::Recorder recorder;
        if (!recorder.open(path)) _exit(1);
        for (std::size_t i = 0; i < log.rows(); ++i) {
            for (const auto& packet : rows.row(i)) live.feed(packet, 1.8e9 + double(i));
            (void)recorder.write(live.take_recording()); // once a second
            if (i == 30) ::kill(::getpid(), SIGKILL);
        }
        _exit(2);
    }
    int status = 0;
    waitpid(child, &status, 0);
    QVERIFY(WIFSIGNALED(status));
    const auto read = io::read_log(path);
    QVERIFY(read);
    QCOMPARE((*read)->rows(), std::size_t(31));
}

/// 2 500 packets a second, and three times as many.
void SourcesTest::fastStreamsAreRecordedWithoutLoss() {
    QTemporaryDir folder;
    const auto path = folder.filePath(QStringLiteral("fast.tlog"));
    link::LinkFeed feed(link::make_source(loopback(link::Address::Kind::udp, 0)));
    feed.record_to(path.toStdString());
    QVERIFY(feed.start());
    const quint16 port = QString::fromStdString(feed.where()).section(QLatin1Char(':'), -1).toUShort();
    const auto log = tests::made_log(3001);
    practice::StreamRows rows(log, practice::StreamFormat::mavlink);
    QUdpSocket sender;
    std::size_t packets = 0;
    std::size_t bytes = 0;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        for (const auto& packet : rows.row(i)) {
            sender.writeDatagram(packet.data(), qint64(packet.size()), QHostAddress::LocalHost, port);
            ++packets;
            bytes += packet.size();
        }
        if (i % 100 == 99) QCoreApplication::processEvents();
    }
    QVERIFY(packets > 9000);
    EVENTUALLY_EQUAL(feed.live().bytes(), bytes);
    (void)feed.finished();
    QCOMPARE(std::size_t(QFile(path).size()), bytes + 8 * packets);
}

void SourcesTest::replaySeeks() {
    const auto log = tests::shared(tests::made_log(601));
    link::ReplayFeed feed(log, 1.0);
    QVERIFY(feed.start());
    feed.set_paused(true);
    feed.seek(300.0);
    QCOMPARE(feed.rows().rows, std::size_t(301));
    const int generation = feed.rows().generation;
    feed.seek(400.0);
    QCOMPARE(feed.rows().rows, std::size_t(401));
    QCOMPARE(feed.rows().generation, generation);
    feed.seek(100.0);
    QCOMPARE(feed.rows().rows, std::size_t(101));
    QVERIFY(feed.rows().generation != generation);
    QVERIFY(!feed.has_ended());
    feed.seek(600.0);
    (void)feed.rows();
    QVERIFY(feed.has_ended());
}

SOBREMESA_TEST(SourcesTest)
#include "tst_sources.moc"
