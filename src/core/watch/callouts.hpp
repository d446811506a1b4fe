#pragma once

#include <array>
#include <cstddef>
#include <limits>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/mission/alarms.hpp"
#include "core/watch/live_answer.hpp"

namespace sobremesa::watch {

/// What may be said in flight, by rising urgency of what shares a moment.
enum class CalloutKind {
    percent,     ///< another tenth of the usable charge is used
    halfway,     ///< halfway to the planned turn: counter, volts and time against plan
    wind,        ///< it differs from the forecast
    lift,        ///< climbing on little power
    height,      ///< above the pilot's height limit
    link,        ///< falling towards its failsafe level
    current,     ///< above what the parts bear for long
    disagree,    ///< counter and volts tell different charges
    turn_soon,   ///< two minutes, one minute
    reserve,     ///< the reserve has begun
    over_land,   ///< above a no-landing area at the charge by which it is to be over land again, or shortly before
    stale,       ///< nothing comes any more
    low_voltage, ///< filtered volts under the warning for some seconds
    turn_now,
    turn_late, ///< turned too late by now: how much later it still works, then which landing place remains
    land_now,  ///< filtered volts at the landing voltage for some seconds
    landed,    ///< write the resting volts
};
inline constexpr std::size_t callout_kinds = static_cast<std::size_t>(CalloutKind::landed) + 1;
/// Stable word for scripts: `percent`, `turn-soon`, …
const char* callout_word(CalloutKind kind);
std::optional<CalloutKind> callout_from_word(std::string_view word);

/// One thing to say: numbers and names, put into words elsewhere.
struct Callout {
    CalloutKind kind = CalloutKind::percent;
    /// Since the flight's first row, s.
    double time_s = 0.0;
    /// False: only shown and kept (switched off, snoozed, or something more urgent is being said).
    bool spoken = true;
    std::string name; ///< of a landing place
    // what the sentence needs; NaN where it does not
    double value = std::numeric_limits<double>::quiet_NaN();
    double second = std::numeric_limits<double>::quiet_NaN();
    double third = std::numeric_limits<double>::quiet_NaN();
    double fourth = std::numeric_limits<double>::quiet_NaN();
    int variant = 0;
};

struct CalloutRules {
    /// Switched off: kept in the list, not said.
    std::array<bool, callout_kinds> muted{};
    /// Tenths are called as what remains, not as what is used.
    bool count_down = false;
    /// Under a voltage, above a current, in lift: so long before it is said, s (common practice).
    double low_voltage_s = 5.0;
    double current_s = 10.0;
    double lift_s = 15.0;
    /// Nothing but the urgent until then, s of flight.
    double quiet_until_s = -1.0;
};

/// Decides what to say, once a second. Each thing once, and again only when it has got worse.
///
/// Voltages are the plan's own: warning and landing of its pack at its cruise, filtered over ten seconds, so that a
/// gust is not a landing. What is said together is ordered by urgency; only the most urgent is spoken.
class Callouts {
public:
    explicit Callouts(std::shared_ptr<const mission::Plan> plan, const CalloutRules& rules = {});

    /// @return most urgent first
    std::vector<Callout> hear(const LiveAnswer& answer);
    /// Nothing has come for so long, s of arrival time; said once until something comes again.
    std::vector<Callout> silence(double silent_s, const LiveAnswer& last);

    CalloutRules& rules() { return rules_; }
    /// Another flight begins.
    void restart();

private:
    /// True once a condition has held for so long, and until it has let go.
    struct Held {
        std::optional<double> since_s;
        bool operator()(bool holds, double now_s, double for_s);
    };
    void say(CalloutKind kind, Callout callout = {});
    void count(const LiveAnswer& answer);
    void turn(const LiveAnswer& answer);
    void pack(const LiveAnswer& answer);
    void air(const LiveAnswer& answer);
    void link(const LiveAnswer& answer);

    std::shared_ptr<const mission::Plan> plan_;
    std::optional<mission::AlarmSheet> alarms_;
    CalloutRules rules_;
    std::vector<Callout> said_;
    double now_s_ = 0.0;

    /// Above one of the plan's no-landing areas.
    bool aboveNoLanding(const Measured& now) const;

    int tenths_ = 0;
    std::size_t soon_ = 0;
    bool halfway_ = false;
    bool reserve_ = false;
    int over_land_ = 0;
    bool disagrees_ = false;
    bool stale_ = false;
    bool landed_ = false;
    std::optional<double> turn_said_s_;
    double turn_said_wh_ = 0.0;
    double late_said_s_ = 0.0;
    std::string last_place_;
    bool out_of_reach_ = false;
    bool wind_may_hold_ = false;
    double wind_said_mps_ = 0.0;
    double height_said_m_ = 0.0;
    double link_said_share_ = 2.0;
    std::vector<std::pair<double, double>> link_; ///< distance m, share, one a second
    Held low_, land_, high_current_, lifted_, high_, wind_;
    bool low_said_ = false;
    bool land_said_ = false;
    bool current_said_ = false;
    bool lift_said_ = false;
};

} // namespace sobremesa::watch
