#pragma once

#include <cstdint>
#include <string>
#include <vector>

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

/// In the order in which they are offered, which is that of their numbers.
const std::vector<Address::Kind>& all_kinds();
/// Word for settings and scripts: `udp`, `tcp`, `serial`, `file`.
const char* kind_word(Address::Kind kind);
/// What most would type for it: the usual port, device and speed; nothing for a file.
const char* usual_address(Address::Kind kind);

/// `[ADDR:]PORT` for UDP, `HOST:PORT` for TCP, `DEVICE:SPEED` or `DEVICE` for a serial port (57600), a path for a
/// file.
/// @error `value_out_of_range`, or `json_wrong_type` where no whole number stands, naming the kind's word
units::Result<Address> address_of(Address::Kind kind, const std::string& text);

} // namespace sobremesa::link
