#include "io/csv_head.hpp"

#include <algorithm>

#include "io/cell_forms.hpp"
#include "io/csv_layout.hpp"
#include "io/csv_sample.hpp"
#include "io/open_file.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using Kind = LogColumn::Kind;

/// Cells that are looked at of a log of very many columns: enough for those that a pilot would use.
constexpr std::size_t most_looked_at = 400'000;

/// A comma in a number of a cell of its own; commas between cells are another matter.
bool has_decimal_comma(const std::vector<ColumnText>& texts, const std::vector<LogColumn>& columns,
                       char delimiter) {
    if (delimiter == ',') return false;
    return std::any_of(texts.begin(), texts.end(), [&](const ColumnText& text) {
        const LogColumn& column = columns[std::size_t(&text - texts.data())];
        return column.grouping != ',' && std::any_of(text.cells.begin(), text.cells.end(), [](auto cell) {
                   return cell.find(',') != std::string_view::npos && number_from_text(cell);
               });
    });
}

void note_columns(CsvHead& head) {
    std::size_t unused = 0;
    for (const LogColumn& column : head.columns) {
        const bool unused_column = column.kind == Kind::ignored && !column.chosen && !column.header.empty();
        if (unused_column && ++unused <= most_unused_named) {
            if (column.passed_over) {
                head.diagnostics.push_back({units::DiagnosticCode::column_passed_over,
                                            units::Severity::note,
                                            {{"column", column.header},
                                             {"channel", std::string(telemetry::channel_word(column.channel))}}});
            } else {
                head.diagnostics.push_back({units::DiagnosticCode::column_not_understood,
                                            units::Severity::note,
                                            {{"column", column.header}}});
            }
        }
        const bool assumed = column.unit_assumed || column.quantity_assumed;
        if (column.kind == Kind::ignored || !assumed) continue;
        const std::string unit = choice_of(column).unit;
        head.diagnostics.push_back({column.quantity_assumed ? units::DiagnosticCode::quantity_assumed
                                                            : units::DiagnosticCode::unit_assumed,
                                    units::Severity::note,
                                    {{"column", column.header},
                                     {"channel", std::string(telemetry::channel_word(column.channel))},
                                     {"unit", unit.empty() ? std::string("1") : unit}}});
    }
    if (unused > most_unused_named) {
        head.diagnostics.push_back({units::DiagnosticCode::column_not_understood,
                                    units::Severity::note,
                                    {{"column", std::string()}, {"more", double(unused - most_unused_named)}}});
    }
}

/// The sampled rows, column by column; rows of another number of cells tell nothing.
std::vector<ColumnText> columns_of(const CsvLayout& layout, CsvHead& head) {
    const std::size_t count = layout.names.size();
    std::vector<ColumnText> texts(count);
    for (std::size_t i = 0; i < count; ++i) {
        texts[i].label = layout.labels[i];
        texts[i].name = layout.names[i];
    }
    const std::size_t most_rows = std::max<std::size_t>(8, most_looked_at / std::max<std::size_t>(count, 1));
    std::vector<std::string_view> cells;
    for (const std::string& row : layout.rows) {
        split_cells(row, layout.delimiter, cells);
        if (cells.size() == count + 1 && cells.back().empty()) cells.pop_back();
        if (head.first_rows.size() < head_rows) head.first_rows.emplace_back(cells.begin(), cells.end());
        if (cells.size() != count || row == layout.header_line || texts.front().cells.size() >= most_rows) continue;
        for (std::size_t i = 0; i < count; ++i) texts[i].cells.push_back(cells[i]);
    }
    return texts;
}

} // namespace

units::Result<CsvHead> read_csv_head(const std::string& path, const std::vector<telemetry::ColumnChoice>& choices,
                                     bool needs_time) {
    auto sample = sample_of(path);
    if (!sample) return tl::unexpected(sample.error());
    auto layout = layout_of(*sample, path, choices);
    if (!layout) return tl::unexpected(layout.error());
    CsvHead head;
    head.delimiter = layout->delimiter;
    head.header_line = layout->header_line;
    head.header_number = layout->header_number;
    head.data_begin = layout->data_begin;
    head.lines_before_data = layout->lines_before_data;
    head.file_bytes = sample->file_bytes;
    head.home = layout->home;
    const std::vector<ColumnText> texts = columns_of(*layout, head);
    const std::size_t together =
        texts.front().cells.size() - std::min(texts.front().cells.size(), sample->spread.size());
    auto understood = understand_columns(texts, together, choices);
    if (!understood) {
        units::Error error = understood.error();
        error.where.file = path;
        error.where.line = head.header_number;
        return tl::unexpected(error);
    }
    head.columns = std::move(understood->columns);
    head.local_metres = understood->local_metres;
    head.utm_zone = understood->utm_zone;
    head.series = understood->series;
    head.diagnostics = std::move(understood->diagnostics);
    head.decimal_comma = has_decimal_comma(texts, head.columns, head.delimiter);
    head.uses_clock = have_clock(head.columns);
    head.has_date = tell_date(head.columns);
    if (needs_time && !tell_time(head.columns)) {
        units::Where where = in_file(path);
        where.line = std::max<std::int64_t>(head.header_number, 1);
        return tl::unexpected(
            units::Error{head.header_line.empty() ? units::ErrorCode::no_header : units::ErrorCode::no_time,
                         where,
                         {{"header", as_utf8(head.header_line).substr(0, 200)}}});
    }
    if (head.header_line.empty())
        head.diagnostics.insert(head.diagnostics.begin(),
                                {units::DiagnosticCode::header_missing, units::Severity::warning, {}});
    note_columns(head);
    return head;
}

} // namespace sobremesa::io
