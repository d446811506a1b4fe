// The table of docs/watch.md: practice flights whose wind grows to half as much again as forecast, turned by the
// plan's distance and turned at "turn now".

#include <algorithm>
#include <chrono>
#include <clocale>
#include <cstdio>
#include <cstdlib>
#include <iostream>

#include "core/units/constants.hpp"
#include "io/plan_document.hpp"
#include "support/watched.hpp"

namespace {

using namespace sobremesa;

struct Tally {
    int flights = 0;
    int home = 0;
    int reserve = 0;
    double least = 1e9;
    double most = -1e9;
    double sum = 0.0;

    void add(const sim::Truth& truth, double landing_share, double reserve_share) {
        constexpr double within = 0.1;
        ++flights;
        const bool back = truth.came_home;
        home += back;
        reserve += back && landing_share >= reserve_share - within;
        least = std::min(least, landing_share);
        most = std::max(most, landing_share);
        sum += landing_share;
    }
    void print(const char* name) const {
        std::cout << "| " << name << " | " << home << " | " << reserve << " | " << int(100.0 * sum / flights)
                  << " % (" << int(100.0 * least) << " … " << int(100.0 * most) << ") |\n";
    }
};

mission::PlanRequest request(int i) {
    mission::PlanRequest r;
    const bool wing = i % 3 != 2;
    r.aircraft.craft = wing ? airframe::Craft::wing : airframe::Craft::rotor;
    r.aircraft.mass_kg = wing ? 1.25 : 0.9;
    r.aircraft.cruise_airspeed_mps = wing ? 15.0 : 13.0;
    r.aircraft.cruise_power_w = wing ? 70.0 : 135.0;
    r.pack.series = 4;
    r.pack.parallel = wing ? 2 : 3;
    r.pack.cell_capacity_ah = 3.0;
    r.pack.mass_kg = wing ? 0.42 : 0.6;
    r.weather.wind = {4.0 + 0.5 * (i % 8), 40.0 * (i % 9)};
    r.mission.bearing_deg = 73.0 * i - 360.0 * int(73.0 * i / 360.0);
    r.mission.height_m = 80.0 + 10.0 * (i % 4);
    return r;
}

} // namespace

int main(int argc, char** argv) {
    std::setlocale(LC_NUMERIC, "C");
    const int flights = argc > 1 ? std::atoi(argv[1]) : 100;
    const double step_s = 5.0;
    Tally by_plan;
    Tally by_watch;
    double updates = 0.0;
    double seconds = 0.0;
    for (int i = 0; i < flights; ++i) {
        auto made = mission::make_plan(*mission::checked(request(i)));
        if (!made || !made->turn) continue;
        const auto plan = std::make_shared<const mission::Plan>(std::move(*made));
        const double reserve = 0.2;
        // Half as much again by the time that the plan turns.
        practice::PracticeDay day{practice::Day::as_forecast, std::uint64_t(i + 1)};
        const auto wind = plan->request.weather.wind.speed_mps;
        day.growth_mps_per_h = 0.5 * wind / (plan->turn->time_s.value / units::seconds_per_hour);
        auto scenario = practice::scenario_of(*plan, day);
        scenario.weather.most_wind_mps = 1.5 * wind;
        const auto landing_share = [&](const sim::Truth& truth) {
            return 1.0 - truth.energy_wh / plan->usable_energy_wh.value;
        };
        {
            sim::FlightInProgress flight(scenario);
            const auto truth = test::flown(flight, step_s, [](const auto&) { return false; });
            by_plan.add(truth, landing_share(truth), reserve);
        }
        scenario.mission.distance_m *= 4.0;
        sim::FlightInProgress flight(scenario);
        test::Obedient pilot(plan);
        const auto began = std::chrono::steady_clock::now();
        const auto truth = test::flown(flight, step_s, [&](const auto& f) {
            ++updates;
            return pilot(f);
        });
        seconds += std::chrono::duration<double>(std::chrono::steady_clock::now() - began).count();
        by_watch.add(truth, landing_share(truth), reserve);
        if (argc > 2)
            std::cout << i << " plan turn " << int(plan->turn->distance_m.value) << " turned at "
                      << int(truth.farthest_m) << " left " << landing_share(truth) << " " << truth.ending
                      << " draw " << pilot.answer().draw.value << "\n";
    }
    std::cout << "| turned | home | reserve kept within 10 % of usable | left at home, mean (least … most) |\n"
                 "|---|---|---|---|\n";
    by_plan.print("at the plan's distance");
    by_watch.print("at \"turn now\"");
    std::cerr << 1000.0 * seconds / updates << " ms for each step of " << updates << "\n";
}
