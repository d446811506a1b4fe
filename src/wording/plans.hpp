#pragma once

#include <QString>
#include <QStringList>

#include "core/matching/headroom.hpp"
#include "core/mission/alarms.hpp"
#include "core/mission/bail_out.hpp"
#include "core/mission/leg_sums.hpp"
#include "core/mission/limits.hpp"
#include "core/mission/reach.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

QString name(mission::MissionKind kind);
QString name(mission::PhaseKind kind);
QString name(mission::SpeedRule rule);
QString name(mission::LimitKind kind);
QString name(mission::Verdict verdict);

/// The wind as it was said: at mission height unless another is named, with its gusts where they are known.
QString wind_text(const mission::PlanRequest& request, const Quantities& quantities);

/// What is allowed, as the table shows it.
QString limit_figure(const mission::LimitCheck& check, const Quantities& quantities);
/// One limit in a sentence: what is met where, what is allowed, and the nearest change that clears it.
QString limit_sentence(const mission::LimitCheck& check, const Quantities& quantities);
/// "Go: …" or "No go: …" with its first reasons.
QString go_sentence(const mission::LimitsReport& report, const mission::Plan& plan, const Quantities& quantities);

/// The alarm sheet, one setting a line: what, and its figure.
struct AlarmLine {
    QString what;
    QString figure;
};
std::vector<AlarmLine> alarm_lines(const mission::AlarmSheet& sheet, const Quantities& quantities);
/// What the sheet says of the throttle: not above what on a full pack, until when; from when the climb takes all of
/// it. Empty where the aircraft's full power is not known.
/// @param flight_s  what comes after the landing is not said
std::vector<AlarmLine> throttle_lines(const std::optional<matching::Headroom>& headroom,
                                      const std::optional<double>& flight_s, const Quantities& quantities);
struct CalloutLine {
    QString used;
    QString charge;
    QString left; ///< of the capacity to enter, for those who count down
    QString volts;
};
std::vector<CalloutLine> callout_lines(const mission::AlarmSheet& sheet, const Quantities& quantities);

/// What the table of `mission::turn_table` is for, by the kind of mission.
QString turn_table_heading(const mission::Plan& plan);

/// The way to a landing place: "Peña Rubia: 4.2 km, 230°, with a margin of 31 Wh".
QString bail_out_sentence(const mission::BailOut& way, const Quantities& quantities);
/// From which parts of the outbound leg, as far as the turn.
/// Its own name, or "landing place".
QString landing_place_name(const std::string& name);
QString area_name(const std::string& name);

QString within_reach(const mission::BailOutReach& place, const Quantities& quantities);

/// "Reaches 31 km to the west, 22 km to the east."
QString reach_sentence(const mission::Reach& reach, const Quantities& quantities);

/// One leg as a line: "leg to Quarry, 12.1 km, 14 min, 18.2 Wh, 52 km/h over ground".
struct LegRow {
    QString what;
    QString ground;
    QString time;
    QString energy;
    QString ground_speed;
    QString airspeed;
    QString charge_so_far;
    /// Over ground, from its beginning to its end; "–" where it goes nowhere.
    QString course;
};
/// The flight's pieces put together as a pilot names them.
/// Its course over ground, as in a row.
QString course_text(const mission::LegSum& leg, const Quantities& quantities);
std::vector<LegRow> leg_rows(const mission::Plan& plan, const Quantities& quantities);

/// What is looked at before the flight; the cautions among it.
QStringList checklist(const mission::Plan& plan, const Quantities& quantities);

} // namespace sobremesa::wording
