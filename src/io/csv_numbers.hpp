#pragma once

#include <cstddef>

#include "io/log_header.hpp"

namespace sobremesa::io {

/// Where the values of one column go, each multiplied by `scale`; nowhere where both are null.
struct ColumnTarget {
    LogColumn::Kind kind = LogColumn::Kind::ignored;
    double scale = 1.0;
    double* first = nullptr;
    /// Longitude, of a position written in one cell.
    double* second = nullptr;
    /// For cells that are more than a number.
    const LogColumn* column = nullptr;
};

/// How far a line has been read.
struct LinePlace {
    /// Begin of the cell of `column`; behind the last column, the end of its cell.
    const char* at = nullptr;
    std::size_t column = 0;
};

/// What reading numbers needs to know of a log.
struct NumberColumns {
    const ColumnTarget* targets = nullptr;
    std::size_t count = 0;
    char delimiter = ',';
    char point = '.';
};

/// Reads numbers of few digits, as most are: a sign, digits, a point, digits. They make a whole number and a power
/// of ten that are both exact in a double, so that one division rounds rightly (Clinger, *How to read floating
/// point numbers accurately*, 1990).
///
/// Goes on from column to column until one is no number or its cell is anything else than such a number with the
/// delimiter behind it (the last column's: whatever behind it).
/// @param place  where to begin; the text must have a '\n' somewhere behind it, and sixteen bytes more
/// @param row  row of the targets that gets the values
using ReadNumbers = LinePlace (*)(LinePlace place, const NumberColumns& columns, std::size_t row);

/// One digit after the other.
LinePlace read_numbers_by_digits(LinePlace place, const NumberColumns& columns, std::size_t row);

/// All digits of a number at once, by vector instructions that nearly every processor has but not the oldest.
/// @return nothing where the processor has none
ReadNumbers read_numbers_by_vectors();

/// The quicker of the two that this processor can run.
ReadNumbers quickest_read_numbers();

} // namespace sobremesa::io
