#include "cli/position_argument.hpp"

#include <cmath>

#include "io/text_number.hpp"

namespace sobremesa::cli {

units::Result<geodesy::Position> position_from(const std::string& text, const char* option) {
    const auto comma = text.find(',');
    const auto latitude = io::number_from_text(text.substr(0, comma));
    const auto longitude = comma == std::string::npos ? std::nullopt : io::number_from_text(text.substr(comma + 1));
    const geodesy::Position position{latitude.value_or(std::nan("")), longitude.value_or(std::nan(""))};
    if (geodesy::is_possible(position)) return position;
    units::Where where;
    where.field = option;
    return units::failure(units::ErrorCode::position_impossible, where,
                          {{"latitude", position.latitude_deg}, {"longitude", position.longitude_deg}});
}

} // namespace sobremesa::cli
