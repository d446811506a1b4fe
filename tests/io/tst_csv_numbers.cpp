// The two quick ways to read numbers of a row, against the standard library's conversion, cell by cell.

#include <QTest>

#include <charconv>
#include <cmath>
#include <cstring>
#include <random>

#include "io/csv_numbers.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using io::LogColumn;
using Kind = LogColumn::Kind;

namespace {

constexpr int columns_of_a_row = 4;
/// Digits and point that both ways take: the vectors see sixteen bytes, and must see the end.
constexpr std::size_t longest = 15;

/// A row's columns, and what was read into them.
struct Row {
    std::array<double, columns_of_a_row> values{};
    std::array<io::ColumnTarget, columns_of_a_row> targets{};

    Row() {
        for (std::size_t i = 0; i < values.size(); ++i) {
            values[i] = -1.0;
            targets[i] = {Kind::number, 1.0, &values[i], nullptr};
        }
    }

    /// @return the column at which reading stopped, and how many characters on
    std::pair<std::size_t, std::ptrdiff_t> read(io::ReadNumbers how, const std::string& line, char point = '.',
                                                char delimiter = ',', io::LinePlace from = {}) {
        // Only what is promised to be readable is there; the address sanitizer sees whoever goes beyond.
        const std::vector<char> text = [&] {
            std::vector<char> all(line.begin(), line.end());
            all.push_back('\n');
            all.resize(all.size() + 16, '7');
            return all;
        }();
        const io::NumberColumns columns{targets.data(), targets.size(), delimiter, point};
        const io::LinePlace to =
            how({text.data() + (from.at ? from.at - line.data() : 0), from.column}, columns, 0);
        return {to.column, to.at - text.data()};
    }
};

double standard_value(const std::string& cell) {
    double value = 0.0;
    const auto parsed = std::from_chars(cell.data(), cell.data() + cell.size(), value);
    return parsed.ptr == cell.data() + cell.size() ? value : std::nan("");
}

} // namespace

class CsvNumbersTest : public QObject {
    Q_OBJECT
private slots:
    void bothWaysAreThere();
    void oneCell_data();
    void oneCell();
    void manyCellsAreRoundedAsTheStandardSays_data() { ways(); }
    void manyCellsAreRoundedAsTheStandardSays();
    void everyLengthAndEveryPlaceOfThePoint_data() { ways(); }
    void everyLengthAndEveryPlaceOfThePoint();
    void stopsAtWhatIsNoNumberColumn_data() { ways(); }
    void stopsAtWhatIsNoNumberColumn();
    void stopsAtTheEndOfAShortRow_data() { ways(); }
    void stopsAtTheEndOfAShortRow();
    void scalesAndPassesOver_data() { ways(); }
    void scalesAndPassesOver();

private:
    static void ways() {
        QTest::addColumn<int>("way");
        QTest::newRow("by digits") << 0;
        if (io::read_numbers_by_vectors()) QTest::newRow("by vectors") << 1;
    }
    static io::ReadNumbers way(int which) {
        return which == 0 ? io::read_numbers_by_digits : io::read_numbers_by_vectors();
    }
};

void CsvNumbersTest::bothWaysAreThere() {
    // What the processor says of itself, not what the reader says of it: a way that was never offered would pass.
#if defined(__x86_64__) || defined(__i386__)
    const bool has_instructions = __builtin_cpu_supports("sse4.1");
#else
    const bool has_instructions = false;
#endif
    QCOMPARE(io::read_numbers_by_vectors() != nullptr, has_instructions);
    QVERIFY(io::quickest_read_numbers() ==
            (has_instructions ? io::read_numbers_by_vectors() : io::read_numbers_by_digits));
}

void CsvNumbersTest::oneCell_data() {
    QTest::addColumn<QByteArray>("cell");
    QTest::addColumn<bool>("is_short");
    const auto add = [](const char* cell, bool is_short) { QTest::newRow(cell) << QByteArray(cell) << is_short; };
    add("0", true);
    add("-0", true);
    add("7", true);
    add("-7.25", true);
    add("16.554", true);
    add("00012.50", true);
    add("-31.3599904", true);
    add("123456789012345", true);
    add("-1234567.1234567", true);
    add("0.0000000000001", true);
    // Left to the number parser, which takes some of them and refuses others.
    add("", false);
    add("-", false);
    add(".", false);
    add("-.", false);
    add("--5", false);
    add("+5", false);
    add("1.2.3", false);
    add("1-2", false);
    add("5e3", false);
    add(" 5", false);
    add("5 ", false);
    add("nan", false);
    add("\"5\"", false);
    add("1234567890123456", false);
    add("123456789.12345678", false);
    add("\x80\xff", false);
    add("1\xb0", false);
    add("1/", false);
    add("1:", false);
}

void CsvNumbersTest::oneCell() {
    QFETCH(QByteArray, cell);
    QFETCH(bool, is_short);
    const std::string text = cell.toStdString();
    for (const auto how : {&io::read_numbers_by_digits, &*io::quickest_read_numbers()}) {
        for (const std::size_t at : {std::size_t(0), std::size_t(columns_of_a_row - 1)}) {
            Row row;
            const bool last = at + 1 == columns_of_a_row;
            const std::string line = last ? "1,1,1," + text : text + ",1,1,1";
            const auto [column, characters] = row.read(how, line);
            // Behind the last column anything may stand: whoever reads the line looks at it.
            const bool all_read = column == columns_of_a_row && characters == std::ptrdiff_t(line.size());
            QCOMPARE(all_read, is_short);
            if (!is_short) continue;
            const double expected = standard_value(text);
            QCOMPARE(row.values[at], expected);
            QCOMPARE(std::signbit(row.values[at]), std::signbit(expected));
        }
    }
}

void CsvNumbersTest::manyCellsAreRoundedAsTheStandardSays() {
    QFETCH(int, way);
    std::mt19937_64 random{1};
    for (int i = 0; i < 400'000; ++i) {
        const int digits = 1 + int(random() % 15);
        const int decimals = int(random() % unsigned(digits + 1));
        std::string cell = random() % 3 == 0 ? "-" : "";
        for (int k = 0; k < digits; ++k) {
            if (k == digits - decimals) cell += '.';
            cell += char('0' + random() % 10);
        }
        // A number that begins with its point is for the number parser to judge, and so is a longer one.
        const std::size_t sign = cell[0] == '-' ? 1 : 0;
        if (cell[sign] == '.' || cell.size() - sign > longest) continue;
        Row row;
        const auto [column, characters] = row.read(CsvNumbersTest::way(way), cell + ",2," + cell + ",3");
        QCOMPARE(column, std::size_t(columns_of_a_row));
        if (row.values[0] != standard_value(cell) || row.values[2] != row.values[0]) {
            QFAIL(qPrintable(
                QStringLiteral("%1 was read as %2").arg(QString::fromStdString(cell)).arg(row.values[0])));
        }
    }
}

void CsvNumbersTest::everyLengthAndEveryPlaceOfThePoint() {
    QFETCH(int, way);
    const std::string digits = "987654321098765";
    for (std::size_t length = 1; length <= digits.size(); ++length) {
        for (std::size_t point = 1; point <= length; ++point) {
            for (const char sign : {'\0', '-'}) {
                std::string cell = digits.substr(0, length);
                if (point < length) cell.insert(point, 1, '.');
                if (cell.size() > longest) continue;
                if (sign) cell.insert(0, 1, sign);
                std::string with_comma = cell;
                std::replace(with_comma.begin(), with_comma.end(), '.', ',');
                Row row;
                const auto [column, characters] =
                    row.read(CsvNumbersTest::way(way), with_comma + ";1;2;" + with_comma + "\r", ',', ';');
                QCOMPARE(column, std::size_t(columns_of_a_row));
                QCOMPARE(characters, std::ptrdiff_t(2 * cell.size() + 5));
                QCOMPARE(row.values[0], standard_value(cell));
                QCOMPARE(row.values[3], standard_value(cell));
            }
        }
    }
}

void CsvNumbersTest::stopsAtWhatIsNoNumberColumn() {
    QFETCH(int, way);
    const std::string line = "1.5,armed,3,4";
    for (const Kind kind : {Kind::ignored, Kind::date, Kind::clock_time, Kind::position_pair}) {
        Row row;
        row.targets[1].kind = kind;
        const auto [column, characters] = row.read(CsvNumbersTest::way(way), line);
        QCOMPARE(column, std::size_t(1));
        QCOMPARE(characters, std::ptrdiff_t(4));
        QCOMPARE(row.values[0], 1.5);
        QCOMPARE(row.values[2], -1.0);
        // And goes on behind it.
        const auto [end, all] = row.read(CsvNumbersTest::way(way), line, '.', ',', {line.data() + 10, 2});
        QCOMPARE(end, std::size_t(columns_of_a_row));
        QCOMPARE(all, std::ptrdiff_t(line.size()));
        QCOMPARE(row.values[3], 4.0);
    }
    Row row;
    row.targets[3].kind = Kind::ignored;
    QCOMPARE(row.read(CsvNumbersTest::way(way), "1,2,3,x").first, std::size_t(3));
}

void CsvNumbersTest::stopsAtTheEndOfAShortRow() {
    QFETCH(int, way);
    Row row;
    const auto [column, characters] = row.read(CsvNumbersTest::way(way), "1.5,25\n7,8,9,10");
    QCOMPARE(column, std::size_t(1));
    QCOMPARE(characters, std::ptrdiff_t(4));
    QCOMPARE(row.values[1], -1.0);
}

void CsvNumbersTest::scalesAndPassesOver() {
    QFETCH(int, way);
    Row row;
    row.targets[0].scale = 0.01;
    row.targets[1].first = nullptr;
    row.targets[3].scale = -2.0;
    const auto [column, characters] = row.read(CsvNumbersTest::way(way), "-1850,77,3,4.5");
    QCOMPARE(column, std::size_t(columns_of_a_row));
    QCOMPARE(row.values[0], -1850.0 * 0.01);
    QCOMPARE(row.values[1], -1.0);
    QCOMPARE(row.values[3], -9.0);
}

SOBREMESA_TEST(CsvNumbersTest)
#include "tst_csv_numbers.moc"
