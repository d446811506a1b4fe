#include <QTest>

#include <cmath>

#include "core/battery/health.hpp"
#include "core/battery/landing_rules.hpp"
#include "core/battery/pack_builder.hpp"
#include "core/battery/trend_line.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::battery;

namespace {

std::vector<HealthReading> wearing(double per_cycle, int readings) {
    std::vector<HealthReading> list;
    for (int i = 0; i < readings; ++i) {
        HealthReading reading;
        reading.time_s = 1.7e9 + 86400.0 * 7 * i;
        reading.cycles = 10.0 * i;
        // A charger's scatter, the same every time the test runs.
        reading.full_recharge_ah = 3.0 * (1.0 - per_cycle * reading.cycles) + 0.01 * std::sin(2.0 * i);
        reading.cell_resistance_ohm = {0.020, 0.021, 0.0205, 0.020};
        list.push_back(reading);
    }
    return list;
}

Pack three_amp_hours() {
    Pack pack;
    pack.cell_capacity_ah = 3.0;
    return pack;
}

bool advises(const Health& health, HealthAdvice advice) {
    return std::find(health.advice.begin(), health.advice.end(), advice) != health.advice.end();
}

} // namespace

class BuilderAndHealthTest : public QObject {
    Q_OBJECT
private slots:
    void cellsLieAsTheyAreJoined();
    void massesAndResistancesAddUp();
    void widerThickerBetterStripsStayCooler();
    void theWeakerOfCellsAndStripsLimitsThePack();
    void impossibleBuildsAreRefused();
    void aTrendIsFoundWithItsError();
    void aTrendIsTheTextbooksLine();
    void aPackIsRetiredInTime();
    void theOddCellIsNamed();
    void aFullPackWantsStorage();
    void landingHigherLeavesMore();
    void aWantedPowerEndsBeforeThePack();
    void theBandIsNarrowestInTheMiddle();
};

void BuilderAndHealthTest::massesAndResistancesAddUp() {
    Build build;
    build.cell.resistance_ohm = 0.020;
    const auto made = built(build);
    QVERIFY(made.has_value());
    VERIFY_NEAR(made->pack.mass_kg, made->cells_kg + made->strips_kg + made->leads_kg + made->extras_kg, 1e-12);
    VERIFY_NEAR(made->cells_kg, 8 * 0.047, 1e-12);
    // What "why?" says of the energy by mass, from the label.
    const auto density = explain(build, *made, units::Quantity::energy_density);
    QVERIFY(density);
    VERIFY_NEAR(density->value.value * made->pack.mass_kg, rated_energy_wh(made->pack), 1e-9);
    // A strip from cell to cell by hand: ρ·l/(w·t), five rows of them, two side by side in each.
    const double one_ohm = 6.93e-8 * 1.3 * 0.0185 / (0.008 * 0.00015);
    VERIFY_NEAR(made->strip_resistance_ohm, one_ohm * 5.0 / 2.0, 1e-9);
    VERIFY_NEAR(made->leads_resistance_ohm, 1.68e-8 * 0.24 / 3.3e-6, 1e-9);
    VERIFY_NEAR(resistance_ohm(made->pack), 0.020 * 4 / 2 + made->strip_resistance_ohm + made->leads_resistance_ohm,
                1e-9);
    // As flat as it goes: eight cells side by side.
    VERIFY_NEAR(made->pack.size->length_m, 8 * 0.0185 + 0.002, 1e-9);
    build.columns = 4;
    VERIFY_NEAR(built(build)->pack.size->width_m, 2 * 0.0185 + 0.002, 1e-9);
}

void BuilderAndHealthTest::widerThickerBetterStripsStayCooler() {
    Build build;
    const double before_k = strip_rise_k(build, 10.0);
    build.strip_width_m *= 2.0;
    VERIFY_NEAR(strip_rise_k(build, 10.0), before_k / 4.0, 1e-9); // half the heat, twice the surface
    build.strip_width_m /= 2.0;
    build.strip_layers = 2;
    VERIFY_NEAR(strip_rise_k(build, 10.0), before_k / 2.0, 1e-9);
    build.strip_layers = 1;
    build.strip = StripMaterial::copper;
    QVERIFY(strip_rise_k(build, 10.0) < 0.3 * before_k);
    build.strip = StripMaterial::plated_steel;
    QVERIFY(strip_rise_k(build, 10.0) > 2.0 * before_k);
}

void BuilderAndHealthTest::theWeakerOfCellsAndStripsLimitsThePack() {
    Build build;
    build.cell.rated_current_a = 20.0;
    const auto thin = built(build);
    QVERIFY(thin->strips_current_a < thin->cells_current_a);
    QCOMPARE(continuous_current_a(thin->pack), thin->strips_current_a);
    // At its limit the strip is as warm as it may be.
    VERIFY_NEAR(strip_rise_k(build, thin->strips_current_a / build.parallel), most_strip_rise_k, 1e-9);
    build.strip = StripMaterial::copper;
    build.strip_thickness_m = 0.0003;
    const auto thick = built(build);
    QCOMPARE(continuous_current_a(thick->pack), 40.0);
}

void BuilderAndHealthTest::impossibleBuildsAreRefused() {
    Build build;
    build.strip_width_m = 0.0;
    const auto refused = built(build);
    QVERIFY(!refused.has_value());
    QCOMPARE(refused.error().where.field, std::string("build.strip_width_m"));
    build = {};
    build.cell.mass_kg = -1.0;
    QVERIFY(!built(build).has_value());
}

void BuilderAndHealthTest::aTrendIsFoundWithItsError() {
    const Health fresh = health(three_amp_hours(), wearing(0.001, 3), 1.8e9, std::nullopt, 1.8e9);
    const Health known = health(three_amp_hours(), wearing(0.001, 15), 1.8e9, std::nullopt, 1.8e9);
    QVERIFY(known.capacity.has_value());
    VERIFY_NEAR(known.capacity->per_cycle.value, -0.001, 2.0 * known.capacity->per_cycle.sd);
    QVERIFY(known.capacity->per_cycle.sd < 0.2 * fresh.capacity->per_cycle.sd);
    // At 140 cycles 86 % are left, and 80 % in 60 more.
    VERIFY_NEAR(known.capacity->now.value, 0.86, 0.01);
    VERIFY_NEAR(known.cycles_left->value, 60.0, 2.0 * known.cycles_left->sd);
    QVERIFY(!health(three_amp_hours(), wearing(0.001, 1), 1.8e9, std::nullopt, 1.8e9).capacity);
    QVERIFY(!trend({5.0, 5.0}, {1.0, 0.9}, 0.01));
}

/// F. J. Anscombe, "Graphs in Statistical Analysis", The American Statistician 27 (1973), first set: slope 0.500
/// with a standard error of 0.118, line at x = 5 by its published intercept of 3.00 (from memory; NumPy gives the
/// same).
void BuilderAndHealthTest::aTrendIsTheTextbooksLine() {
    const std::vector<double> x{10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5};
    const std::vector<double> y{8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68};
    const auto line = trend(x, y, 0.01);
    QVERIFY(line);
    VERIFY_NEAR(line->per_cycle.value, 0.5001, 1e-4);
    VERIFY_NEAR(line->per_cycle.sd, 0.1179, 1e-4);
    VERIFY_NEAR(line->now.value, 3.0001 + 5.0 * 0.5001, 1e-3);
    VERIFY_NEAR(line->now.sd, 0.6012, 1e-4);
    // An instrument that is worse than they scatter widens both.
    const auto wider = trend(x, y, 2.0 * 1.2366);
    VERIFY_NEAR(wider->per_cycle.sd, 2.0 * 0.1179, 2e-4);
}

void BuilderAndHealthTest::aPackIsRetiredInTime() {
    QVERIFY(!advises(health(three_amp_hours(), wearing(0.001, 15), 1.8e9, std::nullopt, 1.8e9),
                     HealthAdvice::capacity_low));
    QVERIFY(advises(health(three_amp_hours(), wearing(0.003, 15), 1.8e9, std::nullopt, 1.8e9),
                    HealthAdvice::capacity_low));
    auto stiff = wearing(0.001, 10);
    for (int i = 0; i < 10; ++i) {
        for (double& ohm : stiff[std::size_t(i)].cell_resistance_ohm) ohm *= 1.0 + 0.15 * i;
    }
    QVERIFY(advises(health(three_amp_hours(), stiff, 1.8e9, std::nullopt, 1.8e9), HealthAdvice::resistance_high));
}

void BuilderAndHealthTest::theOddCellIsNamed() {
    auto readings = wearing(0.001, 4);
    QVERIFY(!health(three_amp_hours(), readings, 1.8e9, std::nullopt, 1.8e9).odd_cell);
    readings.back().cell_resistance_ohm[2] = 0.034;
    const Health sick = health(three_amp_hours(), readings, 1.8e9, std::nullopt, 1.8e9);
    QCOMPARE(sick.odd_cell.value(), 2);
    QVERIFY(advises(sick, HealthAdvice::cell_unbalanced));
    readings.back().cell_resistance_ohm.clear();
    readings.back().cell_v = {3.85, 3.86, 3.85, 3.78};
    QCOMPARE(health(three_amp_hours(), readings, 1.8e9, std::nullopt, 1.8e9).odd_cell.value(), 3);
}

void BuilderAndHealthTest::aFullPackWantsStorage() {
    const double now_s = 1.8e9;
    const double day_s = 86400.0;
    QVERIFY(advises(health(three_amp_hours(), {}, now_s, 4.18, now_s - 5 * day_s), HealthAdvice::store_it));
    QVERIFY(advises(health(three_amp_hours(), {}, now_s, 3.0, now_s - 5 * day_s), HealthAdvice::store_it));
    QVERIFY(!advises(health(three_amp_hours(), {}, now_s, 4.18, now_s - day_s), HealthAdvice::store_it));
    QVERIFY(!advises(health(three_amp_hours(), {}, now_s, 3.65, now_s - 50 * day_s), HealthAdvice::store_it));
}

void BuilderAndHealthTest::landingHigherLeavesMore() {
    for (const Chemistry chemistry : {Chemistry::lipo, Chemistry::lipo_hv, Chemistry::li_ion}) {
        Pack described = three_amp_hours();
        described.chemistry = chemistry;
        described.mass_kg = 0.22;
        const PackModel pack(described);
        const auto landings =
            land_by_all_rules(pack, pack.atStart(20.0), {LoadPhase::Kind::power, 45.0, 1e9}, {20.0, true});
        QVERIFY(landings.size() >= 5);
        for (std::size_t i = 1; i < landings.size(); ++i) {
            QVERIFY(landings[i].left_energy_wh <= landings[i - 1].left_energy_wh + 1e-9);
            QVERIFY(landings[i].rested_cell_v <= landings[i - 1].rested_cell_v + 1e-6);
        }
        for (const Landing& landing : landings) {
            if (!landing.rule.at_rest && landing.at && landing.rule.practice != LandingPractice::emergency)
                VERIFY_NEAR(landing.at->voltage_v / 4.0,
                            std::max(landing.rule.cell_v, traits(chemistry).floor_cell_v + 0.05),
                            0.08); // the filter's ten seconds
            QVERIFY(landing.rested_cell_v >= traits(chemistry).floor_cell_v);
        }
    }
    // The rule at rest: after a long rest the volts are those of the rule.
    Pack described = three_amp_hours();
    described.chemistry = Chemistry::lipo;
    const PackModel pack(described);
    const auto rested =
        land_by_all_rules(pack, pack.atStart(20.0), {LoadPhase::Kind::power, 45.0, 1e9}, {20.0, false}).front();
    QVERIFY(rested.rule.at_rest);
    VERIFY_NEAR(rested.rested_cell_v, 3.7, 0.01);
    QVERIFY(rested.at->voltage_v / 4.0 < 3.7);
}

void BuilderAndHealthTest::aWantedPowerEndsBeforeThePack() {
    Pack described = three_amp_hours();
    described.mass_kg = 0.22;
    const PackModel pack(described);
    const auto run = discharge_at_power(pack, pack.atStart(20.0), 40.0, {2.8, 1e9}, {20.0, true});
    const auto peaks = peaks_along(pack, run, 2.8);
    QVERIFY(peaks.front().power_w > 2.0 * peaks.back().power_w);
    const double wanted_w = 0.5 * (peaks.front().power_w + peaks.back().power_w);
    const auto last = last_moment_for(pack, run, wanted_w, 2.8);
    QVERIFY(last.has_value());
    VERIFY_NEAR(pack.peakPowerW(run.state_at(*last), 2.8), wanted_w, 0.01 * wanted_w);
    QVERIFY(!last_moment_for(pack, run, 10.0 * peaks.front().power_w, 2.8));
    QCOMPARE(last_moment_for(pack, run, 1.0, 0.5)->time_s, run.last().time_s);
    // Resting volts after landing rise to the resting curve.
    const auto volts = recovery_cell_v(pack, run.end_state(), {0.0, 60.0, 600.0, 3600.0}, 20.0);
    QVERIFY(std::is_sorted(volts.begin(), volts.end()));
    VERIFY_NEAR(volts.back(), pack.restingV(run.end_state()) / 4.0, 0.01);
}

void BuilderAndHealthTest::theBandIsNarrowestInTheMiddle() {
    Pack pack;
    pack.cell_capacity_ah = 2.0;
    const std::vector<HealthReading> readings{
        {0.0, 0.0, 2.00, {0.020, 0.024}, {}}, {1.0, 50.0, 1.91, {0.025, 0.025}, {}}, {2.0, 100.0, 1.80, {}, {}}};
    const auto points = charge_points(pack, readings);
    QCOMPARE(points.size(), std::size_t(3));
    VERIFY_NEAR(points[1].value, 0.955, 1e-12);
    const auto line = *health(pack, readings, 3.0).capacity;
    // At the last reading it is the trend's own "now", value and error.
    VERIFY_NEAR(trend_at(line, points, 100.0).value, line.now.value, 1e-12);
    VERIFY_NEAR(trend_at(line, points, 100.0).sd, line.now.sd, 1e-12);
    // As sure at the first as at the last, surest between, unsure beyond.
    VERIFY_NEAR(trend_at(line, points, 0.0).sd, line.now.sd, 1e-12);
    QVERIFY(trend_at(line, points, 50.0).sd < line.now.sd);
    QVERIFY(trend_at(line, points, 300.0).sd > 2.0 * line.now.sd);
    const auto cells = resistance_points(readings);
    QCOMPARE(cells.size(), std::size_t(2));
    VERIFY_NEAR(cells[0].value, 0.022, 1e-12);
    VERIFY_NEAR(cells[0].half_spread, 0.002, 1e-12);
}

/// By hand: 3S2P in two layers of three. The first row runs to the right, the second comes back.
void BuilderAndHealthTest::cellsLieAsTheyAreJoined() {
    Build build;
    build.series = 3;
    build.parallel = 2;
    build.columns = 3;
    const auto laid = layout(build);
    QCOMPARE(laid.cells.size(), std::size_t(6));
    const double d = build.cell.size.length_m;
    VERIFY_NEAR(laid.cells[1].x_m - laid.cells[0].x_m, d, 1e-12);
    VERIFY_NEAR(laid.cells[3].x_m, laid.cells[2].x_m, 1e-12);
    VERIFY_NEAR(laid.cells[3].y_m - laid.cells[2].y_m, build.cell.size.width_m, 1e-12);
    VERIFY_NEAR(laid.cells[5].x_m, laid.cells[0].x_m, 1e-12);
    const int groups[] = {0, 0, 1, 1, 2, 2};
    for (std::size_t i = 0; i < 6; ++i) {
        QCOMPARE(laid.cells[i].group, groups[i]);
        QCOMPARE(laid.cells[i].positive_up, groups[i] != 1);
    }
    // Three joints within groups, at both ends; two between groups, one above and one below.
    std::vector<std::tuple<std::size_t, std::size_t, bool>> between;
    int within = 0;
    for (const auto& strip : laid.strips) {
        // Neighbours only: no strip runs across another cell.
        VERIFY_NEAR(std::hypot(laid.cells[strip.to].x_m - laid.cells[strip.from].x_m,
                               laid.cells[strip.to].y_m - laid.cells[strip.from].y_m),
                    d, 1e-12);
        if (strip.in_series)
            between.emplace_back(strip.from, strip.to, strip.seen);
        else
            ++within;
        // What is joined has the charge that it should: plus to minus between groups.
        const auto& a = laid.cells[strip.from];
        const auto& b = laid.cells[strip.to];
        QCOMPARE(a.positive_up != b.positive_up, strip.in_series);
        if (strip.in_series) QCOMPARE(strip.seen, a.positive_up);
    }
    QCOMPARE(within, 6);
    QVERIFY((between == std::vector<std::tuple<std::size_t, std::size_t, bool>>{{1, 2, true}, {3, 4, false}}));
    // Every cell lies inside the pack that is said.
    const auto made = built(build);
    QVERIFY(made && made->pack.size == laid.size);
    for (const auto& cell : laid.cells) {
        QVERIFY(cell.x_m > 0.5 * d && cell.x_m < laid.size.length_m - 0.5 * d);
        QVERIFY(cell.y_m > 0.5 * d && cell.y_m < laid.size.width_m - 0.5 * d);
    }
}

SOBREMESA_TEST(BuilderAndHealthTest)
#include "tst_builder_and_health.moc"
