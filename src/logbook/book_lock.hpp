#pragma once

#include <string>

namespace sobremesa::logbook {

/// Says to other instances that a book is open here. The lock is the kernel's own: it goes with the process,
/// however that ends, so that a crash never locks a pilot out.
class BookLock {
public:
    enum class Outcome {
        taken,
        held_elsewhere,
        not_possible, ///< a folder without locks, or one that cannot be written
    };
    BookLock() = default;
    ~BookLock();
    BookLock(BookLock&& other) noexcept;
    BookLock& operator=(BookLock&& other) noexcept;

    /// Locks `PATH-in-use`.
    Outcome take(const std::string& book_path);

private:
    int file_ = -1;
};

} // namespace sobremesa::logbook
