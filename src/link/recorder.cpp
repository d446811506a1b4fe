#include "link/recorder.hpp"

#include <cerrno>
#include <cstring>

#include <fcntl.h>
#include <unistd.h>

namespace sobremesa::link {

namespace {

units::Error trouble(units::ErrorCode code, const std::string& path) {
    units::Where where;
    where.file = path;
    return {code, where, {{"reason", std::string(std::strerror(errno))}}};
}

} // namespace

Recorder::~Recorder() {
    close();
}

units::Result<void> Recorder::open(const std::string& path) {
    file_ = ::open(path.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, 0644);
    if (file_ < 0)
        return tl::unexpected(
            trouble(errno == EEXIST ? units::ErrorCode::file_exists : units::ErrorCode::file_unwritable, path));
    path_ = path;
    return {};
}

std::optional<units::Error> Recorder::write(const std::string& bytes) {
    if (file_ < 0) return std::nullopt;
    waiting_ += bytes;
    while (!waiting_.empty()) {
        const auto put = ::write(file_, waiting_.data(), waiting_.size());
        if (put <= 0) {
            if (put < 0 && errno == EINTR) continue;
            // What could not be written waits: the disk may get room again.
            const bool first = !complained_;
            complained_ = true;
            return first ? std::optional(trouble(units::ErrorCode::file_unwritable, path_)) : std::nullopt;
        }
        written_ += std::size_t(put);
        waiting_.erase(0, std::size_t(put));
    }
    complained_ = false;
    ::fdatasync(file_);
    return std::nullopt;
}

void Recorder::close() {
    if (file_ >= 0) ::close(file_);
    file_ = -1;
}

} // namespace sobremesa::link
