#pragma once

#include <cstddef>
#include <cstdint>
#include <functional>
#include <string_view>
#include <vector>

namespace sobremesa::io::mavlink {

/// A whole packet of version 1 or 2, where it lies.
struct Packet {
    std::uint32_t id = 0;
    std::uint8_t system = 0;
    const unsigned char* payload = nullptr;
    std::size_t payload_bytes = 0;
    /// With header, checksum and signature.
    std::size_t bytes = 0;
    /// Of a message that is read here, so that its checksum could be tried.
    bool known = false;
};

enum class Framed {
    packet,
    no_packet, ///< does not begin here, or its checksum fails
    cut,       ///< could begin here, and ends beyond what is there
};

/// @param[out] packet  filled for `Framed::packet`
Framed packet_at(const unsigned char* bytes, std::size_t count, Packet& packet);

/// Cuts a live stream into packets. Damaged bytes are passed over to the next start.
class Framer {
public:
    /// One piece of the stream in its order: a packet, or bytes between packets (then `packet` is null).
    using Piece = std::function<void(std::string_view bytes, const Packet* packet)>;

    /// All that is whole by now. Nothing is lost: the pieces put together are the stream.
    void feed(std::string_view bytes, const Piece& piece);
    /// The bytes of a packet that never got whole.
    void finish(const Piece& piece);

private:
    std::vector<unsigned char> held_;
};

} // namespace sobremesa::io::mavlink
