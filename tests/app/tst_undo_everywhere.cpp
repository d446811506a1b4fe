// Undoing takes things away that are being looked at. In every place, with everything on the table, all of a book's
// edits are undone and done again: no page may hold on to what is no longer there.

#include <random>

#include "app/opened_window.hpp"
#include "app/places/fleet/fleet_place.hpp"
#include "app/places/packs/packs_place.hpp"
#include "app/shell/guarded_application.hpp"
#include "session/learning_session.hpp"
#include "support/eventually.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using app::Place;

class UndoEverywhereTest : public QObject {
    Q_OBJECT
private slots:
    void allOfItInEveryPlace_data();
    void allOfItInEveryPlace();
    void recordsGoWhileTheyAreShown();

private:
    static constexpr Place places[] = {Place::fleet, Place::packs,   Place::sensors,
                                       Place::plan,  Place::debrief, Place::logbook};
};

void UndoEverywhereTest::allOfItInEveryPlace_data() {
    QTest::addColumn<int>("place");
    for (const Place place : places) QTest::addRow("place %d", int(place)) << int(place);
}

void UndoEverywhereTest::allOfItInEveryPlace() {
    QFETCH(int, place);
    tests::OpenedWindow opened;
    app::MainWindow& window = *opened.operator->();
    QStringList faults;
    if (auto* guarded = qobject_cast<app::GuardedApplication*>(qApp))
        connect(guarded, &app::GuardedApplication::faulted, this, [&](const QString& what) { faults << what; });
    else
        QFAIL("a test without the guard sees nothing");
    opened.bringInFlights();
    auto& workspace = window.workspace();
    // Edits of every kind of record, and a flight on the table.
    auto aircraft = *workspace.library().aircraft.begin();
    aircraft.second.note = "looked at";
    QVERIFY(workspace.put(logbook::EditKind::change_aircraft, aircraft.first, aircraft.second));
    auto pack = *workspace.library().packs.begin();
    pack.second.readings.push_back({1.7e9, 3.0, 5.6, {}, {}});
    QVERIFY(workspace.put(logbook::EditKind::change_pack, pack.first, pack.second));
    window.showPlace(Place::debrief);
    window.flightSession().openFlight(workspace.library().flights.begin()->first);
    EVENTUALLY(window.flightSession().filed());
    window.flightSession().setNote(QStringLiteral("looked at"));
    window.showPlace(Place(place));
    opened.settle();
    for (int round = 0; round < 2; ++round) {
        while (workspace.nextUndo()) {
            workspace.undo();
            QCoreApplication::processEvents();
        }
        QVERIFY(workspace.library().flights.empty());
        while (workspace.nextRedo()) {
            workspace.redo();
            QCoreApplication::processEvents();
        }
        QCOMPARE(workspace.library().flights.size(), std::size_t(8));
    }
    QVERIFY2(faults.isEmpty(), qPrintable(faults.join(QLatin1Char('\n'))));
}

void UndoEverywhereTest::recordsGoWhileTheyAreShown() {
    tests::OpenedWindow opened;
    app::MainWindow& window = *opened.operator->();
    QStringList faults;
    connect(qobject_cast<app::GuardedApplication*>(qApp), &app::GuardedApplication::faulted, this,
            [&](const QString& what) { faults << what; });
    opened.bringInFlights();
    auto& workspace = window.workspace();
    std::mt19937 draw(9);
    for (int step = 0; step < 80; ++step) {
        window.showPlace(places[draw() % std::size(places)]);
        const auto any = [&](const auto& record_list) {
            auto at = record_list.begin();
            std::advance(at, std::ptrdiff_t(draw() % record_list.size()));
            return at->first;
        };
        const auto& library = workspace.library();
        switch (draw() % 8) {
        case 0:
            if (!library.aircraft.empty())
                workspace.remove(logbook::EditKind::remove_aircraft, logbook::Kind::aircraft,
                                 any(library.aircraft));
            break;
        case 1:
            if (!library.packs.empty())
                workspace.remove(logbook::EditKind::remove_pack, logbook::Kind::pack, any(library.packs));
            break;
        case 2:
            if (!library.plans.empty())
                workspace.remove(logbook::EditKind::remove_plan, logbook::Kind::plan, any(library.plans));
            break;
        case 3:
            if (!library.flights.empty()) workspace.removeFlights({any(library.flights)});
            break;
        case 4:
            if (!library.flights.empty()) window.flightSession().openFlight(any(library.flights));
            break;
        case 5: workspace.bringInPlan(tests::sample_request()); break;
        case 6: workspace.redo(); break;
        default:
            for (int i = 0; i < 3; ++i) workspace.undo();
            break;
        }
        QCoreApplication::processEvents();
    }
    QVERIFY2(faults.isEmpty(), qPrintable(faults.join(QLatin1Char('\n'))));
}

SOBREMESA_TEST(UndoEverywhereTest)
#include "tst_undo_everywhere.moc"
