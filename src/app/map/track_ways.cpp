#include "app/map/track_ways.hpp"

#include <utility>

#include "app/theme/look.hpp"

namespace sobremesa::app {

TrackOnMap track_on_map(const telemetry::LogSummary& summary) {
    TrackOnMap drawn;
    const auto& track = summary.track;
    const auto& distance = summary.distance;
    if (track.east_m.empty() || !distance.farthest_at_s) return drawn;
    MapView::Way out{{}, false, false, {}};
    MapView::Way home{{}, true, false, {}};
    for (std::size_t i = 0; i < track.time_s.size(); ++i) {
        const geodesy::EastNorth here{track.east_m[i], track.north_m[i]};
        if (track.time_s[i] <= *distance.farthest_at_s) out.points.push_back(here);
        if (track.time_s[i] >= *distance.farthest_at_s) home.points.push_back(here);
        if (track.time_s[i] == *distance.farthest_at_s) {
            drawn.farthest = MapView::TurnMark{
                here, 0.0,
                MapView::tr("farthest %1")
                    .arg(Look::instance().quantities().distance(distance.farthest_from_home_m->value))};
        }
    }
    drawn.ways = {std::move(out), std::move(home)};
    return drawn;
}

} // namespace sobremesa::app
