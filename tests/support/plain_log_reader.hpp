#pragma once

#include <memory>
#include <string>

#include "io/csv_rows.hpp"
#include "io/line_reader.hpp"

namespace sobremesa::tests {

/// The CSV reader as one would write it first: line by line, on one core, with the careful parser alone. What the
/// product's reader finds on all cores must be what this one finds.
inline units::Result<std::shared_ptr<const telemetry::FlightLog>>
read_csv_plainly(const std::string& path, const std::vector<telemetry::ColumnChoice>& choices = {}) {
    using telemetry::Channel;
    using Kind = io::LogColumn::Kind;
    const auto head = io::read_csv_head(path, choices);
    if (!head) return tl::unexpected(head.error());
    auto reader = io::LineReader::open(path);
    if (!reader) return tl::unexpected(reader.error());
    telemetry::FlightLog log;
    log.name = path;
    log.diagnostics = head->diagnostics;
    units::Where first_bad;
    io::RowParser parser(*head);
    io::MidnightClock midnight;
    io::Standstill standstill;
    std::string_view line;
    for (;;) {
        const auto next = reader->next(line);
        if (next == io::LineReader::Next::end) break;
        if (next == io::LineReader::Next::too_long) return tl::unexpected(io::endless_line(*reader));
        if (reader->line_number() <= head->lines_before_data) continue;
        const io::RowVerdict verdict = parser.parse(line, reader->line_was_ended());
        if (verdict.kind == io::RowVerdict::Kind::skipped) continue;
        ++log.rows_met;
        if (verdict.kind == io::RowVerdict::Kind::set_aside) {
            telemetry::add_to(log.unreadable, verdict.reason, reader->line_number());
            if (verdict.reason == telemetry::SetAsideReason::bad_number && first_bad.field.empty()) {
                first_bad.line = reader->line_number();
                first_bad.field = head->columns[verdict.bad_column].header;
            }
            continue;
        }
        io::RowParts parts;
        for (std::size_t i = 0; i < head->columns.size(); ++i) parts.add(head->columns[i], parser.values()[i][0]);
        for (std::size_t i = 0; i < head->columns.size(); ++i) {
            const auto& column = head->columns[i];
            const auto& value = parser.values()[i];
            const bool number = column.kind == Kind::number || column.kind == Kind::written_number;
            if ((number && (column.channel != Channel::time_s || !head->uses_clock)) || column.kind == Kind::angle)
                log[column.channel].push_back(value[0] * column.scale);
            if (column.kind == Kind::added_number) log[column.channel].back() += value[0] * column.scale;
            if (column.kind == Kind::position_pair) {
                log[Channel::latitude_deg].push_back(value[0]);
                log[Channel::longitude_deg].push_back(value[1]);
            }
        }
        if (log.has(Channel::latitude_deg)) log[Channel::latitude_deg].back() *= parts.latitude_sign;
        if (log.has(Channel::longitude_deg)) log[Channel::longitude_deg].back() *= parts.longitude_sign;
        if (head->uses_clock) {
            const double time_s = parts.time_s(*head);
            log[Channel::time_s].push_back(head->has_date ? time_s : midnight.since_first_midnight(time_s));
        }
        standstill.see(log[Channel::time_s].back());
        log.lines.push_back(std::uint32_t(reader->line_number()));
    }
    if (standstill.rows() > io::most_rows_at_one_time) return units::failure(units::ErrorCode::time_stands_still);
    return io::finished_log(std::move(log), *head, first_bad);
}

} // namespace sobremesa::tests
