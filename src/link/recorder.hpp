#pragma once

#include <optional>
#include <string>

#include "core/units/error.hpp"

namespace sobremesa::link {

/// Writes down what comes, so that a process that is killed, or a plug that is pulled, loses at most a second.
class Recorder {
public:
    Recorder() = default;
    Recorder(const Recorder&) = delete;
    Recorder& operator=(const Recorder&) = delete;
    ~Recorder();

    /// A new file; one that is there already is never written over.
    /// @error `file_unwritable`, `file_exists`
    units::Result<void> open(const std::string& path);
    bool is_open() const { return file_ >= 0; }
    const std::string& path() const { return path_; }
    /// Written at once, and synced to the disk.
    /// @return the first trouble, once (a full disk, say); the flight goes on, and so does trying
    std::optional<units::Error> write(const std::string& bytes);
    void close();
    std::size_t bytes() const { return written_; }

private:
    int file_ = -1;
    std::string path_;
    std::string waiting_;
    std::size_t written_ = 0;
    bool complained_ = false;
};

} // namespace sobremesa::link
