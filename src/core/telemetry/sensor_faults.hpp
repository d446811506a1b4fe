#pragma once

#include <functional>

#include "core/telemetry/clean_log.hpp"

namespace sobremesa::telemetry {

/// Marks readings that are not to be believed, and says which.
///
/// - **Stuck**: a reading that in flight stays at the very same value for more than half a minute and for more than
///   five times as long as nineteen in twenty of this sensor's values last, while the current or the ground speed
///   goes on changing. Readings of a channel with coarse steps last long by nature, and so are not taken for stuck;
///   nor are those of a sensor without any noise, which may stand still in a flight that is flown so.
/// - **Saturated**: a current that stands at the highest value it ever reaches for three rows or more, more often
/// than
///   at all values nearby, and half as high again as its median. Kept: it is the least that was drawn.
/// - **Counter resets**, kept: sums bridge them.
/// - **Heights**: GPS height against the barometer's beyond 15 m after their mean difference is taken off, and more
///   than a tenth of the height flown. Kept.
///
/// @param add  called with the reason and the index into `log.rows`
void mark_sensor_faults(CleanLog& log, const std::function<void(SetAsideReason, std::size_t)>& add);

} // namespace sobremesa::telemetry
