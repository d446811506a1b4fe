#include "io/build_document.hpp"

#include <cmath>

#include "io/document_parts.hpp"

namespace sobremesa::io {

namespace {

constexpr int version = 1;

int whole(DocumentReader& in, const char* key, int otherwise) {
    const double value = in.number_or(key, otherwise);
    if (value != std::floor(value) || std::abs(value) > 1000.0) {
        in.fail(units::ErrorCode::json_wrong_type, key, {{"wanted", std::string("whole number")}});
        return otherwise;
    }
    return int(value);
}

void read_cell(DocumentReader& in, battery::BuildCell& cell) {
    if (const auto word = in.text("chemistry")) {
        if (const auto chemistry = battery::chemistry_from_word(*word))
            cell.chemistry = *chemistry;
        else
            in.fail_word("chemistry", *word, "lipo, lipo-hv, li-ion");
    }
    if (const auto word = in.text("construction")) {
        cell.construction = battery::construction_from_word(*word);
        if (!cell.construction) in.fail_word("construction", *word, "high-capacity, high-drain");
    }
    cell.capacity_ah = in.required_number("capacity_ah");
    cell.resistance_ohm = in.number("resistance_ohm");
    cell.mass_kg = in.required_number("mass_kg");
    cell.size.length_m = cell.size.width_m = in.number_or("diameter_m", cell.size.length_m);
    cell.size.length_m = in.number_or("length_m", cell.size.length_m);
    cell.size.width_m = in.number_or("width_m", cell.size.width_m);
    cell.size.height_m = in.number_or("height_m", cell.size.height_m);
    cell.rated_current_a = in.number("rated_current_a");
    cell.price = in.number("price");
}

} // namespace

units::Result<BuildDocument> build_from_json(const std::string& text, const std::string& file) {
    const auto tree = parse_json(text, file);
    if (!tree) return tl::unexpected(tree.error());
    if (auto error = check_format(*tree, file, "sobremesa-build", version)) return tl::unexpected(*error);
    BuildDocument document;
    battery::Build& build = document.build;
    Parts parts(*tree, file);
    DocumentReader& in = parts.root();
    in.allow({"format", "version"});
    parts.part("cell", true, [&](DocumentReader& cell) { read_cell(cell, build.cell); });
    build.series = whole(in, "series", build.series);
    build.parallel = whole(in, "parallel", build.parallel);
    build.columns = whole(in, "columns", build.columns);
    build.strip_layers = whole(in, "strip_layers", build.strip_layers);
    if (const auto word = in.text("strip")) {
        if (*word == "pure-nickel")
            build.strip = battery::StripMaterial::pure_nickel;
        else if (*word == "plated-steel")
            build.strip = battery::StripMaterial::plated_steel;
        else if (*word == "copper")
            build.strip = battery::StripMaterial::copper;
        else
            in.fail_word("strip", *word, "pure-nickel, plated-steel, copper");
    }
    build.strip_width_m = in.number_or("strip_width_m", build.strip_width_m);
    build.strip_thickness_m = in.number_or("strip_thickness_m", build.strip_thickness_m);
    build.lead_area_m2 = in.number_or("lead_area_m2", build.lead_area_m2);
    build.lead_length_m = in.number_or("lead_length_m", build.lead_length_m);
    build.extras_kg = in.number_or("extras_kg", build.extras_kg);
    if (!parts.error && in.error()) parts.error = in.error();
    if (parts.error) return tl::unexpected(*parts.error);
    document.notices = parts.notices;
    const auto unknown = in.unknown_keys();
    document.notices.insert(document.notices.end(), unknown.begin(), unknown.end());
    return document;
}

std::string json_from_pack(const battery::Pack& pack) {
    nlohmann::json document = pack_to_json(pack);
    document["format"] = "sobremesa-pack";
    document["version"] = 1;
    return document.dump(2);
}

} // namespace sobremesa::io
