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
    log.notices = head->notices;
    units::Where first_bad;
    io::RowParser parser(*head);
    io::MidnightClock midnight;
    io::Standstill standstill;
    std::string_view line;
    for (;;) {
        const auto next = reader->next(line);
        if (next == io::LineReader::Next::end) break;
        if (next == io::LineReader::Next::too_long) return tl::unexpected(io::endless_line(*reader));
        if (reader->line_number() <= head->header_number) continue;
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
        double date_s = 0.0;
        double clock_s = io::missing_value;
        for (std::size_t i = 0; i < head->columns.size(); ++i) {
            const auto& column = head->columns[i];
            const auto& value = parser.values()[i];
            if (column.kind == Kind::date) date_s = value[0];
            if (column.kind == Kind::clock_time) clock_s = value[0];
            if (column.kind == Kind::number && (column.channel != Channel::time_s || !head->uses_clock))
                log[column.channel].push_back(value[0] * column.scale);
            if (column.kind == Kind::position_pair) {
                log[Channel::latitude_deg].push_back(value[0]);
                log[Channel::longitude_deg].push_back(value[1]);
            }
        }
        if (head->uses_clock) {
            const double time_s = io::time_of(*head, date_s, clock_s);
            log[Channel::time_s].push_back(head->has_date ? time_s : midnight.since_first_midnight(time_s));
        }
        standstill.see(log[Channel::time_s].back());
        log.lines.push_back(std::uint32_t(reader->line_number()));
    }
    if (standstill.rows() > io::most_rows_at_one_time) return units::failure(units::ErrorCode::time_stands_still);
    return io::finished_log(std::move(log), *head, first_bad);
}

} // namespace sobremesa::tests
