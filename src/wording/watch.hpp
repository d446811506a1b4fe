#pragma once

#include <QString>

#include "core/watch/callouts.hpp"
#include "practice/outcome.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// What is said in flight, short enough to be understood while flying: one whole sentence.
QString callout_sentence(const watch::Callout& callout, const Quantities& quantities);

/// The kind of a callout, for the table where each can be switched off.
QString name(watch::CalloutKind kind);
QString name(watch::FlightState state);

/// The answer in one sentence, as Plan and Debrief begin with one.
QString watch_sentence(const watch::LiveAnswer& answer, const mission::Plan& plan, const Quantities& quantities);

/// What a practice flight came to, what the best decision would have come to, and the tally.
QString outcome_words(const practice::Outcome& outcome, const mission::Plan& plan, int flown, int kept,
                      const Quantities& quantities);

} // namespace sobremesa::wording
