#include "cli/said.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "wording/messages.hpp"

namespace sobremesa::cli {

int unusable(const units::Error& error, std::ostream& err) {
    err << "sobremesa-cli: " << wording::message(error).toStdString() << "\n";
    return exit_unusable_input;
}

void say(const std::vector<units::Notice>& notices, std::ostream& err) {
    for (const auto& notice : notices)
        err << "sobremesa-cli: " << wording::message(notice, wording::Quantities()).toStdString() << "\n";
}

} // namespace sobremesa::cli
