#pragma once

#include <iosfwd>
#include <optional>
#include <string>
#include <vector>

#include "cli/json_text.hpp"
#include "core/telemetry/column_choice.hpp"
#include "core/units/error.hpp"

namespace sobremesa::cli {

struct ColumnsOptions {
    std::string log;
    /// As `DebriefOptions::columns`.
    std::vector<std::string> columns;
    bool json = false;
};

/// "HEADER=MEANING" and "HEADER=MEANING:UNIT".
units::Result<std::vector<telemetry::ColumnChoice>> columns_from(const std::vector<std::string>& texts);
/// What is said of a column that is not there would be said in vain.
/// @return `column_missing`, with those that there are
std::optional<units::Error> misplaced_column(const std::string& log,
                                             const std::vector<telemetry::ColumnChoice>& columns);

/// What each column of a log was understood to be, also of one that cannot be read as it is.
int show_columns(const ColumnsOptions& options, std::ostream& out, std::ostream& err);

/// The format of a log and, where it has columns, what each was understood to be; null where it cannot be said.
Json reading_json(const std::string& log, const std::vector<telemetry::ColumnChoice>& columns);

} // namespace sobremesa::cli
