// The reader on all cores against the plain one: whatever is in the file, both must find the same.

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <random>

#include <unistd.h>

#include "io/csv_log_reader.hpp"
#include "io/text_file.hpp"
#include "io/text_number.hpp"
#include "support/compare.hpp"
#include "support/plain_log_reader.hpp"
#include "support/sanitized.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;
using telemetry::SetAsideReason;
using units::ErrorCode;

namespace {

bool same_number(double a, double b) {
    return (std::isnan(a) && std::isnan(b)) || a == b;
}

/// Resident memory of this process at its highest since it was last reset, bytes.
double peak_bytes() {
    QFile status(QStringLiteral("/proc/self/status"));
    if (!status.open(QIODevice::ReadOnly)) return 0.0;
    for (const QByteArray& line : status.readAll().split('\n')) {
        if (line.startsWith("VmHWM:")) return line.mid(6).simplified().split(' ').first().toDouble() * 1024.0;
    }
    return 0.0;
}

void reset_peak() {
    QFile clear(QStringLiteral("/proc/self/clear_refs"));
    if (clear.open(QIODevice::WriteOnly)) clear.write("5");
}

} // namespace

class CsvAllCoresTest : public QObject {
    Q_OBJECT
private slots:
    void findsWhatThePlainReaderFinds_data();
    void findsWhatThePlainReaderFinds();
    void randomRowsAreReadAlike_data();
    void randomRowsAreReadAlike();
    void placesOfBadRowsAreKept();
    void utf16AndLatin1();
    void tenMillionRows();
    void tenThousandColumns();
    void aFileThatShrinksBetweenWavesIsCut();

private:
    std::string written(const std::string& text) {
        const std::string path = folder_.filePath(QStringLiteral("log.csv")).toStdString();
        if (!io::write_text_file(path, text)) qFatal("cannot write the test file");
        return path;
    }
    void compare(const std::string& path);
    QTemporaryDir folder_;
};

void CsvAllCoresTest::compare(const std::string& path) {
    const auto plain = tests::read_csv_plainly(path);
    const auto quick = io::read_csv_log(path);
    QCOMPARE(quick.has_value(), plain.has_value());
    if (!plain) {
        QCOMPARE(int(quick.error().code), int(plain.error().code));
        return;
    }
    const auto& a = **plain;
    const auto& b = **quick;
    QCOMPARE(b.rows(), a.rows());
    QCOMPARE(b.rows_met, a.rows_met);
    QCOMPARE(b.start_clock_s, a.start_clock_s);
    QVERIFY(b.lines == a.lines);
    for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
        QCOMPARE(b.columns[c].size(), a.columns[c].size());
        for (std::size_t i = 0; i < a.columns[c].size(); ++i) {
            if (!same_number(b.columns[c][i], a.columns[c][i]))
                QFAIL(qPrintable(QStringLiteral("%1, row %2: %3 is not %4")
                                     .arg(QLatin1String(telemetry::channel_word(Channel(c))))
                                     .arg(i)
                                     .arg(b.columns[c][i], 0, 'g', 17)
                                     .arg(a.columns[c][i], 0, 'g', 17)));
        }
    }
    QCOMPARE(b.unreadable.size(), a.unreadable.size());
    for (std::size_t i = 0; i < a.unreadable.size(); ++i) {
        QCOMPARE(int(b.unreadable[i].reason), int(a.unreadable[i].reason));
        QCOMPARE(b.unreadable[i].rows, a.unreadable[i].rows);
        QCOMPARE(b.unreadable[i].first_row, a.unreadable[i].first_row);
        QCOMPARE(b.unreadable[i].places.size(), a.unreadable[i].places.size());
    }
}

void CsvAllCoresTest::findsWhatThePlainReaderFinds_data() {
    QTest::addColumn<QByteArray>("text");
    QTest::newRow("numbers") << QByteArray("time(s),volts(V),amps(A)\n0,16,5\n1,15.9,5.1\n");
    QTest::newRow("no end of the last line") << QByteArray("time(s),volts(V)\n0,16\n1,15.9");
    QTest::newRow("cut last row") << QByteArray("time(s),volts(V),amps(A)\n0,16,5\n1,15.");
    QTest::newRow("carriage returns") << QByteArray("time(s),volts(V)\r\n0,16\r\n1,15.9\r\n");
    QTest::newRow("blanks around numbers") << QByteArray("time(s), volts(V)\n 0 , 16 \n 1 ,\t15.9\n");
    QTest::newRow("plus signs, exponents") << QByteArray("time(s),volts(V)\n+0,1.6e1\n1e0,+15.9\n");
    QTest::newRow("quoted") << QByteArray("time(s),note,volts(V)\n0,\"a, b\",16\n1,\"c\",15.9\n2,d,15\n");
    QTest::newRow("missing words") << QByteArray("time(s),volts(V)\n0,nan\n1,--\n2,\n3,inf\n4,16\n");
    QTest::newRow("text for a number") << QByteArray("time(s),volts(V)\n0,16\n1,much\n2,15\n");
    QTest::newRow("rows too short, too long") << QByteArray("time(s),volts(V)\n0\n1,16\n2,16,3\n3,15\n");
    QTest::newRow("delimiter at the ends") << QByteArray("time(s),volts(V),\n0,16,\n1,15.9,\n");
    QTest::newRow("comments and blank lines")
        << QByteArray("# made up\n\ntime(s),volts(V)\n0,16\n# a word\n\n1,15.9\n   \n2,15.8\n");
    QTest::newRow("header once more") << QByteArray("time(s),volts(V)\n0,16\ntime(s),volts(V)\n1,15.9\n");
    QTest::newRow("decimal commas") << QByteArray(
        "time(s);volts(V);amps(A)\n0,0;16,05;5\n0,5;15,95;5,25\n1;16;5\n");
    QTest::newRow("bars") << QByteArray("time(s)|volts(V)\n0|16\n1|15.9\n");
    QTest::newRow("tabs, empty cells") << QByteArray("time(s)\tvolts(V)\tamps(A)\n0\t\t5\n1\t16\t\n");
    QTest::newRow("date and clock") << QByteArray(
        "date,time,volts(V)\n2026-05-09,09:14:00.000,16\n2026-05-09,09:14:00.5,15.9\n");
    QTest::newRow("clock past midnight") << QByteArray("time,volts(V)\n23:59:59.5,16\n00:00:00.5,15.9\n0:0:2,15\n");
    QTest::newRow("clock missing") << QByteArray("time,volts(V)\n10:00:00,16\n,15.9\n10:00:02,15\n");
    QTest::newRow("position in one cell")
        << QByteArray("time(s),GPS,volts(V)\n0,39.4 -31.4,16\n1,,15.9\n2,39.5 -31.5,15\n");
    QTest::newRow("too many digits") << QByteArray("time(s),volts(V)\n0,16.000000000000000000000001\n"
                                                   "1,15999999999999999999999e-21\n");
    QTest::newRow("beyond a double") << QByteArray("time(s),volts(V)\n0,1e400\n1,16\n");
    QTest::newRow("nothing usable") << QByteArray("time(s),volts(V)\n0,a\n1,b\n");
    QTest::newRow("zero bytes in a row")
        << QByteArray("time(s),volts(V)\n0,16\n1,1") + QByteArray(2, '\0') + "\n2,15\n";
}

void CsvAllCoresTest::findsWhatThePlainReaderFinds() {
    QFETCH(QByteArray, text);
    compare(written(text.toStdString()));
}

void CsvAllCoresTest::randomRowsAreReadAlike_data() {
    QTest::addColumn<int>("seed");
    for (int seed = 1; seed <= 6; ++seed) QTest::addRow("seed %d", seed) << seed;
}

void CsvAllCoresTest::randomRowsAreReadAlike() {
    // Some eleven megabytes, so that several waves and many pieces meet in the middle of rows that are broken in
    // every way.
    QFETCH(int, seed);
    std::mt19937 random{unsigned(seed)};
    const auto draw = [&](int most) { return int(random() % unsigned(most)); };
    const char delimiter = seed % 2 == 0 ? ';' : ',';
    std::string text = "time(s),latitude,longitude,note,speed(km/h),volts(V),amps(A),used(mAh)\n";
    if (delimiter == ';') std::replace(text.begin(), text.end(), ',', ';');
    const char* const oddities[] = {"",    "nan",  "x",  "\"a,b\"", "1e5", "-0", "+7",
                                    " 3 ", "12,5", "--", "1.2.3",   "\"",  "#",  "9e999"};
    for (int row = 0; text.size() < 11'000'000; ++row) {
        const int cells = draw(400) == 0 ? draw(12) : 8;
        for (int cell = 0; cell < cells; ++cell) {
            if (cell > 0) text += delimiter;
            if (cell == 0)
                text += io::text_from_number(0.02 * row, 3);
            else if (draw(150) == 0)
                text += oddities[draw(int(std::size(oddities)))];
            else
                text += io::text_from_number(0.001 * draw(400'000) - 100.0, draw(9));
        }
        text += draw(700) == 0 ? "\r\n" : "\n";
        if (draw(900) == 0) text += "# in between\n\n";
    }
    compare(written(text));
}

void CsvAllCoresTest::placesOfBadRowsAreKept() {
    std::string text = "time(s),volts(V)\n";
    for (int row = 0; row < 1000; ++row) {
        const bool bad = (row >= 100 && row < 110) || row == 500;
        text += std::to_string(row) + (bad ? ",oh\n" : ",16\n");
    }
    const auto log = io::read_csv_log(written(text));
    QVERIFY(log.has_value());
    QCOMPARE((*log)->unreadable.size(), std::size_t(1));
    const auto& aside = (*log)->unreadable.front();
    QCOMPARE(aside.rows, std::size_t(11));
    QCOMPARE(aside.first_row, std::int64_t(102)); // the header is line 1
    QCOMPARE(aside.places.size(), std::size_t(2));
    QCOMPARE(aside.places[0].rows, std::size_t(10));
    QCOMPARE(aside.places[1].first_row, std::int64_t(502));
}

void CsvAllCoresTest::utf16AndLatin1() {
    const QString text = QStringLiteral("time (µs),track (°),volts (V)\n0,90,16\n500000,91,15.9\n");
    QByteArray little("\xFF\xFE");
    QByteArray big("\xFE\xFF");
    for (const QChar c : text) {
        little += char(c.unicode() & 0xFF);
        little += char(c.unicode() >> 8);
        big += char(c.unicode() >> 8);
        big += char(c.unicode() & 0xFF);
    }
    for (const QByteArray& bytes : {little, big, text.toLatin1(), text.toUtf8()}) {
        const auto log = io::read_csv_log(written(bytes.toStdString()));
        QVERIFY(log.has_value());
        QCOMPARE((*log)->rows(), std::size_t(2));
        VERIFY_NEAR((**log)[Channel::time_s][1], 0.5, 1e-12);
        VERIFY_NEAR((**log)[Channel::course_deg][1], 91.0, 1e-12);
    }
}

void CsvAllCoresTest::tenMillionRows() {
    constexpr std::size_t rows = 10'000'000;
    const std::string path = folder_.filePath(QStringLiteral("long.csv")).toStdString();
    {
        QFile out(QString::fromStdString(path));
        QVERIFY(out.open(QIODevice::WriteOnly));
        out.write("time(ms),volts(V),amps(A)\n");
        std::string block;
        for (std::size_t row = 0; row < rows; ++row) {
            block += std::to_string(row * 20);
            block += ",16.2,5.25\n";
            if (block.size() > (1U << 20)) {
                out.write(block.data(), qint64(block.size()));
                block.clear();
            }
        }
        out.write(block.data(), qint64(block.size()));
    }
    reset_peak();
    const double before = peak_bytes();
    const auto log = io::read_csv_log(path);
    [[maybe_unused]] const double grown = peak_bytes() - before;
    QFile::remove(QString::fromStdString(path));
    QVERIFY(log.has_value());
    QCOMPARE((*log)->rows(), rows);
    VERIFY_NEAR((**log)[Channel::time_s].back(), 0.02 * double(rows - 1), 1e-6);
    VERIFY_NEAR((**log)[Channel::current_a].back(), 5.25, 1e-12);
    // At most one and a half times the numeric columns (three of them here, and the line of each row).
    const double columns = double(rows) * (3.0 * sizeof(double) + sizeof(std::uint32_t));
    // Sanitizers keep memory of their own beside ours.
    QVERIFY2(tests::sanitized || grown < 1.5 * columns,
             qPrintable(QStringLiteral("%1 of the columns").arg(grown / columns)));
}

void CsvAllCoresTest::tenThousandColumns() {
    std::string text = "time(s),volts(V)";
    for (int i = 2; i < 10'000; ++i) text += ",c" + std::to_string(i);
    text += "\n";
    for (int row = 0; row < 20; ++row) {
        text += std::to_string(row);
        for (int i = 1; i < 10'000; ++i) text += ",16";
        text += "\n";
    }
    const auto log = io::read_csv_log(written(text));
    QVERIFY(log.has_value());
    QCOMPARE((*log)->rows(), std::size_t(20));
    // A few are named, the rest are counted: nobody reads ten thousand lines.
    QVERIFY((*log)->diagnostics.size() < 10);
    compare(written(text));
}

void CsvAllCoresTest::aFileThatShrinksBetweenWavesIsCut() {
    std::string text = "time(s),volts(V)\n";
    while (text.size() < 24'000'000) text += std::to_string(text.size()) + ",16.25\n";
    const std::string path = written(text);
    io::ReadingJob job;
    bool cut = false;
    job.progress = [&](double) {
        if (!cut) cut = ::truncate(path.c_str(), 14'000'001) == 0;
    };
    const auto log = io::read_csv_log(path, job);
    QVERIFY(cut);
    QVERIFY(log.has_value());
    QVERIFY((*log)->rows() > 500'000);
    for (const double v : (**log)[Channel::voltage_v]) QCOMPARE(v, 16.25);
}

SOBREMESA_TEST(CsvAllCoresTest)
#include "tst_csv_all_cores.moc"
