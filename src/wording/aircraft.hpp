#pragma once

#include <QString>

#include "core/learning/backtest.hpp"
#include "core/matching/headroom.hpp"
#include "core/matching/what_if.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// "Fly 46 km/h for the longest time and 58 km/h for the longest way …".
QString speeds_sentence(const airframe::SpeedsToFly& speeds, const airframe::SpeedQuestion& question,
                        const Quantities& q);
/// What a speed costs over the ground, and one more of the unit with it.
QString price_sentence(const airframe::PowerCurve& curve, const airframe::SpeedQuestion& question,
                       double airspeed_mps, const Quantities& q);
/// The speed for the return, in its own wind.
QString legs_sentence(const airframe::SpeedsToFly& home, const Quantities& q);
/// Whether a wanted ground speed is sensible today.
QString go_sentence(const std::optional<airframe::GoOrNoGo>& answer, const Quantities& q);
QString circling_sentence(const airframe::PowerCurve& curve, const airframe::SpeedQuestion& question,
                          double airspeed_mps, const Quantities& q);
QString mass_sentence(const airframe::Aircraft& aircraft, const battery::Pack& pack, const Quantities& q);
/// What the flights say, and what the aircraft carries of it.
QString fit_sentence(const learning::CurveFit& fit, const std::optional<airframe::PowerCurve>& carried, int flights,
                     const Quantities& q);
/// What the data cannot tell.
QString unknown_sentence(const learning::CurveFit& fit, const Quantities& q);
QString step_test_text(const std::vector<learning::StepTestLeg>& legs, const Quantities& q);
QString headroom_sentence(const std::optional<matching::Headroom>& headroom, const Quantities& q);
/// "−3.2 %", with its error where there is one.
QString change_text(const units::Estimate& ratio, const Quantities& q);
QString what_if_sentence(const matching::Outcome& before, const matching::Outcome& after, const Quantities& q);
/// What a filed flight did to the curve of its aircraft, or why it did nothing.
QString learned_text(const QString& aircraft, int flights, double change, const Quantities& q);
QString stands_apart_text(const QString& flight, double off, const Quantities& q);
QString backtest_sentence(const learning::Backtest& test);

} // namespace sobremesa::wording
