// Makes the pictures of docs/screenshots/ from the demo data. Not a test: scripts/screenshots runs it.

#include <clocale>

#include <QAbstractButton>
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QPainter>
#include <QSlider>
#include <QTemporaryDir>

#include "app/charts/cause_chart.hpp"
#include "app/charts/homeward_chart.hpp"
#include "app/charts/pack_lines.hpp"
#include "app/charts/reach_rings.hpp"
#include "app/charts/strip_charts.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/fleet/fleet_place.hpp"
#include "app/places/packs/packs_place.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/places/watch/watch_place.hpp"
#include "app/shell/commands.hpp"
#include "app/shell/main_window.hpp"
#include "app/shell/message_bar.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "io/kept_documents.hpp"
#include "paper/flight_card.hpp"
#include "wording/language.hpp"

using namespace sobremesa;

namespace {

void settle(const std::function<bool()>& done) {
    QElapsedTimer clock;
    clock.start();
    while (!done() && clock.elapsed() < 20000) QApplication::processEvents(QEventLoop::AllEvents, 20);
    for (int i = 0; i < 20; ++i) QApplication::processEvents(QEventLoop::AllEvents, 10);
}

void take(QWidget& window, const QString& folder, const QString& name) {
    settle([] { return true; });
    if (!window.grab().save(QDir(folder).filePath(name + QStringLiteral(".png"))))
        qFatal("cannot write the picture");
}

/// The window with the sheet that hangs open over it.
void take_with_sheet(QWidget& window, const QString& folder, const QString& name) {
    settle([] { return QApplication::activePopupWidget() != nullptr; });
    QWidget* sheet = QApplication::activePopupWidget();
    if (!sheet) qFatal("no sheet is open");
    QPixmap picture = window.grab();
    QPainter painter(&picture);
    painter.drawPixmap(window.mapFromGlobal(sheet->pos()), sheet->grab());
    painter.end();
    sheet->close();
    if (!picture.save(QDir(folder).filePath(name + QStringLiteral(".png")))) qFatal("cannot write the picture");
}

/// The bench with all packs laid over each other.
void take_bench(app::MainWindow& window, const QString& folder, const QString& name) {
    auto& bench = window.packs().bench();
    window.showPlace(app::Place::packs);
    window.packs().showBench();
    settle([&] { return bench.session().shown() && bench.session().is_settled(); });
    bench.table().selectAll();
    settle([&] { return bench.session().is_settled() && bench.session().shown()->curves.size() > 1; });
    take(window, folder, name);
}

/// The pages of Fleet, for the aircraft with the most observations in the demo.
void take_curve(app::MainWindow& window, const QString& folder, const QString& theme, bool all) {
    auto& fleet = window.fleet();
    for (const auto& [id, kept] : window.workspace().library().aircraft) {
        if (kept.aircraft.craft == airframe::Craft::wing && !kept.aircraft.array) fleet.recordList().choose(id);
    }
    window.showPlace(app::Place::fleet);
    fleet.showCurve();
    settle([&] { return fleet.learning().observations() && fleet.learning().is_settled(); });
    take(window, folder, QStringLiteral("curve-%1").arg(theme));
    if (all) {
        fleet.showWhatIf();
        window.findChild<QSlider*>(QStringLiteral("dialPack"))->setValue(150);
        const auto* rings = window.findChild<app::ReachRings*>(QStringLiteral("whatIfReach"));
        settle([&] {
            const auto rows = rings->shownTable().rows;
            return !rows.empty() && rows[0][1].sort != rows[0][2].sort;
        });
        take(window, folder, QStringLiteral("what-if-%1").arg(theme));
        fleet.showForecasts();
        const auto* causes = window.findChild<app::CauseChart*>(QStringLiteral("causeChart"));
        const auto* sentence = window.findChild<app::TextLabel*>(QStringLiteral("causesSentence"));
        settle([&] { return causes->isVisible() && sentence->text().startsWith(QStringLiteral("In ")); });
        take(window, folder, QStringLiteral("forecasts-%1").arg(theme));
    }
    fleet.showRecordList();
}

/// A day of sun, for the aircraft that has cells on its wing.
void take_sun(app::MainWindow& window, const QString& demo, const QString& folder, const QString& name) {
    auto& fleet = window.fleet();
    for (const auto& [id, kept] : window.workspace().library().aircraft) {
        if (kept.aircraft.array) fleet.recordList().choose(id);
    }
    window.openFile(QDir(demo).filePath(QStringLiteral("vencejo-sun.plan.json")));
    settle([&] { return window.planSession().plan() && window.planSession().is_settled(); });
    window.showPlace(app::Place::fleet);
    fleet.showSun();
    settle([&] { return fleet.sunSession().report() && fleet.sunSession().is_settled(); });
    take(window, folder, name);
    fleet.showRecordList();
    window.openFile(QDir(demo).filePath(QStringLiteral("alcaravan-west.plan.json")));
    settle([&] { return window.planSession().plan() && window.planSession().is_settled(); });
}

/// The flight card as a picture of its page.
void take_card(const mission::Plan& plan, const QString& folder) {
    constexpr double inch_m = 0.0254;
    constexpr int dots_per_inch = 96;
    QImage page(int(8.27 * dots_per_inch), int(11.69 * dots_per_inch), QImage::Format_RGB32);
    page.setDotsPerMeterX(int(dots_per_inch / inch_m));
    page.setDotsPerMeterY(int(dots_per_inch / inch_m));
    page.fill(Qt::white);
    QPainter painter(&page);
    paper::paint(painter, QRectF(page.rect()).adjusted(48, 44, -48, -40),
                 paper::flight_card(plan, app::Look::instance().quantities()), app::Look::instance().family());
    painter.end();
    if (!page.save(QDir(folder).filePath(QStringLiteral("flight-card.png")))) qFatal("cannot write the picture");
}

/// The demo's practice flight on a day whose wind grows, as far as "turn now".
void take_watch(app::MainWindow& window, const QString& demo, const QString& folder, const QString& name) {
    auto& watch = window.watchPlace();
    watch.speaker().setSink([](const QString&, bool) {});
    // Out with the wind, which grows: the return gets longer, and the turn comes earlier than planned.
    window.openFile(QDir(demo).filePath(QStringLiteral("tarabilla-quarry.plan.json")));
    settle([&] {
        const auto plan = window.planSession().plan();
        return window.planSession().is_settled() && plan && plan->turn && plan->request.name == "Quarry and back";
    });
    window.showPlace(app::Place::watch);
    watch.rehearse({practice::Day::growing_wind, 20}, 100.0);
    const auto held = QObject::connect(
        &watch.session(), &session::WatchSession::calloutMade, &watch, [&](const watch::Callout& callout) {
            if (callout.kind != watch::CalloutKind::turn_now) return;
            static_cast<session::PracticeFeed*>(watch.session().feed())->set_paused(true);
        });
    settle([&] { return static_cast<session::PracticeFeed*>(watch.session().feed())->is_paused(); });
    QObject::disconnect(held);
    QElapsedTimer clock;
    clock.start();
    settle([&] { return clock.elapsed() > 900; });
    take(window, folder, name);
    watch.stop();
    watch.stop();
    window.openFile(QDir(demo).filePath(QStringLiteral("alcaravan-west.plan.json")));
    settle([&] { return window.planSession().plan() && window.planSession().is_settled(); });
}

session::Id flight_called(app::MainWindow& window, const std::string& name) {
    for (const auto& [id, flight] : window.workspace().library().flights) {
        if (flight.name == name) return id;
    }
    qFatal("the demo has no such flight");
}

/// A hundred of everything, with names that are too long.
void crowd(app::MainWindow& window) {
    auto& workspace = window.workspace();
    const auto& library = workspace.library();
    const auto aircraft = library.aircraft.begin()->second;
    const auto pack = library.packs.begin()->second;
    const auto plan = library.plans.begin()->second;
    const auto flight = library.flights.begin()->second;
    const auto summary = workspace.summaries().begin()->second;
    std::vector<logbook::RecordChange> changes;
    std::vector<std::pair<session::Id, telemetry::LogSummary>> summaries;
    for (int i = 0; i < 100; ++i) {
        const std::string tail = " " + std::to_string(i) + ", the long-winged one of the upper valley";
        auto a = aircraft;
        auto p = pack;
        auto l = plan;
        auto f = flight;
        a.aircraft.name += tail;
        a.aircraft.mass_kg += 0.01 * i;
        p.pack.name += tail;
        p.pack.cell_resistance_ohm.reset();
        p.retired = i % 10 == 0;
        p.note = "bought with the others, balanced by hand";
        l.request.name += tail;
        f.name += tail;
        const auto add = [&](logbook::Kind kind, const std::string& document) {
            changes.push_back({kind, workspace.newId(), std::nullopt, document});
        };
        add(logbook::Kind::aircraft, io::json_from(a));
        add(logbook::Kind::pack, io::json_from(p));
        add(logbook::Kind::plan, io::json_from(l));
        add(logbook::Kind::flight, io::json_from(f));
        summaries.emplace_back(changes.back().id, summary);
    }
    workspace.make(logbook::EditKind::bring_in, "a hundred", std::move(changes));
    workspace.setSummaries(summaries);
}

/// Every place with nothing in it, then with a hundred of everything, in every theme.
void take_empty_and_crowded(const QString& demo, const QString& pictures, const QSize& size) {
    const std::pair<app::Place, const char*> places[] = {{app::Place::fleet, "fleet"},
                                                         {app::Place::packs, "packs"},
                                                         {app::Place::plan, "plan"},
                                                         {app::Place::logbook, "logbook"}};
    const QTemporaryDir folder;
    app::MainWindow window(folder.path(), folder.filePath(QStringLiteral("logbook.sqlite")));
    window.resize(size);
    window.show();
    for (const bool crowded : {false, true}) {
        if (crowded) {
            window.openFolder(demo);
            settle([&] { return window.workspace().summaries().size() == 8; });
            crowd(window);
            window.messages().clear();
        }
        for (const app::Theme* theme : app::all_themes()) {
            app::Look::instance().setTheme(*theme);
            for (const auto& [place, name] : places) {
                window.showPlace(place);
                take(window, pictures,
                     QStringLiteral("%1-%2-%3")
                         .arg(QLatin1String(name), crowded ? QStringLiteral("crowded") : QStringLiteral("empty"),
                              theme->name));
            }
        }
    }
    for (const app::Theme* theme : app::all_themes()) {
        app::Look::instance().setTheme(*theme);
        take_bench(window, pictures, QStringLiteral("bench-crowded-%1").arg(theme->name));
        window.packs().showPackBuilder();
        take(window, pictures, QStringLiteral("build-crowded-%1").arg(theme->name));
    }
    window.showPlace(app::Place::plan);
    window.planPlace().showPlans();
    take_with_sheet(window, pictures, QStringLiteral("plans-crowded"));
    window.commands().search();
    take_with_sheet(window, pictures, QStringLiteral("search"));
    window.planPlace().layBeside(window.workspace().library().plans.begin()->first);
    settle([&] { return window.planPlace().beside().has_value(); });
    take(window, pictures, QStringLiteral("beside"));
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C");
    // LANGUAGE=de scripts/screenshots FOLDER: for looking at another language.
    wording::use_language({});
    if (argc < 3) qFatal("usage: take_screenshots DEMO-FOLDER PICTURE-FOLDER [WIDTH HEIGHT SCALE-PERCENT [all]]");
    const QString demo = QString::fromLocal8Bit(argv[1]);
    const QString pictures = QString::fromLocal8Bit(argv[2]);
    app::Look& look = app::Look::instance();
    if (argc > 5) look.setTextScale(QString::fromLocal8Bit(argv[5]).toInt() / 100.0);
    if (argc > 6) {
        // For looking, not for the documents.
        take_empty_and_crowded(
            demo, pictures,
            QSize(QString::fromLocal8Bit(argv[3]).toInt(), QString::fromLocal8Bit(argv[4]).toInt()));
        return 0;
    }
    // The logbook shows where it is kept: the same place every time, or the picture would change with each run.
    QDir settings(QDir::temp().filePath(QStringLiteral("sobremesa")));
    settings.removeRecursively();
    settings.mkpath(QStringLiteral("."));
    app::MainWindow window(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    window.resize(argc > 4 ? QString::fromLocal8Bit(argv[3]).toInt() : 1280,
                  argc > 4 ? QString::fromLocal8Bit(argv[4]).toInt() : 800);
    window.show();
    window.showPlace(app::Place::plan);
    take(window, pictures, QStringLiteral("first-plan-day"));
    window.openFolder(demo);
    settle([&] { return window.planSession().plan() && window.planSession().is_settled(); });
    settle([&] { return window.workspace().summaries().size() == 8; });
    window.messages().clear();
    for (const app::Theme* theme : app::all_themes()) {
        const auto take_place = [&](app::Place place, const char* name) {
            window.showPlace(place);
            take(window, pictures, QStringLiteral("%1-%2").arg(QLatin1String(name), theme->name));
        };
        look.setTheme(*theme);
        window.openFile(QDir(demo).filePath(QStringLiteral("alcaravan-west.plan.json")));
        const auto plan_is_there = [&] {
            return window.planSession().outlook_is_settled() && window.planSession().plan()->chance;
        };
        settle(plan_is_there);
        // One picture shows what the field look is: that of the place for which it was made.
        const bool field = theme == &app::field_theme();
        if (!field) take_place(app::Place::plan, "plan");
        if (field || argc > 4) take_watch(window, demo, pictures, QStringLiteral("watch-%1").arg(theme->name));
        if (theme->dark) {
            window.openFile(QDir(demo).filePath(QStringLiteral("three-hills.plan.json")));
            settle(plan_is_there);
            window.planPlace().showHeights(true);
            take_place(app::Place::plan, "route");
            window.planPlace().showHeights(false);
            window.openFile(QDir(demo).filePath(QStringLiteral("alcaravan-west.plan.json")));
            settle(plan_is_there);
        }
        if (theme == &app::day_theme()) take_card(*window.planSession().plan(), pictures);
        if (field) continue;
        if (!theme->dark) take_place(app::Place::fleet, "fleet");
        if (!theme->dark) take_curve(window, pictures, theme->name, true);
        if (!theme->dark) take_sun(window, demo, pictures, QStringLiteral("sun-%1").arg(theme->name));
        if (!theme->dark) {
            window.showPlace(app::Place::packs);
            const auto* lines = window.findChild<app::PackLines*>(QStringLiteral("packLines"));
            settle([&] { return !lines->shownTable().rows.empty(); });
            take_place(app::Place::packs, "packs");
            take_bench(window, pictures, QStringLiteral("bench-%1").arg(theme->name));
        }
        if (!theme->dark) {
            window.packs().showPackBuilder();
            take(window, pictures, QStringLiteral("build-%1").arg(theme->name));
            window.packs().showRecordList();
            for (const auto& [id, kept] : window.workspace().library().packs) {
                if (!kept.readings.empty()) window.packs().recordList().choose(id);
            }
            window.packs().showHealth();
            settle([&] { return window.packs().learning().findings() && window.packs().learning().is_settled(); });
            take(window, pictures, QStringLiteral("health-%1").arg(theme->name));
            take_place(app::Place::sensors, "sensors");
        }
        window.packs().showRecordList();
        if (!theme->dark) take_place(app::Place::logbook, "logbook");
        const auto before = window.debriefSession().debrief();
        window.flightSession().openFlight(flight_called(window, "three hills"));
        settle(
            [&] { return window.debriefSession().debrief() != before && window.flightSession().overForecast(); });
        window.debriefPlace().strips().setCursor(840.0);
        take(window, pictures, QStringLiteral("debrief-%1").arg(theme->name));
    }
    return 0;
}
