#include "io/quantity_words.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;

/// Parts of the radio's, the camera's, the receiver's supply.
bool names_another_supply(const HeaderCell& header) {
    return header
        .has_any<"rx", "rxbt", "rxbatt", "rxbat", "rxv", "receiver", "rcv", "bec", "servo", "servos", "vcc",
                 "board", "fc", "mcu", "tx", "txbat", "txbatt", "transmitter", "radio", "video", "cam", "camera",
                 "vtx", "usb", "rail", "aux", "5v", "logic", "system", "backup", "empfänger", "sender">();
}

std::optional<NamedQuantity> position(const HeaderCell& header) {
    if (header.has_any<"home", "launch", "takeoff", "target", "wp", "waypoint", "setpoint">()) return std::nullopt;
    // A list of coordinates written out column by column: first latitude, then longitude.
    const bool list = header.has_any<"coord", "coords", "coordinate", "coordinates">();
    if (header.has_any<"lat", "latitude", "latit">() || (list && header.has("0")))
        return NamedQuantity{Channel::latitude_deg};
    if (header.has_any<"lon", "long", "lng", "longitude", "longit">() || (list && header.has("1")))
        return NamedQuantity{Channel::longitude_deg};
    return std::nullopt;
}

std::optional<NamedQuantity> charge_or_energy(const HeaderCell& header) {
    const bool left =
        header.has_any<"remaining", "left", "remain", "rest", "restkapazität", "avail", "available">();
    if (header.measures(Dimension::energy) || header.has_any<"energy", "wh">()) {
        if (left) return std::nullopt;
        return NamedQuantity{Channel::energy_wh};
    }
    const bool words = header.has_any<"mah", "consumed", "consumption", "used", "charge", "capa", "capacity",
                                      "drawn", "discharged", "usedcap", "mahdraw">();
    // "CurrTot": a current that was summed up.
    const bool summed =
        header.has_any<"tot", "total", "sum">() && header.has_any<"curr", "current">() && !header.unit;
    if (!header.measures(Dimension::charge) && ((!words && !summed) || header.unit)) return std::nullopt;
    if (header.has_any<"design", "rated", "nominal", "full">()) return std::nullopt;
    return NamedQuantity{Channel::charge_ah, left ? 3 : 0, false, left};
}

/// What a picture's link says of itself.
std::optional<NamedQuantity> video_link(const HeaderCell& header) {
    if (header.measures(Dimension::bitrate) || (header.has_any<"bitrate", "datarate">() && !header.unit))
        return NamedQuantity{Channel::video_bitrate_mbit_s};
    if (!header.has_any<"video", "vtx", "vrx", "vlink", "goggle", "goggles", "hd", "picture">())
        return std::nullopt;
    if (header.has_any<"delay", "latency", "channel", "voltage", "temp", "temperature">()) return std::nullopt;
    const bool decibel = header.measures(Dimension::decibel);
    if (header.has_any<"rssi", "signal">() && !header.measures(Dimension::share))
        return NamedQuantity{Channel::video_signal_dbm};
    if (header.has_any<"quality", "lq", "link", "rssi", "signal">())
        return NamedQuantity{decibel ? Channel::video_signal_dbm : Channel::video_quality_share};
    return std::nullopt;
}

std::optional<NamedQuantity> link(const HeaderCell& header) {
    if (auto video = video_link(header)) return video;
    if (header.has_any<"video", "vtx">()) return std::nullopt;
    const bool decibel = header.measures(Dimension::decibel);
    if (header.has_any<"link", "lq", "rqly", "lqi", "uplq", "rqlty">() && !decibel)
        return NamedQuantity{Channel::link_quality_share};
    if (header.has("quality") && !decibel && header.has_any<"rx", "signal", "up", "uplink", "radio">())
        return NamedQuantity{Channel::link_quality_share};
    if (header.has("tqly")) return NamedQuantity{Channel::link_quality_share, 2};
    const bool signal = header.has_any<"signal", "rssi", "1rss", "rss">();
    if (signal && header.measures(Dimension::share)) return NamedQuantity{Channel::link_quality_share, 1};
    if (signal || (header.has("link") && decibel)) return NamedQuantity{Channel::signal_dbm};
    if (header.has_any<"2rss", "trss">()) return NamedQuantity{Channel::signal_dbm, 2};
    return std::nullopt;
}

std::optional<NamedQuantity> wind(const HeaderCell& header) {
    if (header.has_any<"direction", "dir", "from">() || header.measures(Dimension::angle))
        return NamedQuantity{Channel::wind_from_deg};
    if (header.has_any<"speed", "velocity", "spd">() || header.measures(Dimension::speed))
        return NamedQuantity{Channel::wind_speed_mps};
    return std::nullopt;
}

/// Speeds, by what they are measured through. The order matters: "vertical speed" must be met before "speed".
std::optional<NamedQuantity> speed(const HeaderCell& header) {
    const bool speed = header.has_any<"speed", "spd", "velocity", "vel">();
    if (header.has_any<"climb", "vario", "vspeed", "vspd", "vsi", "roc", "climbrate", "vz", "vertspeed">() ||
        (header.has_any<"vertical", "vert", "v">() && speed))
        return NamedQuantity{Channel::climb_mps};
    if (header.has_any<"airspeed", "tas", "aspd", "pitot">() || (header.has("air") && speed))
        return NamedQuantity{Channel::airspeed_mps};
    if (header.has("ias")) return NamedQuantity{Channel::airspeed_mps, 1};
    if (header.has_any<"x", "y", "z", "n", "e", "north", "east", "down", "vx", "vy", "motor", "fan">())
        return std::nullopt;
    if (header.has_any<"groundspeed", "gspd", "gspeed", "sog", "gs">() || (header.has("ground") && speed))
        return NamedQuantity{Channel::ground_speed_mps};
    if (speed) return NamedQuantity{Channel::ground_speed_mps, header.has_any<"gps", "gnss">() ? 0 : 1};
    return std::nullopt;
}

std::optional<NamedQuantity> direction(const HeaderCell& header) {
    if (header.has_any<"course", "cog", "track", "gcrs">()) return NamedQuantity{Channel::course_deg};
    if (header.has_any<"heading", "hdg", "yaw", "compass">())
        return NamedQuantity{header.has_any<"gps", "gnss">() ? Channel::course_deg : Channel::heading_deg};
    return std::nullopt;
}

std::optional<NamedQuantity> height(const HeaderCell& header) {
    if (header.measures(Dimension::speed)) return std::nullopt;
    const bool gps = header.has_any<"gps", "gnss", "msl", "amsl", "asl", "wgs", "ellipsoid", "hmsl", "hae">();
    if (header.has_any<"galt", "gpsalt">()) return NamedQuantity{Channel::gps_height_m};
    if (header.has_any<"terrain", "ground", "sonar", "rangefinder", "lidar">()) return std::nullopt;
    if (header.has_any<"height", "altitude", "alt", "baro", "elevation", "elev", "agl", "hgt", "baroalt",
                       "barometer", "hmsl", "hae">() ||
        header.is("up") || (header.has("up") && header.measures(Dimension::length)))
        return NamedQuantity{gps ? Channel::gps_height_m : Channel::height_m};
    return std::nullopt;
}

std::optional<NamedQuantity> current(const HeaderCell& header) {
    const bool words = header.has_any<"current", "amps", "amp", "amperage", "curr", "ibat", "ampere">() ||
                       header.is("i") || header.is("a");
    if (!header.measures(Dimension::current) && (!words || header.unit)) return std::nullopt;
    if (header.has_any<"array", "solar", "panel", "panels">()) return NamedQuantity{Channel::array_current_a};
    if (header.has_any<"motor", "motors", "esc">()) return NamedQuantity{Channel::motor_current_a};
    if (header.has_any<"max", "peak", "limit", "charge", "charging">()) return std::nullopt;
    const bool another = names_another_supply(header);
    return NamedQuantity{Channel::current_a,
                         another                                        ? 5
                         : words || header.has_any<"battery", "pack">() ? 0
                                                                        : 1,
                         another};
}

std::optional<NamedQuantity> voltage(const HeaderCell& header) {
    if (header.unit && !header.measures(Dimension::voltage)) return std::nullopt;
    const bool another = names_another_supply(header);
    if (header.has_any<"cell", "cells", "cels", "vcell", "celv", "lowcell", "cellv", "avgcell">()) {
        return header.has_any<"count", "number", "num", "diff", "delta">()
                   ? std::nullopt
                   : std::optional(NamedQuantity{Channel::cell_voltage_v, another ? 5 : 0, another});
    }
    // "voltages[0]": those of the cells, in the order of the pack.
    if (header.has("voltages") && header.words.size() == 2 && header.words[1].size() <= 2 &&
        header.words[1].find_first_not_of("0123456789") == std::string::npos)
        return NamedQuantity{Channel::cell_voltage_v, another ? 5 : 0, another};
    if (header.has_any<"warning", "alarm", "min", "max", "limit", "ref">()) return std::nullopt;
    const bool pack = header.has_any<"vbat", "vbatt", "batt", "bat", "battery", "pack", "vfas", "main", "lipo",
                                     "akku", "accu", "vpack", "batv", "battv", "ubat", "vmain", "vbattery">();
    if (another && (pack || header.has_any<"voltage", "volts", "volt", "rxbt", "a1", "v">() ||
                    header.measures(Dimension::voltage)))
        return NamedQuantity{Channel::voltage_v, 5, true};
    if (pack && header.has_any<"percent", "pct", "level", "status", "state", "capacity", "temp", "temperature">())
        return std::nullopt;
    if (header.has_any<"voltage", "volts", "volt">() || header.is("u") || header.is("v"))
        return NamedQuantity{Channel::voltage_v, pack ? 0 : 1};
    // "Main (V)" by its unit alone is another matter.
    if (pack && !header.is("main")) return NamedQuantity{Channel::voltage_v, 0};
    return std::nullopt;
}

std::optional<NamedQuantity> power(const HeaderCell& header) {
    if (header.has_any<"tx", "rf", "tpwr", "transmit", "vtx", "output", "radio">()) return std::nullopt;
    if (header.measures(Dimension::power)) return NamedQuantity{Channel::power_w};
    // "power.voltage" is of the supply called so.
    if (header.has_any<"voltage", "volts", "volt">()) return std::nullopt;
    if (header.unit || !header.has_any<"power", "watt", "watts">()) return std::nullopt;
    return NamedQuantity{Channel::power_w, 1};
}

} // namespace

std::optional<NamedQuantity> quantity_from_words(const HeaderCell& header) {
    if (auto found = position(header)) return found;
    if (auto found = charge_or_energy(header)) return found;
    if (header.has_any<"satellites", "satellite", "sats", "sat", "numsat", "nsat", "satcount", "numsats", "svs">())
        return NamedQuantity{Channel::satellites};
    if (auto found = link(header)) return found;
    if (header.has_any<"throttle", "thr", "gas">()) return NamedQuantity{Channel::throttle_share};
    if (header.has("wind")) return wind(header);
    if (header.has_any<"rpm", "setpoint", "target", "home", "desired", "cmd", "gyro", "acc", "pid">())
        return std::nullopt;
    if (auto found = current(header)) return found;
    if (auto found = speed(header); found && (!header.unit || header.measures(Dimension::speed))) return found;
    if (auto found = direction(header)) return found;
    if (auto found = height(header)) return found;
    if (header.has("motor") || header.has("motors")) return std::nullopt;
    if (auto found = power(header)) return found;
    return voltage(header);
}

} // namespace sobremesa::io
