#pragma once

#include <cstdint>
#include <string>

#include "core/units/error.hpp"

namespace sobremesa::link {

/// Where telemetry comes from.
struct Address {
    enum class Kind { udp, tcp, serial, file };
    Kind kind = Kind::udp;
    /// UDP: where it listens, loopback unless the pilot says otherwise. TCP: who is called.
    std::string host = "127.0.0.1";
    std::uint16_t port = 14550;
    /// Serial device, or the file that is followed.
    std::string path;
    int baud = 57600;
};

/// `[ADDR:]PORT`. @error `value_out_of_range` naming --udp
units::Result<Address> udp_address(const std::string& text);
/// `HOST:PORT`. @error `value_out_of_range` naming --tcp
units::Result<Address> tcp_address(const std::string& text);
/// `DEVICE:SPEED`, or `DEVICE` for 57600. @error `value_out_of_range` naming --serial
units::Result<Address> serial_address(const std::string& text);

} // namespace sobremesa::link
