// Drives the Debrief place in a real window: a log dropped, one cursor over strips and map, bad logs.

#include <QDragEnterEvent>
#include <QMimeData>
#include <QPushButton>
#include <QRegularExpression>
#include <QSignalSpy>
#include <QTableView>
#include <QTest>
#include <qcustomplot.h>

#include "app/charts/strip_charts.hpp"
#include "app/map/map_view.hpp"
#include "app/opened_window.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/shell/message_bar.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/explained_number.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/text_file.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::drop;
using tests::OpenedWindow;

class DebriefPlaceTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void emptyPlaceOffersTheFirstStep();
    void aDroppedLogIsLaidOpen();
    void heightsCountFromHome();
    void setAsideIsListed();
    void oneCursorForStripsAndMap();
    void zoomPanAndReset();
    void everyNumberSaysWhy();
    void aPackThatDoesNotFitIsSaid();
    void badLogsSayWhatIsWrong_data();
    void badLogsSayWhatIsWrong();
    void logsWithoutPositionOrCurrentShowTheRest();
    void aMillionRowsCanBeStopped();
    void bothThemesPaint();

private:
    std::string file(const QString& name, const std::string& text) {
        const std::string path = folder_.filePath(name).toStdString();
        if (!io::write_text_file(path, text)) qFatal("cannot write");
        return path;
    }
    QTemporaryDir folder_;
    std::unique_ptr<OpenedWindow> window_;
};

void DebriefPlaceTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    window_ = std::make_unique<OpenedWindow>();
}

void DebriefPlaceTest::emptyPlaceOffersTheFirstStep() {
    QTest::keyClick(&**window_, Qt::Key_6, Qt::ControlModifier);
    QCOMPARE(int((*window_)->place()), int(Place::debrief));
    QVERIFY(window_->find<QPushButton>("openLogButton")->isVisible());
    (*window_)->debriefPlace().setOffered({QStringLiteral(DEMO_DIR "/2026-04-11-alcaravan-calm.csv")});
    const auto offered = (*window_)->debriefPlace().findChildren<QPushButton*>();
    QPushButton* calm = nullptr;
    for (auto* button : offered) {
        if (button->text().contains(QStringLiteral("calm"))) calm = button;
    }
    QVERIFY(calm);
    QTest::mouseClick(calm, Qt::LeftButton);
    EVENTUALLY((*window_)->debriefSession().debrief() != nullptr);
}

void DebriefPlaceTest::aDroppedLogIsLaidOpen() {
    drop(&**window_, QStringLiteral(DEMO_DIR "/2026-04-18-alcaravan-west-wind.csv"));
    EVENTUALLY((*window_)->debriefSession().debrief() != nullptr);
    QCOMPARE(int((*window_)->place()), int(Place::debrief));
    const auto& summary = (*window_)->debriefSession().debrief()->summary;
    const auto& q = Look::instance().quantities();
    QVERIFY(
        window_->said("debriefSentence").contains(q.text(units::Quantity::used_energy, *summary.energy.energy_wh)));
    QVERIFY(window_->said("debriefSentence").contains(QStringLiteral("remained")));
    QCOMPARE(window_->find<StripCharts>("stripCharts")->stripCount(), 4);
    QVERIFY(window_->find<MapView>("debriefMap")->accessibleName().contains(QStringLiteral("8.2")));
    // A plan dropped goes to its own place.
    drop(&**window_, QStringLiteral(DEMO_DIR "/tarabilla-quarry.plan.json"));
    EVENTUALLY_EQUAL(int((*window_)->place()), int(Place::plan));
    window_->settle();
    // A document that is a log is one, whatever its ending.
    QByteArray points;
    for (int i = 0; i < 60; ++i) {
        points += QByteArray(i > 0 ? "," : "") +
                  "{\"type\":\"Feature\",\"geometry\":{\"type\":\"Point\",\"coordinates\":[" +
                  QByteArray::number(7.0 + 2e-4 * i, 'f', 6) +
                  ",52.0]},\"properties\":{\"t\":" + QByteArray::number(i) + ",\"volts\":16.1,\"amps\":5.2}}";
    }
    QTemporaryDir folder;
    QFile file(folder.filePath(QStringLiteral("flight.geojson")));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write("{\"type\":\"FeatureCollection\",\"features\":[" + points + "]}");
    file.close();
    drop(&**window_, file.fileName());
    EVENTUALLY((*window_)->debriefSession().debrief() &&
               (*window_)->debriefSession().debrief()->path == file.fileName());
    QCOMPARE(int((*window_)->place()), int(Place::debrief));
    window_->settle();
}

/// GPX counts heights from sea level (GPX 1.1 schema, "elevation in meters"): strips, track and plan count from
/// home.
void DebriefPlaceTest::heightsCountFromHome() {
    QString text = QStringLiteral("<gpx version=\"1.1\" xmlns=\"http://www.topografix.com/GPX/1/1\"><trk><trkseg>");
    constexpr double field_m = 914.0;
    for (int s = 0; s <= 300; ++s) {
        // Out for 150 s and back, up to 80 m and down again.
        const int out = s <= 150 ? s : 300 - s;
        const double height_m = field_m + std::min(80.0, 2.0 * out);
        text +=
            QStringLiteral("<trkpt lat=\"%1\" lon=\"-4.0\"><ele>%2</ele><time>2026-05-02T10:%3:%4Z</time></trkpt>")
                .arg(41.0 + out * 15.0 / 111200.0, 0, 'f', 7)
                .arg(height_m, 0, 'f', 1)
                .arg(s / 60, 2, 10, QLatin1Char('0'))
                .arg(s % 60, 2, 10, QLatin1Char('0'));
    }
    text += QStringLiteral("</trkseg></trk></gpx>");
    const QString path = folder_.filePath(QStringLiteral("high-field.gpx"));
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(text.toUtf8());
    file.close();
    (*window_)->openFile(path);
    EVENTUALLY((*window_)->debriefSession().debrief() && !(*window_)->debriefSession().is_opening());
    const auto table = (*window_)->debriefPlace().findChild<StripCharts*>()->shownTable();
    const auto column = table.headers.indexOf(QRegularExpression(QStringLiteral("^Height.*")));
    QVERIFY2(column > 0, qPrintable(table.headers.join(QLatin1Char('|'))));
    double lowest = 1e9;
    double highest = -1e9;
    for (const auto& row : table.rows) {
        const double height_m = row[std::size_t(column)].sort.toDouble();
        lowest = std::min(lowest, height_m);
        highest = std::max(highest, height_m);
    }
    VERIFY_NEAR(lowest, 0.0, 0.1);
    VERIFY_NEAR(highest, 80.0, 0.1);
    const auto clean = (*window_)->debriefSession().debrief()->clean;
    VERIFY_NEAR(*telemetry::home_height_m(clean), field_m, 0.01);
}

void DebriefPlaceTest::setAsideIsListed() {
    window_->openLog("2026-05-16-alcaravan-three-hills.csv");
    auto* table = window_->find<QTableView>("setAsideTable");
    QVERIFY(table->isVisible());
    const auto& list = (*window_)->debriefSession().debrief()->clean.set_aside;
    QCOMPARE(table->model()->rowCount(), int(list.size()));
    std::size_t listed = 0;
    for (const auto& entry : list) listed += entry.rows;
    QCOMPARE((*window_)->debriefSession().debrief()->clean.rows_set_aside, listed);
    QVERIFY(window_->said("debriefFile").contains(QStringLiteral("excluded")));
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    QVERIFY(!table->isVisible());
}

void DebriefPlaceTest::oneCursorForStripsAndMap() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    auto* strips = window_->find<StripCharts>("stripCharts");
    auto* plot = strips->findChild<QCustomPlot*>();
    QTest::mouseMove(plot, strips->toScreen(600.0));
    EVENTUALLY(strips->cursorRow().has_value());
    const auto& times = (*window_)->debriefSession().debrief()->summary.track.time_s;
    VERIFY_NEAR(times[*strips->cursorRow()], 600.0, 4.0);
    QVERIFY(strips->accessibleDescription().contains(QStringLiteral("Current")));
    const auto before = *strips->cursorRow();
    strips->setFocus();
    QTest::keyClick(strips, Qt::Key_Right);
    QVERIFY(*strips->cursorRow() > before);
    QTest::keyClick(strips, Qt::Key_Left);
    QTest::keyClick(strips, Qt::Key_Left);
    QVERIFY(*strips->cursorRow() < before + 1);
    strips->setCursor(-50.0);
    QCOMPARE(*strips->cursorRow(), std::size_t(0));
    strips->setCursor(1e9);
    QCOMPARE(*strips->cursorRow(), times.size() - 1);
}

void DebriefPlaceTest::zoomPanAndReset() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    auto* strips = window_->find<StripCharts>("stripCharts");
    auto* plot = strips->findChild<QCustomPlot*>();
    const auto all = strips->shownRange();
    strips->setFocus();
    strips->setCursor(600.0);
    QTest::keyClick(strips, Qt::Key_Plus);
    QTest::keyClick(strips, Qt::Key_Plus);
    const auto zoomed = strips->shownRange();
    QVERIFY(zoomed.second - zoomed.first < 0.6 * (all.second - all.first));
    QTest::mousePress(plot, Qt::LeftButton, {}, QPoint(300, 200));
    QTest::mouseMove(plot, QPoint(200, 200));
    QTest::mouseRelease(plot, Qt::LeftButton, {}, QPoint(200, 200));
    QVERIFY(strips->shownRange().first > zoomed.first);
    QTest::mouseDClick(plot, Qt::LeftButton, {}, QPoint(300, 200));
    VERIFY_NEAR(strips->shownRange().first, all.first, 1e-6);
    VERIFY_NEAR(strips->shownRange().second, all.second, 1e-6);
}

void DebriefPlaceTest::everyNumberSaysWhy() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    int shown = 0;
    for (const auto* number : (*window_)->debriefPlace().findChildren<ExplainedNumber*>()) {
        if (!number->isVisible()) continue;
        QVERIFY(number->explanation().has_value());
        ++shown;
    }
    QVERIFY2(shown >= 6, qPrintable(QString::number(shown)));
}

void DebriefPlaceTest::aPackThatDoesNotFitIsSaid() {
    window_->openLog("2026-05-02-tarabilla-landed-at-3v5.csv"); // a 6S log under a 4S setting
    QVERIFY(!window_->said("debriefSentence").contains(QStringLiteral("remained")));
    bool said = false;
    for (const auto* label : (*window_)->debriefPlace().findChildren<QLabel*>()) {
        said = said || label->text().contains(QStringLiteral("does not fit a pack of 4"));
    }
    QVERIFY(said);
    // The pack that was flown is chosen in the setting's own sentence.
    for (const auto& [id, kept] : (*window_)->workspace().library().packs) {
        if (kept.pack.name == "C-01") (*window_)->flightSession().choosePack(id);
    }
    window_->settle();
    QVERIFY(window_->said("debriefSentence").contains(QStringLiteral("remained")));
}

void DebriefPlaceTest::badLogsSayWhatIsWrong_data() {
    QTest::addColumn<QByteArray>("content");
    QTest::addColumn<QString>("said");
    QTest::newRow("empty") << QByteArray() << "empty";
    QTest::newRow("binary") << QByteArray(300, '\x01') << "not a text file";
    QTest::newRow("no time") << QByteArray("voltage (V),current (A)\n1,2\n2,3\n") << "holds a time";
    QTest::newRow("header alone") << QByteArray("time (s),voltage (V)\n") << "nothing was recorded";
    QTest::newRow("one row") << QByteArray("time (s),voltage (V)\n1,2\n") << "Too few rows";
}

void DebriefPlaceTest::badLogsSayWhatIsWrong() {
    QFETCH(QByteArray, content);
    QFETCH(QString, said);
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    const auto before = (*window_)->debriefSession().debrief();
    (*window_)->openFile(QString::fromStdString(file(QStringLiteral("bad.csv"), content.toStdString())));
    EVENTUALLY((*window_)->messages().isVisible());
    QTRY_VERIFY2((*window_)->messages().text().contains(said), qPrintable((*window_)->messages().text()));
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("bad.csv")));
    QCOMPARE((*window_)->debriefSession().debrief(), before); // the flight before stays on the table
    QTest::mouseClick(window_->find<QPushButton>("messageButton"), Qt::LeftButton);
    QVERIFY(!(*window_)->messages().isVisible());
}

void DebriefPlaceTest::logsWithoutPositionOrCurrentShowTheRest() {
    (*window_)->openFile(
        QString::fromStdString(file(QStringLiteral("thin.csv"), "time (s),voltage (V)\n0,16.1\n1,16.0\n2,15.9\n")));
    EVENTUALLY((*window_)->debriefSession().debrief() != nullptr);
    QCOMPARE(window_->find<StripCharts>("stripCharts")->stripCount(), 1);
    QVERIFY(window_->said("debriefSentence").contains(QStringLiteral("without position and current")));
    (*window_)->grab();
}

void DebriefPlaceTest::aMillionRowsCanBeStopped() {
    std::string text = "time (s),voltage (V),current (A)\n";
    for (int i = 0; i < 1'000'000; ++i)
        text += std::string("0") + "." + QByteArray::number(i).toStdString() + ",16.0,5.0\n";
    const std::string path = file(QStringLiteral("long.csv"), text);
    QSignalSpy refused(&(*window_)->debriefSession(), &session::DebriefSession::refused);
    (*window_)->openFile(QString::fromStdString(path));
    (*window_)->debriefSession().cancel();
    EVENTUALLY_EQUAL(refused.count(), 1);
    QCOMPARE(refused[0][0].value<units::Error>().code, units::ErrorCode::cancelled);
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("Cancelled")));
}

void DebriefPlaceTest::bothThemesPaint() {
    window_->openLog("2026-05-16-alcaravan-three-hills.csv");
    const QImage day = (*window_)->grab().toImage();
    Look::instance().setTheme(evening_theme());
    const QImage evening = (*window_)->grab().toImage();
    QVERIFY(day.pixelColor(640, 400) != evening.pixelColor(640, 400));
    QVERIFY(QColor(day.pixel(900, 780)).lightness() > 200);
    QVERIFY(QColor(evening.pixel(900, 780)).lightness() < 80);
    QCOMPARE(window_->find<StripCharts>("stripCharts")->stripCount(), 4);
}

Q_DECLARE_METATYPE(sobremesa::units::Error)
SOBREMESA_TEST(DebriefPlaceTest)
#include "tst_debrief_place.moc"
