#pragma once

#include <optional>
#include <vector>

#include "core/mission/over_land.hpp"
#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// One call of the counter on screen: so much is used, so much is left of what this plan may use.
struct Callout {
    /// Of the capacity to enter, 0.1 … 1.
    double share_used = 0.0;
    double charge_used_ah = 0.0;
    /// As radios take it: in steps of 0.1 Ah, rounded down.
    double set_ah = 0.0;
    /// For those who count down: what is left of the capacity to enter, Ah.
    double charge_left_ah = 0.0;
    /// Of a cell under cruise load at that charge, V.
    double cell_v = 0.0;
};

/// What to set in the flight controller and the radio for this pack and this plan.
struct AlarmSheet {
    /// What the pack gives at this cruise, in this air, down to the landing voltage: enter this, not the label, Ah.
    double capacity_to_enter_ah = 0.0;
    double rated_ah = 0.0;
    /// Turn for home at the latest, Ah; empty where the plan has no turn.
    std::optional<double> turn_ah;
    /// The same as radios take it: in steps of 0.1 Ah, rounded down.
    std::optional<double> turn_set_ah;
    /// Home with the reserve whole, and the landing voltage, Ah.
    double reserve_ah = 0.0;
    /// Where the flight crosses no-landing areas: over land again by then, Ah, the pilot's own figure where it is
    /// less; and as radios take it.
    std::optional<OverLand> over_land;
    std::optional<double> over_land_by_ah;
    std::optional<double> over_land_set_ah;
    std::vector<Callout> callouts;
    /// Warning, per cell under cruise load, V: two minutes before the landing voltage, or where a gust or the
    /// plan's hardest climb would pull the cell down to it, whichever is higher. And landing, per cell, V.
    double warning_cell_v = 0.0;
    /// The warning is to sound after so long below it: shorter than that are gusts and climbs, s (common practice).
    double warning_delay_s = 5.0;
    double landing_cell_v = 0.0;
    int series = 1;
    /// The turn's and the whole flight's time, s.
    std::optional<double> turn_time_s;
    std::optional<double> flight_time_s;
    /// Above this something is wrong, or the climb is too steep, A: what the plan draws at most and a margin, but
    /// never more than cells, strips, connector, controllers and motors bear.
    double current_a = 0.0;
    /// The parts bear less than the plan draws: the alarm sounds on the way.
    bool current_is_limited = false;
    /// For the speed controller: off, or not above this, V/cell.
    double cutoff_cell_v = 0.0;
};

/// @param plan  whose pack gives something
/// @return nothing where it does not
std::optional<AlarmSheet> alarm_sheet(const Plan& plan);

/// "At this distance turn unless at least this is left."
struct TurnRow {
    /// Flown, m.
    double distance_m = 0.0;
    double from_home_m = 0.0;
    double time_s = 0.0;
    /// The return and the reserve, Wh. The counter may show so much there at most, Ah: after it there are still the
    /// return, the reserve and, where chance counts, the margin that it asks for; a counted rule of a fixed charge
    /// is never exceeded. At the plan's own turn it is the plan's own charge.
    double needed_wh = 0.0;
    double most_used_ah = 0.0;
    /// As planned, Ah.
    double planned_ah = 0.0;
};
/// Rows at round distances up to the turn, and the turn itself. Of a flight that lands at its end the rows hold
/// what the rest of it takes in place of the return.
/// @param step_m  between rows; 0: some eight rows
std::vector<TurnRow> turn_table(const Plan& plan, double step_m = 0.0);

} // namespace sobremesa::mission
