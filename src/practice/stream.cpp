#include "practice/stream.hpp"

#include <algorithm>
#include <cerrno>
#include <chrono>
#include <cmath>
#include <cstdlib>
#include <cstring>
#include <memory>
#include <thread>
#include <utility>

#include <arpa/inet.h>
#include <fcntl.h>
#include <netdb.h>
#include <netinet/in.h>
#include <sys/socket.h>
#include <termios.h>
#include <unistd.h>

#include "io/csv_log_writer.hpp"
#include "io/mavlink_log.hpp"
#include "io/text_number.hpp"
#include "sim/random_draws.hpp"

namespace sobremesa::practice {

using telemetry::Channel;

namespace {

constexpr std::uint8_t own_system = 1;
constexpr std::uint8_t other_system = 7;
constexpr double other_vehicle_deg = 0.4;

std::vector<std::string> lines_of(const std::string& text) {
    std::vector<std::string> lines;
    std::size_t from = 0;
    while (from < text.size()) {
        const std::size_t end = text.find('\n', from);
        lines.push_back(text.substr(from, end == std::string::npos ? end : end + 1 - from));
        if (end == std::string::npos) break;
        from = end + 1;
    }
    return lines;
}

} // namespace

struct StreamRows::Sender {
    explicit Sender(std::uint64_t seed) : draws(seed) {}
    sim::RandomDraws draws;
    io::MavlinkWriter own{own_system};
    io::MavlinkWriter other{other_system};
    double heartbeat_s = -1e9;
};

StreamRows::StreamRows(const telemetry::FlightLog& log, StreamFormat format, const LinkFaults& faults)
    : log_(log), format_(format), faults_(faults), sender_(std::make_shared<Sender>(faults.seed)) {
    auto& current = log_[Channel::current_a];
    auto& time = log_[Channel::time_s];
    if (faults.current_frozen_from_s) {
        double held = std::nan("");
        for (std::size_t i = 0; i < current.size(); ++i) {
            if (time[i] < *faults.current_frozen_from_s) continue;
            if (!std::isfinite(held)) held = current[i];
            current[i] = held;
        }
    }
    if (faults.second_vehicle) {
        other_ = log_;
        for (double& v : other_[Channel::latitude_deg]) v += other_vehicle_deg;
        for (double& v : other_[Channel::voltage_v]) v *= 0.5;
    }
    if (faults.clock_jump_s != 0.0) {
        const double middle_s = time.empty() ? 0.0 : 0.5 * time.back();
        for (double& t : time) {
            if (t > middle_s) t += faults.clock_jump_s;
        }
    }
    if (format == StreamFormat::text) lines_ = lines_of(io::csv_from_log(log_, io::LogStyle::whole));
}

std::vector<std::string> StreamRows::mavlink(std::size_t i) {
    std::vector<std::string> packets;
    const double t = log_[Channel::time_s][i];
    if (std::abs(t - sender_->heartbeat_s) >= 1.0) {
        sender_->heartbeat_s = t;
        packets.push_back(sender_->own.heartbeat());
        if (faults_.second_vehicle) packets.push_back(sender_->other.heartbeat());
    }
    for (auto& packet : sender_->own.row(log_, i)) packets.push_back(std::move(packet));
    if (faults_.second_vehicle) {
        for (auto& packet : sender_->other.row(other_, i)) packets.push_back(std::move(packet));
    }
    return packets;
}

std::vector<std::string> StreamRows::row(std::size_t i) {
    std::vector<std::string> whole;
    if (format_ == StreamFormat::mavlink) {
        whole = mavlink(i);
    } else {
        if (i == 0 && !lines_.empty()) whole.push_back(lines_[0]);
        if (i + 1 < lines_.size()) whole.push_back(lines_[i + 1]);
    }
    const double t = log_[Channel::time_s][i];
    if (faults_.silent_s && t >= faults_.silent_s->first && t < faults_.silent_s->second) return {};
    std::vector<std::string> sent;
    auto& draws = sender_->draws;
    for (std::string& packet : whole) {
        // The header of a text is what makes it one.
        if (format_ == StreamFormat::text && i == 0) {
            sent.push_back(packet);
            continue;
        }
        if (faults_.lose_share > 0.0 && draws.uniform(0.0, 1.0) < faults_.lose_share) continue;
        if (faults_.damage_share > 0.0 && draws.uniform(0.0, 1.0) < faults_.damage_share) {
            const auto at = std::min(packet.size() - 1, std::size_t(draws.uniform(0.0, double(packet.size()))));
            packet[at] = char(packet[at] ^ 0x55);
        }
        const bool twice = faults_.repeat_share > 0.0 && draws.uniform(0.0, 1.0) < faults_.repeat_share;
        const bool swap = faults_.reorder_share > 0.0 && draws.uniform(0.0, 1.0) < faults_.reorder_share;
        if (twice) sent.push_back(packet);
        sent.push_back(std::move(packet));
        if (swap && sent.size() > 1) std::swap(sent[sent.size() - 1], sent[sent.size() - 2]);
    }
    return sent;
}

namespace {

tl::unexpected<units::Error> no_target(const std::string& text) {
    units::Where where;
    where.file = text;
    return units::failure(units::ErrorCode::file_unwritable, where,
                          {{"system", std::string(std::strerror(errno != 0 ? errno : EINVAL))}});
}

std::optional<sockaddr_in> address(const std::string& host_and_port) {
    const auto colon = host_and_port.rfind(':');
    if (colon == std::string::npos) return std::nullopt;
    addrinfo hints{};
    hints.ai_family = AF_INET;
    addrinfo* found = nullptr;
    const std::string host = host_and_port.substr(0, colon);
    if (getaddrinfo(host.empty() ? "127.0.0.1" : host.c_str(), host_and_port.substr(colon + 1).c_str(), &hints,
                    &found) != 0 ||
        found == nullptr)
        return std::nullopt;
    sockaddr_in result{};
    std::memcpy(&result, found->ai_addr, sizeof(result));
    freeaddrinfo(found);
    return result;
}

} // namespace

units::Result<StreamTarget> StreamTarget::open(const std::string& text,
                                               const std::function<void(std::string)>& said) {
    errno = 0;
    if (text == "pty") {
        const int master = posix_openpt(O_RDWR | O_NOCTTY);
        if (master < 0 || grantpt(master) != 0 || unlockpt(master) != 0) return no_target(text);
        const std::string name = ptsname(master);
        // Held open, so that a listener who leaves may come back; raw, as a radio's port is.
        const int slave = ::open(name.c_str(), O_RDWR | O_NOCTTY);
        termios settings{};
        if (slave >= 0 && tcgetattr(slave, &settings) == 0) {
            cfmakeraw(&settings);
            tcsetattr(slave, TCSANOW, &settings);
        }
        fcntl(master, F_SETFL, O_NONBLOCK);
        said("pty " + name);
        return StreamTarget(master, false, slave);
    }
    const bool udp = text.rfind("udp:", 0) == 0;
    if (!udp && text.rfind("tcp:", 0) != 0) return no_target(text);
    const auto to = address(text.substr(4));
    if (!to) return no_target(text);
    const int made = socket(AF_INET, udp ? SOCK_DGRAM : SOCK_STREAM, 0);
    if (made < 0) return no_target(text);
    if (udp) {
        if (connect(made, reinterpret_cast<const sockaddr*>(&*to), sizeof(*to)) != 0) {
            ::close(made);
            return no_target(text);
        }
        return StreamTarget(made, true, -1);
    }
    const int yes = 1;
    setsockopt(made, SOL_SOCKET, SO_REUSEADDR, &yes, sizeof(yes));
    if (bind(made, reinterpret_cast<const sockaddr*>(&*to), sizeof(*to)) != 0 || listen(made, 1) != 0) {
        const int why = errno;
        ::close(made);
        errno = why;
        return no_target(text);
    }
    sockaddr_in bound{};
    socklen_t length = sizeof(bound);
    getsockname(made, reinterpret_cast<sockaddr*>(&bound), &length);
    said("tcp 127.0.0.1:" + io::text_from_number(ntohs(bound.sin_port), 0));
    const int accepted = accept(made, nullptr, nullptr);
    ::close(made);
    if (accepted < 0) return no_target(text);
    return StreamTarget(accepted, false, -1);
}

StreamTarget::StreamTarget(StreamTarget&& other) noexcept
    : descriptor_(std::exchange(other.descriptor_, -1)), slave_(std::exchange(other.slave_, -1)),
      datagrams_(other.datagrams_) {}

StreamTarget::~StreamTarget() {
    if (descriptor_ >= 0) ::close(descriptor_);
    if (slave_ >= 0) ::close(slave_);
}

bool StreamTarget::send(const std::string& bytes) {
    if (datagrams_) {
        // Nobody has to listen to a datagram.
        (void)::send(descriptor_, bytes.data(), bytes.size(), MSG_NOSIGNAL);
        return true;
    }
    std::size_t done = 0;
    while (done < bytes.size()) {
        const auto put = slave_ >= 0 ? ::write(descriptor_, bytes.data() + done, bytes.size() - done)
                                     : ::send(descriptor_, bytes.data() + done, bytes.size() - done, MSG_NOSIGNAL);
        // A port that nobody reads fills up; a radio goes on sending.
        if (put < 0 && slave_ >= 0 && (errno == EAGAIN || errno == EIO)) return true;
        if (put <= 0) return false;
        done += std::size_t(put);
    }
    return true;
}

std::size_t stream(const telemetry::FlightLog& log, StreamTarget& target, StreamFormat format, double speed,
                   const LinkFaults& faults, const std::function<bool()>& stopped) {
    StreamRows rows(log, format, faults);
    const auto& time = log[Channel::time_s];
    const auto begin = std::chrono::steady_clock::now();
    std::size_t sent = 0;
    for (std::size_t i = 0; i < log.rows() && !stopped(); ++i) {
        const double due_s = (time[i] - time.front()) / speed;
        std::this_thread::sleep_until(begin + std::chrono::duration_cast<std::chrono::steady_clock::duration>(
                                                  std::chrono::duration<double>(due_s)));
        for (const std::string& bytes : rows.row(i)) {
            if (!target.send(bytes)) return sent;
        }
        ++sent;
    }
    return sent;
}

} // namespace sobremesa::practice
