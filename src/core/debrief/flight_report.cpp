#include "core/debrief/flight_report.hpp"

#include <algorithm>
#include <cmath>

#include "core/debrief/flown_rows.hpp"
#include "core/debrief/needed_rows.hpp"
#include "core/mission/turn_rules.hpp"
#include "core/telemetry/idle_reading.hpp"
#include "core/telemetry/launch_charge.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::debrief {

namespace {

using telemetry::Channel;
using units::DiagnosticCode;
using units::Estimate;
using units::Severity;

/// Climbs cost this share of their lift over all, where the flight does not show it (common practice).
constexpr double assumed_climb_efficiency = 0.5;
constexpr double assumed_climb_sd = 0.25;
/// Failsafe levels where the pilot gives none: common practice, no source.
constexpr double usual_failsafe_dbm = -105.0;
constexpr double usual_failsafe_share = 0.5;
/// A ledger that misses more than this share of what flowed does not close.
constexpr double ledger_closes = 0.1;
/// A current that is this far above its limit for less than a second is a spike of the sensor.
constexpr double least_above_s = 1.0;
/// How fast a flight uses up its pack is read over this long before and after, s.
constexpr double change_over_s = 30.0;
/// Of a volt sensor, by the cell; common practice, no source.
constexpr double volt_sensor_sd_cell_v = 0.02;

void add_further(FlightReport& flight_report, const telemetry::LogSummary& summary,
                 const telemetry::Findings& found, const mission::PlanRequest& flown,
                 const std::optional<battery::Remaining>& remaining) {
    const auto counted = telemetry::charge_used_ah(summary);
    if (!counted || !telemetry::volts_fit(summary, flown.pack)) return;
    flight_report.further_power_w =
        found.still ? found.still->level_power_w.value : summary.energy.mean_power_w.value_or(0.0);
    if (!(flight_report.further_power_w > 0.0)) return;
    if (found.still)
        flight_report.further_speed_mps = found.still->airspeed_mps.value;
    else if (summary.distance.ground_m && summary.duration_s > 0.0)
        flight_report.further_speed_mps = summary.distance.ground_m->value / summary.duration_s;

    const battery::PackModel pack(flown.pack);
    const battery::Surroundings around{flown.weather.temperature_c, true};
    const auto start = pack.atStart(flown.weather.temperature_c);
    const battery::LoadPhase load{battery::LoadPhase::Kind::power, flight_report.further_power_w};
    const double lowest_v = battery::landing_rules(flown.pack.chemistry).back().cell_v;
    const battery::Discharge whole = battery::discharge(pack, start, {load}, {lowest_v, 1e9}, around);
    // What is known of the charge left, turned into what was used of this pack.
    Estimate used = *counted;
    if (remaining && remaining->charge_ah) {
        const double full_ah = battery::rated_charge_ah(flown.pack) * battery::capacity_share(flown.pack);
        used = {full_ah - remaining->charge_ah->value, remaining->charge_ah->sd};
    }
    const double used_s = battery::point_at_charge(whole, used.value).time_s;
    for (const battery::Landing& landing : battery::land_by_all_rules(pack, start, load, around)) {
        if (!landing.at || landing.rule.practice == battery::LandingPractice::emergency) continue;
        Further further;
        further.rule = landing.rule;
        further.without_reserve_s = landing.at->time_s - used_s;
        double reserve_s = 0.0;
        if (const auto* share = std::get_if<mission::ShareOfUsable>(&flown.reserve))
            reserve_s = share->share * landing.at->time_s;
        if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&flown.reserve))
            reserve_s = loiter->minutes * units::seconds_per_minute;
        further.time_s.value = further.without_reserve_s - reserve_s;
        const double per_ah_s = landing.at->time_s / std::max(landing.at->charge_used_ah, 1e-9);
        further.time_s.sd =
            units::combine_sd(used.sd * per_ah_s, battery::usable_relative_sd(flown.pack) * landing.at->time_s);
        further.distance_m = {further.time_s.value * flight_report.further_speed_mps,
                              further.time_s.sd * flight_report.further_speed_mps};
        flight_report.further.push_back(further);
    }
}

void add_shares(FlightReport& flight_report, const telemetry::LogSummary& summary, const telemetry::Findings& found,
                const mission::PlanRequest& flown) {
    const auto& aircraft = flown.aircraft;
    if (const auto mean_w = summary.energy.mean_power_w; mean_w && *mean_w > 0.0) {
        const Estimate together = airframe::electronics_draw_w(aircraft);
        const double relative_sd = together.value > 0.0 ? together.sd / together.value : 0.0;
        const auto share = [&](double power_w) {
            return Estimate{power_w / *mean_w, power_w / *mean_w * relative_sd};
        };
        for (const auto& part : aircraft.electronics)
            flight_report.shares.electronics.push_back({part.name, share(part.power_w)});
        flight_report.shares.electronics_together = share(together.value);
    }
    if (found.still) flight_report.shares.gust_w = Estimate{found.still->gust_power_sd_w, 0.0};
    const auto& energy = summary.energy.energy_wh;
    if (!energy || !(energy->value > 0.0)) return;
    Estimate cost{mission::all_up_mass_kg(flown) * units::standard_gravity_mps2 / assumed_climb_efficiency, 0.0};
    cost.sd = assumed_climb_sd * cost.value;
    if (found.still && found.still->climb_cost_w_per_mps) cost = *found.still->climb_cost_w_per_mps;
    double climbed_m = 0.0;
    for (const telemetry::Segment& s : found.segments) {
        if (s.climb_m > 0.0 &&
            (s.kind == telemetry::SegmentKind::climb || s.kind == telemetry::SegmentKind::launch))
            climbed_m += s.climb_m;
    }
    if (!found.motion.has_height) return;
    const double share = climbed_m * cost.value / units::seconds_per_hour / energy->value;
    flight_report.shares.climb = Estimate{share, share * cost.sd / std::max(cost.value, 1e-9)};
}

void add_limits(FlightReport& flight_report, const telemetry::CleanLog& log, const mission::PlanRequest& flown) {
    if (!log.raw->has(Channel::current_a)) return;
    std::vector<LimitKept> limits = {{LimitKept::Part::pack, battery::cells_current_a(flown.pack), 0.0, 0.0}};
    if (flown.pack.strips_current_a)
        limits.push_back({LimitKept::Part::strips, *flown.pack.strips_current_a, 0.0, 0.0});
    if (flown.pack.connector_current_a)
        limits.push_back({LimitKept::Part::connector, *flown.pack.connector_current_a, 0.0, 0.0});
    if (flown.aircraft.controller_current_a)
        limits.push_back({LimitKept::Part::controller, *flown.aircraft.controller_current_a, 0.0, 0.0});
    if (flown.aircraft.motor_current_a)
        limits.push_back({LimitKept::Part::motors, *flown.aircraft.motor_current_a, 0.0, 0.0});
    for (LimitKept& limit : limits) {
        // Controllers carry what the motors take, where a sensor of their own says so.
        const bool drives = limit.part == LimitKept::Part::controller || limit.part == LimitKept::Part::motors;
        const Channel channel =
            drives && log.raw->has(Channel::motor_current_a) ? Channel::motor_current_a : Channel::current_a;
        for (std::size_t i = 1; i < log.rows.size(); ++i) {
            const double amps = log.value(channel, i);
            if (!(amps > limit.limit_a) || log.step_is_gap(i)) continue;
            limit.above_s += log.time_s(i) - log.time_s(i - 1);
            limit.highest_a = std::max(limit.highest_a, amps);
        }
        if (limit.above_s >= least_above_s) {
            flight_report.diagnostics.push_back({DiagnosticCode::current_above_limit,
                                                 Severity::warning,
                                                 {{"part", std::string(limit_word(limit.part))},
                                                  {"above_s", limit.above_s},
                                                  {"limit_a", limit.limit_a},
                                                  {"highest_a", limit.highest_a}}});
        }
    }
    flight_report.limits = std::move(limits);
}

void add_turns(FlightReport& flight_report, const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
               const mission::PlanRequest& flown, const mission::Plan& forecast, const NeededRows* worked_out) {
    const auto& track = summary.track;
    if (track.from_home_m.empty() || forecast.outward.empty()) return;
    const FlownRows rows = flown_rows(log);
    if (rows.energy_wh.empty() || rows.charge_ah.empty()) return;
    std::optional<NeededRows> own;
    const NeededRows& needs = worked_out ? *worked_out : own.emplace(needed_rows(log, summary, forecast));
    if (needs.needed_wh.empty()) return;
    const double farthest_s = summary.distance.farthest_at_s.value_or(0.0);
    const auto& counted = summary.energy.charge_ah;
    const double scale_sd = counted && counted->value > 0.0 ? counted->sd / counted->value : 0.0;
    const auto margin = [&](std::size_t i) {
        return Estimate{
            forecast.usable_energy_wh.value - rows.energy_wh[i] - needs.needed_wh[i],
            units::combine_sd(forecast.usable_energy_wh.sd, scale_sd * rows.energy_wh[i], needs.needed_sd_wh[i])};
    };
    // How fast something changes around a row, by the second.
    const auto per_second = [&](std::size_t i, const auto& value) {
        std::size_t from = i;
        std::size_t to = i;
        while (from > 0 && track.time_s[i] - track.time_s[from] < change_over_s) --from;
        while (to + 1 < log.rows.size() && track.time_s[to] - track.time_s[i] < change_over_s) ++to;
        const double span_s = track.time_s[to] - track.time_s[from];
        const double change = value(to) - value(from);
        return span_s > 0.0 && std::isfinite(change) ? std::abs(change) / span_s : 0.0;
    };
    for (const mission::RuleTurn& planned : forecast.turn_rules) {
        // How likely it was, is no question to a flight that was flown.
        if (planned.turn_rule == mission::TurnRule::chance) continue;
        FlownTurn turn;
        turn.turn_rule = planned.turn_rule;
        const auto charge_ah = mission::charge_to_turn_ah(planned.turn_rule, flown, forecast.conditions);
        const bool by_volts = planned.turn_rule == mission::TurnRule::voltage && planned.reached;
        for (std::size_t i = 0; i < log.rows.size() && !turn.reached; ++i) {
            if (!std::isfinite(needs.needed_wh[i]) || !std::isfinite(rows.energy_wh[i])) continue;
            const double margin_wh = margin(i).value;
            const bool says_turn =
                by_volts ? rows.smooth_v[i] > 0.0 && rows.smooth_v[i] / flown.pack.series <= planned.cell_voltage_v
                : charge_ah ? rows.charge_ah[i] >= *charge_ah
                            : planned.turn_rule == mission::TurnRule::energy_home && margin_wh <= 0.0;
            if (!says_turn) continue;
            turn.reached = true;
            const double cell_v_per_s =
                per_second(i, [&](std::size_t k) { return rows.smooth_v[k] / flown.pack.series; });
            const double ah_per_s = per_second(i, [&](std::size_t k) { return rows.charge_ah[k]; });
            const double wh_per_s = per_second(i, [&](std::size_t k) { return margin(k).value; });
            const double off = by_volts    ? volt_sensor_sd_cell_v
                               : charge_ah ? scale_sd * rows.charge_ah[i]
                                           : margin(i).sd;
            const double rate = by_volts ? cell_v_per_s : charge_ah ? ah_per_s : wh_per_s;
            const double time_sd_s = rate > 0.0 ? off / rate : 0.0;
            turn.time_s = {track.time_s[i], time_sd_s};
            turn.from_home_m = {track.from_home_m[i],
                                time_sd_s * per_second(i, [&](std::size_t k) { return track.from_home_m[k]; })};
            // A count is read off; what it is off by is the sensor's.
            turn.charge_used_ah = {rows.charge_ah[i], units::combine_sd(scale_sd * rows.charge_ah[i],
                                                                        charge_ah ? 0.0 : time_sd_s * ah_per_s)};
            turn.margin_wh = margin(i);
            turn.after_farthest = track.time_s[i] > farthest_s;
        }
        flight_report.turns.push_back(turn);
    }
    std::stable_sort(flight_report.turns.begin(), flight_report.turns.end(),
                     [](const FlownTurn& a, const FlownTurn& b) {
                         return a.reached != b.reached ? a.reached : a.reached && a.time_s.value < b.time_s.value;
                     });
}

/// A link's readings by distance from home.
std::vector<radio::LinkReading> readings_of(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                                            Channel channel) {
    std::vector<radio::LinkReading> readings;
    if (summary.track.from_home_m.empty() || !log.raw->has(channel)) return readings;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double reading = log.value(channel, i);
        if (std::isfinite(reading) && std::isfinite(summary.track.from_home_m[i]))
            readings.push_back({summary.track.from_home_m[i], reading});
    }
    return readings;
}

std::optional<radio::LinkReading> worst_of(const std::vector<radio::LinkReading>& readings) {
    const auto worst = std::min_element(readings.begin(), readings.end(),
                                        [](const auto& a, const auto& b) { return a.reading < b.reading; });
    return worst == readings.end() ? std::nullopt : std::optional(*worst);
}

void add_video(FlightReport& flight_report, const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
               const mission::PlanRequest& flown) {
    VideoLink video;
    const bool signal = log.raw->has(Channel::video_signal_dbm);
    video.kind = signal ? radio::LinkKind::signal_dbm : radio::LinkKind::quality_share;
    const auto readings =
        readings_of(log, summary, signal ? Channel::video_signal_dbm : Channel::video_quality_share);
    video.worst = worst_of(readings);
    // Of a signal that the picture needs nothing is known unless the plan says it.
    const auto least_dbm = flown.video_link ? flown.video_link->least_signal_dbm : std::nullopt;
    if (!signal || least_dbm)
        video.reach = radio::link_reach(video.kind, readings, signal ? *least_dbm : usual_failsafe_share);
    video.lowest_bitrate = worst_of(readings_of(log, summary, Channel::video_bitrate_mbit_s));
    if (video.worst || video.lowest_bitrate) flight_report.video = video;
}

void add_link(FlightReport& flight_report, const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
              const airframe::Aircraft& aircraft) {
    const bool signal = log.raw->has(Channel::signal_dbm);
    const auto readings = readings_of(log, summary, signal ? Channel::signal_dbm : Channel::link_quality_share);
    if (readings.empty()) return;
    flight_report.link =
        radio::link_reach(signal ? radio::LinkKind::signal_dbm : radio::LinkKind::quality_share, readings,
                          signal ? aircraft.failsafe_signal_dbm.value_or(usual_failsafe_dbm)
                                 : aircraft.failsafe_link_share.value_or(usual_failsafe_share));
    constexpr double near = 1.5;
    if (flight_report.link && flight_report.link->failsafe_m &&
        flight_report.link->failsafe_m->value < near * flight_report.link->farthest_m) {
        flight_report.diagnostics.push_back({DiagnosticCode::link_near_failsafe,
                                             Severity::warning,
                                             {{"failsafe_m", flight_report.link->failsafe_m->value},
                                              {"farthest_m", flight_report.link->farthest_m}}});
    }
}

void add_ledger(FlightReport& flight_report, const telemetry::CleanLog& log, const mission::PlanRequest& flown) {
    const bool array = log.raw->has(Channel::array_current_a);
    const bool motor = log.raw->has(Channel::motor_current_a);
    if ((!array && !motor) || !log.raw->has(Channel::voltage_v) || !log.raw->has(Channel::current_a)) return;
    CurrentLedger ledger;
    ledger.has_motor = motor;
    double recorded_s = 0.0;
    const auto or_zero = [](double value) { return std::isfinite(value) ? value : 0.0; };
    for (std::size_t i = 1; i < log.rows.size(); ++i) {
        const double volts = log.value(Channel::voltage_v, i);
        if (log.step_is_gap(i) || !(volts > 0.0)) continue;
        const double step_h = (log.time_s(i) - log.time_s(i - 1)) / units::seconds_per_hour;
        const double pack_wh = volts * or_zero(log.value(Channel::current_a, i)) * step_h;
        recorded_s += step_h * units::seconds_per_hour;
        ledger.pack_wh += pack_wh;
        ledger.charged_wh += std::max(-pack_wh, 0.0);
        if (array) ledger.array_wh += volts * or_zero(log.value(Channel::array_current_a, i)) * step_h;
        if (motor) ledger.motor_wh += volts * or_zero(log.value(Channel::motor_current_a, i)) * step_h;
    }
    ledger.electronics_wh = airframe::electronics_power_w(flown.aircraft) * recorded_s / units::seconds_per_hour;
    // Without a sensor for the motors, they are what is left over.
    if (!motor) ledger.motor_wh = ledger.array_wh + ledger.pack_wh - ledger.electronics_wh;
    ledger.missing_wh = ledger.array_wh + ledger.pack_wh - ledger.motor_wh - ledger.electronics_wh;
    const double flowed_wh = ledger.array_wh + std::abs(ledger.pack_wh);
    if (motor && std::abs(ledger.missing_wh) > ledger_closes * flowed_wh) {
        flight_report.diagnostics.push_back({DiagnosticCode::ledger_does_not_close,
                                             Severity::warning,
                                             {{"array_wh", ledger.array_wh},
                                              {"used_wh", ledger.motor_wh + ledger.electronics_wh},
                                              {"pack_wh", ledger.pack_wh},
                                              {"missing_wh", ledger.missing_wh}}});
    }
    flight_report.ledger = ledger;
}

void add_lowest_cell(FlightReport& flight_report, const telemetry::CleanLog& log,
                     const telemetry::LogSummary& summary, const battery::Pack& pack) {
    if (log.raw->has(Channel::cell_voltage_v)) {
        for (std::size_t i = 0; i < log.rows.size(); ++i) {
            const double v = log.value(Channel::cell_voltage_v, i);
            if (!(v > 0.5) || (flight_report.lowest_cell && v >= flight_report.lowest_cell->cell_v)) continue;
            flight_report.lowest_cell = LowestCell{v, log.time_s(i), true};
        }
    }
    if (flight_report.lowest_cell || !summary.energy.lowest_voltage_v || !telemetry::volts_fit(summary, pack))
        return;
    flight_report.lowest_cell = LowestCell{*summary.energy.lowest_voltage_v / pack.series,
                                           summary.energy.lowest_voltage_at_s.value_or(0.0), false};
}

/// The sensor on the ground before launch and after landing, against what the electronics draw.
void add_idle_offset(FlightReport& flight_report, const telemetry::Findings& found,
                     const airframe::Aircraft& aircraft) {
    const auto reading = telemetry::idle_reading(found.motion);
    if (!airframe::electronics_known(aircraft) || !reading) return;
    const auto offset = telemetry::sensor_offset({*reading}, airframe::electronics_draw_w(aircraft));
    flight_report.idle_offset_a = offset->offset_a;
    if (!offset->matters()) return;
    flight_report.diagnostics.push_back({DiagnosticCode::idle_current,
                                         Severity::warning,
                                         {{"read_a", offset->read_a.value},
                                          {"really_a", offset->really_a.value},
                                          {"offset_a", offset->offset_a.value}}});
}

} // namespace

const char* limit_word(LimitKept::Part part) {
    switch (part) {
    case LimitKept::Part::pack: return "pack";
    case LimitKept::Part::strips: return "strips";
    case LimitKept::Part::connector: return "connector";
    case LimitKept::Part::motors: return "motors";
    case LimitKept::Part::controller: break;
    }
    return "controller";
}

FlightReport flight_report_of(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                              const telemetry::Findings& found, const mission::PlanRequest& flown,
                              const mission::Plan* forecast, const std::optional<battery::Remaining>& remaining,
                              const NeededRows* needs) {
    FlightReport flight_report;
    // With another pack's volts in the log, nothing that rests on the pack can be said.
    const bool pack_fits = telemetry::volts_fit(summary, flown.pack);
    if (pack_fits && !counts_the_sun(log, flown.aircraft)) {
        const auto launch =
            telemetry::launch_charge(summary.pack, battery::PackModel(flown.pack), flown.weather.temperature_c);
        if (launch) {
            if (auto diagnostic = telemetry::launch_diagnostic(*launch))
                flight_report.diagnostics.push_back(*diagnostic);
        }
    }
    if (pack_fits) add_further(flight_report, summary, found, flown, remaining);
    // With a pack alone nothing is known of the aircraft.
    const bool aircraft_known = flown.aircraft.cruise_power_w > 0.0;
    if (aircraft_known) add_shares(flight_report, summary, found, flown);
    if (pack_fits) add_limits(flight_report, log, flown);
    if (forecast && pack_fits) add_turns(flight_report, log, summary, flown, *forecast, needs);
    add_link(flight_report, log, summary, flown.aircraft);
    add_video(flight_report, log, summary, flown);
    add_ledger(flight_report, log, flown);
    if (pack_fits || log.raw->has(Channel::cell_voltage_v))
        add_lowest_cell(flight_report, log, summary, flown.pack);
    if ((flown.aircraft.array || log.raw->has(Channel::array_current_a)) && pack_fits)
        flight_report.sun = read_sun(log, found, battery::PackModel(flown.pack), flown.weather.temperature_c);
    if (counts_the_sun(log, flown.aircraft))
        flight_report.diagnostics.push_back({DiagnosticCode::counter_includes_sun, Severity::note, {}});
    // On the ground the array feeds the electronics: what the sensor reads there is not its offset.
    const bool sun_feeds = flown.aircraft.array || log.raw->has(Channel::array_current_a);
    if (aircraft_known && !sun_feeds) add_idle_offset(flight_report, found, flown.aircraft);
    return flight_report;
}

units::Explanation explain_further(const FlightReport& flight_report, const Further& further,
                                   units::Quantity quantity) {
    using units::Quantity;
    return {quantity,
            quantity == Quantity::further_distance ? further.distance_m : further.time_s,
            {{Quantity::level_power, {flight_report.further_power_w, 0.0}, units::Origin::measured},
             {Quantity::airspeed, {flight_report.further_speed_mps, 0.0}, units::Origin::measured},
             {Quantity::landing_cell_voltage, {further.rule.cell_v, 0.0}, units::Origin::given}},
            units::Relation::left_at_cruise_to_landing,
            units::Source::two_well_circuit,
            {}};
}

units::Explanation explain_turn(const FlownTurn& turn, units::Quantity quantity) {
    using units::Quantity;
    const Estimate value = quantity == Quantity::turn_distance  ? turn.from_home_m
                           : quantity == Quantity::turn_charge  ? turn.charge_used_ah
                           : quantity == Quantity::least_margin ? turn.margin_wh
                                                                : turn.time_s;
    return {quantity,
            turn.reached ? value : Estimate{std::nan(""), 0.0},
            {{Quantity::turn_time, turn.time_s, units::Origin::measured},
             {Quantity::turn_charge, turn.charge_used_ah, units::Origin::measured},
             {Quantity::least_margin, turn.margin_wh, units::Origin::computed}},
            mission::recipe_of(turn.turn_rule).relation,
            units::Source::common_practice,
            {}};
}

std::optional<units::Explanation> explain(const FlightReport& flight_report, units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    using units::Relation;
    using units::Source;
    const auto answer = [&](const std::optional<Estimate>& value, Relation relation,
                            Source source = Source::log_itself) -> std::optional<units::Explanation> {
        if (!value) return std::nullopt;
        return units::Explanation{quantity, *value, {}, relation, source, {}};
    };
    switch (quantity) {
    case Quantity::lowest_cell_voltage:
        return answer(flight_report.lowest_cell ? std::optional(Estimate{flight_report.lowest_cell->cell_v, 0.0})
                                                : std::nullopt,
                      Relation::least_of_column);
    case Quantity::gust_power: return answer(flight_report.shares.gust_w, Relation::spread_of_level_power);
    case Quantity::electronics_share:
        return answer(flight_report.shares.electronics_together, Relation::parts_over_mean_power);
    case Quantity::climb_share: return answer(flight_report.shares.climb, Relation::climbs_at_their_cost);
    case Quantity::time_above_limit:
        if (flight_report.limits.empty()) return std::nullopt;
        return answer(Estimate{flight_report.limits.front().above_s, 0.0}, Relation::rows_above_limit);
    case Quantity::failsafe_distance: {
        auto why = answer(flight_report.link ? flight_report.link->failsafe_m : std::nullopt,
                          Relation::link_over_distance, Source::least_squares);
        if (why)
            why->inputs = {{Quantity::farthest_from_home, {flight_report.link->farthest_m, 0.0}, Origin::measured}};
        return why;
    }
    case Quantity::array_energy:
        return answer(flight_report.ledger ? std::optional(Estimate{flight_report.ledger->array_wh, 0.0})
                                           : std::nullopt,
                      Relation::volts_times_that_current);
    case Quantity::motor_energy:
        return answer(flight_report.ledger ? std::optional(Estimate{flight_report.ledger->motor_wh, 0.0})
                                           : std::nullopt,
                      Relation::volts_times_that_current);
    default: return std::nullopt;
    }
}

} // namespace sobremesa::debrief
