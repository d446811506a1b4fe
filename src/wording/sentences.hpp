#pragma once

#include <QString>

#include "core/battery/bench.hpp"
#include "core/debrief/flown_homeward.hpp"
#include "core/mission/plan.hpp"
#include "core/telemetry/consumption.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// The answer of a plan in a sentence or two, the figures in <b>…</b>.
QString plan_sentence(const mission::Plan& plan, const Quantities& quantities);

/// "97 %".
QString chance_text(double chance);

/// What a log says in a sentence or two, the figures in <b>…</b>.
QString debrief_sentence(const telemetry::LogSummary& summary, const std::optional<telemetry::LeftByCharge>& left,
                         const Quantities& quantities);

/// The same without markup, for the command line and the screen reader.
QString without_markup(QString sentence);

/// "turn −0.8 km: wind +1 m/s"; empty when the turn moved by less than anyone would notice, or is not there.
QString what_changed(const mission::Plan& before, const mission::Plan& after, const Quantities& quantities);

/// "What moves it most: …", the three largest.
QString what_moves_it(const mission::Plan& plan, const Quantities& quantities);

/// One step of an input and what it does: "wind +1 m/s → −0.8 km".
QString sensitivity(const units::Sensitivity& sensitivity, units::Quantity of, const Quantities& quantities);

/// What a flight over its forecast says: the least margin, when, and where.
QString flown_sentence(const debrief::FlownHomeward& flown, const Quantities& quantities);

/// A chart or the map said aloud.
QString homeward_summary(const mission::Plan& plan, const Quantities& quantities);
QString map_summary(const mission::Plan& plan, const Quantities& quantities);

/// What a pack gives on the bench, in a sentence, the figures in <b>…</b>.
QString bench_sentence(const battery::Pack& pack, const battery::BenchLoad& load,
                       const battery::BenchResult& result, const Quantities& quantities);

/// The cautions that stand beside every plan, one short paragraph.
QString cautions();

} // namespace sobremesa::wording
