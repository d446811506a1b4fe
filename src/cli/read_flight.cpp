#include "cli/read_flight.hpp"

#include "core/telemetry/level_points.hpp"
#include "io/log_file.hpp"
#include "io/plan_document.hpp"

namespace sobremesa::cli {

units::Result<ReadFlight> read_flight(const std::string& log_file, const std::string& plan_file) {
    const auto plan = io::read_plan_file(plan_file);
    if (!plan) return tl::unexpected(plan.error());
    const auto log = io::read_log(log_file);
    if (!log) return tl::unexpected(log.error());
    telemetry::CleaningRules rules;
    rules.series = plan->request.pack.series;
    const auto clean = telemetry::clean(*log, rules);
    if (!clean) return tl::unexpected(clean.error());
    auto summary = telemetry::summarise(*clean);
    if (!summary) return tl::unexpected(summary.error());
    auto found = telemetry::find_out(*clean);
    if (!found) return tl::unexpected(found.error());
    telemetry::complete(*summary, *found);
    return ReadFlight{plan->request, std::move(*summary), std::move(*found)};
}

} // namespace sobremesa::cli
