// What an aircraft may hold: every range from both sides.

#include <functional>

#include <QTest>

#include "core/airframe/aircraft.hpp"
#include "support/edges.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::airframe;

namespace {

Aircraft plain_wing() {
    Aircraft aircraft;
    aircraft.craft = Craft::wing;
    aircraft.mass_kg = 1.2;
    aircraft.cruise_airspeed_mps = 14.0;
    aircraft.cruise_power_w = 60.0;
    return aircraft;
}

} // namespace

class PossibleAircraftTest : public QObject {
    Q_OBJECT
private slots:
    void everyRange();
    void partsOfTheElectronics();
};

void PossibleAircraftTest::everyRange() {
    const auto number = [](const char* field, double least, double most,
                           std::function<void(Aircraft&, double)> set) {
        tests::holds_range(field, least, most, [&](double value) {
            Aircraft aircraft = plain_wing();
            set(aircraft, value);
            return validate(aircraft);
        });
    };
    number("aircraft.mass_kg", 0.02, 150, [](Aircraft& a, double v) { a.mass_kg = v; });
    number("aircraft.cruise_airspeed_mps", 1, 120, [](Aircraft& a, double v) { a.cruise_airspeed_mps = v; });
    number("aircraft.cruise_power_w", 0.5, 50000, [](Aircraft& a, double v) { a.cruise_power_w = v; });
    number("aircraft.cruise_all_up_mass_kg", 0.02, 250, [](Aircraft& a, double v) { a.cruise_all_up_mass_kg = v; });
    number("aircraft.cruise_density_kgm3", 0.3, 1.6, [](Aircraft& a, double v) { a.cruise_density_kgm3 = v; });
    // Never more than the whole of the cruise power.
    number("aircraft.electronics_w", 0, 60, [](Aircraft& a, double v) { a.electronics_w = v; });
    number("aircraft.motor_current_a", 0.1, 2000, [](Aircraft& a, double v) { a.motor_current_a = v; });
    number("aircraft.controller_current_a", 0.1, 2000, [](Aircraft& a, double v) { a.controller_current_a = v; });
    number("aircraft.failsafe_signal_dbm", -150, 0, [](Aircraft& a, double v) { a.failsafe_signal_dbm = v; });
    number("aircraft.failsafe_link_share", 0, 1, [](Aircraft& a, double v) { a.failsafe_link_share = v; });
    number("aircraft.most_pack_mass_kg", 0.001, 100, [](Aircraft& a, double v) { a.most_pack_mass_kg = v; });
    number("aircraft.bay_length_m", 0.001, 3, [](Aircraft& a, double v) { a.bay_length_m = v; });
    number("aircraft.bay_width_m", 0.001, 3, [](Aircraft& a, double v) { a.bay_width_m = v; });
    number("aircraft.bay_height_m", 0.001, 3, [](Aircraft& a, double v) { a.bay_height_m = v; });
    number("aircraft.wing.area_m2", 0.005, 30, [](Aircraft& a, double v) { a.wing.area_m2 = v; });
    number("aircraft.wing.span_m", 0.1, 20, [](Aircraft& a, double v) { a.wing.span_m = v; });
    number("aircraft.wing.cl_max", 0.3, 3, [](Aircraft& a, double v) { a.wing.cl_max = v; });
    number("aircraft.rotor.rotors", 1, 16, [](Aircraft& a, double v) { a.rotor.rotors = v; });
    number("aircraft.rotor.propeller_diameter_m", 0.02, 3,
           [](Aircraft& a, double v) { a.rotor.propeller_diameter_m = v; });
    // Never less than the cruise.
    number("aircraft.full_power_w", 60, 200000, [](Aircraft& a, double v) { a.full_power_w = v; });
}

void PossibleAircraftTest::partsOfTheElectronics() {
    const auto with = [](std::vector<ElectronicsPart> parts) {
        Aircraft aircraft = plain_wing();
        aircraft.electronics = std::move(parts);
        return validate(aircraft);
    };
    QVERIFY(with({{"video", 30.0, 0.6}, {"camera", 30.0, 0.6}}));
    // Each and all together: no more than the cruise power, no more than the aircraft's mass.
    QVERIFY(!with({{"video", 30.0, {}}, {"camera", 30.1, {}}}));
    QVERIFY(!with({{"video", 1.0, 0.6}, {"camera", 1.0, 0.61}}));
    QVERIFY(!with({{"video", 1.0, 1.21}}));
    QVERIFY(!with({{"video", 1.0, -0.1}}));
    QVERIFY(!with({{"video", -0.1, {}}}));
    QVERIFY(with({{"video", 0.0, 0.0}}));
    QCOMPARE(with({{"video", 30.0, {}}, {"camera", 30.1, {}}}).error().where.field,
             std::string("aircraft.electronics"));
    QCOMPARE(with({{"video", 1.0, 1.21}}).error().where.field, std::string("aircraft.electronics[0].mass_kg"));
}

SOBREMESA_TEST(PossibleAircraftTest)
#include "tst_possible_aircraft.moc"
