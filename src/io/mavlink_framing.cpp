#include "io/mavlink_framing.hpp"

#include "io/mavlink_messages.hpp"

namespace sobremesa::io::mavlink {

Framed packet_at(const unsigned char* p, std::size_t count, Packet& packet) {
    if (count == 0) return Framed::cut;
    const bool v2 = p[0] == start_v2;
    if (!v2 && p[0] != start_v1) return Framed::no_packet;
    const std::size_t header = v2 ? 10 : 6;
    if (count < header + 2) return Framed::cut;
    const std::size_t length = p[1];
    const bool is_signed = v2 && (p[2] & 1) != 0;
    const std::size_t whole = header + length + 2 + (is_signed ? signature_bytes : 0);
    packet.id =
        v2 ? std::uint32_t(p[7]) | std::uint32_t(p[8]) << 8 | std::uint32_t(p[9]) << 16 : std::uint32_t(p[5]);
    packet.system = v2 ? p[5] : p[3];
    if (count < whole) return Framed::cut;
    const Message* message = known_message(packet.id);
    packet.known = message != nullptr;
    if (message != nullptr) {
        const std::uint16_t sent = std::uint16_t(p[header + length] | p[header + length + 1] << 8);
        if (checksum(p + 1, header - 1 + length, message->crc_extra) != sent) return Framed::no_packet;
    }
    packet.payload = p + header;
    packet.payload_bytes = length;
    packet.bytes = whole;
    return Framed::packet;
}

void Framer::feed(std::string_view bytes, const Piece& piece) {
    held_.insert(held_.end(), bytes.begin(), bytes.end());
    const auto text = [&](std::size_t from, std::size_t to) {
        return std::string_view(reinterpret_cast<const char*>(held_.data()) + from, to - from);
    };
    std::size_t at = 0;
    std::size_t between = 0;
    while (at < held_.size()) {
        Packet packet;
        const Framed found = packet_at(held_.data() + at, held_.size() - at, packet);
        if (found == Framed::cut) break;
        // The checksum of a message that is not read here cannot be tried: what follows it must begin like a
        // packet.
        const std::size_t next = at + packet.bytes;
        const bool untried = found == Framed::packet && !packet.known;
        if (untried && next >= held_.size()) break;
        const bool stray = untried && held_[next] != start_v1 && held_[next] != start_v2;
        if (found == Framed::no_packet || stray) {
            ++at;
            continue;
        }
        if (between < at) piece(text(between, at), nullptr);
        piece(text(at, next), &packet);
        at = between = next;
    }
    if (between < at) piece(text(between, at), nullptr);
    held_.erase(held_.begin(), held_.begin() + std::ptrdiff_t(at));
}

void Framer::finish(const Piece& piece) {
    if (!held_.empty()) piece({reinterpret_cast<const char*>(held_.data()), held_.size()}, nullptr);
    held_.clear();
}

} // namespace sobremesa::io::mavlink
