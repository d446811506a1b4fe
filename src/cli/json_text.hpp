#pragma once

#include <cmath>
#include <optional>

#include <nlohmann/json.hpp>

#include "core/units/diagnostic.hpp"
#include "core/units/estimate.hpp"
#include "wording/messages.hpp"

namespace sobremesa::cli {

using Json = nlohmann::ordered_json;

/// Unknown is null, never 0 or NaN.
inline Json or_null(double value) {
    return std::isfinite(value) ? Json(value) : Json(nullptr);
}
inline Json or_null(const std::optional<double>& value) {
    return value ? or_null(*value) : Json(nullptr);
}
inline Json or_null(const std::optional<units::Estimate>& estimate) {
    return estimate ? or_null(estimate->value) : Json(nullptr);
}
inline Json sd_or_null(const std::optional<units::Estimate>& estimate) {
    return estimate ? or_null(estimate->sd) : Json(nullptr);
}

inline Json warnings(const std::vector<units::Diagnostic>& diagnostics, const wording::Quantities& quantities) {
    Json list = Json::array();
    for (const auto& diagnostic : diagnostics) {
        Json parameters = Json::object();
        for (const auto& parameter : diagnostic.parameters) {
            if (const auto* number = std::get_if<double>(&parameter.value))
                parameters[parameter.name] = or_null(*number);
            else
                parameters[parameter.name] = std::get<std::string>(parameter.value);
        }
        list.push_back({{"code", units::diagnostic_word(diagnostic.code)},
                        {"severity", diagnostic.severity == units::Severity::warning ? "warning" : "note"},
                        {"text", wording::message(diagnostic, quantities).toStdString()},
                        {"values", parameters}});
    }
    return list;
}

/// Beside each key that was published under a word that the program has left, the same under today's: `schools` and
/// `turn_rules`, `spare_wh` and `margin_wh`. At every depth; what has that key already keeps its own.
Json with_todays_words(Json value);

} // namespace sobremesa::cli
