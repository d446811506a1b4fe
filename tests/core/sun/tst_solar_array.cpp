// The array's curve against SciPy, and what a converter makes of it.

#include <QTest>

#include "core/sun/array_ranges.hpp"
#include "core/sun/tracked_power.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using sun::Converter;
using sun::ConverterKind;

namespace {

sun::SolarArray usual() {
    sun::SolarArray array;
    array.cells_series = 36;
    array.cell_area_m2 = 0.0153;
    array.efficiency = 0.225;
    return array;
}

bool is_possible(const sun::SolarArray& array) {
    auto ranges = units::NumberRanges::looking();
    sun::look_at_ranges(ranges, array);
    return !ranges.wrong();
}

/// Older cells, with a series resistance that shows.
sun::SolarArray leaky() {
    sun::SolarArray array;
    array.cells_series = 20;
    array.strings = 3;
    array.cell_area_m2 = 0.008;
    array.efficiency = 0.16;
    array.cell_voc_v = 0.60;
    array.cell_vmp_v = 0.47;
    array.cell_isc_a = 1.08 * 0.16 * 1000.0 * 0.008 / 0.47;
    array.temperature_coefficient_per_k = -0.0045;
    return array;
}

/// What SciPy 1.10 found for one light and temperature: currents at four volts, and volts and power at the maximum.
/// Its parameters come from fsolve on the three conditions, its currents from brentq, its maxima from a bounded
/// search.
struct Row {
    double irradiance, temperature_c;
    struct {
        double v, a;
    } at[4];
    double vmp_v, most_w;
};

// clang-format off
const Row usual_rows[] = {
    {1000, 25, {{12.2400, 6.291106}, {19.5840, 6.164903}, {22.0320, 5.398338}, {23.7456, 2.787218}}, 20.8800, 123.9300},
    {1000, 48, {{12.2400, 6.290619}, {19.5840, 5.794094}, {22.0320, 2.131272}, {23.7456, 0.000000}}, 19.1992, 113.9536},
    {1000, -5, {{12.2400, 6.291323}, {19.5840, 6.262815}, {22.0320, 6.123511}, {23.7456, 5.712325}}, 23.0724, 136.9427},
    {600, 25, {{12.2400, 3.774520}, {19.5840, 3.648439}, {22.0320, 2.882613}, {23.7456, 0.274007}}, 20.2759, 72.0852},
    {600, 48, {{12.2400, 3.774034}, {19.5840, 3.277987}, {22.0320, 0.000000}, {23.7456, 0.000000}}, 18.6437, 66.2824},
    {600, -5, {{12.2400, 3.774737}, {19.5840, 3.746257}, {22.0320, 3.607087}, {23.7456, 3.196297}}, 22.4048, 79.6542},
    {150, 25, {{12.2400, 0.943361}, {19.5840, 0.817417}, {22.0320, 0.052421}, {23.7456, 0.000000}}, 18.6396, 16.4828},
    {150, 48, {{12.2400, 0.942875}, {19.5840, 0.447366}, {22.0320, 0.000000}, {23.7456, 0.000000}}, 17.1391, 15.1560},
    {150, -5, {{12.2400, 0.943578}, {19.5840, 0.915128}, {22.0320, 0.776110}, {23.7456, 0.365765}}, 20.5967, 18.2135},
};
const Row leaky_rows[] = {
    {1000, 25, {{6.0000, 8.818738}, {9.6000, 7.973844}, {10.8000, 5.443188}, {11.6400, 1.923196}}, 9.4000, 76.8000},
    {1000, 48, {{6.0000, 8.809892}, {9.6000, 5.737089}, {10.8000, 0.000000}, {11.6400, 0.000000}}, 8.4271, 68.8512},
    {1000, -5, {{6.0000, 8.822027}, {9.6000, 8.646060}, {10.8000, 8.062591}, {11.6400, 6.927048}}, 10.6690, 87.1680},
    {600, 25, {{6.0000, 5.291241}, {9.6000, 4.760257}, {10.8000, 2.940330}, {11.6400, 0.039345}}, 9.3525, 45.9531},
    {600, 48, {{6.0000, 5.285926}, {9.6000, 3.166060}, {10.8000, 0.000000}, {11.6400, 0.000000}}, 8.3845, 41.1969},
    {600, -5, {{6.0000, 5.293216}, {9.6000, 5.186510}, {10.8000, 4.818146}, {11.6400, 4.044179}}, 10.6151, 52.1567},
    {150, 25, {{6.0000, 1.321853}, {9.6000, 1.012964}, {10.8000, 0.000000}, {11.6400, 0.000000}}, 8.7813, 10.7683},
    {150, 48, {{6.0000, 1.318857}, {9.6000, 0.000000}, {10.8000, 0.000000}, {11.6400, 0.000000}}, 7.8724, 9.6538},
    {150, -5, {{6.0000, 1.322965}, {9.6000, 1.262465}, {10.8000, 1.047565}, {11.6400, 0.567461}}, 9.9668, 12.2220},
};
// clang-format on

sun::PackVolts pack_5s() {
    return {15.0, 18.2, 21.0};
}

} // namespace

class SolarArrayTest : public QObject {
    Q_OBJECT
private slots:
    void scipyFindsTheSameCurve();
    void ratedPointsAreMet();
    void coefficientAndLight();
    void oddCellsHaveACurveToo();
    void theTableIsTheCurve();
    void directIsTheCurveAtThePacksVolts();
    void trackingIsNeverBelowDirect();
    void convertersKeepToTheirSide();
    void outputCurrentLimits();
    void whatDoesNotFitIsSaid();
    void impossibleArraysAreRefused();
};

void SolarArrayTest::scipyFindsTheSameCurve() {
    const auto check = [](const sun::SolarArray& array, const auto& rows) {
        const sun::ArrayCurve curve(array);
        for (const Row& row : rows) {
            for (const auto& point : row.at)
                VERIFY_NEAR(curve.currentA(point.v, row.irradiance, row.temperature_c), point.a, 2e-4);
            const auto most = curve.maximumPower(row.irradiance, row.temperature_c);
            VERIFY_NEAR(most.power_w(), row.most_w, 1e-3);
            VERIFY_NEAR(most.voltage_v, row.vmp_v, 0.01);
        }
    };
    check(usual(), usual_rows);
    check(leaky(), leaky_rows);
}

void SolarArrayTest::ratedPointsAreMet() {
    for (const auto& array : {usual(), leaky()}) {
        const sun::ArrayCurve curve(array);
        VERIFY_NEAR(curve.openCircuitV(1000.0, 25.0), sun::rated_voc_v(array), 1e-6);
        VERIFY_NEAR(curve.maximumPower(1000.0, 25.0).power_w(), sun::rated_power_w(array), 1e-4);
        VERIFY_NEAR(curve.maximumPower(1000.0, 25.0).voltage_v, sun::rated_vmp_v(array), 1e-3);
        QCOMPARE(curve.currentA(sun::rated_voc_v(array) + 0.01, 1000.0, 25.0), 0.0);
        QCOMPARE(curve.openCircuitV(0.0, 25.0), 0.0);
        QCOMPARE(curve.currentA(0.0, 0.0, 25.0), 0.0);
    }
    VERIFY_NEAR(sun::rated_power_w(usual()), 36 * 0.0153 * 225.0, 1e-9);
}

void SolarArrayTest::coefficientAndLight() {
    const sun::ArrayCurve curve(usual());
    const double rated = curve.maximumPower(1000.0, 25.0).power_w();
    VERIFY_NEAR(curve.maximumPower(1000.0, 45.0).power_w(), rated * (1.0 - 20.0 * 0.0035), 1e-6);
    double before = -1.0;
    for (double light = 0.0; light <= 1200.0; light += 10.0) {
        const double now = curve.maximumPower(light, 25.0).power_w();
        QVERIFY(now > before || (now == 0.0 && before <= 0.0));
        // A little less than in proportion: the volts fall with the light.
        QVERIFY(light >= 1000.0 || now <= rated * light / 1000.0 + 1e-9);
        before = now;
    }
    QCOMPARE(curve.maximumPower(0.0, 25.0).power_w(), 0.0);
    // Faiman 2008: 1000 W/m² at 12 m/s is 9.3 K.
    VERIFY_NEAR(sun::cell_temperature_c(20.0, 1000.0, 12.0), 20.0 + 1000.0 / (25.0 + 6.84 * 12.0), 1e-12);
}

void SolarArrayTest::oddCellsHaveACurveToo() {
    // Points that no series resistance joins: the curve still goes through them, and has one maximum near them.
    sun::SolarArray sharp = usual();
    sharp.cell_vmp_v = 0.62;
    QVERIFY(is_possible(sharp));
    const sun::ArrayCurve curve(sharp);
    const double imp_a = 0.225 * 1000.0 * 0.0153 / 0.62;
    VERIFY_NEAR(curve.currentA(36 * 0.62, 1000.0, 25.0), imp_a, 1e-6);
    VERIFY_NEAR(curve.openCircuitV(1000.0, 25.0), 36 * 0.68, 1e-6);
    QVERIFY(curve.maximumPower(1000.0, 25.0).power_w() >= sun::rated_power_w(sharp) - 1e-9);
    QVERIFY(curve.maximumPower(1000.0, 25.0).power_w() < 1.03 * sun::rated_power_w(sharp));
    // Anything that passes the check gives numbers.
    for (double voc = 0.3; voc < 5.0; voc *= 1.7) {
        for (const double vmp : {0.55, 0.7, 0.85, 0.95}) {
            for (const double isc : {1.01, 1.06, 1.4}) {
                sun::SolarArray array = usual();
                array.cell_voc_v = voc;
                array.cell_vmp_v = vmp * voc;
                array.cell_isc_a = isc * 0.225 * 1000.0 * 0.0153 / (vmp * voc);
                QVERIFY(is_possible(array));
                const sun::ArrayCurve odd(array);
                const auto most = odd.maximumPower(700.0, 40.0);
                QVERIFY(std::isfinite(most.power_w()) && most.power_w() > 0.0);
                double best = 0.0;
                for (double share = 0.0; share <= 1.0; share += 0.002) {
                    const double volts = share * 36 * voc;
                    best = std::max(best, volts * odd.currentA(volts, 700.0, 40.0));
                }
                VERIFY_NEAR(most.power_w(), best, 2e-3 * best);
            }
        }
    }
}

void SolarArrayTest::theTableIsTheCurve() {
    for (const auto& array : {usual(), leaky()}) {
        const sun::ArrayCurve curve(array);
        const sun::TrackedPower tracked(array, curve);
        for (double light = 0.5; light < 1300.0; light += 7.3) {
            for (const double temperature_c : {-10.0, 25.0, 61.0}) {
                const auto exact = curve.maximumPower(light, temperature_c);
                const auto table = tracked.at(light, temperature_c);
                VERIFY_NEAR(table.power_w(), exact.power_w(), std::max(1e-3 * exact.power_w(), 0.02));
                if (light > 50.0) VERIFY_NEAR(table.voltage_v, exact.voltage_v, 0.02);
            }
        }
        QCOMPARE(tracked.at(0.0, 25.0).power_w(), 0.0);
    }
}

void SolarArrayTest::directIsTheCurveAtThePacksVolts() {
    const sun::ArrayCurve curve(usual());
    for (const double volts : {15.0, 18.2, 20.5, 24.6}) {
        const auto got = sun::harvest(curve, {}, 800.0, 35.0, volts);
        VERIFY_NEAR(got.power_w, volts * curve.currentA(volts, 800.0, 35.0), 1e-12);
        VERIFY_NEAR(got.array.voltage_v, volts, 1e-12);
    }
}

void SolarArrayTest::trackingIsNeverBelowDirect() {
    const sun::ArrayCurve curve(usual());
    const Converter ideal{ConverterKind::either, 1.0, {}, {}};
    for (double light = 20.0; light <= 1100.0; light += 60.0) {
        for (double volts = 6.0; volts <= 26.0; volts += 0.5)
            QVERIFY(sun::harvest(curve, ideal, light, 30.0, volts).power_w >=
                    sun::harvest(curve, {}, light, 30.0, volts).power_w - 1e-9);
    }
}

void SolarArrayTest::convertersKeepToTheirSide() {
    const sun::ArrayCurve curve(usual());
    const double vmp_v = curve.maximumPower(900.0, 25.0).voltage_v;
    const Converter down{ConverterKind::step_down, 0.9, {}, {}};
    const Converter up{ConverterKind::step_up, 0.9, {}, {}};
    const double tracked = 0.9 * curve.maximumPower(900.0, 25.0).power_w();
    VERIFY_NEAR(sun::harvest(curve, down, 900.0, 25.0, vmp_v - 2.0).power_w, tracked, 1e-9);
    VERIFY_NEAR(sun::harvest(curve, up, 900.0, 25.0, vmp_v + 2.0).power_w, tracked, 1e-9);
    // Beyond their side both only pass the array through at the pack's volts.
    const double above = vmp_v + 1.5;
    VERIFY_NEAR(sun::harvest(curve, down, 900.0, 25.0, above).power_w,
                0.9 * above * curve.currentA(above, 900.0, 25.0), 1e-9);
    QVERIFY(sun::harvest(curve, down, 900.0, 25.0, above).power_w < tracked);
    QVERIFY(sun::harvest(curve, up, 900.0, 25.0, vmp_v - 4.0).power_w < tracked);
    QCOMPARE(sun::harvest(curve, down, 900.0, 25.0, 30.0).power_w, 0.0);
}

void SolarArrayTest::outputCurrentLimits() {
    const sun::ArrayCurve curve(usual());
    const auto got = sun::harvest(curve, {ConverterKind::step_down, 1.0, {}, 3.0}, 1000.0, 25.0, 16.0);
    VERIFY_NEAR(got.power_w, 48.0, 1e-9);
    VERIFY_NEAR(got.limited_w, 36 * 0.0153 * 225.0 - 48.0, 1e-3);
}

void SolarArrayTest::whatDoesNotFitIsSaid() {
    // Common practice: an array of 23.5 V on a 5S pack wants step-down; a step-up cannot serve it.
    sun::SolarArray array = usual();
    array.cells_series = 40;
    const auto wrong = sun::misfit(array, {ConverterKind::step_up, {}, {}, {}}, pack_5s(), 15.0);
    QVERIFY(wrong);
    QCOMPARE(wrong->why, sun::Misfit::array_above_pack);
    QCOMPARE(*wrong->kind_that_fits, ConverterKind::step_down);
    QCOMPARE(wrong->least_series, 1);
    QCOMPARE(wrong->most_series, 31); // 31 × 0.58 = 17.98 V, 32 × 0.58 = 18.56 V
    QVERIFY(!sun::misfit(array, {ConverterKind::step_down, {}, {}, {}}, pack_5s(), 15.0));
    QVERIFY(!sun::misfit(array, {}, pack_5s(), 15.0));
    array.cells_series = 24;
    QVERIFY(!sun::misfit(array, {ConverterKind::step_up, {}, {}, {}}, pack_5s(), 15.0));
    QCOMPARE(sun::misfit(array, {ConverterKind::step_down, {}, {}, {}}, pack_5s(), 15.0)->why,
             sun::Misfit::array_below_pack);
    QCOMPARE(sun::misfit(array, {}, pack_5s(), 15.0)->why, sun::Misfit::array_below_pack);
    // 40 cells stand at 27.2 V open, 28.2 V at 15 °C.
    array.cells_series = 40;
    QVERIFY(!sun::misfit(array, {ConverterKind::step_down, {}, 28.3, {}}, pack_5s(), 15.0));
    const auto volts = sun::misfit(array, {ConverterKind::step_down, {}, 28.0, {}}, pack_5s(), 15.0);
    QVERIFY(volts);
    QCOMPARE(volts->why, sun::Misfit::input_volts_too_high);
    VERIFY_NEAR(volts->array_v, 40 * 0.68 * 1.035, 1e-9);
    // 33 × 0.58 × (1 − 0.0035·20) = 17.8 V, 34 … = 18.3 V.
    QCOMPARE(sun::best_direct_series(array, pack_5s(), 45.0), 34);
}

void SolarArrayTest::impossibleArraysAreRefused() {
    const auto refused = [](auto change) {
        sun::SolarArray array = usual();
        change(array);
        auto ranges = units::NumberRanges::looking();
        sun::look_at_ranges(ranges, array);
        return ranges.wrong() ? ranges.wrong()->where.field : std::string();
    };
    QCOMPARE(refused([](auto& a) { a.efficiency = 1.2; }), std::string("aircraft.array.efficiency"));
    QCOMPARE(refused([](auto& a) { a.cells_series = 0; }), std::string("aircraft.array.cells_series"));
    QCOMPARE(refused([](auto& a) { a.cell_area_m2 = std::nan(""); }), std::string("aircraft.array.cell_area_m2"));
    QCOMPARE(refused([](auto& a) { a.cell_vmp_v = 0.7; }), std::string("aircraft.array.cell_vmp_v"));
    QCOMPARE(refused([](auto& a) { a.cell_isc_a = 1.0; }), std::string("aircraft.array.cell_isc_a"));
    auto ranges = units::NumberRanges::looking();
    sun::look_at_ranges(ranges, Converter{ConverterKind::either, 1.1, {}, {}});
    QCOMPARE(ranges.wrong()->where.field, std::string("aircraft.converter.efficiency"));
    QCOMPARE(sun::converter_word(*sun::converter_from_word("step-down")), "step-down");
    QVERIFY(!sun::converter_from_word("magic"));
}

SOBREMESA_TEST(SolarArrayTest)
#include "tst_solar_array.moc"
