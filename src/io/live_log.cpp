#include "io/live_log.hpp"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <utility>

#include <sys/mman.h>
#include <unistd.h>

#include "io/csv_log_reader.hpp"
#include "io/mavlink_log.hpp"
#include "io/mavlink_messages.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

using mavlink::stamp_bytes;

namespace {

/// Before a stream has said what it is, no more is held.
constexpr std::size_t most_undecided = 64u << 10;

/// Text is in printable characters, spaces and line ends; a byte in a hundred may be damaged.
bool is_text(std::string_view bytes) {
    const auto odd = std::count_if(bytes.begin(), bytes.end(), [](char c) {
        const auto byte = static_cast<unsigned char>(c);
        return byte < 0x20 && c != '\n' && c != '\r' && c != '\t';
    });
    return !bytes.empty() && 100 * std::size_t(odd) <= bytes.size();
}

/// A file in memory, for readers that open one.
class MemoryFile {
public:
    explicit MemoryFile(std::string_view text) : descriptor_(memfd_create("live-log", MFD_CLOEXEC)) {
        std::size_t done = 0;
        while (descriptor_ >= 0 && done < text.size()) {
            const auto put = ::write(descriptor_, text.data() + done, text.size() - done);
            if (put <= 0) break;
            done += std::size_t(put);
        }
    }
    MemoryFile(const MemoryFile&) = delete;
    MemoryFile& operator=(const MemoryFile&) = delete;
    ~MemoryFile() {
        if (descriptor_ >= 0) ::close(descriptor_);
    }
    std::string path() const { return "/proc/self/fd/" + text_from_number(descriptor_, 0); }

private:
    int descriptor_;
};

/// The first rows of a log are the rows of another.
bool begins_with(const telemetry::FlightLog& log, const telemetry::FlightLog& before) {
    if (log.rows() < before.rows()) return false;
    for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
        if (before.columns[c].empty()) continue;
        if (log.columns[c].size() < before.rows()) return false;
        for (const std::size_t i : {std::size_t(0), before.rows() / 2, before.rows() - 1}) {
            const double a = log.columns[c][i];
            const double b = before.columns[c][i];
            if (a != b && !(std::isnan(a) && std::isnan(b))) return false;
        }
    }
    return true;
}

} // namespace

void LiveLog::tell_kind() {
    const auto* bytes = reinterpret_cast<const unsigned char*>(undecided_.data());
    if (looks_like_mavlink(bytes, undecided_.size())) {
        kind_ = Kind::mavlink_file;
        return;
    }
    for (std::size_t at = 0; at < undecided_.size(); ++at) {
        mavlink::Packet packet;
        if (mavlink::packet_at(bytes + at, undecided_.size() - at, packet) == mavlink::Framed::packet &&
            packet.known) {
            kind_ = Kind::mavlink;
            return;
        }
    }
    const auto lines = std::count(undecided_.begin(), undecided_.end(), '\n');
    if (lines >= 2 && is_text(undecided_)) kind_ = Kind::text;
}

void LiveLog::feed(std::string_view bytes, double arrival_s) {
    bytes_ += bytes.size();
    if (kind_ == Kind::unknown) {
        undecided_.append(bytes);
        undecided_s_ = arrival_s;
        if (undecided_.size() > most_undecided) undecided_.erase(0, undecided_.size() - most_undecided);
        tell_kind();
        if (kind_ == Kind::unknown) return;
        const std::string held = std::move(undecided_);
        undecided_.clear();
        bytes_ -= held.size();
        feed(held, arrival_s);
        return;
    }
    switch (kind_) {
    case Kind::mavlink: feed_packets(bytes, arrival_s); break;
    case Kind::mavlink_file:
        recording_.append(bytes);
        feed_file(bytes);
        break;
    default: recording_.append(bytes); text_.append(bytes);
    }
}

void LiveLog::feed_packets(std::string_view bytes, double arrival_s) {
    framer_.feed(bytes, [&](std::string_view piece, const mavlink::Packet* packet) {
        if (packet == nullptr) {
            recording_.append(piece);
            if (!damage_open_) rows_.take_damage();
            damage_open_ = true;
            return;
        }
        damage_open_ = false;
        recording_ += mavlink_stamp(arrival_s);
        recording_.append(piece);
        rows_.take(*packet, arrival_s);
    });
}

/// A telemetry log that is still written: packets behind their stamps.
void LiveLog::feed_file(std::string_view bytes) {
    held_.append(bytes);
    std::size_t at = 0;
    while (at + stamp_bytes < held_.size()) {
        const auto* record = reinterpret_cast<const unsigned char*>(held_.data()) + at;
        mavlink::Packet packet;
        const auto found = mavlink::packet_at(record + stamp_bytes, held_.size() - at - stamp_bytes, packet);
        if (found == mavlink::Framed::cut) break;
        const std::size_t next = at + 2 * stamp_bytes + packet.bytes;
        const auto starts = [&](std::size_t i) {
            const auto byte = static_cast<unsigned char>(held_[i]);
            return byte == mavlink::start_v1 || byte == mavlink::start_v2;
        };
        const bool stray =
            found == mavlink::Framed::packet && !packet.known && next < held_.size() && !starts(next);
        if (found == mavlink::Framed::no_packet || stray) {
            if (!damage_open_) rows_.take_damage();
            damage_open_ = true;
            ++at;
            continue;
        }
        std::uint64_t stamp = 0;
        for (std::size_t i = 0; i < stamp_bytes; ++i) stamp = stamp << 8 | record[i];
        damage_open_ = false;
        rows_.take(packet, double(stamp) * 1e-6);
        at += stamp_bytes + packet.bytes;
    }
    held_.erase(0, at);
}

bool LiveLog::refresh() {
    if (kind_ != Kind::text) {
        const bool more = rows_.log().rows() != rows_before_;
        rows_before_ = rows_.log().rows();
        return more;
    }
    const std::size_t end = text_.rfind('\n');
    if (end == std::string::npos || end + 1 == text_read_) return false;
    const MemoryFile file(std::string_view(text_).substr(0, end + 1));
    const auto read = read_csv_log(file.path());
    if (!read) return false;
    text_read_ = end + 1;
    if (!begins_with(**read, text_log_)) ++text_generation_;
    text_log_ = **read;
    text_damaged_ = 0;
    for (const auto& entry : text_log_.unreadable) text_damaged_ += entry.rows;
    return true;
}

void LiveLog::finish() {
    framer_.finish([&](std::string_view piece, const mavlink::Packet*) { recording_.append(piece); });
    recording_ += undecided_;
    undecided_.clear();
    refresh();
}

telemetry::FlightLog LiveLog::finished() const {
    if (kind_ == Kind::text) return text_log_;
    return mavlink::Rows(rows_).finished();
}

std::string LiveLog::take_recording() {
    return std::exchange(recording_, {});
}

} // namespace sobremesa::io
