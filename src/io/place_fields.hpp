#pragma once

#include <optional>

#include "core/geodesy/rings.hpp"
#include "io/document_fields.hpp"

namespace sobremesa::io {

/// A place: metres from home, or degrees where home is given.
geodesy::EastNorth read_place(DocumentReader& in, const std::optional<geodesy::Position>& home);

/// Rings likewise: `rings_m` of [east, north], or `rings_deg` of [longitude, latitude] where home is given. A ring
/// whose last corner is its first again loses it.
geodesy::Rings read_rings(DocumentReader& in, const std::optional<geodesy::Position>& home);

template <class Visitor, class At>
void describe_place(Visitor& v, At& at, const std::optional<geodesy::Position>& home) {
    if constexpr (Visitor::reads) {
        at = read_place(v.document(), home);
    } else {
        v.required("east_m", at.east_m,
                   {"of home; or `latitude_deg` and `longitude_deg` where `mission.home` is given"});
        v.required("north_m", at.north_m, {"of home"});
    }
}

template <class Visitor, class Rings>
void describe_rings(Visitor& v, Rings& rings, const std::optional<geodesy::Position>& home) {
    if constexpr (Visitor::reads) {
        rings = read_rings(v.document(), home);
    } else {
        std::vector<std::vector<std::array<double, 2>>> written;
        for (const auto& ring : rings) {
            auto& corners = written.emplace_back();
            for (const auto& corner : ring) corners.push_back({corner.east_m, corner.north_m});
        }
        v.numbers(
            "rings_m", written,
            {"its outline, then islands in it where one may land: lists of [east, north] from home; or `rings_deg` "
             "of [longitude, latitude] where `mission.home` is given",
             "required"});
    }
}

} // namespace sobremesa::io
