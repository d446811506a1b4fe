// What must hold of any plan: what makes a flight harder never turns it later.

#include <QTest>

#include <random>

#include "core/mission/plan.hpp"
#include "support/planned.hpp"
#include "support/test_program.hpp"
#include "support/thorough.hpp"
#include "support/walk.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::Random;

namespace {

/// How much later, as a share, a turn may come out by the steps of the numbers alone.
constexpr double rounding = 2e-4;

struct Harder {
    const char* name;
    void (*apply)(PlanRequest&);
};

const Harder harder[] = {
    {"more mass", [](PlanRequest& r) { r.pack.mass_kg += 0.15; }},
    {"more wind against the way home", [](PlanRequest& r) { r.weather.wind.speed_mps += 1.0; }},
    {"more gusts", [](PlanRequest& r) { *r.weather.gust_mps += 3.0; }},
    {"a forecast that is less sure", [](PlanRequest& r) { r.weather.wind_sd_mps += 0.4; }},
    {"a wind that grows against the way home", [](PlanRequest& r) { r.weather.wind_growth_mps_per_h += 2.0; }},
    {"a worse worst wind", [](PlanRequest& r) { r.weather.home_wind_factor += 0.1; }},
    {"an older pack", [](PlanRequest& r) { r.pack.capacity_factor *= 0.95; }},
    {"a larger reserve", [](PlanRequest& r) { std::get<ShareOfUsable>(r.reserve).share += 0.05; }},
    {"a landing at more volts", [](PlanRequest& r) { *r.landing_cell_v += 0.05; }},
    {"a dearer cruise", [](PlanRequest& r) { r.aircraft.cruise_power_w *= 1.05; }},
};

} // namespace

class PlanPropertiesTest : public QObject {
    Q_OBJECT
private slots:
    void harderNeverTurnsLater_data();
    void harderNeverTurnsLater();
};

void PlanPropertiesTest::harderNeverTurnsLater_data() {
    QTest::addColumn<int>("which");
    for (int i = 0; i < int(std::size(harder)); ++i) QTest::newRow(harder[i].name) << i;
}

void PlanPropertiesTest::harderNeverTurnsLater() {
    QFETCH(int, which);
    Random random(std::uint64_t(4000 + which));
    int compared = 0;
    const int plans = tests::tries(200, 2000);
    for (int i = 0; i < plans; ++i) {
        PlanRequest request = tests::random_request(random, false);
        request.weather.wind_table.clear();
        request.weather.wind_growth_mps_per_h = std::max(request.weather.wind_growth_mps_per_h, 0.0);
        // The wind comes from where the return leads to, give or take.
        request.weather.wind.from_deg =
            std::fmod(request.mission.bearing_deg + 180.0 + random.between(-30.0, 30.0) + 360.0, 360.0);
        request.weather.wind.speed_mps = random.between(1.0, 0.35 * request.aircraft.cruise_airspeed_mps);
        request.aircraft.cruise_all_up_mass_kg = request.aircraft.mass_kg + request.pack.mass_kg;
        request.turn.counted =
            i % 4 != 0 ? std::vector{TurnRule::energy_home} : std::vector{TurnRule::energy_home, TurnRule::chance};
        const Plan easy = tests::planned(request);
        harder[which].apply(request);
        const Plan hard = tests::planned(request);
        if (!hard.turn) continue;
        QVERIFY2(easy.turn.has_value(), qPrintable(QString::number(i)));
        const double before_m = easy.turn->distance_m.value;
        const double after_m = hard.turn->distance_m.value;
        // The chance's turn is found to two thousandths of a standard deviation.
        const bool by_chance = easy.turn->turn_rule == TurnRule::chance || hard.turn->turn_rule == TurnRule::chance;
        const double steps_m = by_chance ? 5e-3 * before_m : 1.0;
        QVERIFY2(after_m <= before_m * (1.0 + rounding) + steps_m,
                 qPrintable(QStringLiteral("%1: %2 m, then %3 m").arg(i).arg(before_m).arg(after_m)));
        ++compared;
    }
    QVERIFY2(compared > plans * 3 / 4, qPrintable(QString::number(compared)));
}

SOBREMESA_TEST(PlanPropertiesTest)
#include "tst_plan_properties.moc"
