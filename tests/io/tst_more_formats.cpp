// NMEA 0183, IGC, SubRip and packed logs: published sentences and records, round trips, broken and hostile ones.

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "core/telemetry/consumption.hpp"
#include "io/csv_head.hpp"
#include "io/csv_log_writer.hpp"
#include "io/log_source.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;
using units::ErrorCode;

namespace {

quint32 crc32(const QByteArray& bytes) {
    quint32 crc = 0xFFFFFFFF;
    for (const char c : bytes) {
        crc ^= static_cast<unsigned char>(c);
        for (int bit = 0; bit < 8; ++bit) crc = (crc >> 1U) ^ ((crc & 1U) != 0 ? 0xEDB88320U : 0U);
    }
    return ~crc;
}

QByteArray little(quint32 value, int bytes) {
    QByteArray result;
    for (int i = 0; i < bytes; ++i) result += char(value >> (8 * i) & 0xFFU);
    return result;
}

/// A ZIP archive whose files are stored, not packed (APPNOTE.TXT, 4.3).
QByteArray zip(const QList<std::pair<QByteArray, QByteArray>>& files) {
    QByteArray text;
    QByteArray directory;
    for (const auto& [name, content] : files) {
        const QByteArray both = little(20, 2) + little(0, 2) + little(0, 2) + little(0, 4) +
                                little(crc32(content), 4) + little(quint32(content.size()), 4) +
                                little(quint32(content.size()), 4) + little(quint32(name.size()), 2) + little(0, 2);
        directory += "PK\1\2" + little(20, 2) + both + little(0, 2) + little(0, 2) + little(0, 2) + little(0, 4) +
                     little(quint32(text.size()), 4) + name;
        text += "PK\3\4" + both + name + content;
    }
    const auto begin = quint32(text.size());
    return text + directory + "PK\5\6" + little(0, 4) + little(quint32(files.size()), 2) +
           little(quint32(files.size()), 2) + little(quint32(directory.size()), 4) + little(begin, 4) +
           little(0, 2);
}

/// One member of a gzip file (RFC 1952), deflated by Qt's zlib.
QByteArray gzip(const QByteArray& content) {
    // Four bytes of length, two of zlib's header before; four of its sum behind.
    const QByteArray deflated = qCompress(content).mid(6).chopped(4);
    return QByteArray("\x1F\x8B\x08\0\0\0\0\0\0\3", 10) + deflated + little(crc32(content), 4) +
           little(quint32(content.size()), 4);
}

} // namespace

class MoreFormatsTest : public QObject {
    Q_OBJECT
private slots:
    void publishedNmeaSentences();
    void nmeaRowsAreByTime();
    void publishedIgcRecords();
    void igcComesBack();
    void subRipPairsAreColumns();
    void packedLogsAreRead();
    void archivesOfManyAreNamed();
    void bombsAndTornArchivesAreRefused();
    void foldersGiveTheirLogs();
    void mutatedTextsNeverCrash();

private:
    std::string written(const char* name, const QByteArray& text) {
        QFile file(folder_.filePath(QLatin1String(name)));
        if (!file.open(QIODevice::WriteOnly) || file.write(text) != text.size()) qFatal("cannot write");
        return file.fileName().toStdString();
    }
    std::shared_ptr<const telemetry::FlightLog> read(const std::string& path) {
        auto log = io::read_log(path);
        if (!log) qFatal("refused with error %d", int(log.error().code));
        return *log;
    }
    QTemporaryDir folder_;
};

void MoreFormatsTest::publishedNmeaSentences() {
    // The two sentences that descriptions of NMEA 0183 have printed for thirty years, checksums and all; and one
    // whose checksum is wrong.
    const auto log =
        read(written("a.nmea", "$GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W*6A\r\n"
                               "$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47\r\n"
                               "$GPRMC,123520,A,4807.138,N,01131.000,E,022.4,084.4,230394,003.1,W*6A\r\n"
                               "$GPRMC,123521,A,4807.058,N,01131.000,W,022.4,084.4,230394,003.1,W\r\n"));
    QCOMPARE(log->rows(), std::size_t(2));
    VERIFY_NEAR((*log)[Channel::latitude_deg][0], 48.1173, 1e-7);
    VERIFY_NEAR((*log)[Channel::longitude_deg][0], 11.0 + 31.0 / 60.0, 1e-7);
    VERIFY_NEAR((*log)[Channel::longitude_deg][1], -11.0 - 31.0 / 60.0, 1e-7);
    VERIFY_NEAR((*log)[Channel::ground_speed_mps][0], 22.4 * 1852.0 / 3600.0, 1e-6);
    VERIFY_NEAR((*log)[Channel::course_deg][0], 84.4, 1e-9);
    VERIFY_NEAR((*log)[Channel::height_m][0], 545.4, 1e-6);
    VERIFY_NEAR((*log)[Channel::satellites][0], 8.0, 1e-9);
    VERIFY_NEAR(*log->start_clock_s, 764426119.0, 1e-3); // date -u -d "1994-03-23 12:35:19" +%s
    QCOMPARE(log->diagnostics.front().code, units::DiagnosticCode::records_unreadable);
}

void MoreFormatsTest::nmeaRowsAreByTime() {
    QByteArray text;
    for (int i = 0; i < 20; ++i) {
        const QByteArray clock =
            QByteArray::number(235950 + i + (i >= 10 ? 4040 - 240000 + 1 - 1 : 0)).rightJustified(6, '0');
        const QByteArray time =
            i < 10 ? clock : QByteArray("0000") + QByteArray::number(i - 10).rightJustified(2, '0');
        text += "$GNRMC," + time + ".00,A,4700.0" + QByteArray::number(100 + i) + ",S,01100.000,E,10.0,0.0," +
                (i < 10 ? "311226" : "010127") +
                ",,\n$GNVTG,0.0,T,,M,10.0,N,18.52,K\n$IIXDR,U,16.2,V,BATT,I,5.1,A,BATT\n";
    }
    const auto log = read(written("b.txt", text));
    QCOMPARE(log->rows(), std::size_t(20));
    VERIFY_NEAR((*log)[Channel::time_s][19], 19.0, 1e-6); // over midnight and the new year
    VERIFY_NEAR((*log)[Channel::voltage_v][5], 16.2, 1e-9);
    VERIFY_NEAR((*log)[Channel::current_a][5], 5.1, 1e-9);
    QVERIFY((*log)[Channel::latitude_deg][0] < -47.0);
}

void MoreFormatsTest::publishedIgcRecords() {
    // Records as the FAI's specification prints them (appendix A, from memory): the first fix at 52°06.343' N,
    // 0°06.198' W, 587 m by pressure, 558 m by GNSS; with three additions.
    const auto log =
        read(written("c.igc", "AXXXABC FLIGHT:1\r\nHFFXA035\r\nHFDTE160701\r\nI033638FXA3940SIU4143ENL\r\n"
                              "B1101355206343N00006198WA0058700558102090001\r\n"
                              "B1101455206259N00006295WA0059300556102080001\r\n"
                              "B11014X5206259N00006295WA0059300556\r\nGREJNGJERJKNJKRE31895478537H\r\n"));
    QCOMPARE(log->rows(), std::size_t(2));
    VERIFY_NEAR((*log)[Channel::latitude_deg][0], 52.0 + 6.343 / 60.0, 1e-8);
    VERIFY_NEAR((*log)[Channel::longitude_deg][0], -6.198 / 60.0, 1e-8);
    VERIFY_NEAR((*log)[Channel::height_m][0], 587.0, 1e-9);
    VERIFY_NEAR((*log)[Channel::gps_height_m][1], 556.0, 1e-9);
    VERIFY_NEAR((*log)[Channel::satellites][0], 9.0, 1e-9);
    VERIFY_NEAR((*log)[Channel::time_s][1], 10.0, 1e-9);
    VERIFY_NEAR(*log->start_clock_s, 995281295.0, 1e-3); // date -u -d "2001-07-16 11:01:35" +%s
}

void MoreFormatsTest::igcComesBack() {
    telemetry::FlightLog log = tests::made_log();
    log.start_clock_s = 1778318040.25;
    for (double& t : log[Channel::time_s]) t *= 0.2; // five rows a second
    log[Channel::height_m].assign(log.rows(), 81.25);
    const auto text = io::log_as(log, "out.igc");
    QVERIFY(text.has_value());
    const auto back = read(written("out.igc", QByteArray::fromStdString(*text)));
    QCOMPARE(back->rows(), log.rows());
    const std::pair<Channel, double> digits[] = {{Channel::time_s, 1e-3},        {Channel::latitude_deg, 1e-7},
                                                 {Channel::longitude_deg, 1e-7}, {Channel::height_m, 1e-9},
                                                 {Channel::voltage_v, 1e-3},     {Channel::current_a, 1e-3},
                                                 {Channel::charge_ah, 1e-6},     {Channel::ground_speed_mps, 1e-3}};
    for (const auto& [channel, digit] : digits) {
        QVERIFY(back->has(channel));
        for (std::size_t i = 0; i < log.rows(); i += 13) VERIFY_NEAR((*back)[channel][i], log[channel][i], digit);
    }
    VERIFY_NEAR(*back->start_clock_s, *log.start_clock_s, 1e-3);
    // South and west.
    telemetry::FlightLog south = tests::made_log(10);
    for (double& latitude : south[Channel::latitude_deg]) latitude = -latitude;
    const auto there = read(written("s.igc", QByteArray::fromStdString(*io::log_as(south, "s.igc"))));
    VERIFY_NEAR((*there)[Channel::latitude_deg][3], south[Channel::latitude_deg][3], 1e-7);
}

void MoreFormatsTest::subRipPairsAreColumns() {
    QByteArray text;
    for (int i = 0; i < 60; ++i) {
        const QByteArray clock = "00:00:" + QByteArray::number(i).rightJustified(2, '0');
        text += QByteArray::number(i + 1) + "\r\n" + clock + ",000 --> " + clock +
                ",900\r\n<font size=\"28\">volts: " + QByteArray::number(16.5 - 0.01 * i, 'f', 2) +
                "V amps: " + QByteArray::number(5.0 + 0.1 * (i % 5), 'f', 1) +
                "A\r\nspeed: 36.0km/h, alt: 80m GPS: (47.1" + QByteArray::number(1000 + i) +
                ", 11.5)</font>\r\n\r\n";
    }
    const auto log = read(written("d.srt", "\xEF\xBB\xBF" + text));
    QCOMPARE(log->rows(), std::size_t(60));
    VERIFY_NEAR((*log)[Channel::time_s][59], 59.0, 1e-9);
    VERIFY_NEAR((*log)[Channel::voltage_v][10], 16.4, 1e-9);
    VERIFY_NEAR((*log)[Channel::current_a][1], 5.1, 1e-9);
    VERIFY_NEAR((*log)[Channel::ground_speed_mps][0], 10.0, 1e-9);
    VERIFY_NEAR((*log)[Channel::height_m][0], 80.0, 1e-9);
    VERIFY_NEAR((*log)[Channel::latitude_deg][7], 47.11007, 1e-9);
    // Its pairs can be said to be something else, as columns can.
    const auto head = io::read_head_of_log(folder_.filePath(QStringLiteral("d.srt")).toStdString());
    QVERIFY(head.has_value());
    QCOMPARE(head->columns.size(), std::size_t(6));
}

void MoreFormatsTest::packedLogsAreRead() {
    telemetry::FlightLog made = tests::made_log();
    const QByteArray csv = QByteArray::fromStdString(io::csv_from_log(made, io::LogStyle::recorder));
    const auto plain = read(written("e.csv", csv));
    for (const auto& path :
         {written("e.csv.gz", gzip(csv)), written("e.zip", zip({{"e.csv", csv}})),
          written("f.zip", zip({{"__MACOSX/._e.csv", "x"}, {"day/", ""}, {"day/e.csv", csv}}))}) {
        const auto packed = read(path);
        QCOMPARE(packed->name, path);
        QCOMPARE(packed->rows(), plain->rows());
        QVERIFY((*packed)[Channel::voltage_v] == (*plain)[Channel::voltage_v]);
        QVERIFY(io::read_head_of_log(path).has_value());
    }
}

void MoreFormatsTest::archivesOfManyAreNamed() {
    const QByteArray csv = QByteArray::fromStdString(io::csv_from_log(tests::made_log(), io::LogStyle::recorder));
    const auto path = written("g.zip", zip({{"one.csv", csv}, {"sub/two.csv", csv}, {"notes.pdf", "x"}}));
    const auto refused = io::read_log(path);
    QCOMPARE(refused.error().code, ErrorCode::archive_of_many);
    QCOMPARE(refused.error().where.file, path);
    QCOMPARE(read(path + "/sub/two.csv")->rows(), std::size_t(601));
    QCOMPARE(io::read_log(path + "/three.csv").error().code, ErrorCode::file_not_found);
    const auto logs = io::logs_below({path});
    QCOMPARE(logs->size(), std::size_t(2));
}

void MoreFormatsTest::bombsAndTornArchivesAreRefused() {
    // A gibibyte and more of sevens in a few megabytes.
    const QByteArray member = gzip(QByteArray(32 << 20, '7'));
    QByteArray bomb;
    for (int i = 0; i < 34; ++i) bomb += member;
    QCOMPARE(io::read_log(written("bomb.gz", bomb)).error().code, ErrorCode::archive_too_large);
    const auto torn = io::read_log(written("torn.zip", QByteArray("PK\3\4 this is none")));
    QCOMPARE(torn.error().code, ErrorCode::archive_unreadable);
    // A recorder that never had a fix is told as that, not as a table without a header.
    // An extension of sixteen digits is no reading, and no reason to fall over.
    QVERIFY(io::read_log(written("wide.igc", "AXXXABC\nHFDTE160726\nI023651FXA3953SIU\n"
                                             "B1101355204363N00006198WA005870000055870055810209000123\n"
                                             "B1101365204364N00006198WA005870000055870055810209000123\n"
                                             "B1101375204365N00006198WA005870000055870055810209000123\n")));
    QCOMPARE(io::read_log(written("nofix.igc", "AXXXABC\nHFDTE160701\n")).error().code, ErrorCode::no_track);
    QCOMPARE(
        io::read_log(written("nofix.nmea", "$GPRMC,x,V,,,,,,,230394,,\n$GPRMC,x,V,,,,,,,230394,,\n")).error().code,
        ErrorCode::no_track);
    // Cut in transit: what is there is read, but for the last pages.
    const QByteArray long_csv =
        QByteArray::fromStdString(io::csv_from_log(tests::made_log(40'001), io::LogStyle::recorder));
    const auto cut = io::read_log(written("cut.csv.gz", gzip(long_csv).chopped(2000)));
    QVERIFY(cut.has_value());
    QVERIFY((*cut)->rows() > 20'000 && (*cut)->rows() < 40'001);
}

void MoreFormatsTest::foldersGiveTheirLogs() {
    QTemporaryDir folder;
    QDir(folder.path()).mkpath(QStringLiteral("a/.hidden"));
    const QByteArray csv = QByteArray::fromStdString(io::csv_from_log(tests::made_log(10), io::LogStyle::recorder));
    const std::pair<const char*, QByteArray> files[] = {{"b.csv", csv},
                                                        {"a/c.gpx", "<gpx/>"},
                                                        {"a/.hidden/d.csv", csv},
                                                        {"plan.json", "{}"},
                                                        {"a/e.zip", zip({{"x.csv", csv}, {"y.csv", csv}})}};
    for (const auto& [name, content] : files) {
        QFile file(folder.filePath(QLatin1String(name)));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(content);
    }
    const auto logs = io::logs_below({folder.path().toStdString()});
    QVERIFY(logs.has_value());
    QCOMPARE(logs->size(), std::size_t(4)); // c, x and y, b
    QCOMPARE(io::logs_below({"/nowhere/at/all"}).error().code, ErrorCode::file_not_found);
}

void MoreFormatsTest::mutatedTextsNeverCrash() {
    const QByteArray originals[] = {
        "$GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W*6A\n$GPGGA,123519,4807.038,N,01131.000,"
        "E,1,08,0.9,545.4,M,46.9,M,,*47\n",
        "AXXXABC\nHFDTE160701\nI033638FXA3940SIU4143LAD\nB1101355206343N00006198WA0058700558102090001\nLSOBvolts="
        "16.2;ah=1\nB1101455206259N00006295WA0059300556102080001\n",
        "1\n00:00:01,000 --> 00:00:01,900\nvolts: 16.2V amps=5 GPS (47.1, 11.5)\n\n2\n00:00:02,000 --> "
        "00:00:02,900\nvolts: 16.1V\n",
        "1\n00:00:01,000 --> 00:00:01,900\nLAT 47.1 LON 11.5 BAT 16.2V 5.3 A\n\n2\n00:00:02,000 --> 00:00:02,900\n"
        "LAT 47.1 LON 11.5 BAT 16.1V\n",
        "{\"t\": 1, \"gps\": {\"lat\": 47.1, \"lon\": 11.5}, \"volts\": 16.2}\n{\"t\": 2, \"gps\": [47.1, 11.5]}\n",
        "{\"log\": [{\"t\": 1, \"volts\": 16.2}, {\"t\": 2, \"volts\": 16.1}], \"t\": [1, 2], \"v\": [3, 4]}",
        "[2026-05-09 10:00:00] t=1 lat=47.1 lon=11.5 volts=16.2\n[2026-05-09 10:00:01] t=2 lat=47.1 lon=11.5 "
        "volts=16\n",
        "time,sensor,value,unit\n1,lat,47.1,deg\n1,volts,16.2,V\n2,lat,47.2,deg\n2,volts,16.1,V\n",
        "FMT, 128, 89, FMT, B, Type,Length,Name,Format,Columns\nFMT, 130, 40, BAT, QBff, TimeUS,Inst,Volt,Curr\n"
        "BAT, 1000000, 0, 16.2, 5.1\nBAT, 2000000, 0, 16.1, 5.2\nBAT, 2000000, 1, 5, 1\n",
        "<kml><Track><when>2026-05-09T10:00:00Z</when><when>2026-05-09T10:00:01Z</when><coord>11.5 47.1 60</coord>"
        "<coord>11.5 47.2 61</coord><SimpleArrayData "
        "name=\"volts\"><value>16.2</value></SimpleArrayData></Track></kml>",
        "\"time\n(s)\",\"volts\n(10 mV)\",\"used\n(mAh)\"\n3,1620,\"1,002\"\n2,1621,\"1,001\"\n1,1622,\"1,000\"\n"
        "0,1623,999\n"};
    unsigned seed = 5;
    const auto next = [&] { return seed = seed * 1664525U + 1013904223U; };
    for (const QByteArray& original : originals) {
        for (int round = 0; round < 400; ++round) {
            QByteArray text = original;
            for (int change = 0; change < 1 + int(next() >> 30U); ++change) {
                const auto at = qsizetype((next() >> 8U) % unsigned(text.size()));
                switch ((next() >> 16U) % 4) {
                case 0: text[at] = char(next() >> 24U); break;
                case 1: text.remove(at, 1 + qsizetype((next() >> 20U) % 8)); break;
                case 2: text.insert(at, text.mid(at, 9)); break;
                default: text.truncate(at + 1);
                }
                if (text.isEmpty()) text = "x";
            }
            const auto log = io::read_log(written("mutant", text));
            if (log) QVERIFY((*log)->rows() > 0);
        }
    }
}

SOBREMESA_TEST(MoreFormatsTest)
#include "tst_more_formats.moc"
