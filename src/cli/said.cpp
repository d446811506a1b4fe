#include "cli/said.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "wording/messages.hpp"

namespace sobremesa::cli {

int unusable(const units::Error& error, std::ostream& err) {
    err << "sobremesa-cli: " << wording::message(error).toStdString() << "\n";
    return exit_unusable_input;
}

void say(const std::vector<units::Diagnostic>& diagnostics, std::ostream& err) {
    for (const auto& diagnostic : diagnostics)
        err << "sobremesa-cli: " << wording::message(diagnostic, wording::Quantities()).toStdString() << "\n";
}

} // namespace sobremesa::cli
