#include "cli/line_outlet.hpp"

#include <algorithm>
#include <cerrno>
#include <iostream>
#include <ostream>
#include <utility>

#include <poll.h>
#include <unistd.h>

namespace sobremesa::cli {

namespace {

/// A pipe that takes anything takes a page at once (pipe(7)): more would wait for the reader.
constexpr std::size_t surely_taken = 4096;

} // namespace

LineOutlet::LineOutlet(std::ostream& out) : out_(out) {
    const bool errors = &out == &std::cerr;
    if (&out != &std::cout && !errors) return;
    out.flush();
    descriptor_ = errors ? STDERR_FILENO : STDOUT_FILENO;
}

void LineOutlet::put(std::string text, Line line) {
    if (descriptor_ < 0) {
        out_ << text << std::endl;
        gone_ = !out_;
        return;
    }
    if (gone_) return;
    text += '\n';
    waiting_.push_back({std::move(text), line});
    drain();
    make_room();
}

void LineOutlet::drain() {
    while (!gone_ && !waiting_.empty() && takes_within(0)) write_some();
    if (waiting_.empty()) behind_ = false;
}

bool LineOutlet::finish(int patience_ms) {
    while (!gone_ && !waiting_.empty() && takes_within(patience_ms)) write_some();
    return waiting_.empty() && !gone_;
}

bool LineOutlet::takes_within(int ms) const {
    pollfd asked{descriptor_, POLLOUT, 0};
    // A signal ends the wait as time does: it is what somebody presses who is tired of waiting.
    return ::poll(&asked, 1, ms) > 0;
}

void LineOutlet::write_some() {
    const std::string& text = waiting_.front().text;
    const ssize_t n = ::write(descriptor_, text.data() + written_, std::min(text.size() - written_, surely_taken));
    if (n < 0) {
        if (errno == EINTR || errno == EAGAIN) return;
        gone_ = true;
        return;
    }
    written_ += std::size_t(n);
    if (written_ < text.size()) return;
    waiting_.pop_front();
    written_ = 0;
}

void LineOutlet::make_room() {
    if (waiting_.size() <= most_waiting) return;
    // The first may be half written.
    const auto from = waiting_.begin() + (written_ > 0 ? 1 : 0);
    const auto oldest =
        std::find_if(from, waiting_.end(), [](const Waiting& w) { return w.line == Line::replaced; });
    if (oldest == waiting_.end()) return;
    waiting_.erase(oldest);
    ++left_out_;
    behind_ = true;
}

} // namespace sobremesa::cli
