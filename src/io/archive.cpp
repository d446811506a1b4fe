#include "io/archive.hpp"

#include <algorithm>
#include <array>
#include <memory>

#include <archive.h>
#include <archive_entry.h>
#include <sys/mman.h>
#include <unistd.h>

#include "io/open_file.hpp"

namespace sobremesa::io {

namespace {

using units::ErrorCode;

struct CloseArchive {
    void operator()(archive* a) const { archive_read_free(a); }
};
using Archive = std::unique_ptr<archive, CloseArchive>;

tl::unexpected<units::Error> archive_failure(const std::string& path, archive* a) {
    const char* const reason = archive_error_string(a);
    return units::failure(ErrorCode::archive_unreadable, in_file(path),
                          {{"reason", std::string(reason ? reason : "")}});
}

units::Result<Archive> opened(const std::string& path) {
    Archive a(archive_read_new());
    archive_read_support_filter_all(a.get());
    archive_read_support_format_zip(a.get());
    archive_read_support_format_7zip(a.get());
    archive_read_support_format_tar(a.get());
    // A compressed file that is no archive of files.
    archive_read_support_format_raw(a.get());
    constexpr std::size_t block_bytes = 65536;
    if (archive_read_open_filename(a.get(), path.c_str(), block_bytes) != ARCHIVE_OK)
        return archive_failure(path, a.get());
    return a;
}

/// A single compressed file has no name inside.
std::string name_without_ending(const std::string& path) {
    const auto slash = path.find_last_of('/');
    std::string name = slash == std::string::npos ? path : path.substr(slash + 1);
    const auto dot = name.find_last_of('.');
    return dot == std::string::npos || dot == 0 ? name : name.substr(0, dot);
}

std::string entry_name(archive* a, archive_entry* entry, const std::string& path) {
    if (archive_format(a) == ARCHIVE_FORMAT_RAW) return name_without_ending(path);
    const char* utf8 = archive_entry_pathname_utf8(entry);
    const char* const name = utf8 ? utf8 : archive_entry_pathname(entry);
    return name ? name : "";
}

/// What desktops put beside the files of a folder.
bool is_litter(const std::string& name) {
    const auto slash = name.find_last_of('/');
    const std::string file = slash == std::string::npos ? name : name.substr(slash + 1);
    return file.empty() || file.front() == '.' || name.starts_with("__MACOSX/") || file == "Thumbs.db" ||
           file == "desktop.ini";
}

} // namespace

bool is_archive(const std::string& path) {
    std::uint64_t size = 0;
    const auto file = open_for_reading(path, size);
    if (!file) return false;
    std::array<unsigned char, 512> head{};
    const auto got = ::pread(*file, head.data(), head.size(), 0);
    ::close(*file);
    const auto begins = [&](std::initializer_list<unsigned char> bytes) {
        return got >= ssize_t(bytes.size()) && std::equal(bytes.begin(), bytes.end(), head.begin());
    };
    if (begins({0x1F, 0x8B}) || begins({'P', 'K', 3, 4}) || begins({'P', 'K', 5, 6}) || begins({'B', 'Z', 'h'}) ||
        begins({0xFD, '7', 'z', 'X', 'Z', 0}) || begins({0x28, 0xB5, 0x2F, 0xFD}) ||
        begins({'7', 'z', 0xBC, 0xAF, 0x27, 0x1C}))
        return true;
    constexpr std::size_t tar_mark = 257;
    constexpr std::string_view ustar = "ustar";
    return got >= ssize_t(tar_mark + ustar.size()) &&
           std::equal(ustar.begin(), ustar.end(), head.begin() + tar_mark);
}

units::Result<std::vector<std::string>> files_in_archive(const std::string& path) {
    auto a = opened(path);
    if (!a) return tl::unexpected(a.error());
    std::vector<std::string> names;
    archive_entry* entry = nullptr;
    for (std::size_t met = 0; met < most_archive_files; ++met) {
        const int result = archive_read_next_header(a->get(), &entry);
        if (result == ARCHIVE_EOF) return names;
        if (result < ARCHIVE_WARN) return archive_failure(path, a->get());
        const bool file =
            archive_format(a->get()) == ARCHIVE_FORMAT_RAW || archive_entry_filetype(entry) == AE_IFREG;
        std::string name = entry_name(a->get(), entry, path);
        if (file && !is_litter(name)) names.push_back(std::move(name));
    }
    return names;
}

units::Result<int> unpack(const std::string& path, const std::string& name) {
    auto a = opened(path);
    if (!a) return tl::unexpected(a.error());
    archive_entry* entry = nullptr;
    for (;;) {
        const int result = archive_read_next_header(a->get(), &entry);
        if (result == ARCHIVE_EOF)
            return units::failure(ErrorCode::file_not_found, in_file(std::string(path).append("/").append(name)),
                                  {{"reason", std::string("not in the archive")}});
        if (result < ARCHIVE_WARN) return archive_failure(path, a->get());
        if (entry_name(a->get(), entry, path) == name) break;
    }
    const int memory = ::memfd_create("sobremesa-unpacked", MFD_CLOEXEC);
    if (memory < 0) return system_failure(ErrorCode::file_unreadable, path);
    std::vector<char> buffer(std::size_t(1) << 16);
    std::uint64_t unpacked = 0;
    for (;;) {
        const la_ssize_t got = archive_read_data(a->get(), buffer.data(), buffer.size());
        if (got == 0) break;
        if (got < 0) {
            // A file that was cut in transit: what could be unpacked is read, as of any cut log.
            if (unpacked > 0) break;
            ::close(memory);
            return archive_failure(path, a->get());
        }
        unpacked += std::uint64_t(got);
        if (unpacked > most_unpacked_bytes) {
            ::close(memory);
            return units::failure(ErrorCode::archive_too_large, in_file(path),
                                  {{"most_mb", double(most_unpacked_bytes >> 20U)}});
        }
        for (la_ssize_t put = 0; put < got;) {
            const ssize_t n = ::write(memory, buffer.data() + put, std::size_t(got - put));
            if (n <= 0) {
                ::close(memory);
                return system_failure(ErrorCode::file_unreadable, path);
            }
            put += n;
        }
    }
    return memory;
}

} // namespace sobremesa::io
