// The workspace: edits, their undoing, and the next start after a crash.

#include <QFile>
#include <QProcess>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include <csignal>
#include <set>

#include <sys/resource.h>

#include "io/kept_documents.hpp"
#include "session/workspace.hpp"
#include "support/eventually.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::session;
using logbook::EditKind;
using logbook::Kind;

namespace {

mission::PlanRequest named_request(const char* plan) {
    auto request = tests::sample_request();
    request.name = plan;
    request.aircraft.name = "Alondra";
    request.pack.name = "B-07";
    return request;
}

/// A workspace on a book in a folder of its own.
struct Laid {
    explicit Laid(const QString& path) : workspace(session) {
        if (!workspace.openBook(path)) qFatal("the book does not open");
    }
    PlanSession session;
    Workspace workspace;
    const mission::PlanRequest& open() { return session.request(); }
    void editWind(double mps) {
        auto request = session.request();
        request.weather.wind.speed_mps = mps;
        if (session.setRequest(request)) qFatal("a wind that is possible was refused");
    }
    std::string nextUndo() { return workspace.nextUndo() ? workspace.nextUndo()->what : ""; }
};

} // namespace

class WorkspaceTest : public QObject {
    Q_OBJECT
public:
    /// The other half of `returnsAfterBeingKilled`: edits, says so, and waits for its end.
    static int editAndWait(const QString& path);

private slots:
    void init();
    void keptDocumentsReadAsTheyWereWritten();
    void aDamagedDocumentIsNamed();
    void anEmptyBookHasNoPlan();
    void everyEditCanBeUndoneAndRedone();
    void draggingIsOneEdit();
    void anotherThingIsAnotherEdit();
    void theSettingsAircraftIsTheRecordLists();
    void aRecordListEditReachesTheOpenPlan();
    void choosingAPackTakesItsLandingVoltage();
    void theKnownCruiseKeepsTheMassItWasFlownAt();
    void plansFromOutsideJoinTheLibraryOnce();
    void aNameThatIsTakenIsNotOverwritten();
    void removingTheOpenPlanOpensAnother();
    void impossibleValuesChangeNothing();
    void theNextStartFindsTheWorkspaceAsItWas();
    void figuresAreWholeForWhoeverAsks();
    void returnsAfterBeingKilled();
    void aFullDiskDelaysAndLosesNothing();
    void aReadOnlyBookIsShownAndSaidSo();
    void aRecordThatCannotBeReadStaysInTheBook();
    void namesEveryKindOfEditOnce();

private:
    std::unique_ptr<QTemporaryDir> folder_;
    QString path_;
};

void WorkspaceTest::init() {
    folder_ = std::make_unique<QTemporaryDir>();
    path_ = folder_->filePath(QStringLiteral("logbook.sqlite"));
}

void WorkspaceTest::keptDocumentsReadAsTheyWereWritten() {
    book::KeptFlight flight;
    flight.name = "over the ridge, \"quoted\"";
    flight.flown = named_request("ridge");
    flight.flown.pack.cell_resistance_ohm.reset();
    flight.aircraft_id = 3;
    flight.log_id = 9;
    flight.recharged_ah = 3.21;
    flight.start_clock_s = 1775898120.0;
    flight.note = "two lines\nof note";
    const std::string text = io::json_from(flight);
    const auto again = io::kept_flight_from_json(text, "test");
    QVERIFY(again);
    QCOMPARE(io::json_from(*again), text);
    QVERIFY(!again->pack_id && again->aircraft_id == 3);
    QVERIFY(!again->flown.pack.cell_resistance_ohm);

    telemetry::LogSummary summary;
    summary.duration_s = 600.0;
    summary.distance.ground_m = units::Estimate{9000.0, 30.0};
    summary.energy.lowest_voltage_v = 12.9;
    summary.pack.points = {
        {30.0, 0.05, 6.0, 15.9}, {12.5, 0.07, 6.1, telemetry::missing_value}, {31.0, 0.12, 5.9, 15.7}};
    summary.pack.sag_ohm = units::Estimate{0.061, 0.004};
    summary.pieces = {
        {{62.5, 1.5}, 88.0, 120.0, {{11.2, -9.6, 1.0, 30.0, 95.0}, {11.4, -9.5, 0.996, 30.0, 125.0}}, 0.4}};
    debrief::KeptBill bill{"0123456789abcdef", {41.5, {}}};
    bill.shares.wh[std::size_t(debrief::BillCause::gusts)] = -0.75;
    const std::string figures = io::json_from(io::KeptFigures{summary, bill});
    const auto read_figures = io::figures_from_json(figures, "test");
    QVERIFY(read_figures);
    QCOMPARE(io::json_from(*read_figures), figures);
    QVERIFY(read_figures->bill == bill);
    QVERIFY(!io::figures_from_json(io::json_from(io::KeptFigures{summary, std::nullopt}), "test")->bill);
    const telemetry::LogSummary* read = &read_figures->summary;
    QVERIFY(!read->energy.energy_wh);
    QCOMPARE(read->pack.points.size(), std::size_t(3));
    QVERIFY(std::isnan(read->pack.points[1].voltage_v));
    QCOMPARE(read->pack.points[2].charge_ah, 0.12);
    QCOMPARE(read->pack.sag_ohm->value, 0.061);
    QCOMPARE(read->pieces.front().velocities[1].straightness, 0.996);
    QCOMPARE(read->pieces.front().power_w.sd, 1.5);

    const book::KeptPlan plan{named_request("west"), 4, std::nullopt};
    QCOMPARE(io::json_from(*io::kept_plan_from_json(io::json_from(plan), "test")), io::json_from(plan));
}

void WorkspaceTest::aDamagedDocumentIsNamed() {
    const auto wrong = io::kept_pack_from_json("{\"format\":\"sobremesa-pack\",\"version\":1}", "logbook");
    QVERIFY(!wrong);
    QCOMPARE(int(wrong.error().code), int(units::ErrorCode::value_missing));
    QCOMPARE(int(io::kept_flight_from_json("{", "logbook").error().code), int(units::ErrorCode::json_syntax));
    QCOMPARE(int(io::kept_plan_from_json("{\"format\":\"sobremesa-pack\"}", "x").error().code),
             int(units::ErrorCode::format_unknown));
}

void WorkspaceTest::anEmptyBookHasNoPlan() {
    Laid laid(path_);
    QVERIFY(!laid.workspace.openPlanId());
    QVERIFY(!laid.workspace.nextUndo() && !laid.workspace.nextRedo());
    QVERIFY(!laid.session.plan());
    laid.editWind(7.0); // nothing lies open: nothing to edit
    QVERIFY(!laid.workspace.nextUndo());
}

void WorkspaceTest::everyEditCanBeUndoneAndRedone() {
    Laid laid(path_);
    Workspace& workspace = laid.workspace;
    const auto snapshot = [&] {
        std::string all;
        for (const auto& [id, k] : workspace.library().aircraft) all += io::json_from(k);
        for (const auto& [id, k] : workspace.library().packs) all += io::json_from(k);
        for (const auto& [id, k] : workspace.library().plans) all += io::json_from(k);
        for (const auto& [id, k] : workspace.library().flights) all += io::json_from(k);
        return all;
    };
    std::vector<std::string> states = {snapshot()};
    const auto done = [&] { states.push_back(snapshot()); };

    workspace.beginWith(named_request("west"));
    done();
    laid.editWind(6.0);
    done();
    const Id pack = workspace.library().packs.begin()->first;
    auto kept = workspace.library().packs.at(pack);
    kept.pack.mass_kg = 0.6;
    QVERIFY(workspace.put(EditKind::change_pack, pack, kept));
    done();
    const Id second = *workspace.put(EditKind::duplicate_pack, std::nullopt, kept);
    done();
    kept.retired = true;
    QVERIFY(workspace.put(EditKind::retire_pack, pack, kept));
    done();
    workspace.choosePlanPack(second);
    done();
    book::KeptFlight flight;
    flight.name = "first";
    flight.flown = laid.open();
    flight.pack_id = second;
    const Id filed = *workspace.put(EditKind::file_flight, std::nullopt, flight);
    done();
    workspace.remove(EditKind::remove_flight, Kind::flight, filed);
    done();
    workspace.remove(EditKind::remove_plan, Kind::plan, *workspace.openPlanId());
    done();

    for (std::size_t i = states.size() - 1; i > 0; --i) {
        QCOMPARE(snapshot(), states[i]);
        QVERIFY(workspace.nextUndo());
        workspace.undo();
    }
    QCOMPARE(snapshot(), states[0]);
    QVERIFY(!workspace.nextUndo());
    for (std::size_t i = 1; i < states.size(); ++i) {
        workspace.redo();
        QCOMPARE(snapshot(), states[i]);
    }
    QVERIFY(!workspace.nextRedo());
}

void WorkspaceTest::draggingIsOneEdit() {
    Laid laid(path_);
    laid.workspace.beginWith(named_request("west"));
    for (int step = 1; step <= 40; ++step) laid.editWind(4.0 + 0.1 * step);
    QCOMPARE(laid.open().weather.wind.speed_mps, 8.0);
    laid.workspace.undo();
    QCOMPARE(laid.open().weather.wind.speed_mps, 4.0);
    QCOMPARE(laid.nextUndo(), std::string("add-plan"));
    laid.workspace.redo();
    QCOMPARE(laid.open().weather.wind.speed_mps, 8.0);
    // After undo and redo a new drag is a new edit.
    laid.editWind(9.0);
    laid.workspace.undo();
    QCOMPARE(laid.open().weather.wind.speed_mps, 8.0);
}

void WorkspaceTest::anotherThingIsAnotherEdit() {
    Laid laid(path_);
    laid.workspace.beginWith(named_request("west"));
    const auto edit = [&](auto change) {
        auto request = laid.open();
        change(request);
        QVERIFY(!laid.session.setRequest(request));
    };
    edit([](auto& r) { r.weather.wind.from_deg = 200.0; });
    QCOMPARE(laid.nextUndo(), std::string("change-wind"));
    edit([](auto& r) { r.weather.temperature_c = 3.0; });
    QCOMPARE(laid.nextUndo(), std::string("change-temperature"));
    edit([](auto& r) { r.mission.bearing_deg = 90.0; });
    QCOMPARE(laid.nextUndo(), std::string("change-bearing"));
    edit([](auto& r) { r.mission.height_m = 60.0; });
    QCOMPARE(laid.nextUndo(), std::string("change-height"));
    edit([](auto& r) { r.reserve = mission::LoiterAtHome{4.0}; });
    QCOMPARE(laid.nextUndo(), std::string("change-reserve"));
    edit([](auto& r) { r.landing_cell_v = 3.0; });
    QCOMPARE(laid.nextUndo(), std::string("change-landing"));
    edit([](auto& r) { r.turn.counted = {mission::TurnRule::voltage}; });
    QCOMPARE(laid.nextUndo(), std::string("change-rules"));
    edit([](auto& r) { r.name = "west again"; });
    QCOMPARE(laid.nextUndo(), std::string("rename-plan"));
    edit([](auto& r) { r.aircraft.mass_kg = 1.3; });
    QCOMPARE(laid.nextUndo(), std::string("change-aircraft"));
    edit([](auto& r) {
        r.pack.chemistry = battery::Chemistry::lipo;
        r.landing_cell_v.reset();
    });
    QCOMPARE(laid.nextUndo(), std::string("change-pack"));
    edit([](auto& r) {
        r.pack.series = 5;
        r.aircraft.mass_kg = 1.0;
    });
    QCOMPARE(laid.nextUndo(), std::string("change-plan"));
}

void WorkspaceTest::theSettingsAircraftIsTheRecordLists() {
    Laid laid(path_);
    laid.workspace.beginWith(named_request("west"));
    auto request = laid.open();
    request.aircraft.mass_kg = 1.4;
    QVERIFY(!laid.session.setRequest(request));
    QCOMPARE(laid.workspace.library().aircraft.begin()->second.aircraft.mass_kg, 1.4);
    laid.workspace.undo();
    QCOMPARE(laid.workspace.library().aircraft.begin()->second.aircraft.mass_kg, 1.25);
    QCOMPARE(laid.open().aircraft.mass_kg, 1.25);
}

void WorkspaceTest::aRecordListEditReachesTheOpenPlan() {
    Laid laid(path_);
    laid.workspace.beginWith(named_request("west"));
    const auto& [id, on_record_list] = *laid.workspace.library().packs.begin();
    auto kept = on_record_list;
    kept.pack.cell_capacity_ah = 5.0;
    QVERIFY(laid.workspace.put(EditKind::change_pack, id, kept));
    QCOMPARE(laid.open().pack.cell_capacity_ah, 5.0);
    EVENTUALLY(laid.session.plan() && laid.session.plan()->request.pack.cell_capacity_ah == 5.0);
}

void WorkspaceTest::choosingAPackTakesItsLandingVoltage() {
    Laid laid(path_);
    laid.workspace.beginWith(named_request("west"));
    QVERIFY(laid.open().landing_cell_v.has_value());
    book::KeptPack lipo;
    lipo.pack = laid.open().pack;
    lipo.pack.name = "A-02";
    lipo.pack.chemistry = battery::Chemistry::lipo;
    const Id id = *laid.workspace.put(EditKind::add_pack, std::nullopt, lipo);
    laid.workspace.choosePlanPack(id);
    QCOMPARE(laid.open().pack.name, std::string("A-02"));
    QVERIFY(!laid.open().landing_cell_v);
    laid.workspace.undo();
    QCOMPARE(laid.open().pack.name, std::string("B-07"));
}

void WorkspaceTest::theKnownCruiseKeepsTheMassItWasFlownAt() {
    // A heavier pack is not free: the cruise was flown with the one before.
    Laid laid(path_);
    laid.workspace.beginWith(named_request("west"));
    QVERIFY(!laid.open().aircraft.cruise_all_up_mass_kg);
    const double flown_kg = mission::all_up_mass_kg(laid.open());
    book::KeptPack heavy;
    heavy.pack = laid.open().pack;
    heavy.pack.name = "D-11";
    heavy.pack.mass_kg += 0.8;
    const Id id = *laid.workspace.put(EditKind::add_pack, std::nullopt, heavy);
    laid.workspace.choosePlanPack(id);
    QCOMPARE(laid.open().aircraft.cruise_all_up_mass_kg, std::optional(flown_kg));
    QCOMPARE(laid.workspace.library().aircraft.begin()->second.aircraft.cruise_all_up_mass_kg,
             std::optional(flown_kg));
    // One edit: undone with the choice.
    laid.workspace.undo();
    QVERIFY(!laid.open().aircraft.cruise_all_up_mass_kg);
    QVERIFY(!laid.workspace.library().aircraft.begin()->second.aircraft.cruise_all_up_mass_kg);
}

void WorkspaceTest::plansFromOutsideJoinTheLibraryOnce() {
    Laid laid(path_);
    const Id first = laid.workspace.bringInPlan(named_request("west"));
    QCOMPARE(laid.workspace.library().aircraft.size(), std::size_t(1));
    auto other = named_request("east");
    other.mission.bearing_deg = 90.0;
    const Id second = laid.workspace.bringInPlan(other);
    QVERIFY(first != second);
    QCOMPARE(laid.workspace.library().aircraft.size(), std::size_t(1));
    QCOMPARE(laid.workspace.library().plans.size(), std::size_t(2));
    QCOMPARE(laid.workspace.bringInPlan(named_request("west")), first);
    QCOMPARE(laid.workspace.openPlanId(), std::optional<Id>(first));
    QCOMPARE(laid.workspace.library().plans.size(), std::size_t(2));
}

void WorkspaceTest::aNameThatIsTakenIsNotOverwritten() {
    Laid laid(path_);
    laid.workspace.bringInPlan(named_request("west"));
    auto other = named_request("east");
    other.pack.mass_kg = 0.7; // another B-07
    const Id id = laid.workspace.bringInPlan(other);
    QCOMPARE(laid.workspace.library().packs.size(), std::size_t(1));
    QCOMPARE(laid.workspace.library().packs.begin()->second.pack.mass_kg, 0.58);
    QVERIFY(!laid.workspace.library().plans.at(id).pack_id);
    QCOMPARE(laid.open().pack.mass_kg, 0.7);
}

void WorkspaceTest::removingTheOpenPlanOpensAnother() {
    Laid laid(path_);
    const Id first = laid.workspace.bringInPlan(named_request("west"));
    const Id second = laid.workspace.bringInPlan(named_request("east"));
    laid.workspace.remove(EditKind::remove_plan, Kind::plan, second);
    QCOMPARE(laid.workspace.openPlanId(), std::optional<Id>(first));
    laid.workspace.remove(EditKind::remove_plan, Kind::plan, first);
    QVERIFY(!laid.workspace.openPlanId());
    QVERIFY(!laid.session.plan());
    laid.workspace.undo();
    QCOMPARE(laid.workspace.openPlanId(), std::optional<Id>(first));
}

void WorkspaceTest::impossibleValuesChangeNothing() {
    Laid laid(path_);
    laid.workspace.beginWith(named_request("west"));
    const auto& [id, on_record_list] = *laid.workspace.library().aircraft.begin();
    auto kept = on_record_list;
    kept.aircraft.mass_kg = -1.0;
    const auto refused = laid.workspace.put(EditKind::change_aircraft, id, kept);
    QVERIFY(!refused);
    QCOMPARE(refused.error().where.field, std::string("aircraft.mass_kg"));
    QCOMPARE(laid.workspace.library().aircraft.begin()->second.aircraft.mass_kg, 1.25);
    QCOMPARE(laid.nextUndo(), std::string("add-plan"));
}

void WorkspaceTest::theNextStartFindsTheWorkspaceAsItWas() {
    Id open = 0;
    {
        Laid laid(path_);
        open = laid.workspace.bringInPlan(named_request("west"));
        laid.workspace.bringInPlan(named_request("east"));
        laid.workspace.openPlan(open);
        laid.editWind(5.5);
        laid.workspace.undo();
    }
    Laid again(path_);
    QCOMPARE(again.workspace.openPlanId(), std::optional<Id>(open));
    QCOMPARE(again.open().weather.wind.speed_mps, 4.0);
    QVERIFY(again.workspace.nextRedo());
    again.workspace.redo();
    QCOMPARE(again.open().weather.wind.speed_mps, 5.5);
    // A number is never used twice, whatever was removed.
    const Id before = again.workspace.newId();
    QVERIFY(before > open + 1);
}

void WorkspaceTest::figuresAreWholeForWhoeverAsks() {
    // More flights than are read in a moment, and two whose figures are of no use.
    constexpr int flights = 200;
    std::vector<Id> ids;
    {
        Laid laid(path_);
        laid.workspace.beginWith(named_request("west"));
        std::vector<logbook::RecordChange> changes;
        std::vector<std::pair<Id, telemetry::LogSummary>> summaries;
        for (int i = 0; i < flights; ++i) {
            book::KeptFlight flight;
            flight.name = "flight " + std::to_string(i);
            flight.flown = laid.open();
            flight.log_id = 1000 + i;
            ids.push_back(laid.workspace.newId());
            changes.push_back({Kind::flight, ids.back(), std::nullopt, io::json_from(flight)});
            telemetry::LogSummary summary;
            summary.duration_s = 600.0 + i;
            summary.energy.charge_ah = units::Estimate{1.0 + 0.001 * i, 0.02};
            if (i > 0) summaries.emplace_back(ids.back(), summary);
        }
        laid.workspace.make(EditKind::bring_in, "years", std::move(changes));
        laid.workspace.setSummaries(summaries);
        laid.workspace.settle();
    }
    {
        auto book = logbook::Book::open(path_.toStdString());
        QVERIFY(book);
        auto figures = book->read()->figures;
        auto damaged = std::find_if(figures.begin(), figures.end(),
                                    [&](const auto& each) { return each.flight_id == ids[1]; });
        QVERIFY(damaged != figures.end());
        damaged->document = "{";
        QVERIFY(book->put(*damaged));
    }
    Laid again(path_);
    QSignalSpy read(&again.workspace, &Workspace::figuresRead);
    // Before anything was told: nobody sees them in part.
    QCOMPARE(again.workspace.unread(), std::vector<Id>({ids[0], ids[1]}));
    QCOMPARE(again.workspace.summaries().size(), std::size_t(flights - 2));
    for (int i = 2; i < flights; ++i)
        QCOMPARE(again.workspace.summaries().at(ids[std::size_t(i)]).duration_s, 600.0 + i);
    QTRY_COMPARE(read.count(), 1);
    // What is set meanwhile is not overwritten by what was kept before.
    Laid third(path_);
    telemetry::LogSummary newer;
    newer.duration_s = 1.0;
    third.workspace.setSummary(ids[5], newer);
    QSignalSpy later(&third.workspace, &Workspace::figuresRead);
    QTRY_COMPARE(later.count(), 1);
    QCOMPARE(third.workspace.summaries().at(ids[5]).duration_s, 1.0);
    // Closed while it reads.
    for (int i = 0; i < 5; ++i) {
        Laid closed(path_);
        closed.workspace.withoutBook();
        QVERIFY(closed.workspace.summaries().empty());
    }
}

int WorkspaceTest::editAndWait(const QString& path) {
    Laid laid(path);
    laid.workspace.beginWith(named_request("west"));
    laid.editWind(6.5);
    // Not flushed by hand: the workspace itself has a second for it.
    QTest::qWait(1000);
    puts("edited");
    fflush(stdout);
    QTest::qWait(60000);
    return 0;
}

void WorkspaceTest::returnsAfterBeingKilled() {
    QProcess other;
    other.start(QCoreApplication::applicationFilePath(), {QStringLiteral("--edit-and-wait"), path_});
    QVERIFY(other.waitForReadyRead(sobremesa::tests::patience_ms));
    QCOMPARE(other.readAllStandardOutput().trimmed(), QByteArray("edited"));
    ::kill(pid_t(other.processId()), SIGKILL);
    QVERIFY(other.waitForFinished(sobremesa::tests::patience_ms));
    QCOMPARE(other.exitStatus(), QProcess::CrashExit);
    Laid laid(path_);
    QVERIFY(laid.workspace.worker().is_writable());
    QCOMPARE(laid.open().weather.wind.speed_mps, 6.5);
    QCOMPARE(laid.nextUndo(), std::string("change-wind"));
    laid.workspace.undo();
    QCOMPARE(laid.open().weather.wind.speed_mps, 4.0);
    laid.workspace.undo();
    QVERIFY(laid.workspace.library().plans.empty());
    laid.workspace.redo();
    laid.workspace.redo();
    QCOMPARE(laid.open().weather.wind.speed_mps, 6.5);
}

void WorkspaceTest::aFullDiskDelaysAndLosesNothing() {
    {
        Laid laid(path_);
        QSignalSpy failed(&laid.workspace.worker(), &LogbookWorker::failed);
        QSignalSpy recovered(&laid.workspace.worker(), &LogbookWorker::recovered);
        laid.workspace.bringInPlan(named_request("west"));
        laid.workspace.settle();
        // The system itself refuses to let any file grow.
        signal(SIGXFSZ, SIG_IGN);
        rlimit before{};
        QCOMPARE(getrlimit(RLIMIT_FSIZE, &before), 0);
        rlimit tight = before;
        tight.rlim_cur = 150'000;
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &tight), 0);
        const auto& [id, on_record_list] = *laid.workspace.library().packs.begin();
        auto kept = on_record_list;
        kept.note = std::string(300'000, 'x');
        QVERIFY(laid.workspace.put(EditKind::change_pack, id, kept));
        EVENTUALLY(failed.count() > 0);
        // In the workspace it is there, and what comes after waits behind it.
        laid.editWind(9.0);
        laid.workspace.settle();
        QVERIFY(laid.workspace.worker().waiting() >= 2);
        QCOMPARE(recovered.count(), 0);
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &before), 0);
        EVENTUALLY_EQUAL(recovered.count(), 1);
        QCOMPARE(laid.workspace.worker().waiting(), std::size_t(0));
    }
    Laid again(path_);
    QCOMPARE(again.workspace.library().packs.begin()->second.note.size(), std::size_t(300'000));
    QCOMPARE(again.open().weather.wind.speed_mps, 9.0);
}

void WorkspaceTest::aReadOnlyBookIsShownAndSaidSo() {
    {
        Laid laid(path_);
        laid.workspace.bringInPlan(named_request("west"));
    }
    PlanSession session;
    Workspace workspace(session);
    logbook::BookOptions only;
    only.read_only = true;
    QVERIFY(workspace.openBook(path_, only));
    QVERIFY(!workspace.worker().is_writable());
    QCOMPARE(workspace.library().plans.size(), std::size_t(1));
    // One may try things out; nothing of it stays.
    auto request = session.request();
    request.weather.wind.speed_mps = 11.0;
    QVERIFY(!session.setRequest(request));
    workspace.settle();
    Laid again(path_);
    QCOMPARE(again.open().weather.wind.speed_mps, 4.0);
}

void WorkspaceTest::aRecordThatCannotBeReadStaysInTheBook() {
    {
        Laid laid(path_);
        laid.workspace.bringInPlan(named_request("west"));
    }
    const logbook::Record odd{Kind::pack, 77, "{\"format\":\"sobremesa-pack\",\"version\":99}"};
    { QVERIFY(logbook::Book::open(path_.toStdString())->put(odd)); }
    {
        PlanSession session;
        Workspace workspace(session);
        QSignalSpy unreadable(&workspace, &Workspace::unreadable);
        QVERIFY(workspace.openBook(path_));
        QCOMPARE(unreadable.count(), 1);
        QCOMPARE(int(unreadable[0][0].value<units::Error>().cause->code), int(units::ErrorCode::version_newer));
        QCOMPARE(workspace.library().packs.size(), std::size_t(1));
        workspace.beginWith(named_request("another"));
    }
    auto book = logbook::Book::open(path_.toStdString());
    const auto contents = book->read();
    const bool there = std::any_of(contents->records.begin(), contents->records.end(), [&](const auto& record) {
        return record.id == 77 && record.document == odd.document;
    });
    QVERIFY(there);
}

void WorkspaceTest::namesEveryKindOfEditOnce() {
    std::set<std::string> words;
    int kinds = 0;
    // Until there is no further one, so that a new kind at the end is not passed over.
    for (std::string word; !(word = logbook::edit_word(EditKind(kinds))).empty(); ++kinds) {
        QVERIFY2(words.insert(word).second, word.c_str());
        QCOMPARE(int(*logbook::edit_from_word(word)), kinds);
    }
    QVERIFY(kinds > int(EditKind::bring_in));
    QVERIFY(!logbook::edit_from_word("paint-it"));
}

SOBREMESA_TEST(WorkspaceTest)
static const tests::RegisteredTest edit_and_wait("--edit-and-wait", [](int argc, char** argv) {
    return argc == 2 ? WorkspaceTest::editAndWait(QString::fromLocal8Bit(argv[1])) : 2;
});
#include "tst_workspace.moc"
