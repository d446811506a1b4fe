#include <array>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <map>
#include <optional>

#include "core/units/constants.hpp"
#include "io/cell_forms.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;

/// Columns of a B record, from 1 as the specification counts them.
constexpr std::size_t b_record_length = 35;

/// What stands behind the 35 columns of a B record, as the I record says it.
struct Addition {
    std::size_t first = 0; // from 1
    std::size_t last = 0;
    std::string code;
};

/// Words of the L records that this program writes.
struct NamedReading {
    const char* word;
    Channel channel;
    int decimals;
};
constexpr std::array named_readings = {NamedReading{"volts", Channel::voltage_v, 3},
                                       NamedReading{"cell", Channel::cell_voltage_v, 3},
                                       NamedReading{"amps", Channel::current_a, 3},
                                       NamedReading{"ah", Channel::charge_ah, 6},
                                       NamedReading{"wh", Channel::energy_wh, 5},
                                       NamedReading{"watts", Channel::power_w, 2},
                                       NamedReading{"airspeed", Channel::airspeed_mps, 3},
                                       NamedReading{"speed", Channel::ground_speed_mps, 3},
                                       NamedReading{"course", Channel::course_deg, 2},
                                       NamedReading{"heading", Channel::heading_deg, 2},
                                       NamedReading{"climb", Channel::climb_mps, 3},
                                       NamedReading{"height", Channel::height_m, 3},
                                       NamedReading{"gpsheight", Channel::gps_height_m, 3},
                                       NamedReading{"throttle", Channel::throttle_share, 4},
                                       NamedReading{"link", Channel::link_quality_share, 4},
                                       NamedReading{"signal", Channel::signal_dbm, 1},
                                       NamedReading{"video", Channel::video_quality_share, 4},
                                       NamedReading{"videosignal", Channel::video_signal_dbm, 1},
                                       NamedReading{"bitrate", Channel::video_bitrate_mbit_s, 3},
                                       NamedReading{"satellites", Channel::satellites, 0},
                                       NamedReading{"wind", Channel::wind_speed_mps, 3},
                                       NamedReading{"windfrom", Channel::wind_from_deg, 2},
                                       NamedReading{"array", Channel::array_current_a, 3},
                                       NamedReading{"motor", Channel::motor_current_a, 3},
                                       NamedReading{"second", Channel::time_s, 3}};
constexpr std::string_view our_record = "LSOB";

/// Nothing where they are no digits, or more than a reading has.
std::optional<int> digits(std::string_view text, std::size_t first, std::size_t count) {
    constexpr std::size_t most_digits = 9;
    if (first + count > text.size() || count > most_digits) return std::nullopt;
    int value = 0;
    bool negative = false;
    for (std::size_t i = first; i < first + count; ++i) {
        if (i == first && text[i] == '-') {
            negative = true;
            continue;
        }
        if (text[i] < '0' || text[i] > '9') return std::nullopt;
        value = 10 * value + (text[i] - '0');
    }
    return negative ? -value : value;
}

class IgcTable {
public:
    TableOfLog run(std::string_view text) {
        TableOfLog result;
        std::int64_t number = 0;
        each_line(text, [&](std::string_view line) {
            ++number;
            if (line.empty()) return;
            if (line.front() == 'H') header(line);
            if (line.front() == 'I') additions(line);
            if (line.starts_with(our_record)) readings(line.substr(our_record.size()));
            if (line.front() == 'B' && !record(line) && result.unread++ == 0) result.first_unread = number;
        });
        end_row();
        result.csv = table_.text();
        return result;
    }

private:
    /// HFDTE180526, HFDTEDATE:180526,01 or HODTE…
    void header(std::string_view line) {
        const auto at = line.find("DTE");
        if (at != 2) return;
        std::string found;
        for (const char c : line.substr(5)) {
            if (c >= '0' && c <= '9') found += c;
            if (found.size() == 6) break;
        }
        if (found.size() != 6) return;
        const std::string year = found.substr(4, 2);
        const std::string date =
            found.substr(0, 2) + "." + found.substr(2, 2) + (year < "80" ? ".20" : ".19") + year;
        double seconds = 0.0;
        if (parse_date(date, DateOrder::day_first, seconds)) date_s_ = seconds;
    }

    void additions(std::string_view line) {
        additions_.clear();
        const auto count = digits(line, 1, 2);
        for (int i = 0; count && i < *count; ++i) {
            const std::size_t at = 3 + 7 * std::size_t(i);
            const auto first = digits(line, at, 2);
            const auto last = digits(line, at + 2, 2);
            if (!first || !last || at + 7 > line.size() || *first < 36 || *last < *first) return;
            additions_.push_back({std::size_t(*first), std::size_t(*last), std::string(line.substr(at + 4, 3))});
        }
    }

    bool record(std::string_view line) {
        end_row();
        if (line.size() < b_record_length) return false;
        const auto hours = digits(line, 1, 2);
        const auto minutes = digits(line, 3, 2);
        const auto seconds = digits(line, 5, 2);
        const auto lat_degrees = digits(line, 7, 2);
        const auto lat_minutes = digits(line, 9, 5);
        const auto lon_degrees = digits(line, 15, 3);
        const auto lon_minutes = digits(line, 18, 5);
        const auto south = hemisphere_sign(line.substr(14, 1));
        const auto west = hemisphere_sign(line.substr(23, 1));
        const auto pressure_m = digits(line, 25, 5);
        const auto gps_m = digits(line, 30, 5);
        if (!hours || !minutes || !seconds || !lat_degrees || !lat_minutes || !lon_degrees || !lon_minutes ||
            !south || !west)
            return false;
        double clock_s = *hours * units::seconds_per_hour + *minutes * units::seconds_per_minute + *seconds;
        double lat_extra = 0.0;
        double lon_extra = 0.0;
        for (const Addition& a : additions_) {
            const std::size_t count = a.last - a.first + 1;
            const auto value = digits(line, a.first - 1, count);
            if (!value) continue;
            const double share = *value / std::pow(10.0, double(count));
            // Further digits of the minutes' thousandths.
            if (a.code == "LAD") lat_extra = share;
            if (a.code == "LOD") lon_extra = share;
            if (a.code == "TDS") clock_s += share;
            if (a.code == "GSP") table_.put(Channel::ground_speed_mps, *value * units::mps_per_kmh);
            if (a.code == "TAS") table_.put(Channel::airspeed_mps, *value * units::mps_per_kmh);
            if (a.code == "TRT") table_.put(Channel::course_deg, *value);
            if (a.code == "HDT") table_.put(Channel::heading_deg, *value);
            if (a.code == "SIU") table_.put(Channel::satellites, *value);
        }
        // Past midnight: one H record says the date of the first fix.
        constexpr double half_day_s = 43200.0;
        if (clock_s_ && clock_s < *clock_s_ - half_day_s) date_s_ += 2.0 * half_day_s;
        clock_s_ = clock_s;
        const auto degrees = [](int whole, int thousandths, double extra) {
            return whole + (thousandths + extra) / 1000.0 / 60.0;
        };
        table_.put(Channel::latitude_deg, *south * degrees(*lat_degrees, *lat_minutes, lat_extra));
        table_.put(Channel::longitude_deg, *west * degrees(*lon_degrees, *lon_minutes, lon_extra));
        // A recorder without a barometer writes zero; a 2D fix (V) has no height of its own.
        if (pressure_m) table_.put(Channel::height_m, *pressure_m);
        if (gps_m && line[24] == 'A') table_.put(Channel::gps_height_m, *gps_m);
        open_ = true;
        return true;
    }

    void readings(std::string_view text) {
        if (!open_) return;
        while (!text.empty()) {
            const auto end = std::min(text.find(';'), text.size());
            const std::string_view pair = text.substr(0, end);
            const auto equals = pair.find('=');
            for (const NamedReading& named : named_readings) {
                if (equals == std::string_view::npos || pair.substr(0, equals) != named.word) continue;
                const auto value = number_from_text(pair.substr(equals + 1));
                if (!value) continue;
                if (named.channel == Channel::time_s)
                    clock_s_ = std::floor(*clock_s_) + *value;
                else
                    table_.put(named.channel, *value);
            }
            text.remove_prefix(std::min(end + 1, text.size()));
        }
    }

    void end_row() {
        if (!open_) return;
        table_.put(Channel::time_s, date_s_ + *clock_s_);
        table_.end_row();
        open_ = false;
    }

    TableOfRows table_;
    std::vector<Addition> additions_;
    double date_s_ = 0.0;
    std::optional<double> clock_s_;
    bool open_ = false;
};

template <class... Arguments>
std::string formatted(const char* format, Arguments... arguments) {
    std::array<char, 96> buffer{};
    std::snprintf(buffer.data(), buffer.size(), format, arguments...);
    return buffer.data();
}

/// Degrees and thousandths of minutes, and the tens-thousandths that follow them.
struct WrittenAngle {
    int degrees = 0;
    int thousandths = 0;
    int further = 0; // 0 … 99
};

WrittenAngle written_angle(double angle) {
    const auto units = std::llround(std::abs(angle) * 60.0 * 1e5);
    return {int(units / 6'000'000), int(units % 6'000'000 / 100), int(units % 100)};
}

int clamped_height(double metres) {
    return std::isfinite(metres) ? int(std::clamp(std::round(metres), -9999.0, 99999.0)) : 0;
}

} // namespace

bool looks_like_igc(std::string_view head) {
    bool begins = false;
    std::size_t dates = 0;
    std::size_t fixes = 0;
    bool first = true;
    each_line(head, [&](std::string_view line) {
        if (first) begins = line.size() >= 4 && line.front() == 'A' && line.find(',') == std::string_view::npos;
        first = false;
        dates += line.starts_with("HFDTE") || line.starts_with("HODTE") || line.starts_with("HPDTE") ? 1 : 0;
        fixes += line.size() >= b_record_length && line.front() == 'B' && digits(line, 1, 6) ? 1 : 0;
    });
    return (begins && dates + fixes > 0) || (dates > 0 && fixes > 0);
}

TableOfLog igc_as_table(std::string_view text) {
    return IgcTable().run(text);
}

std::string igc_from_log(const telemetry::FlightLog& log) {
    const double start_s = log.start_clock_s.value_or(0.0);
    const auto day = std::chrono::floor<std::chrono::days>(
        std::chrono::sys_seconds(std::chrono::seconds(std::int64_t(std::floor(start_s)))));
    const std::chrono::year_month_day date{day};
    // XXX: an approved recorder has a letter code of its own; this is none.
    std::string text = "AXXXSOBREMESA\r\n";
    text +=
        formatted("HFDTE%02u%02u%02d\r\n", unsigned(date.day()), unsigned(date.month()), int(date.year()) % 100);
    text += "HFDTM100GPSDATUM:WGS-1984\r\nI023637LAD3839LOD\r\n";
    const auto value = [&](Channel channel, std::size_t row) {
        return log.has(channel) ? log[channel][row] : telemetry::missing_value;
    };
    for (std::size_t row = 0; row < log.rows(); ++row) {
        const double latitude = value(Channel::latitude_deg, row);
        const double longitude = value(Channel::longitude_deg, row);
        const double time_s = start_s + value(Channel::time_s, row);
        if (!std::isfinite(latitude) || !std::isfinite(longitude) || !std::isfinite(time_s)) continue;
        const double clock_s = time_s - double(day.time_since_epoch().count()) * 86400.0;
        const auto thousandths = std::llround(clock_s * 1000.0);
        const int of_day = int(thousandths / 1000 % 86400);
        const WrittenAngle lat = written_angle(latitude);
        const WrittenAngle lon = written_angle(longitude);
        const double gps_m = value(Channel::gps_height_m, row);
        const double height_m = value(Channel::height_m, row);
        text += formatted("B%02d%02d%02d%02d%05d%c%03d%05d%cA%05d%05d%02d%02d\r\n", of_day / 3600, of_day / 60 % 60,
                          of_day % 60, lat.degrees, lat.thousandths, latitude < 0.0 ? 'S' : 'N', lon.degrees,
                          lon.thousandths, longitude < 0.0 ? 'W' : 'E', clamped_height(height_m),
                          clamped_height(std::isfinite(gps_m) ? gps_m : height_m), lat.further, lon.further);
        std::string readings;
        const double fraction = double(thousandths % 1000) / 1000.0;
        for (const NamedReading& named : named_readings) {
            double reading = value(named.channel, row);
            if (named.channel == Channel::time_s) reading = fraction > 0.0 ? fraction : telemetry::missing_value;
            if (!std::isfinite(reading)) continue;
            readings += (readings.empty() ? "" : ";") + std::string(named.word) + "=" +
                        text_from_number(reading, named.decimals);
        }
        if (!readings.empty()) text += std::string(our_record) + readings + "\r\n";
    }
    return text;
}

} // namespace sobremesa::io
