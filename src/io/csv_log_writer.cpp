#include "io/csv_log_writer.hpp"

#include <chrono>
#include <cmath>
#include <functional>
#include <vector>

#include "core/units/constants.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;

struct WrittenColumn {
    std::string header;
    std::function<std::string(std::size_t row)> cell;
};

std::string two_digits(int value) {
    const std::string digits = text_from_number(value, 0);
    return value < 10 ? "0" + digits : digits;
}

std::string date_text(double clock_s) {
    const auto days = std::chrono::floor<std::chrono::days>(
        std::chrono::sys_seconds(std::chrono::seconds(std::int64_t(std::floor(clock_s)))));
    const std::chrono::year_month_day date{days};
    return text_from_number(int(date.year()), 0) + "-" + two_digits(int(unsigned(date.month()))) + "-" +
           two_digits(int(unsigned(date.day())));
}

std::string clock_text(double clock_s) {
    // Round to the written digits first, or 59.9996 s would be written as 60.
    const auto milliseconds = std::llround(clock_s * 1000.0);
    const auto of_day = milliseconds % 86'400'000;
    const double seconds = double(of_day % 60'000) / 1000.0;
    return two_digits(int(of_day / 3'600'000)) + ":" + two_digits(int(of_day / 60'000 % 60)) + ":" +
           (seconds < 10.0 ? "0" : "") + text_from_number(seconds, 3);
}

class ColumnList {
public:
    explicit ColumnList(const FlightLog& log) : log_(log) {}

    void number(Channel channel, std::string header, double factor, int decimals) {
        if (!log_.has(channel)) return;
        const auto& values = log_[channel];
        columns.push_back({std::move(header), [&values, factor, decimals](std::size_t row) {
                               const double value = values[row];
                               return std::isfinite(value) ? text_from_number(value * factor, decimals)
                                                           : std::string();
                           }});
    }

    std::vector<WrittenColumn> columns;

private:
    const FlightLog& log_;
};

std::vector<WrittenColumn> radio_columns(const FlightLog& log) {
    ColumnList list(log);
    const double start_s = log.start_clock_s.value_or(0.0);
    const auto& time = log[Channel::time_s];
    list.columns.push_back({"Date", [&time, start_s](std::size_t i) { return date_text(start_s + time[i]); }});
    list.columns.push_back({"Time", [&time, start_s](std::size_t i) { return clock_text(start_s + time[i]); }});
    if (log.has(Channel::latitude_deg) && log.has(Channel::longitude_deg)) {
        const auto& latitude = log[Channel::latitude_deg];
        const auto& longitude = log[Channel::longitude_deg];
        list.columns.push_back({"Position", [&latitude, &longitude](std::size_t i) {
                                    if (!std::isfinite(latitude[i])) return std::string();
                                    return text_from_number(latitude[i], 6) + " " +
                                           text_from_number(longitude[i], 6);
                                }});
    }
    list.number(Channel::satellites, "Satellites", 1.0, 0);
    list.number(Channel::height_m, "Height(m)", 1.0, 1);
    list.number(Channel::ground_speed_mps, "Speed(km/h)", 1.0 / units::mps_per_kmh, 1);
    list.number(Channel::course_deg, "Course(deg)", 1.0, 1);
    list.number(Channel::voltage_v, "Pack(V)", 1.0, 2);
    list.number(Channel::current_a, "Current(A)", 1.0, 2);
    list.number(Channel::array_current_a, "Array(A)", 1.0, 2);
    list.number(Channel::motor_current_a, "Motor(A)", 1.0, 2);
    list.number(Channel::charge_ah, "Used(mAh)", units::milliamp_hours_per_amp_hour, 0);
    list.number(Channel::throttle_share, "Throttle(%)", 100.0, 0);
    list.number(Channel::link_quality_share, "Link(%)", 100.0, 0);
    list.number(Channel::video_quality_share, "Video link(%)", 100.0, 0);
    list.number(Channel::video_signal_dbm, "Video RSSI(dBm)", 1.0, 0);
    list.number(Channel::video_bitrate_mbit_s, "Video bitrate(Mbit/s)", 1.0, 1);
    return list.columns;
}

std::vector<WrittenColumn> recorder_columns(const FlightLog& log) {
    ColumnList list(log);
    list.number(Channel::time_s, "time (us)", 1e6, 0);
    list.number(Channel::latitude_deg, "latitude (deg)", 1.0, 7);
    list.number(Channel::longitude_deg, "longitude (deg)", 1.0, 7);
    list.number(Channel::satellites, "satellites", 1.0, 0);
    list.number(Channel::height_m, "baro height (cm)", 100.0, 0);
    list.number(Channel::ground_speed_mps, "ground speed (m/s)", 1.0, 2);
    list.number(Channel::course_deg, "course (deg)", 1.0, 1);
    list.number(Channel::heading_deg, "heading (deg)", 1.0, 1);
    list.number(Channel::airspeed_mps, "airspeed (m/s)", 1.0, 2);
    list.number(Channel::climb_mps, "climb (m/s)", 1.0, 2);
    list.number(Channel::voltage_v, "voltage (V)", 1.0, 3);
    list.number(Channel::current_a, "current (A)", 1.0, 2);
    list.number(Channel::charge_ah, "consumed (mAh)", units::milliamp_hours_per_amp_hour, 1);
    list.number(Channel::throttle_share, "throttle (%)", 100.0, 1);
    return list.columns;
}

std::vector<WrittenColumn> whole_columns(const FlightLog& log) {
    ColumnList list(log);
    const auto& time = log[Channel::time_s];
    if (log.start_clock_s) {
        const double start_s = *log.start_clock_s;
        list.columns.push_back({"Date", [&time, start_s](std::size_t i) { return date_text(start_s + time[i]); }});
        list.columns.push_back({"Time", [&time, start_s](std::size_t i) { return clock_text(start_s + time[i]); }});
    }
    constexpr int degree_decimals = 9;
    constexpr int decimals = 6;
    for (std::size_t i = 0; i < telemetry::channel_count; ++i) {
        const auto channel = static_cast<Channel>(i);
        // Beside a clock the seconds would be a second time.
        if (channel == Channel::time_s && log.start_clock_s) continue;
        const bool degrees = channel == Channel::latitude_deg || channel == Channel::longitude_deg;
        list.number(channel, telemetry::channel_word(channel), 1.0, degrees ? degree_decimals : decimals);
    }
    return list.columns;
}

} // namespace

std::string csv_from_log(const FlightLog& log, LogStyle style) {
    const auto columns = style == LogStyle::radio   ? radio_columns(log)
                         : style == LogStyle::whole ? whole_columns(log)
                                                    : recorder_columns(log);
    std::string text;
    for (std::size_t i = 0; i < columns.size(); ++i) text += (i ? "," : "") + columns[i].header;
    text += '\n';
    for (std::size_t row = 0; row < log.rows(); ++row) {
        for (std::size_t i = 0; i < columns.size(); ++i) {
            if (i) text += ',';
            text += columns[i].cell(row);
        }
        text += '\n';
    }
    return text;
}

} // namespace sobremesa::io
