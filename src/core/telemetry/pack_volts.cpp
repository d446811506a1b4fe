// A log that has the volts of a cell and not the pack's.

#include "core/telemetry/clean_log.hpp"

namespace sobremesa::telemetry {

namespace {

bool has_cell_alone(const FlightLog& log) {
    return log.has(Channel::cell_voltage_v) && !log.has(Channel::voltage_v);
}

} // namespace

bool needs_series(const FlightLog& log) {
    return has_cell_alone(log) && !log.series;
}

std::shared_ptr<const FlightLog> with_pack_volts(const std::shared_ptr<const FlightLog>& log, int series) {
    const int cells = log->series.value_or(series);
    if (cells < 1 || !has_cell_alone(*log)) return log;
    auto made = std::make_shared<FlightLog>(*log);
    auto& volts = (*made)[Channel::voltage_v];
    volts = (*log)[Channel::cell_voltage_v];
    for (double& value : volts) value *= cells;
    return made;
}

} // namespace sobremesa::telemetry
