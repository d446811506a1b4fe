#include "io/plan_document.hpp"

#include <algorithm>
#include <filesystem>
#include <optional>

#include "io/document_parts.hpp"
#include "io/text_file.hpp"
#include "io/typed_wind.hpp"

namespace sobremesa::io {

namespace {

using nlohmann::json;

constexpr int plan_version = 1;
constexpr int pack_version = 1;

/// "wind": "12 kn NW" stands for the keys of its parts; a speed alone is read as any number is.
/// @return what contradicts it
std::optional<units::Error> take_wind_apart(json& tree, const std::string& file) {
    if (!tree.is_object() || !tree.contains("weather") || !tree["weather"].is_object()) return std::nullopt;
    json& weather = tree["weather"];
    const auto written = weather.find("wind");
    if (written == weather.end() || !written->is_string()) return std::nullopt;
    const auto wind = typed_wind(written->get<std::string>());
    const auto mps = wind ? in_field_unit(wind->speed, "m/s") : std::nullopt;
    if (!mps) return std::nullopt;
    if (wind->speed.word.empty()) {
        // Its unit would be guessed; and a plan that goes on without the wind is worse than none.
        const std::string word = written->get<std::string>();
        units::Where where;
        where.file = file;
        where.field = "weather.wind";
        return units::Error{units::ErrorCode::word_unknown,
                            where,
                            {{"word", word}, {"allowed", word + " kn, " + word + " m/s, " + word + " km/h"}}};
    }
    weather.erase(written);
    const auto put = [&](const char* key, double value) { weather[key] = value; };
    for (const char* key : {"wind_mps", "wind_from_deg"}) {
        if (!weather.contains(key)) continue;
        units::Where where;
        where.file = file;
        where.field = "weather";
        return units::Error{units::ErrorCode::values_conflict, where, {{"fields", std::string("wind, ") + key}}};
    }
    put("wind_mps", *mps);
    put("wind_from_deg", wind->from_deg);
    if (wind->gust && !weather.contains("gust_mps"))
        put("gust_mps", std::max(*wind->gust - wind->speed.number, 0.0) * wind->speed.unit->scale);
    if (wind->of_airfield && !weather.contains("wind_height_m")) put("wind_height_m", airfield_wind_height_m);
    return std::nullopt;
}

} // namespace

units::Result<PlanDocument> plan_from_json(const std::string& text, const std::string& file) {
    auto tree = parse_json(text, file);
    if (!tree) return tl::unexpected(tree.error());
    if (auto error = check_format(*tree, file, "sobremesa-plan", plan_version)) return tl::unexpected(*error);
    if (auto error = take_wind_apart(*tree, file)) return tl::unexpected(*error);

    PlanDocument document;
    DocumentReader root(*tree, file, "");
    root.allow({"format", "version"});
    auto request = read_request(root);
    if (!request) return tl::unexpected(request.error());
    document.request = std::move(*request);
    const auto unknown = root.unknown_keys();
    document.diagnostics.insert(document.diagnostics.end(), unknown.begin(), unknown.end());
    return document;
}

units::Result<PlanDocument> read_plan_file(const std::string& path) {
    const auto text = read_text_file(path);
    if (!text) return tl::unexpected(text.error());
    auto document = plan_from_json(*text, path);
    if (!document) return document;
    // A raster is named as seen from the document.
    std::string& raster = document->request.mission.terrain_file;
    if (!raster.empty()) raster = (std::filesystem::path(path).parent_path() / raster).lexically_normal().string();
    return document;
}

units::Result<PackDocument> pack_from_json(const std::string& text, const std::string& file) {
    const auto tree = parse_json(text, file);
    if (!tree) return tl::unexpected(tree.error());
    if (auto error = check_format(*tree, file, "sobremesa-pack", pack_version)) return tl::unexpected(*error);
    PackDocument document;
    DocumentReader reader(*tree, file, "pack");
    reader.allow({"format", "version", "note", "retired", "readings"});
    read_pack(reader, document.pack);
    if (reader.error()) return tl::unexpected(*reader.error());
    if (auto valid = battery::validate(document.pack); !valid) {
        units::Error error = valid.error();
        error.where.file = file;
        return tl::unexpected(error);
    }
    const auto unknown = reader.unknown_keys();
    document.diagnostics.insert(document.diagnostics.end(), unknown.begin(), unknown.end());
    return document;
}

std::string json_from_plan(const mission::PlanRequest& request) {
    json document = request_to_json(request);
    document["format"] = "sobremesa-plan";
    document["version"] = plan_version;
    return document.dump(2) + "\n";
}

} // namespace sobremesa::io
