#pragma once

#include <array>
#include <optional>
#include <vector>

#include "io/cell_forms.hpp"

namespace sobremesa::io {

/// Cells of one column: some from the beginning, some from all over the file, in its order; empty where there is
/// none.
using ColumnCells = std::vector<std::string_view>;

/// What the cells of a column look like.
struct ColumnShape {
    std::size_t filled = 0;
    std::size_t numbers = 0;
    std::size_t numbers_with_unit = 0;
    std::size_t clocks = 0;
    std::size_t dates = 0;
    std::size_t moments = 0;
    std::size_t angles = 0;
    std::size_t pairs = 0;
    /// Volts of every cell of the pack.
    std::size_t cell_lists = 0;
    std::size_t letters = 0;
    /// The unit behind the numbers, where one is.
    std::optional<Unit> unit;
    /// Orders that all dates can have: bit 1 << order.
    unsigned date_orders = 7;
    bool twelve_hours = false;
    /// Most digits behind a decimal sign.
    std::size_t decimals = 0;
    /// Of the cells that are numbers, with a unit or without, as written.
    std::vector<double> values;
    double least = 0.0;
    double most = 0.0;

    /// Nearly all cells are that: some may be broken.
    bool mostly(std::size_t count) const { return filled > 0 && 10 * count >= 8 * filled; }
    bool constant() const { return values.empty() || least == most; }
    double median() const;
    /// Shares of neighbouring values, 0 … 1.
    double share_falling() const;
    double share_changing() const;
    /// The usual step upwards; 0 where there is none.
    double median_step() const;
};

ColumnShape shape_of(const ColumnCells& cells);

/// How the numbers of a column use points, commas, blanks and apostrophes.
struct NumberSigns {
    /// Numbers with one such sign that cannot stand between thousands: "16.2", "0,500".
    std::size_t decimal_points = 0;
    std::size_t decimal_commas = 0;
    /// Numbers whose digits stand in groups of three: by ',', '.', ' ', '\''.
    std::array<std::size_t, 4> grouped{};
    /// Of them those with the sign twice or more, which no decimal sign can be.
    std::array<std::size_t, 4> grouped_twice{};
    /// Numbers of a thousand and more without a sign.
    std::size_t plain_thousands = 0;

    std::size_t decimals(char sign) const { return sign == '.' ? decimal_points : decimal_commas; }
    /// The sign between thousands; 0: none.
    /// @param points  elsewhere in the file the decimal sign is a point; @param commas  … a comma
    char grouped_by(bool points, bool commas) const;
};
NumberSigns number_signs(const ColumnCells& cells);

/// Of each column of a table the sign between thousands, 0 where there is none: "1,234" where the table's decimal
/// sign is a point, "1.234" where it is a comma.
std::vector<char> grouping_of_columns(const std::vector<ColumnCells>& columns);

} // namespace sobremesa::io
