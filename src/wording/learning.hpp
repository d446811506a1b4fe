#pragma once

#include <QString>
#include <QStringList>

#include "core/learning/everything.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// "3 recharges", "the voltage of 4 flights": what a figure rests on.
QStringList reasons(const learning::LearnedChange& change);

/// "B-07 holds 5 % less than its label: 3 recharges and the voltage of 4 flights."
QString sentence(const learning::LearnedChange& change, const battery::Pack& pack, const Quantities& quantities);

/// Evidence that was left out, and what to do about it.
QString sentence(const learning::OddEvidence& odd);

/// "Usable to the landing voltage at cruise: 3 300 ± 60 mAh, known from 5 flights."
QString landing_sentence(const units::Estimate& landing_ah, int flights, const Quantities& quantities);

/// "12 landings forecast from earlier flights: off by 2.1 %, without bias; 11 of 12 within the 90 % band."
QString sentence(const learning::ForecastQuality& quality, learning::ForecastPart part);
/// "landing charge", "flying time", "turn".
QString forecast_part_name(learning::ForecastPart part);

QString nothing_learned();

/// "B-07: usable 5 980 → 5 820 mAh, known from 5 flights. The open plan follows; undo takes it back."
QString pack_learned_text(const QString& pack, double before_ah, double after_ah, int flights,
                          const Quantities& quantities);
/// A flight's evidence that was left out, by the flight's name.
QString left_out_text(const QString& flight, learning::OddEvidence::Kind kind);

/// What a pack is known to be, in a sentence.
QString pack_sentence(const battery::PackKnown& known, const units::Estimate& usable_ah,
                      const Quantities& quantities);
/// That its resistance is clearly another than it is described with; else nothing.
QString resistance_sentence(const battery::Pack& described, const battery::PackKnown& known,
                            const Quantities& quantities);
/// "By everything flown with them the current reads 2.9 % too high (± 1.6), the voltage right within 0.4 %: …".
QString sensor_sentence(const learning::SensorEstimate& sensors);
/// "voltage, recharge": what a flight had to tell of its pack.
QString told_by(const learning::KnownAfter& after);
/// What would make it better known: the one thing that helps most.
QString what_would_help(const battery::PackKnown& known, int rested);

/// What flights and recharges have measured of a pack, a line each: how much, from what, when; then what would add
/// to it. Never empty.
QStringList measured_lines(const battery::Pack& pack, const Quantities& quantities);
/// The same of an aircraft.
QStringList measured_lines(const airframe::Aircraft& aircraft, const Quantities& quantities);

/// "known from 5 flights", "known from 5 flights and 2 recharges", or "assumed".
QString known_from(const std::optional<battery::PackKnown>& known);

} // namespace sobremesa::wording
