#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "core/mission/make_plan.hpp"
#include "io/plan_document.hpp"
#include "practice/plan_scenario.hpp"
#include "sim/simulated_flight.hpp"
#include "support/drawn_documents.hpp"

namespace sobremesa::tests {

/// The same plan as most are flown: out and back with nothing special about it.
inline nlohmann::json flown_plan(int number) {
    nlohmann::json document = drawn_plan(std::uint64_t(1000 + number));
    for (const char* key :
         {"terrain_file", "home", "speed_out", "speed_home", "farthest_m", "climb_angle_deg", "climb_throttle"})
        document["mission"].erase(key);
    if (document["mission"]["kind"] != "route") {
        document["mission"].erase("waypoints");
        document["mission"]["kind"] = "out-and-back";
    }
    document.erase("sun");
    const double cruise_mps = document["aircraft"]["cruise_airspeed_mps"];
    document["weather"].erase("wind_table");
    document["weather"].erase("wind_growth_mps_per_h");
    document["weather"]["wind_mps"] = std::min(document["weather"]["wind_mps"].get<double>(), 0.35 * cruise_mps);
    return document;
}

/// Empty where it cannot be flown any distance.
inline std::optional<mission::Plan> flyable(const nlohmann::json& document) {
    const auto read = io::plan_from_json(document.dump(), "drawn");
    if (!read) return std::nullopt;
    auto plan = mission::make_plan(read->request);
    if (!plan || !plan->turn || plan->turn->distance_m.value < 500.0) return std::nullopt;
    return std::move(*plan);
}

/// The first of the plans from that number on that can be flown, and what is written of it.
inline std::pair<nlohmann::json, mission::Plan> flyable_from(int number) {
    for (;; ++number) {
        nlohmann::json document = flown_plan(number);
        if (auto plan = flyable(document)) return {std::move(document), std::move(*plan)};
    }
}

/// A day near the plan's, seen through drawn sensors.
inline sim::Scenario drawn_scenario(const mission::Plan& plan, std::uint64_t seed, practice::Day day) {
    RoundNumbers draw(seed);
    auto scenario = practice::scenario_of(plan, {day, seed, 0.0});
    auto& sensors = scenario.sensors;
    sensors.rate_hz = draw.one_of(std::array{1.0, 2.0});
    sensors.current_scale = draw.between(0.94, 1.06);
    sensors.current_offset_a = draw.between(-0.05, 0.1);
    if (draw.once_in(3)) sensors.voltage_step_v = 0.1;
    if (draw.once_in(3)) sensors.current_step_a = 0.1;
    if (draw.once_in(4)) sensors.fix_after_s = draw.between(5.0, 40.0);
    sensors.position_jumps = int(draw.below(3));
    sensors.gaps = int(draw.below(3));
    sensors.airspeed = draw.once_in(3);
    sensors.heading = draw.once_in(3);
    if (draw.once_in(4)) scenario.weather.thermals = {{800.0, -300.0, 150.0, 2.0}, {-700.0, 500.0, 120.0, 1.5}};
    scenario.style = draw.one_of(std::array{io::LogStyle::radio, io::LogStyle::whole, io::LogStyle::recorder});
    return scenario;
}

/// Spoils a log as sensors, recorders and cards do, in one of `ways_to_spoil`.
class Spoiled {
public:
    static constexpr std::size_t ways = 18;

    Spoiled(telemetry::FlightLog& log, RoundNumbers& draw) : log_(log), draw_(draw) {}

    void in_way(std::size_t way) {
        const std::size_t rows = log_.rows();
        const std::size_t from = rows / 5 + draw_.below(rows / 2);
        switch (way) {
        case 0: freeze(one_of_three(), from, rows / 6); break;
        case 1: log_[one_of_three()].clear(); break;
        case 2: every(one_of_three(), 7 + draw_.below(20), [](double) { return telemetry::missing_value; }); break;
        case 3: every(one_of_three(), rows / 4, [](double v) { return 12.0 * v; }); break;
        case 4: counter_again(from); break;
        case 5: shift(Channel::time_s, from, -log_[Channel::time_s][from] + log_[Channel::time_s][0]); break;
        case 6: cut(0, rows / 5); break;
        case 7: cut(rows - rows / 8, rows); break;
        case 8: every(Channel::current_a, 1, [](double v) { return -v; }); break;
        case 9: shift(Channel::time_s, from, draw_.between(40.0, 900.0)); break;
        case 10: moved_away(from); break;
        case 11: saturated(); break;
        case 12: shift(Channel::charge_ah, 0, draw_.between(0.05, 0.8)); break;
        case 13: every(Channel::time_s, 1, [](double v) { return std::floor(v); }); break;
        case 14: cell_alone(); break;
        case 15: wind_of_its_own(); break;
        case 16: hovers_first(draw_.between(15.0, 90.0)); break;
        default: log_[Channel::latitude_deg].clear(), log_[Channel::longitude_deg].clear(); break;
        }
    }

private:
    using Channel = telemetry::Channel;

    Channel one_of_three() {
        return draw_.one_of(std::array{Channel::voltage_v, Channel::current_a, Channel::charge_ah,
                                       Channel::height_m, Channel::ground_speed_mps});
    }
    void freeze(Channel channel, std::size_t from, std::size_t rows) {
        auto& column = log_[channel];
        for (std::size_t i = from; i < std::min(from + rows, column.size()); ++i) column[i] = column[from];
    }
    template <class Change>
    void every(Channel channel, std::size_t step, const Change& change) {
        auto& column = log_[channel];
        for (std::size_t i = step - 1; i < column.size(); i += std::max<std::size_t>(step, 1))
            column[i] = change(column[i]);
    }
    void shift(Channel channel, std::size_t from, double by) {
        auto& column = log_[channel];
        for (std::size_t i = from; i < column.size(); ++i) column[i] += by;
    }
    void counter_again(std::size_t from) {
        if (log_.has(Channel::charge_ah)) shift(Channel::charge_ah, from, -log_[Channel::charge_ah][from]);
    }
    void cut(std::size_t from, std::size_t to) {
        const auto erase = [&](auto& column) {
            if (!column.empty())
                column.erase(column.begin() + std::ptrdiff_t(from), column.begin() + std::ptrdiff_t(to));
        };
        for (auto& column : log_.columns) erase(column);
        erase(log_.lines);
    }
    void moved_away(std::size_t from) {
        auto& column = log_[Channel::latitude_deg];
        for (std::size_t i = from; i < std::min(from + 6, column.size()); ++i) column[i] += 0.08;
    }
    void saturated() {
        auto& column = log_[Channel::current_a];
        if (column.empty()) return;
        auto sorted = column;
        std::nth_element(sorted.begin(), sorted.begin() + std::ptrdiff_t(sorted.size() * 3 / 4), sorted.end());
        const double most = sorted[sorted.size() * 3 / 4];
        for (double& a : column) a = std::min(a, most);
    }
    void cell_alone() {
        log_[Channel::cell_voltage_v] = log_[Channel::voltage_v];
        for (double& v : log_[Channel::cell_voltage_v]) v /= 4.0;
        log_[Channel::voltage_v].clear();
    }
    void wind_of_its_own() {
        const double speed = draw_.between(1.0, 7.0);
        const double from = draw_.between(0.0, 360.0);
        for (std::size_t i = 0; i < log_.rows(); ++i) {
            log_[Channel::wind_speed_mps].push_back(speed + 0.3 * std::sin(0.05 * double(i)));
            log_[Channel::wind_from_deg].push_back(from + 8.0 * std::sin(0.03 * double(i)));
        }
    }
    /// What was flown comes later, as far as the clock and the ground's draw go.
    void hovers_first(double seconds) {
        auto& time = log_[Channel::time_s];
        if (time.size() < 3) return;
        const double step = (time.back() - time.front()) / double(time.size() - 1);
        const auto idle = std::size_t(seconds / step);
        for (auto& column : log_.columns)
            if (!column.empty()) column.insert(column.begin(), idle, column.front());
        log_.lines.insert(log_.lines.begin(), idle, log_.lines.front());
        for (std::size_t i = 0; i < time.size(); ++i) time[i] = step * double(i);
        if (log_.has(Channel::current_a))
            for (std::size_t i = 0; i < idle; ++i) log_[Channel::current_a][i] = 0.35;
    }

    telemetry::FlightLog& log_;
    RoundNumbers& draw_;
};

} // namespace sobremesa::tests
