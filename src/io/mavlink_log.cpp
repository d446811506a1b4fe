#include "io/mavlink_log.hpp"

#include <algorithm>
#include <cstring>
#include <vector>

#include <unistd.h>

#include "io/mavlink_framing.hpp"
#include "io/mavlink_messages.hpp"
#include "io/mavlink_rows.hpp"
#include "io/open_file.hpp"

namespace sobremesa::io {

namespace {

using mavlink::stamp_bytes;
using telemetry::FlightLog;
using units::ErrorCode;

/// With the stamp and the first byte of the one that follows.
constexpr std::size_t longest_record = 2 * stamp_bytes + mavlink::longest_packet + 1;

class MavlinkReading {
public:
    MavlinkReading(const std::string& path, const ReadingJob& job, const mavlink::Choice& choice)
        : path_(path), job_(job), rows_(choice) {}

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
            if (!lost_) rows_.take_damage();
            lost_ = true;
            ++at;
        }
        return last ? count : at;
    }

    /// @return length of the record, 0 where there is none
    std::size_t packet(const unsigned char* record, std::size_t count) {
        std::uint64_t stamp = 0;
        for (std::size_t i = 0; i < stamp_bytes; ++i) stamp = stamp << 8 | record[i];
        // Microseconds since 1970, until the year 2262: anything else is no stamp.
        constexpr std::uint64_t latest_us = 9'223'372'036'000'000ULL;
        if (stamp > latest_us) return 0;
        mavlink::Packet found;
        if (mavlink::packet_at(record + stamp_bytes, count - stamp_bytes, found) != mavlink::Framed::packet)
            return 0;
        const std::size_t whole = stamp_bytes + found.bytes;
        // The checksum of a message that is not read here cannot be tried: what follows must begin like a packet.
        const std::size_t next = whole + stamp_bytes;
        if (!found.known && next < count && record[next] != mavlink::start_v1 && record[next] != mavlink::start_v2)
            return 0;
        rows_.take(found, double(stamp) * 1e-6);
        return whole;
    }

    units::Result<std::shared_ptr<const FlightLog>> finish() {
        if (rows_.log().rows() < 2) return units::failure(ErrorCode::no_track, in_file(path_));
        auto log = std::make_shared<FlightLog>(std::move(rows_).finished());
        log->name = path_;
        return log;
    }

    std::string path_;
    const ReadingJob& job_;
    mavlink::Rows rows_;
    bool lost_ = false;
};

} // namespace

bool looks_like_mavlink(const unsigned char* bytes, std::size_t count) {
    // Stamps of this century begin with two bytes of zero to five.
    const auto begins = [&](std::size_t at) {
        return count > at + stamp_bytes + 6 && bytes[at] == 0 && bytes[at + 1] <= 16 &&
               (bytes[at + stamp_bytes] == mavlink::start_v1 || bytes[at + stamp_bytes] == mavlink::start_v2);
    };
    if (begins(0)) return true;
    // Begun in the middle of a packet: one further on must be whole, and so must what follows it.
    for (std::size_t at = 1; at < std::min(count, longest_record); ++at) {
        if (!begins(at)) continue;
        const unsigned char* p = bytes + at + stamp_bytes;
        const bool v2 = p[0] == mavlink::start_v2;
        const std::size_t next =
            at + stamp_bytes + (v2 ? 10 : 6) + p[1] + 2 + (v2 && (p[2] & 1) != 0 ? mavlink::signature_bytes : 0);
        if (begins(next)) return true;
    }
    return false;
}

units::Result<std::shared_ptr<const FlightLog>> read_mavlink_log(const std::string& path, const ReadingJob& job,
                                                                 const mavlink::Choice& choice) {
    return MavlinkReading(path, job, choice).run();
}

} // namespace sobremesa::io
