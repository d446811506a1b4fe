#include <QTest>

#include <QElapsedTimer>
#include <QTemporaryDir>

#include "app/places/fleet/fleet_place.hpp"
#include "app/places/packs/packs_place.hpp"
#include "app/shell/main_window.hpp"
#include "app/theme/look.hpp"
#include "app/theme/program_style.hpp"
#include "opened_window.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

namespace {

/// Every place and page, in the order of the rail.
void visit_all(OpenedWindow& opened, const std::function<void(const QString&)>& look) {
    auto& window = *opened;
    const auto at = [&](Place place, const char* name) {
        window.showPlace(place);
        // Until what is worked out in the background is on screen: two looks alike.
        QImage seen;
        for (int i = 0; i < 100; ++i) {
            QTest::qWait(60);
            const QImage now = window.grab().toImage();
            if (now == seen) break;
            seen = now;
        }
        look(QLatin1String(name));
    };
    at(Place::fleet, "fleet");
    window.fleet().showWhatIf();
    at(Place::fleet, "what if");
    window.fleet().showRecordList();
    at(Place::packs, "packs");
    window.packs().showBench();
    at(Place::packs, "bench");
    window.packs().showPackBuilder();
    at(Place::packs, "workshop");
    window.packs().showRecordList();
    at(Place::sensors, "sensors");
    at(Place::plan, "plan");
    at(Place::debrief, "debrief");
    at(Place::logbook, "logbook");
}

/// Pixels of which the two differ by more than a shade, as a share.
double difference(const QImage& one, const QImage& other) {
    if (one.size() != other.size()) return 1.0;
    constexpr int shade = 24;
    qsizetype different = 0;
    for (int y = 0; y < one.height(); ++y) {
        for (int x = 0; x < one.width(); ++x) {
            const QRgb a = one.pixel(x, y);
            const QRgb b = other.pixel(x, y);
            if (std::abs(qRed(a) - qRed(b)) > shade || std::abs(qGreen(a) - qGreen(b)) > shade ||
                std::abs(qBlue(a) - qBlue(b)) > shade)
                ++different;
        }
    }
    return double(different) / double(one.width() * one.height());
}

} // namespace

class LookChangesTest : public QObject {
    Q_OBJECT
private slots:
    void aFirstStartWearsTheDay();
    void cleanup() { Look::instance().setTheme(day_theme()); }
    void whatIsHiddenFollows();
};

/// Before anybody has chosen anything: comes first, while no test has changed the look.
void LookChangesTest::aFirstStartWearsTheDay() {
    const QTemporaryDir settings;
    const MainWindow window(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    QVERIFY(qobject_cast<ProgramStyle*>(QApplication::style()));
    const QPalette palette = QApplication::palette();
    QCOMPARE(palette.color(QPalette::Window), day_theme().paper);
    QCOMPARE(palette.color(QPalette::Base), day_theme().panel);
    QCOMPARE(palette.color(QPalette::WindowText), day_theme().ink);
    QCOMPARE(QApplication::font(), Look::instance().font(Look::text_px));
}

/// A window that has been through the evening looks by day as one that has not: on every page, those that were out
/// of sight when the theme changed, and those that were folded by a narrower window, too.
void LookChangesTest::whatIsHiddenFollows() {
    OpenedWindow opened;
    opened.bringInFlights();
    opened.openLog("2026-04-18-alcaravan-west-wind.csv");
    opened->messages().clear();
    opened->resize(1024, 700);
    visit_all(opened, [](const QString&) {});
    std::map<QString, QImage> before;
    visit_all(opened, [&](const QString& name) { before[name] = opened->grab().toImage(); });
    // The same again is the same: what differs below is the theme's doing.
    opened->resize(1280, 800);
    visit_all(opened, [](const QString&) {});
    Look::instance().setTheme(evening_theme());
    visit_all(opened, [](const QString&) {});
    opened->showPlace(Place::packs);
    opened->packs().showBench();
    QTest::qWait(60);
    Look::instance().setTheme(day_theme());
    QTest::qWait(60);
    opened->packs().showRecordList();
    opened->resize(1024, 700);
    QTest::qWait(60);
    visit_all(opened, [&](const QString& name) {
        const QImage now = opened->grab().toImage();
        const double different = difference(before[name], now);
        constexpr double most = 0.004;
        if (different > most && qEnvironmentVariableIsSet("SOBREMESA_SHOTS")) {
            before[name].save(qEnvironmentVariable("SOBREMESA_SHOTS") + name + QStringLiteral("-before.png"));
            now.save(qEnvironmentVariable("SOBREMESA_SHOTS") + name + QStringLiteral("-after.png"));
        }
        QVERIFY2(different <= most, qPrintable(QStringLiteral("%1: %2 of the pixels").arg(name).arg(different)));
    });
}

SOBREMESA_TEST(LookChangesTest)

#include "tst_look_changes.moc"
