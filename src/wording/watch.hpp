#pragma once

#include <QString>

#include "core/watch/callouts.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// What is said in flight, short enough to be understood while flying: one whole sentence.
QString callout_sentence(const watch::Callout& callout, const Quantities& quantities);

/// The kind of a callout, for the table where each can be switched off.
QString name(watch::CalloutKind kind);
QString name(watch::FlightState state);

/// The answer in one sentence, as Plan and Debrief begin with one.
QString watch_sentence(const watch::LiveAnswer& answer, const mission::Plan& plan, const Quantities& quantities);

} // namespace sobremesa::wording
