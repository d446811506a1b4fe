// Reading a log, debriefing it, planning a flight. Machines differ and are noisy: compare the ratios, not the
// times.

#include <cmath>
#include <cstdlib>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <future>

#include <benchmark/benchmark.h>
#include <fast_float/fast_float.h>

#include "core/learning/backtest.hpp"
#include "core/learning/pack_replay.hpp"
#include "core/matching/plan_bench.hpp"
#include "core/matching/sun_flight.hpp"
#include "core/mission/chance.hpp"
#include "core/mission/limits.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/reach.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "core/telemetry/min_max_pyramid.hpp"
#include "core/watch/callouts.hpp"
#include "core/watch/live_answer.hpp"
#include "io/all_cores.hpp"
#include "io/csv_log_reader.hpp"
#include "io/csv_log_writer.hpp"
#include "io/live_log.hpp"
#include "io/mavlink_log.hpp"
#include "io/plan_document.hpp"
#include "io/terrain.hpp"
#include "io/text_file.hpp"
#include "sim/simulated_flight.hpp"

using namespace sobremesa;

namespace {

/// An hour at 50 rows a second, as a recorder writes it; made once.
const std::string& long_log() {
    static const std::string path = [] {
        sim::Scenario scenario;
        scenario.pack.parallel = 4;
        scenario.mission.kind = sim::SimulatedMission::Kind::loiter;
        scenario.mission.loiter_s = 3500.0;
        scenario.sensors.rate_hz = 10.0;
        const auto flight = sim::simulate(scenario);
        // Ten rows a second is the simulator's step; each is written five times, a fiftieth of a second apart.
        telemetry::FlightLog dense;
        for (std::size_t row = 0; row < flight.log.rows(); ++row) {
            for (int k = 0; k < 5; ++k) {
                for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
                    const auto& column = flight.log.columns[c];
                    if (!column.empty()) dense.columns[c].push_back(column[row] + (c == 0 ? 0.02 * k : 0.0));
                }
                dense.lines.push_back(std::uint32_t(dense.lines.size() + 2));
            }
        }
        const std::string file = (std::filesystem::temp_directory_path() / "sobremesa-bench.csv").string();
        if (!io::write_text_file(file, io::csv_from_log(dense, io::LogStyle::recorder))) std::abort();
        return file;
    }();
    return path;
}

void read_csv(benchmark::State& state) {
    const auto bytes = std::filesystem::file_size(long_log());
    for (auto _ : state) {
        auto log = io::read_csv_log(long_log());
        benchmark::DoNotOptimize(log);
    }
    state.SetBytesProcessed(std::int64_t(bytes) * state.iterations());
}
BENCHMARK(read_csv)->Unit(benchmark::kMillisecond)->UseRealTime();

/// The yardstick: the number parser alone, over the same bytes already in memory, one value after the other.
void naive_number_loop(benchmark::State& state) {
    std::ifstream in(long_log(), std::ios::binary);
    const std::string text((std::istreambuf_iterator<char>(in)), {});
    const char* const begin = static_cast<const char*>(std::memchr(text.data(), '\n', text.size())) + 1;
    const char* const end = text.data() + text.size();
    for (auto _ : state) {
        double sum = 0.0;
        for (const char* p = begin; p < end;) {
            double value = 0.0;
            const auto parsed = fast_float::from_chars(p, end, value);
            sum += value;
            p = parsed.ptr + 1;
        }
        benchmark::DoNotOptimize(sum);
    }
    state.SetBytesProcessed(std::int64_t(text.size()) * state.iterations());
}
BENCHMARK(naive_number_loop)->Unit(benchmark::kMillisecond)->UseRealTime();

void debrief_one_hour_at_50_hz(benchmark::State& state) {
    for (auto _ : state) {
        auto log = io::read_csv_log(long_log());
        auto clean = telemetry::clean(*log);
        // As the session does it.
        auto summing = std::async(std::launch::async, [&] { return telemetry::summarise(*clean); });
        auto found = telemetry::find_out(*clean);
        auto summary = summing.get();
        benchmark::DoNotOptimize(summary);
        benchmark::DoNotOptimize(found);
    }
}
BENCHMARK(debrief_one_hour_at_50_hz)->Unit(benchmark::kMillisecond)->UseRealTime();

/// What a strip chart draws of a million samples at one step of panning, four strips of 1300 pixels.
void pan_over_a_million_samples(benchmark::State& state) {
    std::vector<double> x(1'000'000);
    std::vector<double> y(x.size());
    for (std::size_t i = 0; i < x.size(); ++i) {
        x[i] = 0.02 * double(i);
        y[i] = std::sin(0.001 * double(i)) + 0.1 * double(i * 7919 % 1000);
    }
    const telemetry::MinMaxPyramid column(y);
    double from = 0.0;
    for (auto _ : state) {
        from = from > 9000.0 ? 0.0 : from + 1.0;
        for (int strip = 0; strip < 4; ++strip) {
            auto line = telemetry::drawn_line(x, column, from, from + 10'000.0, 1300, 5.0);
            benchmark::DoNotOptimize(line);
        }
    }
}
BENCHMARK(pan_over_a_million_samples)->Unit(benchmark::kMicrosecond);

/// Forty flights: the curve fitted, and each flight forecast from those before it.
void forty_flights_learned(benchmark::State& state) {
    airframe::Aircraft aircraft =
        io::read_plan_file(std::string(DEMO_DIR) + "/alcaravan-west.plan.json")->request.aircraft;
    std::vector<learning::FlightObservation> observations(40);
    for (std::size_t k = 0; k < observations.size(); ++k) {
        observations[k].all_up_mass_kg = 1.5;
        for (const double v : {13.0, 15.5, 18.0}) {
            const double w = 0.004 * v * v * v + 700.0 / v;
            observations[k].level.push_back({{v, 0.2}, {w * (1.0 + 0.02 * double(k % 5)), 1.0}, 0.0, 100.0});
        }
    }
    for (auto _ : state) {
        auto test = learning::backtest(aircraft, 1.5, observations);
        benchmark::DoNotOptimize(test);
    }
}
BENCHMARK(forty_flights_learned)->Unit(benchmark::kMillisecond);

/// Flights of twenty packs on four aircraft: traces as logs give them, every third recharged.
learning::JointQuestion joint_question(int flights) {
    learning::JointQuestion question;
    battery::Pack pack;
    pack.series = 6;
    pack.cell_capacity_ah = 4.0;
    pack.mass_kg = 0.45;
    constexpr std::size_t packs = 20;
    question.packs.assign(packs, pack);
    question.sensors = 4;
    const battery::PackModel model(pack);
    for (int f = 0; f < flights; ++f) {
        learning::PackFlight flight;
        flight.flight_id = f + 1;
        flight.pack = std::size_t(f) % packs;
        flight.sensors = std::size_t(f) % question.sensors;
        flight.cycles = f / int(packs);
        battery::PackState state = model.atStart(20.0);
        constexpr int parts = 32;
        for (int k = 0; k < parts; ++k) {
            const double current_a = 7.0 + (k + f) % 3;
            learning::step(model, state, current_a, 20.0, 40.0);
            flight.trace.points.push_back(
                {40.0, state.charge_used_ah, current_a, model.atCurrent(state, current_a).voltage_v});
        }
        if (f % 3 == 0) flight.recharged_ah = state.charge_used_ah;
        question.flights.push_back(std::move(flight));
    }
    return question;
}

/// Packs and sensors fitted to all of that many flights at once.
void packs_and_sensors_fitted(benchmark::State& state) {
    const auto question = joint_question(int(state.range(0)));
    for (auto _ : state) {
        auto estimate = learning::joint_estimate(question);
        benchmark::DoNotOptimize(estimate);
    }
}
BENCHMARK(packs_and_sensors_fitted)->Arg(5)->Arg(40)->Arg(1000)->Unit(benchmark::kMillisecond);

mission::PlanRequest demo_request() {
    return io::read_plan_file(std::string(DEMO_DIR) + "/alcaravan-west.plan.json")->request;
}

void one_plan(benchmark::State& state) {
    const auto request = demo_request();
    for (auto _ : state) {
        auto plan = mission::make_plan(request);
        benchmark::DoNotOptimize(plan);
    }
}
BENCHMARK(one_plan)->Unit(benchmark::kMicrosecond);

/// A route over eight places and the demo's hills, with its limits: what follows a dragged place.
void route_over_terrain(benchmark::State& state) {
    auto document = io::read_plan_file(DEMO_DIR "/three-hills.plan.json");
    auto request = document->request;
    if (io::add_terrain(request)) std::abort();
    for (auto _ : state) {
        const auto plan = mission::make_plan(request);
        auto limits = mission::check_limits(*plan);
        benchmark::DoNotOptimize(limits);
    }
}
BENCHMARK(route_over_terrain)->Unit(benchmark::kMicrosecond);

/// @param range 1: over the demo's hills
void reach_of_180_bearings(benchmark::State& state) {
    auto request = demo_request();
    if (state.range(0) == 1 && io::add_terrain(request)) std::abort();
    for (auto _ : state) {
        auto line = mission::reach(request, 180);
        benchmark::DoNotOptimize(line);
    }
}
BENCHMARK(reach_of_180_bearings)->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond);

void chance_of_ten_thousand_days(benchmark::State& state) {
    const auto plan = mission::make_plan(demo_request());
    for (auto _ : state) {
        auto drawn = mission::chance(*plan, 10000, 1, {}, io::on_all_cores);
        benchmark::DoNotOptimize(drawn);
    }
}
BENCHMARK(chance_of_ten_thousand_days)->Unit(benchmark::kMillisecond);

/// What the plan mostly is made of, as its yardstick.
void one_discharge(benchmark::State& state) {
    const battery::PackModel pack(demo_request().pack);
    for (auto _ : state) {
        auto run = battery::discharge_at_power(pack, pack.atStart(18.0), 64.0, {2.8, 1e9});
        benchmark::DoNotOptimize(run);
    }
}
BENCHMARK(one_discharge)->Unit(benchmark::kMicrosecond);

/// Two hundred packs tried on the demo's aircraft, circuits made beforehand: what dragging the wind on the bench
/// costs.
void two_hundred_candidates(benchmark::State& state) {
    std::vector<battery::Pack> packs;
    for (int i = 0; i < 200; ++i) {
        battery::Pack pack = demo_request().pack;
        pack.parallel = 1 + i % 4;
        pack.mass_kg = 0.2 * pack.parallel + 0.001 * i;
        pack.chemistry = battery::Chemistry(i % 3);
        packs.push_back(pack);
    }
    const auto candidates = matching::candidates_of(packs);
    const auto bench = matching::bench_of(demo_request());
    for (auto _ : state) {
        auto matches = matching::match(*bench, candidates);
        benchmark::DoNotOptimize(matches);
    }
}
BENCHMARK(two_hundred_candidates)->Unit(benchmark::kMillisecond);

/// Fitting a maker's table of four rows, once for each pack that has one.
void one_rate_table(benchmark::State& state) {
    battery::Pack cell = demo_request().pack;
    cell.cell_capacity_ah = 3.0;
    cell.cell_resistance_ohm = 0.018;
    cell.rate_table = {{0.2, 3.0}, {3.0, 2.85}, {10.0, 2.75}, {15.0, 2.4}};
    for (auto _ : state) {
        battery::PackModel model(cell);
        benchmark::DoNotOptimize(model);
    }
}
BENCHMARK(one_rate_table)->Unit(benchmark::kMicrosecond);

mission::PlanRequest solar_wing() {
    return io::read_plan_file(DEMO_DIR "/vencejo-sun.plan.json")->request;
}

/// A day of 1440 minutes with its rows, its best start, and what six changes would bring.
void a_day_of_sun(benchmark::State& state) {
    const auto request = solar_wing();
    matching::SunQuestion question = *matching::question_of(request);
    question.start_utc_s.reset();
    question.changes = true;
    for (auto _ : state) benchmark::DoNotOptimize(matching::sun_day(request, question));
}
BENCHMARK(a_day_of_sun)->Unit(benchmark::kMillisecond);

/// Two hundred arrays in one day's light: each its balance through 1440 minutes and its flight.
void two_hundred_arrays(benchmark::State& state) {
    const auto request = solar_wing();
    const auto question = *matching::question_of(request);
    const auto light = *matching::light_of(question, 0.0);
    const auto pack = std::make_shared<const battery::PackModel>(request.pack);
    const auto start = pack->atStart(request.weather.temperature_c);
    for (auto _ : state) {
        for (int i = 0; i < 200; ++i) {
            auto other = request;
            other.aircraft.array->cell_area_m2 *= 0.7 + 0.002 * i;
            const auto craft = *matching::craft_of(other, matching::sun_airspeed_mps(other), pack);
            benchmark::DoNotOptimize(matching::sustained_spans(craft, light, question.day_utc_s));
            benchmark::DoNotOptimize(matching::run(craft, light, *question.start_utc_s, start, {}));
        }
    }
}
BENCHMARK(two_hundred_arrays)->Unit(benchmark::kMillisecond);

/// A flight of so many hours at ten rows a second: straight out and back, with some noise.
telemetry::FlightLog long_flight(double hours) {
    using telemetry::Channel;
    telemetry::FlightLog log;
    std::uint32_t state = 7;
    const auto noise = [&state] {
        state = state * 1664525u + 1013904223u;
        return double(state) / 4294967296.0 - 0.5;
    };
    const auto rows = std::size_t(hours * 36000.0);
    for (std::size_t i = 0; i < rows; ++i) {
        const double t = 0.1 * double(i);
        const double out_m = 8.0 * std::min(t, hours * 3600.0 - t) * 0.5;
        log[Channel::time_s].push_back(t);
        log[Channel::latitude_deg].push_back(39.4 + out_m / 111320.0 + 1e-6 * noise());
        log[Channel::longitude_deg].push_back(-31.4 + 1e-6 * noise());
        log[Channel::height_m].push_back(90.0 + noise());
        log[Channel::ground_speed_mps].push_back(4.0 + 0.2 * noise());
        log[Channel::course_deg].push_back(t < hours * 1800.0 ? 1.0 : 181.0);
        log[Channel::voltage_v].push_back(16.4 - 2.0 * t / (hours * 3600.0) + 0.02 * noise());
        log[Channel::current_a].push_back(1.0 + 0.1 * noise());
        log[Channel::charge_ah].push_back(t / 3600.0);
        log.lines.push_back(std::uint32_t(i + 2));
    }
    return log;
}

/// One second of watching at the end of a flight of so many hours: ten rows more, the live answer, the callouts.
void a_second_of_watching(benchmark::State& state) {
    const double hours = double(state.range(0));
    const auto log = long_flight(hours);
    const auto plan = std::make_shared<const mission::Plan>(*mission::make_plan(demo_request()));
    watch::LiveFlight flight;
    watch::LiveSolver solver(plan);
    watch::Callouts callouts(plan);
    std::size_t rows = log.rows() / 2;
    for (std::size_t i = 600; i < rows; i += 600) flight.update(log, 0, i);
    for (auto _ : state) {
        rows = rows + 10 < log.rows() ? rows + 10 : rows;
        flight.update(log, 0, rows);
        benchmark::DoNotOptimize(callouts.hear(solver.answer(flight)));
    }
}
BENCHMARK(a_second_of_watching)->Arg(1)->Arg(2)->Arg(4)->Unit(benchmark::kMillisecond);

/// Two hours of fifty packets a second, each packet by itself: cut, read, made into rows, ready to be written down.
void two_hours_of_packets(benchmark::State& state) {
    const auto log = long_flight(2.0);
    io::MavlinkWriter writer;
    std::vector<std::string> packets;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        for (auto& packet : writer.row(log, i)) packets.push_back(std::move(packet));
    }
    for (auto _ : state) {
        io::LiveLog live;
        std::size_t recorded = 0;
        double t = 1.8e9;
        for (const auto& packet : packets) {
            live.feed(packet, t += 0.02);
            recorded += live.take_recording().size();
        }
        benchmark::DoNotOptimize(recorded);
    }
    state.counters["packets"] = double(packets.size());
}
BENCHMARK(two_hours_of_packets)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
