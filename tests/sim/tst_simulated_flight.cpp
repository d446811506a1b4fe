// The simulator shares no model code with the program, so that their agreement means something.

#include <QTest>

#include "core/telemetry/consumption.hpp"
#include "io/csv_log_reader.hpp"
#include "io/text_file.hpp"
#include "sim/scenario_document.hpp"
#include "sim/simulated_flight.hpp"
#include "sim/simulated_pack.hpp"
#include "sim/simulated_power.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

namespace {

sim::Scenario calm(bool wing) {
    sim::Scenario scenario;
    scenario.aircraft.wing = wing;
    scenario.weather.gust_sd_mps = 0.2;
    if (!wing) {
        scenario.aircraft.mass_without_pack_kg = 0.7;
        scenario.aircraft.airspeed_mps = 12.0;
        scenario.aircraft.full_power_w = 900.0;
        scenario.pack.series = 6;
    }
    return scenario;
}

telemetry::LogSummary read_back(const sim::SimulatedFlight& flight) {
    const auto log = telemetry::clean(std::make_shared<const telemetry::FlightLog>(flight.log));
    return *telemetry::summarise(*log);
}

} // namespace

class SimulatedFlightTest : public QObject {
    Q_OBJECT
private slots:
    void comesHomeAndAgreesWithTheLogReader_data();
    void comesHomeAndAgreesWithTheLogReader();
    void sameSeedSameFlight();
    void packKeepsItsEnergyBooks();
    void identitiesOfTheWing();
    void hoverFollowsMomentumTheory();
    void sensorScaleShowsInTheLogOnly();
    void loiterEndsAtTheWantedVoltage();
    void demoScenarioIsWhatItSays();
};

void SimulatedFlightTest::comesHomeAndAgreesWithTheLogReader_data() {
    QTest::addColumn<bool>("wing");
    QTest::addColumn<int>("kind");
    QTest::addColumn<double>("wind_mps");
    using Kind = sim::SimulatedMission::Kind;
    QTest::newRow("wing out and back, calm") << true << int(Kind::out_and_back) << 0.0;
    QTest::newRow("wing out and back, windy") << true << int(Kind::out_and_back) << 8.0;
    QTest::newRow("wing around a route") << true << int(Kind::route) << 4.0;
    QTest::newRow("multirotor out and back") << false << int(Kind::out_and_back) << 3.0;
    QTest::newRow("multirotor in circles") << false << int(Kind::loiter) << 3.0;
}

void SimulatedFlightTest::comesHomeAndAgreesWithTheLogReader() {
    QFETCH(bool, wing);
    QFETCH(int, kind);
    QFETCH(double, wind_mps);
    sim::Scenario scenario = calm(wing);
    scenario.mission.kind = sim::SimulatedMission::Kind(kind);
    scenario.mission.distance_m = 2500.0;
    scenario.mission.loiter_s = 400.0;
    scenario.mission.route = {{-1500, 500}, {-1800, 1900}, {300, 1500}};
    scenario.weather.wind_mps = wind_mps;
    scenario.weather.wind_from_deg = 300.0;
    const auto flight = sim::simulate(scenario);
    QVERIFY(flight.truth.came_home);

    const auto s = read_back(flight);
    // Way: chords of 20 m against 1.2 m of scatter and circles of 120 m, 2 %. Charge and energy: the sensors' noise
    // averages out over thousands of rows, 1 %.
    VERIFY_NEAR(s.distance.ground_m->value, flight.truth.ground_m, 0.02 * flight.truth.ground_m);
    VERIFY_NEAR(s.distance.farthest_from_home_m->value, flight.truth.farthest_m, 6.0);
    VERIFY_NEAR(s.energy.charge_ah->value, flight.truth.charge_ah, 0.01 * flight.truth.charge_ah);
    VERIFY_NEAR(s.energy.energy_wh->value, flight.truth.energy_wh, 0.01 * flight.truth.energy_wh);
    VERIFY_NEAR(s.duration_s, flight.truth.duration_s, 0.3);
}

void SimulatedFlightTest::sameSeedSameFlight() {
    sim::Scenario scenario = calm(true);
    scenario.mission.distance_m = 1000.0;
    const auto first = sim::simulate(scenario);
    const auto second = sim::simulate(scenario);
    QCOMPARE(first.truth.energy_wh, second.truth.energy_wh);
    scenario.seed = 2;
    QVERIFY(sim::simulate(scenario).truth.energy_wh != first.truth.energy_wh);
}

void SimulatedFlightTest::packKeepsItsEnergyBooks() {
    sim::SimulatedPack pack(sim::SimulatedPackSpec{}, 23.0);
    double given_wh = 0.0;
    for (int i = 0; i < 6000; ++i) {
        const auto out = pack.step(40.0, 0.1);
        given_wh += out.voltage_v * out.current_a * 0.1 / 3600.0;
    }
    VERIFY_NEAR(given_wh, 40.0 / 6.0, 1e-6);
    VERIFY_NEAR(pack.energy_given_wh(), given_wh, 1e-9);
}

void SimulatedFlightTest::identitiesOfTheWing() {
    // Anderson, Introduction to Flight, ch. 6: speeds of least power and of least drag are 3^¼ apart.
    sim::SimulatedAircraft wing;
    wing.electronics_w = 0.0;
    double least_power = 1e9, least_drag = 1e9, slow = 0.0, fast = 0.0;
    for (double V = 6.0; V < 25.0; V += 0.005) {
        const double power = sim::flight_power_w(wing, 1.3, 1.225, V, 0.0);
        if (power < least_power) {
            least_power = power;
            slow = V;
        }
        if (power / V < least_drag) {
            least_drag = power / V;
            fast = V;
        }
    }
    VERIFY_NEAR(fast / slow, std::pow(3.0, 0.25), 0.003);
}

void SimulatedFlightTest::hoverFollowsMomentumTheory() {
    // Leishman, Principles of Helicopter Aerodynamics, ch. 2: P = T^1.5/√(2ρA)/FM in hover.
    sim::SimulatedAircraft rotor;
    rotor.wing = false;
    rotor.electronics_w = 0.0;
    rotor.profile_power_w = 0.0;
    const double disc = 4.0 * 3.14159265358979 * 0.25 * rotor.rotor_diameter_m * rotor.rotor_diameter_m;
    const double ideal = std::pow(1.2 * 9.80665, 1.5) / std::sqrt(2.0 * 1.225 * disc);
    VERIFY_NEAR(sim::flight_power_w(rotor, 1.2, 1.225, 1e-6, 0.0),
                ideal / rotor.figure_of_merit / rotor.motor_efficiency, 1e-3 * ideal);
}

void SimulatedFlightTest::sensorScaleShowsInTheLogOnly() {
    sim::Scenario scenario = calm(true);
    scenario.mission.distance_m = 1500.0;
    scenario.sensors.current_scale = 1.2;
    const auto flight = sim::simulate(scenario);
    VERIFY_NEAR(read_back(flight).energy.charge_ah->value / flight.truth.charge_ah, 1.2, 0.02);
}

void SimulatedFlightTest::loiterEndsAtTheWantedVoltage() {
    sim::Scenario scenario = calm(false);
    scenario.mission.kind = sim::SimulatedMission::Kind::loiter;
    scenario.mission.loiter_s = 5400.0;
    scenario.mission.home_at_cell_v = 3.5;
    const auto flight = sim::simulate(scenario);
    QVERIFY(flight.truth.came_home);
    VERIFY_NEAR(flight.truth.lowest_voltage_v / scenario.pack.series, 3.5, 0.06);
    // The classic mistake: landed at a LiPo's volts, a Li-ion pack rests with much in it.
    QVERIFY(flight.truth.charge_ah < 0.7 * scenario.pack.cell_capacity_ah);
}

void SimulatedFlightTest::demoScenarioIsWhatItSays() {
    const auto text = io::read_text_file(std::string(SOURCE_DIR) + "/data/demo/scenario.json");
    QVERIFY(text.has_value());
    const auto scenarios = sim::scenarios_from_json(*text);
    QVERIFY(scenarios.size() >= 6);
    for (const auto& scenario : scenarios) {
        const auto log = io::read_csv_log(std::string(DEMO_DIR) + "/" + scenario.name + ".csv");
        QVERIFY2(log.has_value(), scenario.name.c_str());
        const auto clean = telemetry::clean(*log);
        QVERIFY(clean.has_value());
        // What the sun carried used nothing of its pack.
        QCOMPARE(telemetry::summarise(*clean)->energy_wh_per_m.has_value(), scenario.array.area_m2 == 0.0);
    }
}

SOBREMESA_TEST(SimulatedFlightTest)
#include "tst_simulated_flight.moc"
