#include "sim/fleet.hpp"

#include <random>
#include <string>

namespace sobremesa::sim {

namespace {

/// Uniform draws that are the same with every standard library.
class Draws {
public:
    explicit Draws(std::uint64_t seed) : engine_(seed) {}
    double between(double least, double most) {
        constexpr double two_to_53 = 9007199254740992.0;
        return least + (most - least) * double(engine_() >> 11) / two_to_53;
    }

private:
    std::mt19937_64 engine_;
};

SimulatedAircraft wing() {
    SimulatedAircraft a;
    a.name = "wing";
    return a;
}

SimulatedAircraft multirotor() {
    SimulatedAircraft a;
    a.name = "multirotor";
    a.wing = false;
    a.mass_without_pack_kg = 0.7;
    a.airspeed_mps = 12.5;
    a.electronics_w = 9.0;
    a.full_power_w = 980.0;
    return a;
}

void set_mission(Scenario& s, int kind, Draws& draws) {
    s.mission.height_m = draws.between(60.0, 118.0);
    s.mission.bearing_deg = draws.between(0.0, 360.0);
    switch (kind) {
    case 0:
        s.mission.kind = SimulatedMission::Kind::loiter;
        s.mission.loiter_radius_m = draws.between(90.0, 180.0);
        s.mission.loiter_s = draws.between(420.0, 900.0);
        return;
    case 1:
        s.mission.kind = SimulatedMission::Kind::route;
        s.mission.route = {{draws.between(700.0, 1800.0), draws.between(-300.0, 500.0)},
                           {draws.between(400.0, 1500.0), draws.between(1200.0, 2400.0)},
                           {draws.between(-1900.0, -700.0), draws.between(700.0, 1900.0)},
                           {draws.between(-1200.0, -400.0), draws.between(-1800.0, -600.0)}};
        return;
    default: s.mission.distance_m = draws.between(2200.0, 4200.0); return;
    }
}

void set_day(Scenario& s, Day day, Draws& draws) {
    SimulatedWeather& w = s.weather;
    w.wind_from_deg = draws.between(0.0, 360.0);
    w.temperature_c = draws.between(4.0, 26.0);
    w.wind_mps = draws.between(1.0, 3.5);
    w.gust_sd_mps = draws.between(0.15, 0.4);
    switch (day) {
    case Day::calm: break;
    case Day::windy:
        w.wind_mps = draws.between(4.0, 7.5);
        w.gust_sd_mps = draws.between(0.3, 0.6);
        w.wind_growth_mps_per_h = draws.between(-2.0, 2.0);
        break;
    case Day::gusty:
        w.wind_mps = draws.between(3.0, 7.0);
        w.gust_sd_mps = draws.between(0.8, 1.4);
        break;
    case Day::thermals:
        w.gust_sd_mps = draws.between(0.3, 0.6);
        for (int i = 0; i < 5; ++i)
            w.thermals.push_back({draws.between(-2000.0, 2000.0), draws.between(-2000.0, 2000.0),
                                  draws.between(90.0, 190.0), draws.between(1.0, 2.6)});
        break;
    case Day::glitches:
        w.wind_mps = draws.between(2.0, 5.0);
        s.sensors.position_jumps = 6;
        s.sensors.gaps = 2;
        s.sensors.fix_after_s = 12.0;
        s.sensors.current_scale = draws.between(0.9, 1.1);
        break;
    }
}

} // namespace

const char* day_word(Day day) {
    switch (day) {
    case Day::calm: return "calm";
    case Day::windy: return "windy";
    case Day::gusty: return "gusty";
    case Day::thermals: return "thermals";
    case Day::glitches: break;
    }
    return "glitches";
}

std::vector<FleetFlight> fleet(int flights) {
    std::vector<FleetFlight> result;
    for (int i = 0; i < flights; ++i) {
        const Day day = Day(i % 5);
        Draws draws(9000 + std::uint64_t(i));
        Scenario s;
        s.name = std::string("fleet-") + char('0' + i / 100 % 10) + char('0' + i / 10 % 10) + char('0' + i % 10);
        s.seed = 7000 + std::uint64_t(i);
        const bool is_wing = (i / 5) % 2 == 0;
        s.aircraft = is_wing ? wing() : multirotor();
        s.pack.series = is_wing ? 4 : 6;
        s.pack.parallel = 2;
        s.pack.cell_capacity_ah = 4.0;
        s.pack.mass_kg = is_wing ? 0.55 : 0.80;
        set_mission(s, (i / 10) % 3, draws);
        set_day(s, day, draws);
        s.sensors.rate_hz = i % 2 == 0 ? 5.0 : 2.0;
        // Every fourth recorder writes headings, every sixth an airspeed.
        s.sensors.heading = i % 4 == 3;
        s.sensors.airspeed = i % 6 == 5;
        result.push_back({day, s});
    }
    return result;
}

} // namespace sobremesa::sim
