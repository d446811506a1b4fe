#include "cli/number_option.hpp"

#include <algorithm>

#include "io/key_units.hpp"

namespace sobremesa::cli {

void take_units(CLI::App& app) {
    for (CLI::Option* option : app.get_options()) {
        if (option->get_type_name().rfind("FLOAT", 0) != 0) continue;
        std::string key = option->get_single_name();
        std::replace(key.begin(), key.end(), '-', '_');
        option->transform([key](std::string text) {
            if (io::number_from_text(text)) return text;
            // What cannot be read is left for the option to refuse.
            const auto value = io::number_in_unit_of(key, text);
            constexpr int decimals = 12;
            return value ? io::shortest_text(*value, decimals) : text;
        });
    }
    for (CLI::App* subcommand : app.get_subcommands({})) take_units(*subcommand);
}

} // namespace sobremesa::cli
