#pragma once

#include <QString>
#include <QStringList>

#include "core/battery/health.hpp"
#include "core/battery/remaining.hpp"
#include "core/debrief/compare.hpp"
#include "core/debrief/flight_report.hpp"
#include "core/telemetry/calibration.hpp"
#include "core/telemetry/findings.hpp"
#include "core/telemetry/idle_reading.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// What a log says of the wind and of level flight in still air, in a sentence or two, the figures in <b>…</b>;
/// what it does not say is left to the diagnostics.
QString findings_sentence(const telemetry::Findings& found, const Quantities& quantities);

/// What was left, method by method and together, the figures in <b>…</b>; empty without a method.
/// What comes out of laying flights side by side.
QString comparison_sentence(const debrief::Comparison& comparison, const Quantities& q);

/// Where the energy went, part by part, and the ledger of three current sensors; empty where nothing is known.
/// Gaining, holding or losing, with what the array gave; markup in it.
QString sun_verdict_sentence(const debrief::SunReading& sun, const Quantities& q);
QString name(debrief::SunPart::Kind kind);
/// What each part of the ten-minute test tells, and which of them this flight lacks.
QString sun_test_sentence(const debrief::SunReading& sun);
QString flight_report_sentence(const debrief::FlightReport& flight_report, const Quantities& q);

QString remaining_sentence(const battery::Remaining& remaining, const Quantities& quantities);

/// What to set the scale to, how sure, and how many flights more, the figures in <b>…</b>.
/// @param scale_known  else only what the sensor reads is said
QString calibration_sentence(const telemetry::Calibration& calibration, telemetry::ScaleConvention convention,
                             bool scale_known = true);

/// What a current sensor reads on the ground, and what to do about it, the figures in <b>…</b>.
QString offset_sentence(const telemetry::SensorOffset& offset, bool electronics_known);

/// The same from a reading and a meter.
QString offset_set_to(const units::Estimate& offset_a);

/// How a pack is, in a sentence, the figures in <b>…</b>.
QString health_sentence(const battery::Health& health);
/// What to do about it, one line for each piece of advice.
QStringList health_advice(const battery::Health& health);

} // namespace sobremesa::wording
