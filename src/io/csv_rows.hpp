#pragma once

#include <memory>
#include <optional>

#include "core/telemetry/flight_log.hpp"
#include "io/cell_forms.hpp"
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

/// What the cells of a row say together.
struct RowParts {
    double date_s = 0.0;
    double clock_s = missing_value;
    /// What stands in columns of their own.
    double clock_parts_s = 0.0;
    bool in_parts = false;
    std::array<double, 3> date_parts = {missing_value, missing_value, missing_value};
    double latitude_sign = 1.0;
    double longitude_sign = 1.0;
    /// Minutes and seconds in columns of their own, as degrees.
    double latitude_parts_deg = 0.0;
    double longitude_parts_deg = 0.0;

    /// Takes in a cell that is no value of its own.
    void add(const LogColumn& column, double value);
    /// Seconds since 1970, or since the midnight before.
    double time_s(const CsvHead& head) const { return (head.has_date ? date_s : 0.0) + clock_s + clock_parts_s; }
};

/// Turns the columns as read into a log: time from the first row on, empty columns dropped.
/// @param first_bad  the first cell that was no number, for the message where no row is left
units::Result<std::shared_ptr<const telemetry::FlightLog>>
finished_log(telemetry::FlightLog log, const CsvHead& head, const units::Where& first_bad);

/// So many rows without a later time are no pause of a recorder: gigabytes of them must not fill the memory.
inline constexpr std::size_t most_rows_at_one_time = 100'000;

/// Counts rows that bring no later time. A clock that starts again, as that of a recorder switched on anew does,
/// brings later times from there; one that does nothing else is no clock.
class Standstill {
public:
    void see(double time_s) {
        const bool again = time_s < latest_s_ - restart_s && restarts_ < most_restarts;
        restarts_ += again ? 1 : 0;
        if (time_s > latest_s_ || again) {
            latest_s_ = time_s;
            rows_ = 0;
        } else {
            ++rows_;
        }
    }
    std::size_t rows() const { return rows_; }

private:
    static constexpr double restart_s = 5.0;
    static constexpr int most_restarts = 2000;
    double latest_s_ = -1e300;
    std::size_t rows_ = 0;
    int restarts_ = 0;
};

} // namespace sobremesa::io
