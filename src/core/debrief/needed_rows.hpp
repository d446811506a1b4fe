#pragma once

#include <vector>

#include "core/mission/plan.hpp"
#include "core/telemetry/consumption.hpp"

namespace sobremesa::debrief {

/// What the return needed at each row that takes part, reserve counted, Wh: NaN where there was no position.
struct NeededRows {
    std::vector<double> needed_wh;
    /// One standard deviation, from the forecast's draw and wind.
    std::vector<double> needed_sd_wh;
    /// Flown over ground since the first position, m; the summary's distance at the last.
    std::vector<double> flown_m;
};

/// From where the aircraft was: at its place, its height above the launch (that of the forecast at the same
/// distance where the log has none) and its time, over the forecast's terrain, as the forecast would come home from
/// there. Worked out for some 240 moments, linear between them.
NeededRows needed_rows(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                       const mission::Plan& forecast);

} // namespace sobremesa::debrief
