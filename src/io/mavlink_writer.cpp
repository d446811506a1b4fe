#include <algorithm>
#include <cmath>
#include <limits>
#include <vector>

#include "core/units/constants.hpp"
#include "io/mavlink_log.hpp"
#include "io/mavlink_messages.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;
using namespace mavlink; // NOLINT(google-build-using-namespace): this file writes its messages one by one

/// A packet in the making.
class OutgoingPacket {
public:
    explicit OutgoingPacket(const Message& message) : message_(message), payload_(message.length, 0) {}
    template <class T>
    void put(std::size_t offset, T value) {
        std::memcpy(payload_.data() + offset, &value, sizeof(T));
    }

    std::string bytes(std::uint8_t system, std::uint8_t sequence) const {
        std::size_t length = payload_.size();
        while (length > 1 && payload_[length - 1] == 0) --length;
        std::vector<unsigned char> packet{start_v2,
                                          std::uint8_t(length),
                                          0,
                                          0,
                                          sequence,
                                          system,
                                          1,
                                          std::uint8_t(message_.id & 0xFF),
                                          std::uint8_t(message_.id >> 8 & 0xFF),
                                          std::uint8_t(message_.id >> 16 & 0xFF)};
        packet.insert(packet.end(), payload_.begin(), payload_.begin() + std::ptrdiff_t(length));
        const std::uint16_t crc = checksum(packet.data() + 1, packet.size() - 1, message_.crc_extra);
        packet.push_back(std::uint8_t(crc & 0xFF));
        packet.push_back(std::uint8_t(crc >> 8));
        return {packet.begin(), packet.end()};
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

/// The packets of one row.
class RowPackets {
public:
    RowPackets(const FlightLog& log, std::size_t row, std::uint8_t system, std::uint8_t& sequence)
        : log_(log), row_(row), system_(system), sequence_(sequence),
          time_s_(log.start_clock_s.value_or(0.0) + log[Channel::time_s][row]) {}

    std::vector<std::string> write() {
        // Readings first: a position makes the row that takes them.
        write_battery();
        write_air();
        write_named();
        write_wind();
        write_fix();
        if (has_fix() && writes_global()) write_position();
        return std::move(packets_);
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
            OutgoingPacket status(sys_status);
            status.put(14, fitted<std::uint16_t>(value(Channel::voltage_v) * 1e3, 0xFFFF));
            status.put(16, fitted<std::int16_t>(value(Channel::current_a) * 100.0, -1));
            status.put(30, std::int8_t(-1));
            send(status);
        }
        if (log_.has(Channel::charge_ah) || log_.has(Channel::energy_wh)) {
            OutgoingPacket battery(battery_status);
            battery.put(0, fitted<std::int32_t>(value(Channel::charge_ah) * 1e3, -1));
            battery.put(4, fitted<std::int32_t>(value(Channel::energy_wh) * 36.0, -1));
            battery.put(8, std::int16_t(0x7FFF));
            for (std::size_t cell = 0; cell < 10; ++cell) battery.put(10 + 2 * cell, std::uint16_t(0xFFFF));
            battery.put(30, fitted<std::int16_t>(value(Channel::current_a) * 100.0, -1));
            battery.put(35, std::int8_t(-1));
            send(battery);
        }
    }

    void write_air() {
        if (!whole_hud()) return;
        OutgoingPacket hud(vfr_hud);
        const auto number = [](double v) { return float(std::isfinite(v) ? v : 0.0); };
        hud.put(0, number(value(Channel::airspeed_mps)));
        hud.put(4, number(value(Channel::ground_speed_mps)));
        hud.put(8, number(value(Channel::height_m)));
        hud.put(12, number(value(Channel::climb_mps)));
        hud.put(16, fitted<std::int16_t>(value(Channel::heading_deg)));
        hud.put(18, fitted<std::uint16_t>(value(Channel::throttle_share) * 100.0));
        send(hud);
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
            OutgoingPacket packet(named_value_float);
            packet.put(0, fitted<std::uint32_t>(log_[Channel::time_s][row_] * 1e3));
            packet.put(4, float(v));
            for (std::size_t i = 0; i < named.name.size(); ++i) packet.put(8 + i, named.name[i]);
            send(packet);
        }
    }

    void write_wind() {
        if (std::isfinite(value(Channel::wind_speed_mps)) && std::isfinite(value(Channel::wind_from_deg))) {
            OutgoingPacket wind(wind_cov);
            const double from = units::radians(value(Channel::wind_from_deg));
            const double speed = value(Channel::wind_speed_mps);
            wind.put(0, std::uint64_t(std::llround(time_s_ * 1e6)));
            wind.put(8, float(-speed * std::cos(from)));
            wind.put(12, float(-speed * std::sin(from)));
            for (const std::size_t unknown : {20, 24, 28, 32, 36}) wind.put(unknown, std::nanf(""));
            send(wind);
        }
    }

    void write_fix() {
        OutgoingPacket raw(gps_raw_int);
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
        send(raw);
    }

    void write_position() {
        OutgoingPacket position(global_position_int);
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
        send(position);
    }

    void send(const OutgoingPacket& packet) { packets_.push_back(packet.bytes(system_, sequence_++)); }

    const FlightLog& log_;
    std::size_t row_;
    std::uint8_t system_;
    std::uint8_t& sequence_;
    double time_s_;
    std::vector<std::string> packets_;
};

} // namespace

std::vector<std::string> MavlinkWriter::row(const FlightLog& log, std::size_t row) {
    if (!std::isfinite(log[Channel::time_s][row])) return {};
    return RowPackets(log, row, system_, sequence_).write();
}

std::string MavlinkWriter::heartbeat() {
    OutgoingPacket packet(mavlink::heartbeat);
    packet.put(4, std::uint8_t(1));    // fixed wing: any vehicle is one
    packet.put(5, std::uint8_t(8));    // no particular autopilot
    packet.put(6, std::uint8_t(0x80)); // armed
    packet.put(7, std::uint8_t(4));    // active
    packet.put(8, std::uint8_t(3));
    return packet.bytes(system_, sequence_++);
}

std::string mavlink_stamp(double time_s) {
    const auto stamp = std::uint64_t(std::llround(time_s * 1e6));
    std::string bytes;
    for (int shift = 56; shift >= 0; shift -= 8) bytes.push_back(char(stamp >> shift & 0xFF));
    return bytes;
}

std::string mavlink_from_log(const FlightLog& log) {
    MavlinkWriter writer;
    std::string out;
    for (std::size_t row = 0; row < log.rows(); ++row) {
        const std::string stamp = mavlink_stamp(log.start_clock_s.value_or(0.0) + log[Channel::time_s][row]);
        for (const std::string& packet : writer.row(log, row)) out += stamp + packet;
    }
    return out;
}

} // namespace sobremesa::io
