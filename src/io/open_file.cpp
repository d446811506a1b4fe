#include "io/open_file.hpp"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
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

} // namespace sobremesa::io
