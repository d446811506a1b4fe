// Files as nobody would write them: mutated, truncated, nested, endless. Each is an answer or one clear error.

#include <QTemporaryDir>
#include <QTest>

#include <random>

#include "core/mission/make_plan.hpp"
#include "core/telemetry/consumption.hpp"
#include "io/csv_log_reader.hpp"
#include "io/csv_log_writer.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "support/made_log.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

namespace {

/// Replaces, removes or repeats a few bytes.
std::string mutated(std::string text, std::mt19937_64& draws) {
    static const std::string spice = "0123456789.,;:-+eE\"'{}[]() \t\n\r#nul\0\x80\xff";
    const auto pick = [&](std::size_t n) { return std::size_t(draws() % n); };
    for (int changes = 1 + int(pick(6)); changes > 0 && !text.empty(); --changes) {
        const std::size_t at = pick(text.size());
        switch (pick(4)) {
        case 0: text[at] = spice[pick(spice.size())]; break;
        case 1: text.erase(at, 1 + pick(8)); break;
        case 2: text.insert(at, 1 + pick(5), spice[pick(spice.size())]); break;
        default: text.insert(at, text.substr(at, 1 + pick(40))); break;
        }
    }
    return text;
}

} // namespace

class HostileInputTest : public QObject {
    Q_OBJECT
private slots:
    void mutatedLogsNeverCrash();
    void mutatedPlansNeverCrash();
    void logsCutAnywhere();
    void plansCutAnywhere();
    void extremeButValidPlans_data();
    void extremeButValidPlans();
    void tenThousandColumns();
    void endlessZeroesUnderAHeader();
    void aMillionEmptyLines();

private:
    std::string path() { return folder_.filePath(QStringLiteral("hostile")).toStdString(); }
    /// The whole way of a log; what matters is that it comes back.
    void debrief(const std::string& text) {
        if (!io::write_text_file(path(), text)) qFatal("cannot write");
        const auto log = io::read_csv_log(path());
        if (!log) {
            QVERIFY(!log.error().where.file.empty());
            return;
        }
        QVERIFY((*log)->rows() <= (*log)->rows_met);
        const auto clean = telemetry::clean(*log);
        if (!clean) return;
        QVERIFY(clean->rows_set_aside <= (*log)->rows_met);
        const auto summary = telemetry::summarise(*clean);
        QVERIFY(summary.has_value());
        QVERIFY(std::isfinite(summary->duration_s) && summary->duration_s >= 0.0);
        if (summary->distance.ground_m) QVERIFY(std::isfinite(summary->distance.ground_m->value));
        if (summary->energy.charge_ah) QVERIFY(std::isfinite(summary->energy.charge_ah->value));
    }
    QTemporaryDir folder_;
};

void HostileInputTest::mutatedLogsNeverCrash() {
    std::mt19937_64 draws(20261125);
    telemetry::FlightLog made = tests::made_log(40);
    made.start_clock_s = 1778318040.0;
    for (const auto style : {io::LogStyle::radio, io::LogStyle::recorder}) {
        const std::string text = io::csv_from_log(made, style);
        for (int i = 0; i < 700; ++i) debrief(mutated(text, draws));
    }
}

void HostileInputTest::mutatedPlansNeverCrash() {
    std::mt19937_64 draws(7);
    const std::string text = io::json_from_plan(tests::sample_request());
    int read = 0;
    for (int i = 0; i < 1500; ++i) {
        const auto document = io::plan_from_json(mutated(text, draws), "hostile.json");
        if (!document) {
            QCOMPARE(document.error().where.file, std::string("hostile.json"));
            continue;
        }
        ++read;
        // What was accepted can be planned: with a turn, or with a reason.
        const auto plan = mission::make_plan(document->request);
        if (plan) QVERIFY(plan->usable_energy_wh.value >= 0.0);
    }
    QVERIFY(read > 50); // or the mutations were too wild to test anything
}

void HostileInputTest::logsCutAnywhere() {
    const std::string text = io::csv_from_log(tests::made_log(12), io::LogStyle::recorder);
    for (std::size_t length = 0; length < text.size(); length += 3) debrief(text.substr(0, length));
}

void HostileInputTest::plansCutAnywhere() {
    const std::string text = io::json_from_plan(tests::sample_request());
    for (std::size_t length = 0; length + 2 < text.size(); ++length) {
        QVERIFY(!io::plan_from_json(text.substr(0, length), "cut.json").has_value());
    }
}

void HostileInputTest::extremeButValidPlans_data() {
    QTest::addColumn<QString>("key");
    QTest::addColumn<double>("value");
    QTest::newRow("a cell of ten milliampere-hours") << "cell_capacity_ah" << 0.01;
    QTest::newRow("a cell of a hundred ampere-hours") << "cell_capacity_ah" << 100.0;
    QTest::newRow("no resistance at all") << "cell_resistance_ohm" << 0.0;
    QTest::newRow("a resistance of one ohm") << "cell_resistance_ohm" << 1.0;
    QTest::newRow("a hundred cells in series") << "series" << 100.0;
    QTest::newRow("a storm") << "wind_mps" << 60.0;
    QTest::newRow("as high as allowed") << "height_m" << 4500.0;
    QTest::newRow("climbing faster than it flies") << "climb_rate_mps" << 30.0;
    QTest::newRow("hardly descending") << "descent_rate_mps" << 0.1;
    QTest::newRow("hardly any power") << "cruise_power_w" << 0.5;
    QTest::newRow("more power than sense") << "cruise_power_w" << 50000.0;
}

void HostileInputTest::extremeButValidPlans() {
    QFETCH(QString, key);
    QFETCH(double, value);
    std::string text = io::json_from_plan(tests::sample_request());
    const std::string quoted = '"' + key.toStdString() + "\": ";
    const auto at = text.find(quoted) + quoted.size();
    text.replace(at, text.find_first_of(",\n", at) - at, QByteArray::number(value, 'f', 4).toStdString());
    if (key == QStringLiteral("series")) text.replace(text.find("100.0000"), 8, "100");
    const auto document = io::plan_from_json(text, "extreme.json");
    QVERIFY(document.has_value());
    const auto plan = mission::make_plan(document->request);
    QVERIFY(plan.has_value());
    QVERIFY(plan->turn.has_value() || !plan->diagnostics.empty() || !plan->outward.empty());
    if (plan->turn)
        QVERIFY(std::isfinite(plan->turn->distance_m.value) && std::isfinite(plan->turn->distance_m.sd));
}

void HostileInputTest::tenThousandColumns() {
    std::string header = "time (s),voltage (V)";
    std::string row = "0,16";
    for (int i = 0; i < 10000; ++i) {
        header += ",extra " + QByteArray::number(i).toStdString();
        row += ",1";
    }
    if (!io::write_text_file(path(), header + "\n" + row + "\n1" + row.substr(1) + "\n")) qFatal("cannot write");
    const auto log = io::read_csv_log(path());
    QVERIFY(log.has_value());
    QCOMPARE((*log)->rows(), std::size_t(2));
}

void HostileInputTest::endlessZeroesUnderAHeader() {
    std::string text = "time (s),voltage (V),current (A)\n";
    for (int i = 0; i < 6'000'000; ++i) text += "0,0,0\n";
    if (!io::write_text_file(path(), text)) qFatal("cannot write");
    const auto log = io::read_csv_log(path());
    QVERIFY(!log.has_value());
    QCOMPARE(log.error().code, units::ErrorCode::time_stands_still);
    QVERIFY(*log.error().where.line < 3'000'000); // it stopped with the first wave, not at the end
}

void HostileInputTest::aMillionEmptyLines() {
    debrief("time (s),voltage (V)\n" + std::string(1'000'000, '\n') + "0,16\n1,16\n");
}

SOBREMESA_TEST(HostileInputTest)
#include "tst_hostile_input.moc"
