#include "wording/messages.hpp"

#include <array>
#include <cmath>

#include <QCoreApplication>
#include <QHash>
#include <QStringList>

#include "core/mission/plan_request.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"
#include "wording/turn_rule_names.hpp"

namespace sobremesa::wording {

namespace {

struct MessagesWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Messages)
};

double number(const std::vector<units::Parameter>& parameters, const char* name) {
    for (const auto& parameter : parameters) {
        if (parameter.name != name) continue;
        if (const auto* value = std::get_if<double>(&parameter.value)) return *value;
    }
    return std::nan("");
}

/// A count; 0 where there is none.
int whole(double number) {
    return std::isfinite(number) ? int(number) : 0;
}

QString text(const std::vector<units::Parameter>& parameters, const char* name) {
    for (const auto& parameter : parameters) {
        if (parameter.name != name) continue;
        if (const auto* value = std::get_if<std::string>(&parameter.value)) return QString::fromStdString(*value);
    }
    return {};
}

/// Any number with as many digits as it needs, for repeating what the pilot wrote.
QString plain(double value) {
    return QString::number(value, 'g', 8);
}

QString turn_rule_text(const QString& word) {
    return rule_in_sentence(
        mission::turn_rule_from_word(word.toStdString()).value_or(mission::TurnRule::energy_home));
}

QString misfit_text(const std::vector<units::Parameter>& p, const Quantities& q) {
    const auto volts = [&](const char* name) {
        return written(number(p, name), 0.0, q.notation(units::Quantity::lowest_voltage));
    };
    const QString why = text(p, "why");
    if (why == QStringLiteral("array-above-pack")) {
        return MessagesWords::tr(
                   "The array's maximum is at %1, above the pack's %2: a step-up converter cannot bring it down.")
            .arg(volts("array_v"), volts("other_v"));
    }
    if (why == QStringLiteral("input-volts-too-high")) {
        return MessagesWords::tr(
                   "In the cold the array's open-circuit voltage reaches %1; the converter is rated for %2.")
            .arg(volts("array_v"), volts("other_v"));
    }
    if (text(p, "kind") == QStringLiteral("direct")) {
        return MessagesWords::tr(
                   "The array reaches %1 at most, below the pack's %2: connected directly it delivers nothing.")
            .arg(volts("array_v"), volts("other_v"));
    }
    return MessagesWords::tr(
               "The array's maximum is at %1, below the pack's %2: a step-down converter cannot raise it.")
        .arg(volts("array_v"), volts("other_v"));
}

QString misfit_cure_text(const std::vector<units::Parameter>& p) {
    const int least = whole(number(p, "least_series"));
    const int most = whole(number(p, "most_series"));
    const QString kind = text(p, "fits");
    QString with;
    if (kind == QStringLiteral("step-down")) with = MessagesWords::tr("A step-down converter would fit.");
    if (kind == QStringLiteral("step-up")) with = MessagesWords::tr("A step-up converter would fit.");
    if (kind == QStringLiteral("direct")) with = MessagesWords::tr("A direct connection would fit.");
    QString cells;
    if (least > 0 && most >= 500)
        cells = MessagesWords::tr("With this one, %1 cells in series or more would fit.").arg(least);
    else if (least > 0)
        cells = MessagesWords::tr("With this one, %1 to %2 cells in series would fit.").arg(least).arg(most);
    return QStringList({with, cells}).join(with.isEmpty() || cells.isEmpty() ? QString() : QStringLiteral(" "));
}

QString key_meant_text(const QString& key) {
    if (key.isEmpty()) return {};
    return QStringLiteral(" ") + MessagesWords::tr("The “%1” given there is not known.").arg(key);
}

QString key_near_text(const QString& key) {
    if (key.isEmpty()) return {};
    return QStringLiteral(" ") + MessagesWords::tr("“%1” is known there.").arg(key);
}

QString sun_part_text(const QString& field) {
    if (field == QStringLiteral("aircraft.array")) return MessagesWords::tr("an array on the aircraft");
    if (field == QStringLiteral("mission.home")) return MessagesWords::tr("a place (mission.home)");
    return MessagesWords::tr("a date and time (sun.start_utc)");
}

/// How a parameter of a message is written.
enum class Format {
    none,
    text,
    misfit,      ///< why array, converter and pack do not fit: a whole sentence
    misfit_cure, ///< what would
    key_meant,   ///< which unknown key may have been meant for one that is missing: a sentence, or nothing
    key_near,    ///< which known key may have been meant by an unknown one: a sentence, or nothing
    header,      ///< how a header may look; without one, that of a log
    sun_part,    ///< what a flight on the sun lacks
    plain,
    rule,
    place, ///< a landing place; without a name: home
    height,
    distance,
    speed,
    wind,
    climb,
    share,
    energy,
    charge,
    power,
    duration,
    moment, ///< of a flight, as a stopwatch shows it
    direction,
    amps,
    amps_1,
    amps_2,
    cell_volts,
    pack_volts,
    cell_resistance,
    mass,
    area,
};

struct MessagePart {
    Format format = Format::none;
    const char* parameter = nullptr;
};

/// One message: its words, and what stands for %1, %2 and so on.
template <class Code>
struct MessageRow {
    Code code;
    const char* words;
    std::array<MessagePart, 6> parts{};
};

QString written_part(const MessagePart& part, const std::vector<units::Parameter>& p, const Quantities& q) {
    using units::Quantity;
    const double value = number(p, part.parameter);
    const auto as = [&](Quantity quantity) { return written(value, 0.0, q.notation(quantity)); };
    const auto amps = [&](int decimals) { return written(value, 0.0, {1.0, MessagesWords::tr("A"), decimals}); };
    switch (part.format) {
    case Format::none: break;
    case Format::text: return text(p, part.parameter);
    case Format::misfit: return misfit_text(p, q);
    case Format::misfit_cure: return misfit_cure_text(p);
    case Format::key_meant: return key_meant_text(text(p, part.parameter));
    case Format::key_near: return key_near_text(text(p, part.parameter));
    case Format::header: {
        const QString example = text(p, part.parameter);
        return example.isEmpty() ? QStringLiteral("Time, Pack (V), Current (A)") : example;
    }
    case Format::sun_part: return sun_part_text(text(p, part.parameter));
    case Format::plain: return plain(value);
    case Format::rule: return turn_rule_text(text(p, part.parameter));
    case Format::place: {
        const QString name = text(p, part.parameter);
        return name.isEmpty() ? MessagesWords::tr("Home") : name;
    }
    case Format::height: return q.height(value);
    case Format::distance: return q.distance(value);
    case Format::speed: return q.speed(value);
    case Format::wind: return as(Quantity::wind_speed);
    case Format::climb: return as(Quantity::climb_rate);
    case Format::share: return q.share(value);
    case Format::energy: return q.energy(value);
    case Format::charge: return q.charge(value);
    case Format::mass: return as(Quantity::all_up_mass);
    case Format::power: return as(Quantity::cruise_power);
    case Format::duration: return q.duration(value);
    case Format::moment: return stopwatch_text(value);
    case Format::direction: return q.direction(value);
    case Format::amps: return amps(0);
    case Format::amps_1: return amps(1);
    case Format::amps_2: return amps(2);
    case Format::cell_volts: return as(Quantity::landing_cell_voltage);
    case Format::pack_volts: return as(Quantity::lowest_voltage);
    case Format::cell_resistance: return as(Quantity::cell_resistance);
    case Format::area: {
        constexpr double dm2_per_m2 = 100.0;
        return written(value, 0.0, {dm2_per_m2, MessagesWords::tr("dm²"), 0});
    }
    }
    return {};
}

/// The message of a table; empty where it is none of a table.
template <class Code, std::size_t N>
QString from_table(const MessageRow<Code> (&rows)[N], Code code, const std::vector<units::Parameter>& p,
                   const Quantities& q) {
    for (const auto& row : rows) {
        if (row.code != code) continue;
        QString words = MessagesWords::tr(row.words);
        QStringList parts;
        for (const MessagePart& part : row.parts) {
            if (part.format != Format::none) parts << written_part(part, p, q);
        }
        // All at once: what a file is called may itself hold a "%1".
        for (qsizetype i = parts.size(); i-- > 0;) parts[i].replace(QLatin1Char('%'), QChar(0xFFFE));
        for (const QString& part : parts) words = words.arg(part);
        return words.replace(QChar(0xFFFE), QLatin1Char('%'));
    }
    return {};
}

using units::DiagnosticCode;
using units::ErrorCode;

constexpr MessageRow<ErrorCode> error_rows[] = {
    {ErrorCode::file_not_found,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "There is no such file. Check the name and the folder.")},
    {ErrorCode::file_unreadable,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The file cannot be read: %1."),
     {{{Format::text, "reason"}}}},
    {ErrorCode::file_unwritable,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The file cannot be written: %1. Choose another folder, or free some space."),
     {{{Format::text, "reason"}}}},
    {ErrorCode::file_empty,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The file is empty. Copy it from the card again.")},
    {ErrorCode::file_binary,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "This is not a text file. Export the flight as CSV and open that.")},
    {ErrorCode::line_too_long,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "One line is too long for a log. This is not a CSV log; export the flight as CSV.")},
    {ErrorCode::no_header,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "No header line was found, such as “%1”. Add one, or export with one."),
     {{{Format::header, "example"}}}},
    {ErrorCode::header_without_rows,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "There is a header but no rows: nothing was recorded.")},
    {ErrorCode::no_time,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "No column holds a time, and without one nothing can be computed. Say which one does "
                       "(Columns…, or --column on the command line), or record with time switched on.")},
    {ErrorCode::no_usable_rows,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Too few rows could be read (fewer than two of %1 make sense). Check the place named here."),
     {{{Format::plain, "rows"}}}},
    {ErrorCode::time_stands_still,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "Time does not advance for %1 rows up to there: this is not a flight, or the file is damaged."),
     {{{Format::plain, "rows"}}}},
    {ErrorCode::json_syntax,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "This is not valid JSON: check commas, quotes and brackets there.")},
    {ErrorCode::value_missing,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "A value is missing that cannot be derived. Add it.%1"),
     {{{Format::key_meant, "meant"}}}},
    {ErrorCode::not_in_book,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "“%1” is not in the logbook, which has none yet. Enter it there first, or leave "
                       "the column out."),
     {{{Format::text, "word"}}}},
    {ErrorCode::wind_not_shown,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "This flight does not show level flight in a known wind, on which the "
                       "comparison rests. Take one with a full circle.")},
    {ErrorCode::value_out_of_range,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "%1 is not possible there; it must be %2 to %3."),
     {{{Format::plain, "value"}, {Format::plain, "least"}, {Format::plain, "most"}}}},
    {ErrorCode::word_unknown,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "“%1” is not known there; use one of: %2."),
     {{{Format::text, "word"}, {Format::text, "allowed"}}}},
    {ErrorCode::values_conflict,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Only one of these may be given: %1. Keep one of them."),
     {{{Format::text, "fields"}}}},
    {ErrorCode::format_unknown,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The document says it is “%1”; expected “%2”."),
     {{{Format::text, "found"}, {Format::text, "wanted"}}}},
    {ErrorCode::version_newer,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The document is of version %1; this program knows up to %2. Update the program."),
     {{{Format::plain, "found"}, {Format::plain, "newest"}}}},
    {ErrorCode::height_outside_atmosphere,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Height above sea level would be %1 m; the atmosphere is known from %2 to %3 m."),
     {{{Format::plain, "value"}, {Format::plain, "least"}, {Format::plain, "most"}}}},
    {ErrorCode::position_impossible,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Latitude %1, longitude %2 is not on earth. Write degrees as LATITUDE,LONGITUDE."),
     {{{Format::plain, "latitude"}, {Format::plain, "longitude"}}}},
    {ErrorCode::wind_too_strong,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The wind is too strong for this airspeed: the course cannot be held, or not with 2 m/s over "
         "ground.")},
    {ErrorCode::airspeed_outside_model,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "One known cruise does not cover %1 m/s; it reaches from %2 to %3 m/s."),
     {{{Format::plain, "value"}, {Format::plain, "least"}, {Format::plain, "most"}}}},
    {ErrorCode::raster_unreadable,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "This elevation raster cannot be read. Supported: GeoTIFF, HGT or an ASCII grid with its projection.")},
    {ErrorCode::raster_elsewhere,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "This elevation raster does not cover home. Choose one that covers the field.")},
    {ErrorCode::raster_module_missing,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The part of the program that reads elevation rasters is not installed beside it.")},
    {ErrorCode::no_route, QT_TRANSLATE_NOOP("sobremesa::Messages",
                                            "There is no route in this file: no waypoints, no route and no line.")},
    {ErrorCode::no_areas,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "There is no area in this file: no polygon of GeoJSON or KML.")},
    {ErrorCode::book_damaged,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The logbook is damaged and was left unchanged. Restore a backup, or start a new one beside it.")},
    {ErrorCode::book_not_ours,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "This file is not a logbook and was left unchanged. Choose another one.")},
    {ErrorCode::book_full,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "There is no space left to write the logbook. Free some; what you do "
                                              "meanwhile is kept in memory and written then.")},
    {ErrorCode::book_read_only,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The logbook is read-only here, so this was not saved. Give it write permission, or choose another one.")},
    {ErrorCode::book_in_use,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The logbook is being written elsewhere. Close the other window or command, then try again.")},
    {ErrorCode::backup_is_the_book,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "This is the open logbook itself; it cannot be its own backup. Choose another file.")},
    {ErrorCode::backup_exists,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "A file of this name exists, and a backup replaces none. Choose another name.")},
    {ErrorCode::book_failed,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The logbook could not be written: %1. Check the disk it is on."),
     {{{Format::text, "reason"}}}},
    {ErrorCode::log_damaged,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Part %1 of the log %2 is missing or damaged in the logbook. Restore a backup, or file the "
                       "log again from its file; an export writes what is left of it."),
     {{{Format::plain, "chunk"}, {Format::text, "log"}}}},
    {ErrorCode::log_not_the_file,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The log %1 is not the file that was filed: its length or checksum does not match, though "
                       "every part of it does. Compare it with a backup; an export writes it as it is."),
     {{{Format::text, "log"}}}},
    {ErrorCode::log_missing,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The log of the flight %1 is not in the logbook. What was read from it is still there; "
                       "restore a backup, or file the log again from its file."),
     {{{Format::text, "flight"}}}},
    {ErrorCode::table_missing,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The logbook's table %1 is missing or not as this program created it, so the logbook was "
                       "left unchanged. Restore a backup; an export writes everything else."),
     {{{Format::text, "table"}}}},
    {ErrorCode::record_damaged,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Record %2 of the logbook (%1) cannot be used and was left unchanged. Restore a backup to "
                       "get it back; everything else works without it."),
     {{{Format::text, "kind"}, {Format::plain, "id"}}}},
    {ErrorCode::history_damaged,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Edit %1 in the logbook's history cannot be read, so edits up to it cannot be undone. The "
                       "records themselves are not touched by this."),
     {{{Format::plain, "edit"}}}},
    {ErrorCode::count_behind,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The logbook's counter says %1 and there is a record %2: a new record could have taken an old one's "
         "number. Restore a backup, or export everything and import it into a new logbook."),
     {{{Format::plain, "count"}, {Format::plain, "highest"}}}},
    {ErrorCode::column_missing,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "There is no column “%1” in this log. Its columns are: %2."),
     {{{Format::text, "header"}, {Format::text, "headers"}}}},
    {ErrorCode::rate_table_above_label,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "A row of the rate table delivers %1 from a cell of %2. The table is "
                                              "per cell, not for the whole pack: divide by the cells in parallel."),
     {{{Format::charge, "charge_ah"}, {Format::charge, "rated_ah"}}}},
    {ErrorCode::cells_above_wing,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The solar cells together take %1, the wing has %2. Check the area of "
                       "one cell, how many there are, and the wing's area."),
     {{{Format::area, "cells_m2"}, {Format::area, "wing_m2"}}}},
    {ErrorCode::wind_table_short,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Winds by height need at least two heights. Add another one, or give "
                                              "a single wind as wind_mps, wind_from_deg and wind_height_m.")},
    {ErrorCode::import_path_refused,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "“%1” is not a regular file below the imported folder, so nothing "
                                              "was imported. Put the log beside book.json and name it from there."),
     {{{Format::text, "path"}}}},
    {ErrorCode::archive_unreadable,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The archive cannot be unpacked: %1. Copy it again, or unpack it and import the log."),
     {{{Format::text, "reason"}}}},
    {ErrorCode::archive_too_large,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Unpacked, the file is larger than %1 MB: no log is. Check that it is the right one."),
     {{{Format::plain, "most_mb"}}}},
    {ErrorCode::archive_of_many,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The archive holds %1 files: %2. Name one of them after the archive "
                                              "and a slash, or import all of them into the logbook."),
     {{{Format::plain, "files"}, {Format::text, "names"}}}},
    {ErrorCode::file_too_large,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The file is larger than %1 MB, too large for a track. Check that it is the right one."),
     {{{Format::plain, "most_mb"}}}},
    {ErrorCode::xml_syntax,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The XML is broken here: %1. Copy the file again, or export it again."),
     {{{Format::text, "reason"}}}},
    {ErrorCode::no_track,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The file holds no flight: no points or readings with a time. A "
                                              "route without times cannot be debriefed.")},
    {ErrorCode::format_not_written,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "“%1” is not a format that logs are written in. Choose a name ending in %2."),
     {{{Format::text, "ending"}, {Format::text, "allowed"}}}},
    {ErrorCode::file_exists,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The file exists, and a recording never overwrites one. Choose another name.")},
    {ErrorCode::link_not_opened,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "“%1” cannot be opened: %2. Another program may be listening there, or this user may not read it."),
     {{{Format::text, "link"}, {Format::text, "reason"}}}},
    {ErrorCode::cancelled, QT_TRANSLATE_NOOP("sobremesa::Messages", "Cancelled. Nothing was changed.")},
};

/// What was expected, as a reader names it.
QString wanted_text(const QString& wanted) {
    static const QHash<QString, const char*> words = {
        {QStringLiteral("number"),
         QT_TRANSLATE_NOOP("sobremesa::Messages", "a number, or text of a number and its unit")},
        {QStringLiteral("whole number"), QT_TRANSLATE_NOOP("sobremesa::Messages", "a whole number")},
        {QStringLiteral("number in a cell"),
         QT_TRANSLATE_NOOP("sobremesa::Messages", "a number, with a unit of the column's kind or none")},
        {QStringLiteral("text"), QT_TRANSLATE_NOOP("sobremesa::Messages", "text in quotes")},
        {QStringLiteral("true or false"), QT_TRANSLATE_NOOP("sobremesa::Messages", "true or false")},
        {QStringLiteral("object"), QT_TRANSLATE_NOOP("sobremesa::Messages", "an object in braces: {…}")},
        {QStringLiteral("list"), QT_TRANSLATE_NOOP("sobremesa::Messages", "a list in brackets: […]")},
        {QStringLiteral("two numbers"),
         QT_TRANSLATE_NOOP("sobremesa::Messages", "two numbers in brackets: [number, number]")},
        {QStringLiteral("date"), QT_TRANSLATE_NOOP("sobremesa::Messages", "a date")},
        {QStringLiteral("time of day"), QT_TRANSLATE_NOOP("sobremesa::Messages", "a time of day")},
        {QStringLiteral("readings"),
         QT_TRANSLATE_NOOP("sobremesa::Messages", "readings such as 5 min 410 mAh 15.9 V; 10 min 830 mAh")},
        {QStringLiteral("columns that fit together"),
         QT_TRANSLATE_NOOP("sobremesa::Messages", "columns that fit together")},
    };
    const char* found = words.value(wanted);
    return found ? QCoreApplication::translate("sobremesa::Messages", found) : wanted;
}

QString wrong_type(const std::vector<units::Parameter>& p) {
    const QString wanted = wanted_text(text(p, "wanted"));
    QString given = text(p, "given");
    constexpr int longest = 40;
    if (given.size() > longest) given = given.left(longest) + QStringLiteral("…");
    return given.isEmpty() ? MessagesWords::tr("The value has the wrong type; expected: %1.").arg(wanted)
                           : MessagesWords::tr("“%1” cannot be read there; expected: %2.").arg(given, wanted);
}

QString what(const units::Error& error) {
    if (error.code == ErrorCode::json_wrong_type) return wrong_type(error.parameters);
    if (error.code == ErrorCode::value_missing && error.where.field == "mission.waypoints")
        return MessagesWords::tr("A mission of this kind leads over at least one waypoint. Add one, or choose "
                                 "another kind.");
    return from_table(error_rows, error.code, error.parameters, Quantities());
}

QString wind_no_solution(bool home, const std::vector<units::Parameter>& p, const Quantities& quantities) {
    const QString wind = written(number(p, "wind_mps"), 0.0, quantities.notation(units::Quantity::wind_speed));
    const QString airspeed = quantities.speed(number(p, "airspeed_mps"));
    if (!home && number(p, "distance_m") > 0.0) {
        return MessagesWords::tr(
                   "The outbound leg ends at %1, %2 after launch: in the wind of %3 met there an airspeed of "
                   "%4 cannot hold the course with 2 m/s over ground.")
            .arg(quantities.distance(number(p, "distance_m")), quantities.duration(number(p, "time_s")), wind,
                 airspeed);
    }
    if (home && number(p, "distance_m") > 0.0) {
        return MessagesWords::tr("The wind decides this turn, not the pack: from beyond %1, %2 after launch, the "
                                 "aircraft does not get home against the worst credible wind.")
            .arg(quantities.distance(number(p, "distance_m")), quantities.duration(number(p, "time_s")));
    }
    return home ? MessagesWords::tr("No return: against a wind of %1, the worst credible, an airspeed of %2 does "
                                    "not bring the aircraft home. Wait for less wind, or fly faster.")
                      .arg(wind, airspeed)
                : MessagesWords::tr(
                      "This bearing cannot be flown: in a wind of %1 an airspeed of %2 cannot hold the course with "
                      "2 m/s over ground. Choose another bearing, or wait for less wind.")
                      .arg(wind, airspeed);
}

/// Why two methods tell different things of what was left. A method that was not used is written as a dash.
QString disagreement_text(const QString& cause, const QString& counted, const QString& rested,
                          const QString& recharged) {
    if (cause == QLatin1String("sensor-scale")) {
        return MessagesWords::tr("The counter says %1 remain, the recharge says %2: the current sensor's scale is "
                                 "off. Calibrate it; until then trust the recharge.")
            .arg(counted, recharged);
    }
    if (cause == QLatin1String("not-full-at-start")) {
        return MessagesWords::tr("The resting voltage says only %1 remain, the charge used says %2: the pack was "
                                 "not full at the start, or holds less than its label capacity.")
            .arg(rested, recharged);
    }
    if (cause == QLatin1String("not-rested-or-cold")) {
        return MessagesWords::tr(
                   "The resting voltage says %1 remain, the counter says %2: after a short rest, or in the cold, "
                   "the voltage has not recovered yet. Let it rest for half an hour and measure again.")
            .arg(rested, counted);
    }
    if (cause == QLatin1String("sensor-reads-high")) {
        return MessagesWords::tr("The resting voltage says %1 remain, the counter only %2: the current sensor "
                                 "reads too high. Recharge, and calibrate it.")
            .arg(rested, counted);
    }
    return MessagesWords::tr(
               "The resting voltage says only %1 remain, the counter says %2: the pack holds less than its label "
               "capacity, or the current sensor reads too low. The recharge decides; until then trust the voltage.")
        .arg(rested, counted);
}

/// "first", "second": of a count, which arrives as any number does.
QString ordinal(double count) {
    if (!(count >= 1.0 && count <= 1e6)) return plain(count);
    const int n = int(count);
    switch (n) {
    case 1: return MessagesWords::tr("first");
    case 2: return MessagesWords::tr("second");
    case 3: return MessagesWords::tr("third");
    default: return MessagesWords::tr("%1th", "ordinal number").arg(n);
    }
}

QString wind_reason_text(const QString& reason) {
    if (reason == QLatin1String("no-position"))
        return MessagesWords::tr("The wind is not known: the log has no position and no course.");
    if (reason == QLatin1String("too-short"))
        return MessagesWords::tr("The wind is not known: less than half a minute was flown.");
    if (reason == QLatin1String("hardly-moved")) {
        return MessagesWords::tr(
            "The wind is not known: the aircraft hovered, or flew too slowly to show it. Fly one full "
            "circle at cruising speed.");
    }
    if (reason == QLatin1String("speed-held")) {
        return MessagesWords::tr(
            "The wind is not known: the speed over ground was the same on every course while the power was "
            "not, as position control flies it. Fly one full circle at a steady attitude.");
    }
    return MessagesWords::tr(
        "The wind is not known: too little turning, so that it cannot be told from the airspeed. Fly one "
        "full circle on every flight.");
}

constexpr MessageRow<DiagnosticCode> diagnostic_rows[] = {
    {DiagnosticCode::energy_short_for_climb,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The pack is at its landing voltage before %1 is reached. Fly lower, climb more gently, or "
                       "take a bigger pack."),
     {{{Format::height, "height_m"}}}},
    {DiagnosticCode::power_not_available,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "This pack cannot supply the %1 that the flight needs. One with less resistance or more cells can."),
     {{{Format::power, "power_w"}}}},
    {DiagnosticCode::return_is_costly,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The return leg is the slow one: %1 over ground against %2 outbound. "
                                              "Flying out into the wind makes it the fast one."),
     {{{Format::speed, "home_mps"}, {Format::speed, "out_mps"}}}},
    {DiagnosticCode::landing_voltage_wastes_energy,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Landing at %1 leaves %2 unused, %3 of the usable energy. %4 is usual for this chemistry."),
     {{{Format::cell_volts, "landing_cell_v"},
       {Format::energy, "unused_wh"},
       {Format::share, "unused_share"},
       {Format::cell_volts, "usual_cell_v"}}}},
    {DiagnosticCode::landing_voltage_below_floor,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Landing at %1 is below this chemistry's floor of %2 and damages the cells."),
     {{{Format::cell_volts, "landing_cell_v"}, {Format::cell_volts, "floor_cell_v"}}}},
    {DiagnosticCode::height_above_ceiling,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "%1 is above your height limit of %2. Local rules decide."),
     {{{Format::height, "height_m"}, {Format::height, "ceiling_m"}}}},
    {DiagnosticCode::power_demand_high,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Cruise takes %1 of full power; 30–40 % leaves headroom for gusts."),
     {{{Format::share, "share"}}}},
    {DiagnosticCode::power_demand_very_high,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Cruise takes %1 of full power: too much for a distance attempt. Fly slower, or lighter."),
     {{{Format::share, "share"}}}},
    {DiagnosticCode::route_not_whole,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The pack cannot fly the whole route: come home from %1 along it. A "
                                              "shorter route, less reserve or a bigger pack clears it."),
     {{{Format::distance, "distance_m"}}}},
    {DiagnosticCode::clearance_too_low,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The ground comes within %1 of the flight path, at %2 along it; %3 are wanted. Fly higher, or around it."),
     {{{Format::height, "height_m"}, {Format::distance, "distance_m"}, {Format::height, "wanted_m"}}}},
    {DiagnosticCode::terrain_not_read,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The terrain file “%1” was not read: this plan assumes flat ground."),
     {{{Format::text, "file"}}}},
    {DiagnosticCode::terrain_partly_known,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The elevation raster does not cover the whole flight: beyond it the ground is unknown.")},
    {DiagnosticCode::speed_rule_not_met,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "A speed by share of full power needs the aircraft's full power; the known cruise is used.")},
    {DiagnosticCode::share_too_small,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Level flight takes more than %1 of full power at any airspeed; the known cruise is used."),
     {{{Format::share, "share"}}}},
    {DiagnosticCode::fixed_speed_missing,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "A fixed speed needs an airspeed (mission.airspeed_mps); the known cruise is used.")},
    {DiagnosticCode::throttle_without_full_power,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "A throttle (%1) needs the aircraft's full power; without it the throttle is ignored."),
     {{{Format::text, "field"}}}},
    {DiagnosticCode::descent_above_airspeed,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "A descent of %1 is more than the airspeed of %2 allows: nothing is "
                                              "left to move forward. Choose a slower descent."),
     {{{Format::climb, "descent_mps"}, {Format::speed, "airspeed_mps"}}}},
    {DiagnosticCode::climb_not_possible,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "That throttle does not climb: level flight takes all of it. More throttle or less mass clears it.")},
    {DiagnosticCode::sink_too_fast,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Descending at %1 with so little forward speed sinks into its own "
                                              "wake; %2 is the most. Descend while flying forward."),
     {{{Format::climb, "sink_mps"}, {Format::climb, "most_mps"}}}},
    {DiagnosticCode::landing_place_in_area,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "%1 lies in the no-landing area “%2”: move the one, or draw the other anew."),
     {{{Format::place, "place"}, {Format::text, "area"}}}},
    {DiagnosticCode::cruise_mass_assumed,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The known cruise is assumed to be flown at today's %1. If it was flown with another pack, "
                       "enter that all-up mass: a heavier pack costs power."),
     {{{Format::mass, "mass_kg"}}}},
    {DiagnosticCode::cruise_power_impossible,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "No aircraft of this mass cruises on %1: physics needs at least %2, "
                                              "%3 is usual. Check power, mass, propellers and kind of aircraft."),
     {{{Format::power, "power_w"}, {Format::power, "least_w"}, {Format::power, "usual_w"}}}},
    {DiagnosticCode::cruise_power_doubtful,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "A cruise on %1 is less than ideal hovering would take (%2); %3 is "
                                              "usual. Check power, mass and propellers."),
     {{{Format::power, "power_w"}, {Format::power, "least_w"}, {Format::power, "usual_w"}}}},
    {DiagnosticCode::pack_mass_doubtful,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "A pack of %1 that weighs %2 stores %3 Wh/kg; %4 to %5 Wh/kg is usual for such cells. Check "
                       "its mass and its cells."),
     {{{Format::energy, "rated_wh"},
       {Format::mass, "mass_kg"},
       {Format::plain, "wh_per_kg"},
       {Format::plain, "least_wh_per_kg"},
       {Format::plain, "most_wh_per_kg"}}}},
    {DiagnosticCode::pack_mass_not_weighed,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The pack's %1 is a label's figure or a sum of parts until it is "
                                              "weighed: leads and connector often add a few per cent."),
     {{{Format::mass, "mass_kg"}}}},
    {DiagnosticCode::pack_not_flown,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "No flight and no recharge of this pack is filed: all that is known "
                                              "of it is its label. Fly it near home first.")},
    {DiagnosticCode::construction_assumed,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "These cells are taken to be high-capacity ones, good for %1 in this pack; high-drain ones "
                       "would be good for %2. Say which they are, or enter the pack's rated current."),
     {{{Format::amps_1, "current_a"}, {Format::amps_1, "other_a"}}}},
    {DiagnosticCode::pack_not_full_at_launch,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "At launch the voltage was that of a pack about %1 full; it is taken to have been %2 full. If it "
         "was not, say what it was charged to (about %3): less remained than the counter says. "
         "If it was, the pack has aged or was colder, or the voltage sensor reads low."),
     {{{Format::share, "share"}, {Format::share, "assumed_share"}, {Format::cell_volts, "resting_cell_v"}}}},
    {DiagnosticCode::converter_does_not_fit,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "%1 %2"),
     {{{Format::misfit, "why"}, {Format::misfit_cure, "why"}}}},
    {DiagnosticCode::array_gives_nothing,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The array delivers nothing on this day: the sun does not rise at "
                                              "this place, or the array does not reach the pack's voltage.")},
    {DiagnosticCode::charge_not_taken,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The pack is full while the sun still delivers more: %1 go unused. "
                                              "Fly faster, climb, or take a bigger pack."),
     {{{Format::energy, "lost_wh"}}}},
    {DiagnosticCode::array_overcharges,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "Connected directly, nothing ends the charge: the array would push the full pack beyond %1, and "
         "overcharged cells can burn. Use a converter that ends the charge there, launch with less in the "
         "pack, or switch the array off in time."),
     {{{Format::pack_volts, "full_v"}}}},
    {DiagnosticCode::sun_holds_it_up,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "Sun and pack keep it up for the whole period considered (%1); what ends the flight is something else."),
     {{{Format::duration, "time_s"}}}},
    {DiagnosticCode::counter_includes_sun,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The counter includes everything that motors and electronics took; part of it came from the array. The "
         "resting voltage or the recharge tells what remains in the pack, not the counter.")},
    {DiagnosticCode::sun_not_worked_out,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "A flight on the sun needs %1; without it this is a plan on the pack alone."),
     {{{Format::sun_part, "field"}}}},
    {DiagnosticCode::cold_start_dip,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The cold pack sags to %1 at the start and recovers after %2 as it warms. Keep it warm "
                       "until launch, and do not mistake the sag for empty."),
     {{{Format::cell_volts, "lowest_cell_v"}, {Format::duration, "until_s"}}}},
    {DiagnosticCode::current_above_rating,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "%1 exceeds the %2 continuous rating of this pack. Fly slower, or "
                                              "take a pack with more cells in parallel."),
     {{{Format::amps_1, "current_a"}, {Format::amps_1, "limit_a"}}}},
    {DiagnosticCode::charge_misleads,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "mAh mislead here, because the packs differ in cells in series: %1 has %2 but only %3; %4 "
                       "has %5 and %6. Compare by Wh."),
     {{{Format::text, "more_charge"},
       {Format::charge, "charge_ah"},
       {Format::energy, "energy_wh"},
       {Format::text, "more_energy"},
       {Format::charge, "charge_of_energy_ah"},
       {Format::energy, "energy_of_energy_wh"}}}},
    {DiagnosticCode::sag_above_stated,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Flights showed %1 per cell, the pack is entered with %2. Cold, age "
                                              "or a bad joint: the measured value decides the continuous current."),
     {{{Format::cell_resistance, "measured_ohm"}, {Format::cell_resistance, "stated_ohm"}}}},
    {DiagnosticCode::start_below_landing,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "Under this load the pack is below %1 from the start: nothing is usable down to that landing voltage."),
     {{{Format::cell_volts, "landing_cell_v"}}}},
    {DiagnosticCode::unknown_key,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "“%1” is not known and was ignored. Is it a typing error?%2"),
     {{{Format::text, "field"}, {Format::key_near, "near"}}}},
    {DiagnosticCode::unit_assumed,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "“%1” names no unit; it was read as %2 in %3."),
     {{{Format::text, "column"}, {Format::text, "channel"}, {Format::text, "unit"}}}},
    {DiagnosticCode::quantity_assumed,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "“%1” was read as %2 in %3 from its numbers or its unit alone. If that is wrong: Columns…"),
     {{{Format::text, "column"}, {Format::text, "channel"}, {Format::text, "unit"}}}},
    {DiagnosticCode::records_unreadable,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Records that could not be read were left out: %1, the first in line %2."),
     {{{Format::plain, "records"}, {Format::plain, "line"}}}},
    {DiagnosticCode::other_batteries,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The log has more than one battery. Charge and energy are those of the first; the others are "
         "not added.")},
    {DiagnosticCode::other_vehicles,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "More than one vehicle is on this link. Positions and readings are those of number %1; the "
                       "others are left out."),
     {{{Format::plain, "system"}}}},
    {DiagnosticCode::clock_was_set,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The log's clock was set in flight; the rows before were moved to the clock that followed.")},
    {DiagnosticCode::start_missing,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The log began with %1 on the counter: they count as used, but the "
                                              "start is missing. Time and distance are lower bounds."),
     {{{Format::charge, "charge_ah"}}}},
    {DiagnosticCode::charge_from_power,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "No column holds a current; charge is power over volts.")},
    {DiagnosticCode::charge_from_energy,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "No column holds a current or a charge; charge is the energy counted over the volts.")},
    {DiagnosticCode::volts_bridged,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Voltage was missing for %1; it was interpolated for the energy."),
     {{{Format::duration, "bridged_s"}}}},
    {DiagnosticCode::current_bridged,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The current was missing for %1; it was interpolated for the charge, with a wide error."),
     {{{Format::duration, "bridged_s"}}}},
    {DiagnosticCode::current_bridged_by_counter,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The current was missing for %1; the log's own counter gives what was drawn meanwhile."),
     {{{Format::duration, "bridged_s"}}}},
    {DiagnosticCode::distance_from_speed,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Without positions the distance is ground speed over time.")},
    {DiagnosticCode::date_order_assumed,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Day and month in “%1” (%2) can be read either way; they were read as %3. If that is wrong: "
                       "Columns…"),
     {{{Format::text, "column"}, {Format::text, "example"}, {Format::text, "order"}}}},
    {DiagnosticCode::column_passed_over,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "“%1” is %2 too; another column was used for it. If that is wrong: Columns…"),
     {{{Format::text, "column"}, {Format::text, "channel"}}}},
    {DiagnosticCode::header_missing,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The log has no header line: its columns were identified by their numbers. Check them under Columns…")},
    {DiagnosticCode::home_not_on_earth,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The log gives positions in metres and does not say where home is: "
                                              "distances are right, the location on earth is not.")},
    {DiagnosticCode::home_far_from_track,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "Home as given is %1 from the first good fix. Latitude comes first, then longitude."),
     {{{Format::distance, "distance_m"}}}},
    {DiagnosticCode::no_current,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "No column holds a current or a charge counter: distance and height are shown, consumption "
                       "is not. Switch the current sensor's telemetry on.")},
    {DiagnosticCode::no_voltage,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "No column holds the pack voltage: charge is counted, energy is unknown.")},
    {DiagnosticCode::cells_not_counted,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The log has only the voltage of a cell: charge is counted, energy is unknown. Say how many "
                       "cells are in series.")},
    {DiagnosticCode::volts_of_cells,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The log has only the voltage of a cell; the pack's is taken as %1 times that."),
     {{{Format::plain, "series"}}}},
    {DiagnosticCode::charge_unknown,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The log has power or energy, but neither pack voltage nor current: "
                                              "energy is counted, charge is unknown.")},
    {DiagnosticCode::current_turned,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The log counts what leaves the pack as negative. The sign was reversed: drawn is positive.")},
    {DiagnosticCode::capacity_read_as_cells,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "“%1” does not say whether it is a cell's capacity or the whole pack's. By "
                       "the packs' mass it was read as a cell's."),
     {{{Format::text, "column"}}}},
    {DiagnosticCode::capacity_read_as_packs,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "“%1” does not say whether it is a cell's capacity or the whole pack's. By "
                       "the packs' mass it was read as the pack's."),
     {{{Format::text, "column"}}}},
    {DiagnosticCode::newest_first,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The log has its newest rows first. Their order was reversed.")},
    {DiagnosticCode::clock_counts_down,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The log's timer counts down. Time was counted upwards from its first row.")},
    {DiagnosticCode::no_position,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "No position in this log: distances are unknown.")},
    {DiagnosticCode::position_partly_known,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The position is known from %1 to %2 only: distance, farthest point and consumption are those "
         "of that part of the flight."),
     {{{Format::moment, "from_s"}, {Format::moment, "until_s"}}}},
    {DiagnosticCode::home_is_first_fix,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The first good fix came after %1, and home is assumed there. If the "
                                              "aircraft was already flying, set home yourself."),
     {{{Format::duration, "after_s"}}}},
    {DiagnosticCode::counter_disagrees,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The integrated current gives %1, the log's own counter says %2. "
                                              "Rows may be missing, or the counter started late."),
     {{{Format::charge, "integrated_ah"}, {Format::charge, "counter_ah"}}}},
    {DiagnosticCode::distances_disagree,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Positions add up to %1, ground speed to %2. One of the two is off."),
     {{{Format::distance, "positions_m"}, {Format::distance, "speed_m"}}}},
    {DiagnosticCode::integrals_skip_gaps,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The record has gaps (%1, together %2). What was used meanwhile is "
                                              "not counted; the true figures are higher."),
     {{{Format::plain, "gaps"}, {Format::duration, "gap_s"}}}},
    {DiagnosticCode::pack_does_not_fit,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The log's maximum of %1 does not fit a pack of %2 in series; nothing that depends on the "
                       "pack is computed. Choose the pack that was flown."),
     {{{Format::pack_volts, "highest_v"}, {Format::plain, "series"}}}},
    {DiagnosticCode::wind_partly_observable,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The headings flown show the wind along %1 only; across it, the log cannot tell it from the "
                       "airspeed. A full turn would."),
     {{{Format::direction, "along_deg"}}}},
    {DiagnosticCode::still_air_from_ground,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The wind is unknown, so still-air consumption is too: the figures "
                                              "over ground hold for this flight only.")},
    {DiagnosticCode::book_read_only,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The logbook is read-only here: changes are not saved. Give its file "
                                              "write permission, or choose another one.")},
    {DiagnosticCode::book_in_use,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The logbook is open in another window; here it is read-only, and "
                                              "changes are not saved. Close the other window and start again.")},
    {DiagnosticCode::book_newer,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The logbook was written by a newer version (%1; this program knows up to %2). It is "
                       "read-only, and changes are not saved. Update the program."),
     {{{Format::plain, "found"}, {Format::plain, "newest"}}}},
    {DiagnosticCode::book_without_wal,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The folder of the logbook does not allow the safer way of writing, as network folders do "
                       "not. It works, more slowly; a folder on this machine is better.")},
    {DiagnosticCode::book_migrated,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The logbook was upgraded to this version. A copy of the old one is in %1."),
     {{{Format::text, "copy"}}}},
    {DiagnosticCode::positions_swapped,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Latitude and longitude are in each other's column; they were "
                                              "swapped. Say so in “Columns…” if that is wrong.")},
    {DiagnosticCode::sensor_stuck,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "“%1” was frozen for %2 in flight, in total; those readings are excluded. Check its wiring."),
     {{{Format::text, "channel"}, {Format::duration, "stuck_s"}}}},
    {DiagnosticCode::sensor_saturated,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "The current sensor is saturated at %1, for %2 in total: more was used than is counted."),
     {{{Format::amps, "current_a"}, {Format::duration, "saturated_s"}}}},
    {DiagnosticCode::heights_disagree,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "Barometer and GPS drift apart by up to %1: weather, or cabin "
                                              "pressure from the airflow. Barometric heights are used."),
     {{{Format::height, "apart_m"}}}},
    {DiagnosticCode::wind_disagrees_with_log,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The aircraft's own estimate is %1 from %2, its turns show %3 from %4. The turns count here."),
     {{{Format::wind, "log_mps"},
       {Format::direction, "log_from_deg"},
       {Format::wind, "found_mps"},
       {Format::direction, "found_from_deg"}}}},
    {DiagnosticCode::link_near_failsafe,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "The link would fail at about %1; this flight went to %2. Range-check it before going farther."),
     {{{Format::distance, "failsafe_m"}, {Format::distance, "farthest_m"}}}},
    {DiagnosticCode::ledger_does_not_close,
     QT_TRANSLATE_NOOP("sobremesa::Messages", "The current sensors do not agree: the array delivered %1, motors "
                                              "and electronics took %2, the pack %3. %4 are missing."),
     {{{Format::energy, "array_wh"},
       {Format::energy, "used_wh"},
       {Format::energy, "pack_wh"},
       {Format::energy, "missing_wh"}}}},
    {DiagnosticCode::idle_current,
     QT_TRANSLATE_NOOP("sobremesa::Messages",
                       "On the ground the sensor reads %1 where the electronics draw %2: its offset is %3. Set it "
                       "in the flight controller."),
     {{{Format::amps_2, "read_a"}, {Format::amps_2, "really_a"}, {Format::amps_2, "offset_a"}}}},
    {DiagnosticCode::counter_only,
     QT_TRANSLATE_NOOP(
         "sobremesa::Messages",
         "No column holds a current; charge is the log's own counter, energy its count times the volts.")},
};

/// The messages whose words depend on what they tell.
QString particular(const units::Diagnostic& diagnostic, const Quantities& q) {
    using units::Quantity;
    const auto& p = diagnostic.parameters;
    switch (diagnostic.code) {
    case DiagnosticCode::no_solution_out: return wind_no_solution(false, p, q);
    case DiagnosticCode::no_solution_home: return wind_no_solution(true, p, q);
    case DiagnosticCode::turn_rule_not_reached:
        return (number(p, "at_launch") > 0.0
                    ? MessagesWords::tr("Even at launch the pack does not hold what %1 asks for. Less reserve or a "
                                        "bigger pack clears it.")
                    : MessagesWords::tr("On this flight %1 never says turn."))
            .arg(turn_rule_text(text(p, "school")));
    case DiagnosticCode::rule_turns_too_late:
        if (number(p, "landing_left_wh") < 0.0) {
            return MessagesWords::tr("Turning by %1 at %2 would not get home at all: short by %3.")
                .arg(turn_rule_text(text(p, "school")), q.distance(number(p, "distance_m")),
                     q.energy(-number(p, "landing_left_wh")));
        }
        return MessagesWords::tr("Turning by %1 at %2 would not get home with the reserve.")
            .arg(turn_rule_text(text(p, "school")), q.distance(number(p, "distance_m")));
    case DiagnosticCode::rate_table_misfit:
        return MessagesWords::tr("At %1 the rate table promises %2 per cell, but the stated resistance allows only "
                                 "%3. One of the two is wrong.")
            .arg(plain(number(p, "current_a")) + QStringLiteral(" A"), q.charge(number(p, "table_ah")),
                 q.charge(number(p, "model_ah")));
    case DiagnosticCode::left_methods_disagree:
        return disagreement_text(text(p, "cause"), q.share(number(p, "counted_share")),
                                 q.share(number(p, "rested_share")), q.share(number(p, "recharged_share")));
    case DiagnosticCode::column_not_understood:
        return text(p, "column").isEmpty()
                   ? MessagesWords::tr("%n more column(s) were not used.", nullptr, whole(number(p, "more")))
                   : MessagesWords::tr("“%1” was not used.").arg(text(p, "column"));
    case DiagnosticCode::several_flights:
        return MessagesWords::tr(
                   "The file holds %1 flights; this is the %2. Choose another one above the strips, or with "
                   "--flight.")
            .arg(plain(number(p, "flights")), ordinal(number(p, "shown")));
    case DiagnosticCode::wind_not_observable: return wind_reason_text(text(p, "reason"));
    case DiagnosticCode::current_above_limit: {
        const QString part = text(p, "part");
        const QString said =
            part == QLatin1String("controller")
                ? MessagesWords::tr("%1 above the %2 rating of the controllers, up to %3. Fly slower, or take "
                                    "a propeller of less pitch.")
            : part == QLatin1String("motors")
                ? MessagesWords::tr("%1 above the %2 rating of the motors, up to %3. Fly slower, or take a "
                                    "propeller of less pitch.")
            : part == QLatin1String("strips")
                ? MessagesWords::tr("%1 above the %2 rating of the strips between the cells, up to %3. Feel the "
                                    "pack after landing; wider or doubled strips carry more.")
            : part == QLatin1String("connector")
                ? MessagesWords::tr("%1 above the %2 rating of the connector, up to %3. Feel it after landing; a "
                                    "larger one carries more.")
                : MessagesWords::tr("%1 above the %2 continuous rating of this pack, up to %3. Short bursts warm "
                                    "it; a minute of it ages it.");
        const Notation amps{1.0, MessagesWords::tr("A"), 0};
        return said.arg(q.duration(number(p, "above_s")), written(number(p, "limit_a"), 0.0, amps),
                        written(number(p, "highest_a"), 0.0, amps));
    }
    default: return {};
    }
}

} // namespace

QString place(const units::Where& where) {
    QStringList parts;
    if (!where.file.empty()) parts << file_title(where.file);
    if (where.line) parts << MessagesWords::tr("line %1").arg(*where.line);
    if (where.column) parts << MessagesWords::tr("column %1").arg(*where.column);
    if (!where.field.empty()) parts << MessagesWords::tr("“%1”").arg(QString::fromStdString(where.field));
    return parts.join(QStringLiteral(", "));
}

QString message(const units::Error& error) {
    const QString where = place(error.where);
    const QString words =
        error.cause ? MessagesWords::tr("%1 (%2)", "message (its cause)").arg(what(error), message(*error.cause))
                    : what(error);
    return where.isEmpty() ? words : MessagesWords::tr("%1: %2", "place: message").arg(where, words);
}

QString message(const units::Diagnostic& diagnostic, const Quantities& q) {
    const QString words = from_table(diagnostic_rows, diagnostic.code, diagnostic.parameters, q);
    return words.isEmpty() ? particular(diagnostic, q) : words;
}

} // namespace sobremesa::wording
