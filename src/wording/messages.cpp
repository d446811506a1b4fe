#include "wording/messages.hpp"

#include <cmath>

#include <QCoreApplication>
#include <QStringList>

#include "core/mission/plan_request.hpp"
#include "wording/names.hpp"

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

QString school_text(const QString& word) {
    using mission::School;
    const auto school = mission::school_from_word(word.toStdString());
    if (school == School::share_left) return MessagesWords::tr("the share-left rule");
    if (school == School::eighty_percent) return MessagesWords::tr("the 80 % rule");
    if (school == School::charge_count) return MessagesWords::tr("the charge-count rule");
    if (school == School::voltage) return MessagesWords::tr("the voltage rule");
    if (school == School::chance) return MessagesWords::tr("the chance rule");
    return MessagesWords::tr("the energy rule");
}

QString what(const units::Error& error) {
    using units::ErrorCode;
    const auto& p = error.parameters;
    switch (error.code) {
    case ErrorCode::file_not_found: return MessagesWords::tr("There is no such file. Check the name and the folder.");
    case ErrorCode::file_unreadable: return MessagesWords::tr("The file cannot be read: %1.").arg(text(p, "reason"));
    case ErrorCode::file_unwritable:
        return MessagesWords::tr("The file cannot be written: %1. Choose another folder, or free some space.")
            .arg(text(p, "reason"));
    case ErrorCode::file_empty: return MessagesWords::tr("The file is empty. Copy it from the card once more.");
    case ErrorCode::file_binary:
        return MessagesWords::tr("This is not a text file. Export the flight as CSV and open that.");
    case ErrorCode::line_too_long:
        return MessagesWords::tr("One line is longer than any log's. This is not a CSV log; export the flight as CSV.");
    case ErrorCode::no_header:
        return MessagesWords::tr(
            "No line was found that names columns, such as “Time, Pack (V), Current (A)”. Add a header "
            "line, or export with one.");
    case ErrorCode::header_without_rows:
        return MessagesWords::tr("There is a header and not one row under it: nothing was recorded.");
    case ErrorCode::no_time:
        return MessagesWords::tr(
            "No column holds a time, and without one nothing can be added up. Say which one does (Columns…, or "
            "--column on the command line), or record with time switched on.");
    case ErrorCode::no_usable_rows:
        return MessagesWords::tr("Not enough rows could be read (of %1 rows fewer than two make sense). Look at the place "
                         "named here.")
            .arg(plain(number(p, "rows")));
    case ErrorCode::time_stands_still:
        return MessagesWords::tr("Time has not moved for %1 rows up to there: this is no flight, or the file is damaged.")
            .arg(plain(number(p, "rows")));
    case ErrorCode::json_syntax:
        return MessagesWords::tr("This is not valid JSON; a comma, quote or bracket is amiss there.");
    case ErrorCode::json_wrong_type:
        return MessagesWords::tr("A value of another kind stands there; wanted: %1.").arg(text(p, "wanted"));
    case ErrorCode::value_missing: return MessagesWords::tr("A value is missing that cannot be worked out. Add it.");
    case ErrorCode::value_out_of_range:
        return MessagesWords::tr("%1 is not possible there; it takes %2 to %3.")
            .arg(plain(number(p, "value")), plain(number(p, "least")), plain(number(p, "most")));
    case ErrorCode::word_unknown:
        return MessagesWords::tr("“%1” is not known there; it takes one of: %2.").arg(text(p, "word"), text(p, "allowed"));
    case ErrorCode::values_conflict:
        return MessagesWords::tr("Only one of these can hold: %1. Keep one of them.").arg(text(p, "fields"));
    case ErrorCode::format_unknown:
        return MessagesWords::tr("The document says it is “%1”; wanted is “%2”.").arg(text(p, "found"), text(p, "wanted"));
    case ErrorCode::version_newer:
        return MessagesWords::tr("The document is of version %1; this program knows up to %2. Update the program.")
            .arg(plain(number(p, "found")), plain(number(p, "newest")));
    case ErrorCode::height_outside_atmosphere:
        return MessagesWords::tr("Height above sea level comes to %1 m; the air is known from %2 to %3 m.")
            .arg(plain(number(p, "value")), plain(number(p, "least")), plain(number(p, "most")));
    case ErrorCode::position_impossible:
        return MessagesWords::tr("Latitude %1, longitude %2 is not on earth. Write degrees as LATITUDE,LONGITUDE.")
            .arg(plain(number(p, "latitude")), plain(number(p, "longitude")));
    case ErrorCode::wind_too_strong:
        return MessagesWords::tr(
            "The wind is too strong for this airspeed: the course cannot be held, or not with 2 m/s over "
            "ground.");
    case ErrorCode::airspeed_outside_model:
        return MessagesWords::tr("One known cruise says nothing about %1 m/s; it reaches from %2 to %3 m/s.")
            .arg(plain(number(p, "value")), plain(number(p, "least")), plain(number(p, "most")));
    case ErrorCode::raster_unreadable:
        return MessagesWords::tr(
            "This elevation raster cannot be read. It takes GeoTIFF, HGT or an ASCII grid with its projection.");
    case ErrorCode::raster_elsewhere:
        return MessagesWords::tr("This elevation raster does not cover home. Choose the one of the field.");
    case ErrorCode::raster_module_missing:
        return MessagesWords::tr("The part of the program that reads elevation rasters is not installed beside it.");
    case ErrorCode::no_route:
        return MessagesWords::tr("There is no route in this file: no way points, no route and no line.");
    case ErrorCode::book_damaged:
        return MessagesWords::tr(
            "The logbook is damaged and was left as it is. Restore a backup, or begin a new one beside it.");
    case ErrorCode::book_not_ours:
        return MessagesWords::tr("This file is not a logbook and was left as it is. Choose another one.");
    case ErrorCode::book_full:
        return MessagesWords::tr("There is no space left to write to the logbook. Free some; what you do meanwhile is kept "
                         "in memory and "
                         "written then.");
    case ErrorCode::book_read_only:
        return MessagesWords::tr("The logbook can only be read here, so this was not kept. Give it write permission, or "
                         "choose another one.");
    case ErrorCode::book_in_use:
        return MessagesWords::tr(
            "The logbook is being written elsewhere. Close the other window or command, then try again.");
    case ErrorCode::book_failed:
        return MessagesWords::tr("The logbook could not be written: %1. Look at the disk it is on.").arg(text(p, "reason"));
    case ErrorCode::log_damaged:
        return MessagesWords::tr("Part %1 of this log is missing or damaged in the logbook. Restore a backup, or file the "
                         "log once more from its file.")
            .arg(plain(number(p, "chunk")));
    case ErrorCode::file_too_large:
        return MessagesWords::tr("The file is larger than %1 MB, too large for a track. Check that it is the right one.")
            .arg(plain(number(p, "most_mb")));
    case ErrorCode::xml_syntax:
        return MessagesWords::tr("The XML is broken here: %1. Copy the file once more, or export it again.")
            .arg(text(p, "reason"));
    case ErrorCode::no_track:
        return MessagesWords::tr(
            "The file holds no flight: no points with a time. A route without times cannot be debriefed.");
    case ErrorCode::format_not_written:
        return MessagesWords::tr("“%1” is no format that logs are written in. Choose a name that ends in %2.")
            .arg(text(p, "ending"), text(p, "allowed"));
    case ErrorCode::cancelled: return MessagesWords::tr("Stopped, as you asked. Nothing was changed.");
    }
    return {};
}

QString wind_no_solution(bool home, const std::vector<units::Parameter>& p, const Quantities& quantities) {
    const QString wind = written(number(p, "wind_mps"), 0.0, quantities.notation(units::Quantity::wind_speed));
    const QString airspeed = quantities.speed(number(p, "airspeed_mps"));
    return home ? MessagesWords::tr(
                      "No way home: against a wind of %1, the worst credible, an airspeed of %2 does not bring "
                      "the aircraft back. Wait for less wind, or fly faster.")
                      .arg(wind, airspeed)
                : MessagesWords::tr(
                      "No way out on this bearing: in a wind of %1 an airspeed of %2 cannot hold the course with "
                      "2 m/s over ground. Choose another bearing, or wait for less wind.")
                      .arg(wind, airspeed);
}

/// Why two methods tell different things of what was left. A method that was not used is written as a dash.
QString disagreement_text(const QString& cause, const QString& counted, const QString& rested,
                          const QString& recharged) {
    if (cause == QLatin1String("sensor-scale")) {
        return MessagesWords::tr("Counting says %1 are left, the recharge says %2: the current sensor's scale is off. "
                         "Calibrate it; until then believe the recharge.")
            .arg(counted, recharged);
    }
    if (cause == QLatin1String("not-full-at-start")) {
        return MessagesWords::tr(
                   "The resting volts say only %1 are left, what was taken out says %2: the pack was not full "
                   "at the start, or holds less than its label.")
            .arg(rested, recharged);
    }
    if (cause == QLatin1String("not-rested-or-cold")) {
        return MessagesWords::tr("The resting volts say %1 are left, counting says %2: after a short rest, or in the cold, "
                         "volts have not come back yet. Let it rest for half an hour and measure again.")
            .arg(rested, counted);
    }
    if (cause == QLatin1String("sensor-reads-high")) {
        return MessagesWords::tr("The resting volts say %1 are left, counting only %2: the current sensor reads too high. "
                         "Recharge, and calibrate it.")
            .arg(rested, counted);
    }
    return MessagesWords::tr(
               "The resting volts say only %1 are left, counting says %2: the pack holds less than its label, "
               "or the current sensor reads too low. The recharge decides; until then believe the volts.")
        .arg(rested, counted);
}

QString ordinal(int n) {
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
    return MessagesWords::tr(
        "The wind is not known: too little turning, so that it cannot be told from the airspeed. Fly one "
        "full circle on every flight.");
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
    return where.isEmpty() ? what(error) : MessagesWords::tr("%1: %2", "place: message").arg(where, what(error));
}

QString message(const units::Notice& notice, const Quantities& q) {
    using units::NoticeCode;
    using units::Quantity;
    const auto& p = notice.parameters;
    const auto volts = [&](const char* key) {
        return written(number(p, key), 0.0, q.notation(Quantity::landing_cell_voltage));
    };
    switch (notice.code) {
    case NoticeCode::no_solution_out: return wind_no_solution(false, p, q);
    case NoticeCode::no_solution_home: return wind_no_solution(true, p, q);
    case NoticeCode::energy_short_for_climb:
        return MessagesWords::tr(
                   "The pack is at its landing voltage before %1 is reached. Fly lower, climb more gently, or "
                   "take a bigger pack.")
            .arg(q.height(number(p, "height_m")));
    case NoticeCode::power_not_available:
        return MessagesWords::tr(
                   "This pack cannot give the %1 that the flight asks for. A pack with less resistance or more "
                   "cells can.")
            .arg(written(number(p, "power_w"), 0.0, q.notation(Quantity::cruise_power)));
    case NoticeCode::way_home_is_dear:
        return MessagesWords::tr(
                   "The way home is the dear one: %1 over ground against %2 going out. Going out into the wind "
                   "makes it the easy one.")
            .arg(q.speed(number(p, "home_mps")), q.speed(number(p, "out_mps")));
    case NoticeCode::school_turns_too_late:
        if (number(p, "landing_left_wh") < 0.0) {
            return MessagesWords::tr("Turning by %1 at %2 would not get home at all: %3 too little.")
                .arg(school_text(text(p, "school")), q.distance(number(p, "distance_m")),
                     q.energy(-number(p, "landing_left_wh")));
        }
        return MessagesWords::tr("Turning by %1 at %2 would not get home with the reserve.")
            .arg(school_text(text(p, "school")), q.distance(number(p, "distance_m")));
    case NoticeCode::landing_voltage_wastes_energy:
        return MessagesWords::tr(
                   "Landing at %1 leaves %2 unused, %3 of what the pack gives. %4 is usual for this chemistry.")
            .arg(volts("landing_cell_v"), q.energy(number(p, "unused_wh")), q.share(number(p, "unused_share")),
                 volts("usual_cell_v"));
    case NoticeCode::landing_voltage_below_floor:
        return MessagesWords::tr("Landing at %1 is below this chemistry's floor of %2 and damages the cells.")
            .arg(volts("landing_cell_v"), volts("floor_cell_v"));
    case NoticeCode::height_above_ceiling:
        return MessagesWords::tr("%1 is above your height limit of %2. Local rules decide.")
            .arg(q.height(number(p, "height_m")), q.height(number(p, "ceiling_m")));
    case NoticeCode::power_demand_high:
        return MessagesWords::tr("Cruise takes %1 of full power; 30–40 % leaves headroom for gusts.")
            .arg(q.share(number(p, "share")));
    case NoticeCode::power_demand_very_high:
        return MessagesWords::tr("Cruise takes %1 of full power: too much for a distance attempt. Fly slower, or lighter.")
            .arg(q.share(number(p, "share")));
    case NoticeCode::school_not_reached:
        return MessagesWords::tr("On this flight %1 never says turn.").arg(school_text(text(p, "school")));
    case NoticeCode::route_not_whole:
        return MessagesWords::tr("The pack does not carry this route whole: come home from %1 on it. A shorter route, less "
                         "reserve or a bigger pack clears it.")
            .arg(q.distance(number(p, "distance_m")));
    case NoticeCode::failsafe_return_short:
        return MessagesWords::tr("The aircraft's own return does not get home from the turn.");
    case NoticeCode::clearance_too_low:
        return MessagesWords::tr("The ground comes to within %1 of the way, at %2 on it; %3 are wanted. Fly higher, or "
                         "around it.")
            .arg(q.height(number(p, "height_m")), q.distance(number(p, "distance_m")),
                 q.height(number(p, "wanted_m")));
    case NoticeCode::terrain_not_read:
        return MessagesWords::tr("The terrain of “%1” is not read: this plan knows no hills.").arg(text(p, "file"));
    case NoticeCode::terrain_partly_known:
        return MessagesWords::tr("The elevation raster does not cover all of the way: beyond it the ground is not known.");
    case NoticeCode::speed_rule_not_met:
        return MessagesWords::tr(
            "A speed by share of full power wants the aircraft's full power; the known cruise is flown.");
    case NoticeCode::climb_not_possible:
        return MessagesWords::tr(
            "That throttle does not climb: level flight takes all of it. More throttle, or less mass.");
    case NoticeCode::alternate_out_of_reach:
        return MessagesWords::tr("%1 is never within reach on this flight.").arg(text(p, "name"));
    case NoticeCode::sink_too_fast:
        return MessagesWords::tr("Sinking at %1 with so little way over ground falls into its own wake; %2 is the most. "
                         "Come down flying forward.")
            .arg(written(number(p, "sink_mps"), 0.0, q.notation(Quantity::climb_rate)),
                 written(number(p, "most_mps"), 0.0, q.notation(Quantity::climb_rate)));
    case NoticeCode::chance_not_computed:
        return MessagesWords::tr("The chance of coming home is not worked out by this version; the chance rule does not "
                         "count.");
    case NoticeCode::cold_start_dip:
        return MessagesWords::tr("The cold pack dips to %1 at the start and recovers after %2 as it warms. Keep it warm "
                         "until launch, and do not take the dip for empty.")
            .arg(volts("lowest_cell_v"), q.duration(number(p, "until_s")));
    case NoticeCode::rate_table_misfit:
        return MessagesWords::tr(
                   "At %1 the rate table promises %2 a cell, but with the stated resistance only %3 come out. "
                   "One of the two is wrong.")
            .arg(plain(number(p, "current_a")) + QStringLiteral(" A"), q.charge(number(p, "table_ah")),
                 q.charge(number(p, "model_ah")));
    case NoticeCode::current_above_rating:
        return MessagesWords::tr(
                   "%1 is more than the %2 this pack can give without end. Fly slower, or take a pack of more "
                   "cells in parallel.")
            .arg(wording::written(number(p, "current_a"), 0.0, {1.0, MessagesWords::tr("A"), 1}),
                 wording::written(number(p, "limit_a"), 0.0, {1.0, MessagesWords::tr("A"), 1}));
    case NoticeCode::charge_misleads:
        return MessagesWords::
            tr("mAh mislead here, because the packs differ in cells in series: %1 has %2 but only %3; %4 has %5 "
               "and %6. Compare by Wh.")
                .arg(text(p, "more_charge"), q.charge(number(p, "charge_ah")), q.energy(number(p, "energy_wh")),
                     text(p, "more_energy"), q.charge(number(p, "charge_of_energy_ah")),
                     q.energy(number(p, "energy_of_energy_wh")));
    case NoticeCode::sag_above_stated:
        return MessagesWords::tr("Flights showed %1 a cell, the pack is described with %2. Cold, age or a bad joint: the "
                         "measured one decides how much current is believed.")
            .arg(written(number(p, "measured_ohm"), 0.0, q.notation(Quantity::cell_resistance)),
                 written(number(p, "stated_ohm"), 0.0, q.notation(Quantity::cell_resistance)));
    case NoticeCode::left_methods_disagree:
        return disagreement_text(text(p, "cause"), q.share(number(p, "counted_share")),
                                 q.share(number(p, "rested_share")), q.share(number(p, "recharged_share")));
    case NoticeCode::start_below_landing:
        return MessagesWords::tr("Under this load the pack stands below %1 from the start: it gives nothing to that "
                         "landing voltage.")
            .arg(volts("landing_cell_v"));
    case NoticeCode::unknown_key:
        return MessagesWords::tr("“%1” is not known and was not used. Is it a slip of the pen?").arg(text(p, "field"));
    case NoticeCode::value_not_used_yet:
        return MessagesWords::tr("“%1” is kept but not used by this version.").arg(text(p, "field"));
    case NoticeCode::unit_assumed:
        return MessagesWords::tr("“%1” names no unit; it was read as %2.").arg(text(p, "column"), text(p, "channel"));
    case NoticeCode::quantity_assumed:
        return MessagesWords::tr("“%1” was taken for %2 by its unit alone.").arg(text(p, "column"), text(p, "channel"));
    case NoticeCode::home_far_from_track:
        return MessagesWords::tr("Home as given is %1 from the first good fix. Latitude comes first, then longitude.")
            .arg(q.distance(number(p, "distance_m")));
    case NoticeCode::column_not_understood:
        return text(p, "column").isEmpty()
                   ? MessagesWords::tr("%1 more columns were not used.").arg(plain(number(p, "more")))
                   : MessagesWords::tr("“%1” was not used.").arg(text(p, "column"));
    case NoticeCode::no_current:
        return MessagesWords::tr(
            "No column holds a current or a counter of charge: way and height are shown, consumption is "
            "not. Switch the current sensor's telemetry on.");
    case NoticeCode::no_voltage:
        return MessagesWords::tr("No column holds the pack's volts: charge is counted, energy is not known.");
    case NoticeCode::no_position:
        return MessagesWords::tr("No position in this log: what was used is counted, distances are not known.");
    case NoticeCode::home_is_first_fix:
        return MessagesWords::tr(
                   "The first good fix came after %1, and home is taken to be there. If the aircraft was already "
                   "under way, give home yourself.")
            .arg(q.duration(number(p, "after_s")));
    case NoticeCode::counter_disagrees:
        return MessagesWords::tr(
                   "Adding up the current gives %1, the log's own counter says %2. Rows may be missing, or the "
                   "counter started late.")
            .arg(q.charge(number(p, "integrated_ah")), q.charge(number(p, "counter_ah")));
    case NoticeCode::distances_disagree:
        return MessagesWords::tr("Positions add up to %1, ground speed to %2. One of the two is off.")
            .arg(q.distance(number(p, "positions_m")), q.distance(number(p, "speed_m")));
    case NoticeCode::integrals_skip_gaps:
        return MessagesWords::tr(
                   "The record pauses (gaps: %1, together %2). What was used meanwhile is not counted; the true "
                   "figures are higher.")
            .arg(plain(number(p, "gaps")), q.duration(number(p, "gap_s")));
    case NoticeCode::several_flights:
        return MessagesWords::tr("The file holds %1 flights; this is the %2. Choose another one above the strips, or with "
                         "--flight.")
            .arg(plain(number(p, "flights")), ordinal(int(number(p, "shown"))));
    case NoticeCode::pack_does_not_fit:
        return MessagesWords::
            tr("The log's %1 at most do not fit a pack of %2 in series; what was left is not worked out. Choose "
               "the pack that was flown.")
                .arg(written(number(p, "highest_v"), 0.0, q.notation(Quantity::lowest_voltage)),
                     plain(number(p, "series")));
    case NoticeCode::wind_not_observable: return wind_reason_text(text(p, "reason"));
    case NoticeCode::wind_partly_observable:
        return MessagesWords::tr(
                   "The headings flown show the wind along %1 only; across it, the log cannot tell it from the "
                   "airspeed. A full turn would.")
            .arg(q.direction(number(p, "along_deg")));
    case NoticeCode::still_air_from_ground:
        return MessagesWords::tr("The wind is not known, so consumption in still air is not either: over ground it holds "
                         "for this flight only.");
    case NoticeCode::book_read_only:
        return MessagesWords::tr("The logbook can only be read here: nothing that you change is kept. Give its file write "
                         "permission, or choose another one.");
    case NoticeCode::book_in_use:
        return MessagesWords::tr("The logbook is open in another window; here it is only read, and nothing that you change "
                         "is kept. Close the other window and start again.");
    case NoticeCode::book_newer:
        return MessagesWords::tr("The logbook was written by a newer version (%1; this program knows up to %2). It is only "
                         "read, and nothing that you change is kept. Update the program.")
            .arg(plain(number(p, "found")), plain(number(p, "newest")));
    case NoticeCode::book_without_wal:
        return MessagesWords::tr("The folder of the logbook does not allow the safer way of writing, as network folders do "
                         "not. It works, more slowly; a folder on this machine is better.");
    case NoticeCode::book_migrated:
        return MessagesWords::tr("The logbook was brought to this version. A copy of it as it was is in %1.")
            .arg(text(p, "copy"));
    case NoticeCode::positions_swapped:
        return MessagesWords::tr("Latitude and longitude stand in each other's column; they were changed round. Say so in "
                         "“Columns…” if that is wrong.");
    case NoticeCode::sensor_stuck:
        return MessagesWords::tr(
                   "“%1” stood at the very same value for %2 in flight, together; those readings are left out. "
                   "Check its wire.")
            .arg(text(p, "channel"), q.duration(number(p, "stuck_s")));
    case NoticeCode::sensor_saturated:
        return MessagesWords::tr(
                   "The current sensor reads %1 and never more, for %2 together: it is at the end of its range, "
                   "and more was used than is counted.")
            .arg(written(number(p, "current_a"), 0.0, {1.0, MessagesWords::tr("A"), 0}),
                 q.duration(number(p, "saturated_s")));
    case NoticeCode::heights_disagree:
        return MessagesWords::tr("Barometer and GPS drift apart by up to %1: weather, or cabin pressure from the airflow. "
                         "Heights are the barometer's.")
            .arg(q.height(number(p, "apart_m")));
    case NoticeCode::wind_disagrees_with_log:
        return MessagesWords::tr(
                   "The aircraft's own estimate says %1 from %2, turning says %3 from %4. Turning counts here.")
            .arg(written(number(p, "log_mps"), 0.0, q.notation(Quantity::wind_speed)),
                 q.direction(number(p, "log_from_deg")),
                 written(number(p, "found_mps"), 0.0, q.notation(Quantity::wind_speed)),
                 q.direction(number(p, "found_from_deg")));
    case NoticeCode::current_above_limit: {
        const QString part = text(p, "part");
        const QString said =
            part == QLatin1String("controller")
                ? MessagesWords::tr("%1 above the %2 that controllers and motors bear, up to %3. Fly slower, or take a "
                            "propeller of less pitch.")
            : part == QLatin1String("strips")
                ? MessagesWords::tr(
                      "%1 above the %2 that the strips between the cells carry, up to %3. Feel the pack after "
                      "landing; wider or doubled strips carry more.")
            : part == QLatin1String("connector")
                ? MessagesWords::tr("%1 above the %2 that the connector carries, up to %3. Feel it after landing; a larger "
                            "one carries more.")
                : MessagesWords::tr("%1 above the %2 that this pack gives without end, up to %3. Short bursts warm it; a "
                            "minute of it ages it.");
        const Notation amps{1.0, MessagesWords::tr("A"), 0};
        return said.arg(q.duration(number(p, "above_s")), written(number(p, "limit_a"), 0.0, amps),
                        written(number(p, "highest_a"), 0.0, amps));
    }
    case NoticeCode::link_near_failsafe:
        return MessagesWords::tr("The link would give up at about %1; this flight went to %2. Range-check it before going "
                         "farther.")
            .arg(q.distance(number(p, "failsafe_m")), q.distance(number(p, "farthest_m")));
    case NoticeCode::ledger_does_not_close:
        return MessagesWords::tr("The current sensors do not agree: the array gave %1, the motors and electronics took %2, "
                         "the pack %3. %4 are missing.")
            .arg(q.energy(number(p, "array_wh")), q.energy(number(p, "used_wh")), q.energy(number(p, "pack_wh")),
                 q.energy(number(p, "missing_wh")));
    case NoticeCode::idle_current:
        return MessagesWords::tr(
                   "On the ground the sensor reads %1 where the electronics draw %2: its offset is %3. Set it "
                   "in the flight controller.")
            .arg(written(number(p, "read_a"), 0.0, {1.0, MessagesWords::tr("A"), 2}),
                 written(number(p, "really_a"), 0.0, {1.0, MessagesWords::tr("A"), 2}),
                 written(number(p, "offset_a"), 0.0, {1.0, MessagesWords::tr("A"), 2}));
    case NoticeCode::counter_only: return MessagesWords::tr("No column holds a current; charge is the log's own counter.");
    }
    return {};
}

} // namespace sobremesa::wording
