// From starting the program to its first painted window, as a whole process, beside a process that does nothing.

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

#include <benchmark/benchmark.h>

#include "io/kept_documents.hpp"
#include "session/workspace.hpp"

using namespace sobremesa;

namespace {

void run(benchmark::State& state, const QString& program, const QStringList& arguments) {
    for (auto _ : state) {
        QProcess process;
        process.start(program, arguments);
        if (!process.waitForFinished(60000) || process.exitCode() != 0) {
            state.SkipWithError("the program failed");
            return;
        }
    }
}

/// Until the window says it is painted; how long the program takes to put its things away is not waited for.
void run_until_painted(benchmark::State& state, const QStringList& arguments) {
    for (auto _ : state) {
        QProcess process;
        QElapsedTimer clock;
        clock.start();
        process.start(QStringLiteral(BIN_DIR "/sobremesa"), arguments);
        if (!process.waitForReadyRead(60000)) {
            state.SkipWithError("the window did not show");
            return;
        }
        state.SetIterationTime(double(clock.nsecsElapsed()) * 1e-9);
        process.waitForFinished(60000);
    }
}

void empty_process(benchmark::State& state) {
    run(state, QStringLiteral("/bin/true"), {});
}
BENCHMARK(empty_process)->Unit(benchmark::kMillisecond)->UseRealTime();

void command_line_plan(benchmark::State& state) {
    run(state, QStringLiteral(BIN_DIR "/sobremesa-cli"),
        {QStringLiteral("plan"), QStringLiteral(DEMO_DIR "/alcaravan-west.plan.json"), QStringLiteral("--json")});
}
BENCHMARK(command_line_plan)->Unit(benchmark::kMillisecond)->UseRealTime();

void first_painted_window(benchmark::State& state) {
    run_until_painted(
        state, {QStringLiteral("--demo"), QStringLiteral(DEMO_DIR), QStringLiteral("--quit-after-first-paint")});
}
BENCHMARK(first_painted_window)->Unit(benchmark::kMillisecond)->UseManualTime()->MinTime(3.0);

/// A book of a pilot's years: flights of the demo's aircraft, with their figures.
QString book_of(int flights) {
    static QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("%1.sqlite").arg(flights));
    if (QFile::exists(path)) return path;
    session::PlanSession plans;
    session::Workspace workspace(plans);
    if (!workspace.openBook(path)) qFatal("no book");
    auto request = session::first_request();
    workspace.beginWith(request);
    std::vector<logbook::RecordChange> changes;
    std::vector<std::pair<session::Id, telemetry::LogSummary>> summaries;
    for (int i = 0; i < flights; ++i) {
        book::KeptFlight kept;
        kept.name = "flight " + std::to_string(i);
        kept.flown = request;
        kept.aircraft_id = workspace.library().aircraft.begin()->first;
        kept.pack_id = workspace.library().packs.begin()->first;
        kept.start_clock_s = 1.6e9 + 86400.0 * i;
        telemetry::LogSummary summary;
        summary.duration_s = 600.0 + i;
        summary.distance.ground_m = units::Estimate{9000.0 + i, 20.0};
        summary.distance.farthest_from_home_m = units::Estimate{4000.0 + i, 3.0};
        summary.energy.charge_ah = units::Estimate{1.5, 0.05};
        summary.energy.energy_wh = units::Estimate{22.0, 1.0};
        summary.energy_wh_per_m = units::Estimate{0.0024, 0.0001};
        summary.charge_ah_per_m = units::Estimate{0.00016, 0.00001};
        changes.push_back({logbook::Kind::flight, workspace.newId(), std::nullopt, io::json_from(kept)});
        summaries.emplace_back(changes.back().id, summary);
    }
    workspace.make(logbook::EditKind::bring_in, "years", std::move(changes));
    workspace.setSummaries(summaries);
    workspace.settle();
    return path;
}

void first_painted_window_with_a_book(benchmark::State& state) {
    static const QTemporaryDir settings;
    run_until_painted(state, {QStringLiteral("--book"), book_of(int(state.range(0))), QStringLiteral("--settings"),
                              settings.path(), QStringLiteral("--quit-after-first-paint")});
}
BENCHMARK(first_painted_window_with_a_book)
    ->Arg(1)
    ->Arg(1000)
    ->Unit(benchmark::kMillisecond)
    ->UseManualTime()
    ->MinTime(3.0);

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
