#pragma once

#include <QString>

#include "core/units/diagnostic.hpp"
#include "core/units/error.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// One clear line: what is wrong, where, and what to do about it.
QString message(const units::Error& error);

/// Only where: "flight.csv, line 12, “Current”"; empty when nothing is known.
QString place(const units::Where& where);

/// What an answer's diagnostic says: what, why it matters, and the nearest change that clears it.
QString message(const units::Diagnostic& diagnostic, const Quantities& quantities);

} // namespace sobremesa::wording
