#include "core/watch/callouts.hpp"

#include <algorithm>
#include <cmath>

#include "core/radio/link_reach.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::watch {

namespace {

struct Word {
    CalloutKind kind;
    const char* word;
};
constexpr Word words[] = {{CalloutKind::percent, "percent"},
                          {CalloutKind::halfway, "halfway"},
                          {CalloutKind::wind, "wind"},
                          {CalloutKind::lift, "lift"},
                          {CalloutKind::height, "height"},
                          {CalloutKind::link, "link"},
                          {CalloutKind::current, "current"},
                          {CalloutKind::disagree, "disagree"},
                          {CalloutKind::turn_soon, "turn-soon"},
                          {CalloutKind::reserve, "reserve"},
                          {CalloutKind::over_land, "over-land"},
                          {CalloutKind::stale, "stale"},
                          {CalloutKind::low_voltage, "low-voltage"},
                          {CalloutKind::turn_now, "turn-now"},
                          {CalloutKind::turn_late, "turn-late"},
                          {CalloutKind::land_now, "land-now"},
                          {CalloutKind::landed, "landed"}};

/// Common practice, no source: thresholds of what is worth a word.
constexpr double turn_soon_s[] = {120.0, 60.0};
constexpr double again_share = 0.05; ///< of the usable energy
constexpr double late_every_s = 60.0;
constexpr double least_change_mps = 2.0;
/// So long before a wind is believed to have changed, s.
constexpr double wind_held_s = 60.0;
constexpr double lift_climb_mps = 0.5;
constexpr double lift_power_share = 0.5;
constexpr double height_again_m = 20.0;
/// Of the charge by which it is to be over land: said a first time.
constexpr double over_land_soon_share = 0.9;
constexpr double failsafe_quality = 0.5;
constexpr double link_warning_share = 0.75;
constexpr double link_again_share = 0.1;

} // namespace

const char* callout_word(CalloutKind kind) {
    for (const Word& entry : words) {
        if (entry.kind == kind) return entry.word;
    }
    return "";
}

std::optional<CalloutKind> callout_from_word(std::string_view word) {
    for (const Word& entry : words) {
        if (word == entry.word) return entry.kind;
    }
    return std::nullopt;
}

bool Callouts::Held::operator()(bool holds, double now_s, double for_s) {
    if (!holds) {
        since_s.reset();
        return false;
    }
    if (!since_s) since_s = now_s;
    return now_s - *since_s >= for_s;
}

Callouts::Callouts(std::shared_ptr<const mission::Plan> plan, const CalloutRules& rules)
    : plan_(std::move(plan)), alarms_(mission::alarm_sheet(*plan_)), rules_(rules) {}

void Callouts::restart() {
    *this = Callouts(plan_, rules_);
}

void Callouts::say(CalloutKind kind, Callout callout) {
    callout.kind = kind;
    callout.time_s = now_s_;
    callout.spoken = !rules_.muted[std::size_t(kind)];
    said_.push_back(std::move(callout));
}

std::vector<Callout> Callouts::hear(const LiveAnswer& answer) {
    said_.clear();
    now_s_ = answer.now.time_s;
    stale_ = false;
    if (answer.state == FlightState::landed && !landed_) {
        landed_ = true;
        say(CalloutKind::landed);
    }
    if (answer.now.airborne) {
        landed_ = false;
        count(answer);
        pack(answer);
        air(answer);
        link(answer);
        turn(answer);
    }
    std::stable_sort(said_.begin(), said_.end(),
                     [](const Callout& a, const Callout& b) { return a.kind > b.kind; });
    bool speaking = false;
    for (Callout& callout : said_) {
        // What is urgent is said through any quiet.
        const bool quiet = now_s_ < rules_.quiet_until_s && callout.kind < CalloutKind::turn_soon;
        callout.spoken = callout.spoken && !quiet && !speaking;
        speaking = speaking || callout.spoken;
    }
    return said_;
}

std::vector<Callout> Callouts::silence(double silent_s, const LiveAnswer& last) {
    said_.clear();
    if (silent_s < stale_after_s || stale_ || last.state == FlightState::waiting || last.now.landed) return said_;
    stale_ = true;
    now_s_ = last.now.time_s;
    Callout callout;
    if (last.now.at) {
        callout.value = last.now.from_home_m;
        callout.second = units::wrap_degrees(last.now.bearing_home_deg + 180.0);
        callout.third = last.now.height_m.value_or(std::nan(""));
    }
    say(CalloutKind::stale, callout);
    return said_;
}

void Callouts::count(const LiveAnswer& answer) {
    if (!answer.remaining || !(answer.usable_ah > 0.0)) return;
    // The counter, so that it can be read against the one on screen.
    const double used = answer.now.charge_ah.value_or(answer.remaining->used_ah.value);
    const int tenths = int(std::floor(10.0 * used / answer.usable_ah + 1e-9));
    const double volts = answer.now.filtered_v.value_or(std::nan(""));
    if (tenths > tenths_) {
        tenths_ = tenths;
        Callout callout;
        callout.value = 10.0 * (rules_.count_down ? std::max(10 - tenths, 0) : tenths);
        callout.second = volts;
        callout.variant = rules_.count_down ? 1 : 0;
        say(CalloutKind::percent, callout);
    }
    if (!halfway_ && answer.state == FlightState::outbound && plan_->turn &&
        !mission::circles_home(plan_->request.mission.kind)) {
        const double planned_m = plan_->turn->distance_m.value;
        if (answer.now.ground_m >= 0.5 * planned_m) {
            halfway_ = true;
            const auto planned = mission::outward_at(*plan_, 0.5 * planned_m);
            Callout callout;
            callout.value = used - planned.charge_used_ah;
            callout.second = answer.now.filtered_v
                                 ? *answer.now.filtered_v / plan_->request.pack.series - planned.cell_voltage_v
                                 : std::nan("");
            callout.third = answer.now.time_s - answer.now.launch_s.value_or(0.0) - planned.time_s;
            say(CalloutKind::halfway, callout);
        }
    }
    if (!reserve_ && answer.reserve_wh && answer.remaining->wh.value <= *answer.reserve_wh) {
        reserve_ = true;
        Callout callout;
        callout.value = answer.remaining->wh.value;
        callout.second = volts;
        say(CalloutKind::reserve, callout);
    }
    if (alarms_ && alarms_->over_land_by_ah) {
        const double by_ah = *alarms_->over_land_by_ah;
        const int due = used >= by_ah ? 2 : used >= over_land_soon_share * by_ah ? 1 : 0;
        if (due > over_land_ && aboveNoLanding(answer.now)) {
            over_land_ = due;
            Callout callout;
            callout.variant = due;
            callout.value = by_ah;
            callout.second = used;
            say(CalloutKind::over_land, callout);
        }
    }
}

bool Callouts::aboveNoLanding(const Measured& now) const {
    const auto& mission = plan_->request.mission;
    // The plan's ground is around the plan's home, wherever this flight was launched.
    if (mission.home && now.position) {
        const auto frame = geodesy::LocalFrame::around(*mission.home);
        return frame && mission::no_landing_at(mission.no_landing, frame->forward(*now.position));
    }
    return now.at && mission::no_landing_at(mission.no_landing, *now.at);
}

void Callouts::turn(const LiveAnswer& answer) {
    if (answer.state != FlightState::outbound || !answer.margin_wh) {
        if (answer.state == FlightState::inbound) turn_said_s_.reset();
        soon_ = answer.state == FlightState::inbound ? 0 : soon_;
        return;
    }
    if (!answer.turn) return;
    const double to_s = answer.turn->time_s;
    // Before it flies anywhere there is nothing to turn from.
    constexpr double least_flown_m = 200.0;
    const bool circles = mission::circles_home(plan_->request.mission.kind);
    if (!circles && answer.now.farthest_m < least_flown_m && to_s > 0.0) return;
    if (to_s <= 0.0) {
        Callout callout;
        callout.value = answer.latest_s.value_or(0.0);
        callout.second = answer.now.bearing_home_deg;
        callout.third = answer.now.from_home_m;
        if (!turn_said_s_) {
            turn_said_s_ = now_s_;
            late_said_s_ = now_s_;
            turn_said_wh_ = answer.margin_wh->value;
            say(CalloutKind::turn_now, callout);
            return;
        }
        const bool worse = answer.margin_wh->value < turn_said_wh_ - again_share * answer.usable_wh;
        if (answer.latest_s.value_or(0.0) > 0.0) {
            if (now_s_ - late_said_s_ < late_every_s && !worse) return;
            late_said_s_ = now_s_;
            turn_said_wh_ = answer.margin_wh->value;
            say(CalloutKind::turn_late, callout);
            return;
        }
        // Only if the wind becomes the worst that is credible: said once, as what it is.
        constexpr double likely = 0.5;
        if (!answer.wind_allows && answer.chance_reserve.value_or(0.0) >= likely) {
            if (wind_may_hold_) return;
            wind_may_hold_ = true;
            callout.variant = 3;
            say(CalloutKind::turn_late, callout);
            return;
        }
        // Home is out of reach: which place is left.
        const auto place = std::find_if(answer.places.begin(), answer.places.end(),
                                        [](const LandingPlace& p) { return p.reachable && !p.home; });
        const std::string name = place != answer.places.end() ? place->name : std::string();
        if (out_of_reach_ && name == last_place_) return;
        out_of_reach_ = true;
        last_place_ = name;
        turn_said_wh_ = answer.margin_wh->value;
        callout.variant = place != answer.places.end() ? 2 : 1;
        if (place != answer.places.end()) {
            callout.name = place->name;
            callout.second = place->bearing_deg;
            callout.third = place->distance_m;
        }
        say(CalloutKind::turn_late, callout);
        return;
    }
    // A turn that has moved away again may come near once more.
    if (to_s > 2.0 * turn_soon_s[0]) {
        soon_ = 0;
        turn_said_s_.reset();
    }
    // Met late (a wind that changed), nearer one minute than two: only that is said.
    const bool late = soon_ == 0 && to_s < 0.5 * (turn_soon_s[0] + turn_soon_s[1]);
    for (std::size_t i = std::size(turn_soon_s); i-- > soon_;) {
        if (to_s > turn_soon_s[i] && !(late && i == 1)) continue;
        soon_ = i + 1;
        Callout callout;
        callout.value = i == 0 ? 2.0 : 1.0;
        callout.second = answer.turn->distance_m;
        callout.third = answer.turn->charge_ah;
        say(CalloutKind::turn_soon, callout);
        break;
    }
}

void Callouts::pack(const LiveAnswer& answer) {
    if (!answer.pack_fits) return;
    const double series = plan_->request.pack.series;
    if (answer.now.filtered_v && alarms_) {
        const double cell_v = *answer.now.filtered_v / series;
        Callout callout;
        callout.value = *answer.now.filtered_v;
        callout.second = cell_v;
        const bool land = land_(cell_v <= alarms_->landing_cell_v, now_s_, rules_.low_voltage_s);
        const bool low = low_(cell_v <= alarms_->warning_cell_v, now_s_, rules_.low_voltage_s);
        if (land && !land_said_) say(CalloutKind::land_now, callout);
        if (low && !low_said_ && !land) say(CalloutKind::low_voltage, callout);
        land_said_ = land_said_ || land;
        low_said_ = low_said_ || low;
    }
    const double limit_a = std::min(battery::continuous_current_a(plan_->request.pack),
                                    alarms_ ? alarms_->current_a : std::numeric_limits<double>::infinity());
    if (answer.now.filtered_a) {
        const bool high = high_current_(*answer.now.filtered_a > limit_a, now_s_, rules_.current_s);
        if (high && !current_said_) {
            Callout callout;
            callout.value = *answer.now.filtered_a;
            callout.second = limit_a;
            say(CalloutKind::current, callout);
        }
        current_said_ = high;
    }
    const bool frozen = answer.now.frozen_current || answer.now.frozen_voltage;
    const bool disagrees = frozen || (answer.remaining && answer.remaining->disagree);
    if (disagrees && !disagrees_) {
        Callout callout;
        callout.variant = answer.now.frozen_current ? 1 : answer.now.frozen_voltage ? 2 : 0;
        if (answer.remaining && answer.remaining->by_count_wh && answer.remaining->by_volts_wh) {
            callout.value = answer.remaining->by_count_wh->value;
            callout.second = answer.remaining->by_volts_wh->value;
        }
        say(CalloutKind::disagree, callout);
    }
    disagrees_ = disagrees;
}

void Callouts::air(const LiveAnswer& answer) {
    const Measured& now = answer.now;
    if (answer.wind.speed_mps > 0.0) {
        const double apart = answer.wind.change_mps;
        const double least = std::max(least_change_mps, 2.0 * answer.wind.sd_mps);
        const bool changed =
            wind_(apart > least && std::abs(apart - wind_said_mps_) > least_change_mps, now_s_, wind_held_s);
        if (changed) {
            wind_said_mps_ = apart;
            Callout callout;
            callout.value = answer.wind.speed_mps;
            callout.second = answer.wind.from_deg;
            if (answer.turn && plan_->turn && mission::goes_straight_out(plan_->request.mission.kind))
                callout.third = answer.turn->distance_m - plan_->turn->distance_m.value;
            say(CalloutKind::wind, callout);
        }
    }
    const double level_w = plan_->conditions.cruise_power_w.value;
    const bool lifted = now.climb_mps && now.power_w && *now.climb_mps > lift_climb_mps &&
                        *now.power_w < lift_power_share * level_w;
    const bool lift = lifted_(lifted, now_s_, rules_.lift_s);
    if (lift && !lift_said_) {
        Callout callout;
        callout.value = *now.climb_mps;
        callout.second = now.height_m.value_or(std::nan(""));
        callout.third = plan_->request.height_ceiling_m;
        say(CalloutKind::lift, callout);
    }
    lift_said_ = lift;
    const double limit_m = plan_->request.height_ceiling_m;
    if (now.height_m && high_(*now.height_m > limit_m, now_s_, 2.0)) {
        if (height_said_m_ <= 0.0 || *now.height_m > height_said_m_ + height_again_m) {
            height_said_m_ = *now.height_m;
            Callout callout;
            callout.value = *now.height_m;
            callout.second = limit_m;
            say(CalloutKind::height, callout);
        }
    } else {
        height_said_m_ = 0.0;
    }
}

void Callouts::link(const LiveAnswer& answer) {
    const auto share = answer.now.link_share;
    if (!share || !answer.now.at) return;
    link_.emplace_back(answer.now.from_home_m, *share);
    if (*share > link_warning_share || *share > link_said_share_ - link_again_share) return;
    link_said_share_ = *share;
    std::vector<radio::LinkReading> readings;
    readings.reserve(link_.size());
    for (const auto& [distance_m, quality] : link_) readings.push_back({distance_m, quality});
    Callout callout;
    callout.value = *share;
    const auto reach = radio::link_reach(radio::LinkKind::quality_share, readings, failsafe_quality);
    if (reach && reach->failsafe_m) callout.second = reach->failsafe_m->value;
    say(CalloutKind::link, callout);
}

} // namespace sobremesa::watch
