#pragma once

#include <QString>

#include "core/matching/sun_day.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// "10:50", in the time zone of this computer.
QString clock_text(double utc_s);
/// Name of the time zone that clocks are written in at that moment: "CEST".
QString clock_zone(double utc_s);

/// What the day brings, in a sentence or two, the figures in <b>…</b>.
QString sun_sentence(const matching::SunDayReport& report, const Quantities& quantities);
/// The flight: from when, how long, and what the sun adds to the pack.
QString sun_flight_sentence(const matching::SunDayReport& report, const Quantities& quantities);

/// What the sun adds to a plan that flies on it; whether it is counted changes what to do.
/// @param plan_lands_s  when the plan on the pack alone begins to come down, s of flight
QString sun_plan_sentence(const matching::SunDayReport& report, bool counted, double plan_lands_s,
                          const Quantities& quantities);

/// "10 % more cell area".
QString name(matching::SunChange::Kind kind);
/// "endurance +34 min, sustained +20 min, +4 W at noon".
QString sun_change_text(const matching::SunChange& change, const Quantities& quantities);

/// The ten minutes that tell what the sun gives, for paper and screen.
QString sun_protocol();

QString name(sun::ConverterKind kind);

} // namespace sobremesa::wording
