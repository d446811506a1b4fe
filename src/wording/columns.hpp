#pragma once

#include <string>
#include <vector>

#include <QString>

#include "io/log_header.hpp"

namespace sobremesa::wording {

/// A `ColumnChoice`'s meaning in words: "ground speed", "not used".
QString column_meaning(const std::string& word);

/// The first value of a column as it is read: "12.6 m/s", or why it is not.
QString column_reading(const io::LogColumn& column, const std::vector<std::vector<std::string>>& first_rows,
                       std::size_t index);

} // namespace sobremesa::wording
