#include "core/telemetry/findings.hpp"

namespace sobremesa::telemetry {

units::Result<Findings> find_out(const CleanLog& log, const std::stop_token& stop,
                                 std::optional<units::Estimate> airspeed_hint) {
    using units::NoticeCode;
    using units::Severity;
    auto moved = motion(log, stop);
    if (!moved) return tl::unexpected(moved.error());
    Findings found;
    found.motion = std::move(*moved);
    found.wind = wind_estimate(found.motion, airspeed_hint);
    if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
    found.stretches = stretches(found.motion, found.wind);
    found.still = still_air(found.motion, found.wind, found.stretches);
    found.sag = measured_sag(log);
    switch (found.wind.knowledge) {
    case WindKnowledge::known: break;
    case WindKnowledge::along_only:
        found.notices.push_back(
            {NoticeCode::wind_partly_observable, Severity::note, {{"along_deg", found.wind.known_along_deg}}});
        break;
    // The summary says already that there is no position.
    case WindKnowledge::no_position: break;
    case WindKnowledge::too_short:
    case WindKnowledge::no_turn:
        found.notices.push_back({NoticeCode::wind_not_observable,
                                 Severity::note,
                                 {{"reason", std::string(wind_knowledge_word(found.wind.knowledge))}}});
        if (found.motion.has_power)
            found.notices.push_back({NoticeCode::still_air_from_ground, Severity::note, {}});
        break;
    }
    return found;
}

} // namespace sobremesa::telemetry
