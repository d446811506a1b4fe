#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <cstring>
#include <string_view>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::io::mavlink {

// What reading and writing MAVLink share. Source: mavlink.io, "Serialization" and the common message set, from
// memory; checked against an independent encoder.

inline constexpr unsigned char start_v1 = 0xFE;
inline constexpr unsigned char start_v2 = 0xFD;
inline constexpr std::size_t signature_bytes = 13;
inline constexpr std::size_t longest_packet = 10 + 255 + 2 + signature_bytes;
/// Before each packet of a telemetry log: microseconds since 1970, big-endian.
inline constexpr std::size_t stamp_bytes = 8;

struct Message {
    std::uint32_t id;
    std::uint8_t crc_extra;
    std::size_t length; ///< without extensions
};
inline constexpr Message heartbeat{0, 50, 9};
inline constexpr Message sys_status{1, 124, 31};
inline constexpr Message gps_raw_int{24, 24, 30};
inline constexpr Message global_position_int{33, 104, 28};
inline constexpr Message rc_channels{65, 118, 42};
inline constexpr Message vfr_hud{74, 20, 20};
inline constexpr Message battery_status{147, 154, 36};
inline constexpr Message wind_cov{231, 105, 40};
/// Of the dialect that most autopilots speak: direction from, speed, vertical speed.
inline constexpr Message wind_estimate{168, 1, 12};
inline constexpr Message named_value_float{251, 170, 18};
inline constexpr std::array known{heartbeat, sys_status,     gps_raw_int, global_position_int, rc_channels,
                                  vfr_hud,   battery_status, wind_cov,    wind_estimate,       named_value_float};

inline const Message* known_message(std::uint32_t id) {
    const auto* const found =
        std::find_if(known.begin(), known.end(), [id](const Message& m) { return m.id == id; });
    return found == known.end() ? nullptr : found;
}

/// What no message of the common set carries, or carries only together with others, under a name of ten letters at
/// the most.
struct NamedChannel {
    telemetry::Channel channel;
    std::string_view name;
};
inline constexpr std::array named_channels{NamedChannel{telemetry::Channel::airspeed_mps, "airspeed"},
                                           NamedChannel{telemetry::Channel::climb_mps, "climb"},
                                           NamedChannel{telemetry::Channel::heading_deg, "heading"},
                                           NamedChannel{telemetry::Channel::throttle_share, "throttle"},
                                           NamedChannel{telemetry::Channel::current_a, "current_a"},
                                           NamedChannel{telemetry::Channel::cell_voltage_v, "cell_v"},
                                           NamedChannel{telemetry::Channel::link_quality_share, "link"},
                                           NamedChannel{telemetry::Channel::signal_dbm, "signal_dbm"},
                                           NamedChannel{telemetry::Channel::array_current_a, "array_a"},
                                           NamedChannel{telemetry::Channel::motor_current_a, "motor_a"},
                                           NamedChannel{telemetry::Channel::gps_height_m, "gps_height"},
                                           NamedChannel{telemetry::Channel::power_w, "power_w"},
                                           NamedChannel{telemetry::Channel::video_quality_share, "video"},
                                           NamedChannel{telemetry::Channel::video_signal_dbm, "video_dbm"},
                                           NamedChannel{telemetry::Channel::video_bitrate_mbit_s, "video_mbit"}};

/// CRC-16/MCRF4XX, the X.25 checksum that MAVLink uses.
inline std::uint16_t checksum(const unsigned char* bytes, std::size_t count, std::uint8_t extra) {
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

} // namespace sobremesa::io::mavlink
