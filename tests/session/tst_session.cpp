#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <QThread>

#include "core/mission/make_plan.hpp"
#include "io/plan_document.hpp"
#include "session/debrief_session.hpp"
#include "session/flight_folder.hpp"
#include "session/latest_job.hpp"
#include "session/plan_session.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::session;

namespace {

QString demo(const char* name) {
    return QStringLiteral(DEMO_DIR "/") + QLatin1String(name);
}

/// What is offered against its broken limits.
std::vector<double> cures(const PlanSession& session) {
    std::vector<double> values;
    for (const auto& check : session.outlook()->limits.checks) {
        if (check.verdict == mission::Verdict::broken && check.cure) values.push_back(check.cure->value);
    }
    return values;
}

} // namespace

class SessionTest : public QObject {
    Q_OBJECT
private slots:
    void newestJobWins();
    void workRunsElsewhereAndAnswersHere();
    void cancelReachesTheWork();
    void aJobThatOutlivesItsOwnerIsDropped();
    void requestBecomesAPlan();
    void impossibleRequestChangesNothing();
    void theVerdictIsAlwaysThatOfThePlan();
    void onlyACureThatWasTriedIsOffered();
    void aClearedTableStaysCleared();
    void plansAreSavedAndOpened();
    void logsOpenWithProgress();
    void aLogThatFailsLeavesTheOneBefore();
    void openingAnotherLogDropsTheFirst();
    void leftNeedsAPackThatFits();
    void demoFoldersAreCopied();
};

void SessionTest::newestJobWins() {
    LatestJob job;
    std::vector<int> answers;
    for (int i = 0; i < 50; ++i) {
        job.start(
            [i](std::stop_token) {
                QThread::msleep(5);
                return i;
            },
            [&](int answer) { answers.push_back(answer); });
    }
    EVENTUALLY(!job.is_running());
    QCOMPARE(answers.back(), 49);
    QVERIFY(answers.size() < 10); // those that waited were replaced, not queued
}

void SessionTest::workRunsElsewhereAndAnswersHere() {
    LatestJob job;
    QThread* worked = nullptr;
    QThread* answered = nullptr;
    QSignalSpy running(&job, &LatestJob::runningChanged);
    job.start(
        [&](std::stop_token) {
            worked = QThread::currentThread();
            return 0;
        },
        [&](int) { answered = QThread::currentThread(); });
    EVENTUALLY(answered != nullptr);
    QVERIFY(worked != QThread::currentThread());
    QCOMPARE(answered, QThread::currentThread());
    EVENTUALLY_EQUAL(running.count(), 2);
}

void SessionTest::cancelReachesTheWork() {
    LatestJob job;
    bool stopped = false;
    job.start(
        [](std::stop_token stop) {
            while (!stop.stop_requested()) QThread::msleep(1);
            return true;
        },
        [&](bool answer) { stopped = answer; });
    job.cancel();
    EVENTUALLY(stopped);
}

void SessionTest::aJobThatOutlivesItsOwnerIsDropped() {
    bool answered = false;
    {
        LatestJob job;
        job.start(
            [](std::stop_token) {
                QThread::msleep(30);
                return 0;
            },
            [&](int) { answered = true; });
    }
    QTest::qWait(60);
    QVERIFY(!answered);
}

void SessionTest::requestBecomesAPlan() {
    PlanSession session;
    QSignalSpy changed(&session, &PlanSession::planChanged);
    QVERIFY(!session.setRequest(tests::sample_request()).has_value());
    EVENTUALLY_EQUAL(changed.count(), 1);
    QVERIFY(session.plan()->turn.has_value());
    EVENTUALLY(session.is_settled());
    QVERIFY(mission::make_plan(first_request())->turn.has_value());
}

void SessionTest::impossibleRequestChangesNothing() {
    PlanSession session;
    session.setRequest(tests::sample_request());
    auto heavy = tests::sample_request();
    heavy.aircraft.mass_kg = -3.0;
    const auto error = session.setRequest(heavy);
    QVERIFY(error.has_value());
    QCOMPARE(error->where.field, std::string("aircraft.mass_kg"));
    QCOMPARE(session.request().aircraft.mass_kg, 1.25);
    EVENTUALLY(session.is_settled());
}

void SessionTest::theVerdictIsAlwaysThatOfThePlan() {
    PlanSession session;
    int shown = 0;
    const auto look = [&] {
        ++shown;
        QVERIFY(session.outlook());
        QCOMPARE(session.outlook()->plan.get(), session.plan().get());
        QCOMPARE(session.outlook()->limits.go, mission::check_limits(*session.plan()).go);
    };
    connect(&session, &PlanSession::planChanged, this, look);
    connect(&session, &PlanSession::outlookChanged, this, look);
    auto request = tests::sample_request();
    QVERIFY(!session.setRequest(request));
    EVENTUALLY(session.plan() && session.outlook_is_settled());
    QVERIFY(session.outlook()->limits.go);
    // From go to no-go and back: at no moment does one stand beside the other's plan.
    request.height_ceiling_m = 40.0;
    QVERIFY(!session.setRequest(request));
    EVENTUALLY(session.outlook_is_settled());
    QVERIFY(!session.outlook()->limits.go);
    QCOMPARE(cures(session), std::vector<double>{40.0});
    request.height_ceiling_m = 120.0;
    QVERIFY(!session.setRequest(request));
    EVENTUALLY(session.outlook_is_settled());
    QVERIFY(shown >= 6);
}

void SessionTest::onlyACureThatWasTriedIsOffered() {
    PlanSession session;
    std::vector<std::vector<double>> offered;
    connect(&session, &PlanSession::planChanged, this, [&] { offered.push_back(cures(session)); });
    auto request = tests::sample_request();
    for (const double ceiling_m : {40.0, 60.0}) {
        request.height_ceiling_m = ceiling_m;
        QVERIFY(!session.setRequest(request));
        EVENTUALLY(session.plan() && session.outlook_is_settled());
        QCOMPARE(cures(session), std::vector<double>{ceiling_m});
    }
    // Nobody has tried one yet when the first plan comes; beside the second stands that of the first until then.
    QCOMPARE(offered, (std::vector<std::vector<double>>{{}, {40.0}}));
}

void SessionTest::aClearedTableStaysCleared() {
    PlanSession session;
    for (int i = 0; i < 20; ++i) {
        QVERIFY(!session.setRequest(tests::sample_request()));
        // Whatever was under way: the plan, its outlook, its chance.
        QTest::qWait(i);
        session.clear();
        EVENTUALLY(session.outlook_is_settled());
        QCoreApplication::processEvents();
        QVERIFY(!session.plan() && !session.outlook());
        QCOMPARE(session.planDocument(), std::int64_t(-1));
    }
}

void SessionTest::plansAreSavedAndOpened() {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.plan.json"));
    PlanSession first;
    first.setRequest(tests::sample_request());
    QVERIFY(first.save(path).has_value());
    const auto document = io::read_plan_file(path.toStdString());
    QVERIFY(document);
    PlanSession second;
    QSignalSpy planned(&second, &PlanSession::planChanged);
    QSignalSpy edited(&second, &PlanSession::requestEdited);
    second.show(document->request, 12);
    EVENTUALLY_EQUAL(planned.count(), 1);
    QCOMPARE(second.planDocument(), 12);
    QCOMPARE(second.request().pack.cell_capacity_ah, 4.5);
    QVERIFY2(edited.isEmpty(), "showing a document is no edit");
    QVERIFY(!first.save(QStringLiteral("/nowhere/at/all.json")).has_value());
    EVENTUALLY(first.is_settled() && second.is_settled());
}

void SessionTest::logsOpenWithProgress() {
    DebriefSession session;
    QSignalSpy changed(&session, &DebriefSession::debriefChanged);
    QSignalSpy progressed(&session, &DebriefSession::progressed);
    session.open(demo("2026-05-16-alcaravan-three-hills.csv"));
    EVENTUALLY_EQUAL(changed.count(), 1);
    QVERIFY(progressed.count() >= 1);
    QVERIFY(session.debrief()->summary.distance.ground_m.has_value());
}

void SessionTest::aLogThatFailsLeavesTheOneBefore() {
    DebriefSession session;
    QSignalSpy changed(&session, &DebriefSession::debriefChanged);
    QSignalSpy refused(&session, &DebriefSession::refused);
    session.open(demo("2026-04-11-alcaravan-calm.csv"));
    EVENTUALLY_EQUAL(changed.count(), 1);
    session.open(demo("alcaravan-west.plan.json"));
    EVENTUALLY_EQUAL(refused.count(), 1);
    QVERIFY(session.debrief()->path.endsWith(QStringLiteral("calm.csv")));
}

void SessionTest::openingAnotherLogDropsTheFirst() {
    DebriefSession session;
    QSignalSpy changed(&session, &DebriefSession::debriefChanged);
    QSignalSpy refused(&session, &DebriefSession::refused);
    session.open(demo("2026-05-02-tarabilla-landed-at-3v5.csv"));
    session.open(demo("2026-04-11-alcaravan-calm.csv"));
    EVENTUALLY_EQUAL(changed.count(), 1);
    EVENTUALLY(!session.is_opening());
    QCOMPARE(changed.count(), 1);
    QCOMPARE(refused.count(), 0);
    QVERIFY(session.debrief()->path.endsWith(QStringLiteral("calm.csv")));
}

void SessionTest::leftNeedsAPackThatFits() {
    DebriefSession session;
    QSignalSpy changed(&session, &DebriefSession::debriefChanged);
    session.open(demo("2026-05-02-tarabilla-landed-at-3v5.csv"));
    EVENTUALLY_EQUAL(changed.count(), 1);
    battery::Pack pack = tests::sample_request().pack;
    const auto flown = [&](double air_c) {
        mission::PlanRequest request;
        request.pack = pack;
        request.landing_cell_v = 2.8;
        request.weather.temperature_c = air_c;
        return request;
    };
    const auto wrong = session.left(flown(23.0));
    QVERIFY(!wrong.left.has_value());
    QCOMPARE(wrong.diagnostic->code, units::DiagnosticCode::pack_does_not_fit);
    pack.series = 6;
    pack.parallel = 1;
    pack.cell_capacity_ah = 4.35;
    const auto right = session.left(flown(23.0));
    QVERIFY(right.left.has_value());
    // Landed at 3.5 V a cell with a Li-ion pack: a third or more is still in it.
    QVERIFY(right.left->share.value > 0.3);
    // In the cold the pack would have given less: less of it is left than on a warm day.
    const auto cold = session.left(flown(-10.0));
    QVERIFY(cold.left->share.value < right.left->share.value - 0.01);
}

void SessionTest::demoFoldersAreCopied() {
    const QTemporaryDir folder;
    QCOMPARE(throw_away_copy(QStringLiteral(DEMO_DIR), folder.path()), folder.path());
    const FlightFolder files = read_flight_folder(folder.path());
    QVERIFY(files.logs.size() >= 6);
    QVERIFY(files.plans.size() >= 2);
    QVERIFY(throw_away_copy(QStringLiteral("/nowhere"), folder.path()).isEmpty());
}

SOBREMESA_TEST(SessionTest)
#include "tst_session.moc"
