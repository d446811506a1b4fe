#pragma once

#include <iosfwd>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::cli {

struct DebriefOptions {
    std::string log;
    std::string home; ///< "LAT,LON" or empty
    std::optional<int> cells;
    std::optional<double> recharged_mah;
    std::string pack; ///< pack document, or empty
    std::optional<double> rested_cell_v;
    std::optional<double> rest_min;
    std::optional<double> temperature_c;
    std::optional<double> cruise_mps;
    /// Plan document: aircraft, pack, air, reserve and turn rules that it was flown with; or empty.
    std::string plan;
    /// Which flight of the file, from 1.
    std::optional<int> flight;
    /// "HEADER=MEANING" or "HEADER=MEANING:UNIT", for each column that its header tells wrongly.
    std::vector<std::string> columns;
    bool json = false;
};

int debrief(const DebriefOptions& options, std::ostream& out, std::ostream& err);

/// What is printed: everything, or with `--json` one line `{"summary": …}`.
enum class DebriefShape { whole, summary_line };

/// The same of a log that is read already.
int debrief_log(const std::shared_ptr<const telemetry::FlightLog>& read, const DebriefOptions& options,
                DebriefShape shape, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
