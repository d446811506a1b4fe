#include "io/mavlink_rows.hpp"

#include <algorithm>
#include <cmath>
#include <string>

#include "core/units/constants.hpp"
#include "io/mavlink_messages.hpp"

namespace sobremesa::io::mavlink {

using telemetry::Channel;

namespace {

constexpr double freshness_s = 3.0;
/// A clock that falls back by more than this has begun anew; packets out of order fall back by less.
constexpr double restart_s = 10.0;
/// A clock that runs ahead by more than this while hardly any time passed was set.
constexpr double set_ahead_s = 60.0;
/// Streams are played up to sixty times as fast, and then some.
constexpr double fastest_play = 100.0;
constexpr double per_1e7 = 1e-7;
constexpr std::uint16_t no_u16 = 0xFFFF;
constexpr double ms = 1e-3;

} // namespace

std::vector<std::uint8_t> Rows::listed(const Seen& seen) {
    std::vector<std::uint8_t> list;
    for (std::size_t i = 0; i < seen.size(); ++i) {
        if (seen[i]) list.push_back(std::uint8_t(i));
    }
    return list;
}

void Rows::keep(Channel channel, double value) {
    latest_[std::size_t(channel)] = {value, vehicle_s_, arrival_s_, from_, log_.rows()};
}

void Rows::take_damage() {
    ++broken_;
    ++log_.rows_met;
    if (first_broken_ == 0) first_broken_ = std::int64_t(log_.rows_met);
}

/// The vehicle's clock as a message has it.
void Rows::tell_time(double clock_s) {
    if (!clock_s_) {
        vehicle_s_ = 0.0;
    } else {
        const double step_s = clock_s - *clock_s_;
        const double passed_s = std::max(arrival_s_ - clock_arrival_s_, 0.0);
        const bool restarted = step_s < -restart_s;
        const bool set = step_s > set_ahead_s && step_s > fastest_play * (passed_s + 1.0);
        vehicle_s_ += restarted || set ? passed_s : step_s;
    }
    clock_s_ = clock_s;
    clock_arrival_s_ = arrival_s_;
}

bool Rows::take(const Packet& packet, double arrival_s) {
    systems_[packet.system] = true;
    if (!packet.known) return false;
    if (choice_.system && packet.system != *choice_.system) {
        // A ground station speaks as well; another vehicle has a position.
        other_vehicles_ = other_vehicles_ || packet.id == global_position_int.id || packet.id == gps_raw_int.id;
        return false;
    }
    from_ = packet.system;
    arrival_s_ = arrival_s;
    const Payload p(packet.payload, packet.payload_bytes);
    switch (packet.id) {
    case sys_status.id: {
        const auto volts = p.at<std::uint16_t>(14);
        const auto amps = p.at<std::int16_t>(16);
        if (volts != no_u16 && volts != 0) {
            volts_of_system_ = true;
            keep(Channel::voltage_v, volts * 1e-3);
        }
        if (amps >= 0) keep(Channel::current_a, amps * 0.01);
        return false;
    }
    case wind_estimate.id: {
        const double from = double(p.at<float>(0));
        const double speed = double(p.at<float>(4));
        if (!std::isfinite(from) || !std::isfinite(speed)) return false;
        keep(Channel::wind_speed_mps, speed);
        keep(Channel::wind_from_deg, units::wrap_degrees(from));
        return false;
    }
    case rc_channels.id: {
        // 255: not known; 254 is all of it.
        const auto strength = p.at<std::uint8_t>(41);
        if (strength != 255) keep(Channel::link_quality_share, strength / 254.0);
        return false;
    }
    case battery_status.id: take_battery(p); return false;
    case vfr_hud.id: {
        keep(Channel::airspeed_mps, double(p.at<float>(0)));
        keep(Channel::climb_mps, double(p.at<float>(12)));
        keep(Channel::heading_deg, p.at<std::int16_t>(16));
        keep(Channel::throttle_share, p.at<std::uint16_t>(18) * 0.01);
        if (!has_global_) keep(Channel::ground_speed_mps, double(p.at<float>(4)));
        return false;
    }
    case gps_raw_int.id: return take_raw_fix(p);
    case wind_cov.id: {
        // Where the air goes to, north and east.
        const double north = double(p.at<float>(8));
        const double east = double(p.at<float>(12));
        if (!std::isfinite(north) || !std::isfinite(east)) return false;
        keep(Channel::wind_speed_mps, std::hypot(east, north));
        keep(Channel::wind_from_deg, units::wrap_degrees(units::degrees(std::atan2(-east, -north))));
        return false;
    }
    case global_position_int.id: return take_global(p);
    case named_value_float.id: take_named(p); return false;
    default: return false;
    }
}

/// Volts of the cells, or of the whole pack in the first place where the cells are not measured.
void Rows::take_cells(const Payload& p) {
    constexpr std::size_t most_cells = 10;
    double volts = 0.0;
    for (std::size_t i = 0; i < most_cells; ++i) {
        const auto cell = p.at<std::uint16_t>(10 + 2 * i);
        if (cell != no_u16) volts += cell * 1e-3;
    }
    if (volts > 0.0) keep(Channel::voltage_v, volts);
}

void Rows::take_battery(const Payload& p) {
    // Two batteries are never summed into one, nor one's counter followed by the other's.
    const auto id = p.at<std::uint8_t>(32);
    batteries_[id] = true;
    if (!choice_.battery) choice_.battery = id;
    if (id < *choice_.battery && log_.rows() == 0 && !other_batteries_) choice_.battery = id;
    if (id != *choice_.battery) {
        other_batteries_ = true;
        return;
    }
    const auto charge = p.at<std::int32_t>(0);
    const auto energy = p.at<std::int32_t>(4);
    const auto amps = p.at<std::int16_t>(30);
    if (charge >= 0) keep(Channel::charge_ah, charge * 1e-3);
    constexpr double hectojoules_per_wh = 36.0;
    if (energy > 0) keep(Channel::energy_wh, energy / hectojoules_per_wh);
    if (amps >= 0) keep(Channel::current_a, amps * 0.01);
    if (!volts_of_system_) take_cells(p);
}

bool Rows::take_raw_fix(const Payload& p) {
    const auto fix = p.at<std::uint8_t>(28);
    const auto satellites = p.at<std::uint8_t>(29);
    const auto course = p.at<std::uint16_t>(26);
    // Once the filter's position times the rows, the receiver's clock is another one.
    if (!has_global_) tell_time(double(p.at<std::uint64_t>(0)) * 1e-6);
    if (satellites != 255) keep(Channel::satellites, satellites);
    // Beside the filter's height the receiver's own is a check.
    if (fix > 2 && !two_heights_) keep(Channel::gps_height_m, p.at<std::int32_t>(16) * 1e-3);
    if (has_global_ || fix < 2) return false;
    keep(Channel::latitude_deg, p.at<std::int32_t>(8) * per_1e7);
    keep(Channel::longitude_deg, p.at<std::int32_t>(12) * per_1e7);
    // A fix in two dimensions has none.
    if (fix > 2) keep(Channel::height_m, p.at<std::int32_t>(16) * 1e-3);
    if (const auto speed = p.at<std::uint16_t>(24); speed != no_u16) keep(Channel::ground_speed_mps, speed * 0.01);
    if (course != no_u16) keep(Channel::course_deg, course * 0.01);
    return row();
}

bool Rows::take_global(const Payload& p) {
    if (!has_global_) begin_global();
    tell_time(p.at<std::uint32_t>(0) * ms);
    const double north = p.at<std::int16_t>(20) * 0.01;
    const double east = p.at<std::int16_t>(22) * 0.01;
    keep(Channel::latitude_deg, p.at<std::int32_t>(4) * per_1e7);
    keep(Channel::longitude_deg, p.at<std::int32_t>(8) * per_1e7);
    keep(Channel::height_m, p.at<std::int32_t>(16) * 1e-3);
    keep(Channel::ground_speed_mps, std::hypot(east, north));
    if (std::hypot(east, north) > 0.0)
        keep(Channel::course_deg, units::wrap_degrees(units::degrees(std::atan2(east, north))));
    return row();
}

void Rows::take_named(const Payload& p) {
    std::string name;
    for (std::size_t i = 8; i < named_value_float.length; ++i) {
        const char letter = p.at<char>(i);
        if (letter == 0) break;
        name += letter;
    }
    for (const NamedChannel& named : named_channels) {
        if (named.name != name) continue;
        keep(named.channel, double(p.at<float>(4)));
        if (named.channel == Channel::gps_height_m) two_heights_ = true;
    }
}

/// The filter's position from now on; rows made of raw fixes before it would double them.
void Rows::begin_global() {
    has_global_ = true;
    if (log_.rows() > 0) ++generation_;
    for (auto& column : log_.columns) column.clear();
    log_.lines.clear();
    arrivals_.clear();
    vehicles_.clear();
    steps_on_ = 0;
    by_vehicle_ = true;
    // Another clock: what is fresh by the old one stays so.
    for (Latest& latest : latest_) latest.vehicle_s = vehicle_s_;
    clock_s_.reset();
}

bool Rows::row() {
    if (!choice_.system) choice_.system = from_;
    ++log_.rows_met;
    log_.lines.push_back(std::uint32_t(std::min<std::size_t>(log_.rows_met, UINT32_MAX)));
    if (!vehicles_.empty() && vehicle_s_ > vehicles_.back()) ++steps_on_;
    arrivals_.push_back(arrival_s_);
    vehicles_.push_back(vehicle_s_);
    choose_clock();
    const double time_s = by_vehicle_ ? vehicle_s_ - vehicles_.front() : arrival_s_ - arrivals_.front();
    for (std::size_t i = 0; i < telemetry::channel_count; ++i) {
        const Latest& latest = latest_[i];
        const double arrived_s = std::abs(arrival_s_ - latest.arrival_s);
        // On a slow link the clock that a reading took is that of the row before; when it came says more.
        const bool of_this_row = latest.row + 1 == log_.rows() && arrived_s <= freshness_s;
        const double age_s = by_vehicle_ ? std::abs(vehicle_s_ - latest.vehicle_s) : arrived_s;
        const bool fresh = latest.system == from_ && (of_this_row || age_s <= freshness_s);
        log_.columns[i].push_back(fresh ? latest.value : telemetry::missing_value);
    }
    log_[Channel::time_s].back() = time_s;
    return true;
}

/// The vehicle's clock, unless it stands still from row to row.
void Rows::choose_clock() {
    const bool works = vehicles_.size() < 3 || 2 * steps_on_ >= vehicles_.size() - 1;
    if (works == by_vehicle_) return;
    by_vehicle_ = works;
    ++generation_;
    const auto& clock = works ? vehicles_ : arrivals_;
    auto& time = log_[Channel::time_s];
    for (std::size_t i = 0; i < time.size(); ++i) time[i] = clock[i] - clock.front();
}

telemetry::FlightLog Rows::finished() && {
    constexpr double a_year_s = 365.0 * 86400.0;
    if (!arrivals_.empty() && arrivals_.front() >= a_year_s) log_.start_clock_s = arrivals_.front();
    // Without the filter's height the receiver's is the height, and no second one.
    if (!has_global_ && !two_heights_) log_[Channel::gps_height_m].clear();
    for (auto& column : log_.columns) {
        if (std::none_of(column.begin(), column.end(), [](double v) { return std::isfinite(v); })) column.clear();
    }
    if (other_batteries_)
        log_.diagnostics.push_back({units::DiagnosticCode::other_batteries, units::Severity::warning, {}});
    if (other_vehicles_) {
        log_.diagnostics.push_back({units::DiagnosticCode::other_vehicles,
                                    units::Severity::warning,
                                    {{"system", double(choice_.system.value_or(0))}}});
    }
    if (broken_ > 0) log_.unreadable.push_back({telemetry::SetAsideReason::bad_row, broken_, first_broken_});
    return std::move(log_);
}

} // namespace sobremesa::io::mavlink
