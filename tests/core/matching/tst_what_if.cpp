// What a change does to power, endurance and range, and what headroom a pack leaves; against what practitioners
// report.

#include <QTest>

#include "core/airframe/known_cruise.hpp"
#include "core/learning/curve_fit.hpp"
#include "core/matching/headroom.hpp"
#include "core/matching/sun_day.hpp"
#include "core/matching/what_if.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/reach.hpp"
#include "core/units/constants.hpp"
#include "support/compare.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

namespace {

airframe::Aircraft quad(double mass_kg, double propeller_m) {
    airframe::Aircraft aircraft;
    aircraft.craft = airframe::Craft::rotor;
    aircraft.mass_kg = mass_kg;
    aircraft.cruise_airspeed_mps = 50.0 / 3.6;
    aircraft.cruise_power_w = 230.0;
    aircraft.rotor = {4.0, propeller_m};
    aircraft.full_power_w = 1500.0;
    return aircraft;
}

matching::FlownAs flown(const battery::Pack& pack, double landing_v) {
    matching::FlownAs as;
    as.pack = pack;
    as.landing_cell_v = landing_v;
    return as;
}

battery::Pack li_ion(int series, int parallel, double cell_ah, double mass_kg) {
    battery::Pack pack;
    pack.series = series;
    pack.parallel = parallel;
    pack.cell_capacity_ah = cell_ah;
    pack.mass_kg = mass_kg;
    return pack;
}

} // namespace

class WhatIfTest : public QObject {
    Q_OBJECT
private slots:
    void askedInThePlansWind();
    void aBiggerPackAsFlown();
    void smallerPropellersAsFlown();
    void nothingChangedIsTheSame();
    void theCameraOffHelps();
    void highAndHotTakesAWingFaster();
    void aLargerWingStallsLater();
    void aChangedPlanDrawsWhatTheChangeSays();
    void anotherArrayIsTheDaysOwnChange();
    void aRatioKnowsWhatItScaled();
    void headroomFallsWithTheVolts();
    void aWeakPackRunsOutOfClimbFirst();
    void theThrottleCapKeepsTheLimit();
    void aLaunchClimbsOnWhatIsBeyondLevelFlight();
    void withoutFullPowerThereIsNoHeadroom();
};

void WhatIfTest::askedInThePlansWind() {
    auto request = tests::sample_request();
    request.mission.bearing_deg = 270.0;
    auto as = matching::flown_as(request);
    VERIFY_NEAR(as.head_wind_mps, 4.0, 1e-9);
    VERIFY_NEAR(as.cross_wind_mps, 0.0, 1e-9);
    // What blows at the mission's height, not what the forecast said for another.
    request.weather.wind_height_m = 10.0;
    as = matching::flown_as(request);
    VERIFY_NEAR(as.head_wind_mps, 4.0 * std::pow(9.0, request.weather.wind_exponent), 1e-9);
    request.weather.wind_table = {{0.0, {0.0, 0.0}}, {180.0, {6.0, 90.0}}};
    as = matching::flown_as(request);
    VERIFY_NEAR(as.head_wind_mps, -3.0, 1e-9);
}

void WhatIfTest::aBiggerPackAsFlown() {
    // Common practice, no source: a 7-inch quad of 1285 g with a 6S2P of 2.8 Ah cells flew just over 24 min at
    // about 50 km/h, with a 6S2P of 4.2 Ah cells (1570 g) 31 min 20 s. Within 15 %.
    const battery::Pack small = li_ion(6, 2, 2.8, 0.585);
    const battery::Pack large = li_ion(6, 2, 4.2, 0.870);
    const auto aircraft = quad(0.7, 0.178);
    const auto fit = learning::fit_curve(aircraft, 1.285, {});
    const auto time_with = [&](const battery::Pack& pack) {
        const double mass = aircraft.mass_kg + pack.mass_kg;
        const auto power = airframe::level_power_w(fit->curve, aircraft.cruise_airspeed_mps, mass, 1.225);
        const battery::PackModel model(pack);
        return battery::discharge_at_power(model, model.atStart(20.0), power.value, {2.8, 1e9, 1}).last().time_s;
    };
    VERIFY_NEAR(time_with(large) / time_with(small), 31.33 / 24.2, 0.15 * 31.33 / 24.2);
}

void WhatIfTest::smallerPropellersAsFlown() {
    // Common practice, no source: the same 4S 3 Ah pack lasted 13 min 45 s on a 3-inch quad of 388 g and 22 min 17
    // s on a 5-inch of 409 g; the disc areas stand as 2.78. In slow flight nearly all power holds the aircraft up.
    auto aircraft = quad(0.208, 0.127);
    aircraft.cruise_airspeed_mps = 4.0;
    aircraft.cruise_power_w = 110.0;
    aircraft.cruise_all_up_mass_kg = 0.409;
    const battery::Pack pack = li_ion(4, 1, 3.0, 0.201);
    const auto fit = learning::fit_curve(aircraft, 0.409, {});
    matching::Change change;
    change.propeller_diameter_m = 0.127 / std::sqrt(2.78);
    change.extra_mass_kg = 0.388 - 0.409;
    const auto five = matching::outcome_of(aircraft, fit->curve, flown(pack, 3.0));
    const auto three = matching::outcome_of(aircraft, fit->curve, flown(pack, 3.0), change);
    const double as_flown = (22.0 + 17.0 / 60.0) / 13.75;
    VERIFY_NEAR(three->cruise_power_w.value / five->cruise_power_w.value, as_flown, 0.15 * as_flown);
}

void WhatIfTest::nothingChangedIsTheSame() {
    const auto aircraft = quad(0.7, 0.178);
    const auto fit = learning::fit_curve(aircraft, 1.285, {});
    const battery::Pack pack = li_ion(6, 2, 2.8, 0.585);
    const auto before = matching::outcome_of(aircraft, fit->curve, flown(pack, 2.8));
    const auto after = matching::outcome_of(aircraft, fit->curve, flown(pack, 2.8), {});
    QCOMPARE(after->endurance_s.value, before->endurance_s.value);
    QCOMPARE(after->range_m->value, before->range_m->value);
    matching::Change same;
    same.pack_mass_kg = pack.mass_kg;
    same.propeller_diameter_m = 0.178;
    same.rotors = 4.0;
    VERIFY_NEAR(matching::outcome_of(aircraft, fit->curve, flown(pack, 2.8), same)->cruise_power_w.value,
                before->cruise_power_w.value, 1e-9);
}

void WhatIfTest::theCameraOffHelps() {
    const auto aircraft = quad(0.7, 0.178);
    const auto fit = learning::fit_curve(aircraft, 1.285, {});
    const battery::Pack pack = li_ion(6, 2, 2.8, 0.585);
    matching::Change off;
    off.extra_mass_kg = -0.12;
    off.extra_electronics_w = -3.0;
    const auto before = matching::outcome_of(aircraft, fit->curve, flown(pack, 2.8));
    const auto after = matching::outcome_of(aircraft, fit->curve, flown(pack, 2.8), off);
    QVERIFY(after->cruise_power_w.value < before->cruise_power_w.value - 3.0);
    QVERIFY(after->endurance_s.value > before->endurance_s.value);
    QVERIFY(after->range_m->value > before->range_m->value);
    // No more than there is.
    off.extra_mass_kg = -0.7;
    const auto nothing = matching::outcome_of(aircraft, fit->curve, flown(pack, 2.8), off);
    QVERIFY(!nothing);
    QCOMPARE(nothing.error().where.field, std::string("extra_mass_kg"));
}

void WhatIfTest::highAndHotTakesAWingFaster() {
    airframe::Aircraft wing;
    wing.craft = airframe::Craft::wing;
    wing.mass_kg = 1.0;
    wing.cruise_airspeed_mps = 15.0;
    wing.cruise_power_w = 60.0;
    wing.wing.area_m2 = 0.6; // so that the stall is out of the way
    const auto fit = learning::fit_curve(wing, 1.5, {});
    const battery::Pack pack = li_ion(4, 2, 3.0, 0.4);
    matching::Change up;
    up.height_m = 2500.0;
    const auto low = matching::outcome_of(wing, fit->curve, flown(pack, 2.8));
    const auto high = matching::outcome_of(wing, fit->curve, flown(pack, 2.8), up);
    QVERIFY(high->density_kgm3 < 0.85 * low->density_kgm3);
    // The speeds of a wing go as one over the root of the density.
    VERIFY_NEAR(high->speeds.endurance->airspeed_mps.value / low->speeds.endurance->airspeed_mps.value,
                std::sqrt(low->density_kgm3 / high->density_kgm3), 2e-3);
}

void WhatIfTest::aLargerWingStallsLater() {
    airframe::Aircraft wing;
    wing.craft = airframe::Craft::wing;
    wing.mass_kg = 1.0;
    wing.cruise_airspeed_mps = 15.0;
    wing.cruise_power_w = 60.0;
    wing.wing.area_m2 = 0.25;
    const auto fit = learning::fit_curve(wing, 1.5, {});
    const battery::Pack pack = li_ion(4, 2, 3.0, 0.4);
    matching::Change larger;
    larger.wing_area_m2 = 0.36;
    const auto before = matching::outcome_of(wing, fit->curve, flown(pack, 2.8));
    const auto after = matching::outcome_of(wing, fit->curve, flown(pack, 2.8), larger);
    VERIFY_NEAR(*after->speeds.stall_mps / *before->speeds.stall_mps, std::sqrt(0.25 / 0.36), 1e-9);
    QVERIFY(after->cruise_power_w.value > before->cruise_power_w.value);
}

void WhatIfTest::aChangedPlanDrawsWhatTheChangeSays() {
    // Two ways to one figure: the table of before and after, and a plan with the change in it.
    auto request = tests::sample_request();
    request.mission.speed_out = request.mission.speed_home = mission::SpeedRule::known_cruise;
    auto aircraft = quad(0.7, 0.178);
    aircraft.cruise_power_w = 230.0;
    request.aircraft = aircraft;
    request.pack = li_ion(6, 2, 2.8, 0.585);
    const auto fit = learning::fit_curve(aircraft, 1.285, {});
    const auto as = matching::flown_as(request);
    matching::Change light;
    light.extra_mass_kg = -0.1;
    light.extra_electronics_w = -2.0;
    matching::Change small;
    small.propeller_diameter_m = 0.12;
    small.pack_mass_kg = 0.7;
    matching::Change high;
    high.height_m = 400.0;
    high.temperature_c = 30.0;
    for (const auto& change : {matching::Change{}, light, small, high}) {
        const auto outcome = matching::outcome_of(aircraft, fit->curve, as, change);
        const auto changed = matching::changed_request(request, aircraft, fit->curve, change);
        const auto plan = mission::make_plan(changed);
        QVERIFY(outcome && plan);
        VERIFY_NEAR(plan->conditions.cruise_power_w.value, outcome->cruise_power_w.value,
                    1e-3 * outcome->cruise_power_w.value);
    }
    // Lighter reaches farther, on every bearing.
    const auto before = mission::reach(matching::changed_request(request, aircraft, fit->curve), 24);
    const auto after = mission::reach(matching::changed_request(request, aircraft, fit->curve, light), 24);
    for (std::size_t i = 0; i < before->points.size(); ++i)
        QVERIFY(after->points[i].distance_m.value > before->points[i].distance_m.value);
}

void WhatIfTest::anotherArrayIsTheDaysOwnChange() {
    auto request = tests::sample_request();
    request.aircraft.craft = airframe::Craft::wing;
    request.aircraft.array.emplace();
    request.aircraft.array->cells_series = 24;
    request.aircraft.array->cell_area_m2 = 0.0125;
    request.aircraft.array->efficiency = 0.22;
    request.aircraft.array->mass_kg = 0.24;
    request.aircraft.array->cell_isc_a = 5.1;
    request.aircraft.converter = sun::Converter{sun::ConverterKind::either, 0.9, {}, {}};
    const double mass_kg = request.aircraft.mass_kg;
    const auto curve = airframe::curve_of_known_cruise(request.aircraft, mission::all_up_mass_kg(request));
    matching::Change change;
    change.cell_area_m2 = 1.1 * 0.0125;
    const auto larger = matching::changed_request(request, request.aircraft, curve, change);
    VERIFY_NEAR(larger.aircraft.array->cell_area_m2, 0.01375, 1e-12);
    VERIFY_NEAR(*larger.aircraft.array->cell_isc_a, 5.61, 1e-12);
    VERIFY_NEAR(larger.aircraft.mass_kg, mass_kg + 0.024, 1e-12);
    VERIFY_NEAR(*larger.aircraft.array->mass_kg, 0.264, 1e-12);
    // The list of what would help says the same of its 10 %, worked out by a way of its own.
    matching::SunQuestion question;
    question.at = {42.6, -5.0};
    question.day_utc_s = 1782000000.0; // 2026-06-21
    const auto before = matching::sun_day(matching::changed_request(request, request.aircraft, curve), question);
    const auto after = matching::sun_day(larger, question);
    QVERIFY(before && after);
    const auto& said = before->changes.front();
    QVERIFY(said.kind == matching::SunChange::Kind::more_area && said.noon_array_w > 1.0);
    VERIFY_NEAR(after->noon.array_w - before->noon.array_w, said.noon_array_w, 1e-6 + 0.002 * said.noon_array_w);
    VERIFY_NEAR(after->sustained_s - before->sustained_s, said.sustained_s, 61.0);
    // Half the cells in series are half the area; the converter makes the volts.
    change = {};
    change.cells_series = 12.0;
    change.converter_efficiency = 0.8;
    const auto fewer = matching::changed_request(request, request.aircraft, curve, change);
    QCOMPARE(fewer.aircraft.array->cells_series, 12);
    VERIFY_NEAR(fewer.aircraft.mass_kg, mass_kg - 0.12, 1e-12);
    VERIFY_NEAR(*fewer.aircraft.converter->efficiency, 0.8, 1e-12);
    const auto with_fewer = matching::sun_day(fewer, question);
    QVERIFY(with_fewer);
    VERIFY_NEAR(with_fewer->noon.array_w / before->noon.array_w, 0.5 * 0.8 / 0.9, 0.01);
}

void WhatIfTest::aRatioKnowsWhatItScaled() {
    const auto same = matching::ratio({60.0, 6.0}, {60.0, 6.0});
    QCOMPARE(same.value, 1.0);
    QCOMPARE(same.sd, 0.0);
    VERIFY_NEAR(matching::ratio({90.0, 9.0}, {60.0, 6.0}).sd, 0.05, 1e-12);
}

void WhatIfTest::headroomFallsWithTheVolts() {
    const auto aircraft = quad(0.7, 0.178);
    const auto room = matching::headroom(aircraft, li_ion(6, 2, 2.8, 0.585), 220.0, 500.0, 2.8, 20.0);
    QVERIFY(room.has_value());
    for (std::size_t i = 1; i < room->points.size(); ++i) {
        QVERIFY(room->points[i].full_power_w <= room->points[i - 1].full_power_w + 1e-6);
        QVERIFY(room->points[i].charge_used_ah > room->points[i - 1].charge_used_ah);
    }
    // On a full pack full throttle is what the pilot measured, as far as the pack can give it.
    QVERIFY(room->points.front().full_power_w <= *aircraft.full_power_w + 1e-6);
}

void WhatIfTest::aWeakPackRunsOutOfClimbFirst() {
    auto aircraft = quad(0.7, 0.178);
    aircraft.full_power_w = 900.0;
    battery::Pack weak = li_ion(6, 1, 3.0, 0.3);
    weak.cell_resistance_ohm = 0.045;
    const auto room = matching::headroom(aircraft, weak, 220.0, 420.0, 2.8, 5.0);
    QVERIFY(room.has_value());
    QVERIFY(room->climb_ends.has_value());
    if (room->level_ends) QVERIFY(room->level_ends->charge_used_ah > room->climb_ends->charge_used_ah);
    // Cold makes it earlier.
    const auto warm = matching::headroom(aircraft, weak, 220.0, 420.0, 2.8, 30.0);
    QVERIFY(!warm->climb_ends || warm->climb_ends->charge_used_ah > room->climb_ends->charge_used_ah);
}

void WhatIfTest::theThrottleCapKeepsTheLimit() {
    auto aircraft = quad(0.7, 0.178);
    aircraft.full_power_w = 900.0;
    battery::Pack pack = li_ion(6, 4, 3.0, 1.0);
    QVERIFY(!matching::headroom(aircraft, pack, 220.0, 400.0, 2.8, 20.0)->throttle_cap.has_value());
    aircraft.controller_current_a = 20.0;
    const auto room = matching::headroom(aircraft, pack, 220.0, 400.0, 2.8, 20.0);
    QVERIFY(room->throttle_cap.has_value());
    // (duty·V)² makes the motors' current: at the cap it is the limit again.
    const battery::PackModel model(pack);
    const auto full = model.atPower(model.atStart(20.0), 900.0);
    VERIFY_NEAR(std::pow(*room->throttle_cap, 2) * 900.0 / full->voltage_v, 20.0, 1e-6);
    // The motors' own rating counts where it is the lesser.
    aircraft.motor_current_a = 12.0;
    VERIFY_NEAR(std::pow(*matching::headroom(aircraft, pack, 220.0, 400.0, 2.8, 20.0)->throttle_cap, 2) * 900.0 /
                    full->voltage_v,
                12.0, 1e-6);
    aircraft.motor_current_a.reset();
    // It comes off where full throttle draws no more than the limit by itself: volts lower by the cap.
    aircraft.controller_current_a = 33.0;
    const auto near = matching::headroom(aircraft, pack, 220.0, 400.0, 2.8, 20.0);
    QVERIFY(near->throttle_cap && near->cap_ends && near->cap_ends->time_s > 60.0);
    VERIFY_NEAR(near->cap_ends->full_power_w / (full->voltage_v * *near->throttle_cap), 33.0, 1e-6);
    QVERIFY(!room->cap_ends || room->cap_ends->time_s > near->cap_ends->time_s);
}

void WhatIfTest::aLaunchClimbsOnWhatIsBeyondLevelFlight() {
    auto aircraft = quad(0.7, 0.178);
    aircraft.full_power_w = 900.0;
    const auto fit = learning::fit_curve(aircraft, 1.285, {});
    const auto as = flown(li_ion(6, 4, 3.0, 0.585), 2.8);
    const auto room = matching::headroom(aircraft, fit->curve, as);
    QVERIFY(room.has_value());
    // 85 % of the throttle is 0.85³ of the power; a metre a second costs m·g over a half.
    const double beyond_w = std::pow(0.85, 3) * room->points.front().full_power_w - room->level_w;
    VERIFY_NEAR(room->launch_climb_mps, beyond_w / ((0.7 + 0.585) * 9.80665 / 0.5), 0.05);
    VERIFY_NEAR(std::sin(units::radians(room->launch_angle_deg)) * aircraft.cruise_airspeed_mps,
                room->launch_climb_mps, 1e-6);
}

void WhatIfTest::withoutFullPowerThereIsNoHeadroom() {
    auto aircraft = quad(0.7, 0.178);
    aircraft.full_power_w.reset();
    QVERIFY(!matching::headroom(aircraft, li_ion(6, 2, 2.8, 0.585), 220.0, 400.0, 2.8, 20.0).has_value());
}

SOBREMESA_TEST(WhatIfTest)
#include "tst_what_if.moc"
