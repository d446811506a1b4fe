#include "core/units/limits.hpp"

namespace sobremesa::units {

std::optional<Error> first_outside(std::span<const Limit> limits) {
    for (const Limit& limit : limits) {
        if (!(limit.value >= limit.least && limit.value <= limit.most)) {
            return out_of_range(limit.field, limit.value, limit.least, limit.most).value();
        }
    }
    return std::nullopt;
}

} // namespace sobremesa::units
