#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace sobremesa::io {

/// One reading of a line of text, as it stands there.
struct NamedValue {
    std::string name;
    std::string value;
};

/// Readings of a line: names with a sign and their value ("volts: 16.2 amps=5.3, GPS (47.1, 11.4)").
std::vector<NamedValue> values_behind_signs(std::string_view line);

/// The same; without any sign, words with the numbers behind them ("LAT 47.1 BAT 16.2V 5.3A"), of which a second
/// number under one word is named by its unit.
std::vector<NamedValue> values_behind_signs_or_words(std::string_view line);

} // namespace sobremesa::io
