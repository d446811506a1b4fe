#pragma once

#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/mission/parallel.hpp"
#include "core/mission/plan.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::mission {

/// What may stop a flight besides its energy.
enum class LimitKind {
    pack_current, ///< of its cells
    strip_current,
    connector_current,
    controller_current,
    weakest_cell,
    controller_cutoff,
    supply_voltage,
    pack_warm,
    pack_cold,
    height_above_ground,
    clearance,
    power_demand,
    link_distance,
    link_horizon,
    link_fresnel,
    failsafe_return,
    recorder,
    goggles,
    radio_battery,
    ground_station,
    landing_place,
    full_power, ///< what the hardest moment of the flight takes
    stall,
    holding, ///< over a place, in the wind there
    whole_way,
    failsafe_height,
    possible_cruise, ///< what physics asks of the known cruise
    video_distance,
    video_horizon,
    video_fresnel,
    over_land, ///< clear of the no-landing areas before the pack is low
    motor_current,
    failsafe_throttle, ///< whether it keeps the aircraft up
    failsafe_speed,    ///< whether what it draws there is known
    gets_home,         ///< the turn leaves enough for the return; only where it does not, or not the reserve
};
const char* limit_word(LimitKind kind);

enum class Verdict { kept, near_it, broken, unknown };
const char* verdict_word(Verdict verdict);

/// One limit along the way: the worst that the flight meets, and what it may.
struct LimitCheck {
    LimitKind kind = LimitKind::pack_current;
    units::Quantity quantity{};
    Verdict verdict = Verdict::unknown;
    /// SI; meaningless where unknown.
    double worst = 0.0;
    double limit = 0.0;
    /// Where the limit comes from: given by the pilot, or assumed.
    units::Origin origin = units::Origin::given;
    /// Where it is met: m flown, s; and in which phase of the flight.
    double distance_m = 0.0;
    double time_s = 0.0;
    std::optional<PhaseKind> phase;
    /// The nearest change that clears it, as a new value of one input: made and looked at before it is offered.
    /// Empty where there is none, or none is needed.
    struct Cure {
        units::Quantity input;
        double value = 0.0;
    };
    std::optional<Cure> cure;
};

/// Go, or no go: no-go where a limit is broken or there is no turn.
struct LimitsReport {
    std::vector<LimitCheck> checks; ///< broken first, then near, kept, unknown
    bool go = false;
};

/// Currents, volts and temperature along the whole flight: the pack discharged through the flight's own legs.
/// @param parallel  what tries the cures, a plan each
LimitsReport check_limits(const Plan& plan, const Parallel& parallel = in_turn);

/// The first part of `check_limits`, for who cannot wait: the same verdicts, with cures that nobody has tried and
/// that may not be offered.
LimitsReport untried_limits(const Plan& plan);
/// The second: the cures that clear their limit and break no other, in place of the untried ones. A plan is made
/// for each, so that it takes several times what the plan took.
/// @param plan  what the limits are of
/// @param stop  leaves without cures what has not been tried
LimitsReport with_tried_cures(const Plan& plan, LimitsReport untried, const std::stop_token& stop = {},
                              const Parallel& parallel = in_turn);

/// Where a cure's input stands in the plan document, as error messages name it.
const char* cure_field(const LimitCheck::Cure& cure);
/// A request with the change that a cure asks for.
PlanRequest with_cure(PlanRequest request, const LimitCheck::Cure& cure);

/// Of the control link or of the video's.
bool of_a_link(LimitKind kind);

/// The answer to "why?".
units::Explanation explain(const LimitCheck& check);

/// Energy of the whole flight phase by phase from the circuit: what left the cells, what the terminals gave, what
/// became heat. It closes to 0.1 %.
battery::EnergyLedger flight_ledger(const Plan& plan);

} // namespace sobremesa::mission
