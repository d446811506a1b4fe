// One flight in all the ways that instruments and spreadsheets write it: each must be read without being told
// anything, and give the same flight.

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "core/telemetry/consumption.hpp"
#include "io/log_file.hpp"
#include "support/dialects.hpp"
#include "support/test_program.hpp"
#include "support/thorough.hpp"

using namespace sobremesa;
using namespace sobremesa::tests;
using telemetry::Channel;

namespace {

/// A dialect that no writer would make: a decimal comma needs another delimiter, a headerless log has plain
/// numbers.
bool makes_sense(const Dialect& d) {
    const bool plain_time = d.time == TimeStyle::seconds || d.time == TimeStyle::iso_t ||
                            d.time == TimeStyle::clock || d.time == TimeStyle::bare_milliseconds ||
                            d.time == TimeStyle::iso_blank || d.time == TimeStyle::date_and_clock;
    if (d.decimal_comma && (d.delimiter == ',' || d.time == TimeStyle::spreadsheet_days)) return false;
    if (d.delimiter == ',' && (d.time == TimeStyle::iso_comma || d.time == TimeStyle::mail) &&
        d.header != HeaderStyle::quoted)
        return false;
    if (d.header == HeaderStyle::none)
        return plain_time && d.position == PositionStyle::degrees && d.units == UnitStyle::si &&
               d.columns != ColumnStyle::power_and_volts && d.columns != ColumnStyle::energy_and_volts &&
               d.columns != ColumnStyle::distractors && !d.preamble;
    // Units that nobody writes must be the usual ones.
    if (d.header == HeaderStyle::bare &&
        (d.time == TimeStyle::minutes || d.units != UnitStyle::si || d.columns == ColumnStyle::power_and_volts ||
         d.columns == ColumnStyle::energy_and_volts))
        return false;
    if (d.header == HeaderStyle::units_in_cells && d.units == UnitStyle::scaled) return false;
    if (d.delimiter == ' ') {
        const bool blank_inside = d.position == PositionStyle::one_cell ||
                                  d.position == PositionStyle::one_quoted_cell ||
                                  d.header == HeaderStyle::units_in_cells || d.header == HeaderStyle::group_row ||
                                  d.header == HeaderStyle::hyphen || d.header == HeaderStyle::unit_row ||
                                  d.header == HeaderStyle::comment || d.preamble || d.trailing_delimiter ||
                                  d.time == TimeStyle::c_library || d.time == TimeStyle::month_first_slashes ||
                                  d.time == TimeStyle::twelve_hours || d.time == TimeStyle::one_cell_twelve_hours ||
                                  d.time == TimeStyle::one_cell_day_first || d.time >= TimeStyle::clock_before_date;
        if (blank_inside) return false;
    }
    if (d.encoding == Encoding::windows1252 &&
        (d.time == TimeStyle::in_characters || d.time == TimeStyle::halves_in_characters))
        return false;
    if (d.encoding == Encoding::windows1252 && d.position == PositionStyle::arc_letters) return true;
    // A home in a comment line, and a column of metres, in one language.
    if (d.position == PositionStyle::metres && d.header == HeaderStyle::units_in_cells) return false;
    return true;
}

template <class T>
T drawn(std::mt19937& random) {
    return T(std::uniform_int_distribution<int>(0, int(T::count) - 1)(random));
}

Dialect drawn_dialect(std::mt19937& random) {
    for (;;) {
        Dialect d;
        d.time = drawn<TimeStyle>(random);
        d.header = drawn<HeaderStyle>(random);
        d.position = drawn<PositionStyle>(random);
        d.units = drawn<UnitStyle>(random);
        d.columns = drawn<ColumnStyle>(random);
        d.encoding = drawn<Encoding>(random);
        d.line_end = drawn<LineEnd>(random);
        d.delimiter = ",;\t| "[std::uniform_int_distribution<int>(0, 4)(random)];
        d.decimal_comma = std::uniform_int_distribution<int>(0, 2)(random) == 0;
        d.trailing_delimiter = std::uniform_int_distribution<int>(0, 5)(random) == 0;
        d.preamble = std::uniform_int_distribution<int>(0, 3)(random) == 0;
        if (makes_sense(d)) return d;
    }
}

} // namespace

class LogDialectsTest : public QObject {
    Q_OBJECT
private slots:
    void everyDialectIsTheSameFlight_data();
    void everyDialectIsTheSameFlight();

private:
    QTemporaryDir folder_;
};

void LogDialectsTest::everyDialectIsTheSameFlight_data() {
    QTest::addColumn<int>("index");
    QTest::addColumn<bool>("one_by_one");
    // Each style once beside what is usual, then styles thrown together.
    for (int i = 0; i < int(TimeStyle::count); ++i) QTest::addRow("time %d", i) << i << true;
    for (int i = 0; i < int(HeaderStyle::count); ++i) QTest::addRow("header %d", i) << 100 + i << true;
    for (int i = 0; i < int(PositionStyle::count); ++i) QTest::addRow("place %d", i) << 200 + i << true;
    for (int i = 0; i < int(UnitStyle::count); ++i) QTest::addRow("units %d", i) << 300 + i << true;
    for (int i = 0; i < int(ColumnStyle::count); ++i) QTest::addRow("columns %d", i) << 400 + i << true;
    for (int i = 0; i < int(Encoding::count); ++i) QTest::addRow("encoding %d", i) << 500 + i << true;
    for (int i = 0; i < int(LineEnd::count); ++i) QTest::addRow("line end %d", i) << 600 + i << true;
    for (int i = 0; i < 5; ++i) QTest::addRow("delimiter %d", i) << 700 + i << true;
    const int thrown = tests::tries(240, 1500);
    for (int i = 0; i < thrown; ++i) QTest::addRow("thrown together %d", i) << i << false;
}

void LogDialectsTest::everyDialectIsTheSameFlight() {
    QFETCH(int, index);
    QFETCH(bool, one_by_one);
    Dialect d;
    if (one_by_one) {
        const int style = index % 100;
        switch (index / 100) {
        case 0: d.time = TimeStyle(style); break;
        case 1: d.header = HeaderStyle(style); break;
        case 2: d.position = PositionStyle(style); break;
        case 3: d.units = UnitStyle(style); break;
        case 4: d.columns = ColumnStyle(style); break;
        case 5: d.encoding = Encoding(style); break;
        case 6: d.line_end = LineEnd(style); break;
        default: d.delimiter = ",;\t| "[style]; break;
        }
        if (d.time == TimeStyle::iso_comma || d.time == TimeStyle::mail) d.delimiter = ';';
    } else {
        std::mt19937 random(1000 + unsigned(index));
        d = drawn_dialect(random);
    }
    static const std::vector<FlownRow> rows = flown();
    const std::string path = folder_.filePath(QStringLiteral("flight.csv")).toStdString();
    QFile file(QString::fromStdString(path));
    QVERIFY(file.open(QIODevice::WriteOnly));
    const std::string text = DialectWriter(d).write(rows);
    file.write(text.data(), qint64(text.size()));
    file.close();

    const auto log = io::read_log(path);
    const QByteArray name = QByteArray::fromStdString(d.name());
    if (!log) QFAIL((name + ": refused with error " + QByteArray::number(int(log.error().code))).constData());
    const auto clean = telemetry::clean(*log);
    if (!clean) QFAIL((name + ": not cleaned").constData());
    const auto summary = telemetry::summarise(*clean);
    QVERIFY2(summary.has_value(), name.constData());
    const auto near = [&](const char* what, double is, double should, double share) {
        if (std::abs(is - should) <= share * should) return true;
        qWarning("%s: %s is %g, should be %g", name.constData(), what, is, should);
        return false;
    };
    const FlownRow& last = rows.back();
    bool good = near("duration", summary->duration_s, last.time_s, 0.01);
    good = near("distance", summary->distance.ground_m ? summary->distance.ground_m->value : 0.0, last.distance_m,
                0.01) &&
           good;
    const auto charge = telemetry::charge_used_ah(*summary);
    good = near("charge", charge ? charge->value : 0.0, last.used_mah / 1000.0, 0.01) && good;
    good = near("energy", summary->energy.energy_wh ? summary->energy.energy_wh->value : 0.0, last.used_wh, 0.01) &&
           good;
    if (d.columns != ColumnStyle::no_speed && d.header != HeaderStyle::none)
        good = near("mean speed",
                    (*log)->has(Channel::ground_speed_mps) ? summary->distance.from_speed_m.value_or(0.0) : 0.0,
                    last.distance_m, 0.01) &&
               good;
    if (!good && qEnvironmentVariableIsSet("SOBREMESA_SHOW_DIALECT")) {
        std::fputs(text.substr(0, 900).c_str(), stderr);
        for (const auto& n : (*log)->diagnostics)
            std::fprintf(stderr, "notice %s\n", units::diagnostic_word(n.code));
    }
    QVERIFY(good);
}

SOBREMESA_TEST(LogDialectsTest)
#include "tst_log_dialects.moc"
