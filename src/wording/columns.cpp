#include "wording/columns.hpp"

#include <QCoreApplication>
#include <QDateTime>

#include "io/cell_forms.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

namespace {

struct ColumnsWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Columns)
};

using telemetry::Channel;

QString channel_name(Channel channel) {
    switch (channel) {
    case Channel::time_s: return ColumnsWords::tr("time since the start");
    case Channel::latitude_deg: return ColumnsWords::tr("latitude");
    case Channel::longitude_deg: return ColumnsWords::tr("longitude");
    case Channel::height_m: return ColumnsWords::tr("height");
    case Channel::ground_speed_mps: return ColumnsWords::tr("ground speed");
    case Channel::course_deg: return ColumnsWords::tr("course over ground");
    case Channel::heading_deg: return ColumnsWords::tr("heading");
    case Channel::airspeed_mps: return ColumnsWords::tr("airspeed");
    case Channel::climb_mps: return ColumnsWords::tr("climb");
    case Channel::voltage_v: return ColumnsWords::tr("pack voltage");
    case Channel::cell_voltage_v: return ColumnsWords::tr("cell voltage");
    case Channel::current_a: return ColumnsWords::tr("pack current");
    case Channel::charge_ah: return ColumnsWords::tr("charge used");
    case Channel::energy_wh: return ColumnsWords::tr("energy used");
    case Channel::throttle_share: return ColumnsWords::tr("throttle");
    case Channel::link_quality_share: return ColumnsWords::tr("link quality");
    case Channel::signal_dbm: return ColumnsWords::tr("signal");
    case Channel::satellites: return ColumnsWords::tr("satellites");
    case Channel::gps_height_m: return ColumnsWords::tr("GPS height");
    case Channel::wind_speed_mps: return ColumnsWords::tr("wind speed, aircraft's estimate");
    case Channel::wind_from_deg: return ColumnsWords::tr("wind direction, aircraft's estimate");
    case Channel::array_current_a: return ColumnsWords::tr("solar array current");
    case Channel::motor_current_a: return ColumnsWords::tr("motor current");
    case Channel::video_quality_share: return ColumnsWords::tr("video link quality");
    case Channel::video_signal_dbm: return ColumnsWords::tr("video signal");
    case Channel::video_bitrate_mbit_s: return ColumnsWords::tr("video bit rate");
    case Channel::power_w: break;
    }
    return ColumnsWords::tr("pack power");
}

/// Unit and decimals of a channel in SI, as a reading is shown.
Notation si_notation(Channel channel) {
    switch (channel) {
    case Channel::latitude_deg:
    case Channel::longitude_deg: return {1.0, ColumnsWords::tr("°"), 6, false};
    case Channel::course_deg:
    case Channel::heading_deg:
    case Channel::wind_from_deg: return {1.0, ColumnsWords::tr("°"), 0, false};
    case Channel::height_m:
    case Channel::gps_height_m: return {1.0, ColumnsWords::tr("m"), 1};
    case Channel::ground_speed_mps:
    case Channel::airspeed_mps:
    case Channel::climb_mps:
    case Channel::wind_speed_mps: return {1.0, ColumnsWords::tr("m/s"), 1};
    case Channel::voltage_v:
    case Channel::cell_voltage_v: return {1.0, ColumnsWords::tr("V"), 2};
    case Channel::current_a:
    case Channel::array_current_a:
    case Channel::motor_current_a: return {1.0, ColumnsWords::tr("A"), 2};
    case Channel::power_w: return {1.0, ColumnsWords::tr("W"), 1};
    case Channel::charge_ah: return {1000.0, ColumnsWords::tr("mAh"), 0};
    case Channel::energy_wh: return {1.0, ColumnsWords::tr("Wh"), 2};
    case Channel::throttle_share:
    case Channel::link_quality_share:
    case Channel::video_quality_share: return {100.0, ColumnsWords::tr("%"), 0};
    case Channel::signal_dbm:
    case Channel::video_signal_dbm: return {1.0, ColumnsWords::tr("dBm"), 0};
    case Channel::video_bitrate_mbit_s: return {1.0, ColumnsWords::tr("Mbit/s"), 1};
    case Channel::satellites: return {1.0, {}, 0};
    case Channel::time_s: break;
    }
    return {1.0, ColumnsWords::tr("s"), 3};
}

/// As the clock of the log shows it.
QString clock_moment(double seconds) {
    return QDateTime::fromMSecsSinceEpoch(qint64(seconds * 1000.0), Qt::UTC)
        .toString(QStringLiteral("yyyy-MM-dd hh:mm:ss"));
}

} // namespace

QString column_meaning(const std::string& word) {
    if (word == "ignored") return ColumnsWords::tr("not used");
    if (word == "date") return ColumnsWords::tr("date");
    if (word == "clock") return ColumnsWords::tr("time of day");
    if (word == "moment") return ColumnsWords::tr("date and time");
    if (word == "clock-part") return ColumnsWords::tr("part of the time of day");
    if (word == "date-part") return ColumnsWords::tr("part of the date");
    if (word == "position") return ColumnsWords::tr("latitude and longitude");
    if (word == "cells") return ColumnsWords::tr("volts of all cells");
    const auto channel = telemetry::channel_from_word(word);
    return channel ? channel_name(*channel) : QString::fromStdString(word);
}

QString column_reading(const io::LogColumn& column, const std::vector<std::vector<std::string>>& first_rows,
                       std::size_t index) {
    using Kind = io::LogColumn::Kind;
    if (column.kind == Kind::ignored) return QStringLiteral("–");
    for (const auto& row : first_rows) {
        if (index >= row.size() || io::means_missing(row[index])) continue;
        io::CellValues values{};
        if (!io::parse_cell(column, row[index], values)) return ColumnsWords::tr("cannot be read that way");
        switch (column.kind) {
        case Kind::number:
        case Kind::written_number:
        case Kind::added_number:
        case Kind::angle: return written(values[0] * column.scale, 0.0, si_notation(column.channel));
        case Kind::position_pair:
            return ColumnsWords::tr("%1, %2", "latitude, longitude")
                .arg(written(values[0], 0.0, si_notation(Channel::latitude_deg)),
                     written(values[1], 0.0, si_notation(Channel::longitude_deg)));
        case Kind::cell_list:
            return ColumnsWords::tr("%1, lowest cell %2")
                .arg(written(values[0], 0.0, si_notation(Channel::voltage_v)),
                     written(values[1], 0.0, si_notation(Channel::cell_voltage_v)));
        case Kind::moment: return clock_moment(values[0]);
        case Kind::date:
            return QDateTime::fromSecsSinceEpoch(qint64(values[0]), Qt::UTC).toString(QStringLiteral("yyyy-MM-dd"));
        case Kind::hemisphere:
        case Kind::angle_part:
        case Kind::clock_part:
        case Kind::date_part:
        case Kind::clock_time:
        case Kind::ignored: return QString::fromStdString(row[index]);
        }
    }
    return ColumnsWords::tr("no value in the first rows");
}

} // namespace sobremesa::wording
