// A place dragged on the map of a real window: from the hand's move to the plan's answer, to the painted window, to
// reach and limits, to the chance.

#include <QApplication>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>

#include <benchmark/benchmark.h>

#include "app/shell/main_window.hpp"
#include "session/plan_session.hpp"

using namespace sobremesa;

namespace {

/// What is waited for, one after the other.
enum Until { answered, painted, looked_out, chanced };

class Dragged {
public:
    explicit Dragged(const QString& plan) : window_(settings_.path(), settings_.filePath("logbook.sqlite")) {
        window_.openFile(plan);
        window_.resize(1280, 800);
        window_.show();
        settle();
        request_ = session().request();
    }

    /// Moves the first place, or the bearing, back and forth by a little. @return seconds, negative where nothing
    /// came
    double move(Until until) {
        ++moves_;
        mission::PlanRequest request = request_;
        if (request.mission.waypoints.empty())
            request.mission.bearing_deg += moves_ % 7;
        else
            request.mission.waypoints.front().at.east_m += 15.0 * (moves_ % 7);
        QElapsedTimer clock;
        clock.start();
        session().setRequest(request);
        bool came = wait(&session::PlanSession::planChanged);
        // What the window does next by itself: it lays out, and paints what has changed. Not what comes from other
        // threads meanwhile: that is the next step.
        if (until == painted) {
            QCoreApplication::sendPostedEvents(nullptr, QEvent::LayoutRequest);
            QCoreApplication::sendPostedEvents(nullptr, QEvent::UpdateRequest);
        }
        if (until >= looked_out) came = came && wait(&session::PlanSession::outlookChanged);
        // The chance comes as another outlook of the same plan.
        if (until == chanced) came = came && wait(&session::PlanSession::outlookChanged);
        const double seconds = double(clock.nsecsElapsed()) * 1e-9;
        settle();
        return came ? seconds : -1.0;
    }

private:
    /// Until the session says so, and all who listen have heard it: they were connected before.
    bool wait(void (session::PlanSession::*said)()) {
        QEventLoop loop;
        bool came = false;
        QObject::connect(&session(), said, &loop, [&] {
            came = true;
            loop.quit();
        });
        QTimer::singleShot(10000, &loop, &QEventLoop::quit);
        loop.exec();
        return came;
    }
    session::PlanSession& session() { return window_.planSession(); }
    void settle() {
        (void)QTest::qWaitFor([&] { return session().plan() && session().outlook_is_settled(); }, 30000);
        QCoreApplication::processEvents();
    }

    QTemporaryDir settings_;
    app::MainWindow window_;
    mission::PlanRequest request_;
    int moves_ = 0;
};

void drag(benchmark::State& state, Dragged& dragged, Until until) {
    for (auto _ : state) {
        const double seconds = dragged.move(until);
        if (seconds < 0.0) {
            state.SkipWithError("no plan came");
            return;
        }
        state.SetIterationTime(seconds);
    }
}

} // namespace

int main(int argc, char** argv) {
    const QApplication application(argc, argv);
    benchmark::Initialize(&argc, argv);
    const std::pair<const char*, Until> steps[] = {
        {"plan", answered}, {"painted", painted}, {"reach_and_limits", looked_out}, {"chance", chanced}};
    Dragged route(QStringLiteral(DEMO_DIR "/three-hills.plan.json"));
    Dragged straight(QStringLiteral(DEMO_DIR "/alcaravan-west.plan.json"));
    const std::pair<const char*, Dragged*> plans[] = {{"route", &route}, {"out_and_back_over_hills", &straight}};
    for (const auto& [plan, dragged] : plans) {
        for (const auto& [name, until] : steps) {
            benchmark::RegisterBenchmark(
                (std::string("drag_") + plan + "/" + name).c_str(),
                [dragged, until](benchmark::State& state) { drag(state, *dragged, until); })
                ->Unit(benchmark::kMillisecond)
                ->UseManualTime()
                ->Iterations(40);
        }
    }
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
