#include <cmath>

#include <QCoreApplication>

#include "app/fields/field_makers.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "io/calendar.hpp"
#include "io/cell_forms.hpp"
#include "io/text_number.hpp"
#include "wording/plans.hpp"

namespace sobremesa::app {

namespace {

using mission::MissionKind;
using mission::PlanRequest;
using mission::SpeedRule;
using units::Quantity;
using wording::Notation;
using wording::Quantities;

struct MissionFieldsWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::MissionFields)
};

/// A way that needs places gets one to begin with, on the bearing, that can then be dragged.
void take_kind(PlanRequest& request, int index) {
    auto& mission = request.mission;
    mission.kind = MissionKind(index);
    constexpr double first_place_m = 3000.0;
    if (mission::flies_over_places(mission.kind) && mission.waypoints.empty())
        mission.waypoints.push_back({"", geodesy::offset({}, mission.bearing_deg, first_place_m), {}, 0.0, false});
}

RequestField speed_field(const char* path, const QString& label, SpeedRule mission::Mission::*rule) {
    QStringList names;
    for (const SpeedRule one : mission::all_speed_rules()) names << wording::name(one);
    return choice(
        path, label, names, [rule](const PlanRequest& r) { return int(r.mission.*rule); },
        [rule](PlanRequest& r, int i) { r.mission.*rule = SpeedRule(i); });
}

/// "39.418250, -31.361480", or nothing.
RequestField home_field() {
    RequestField field =
        text("mission.home", MissionFieldsWords::tr("Home position"),
             [](const PlanRequest& r) {
                 if (!r.mission.home) return QString();
                 constexpr int decimals = 6;
                 return QString::fromStdString(io::text_from_number(r.mission.home->latitude_deg, decimals) + "; " +
                                               io::text_from_number(r.mission.home->longitude_deg, decimals));
             },
             {});
    field.readText = [](PlanRequest& r, const QString& typed) -> QString {
        if (typed.isEmpty()) {
            r.mission.home.reset();
            return {};
        }
        const auto at = io::position_from_text(typed.toStdString());
        if (!at)
            return MissionFieldsWords::tr(
                "Enter latitude and longitude in degrees, such as “39.41825; -31.36148”.");
        r.mission.home = *at;
        return {};
    };
    field.hint = MissionFieldsWords::tr("latitude; longitude in degrees: for terrain and for route files");
    return field;
}

RequestField open_metres(const char* path, const QString& label, const Notation& notation, double step,
                         const std::function<std::optional<double>&(PlanRequest&)>& place,
                         const QString& hint = {}) {
    return open_number(
        path, label, notation, step,
        [place](const PlanRequest& r) { return place(const_cast<PlanRequest&>(r)).value_or(0.0); }, place, hint);
}

/// A field of a part that may not be there yet: typing into it makes the part.
template <class Part>
RequestField part_number(const char* path, const QString& label, const Notation& notation, double step,
                         std::optional<Part> PlanRequest::*part, double Part::*member, Part fresh,
                         const QString& hint = {}) {
    RequestField field = number(
        path, label, notation, step,
        [part, member](const PlanRequest& r) { return r.*part ? (*(r.*part)).*member : 0.0; },
        [part, member, fresh](PlanRequest& r, double v) {
            if (!(r.*part)) {
                r.*part = fresh;
                if constexpr (std::is_same_v<Part, mission::FailsafeReturn>)
                    (r.*part)->airspeed_mps = r.aircraft.cruise_airspeed_mps;
            }
            (*(r.*part)).*member = v;
        },
        hint);
    field.isOpen = [part](const PlanRequest& r) { return !(r.*part).has_value(); };
    field.leaveOpen = [part](PlanRequest& r) { (r.*part).reset(); };
    return field;
}

template <class Part>
RequestField part_open_number(const char* path, const QString& label, const Notation& notation, double step,
                              std::optional<Part> PlanRequest::*part, std::optional<double> Part::*member,
                              Part fresh, const QString& hint = {}) {
    RequestField field = number(
        path, label, notation, step,
        [part, member](const PlanRequest& r) { return r.*part ? ((*(r.*part)).*member).value_or(0.0) : 0.0; },
        [part, member, fresh](PlanRequest& r, double v) {
            if (!(r.*part)) r.*part = fresh;
            (*(r.*part)).*member = v;
        },
        hint);
    field.isOpen = [part, member](const PlanRequest& r) {
        return !(r.*part).has_value() || !((*(r.*part)).*member).has_value();
    };
    field.leaveOpen = [part, member](PlanRequest& r) {
        if (r.*part) ((*(r.*part)).*member).reset();
    };
    return field;
}

RequestField minutes_field(const char* path, const QString& label,
                           std::optional<double> mission::GroundSide::*which) {
    return open_number(
        path, label, {1.0, MissionFieldsWords::tr("min"), 0}, 5,
        [which](const PlanRequest& r) { return (r.ground.*which).value_or(0.0); },
        [which](PlanRequest& r) -> std::optional<double>& { return r.ground.*which; }, {});
}

} // namespace

RequestField mission_kind_field() {
    QStringList names;
    for (const MissionKind kind : mission::all_missions()) names << wording::name(kind);
    return choice(
        "mission.kind", MissionFieldsWords::tr("Mission"), names,
        [](const PlanRequest& r) { return int(r.mission.kind); }, take_kind);
}

/// When, under what sky, and whether it counts: of flights on the sun.
std::vector<RequestField> sun_fields() {
    const auto sun_of = [](PlanRequest& r) -> mission::SunStart& {
        if (!r.sun) r.sun.emplace();
        return *r.sun;
    };
    RequestField start = text("sun.start_utc", MissionFieldsWords::tr("Launch (UTC)"),
                              [](const PlanRequest& r) {
                                  return r.sun && r.sun->start_utc_s
                                             ? QString::fromStdString(io::moment_text(*r.sun->start_utc_s))
                                             : QString();
                              },
                              {});
    start.readText = [sun_of](PlanRequest& r, const QString& typed) -> QString {
        if (typed.isEmpty()) {
            if (r.sun) r.sun->start_utc_s.reset();
            return {};
        }
        QString moment = typed;
        const auto utc_s = io::moment_utc_s(moment.replace(QLatin1Char(' '), QLatin1Char('T')).toStdString());
        if (!utc_s) return MissionFieldsWords::tr("Enter date and time as 2026-06-21 10:30.");
        sun_of(r).start_utc_s = *utc_s;
        return {};
    };
    start.hint = MissionFieldsWords::tr("date and time, such as 2026-06-21 10:30; the place is home");
    return {start,
            number(
                "sun.cloud_okta", MissionFieldsWords::tr("Cloud, eighths of the sky"), {1.0, {}, 0}, 1,
                [](const PlanRequest& r) { return r.sun ? r.sun->cloud_okta : 0.0; },
                [sun_of](PlanRequest& r, double v) { sun_of(r).cloud_okta = v; }),
            choice(
                "sun.counted", MissionFieldsWords::tr("The sun counts as"),
                {MissionFieldsWords::tr("a bonus"), MissionFieldsWords::tr("counted")},
                [](const PlanRequest& r) { return int(r.sun && r.sun->counted); },
                [sun_of](PlanRequest& r, int i) { sun_of(r).counted = i == 1; })};
}

std::vector<RequestField> mission_fields(const Quantities& q) {
    const Notation speed = typed(q.notation(Quantity::airspeed), 0);
    const Notation height = q.notation(Quantity::height);
    return {
        mission_kind_field(),
        speed_field("mission.speed_out", MissionFieldsWords::tr("Outbound airspeed"), &mission::Mission::speed_out),
        speed_field("mission.speed_home", MissionFieldsWords::tr("Return airspeed"), &mission::Mission::speed_home),
        open_metres(
            "mission.airspeed_mps", MissionFieldsWords::tr("Fixed airspeed"), speed, 1,
            [](PlanRequest& r) -> std::optional<double>& { return r.mission.airspeed_mps; },
            MissionFieldsWords::tr("used where a fixed one is chosen")),
        number(
            "mission.most_power_share", MissionFieldsWords::tr("Share of full power"),
            {100.0, MissionFieldsWords::tr("%"), 0}, 5,
            [](const PlanRequest& r) { return r.mission.most_power_share; },
            [](PlanRequest& r, double v) { r.mission.most_power_share = v; },
            MissionFieldsWords::tr("used where that is chosen; half leaves room for gusts and climbs")),
        open_metres(
            "mission.climb_angle_deg", MissionFieldsWords::tr("Climb angle"),
            {1.0, MissionFieldsWords::tr("°"), 0, false}, 1,
            [](PlanRequest& r) -> std::optional<double>& { return r.mission.climb_angle_deg; },
            MissionFieldsWords::tr("instead of a rate")),
        open_number(
            "mission.climb_throttle", MissionFieldsWords::tr("Climb throttle"),
            {100.0, MissionFieldsWords::tr("%"), 0}, 5,
            [](const PlanRequest& r) { return r.mission.climb_throttle.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.mission.climb_throttle; },
            MissionFieldsWords::tr("wings launch near 85 %; needs the full power")),
        number(
            "mission.clearance_m", MissionFieldsWords::tr("Ground clearance"), height, 5,
            [](const PlanRequest& r) { return r.mission.clearance_m; },
            [](PlanRequest& r, double v) { r.mission.clearance_m = v; }),
        number(
            "mission.height_ceiling_m", MissionFieldsWords::tr("Height limit above ground"), height, 5,
            [](const PlanRequest& r) { return r.height_ceiling_m; },
            [](PlanRequest& r, double v) { r.height_ceiling_m = v; }, MissionFieldsWords::tr("local rules decide")),
        open_number(
            "mission.farthest_m", MissionFieldsWords::tr("Distance limit from home"),
            {0.001, MissionFieldsWords::tr("km"), 1}, 0.5,
            [](const PlanRequest& r) { return r.mission.farthest_m.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.mission.farthest_m; },
            MissionFieldsWords::tr("out and back turns there at the latest")),
        open_metres(
            "mission.loiter_radius_m", MissionFieldsWords::tr("Loiter radius"), height, 10,
            [](PlanRequest& r) -> std::optional<double>& { return r.mission.loiter_radius_m; },
            MissionFieldsWords::tr("banking costs power. Empty: wide circles")),
        open_number(
            "mission.turn_bank_deg", MissionFieldsWords::tr("Bank in turns"),
            {1.0, MissionFieldsWords::tr("°"), 0, false}, 5,
            [](const PlanRequest& r) { return r.mission.turn_bank_deg.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.mission.turn_bank_deg; },
            MissionFieldsWords::tr("at waypoints and for home. Empty: turns cost nothing")),
        open_number(
            "mission.landing_height_m", MissionFieldsWords::tr("Landing starts at"), height, 5,
            [](const PlanRequest& r) { return mission::landing_height_m(r); },
            [](PlanRequest& r) -> std::optional<double>& { return r.mission.landing_height_m; },
            MissionFieldsWords::tr("a rotor comes straight down from there, a wing flies its approach")),
        number(
            "mission.landing_sink_mps", MissionFieldsWords::tr("Landing sink rate"),
            q.notation(Quantity::climb_rate), 0.1, [](const PlanRequest& r) { return r.mission.landing_sink_mps; },
            [](PlanRequest& r, double v) { r.mission.landing_sink_mps = v; },
            MissionFieldsWords::tr("rotors: never faster than 2 m/s into their own wake")),
        home_field(),
        [] {
            RequestField field = text(
                "mission.terrain_file", MissionFieldsWords::tr("Elevation raster"),
                [](const PlanRequest& r) { return QString::fromStdString(r.mission.terrain_file); },
                [](PlanRequest& r, const QString& path) { r.mission.terrain_file = path.toStdString(); });
            field.hint = MissionFieldsWords::tr("a file: GeoTIFF, HGT or ASCII grid; empty: flat ground");
            field.file_filter =
                MissionFieldsWords::tr("Elevation rasters (*.tif *.tiff *.hgt *.asc *.vrt);;All files (*)");
            return field;
        }(),
    };
}

std::vector<RequestField> weather_fields(const Quantities& q) {
    const Notation wind = typed(q.notation(Quantity::wind_speed), 1);
    return {
        open_metres(
            "weather.wind_height_m", MissionFieldsWords::tr("Forecast is for a height of"),
            q.notation(Quantity::height), 5,
            [](PlanRequest& r) -> std::optional<double>& { return r.weather.wind_height_m; },
            MissionFieldsWords::tr("Empty: the mission's")),
        number(
            "weather.wind_exponent", MissionFieldsWords::tr("Wind profile exponent"), {1.0, {}, 2, false}, 0.02,
            [](const PlanRequest& r) { return r.weather.wind_exponent; },
            [](PlanRequest& r, double v) { r.weather.wind_exponent = v; },
            MissionFieldsWords::tr("0.14 over open ground, 0.25 over woods and hedges")),
        number(
            "weather.wind_growth_mps_per_h", MissionFieldsWords::tr("Wind growth per hour"), wind, 0.5,
            [](const PlanRequest& r) { return r.weather.wind_growth_mps_per_h; },
            [](PlanRequest& r, double v) { r.weather.wind_growth_mps_per_h = v; }),
        open_number(
            "weather.gust_mps", MissionFieldsWords::tr("Gusts above the mean wind"), wind, 0.5,
            [](const PlanRequest& r) { return mission::air_column(r).gust_mps(r.mission.height_m); },
            [](PlanRequest& r) -> std::optional<double>& { return r.weather.gust_mps; },
            MissionFieldsWords::tr("Empty: a third of the wind, at least 1.5 m/s")),
        choice(
            "weather.wind_known_by", MissionFieldsWords::tr("The wind is"),
            {MissionFieldsWords::tr("forecast some hours ago"), MissionFieldsWords::tr("measured now"),
             MissionFieldsWords::tr("with the errors below")},
            [](const PlanRequest& r) {
                return r.weather.wind_sd_mps == flying::forecast_wind_sd_mps   ? 0
                       : r.weather.wind_sd_mps == flying::measured_wind_sd_mps ? 1
                                                                               : 2;
            },
            [](PlanRequest& r, int i) {
                if (i == 0) r.weather.wind_sd_mps = flying::forecast_wind_sd_mps;
                if (i == 1) r.weather.wind_sd_mps = flying::measured_wind_sd_mps;
            }),
        number(
            "weather.wind_sd_mps", MissionFieldsWords::tr("Wind speed error"), wind, 0.5,
            [](const PlanRequest& r) { return r.weather.wind_sd_mps; },
            [](PlanRequest& r, double v) { r.weather.wind_sd_mps = v; },
            MissionFieldsWords::tr("one standard deviation")),
        number(
            "weather.wind_from_sd_deg", MissionFieldsWords::tr("Wind direction error"),
            {1.0, MissionFieldsWords::tr("°"), 0, false}, 5,
            [](const PlanRequest& r) { return r.weather.wind_from_sd_deg; },
            [](PlanRequest& r, double v) { r.weather.wind_from_sd_deg = v; }),
        open_number(
            "weather.pressure_pa", MissionFieldsWords::tr("Pressure at the field"),
            {0.01, MissionFieldsWords::tr("hPa"), 0}, 1,
            [](const PlanRequest& r) { return r.weather.pressure_pa.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.weather.pressure_pa; },
            MissionFieldsWords::tr("not reduced to sea level. Empty: from the elevation")),
        open_number(
            "weather.relative_humidity", MissionFieldsWords::tr("Humidity"),
            {100.0, MissionFieldsWords::tr("%"), 0}, 5,
            [](const PlanRequest& r) { return r.weather.relative_humidity.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.weather.relative_humidity; }, {}),
    };
}

namespace {

/// Of the control link or the video's.
std::vector<RequestField> link_fields(const Quantities& q, bool video) {
    const auto part = video ? &PlanRequest::video_link : &PlanRequest::link;
    const Notation distance = typed(q.notation(Quantity::turn_distance), 1);
    const Notation height = q.notation(Quantity::height);
    const Notation level{1.0, MissionFieldsWords::tr("dBm"), 0};
    mission::Link link;
    link.frequency_mhz = video ? 5800.0 : 900.0;
    using mission::Link;
    const auto path = [video](const char* control, const char* of_video) { return video ? of_video : control; };
    return {
        part_number<Link>(path("link.frequency_mhz", "video_link.frequency_mhz"),
                          video ? MissionFieldsWords::tr("Video frequency")
                                : MissionFieldsWords::tr("Link frequency"),
                          {1.0, MissionFieldsWords::tr("MHz"), 0}, 100, part, &Link::frequency_mhz, link,
                          video ? MissionFieldsWords::tr("of the video link, which has limits of its own")
                                : MissionFieldsWords::tr("of the control link")),
        part_open_number<Link>(path("link.radiated_dbm", "video_link.radiated_dbm"),
                               video ? MissionFieldsWords::tr("Radiated power of the video")
                                     : MissionFieldsWords::tr("Radiated power, with antennas"),
                               level, 1, part, &Link::radiated_dbm, link),
        part_open_number<Link>(path("link.least_signal_dbm", "video_link.least_signal_dbm"),
                               video ? MissionFieldsWords::tr("Minimum signal of the video")
                                     : MissionFieldsWords::tr("Minimum signal"),
                               level, 1, part, &Link::least_signal_dbm, link),
        part_open_number<Link>(
            path("link.measured_reach_m", "video_link.measured_reach_m"),
            video ? MissionFieldsWords::tr("Video range from flights")
                  : MissionFieldsWords::tr("Link range from logs"),
            distance, 1, part, &Link::measured_reach_m, link,
            video ? MissionFieldsWords::tr("where the picture would break up for good")
                  : MissionFieldsWords::tr("see Debrief: where the link would fall to its failsafe level")),
        part_number<Link>(path("link.antenna_height_m", "video_link.antenna_height_m"),
                          video ? MissionFieldsWords::tr("Video antenna height")
                                : MissionFieldsWords::tr("Ground antenna height"),
                          height, 1, part, &Link::antenna_height_m, link),
    };
}

} // namespace

RequestField over_land_field(const Quantities& q) {
    return open_number(
        "mission.over_land_by_ah", MissionFieldsWords::tr("Over land again by"), q.notation(Quantity::alarm_charge),
        100, [](const PlanRequest& r) { return r.mission.over_land_by_ah.value_or(0.0); },
        [](PlanRequest& r) -> std::optional<double>& { return r.mission.over_land_by_ah; },
        MissionFieldsWords::tr(
            "used on the return leg when it leaves the last no-landing area. Empty: before the reserve begins"));
}

std::optional<RequestField> turn_rule_field(mission::TurnRule rule, const Quantities& q) {
    using mission::TurnRule;
    const Notation in_percent{100.0, MissionFieldsWords::tr("%"), 0};
    switch (rule) {
    case TurnRule::share_left:
        return number(
            "turn.share_left", MissionFieldsWords::tr("Share rule turns at"), in_percent, 1,
            [](const PlanRequest& r) { return r.turn.share_left; },
            [](PlanRequest& r, double v) { r.turn.share_left = v; },
            MissionFieldsWords::tr("of the usable charge remaining"));
    case TurnRule::charge_count:
        return open_number(
            "turn.landing_charge_ah", MissionFieldsWords::tr("Charge rule lands at"),
            q.notation(Quantity::alarm_charge), 100,
            [](const PlanRequest& r) {
                return r.turn.landing_charge_ah.value_or(battery::rated_charge_ah(r.pack));
            },
            [](PlanRequest& r) -> std::optional<double>& { return r.turn.landing_charge_ah; },
            MissionFieldsWords::tr("turns at half of it. Empty: the usable charge"));
    case TurnRule::chance:
        return number(
            "turn.least_chance", MissionFieldsWords::tr("Chance rule turns below"), in_percent, 1,
            [](const PlanRequest& r) { return r.turn.least_chance; },
            [](PlanRequest& r, double v) { r.turn.least_chance = v; });
    default: return std::nullopt;
    }
}

std::vector<RequestField> safety_fields(const Quantities& q) {
    const Notation height = q.notation(Quantity::height);
    const mission::FailsafeReturn failsafe;
    using mission::FailsafeReturn;
    std::vector<RequestField> fields = {
        part_number<FailsafeReturn>(
            "failsafe.height_m", MissionFieldsWords::tr("Failsafe return height"), height, 5,
            &PlanRequest::failsafe, &FailsafeReturn::height_m, failsafe,
            MissionFieldsWords::tr("what the aircraft does by itself when the link is lost")),
        part_number<FailsafeReturn>("failsafe.airspeed_mps", MissionFieldsWords::tr("Failsafe return airspeed"),
                                    typed(q.notation(Quantity::airspeed), 0), 1, &PlanRequest::failsafe,
                                    &FailsafeReturn::airspeed_mps, failsafe),
        part_open_number<FailsafeReturn>("failsafe.throttle", MissionFieldsWords::tr("or at a throttle of"),
                                         {100.0, MissionFieldsWords::tr("%"), 0}, 5, &PlanRequest::failsafe,
                                         &FailsafeReturn::throttle, failsafe),
        open_number(
            "supply.least_pack_v", MissionFieldsWords::tr("Minimum for video and servos"),
            {1.0, MissionFieldsWords::tr("V"), 1}, 0.5,
            [](const PlanRequest& r) { return r.supply.least_pack_v.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.supply.least_pack_v; },
            MissionFieldsWords::tr("voltage of the pack, through their regulators")),
        open_number(
            "supply.controller_cutoff_cell_v", MissionFieldsWords::tr("Controller cutoff"),
            {1.0, MissionFieldsWords::tr("V/cell"), 2}, 0.1,
            [](const PlanRequest& r) { return r.supply.controller_cutoff_cell_v.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.supply.controller_cutoff_cell_v; },
            MissionFieldsWords::tr("0: switched off")),
        over_land_field(q),
    };
    // Behind the return, control before video.
    constexpr std::ptrdiff_t of_the_return = 3;
    auto links = link_fields(q, false);
    for (auto& field : link_fields(q, true)) links.push_back(std::move(field));
    fields.insert(fields.begin() + of_the_return, links.begin(), links.end());
    return fields;
}

std::vector<RequestField> ground_fields() {
    return {
        minutes_field("ground.recorder_min", MissionFieldsWords::tr("Recorder card lasts"),
                      &mission::GroundSide::recorder_min),
        minutes_field("ground.goggles_min", MissionFieldsWords::tr("Goggles last"),
                      &mission::GroundSide::goggles_min),
        minutes_field("ground.radio_min", MissionFieldsWords::tr("Radio lasts"), &mission::GroundSide::radio_min),
        minutes_field("ground.station_min", MissionFieldsWords::tr("Ground station lasts"),
                      &mission::GroundSide::station_min),
    };
}

} // namespace sobremesa::app
