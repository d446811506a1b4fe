// Debriefs of drawn flights whose logs were spoiled as sensors, recorders and cards do, and the live answers and
// callouts to drawn flights while they are flown, well and spoiled. Told and recorded as the other drawn answers
// are (see tst_drawn_answers.cpp): it does not say what is right, it says what a change moved.

#include <fstream>

#include <QTemporaryDir>
#include <QTest>

#include "core/watch/callouts.hpp"
#include "core/watch/live_answer.hpp"
#include "io/csv_log_writer.hpp"
#include "support/drawn_flights.hpp"
#include "support/test_program.hpp"
#include "support/thorough.hpp"
#include "support/told_answers.hpp"

using namespace sobremesa;
using nlohmann::json;

namespace {

constexpr int spoiled_logs = 36;
constexpr int live_flights = 12;

json number(double value) {
    return std::isnan(value) ? json(nullptr) : json(value);
}
json number(const std::optional<double>& value) {
    return value ? number(*value) : json(nullptr);
}
json number(const units::Estimate& value) {
    return {number(value.value), number(value.sd)};
}
json number(const std::optional<units::Estimate>& value) {
    return value ? number(*value) : json(nullptr);
}
json number(const geodesy::EastNorth& at) {
    return {number(at.east_m), number(at.north_m)};
}

json told(const watch::Measured& now) {
    return {{"time", now.time_s},
            {"log_time", now.log_time_s},
            {"at", now.at ? number(*now.at) : json(nullptr)},
            {"from_home", number(now.from_home_m)},
            {"bearing_home", number(now.bearing_home_deg)},
            {"height", number(now.height_m)},
            {"ground_mps", number(now.ground_mps)},
            {"velocity", now.velocity_mps ? number(*now.velocity_mps) : json(nullptr)},
            {"climb", number(now.climb_mps)},
            {"filtered_v", number(now.filtered_v)},
            {"filtered_a", number(now.filtered_a)},
            {"power", number(now.power_w)},
            {"charge", number(now.charge_ah)},
            {"counter", number(now.counter_ah)},
            {"energy", number(now.energy_wh)},
            {"scale_sd", now.current_scale_sd},
            {"highest_v", number(now.highest_v)},
            {"link", number(now.link_share)},
            {"ground", now.ground_m},
            {"farthest", now.farthest_m},
            {"gaps", now.gaps_s},
            {"frozen", {now.frozen_current, now.frozen_voltage}},
            {"airborne", {now.airborne, now.landed}},
            {"launch", number(now.launch_s)}};
}

json told(const watch::LiveWind& wind) {
    json known = nullptr;
    if (const auto& w = wind.measured)
        known = {telemetry::wind_knowledge_word(w->knowledge), number(w->speed_mps), number(w->from_deg),
                 number(w->airspeed_mps), w->worst_sd_mps};
    return {{"measured", known},
            {"speed", wind.speed_mps},
            {"from", wind.from_deg},
            {"sd", wind.sd_mps},
            {"covariance", wind.covariance_m2ps2},
            {"along", wind.sd_along_mps(40.0)},
            {"growth", number(wind.growth_mps_per_h)},
            {"change", wind.change_mps},
            {"forecast", wind.forecast_mps},
            {"airspeed", number(wind.airspeed_mps)}};
}

json told(const watch::LiveAnswer& a) {
    json places = json::array();
    for (const auto& place : a.places)
        places.push_back({place.home, place.name, place.distance_m, number(place.bearing_deg),
                          number(place.margin_wh), place.reachable});
    json remaining = nullptr;
    if (const auto& r = a.remaining)
        remaining = {number(r->by_count_wh), number(r->by_volts_wh), number(r->wh), number(r->used_ah),
                     r->disagree};
    return {{"state", watch::state_word(a.state)},
            {"now", told(a.now)},
            {"wind", told(a.wind)},
            {"draw", number(a.draw)},
            {"pack_fits", a.pack_fits},
            {"remaining", remaining},
            {"needed", number(a.needed_wh)},
            {"reserve", number(a.reserve_wh)},
            {"margin", number(a.margin_wh)},
            {"wind_allows", a.wind_allows},
            {"time_home", number(a.time_home_s)},
            {"turn", a.turn ? json{mission::turn_rule_word(a.turn->rule), a.turn->time_s, a.turn->distance_m,
                                   a.turn->charge_ah, number(a.turn->at)}
                            : json(nullptr)},
            {"latest", number(a.latest_s)},
            {"places", places},
            {"failsafe", a.failsafe_gets_home ? json(*a.failsafe_gets_home) : json(nullptr)},
            {"chance", number(a.chance_reserve)},
            {"charge_per_m", number(a.charge_ah_per_m)},
            {"planned_per_m", number(a.planned_ah_per_m)},
            {"usable", {a.usable_ah, a.usable_wh}}};
}

json told(const watch::Callout& callout) {
    return {watch::callout_word(callout.kind),
            callout.time_s,
            callout.spoken,
            callout.name,
            number(callout.value),
            number(callout.second),
            number(callout.third),
            number(callout.fourth),
            callout.variant};
}

} // namespace

class DrawnLogsTest : public QObject {
    Q_OBJECT
private slots:
    void ofSpoiledLogs_data();
    void ofSpoiledLogs();
    void whileTheyAreFlown_data();
    void whileTheyAreFlown();
    void cleanupTestCase();
    void cleanup() { tests::end_at_failure(); }

private:
    void compare(const tests::ToldAnswers& answers) {
        const std::string moved = record_.moved(answers);
        QVERIFY2(moved.empty(), moved.c_str());
    }
    std::string put(const std::string& name, const std::string& text) const {
        const std::string path = made_.path().toStdString() + "/" + name;
        std::ofstream(path) << text;
        return path;
    }

    QTemporaryDir made_;
    tests::ToldRecord record_{SOURCE_DIR "/tests/cli/drawn-logs.txt"};
};

void DrawnLogsTest::ofSpoiledLogs_data() {
    QTest::addColumn<int>("drawn");
    for (int i = 0; i < tests::tries(spoiled_logs, spoiled_logs); ++i) QTest::addRow("%d", i) << i;
}

void DrawnLogsTest::ofSpoiledLogs() {
    QFETCH(int, drawn);
    tests::ToldAnswers answers("spoiled-" + std::to_string(drawn));
    // Each way twice, half the time with another that is drawn.
    const auto [document, plan] = tests::flyable_from(2000 + 20 * drawn);
    answers.show(document);
    auto scenario = tests::drawn_scenario(plan, std::uint64_t(drawn), practice::Day::drawn);
    auto log = sim::simulate(scenario).log;
    tests::RoundNumbers draw(std::uint64_t(7000 + drawn));
    tests::Spoiled spoiled(log, draw);
    spoiled.in_way(std::size_t(drawn) % tests::Spoiled::ways);
    if (draw.once_in(2)) spoiled.in_way(draw.below(tests::Spoiled::ways));
    const auto style = draw.once_in(3) ? scenario.style : io::LogStyle::whole;
    const std::string file = put("flight.csv", io::csv_from_log(log, style));
    const std::string plan_file = put("plan.json", document.dump());
    const std::string folder = made_.path().toStdString();
    std::vector<std::string> debrief = {"debrief", file, "--plan", plan_file};
    if (drawn % 3 == 0) debrief.insert(debrief.end(), {"--recharged-mah", std::to_string(1200 + 40 * drawn)});
    if (drawn % 4 == 0) debrief.insert(debrief.end(), {"--rested-cell-v", "3.68", "--rest-min", "12"});
    answers.ask("debrief", debrief, folder);
    if (drawn % 3 != 0) answers.ask("alone", {"debrief", file}, folder);
    if (drawn % 2 == 0) answers.ask("bill", {"bill", plan_file, file}, folder);
    compare(answers);
}

void DrawnLogsTest::whileTheyAreFlown_data() {
    QTest::addColumn<int>("drawn");
    for (int i = 0; i < tests::tries(live_flights, live_flights); ++i) QTest::addRow("%d", i) << i;
}

void DrawnLogsTest::whileTheyAreFlown() {
    QFETCH(int, drawn);
    tests::ToldAnswers answers("live-" + std::to_string(drawn));
    auto [document, plan] = tests::flyable_from(4000 + 20 * drawn);
    answers.show(document);
    const auto shared = std::make_shared<const mission::Plan>(std::move(plan));
    const auto day = drawn % 2 == 0 ? practice::Day::drawn : practice::Day::growing_wind;
    auto log = sim::simulate(tests::drawn_scenario(*shared, std::uint64_t(100 + drawn), day)).log;
    tests::RoundNumbers draw(std::uint64_t(8000 + drawn));
    if (drawn % 2 == 1) tests::Spoiled(log, draw).in_way(draw.below(tests::Spoiled::ways));

    std::optional<watch::KnownCurrentScale> scale;
    if (draw.once_in(3)) scale = watch::KnownCurrentScale{.factor = draw.between(0.95, 1.05)};
    watch::LiveFlight flight(std::nullopt, scale);
    const auto& request = shared->request;
    flight.setSeries(request.pack.series);
    flight.setUsualDraw(request.aircraft.cruise_power_w, request.aircraft.cruise_power_w / 15.0);
    watch::LiveSolver solver(shared);
    watch::Callouts callouts(shared, {.count_down = draw.once_in(2)});
    // As often as a flight of any length gives a good many answers.
    constexpr std::size_t answered = 48;
    constexpr std::size_t recorded_every = 4;
    json callouts_made = json::array();
    watch::LiveAnswer answer;
    for (std::size_t i = 1; i <= answered; ++i) {
        flight.update(log, 0, log.rows() * i / answered);
        answer = solver.answer(flight);
        for (const auto& callout : callouts.hear(answer)) callouts_made.push_back(told(callout));
        if (i % recorded_every != 0) continue;
        const std::string at = std::to_string(i);
        const json now = told(answer);
        for (const auto& [key, value] : now.items()) answers.add("answer." + key, {{at, value}});
        if (i % (3 * recorded_every) == 0) {
            json reach = json::array();
            for (const auto& corner : solver.reach_from_here(answer, 6)) reach.push_back(number(corner));
            answers.add("reach", {{at, reach}});
        }
    }
    for (const auto& callout : callouts.silence(60.0, answer)) callouts_made.push_back(told(callout));
    answers.add("callouts", callouts_made);
    json seconds = json::array();
    for (const auto& s : flight.seconds())
        seconds.push_back({s.time_s, number(s.at), number(s.from_home_m), number(s.height_m), number(s.ground_mps),
                           number(s.voltage_v), number(s.current_a), s.charge_ah, s.energy_wh});
    answers.add("seconds", seconds);
    compare(answers);
}

void DrawnLogsTest::cleanupTestCase() {
    if (record_.asked() < std::size_t(spoiled_logs + live_flights))
        return; // one was asked for by name, or a sanitizer looks
    const std::string left = record_.closed();
    QVERIFY2(left.empty(), left.c_str());
}

SOBREMESA_TEST(DrawnLogsTest)
#include "tst_drawn_logs.moc"
