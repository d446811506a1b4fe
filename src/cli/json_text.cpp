#include "cli/json_text.hpp"

#include <utility>

namespace sobremesa::cli {

Json with_todays_words(Json value) {
    static constexpr std::pair<const char*, const char*> words[] = {
        {"school", "turn_rule"},   {"schools", "turn_rules"},       {"spare_wh", "margin_wh"},
        {"stretches", "segments"}, {"spare_sd_wh", "margin_sd_wh"}, {"account", "report"},
    };
    if (!value.is_structured()) return value;
    for (auto& inner : value) inner = with_todays_words(std::move(inner));
    if (!value.is_object()) return value;
    for (const auto& [was, is] : words) {
        if (const auto found = value.find(was); found != value.end() && !value.contains(is))
            value[is] = Json(*found);
    }
    return value;
}

} // namespace sobremesa::cli
