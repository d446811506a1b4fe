#pragma once

#include <optional>
#include <vector>

#include "app/map/map_view.hpp"
#include "core/telemetry/consumption.hpp"

namespace sobremesa::app {

/// A flown track as the map draws it: out until its farthest point, home from there. Empty without positions.
struct TrackOnMap {
    std::vector<MapView::Way> ways;
    std::optional<MapView::TurnMark> farthest;
};
TrackOnMap track_on_map(const telemetry::LogSummary& summary);

} // namespace sobremesa::app
