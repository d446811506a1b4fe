#include "io/place_fields.hpp"

namespace sobremesa::io {

geodesy::EastNorth read_place(DocumentReader& in, const std::optional<geodesy::Position>& home) {
    if (in.has("east_m") || in.has("north_m")) return {in.required_number("east_m"), in.required_number("north_m")};
    const geodesy::Position at{in.required_number("latitude_deg"), in.required_number("longitude_deg")};
    if (in.error()) return {};
    if (!home) {
        in.fail(units::ErrorCode::value_missing, "east_m");
        return {};
    }
    const auto frame = geodesy::LocalFrame::around(*home);
    if (!frame || !geodesy::is_possible(at)) {
        in.fail(units::ErrorCode::position_impossible, "latitude_deg",
                {{"latitude", at.latitude_deg}, {"longitude", at.longitude_deg}});
        return {};
    }
    return frame->forward(at);
}

namespace {

/// Of each corner the two figures that it is made of; nothing, and the error said, where it has others.
std::optional<geodesy::EastNorth> corner_of(DocumentReader& in, const std::string& key,
                                            const nlohmann::json& corner) {
    if (corner.is_array() && corner.size() >= 2 && corner[0].is_number() && corner[1].is_number())
        return geodesy::EastNorth{corner[0].get<double>(), corner[1].get<double>()};
    in.fail(units::ErrorCode::json_wrong_type, key, {{"wanted", std::string("two numbers")}});
    return std::nullopt;
}

} // namespace

geodesy::Rings read_rings(DocumentReader& in, const std::optional<geodesy::Position>& home) {
    const bool degrees = !in.has("rings_m") && in.has("rings_deg");
    const char* key = degrees ? "rings_deg" : "rings_m";
    geodesy::Rings rings;
    const auto* list = in.array(key);
    if (!list || list->empty()) {
        in.fail(units::ErrorCode::value_missing, key);
        return rings;
    }
    const auto frame = degrees && home ? std::optional(geodesy::LocalFrame::around(*home)) : std::nullopt;
    if (degrees && (!frame || !*frame)) {
        in.fail(units::ErrorCode::value_missing, "rings_m");
        return rings;
    }
    for (std::size_t i = 0; i < list->size(); ++i) {
        const std::string where = indexed(key, i);
        if (!(*list)[i].is_array()) {
            in.fail(units::ErrorCode::json_wrong_type, where, {{"wanted", std::string("list")}});
            return rings;
        }
        auto& ring = rings.emplace_back();
        for (const auto& entry : (*list)[i]) {
            const auto corner = corner_of(in, where, entry);
            if (!corner) return rings;
            if (!degrees) {
                ring.push_back(*corner);
                continue;
            }
            const geodesy::Position at{corner->north_m, corner->east_m};
            if (!geodesy::is_possible(at)) {
                in.fail(units::ErrorCode::position_impossible, where,
                        {{"latitude", at.latitude_deg}, {"longitude", at.longitude_deg}});
                return rings;
            }
            ring.push_back((*frame)->forward(at));
        }
        if (ring.size() > 1 && ring.front() == ring.back()) ring.pop_back();
    }
    return rings;
}

} // namespace sobremesa::io
