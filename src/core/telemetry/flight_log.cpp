#include "core/telemetry/flight_log.hpp"

#include <algorithm>
#include <array>

namespace sobremesa::telemetry {

const char* channel_word(Channel channel) {
    static constexpr auto words = std::to_array<const char*>({"time_s",
                                                              "latitude_deg",
                                                              "longitude_deg",
                                                              "height_m",
                                                              "ground_speed_mps",
                                                              "course_deg",
                                                              "heading_deg",
                                                              "airspeed_mps",
                                                              "climb_mps",
                                                              "voltage_v",
                                                              "cell_voltage_v",
                                                              "current_a",
                                                              "charge_ah",
                                                              "energy_wh",
                                                              "throttle_share",
                                                              "link_quality_share",
                                                              "signal_dbm",
                                                              "satellites",
                                                              "gps_height_m",
                                                              "wind_speed_mps",
                                                              "wind_from_deg",
                                                              "array_current_a",
                                                              "motor_current_a",
                                                              "power_w",
                                                              "video_quality_share",
                                                              "video_signal_dbm",
                                                              "video_bitrate_mbit_s"});
    static_assert(words.size() == channel_count);
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
    case SetAsideReason::clock_glitch: return "clock-glitch";
    case SetAsideReason::no_fix: return "no-fix";
    case SetAsideReason::position_jump: return "position-jump";
    case SetAsideReason::impossible_position: return "impossible-position";
    case SetAsideReason::impossible_value: return "impossible-value";
    case SetAsideReason::other_flight: return "other-flight";
    case SetAsideReason::few_satellites: return "few-satellites";
    case SetAsideReason::stuck_sensor: return "stuck-sensor";
    case SetAsideReason::saturated_sensor: return "saturated-sensor";
    case SetAsideReason::counter_reset: return "counter-reset";
    case SetAsideReason::heights_disagree: return "heights-disagree";
    }
    return "unknown";
}

std::optional<Channel> channel_from_word(std::string_view word) {
    for (std::size_t i = 0; i < channel_count; ++i) {
        if (word == channel_word(static_cast<Channel>(i))) return static_cast<Channel>(i);
    }
    return std::nullopt;
}

bool takes_part(SetAsideReason reason) {
    return reason == SetAsideReason::saturated_sensor || reason == SetAsideReason::counter_reset ||
           reason == SetAsideReason::heights_disagree;
}

void add_to(std::vector<SetAside>& list, SetAsideReason reason, std::int64_t line) {
    auto found = std::find_if(list.begin(), list.end(), [&](const SetAside& s) { return s.reason == reason; });
    if (found == list.end()) {
        list.push_back({reason, 0, line, {}});
        found = std::prev(list.end());
    }
    ++found->rows;
    auto& places = found->places;
    // Blank lines and comments may lie between the lines of two rows.
    constexpr std::int64_t near_lines = 2;
    if (!places.empty() && line - places.back().first_row < std::int64_t(places.back().rows) + near_lines) {
        ++places.back().rows;
    } else if (places.size() < places_listed) {
        places.push_back({line, 1});
    }
}

} // namespace sobremesa::telemetry
