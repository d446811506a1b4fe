#pragma once

#include <cstdint>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/telemetry/flight_log.hpp"
#include "core/units/error.hpp"

namespace sobremesa::practice {

enum class StreamFormat { mavlink, text };

/// What is wrong with a link.
struct LinkFaults {
    double lose_share = 0.0;    ///< of the packets
    double damage_share = 0.0;  ///< one byte of the packet
    double repeat_share = 0.0;  ///< sent twice
    double reorder_share = 0.0; ///< changes places with the next
    /// Nothing is sent from … to, s of flight.
    std::optional<std::pair<double, double>> silent_s;
    /// The current reading stands still from then on, s of flight.
    std::optional<double> current_frozen_from_s;
    /// The vehicle's clock is set ahead by so much in mid-flight, s.
    double clock_jump_s = 0.0;
    /// Another vehicle on the same link, far away.
    bool second_vehicle = false;
    std::uint64_t seed = 1;
};

/// A flight as an aircraft would send it: what goes out with each row, in order. Heartbeats once a second.
class StreamRows {
public:
    StreamRows(const telemetry::FlightLog& log, StreamFormat format, const LinkFaults& faults = {});

    /// Packets, or lines, of one row; none where they are lost.
    std::vector<std::string> row(std::size_t i);

private:
    std::vector<std::string> mavlink(std::size_t i);

    telemetry::FlightLog log_;
    telemetry::FlightLog other_;
    StreamFormat format_;
    LinkFaults faults_;
    struct Sender;
    std::shared_ptr<Sender> sender_;
    std::vector<std::string> lines_;
};

/// Where to, as written on the command line: `udp:HOST:PORT`, `tcp:HOST:PORT` (waits there for a listener), `pty`
/// (makes one and names it).
class StreamTarget {
public:
    /// @param said  gets the one line that names the place: "pty /dev/pts/3"
    /// @error `value_out_of_range`, `file_unwritable` with what the system says
    static units::Result<StreamTarget> open(const std::string& text, const std::function<void(std::string)>& said);
    StreamTarget(StreamTarget&& other) noexcept;
    StreamTarget& operator=(StreamTarget&&) = delete;
    ~StreamTarget();

    /// @return false when nobody listens any more
    bool send(const std::string& bytes);

private:
    StreamTarget(int descriptor, bool datagrams, int slave)
        : descriptor_(descriptor), slave_(slave), datagrams_(datagrams) {}
    int descriptor_ = -1;
    int slave_ = -1;
    bool datagrams_ = false;
};

/// Sends a log in its own time.
/// @param speed    times as fast as it was flown
/// @param stopped  asked between rows
/// @return rows sent
std::size_t stream(const telemetry::FlightLog& log, StreamTarget& target, StreamFormat format, double speed,
                   const LinkFaults& faults, const std::function<bool()>& stopped);

} // namespace sobremesa::practice
