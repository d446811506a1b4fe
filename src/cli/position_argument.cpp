#include "cli/position_argument.hpp"

#include "io/cell_forms.hpp"

namespace sobremesa::cli {

units::Result<geodesy::Position> position_from(const std::string& text, const char* option) {
    if (const auto position = io::position_from_text(text)) return *position;
    units::Where where;
    where.field = option;
    return units::failure(units::ErrorCode::word_unknown, where,
                          {{"word", text}, {"allowed", std::string("LATITUDE,LONGITUDE, in degrees")}});
}

} // namespace sobremesa::cli
