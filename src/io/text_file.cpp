#include "io/text_file.hpp"

#include <cerrno>
#include <cstdio>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>
#include <vector>

#include "io/open_file.hpp"

namespace sobremesa::io {

using units::ErrorCode;

units::Result<std::string> read_text_file(const std::string& path) {
    constexpr std::uint64_t most_bytes = std::uint64_t(16) << 20;
    std::uint64_t size = 0;
    const auto descriptor = open_for_reading(path, size);
    if (!descriptor) return tl::unexpected(descriptor.error());
    std::string text;
    std::vector<char> block(1 << 16);
    ssize_t got = 0;
    while ((got = ::read(*descriptor, block.data(), block.size())) > 0 && text.size() <= most_bytes) {
        text.append(block.data(), std::size_t(got));
    }
    ::close(*descriptor);
    if (got < 0) return system_failure(ErrorCode::file_unreadable, path);
    if (text.size() > most_bytes) return units::failure(ErrorCode::line_too_long, in_file(path));
    return text;
}

namespace {

bool write_all(int descriptor, const std::string& text) {
    std::size_t written = 0;
    while (written < text.size()) {
        const ssize_t put = ::write(descriptor, text.data() + written, text.size() - written);
        if (put < 0 && errno == EINTR) continue;
        if (put <= 0) return false;
        written += std::size_t(put);
    }
    return true;
}

/// What is no regular file, a device or a pipe, cannot be put in place of another: it is written as it stands.
bool is_written_in_place(const std::string& path) {
    struct stat there {};
    return ::stat(path.c_str(), &there) == 0 && !S_ISREG(there.st_mode) && !S_ISDIR(there.st_mode);
}

} // namespace

units::Result<bool> write_text_file(const std::string& path, const std::string& text) {
    const bool in_place = is_written_in_place(path);
    const std::string beside = in_place ? path : path + ".part";
    const int flags = in_place ? O_WRONLY | O_CLOEXEC : O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC;
    const int descriptor = ::open(beside.c_str(), flags, 0644);
    if (descriptor < 0) return system_failure(ErrorCode::file_unwritable, path);
    // Seen at once: what comes after may set another reason.
    bool done = write_all(descriptor, text) && (in_place || ::fsync(descriptor) == 0);
    int reason = done ? 0 : errno;
    if (::close(descriptor) != 0 && done) {
        done = false;
        reason = errno;
    }
    if (done && !in_place && ::rename(beside.c_str(), path.c_str()) != 0) {
        done = false;
        reason = errno;
    }
    if (done) return true;
    if (!in_place) ::unlink(beside.c_str());
    errno = reason;
    return system_failure(ErrorCode::file_unwritable, path);
}

} // namespace sobremesa::io
