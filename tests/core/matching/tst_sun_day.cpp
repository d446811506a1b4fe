// An aircraft with an array through a day: against a walk by SciPy and astropy, by its books, and by what must
// hold.

#include <map>

#include <QTest>

#include "core/matching/sun_day.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using matching::SunQuestion;
using sun::ConverterKind;

namespace {

/// Midnight of the dates that are asked about, seconds since 1970, UTC (`date -u +%s -d …`).
double midnight(const std::string& date) {
    static const std::map<std::string, double> table = {{"2026-03-20", 1773964800.0}, {"2026-05-02", 1777680000.0},
                                                        {"2026-06-21", 1782000000.0}, {"2026-07-10", 1783641600.0},
                                                        {"2026-09-10", 1788998400.0}, {"2026-11-01", 1793491200.0},
                                                        {"2026-12-21", 1797811200.0}};
    return table.at(date);
}

constexpr geodesy::Position leon{42.61, -5.02};

mission::PlanRequest solar_wing() {
    mission::PlanRequest request;
    auto& a = request.aircraft;
    a.craft = airframe::Craft::wing;
    a.mass_kg = 1.45;
    a.cruise_airspeed_mps = 13.0;
    a.cruise_power_w = 52.0;
    a.electronics_w = 5.0;
    a.wing = {0.62, 2.2, {}};
    a.array = sun::SolarArray{36, 1, 0.0153, 0.225, {}, {}, {}, {}, {}, {}};
    a.converter = sun::Converter{ConverterKind::either, 0.95, {}, {}};
    auto& p = request.pack;
    p.chemistry = battery::Chemistry::li_ion;
    p.series = 5;
    p.parallel = 1;
    p.cell_capacity_ah = 2.7;
    p.mass_kg = 0.25;
    request.weather.temperature_c = 24.0;
    request.mission.kind = mission::MissionKind::endurance;
    request.mission.height_m = 80.0;
    return request;
}

SunQuestion on(const char* date, const geodesy::Position& at = leon, double okta = 0.0) {
    SunQuestion question;
    question.at = at;
    question.day_utc_s = midnight(date);
    question.cloud_okta = okta;
    question.changes = false;
    return question;
}

double array_wh(const matching::SunDayReport& report) {
    double sum = 0.0;
    for (const auto& row : report.rows) sum += row.array_w / 6.0;
    return sum;
}

} // namespace

class SunDayTest : public QObject {
    Q_OBJECT
private slots:
    void aWalkInOtherCodeFindsTheSameDay();
    void energyCloses();
    void symmetricAboutNoonInStillClearAir();
    void polarDayAndNightEquatorAndDateLine();
    void moreIsNeverLess();
    void aMisfitGivesNothingAndSaysWhatWould();
    void aFullPackTakesNoMore();
    void fromFullItLastsAsLongAsThePackMakesUpForTheSun();
    void whatOutlastsTheLookSaysSo();
    void aStartIsKeptTo();
    void cloudShortensWhatThePackSurvives();
    void theReserveIsLeft();
    void smallestArray();
    void changesPointTheRightWay();
    void ordersOfSizeOfPractice();
    void withoutAnArrayItIsOneClearLine();
    void everyFigureSaysWhy();
};

void SunDayTest::aWalkInOtherCodeFindsTheSameDay() {
    // astropy's sun every five minutes, Haurwitz, Kasten & Czeplak, Faiman, the diode by SciPy, 95 %; level flight
    // at 50.667 W: watt-hours of the day, and the seconds at which array and level power cross.
    struct Walked {
        const char* date;
        geodesy::Position at;
        double okta, array_wh, most_w, first_s, second_s;
    };
    const Walked table[] = {{"2026-06-21", leon, 0.0, 997.12, 111.950, 27032, 61996},
                            {"2026-06-21", leon, 5.0, 840.37, 94.467, 28656, 60372},
                            {"2026-06-21", {60.0, 10.0}, 0.0, 956.17, 93.673, 23074, 58744},
                            {"2026-11-01", {-17.8, 179.9}, 2.0, 906.41, 118.112, 14546, 69919}};
    for (const auto& walked : table) {
        const auto report = matching::sun_day(solar_wing(), on(walked.date, walked.at, walked.okta));
        QVERIFY(report);
        VERIFY_NEAR(report->level_w.value, 50.667, 0.001);
        VERIFY_NEAR(array_wh(*report), walked.array_wh, 0.15);
        VERIFY_NEAR(report->noon.array_w, walked.most_w, 0.02);
        const double from = report->question.day_utc_s;
        QVERIFY(!report->sustained.empty());
        // At the date line the day of UTC cuts the sun's own in two.
        const bool cut = report->sustained.size() == 2;
        VERIFY_NEAR((cut ? report->sustained[0].to_utc_s : report->sustained[0].from_utc_s) - from, walked.first_s,
                    6.0);
        VERIFY_NEAR((cut ? report->sustained[1].from_utc_s : report->sustained[0].to_utc_s) - from, walked.second_s,
                    6.0);
    }
}

void SunDayTest::energyCloses() {
    for (const ConverterKind kind : {ConverterKind::direct, ConverterKind::either}) {
        for (const double start_h : {5.0, 9.0, 15.0, 22.0}) {
            auto request = solar_wing();
            request.aircraft.converter->kind = kind;
            SunQuestion question = on("2026-06-21", leon, 3.0);
            question.start_utc_s = question.day_utc_s + 3600.0 * start_h;
            const auto report = matching::sun_day(request, question);
            QVERIFY(report);
            const auto& l = report->flight.ledger;
            const double flowed = std::max(l.array_wh, l.used_wh);
            VERIFY_NEAR(l.to_motor_wh + l.to_pack_wh + l.not_taken_wh, l.array_wh, 1e-3 * flowed);
            VERIFY_NEAR(l.to_motor_wh + l.from_pack_wh, l.used_wh, 1e-3 * flowed);
            // A pack that starts full gives back what went in, less heat, and once what it held: no day puts more
            // in.
            const auto& p = request.pack;
            const double held_wh =
                battery::mean_open_circuit_cell_v(p.chemistry) * p.series * p.cell_capacity_ah * p.parallel;
            const double given_wh = l.from_pack_wh - l.to_pack_wh;
            QVERIFY2(given_wh < held_wh && given_wh > 0.8 * held_wh, qPrintable(QString::number(given_wh)));
            // On the pack alone it lasts as the bench says.
            if (start_h == 22.0)
                VERIFY_NEAR(report->flight.endurance_s.value, report->flight.endurance_without_sun_s, 1.0);
        }
    }
}

void SunDayTest::symmetricAboutNoonInStillClearAir() {
    for (const char* date : {"2026-06-21", "2026-09-10"}) {
        const auto report = matching::sun_day(solar_wing(), on(date, {30.0, 0.0}));
        QVERIFY(report && report->sustained.size() == 1);
        const auto& span = report->sustained.front();
        // The declination moves a little in between.
        VERIFY_NEAR(0.5 * (span.from_utc_s + span.to_utc_s), report->noon.utc_s, 90.0);
    }
}

void SunDayTest::polarDayAndNightEquatorAndDateLine() {
    const auto night = matching::sun_day(solar_wing(), on("2026-12-21", {75.0, 20.0}));
    QVERIFY(night);
    QVERIFY(night->sustained.empty() && night->daylight.empty());
    QCOMPARE(night->noon.array_w, 0.0);
    QCOMPARE(night->flight.ledger.array_wh, 0.0);
    QVERIFY(night->flight.endurance_s.value > 1000.0);
    const auto day = matching::sun_day(solar_wing(), on("2026-06-21", {89.0, 20.0}));
    QVERIFY(day);
    QCOMPARE(day->daylight.size(), std::size_t(1));
    VERIFY_NEAR(day->daylight.front().duration_s(), 86400.0, 1.0);
    const auto equator = matching::sun_day(solar_wing(), on("2026-03-20", {0.0, 0.0}));
    QVERIFY(equator);
    VERIFY_NEAR(equator->noon.elevation_deg, 90.0, 0.3);
    VERIFY_NEAR(equator->daylight.front().duration_s(), 43200.0, 120.0);
    const auto east = matching::sun_day(solar_wing(), on("2026-06-21", {10.0, 179.999}));
    const auto west = matching::sun_day(solar_wing(), on("2026-06-21", {10.0, -179.999}));
    QVERIFY(east && west);
    VERIFY_NEAR(array_wh(*east), array_wh(*west), 0.05);
}

void SunDayTest::moreIsNeverLess() {
    // More area never less power at equal mass; more cloud never more; direct never above tracking without loss.
    double before = -1.0;
    for (const double area : {0.004, 0.008, 0.0153, 0.0172}) {
        auto request = solar_wing();
        request.aircraft.array->cell_area_m2 = area;
        const auto report = matching::sun_day(request, on("2026-05-02"));
        QVERIFY(report);
        QVERIFY(array_wh(*report) > before);
        before = array_wh(*report);
    }
    before = 1e9;
    double sustained = 1e9;
    double endurance = 1e9;
    for (double okta = 0.0; okta <= 8.0; okta += 1.0) {
        SunQuestion question = on("2026-05-02", leon, okta);
        question.start_utc_s = question.day_utc_s + 9.0 * 3600.0;
        const auto report = matching::sun_day(solar_wing(), question);
        const auto day = matching::sun_day(solar_wing(), on("2026-05-02", leon, okta));
        QVERIFY(report && day);
        QVERIFY(array_wh(*day) <= before && day->sustained_s <= sustained);
        QVERIFY(report->flight.endurance_s.value <= endurance + 1.0);
        before = array_wh(*day);
        sustained = day->sustained_s;
        endurance = report->flight.endurance_s.value;
    }
    for (const int series : {28, 32, 36, 40}) {
        auto tracking = solar_wing();
        tracking.aircraft.array->cells_series = series;
        tracking.aircraft.converter->efficiency = 1.0;
        auto direct = tracking;
        direct.aircraft.converter->kind = ConverterKind::direct;
        const auto a = matching::sun_day(direct, on("2026-06-21"));
        const auto b = matching::sun_day(tracking, on("2026-06-21"));
        QVERIFY(a && b);
        for (std::size_t i = 0; i < a->rows.size(); ++i) QVERIFY(a->rows[i].array_w <= b->rows[i].array_w + 1e-9);
    }
}

void SunDayTest::aMisfitGivesNothingAndSaysWhatWould() {
    auto request = solar_wing();
    request.aircraft.array->cells_series = 40;
    request.aircraft.converter = sun::Converter{ConverterKind::step_up, {}, {}, {}};
    const auto report = matching::sun_day(request, on("2026-06-21"));
    QVERIFY(report);
    QVERIFY(report->misfit);
    QCOMPARE(report->diagnostics.front().code, units::DiagnosticCode::converter_does_not_fit);
    for (const auto& row : report->rows) QCOMPARE(row.array_w, 0.0);
    QVERIFY(report->sustained.empty());
    request.aircraft.converter->kind = ConverterKind::step_down;
    const auto fits = matching::sun_day(request, on("2026-06-21"));
    QVERIFY(fits && !fits->misfit && fits->noon.array_w > 100.0);
}

void SunDayTest::aFullPackTakesNoMore() {
    SunQuestion question = on("2026-06-21");
    question.start_utc_s = question.day_utc_s + 10.0 * 3600.0;
    const auto report = matching::sun_day(solar_wing(), question);
    QVERIFY(report);
    QVERIFY(report->flight.ledger.not_taken_wh > 100.0);
    for (const auto& row : report->rows) {
        QVERIFY(row.pack_v <= 21.0 + 1e-6);
        QVERIFY(row.pack_share <= 1.0);
    }
    QVERIFY(std::any_of(report->diagnostics.begin(), report->diagnostics.end(),
                        [](const auto& n) { return n.code == units::DiagnosticCode::charge_not_taken; }));
    // A converter ends the charge; without one an array above the pack's full volts would overcharge it.
    const auto overcharges = [&](ConverterKind kind, int series) {
        auto request = solar_wing();
        request.aircraft.converter->kind = kind;
        request.aircraft.array->cells_series = series;
        const auto day = matching::sun_day(request, question);
        return day && std::any_of(day->diagnostics.begin(), day->diagnostics.end(), [](const auto& n) {
                   return n.code == units::DiagnosticCode::array_overcharges &&
                          n.severity == units::Severity::warning;
               });
    };
    QVERIFY(overcharges(ConverterKind::direct, 38));
    QVERIFY(!overcharges(ConverterKind::either, 38));
}

void SunDayTest::fromFullItLastsAsLongAsThePackMakesUpForTheSun() {
    // Full while the array carries level flight; from then on, minute by minute, what is short comes from the pack.
    // A full Li-ion cell rests under the volts at which chargers stop: hours of sun must not go in through that
    // gap.
    for (const double okta : {0.0, 2.0, 5.0}) {
        SunQuestion question = on("2026-06-21", {60.4, 10.4}, okta);
        question.start_utc_s = question.day_utc_s + 9.0 * 3600.0;
        const auto report = matching::sun_day(solar_wing(), question);
        QVERIFY(report);
        double short_wh = 0.0;
        for (const auto& row : report->rows) {
            const double hours = (std::min(row.utc_s + 600.0, report->flight.end_utc_s()) - row.utc_s) / 3600.0;
            if (row.balance_w >= 0.0) VERIFY_NEAR(row.pack_share, 1.0, 0.02); // the climb is behind it
            if (row.balance_w < 0.0) short_wh += -row.balance_w * hours;
        }
        const double pack_alone_wh = report->level_w.value * report->flight.endurance_without_sun_s / 3600.0;
        VERIFY_NEAR(short_wh, pack_alone_wh, 0.06 * pack_alone_wh);
    }
}

void SunDayTest::whatOutlastsTheLookSaysSo() {
    // On a tenth of its power it stays up through a short night on the pack; on its own it comes down the same day.
    auto question = on("2026-06-21", {60.0, 10.0});
    question.start_utc_s = question.day_utc_s + 10.0 * 3600.0;
    auto request = solar_wing();
    const auto usual = matching::sun_day(request, question);
    QVERIFY(usual && !usual->flight.outlasts);
    QVERIFY(usual->flight.endurance_s.value < 24.0 * 3600.0);
    request.aircraft.cruise_power_w = 6.5;
    request.aircraft.electronics_w = 1.0;
    const auto light = matching::sun_day(request, question);
    QVERIFY(light && light->flight.outlasts);
    VERIFY_NEAR(light->flight.endurance_s.value, 48.0 * 3600.0, 60.0);
}

void SunDayTest::aStartIsKeptTo() {
    SunQuestion question = on("2026-06-21");
    question.start_utc_s = question.day_utc_s + 11.0 * 3600.0;
    const auto report = matching::sun_day(solar_wing(), question);
    QVERIFY(report);
    QCOMPARE(report->rows.front().utc_s, *question.start_utc_s);
    QCOMPARE(report->rows[1].utc_s, *question.start_utc_s + 600.0);
    VERIFY_NEAR(report->rows.back().utc_s, report->flight.end_utc_s(), 61.0);
    // Left open, no start of the day lasts longer by much than the one that is chosen.
    const auto chosen = matching::sun_day(solar_wing(), on("2026-06-21"));
    QVERIFY(chosen->flight.endurance_s.value > report->flight.endurance_s.value);
    QVERIFY(chosen->flight.endurance_s.sd < 0.2 * chosen->flight.endurance_s.value);
}

void SunDayTest::cloudShortensWhatThePackSurvives() {
    const auto report = matching::sun_day(solar_wing(), on("2026-06-21"));
    QVERIFY(report && report->noon.cloud_minutes_survived);
    // A full pack under an overcast at noon: 28 W of the sun against 51 W; at night on the pack alone.
    const double noon_min = *report->noon.cloud_minutes_survived;
    const double night_min = *report->rows.front().cloud_minutes_survived;
    QVERIFY(noon_min > 1.7 * night_min);
    VERIFY_NEAR(night_min * 60.0, report->flight.endurance_without_sun_s, 240.0);
}

void SunDayTest::theReserveIsLeft() {
    auto request = solar_wing();
    SunQuestion question = on("2026-12-21");
    question.start_utc_s = question.day_utc_s + 20.0 * 3600.0; // at night: the pack alone
    request.reserve = mission::LoiterAtHome{10.0};
    const auto loiter = matching::sun_day(request, question);
    QVERIFY(loiter);
    VERIFY_NEAR(loiter->flight.endurance_s.value - loiter->flight.with_reserve_s, 600.0, 75.0);
    request.reserve = mission::ShareOfUsable{0.25};
    const auto share = matching::sun_day(request, question);
    VERIFY_NEAR(share->flight.with_reserve_s / share->flight.endurance_s.value, 0.75, 0.03);
}

void SunDayTest::smallestArray() {
    SunQuestion question = on("2026-06-21");
    question.wanted_sustained_s = 4.0 * 3600.0;
    const auto report = matching::sun_day(solar_wing(), question);
    QVERIFY(report && report->smallest_area_m2);
    auto smaller = solar_wing();
    smaller.aircraft.array->cell_area_m2 = *report->smallest_area_m2 / 36.0;
    VERIFY_NEAR(matching::sun_day(smaller, on("2026-06-21"))->sustained_s, 4.0 * 3600.0, 5.0);
    question.wanted_sustained_s = 23.0 * 3600.0;
    QVERIFY(!matching::sun_day(solar_wing(), question)->smallest_area_m2);
}

void SunDayTest::changesPointTheRightWay() {
    auto request = solar_wing();
    request.aircraft.converter->kind = ConverterKind::direct;
    request.aircraft.array->cells_series = 30;
    SunQuestion question = on("2026-06-21");
    question.changes = true;
    question.start_utc_s = question.day_utc_s + 9.0 * 3600.0;
    const auto report = matching::sun_day(request, question);
    QVERIFY(report);
    const auto change = [&](matching::SunChange::Kind kind) {
        const auto found = std::find_if(report->changes.begin(), report->changes.end(),
                                        [&](const auto& c) { return c.kind == kind; });
        return found == report->changes.end() ? matching::SunChange{} : *found;
    };
    using Kind = matching::SunChange::Kind;
    VERIFY_NEAR(change(Kind::more_area).noon_array_w, 0.1 * report->noon.array_w, 1e-6);
    QVERIFY(change(Kind::more_area).sustained_s > 0.0);
    QVERIFY(change(Kind::less_mass).sustained_s > 0.0);
    QCOMPARE(change(Kind::less_mass).noon_array_w, 0.0);
    QVERIFY(change(Kind::better_converter).noon_array_w > 0.0);
    QVERIFY(change(Kind::one_more_in_series).noon_array_w > 0.0);
    QVERIFY(change(Kind::one_less_in_series).noon_array_w < 0.0);
    QVERIFY(report->best_direct_series > 30);
}

void SunDayTest::ordersOfSizeOfPractice() {
    // Common practice, no source: a 5S wing in the 3 A class with cells for some 60 W is about sustained for an
    // hour around summer noon; at 5 A it is not, and the array gave 60 … 80 % of what was used.
    auto request = solar_wing();
    request.aircraft.array->cells_series = 32;
    request.aircraft.array->cell_area_m2 = 0.0079;
    request.aircraft.converter.reset();
    request.aircraft.cruise_power_w = 3.0 * 18.5;
    const auto three = matching::sun_day(request, on("2026-07-10", {40.0, 0.0}));
    QVERIFY(three);
    QVERIFY2(three->noon.balance_w > -8.0 && three->noon.balance_w < 8.0,
             qPrintable(QString::number(three->noon.balance_w)));
    request.aircraft.cruise_power_w = 5.0 * 18.5;
    const auto five = matching::sun_day(request, on("2026-07-10", {40.0, 0.0}));
    QVERIFY(five && five->sustained.empty());
    const double share = five->noon.array_w / five->level_w.value;
    QVERIFY2(share > 0.5 && share < 0.8, qPrintable(QString::number(share)));
}

void SunDayTest::withoutAnArrayItIsOneClearLine() {
    auto request = solar_wing();
    request.aircraft.array.reset();
    const auto none = matching::sun_day(request, on("2026-06-21"));
    QVERIFY(!none);
    QCOMPARE(none.error().code, units::ErrorCode::value_missing);
    QCOMPARE(none.error().where.field, std::string("aircraft.array"));
    request = solar_wing();
    request.aircraft.array->cell_area_m2 = 0.05; // 1.8 m² of cells on 0.62 m² of wing
    QCOMPARE(matching::sun_day(request, on("2026-06-21")).error().where.field,
             std::string("aircraft.array.cell_area_m2"));
    QCOMPARE(matching::sun_day(solar_wing(), on("2026-06-21", {95.0, 0.0})).error().code,
             units::ErrorCode::position_impossible);
}

void SunDayTest::everyFigureSaysWhy() {
    const auto report = matching::sun_day(solar_wing(), on("2026-06-21"));
    QVERIFY(report);
    using units::Quantity;
    for (const Quantity quantity :
         {Quantity::array_power, Quantity::power_balance, Quantity::sustained_time, Quantity::endurance})
        QVERIFY(matching::explain(*report, quantity));
    VERIFY_NEAR(matching::explain(*report, Quantity::power_balance)->value.value, report->noon.balance_w, 1e-9);
    QVERIFY(!matching::explain(*report, Quantity::bearing));
}

SOBREMESA_TEST(SunDayTest)
#include "tst_sun_day.moc"
