#pragma once

#include <QString>
#include <QStringList>

#include "core/battery/health.hpp"
#include "core/battery/landing_rules.hpp"
#include "core/battery/remaining.hpp"
#include "core/mission/plan_request.hpp"
#include "core/telemetry/flight_log.hpp"
#include "core/telemetry/segments.hpp"
#include "core/units/explanation_fwd.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

QString name(units::Quantity quantity);
QString name(battery::Chemistry chemistry);
/// In the order of `battery::all_chemistries`.
QStringList chemistry_names();
QString name(battery::Construction construction);
QString name(airframe::Craft craft);
/// A landing rule with its volts: "careful, 3.00 V/cell under load".
QString name(const battery::LandingRule& rule);
/// "2.80 V/cell".
QString cell_volts(double volts);
QString name(telemetry::SetAsideReason reason);
QString name(telemetry::SegmentKind kind);
QString name(battery::RemainingMethod method);
/// "20 %", "5 min over home", "1.5 × the return".
QString name(const mission::Reserve& reserve, const Quantities& quantities);
/// A turn rule as it is said: "60 % left, whatever happens".
QString name(mission::TurnRule turn_rule, const mission::PlanRequest& request, const Quantities& quantities);
/// "4S2P Li-ion 9.0 Ah".
QString build(const battery::Pack& pack);
/// The pilot's own name, or what it is where it has none.
QString title(const battery::Pack& pack);
QString title(const airframe::Aircraft& aircraft);
/// A model's name in the last segment of a path.
QString file_title(const std::string& path);

} // namespace sobremesa::wording
