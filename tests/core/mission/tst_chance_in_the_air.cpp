// The forecast chance against the simulator, which shares no model code with the program: what is forecast to keep
// its reserve 85 times in 100 does so in 85 of 100 simulated flights.

#include <array>
#include <limits>
#include <thread>

#include <QTest>

#include "core/mission/chance.hpp"
#include "sim/simulated_flight.hpp"
#include "sim/simulated_pack.hpp"
#include "sim/simulated_power.hpp"
#include "support/compare.hpp"
#include "support/planned.hpp"
#include "support/test_program.hpp"
#include "support/thorough.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::planned;

namespace {

constexpr int flights = 400;
constexpr double step_s = 0.1;

/// What a simulated pack still gives at one power down to a landing voltage, ten seconds' mean, Wh; below 0 where
/// it stands under that already.
double simulated_left_wh(sim::SimulatedPack pack, double power_w, double landing_v) {
    const double before_wh = pack.energy_given_wh();
    auto out = pack.step(power_w, step_s);
    double mean_v = out.voltage_v;
    if (out.collapsed || mean_v <= landing_v) return -1.0;
    while (!out.collapsed && mean_v > landing_v) {
        out = pack.step(power_w, step_s);
        mean_v += (out.voltage_v - mean_v) * step_s / 10.0;
    }
    return pack.energy_given_wh() - before_wh;
}

/// The same from full.
double simulated_usable_wh(const sim::SimulatedPackSpec& spec, double temperature_c, double power_w,
                           double landing_cell_v) {
    return simulated_left_wh(sim::SimulatedPack(spec, temperature_c), power_w, landing_cell_v * spec.series);
}

struct Case {
    sim::Scenario scenario;
    PlanRequest request;
    double target = 0.0;
};

/// A plan whose pilot knows the simulated aircraft and pack well: its cruise is the simulator's, its pack gives on
/// the bench what the simulator's does. What is left to chance is what the forecast says is.
Case known_case(int which) {
    Case one;
    sim::Scenario& s = one.scenario;
    s.aircraft.wing = which % 2 == 0;
    if (s.aircraft.wing) {
        s.aircraft.propulsive_efficiency = 0.5; // as climbs are forecast
    } else {
        s.aircraft.mass_without_pack_kg = 0.7;
        s.aircraft.airspeed_mps = 12.5;
        s.aircraft.full_power_w = 900.0;
    }
    s.pack.cell_capacity_ah = which % 2 == 0 ? 1.6 : 2.6;
    s.pack.mass_kg = 0.28;
    s.weather.wind_mps = 1.5 + 0.9 * which;
    s.weather.wind_from_deg = 40.0 + 70.0 * which;
    s.weather.gust_sd_mps = 0.4;
    s.weather.temperature_c = 12.0 + 3.0 * which;
    s.mission.height_m = 60.0;
    s.weather.wind_height_m = s.mission.height_m;
    s.mission.bearing_deg = 265.0;
    s.sensors.rate_hz = 0.02;

    // The simulated aircraft turns at level power and lands where its descent ends: so does the pilot's plan.
    PlanRequest& r = one.request;
    r = tests::by_the_book(r);
    const double mass_kg = s.aircraft.mass_without_pack_kg + s.pack.mass_kg;
    // The simulator's own air, so that the cruise is known where it is flown.
    const double density =
        1.225 * std::exp(-s.mission.height_m / 9300.0) * 288.15 / (273.15 + s.weather.temperature_c);
    r.aircraft.craft = s.aircraft.wing ? airframe::Craft::wing : airframe::Craft::rotor;
    r.aircraft.mass_kg = s.aircraft.mass_without_pack_kg;
    r.aircraft.cruise_airspeed_mps = s.aircraft.airspeed_mps;
    r.aircraft.cruise_power_w = sim::flight_power_w(s.aircraft, mass_kg, density, s.aircraft.airspeed_mps, 0.0);
    r.aircraft.electronics_w = s.aircraft.electronics_w;
    r.pack.chemistry = battery::Chemistry::li_ion;
    r.pack.series = s.pack.series;
    r.pack.parallel = s.pack.parallel;
    r.pack.cell_capacity_ah = s.pack.cell_capacity_ah;
    r.pack.cell_resistance_ohm = s.pack.cell_resistance_ohm;
    r.pack.mass_kg = s.pack.mass_kg;
    r.weather.wind = {s.weather.wind_mps, s.weather.wind_from_deg};
    r.weather.temperature_c = s.weather.temperature_c;
    r.mission.bearing_deg = s.mission.bearing_deg;
    r.mission.height_m = s.mission.height_m;
    r.mission.climb_rate_mps = s.mission.climb_mps;
    r.mission.descent_rate_mps = s.mission.descent_mps;
    r.landing_cell_v = 2.9;
    r.aircraft.cruise_density_kgm3 = planned(r).conditions.air.density_kgm3;
    for (int i = 0; i < 4; ++i) {
        const Plan plan = planned(r);
        r.pack.cell_capacity_ah *= simulated_usable_wh(s.pack, s.weather.temperature_c,
                                                       plan.conditions.cruise_power_w.value, *r.landing_cell_v) /
                                   plan.usable_energy_wh.value;
    }
    return one;
}

double share_whole(const std::vector<DrawnFlight>& all) {
    return double(std::count_if(all.begin(), all.end(), [](const auto& f) { return f.reserve_intact; })) /
           double(all.size());
}

/// One simulated day: the drawn errors put into the simulator's own weather, aircraft and pack.
bool simulated_whole(const Case& one, const DayDraw& day, double turn_m, double reserve_wh, int seed) {
    sim::Scenario s = one.scenario;
    s.seed = std::uint64_t(seed);
    s.mission.distance_m = turn_m;
    s.weather.wind_mps += day.wind_mps;
    s.weather.wind_from_deg += day.wind_from_deg;
    if (s.weather.wind_mps < 0.0) {
        s.weather.wind_mps = -s.weather.wind_mps;
        s.weather.wind_from_deg += 180.0;
    }
    s.weather.wind_growth_mps_per_h = day.growth_mps_per_h;
    s.weather.temperature_c += day.warmer_k;
    s.aircraft.electronics_w *= day.draw;
    s.aircraft.propulsive_efficiency /= day.draw;
    s.aircraft.motor_efficiency /= day.draw;
    s.pack.cell_capacity_ah *= day.usable;
    sim::FlightInProgress flight(s);
    flight.fly_to(std::numeric_limits<double>::infinity());
    // By the pack itself: the descent let it come back.
    const double level_w = day.draw * one.request.aircraft.cruise_power_w;
    const double left_wh = simulated_left_wh(flight.pack(), level_w, *one.request.landing_cell_v * s.pack.series);
    return flight.truth().came_home && left_wh >= reserve_wh;
}

} // namespace

class ChanceInTheAirTest : public QObject {
    Q_OBJECT
private slots:
    void sharesAreAsForecast();
    void onTheWorstCredibleDayEveryoneComesHome();
};

void ChanceInTheAirTest::sharesAreAsForecast() {
    constexpr double targets[] = {0.5, 0.7, 0.85, 0.93, 0.98};
    double gaps = 0.0;
    for (int which = 0; which < 5; ++which) {
        const Case one = known_case(which);
        const Plan plan = planned(one.request);
        QVERIFY(plan.turn.has_value());
        const DrawnFlights drawn(plan.request, plan.conditions, true);
        const auto days = draw_days(spread_of(plan), 20000, 1000 + std::uint64_t(which));
        double low = 0.3 * plan.turn->distance_m.value;
        double high = plan.outward.back().distance_m;
        for (int i = 0; i < 14; ++i) {
            const double middle = 0.5 * (low + high);
            (share_whole(fly_days(plan, drawn, days, middle)) > targets[which] ? low : high) = middle;
        }
        const double turn_m = 0.5 * (low + high);
        const double forecast = share_whole(fly_days(plan, drawn, days, turn_m));
        const double reserve_wh = outward_at(plan, turn_m).reserve_wh;

        // Other days than those that the forecast was drawn from.
        const auto flown = draw_days(spread_of(plan), flights, 5000 + std::uint64_t(which));
        std::array<int, 2> whole{};
        const auto fly = [&](int part) {
            for (int i = part; i < flights; i += 2)
                whole[std::size_t(part)] +=
                    simulated_whole(one, flown[std::size_t(i)], turn_m, reserve_wh, 100 * which + i);
        };
        std::jthread other([&] { fly(1); });
        fly(0);
        other.join();
        const double share = double(whole[0] + whole[1]) / flights;
        qInfo("plan %d: forecast %.3f, flown %.3f", which, forecast, share);
        // The 99 % interval of a binomial with 400 trials, by its normal approximation and half a count.
        const double interval = 2.576 * std::sqrt(forecast * (1.0 - forecast) / flights) + 0.5 / flights;
        VERIFY_NEAR(share, forecast, interval);
        gaps += std::abs(share - forecast) / 5.0;
    }
    QVERIFY2(gaps <= 0.03, qPrintable(QString::number(gaps)));
}

void ChanceInTheAirTest::onTheWorstCredibleDayEveryoneComesHome() {
    // The simulator shares no model with the planner: it flies out in the forecast's wind or the worse one, and
    // home in the worst credible one, with its own pack; nobody is under the landing voltage before home.
    int flown = 0;
    double least_share = 1.0;
    const int plans = tests::tries(24, 240);
    for (int which = 0; which < plans; ++which) {
        Case one = known_case(which % 5);
        PlanRequest& r = one.request;
        r.mission.bearing_deg = 360.0 * which / plans;
        r.reserve = ShareOfUsable{0.05};
        one.scenario.mission.bearing_deg = r.mission.bearing_deg;
        const Plan plan = planned(r);
        if (!plan.turn || plan.turn->distance_m.value < 1000.0) continue;
        const double reserve_wh = outward_at(plan, plan.turn->distance_m.value).reserve_wh;
        DayDraw worst;
        worst.wind_mps = plan.conditions.wind_home.speed_mps - plan.conditions.wind_out.speed_mps;
        ++flown;
        // The reserve of a twentieth is what a plan that is right to five hundredths must leave of it.
        QVERIFY2(simulated_whole(one, worst, plan.turn->distance_m.value, 0.0, 7000 + which),
                 qPrintable(QString::number(which)));
        least_share = std::min(least_share, reserve_wh / plan.usable_energy_wh.value);
    }
    QVERIFY2(flown >= plans * 5 / 6, qPrintable(QString::number(flown)));
    QVERIFY(least_share < 0.06);
}

SOBREMESA_TEST(ChanceInTheAirTest)
#include "tst_chance_in_the_air.moc"
