#pragma once

#include <iosfwd>
#include <string>

namespace sobremesa::cli {

int plan(const std::string& document, bool json, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
