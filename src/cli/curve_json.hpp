#pragma once

#include "cli/json_text.hpp"
#include "core/airframe/speeds_to_fly.hpp"

namespace sobremesa::cli {

/// Stable word of a part of the power curve: induced, profile, parasite.
const char* part_word(std::size_t part);

/// A power curve as `aircraft` and `learn` give it, with points under the mass and air of the question.
Json curve_json(const airframe::PowerCurve& curve, const airframe::SpeedQuestion& question);

} // namespace sobremesa::cli
