#include "core/telemetry/flight_log.hpp"

namespace sobremesa::telemetry {

const char* channel_word(Channel channel) {
    static constexpr std::array<const char*, channel_count> words = {
        "time_s",      "latitude_deg", "longitude_deg",  "height_m",           "ground_speed_mps", "course_deg",
        "heading_deg", "airspeed_mps", "climb_mps",      "voltage_v",          "cell_voltage_v",   "current_a",
        "charge_ah",   "energy_wh",    "throttle_share", "link_quality_share", "signal_dbm",       "satellites"};
    return words[std::size_t(channel)];
}

const char* set_aside_word(SetAsideReason reason) {
    switch (reason) {
    case SetAsideReason::bad_row: return "bad-row";
    case SetAsideReason::bad_number: return "bad-number";
    case SetAsideReason::cut_last_row: return "cut-last-row";
    case SetAsideReason::repeated_header: return "repeated-header";
    case SetAsideReason::no_time: return "no-time";
    case SetAsideReason::backward_time: return "backward-time";
    case SetAsideReason::no_fix: return "no-fix";
    case SetAsideReason::position_jump: return "position-jump";
    case SetAsideReason::impossible_position: return "impossible-position";
    case SetAsideReason::impossible_value: return "impossible-value";
    case SetAsideReason::other_flight: return "other-flight";
    }
    return "unknown";
}

} // namespace sobremesa::telemetry
