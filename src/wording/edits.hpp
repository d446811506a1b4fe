#pragma once

#include <QString>

#include "logbook/record.hpp"

namespace sobremesa::wording {

/// What an edit was, as it stands in the menu: "change of the wind in “West”".
QString edit_text(const logbook::Edit& edit);

} // namespace sobremesa::wording
