#include "io/open_file.hpp"

#include <array>
#include <cerrno>
#include <cstdint>
#include <cstring>
#include <optional>
#include <vector>

#include <fcntl.h>
#include <iconv.h>
#include <sys/mman.h>
#include <sys/stat.h>
#include <unistd.h>

namespace sobremesa::io {

using units::ErrorCode;
using units::Where;

Where in_file(const std::string& path) {
    Where where;
    where.file = path;
    return where;
}

tl::unexpected<units::Error> system_failure(ErrorCode code, const std::string& path) {
    return units::failure(code, in_file(path), {{"reason", std::string(std::strerror(errno))}});
}

units::Result<int> open_for_reading(const std::string& path, std::uint64_t& size_bytes) {
    const int descriptor = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    if (descriptor < 0) {
        return system_failure(errno == ENOENT ? ErrorCode::file_not_found : ErrorCode::file_unreadable, path);
    }
    struct stat status {};
    if (::fstat(descriptor, &status) != 0 || S_ISDIR(status.st_mode)) {
        errno = S_ISDIR(status.st_mode) ? EISDIR : errno;
        auto error = system_failure(ErrorCode::file_unreadable, path);
        ::close(descriptor);
        return error;
    }
    size_bytes = std::uint64_t(status.st_size);
    return descriptor;
}

namespace {

constexpr std::uint64_t most_utf16_bytes = std::uint64_t(1) << 29;

/// Which of the two orders the first bytes of a file tell; nothing where it is not UTF-16.
const char* utf16_name(int descriptor) {
    std::array<unsigned char, 2> mark{};
    if (::pread(descriptor, mark.data(), mark.size(), 0) != ssize_t(mark.size())) return nullptr;
    if (mark[0] == 0xFF && mark[1] == 0xFE) return "UTF-16LE";
    if (mark[0] == 0xFE && mark[1] == 0xFF) return "UTF-16BE";
    return nullptr;
}

bool write_all(int descriptor, const char* bytes, std::size_t count) {
    while (count > 0) {
        const ssize_t put = ::write(descriptor, bytes, count);
        if (put <= 0) return false;
        bytes += put;
        count -= std::size_t(put);
    }
    return true;
}

/// Turns a file into UTF-8; what cannot be turned becomes a question mark, so that one broken character does not
/// cost the flight.
bool transcode(int from, int to, const char* encoding) {
    const iconv_t converter = ::iconv_open("UTF-8", encoding);
    if (reinterpret_cast<std::intptr_t>(converter) == -1) return false;
    std::vector<char> in(std::size_t(1) << 16);
    std::vector<char> out(2 * in.size());
    std::size_t kept = 0;
    off_t offset = 2; // behind the mark
    bool good = true;
    for (;;) {
        const ssize_t got = ::pread(from, in.data() + kept, in.size() - kept, offset);
        if (got <= 0) break;
        offset += got;
        char* source = in.data();
        std::size_t left = kept + std::size_t(got);
        for (;;) {
            char* target = out.data();
            std::size_t room = out.size();
            const bool done = ::iconv(converter, &source, &left, &target, &room) != std::size_t(-1);
            const int trouble = errno;
            good = good && write_all(to, out.data(), std::size_t(target - out.data()));
            if (done || trouble == EINVAL || left < 2) break; // all, or half a character at the end
            if (trouble != EILSEQ) continue;
            good = good && write_all(to, "?", 1);
            source += 2;
            left -= 2;
        }
        std::memmove(in.data(), source, left);
        kept = left;
    }
    ::iconv_close(converter);
    return good;
}

} // namespace

units::Result<int> open_text_for_reading(const std::string& path, std::uint64_t& size_bytes) {
    auto opened = open_for_reading(path, size_bytes);
    if (!opened) return opened;
    const char* const encoding = utf16_name(*opened);
    if (!encoding) return opened;
    if (size_bytes > most_utf16_bytes) {
        ::close(*opened);
        return units::failure(ErrorCode::file_too_large, in_file(path), {{"most_bytes", double(most_utf16_bytes)}});
    }
    const int text = ::memfd_create("sobremesa-text", MFD_CLOEXEC);
    const bool done = text >= 0 && transcode(*opened, text, encoding);
    const auto failed = done ? std::nullopt : std::optional(system_failure(ErrorCode::file_unreadable, path));
    ::close(*opened);
    if (failed) {
        if (text >= 0) ::close(text);
        return *failed;
    }
    size_bytes = std::uint64_t(::lseek(text, 0, SEEK_END));
    return text;
}

} // namespace sobremesa::io
