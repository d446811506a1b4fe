#include "io/text_file.hpp"

#include <cerrno>
#include <cstdio>
#include <fcntl.h>
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

units::Result<bool> write_text_file(const std::string& path, const std::string& text) {
    const std::string beside = path + ".part";
    const int descriptor = ::open(beside.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (descriptor < 0) return system_failure(ErrorCode::file_unwritable, path);
    std::size_t written = 0;
    while (written < text.size()) {
        const ssize_t put = ::write(descriptor, text.data() + written, text.size() - written);
        if (put < 0 && errno == EINTR) continue;
        if (put <= 0) break;
        written += std::size_t(put);
    }
    const bool synced = ::fsync(descriptor) == 0;
    const bool closed = ::close(descriptor) == 0;
    if (written < text.size() || !synced || !closed || ::rename(beside.c_str(), path.c_str()) != 0) {
        auto error = system_failure(ErrorCode::file_unwritable, path);
        ::unlink(beside.c_str());
        return error;
    }
    return true;
}

} // namespace sobremesa::io
