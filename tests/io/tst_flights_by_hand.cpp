// Flights out of a notebook: columns in any order, only what is known, errors that say where.

#include <QTest>

#include "core/book/by_hand.hpp"
#include "io/flights_by_hand.hpp"
#include "io/kept_documents.hpp"
#include "support/compare.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using units::ErrorCode;

class FlightsByHandTest : public QObject {
    Q_OBJECT
private slots:
    void aNotebook();
    void unitsOfTheHeaderHold();
    void aNotebookInGerman();
    void aTimeOfNumbersIsADuration();
    void notebooksOfOthers();
    void aWindAsFelt_data();
    void aWindAsFelt();
    void readingsOnTheWay();
    void readingsThatSayNothingAreRefused();
    void whatIsWrongSaysWhere_data();
    void whatIsWrongSaysWhere();
    void figuresHaveWideErrors();
    void theyAreKept();
};

void FlightsByHandTest::aNotebook() {
    const auto flights = io::flights_by_hand("Note;Date;Duration;Used;Max current;Distance;Lowest;Recharged\n"
                                             "calm;21.05.2026;21:30;2100;18,5;14,2;14,1;2150\n"
                                             ";22.05.2026;;1900;;;;\n",
                                             "notebook.csv");
    QVERIFY(flights.has_value());
    QCOMPARE(flights->size(), std::size_t(2));
    const auto& first = (*flights)[0].kept;
    QCOMPARE(QString::fromStdString(first.note), QStringLiteral("calm"));
    VERIFY_NEAR(*first.by_hand->duration_s, 1290.0, 1e-9);
    VERIFY_NEAR(*first.by_hand->charge_ah, 2.1, 1e-9);
    VERIFY_NEAR(*first.by_hand->highest_current_a, 18.5, 1e-9);
    VERIFY_NEAR(*first.by_hand->ground_m, 14200.0, 1e-9);
    VERIFY_NEAR(*first.recharged_ah, 2.15, 1e-9);
    VERIFY_NEAR(*first.start_clock_s, 1779321600.0, 1e-9); // date -u -d 2026-05-21 +%s
    QVERIFY(!(*flights)[1].kept.by_hand->duration_s.has_value());
}

void FlightsByHandTest::unitsOfTheHeaderHold() {
    const auto flights =
        io::flights_by_hand("flight,duration (s),used (Ah),distance (m),top speed (m/s),wind (km/h),aircraft\n"
                            "one,600,1.5,6000,20,18,Alcaraván\n",
                            "t.csv");
    const auto& hand = *(*flights)[0].kept.by_hand;
    VERIFY_NEAR(*hand.duration_s, 600.0, 1e-9);
    VERIFY_NEAR(*hand.charge_ah, 1.5, 1e-9);
    VERIFY_NEAR(*hand.ground_m, 6000.0, 1e-9);
    VERIFY_NEAR(*hand.highest_speed_mps, 20.0, 1e-9);
    VERIFY_NEAR(*hand.wind_mps, 5.0, 1e-9);
    QCOMPARE(QString::fromStdString((*flights)[0].aircraft), QStringLiteral("Alcaraván"));
}

/// As pilots keep them: titles and remarks above the names, launch and landing by the clock, units with the
/// numbers.
void FlightsByHandTest::notebooksOfOthers() {
    const auto clocks =
        io::flights_by_hand("# seasons 2026\nLong range,,,,,,,,,\n\n"
                            "day,model,battery,took off,landed,km,used mAh,put back,lowest cell,max speed,comment\n"
                            "2026-06-01,Kestrel,6S A,14:05,14:31,21.5,4300,4420,3.4,72 kph,\"nice, calm\"\n"
                            "2026-06-02,Kestrel,6S B,23:50,00:12,17.0,3900,4010,3.5,80,late\n",
                            "clocks.csv");
    QVERIFY(clocks.has_value());
    QCOMPARE(clocks->size(), std::size_t(2));
    QCOMPARE(clocks->front().line, std::int64_t(5));
    const auto& first = clocks->front().kept;
    VERIFY_NEAR(*first.by_hand->duration_s, 26.0 * 60.0, 1e-9);
    VERIFY_NEAR(*first.by_hand->ground_m, 21500.0, 1e-9);
    VERIFY_NEAR(*first.by_hand->charge_ah, 4.3, 1e-9);
    VERIFY_NEAR(*first.recharged_ah, 4.42, 1e-9);
    VERIFY_NEAR(*first.by_hand->lowest_voltage_v, 3.4, 1e-9);
    VERIFY_NEAR(*first.by_hand->highest_speed_mps, 20.0, 1e-9);
    VERIFY_NEAR(*clocks->back().kept.by_hand->duration_s, 22.0 * 60.0, 1e-9); // past midnight

    std::vector<units::Diagnostic> said;
    const auto words = io::flights_by_hand("Date;Craft;Pack;Flight time;Distance;mAh charged;V rest;Wind;Notes\n"
                                           "12.5.26;Heron;P1;23 min;18,4 km;5200;3,61 V;15 km/h W;cold\n"
                                           "13.5.26;Heron;P2;0:41;31 km;8100 mAh;14,2;3 bft SW;\n"
                                           "14.5.26;Heron;P1;41m 30s;30100 m;8.05 Ah;3.55;calm;lost video\n"
                                           "15.5.26;Heron;;;;;;;stayed at home\n",
                                           "words.csv", &said);
    QVERIFY2(words.has_value(), words ? "" : words.error().where.field.c_str());
    const auto seconds = [&](std::size_t i) { return *words->at(i).kept.by_hand->duration_s; };
    VERIFY_NEAR(seconds(0), 23.0 * 60.0, 1e-9);
    VERIFY_NEAR(seconds(1), 41.0 * 60.0, 1e-9); // in 41 s nobody flies 31 km
    VERIFY_NEAR(seconds(2), 41.5 * 60.0, 1e-9);
    VERIFY_NEAR(*words->at(0).kept.rested_cell_v, 3.61, 1e-9);
    VERIFY_NEAR(*words->at(1).kept.recharged_ah, 8.1, 1e-9);
    VERIFY_NEAR(*words->at(2).kept.recharged_ah, 8.05, 1e-9);
    VERIFY_NEAR(*words->at(2).kept.by_hand->ground_m, 30100.0, 1e-9);
    QCOMPARE(QString::fromStdString(words->at(0).kept.note), QStringLiteral("Wind: 15 km/h W; cold"));

    QCOMPARE(words->size(), std::size_t(3));
    QCOMPARE(said.size(), std::size_t(1));
    QCOMPARE(said.front().code, units::DiagnosticCode::records_unreadable);
    QCOMPARE(std::get<double>(said.front().parameters[1].value), 5.0);

    // A unit is a name enough; what is measured of something else is left alone.
    const auto bars = io::flights_by_hand("date|flight (min)|ground covered (km)|craft temp|max height (m)\n"
                                          "2026-06-01|22|14,2|35|90\n",
                                          "bars.csv");
    QVERIFY(bars.has_value());
    VERIFY_NEAR(*bars->front().kept.by_hand->ground_m, 14200.0, 1e-9);
    VERIFY_NEAR(*bars->front().kept.by_hand->duration_s, 1320.0, 1e-9);
    QVERIFY(bars->front().aircraft.empty());

    // A first row of values is a flight, not names.
    const auto bare = io::flights_by_hand("2026-06-01,22 min,4100 mAh\n2026-06-02,25 min,4600 mAh\n", "bare.csv");
    QCOMPARE(bare.error().code, ErrorCode::no_header);

    // Other times beside the flight's: of the rest, of the charger.
    const auto rested =
        io::flights_by_hand("Datum;Start;Gelandet;Pause (min);Ladezeit (min);Ruhespannung;Max dist\n"
                            "1.6.26;14:05;14:31;15;70;3,72;10,2 km\n",
                            "pause.csv");
    QVERIFY(rested.has_value());
    VERIFY_NEAR(*rested->front().kept.by_hand->duration_s, 26.0 * 60.0, 1e-9);
    VERIFY_NEAR(*rested->front().kept.rest_s, 15.0 * 60.0, 1e-9);
    VERIFY_NEAR(*rested->front().kept.by_hand->farthest_m, 10200.0, 1e-9);

    // Minutes and seconds as they are written by hand, under a name that may be a clock's as well.
    const auto primes = io::flights_by_hand("date,time,mAh\n2026-05-01,21'30,2100\n2026-05-02,18' 05'',1900\n"
                                            "2026-05-03,25',2300\n2026-05-04,25 min 10 s,2300\n",
                                            "notebook.csv");
    QVERIFY(primes);
    QCOMPARE(primes->size(), std::size_t(4));
    VERIFY_NEAR(*primes->at(0).kept.by_hand->duration_s, 1290.0, 1e-9);
    VERIFY_NEAR(*primes->at(1).kept.by_hand->duration_s, 1085.0, 1e-9);
    VERIFY_NEAR(*primes->at(2).kept.by_hand->duration_s, 1500.0, 1e-9);
    VERIFY_NEAR(*primes->at(3).kept.by_hand->duration_s, 1510.0, 1e-9);
    // A clock stays one, with letters too.
    const auto clock = io::flights_by_hand("date,time,mAh\n2026-05-01,9:30 am,2100\n", "notebook.csv");
    QVERIFY(clock && !clock->front().kept.by_hand->duration_s);
    QVERIFY(!io::flights_by_hand("date,duration,mAh\n2026-05-01,21'75,2100\n", "notebook.csv"));
    // "21:30" is no clock under such a name, in German either.
    const auto german = io::flights_by_hand("Datum;Flugzeit;Verbrauch (mAh)\n12.04.2026;21:30;950\n", "heft.csv");
    QVERIFY(german.has_value());
    VERIFY_NEAR(*german->front().kept.by_hand->duration_s, 1290.0, 1e-9);
}

void FlightsByHandTest::aWindAsFelt_data() {
    QTest::addColumn<QByteArray>("cell");
    QTest::addColumn<double>("mps");
    QTest::newRow("with its direction") << QByteArray("15 km/h W") << 15.0 / 3.6;
    QTest::newRow("the direction first") << QByteArray("SW 4") << 4.0;
    QTest::newRow("a unit of its own") << QByteArray("10 mph from NNE") << 4.4704;
    // World Meteorological Organization, Beaufort scale: force 3 is 3.4 to 5.4 m/s, force 6 10.8 to 13.8 (from
    // memory).
    QTest::newRow("Beaufort") << QByteArray("3 bft SW") << 4.344;
    QTest::newRow("Beaufort in front") << QByteArray("Bft 6") << 12.287;
    QTest::newRow("written together") << QByteArray("2bft") << 2.3646;
    QTest::newRow("a word") << QByteArray("calm") << -1.0;
    QTest::newRow("no force") << QByteArray("14 bft") << -2.0;
    QTest::newRow("no wind") << QByteArray("12 km") << -2.0;
}

/// -1: nothing but a word; -2: refused.
void FlightsByHandTest::aWindAsFelt() {
    QFETCH(QByteArray, cell);
    QFETCH(double, mps);
    const auto flights =
        io::flights_by_hand("date;duration;wind\n2026-06-01;20;" + cell.toStdString() + "\n", "w.csv");
    QCOMPARE(flights.has_value(), mps > -1.5);
    if (!flights) return;
    const auto& wind = flights->front().kept.by_hand->wind_mps;
    QCOMPARE(wind.has_value(), mps >= 0.0);
    if (wind) VERIFY_NEAR(*wind, mps, 1e-3);
    if (!wind) QCOMPARE(QString::fromStdString(flights->front().kept.note), QStringLiteral("wind: calm"));
}

void FlightsByHandTest::aNotebookInGerman() {
    std::vector<units::Diagnostic> said;
    const auto flights = io::flights_by_hand(
        "Datum;Flugzeug;Akku;Flugzeit (min);Verbrauch (mAh);Strecke (km);Max. Strom (A);Wind;Farbe;Notiz\n"
        "12.04.2026;Falke;A-1;21:30;950;17,2;9,8;leicht;rot;schön\n19.04.2026;Falke;A-1;19,5;1.950;15,1;;2 "
        "m/s;rot;\n"
        "26.04.2026;Falke;A-1;22;2150;16,0;;;;\n",
        "heft.csv", &said);
    QVERIFY(flights);
    const io::HandFlight& first = flights->at(0);
    QCOMPARE(QString::fromStdString(first.aircraft), QStringLiteral("Falke"));
    QCOMPARE(QString::fromStdString(first.pack), QStringLiteral("A-1"));
    QCOMPARE(QString::fromStdString(first.kept.note), QStringLiteral("Wind: leicht; schön"));
    VERIFY_NEAR(*first.kept.by_hand->charge_ah, 0.95, 1e-12);
    const book::HandFigures& second = *flights->at(1).kept.by_hand;
    VERIFY_NEAR(*second.charge_ah, 1.95, 1e-12);
    VERIFY_NEAR(*second.duration_s, 19.5 * 60.0, 1e-9);
    VERIFY_NEAR(*second.wind_mps, 2.0, 1e-12);
    QCOMPARE(said.size(), std::size_t(1)); // Farbe
}

void FlightsByHandTest::aTimeOfNumbersIsADuration() {
    const auto flights = io::flights_by_hand("date;time;used\n2026-05-21;21,5;2100\n2026-05-22;;1900\n", "t.csv");
    QVERIFY(flights.has_value());
    VERIFY_NEAR(*(*flights)[0].kept.by_hand->duration_s, 1290.0, 1e-9);
    QVERIFY(!(*flights)[1].kept.by_hand->duration_s);
    // A clock is one, and stays one beside a duration.
    const auto clock = io::flights_by_hand("date,time,used\n2026-05-21,14:30,2100\n", "t.csv");
    VERIFY_NEAR(*(*clock)[0].kept.start_clock_s, 1779321600.0 + 52200.0, 1e-9);
    QVERIFY(!(*clock)[0].kept.by_hand->duration_s);
    const auto both = io::flights_by_hand("date,time,duration\n2026-05-21,14:30,20\n", "t.csv");
    VERIFY_NEAR(*(*both)[0].kept.by_hand->duration_s, 1200.0, 1e-9);
    VERIFY_NEAR(*(*both)[0].kept.start_clock_s, 1779321600.0 + 52200.0, 1e-9);
}

void FlightsByHandTest::readingsOnTheWay() {
    const auto flights = io::flights_by_hand(
        "date;time (min);used;on the way\n"
        "2026-05-21;21,5;2100;5 min 410 mAh 15.9 V 8 A 2.1 km | 10:30 0.83Ah, 15,4 V | 1640mAh/14.7V\n"
        "2026-05-22;20;2000;\"5min 400mAh; 10min 820mAh\"\n",
        "notebook.csv");
    QVERIFY(flights.has_value());
    const auto& readings = (*flights)[0].kept.by_hand->readings;
    QCOMPARE(readings.size(), std::size_t(3));
    VERIFY_NEAR(*readings[0].time_s, 300.0, 1e-9);
    VERIFY_NEAR(*readings[0].charge_ah, 0.41, 1e-12);
    VERIFY_NEAR(*readings[0].voltage_v, 15.9, 1e-12);
    VERIFY_NEAR(*readings[0].current_a, 8.0, 1e-12);
    VERIFY_NEAR(*readings[0].ground_m, 2100.0, 1e-9);
    VERIFY_NEAR(*readings[1].time_s, 630.0, 1e-9);
    VERIFY_NEAR(*readings[1].charge_ah, 0.83, 1e-12);
    VERIFY_NEAR(*readings[1].voltage_v, 15.4, 1e-12);
    QVERIFY(!readings[2].time_s && !readings[2].current_a);
    VERIFY_NEAR(*readings[2].charge_ah, 1.64, 1e-12);
    VERIFY_NEAR(*readings[2].voltage_v, 14.7, 1e-12);
    QCOMPARE((*flights)[1].kept.by_hand->readings.size(), std::size_t(2));
    // As it is written it is read, and kept in the book.
    const std::string text = io::text_of_readings(readings);
    QCOMPARE(QString::fromStdString(text),
             QStringLiteral("5.0 min 410 mAh 15.90 V 8.0 A 2.10 km; 10.5 min 830 mAh 15.40 V; 1640 mAh 14.70 V"));
    QCOMPARE(io::text_of_readings(*io::noted_readings_from(text, {})), text);
    auto kept = (*flights)[0].kept;
    kept.flown = tests::sample_request();
    const auto back = io::kept_flight_from_json(io::json_from(kept), "book");
    QVERIFY(back && back->by_hand->readings == readings);
}

void FlightsByHandTest::readingsThatSayNothingAreRefused() {
    const auto code = [](const std::string& text) {
        const auto read = io::noted_readings_from(text, {});
        return read ? ErrorCode::cancelled : read.error().code;
    };
    for (const char* wrong : {"5 410 15.9", "5 min 6 min", "410 mAh 12 m/s", "about 5 min", "5 min 410 mAh x",
                              "-3 V", "15.9 V 1e400 mAh", "V", "5 min,,410"})
        QVERIFY2(code(wrong) == ErrorCode::json_wrong_type, wrong);
    for (const char* empty : {"", " ; ", "|"}) QVERIFY(io::noted_readings_from(empty, {})->empty());
    std::string many;
    for (int i = 1; i <= 21; ++i) many += std::to_string(i) + " min 100 mAh;";
    QVERIFY(code(many) == ErrorCode::value_out_of_range);
    const auto where = io::flights_by_hand("duration,readings\n20,5 parsecs\n", "t.csv");
    QVERIFY(!where && where.error().where.field == "readings" && where.error().where.line == 2);
}

void FlightsByHandTest::whatIsWrongSaysWhere_data() {
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<int>("code");
    QTest::addColumn<int>("line");
    QTest::newRow("empty") << QByteArray() << int(ErrorCode::file_empty) << 1;
    QTest::newRow("no known column") << QByteArray("a,b\n1,2\n") << int(ErrorCode::no_header) << 1;
    QTest::newRow("text for a number") << QByteArray("date,used\n2026-05-01,1000\n2026-05-02,much\n")
                                       << int(ErrorCode::json_wrong_type) << 3;
    QTest::newRow("negative") << QByteArray("date,used\n2026-05-01,-5\n") << int(ErrorCode::value_out_of_range)
                              << 2;
    QTest::newRow("nothing known") << QByteArray("date,used\n2026-05-01,\n") << int(ErrorCode::value_missing) << 2;
    QTest::newRow("no date") << QByteArray("date,used\nyesterday,5\n") << int(ErrorCode::json_wrong_type) << 2;
    QTest::newRow("a unit of something else")
        << QByteArray("date,used\n2026-05-01,5 V\n") << int(ErrorCode::json_wrong_type) << 2;
}

void FlightsByHandTest::whatIsWrongSaysWhere() {
    QFETCH(QByteArray, text);
    QFETCH(int, code);
    QFETCH(int, line);
    const auto flights = io::flights_by_hand(text.toStdString(), "notebook.csv");
    QVERIFY(!flights.has_value());
    QCOMPARE(int(flights.error().code), code);
    QCOMPARE(flights.error().where.line.value_or(-1), std::int64_t(line));
}

void FlightsByHandTest::figuresHaveWideErrors() {
    const auto request = tests::sample_request();
    book::HandFigures hand;
    hand.duration_s = 1200.0;
    hand.ground_m = 12000.0;
    hand.charge_ah = 2.0;
    const auto summary = book::summary_by_hand(hand, request.pack, {});
    VERIFY_NEAR(telemetry::charge_used_ah(summary)->value, 2.0, 1e-12);
    VERIFY_NEAR(*summary.energy.mean_current_a, 6.0, 1e-12);
    VERIFY_NEAR(summary.charge_ah_per_m->value * 1e6, 166.7, 0.1); // mAh/km
    QVERIFY(summary.energy_wh_per_m->sd > 0.08 * summary.energy_wh_per_m->value);
    // Volts of the pack within those that its cells have between full and empty.
    const double volts = summary.energy.energy_wh->value / 2.0 / request.pack.series;
    QVERIFY(volts > 3.3 && volts < 3.9);
    // The charger's word where nothing counted.
    hand.charge_ah.reset();
    VERIFY_NEAR(telemetry::charge_used_ah(book::summary_by_hand(hand, request.pack, 1.8))->value, 1.8, 1e-12);
    QVERIFY(!telemetry::charge_used_ah(book::summary_by_hand(hand, request.pack, {})).has_value());
}

void FlightsByHandTest::theyAreKept() {
    book::KeptFlight kept;
    kept.name = "by hand";
    kept.flown = tests::sample_request();
    kept.by_hand = book::HandFigures{600.0, 1.5, {}, 6000.0, {}, {}, 14.1, 3.0};
    const auto again = io::kept_flight_from_json(io::json_from(kept), "test");
    QVERIFY(again.has_value());
    QCOMPARE(again->by_hand, kept.by_hand);
    // A flight with a log has none.
    kept.by_hand.reset();
    QVERIFY(!io::kept_flight_from_json(io::json_from(kept), "test")->by_hand.has_value());
}

SOBREMESA_TEST(FlightsByHandTest)
#include "tst_flights_by_hand.moc"
