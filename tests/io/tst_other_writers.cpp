// One flight as writers that are not ours put a table into a text (tests/io/golden/make_tables.py names them): each
// file is read without being told anything, value by value.

#include <algorithm>
#include <cmath>

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "io/log_file.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;

namespace {

QDir tables() {
    return QDir(QStringLiteral(SOURCE_DIR "/tests/io/golden/tables"));
}

/// Tables without names tell what is a current by nothing.
bool is_nameless(const QString& name) {
    return name.startsWith(QLatin1String("nameless")) || name.startsWith(QLatin1String("values")) ||
           name.contains(QLatin1String("nidx"));
}

} // namespace

class OtherWritersTest : public QObject {
    Q_OBJECT
private slots:
    void eachIsTheSameFlight_data();
    void eachIsTheSameFlight();
    void aDumpThatWasCutIsReadToTheCut();
    void rowsUnderOtherNamesAreSaid();
    void quantitiesOneBehindTheOtherAreOrderedByTime();

private:
    std::shared_ptr<const telemetry::FlightLog> log_of(const char* name, const QByteArray& text) const {
        QFile file(folder_.filePath(QLatin1String(name)));
        if (!file.open(QIODevice::WriteOnly)) qFatal("cannot write");
        file.write(text);
        file.close();
        const auto read = io::read_log(file.fileName().toStdString());
        return read ? *read : nullptr;
    }
    QTemporaryDir folder_;
};

void OtherWritersTest::eachIsTheSameFlight_data() {
    QTest::addColumn<QString>("name");
    const QStringList names = tables().entryList(QDir::Files, QDir::Name);
    constexpr qsizetype all = 51;
    QCOMPARE(names.size(), all);
    for (const QString& name : names) QTest::addRow("%s", qPrintable(name)) << name;
}

void OtherWritersTest::eachIsTheSameFlight() {
    QFETCH(QString, name);
    const auto read = io::read_log(tables().filePath(name).toStdString());
    QVERIFY2(read, qPrintable(QString::number(read ? 0 : int(read.error().code))));
    const telemetry::FlightLog& log = **read;
    constexpr std::size_t rows = 60;
    QCOMPARE(log.rows(), rows);
    for (std::size_t i = 0; i < rows; ++i) {
        // The arithmetic of make_tables.py, to the digits that it writes.
        const double at = double(i);
        VERIFY_NEAR(log[Channel::time_s][i], 1.5 * at, 1e-3);
        VERIFY_NEAR(log[Channel::latitude_deg][i], 52.0 + 1.2e-4 * at, 1e-6);
        VERIFY_NEAR(log[Channel::longitude_deg][i], -7.0 - 2e-5 * at, 1e-6);
        VERIFY_NEAR(log[Channel::voltage_v][i], 16.4 - 0.01 * at, 1e-3);
        if (is_nameless(name)) continue;
        VERIFY_NEAR(log[Channel::height_m][i], 50.0 + 0.2 * at, 1e-3);
        VERIFY_NEAR(log[Channel::current_a][i], 5.0 + std::sin(at), 1e-3);
    }
}

void OtherWritersTest::aDumpThatWasCutIsReadToTheCut() {
    QFile file(tables().filePath(QStringLiteral("rows_in_one_statement.sql")));
    QVERIFY(file.open(QIODevice::ReadOnly));
    QByteArray text = file.readAll();
    text.truncate(text.indexOf("(42,") + 30);
    const auto log = log_of("cut.sql", text);
    QVERIFY(log);
    constexpr std::size_t whole_rows = 41;
    QCOMPARE(log->rows(), whole_rows);
    QVERIFY(std::any_of(log->diagnostics.begin(), log->diagnostics.end(),
                        [](const auto& each) { return each.code == units::DiagnosticCode::records_unreadable; }));
}

/// Rows that name their columns otherwise than the first ones are left out, and it is said from which line on. A
/// remark, a function and a schema in front of the name change nothing.
void OtherWritersTest::rowsUnderOtherNamesAreSaid() {
    QByteArray text("-- a remark; with INSERT INTO nothing VALUES (1)\nBEGIN;\n");
    for (int i = 0; i < 40; ++i) {
        const QByteArray t = QByteArray::number(i);
        text += "insert into main.[log] (t, lat, lon, volts, note) values (cast(" + t + " as real), 52.0, -7." + t +
                "1, 16.1, E'a; b') /* on */;\n";
    }
    text.replace("cast(0 as real)", "0");
    for (int i = 1; i < 40; ++i) text.replace("cast(" + QByteArray::number(i) + " as real)", QByteArray::number(i));
    text += "INSERT INTO log (lat, lon) VALUES (1, 2), (3, 4);\n";
    const auto log = log_of("names.sql", text);
    QVERIFY(log);
    QCOMPARE(log->rows(), std::size_t(40));
    QVERIFY(!log->has(Channel::current_a));
    VERIFY_NEAR((*log)[Channel::longitude_deg][4], -7.41, 1e-9);
    const auto unread = std::find_if(log->diagnostics.begin(), log->diagnostics.end(), [](const auto& each) {
        return each.code == units::DiagnosticCode::records_unreadable;
    });
    QVERIFY(unread != log->diagnostics.end());
    QCOMPARE(std::get<double>(unread->parameters[0].value), 2.0);
    QCOMPARE(std::get<double>(unread->parameters[1].value), 43.0);
}

/// Sensors that are read at times of their own: a row for each time.
void OtherWritersTest::quantitiesOneBehindTheOtherAreOrderedByTime() {
    QByteArray text("time,sensor,value\n");
    for (int i = 0; i < 30; ++i)
        text += QByteArray::number(i) + ",lat," + QByteArray::number(52.0 + 1e-4 * i) + "\n";
    for (int i = 0; i < 30; ++i) text += QByteArray::number(i) + ",lon,-7.0\n";
    for (int i = 0; i < 15; ++i) text += QByteArray::number(2 * i) + ".5,volts,16.2\n";
    const auto log = log_of("blocks.csv", text);
    QVERIFY(log);
    QCOMPARE(log->rows(), std::size_t(45));
    const auto& time = (*log)[Channel::time_s];
    QVERIFY(std::is_sorted(time.begin(), time.end()));
    QCOMPARE(time[1], 0.5);
    QVERIFY(std::isfinite((*log)[Channel::voltage_v][1]));
}

SOBREMESA_TEST(OtherWritersTest)
#include "tst_other_writers.moc"
