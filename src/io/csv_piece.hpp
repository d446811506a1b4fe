#pragma once

#include <vector>

#include "io/csv_head.hpp"
#include "io/csv_numbers.hpp"
#include "io/csv_rows.hpp"

namespace sobremesa::io {

/// Where rows go. All have room for as many rows as there are lines.
struct RowTargets {
    std::vector<ColumnTarget> columns;
    /// Time, where it is made of a date and a clock.
    double* clock = nullptr;
    /// Time, where parts of a second go with a count of whole ones.
    double* counted = nullptr;
    /// Where minutes or letters of the compass stand in cells of their own: what they belong to.
    double* latitude = nullptr;
    double* longitude = nullptr;
    std::uint32_t* lines = nullptr;
};

/// A row that could not be stored, by its place in the piece.
struct RejectedRow {
    telemetry::SetAsideReason reason;
    std::uint32_t line;
    std::uint32_t bad_column;
};

/// Whole lines of a CSV log, parsed by one core.
class CsvPiece {
public:
    static constexpr std::size_t bytes_behind = 16;

    /// The lines. If the last one has no end, a '\n' must stand behind it; `bytes_behind` more must be readable.
    const char* begin = nullptr;
    const char* end = nullptr;
    /// First row of the log that it may write; it needs room for `lines()`.
    std::size_t first_row = 0;

    /// The last one counts even where it has no end.
    void count_lines();
    std::size_t lines() const { return lines_; }

    /// After `count_lines`. Rows are written one behind the other from `first_row` on.
    void parse(const CsvHead& head, const RowTargets& into);

    std::size_t rows() const { return rows_; }
    const std::vector<RejectedRow>& rejected() const { return rejected_; }

private:
    std::size_t lines_ = 0;
    std::size_t rows_ = 0;
    std::vector<RejectedRow> rejected_;
};

} // namespace sobremesa::io
