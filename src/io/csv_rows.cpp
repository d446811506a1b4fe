#include "io/csv_rows.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::io {

using telemetry::Channel;
using telemetry::FlightLog;
using telemetry::SetAsideReason;

namespace {

constexpr double seconds_per_day = 86400.0;
/// A time in seconds this large counts from 1970: it is a clock, not a duration.
constexpr double least_epoch_s = 1e9;

} // namespace

RowVerdict RowParser::parse(std::string_view line, bool ended) {
    using Verdict = RowVerdict::Kind;
    if (line.empty() || line.front() == '#') return {Verdict::skipped};
    split_cells(line, head_.delimiter, cells_);
    if (cells_.size() == 1 && cells_.front().empty()) return {Verdict::skipped};
    const auto& columns = head_.columns;
    if (cells_.size() == columns.size() + 1 && cells_.back().empty()) cells_.pop_back();
    if (cells_.size() != columns.size()) {
        const bool cut = !ended && cells_.size() < columns.size();
        return {Verdict::set_aside, cut ? SetAsideReason::cut_last_row : SetAsideReason::bad_row, 0};
    }
    for (std::size_t i = 0; i < columns.size(); ++i) {
        if (parse_cell(columns[i].kind, cells_[i], values_[i])) continue;
        if (line == head_.header_line) return {Verdict::set_aside, SetAsideReason::repeated_header, i};
        if (!ended) return {Verdict::set_aside, SetAsideReason::cut_last_row, i};
        return {Verdict::set_aside, SetAsideReason::bad_number, i};
    }
    return {Verdict::stored};
}

double MidnightClock::since_first_midnight(double clock_s) {
    if (std::isfinite(clock_s)) {
        if (clock_s + days_s_ < latest_s_ - 0.5 * seconds_per_day) days_s_ += seconds_per_day;
        latest_s_ = clock_s + days_s_;
    }
    return clock_s + days_s_;
}

double time_of(const CsvHead& head, double date_s, double clock_s) {
    return head.has_date ? date_s + clock_s : clock_s;
}

units::Result<std::shared_ptr<const FlightLog>> finished_log(FlightLog log, const CsvHead& head,
                                                             const units::Where& first_bad) {
    if (log.rows() == 0) {
        units::Where where = first_bad;
        where.file = log.name;
        return units::failure(units::ErrorCode::no_usable_rows, where, {{"rows", double(log.rows_met)}});
    }
    auto& time = log[Channel::time_s];
    const auto first = std::find_if(time.begin(), time.end(), [](double t) { return std::isfinite(t); });
    if (first != time.end()) {
        const double start_s = *first;
        if (head.has_date || start_s >= least_epoch_s) log.start_clock_s = start_s;
        for (double& t : time) t -= start_s;
    }
    // A column without a single value is a channel the log does not have.
    for (auto& column : log.columns) {
        if (std::none_of(column.begin(), column.end(), [](double v) { return std::isfinite(v); })) column.clear();
    }
    return std::make_shared<const FlightLog>(std::move(log));
}

} // namespace sobremesa::io
