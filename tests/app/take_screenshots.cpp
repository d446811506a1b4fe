// Makes the pictures of docs/screenshots/ from the demo data. Not a test: scripts/screenshots runs it.

#include <clocale>

#include <QAbstractButton>
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QPainter>
#include <QTemporaryDir>

#include "app/charts/homeward_chart.hpp"
#include "app/charts/strip_charts.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/shell/main_window.hpp"
#include "app/shell/message_bar.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/explained_number.hpp"

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

session::Id flight_called(app::MainWindow& window, const std::string& name) {
    for (const auto& [id, flight] : window.desk().shelves().flights) {
        if (flight.name == name) return id;
    }
    qFatal("the demo has no such flight");
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C");
    if (argc < 3) qFatal("usage: take_screenshots DEMO-FOLDER PICTURE-FOLDER [WIDTH HEIGHT SCALE-PERCENT]");
    const QString demo = QString::fromLocal8Bit(argv[1]);
    const QString pictures = QString::fromLocal8Bit(argv[2]);
    app::Look& look = app::Look::instance();
    if (argc > 5) look.setTextScale(QString::fromLocal8Bit(argv[5]).toInt() / 100.0);
    look.apply();
    const QTemporaryDir settings;
    app::MainWindow window(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    window.openFolder(demo);
    window.resize(argc > 4 ? QString::fromLocal8Bit(argv[3]).toInt() : 1280,
                  argc > 4 ? QString::fromLocal8Bit(argv[4]).toInt() : 800);
    window.show();
    settle([&] { return window.planSession().plan() && window.planSession().is_settled(); });

    settle([&] { return window.desk().summaries().size() == 7; });
    window.messages().clear();
    window.showPlace(app::Place::debrief);
    take(window, pictures, QStringLiteral("debrief-empty-day"));
    for (const app::Theme* theme : app::all_themes()) {
        look.setTheme(*theme);
        window.openFile(QDir(demo).filePath(QStringLiteral("alcaravan-west.plan.json")));
        settle([&] { return window.planSession().is_settled(); });
        window.showPlace(app::Place::plan);
        take(window, pictures, QStringLiteral("plan-%1").arg(theme->name));
        if (theme->dark) {
            window.planPlace().findChildren<app::ExplainedNumber*>().first()->showWhy();
            take_with_sheet(window, pictures, QStringLiteral("why-%1").arg(theme->name));
        } else {
            window.findChild<QAbstractButton*>(QStringLiteral("settingPack"))->click();
            take_with_sheet(window, pictures, QStringLiteral("setting-%1").arg(theme->name));
        }
        window.showPlace(app::Place::fleet);
        take(window, pictures, QStringLiteral("fleet-%1").arg(theme->name));
        window.showPlace(app::Place::packs);
        take(window, pictures, QStringLiteral("packs-%1").arg(theme->name));
        window.showPlace(app::Place::logbook);
        take(window, pictures, QStringLiteral("logbook-%1").arg(theme->name));
        const auto before = window.debriefSession().debrief();
        window.flightSession().openFlight(flight_called(window, "three hills"));
        settle(
            [&] { return window.debriefSession().debrief() != before && window.flightSession().overForecast(); });
        window.debriefPlace().strips().setCursor(840.0);
        take(window, pictures, QStringLiteral("debrief-%1").arg(theme->name));
    }
    return 0;
}
