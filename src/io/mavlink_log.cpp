#include "io/mavlink_log.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <limits>
#include <optional>
#include <string_view>
#include <vector>

#include <unistd.h>

#include "core/units/constants.hpp"
#include "io/log_clock.hpp"
#include "io/open_file.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;
using units::ErrorCode;

constexpr unsigned char start_v1 = 0xFE;
constexpr unsigned char start_v2 = 0xFD;
constexpr std::size_t stamp_bytes = 8;
constexpr std::size_t signature_bytes = 13;
constexpr std::size_t longest_record = stamp_bytes + 10 + 255 + 2 + signature_bytes;
constexpr double freshness_s = 3.0;

struct Message {
    std::uint32_t id;
    std::uint8_t crc_extra;
    std::size_t length; ///< without extensions
};
constexpr Message sys_status{1, 124, 31};
constexpr Message gps_raw_int{24, 24, 30};
constexpr Message global_position_int{33, 104, 28};
constexpr Message vfr_hud{74, 20, 20};
constexpr Message battery_status{147, 154, 36};
constexpr Message wind_cov{231, 105, 40};
/// Of the dialect that most autopilots speak: direction from, speed, vertical speed.
constexpr Message wind_estimate{168, 1, 12};
constexpr Message named_value_float{251, 170, 18};
constexpr std::array known{sys_status,     gps_raw_int, global_position_int, vfr_hud,
                           battery_status, wind_cov,    wind_estimate,       named_value_float};

/// What no message of the common set carries, or carries only together with others, under a name of ten letters at
/// the most.
struct NamedChannel {
    Channel channel;
    std::string_view name;
};
constexpr std::array named_channels{
    NamedChannel{Channel::airspeed_mps, "airspeed"},   NamedChannel{Channel::climb_mps, "climb"},
    NamedChannel{Channel::heading_deg, "heading"},     NamedChannel{Channel::throttle_share, "throttle"},
    NamedChannel{Channel::current_a, "current_a"},     NamedChannel{Channel::cell_voltage_v, "cell_v"},
    NamedChannel{Channel::link_quality_share, "link"}, NamedChannel{Channel::signal_dbm, "signal_dbm"},
    NamedChannel{Channel::array_current_a, "array_a"}, NamedChannel{Channel::motor_current_a, "motor_a"},
    NamedChannel{Channel::gps_height_m, "gps_height"}, NamedChannel{Channel::power_w, "power_w"}};

/// CRC-16/MCRF4XX, the X.25 checksum that MAVLink uses.
std::uint16_t checksum(const unsigned char* bytes, std::size_t count, std::uint8_t extra) {
    std::uint16_t crc = 0xFFFF;
    const auto add = [&crc](std::uint8_t byte) {
        std::uint8_t t = std::uint8_t(byte ^ (crc & 0xFF));
        t = std::uint8_t(t ^ (t << 4));
        crc = std::uint16_t((crc >> 8) ^ (t << 8) ^ (t << 3) ^ (t >> 4));
    };
    for (std::size_t i = 0; i < count; ++i) add(bytes[i]);
    add(extra);
    return crc;
}

/// Little-endian fields of a payload; what a version 2 packet cut off at its end is zero.
class Payload {
public:
    Payload(const unsigned char* bytes, std::size_t count) {
        std::memcpy(bytes_.data(), bytes, std::min(count, bytes_.size()));
    }
    template <class T>
    T at(std::size_t offset) const {
        T value;
        std::memcpy(&value, bytes_.data() + offset, sizeof(T));
        return value;
    }

private:
    std::array<unsigned char, 264> bytes_{};
};

struct Latest {
    double value = telemetry::missing_value;
    double time_s = -1e18;
};

class MavlinkReading {
public:
    MavlinkReading(const std::string& path, const ReadingJob& job) : path_(path), job_(job) { log_.name = path; }

    units::Result<std::shared_ptr<const FlightLog>> run() {
        std::uint64_t size = 0;
        const auto opened = open_for_reading(path_, size);
        if (!opened) return tl::unexpected(opened.error());
        const auto result = read_all(*opened, size);
        ::close(*opened);
        if (!result) return tl::unexpected(result.error());
        return finish();
    }

private:
    units::Result<void> read_all(int file, std::uint64_t size) {
        constexpr std::size_t largest_block = 4u << 20;
        const std::size_t block = std::size_t(std::clamp<std::uint64_t>(size + 1, longest_record, largest_block));
        std::vector<unsigned char> buffer(block + longest_record);
        std::size_t held = 0;
        std::uint64_t done = 0;
        for (;;) {
            if (job_.stop.stop_requested()) return units::failure(ErrorCode::cancelled);
            const auto got = ::read(file, buffer.data() + held, block);
            if (got < 0) return system_failure(ErrorCode::file_unreadable, path_);
            held += std::size_t(got);
            done += std::uint64_t(got);
            const std::size_t used = packets(buffer.data(), held, got == 0);
            std::memmove(buffer.data(), buffer.data() + used, held - used);
            held -= used;
            if (job_.progress && size > 0) job_.progress(std::min(1.0, double(done) / double(size)));
            if (got == 0) return {};
        }
    }

    /// @return bytes that were dealt with
    std::size_t packets(const unsigned char* bytes, std::size_t count, bool last) {
        std::size_t at = 0;
        while (at + stamp_bytes < count) {
            if (!last && count - at < longest_record) break;
            const std::size_t length = packet(bytes + at, count - at);
            if (length > 0) {
                at += length;
                lost_ = false;
                continue;
            }
            // Not a packet: one unreadable piece, however many bytes until the next one.
            if (!lost_) {
                lost_ = true;
                ++broken_;
                ++log_.rows_met;
                if (first_broken_ == 0) first_broken_ = std::int64_t(log_.rows_met);
            }
            ++at;
        }
        return last ? count : at;
    }

    /// @return length of the record, 0 where there is none
    std::size_t packet(const unsigned char* record, std::size_t count) {
        const unsigned char* p = record + stamp_bytes;
        const std::size_t left = count - stamp_bytes;
        const bool v2 = p[0] == start_v2;
        if (!v2 && p[0] != start_v1) return 0;
        const std::size_t header = v2 ? 10 : 6;
        if (left < header + 2) return 0;
        const std::size_t length = p[1];
        const bool is_signed = v2 && (p[2] & 1) != 0;
        const std::size_t whole = header + length + 2 + (is_signed ? signature_bytes : 0);
        if (left < whole) return 0;
        const std::uint32_t id =
            v2 ? std::uint32_t(p[7]) | std::uint32_t(p[8]) << 8 | std::uint32_t(p[9]) << 16 : std::uint32_t(p[5]);
        std::uint64_t stamp = 0;
        for (std::size_t i = 0; i < stamp_bytes; ++i) stamp = stamp << 8 | record[i];
        // Microseconds since 1970, until the year 2262: anything else is no stamp.
        constexpr std::uint64_t latest_us = 9'223'372'036'000'000ULL;
        if (stamp > latest_us) return 0;
        const auto* const found =
            std::find_if(known.begin(), known.end(), [id](const Message& m) { return m.id == id; });
        if (found == known.end()) return stamp_bytes + whole;
        const std::uint16_t sent = std::uint16_t(p[header + length] | p[header + length + 1] << 8);
        if (checksum(p + 1, header - 1 + length, found->crc_extra) != sent) return 0;
        take(*found, Payload(p + header, length), double(stamp) * 1e-6);
        return stamp_bytes + whole;
    }

    void keep(Channel channel, double value, double time_s) { latest_[std::size_t(channel)] = {value, time_s}; }

    std::size_t rows_met() const { return log_.lines.size(); }

    /// Volts of the cells, or of the whole pack in the first place where the cells are not measured.
    void take_cells(const Payload& p, double time_s) {
        constexpr std::size_t most_cells = 10;
        constexpr std::uint16_t no_cell = 0xFFFF;
        double volts = 0.0;
        for (std::size_t i = 0; i < most_cells; ++i) {
            const auto cell = p.at<std::uint16_t>(10 + 2 * i);
            if (cell != no_cell) volts += cell * 1e-3;
        }
        if (volts > 0.0) keep(Channel::voltage_v, volts, time_s);
    }

    void take(const Message& message, const Payload& p, double time_s) {
        constexpr double per_1e7 = 1e-7;
        constexpr std::uint16_t no_u16 = 0xFFFF;
        switch (message.id) {
        case sys_status.id: {
            const auto volts = p.at<std::uint16_t>(14);
            const auto amps = p.at<std::int16_t>(16);
            if (volts != no_u16 && volts != 0) {
                volts_of_system_ = true;
                keep(Channel::voltage_v, volts * 1e-3, time_s);
            }
            if (amps >= 0) keep(Channel::current_a, amps * 0.01, time_s);
            break;
        }
        case wind_estimate.id: {
            const double from = double(p.at<float>(0));
            const double speed = double(p.at<float>(4));
            if (!std::isfinite(from) || !std::isfinite(speed)) break;
            keep(Channel::wind_speed_mps, speed, time_s);
            keep(Channel::wind_from_deg, units::wrap_degrees(from), time_s);
            break;
        }
        case battery_status.id: {
            // Two batteries are never summed into one, nor one's counter followed by the other's.
            const auto id = p.at<std::uint8_t>(32);
            if (!battery_id_ || (id < *battery_id_ && rows_met() == 0)) battery_id_ = id;
            if (id != *battery_id_) {
                other_batteries_ = true;
                break;
            }
            const auto charge = p.at<std::int32_t>(0);
            const auto energy = p.at<std::int32_t>(4);
            const auto amps = p.at<std::int16_t>(30);
            if (charge >= 0) keep(Channel::charge_ah, charge * 1e-3, time_s);
            constexpr double hectojoules_per_wh = 36.0;
            if (energy > 0) keep(Channel::energy_wh, energy / hectojoules_per_wh, time_s);
            if (amps >= 0) keep(Channel::current_a, amps * 0.01, time_s);
            if (!volts_of_system_) take_cells(p, time_s);
            break;
        }
        case vfr_hud.id: {
            keep(Channel::airspeed_mps, double(p.at<float>(0)), time_s);
            keep(Channel::climb_mps, double(p.at<float>(12)), time_s);
            keep(Channel::heading_deg, p.at<std::int16_t>(16), time_s);
            keep(Channel::throttle_share, p.at<std::uint16_t>(18) * 0.01, time_s);
            if (!has_global_) keep(Channel::ground_speed_mps, double(p.at<float>(4)), time_s);
            break;
        }
        case gps_raw_int.id: {
            const auto fix = p.at<std::uint8_t>(28);
            const auto satellites = p.at<std::uint8_t>(29);
            const auto course = p.at<std::uint16_t>(26);
            if (satellites != 255) keep(Channel::satellites, satellites, time_s);
            // Beside the filter's height the receiver's own is a check.
            if (fix > 2 && !two_heights_) keep(Channel::gps_height_m, p.at<std::int32_t>(16) * 1e-3, time_s);
            if (has_global_ || fix < 2) break;
            keep(Channel::latitude_deg, p.at<std::int32_t>(8) * per_1e7, time_s);
            keep(Channel::longitude_deg, p.at<std::int32_t>(12) * per_1e7, time_s);
            // A fix in two dimensions has none.
            if (fix > 2) keep(Channel::height_m, p.at<std::int32_t>(16) * 1e-3, time_s);
            if (const auto speed = p.at<std::uint16_t>(24); speed != no_u16)
                keep(Channel::ground_speed_mps, speed * 0.01, time_s);
            if (course != no_u16) keep(Channel::course_deg, course * 0.01, time_s);
            row(time_s);
            break;
        }
        case wind_cov.id: {
            // Where the air goes to, north and east.
            const double north = double(p.at<float>(8));
            const double east = double(p.at<float>(12));
            if (!std::isfinite(north) || !std::isfinite(east)) break;
            keep(Channel::wind_speed_mps, std::hypot(east, north), time_s);
            keep(Channel::wind_from_deg, units::wrap_degrees(units::degrees(std::atan2(-east, -north))), time_s);
            break;
        }
        case global_position_int.id: {
            if (!has_global_) begin_global();
            const double north = p.at<std::int16_t>(20) * 0.01;
            const double east = p.at<std::int16_t>(22) * 0.01;
            keep(Channel::latitude_deg, p.at<std::int32_t>(4) * per_1e7, time_s);
            keep(Channel::longitude_deg, p.at<std::int32_t>(8) * per_1e7, time_s);
            keep(Channel::height_m, p.at<std::int32_t>(16) * 1e-3, time_s);
            keep(Channel::ground_speed_mps, std::hypot(east, north), time_s);
            if (std::hypot(east, north) > 0.0)
                keep(Channel::course_deg, units::wrap_degrees(units::degrees(std::atan2(east, north))), time_s);
            row(time_s);
            break;
        }
        case named_value_float.id: {
            std::string name;
            for (std::size_t i = 8; i < named_value_float.length; ++i) {
                const char letter = p.at<char>(i);
                if (letter == 0) break;
                name += letter;
            }
            for (const NamedChannel& named : named_channels) {
                if (named.name != name) continue;
                keep(named.channel, double(p.at<float>(4)), time_s);
                if (named.channel == Channel::gps_height_m) two_heights_ = true;
            }
            break;
        }
        default: break;
        }
    }

    /// The filter's position from now on; rows made of raw fixes before it would double them.
    void begin_global() {
        has_global_ = true;
        for (auto& column : log_.columns) column.clear();
        log_.lines.clear();
    }

    void row(double time_s) {
        ++log_.rows_met;
        log_.lines.push_back(std::uint32_t(std::min<std::size_t>(log_.rows_met, UINT32_MAX)));
        latest_[std::size_t(Channel::time_s)] = {time_s, time_s};
        for (std::size_t i = 0; i < telemetry::channel_count; ++i) {
            const bool fresh = std::abs(time_s - latest_[i].time_s) <= freshness_s;
            log_.columns[i].push_back(fresh ? latest_[i].value : telemetry::missing_value);
        }
    }

    units::Result<std::shared_ptr<const FlightLog>> finish() {
        if (log_.rows() < 2) return units::failure(ErrorCode::no_track, in_file(path_));
        // Without the filter's height the receiver's is the height, and no second one.
        if (!has_global_ && !two_heights_) log_[Channel::gps_height_m].clear();
        count_from_first_row(log_);
        for (auto& column : log_.columns) {
            if (std::none_of(column.begin(), column.end(), [](double v) { return std::isfinite(v); }))
                column.clear();
        }
        if (other_batteries_)
            log_.notices.push_back({units::NoticeCode::other_batteries, units::Severity::warning, {}});
        if (broken_ > 0) log_.unreadable.push_back({telemetry::SetAsideReason::bad_row, broken_, first_broken_});
        return std::make_shared<const FlightLog>(std::move(log_));
    }

    std::string path_;
    const ReadingJob& job_;
    std::optional<std::uint8_t> battery_id_;
    bool other_batteries_ = false;
    bool volts_of_system_ = false;
    FlightLog log_;
    std::array<Latest, telemetry::channel_count> latest_;
    bool has_global_ = false;
    /// The receiver's own height is written beside one that is not the filter's.
    bool two_heights_ = false;
    bool lost_ = false;
    std::size_t broken_ = 0;
    std::int64_t first_broken_ = 0;
};

/// A packet in the making.
class Packet {
public:
    explicit Packet(const Message& message) : message_(message), payload_(message.length, 0) {}
    template <class T>
    void put(std::size_t offset, T value) {
        std::memcpy(payload_.data() + offset, &value, sizeof(T));
    }

    void append_to(std::string& out, double time_s, std::uint8_t& sequence) const {
        const auto stamp = std::uint64_t(std::llround(time_s * 1e6));
        for (int shift = 56; shift >= 0; shift -= 8) out.push_back(char(stamp >> shift & 0xFF));
        std::size_t length = payload_.size();
        while (length > 1 && payload_[length - 1] == 0) --length;
        std::vector<unsigned char> packet{start_v2,
                                          std::uint8_t(length),
                                          0,
                                          0,
                                          sequence++,
                                          1,
                                          1,
                                          std::uint8_t(message_.id & 0xFF),
                                          std::uint8_t(message_.id >> 8 & 0xFF),
                                          std::uint8_t(message_.id >> 16 & 0xFF)};
        packet.insert(packet.end(), payload_.begin(), payload_.begin() + std::ptrdiff_t(length));
        const std::uint16_t crc = checksum(packet.data() + 1, packet.size() - 1, message_.crc_extra);
        packet.push_back(std::uint8_t(crc & 0xFF));
        packet.push_back(std::uint8_t(crc >> 8));
        out.append(packet.begin(), packet.end());
    }

private:
    const Message& message_;
    std::vector<unsigned char> payload_;
};

/// Rounded and held within the type; nothing where it is no number.
template <class T>
T fitted(double value, T otherwise = 0) {
    if (!std::isfinite(value)) return otherwise;
    const double least = double(std::numeric_limits<T>::lowest());
    const double most = double(std::numeric_limits<T>::max());
    return T(std::clamp(std::round(value), least, most));
}

/// Writes a log row by row as packets.
class PacketWriter {
public:
    explicit PacketWriter(const FlightLog& log) : log_(log) {}

    std::string write() {
        for (row_ = 0; row_ < log_.rows(); ++row_) {
            const double t = log_[Channel::time_s][row_];
            if (!std::isfinite(t)) continue;
            time_s_ = log_.start_clock_s.value_or(0.0) + t;
            // Readings first: a position makes the row that takes them.
            write_battery();
            write_air();
            write_named();
            write_wind();
            write_fix();
            if (has_fix() && writes_global()) write_position();
        }
        return std::move(out_);
    }

private:
    double value(Channel channel) const {
        return log_.has(channel) ? log_[channel][row_] : telemetry::missing_value;
    }
    bool has_fix() const {
        const double latitude = value(Channel::latitude_deg);
        const double longitude = value(Channel::longitude_deg);
        return std::isfinite(latitude) && std::isfinite(longitude) && (latitude != 0.0 || longitude != 0.0);
    }

    /// The filter's position says height and velocity, and cannot say that one of them is not known.
    bool writes_global() const {
        return log_.has(Channel::height_m) && log_.has(Channel::ground_speed_mps) && log_.has(Channel::course_deg);
    }

    void write_battery() {
        if (log_.has(Channel::voltage_v) || log_.has(Channel::current_a)) {
            Packet status(sys_status);
            status.put(14, fitted<std::uint16_t>(value(Channel::voltage_v) * 1e3, 0xFFFF));
            status.put(16, fitted<std::int16_t>(value(Channel::current_a) * 100.0, -1));
            status.put(30, std::int8_t(-1));
            status.append_to(out_, time_s_, sequence_);
        }
        if (log_.has(Channel::charge_ah) || log_.has(Channel::energy_wh)) {
            Packet battery(battery_status);
            battery.put(0, fitted<std::int32_t>(value(Channel::charge_ah) * 1e3, -1));
            battery.put(4, fitted<std::int32_t>(value(Channel::energy_wh) * 36.0, -1));
            battery.put(8, std::int16_t(0x7FFF));
            for (std::size_t cell = 0; cell < 10; ++cell) battery.put(10 + 2 * cell, std::uint16_t(0xFFFF));
            battery.put(30, fitted<std::int16_t>(value(Channel::current_a) * 100.0, -1));
            battery.put(35, std::int8_t(-1));
            battery.append_to(out_, time_s_, sequence_);
        }
    }

    void write_air() {
        if (!whole_hud()) return;
        Packet hud(vfr_hud);
        const auto number = [](double v) { return float(std::isfinite(v) ? v : 0.0); };
        hud.put(0, number(value(Channel::airspeed_mps)));
        hud.put(4, number(value(Channel::ground_speed_mps)));
        hud.put(8, number(value(Channel::height_m)));
        hud.put(12, number(value(Channel::climb_mps)));
        hud.put(16, fitted<std::int16_t>(value(Channel::heading_deg)));
        hud.put(18, fitted<std::uint16_t>(value(Channel::throttle_share) * 100.0));
        hud.append_to(out_, time_s_, sequence_);
    }

    /// The message has no way of saying that one of its values is not known, and none must be made up.
    bool whole_hud() const {
        return std::isfinite(value(Channel::airspeed_mps)) && std::isfinite(value(Channel::climb_mps)) &&
               std::isfinite(value(Channel::heading_deg)) && std::isfinite(value(Channel::throttle_share));
    }

    void write_named() {
        for (const NamedChannel& named : named_channels) {
            const double v = value(named.channel);
            if (!std::isfinite(v)) continue;
            const bool in_hud = named.channel == Channel::airspeed_mps || named.channel == Channel::climb_mps ||
                                named.channel == Channel::heading_deg || named.channel == Channel::throttle_share;
            if (in_hud && whole_hud()) continue;
            // What flows back into the pack has no sign in the battery's own messages.
            if (named.channel == Channel::current_a && v >= 0.0) continue;
            // The receiver's height has its own message where the filter's is written too.
            if (named.channel == Channel::gps_height_m && (writes_global() || !log_.has(Channel::height_m)))
                continue;
            Packet packet(named_value_float);
            packet.put(0, fitted<std::uint32_t>(log_[Channel::time_s][row_] * 1e3));
            packet.put(4, float(v));
            for (std::size_t i = 0; i < named.name.size(); ++i) packet.put(8 + i, named.name[i]);
            packet.append_to(out_, time_s_, sequence_);
        }
    }

    void write_wind() {
        if (std::isfinite(value(Channel::wind_speed_mps)) && std::isfinite(value(Channel::wind_from_deg))) {
            Packet wind(wind_cov);
            const double from = units::radians(value(Channel::wind_from_deg));
            const double speed = value(Channel::wind_speed_mps);
            wind.put(0, std::uint64_t(std::llround(time_s_ * 1e6)));
            wind.put(8, float(-speed * std::cos(from)));
            wind.put(12, float(-speed * std::sin(from)));
            for (const std::size_t unknown : {20, 24, 28, 32, 36}) wind.put(unknown, std::nanf(""));
            wind.append_to(out_, time_s_, sequence_);
        }
    }

    void write_fix() {
        Packet raw(gps_raw_int);
        raw.put(0, std::uint64_t(std::llround(time_s_ * 1e6)));
        raw.put(8, fitted<std::int32_t>(value(Channel::latitude_deg) * 1e7));
        raw.put(12, fitted<std::int32_t>(value(Channel::longitude_deg) * 1e7));
        const double gps_height_m = value(Channel::gps_height_m);
        const bool own = std::isfinite(gps_height_m) && (writes_global() || !log_.has(Channel::height_m));
        const double height_m = own ? gps_height_m : value(Channel::height_m);
        raw.put(16, fitted<std::int32_t>(height_m * 1e3));
        raw.put(20, std::uint16_t(0xFFFF));
        raw.put(22, std::uint16_t(0xFFFF));
        raw.put(24, fitted<std::uint16_t>(value(Channel::ground_speed_mps) * 100.0, 0xFFFF));
        raw.put(26, fitted<std::uint16_t>(value(Channel::course_deg) * 100.0, 0xFFFF));
        raw.put(28, std::uint8_t(!has_fix() ? 0 : std::isfinite(height_m) ? 3 : 2));
        raw.put(29, fitted<std::uint8_t>(value(Channel::satellites), 255));
        raw.append_to(out_, time_s_, sequence_);
    }

    void write_position() {
        Packet position(global_position_int);
        const double speed = value(Channel::ground_speed_mps);
        const double course = units::radians(value(Channel::course_deg));
        position.put(0, fitted<std::uint32_t>(log_[Channel::time_s][row_] * 1e3));
        position.put(4, fitted<std::int32_t>(value(Channel::latitude_deg) * 1e7));
        position.put(8, fitted<std::int32_t>(value(Channel::longitude_deg) * 1e7));
        position.put(12, fitted<std::int32_t>(value(Channel::height_m) * 1e3));
        position.put(16, fitted<std::int32_t>(value(Channel::height_m) * 1e3));
        position.put(20, fitted<std::int16_t>(speed * std::cos(course) * 100.0));
        position.put(22, fitted<std::int16_t>(speed * std::sin(course) * 100.0));
        position.put(26, fitted<std::uint16_t>(value(Channel::heading_deg) * 100.0, 0xFFFF));
        position.append_to(out_, time_s_, sequence_);
    }

    const FlightLog& log_;
    std::size_t row_ = 0;
    double time_s_ = 0.0;
    std::string out_;
    std::uint8_t sequence_ = 0;
};

} // namespace

bool looks_like_mavlink(const unsigned char* bytes, std::size_t count) {
    // Stamps of this century begin with two bytes of zero to five.
    const auto begins = [&](std::size_t at) {
        return count > at + stamp_bytes + 6 && bytes[at] == 0 && bytes[at + 1] <= 16 &&
               (bytes[at + stamp_bytes] == start_v1 || bytes[at + stamp_bytes] == start_v2);
    };
    if (begins(0)) return true;
    // Begun in the middle of a packet: one further on must be whole, and so must what follows it.
    for (std::size_t at = 1; at < std::min(count, longest_record); ++at) {
        if (!begins(at)) continue;
        const unsigned char* p = bytes + at + stamp_bytes;
        const bool v2 = p[0] == start_v2;
        const std::size_t next =
            at + stamp_bytes + (v2 ? 10 : 6) + p[1] + 2 + (v2 && (p[2] & 1) != 0 ? signature_bytes : 0);
        if (begins(next)) return true;
    }
    return false;
}

units::Result<std::shared_ptr<const FlightLog>> read_mavlink_log(const std::string& path, const ReadingJob& job) {
    return MavlinkReading(path, job).run();
}

std::string mavlink_from_log(const FlightLog& log) {
    return PacketWriter(log).write();
}

} // namespace sobremesa::io
