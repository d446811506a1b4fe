#include "io/plan_document.hpp"

#include <algorithm>
#include <filesystem>
#include <optional>

#include "io/document_parts.hpp"
#include "io/key_units.hpp"
#include "io/text_file.hpp"
#include "io/typed_wind.hpp"

namespace sobremesa::io {

namespace {

using nlohmann::json;

constexpr int plan_version = 1;
constexpr int pack_version = 1;

/// "wind": "12 kn NW" stands for the keys of its parts; a speed alone is read as any number is.
/// @param at  the object in which it stands, and what it is called in the document
/// @return what contradicts it, or what cannot be read: a plan that goes on without the wind is worse than none
std::optional<units::Error> take_wind_apart(json& at, units::Where where) {
    if (!at.is_object()) return std::nullopt;
    const auto written = at.find("wind");
    if (written == at.end() || !written->is_string()) return std::nullopt;
    const std::string object = where.field;
    where.field += ".wind";
    const std::string word = written->get<std::string>();
    const auto refused = [&](const std::string& allowed) {
        return units::Error{units::ErrorCode::word_unknown, where, {{"word", word}, {"allowed", allowed}}};
    };
    const auto wind = typed_wind(word);
    const auto mps = wind ? in_field_unit(wind->speed, "m/s") : std::nullopt;
    if (!mps) {
        const auto speed = typed_number(word);
        const bool speed_alone = speed && in_field_unit(*speed, "m/s");
        return speed_alone ? std::nullopt
                           : std::optional(refused("12 kn NW, 4 m/s from 250°, SW 8 kn gusting 14, calm"));
    }
    // Its unit would be guessed.
    if (wind->speed.word.empty()) return refused(with_usual_units("wind_mps", word));
    at.erase(written);
    for (const char* key : {"wind_mps", "wind_from_deg"}) {
        if (!at.contains(key)) continue;
        where.field = object;
        return units::Error{units::ErrorCode::values_conflict, where, {{"fields", std::string("wind, ") + key}}};
    }
    const auto put = [&](const char* key, double value) {
        if (!at.contains(key)) at[key] = value;
    };
    put("wind_mps", *mps);
    put("wind_from_deg", wind->from_deg);
    // Rows of several heights have neither.
    if (object != "weather") return std::nullopt;
    if (wind->gust) put("gust_mps", std::max(*wind->gust - wind->speed.number, 0.0) * wind->speed.unit->scale);
    if (wind->of_airfield) put("wind_height_m", airfield_wind_height_m);
    return std::nullopt;
}

/// The wind, and those of the table by height.
std::optional<units::Error> take_winds_apart(json& tree, const std::string& file) {
    if (!tree.is_object() || !tree.contains("weather")) return std::nullopt;
    json& weather = tree["weather"];
    units::Where where;
    where.file = file;
    where.field = "weather";
    auto error = take_wind_apart(weather, where);
    if (error || !weather.is_object() || !weather.contains("wind_table") || !weather["wind_table"].is_array())
        return error;
    json& rows = weather["wind_table"];
    for (std::size_t i = 0; i < rows.size() && !error; ++i) {
        where.field = "weather." + indexed("wind_table", i);
        error = take_wind_apart(rows[i], where);
    }
    return error;
}

} // namespace

units::Result<PlanDocument> plan_from_json(const std::string& text, const std::string& file) {
    auto tree = parse_json(text, file);
    if (!tree) return tl::unexpected(tree.error());
    if (auto error = check_format(*tree, file, "sobremesa-plan", plan_version)) return tl::unexpected(*error);
    if (auto error = take_winds_apart(*tree, file)) return tl::unexpected(*error);

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
