// Spreadsheets' own documents, as two libraries that are not ours write them: golden files of openpyxl and odfpy,
// see tests/io/golden/make_workbooks.py.

#include <cmath>

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "io/archive.hpp"
#include "io/log_file.hpp"
#include "io/log_source.hpp"
#include "io/workbook.hpp"
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
    void aWorkbookIsOneLog();
    void whatIsBrokenIsRefused();
};

void WorkbooksTest::eachIsTheSameFlight_data() {
    QTest::addColumn<QByteArray>("file");
    QTest::newRow("Office Open XML") << QByteArray("made.xlsx");
    QTest::newRow("OpenDocument") << QByteArray("made.ods");
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

/// It is a ZIP, but no archive of logs.
void WorkbooksTest::aWorkbookIsOneLog() {
    QVERIFY(io::is_archive(golden("made.xlsx")) && io::is_workbook(golden("made.xlsx")));
    QVERIFY(io::is_workbook(golden("made.ods")));
    QVERIFY(!io::is_workbook(golden("made.gpx")));
    const auto logs = io::logs_below({golden("made.xlsx")});
    QVERIFY(logs && logs->size() == 1);
    QVERIFY(io::log_format(golden("made.xlsx")) == io::LogFormat::workbook);
    // What is stored is the document itself.
    const auto packed = io::LogSource::unpacked(golden("made.xlsx"));
    QVERIFY(packed && packed->readable() == golden("made.xlsx"));
}

void WorkbooksTest::whatIsBrokenIsRefused() {
    QTemporaryDir folder;
    QFile whole(QString::fromStdString(golden("made.xlsx")));
    QVERIFY(whole.open(QIODevice::ReadOnly));
    const QByteArray bytes = whole.readAll();
    for (qsizetype length = 0; length < bytes.size(); length += 97) {
        QFile cut(folder.filePath(QStringLiteral("cut.xlsx")));
        QVERIFY(cut.open(QIODevice::WriteOnly));
        cut.write(bytes.first(length));
        cut.close();
        const auto log = io::read_log(cut.fileName().toStdString());
        // Refused, or read as far as it goes.
        if (log) QVERIFY((*log)->rows() <= 120);
    }
    for (qsizetype at = 40; at < bytes.size(); at += 61) {
        QByteArray harmed = bytes;
        harmed[at] = char(harmed[at] ^ 0x5A);
        QFile file(folder.filePath(QStringLiteral("harmed.xlsx")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(harmed);
        file.close();
        (void)io::read_log(file.fileName().toStdString());
    }
}

SOBREMESA_TEST(WorkbooksTest)
#include "tst_workbooks.moc"
