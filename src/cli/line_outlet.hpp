#pragma once

#include <cstddef>
#include <deque>
#include <iosfwd>
#include <string>

namespace sobremesa::cli {

/// Lines for a reader that may be slow, or gone: whoever writes them never waits for it.
///
/// Standard output, and standard error, are written to only while they take something. What it does not take waits
/// here; beyond `most_waiting` lines the oldest of those that the next one replaces are left out. Any other stream
/// is written straight away.
class LineOutlet {
public:
    static constexpr std::size_t most_waiting = 30;
    enum class Line {
        replaced, ///< the next one says more: may be left out
        kept
    };

    explicit LineOutlet(std::ostream& out);

    /// @param text  without its end of line
    void put(std::string text, Line line);
    /// Writes what is taken without waiting.
    void drain();
    /// Writes the rest, as long as some of it is taken every so often.
    /// @param patience_ms  given up after so long without any
    /// @return whether everything that was kept has been written
    bool finish(int patience_ms);

    /// Nobody will read any more.
    bool gone() const { return gone_; }
    /// Lines are left out at present.
    bool behind() const { return behind_; }
    std::size_t left_out() const { return left_out_; }

private:
    struct Waiting {
        std::string text;
        Line line = Line::kept;
    };
    bool takes_within(int ms) const;
    void write_some();
    void make_room();

    std::ostream& out_;
    int descriptor_ = -1; ///< of standard output or error; -1 for another stream
    std::deque<Waiting> waiting_;
    std::size_t written_ = 0; ///< bytes of the first
    std::size_t left_out_ = 0;
    bool behind_ = false;
    bool gone_ = false;
};

} // namespace sobremesa::cli
