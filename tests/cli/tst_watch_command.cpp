// `sobremesa-cli watch`, as a script uses it: plugged to the stand-in's stream, lied to, interrupted.

#include <cmath>
#include <csignal>
#include <set>

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <nlohmann/json.hpp>

#include "support/eventually.hpp"
#include "support/sanitized.hpp"
#include "support/test_program.hpp"

using Json = nlohmann::json;

namespace {

const char* const plan_text = R"({
  "aircraft": {"kind": "point", "craft": "wing", "mass_kg": 1.25, "cruise_airspeed_mps": 14.0, "cruise_power_w": 68.0},
  "pack": {"chemistry": "li-ion", "series": 4, "parallel": 1, "cell_capacity_ah": 1.5, "cell_resistance_ohm": 0.03, "mass_kg": 0.2},
  "weather": {"wind_mps": 3.0, "wind_from_deg": 200, "temperature_c": 18},
  "mission": {"kind": "out-and-back", "bearing_deg": 265, "height_m": 90},
  "reserve": {"share_of_usable": 0.2}, "landing": {"cell_voltage_v": 2.8} })";

struct Lines {
    std::vector<Json> states;
    std::vector<Json> callouts;
    Json summary;
};

Lines parsed(const QByteArray& text) {
    Lines lines;
    for (const QByteArray& line : text.split('\n')) {
        if (line.trimmed().isEmpty()) continue;
        const Json json = Json::parse(line.toStdString());
        if (json.contains("summary"))
            lines.summary = json["summary"];
        else if (json.contains("callout"))
            lines.callouts.push_back(json);
        else
            lines.states.push_back(json);
    }
    return lines;
}

bool said(const Lines& lines, const std::string& word) {
    return std::any_of(lines.callouts.begin(), lines.callouts.end(),
                       [&](const Json& c) { return c["callout"] == word; });
}

/// The program, listening; ended by Ctrl+C.
class Watching {
public:
    Watching(const QString& plan, const QStringList& arguments, const QString& output = {}) {
        // Into a file: who reads a pipe too slowly is not told everything.
        process_.setStandardOutputFile(output.isEmpty() ? output_.filePath(QStringLiteral("lines.json")) : output);
        process_.start(
            QStringLiteral(BIN_DIR "/sobremesa-cli"),
            QStringList{QStringLiteral("watch"), QStringLiteral("--plan"), plan, QStringLiteral("--json")} +
                arguments);
        if (!process_.waitForStarted(sobremesa::tests::patience_ms)) qFatal("it does not start");
    }
    /// "listening on udp 127.0.0.1:40312" → the place.
    QString where() {
        QElapsedTimer clock;
        clock.start();
        while (clock.elapsed() < sobremesa::tests::patience_ms) {
            process_.waitForReadyRead(50);
            trouble_ += process_.readAllStandardError();
            const qsizetype at = trouble_.indexOf("listening on ");
            const qsizetype end = trouble_.indexOf('\n', at);
            if (at >= 0 && end > at) return QString::fromUtf8(trouble_.mid(at + 13, end - at - 13)).trimmed();
        }
        qFatal("it does not listen: %s", trouble_.constData());
    }
    /// Until it writes nothing more and works at nothing: what was sent last has been read, however busy the
    /// machine is. On a busy one, and under a sanitizer, a single answer may take longer than a wait for the next
    /// line.
    void settle() {
        constexpr qint64 still_ms = 1000;
        QElapsedTimer since;
        since.start();
        qint64 size = -1;
        qint64 worked_ms = cpu_ms();
        for (; since.elapsed() < still_ms; QTest::qWait(50)) {
            const qint64 now = QFileInfo(output_.filePath(QStringLiteral("lines.json"))).size();
            if (now == size && cpu_ms() - worked_ms < still_ms / 10) continue;
            since.restart();
            size = now;
            worked_ms = cpu_ms();
        }
    }
    void interrupt() { ::kill(pid_t(process_.processId()), SIGINT); }
    void kill() {
        process_.kill();
        process_.waitForFinished(sobremesa::tests::patience_ms);
    }
    Lines ended(int ms = sobremesa::tests::patience_ms) {
        if (!process_.waitForFinished(ms)) qFatal("it does not end");
        trouble_ += process_.readAllStandardError();
        return so_far();
    }
    /// The whole lines that it has written.
    Lines so_far() const {
        QFile file(output_.filePath(QStringLiteral("lines.json")));
        if (!file.open(QIODevice::ReadOnly)) qFatal("no output");
        const QByteArray text = file.readAll();
        return parsed(text.left(text.lastIndexOf('\n') + 1));
    }
    int code() const { return process_.exitCode(); }
    /// Without its output.
    bool over() {
        const bool over =
            process_.state() == QProcess::NotRunning || process_.waitForFinished(sobremesa::tests::patience_ms);
        trouble_ += process_.readAllStandardError();
        return over;
    }
    bool says(const char* words) {
        trouble_ += process_.readAllStandardError();
        return trouble_.contains(words);
    }
    const QByteArray& trouble() const { return trouble_; }

private:
    /// What the program has used of the processor: fields 14 and 15 of proc(5), in hundredths of a second.
    qint64 cpu_ms() const {
        QFile stat(QStringLiteral("/proc/%1/stat").arg(process_.processId()));
        if (!stat.open(QIODevice::ReadOnly)) return 0;
        const QByteArray text = stat.readAll();
        const auto fields = text.mid(text.lastIndexOf(')') + 2).split(' ');
        return 10 * (fields.value(11).toLongLong() + fields.value(12).toLongLong());
    }

    QTemporaryDir output_;
    QProcess process_;
    QByteArray trouble_;
};

/// The stand-in, waiting at a place that it names for somebody who reads its stream.
class Waiting {
public:
    Waiting(const QString& plan, const QString& kind, double speed, const QStringList& more = {}) {
        sim_.start(QStringLiteral(BIN_DIR "/sobremesa-sim"),
                   QStringList{QStringLiteral("--stream"), kind, QStringLiteral("--plan"), plan,
                               QStringLiteral("--speed"), QString::number(speed)} +
                       more);
        QByteArray said;
        QElapsedTimer clock;
        clock.start();
        while (!said.contains('\n') && clock.elapsed() < sobremesa::tests::patience_ms) {
            sim_.waitForReadyRead(50);
            said += sim_.readAllStandardError();
        }
        place_ = QString::fromUtf8(said).trimmed().section(QLatin1Char(' '), -1);
    }
    ~Waiting() {
        sim_.kill();
        sim_.waitForFinished(sobremesa::tests::patience_ms);
    }
    const QString& place() const { return place_; }
    /// Until it has sent its flight: on a busy machine a reader may start, or a stream stand, for longer than
    /// settle() waits for the next line.
    bool sent() {
        return sim_.state() == QProcess::NotRunning || sim_.waitForFinished(sobremesa::tests::patience_ms);
    }

private:
    QProcess sim_;
    QString place_;
};

int run(const QString& program, const QStringList& arguments, QByteArray* out = nullptr,
        QByteArray* err = nullptr) {
    QProcess process;
    process.start(QStringLiteral(BIN_DIR "/") + program, arguments);
    if (!process.waitForFinished(sobremesa::tests::patience_ms)) qFatal("%s does not end", qPrintable(program));
    if (out) *out = process.readAllStandardOutput();
    if (err) *err = process.readAllStandardError();
    return process.exitCode();
}

} // namespace

class WatchCommandTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void aFlightOverUdp();
    void theSameOverTcpAndPty();
    void textTelemetry();
    void aBadLink_data();
    void aBadLink();
    void aFrozenCurrent();
    void silenceIsLost();
    void aReplayEndsBySelf();
    void forSoManySeconds();
    void killedItKeepsTheRecording();
    void aReaderThatDoesNotReadHoldsNothingUp();
    void aReaderThatGoesAwayEndsNoRecording();
    void errorsThatNobodyReadsHoldNothingUp();
    void wrongUseIsSaid_data();
    void wrongUseIsSaid();
    void anotherPack();
    void nothingCame();

private:
    QString file(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }
    /// Streams the plan's flight to where a program listens, 300 times as fast.
    void stream(const QString& to, const QStringList& more = {}, double speed = 300.0) {
        QByteArray trouble;
        const int code =
            run(QStringLiteral("sobremesa-sim"),
                QStringList{QStringLiteral("--stream"), to, QStringLiteral("--plan"), file("plan.json"),
                            QStringLiteral("--speed"), QString::number(speed / sobremesa::tests::slower)} +
                    more,
                nullptr, &trouble);
        QVERIFY2(code == 0, trouble.constData());
    }
    QTemporaryDir folder_;
};

void WatchCommandTest::initTestCase() {
    QFile plan(file("plan.json"));
    QVERIFY(plan.open(QIODevice::WriteOnly));
    plan.write(plan_text);
}

void WatchCommandTest::aFlightOverUdp() {
    Watching watching(file("plan.json"),
                      {QStringLiteral("--udp"), QStringLiteral("0"), QStringLiteral("--record"), file("udp.tlog")});
    const QString where = watching.where();
    QVERIFY(where.startsWith(QStringLiteral("udp 127.0.0.1:")));
    stream(QStringLiteral("udp:") + where.section(QLatin1Char(' '), 1), {}, 150.0);
    watching.settle();
    watching.interrupt();
    const Lines lines = watching.ended();
    QCOMPARE(watching.code(), 0);
    // Every key that is promised, on every line.
    for (const Json& line : lines.states) {
        for (const char* key :
             {"t_s", "state", "distance_home_m", "bearing_home_deg", "height_m", "ground_speed_mps", "voltage_v",
              "current_a", "charge_used_ah", "energy_used_wh", "remaining_wh", "remaining_sd_wh", "needed_wh",
              "margin_wh", "turn", "wind", "landing_places", "chance_reserve"})
            QVERIFY2(line.contains(key), key);
    }
    std::set<std::string> states;
    double before_s = -1.0;
    for (const Json& line : lines.states) {
        states.insert(line["state"].get<std::string>());
        QVERIFY(line["t_s"].get<double>() >= before_s);
        before_s = line["t_s"].get<double>();
        if (!line["margin_wh"].is_null())
            QVERIFY(std::abs(line["margin_wh"].get<double>() -
                             (line["remaining_wh"].get<double>() - line["needed_wh"].get<double>())) < 1e-9);
        if (line["state"] == "outbound" && !line["turn"].is_null() && line["t_s"] > 60.0)
            QVERIFY(line["turn"]["distance_m"].get<double>() > 0.0);
    }
    for (const char* state : {"waiting", "outbound", "inbound", "landed"}) QVERIFY2(states.contains(state), state);
    QVERIFY(said(lines, "percent") && said(lines, "landed") && said(lines, "halfway"));
    QVERIFY(!said(lines, "disagree") && !said(lines, "land-now"));
    // Under a sanitizer a stream may be held up by what else the machine does, and silence is then what it is.
    QVERIFY(sobremesa::tests::sanitized || !said(lines, "stale"));
    // The live state after the last packet is the debrief of the recorded file.
    QByteArray out;
    QCOMPARE(run(QStringLiteral("sobremesa-cli"),
                 {QStringLiteral("debrief"), file("udp.tlog"), QStringLiteral("--plan"), file("plan.json"),
                  QStringLiteral("--json")},
                 &out),
             0);
    const Json debrief = Json::parse(out.toStdString());
    const Json& last = lines.states.back();
    const auto near = [](double a, double b) { return std::abs(a - b) <= 1e-3 * std::abs(b); };
    QVERIFY(near(last["ground_m"], debrief["distance"]["ground_m"]));
    QVERIFY(near(last["charge_used_ah"], debrief["energy"]["charge_ah"]));
    QVERIFY(near(last["energy_used_wh"], debrief["energy"]["energy_wh"]));
    // … and so is the summary, key by key.
    QVERIFY(lines.summary["distance"] == debrief["distance"]);
    QVERIFY(lines.summary["energy"] == debrief["energy"]);
    QVERIFY(lines.summary["wind"] == debrief["wind"]);
    QVERIFY(lines.summary["stretches"] == debrief["stretches"]);
}

void WatchCommandTest::theSameOverTcpAndPty() {
    for (const char* kind : {"tcp:127.0.0.1:0", "pty"}) {
        const Waiting sim(file("plan.json"), QString::fromLatin1(kind), 60.0);
        const QString place = sim.place();
        const bool tcp = place.contains(QLatin1Char(':'));
        Watching watching(file("plan.json"), {tcp ? QStringLiteral("--tcp") : QStringLiteral("--serial"),
                                              tcp ? place : place + QStringLiteral(":57600"),
                                              QStringLiteral("--for"), QStringLiteral("6")});
        const Lines lines = watching.ended();
        QCOMPARE(watching.code(), 0);
        QVERIFY2(lines.states.back()["distance_home_m"].is_number(), kind);
        QVERIFY2(lines.states.back()["distance_home_m"] > 500.0, kind);
        QVERIFY(lines.summary["distance"]["ground_m"] > 500.0);
    }
}

void WatchCommandTest::textTelemetry() {
    Waiting sim(file("plan.json"), QStringLiteral("tcp:127.0.0.1:0"), 300.0,
                {QStringLiteral("--format"), QStringLiteral("text")});
    Watching watching(file("plan.json"),
                      {QStringLiteral("--tcp"), sim.place(), QStringLiteral("--record"), file("text.csv")});
    QVERIFY(sim.sent());
    watching.settle();
    watching.interrupt();
    const Lines lines = watching.ended();
    QCOMPARE(QString::fromStdString(lines.states.back()["state"]), QStringLiteral("landed"));
    QByteArray out;
    QCOMPARE(run(QStringLiteral("sobremesa-cli"),
                 {QStringLiteral("debrief"), file("text.csv"), QStringLiteral("--json")}, &out),
             0);
    QVERIFY(Json::parse(out.toStdString())["energy"]["charge_ah"] == lines.summary["energy"]["charge_ah"]);
}

void WatchCommandTest::aBadLink_data() {
    QTest::addColumn<QStringList>("faults");
    QTest::newRow("a third is lost") << QStringList{QStringLiteral("--lose"), QStringLiteral("0.3")};
    QTest::newRow("damaged") << QStringList{QStringLiteral("--damage"), QStringLiteral("0.1")};
    QTest::newRow("repeated and out of order") << QStringList{QStringLiteral("--repeat"), QStringLiteral("0.2"),
                                                              QStringLiteral("--reorder"), QStringLiteral("0.2")};
    QTest::newRow("a clock that jumps") << QStringList{QStringLiteral("--clock-jump"), QStringLiteral("90000")};
    QTest::newRow("two vehicles") << QStringList{QStringLiteral("--two-vehicles")};
}

/// The same flight through each of them: what it came to differs by no more than what was lost. Over TCP, which
/// waits for a reader that the machine holds up: what a full socket would drop besides is not what is tried here.
void WatchCommandTest::aBadLink() {
    QFETCH(QStringList, faults);
    const auto charge_ah = [this](const QStringList& lies, const QStringList& more) {
        Waiting sim(file("plan.json"), QStringLiteral("tcp:127.0.0.1:0"), 200.0, lies);
        Watching watching(file("plan.json"), QStringList{QStringLiteral("--tcp"), sim.place()} + more);
        if (!sim.sent()) qFatal("it has not sent its flight");
        watching.settle();
        watching.interrupt();
        const Lines lines = watching.ended();
        const Json last = lines.states.back();
        if (watching.code() != 0 || last["state"] != "landed" || last["distance_home_m"] >= 200.0) {
            qWarning("ended with %d: %s", watching.code(), last.dump().c_str());
            return 0.0;
        }
        return last["charge_used_ah"].get<double>();
    };
    static double whole_ah = 0.0;
    if (whole_ah == 0.0) {
        const double live_ah = charge_ah({}, {QStringLiteral("--record"), file("whole.tlog")});
        QByteArray out;
        QCOMPARE(run(QStringLiteral("sobremesa-cli"),
                     {QStringLiteral("debrief"), file("whole.tlog"), QStringLiteral("--json")}, &out),
                 0);
        whole_ah = Json::parse(out.toStdString())["energy"]["charge_ah"];
        QVERIFY2(std::abs(live_ah - whole_ah) < 1e-3 * whole_ah,
                 qPrintable(QStringLiteral("%1 of %2").arg(live_ah).arg(whole_ah)));
    }
    const double came_ah = charge_ah(faults, {});
    QVERIFY2(std::abs(came_ah - whole_ah) < 0.03 * whole_ah,
             qPrintable(QStringLiteral("%1 of %2").arg(came_ah).arg(whole_ah)));
}

void WatchCommandTest::aFrozenCurrent() {
    Watching watching(file("plan.json"), {QStringLiteral("--udp"), QStringLiteral("0")});
    stream(QStringLiteral("udp:") + watching.where().section(QLatin1Char(' '), 1),
           {QStringLiteral("--freeze-current"), QStringLiteral("400")}, 100.0);
    watching.settle();
    watching.interrupt();
    QVERIFY(said(watching.ended(), "disagree"));
}

void WatchCommandTest::silenceIsLost() {
    Watching watching(file("plan.json"), {QStringLiteral("--udp"), QStringLiteral("0")});
    // Ten times as fast: fifty seconds of silence are five of ours.
    QProcess sim;
    sim.start(QStringLiteral(BIN_DIR "/sobremesa-sim"),
              {QStringLiteral("--stream"), QStringLiteral("udp:") + watching.where().section(QLatin1Char(' '), 1),
               QStringLiteral("--plan"), file("plan.json"), QStringLiteral("--speed"), QStringLiteral("10"),
               QStringLiteral("--silent"), QStringLiteral("40,95")});
    EVENTUALLY(([&] {
        bool lost = false;
        bool back = false;
        for (const Json& line : watching.so_far().states) {
            lost = lost || line["state"] == "lost";
            back = back || (lost && line["state"] == "outbound");
        }
        return back;
    }()));
    watching.interrupt();
    const Lines lines = watching.ended();
    sim.kill();
    sim.waitForFinished(sobremesa::tests::patience_ms);
    QVERIFY(said(lines, "stale"));
}

void WatchCommandTest::aReplayEndsBySelf() {
    const QString log = QStringLiteral(DEMO_DIR "/2026-04-18-alcaravan-west-wind.csv");
    const QString plan = QStringLiteral(DEMO_DIR "/alcaravan-west.plan.json");
    Watching watching(plan, {QStringLiteral("--replay"), log, QStringLiteral("--speed"), QStringLiteral("1000")});
    const Lines lines = watching.ended();
    QCOMPARE(watching.code(), 0);
    QCOMPARE(QString::fromStdString(lines.states.back()["state"]), QStringLiteral("landed"));
    QByteArray out;
    QCOMPARE(run(QStringLiteral("sobremesa-cli"),
                 {QStringLiteral("debrief"), log, QStringLiteral("--plan"), plan, QStringLiteral("--json")}, &out),
             0);
    const Json debrief = Json::parse(out.toStdString());
    QVERIFY(lines.summary["energy"] == debrief["energy"]);
    QVERIFY(
        std::abs(lines.states.back()["ground_m"].get<double>() - debrief["distance"]["ground_m"].get<double>()) <
        1e-3 * debrief["distance"]["ground_m"].get<double>());
}

void WatchCommandTest::forSoManySeconds() {
    QElapsedTimer clock;
    clock.start();
    Watching watching(file("plan.json"), {QStringLiteral("--udp"), QStringLiteral("0"), QStringLiteral("--for"),
                                          QStringLiteral("1.5")});
    const Lines lines = watching.ended();
    QCOMPARE(watching.code(), 0);
    QVERIFY(clock.elapsed() >= 1500);
    QVERIFY(lines.summary.is_null());
    QCOMPARE(QString::fromStdString(lines.states.front()["state"]), QStringLiteral("waiting"));
}

void WatchCommandTest::killedItKeepsTheRecording() {
    Watching watching(file("plan.json"), {QStringLiteral("--udp"), QStringLiteral("0"), QStringLiteral("--record"),
                                          file("killed.tlog")});
    QProcess sim;
    sim.start(QStringLiteral(BIN_DIR "/sobremesa-sim"),
              {QStringLiteral("--stream"), QStringLiteral("udp:") + watching.where().section(QLatin1Char(' '), 1),
               QStringLiteral("--plan"), file("plan.json"), QStringLiteral("--speed"), QStringLiteral("20")});
    constexpr double seen_s = 60.0;
    EVENTUALLY(([&] {
        const Lines lines = watching.so_far();
        return !lines.states.empty() && lines.states.back()["t_s"].is_number() &&
               lines.states.back()["t_s"] > seen_s;
    }()));
    // What came is on the disk a second later.
    QTest::qWait(1500);
    watching.kill();
    sim.kill();
    sim.waitForFinished(sobremesa::tests::patience_ms);
    QByteArray out;
    QCOMPARE(run(QStringLiteral("sobremesa-cli"),
                 {QStringLiteral("debrief"), file("killed.tlog"), QStringLiteral("--json")}, &out),
             0);
    QVERIFY(Json::parse(out.toStdString())["log"]["duration_s"] > seen_s);
}

void WatchCommandTest::aReaderThatDoesNotReadHoldsNothingUp() {
    const QString pipe = file("unread");
    QCOMPARE(::mkfifo(qPrintable(pipe), 0600), 0);
    // Both ends: it can be opened for writing, and stays open.
    const int reader = ::open(qPrintable(pipe), O_RDWR | O_NONBLOCK | O_CLOEXEC);
    QVERIFY(reader >= 0);
    Watching watching(
        file("plan.json"),
        {QStringLiteral("--udp"), QStringLiteral("0"), QStringLiteral("--record"), file("unread.tlog")}, pipe);
    const QString where = watching.where();
    // Some 170 lines of a kilobyte, ten a second, where a pipe holds 64.
    stream(QStringLiteral("udp:") + where.section(QLatin1Char(' '), 1), {}, 37.5);
    EVENTUALLY(watching.says("not being read"));
    qint64 size = -1;
    for (qint64 now = 0; now != size; now = QFileInfo(file("unread.tlog")).size()) {
        size = now;
        QTest::qWait(2500);
    }
    watching.interrupt();
    // Now it is read: what waited comes, whole lines all of them, to the summary.
    QByteArray text;
    QElapsedTimer clock;
    clock.start();
    while (!text.contains("\"summary\"") || !text.endsWith('\n')) {
        char some[65536];
        const ssize_t n = ::read(reader, some, sizeof some);
        if (n > 0)
            text.append(some, qsizetype(n));
        else
            QTest::qWait(20);
        QVERIFY(clock.elapsed() < sobremesa::tests::patience_ms);
    }
    QVERIFY(watching.over());
    QCOMPARE(watching.code(), 0);
    ::close(reader);
    const Lines lines = parsed(text);
    QVERIFY(lines.states.size() > 40 && lines.states.size() < 120);
    for (const char* word : {"halfway", "percent", "landed"}) QVERIFY2(said(lines, word), word);
    // Nothing was lost on the way to the disk.
    QByteArray out;
    QCOMPARE(run(QStringLiteral("sobremesa-cli"),
                 {QStringLiteral("debrief"), file("unread.tlog"), QStringLiteral("--json")}, &out),
             0);
    const Json debrief = Json::parse(out.toStdString());
    const double recorded = debrief["distance"]["ground_m"].get<double>();
    const double live = lines.summary["distance"]["ground_m"].get<double>();
    QVERIFY(recorded > 5000.0 && std::abs(recorded / live - 1.0) < 1e-3);
}

void WatchCommandTest::errorsThatNobodyReadsHoldNothingUp() {
    const QString pipe = file("errors");
    QCOMPARE(::mkfifo(qPrintable(pipe), 0600), 0);
    const int reader = ::open(qPrintable(pipe), O_RDWR | O_NONBLOCK | O_CLOEXEC);
    QVERIFY(reader >= 0);
    const std::string full(4096, '.');
    while (::write(reader, full.data(), full.size()) > 0) {
    }
    QProcess watching;
    watching.setStandardErrorFile(pipe);
    watching.start(QStringLiteral(BIN_DIR "/sobremesa-cli"),
                   {QStringLiteral("watch"), QStringLiteral("--plan"), file("plan.json"), QStringLiteral("--json"),
                    QStringLiteral("--udp"), QStringLiteral("0"), QStringLiteral("--for"), QStringLiteral("1")});
    QVERIFY(watching.waitForFinished(sobremesa::tests::patience_ms));
    ::close(reader);
    QCOMPARE(watching.exitCode(), 0);
    QVERIFY(watching.readAllStandardOutput().contains("\"summary\":null"));
}

void WatchCommandTest::aReaderThatGoesAwayEndsNoRecording() {
    const QString pipe = file("left");
    QCOMPARE(::mkfifo(qPrintable(pipe), 0600), 0);
    const int reader = ::open(qPrintable(pipe), O_RDWR | O_NONBLOCK | O_CLOEXEC);
    QVERIFY(reader >= 0);
    Watching watching(file("plan.json"),
                      {QStringLiteral("--udp"), QStringLiteral("0"), QStringLiteral("--record"), file("left.tlog")},
                      pipe);
    const QString where = watching.where();
    ::close(reader);
    stream(QStringLiteral("udp:") + where.section(QLatin1Char(' '), 1), {}, 150.0);
    EVENTUALLY(watching.says("Nobody reads the output"));
    EVENTUALLY(QFileInfo(file("left.tlog")).size() > 100000);
    watching.interrupt();
    QVERIFY(watching.over());
    QCOMPARE(watching.code(), 1);
}

void WatchCommandTest::wrongUseIsSaid_data() {
    QTest::addColumn<QStringList>("arguments");
    QTest::addColumn<int>("code");
    const QString plan = QStringLiteral("PLAN");
    QTest::newRow("no source") << QStringList{plan} << 2;
    QTest::newRow("two sources") << QStringList{plan, QStringLiteral("--udp"), QStringLiteral("0"),
                                                QStringLiteral("--replay"), QStringLiteral("x.csv")}
                                 << 2;
    QTest::newRow("a port that is none")
        << QStringList{plan, QStringLiteral("--udp"), QStringLiteral("99999")} << 1;
    QTest::newRow("an address that is none")
        << QStringList{plan, QStringLiteral("--udp"), QStringLiteral("here:1")} << 1;
    QTest::newRow("a log that is not there")
        << QStringList{plan, QStringLiteral("--replay"), QStringLiteral("/nowhere.csv")} << 1;
    QTest::newRow("a recording that is there")
        << QStringList{plan, QStringLiteral("--udp"), QStringLiteral("0"), QStringLiteral("--record"), plan} << 1;
    QTest::newRow("a folder that is not there")
        << QStringList{plan, QStringLiteral("--udp"), QStringLiteral("0"), QStringLiteral("--record"),
                       QStringLiteral("/nowhere/x.tlog")}
        << 1;
    QTest::newRow("speed zero") << QStringList{plan, QStringLiteral("--udp"), QStringLiteral("0"),
                                               QStringLiteral("--speed"), QStringLiteral("0")}
                                << 2;
    QTest::newRow("no plan") << QStringList{QStringLiteral("/nowhere.json"), QStringLiteral("--udp"),
                                            QStringLiteral("0")}
                             << 1;
}

void WatchCommandTest::wrongUseIsSaid() {
    QFETCH(QStringList, arguments);
    QFETCH(int, code);
    for (QString& argument : arguments) argument.replace(QStringLiteral("PLAN"), file("plan.json"));
    QByteArray err;
    QCOMPARE(run(QStringLiteral("sobremesa-cli"),
                 QStringList{QStringLiteral("watch"), QStringLiteral("--plan")} + arguments, nullptr, &err),
             code);
    QVERIFY(!err.trimmed().isEmpty());
    if (code == 1) QCOMPARE(err.trimmed().count('\n'), 0);
}

void WatchCommandTest::anotherPack() {
    Json plan = Json::parse(plan_text);
    plan["pack"]["series"] = 6;
    QFile other(file("six.json"));
    QVERIFY(other.open(QIODevice::WriteOnly));
    other.write(QByteArray::fromStdString(plan.dump()));
    other.close();
    Watching watching(file("six.json"), {QStringLiteral("--udp"), QStringLiteral("0")});
    stream(QStringLiteral("udp:") + watching.where().section(QLatin1Char(' '), 1), {}, 1000.0);
    QTest::qWait(300);
    watching.interrupt();
    const Lines lines = watching.ended();
    QCOMPARE(watching.code(), 0);
    QVERIFY(lines.states.back()["margin_wh"].is_null() && lines.states.back()["turn"].is_null());
    QCOMPARE(lines.states.back()["pack_fits"].get<bool>(), false);
    QVERIFY(lines.states.back()["distance_home_m"].is_number());
}

void WatchCommandTest::nothingCame() {
    Watching watching(file("plan.json"), {QStringLiteral("--udp"), QStringLiteral("0")});
    (void)watching.where();
    watching.interrupt();
    const Lines lines = watching.ended();
    QCOMPARE(watching.code(), 0);
    QVERIFY(lines.summary.is_null());
    QVERIFY(watching.trouble().contains("Nothing received"));
}

SOBREMESA_TEST(WatchCommandTest)
#include "tst_watch_command.moc"
