#pragma once

#include <QString>

#include "core/mission/plan_request.hpp"

namespace sobremesa::wording {

/// A turn rule as sentences speak of it: "the voltage rule".
QString rule_in_sentence(mission::TurnRule turn_rule);

} // namespace sobremesa::wording
