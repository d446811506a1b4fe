#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace sobremesa::io {

/// A key that says the same in another unit: `mass_g` for `mass_kg`.
struct OtherKey {
    std::string key;
    /// Value in the unit of the documents: `value * scale + offset`.
    double scale = 1.0;
    double offset = 0.0;
};

/// Keys that may stand in place of one, by the unit at its end; none where it has no unit or no other is usual.
std::vector<OtherKey> keys_in_other_units(std::string_view key);

/// A key's words without its unit: "cell_capacity" of "cell_capacity_ah".
std::string_view without_unit(std::string_view key);

} // namespace sobremesa::io
