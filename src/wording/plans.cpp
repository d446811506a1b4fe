#include "wording/plans.hpp"

#include <cmath>

#include <QCoreApplication>

#include "core/mission/leg_sums.hpp"
#include "core/mission/phases.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"

namespace sobremesa::wording {

using mission::LimitKind;
using mission::MissionKind;
using mission::PhaseKind;
using units::Quantity;

namespace {

struct PlansWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Plans)
};

QString figure(Quantity quantity, double value, const Quantities& q) {
    return q.text(quantity, {value, 0.0});
}

QString cure_text(const mission::LimitCheck& check, const Quantities& q) {
    const auto& cure = *check.cure;
    switch (cure.input) {
    case Quantity::climb_rate:
        return PlansWords::tr("Climbing at %1 clears it.").arg(figure(cure.input, cure.value, q));
    case Quantity::height: return PlansWords::tr("A flight height of %1 clears it.").arg(q.height(cure.value));
    case Quantity::turn_distance: return PlansWords::tr("Turning at %1 clears it.").arg(q.distance(cure.value));
    case Quantity::alarm_voltage:
        return PlansWords::tr("Switch it off, or set it to %1.").arg(figure(cure.input, cure.value, q));
    case Quantity::landing_cell_voltage:
        return PlansWords::tr("Landing at %1 clears it.").arg(figure(cure.input, cure.value, q));
    case Quantity::temperature:
        return PlansWords::tr("Keep the pack at %1 until launch.").arg(figure(cure.input, cure.value, q));
    default: return PlansWords::tr("%1 of %2 clears it.").arg(name(cure.input), figure(cure.input, cure.value, q));
    }
}

QString to_text(const mission::Plan& plan, const mission::LegSum& leg, int waypoint) {
    if (leg.kind == PhaseKind::landing) return name(leg.kind);
    if (leg.homeward)
        return leg.kind == PhaseKind::descent ? PlansWords::tr("descent to home") : PlansWords::tr("return");
    const auto& waypoints = plan.request.mission.waypoints;
    if (waypoint < 0 || waypoint >= int(waypoints.size())) return name(leg.kind);
    const auto& point = waypoints[std::size_t(waypoint)];
    const QString place =
        point.name.empty() ? PlansWords::tr("point %1").arg(waypoint + 1) : QString::fromStdString(point.name);
    if (leg.kind == PhaseKind::loiter) return PlansWords::tr("over %1").arg(place);
    return PlansWords::tr("to %1").arg(place);
}

} // namespace

QString name(MissionKind kind) {
    switch (kind) {
    case MissionKind::out_and_back: return PlansWords::tr("out and back");
    case MissionKind::farthest_point: return PlansWords::tr("farthest point");
    case MissionKind::endurance: return PlansWords::tr("endurance");
    case MissionKind::route: return PlansWords::tr("route");
    case MissionKind::visit: return PlansWords::tr("visit a place");
    case MissionKind::on_sun: return PlansWords::tr("endurance on the sun");
    case MissionKind::one_way: break;
    }
    return PlansWords::tr("one way");
}

QString name(PhaseKind kind) {
    switch (kind) {
    case PhaseKind::launch: return PlansWords::tr("launch");
    case PhaseKind::climb: return PlansWords::tr("climb");
    case PhaseKind::leg: return PlansWords::tr("out");
    case PhaseKind::glide: return PlansWords::tr("glide");
    case PhaseKind::loiter: return PlansWords::tr("circling");
    case PhaseKind::descent: return PlansWords::tr("descent");
    case PhaseKind::turn: return PlansWords::tr("turn");
    case PhaseKind::landing: break;
    }
    return PlansWords::tr("landing");
}

QString name(mission::SpeedRule rule) {
    switch (rule) {
    case mission::SpeedRule::known_cruise: return PlansWords::tr("known cruise");
    case mission::SpeedRule::best_range: return PlansWords::tr("best range");
    case mission::SpeedRule::fixed: return PlansWords::tr("a fixed airspeed");
    case mission::SpeedRule::power_share: break;
    }
    return PlansWords::tr("a share of full power");
}

QString name(mission::Verdict verdict) {
    switch (verdict) {
    case mission::Verdict::kept: return PlansWords::tr("OK");
    case mission::Verdict::near_it: return PlansWords::tr("near");
    case mission::Verdict::broken: return PlansWords::tr("exceeded");
    case mission::Verdict::unknown: break;
    }
    return PlansWords::tr("not known");
}

QString name(LimitKind kind) {
    switch (kind) {
    case LimitKind::pack_current: return PlansWords::tr("cell current");
    case LimitKind::strip_current: return PlansWords::tr("strip current");
    case LimitKind::connector_current: return PlansWords::tr("connector current");
    case LimitKind::controller_current: return PlansWords::tr("controller current");
    case LimitKind::motor_current: return PlansWords::tr("motor current");
    case LimitKind::weakest_cell: return PlansWords::tr("weakest cell");
    case LimitKind::controller_cutoff: return PlansWords::tr("controller cutoff");
    case LimitKind::supply_voltage: return PlansWords::tr("voltage for video and servos");
    case LimitKind::pack_warm: return PlansWords::tr("pack temperature");
    case LimitKind::pack_cold: return PlansWords::tr("pack temperature at launch");
    case LimitKind::height_above_ground: return PlansWords::tr("height above ground");
    case LimitKind::clearance: return PlansWords::tr("ground clearance");
    case LimitKind::power_demand: return PlansWords::tr("share of full power");
    case LimitKind::link_distance: return PlansWords::tr("link range");
    case LimitKind::link_horizon: return PlansWords::tr("radio horizon");
    case LimitKind::link_fresnel: return PlansWords::tr("line of sight");
    case LimitKind::failsafe_return: return PlansWords::tr("failsafe return");
    case LimitKind::recorder: return PlansWords::tr("recorder card");
    case LimitKind::goggles: return PlansWords::tr("goggles battery");
    case LimitKind::radio_battery: return PlansWords::tr("radio battery");
    case LimitKind::ground_station: return PlansWords::tr("ground station battery");
    case LimitKind::full_power: return PlansWords::tr("full power");
    case LimitKind::stall: return PlansWords::tr("stall margin");
    case LimitKind::holding: return PlansWords::tr("wind on station");
    case LimitKind::whole_way: return PlansWords::tr("whole route");
    case LimitKind::failsafe_height: return PlansWords::tr("failsafe return height");
    case LimitKind::failsafe_throttle: return PlansWords::tr("failsafe throttle");
    case LimitKind::failsafe_speed: return PlansWords::tr("failsafe airspeed");
    case LimitKind::gets_home: return PlansWords::tr("energy for the return");
    case LimitKind::possible_cruise: return PlansWords::tr("known cruise power");
    case LimitKind::video_distance: return PlansWords::tr("video range");
    case LimitKind::video_horizon: return PlansWords::tr("radio horizon of the video");
    case LimitKind::video_fresnel: return PlansWords::tr("line of sight of the video");
    case LimitKind::over_land: return PlansWords::tr("over land again");
    case LimitKind::landing_place: break;
    }
    return PlansWords::tr("landing place");
}

QString wind_text(const mission::PlanRequest& request, const Quantities& q) {
    const auto wind = mission::spoken_wind(request);
    const auto& weather = request.weather;
    const QString speed = figure(Quantity::wind_speed, wind.speed_mps, q);
    const QString from = q.direction(wind.from_deg);
    // Winds by height say their own heights.
    const bool of_height = weather.wind_height_m && weather.wind_table.size() < 2;
    const QString height = of_height ? q.height(*weather.wind_height_m) : QString();
    if (!weather.gust_mps || !(*weather.gust_mps > 0.0)) {
        return of_height
                   ? PlansWords::tr("%1 from %2 at %3", "wind speed, direction, height").arg(speed, from, height)
                   : PlansWords::tr("%1 from %2", "wind speed, direction").arg(speed, from);
    }
    const QString gusts = figure(Quantity::wind_speed, wind.speed_mps + *weather.gust_mps, q);
    return of_height
               ? PlansWords::tr("%1 gusting %2 from %3 at %4", "wind speed, gusts, direction, height")
                     .arg(speed, gusts, from, height)
               : PlansWords::tr("%1 gusting %2 from %3", "wind speed, gusts, direction").arg(speed, gusts, from);
}

QString limit_figure(const mission::LimitCheck& check, const Quantities& q) {
    if (check.verdict == mission::Verdict::unknown) return QStringLiteral("–");
    if (check.kind == LimitKind::controller_cutoff && check.limit <= 0.0) return PlansWords::tr("off", "a cutoff");
    return figure(check.quantity, check.limit, q);
}

QString limit_sentence(const mission::LimitCheck& check, const Quantities& q) {
    if (check.verdict == mission::Verdict::unknown) return PlansWords::tr("not known");
    const QString worst = figure(check.quantity, check.worst, q);
    const QString limit = limit_figure(check, q);
    QString said;
    if (check.kind == LimitKind::failsafe_return) {
        said = check.worst < 0.0
                   ? PlansWords::tr("does not get home from the turn: short by %1.").arg(q.energy(-check.worst))
                   : PlansWords::tr("gets home from the turn with %1 remaining.").arg(q.energy(check.worst));
    } else if (check.kind == LimitKind::controller_cutoff && check.limit <= 0.0) {
        said = PlansWords::tr("switched off.");
    } else if (check.kind == LimitKind::landing_place) {
        said = check.verdict == mission::Verdict::broken
                   ? PlansWords::tr("not reached with the reserve.")
                   : PlansWords::tr("landing there with %1 remaining.").arg(q.energy(check.worst));
    } else if (check.kind == LimitKind::whole_way) {
        said = check.verdict == mission::Verdict::kept
                   ? PlansWords::tr("the whole route, and home with the reserve.")
                   : PlansWords::tr("not the whole route and home with the reserve: turn after %1.").arg(worst);
    } else if (check.kind == LimitKind::over_land) {
        if (check.verdict == mission::Verdict::broken && check.worst <= check.limit)
            said = PlansWords::tr("the landing lies in a no-landing area.");
        else if (check.worst > 0.0)
            said = PlansWords::tr("at %1 used, %2 allowed.", "charges").arg(worst, limit);
        else
            said = PlansWords::tr("the flight crosses no no-landing area.");
    } else if (check.kind == LimitKind::failsafe_height && check.verdict == mission::Verdict::near_it &&
               check.worst > check.limit) {
        said = PlansWords::tr("%1 above home, as the hills ask; %2 above ground allowed.").arg(worst, limit);
    } else if (check.kind == LimitKind::gets_home) {
        said = check.worst < 0.0
                   ? PlansWords::tr("does not get home from the turn: short by %1.").arg(q.energy(-check.worst))
                   : PlansWords::tr("gets home with %1 remaining, less than the reserve.").arg(worst);
    } else if (check.kind == LimitKind::failsafe_throttle) {
        said = PlansWords::tr("gives %1; level flight takes %2 at least.").arg(worst, limit);
    } else if (check.kind == LimitKind::failsafe_speed) {
        said = check.worst > check.limit
                   ? PlansWords::tr("at %1 what it draws is not known, up to %2 it is.").arg(worst, limit)
                   : PlansWords::tr("at %1 what it draws is not known, from %2 on it is.").arg(worst, limit);
    } else if (check.kind == LimitKind::holding) {
        said = PlansWords::tr("wind with its gusts %1, airspeed %2.").arg(worst, limit);
    } else {
        said = PlansWords::tr("%1 of %2 allowed.", "worst met, limit").arg(worst, limit);
        const bool floor = check.kind == LimitKind::weakest_cell || check.kind == LimitKind::controller_cutoff ||
                           check.kind == LimitKind::supply_voltage || check.kind == LimitKind::pack_cold ||
                           check.kind == LimitKind::clearance || check.kind == LimitKind::stall ||
                           check.kind == LimitKind::possible_cruise || check.kind == LimitKind::link_fresnel ||
                           check.kind == LimitKind::video_fresnel;
        if (floor) said = PlansWords::tr("%1, %2 wanted.", "worst met, limit").arg(worst, limit);
    }
    if (check.phase && check.verdict != mission::Verdict::kept)
        said = PlansWords::tr("%1 In the %2, at %3 of flight.")
                   .arg(said, name(*check.phase), q.duration(check.time_s));
    if (check.cure) said = PlansWords::tr("%1 %2", "two sentences").arg(said, cure_text(check, q));
    return said;
}

QString go_sentence(const mission::LimitsReport& report, const mission::Plan& plan, const Quantities&) {
    QStringList broken;
    QStringList unknown;
    for (const auto& check : report.checks) {
        if (check.verdict == mission::Verdict::broken) broken << name(check.kind);
        if (check.verdict == mission::Verdict::unknown) unknown << name(check.kind);
    }
    if (!plan.turn) return PlansWords::tr("<b>No go.</b> No flight gets home.");
    if (!broken.isEmpty())
        return PlansWords::tr("<b>No go</b> as it stands: %1.").arg(broken.join(PlansWords::tr(", ")));
    if (unknown.isEmpty()) return PlansWords::tr("<b>Go</b> by every limit checked here.");
    // As many as stand in one line with the rest of it.
    constexpr qsizetype room = 30;
    QString first = unknown.front();
    qsizetype named = 1;
    for (; named < unknown.size(); ++named) {
        const QString more = first + PlansWords::tr(", ") + unknown[named];
        if (more.size() > room) break;
        first = more;
    }
    if (unknown.size() == named) return PlansWords::tr("<b>Go</b> by what is known. Unknown: %1.").arg(first);
    return PlansWords::tr("<b>Go</b> by what is known. Unknown: %1 and %2 more.")
        .arg(first)
        .arg(unknown.size() - named);
}

std::vector<AlarmLine> alarm_lines(const mission::AlarmSheet& sheet, const Quantities& q) {
    const auto volts = [&](double cell_v) {
        return PlansWords::tr("%1 (%2)", "pack, cell")
            .arg(figure(Quantity::lowest_pack_voltage, cell_v * sheet.series, q),
                 figure(Quantity::alarm_voltage, cell_v, q));
    };
    const auto charge = [&](double ah) { return figure(Quantity::alarm_charge, ah, q); };
    std::vector<AlarmLine> lines = {
        {PlansWords::tr("capacity to enter"),
         PlansWords::tr("%1 (label: %2)").arg(charge(sheet.capacity_to_enter_ah), charge(sheet.rated_ah))}};
    if (sheet.turn_ah) {
        lines.push_back(
            {PlansWords::tr("turn for home at"), PlansWords::tr("%1 (set %2)", "charge, as radios take it")
                                                     .arg(charge(*sheet.turn_ah), charge(*sheet.turn_set_ah))});
    }
    if (sheet.turn_time_s) lines.push_back({PlansWords::tr("timer, at the turn"), q.timer(*sheet.turn_time_s)});
    if (sheet.over_land_by_ah) {
        lines.push_back({PlansWords::tr("over land by"),
                         PlansWords::tr("%1 (set %2), %3 from home", "charge, as radios take it, distance")
                             .arg(charge(*sheet.over_land_by_ah), charge(*sheet.over_land_set_ah),
                                  q.distance(geodesy::distance_m(sheet.over_land->at, {})))});
    }
    lines.push_back({PlansWords::tr("reserve begins at"), charge(sheet.reserve_ah)});
    lines.push_back({PlansWords::tr("low-voltage warning"),
                     PlansWords::tr("%1 for %2", "volts, how long below them")
                         .arg(volts(sheet.warning_cell_v), q.duration(sheet.warning_delay_s))});
    lines.push_back({PlansWords::tr("land at"), volts(sheet.landing_cell_v)});
    const QString current = figure(Quantity::alarm_current, sheet.current_a, q);
    lines.push_back({PlansWords::tr("current alarm above"),
                     sheet.current_is_limited
                         ? PlansWords::tr("%1, the parts' rating: the plan draws more").arg(current)
                         : current});
    lines.push_back({PlansWords::tr("controller cutoff"),
                     PlansWords::tr("off, or not above %1").arg(volts(sheet.cutoff_cell_v))});
    return lines;
}

std::vector<AlarmLine> throttle_lines(const std::optional<matching::Headroom>& headroom,
                                      const std::optional<double>& flight_s, const Quantities& q) {
    std::vector<AlarmLine> lines;
    if (!headroom) return lines;
    const auto from = [&](const matching::HeadroomPoint& point) {
        return PlansWords::tr("%1 (%2)", "time, volts of a cell")
            .arg(q.duration(point.time_s), figure(Quantity::alarm_voltage, point.cell_v, q));
    };
    const auto is_flown = [&](const matching::HeadroomPoint& point) {
        return !flight_s || point.time_s < *flight_s;
    };
    if (headroom->throttle_cap) {
        const QString cap = q.share(*headroom->throttle_cap);
        lines.push_back({PlansWords::tr("throttle at most, full pack"),
                         headroom->cap_ends && is_flown(*headroom->cap_ends)
                             ? PlansWords::tr("%1 until %2", "throttle, when").arg(cap, from(*headroom->cap_ends))
                             : PlansWords::tr("%1 until landing").arg(cap)});
    }
    if (headroom->climb_ends && is_flown(*headroom->climb_ends))
        lines.push_back({PlansWords::tr("climb takes full throttle from"), from(*headroom->climb_ends)});
    return lines;
}

QString turn_table_heading(const mission::Plan& plan) {
    if (mission::stays(plan.request) && plan.station)
        return PlansWords::tr("While loitering, come home unless at least this much remains");
    if (!mission::comes_home(plan.request.mission.kind) && plan.whole)
        return PlansWords::tr("Land on the way unless at least this much remains");
    return PlansWords::tr("Turn at this distance unless at least this much remains");
}

std::vector<CalloutLine> callout_lines(const mission::AlarmSheet& sheet, const Quantities& q) {
    std::vector<CalloutLine> lines;
    lines.reserve(sheet.callouts.size());
    for (const auto& callout : sheet.callouts) {
        lines.push_back({q.share(callout.share_used), figure(Quantity::alarm_charge, callout.charge_used_ah, q),
                         figure(Quantity::alarm_charge, callout.charge_left_ah, q),
                         figure(Quantity::lowest_pack_voltage, callout.cell_v * sheet.series, q)});
    }
    return lines;
}

QString landing_place_name(const std::string& name) {
    return name.empty() ? PlansWords::tr("landing place") : QString::fromStdString(name);
}

QString area_name(const std::string& name) {
    return name.empty() ? PlansWords::tr("no-landing area") : QString::fromStdString(name);
}

QString bail_out_sentence(const mission::BailOut& way, const Quantities& q) {
    const QString place = way.home ? PlansWords::tr("home") : landing_place_name(way.name);
    if (!way.reachable)
        return PlansWords::tr("%1: out of reach, short by %2").arg(place, q.energy(std::max(-way.margin_wh, 0.0)));
    return PlansWords::tr("%1: %2 on %3, margin %4")
        .arg(place, q.distance(way.distance_m), q.direction(way.bearing_deg), q.energy(way.margin_wh));
}

QString within_reach(const mission::BailOutReach& place, const Quantities& q) {
    const QString name = landing_place_name(place.name);
    QStringList parts;
    for (const auto& part : place.parts) {
        parts << (place.from_all_of_it() ? PlansWords::tr("all the way outbound", "a place is within reach")
                  : part.from_m <= 0.0
                      ? PlansWords::tr("up to %1 outbound", "a place is within reach").arg(q.distance(part.to_m))
                      : PlansWords::tr("from %1 to %2 outbound", "a place is within reach")
                            .arg(q.distance(part.from_m), q.distance(part.to_m)));
    }
    if (parts.isEmpty()) return PlansWords::tr("%1 is never within reach.").arg(name);
    return PlansWords::tr("%1 is within reach %2.")
        .arg(name, parts.join(PlansWords::tr(" and ", "parts of the way")));
}

QString reach_sentence(const mission::Reach& reach, const Quantities& q) {
    if (reach.points.empty() || !(reach.points[reach.farthest].distance_m.value > 0.0))
        return PlansWords::tr("Nowhere can be reached and returned from with the reserve intact.");
    const auto& far = reach.points[reach.farthest];
    const auto& near = reach.points[reach.nearest];
    return PlansWords::tr("Reach, out and back: %1 to the %2 and %3 to the %4.")
        .arg(q.distance(far.distance_m.value), compass_word(far.bearing_deg), q.distance(near.distance_m.value),
             compass_word(near.bearing_deg));
}

QString course_text(const mission::LegSum& leg, const Quantities& q) {
    if (!(leg.ground_mps() > 0.0) || leg.points.size() < 2) return QStringLiteral("–");
    return q.direction(geodesy::bearing_deg(leg.points.front(), leg.points.back()));
}

std::vector<LegRow> leg_rows(const mission::Plan& plan, const Quantities& q) {
    std::vector<LegRow> rows;
    const auto list = mission::phases(plan.request);
    const QString nothing = QStringLiteral("–");
    for (const auto& sum : mission::leg_sums(plan, true)) {
        const int waypoint =
            !sum.homeward && sum.group < int(list.size()) ? list[std::size_t(sum.group)].waypoint : -1;
        const bool moves = sum.ground_mps() > 0.0;
        rows.push_back({to_text(plan, sum, waypoint), moves ? q.distance(sum.ground_m) : nothing,
                        q.legTime(sum.duration_s), q.energy(sum.energy_wh),
                        moves ? q.speed(sum.ground_mps()) : nothing,
                        sum.airspeed_mps > 0.0 ? q.speed(sum.airspeed_mps) : nothing,
                        figure(Quantity::alarm_charge, sum.used_ah, q), course_text(sum, q)});
    }
    return rows;
}

QStringList checklist(const mission::Plan& plan, const Quantities& q) {
    const auto& r = plan.request;
    QStringList lines;
    lines << PlansWords::tr("Local rules checked for today: line of sight, height, airspace, people, registration, "
                            "remote identification. Not above %1.")
                 .arg(q.height(r.height_ceiling_m));
    lines << (r.failsafe ? PlansWords::tr("Failsafe return set to %1 and %2, and tested.")
                               .arg(q.height(r.failsafe->height_m), q.speed(r.failsafe->airspeed_mps))
                         : PlansWords::tr("Failsafe return set for this wind and height, and tested."));
    lines << PlansWords::tr(
        "Link range-checked; goggles, radio and ground station charged; recorder's card empty.");
    lines << PlansWords::tr(
        "Pack full, warm, strapped to hold in a dive; centre of gravity right; no swollen cell.");
    lines << PlansWords::tr(
        "Capacity, callouts and alarms entered from this card; speed controller cutoff off or as on this card.");
    lines << PlansWords::tr("Home point set. Propellers off on the bench; nobody in front of them.");
    lines << PlansWords::tr(
        "Over land and near home before the pack is low. A forecast is an estimate: you decide.");
    return lines;
}

} // namespace sobremesa::wording
