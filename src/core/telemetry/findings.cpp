#include "core/telemetry/findings.hpp"

#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::telemetry {

namespace {

/// Two winds that differ by more than this, and by more than three times our error, disagree, m/s.
constexpr double winds_apart_mps = 2.0;

/// The wind that the aircraft wrote down itself, against what turning shows.
std::optional<units::Diagnostic> against_own_estimate(const CleanLog& log, const Findings& found) {
    if (!found.wind.known() || !log.raw->has(Channel::wind_speed_mps) || !log.raw->has(Channel::wind_from_deg))
        return std::nullopt;
    double east = 0.0;
    double north = 0.0;
    double n = 0.0;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double speed = log.value(Channel::wind_speed_mps, i);
        const double from = units::radians(log.value(Channel::wind_from_deg, i));
        if (!std::isfinite(speed) || !std::isfinite(from)) continue;
        east -= speed * std::sin(from);
        north -= speed * std::cos(from);
        n += 1.0;
    }
    if (n < 1.0) return std::nullopt;
    east /= n;
    north /= n;
    const double apart = std::hypot(east - found.wind.east_mps, north - found.wind.north_mps);
    if (apart < winds_apart_mps || apart < 3.0 * found.wind.worst_sd_mps) return std::nullopt;
    return units::Diagnostic{units::DiagnosticCode::wind_disagrees_with_log,
                             units::Severity::warning,
                             {{"log_mps", std::hypot(east, north)},
                              {"log_from_deg", units::wrap_degrees(units::degrees(std::atan2(-east, -north)))},
                              {"found_mps", found.wind.speed_mps.value},
                              {"found_from_deg", found.wind.from_deg.value}}};
}

} // namespace

units::Result<Findings> find_out(const CleanLog& log, const std::stop_token& stop,
                                 std::optional<units::Estimate> airspeed_hint, units::Estimate airspeed_per_power) {
    using units::DiagnosticCode;
    using units::Severity;
    auto moved = motion(log, stop);
    if (!moved) return tl::unexpected(moved.error());
    Findings found;
    found.motion = std::move(*moved);
    found.wind = wind_estimate(found.motion, airspeed_hint, airspeed_per_power);
    if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
    found.segments = segments(found.motion, found.wind);
    found.still = still_air(found.motion, found.wind, found.segments);
    if (found.still) find_lift(found.segments, found.motion, *found.still);
    found.sag = measured_sag(log);
    if (const auto diagnostic = against_own_estimate(log, found)) found.diagnostics.push_back(*diagnostic);
    switch (found.wind.knowledge) {
    case WindKnowledge::known: break;
    case WindKnowledge::along_only:
        found.diagnostics.push_back(
            {DiagnosticCode::wind_partly_observable, Severity::note, {{"along_deg", found.wind.known_along_deg}}});
        break;
    // The summary says already that there is no position.
    case WindKnowledge::no_position: break;
    case WindKnowledge::too_short:
    case WindKnowledge::hardly_moved:
    case WindKnowledge::speed_held:
    case WindKnowledge::no_turn:
        found.diagnostics.push_back({DiagnosticCode::wind_not_observable,
                                     Severity::note,
                                     {{"reason", std::string(wind_knowledge_word(found.wind.knowledge))}}});
        if (found.motion.has_power)
            found.diagnostics.push_back({DiagnosticCode::still_air_from_ground, Severity::note, {}});
        break;
    }
    return found;
}

} // namespace sobremesa::telemetry
