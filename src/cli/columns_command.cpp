#include "cli/columns_command.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "cli/printed.hpp"
#include "cli/said.hpp"
#include "io/csv_head.hpp"
#include "io/log_file.hpp"
#include "wording/columns.hpp"

namespace sobremesa::cli {

namespace {

Json column_json(const io::CsvHead& head, std::size_t index) {
    const io::LogColumn& column = head.columns[index];
    const telemetry::ColumnChoice choice = io::choice_of(column);
    Json cells = Json::array();
    constexpr std::size_t cells_shown = 3;
    for (const auto& row : head.first_rows) {
        if (index < row.size() && cells.size() < cells_shown) cells.push_back(row[index]);
    }
    Json units = Json::array();
    for (const std::string& unit : io::column_units(choice.meaning)) units.push_back(unit);
    return {{"header", choice.header},
            {"meaning", choice.meaning},
            {"unit", choice.unit.empty() ? Json(nullptr) : Json(choice.unit)},
            {"unit_assumed", column.unit_assumed},
            {"quantity_assumed", column.quantity_assumed},
            {"passed_over", column.passed_over},
            {"chosen", column.chosen},
            {"cells", cells},
            {"units_possible", units}};
}

std::string delimiter_word(char delimiter) {
    switch (delimiter) {
    case '\t': return "tab";
    case io::any_blanks: return "blanks";
    case io::wide_blanks: return "wide blanks";
    default: return std::string(1, delimiter);
    }
}

Json columns_json(const io::CsvHead& head) {
    Json list = Json::array();
    constexpr std::size_t most_columns = 1000;
    for (std::size_t i = 0; i < std::min(head.columns.size(), most_columns); ++i)
        list.push_back(column_json(head, i));
    return list;
}

} // namespace

units::Result<std::vector<telemetry::ColumnChoice>> columns_from(const std::vector<std::string>& texts) {
    std::vector<telemetry::ColumnChoice> choices;
    for (const std::string& text : texts) {
        const auto equals = text.find_last_of('=');
        if (equals == std::string::npos) {
            units::Where where;
            where.field = "--column";
            return units::failure(units::ErrorCode::word_unknown, where,
                                  {{"word", text}, {"allowed", std::string("HEADER=MEANING:UNIT")}});
        }
        const std::string meaning = text.substr(equals + 1);
        const auto colon = meaning.find(':');
        choices.push_back({text.substr(0, equals), meaning.substr(0, colon),
                           colon == std::string::npos ? std::string() : meaning.substr(colon + 1)});
    }
    return choices;
}

std::optional<units::Error> misplaced_column(const std::string& log,
                                             const std::vector<telemetry::ColumnChoice>& columns) {
    if (columns.empty()) return std::nullopt;
    const auto format = io::log_format(log);
    if (!format) return format.error();
    // Of the others the reader of the log says it.
    if (!io::is_table(*format)) return std::nullopt;
    const auto head = io::read_head_of_log(log, columns);
    if (!head) return head.error();
    for (const auto& choice : columns) {
        std::string headers;
        bool there = false;
        for (const auto& column : head->columns) {
            there = there || column.header == choice.header;
            headers += (headers.empty() ? "" : ", ") + column.header;
        }
        if (!there) {
            return units::Error{units::ErrorCode::column_missing,
                                {log, {}, {}, {}},
                                {{"header", choice.header}, {"headers", headers}}};
        }
    }
    return std::nullopt;
}

Json reading_json(const std::string& log, const std::vector<telemetry::ColumnChoice>& columns) {
    const auto format = io::log_format(log);
    if (!format) return nullptr;
    Json answer = {{"format", io::format_word(*format)}, {"columns", nullptr}};
    // What is no table would be read as a whole once more.
    if (!io::is_table(*format) && columns.empty()) return answer;
    const auto head = io::read_head_of_log(log, columns);
    if (!head) return answer;
    if (io::is_table(*format)) {
        answer["delimiter"] = delimiter_word(head->delimiter);
        answer["decimal_comma"] = head->decimal_comma;
    }
    answer["header_line"] = head->header_number > 0 ? Json(head->header_number) : Json(nullptr);
    answer["columns"] = columns_json(*head);
    return answer;
}

int show_columns(const ColumnsOptions& options, std::ostream& out, std::ostream& err) {
    const auto columns = columns_from(options.columns);
    if (!columns) return unusable(columns.error(), err);
    const auto head = io::read_head_of_log(options.log, *columns);
    if (!head) return unusable(head.error(), err);
    if (options.json) {
        Json answer = reading_json(options.log, *columns);
        if (answer["columns"].is_null()) answer["columns"] = columns_json(*head);
        answer["warnings"] = warnings(head->diagnostics, wording::Quantities());
        out << answer.dump(2) << "\n";
        return exit_done;
    }
    for (std::size_t i = 0; i < head->columns.size(); ++i) {
        const io::LogColumn& column = head->columns[i];
        const telemetry::ColumnChoice choice = io::choice_of(column);
        out << choice.header << ": " << wording::column_meaning(choice.meaning).toStdString();
        if (!choice.unit.empty()) out << ", " << choice.unit;
        if (column.unit_assumed || column.quantity_assumed)
            out << " (" << Printed::tr("assumed").toStdString() << ")";
        out << "; "
            << Printed::tr("reads %1", "first readings of a column")
                   .arg(wording::column_reading(column, head->first_rows, i))
                   .toStdString()
            << "\n";
    }
    say(head->diagnostics, err);
    return exit_done;
}

} // namespace sobremesa::cli
