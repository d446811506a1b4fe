#include "logbook/book_lock.hpp"

#include <cerrno>
#include <utility>

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

namespace sobremesa::logbook {

BookLock::~BookLock() {
    if (file_ >= 0) close(file_);
}

BookLock::BookLock(BookLock&& other) noexcept : file_(std::exchange(other.file_, -1)) {}

BookLock& BookLock::operator=(BookLock&& other) noexcept {
    std::swap(file_, other.file_);
    return *this;
}

BookLock::Outcome BookLock::take(const std::string& book_path) {
    constexpr int private_to_owner = 0600;
    file_ = open((book_path + "-in-use").c_str(), O_RDWR | O_CREAT | O_CLOEXEC, private_to_owner);
    if (file_ < 0) return Outcome::not_possible;
    if (flock(file_, LOCK_EX | LOCK_NB) == 0) return Outcome::taken;
    const bool held = errno == EWOULDBLOCK;
    close(std::exchange(file_, -1));
    return held ? Outcome::held_elsewhere : Outcome::not_possible;
}

} // namespace sobremesa::logbook
