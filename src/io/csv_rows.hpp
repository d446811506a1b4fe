#pragma once

#include <memory>
#include <optional>

#include "core/telemetry/flight_log.hpp"
#include "io/csv_cells.hpp"
#include "io/csv_head.hpp"

namespace sobremesa::io {

/// What one line of a CSV log turned out to be.
struct RowVerdict {
    enum class Kind { stored, skipped, set_aside };
    Kind kind = Kind::skipped;
    telemetry::SetAsideReason reason = telemetry::SetAsideReason::bad_row;
    /// Column whose cell is no number.
    std::size_t bad_column = 0;
};

/// Reads one line after the other with every rule there is: quotes, missing values, trailing delimiters, repeated
/// headers, a cut last row.
class RowParser {
public:
    explicit RowParser(const CsvHead& head) : head_(head), values_(head.columns.size()) {}

    /// @param ended  whether the line had an end: the last one of a cut file has none
    RowVerdict parse(std::string_view line, bool ended);
    /// Of the line parsed last, column by column.
    const std::vector<CellValues>& values() const { return values_; }

private:
    const CsvHead& head_;
    std::vector<std::string_view> cells_;
    std::vector<CellValues> values_;
};

/// A clock without a date starts again at midnight.
class MidnightClock {
public:
    double since_first_midnight(double clock_s);

private:
    double days_s_ = 0.0;
    double latest_s_ = 0.0;
};

/// Seconds since 1970, or since the midnight before, of a row.
double time_of(const CsvHead& head, double date_s, double clock_s);

/// Turns the columns as read into a log: time from the first row on, empty columns dropped.
/// @param first_bad  the first cell that was no number, for the message where no row is left
units::Result<std::shared_ptr<const telemetry::FlightLog>>
finished_log(telemetry::FlightLog log, const CsvHead& head, const units::Where& first_bad);

/// So many rows without a later time are no pause of a recorder: gigabytes of them must not fill the memory.
inline constexpr std::size_t most_rows_at_one_time = 100'000;

/// Counts rows that bring no later time.
class Standstill {
public:
    void see(double time_s) {
        if (time_s > latest_s_) {
            latest_s_ = time_s;
            rows_ = 0;
        } else {
            ++rows_;
        }
    }
    std::size_t rows() const { return rows_; }

private:
    double latest_s_ = -1e300;
    std::size_t rows_ = 0;
};

} // namespace sobremesa::io
