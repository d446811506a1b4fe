// From starting the program to its first painted window, as a whole process, beside a process that does nothing.

#include <QCoreApplication>
#include <QProcess>

#include <benchmark/benchmark.h>

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
    run(state, QStringLiteral(BIN_DIR "/sobremesa"),
        {QStringLiteral("--demo"), QStringLiteral(DEMO_DIR), QStringLiteral("--quit-after-first-paint")});
}
BENCHMARK(first_painted_window)->Unit(benchmark::kMillisecond)->UseRealTime()->MinTime(3.0);

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
