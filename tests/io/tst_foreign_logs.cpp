// One flight as programs write it that the grammar of dialects does not know: other text formats, counts of other
// units, signs the other way round, tables turned on their side. Each is to be read without being told anything.

#include <cmath>
#include <functional>
#include <set>

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <GeographicLib/MGRS.hpp>
#include <GeographicLib/UTMUPS.hpp>
#include <iconv.h>

#include "core/telemetry/consumption.hpp"
#include "io/csv_head.hpp"
#include "io/log_file.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;
using units::DiagnosticCode;

namespace {

/// What stands in one row of a log.
struct Sample {
    double t = 0.0;
    double latitude = 0.0;
    double longitude = 0.0;
    double height = 0.0;
    double speed = 0.0;
    double volts = 0.0;
    double amps = 0.0;
    double mah = 0.0;
};

struct Truth {
    double way_m = 0.0;
    double charge_ah = 0.0;
    double energy_wh = 0.0;
    double duration_s = 0.0;
};

/// Ten minutes along a line and back, twice a second, by its own arithmetic: a degree is 111 195 m on a sphere of
/// 6371 km, and the reader's ellipsoid may differ from it by 0.5 %.
std::vector<Sample> made_flight(Truth& truth) {
    constexpr double step_s = 0.5;
    constexpr double metres_per_degree = 111195.0;
    constexpr double latitude = 51.2;
    const double metres_per_degree_east = metres_per_degree * std::cos(latitude * 3.14159265358979 / 180.0);
    std::vector<Sample> rows;
    double along = 0.0;
    double mah = 0.0;
    for (int i = 0; i <= 1200; ++i) {
        const double t = i * step_s;
        const double speed = 14.0 + std::sin(t / 11.0);
        const double amps = 6.0 + 1.5 * std::sin(t / 7.0) + 0.3 * std::sin(1.7 * t);
        const double volts = 16.6 - 0.0008 * mah - 0.02 * amps;
        if (i > 0) {
            along += (t <= 300.0 ? speed : -speed) * step_s;
            mah += amps * step_s / 3.6;
            truth.way_m += speed * step_s;
            truth.energy_wh += amps * volts * step_s / 3600.0;
        }
        rows.push_back({t, latitude + 0.6 * along / metres_per_degree, 3.1 + 0.8 * along / metres_per_degree_east,
                        60.0 + 12.0 * std::sin(t / 40.0), speed, volts, amps, mah});
    }
    truth.charge_ah = mah / 1000.0;
    truth.duration_s = rows.back().t;
    return rows;
}

QByteArray number(double value, int decimals) {
    return QByteArray::number(value, 'f', decimals);
}

/// Whole numbers with commas between.
QByteArray whole(std::initializer_list<double> values) {
    QByteArrayList cells;
    for (const double value : values) cells << QByteArray::number(qint64(std::llround(value)));
    return cells.join(',');
}

/// A moment of 14 May 2026, 16:41:07 and so many seconds.
QDateTime moment(const Sample& s) {
    return QDateTime(QDate(2026, 5, 14), QTime(16, 41, 7), Qt::UTC).addMSecs(qint64(1000.0 * s.t));
}

QByteArray iso(const Sample& s) {
    return moment(s).toString(Qt::ISODateWithMs).toLatin1();
}

QByteArray clock(const QTime& time) {
    return time.toString(QStringLiteral("HH:mm:ss,zzz")).toLatin1();
}

QByteArray place(const Sample& s) {
    return number(s.latitude, 7) + "," + number(s.longitude, 7);
}

QByteArray volts_and_amps(const Sample& s) {
    return number(s.volts, 3) + "," + number(s.amps, 3);
}

/// "1,234" of 1234.4.
QByteArray with_thousands(double value, const char* sign) {
    QByteArray digits = QByteArray::number(qint64(value));
    for (qsizetype at = digits.size() - 3; at > 0; at -= 3) digits.insert(at, sign);
    return digits;
}

using Line = std::function<QByteArray(const Sample&)>;

QByteArray lines(const QByteArray& head, const std::vector<Sample>& rows, const Line& line,
                 const QByteArray& end = "\n") {
    QByteArray text = head;
    for (const Sample& each : rows) text += line(each) + end;
    return text;
}

/// What one flight is written as. What a way of writing does not hold is not asked for.
struct Way {
    const char* name;
    std::function<QByteArray(const std::vector<Sample>&)> text;
    bool has_charge = true;
    bool has_energy = true;
};

const QByteArray plain_head = QByteArray("time,lat,lon,volts,amps\n");

std::vector<Way> delimited_ways() {
    return {
        {"whole hundredths without a unit",
         [](const auto& rows) {
             return lines("time,lat,lon,alt,vbat,amperage\n", rows, [](const Sample& s) {
                 return whole({s.t * 1e6, s.latitude * 1e7, s.longitude * 1e7, 100.0 * s.height, 100.0 * s.volts,
                               100.0 * s.amps});
             });
         }},
        {"whole tenths without a unit",
         [](const auto& rows) {
             return lines("time,lat,lon,vbat,curr\n", rows, [](const Sample& s) {
                 return whole({s.t * 1e3}) + "," + place(s) + "," + whole({10.0 * s.volts, 10.0 * s.amps});
             });
         }},
        {"whole hundredths of volts and tenths of amps",
         [](const auto& rows) {
             return lines("time,voltage,current,lat,lon,alt\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + whole({100.0 * s.volts, 10.0 * s.amps}) + "," + place(s) + "," +
                        whole({s.height});
             });
         }},
        {"thousandths of everything, and a counter",
         [](const auto& rows) {
             return lines(
                 "timestamp,fix.lat,fix.lon,fix.hMSL,fix.gSpeed,power.voltage,power.current,power.consumed\n", rows,
                 [](const Sample& s) {
                     return whole({s.t * 1e3, s.latitude * 1e7, s.longitude * 1e7, 1000.0 * (s.height + 640.0),
                                   1000.0 * s.speed, 1000.0 * s.volts, 1000.0 * s.amps, s.mah});
                 });
         }},
        {"ticks of ten milliseconds",
         [](const auto& rows) {
             return lines("tick_10ms,lat,lon,volts,amps\n", rows, [](const Sample& s) {
                 return QByteArray::number(qint64(s.t * 100.0)) + "," + place(s) + "," + volts_and_amps(s);
             });
         }},
        {"what is drawn is negative",
         [](const auto& rows) {
             return lines(plain_head, rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + place(s) + "," + number(s.volts, 3) + "," + number(-s.amps, 3);
             });
         }},
        {"a counter with thousands",
         [](const auto& rows) {
             return lines("time,lat,lon,volts,used (mAh)\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + place(s) + "," + number(s.volts, 3) + ",\"" +
                        with_thousands(s.mah, ",") + "\"";
             });
         }},
        {"a counter with thousands, the other way",
         [](const auto& rows) {
             return lines("Zeit;Breite;Länge;Spannung;Verbrauch (mAh)\n", rows, [](const Sample& s) {
                 return QByteArray(number(s.t, 1) + ";" + number(s.latitude, 7) + ";" + number(s.longitude, 7) +
                                   ";" + number(s.volts, 2))
                            .replace('.', ',') +
                        ";" + with_thousands(s.mah, ".");
             });
         }},
        {"a charge in coulombs",
         [](const auto& rows) {
             return lines("time,lat,lon,volts,charge_C\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + place(s) + "," + number(s.volts, 3) + "," + number(3.6 * s.mah, 1);
             });
         }},
        {"newest rows first",
         [](auto rows) {
             std::reverse(rows.begin(), rows.end());
             return lines(plain_head, rows,
                          [](const Sample& s) { return iso(s) + "," + place(s) + "," + volts_and_amps(s); });
         }},
        {"names of two lines",
         [](const auto& rows) {
             return lines(
                 "\"Time\n(s)\",\"Lat\n(°)\",\"Lon\n(°)\",\"Pack\n(V)\",\"Pack\n(A)\"\n", rows,
                 [](const Sample& s) { return number(s.t, 1) + "," + place(s) + "," + volts_and_amps(s); });
         }},
        {"longitude first in one cell",
         [](const auto& rows) {
             return lines("time,lonlat,volts,amps\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + number(s.longitude, 7) + " " + number(s.latitude, 7) + "," +
                        volts_and_amps(s);
             });
         }},
        {"a height behind the place",
         [](const auto& rows) {
             return lines("time;position;volts;amps\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + ";" + number(s.latitude, 7) + ", " + number(s.longitude, 7) + ", " +
                        number(s.height, 1) + ";" + number(s.volts, 3) + ";" + number(s.amps, 3);
             });
         }},
        {"places with points, readings with commas",
         [](const auto& rows) {
             return lines("t;lat;lon;V;A\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + ";" + number(s.latitude, 7) + ";" + number(s.longitude, 7) + ";" +
                        number(s.volts, 3).replace('.', ',') + ";" + number(s.amps, 3).replace('.', ',');
             });
         }},
        {"thousandths under V and A",
         [](const auto& rows) {
             return lines("t,lat,lon,V,A\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + place(s) + "," + whole({1000.0 * s.volts, 1000.0 * s.amps});
             });
         }},
        {"degrees with letters beside them",
         [](const auto& rows) {
             return lines("time,lat,NS,lon,EW,volts,amps\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + number(s.latitude, 6) + ",N," + number(s.longitude, 6) + ",E," +
                        volts_and_amps(s);
             });
         }},
        {"well-known text",
         [](const auto& rows) {
             return lines("time,geom,volts,amps\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + ",POINT (" + number(s.longitude, 7) + " " + number(s.latitude, 7) + ")," +
                        volts_and_amps(s);
             });
         }},
        {"a fraction of a spreadsheet's day",
         [](const auto& rows) {
             return lines("Time,Lat,Lon,Volts,Amps\n", rows, [](const Sample& s) {
                 return number((60067.0 + s.t) / 86400.0, 9) + "," + place(s) + "," + volts_and_amps(s);
             });
         }},
        {"rows that are numbered",
         [](const auto& rows) {
             int row = 0;
             return lines(",time,lat,lon,volts,amps\n", rows, [&row](const Sample& s) {
                 return QByteArray::number(row++) + "," + number(s.t, 1) + "," + place(s) + "," + volts_and_amps(s);
             });
         }},
        {"words of another language",
         [](const auto& rows) {
             return lines("Czas,Szerokość,Długość,Napięcie [V],Prąd [A]\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + place(s) + "," + volts_and_amps(s);
             });
         }},
        {"durations",
         [](const auto& rows) {
             return lines(plain_head, rows, [](const Sample& s) {
                 return "PT" + number(std::floor(s.t / 60.0), 0) + "M" + number(std::fmod(s.t, 60.0), 1) + "S," +
                        place(s) + "," + volts_and_amps(s);
             });
         }},
        {"power and energy alone",
         [](const auto& rows) {
             return lines("t,lat,lon,P [W]\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + place(s) + "," + number(s.volts * s.amps, 2);
             });
         },
         false},
        {"one reading a row",
         [](const auto& rows) {
             return lines("time,sensor,value\n", rows, [](const Sample& s) {
                 const QByteArray t = number(s.t, 1) + ",";
                 return t + "lat," + number(s.latitude, 7) + "\n" + t + "lon," + number(s.longitude, 7) + "\n" + t +
                        "voltage," + number(s.volts, 3) + "\n" + t + "current," + number(s.amps, 3);
             });
         }},
    };
}

std::vector<Way> other_ways() {
    return {
        {"an object a line",
         [](const auto& rows) {
             return lines({}, rows, [](const Sample& s) {
                 return "{\"time\": " + number(s.t, 1) + ", \"gps\": {\"lat\": " + number(s.latitude, 7) +
                        ", \"lon\": " + number(s.longitude, 7) + "}, \"voltage\": " + number(s.volts, 3) +
                        ", \"current\": " + number(s.amps, 3) + "}";
             });
         }},
        {"a list of objects in a document",
         [](const auto& rows) {
             QByteArrayList objects;
             for (const Sample& s : rows)
                 objects << "{\"timestamp\": \"" + iso(s) + "\", \"position\": [" + number(s.latitude, 7) + ", " +
                                number(s.longitude, 7) + "], \"volts\": " + number(s.volts, 3) +
                                ", \"amps\": " + number(s.amps, 3) + "}";
             return "{\n  \"craft\": \"Terrapin\",\n  \"samples\": [\n    " + objects.join(",\n    ") +
                    "\n  ]\n}\n";
         }},
        {"objects under the numbers of their rows",
         [](const auto& rows) {
             QByteArrayList objects;
             for (const Sample& s : rows)
                 objects << "\"" + QByteArray::number(objects.size()) + "\": {\"t\": " + number(s.t, 1) +
                                ", \"lat\": " + number(s.latitude, 7) + ", \"lon\": " + number(s.longitude, 7) +
                                ", \"volts\": " + number(s.volts, 3) + ", \"amps\": " + number(s.amps, 3) + "}";
             return "{" + objects.join(",") + "}";
         }},
        {"objects under their times",
         [](const auto& rows) {
             QByteArrayList objects;
             for (const Sample& s : rows)
                 objects << "\"" + iso(s) + "\": {\"lat\": " + number(s.latitude, 7) +
                                ", \"lon\": " + number(s.longitude, 7) + ", \"volts\": " + number(s.volts, 3) +
                                ", \"amps\": " + number(s.amps, 3) + "}";
             return "{" + objects.join(",\n") + "}";
         }},
        {"values of a column under their times",
         [](const auto& rows) {
             const auto column = [&](const QByteArray& name, const std::function<QByteArray(const Sample&)>& cell) {
                 QByteArrayList cells;
                 for (const Sample& s : rows)
                     cells << "\"" + QByteArray::number(moment(s).toMSecsSinceEpoch()) + "\": " + cell(s);
                 return "\"" + name + "\": {" + cells.join(", ") + "}";
             };
             return "{" + column("lat", [](const Sample& s) { return number(s.latitude, 7); }) + ",\n" +
                    column("lon", [](const Sample& s) { return number(s.longitude, 7); }) + ",\n" +
                    column("volts", [](const Sample& s) { return number(s.volts, 3); }) + ",\n" +
                    column("amps", [](const Sample& s) { return number(s.amps, 3); }) + "}";
         }},
        {"arrays, their names in the first",
         [](const auto& rows) {
             QByteArrayList lines_of_it{"[\"time\", \"lat\", \"lon\", \"volts\", \"amps\"]"};
             for (const Sample& s : rows)
                 lines_of_it << "[" + number(s.t, 1) + ", " + place(s) + ", " + volts_and_amps(s) + "]";
             return "[" + lines_of_it.join(",\n") + "]";
         }},
        {"arrays under their names",
         [](const auto& rows) {
             const auto array = [&](const QByteArray& name, const std::function<QByteArray(const Sample&)>& cell) {
                 QByteArrayList cells;
                 for (const Sample& s : rows) cells << cell(s);
                 return "\"" + name + "\": [" + cells.join(", ") + "]";
             };
             return "{" + array("t", [](const Sample& s) { return number(s.t, 1); }) + ",\n" +
                    array("lat", [](const Sample& s) { return number(s.latitude, 7); }) + ",\n" +
                    array("lon", [](const Sample& s) { return number(s.longitude, 7); }) + ",\n" +
                    array("volts", [](const Sample& s) { return number(s.volts, 3); }) + ",\n" +
                    array("amps", [](const Sample& s) { return number(s.amps, 3); }) + "}";
         }},
        {"lines of names and values",
         [](const auto& rows) {
             return lines({}, rows, [](const Sample& s) {
                 return "t=" + number(s.t, 1) + " lat=" + number(s.latitude, 7) + " lon=" + number(s.longitude, 7) +
                        " volts=" + number(s.volts, 3) + " amps=" + number(s.amps, 3);
             });
         }},
        {"such lines behind a moment",
         [](const auto& rows) {
             return lines({}, rows, [](const Sample& s) {
                 return "[" + iso(s).replace("T", " ").chopped(1) + "] INFO lat: " + number(s.latitude, 7) +
                        ", lon: " + number(s.longitude, 7) + ", bat: " + number(s.volts, 2) +
                        "V, current: " + number(s.amps, 2) + "A";
             });
         }},
        {"lines of a system's log, with a counter",
         [](const auto& rows) {
             return lines({}, rows, [](const Sample& s) {
                 return "May 14 " + iso(s).mid(11, 12) + " station telemetry: lat=" + number(s.latitude, 7) +
                        " lon=" + number(s.longitude, 7) + " vbat=" + number(s.volts, 3) +
                        " ibat=" + number(s.amps, 3) + " used=" + number(std::floor(s.mah), 0);
             });
         }},
        {"the first of several batteries",
         [](const auto& rows) {
             return lines({}, rows, [](const Sample& s) {
                 return "{\"ts\": " + whole({1000.0 * s.t}) + ", \"pos\": {\"lat_deg\": " + number(s.latitude, 7) +
                        ", \"lon_deg\": " + number(s.longitude, 7) + "}, \"bat\": [{\"v\": " + number(s.volts, 3) +
                        ", \"a\": " + number(s.amps, 3) + "}, {\"v\": 5.02, \"a\": 0.31}]}";
             });
         }},
        {"records of several kinds",
         [](const auto& rows) {
             const QByteArray kinds = "FMT, 128, 89, FMT, BBnNZ, Type,Length,Name,Format,Columns\n"
                                      "FMT, 129, 50, GPS, QBBLLff, TimeUS,I,Status,Lat,Lng,Alt,Spd\n"
                                      "FMT, 130, 40, BAT, QBfff, TimeUS,Inst,Volt,Curr,CurrTot\n"
                                      "FMT, 131, 40, IMU, Qffffff, TimeUS,GyrX,GyrY,GyrZ,AccX,AccY,AccZ\n";
             return lines(kinds, rows, [](const Sample& s) {
                 const QByteArray at = whole({1e6 * s.t + 4e6});
                 return "GPS, " + at + ", 0, 3, " + number(s.latitude, 7) + ", " + number(s.longitude, 7) + ", " +
                        number(s.height + 500.0, 1) + ", " + number(s.speed, 2) + "\nGPS, " + at +
                        ", 1, 3, 0.0000000, 0.0000000, 0.0, 0.0\nIMU, " + at +
                        ", 0.01, 0.02, -0.01, 0.1, 0.2, -9.8\nBAT, " + at + ", 0, " + number(s.volts, 3) + ", " +
                        number(s.amps, 3) + ", " + number(s.mah, 1) + "\nBAT, " + at + ", 1, 5.02, 0.30, 12.5";
             });
         }},
        {"captions of bare words",
         [](const auto& rows) {
             int count = 0;
             return lines({}, rows, [&count](const Sample& s) {
                 const QTime begin = QTime(0, 0).addMSecs(int(1000.0 * s.t));
                 return QByteArray::number(++count) + "\n" + clock(begin) + " --> " + clock(begin.addMSecs(500)) +
                        "\nLAT " + number(s.latitude, 7) + " LON " + number(s.longitude, 7) + " SPD " +
                        number(3.6 * s.speed, 0) + "km/h BAT " + number(s.volts, 2) + "V " + number(s.amps, 2) +
                        " A\n";
             });
         }},
        {"a track of KML",
         [](const auto& rows) {
             QByteArray whens;
             QByteArray coords;
             QByteArray volts;
             QByteArray amps;
             for (const Sample& s : rows) {
                 whens += "<when>" + iso(s) + "</when>\n";
                 coords += "<gx:coord>" + number(s.longitude, 7) + " " + number(s.latitude, 7) + " " +
                           number(s.height, 1) + "</gx:coord>\n";
                 volts += "<gx:value>" + number(s.volts, 3) + "</gx:value>";
                 amps += "<gx:value>" + number(s.amps, 3) + "</gx:value>";
             }
             return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<kml xmlns=\"http://www.opengis.net/kml/2.2\" "
                    "xmlns:gx=\"http://www.google.com/kml/ext/2.2\"><Document><Placemark><gx:Track>\n" +
                    whens + coords + "<ExtendedData><SchemaData><gx:SimpleArrayData name=\"voltage (V)\">" + volts +
                    "</gx:SimpleArrayData><gx:SimpleArrayData name=\"current (A)\">" + amps +
                    "</gx:SimpleArrayData></SchemaData></ExtendedData></gx:Track></Placemark></Document></kml>\n";
         }},
    };
}

QByteArray in_character_set(const QByteArray& utf8, const char* character_set) {
    const iconv_t converter = ::iconv_open(character_set, "UTF-8");
    QByteArray in = utf8;
    QByteArray out(4 * in.size(), '\0');
    char* source = in.data();
    char* target = out.data();
    auto left = std::size_t(in.size());
    auto room = std::size_t(out.size());
    ::iconv(converter, &source, &left, &target, &room);
    ::iconv_close(converter);
    out.chop(qsizetype(room));
    return out;
}

/// A table headed in another language, in the character set that its spreadsheets write; with decimal commas unless
/// commas are what stands between the cells.
Way headed(const char* name, const char* head, const char* character_set, char between = ';') {
    return {name, [=](const std::vector<Sample>& rows) {
                const auto line = [=](const Sample& s) {
                    QByteArrayList cells = {number(s.t, 1),      number(s.latitude, 7),    number(s.longitude, 7),
                                            number(s.height, 1), number(3.6 * s.speed, 2), number(s.volts, 2),
                                            number(s.amps, 2),   number(s.mah, 0)};
                    if (between != ',') {
                        for (QByteArray& cell : cells) cell.replace('.', ',');
                    }
                    return cells.join(between);
                };
                return in_character_set(lines(QByteArray(head) + "\r\n", rows, line, "\r\n"), character_set);
            }};
}

std::vector<Way> languages() {
    return {
        headed("Russian, Windows",
               "Время, с;Широта, °;Долгота, °;Высота, м;Скорость, км/ч;Напряжение АКБ, В;Ток, А;Израсходовано, мАч",
               "CP1251"),
        headed("Russian, KOI8",
               "Время (с);Широта;Долгота;Высота (м);Скорость (км/ч);Напряжение (В);Ток (А);Расход (мА·ч)",
               "KOI8-R"),
        headed("Russian, capitals",
               "ВРЕМЯ [с]\tШИРОТА\tДОЛГОТА\tВЫСОТА [м]\tСКОРОСТЬ [км/ч]\tНАПРЯЖЕНИЕ [В]\tТОК [А]\tЗАРЯД [мАч]",
               "UTF-16", '\t'),
        headed("Polish, Windows",
               "Czas (s);Szerokość geogr.;Długość geogr.;Wysokość (m);Prędkość (km/h);Napięcie pakietu (V);Prąd "
               "(A);Zużyto (mAh)",
               "CP1250"),
        headed("Czech, capitals",
               "ČAS (s);ŠÍŘKA;DÉLKA;VÝŠKA (m);RYCHLOST (km/h);NAPĚTÍ (V);PROUD (A);SPOTŘEBA (mAh)", "UTF-8"),
        headed("Swedish, Latin-1",
               "Tid (s);Latitud;Longitud;Höjd (m);Hastighet (km/h);Spänning (V);Ström (A);Förbrukning (mAh)",
               "ISO-8859-1"),
        headed("Turkish, Windows",
               "Süre (s);Enlem;Boylam;Yükseklik (m);Hız (km/h);Gerilim (V);Akım (A);Tüketim (mAh)", "CP1254"),
        headed("Japanese, Shift JIS", "時間(秒),緯度,経度,高度(m),速度(km/h),電圧(V),電流(A),消費量(mAh)",
               "SHIFT_JIS", ','),
        headed("Chinese, GB 18030", "时间(秒),纬度,经度,高度(米),速度(km/h),电压(V),电流(A),已用容量(mAh)",
               "GB18030", ','),
        headed("Portuguese",
               "Tempo (s);Latitude;Longitude;Altitude (m);Velocidade (km/h);Tensão (V);Corrente "
               "(A);Consumo (mAh)",
               "CP1252"),
        headed("units behind commas that also part the cells",
               "Time, s,Latitude, deg,Longitude, deg,Altitude, m,Speed, km/h,Voltage, V,Current, A,Used, mAh",
               "UTF-8", ','),
        headed("units behind commas, but for angles",
               "Время, с,Широта,Долгота,Высота, м,Скорость, км/ч,Напряжение, В,Ток, А,Расход, мАч", "UTF-8", ','),
    };
}

QByteArray joined(const std::vector<Sample>& rows, const QByteArray& between,
                  const std::function<QByteArray(const Sample&)>& cell) {
    QByteArrayList cells;
    for (const Sample& s : rows) cells << cell(s);
    return cells.join(between);
}

QByteArray longitude_first(const Sample& s, const QByteArray& between) {
    return number(s.longitude, 7) + between + number(s.latitude, 7);
}

/// Documents and tables that other programs' formats lay down, or that programmers write at once.
std::vector<Way> laid_down() {
    return {
        {"GeoJSON, a point a reading",
         [](const auto& rows) {
             return "{\"type\": \"FeatureCollection\", \"features\": [" +
                    joined(rows, ",\n",
                           [](const Sample& s) {
                               return "{\"type\": \"Feature\", \"geometry\": {\"type\": \"Point\", "
                                      "\"coordinates\": [" +
                                      longitude_first(s, ", ") + ", " + number(s.height, 1) +
                                      "]}, \"properties\": {\"time\": \"" + iso(s) +
                                      "\", \"voltage\": " + number(s.volts, 3) +
                                      ", \"current\": " + number(s.amps, 3) + "}}";
                           }) +
                    "]}";
         }},
        {"GeoJSON, one line",
         [](const auto& rows) {
             const auto array = [&](const std::function<QByteArray(const Sample&)>& cell) {
                 return "[" + joined(rows, ", ", cell) + "]";
             };
             return "{\"type\": \"Feature\", \"properties\": {\"name\": \"a flight\", \"coordTimes\": " +
                    array([](const Sample& s) { return "\"" + iso(s) + "\""; }) +
                    ", \"volts\": " + array([](const Sample& s) { return number(s.volts, 3); }) +
                    ", \"amps\": " + array([](const Sample& s) { return number(s.amps, 3); }) +
                    "}, \"geometry\": {\"type\": \"LineString\", \"coordinates\": " +
                    array([](const Sample& s) { return "[" + longitude_first(s, ", ") + "]"; }) + "}}";
         }},
        {"rows of a document, their names beside",
         [](const auto& rows) {
             return "{\"craft\": \"Terrapin\", \"columns\": [\"t\", \"lat\", \"lon\", \"v\", \"a\"], \"data\": [" +
                    joined(rows, ", ",
                           [](const Sample& s) {
                               return "[" + number(s.t, 1) + ", " + place(s) + ", " + volts_and_amps(s) + "]";
                           }) +
                    "]}";
         }},
        {"captions with x, y and z in brackets",
         [](const auto& rows) {
             int count = 0;
             return lines({}, rows, [&count](const Sample& s) {
                 const QTime begin = QTime(0, 0).addMSecs(int(1000.0 * s.t));
                 return QByteArray::number(++count) + "\n" + clock(begin) + " --> " + clock(begin.addMSecs(500)) +
                        "\nGPS (" + longitude_first(s, ", ") + ", 17), H " + number(s.height, 1) + "m, BAT " +
                        number(s.volts, 2) + "V " + number(s.amps, 2) + "A\n";
             });
         }},
        {"remarks in a last column, now and then",
         [](const auto& rows) {
             return lines("time,lat,lon,volts,amps,remark\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + place(s) + "," + volts_and_amps(s) + "," +
                        (std::fmod(s.t, 60.0) == 30.0 ? "\"a turn, then on\"" : "");
             });
         }},
        {"minutes and seconds in words",
         [](const auto& rows) {
             return lines("elapsed,lat,lon,volts,amps\n", rows, [](const Sample& s) {
                 return number(std::floor(s.t / 60.0), 0) + "m " + number(std::fmod(s.t, 60.0), 1) + "s," +
                        place(s) + "," + volts_and_amps(s);
             });
         }},
        {"days before a clock",
         [](const auto& rows) {
             return lines(plain_head, rows, [](const Sample& s) {
                 return "0 days " +
                        QTime(0, 0)
                            .addMSecs(int(1000.0 * s.t))
                            .toString(QStringLiteral("HH:mm:ss.zzz"))
                            .toLatin1() +
                        "," + place(s) + "," + volts_and_amps(s);
             });
         }},
        {"a MAVLink message as a table, with places for cells that the pack has not",
         [](const auto& rows) {
             return lines("time_boot_ms,lat,lon,relative_alt,voltages[0],voltages[1],voltages[2],voltages[3],"
                          "voltages[4],current_battery,current_consumed\n",
                          rows, [](const Sample& s) {
                              const double cell_mv = 1000.0 * s.volts / 4.0;
                              return whole({1e3 * s.t, 1e7 * s.latitude, 1e7 * s.longitude, 1e3 * s.height, cell_mv,
                                            cell_mv, cell_mv, cell_mv, 65535.0, 100.0 * s.amps, s.mah});
                          });
         }},
        {"cells that are called by a letter, in millivolts",
         [](const auto& rows) {
             return lines("ms,lat,lon,C1 mV,C2 mV,C3 mV,C4 mV,mA,mAh\n", rows, [](const Sample& s) {
                 const double cell_mv = 1000.0 * s.volts / 4.0;
                 return number(1e3 * s.t, 0) + "," + place(s) + "," +
                        whole({cell_mv + 5.0, cell_mv, cell_mv - 5.0, cell_mv, 1000.0 * s.amps, s.mah});
             });
         }},
        {"cells that are called as a pack is",
         [](const auto& rows) {
             return lines("Time [s];Lat;Lon;Lipo1 [V];Lipo2 [V];Lipo3 [V];Lipo4 [V];Current [A];Used [mAh]\n", rows,
                          [](const Sample& s) {
                              const QByteArray cell = number(s.volts / 4.0, 3);
                              return (number(s.t, 1) + ";" + place(s).replace(",", ";") + ";" + cell + ";" + cell +
                                      ";" + cell + ";" + cell + ";" + number(s.amps, 2) + ";" + number(s.mah, 0));
                          });
         }},
        {"cells numbered before their letter",
         [](const auto& rows) {
             return lines("Time(s),Lat,Lon,1S (V),2S (V),3S (V),4S (V),Curr (A),Capa (mAh)\n", rows,
                          [](const Sample& s) {
                              const QByteArray cell = number(s.volts / 4.0, 3);
                              return number(s.t, 1) + "," + place(s) + "," + cell + "," + cell + "," + cell + "," +
                                     cell + "," + number(s.amps, 2) + "," + number(s.mah, 0);
                          });
         }},
        {"objects line by line behind the moment at which each came",
         [](const auto& rows) {
             return joined(rows, "\n", [](const Sample& s) {
                 return QByteArray::number(moment(s).toMSecsSinceEpoch()) +
                        " {\"gps\": {\"lat\": " + number(s.latitude, 7) + ", \"lon\": " + number(s.longitude, 7) +
                        "}, \"bat\": {\"volts\": " + number(s.volts, 3) + ", \"amps\": " + number(s.amps, 3) + "}}";
             });
         }},
        {"objects line by line behind a clock in brackets",
         [](const auto& rows) {
             return joined(rows, "\n", [](const Sample& s) {
                 return "[" + clock(moment(s).time()) + "]: {\"position\": \"" + number(s.latitude, 7) + " " +
                        number(s.longitude, 7) + "\", \"voltage\": " + number(s.volts, 3) +
                        ", \"current\": " + number(s.amps, 3) + "}";
             });
         }},
        {"names and values with a moment of their own and a message in quotes",
         [](const auto& rows) {
             return joined(rows, "\n", [](const Sample& s) {
                 return "ts=" + iso(s) + " level=info msg=\"telemetry sample\" lat=" + number(s.latitude, 7) +
                        " lon=" + number(s.longitude, 7) + " bat_v=" + number(s.volts, 3) +
                        " bat_a=" + number(s.amps, 3);
             });
         }},
        {"tenths of all units",
         [](const auto& rows) {
             return lines("tick_ds,lat_e7,lon_e7,alt_dm,spd_cms,vbat_dV,curr_dA,used_mAh\n", rows,
                          [](const Sample& s) {
                              return whole({10.0 * s.t, 1e7 * s.latitude, 1e7 * s.longitude, 10.0 * s.height,
                                            100.0 * s.speed, 10.0 * s.volts, 10.0 * s.amps, s.mah});
                          });
         }},
        {"XML of a schema of its own",
         [](const auto& rows) {
             return "<?xml version=\"1.0\"?>\n<!-- a <gpx> is none -->\n<d:diary "
                    "xmlns:d=\"urn:x\"><d:craft>Terrapin</d:craft><d:lap><d:track>" +
                    joined(rows, "\n",
                           [](const Sample& s) {
                               return "<d:point no=\"1\"><d:Time>" + iso(s) +
                                      "</d:Time><d:where><d:LatitudeDegrees>" + number(s.latitude, 7) +
                                      "</d:LatitudeDegrees><d:LongitudeDegrees>" + number(s.longitude, 7) +
                                      "</d:LongitudeDegrees></d:where><d:more><e:reading "
                                      "xmlns:e=\"urn:y\" name=\"voltage\">" +
                                      number(s.volts, 3) + "</e:reading><e:current unit=\"A\">" +
                                      number(s.amps, 3) + "</e:current></d:more></d:point>";
                           }) +
                    "</d:track></d:lap></d:diary>\n";
         }},
        {"a table of a web page",
         [](const auto& rows) {
             return "<!DOCTYPE html>\n<html><head><title>A flight</title></head><body><table><tr><th>time</th>"
                    "<th>lat</th><th>lon</th><th>volts</th><th>amps</th></tr>\n" +
                    joined(rows, "\n",
                           [](const Sample& s) {
                               return "<tr><td>" + number(s.t, 1) + "</td><td>" + number(s.latitude, 7) +
                                      "</td><td>" + number(s.longitude, 7) + "</td><td>" + number(s.volts, 3) +
                                      "</td><td>" + number(s.amps, 3) + "</td></tr>";
                           }) +
                    "</table></body></html>\n";
         }},
        {"a web page as they are written",
         [](const auto& rows) {
             return "<!doctype html><html><head><meta charset=utf-8><link rel=stylesheet href=a.css><title>A &amp; "
                    "B</title></head><body><br><table><tr><td>Notes<tr><td>calm</table><table "
                    "border=1><thead><tr><th>"
                    "Time&nbsp;(s)<th colspan=2>Place<th><i>Note</i><th>Volts<th>Amps<tbody>\n" +
                    joined(rows, "\n",
                           [](const Sample& s) {
                               return "<tr class=row><td>" + number(s.t, 1) + "<td>" + number(s.latitude, 7) +
                                      "<td>" + number(s.longitude, 7) + "<td><td><b>" + number(s.volts, 3) +
                                      "</b>&nbsp;V<td>" + number(s.amps, 3) + " A";
                           }) +
                    "</table><p>&copy; nobody";
         }},
        {"lines of a database of time series",
         [](const auto& rows) {
             return lines("", rows, [](const Sample& s) {
                 return "flight,craft=one,pack=B-07 lat=" + number(s.latitude, 7) +
                        ",lon=" + number(s.longitude, 7) + ",volts=" + number(s.volts, 3) +
                        ",amps=" + number(s.amps, 3) + ",satellites=14i " +
                        QByteArray::number(moment(s).toMSecsSinceEpoch()) + "000000";
             });
         }},
        {"coulombs and volts",
         [](const auto& rows) {
             return lines("Time (s);Latitude;Longitude;Volts;Used (C)\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + ";" + number(s.latitude, 7) + ";" + number(s.longitude, 7) + ";" +
                        number(s.volts, 3) + ";" + number(3.6 * s.mah, 1);
             });
         }},
        {"places of RFC 5870",
         [](const auto& rows) {
             return lines("time (s)\tposition\tvolts\tamps\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "\tgeo:" + place(s) + ";u=3\t" + number(s.volts, 3) + "\t" +
                        number(s.amps, 3);
             });
         }},
        {"places on the military grid",
         [](const auto& rows) {
             return lines("time (s);MGRS;volts;amps\n", rows, [](const Sample& s) {
                 std::string reference;
                 int zone = 0;
                 bool northern = true;
                 double east_m = 0.0;
                 double north_m = 0.0;
                 GeographicLib::UTMUPS::Forward(s.latitude, s.longitude, zone, northern, east_m, north_m);
                 constexpr int metres = 5;
                 GeographicLib::MGRS::Forward(zone, northern, east_m, north_m, s.latitude, metres, reference);
                 return number(s.t, 1) + ";" + QByteArray::fromStdString(reference) + ";" + number(s.volts, 3) +
                        ";" + number(s.amps, 3);
             });
         }},
        {"places as objects of JSON",
         [](const auto& rows) {
             return lines("time (s);position;volts;amps\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + ";{\"lat\": " + number(s.latitude, 7) +
                        ", \"lon\": " + number(s.longitude, 7) + "};" + number(s.volts, 3) + ";" +
                        number(s.amps, 3);
             });
         }},
        {"on its side",
         [](const auto& rows) {
             QByteArray time = "Time (s)";
             QByteArray latitude = "Latitude";
             QByteArray longitude = "Longitude";
             QByteArray volts = "Voltage (V)";
             QByteArray amps = "Current (A)";
             for (const Sample& s : rows) {
                 time += ";" + number(s.t, 1);
                 latitude += ";" + number(s.latitude, 7);
                 longitude += ";" + number(s.longitude, 7);
                 volts += ";" + number(s.volts, 3);
                 amps += ";" + number(s.amps, 3);
             }
             return "# a spreadsheet turned round\n" + time + "\n" + latitude + "\n" + longitude + "\n" + volts +
                    "\n" + amps + "\n";
         }},
        {"dates in characters",
         [](const auto& rows) {
             return lines("\xE6\x99\x82\xE5\x88\xBB;lat;lon;volts;amps\n", rows, [](const Sample& s) {
                 const QDateTime at = moment(s);
                 return at.toString(QStringLiteral("yyyy\u5E74M\u6708d\u65E5 HH:mm:ss.zzz")).toUtf8() + ";" +
                        number(s.latitude, 7) + ";" + number(s.longitude, 7) + ";" + number(s.volts, 3) + ";" +
                        number(s.amps, 3);
             });
         }},
    };
}

/// The volts of four cells in one cell of the table, the third the weakest.
Way celled(const char* name, const char* head, char between, const char* separator, const char* open = "",
           const char* close = "", double scale = 1.0, int decimals = 3) {
    return {name, [=](const std::vector<Sample>& rows) {
                return lines(QByteArray("time (s),lat,lon,").replace(',', between) + head + between + "amps\n",
                             rows, [=](const Sample& s) {
                                 QByteArrayList cells;
                                 for (const double off : {0.01, 0.0, -0.03, 0.02})
                                     cells << number(scale * (0.25 * s.volts + off), decimals);
                                 const QByteArray list = open + cells.join(separator) + close;
                                 QByteArray row = number(s.t, 1) + "," + place(s) + ",";
                                 row.replace(',', between);
                                 return row + list + between + number(s.amps, 2);
                             });
            }};
}

/// Four quantities, each made a text by its name, its value and all rows.
template <class Make>
QByteArray in_series(const std::vector<Sample>& rows, const Make& make) {
    using Value = std::function<QByteArray(const Sample&)>;
    const Value latitude = [](const Sample& s) { return number(s.latitude, 7); };
    const Value longitude = [](const Sample& s) { return number(s.longitude, 7); };
    const Value volts = [](const Sample& s) { return number(s.volts, 3); };
    const Value amps = [](const Sample& s) { return number(s.amps, 3); };
    return "[" + make("lat", latitude, rows) + "," + make("lon", longitude, rows) + "," +
           make("volts", volts, rows) + "," + make("amps", amps, rows) + "]";
}

std::vector<Way> lists_of_cells() {
    return {
        celled("cells by blanks", "cells", ',', " "),
        celled("cells by commas, in quotes", "Cells (V)", ',', ",", "\"", "\""),
        celled("cells by commas in brackets", "cell_voltages", ';', ", ", "[", "]"),
        celled("cells by semicolons in brackets", "cells", ',', ";", "[", "]"),
        celled("cells by slashes", "LiPo volts", '\t', "/"),
        celled("cells by bars", "cells", ',', "|"),
        celled("cells with their unit", "cells", ';', "V ", "", "V"),
        celled("cells in millivolts", "cells [mV]", ',', " ", "", "", 1000.0, 0),
        celled("places of cells that the pack has not", "cells", ',', " ", "", " 0.00 0.00"),
        celled("columns by carets", "cells", '^', " "),
        celled("columns by tildes", "cells", '~', ";"),
    };
}

/// Degrees and minutes in one number, with a letter behind: "5112.34567N", "00306.12345E".
QByteArray receivers_angle(double degrees, int digits, const char* letters) {
    const double whole_degrees = std::floor(std::abs(degrees));
    QByteArray text = QByteArray::number(int(whole_degrees)).rightJustified(digits, '0');
    text += number(60.0 * (std::abs(degrees) - whole_degrees), 5).rightJustified(8, '0');
    return text + letters[degrees < 0.0 ? 1 : 0];
}

std::vector<Way> blocks_and_kinds() {
    const auto block = [](const Sample& s, const char* sign, const char* unit_v, const char* unit_a) {
        return QByteArray("Time") + sign + clock(moment(s).time()).replace(',', '.') + "\nVoltage" + sign +
               number(s.volts, 3) + unit_v + "\nCurrent" + sign + number(s.amps, 3) + unit_a + "\nLatitude" + sign +
               number(s.latitude, 7) + "\nLongitude" + sign + number(s.longitude, 7) + "\n";
    };
    return {
        {"a reading a line, empty lines between records",
         [=](const auto& rows) {
             return lines({}, rows, [=](const Sample& s) { return block(s, ": ", " V", " A"); });
         }},
        {"a reading a line, nothing between records",
         [=](const auto& rows) {
             return lines(
                 "Recorder 3\n", rows, [=](const Sample& s) { return block(s, " = ", "", ""); }, "");
         }},
        {"sections of settings",
         [=](const auto& rows) {
             int row = 0;
             return lines({}, rows, [&row, &block](const Sample& s) {
                 return "[sample_" + QByteArray::number(row++) + "]\n" + block(s, "=", "", "");
             });
         }},
        {"a list of YAML",
         [](const auto& rows) {
             return lines("---\nsamples:\n", rows, [](const Sample& s) {
                 return "  - time: " + number(s.t, 1) + "\n    volts: " + number(s.volts, 3) +
                        "\n    amps: " + number(s.amps, 3) + "\n    lat: " + number(s.latitude, 7) +
                        "\n    lon: \"" + number(s.longitude, 7) + "\"";
             });
         }},
        {"names in single quotes",
         [](const auto& rows) {
             return lines({}, rows, [](const Sample& s) {
                 return "{'t': " + number(s.t, 1) + ", 'volts': " + number(s.volts, 3) +
                        ", 'amps': " + number(s.amps, 3) + ", 'lat': " + number(s.latitude, 7) +
                        ", 'lon': " + number(s.longitude, 7) + ", 'mode': 'AUTO'}";
             });
         }},
        {"kinds with a header each",
         [](const auto& rows) {
             return lines("#GPS,time_ms,lat,lon,sats\n#BAT,time_ms,volts,amps\n", rows, [](const Sample& s) {
                 return "GPS," + whole({1000.0 * s.t}) + "," + place(s) + ",14\nBAT," +
                        whole({1000.0 * s.t + 20.0}) + "," + volts_and_amps(s);
             });
         }},
        {"a remark that names the columns, and one their units",
         [](const auto& rows) {
             return lines("# recorder 3\n# columns: time voltage current lat lon\n# units: s mV A deg deg\n", rows,
                          [](const Sample& s) {
                              return number(s.t, 1) + " " + whole({1000.0 * s.volts}) + " " + number(s.amps, 3) +
                                     " " + number(s.latitude, 7) + " " + number(s.longitude, 7);
                          });
         }},
        {"a receiver's angles, west of Greenwich",
         [](const auto& rows) {
             return lines("Time;Volts;Amps;Lat;Lon\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + ";" + number(s.volts, 3) + ";" + number(s.amps, 3) + ";" +
                        receivers_angle(s.latitude, 2, "NS") + ";" + receivers_angle(s.longitude - 6.0, 3, "EW");
             });
         }},
        {"the current of the speed controller alone",
         [](const auto& rows) {
             return lines("Time,ESC Voltage (V),ESC Current (A),ESC Temp (C),Lat,Lon\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + volts_and_amps(s) + ",41," + place(s);
             });
         }},
        {"minutes and seconds as written by hand",
         [](const auto& rows) {
             return lines("Elapsed;Volts;Amps;Lat;Lon\n", rows, [](const Sample& s) {
                 return QByteArray::number(int(s.t) / 60) + "'" +
                        number(std::fmod(s.t, 60.0), 1).rightJustified(4, '0') + ";" + number(s.volts, 3) + ";" +
                        number(s.amps, 3) + ";" + number(s.latitude, 7) + ";" + number(s.longitude, 7);
             });
         }},
        {"seconds and their microseconds apart",
         [](const auto& rows) {
             return lines("tv_usec,tv_sec,volts,amps,lat,lon\n", rows, [](const Sample& s) {
                 const double whole_s = std::floor(s.t);
                 return whole({1e6 * (s.t - whole_s)}) + "," + whole({1'778'750'000.0 + whole_s}) + "," +
                        volts_and_amps(s) + "," + place(s);
             });
         }},
        {"a date with whole seconds and milliseconds apart",
         [](const auto& rows) {
             return lines("Date;ms;Volts;Amps;Lat;Lon\n", rows, [](const Sample& s) {
                 const auto at = QDateTime(QDate(2026, 5, 14), QTime(9, 30), Qt::UTC).addSecs(qint64(s.t));
                 return at.toString(QStringLiteral("dd.MM.yyyy HH:mm:ss")).toUtf8() + ";" +
                        whole({1e3 * (s.t - std::floor(s.t))}) + ";" + number(s.volts, 3) + ";" +
                        number(s.amps, 3) + ";" + number(s.latitude, 7) + ";" + number(s.longitude, 7);
             });
         }},
        {"degrees and minutes in columns of their own, in the south-west",
         [](const auto& rows) {
             return lines("Time,LatDeg,LatMin,N/S,LonDeg,LonMin,LonSec,Volts,Amps\n", rows, [](const Sample& s) {
                 const double west = 20.0 - s.longitude;
                 const double minutes = 60.0 * std::fmod(west, 1.0);
                 return number(s.t, 1) + "," + whole({std::floor(s.latitude)}) + "," +
                        number(60.0 * std::fmod(s.latitude, 1.0), 6) + ",S,-" + whole({std::floor(west)}) + "," +
                        whole({std::floor(minutes)}) + "," + number(60.0 * std::fmod(minutes, 1.0), 4) + "," +
                        volts_and_amps(s);
             });
         }},
        {"a table of statistics, whose rows have numbers",
         [](const auto& rows) {
             int row = 0;
             return lines("\"time.s.\" \"lat\" \"lon\" \"volts\" \"amps\"\n", rows, [&](const Sample& s) {
                 return "\"" + QByteArray::number(++row) + "\" " + number(s.t, 1) + " " + number(s.latitude, 7) +
                        " " + number(s.longitude, 7) + " " + number(s.volts, 3) + " " + number(s.amps, 3);
             });
         }},
        {"… without quotes",
         [](const auto& rows) {
             int row = 0;
             return lines("time,lat,lon,volts,amps\n", rows, [&](const Sample& s) {
                 return QByteArray::number(++row) + "," + number(s.t, 1) + "," + place(s) + "," + volts_and_amps(s);
             });
         }},
        {"volts of the pack, and of a cell in brackets",
         [](const auto& rows) {
             return lines("Time,Battery,Current,Lat,Lon\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + "," + number(s.volts, 3) + " V (" + number(s.volts / 4.0, 2) +
                        " V/cell)," + number(s.amps, 3) + " A," + place(s);
             });
         }},
        {"microseconds as many as the seconds since 1970",
         [](const auto& rows) {
             return lines("timestamp,volts,amps,lat,lon\n", rows, [](const Sample& s) {
                 return whole({1e6 * s.t + 1.1e9}) + "," + volts_and_amps(s) + "," + place(s);
             });
         }},
        {"milliseconds of sixteen bits",
         [](const auto& rows) {
             return lines("ms,volts,amps,speed (m/s),lat,lon\n", rows, [](const Sample& s) {
                 return whole({std::fmod(1000.0 * s.t, 65536.0)}) + "," + volts_and_amps(s) + "," +
                        number(s.speed, 3) + "," + place(s);
             });
         }},
        {"days without their year, as devices write their own logs",
         [](const auto& rows) {
             return lines("Time,Volts,Amps,Lat,Lon\n", rows, [](const Sample& s) {
                 const auto at =
                     QDateTime(QDate(2026, 12, 31), QTime(23, 55), Qt::UTC).addMSecs(qint64(1000.0 * s.t));
                 return at.toString(QStringLiteral("MM-dd HH:mm:ss.zzz")).toUtf8() + "," + volts_and_amps(s) + "," +
                        place(s);
             });
         }},
        {"… with the month's name",
         [](const auto& rows) {
             return lines("Time,Volts,Amps,Lat,Lon\n", rows, [](const Sample& s) {
                 const auto at = QDateTime(QDate(2026, 5, 4), QTime(9, 30), Qt::UTC).addMSecs(qint64(1000.0 * s.t));
                 return "May  4 " + at.toString(QStringLiteral("HH:mm:ss.zzz")).toUtf8() + "," + volts_and_amps(s) +
                        "," + place(s);
             });
         }},
        {"the minus of typesetters",
         [](const auto& rows) {
             return lines("Time;Volts;Amps;Lat;Lon\n", rows, [](const Sample& s) {
                 return number(s.t, 1) + ";" + number(s.volts, 3) + ";" + number(s.amps, 3) + ";\u2212" +
                        number(s.latitude, 7) + ";\u2212" + number(s.longitude, 7);
             });
         }},
        {"figures of another script",
         [](const auto& rows) {
             const auto arabic = [](QByteArray text) {
                 for (char digit = '0'; digit <= '9'; ++digit)
                     text.replace(digit, QByteArray("\xD9") + char(0xA0 + (digit - '0')));
                 return text.replace(".", "\u066B");
             };
             return lines("Time;Volts;Amps;Lat;Lon\n", rows, [&](const Sample& s) {
                 return arabic(number(s.t, 1) + ";" + number(s.volts, 3) + ";" + number(s.amps, 3) + ";" +
                               number(s.latitude, 7) + ";" + number(s.longitude, 7));
             });
         }},
        {"points between thousands, and no decimals at all",
         [](const auto& rows) {
             const auto grouped = [](double value) {
                 QByteArray text = whole({std::abs(value)});
                 for (auto at = text.size() - 3; at > 0; at -= 3) text.insert(at, '.');
                 return value < 0.0 ? "-" + text : text;
             };
             return lines("Zeit (ms);Spannung (mV);Strom (mA);Breite (1e7);Laengengrad (1e7)\n", rows,
                          [&](const Sample& s) {
                              return grouped(1000.0 * s.t) + ";" + grouped(1000.0 * s.volts) + ";" +
                                     grouped(1000.0 * s.amps) + ";" + grouped(1e7 * s.latitude) + ";" +
                                     grouped(1e7 * (s.longitude - 20.0));
                          });
         }},
        {"an hour of the day beside its date",
         [](const auto& rows) {
             return lines("Date,UTC hour,Volts,Amps,Lat,Lon\n", rows, [](const Sample& s) {
                 return "2026-05-14," + number(16.5 + s.t / 3600.0, 7) + "," + volts_and_amps(s) + "," + place(s);
             });
         }},
        {"minutes that only their name tells",
         [](const auto& rows) {
             return lines("Elapsed minutes,Volts,Amps,Lat,Lon\n", rows, [](const Sample& s) {
                 return number(s.t / 60.0, 6) + "," + volts_and_amps(s) + "," + place(s);
             });
         }},
        {"a timer that counts down, with a counter",
         [](const auto& rows) {
             return lines("Timer,Volts,Amps,mAh,Lat,Lon\n", rows, [](const Sample& s) {
                 const double left = 1500.0 - s.t;
                 return QByteArray::number(int(left) / 60) + ":" +
                        number(std::fmod(left, 60.0), 1).rightJustified(4, '0') + "," + volts_and_amps(s) + "," +
                        number(s.mah, 1) + "," + place(s);
             });
         }},
        {"a timer that counts down, with volts alone",
         [](const auto& rows) {
             return lines("Timer (s),Volts,Amps,Lat,Lon\n", rows, [](const Sample& s) {
                 return number(1500.0 - s.t, 1) + "," + volts_and_amps(s) + "," + place(s);
             });
         }},
        {"a track whose extensions have attributes",
         [](const auto& rows) {
             QByteArray text("<?xml version=\"1.0\"?><gpx version=\"1.1\" xmlns:t=\"urn:t\"><trk><trkseg>\n");
             for (const Sample& s : rows)
                 text += "<trkpt lat=\"" + number(s.latitude, 7) + "\" lon=\"" + number(s.longitude, 7) +
                         "\"><time>" + iso(s) + "</time><extensions><t:pack volts=\"" + number(s.volts, 3) +
                         "\" amps=\"" + number(s.amps, 3) + "\"/></extensions></trkpt>\n";
             return text + "</trkseg></trk></gpx>\n";
         }},
        {"series of a dashboard, the value before its moment",
         [](const auto& rows) {
             return in_series(rows, [](const char* name, const auto& value, const auto& all) {
                 return QByteArray("{\"target\": \"") + name + "\", \"datapoints\": [" +
                        joined(all, ",",
                               [&](const Sample& s) {
                                   return "[" + value(s) + "," + number(double(moment(s).toMSecsSinceEpoch()), 0) +
                                          "]";
                               }) +
                        "]}";
             });
         }},
        {"series of a monitor, moments before values that are texts",
         [](const auto& rows) {
             return "{\"status\": \"success\", \"data\": {\"result\": " +
                    in_series(rows,
                              [](const char* name, const auto& value, const auto& all) {
                                  return QByteArray("{\"metric\": {\"__name__\": \"") + name +
                                         "\", \"job\": \"air\"}, \"values\": [" +
                                         joined(all, ",",
                                                [&](const Sample& s) {
                                                    return "[" + number(1778776867.0 + s.t, 1) + ",\"" + value(s) +
                                                           "\"]";
                                                }) +
                                         "]}";
                              }) +
                    "}}";
         }},
        {"objects over several lines each, one behind the other",
         [](const auto& rows) {
             return joined(rows, "\n", [](const Sample& s) {
                 return "{\n  \"time\": \"" + iso(s) + "\",\n  \"lat\": " + number(s.latitude, 7) +
                        ",\n  \"lon\": " + number(s.longitude, 7) + ",\n  \"volts\": " + number(s.volts, 3) +
                        ",\n  \"amps\": " + number(s.amps, 3) + "\n}";
             });
         }},
        {"a row of JSON a line, the names in the first",
         [](const auto& rows) {
             return lines("[\"time\", \"lat\", \"lon\", \"volts\", \"amps\"]\n", rows, [](const Sample& s) {
                 return "[" + number(s.t, 1) + ", " + place(s) + ", " + volts_and_amps(s) + "]";
             });
         }},
        {"series of moments and values",
         [](const auto& rows) {
             return in_series(rows, [](const char* name, const auto& value, const auto& all) {
                 return QByteArray("{\"name\": \"") + name + "\", \"x\": [" +
                        joined(all, ",", [](const Sample& s) { return "\"" + iso(s) + "\""; }) + "], \"y\": [" +
                        joined(all, ",", [&](const Sample& s) { return value(s); }) + "]}";
             });
         }},
        {"channels with units, one of them the time",
         [](const auto& rows) {
             const QByteArray series = in_series(rows, [](const char* name, const auto& value, const auto& all) {
                 return QByteArray("{\"name\": \"") + name + "\", \"data\": [" +
                        joined(all, ",", [&](const Sample& s) { return value(s); }) + "]}";
             });
             return "{\"channels\": " + series.chopped(1) + ",{\"name\": \"time\", \"unit\": \"ms\", \"data\": [" +
                    joined(rows, ",", [](const Sample& s) { return number(1000.0 * s.t, 0); }) + "]}]}";
         }},
        {"an old desktop's characters",
         [](const auto& rows) {
             return lines(
                 "Heure;Tension;Intensit\x8E;Latitude;Longitude\r", rows,
                 [](const Sample& s) {
                     return number(s.t, 1) + ";" + number(s.volts, 3) + ";" + number(s.amps, 3) + ";" +
                            number(s.latitude, 7) + ";" + number(s.longitude, 7);
                 },
                 "\r");
         }},
    };
}

std::vector<Way> all_ways() {
    std::vector<Way> ways = delimited_ways();
    for (Way& each : blocks_and_kinds()) ways.push_back(std::move(each));
    for (Way& each : other_ways()) ways.push_back(std::move(each));
    for (Way& each : laid_down()) ways.push_back(std::move(each));
    for (Way& each : languages()) ways.push_back(std::move(each));
    for (Way& each : lists_of_cells()) ways.push_back(std::move(each));
    return ways;
}

} // namespace

class ForeignLogsTest : public QObject {
    Q_OBJECT
private slots:
    void eachIsTheSameFlight_data();
    void eachIsTheSameFlight();
    void theLogsOwnSpeedTellsWhichComesFirst();
    void aChargedPackIsNotTurnedRound();
    void rowsOfOneKindAreFilledFromTheirNeighbours();
    void rowsAreNoCounter();
    void anAttitudeIsNoPlace();
    void lettersBesideDegreesMakeNoMinutes();
    void manyNamesAreBounded();
    void unitsWithAFactorAreSaidAndTaken();
    void commasAreDecimalsWhereNothingSaysOtherwise();
    void cellsOfAPackInOneCell();
    void aColumnCountsTheCells();
    void whatTheControllerDrawsIsNotThePacksInTheSun();
    void aDocumentIsReadToTheCut();
    void linesAmongReadingsAreSaid_data();
    void linesAmongReadingsAreSaid();
    void whatIsNoLogIsRefused();

private:
    std::string file(const char* name, const QByteArray& text) const {
        QFile made(folder_.filePath(QLatin1String(name)));
        if (!made.open(QIODevice::WriteOnly)) return {};
        made.write(text);
        return made.fileName().toStdString();
    }
    QTemporaryDir folder_;
};

void ForeignLogsTest::eachIsTheSameFlight_data() {
    QTest::addColumn<int>("index");
    const auto ways = all_ways();
    for (int i = 0; i < int(ways.size()); ++i) QTest::addRow("%s", ways[std::size_t(i)].name) << i;
}

void ForeignLogsTest::eachIsTheSameFlight() {
    QFETCH(int, index);
    const Way way = all_ways()[std::size_t(index)];
    Truth truth;
    const auto rows = made_flight(truth);
    const auto log = io::read_log(file("foreign.txt", way.text(rows)));
    QVERIFY2(log, qPrintable(QString::number(log ? 0 : int(log.error().code))));
    const auto clean = telemetry::clean(*log);
    QVERIFY(clean);
    const auto summary = telemetry::summarise(*clean);
    QVERIFY(summary);
    constexpr double within = 0.01;
    VERIFY_NEAR(summary->duration_s, truth.duration_s, within * truth.duration_s);
    QVERIFY(summary->distance.ground_m);
    VERIFY_NEAR(summary->distance.ground_m->value, truth.way_m, within * truth.way_m);
    const auto charge = telemetry::charge_used_ah(*summary);
    QCOMPARE(charge.has_value(), way.has_charge);
    if (charge) VERIFY_NEAR(charge->value, truth.charge_ah, within * truth.charge_ah);
    QCOMPARE(summary->energy.energy_wh.has_value(), way.has_energy);
    if (way.has_energy) VERIFY_NEAR(summary->energy.energy_wh->value, truth.energy_wh, within * truth.energy_wh);
}

/// Two numbers that nothing names: only in the right order are the places of a circle as far apart as the speed
/// takes them; no latitude is beyond 90°. Where neither tells, latitude comes first (ISO 6709).
void ForeignLogsTest::theLogsOwnSpeedTellsWhichComesFirst() {
    const auto read = [&](double longitude, bool longitude_first, bool with_speed) {
        QByteArray text("time,position,speed (m/s),volts\n");
        for (int i = 0; i < 600; ++i) {
            const double angle = 15.0 * i / 500.0;
            const QByteArray north = number(52.0 + 500.0 * std::sin(angle) / 111195.0, 7);
            const QByteArray east =
                number(longitude + 500.0 * std::cos(angle) / 111195.0 / std::cos(52.0 * M_PI / 180.0), 7);
            text += number(i, 0) + ",\"" + (longitude_first ? east + " " + north : north + " " + east) + "\"," +
                    (with_speed ? "15.0" : "") + "," + number(16.2 - i * 1e-3, 2) + "\n";
        }
        return *io::read_log(file("pair.csv", text));
    };
    for (const bool longitude_first : {false, true}) {
        const auto told = read(31.0, longitude_first, true);
        VERIFY_NEAR((*told)[Channel::latitude_deg][100], 52.0, 0.1);
        const auto far = read(131.0, longitude_first, false);
        VERIFY_NEAR((*far)[Channel::latitude_deg][100], 52.0, 0.1);
    }
    const auto guessed = read(31.0, false, false);
    VERIFY_NEAR((*guessed)[Channel::latitude_deg][100], 52.0, 0.1);
}

/// An array gives more than the flight takes: what flows into the pack stays negative.
void ForeignLogsTest::aChargedPackIsNotTurnedRound() {
    Truth truth;
    const auto rows = made_flight(truth);
    const auto current_of = [&](const QByteArray& text) {
        const auto log = io::read_log(file("sun.csv", text));
        return (*telemetry::clean(*log)).raw->columns[std::size_t(Channel::current_a)].at(20);
    };
    const auto line = [](double volts_up, const char* more) {
        return [=](const Sample& s) {
            return number(s.t, 1) + "," + place(s) + "," + number(15.0 + volts_up * s.t, 3) + "," +
                   number(-s.amps, 3) + more;
        };
    };
    QVERIFY(current_of(lines(plain_head, rows, line(0.002, ""))) < 0.0);
    QVERIFY(current_of(lines("time,lat,lon,volts,amps,array current (A)\n", rows, line(-0.001, ",9.5"))) < 0.0);
    QVERIFY(current_of(lines(plain_head, rows, line(-0.001, ""))) > 0.0);
}

/// Places and volts in rows of their own, half a second apart: every row gets both. A channel that is missing for
/// long in one piece stays missing.
void ForeignLogsTest::rowsOfOneKindAreFilledFromTheirNeighbours() {
    Truth truth;
    const auto rows = made_flight(truth);
    int row = 0;
    const auto log = io::read_log(
        file("own.csv", lines("time,lat,lon,volts,heading\n", rows, [&row](const Sample& s) {
                 const bool places = row++ % 2 == 0;
                 const double heading = std::fmod(359.0 + 2.0 * row, 360.0);
                 return number(s.t, 1) + "," +
                        (places ? place(s) + ",," + number(heading, 1) : ",," + number(s.volts, 3) + ",");
             })));
    QVERIFY(log);
    const auto& volts = (**log)[Channel::voltage_v];
    const auto& heading = (**log)[Channel::heading_deg];
    for (std::size_t i = 1; i + 1 < rows.size(); ++i) {
        QVERIFY(std::isfinite(volts[i]) && std::isfinite((**log)[Channel::latitude_deg][i]));
        VERIFY_NEAR(volts[i], rows[i].volts, 0.02);
        QVERIFY(heading[i] >= 0.0 && heading[i] < 360.0);
    }
    // Between 359° and 3° lies 1°, not 181°.
    VERIFY_NEAR(std::remainder(heading[1] - heading[0] - 2.0, 360.0), 0.0, 1e-6);

    row = 0;
    const auto gap = io::read_log(file("gap.csv", lines("time,lat,lon,volts\n", rows, [&row](const Sample& s) {
                                           const bool missing = ++row > 300 && row < 800;
                                           return number(s.t, 1) + "," + place(s) + "," +
                                                  (missing ? QByteArray() : number(s.volts, 3));
                                       })));
    QVERIFY(gap);
    QVERIFY(!std::isfinite((**gap)[Channel::voltage_v][500]));
}

void ForeignLogsTest::rowsAreNoCounter() {
    Truth truth;
    int row = 0;
    const auto text = lines(",time,lat,lon,volts\n", made_flight(truth), [&row](const Sample& s) {
        return QByteArray::number(row++) + "," + number(s.t, 1) + "," + place(s) + "," + number(s.volts, 3);
    });
    const auto log = io::read_log(file("rows.csv", text));
    QVERIFY(log);
    QVERIFY(!(*log)->has(Channel::charge_ah));
}

/// Smooth, of many decimals, within a degree: and yet no way that anything flies.
void ForeignLogsTest::anAttitudeIsNoPlace() {
    Truth truth;
    const auto text = lines("time,q0,q1,volts,amps\n", made_flight(truth), [](const Sample& s) {
        return number(s.t, 1) + "," + number(0.8 + 0.02 * std::sin(s.t / 5.0), 6) + "," +
               number(0.6 + 0.03 * std::cos(s.t / 4.0), 6) + "," + volts_and_amps(s);
    });
    const auto log = io::read_log(file("attitude.csv", text));
    QVERIFY(log);
    QVERIFY(!(*log)->has(Channel::latitude_deg));
    QVERIFY((*log)->has(Channel::voltage_v));
}

/// Decimal degrees have letters beside them, too; the number itself tells, or the other half of the pair.
void ForeignLogsTest::lettersBesideDegreesMakeNoMinutes() {
    const auto first = [&](const char* cells) {
        const QByteArray line =
            QByteArray("time,lat,ns,lon,ew\n0,") + cells + "\n1," + cells + "\n2," + cells + "\n";
        const auto log = io::read_log(file("letters.csv", line));
        if (!log || !(*log)->has(Channel::latitude_deg)) return std::pair(0.0, 0.0);
        return std::pair((**log)[Channel::latitude_deg][0], (**log)[Channel::longitude_deg][0]);
    };
    const auto near = [](std::pair<double, double> at, double latitude, double longitude) {
        return std::abs(at.first - latitude) < 1e-6 && std::abs(at.second - longitude) < 1e-6;
    };
    QVERIFY(near(first("47.25,N,71.3,W"), 47.25, -71.3));
    QVERIFY(near(first("33.5,S,-71.3,W"), -33.5, -71.3)); // the minus said twice
    QVERIFY(near(first("4715.0000,N,07118.0000,W"), 47.25, -71.3));
    // Beside the equator: leading zeros, or the longitude beside it, are a receiver's.
    QVERIFY(near(first("0015.0000,S,00018.0000,E"), -0.25, 0.3));
    QVERIFY(near(first("15.0000,S,3618.0000,E"), -0.25, 36.3));
    QVERIFY(near(first("15.0000,S,36.3000,E"), -15.0, 36.3));
    // Seconds that were rounded up.
    QVERIFY(near(first("\"47°14'60.0\"\"\",N,71°18'00.0,W"), 47.25, -71.3));
}

/// What has another name in every row is no log; it takes neither minutes nor gigabytes to find that out.
void ForeignLogsTest::manyNamesAreBounded() {
    constexpr int rows = 20000;
    QByteArray objects;
    QByteArray keys;
    for (int i = 0; i < rows; ++i) {
        const QByteArray number = QByteArray::number(i);
        objects += "{\"k" + number + "\": 1, \"time\": " + number + ", \"volts\": 16.1}\n";
        keys += ", \"k" + number + "\": 1";
    }
    const auto head = io::read_head_of_log(file("names.jsonl", objects));
    QVERIFY(head);
    // Of 20 002 names as many as make 2^25 cells, and a column that stands for the others.
    QCOMPARE(head->columns.size(), std::size_t((1 << 25) / rows + 1));
    QCOMPARE(head->columns.back().header, std::string("k1675, … (18325)"));
    const auto log = io::read_log(file("names.jsonl", objects));
    QVERIFY(log);
    QVERIFY((*log)->has(Channel::time_s) && (*log)->has(Channel::voltage_v));
    QCOMPARE((*log)->rows(), std::size_t(rows));
    // One object with as many keys.
    const auto wide = io::read_log(
        file("keys.json", "[{\"time\": 0, \"volts\": 16.1" + keys + "}, {\"time\": 1, \"volts\": 16.0}]"));
    QVERIFY(wide);
    QCOMPARE((*wide)->rows(), std::size_t(2));
    // A track with ever new extensions names a few of them, and how many more there are.
    QByteArray points;
    for (int i = 0; i < 300; ++i) {
        QByteArray extensions;
        for (int k = 0; k < 10; ++k) {
            const QByteArray name = "k" + QByteArray::number(10 * i + k);
            extensions += "<" + name + ">1</" + name + ">";
        }
        points += "<trkpt lat='47.1' lon='11." + QByteArray::number(10000 + i) + "'><time>2026-05-14T10:0" +
                  QByteArray::number(i / 60) + ":" + QByteArray::number(i % 60).rightJustified(2, '0') +
                  "Z</time><extensions>" + extensions + "</extensions></trkpt>";
    }
    const auto track =
        io::read_log(file("names.gpx", "<gpx version='1.1'><trk><trkseg>" + points + "</trkseg></trk></gpx>"));
    QVERIFY(track);
    const auto unused = [](const units::Diagnostic& each) {
        return each.code == units::DiagnosticCode::column_not_understood;
    };
    QCOMPARE(std::count_if((*track)->diagnostics.begin(), (*track)->diagnostics.end(), unused), 7);
    QCOMPARE(std::get<double>((*track)->diagnostics.back().parameters[1].value), 2994.0);
    // Twenty thousand columns of one name: each can be said by a name of its own.
    const auto same =
        io::read_head_of_log(file("same.csv", "time;" + QByteArray("a;").repeated(rows) + "\n" +
                                                  (QByteArray("1;").repeated(rows + 1) + "\n").repeated(3)));
    QVERIFY(same);
    std::set<std::string> labels;
    for (const auto& column : same->columns) labels.insert(column.header);
    QVERIFY(labels.size() >= same->columns.size() - 1); // what ends a line has none
}

/// What "Columns…" says of such a column is what a choice may say back.
void ForeignLogsTest::unitsWithAFactorAreSaidAndTaken() {
    Truth truth;
    const auto rows = made_flight(truth);
    const auto text = lines("tick_10ms,lat,lon,volts (0.5 V),mAh (10 mAh)\n", rows, [](const Sample& s) {
        return QByteArray::number(qint64(s.t * 100.0)) + "," + place(s) + "," + number(s.volts, 3) + "," +
               number(s.mah / 10.0, 2);
    });
    const std::string path = file("factors.csv", text);
    const auto head = io::read_csv_head(path);
    QVERIFY(head);
    VERIFY_NEAR(head->columns[0].scale, 0.01, 1e-12);
    // Half a volt is no unit: what is in the brackets is passed over.
    VERIFY_NEAR(head->columns[3].scale, 1.0, 1e-12);
    VERIFY_NEAR(head->columns[4].scale, 0.01, 1e-12);
    const telemetry::ColumnChoice said = io::choice_of(head->columns[0]);
    QCOMPARE(said.unit, std::string("cs"));
    QCOMPARE(io::choice_of(head->columns[4]).unit, std::string("10 mAh"));
    const auto again = io::read_csv_head(path, {said});
    QVERIFY(again);
    VERIFY_NEAR(again->columns[0].scale, 0.01, 1e-12);
}

void ForeignLogsTest::commasAreDecimalsWhereNothingSaysOtherwise() {
    // Three decimals behind a comma, everywhere: no thousands.
    const QByteArray text("Zeit;Spannung;Strom\n0,000;16,723;5,100\n0,500;16,719;5,230\n1,000;16,701;"
                          "5,310\n1,500;16,698;5,290\n2,000;16,690;5,300\n2,500;16,688;5,290\n");
    const auto log = io::read_log(file("commas.csv", text));
    QVERIFY(log);
    VERIFY_NEAR((**log)[Channel::voltage_v].at(1), 16.719, 1e-9);
    VERIFY_NEAR((**log)[Channel::current_a].at(2), 5.31, 1e-9);
    VERIFY_NEAR((**log)[Channel::time_s].back(), 2.5, 1e-9);
}

void ForeignLogsTest::cellsOfAPackInOneCell() {
    const auto read = [&](const QByteArray& head, const QByteArray& list) {
        QByteArray text("time (s)," + head + ",amps\n");
        for (int i = 0; i < 60; ++i)
            text += number(i, 0) + "," + list + "," + number(8.0 + 0.1 * (i % 5), 1) + "\n";
        return io::read_log(file("cells.csv", text));
    };
    const auto both = read("cells", "4.05 4.04 3.98 4.06");
    QVERIFY(both);
    VERIFY_NEAR((**both)[Channel::voltage_v][7], 16.13, 1e-9);
    VERIFY_NEAR((**both)[Channel::cell_voltage_v][7], 3.98, 1e-9);
    // The pack's own column stays; only the weakest cell is news.
    const auto beside = read("pack (V),cells", "16.40,4.05 4.04 3.98 4.06");
    QVERIFY(beside);
    VERIFY_NEAR((**beside)[Channel::voltage_v][7], 16.40, 1e-9);
    VERIFY_NEAR((**beside)[Channel::cell_voltage_v][7], 3.98, 1e-9);
    // Neither counts, nor places, nor a pack's two rows of figures are cells.
    for (const char* other : {"4 4 4 4", "12.1 3.9 4.0", "4,2", "1.2 0.9", "4.05 x 4.04"}) {
        const auto none = read("cells", QByteArray("\"") + other + "\"");
        QVERIFY2(!none || !(*none)->has(Channel::cell_voltage_v) || !(*none)->has(Channel::voltage_v), other);
    }
    // A row without a reading is one without volts, not one that cannot be read.
    QByteArray gaps("time (s),cells,amps\n0,0.00 0.00 0.00,8\n");
    for (int i = 1; i < 60; ++i) gaps += number(i, 0) + ",4.05 4.04 3.98," + number(8.0 + 0.1 * (i % 5), 1) + "\n";
    const auto late = io::read_log(file("late.csv", gaps));
    QVERIFY(late);
    QCOMPARE((*late)->rows(), std::size_t(60));
    QVERIFY(!std::isfinite((**late)[Channel::voltage_v][0]));
    VERIFY_NEAR((**late)[Channel::voltage_v][1], 12.07, 1e-9);
}

void ForeignLogsTest::aColumnCountsTheCells() {
    const auto read = [&](const QByteArray& head, const QByteArray& cells) {
        QByteArray text("time (s),amps," + head + "\n");
        for (int i = 0; i < 60; ++i)
            text += number(i, 0) + "," + number(8.0 + 0.1 * (i % 5), 1) + "," + number(4.05 - 0.002 * i, 3) + "," +
                    cells + "\n";
        return io::read_log(file("counted.csv", text));
    };
    for (const char* head : {"Cell avg (V),Cells", "cell voltage,cell count", "Cell (V),n cells", "cellV,series"}) {
        const auto log = read(head, "4");
        QVERIFY2(log, head);
        QVERIFY2((*log)->series == 4, head);
        QVERIFY2(!(*log)->has(Channel::voltage_v), head);
        const auto summary = telemetry::summarise(*telemetry::clean(*log));
        VERIFY_NEAR(*summary->energy.highest_voltage_v, 16.2, 1e-9);
        QVERIFY2(summary->energy.energy_wh.has_value(), head);
    }
    // Beside the pack's own volts a count is no cell's volts.
    const auto own = read("pack (V),cells", "4");
    QVERIFY(own && !(*own)->has(Channel::cell_voltage_v));
    // What is a cell's volts is no count: written as volts, changing, or of no pack.
    QByteArray text("time (s),amps,pack (V),cells\n");
    for (int i = 0; i < 60; ++i) text += number(i, 0) + ",8.1,16.2," + number(4.05 - 0.002 * i, 3) + "\n";
    const auto volts = io::read_log(file("volts.csv", text));
    QVERIFY(volts && (*volts)->has(Channel::cell_voltage_v) && !(*volts)->series);
    QVERIFY(!(*read("cell voltage,cells", "4012"))->series);
    QVERIFY(!(*read("cell voltage,cells (V)", "4"))->series);
}

/// With an array on the aircraft the motors' current comes from two places; beside a pack's own current it is no
/// news.
void ForeignLogsTest::whatTheControllerDrawsIsNotThePacksInTheSun() {
    const auto read = [&](const QByteArray& head) {
        QByteArray text("time (s),volts," + head + "\n");
        for (int i = 0; i < 60; ++i)
            text += number(i, 0) + "," + number(16.2 - 0.002 * i, 3) + "," + number(8.0 + 0.1 * (i % 5), 1) + "," +
                    number(3.0 + 0.1 * (i % 3), 1) + "\n";
        return io::read_log(file("sun.csv", text));
    };
    const auto alone = read("ESC Current (A),Temp (C)");
    QVERIFY(alone && (*alone)->has(Channel::current_a) && !(*alone)->has(Channel::motor_current_a));
    const auto sunny = read("ESC Current (A),Solar Current (A)");
    QVERIFY(sunny && !(*sunny)->has(Channel::current_a) && (*sunny)->has(Channel::motor_current_a));
    const auto beside = read("ESC Current (A),Pack Current (A)");
    QVERIFY(beside && (*beside)->has(Channel::motor_current_a));
    VERIFY_NEAR((**beside)[Channel::current_a][0], 3.0, 1e-9);
}

void ForeignLogsTest::aDocumentIsReadToTheCut() {
    QByteArray text("{\"craft\": \"a } [ \\\" b\", \"rows\": [");
    for (int i = 0; i < 9; ++i)
        text += "{\"t\": " + QByteArray::number(i) + ", \"bat\": {\"volts\": 16.2, \"amps\": 5.1}},\n";
    for (const char* torn : {"{\"t\": 9, \"bat\": {\"volts\": 16.2}", "{\"t\": 9, \"bat\": {\"vol", "{", ""}) {
        const auto log = io::read_log(file("torn.json", text + torn));
        QVERIFY2(log, torn);
        QCOMPARE((*log)->rows(), std::size_t(9));
        const auto& said = (*log)->diagnostics;
        QVERIFY(std::any_of(said.begin(), said.end(),
                            [](const auto& d) { return d.code == DiagnosticCode::records_unreadable; }));
    }
}

void ForeignLogsTest::linesAmongReadingsAreSaid_data() {
    QTest::addColumn<QByteArray>("heading");
    QTest::addColumn<QByteArray>("end");
    QTest::addColumn<double>("unread");
    QTest::addColumn<double>("first");
    // Two lines of a title and a hundred records of five lines each come before the end.
    QTest::addRow("whole") << QByteArray() << QByteArray() << 0.0 << 0.0;
    QTest::addRow("a heading over each record") << QByteArray("Sample ") << QByteArray() << 0.0 << 0.0;
    QTest::addRow("cut in a name") << QByteArray() << QByteArray("Time: 9.0\nVol") << 1.0 << 504.0;
    QByteArray rubbish;
    for (char c = 'a'; c < 'z'; ++c)
        for (char d = 'a'; d < 'i'; ++d) rubbish += QByteArray("\x01") + c + d + "\n";
    QTest::addRow("two hundred lines of rubbish") << QByteArray() << "Time: 9.0\n" + rubbish << 200.0 << 504.0;
}

void ForeignLogsTest::linesAmongReadingsAreSaid() {
    QFETCH(QByteArray, heading);
    QFETCH(QByteArray, end);
    QByteArray text("Recorder 3\n\n");
    for (int i = 0; i < 100; ++i) {
        text += (heading.isEmpty() ? QByteArray() : heading + QByteArray::number(i)) +
                "\nTime: " + QByteArray::number(i) + ".0\nVoltage: 16.2\nCurrent: 5." + QByteArray::number(i) +
                "\nAltitude: 60\n";
    }
    const auto log = io::read_log(file("blocks.txt", text + end));
    QVERIFY(log);
    QVERIFY((*log)->rows() >= 100U);
    const auto& said = (*log)->diagnostics;
    const auto unread = std::find_if(said.begin(), said.end(),
                                     [](const auto& d) { return d.code == DiagnosticCode::records_unreadable; });
    const auto value = [&](std::string_view name) {
        double found = 0.0;
        if (unread == said.end()) return found;
        for (const auto& each : unread->parameters)
            if (each.name == name) found = std::get<double>(each.value);
        return found;
    };
    QTEST(value("records"), "unread");
    QTEST(value("line"), "first");
}

void ForeignLogsTest::whatIsNoLogIsRefused() {
    for (const char* text : {"{}", "[]", "{\"name\": \"B-07\", \"cells\": 4}", "[{\"a\": 1}, {\"a\": 2}]",
                             "{\"broken\": [1, 2", "{\"a\": 1}\n{\"a\": \n{\"a\": 3}\n",
                             "<kml><Document><Placemark><Track><when>never</when><coord>1 2</coord></Track>"
                             "</Placemark></Document></kml>",
                             "time,sensor,value\n", "a=1 b=2 c=3\nd=4 e=5 f=6\n"}) {
        const auto log = io::read_log(file("none.txt", QByteArray(text)));
        QVERIFY2(!log, text);
    }
}

SOBREMESA_TEST(ForeignLogsTest)
#include "tst_foreign_logs.moc"
