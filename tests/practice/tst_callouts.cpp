// What is said, when, and that it is said once.

#include <cmath>

#include <QTest>

#include "core/watch/callouts.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"
#include "support/watched.hpp"

using namespace sobremesa;
using watch::Callout;
using watch::CalloutKind;

namespace {

/// A flight that goes well, to be spoilt by the test.
watch::LiveAnswer in_flight(const mission::Plan& plan, double time_s) {
    watch::LiveAnswer a;
    a.state = watch::FlightState::outbound;
    a.now.time_s = time_s;
    a.now.launch_s = 0.0;
    a.now.airborne = true;
    a.now.at = geodesy::EastNorth{-3000.0, 0.0};
    a.now.from_home_m = 3000.0;
    a.now.farthest_m = 3000.0;
    a.now.bearing_home_deg = 90.0;
    a.now.height_m = 90.0;
    a.now.filtered_v = 15.0;
    a.now.filtered_a = 5.0;
    a.now.power_w = 75.0;
    a.now.climb_mps = 0.0;
    a.now.charge_ah = 0.1;
    a.usable_ah = plan.usable_charge_ah.value;
    a.usable_wh = plan.usable_energy_wh.value;
    a.remaining = watch::Remaining{};
    a.remaining->wh = {0.9 * a.usable_wh, 1.0};
    a.remaining->used_ah = {0.1, 0.01};
    a.reserve_wh = 0.2 * a.usable_wh;
    a.margin_wh = units::Estimate{0.5 * a.usable_wh, 2.0};
    a.turn = watch::TurnAhead{mission::TurnRule::energy_home, 1000.0, 9000.0, 3.0};
    a.latest_s = 1500.0;
    return a;
}

class Listener {
public:
    explicit Listener(const mission::PlanRequest& request = tests::sample_request())
        : plan_(std::make_shared<const mission::Plan>(tests::planned(request))), callouts_(plan_) {}
    const mission::Plan& plan() const { return *plan_; }
    watch::Callouts& callouts() { return callouts_; }
    std::vector<Callout> hear(const watch::LiveAnswer& answer) { return callouts_.hear(answer); }
    /// How often a kind is said while the same answer comes once a second.
    int times(CalloutKind kind, watch::LiveAnswer answer, int seconds) {
        int count = 0;
        for (int i = 0; i < seconds; ++i) {
            answer.now.time_s += 1.0;
            for (const auto& callout : hear(answer)) count += callout.kind == kind;
        }
        return count;
    }
    watch::LiveAnswer at(double time_s) const { return in_flight(*plan_, time_s); }

private:
    std::shared_ptr<const mission::Plan> plan_;
    watch::Callouts callouts_;
};

} // namespace

class CalloutsTest : public QObject {
    Q_OBJECT
private slots:
    void overLandIsCalledAboveTheWaterOnly();
    void tenthsOfTheUsableCharge();
    void roundHomeNothingIsHalfway();
    void turnInTwoMinutesInOneNow();
    void pastTheTurnUntilOutOfReach();
    void lowVoltageOnlyWhenItStays();
    void thresholdsAreThoseOfThePack();
    void currentForLongerThanAllowed();
    void liftAndHeight();
    void windThatChanged();
    void silenceIsSaidOnce();
    void linkThatFalls();
    void disagreementAndFrozenReadings();
    void theMostUrgentIsSpoken();
    void mutedAndQuiet();
    void everyWordIsItsOwn();
    void aCalmFlightIsQuiet();
};

void CalloutsTest::tenthsOfTheUsableCharge() {
    Listener listener;
    auto answer = listener.at(10.0);
    QCOMPARE(listener.times(CalloutKind::percent, answer, 5), 0);
    for (int tenth = 1; tenth <= 5; ++tenth) {
        answer.now.time_s += 60.0;
        answer.now.charge_ah = (0.1 * tenth + 0.002) * answer.usable_ah;
        const auto said = listener.hear(answer);
        QCOMPARE(said.size(), std::size_t(1));
        QCOMPARE(said[0].value, 10.0 * tenth);
        QCOMPARE(said[0].second, 15.0);
        QCOMPARE(listener.times(CalloutKind::percent, answer, 5), 0);
    }
    listener.callouts().rules().count_down = true;
    answer.now.charge_ah = 0.605 * answer.usable_ah;
    QCOMPARE(listener.hear(answer)[0].value, 40.0);
}

void CalloutsTest::roundHomeNothingIsHalfway() {
    for (const mission::MissionKind kind : mission::all_missions()) {
        mission::PlanRequest request = tests::sample_request();
        request.mission.kind = kind;
        request.mission.waypoints = {{"", {3000.0, 1000.0}, {}, 0.0, false}};
        Listener listener(request);
        auto answer = listener.at(600.0);
        answer.now.ground_m = 0.9 * listener.plan().turn->distance_m.value;
        const bool round_home = kind == mission::MissionKind::endurance || kind == mission::MissionKind::on_sun;
        QCOMPARE(listener.times(CalloutKind::halfway, answer, 5), round_home ? 0 : 1);
    }
}

void CalloutsTest::turnInTwoMinutesInOneNow() {
    Listener listener;
    std::vector<Callout> all;
    for (int second = 0; second <= 400; ++second) {
        auto answer = listener.at(100.0 + second);
        answer.turn->time_s = std::max(300.0 - second, 0.0);
        answer.latest_s = 600.0;
        if (second >= 300) answer.margin_wh = units::Estimate{0.0, 1.0};
        for (const auto& callout : listener.hear(answer)) all.push_back(callout);
    }
    QCOMPARE(all.size(), std::size_t(4));
    QCOMPARE(int(all[0].kind), int(CalloutKind::turn_soon));
    QCOMPARE(all[0].value, 2.0);
    QCOMPARE(all[0].time_s, 280.0);
    QCOMPARE(all[1].value, 1.0);
    QCOMPARE(all[1].time_s, 340.0);
    QCOMPARE(int(all[2].kind), int(CalloutKind::turn_now));
    QCOMPARE(all[2].time_s, 400.0);
    // A minute past it, how much longer it still works.
    QCOMPARE(int(all[3].kind), int(CalloutKind::turn_late));
    QCOMPARE(all[3].value, 600.0);
    // A turn that came straight to "now" says now, and not two minutes.
    Listener sudden;
    auto answer = sudden.at(100.0);
    answer.turn->time_s = 0.0;
    answer.margin_wh = units::Estimate{-1.0, 1.0};
    QCOMPARE(sudden.hear(answer).size(), std::size_t(1));
}

void CalloutsTest::pastTheTurnUntilOutOfReach() {
    Listener listener;
    auto answer = listener.at(100.0);
    answer.turn->time_s = 0.0;
    answer.margin_wh = units::Estimate{-1.0, 1.0};
    answer.latest_s = 300.0;
    QCOMPARE(int(listener.hear(answer)[0].kind), int(CalloutKind::turn_now));
    QCOMPARE(listener.times(CalloutKind::turn_late, answer, 60), 1);
    answer.now.time_s += 100.0;
    answer.latest_s = 0.0;
    answer.places = {{false, "the quarry", 1200.0, 310.0, 5.0, true}};
    const auto said = listener.hear(answer);
    QCOMPARE(said[0].variant, 2);
    QCOMPARE(QString::fromStdString(said[0].name), QStringLiteral("the quarry"));
    QCOMPARE(listener.times(CalloutKind::turn_late, answer, 100), 0);
    answer.places[0].reachable = false;
    QCOMPARE(listener.hear(answer)[0].variant, 1);
    // Homeward it is silent about the turn.
    answer.state = watch::FlightState::inbound;
    answer.turn.reset();
    QCOMPARE(listener.times(CalloutKind::turn_late, answer, 100), 0);
}

void CalloutsTest::lowVoltageOnlyWhenItStays() {
    Listener listener;
    const auto sheet = *mission::alarm_sheet(listener.plan());
    const double series = listener.plan().request.pack.series;
    auto answer = listener.at(1000.0);
    const double below = (sheet.warning_cell_v - 0.02) * series;
    // Dips of four seconds, as gusts make them.
    for (int i = 0; i < 10; ++i) {
        for (int second = 0; second < 8; ++second) {
            answer.now.time_s += 1.0;
            answer.now.filtered_v = second < 4 ? below : below + 1.0;
            for (const auto& c : listener.hear(answer)) QVERIFY(c.kind != CalloutKind::low_voltage);
        }
    }
    answer.now.filtered_v = below;
    QCOMPARE(listener.times(CalloutKind::low_voltage, answer, 60), 1);
    answer.now.filtered_v = (sheet.landing_cell_v - 0.02) * series;
    answer.now.time_s += 60.0;
    QCOMPARE(listener.times(CalloutKind::land_now, answer, 60), 1);
    answer.now.time_s += 60.0;
    answer.now.airborne = false;
    answer.now.landed = true;
    answer.state = watch::FlightState::landed;
    QCOMPARE(listener.times(CalloutKind::landed, answer, 20), 1);
}

void CalloutsTest::thresholdsAreThoseOfThePack() {
    // A LiPo at 3.45 V per cell is at its landing voltage; a Li-ion is halfway.
    for (const auto chemistry : {battery::Chemistry::li_ion, battery::Chemistry::lipo}) {
        auto request = tests::sample_request();
        request.pack.chemistry = chemistry;
        request.landing_cell_v.reset();
        const auto plan = std::make_shared<const mission::Plan>(tests::planned(request));
        watch::Callouts callouts(plan);
        auto answer = in_flight(*plan, 1000.0);
        answer.now.filtered_v = 3.45 * 4;
        int landings = 0;
        for (int i = 0; i < 20; ++i) {
            answer.now.time_s += 1.0;
            for (const auto& c : callouts.hear(answer)) landings += c.kind == CalloutKind::land_now;
        }
        QCOMPARE(landings, chemistry == battery::Chemistry::lipo ? 1 : 0);
    }
}

void CalloutsTest::currentForLongerThanAllowed() {
    Listener listener;
    auto answer = listener.at(500.0);
    answer.now.filtered_a = 200.0;
    QCOMPARE(listener.times(CalloutKind::current, answer, 9), 0);
    answer.now.time_s += 9.0;
    QCOMPARE(listener.times(CalloutKind::current, answer, 60), 1);
}

void CalloutsTest::liftAndHeight() {
    Listener listener;
    auto answer = listener.at(500.0);
    answer.now.climb_mps = 2.0;
    answer.now.power_w = 10.0;
    QCOMPARE(listener.times(CalloutKind::lift, answer, 60), 1);
    answer = listener.at(700.0);
    answer.now.height_m = 125.0;
    QCOMPARE(listener.times(CalloutKind::height, answer, 60), 1);
    answer.now.time_s += 60.0;
    answer.now.height_m = 150.0;
    QCOMPARE(listener.times(CalloutKind::height, answer, 60), 1);
}

void CalloutsTest::windThatChanged() {
    Listener listener;
    auto answer = listener.at(500.0);
    answer.wind.measured = telemetry::WindEstimate{};
    answer.wind.speed_mps = 9.0;
    answer.wind.from_deg = 240.0;
    answer.wind.sd_mps = 0.5;
    answer.wind.change_mps = 5.0;
    answer.turn->distance_m = listener.plan().turn->distance_m.value - 1200.0;
    QCOMPARE(listener.times(CalloutKind::wind, answer, 50), 0); // not yet believed
    answer.now.time_s += 50.0;
    std::vector<Callout> said;
    for (int i = 0; i < 300; ++i) {
        answer.now.time_s += 1.0;
        for (const auto& c : listener.hear(answer)) said.push_back(c);
    }
    QCOMPARE(said.size(), std::size_t(1));
    QCOMPARE(int(said[0].kind), int(CalloutKind::wind));
    QVERIFY(std::abs(said[0].third + 1200.0) < 1e-6);
}

void CalloutsTest::silenceIsSaidOnce() {
    Listener listener;
    const auto answer = listener.at(500.0);
    (void)listener.hear(answer);
    QVERIFY(listener.callouts().silence(2.0, answer).empty());
    const auto said = listener.callouts().silence(3.5, answer);
    QCOMPARE(said.size(), std::size_t(1));
    QCOMPARE(said[0].value, 3000.0);
    QCOMPARE(said[0].second, 270.0); // from home, as one walks there
    QVERIFY(listener.callouts().silence(10.0, answer).empty());
    (void)listener.hear(listener.at(520.0));
    QCOMPARE(listener.callouts().silence(4.0, answer).size(), std::size_t(1));
}

void CalloutsTest::linkThatFalls() {
    Listener listener;
    std::vector<Callout> said;
    for (int i = 0; i < 900; ++i) {
        auto answer = listener.at(10.0 + i);
        answer.now.from_home_m = 10.0 * i;
        answer.now.link_share = 1.0 - 0.5 * answer.now.from_home_m / 12000.0; // half of it at 12 km
        for (const auto& c : listener.hear(answer)) {
            if (c.kind == CalloutKind::link) said.push_back(c);
        }
    }
    QCOMPARE(said.size(), std::size_t(2)); // at 75 % and at 65 %
    QVERIFY(std::abs(said.back().second - 12000.0) < 600.0);
}

void CalloutsTest::disagreementAndFrozenReadings() {
    Listener listener;
    auto answer = listener.at(500.0);
    answer.remaining->disagree = true;
    answer.remaining->by_count_wh = units::Estimate{90.0, 2.0};
    answer.remaining->by_volts_wh = units::Estimate{60.0, 5.0};
    QCOMPARE(listener.times(CalloutKind::disagree, answer, 60), 1);
    Listener other;
    answer = other.at(500.0);
    answer.now.frozen_current = true;
    const auto said = other.hear(answer);
    QCOMPARE(said[0].variant, 1);
}

void CalloutsTest::theMostUrgentIsSpoken() {
    Listener listener;
    auto answer = listener.at(500.0);
    answer.turn->time_s = 0.0;
    answer.margin_wh = units::Estimate{-1.0, 1.0};
    answer.now.charge_ah = 0.31 * answer.usable_ah;
    answer.now.frozen_current = true;
    const auto said = listener.hear(answer);
    QCOMPARE(said.size(), std::size_t(3));
    QCOMPARE(int(said[0].kind), int(CalloutKind::turn_now));
    QVERIFY(said[0].spoken && !said[1].spoken && !said[2].spoken);
}

void CalloutsTest::mutedAndQuiet() {
    Listener listener;
    listener.callouts().rules().muted[std::size_t(CalloutKind::percent)] = true;
    auto answer = listener.at(500.0);
    answer.now.charge_ah = 0.11 * answer.usable_ah;
    auto said = listener.hear(answer);
    QCOMPARE(said.size(), std::size_t(1));
    QVERIFY(!said[0].spoken);
    listener.callouts().rules() = {};
    listener.callouts().rules().quiet_until_s = 1000.0;
    answer.now.charge_ah = 0.21 * answer.usable_ah;
    QVERIFY(!listener.hear(answer)[0].spoken);
    answer.turn->time_s = 0.0;
    answer.margin_wh = units::Estimate{-1.0, 1.0};
    QVERIFY(listener.hear(answer)[0].spoken);
}

void CalloutsTest::everyWordIsItsOwn() {
    QSet<QString> words;
    for (std::size_t i = 0; i < watch::callout_kinds; ++i) {
        const auto kind = static_cast<CalloutKind>(i);
        const QString word = QString::fromLatin1(watch::callout_word(kind));
        QVERIFY(!word.isEmpty());
        words.insert(word);
        QVERIFY(watch::callout_from_word(word.toStdString()) == kind);
    }
    QCOMPARE(words.size(), int(watch::callout_kinds));
    QVERIFY(!watch::callout_from_word("chatter"));
}

/// A whole flight as forecast, turned when it says so: tenths, halfway, two minutes, one, now, landed. No more.
void CalloutsTest::aCalmFlightIsQuiet() {
    auto request = tests::sample_request();
    const auto plan = std::make_shared<const mission::Plan>(tests::planned(request));
    auto scenario = practice::scenario_of(*plan);
    scenario.mission.distance_m *= 3.0;
    sim::FlightInProgress flight(scenario);
    watch::LiveFlight live;
    watch::LiveSolver solver(plan);
    watch::Callouts callouts(plan);
    QMap<int, int> count;
    for (double t = 1.0; !flight.ended(); t += 1.0) {
        flight.fly_to(t);
        live.update(flight.log());
        for (const auto& c : callouts.hear(solver.answer(live))) {
            ++count[int(c.kind)];
            if (c.kind == CalloutKind::turn_now) flight.go_home();
        }
    }
    QCOMPARE(count.value(int(CalloutKind::turn_now)), 1);
    QCOMPARE(count.value(int(CalloutKind::halfway)), 1);
    QCOMPARE(count.value(int(CalloutKind::landed)), 1);
    QVERIFY(count.value(int(CalloutKind::percent)) >= 6 && count.value(int(CalloutKind::percent)) <= 9);
    QVERIFY(count.value(int(CalloutKind::turn_soon)) >= 2 && count.value(int(CalloutKind::turn_soon)) <= 3);
    for (const auto kind : {CalloutKind::turn_late, CalloutKind::disagree, CalloutKind::current, CalloutKind::lift,
                            CalloutKind::height, CalloutKind::land_now, CalloutKind::stale})
        QVERIFY2(count.value(int(kind)) == 0, watch::callout_word(kind));
}

void CalloutsTest::overLandIsCalledAboveTheWaterOnly() {
    auto request = tests::sample_request();
    request.mission.no_landing = {
        {"lake", {{{-5000.0, -500.0}, {-2000.0, -500.0}, {-2000.0, 500.0}, {-5000.0, 500.0}}}}};
    const auto plan = std::make_shared<const mission::Plan>(tests::planned(request));
    const auto sheet = mission::alarm_sheet(*plan);
    QVERIFY(sheet->over_land_by_ah);
    watch::Callouts callouts(plan);
    const auto said = [&](double time_s, double used_ah, double east_m) {
        watch::LiveAnswer answer = in_flight(*plan, time_s);
        answer.state = watch::FlightState::inbound;
        answer.now.at = geodesy::EastNorth{east_m, 0.0};
        answer.remaining->used_ah = {used_ah, 0.01};
        answer.now.charge_ah = used_ah;
        std::vector<int> variants;
        for (const auto& callout : callouts.hear(answer)) {
            if (callout.kind == CalloutKind::over_land) variants.push_back(callout.variant);
        }
        return variants;
    };
    const double by_ah = *sheet->over_land_by_ah;
    QCOMPARE(said(100.0, 0.5 * by_ah, -3000.0), std::vector<int>{});
    QCOMPARE(said(200.0, 0.95 * by_ah, -1500.0), std::vector<int>{}); // over land
    QCOMPARE(said(300.0, 0.95 * by_ah, -3000.0), std::vector<int>{1});
    QCOMPARE(said(301.0, 0.96 * by_ah, -2990.0), std::vector<int>{});
    QCOMPARE(said(400.0, 1.01 * by_ah, -2500.0), std::vector<int>{2});
    QCOMPARE(said(401.0, 1.02 * by_ah, -2490.0), std::vector<int>{});
}

SOBREMESA_TEST(CalloutsTest)
#include "tst_callouts.moc"
