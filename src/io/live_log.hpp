#pragma once

#include <string>
#include <string_view>

#include "core/telemetry/flight_log.hpp"
#include "io/mavlink_rows.hpp"

namespace sobremesa::io {

/// Telemetry as it comes: MAVLink packets, or lines of CSV behind a header. Told by its first bytes.
///
/// Packets become rows by the reader of telemetry logs. Lines are read by the reader of CSV logs, all of them again
/// at each `refresh`: what a column is can show only in later lines, and the result is the one that a debrief of
/// the recorded file has.
class LiveLog {
public:
    enum class Kind { unknown, mavlink, mavlink_file, text };

    explicit LiveLog(const mavlink::Choice& choice = {}) : rows_(choice) {}

    /// @param arrival_s  since 1970, of these bytes
    void feed(std::string_view bytes, double arrival_s);
    /// Reads what came since. @return whether there are other rows now
    bool refresh();
    /// The source has ended: what was held for more is let go.
    void finish();

    Kind kind() const { return kind_; }
    /// Rows so far, time since the first of them. Columns that have had nothing are empty or all NaN.
    const telemetry::FlightLog& log() const { return kind_ == Kind::text ? text_log_ : rows_.log(); }
    int generation() const { return kind_ == Kind::text ? text_generation_ : rows_.generation(); }
    /// As a reader of the recorded file gives it.
    telemetry::FlightLog finished() const;
    const mavlink::Rows& vehicle() const { return rows_; }
    std::size_t bytes() const { return bytes_; }
    /// Pieces of the stream that could not be read.
    std::size_t damaged() const { return kind_ == Kind::text ? text_damaged_ : rows_.damaged(); }

    /// What is to be written down of the bytes since the last call: packets behind their time of arrival (a
    /// telemetry log), or the lines as they came. Nothing is left out.
    std::string take_recording();
    /// The ending of a file of that.
    const char* recording_ending() const { return kind_ == Kind::text ? ".csv" : ".tlog"; }

private:
    void tell_kind();
    void feed_packets(std::string_view bytes, double arrival_s);
    void feed_file(std::string_view bytes);

    Kind kind_ = Kind::unknown;
    std::string undecided_;
    double undecided_s_ = 0.0;
    std::string recording_;
    std::size_t bytes_ = 0;

    mavlink::Rows rows_;
    mavlink::Framer framer_;
    bool damage_open_ = false;
    std::size_t rows_before_ = 0;
    std::string held_; ///< of a telemetry log that is still written

    std::string text_;
    std::size_t text_read_ = 0;
    telemetry::FlightLog text_log_;
    int text_generation_ = 0;
    std::size_t text_damaged_ = 0;
};

} // namespace sobremesa::io
