#include "io/open_file.hpp"

#include <algorithm>
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

std::string content_of(int descriptor, std::uint64_t most_bytes) {
    std::string content(std::size_t(most_bytes), '\0');
    std::size_t done = 0;
    while (done < content.size()) {
        const ssize_t got = ::pread(descriptor, content.data() + done, content.size() - done, off_t(done));
        if (got <= 0) break;
        done += std::size_t(got);
    }
    content.resize(done);
    return content;
}

namespace {

constexpr std::uint64_t most_rewritten_bytes = std::uint64_t(1) << 29;

/// What has to be done to a file before it is read line by line.
enum class Rewriting { none, utf16_little, utf16_big, carriage_returns };

/// UTF-16 is recognised by its mark or, where that is missing, by every other byte being zero, as in text of digits
/// it is. A file whose lines end with carriage returns alone has those and no line feeds.
Rewriting rewriting_of(int descriptor) {
    std::array<char, 8192> head{};
    const ssize_t got = ::pread(descriptor, head.data(), head.size(), 0);
    if (got < 2) return Rewriting::none;
    const auto byte = [&](ssize_t i) { return static_cast<unsigned char>(head[std::size_t(i)]); };
    if (byte(0) == 0xFF && byte(1) == 0xFE) return Rewriting::utf16_little;
    if (byte(0) == 0xFE && byte(1) == 0xFF) return Rewriting::utf16_big;
    constexpr ssize_t enough = 64;
    const ssize_t looked_at = std::min<ssize_t>(got, 512) & ~ssize_t(1);
    std::array<ssize_t, 2> zeros{};
    for (ssize_t i = 0; i < looked_at; ++i) zeros[std::size_t(i & 1)] += byte(i) == 0 ? 1 : 0;
    if (looked_at >= enough) {
        if (zeros[0] == 0 && 10 * zeros[1] > 9 * looked_at / 2) return Rewriting::utf16_little;
        if (zeros[1] == 0 && 10 * zeros[0] > 9 * looked_at / 2) return Rewriting::utf16_big;
    }
    const char* const begin = head.data();
    const char* const end = begin + got;
    const bool feeds = std::find(begin, end, '\n') != end;
    return !feeds && std::find(begin, end, '\r') != end ? Rewriting::carriage_returns : Rewriting::none;
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
bool transcode(int from, int to, const char* encoding, off_t begin) {
    const iconv_t converter = ::iconv_open("UTF-8", encoding);
    if (reinterpret_cast<std::intptr_t>(converter) == -1) return false;
    std::vector<char> in(std::size_t(1) << 16);
    std::vector<char> out(2 * in.size());
    std::size_t kept = 0;
    off_t offset = begin;
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

/// Copies a file with line feeds for carriage returns.
bool end_lines_with_feeds(int from, int to) {
    std::vector<char> buffer(std::size_t(1) << 16);
    off_t offset = 0;
    for (;;) {
        const ssize_t got = ::pread(from, buffer.data(), buffer.size(), offset);
        if (got <= 0) return got == 0;
        std::replace(buffer.data(), buffer.data() + got, '\r', '\n');
        if (!write_all(to, buffer.data(), std::size_t(got))) return false;
        offset += got;
    }
}

bool rewrite(int from, int to, Rewriting how) {
    if (how == Rewriting::carriage_returns) return end_lines_with_feeds(from, to);
    std::array<unsigned char, 2> mark{};
    const bool marked = ::pread(from, mark.data(), 2, 0) == 2 && mark[0] >= 0xFE && mark[1] >= 0xFE;
    const char* const encoding = how == Rewriting::utf16_little ? "UTF-16LE" : "UTF-16BE";
    return transcode(from, to, encoding, marked ? 2 : 0);
}

} // namespace

units::Result<int> open_text_for_reading(const std::string& path, std::uint64_t& size_bytes) {
    auto opened = open_for_reading(path, size_bytes);
    if (!opened) return opened;
    const Rewriting how = rewriting_of(*opened);
    if (how == Rewriting::none) return opened;
    if (size_bytes > most_rewritten_bytes) {
        ::close(*opened);
        return units::failure(ErrorCode::file_too_large, in_file(path),
                              {{"most_mb", double(most_rewritten_bytes >> 20U)}});
    }
    const int text = ::memfd_create("sobremesa-text", MFD_CLOEXEC);
    const bool done = text >= 0 && rewrite(*opened, text, how);
    const auto failed = done ? std::nullopt : std::optional(system_failure(ErrorCode::file_unreadable, path));
    ::close(*opened);
    if (failed) {
        if (text >= 0) ::close(text);
        return *failed;
    }
    size_bytes = std::uint64_t(::lseek(text, 0, SEEK_END));
    // Text that was UTF-16 may still end its lines otherwise.
    if (how == Rewriting::carriage_returns || rewriting_of(text) != Rewriting::carriage_returns) return text;
    const int again = ::memfd_create("sobremesa-text", MFD_CLOEXEC);
    const bool ended = again >= 0 && end_lines_with_feeds(text, again);
    const auto unended = ended ? std::nullopt : std::optional(system_failure(ErrorCode::file_unreadable, path));
    ::close(text);
    if (!unended) return again;
    if (again >= 0) ::close(again);
    return *unended;
}

} // namespace sobremesa::io
