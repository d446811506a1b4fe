#pragma once

#include <optional>
#include <vector>

#include "core/airframe/aircraft.hpp"
#include "core/battery/pack_model.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::debrief {

/// Whether level flight under the sun fills the pack or empties it.
enum class SunVerdict {
    gaining,
    holding, ///< gain or loss is too small to tell, and that is known
    losing,
    cannot_tell, ///< too short, too unsteady, or volts too coarse
};
/// Stable word: `gaining`, `holding`, `losing`, `cannot-tell`.
const char* sun_verdict_word(SunVerdict verdict);

/// What the verdict rests on.
enum class SunEvidence {
    pack_current, ///< sensors of array and pack: what goes in and out is read off
    pack_volts,   ///< one sensor at the load: the pack's volts, held at one power, rise or fall
};
/// Stable word: `pack-current`, `pack-volts`.
const char* sun_evidence_word(SunEvidence evidence);

/// A part of a flight that was flown in one way, as the ten-minute test asks for it.
struct SunPart {
    enum class Kind {
        cruise,    ///< level, at the usual power, the array giving
        motor_off, ///< less than a third of the usual power
        array_off, ///< level, at the usual power, the array giving nothing although it does elsewhere
    };
    Kind kind = Kind::cruise;
    /// Of the log, s.
    double start_s = 0.0;
    double end_s = 0.0;
    /// What motors and electronics took, W, mean.
    double load_w = 0.0;
    /// Out of the pack, W, mean, below 0: into it; and from the array. Empty where the log has one current.
    std::optional<units::Estimate> pack_w;
    std::optional<units::Estimate> array_w;
    /// Of the pack, V, at both ends.
    double start_v = 0.0;
    double end_v = 0.0;
};
/// Stable word: `cruise`, `motor-off`, `array-off`.
const char* sun_part_word(SunPart::Kind kind);

struct SunReading {
    SunVerdict verdict = SunVerdict::cannot_tell;
    SunEvidence evidence = SunEvidence::pack_volts;
    /// Into the pack in level flight, W; below 0: out of it.
    units::Estimate balance_w;
    /// What the array gives meanwhile, W; and with the motor off, where that was flown and can be told.
    std::optional<units::Estimate> array_w;
    std::optional<units::Estimate> glide_array_w;
    /// What motors and electronics take, W.
    double level_w = 0.0;
    /// Between gain and loss of so much nothing is said, W.
    double threshold_w = 0.0;
    /// Seconds of steady level flight that it rests on, and those left out for climbs, lift, sink, or another
    /// power.
    double used_s = 0.0;
    double left_out_s = 0.0;
    /// Seconds in a cloud's shadow, and with a full pack that took no more: left out as well.
    double shaded_s = 0.0;
    double full_s = 0.0;
    /// Of what was left out: at the usual power, but rising or sinking all the while, in moving air or by the
    /// stick.
    double drifting_s = 0.0;
    /// Parts of the test in which the array gave nothing although it did before: switched off, and what the pack
    /// then gave more, W.
    std::optional<units::Estimate> switched_off_w;
    /// What was flown, in order of time; parts below 20 s are not listed.
    std::vector<SunPart> parts;
};

/// Reads a solar flight. From sensors of array and pack: the pack's power, averaged over what was flown in the
/// clear with a pack that was not full, off by the scale of its sensor (5 %) and its zero (50 mA; both common
/// practice). From one sensor: the pack is followed through the whole flight by its model (slow part, warming,
/// sag), the array's current being the unknown that makes its volts come out; off by what the fit says, a third of
/// the result (the resting curve's slope) and the capacity: a slope segments the figure and does not turn its
/// sign, so that the verdict is surer than the watts.
///
/// Steady is level flight within 12 % of the usual power whose height, over a minute, moves by less than 0.2 m/s:
/// what a slow descent saves would look like sun. Below four minutes of it nothing is said.
/// @param pack  as it was flown, at its present capacity
/// @return nothing where the log has no volts, no current, or no level flight
std::optional<SunReading> read_sun(const telemetry::CleanLog& log, const telemetry::Findings& found,
                                   const battery::PackModel& pack, double air_temperature_c);

/// The log's counter holds what motors and electronics took, part of which came from the array: it does not say
/// what is missing in the pack. True for an aircraft with an array whose log has one current, never below zero.
bool counts_the_sun(const telemetry::CleanLog& log, const airframe::Aircraft& aircraft);

/// The power that the pack of a flight is taken to be drawn down with, W: the flight's mean; of an aircraft that
/// the sun carries in part its cruise, since the mean out of the pack says nothing of that. Without volts in the
/// log its mean current at the pack's mean volts; without either the cruise, or half a C.
double power_of_pack_w(const telemetry::LogSummary& summary, const airframe::Aircraft& aircraft,
                       const battery::Pack& pack);

std::optional<units::Explanation> explain(const SunReading& reading, units::Quantity quantity);

} // namespace sobremesa::debrief
