// Spreadsheets' own documents, as three libraries that are not ours write them: golden files of openpyxl and odfpy,
// see tests/io/golden/make_workbooks.py, and of Spreadsheet::WriteExcel, see make_binary_workbook.pl.

#include <algorithm>
#include <cmath>
#include <cstddef>

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "io/archive.hpp"
#include "io/log_file.hpp"
#include "io/log_source.hpp"
#include "io/workbook.hpp"
#include "io/workbook_cells.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;

namespace {

std::string golden(const char* name) {
    return std::string(SOURCE_DIR) + "/tests/io/golden/" + name;
}

} // namespace

class WorkbooksTest : public QObject {
    Q_OBJECT
private slots:
    void eachIsTheSameFlight_data();
    void eachIsTheSameFlight();
    void momentsAreWrittenAsIso();
    void textsOfABinaryOneGoOnInTheNextRecord();
    void aClockOfADayKeepsTheDay();
    void aBinaryOneThatIsProtectedIsRefused();
    void aCellFarBelowCostsNothing();
    void aWorkbookIsOneLog();
    void whatIsBrokenIsRefused_data();
    void whatIsBrokenIsRefused();
};

void WorkbooksTest::eachIsTheSameFlight_data() {
    QTest::addColumn<QByteArray>("file");
    QTest::newRow("Office Open XML") << QByteArray("made.xlsx");
    QTest::newRow("OpenDocument") << QByteArray("made.ods");
    QTest::newRow("binary") << QByteArray("made.xls");
}

void WorkbooksTest::eachIsTheSameFlight() {
    QFETCH(QByteArray, file);
    const auto log = io::read_log(golden(file));
    QVERIFY(log);
    QCOMPARE((*log)->rows(), std::size_t(120));
    for (std::size_t i = 0; i < 120; ++i) {
        const double n = double(i);
        VERIFY_NEAR((**log)[Channel::time_s][i] - (**log)[Channel::time_s][0], n, 1e-3);
        VERIFY_NEAR((**log)[Channel::latitude_deg][i], 52.0 + 1e-5 * n, 1e-12);
        VERIFY_NEAR((**log)[Channel::longitude_deg][i], 7.0 + 2e-5 * n, 1e-12);
        VERIFY_NEAR((**log)[Channel::voltage_v][i], 16.4 - 0.01 * n, 1e-12);
        VERIFY_NEAR((**log)[Channel::current_a][i], 5.0 + std::sin(n), 1e-12);
        VERIFY_NEAR((**log)[Channel::throttle_share][i], 0.4 + 0.001 * n, 1e-9);
    }
    // 14 May 2026, 16:41:07, by `date -u -d 2026-05-14T16:41:07 +%s`.
    QVERIFY((*log)->start_clock_s);
    VERIFY_NEAR(*(*log)->start_clock_s, 1778776867.0, 1e-3);
}

void WorkbooksTest::momentsAreWrittenAsIso() {
    const auto csv = io::workbook_as_csv(golden("made.xlsx"));
    QVERIFY(csv);
    QVERIFY(
        csv->starts_with("When,Elapsed,Lat,Lon,Volts,Amps,Throttle,Remark\n2026-05-14T16:41:07,00:00:00,52,7,"));
    QVERIFY(csv->find("2026-05-14T16:42:07,00:01:00,") != std::string::npos);
    QVERIFY(csv->find("\"turn, then home\"") != std::string::npos);
}

/// A record holds 8224 bytes; sixty remarks in two alphabets hold more, and one of them is divided in its middle.
void WorkbooksTest::textsOfABinaryOneGoOnInTheNextRecord() {
    const auto csv = io::workbook_as_csv(golden("made.xls"));
    QVERIFY(csv);
    QVERIFY(csv->starts_with(
        "When,Elapsed,Lat,Lon,Volts,Amps,Throttle,Remark\n2026-05-14T16:41:07,00:00:00,52,7,16.4,5,"));
    const QStringList lines = QString::fromStdString(*csv).split(QLatin1Char('\n'));
    QCOMPARE(lines.size(), qsizetype(122));
    for (int i = 61; i < 120; ++i) {
        const QString word = i % 2 == 1 ? QStringLiteral("gust ") : QStringLiteral("ветер ");
        QVERIFY2(lines[i + 1].endsWith(QStringLiteral(",%1 ").arg(i) + word.repeated(40)),
                 qPrintable(lines[i + 1]));
    }
}

/// Formats that show a clock only are set to moments of a day, too.
void WorkbooksTest::aClockOfADayKeepsTheDay() {
    // 14 May 2026 is the day 46156 of spreadsheets that count from the end of 1899, 44694 of those from 1904.
    QCOMPARE(io::shown_as(46156.5, io::Shown::time, false), std::string("2026-05-14T12:00:00"));
    QCOMPARE(io::shown_as(44694.5, io::Shown::time, true), std::string("2026-05-14T12:00:00"));
    QCOMPARE(io::shown_as(1.5, io::Shown::time, false), std::string("36:00:00"));
    QVERIFY(!io::may_be_shown_as(3e6, io::Shown::date));
    QVERIFY(!io::may_be_shown_as(46156.5, io::Shown::number));
}

/// [MS-XLS] 2.4.117: what follows a FilePass record is enciphered. The record of the code page becomes one.
void WorkbooksTest::aBinaryOneThatIsProtectedIsRefused() {
    QFile whole(QString::fromStdString(golden("made.xls")));
    QVERIFY(whole.open(QIODevice::ReadOnly));
    QByteArray bytes = whole.readAll();
    const QByteArray code_page("\x42\x00\x02\x00", 4);
    const auto at = bytes.indexOf(code_page);
    QVERIFY(at > 0);
    bytes[at] = '\x2F';
    QTemporaryDir folder;
    QFile file(folder.filePath(QStringLiteral("protected.xls")));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
    file.close();
    const auto log = io::read_log(file.fileName().toStdString());
    QVERIFY(!log && log.error().code == units::ErrorCode::file_binary);
    QCOMPARE(log.error().where.file, file.fileName().toStdString());
}

/// The first number's cell is moved to the last row and column that there are: one line more, not sixteen million
/// commas.
void WorkbooksTest::aCellFarBelowCostsNothing() {
    QFile whole(QString::fromStdString(golden("made.xls")));
    QVERIFY(whole.open(QIODevice::ReadOnly));
    QByteArray bytes = whole.readAll();
    // NUMBER, fourteen bytes, row 1, column 0.
    const auto at = bytes.indexOf(QByteArray("\x03\x02\x0E\x00\x01\x00\x00\x00", 8));
    QVERIFY(at > 0);
    bytes.replace(at + 4, 4, QByteArray("\xFF\xFF\xFF\x00", 4));
    QTemporaryDir folder;
    QFile file(folder.filePath(QStringLiteral("far.xls")));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
    file.close();
    const auto csv = io::workbook_as_csv(file.fileName().toStdString());
    QVERIFY(csv);
    QVERIFY(csv->size() < 200'000);
    QCOMPARE(std::count(csv->begin(), csv->end(), '\n'), std::ptrdiff_t(65536));
}

/// It is a ZIP, but no archive of logs.
void WorkbooksTest::aWorkbookIsOneLog() {
    QVERIFY(io::is_archive(golden("made.xlsx")) && io::is_workbook(golden("made.xlsx")));
    QVERIFY(io::is_workbook(golden("made.ods")));
    QVERIFY(!io::is_archive(golden("made.xls")) && io::is_workbook(golden("made.xls")));
    QVERIFY(io::log_format(golden("made.xls")) == io::LogFormat::workbook);
    QVERIFY(!io::is_workbook(golden("made.gpx")));
    const auto logs = io::logs_below({golden("made.xlsx")});
    QVERIFY(logs && logs->size() == 1);
    QVERIFY(io::log_format(golden("made.xlsx")) == io::LogFormat::workbook);
    // What is stored is the document itself.
    const auto packed = io::LogSource::unpacked(golden("made.xlsx"));
    QVERIFY(packed && packed->readable() == golden("made.xlsx"));
}

void WorkbooksTest::whatIsBrokenIsRefused_data() {
    QTest::addColumn<QByteArray>("file");
    QTest::newRow("Office Open XML") << QByteArray("made.xlsx");
    QTest::newRow("binary") << QByteArray("made.xls");
}

void WorkbooksTest::whatIsBrokenIsRefused() {
    QFETCH(QByteArray, file);
    QTemporaryDir folder;
    QFile whole(QString::fromStdString(golden(file)));
    QVERIFY(whole.open(QIODevice::ReadOnly));
    const QByteArray bytes = whole.readAll();
    for (qsizetype length = 0; length < bytes.size(); length += bytes.size() / 127) {
        QFile cut(folder.filePath(QStringLiteral("cut.xlsx")));
        QVERIFY(cut.open(QIODevice::WriteOnly));
        cut.write(bytes.first(length));
        cut.close();
        const auto log = io::read_log(cut.fileName().toStdString());
        // Refused, or read as far as it goes.
        if (log) QVERIFY((*log)->rows() <= 120);
    }
    for (qsizetype at = 40; at < bytes.size(); at += bytes.size() / 202) {
        QByteArray harmed = bytes;
        harmed[at] = char(harmed[at] ^ 0x5A);
        QFile broken(folder.filePath(QStringLiteral("harmed.xlsx")));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write(harmed);
        broken.close();
        (void)io::read_log(broken.fileName().toStdString());
    }
}

SOBREMESA_TEST(WorkbooksTest)
#include "tst_workbooks.moc"
