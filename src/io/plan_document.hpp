#pragma once

#include <string>
#include <vector>

#include "core/mission/plan_request.hpp"
#include "core/units/diagnostic.hpp"

namespace sobremesa::io {

struct PlanDocument {
    mission::PlanRequest request;
    /// Unknown keys, and values that this version keeps but does not use.
    std::vector<units::Diagnostic> diagnostics;
};

struct PackDocument {
    battery::Pack pack;
    std::vector<units::Diagnostic> diagnostics;
};

/// A plan document (format `sobremesa-plan`, version 1; see docs/file-formats.md).
///
/// Only what a pilot cannot leave out is required; the rest has a default or is worked out.
/// @param file  named in errors
/// @error `json_syntax`, `json_wrong_type`, `value_missing`, `value_out_of_range`, `word_unknown`,
/// `values_conflict`,
///        `format_unknown`, `version_newer`, each with its field or line
units::Result<PlanDocument> plan_from_json(const std::string& text, const std::string& file);
units::Result<PlanDocument> read_plan_file(const std::string& path);

/// A pack alone: what stands under `pack` in a plan (format `sobremesa-pack`).
units::Result<PackDocument> pack_from_json(const std::string& text, const std::string& file);

/// The whole request, defaults included, so that a plan reads the same after a default has changed.
std::string json_from_plan(const mission::PlanRequest& request);

} // namespace sobremesa::io
