#include <QTest>

#include "io/book_document.hpp"
#include "io/kept_documents.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using units::ErrorCode;

namespace {

std::vector<io::BookEntry> entries() {
    book::KeptPack pack{tests::sample_request().pack, "soft, \"puffed\"\nand old", true};
    pack.pack.name = "B-07, winter";
    pack.pack.cell_resistance_ohm.reset();
    book::KeptAircraft aircraft{tests::sample_request().aircraft, "", false};
    aircraft.aircraft.name = "42"; // a name that looks like a number stays a name
    book::KeptFlight flight;
    flight.name = "true";
    flight.flown = tests::sample_request();
    flight.aircraft_id = 1;
    flight.pack_id = 2;
    flight.recharged_ah = 1.25;
    return {{"aircraft", 1, io::json_from(aircraft), {}, {}},
            {"pack", 2, io::json_from(pack), {}, {}},
            {"flight", 5, io::json_from(flight), "logs/1-a.csv", "{\"duration_s\":60.0}"}};
}

} // namespace

class BookDocumentTest : public QObject {
    Q_OBJECT
private slots:
    void jsonReadsAsItWasWritten();
    void csvReadsAsItWasWritten_data();
    void csvReadsAsItWasWritten();
    void badJsonIsNamed_data();
    void badJsonIsNamed();
    void aTableThatIsNoneOfOursIsSaid();
    void columnsThatContradictAreSaid();
    void aCsvEditedByHandIsRead();
};

void BookDocumentTest::jsonReadsAsItWasWritten() {
    const auto read = io::book_from_json(io::json_from_book(entries()), "book.json");
    QVERIFY(read);
    QCOMPARE(read->size(), std::size_t(3));
    for (std::size_t i = 0; i < 3; ++i) {
        QCOMPARE((*read)[i].kind, entries()[i].kind);
        QCOMPARE((*read)[i].id, entries()[i].id);
        QCOMPARE((*read)[i].document, entries()[i].document);
        QCOMPARE((*read)[i].log_file, entries()[i].log_file);
        QCOMPARE((*read)[i].figures.has_value(), entries()[i].figures.has_value());
    }
}

void BookDocumentTest::csvReadsAsItWasWritten_data() {
    QTest::addColumn<QByteArray>("kind");
    QTest::addColumn<int>("which");
    QTest::newRow("aircraft") << QByteArray("aircraft") << 0;
    QTest::newRow("pack") << QByteArray("pack") << 1;
    QTest::newRow("flight") << QByteArray("flight") << 2;
}

void BookDocumentTest::csvReadsAsItWasWritten() {
    QFETCH(QByteArray, kind);
    QFETCH(int, which);
    const std::string csv = io::csv_from_book(entries(), kind.toStdString());
    const auto read = io::book_from_csv(csv, kind.toStdString(), "x.csv");
    QVERIFY(read);
    QCOMPARE(read->size(), std::size_t(1));
    QCOMPARE((*read)[0].id, entries()[std::size_t(which)].id);
    // What is not known is an empty cell, and not known again afterwards: the documents say the same.
    const std::string was = entries()[std::size_t(which)].document;
    const std::string is = (*read)[0].document;
    if (which == 0) QCOMPARE(io::json_from(*io::kept_aircraft_from_json(is, "")), was);
    if (which == 1) QCOMPARE(io::json_from(*io::kept_pack_from_json(is, "")), was);
    if (which == 2) QCOMPARE(io::json_from(*io::kept_flight_from_json(is, "")), was);
}

void BookDocumentTest::badJsonIsNamed_data() {
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<int>("code");
    QTest::newRow("no JSON") << QByteArray("{") << int(ErrorCode::json_syntax);
    QTest::newRow("another document") << QByteArray("{\"format\":\"sobremesa-plan\",\"version\":1}")
                                      << int(ErrorCode::format_unknown);
    QTest::newRow("a later version") << QByteArray("{\"format\":\"sobremesa-book\",\"version\":9}")
                                     << int(ErrorCode::version_newer);
    QTest::newRow("no records") << QByteArray("{\"format\":\"sobremesa-book\",\"version\":1}")
                                << int(ErrorCode::value_missing);
    QTest::newRow("an unknown kind")
        << QByteArray("{\"format\":\"sobremesa-book\",\"version\":1,\"records\":[{\"kind\":\"boat\",\"id\":1,"
                      "\"document\":{}}]}")
        << int(ErrorCode::word_unknown);
    QTest::newRow("a record without a document")
        << QByteArray("{\"format\":\"sobremesa-book\",\"version\":1,\"records\":[{\"kind\":\"pack\",\"id\":1}]}")
        << int(ErrorCode::value_missing);
    for (const char* id : {"4.4e20", "-1e300", "2.5"}) {
        QTest::addRow("number %s", id)
            << QByteArray("{\"format\":\"sobremesa-book\",\"version\":1,\"records\":[{\"kind\":\"pack\",\"id\":") +
                   id + ",\"document\":{}}]}"
            << int(ErrorCode::json_wrong_type);
    }
    QTest::newRow("records that are none")
        << QByteArray("{\"format\":\"sobremesa-book\",\"version\":1,\"records\":[4]}")
        << int(ErrorCode::json_wrong_type);
}

void BookDocumentTest::badJsonIsNamed() {
    QFETCH(QByteArray, text);
    QFETCH(int, code);
    const auto read = io::book_from_json(text.toStdString(), "book.json");
    QVERIFY(!read);
    QCOMPARE(int(read.error().code), code);
    QCOMPARE(read.error().where.file, std::string("book.json"));
}

void BookDocumentTest::aTableThatIsNoneOfOursIsSaid() {
    QCOMPARE(int(io::book_from_csv("", "pack", "packs.csv").error().code), int(ErrorCode::no_header));
    const auto other = io::book_from_csv("colour,taste\r\nred,sweet\r\n", "pack", "packs.csv");
    QVERIFY(!other);
    QCOMPARE(int(other.error().code), int(ErrorCode::word_unknown));
}

void BookDocumentTest::columnsThatContradictAreSaid() {
    const auto read = io::book_from_csv("id,format,a,a.b\r\n1,sobremesa-pack,3,4\r\n", "pack", "packs.csv");
    QVERIFY(!read);
    QCOMPARE(int(read.error().code), int(ErrorCode::json_wrong_type));
    QCOMPARE(*read.error().where.line, 2);
}

void BookDocumentTest::aCsvEditedByHandIsRead() {
    // As a spreadsheet leaves it: other line ends, quotes where none are needed, columns moved.
    const std::string csv = "name,\"format\",version,chemistry,series,parallel,cell_capacity_ah,mass_kg\n"
                            "\"Old, good\",sobremesa-pack,1,lipo,4,1,2.2,0.24\n"
                            "Second,sobremesa-pack,1,li-ion,6,2,3.1,0.6\n";
    const auto read = io::book_from_csv(csv, "pack", "packs.csv");
    QVERIFY(read);
    QCOMPARE(read->size(), std::size_t(2));
    const auto pack = io::kept_pack_from_json((*read)[0].document, "packs.csv");
    QVERIFY(pack);
    QCOMPARE(pack->pack.name, std::string("Old, good"));
    QCOMPARE(pack->pack.series, 4);
}

SOBREMESA_TEST(BookDocumentTest)
#include "tst_book_document.moc"
