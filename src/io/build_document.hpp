#pragma once

#include <string>

#include "core/battery/pack_builder.hpp"
#include "core/units/diagnostic.hpp"

namespace sobremesa::io {

struct BuildDocument {
    battery::Build build;
    std::vector<units::Diagnostic> diagnostics;
};

/// A pack to be made from cells (format `sobremesa-build`, version 1; see docs/file-formats.md).
/// @error as `pack_from_json`
units::Result<BuildDocument> build_from_json(const std::string& text, const std::string& file);

/// A pack alone, as `pack_from_json` reads it.
std::string json_from_pack(const battery::Pack& pack);

} // namespace sobremesa::io
