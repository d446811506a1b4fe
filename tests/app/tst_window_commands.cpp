// The commands of the window: search, units, looks, copying and exporting, long text, and "why?" on every screen.

#include <QAbstractButton>
#include <QClipboard>
#include <QImage>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QMimeData>
#include <QPrintPreviewDialog>
#include <QPrintPreviewWidget>
#include <QRegularExpression>
#include <QScrollArea>
#include <QTranslator>

#include "app/charts/homeward_chart.hpp"
#include "app/charts/strip_charts.hpp"
#include "app/export/export_files.hpp"
#include "app/export/table_sheet.hpp"
#include "app/map/map_view.hpp"
#include "app/opened_window.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/logbook/logbook_place.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/shell/commands.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"
#include "wording/language.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

namespace {

constexpr Place all_places[] = {Place::fleet, Place::packs,   Place::sensors,
                                Place::plan,  Place::debrief, Place::logbook};

/// Every text a third longer, as German or Finnish would be; placeholders stay.
class LongerTexts : public QTranslator {
public:
    bool isEmpty() const override { return false; }
    QString translate(const char*, const char* text, const char*, int) const override {
        const QString plain = QString::fromUtf8(text);
        QString longer = plain;
        // What is written once a unit or a key is not translated longer: those are short in every language.
        if (plain.size() < 4 || plain.contains(QLatin1Char('*'))) return plain;
        const auto more = std::max<qsizetype>(1, plain.size() / 3);
        for (qsizetype i = 0; i < more; ++i) longer += i % 7 == 3 ? QLatin1Char(' ') : QChar(0x00F8);
        return longer;
    }
};

} // namespace

class WindowCommandsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cleanup();
    void commandsAreFoundByTheirWords();
    void everyCommandHasANameAndAnOwnKey();
    void undoIsNamedInTheMenu();
    void unitsChangeEverywhereAtOnce_data();
    void unitsChangeEverywhereAtOnce();
    void theLeadingQuantityLeads();
    void unitsAndLookAreRemembered();
    void exportsAreInTheUnitsOfTheScreen();
    void chartsAreExported_data();
    void chartsAreExported();
    void anEndingThatIsNotKnownIsSaid();
    void chartsAreCopiedAsPictureAndText();
    void chartsAndMapAreReadAsTables();
    void theMapHasACursorForKeys();
    void recentFilesComeBack();
    void anythingIsDroppedAnywhere();
    void theSettingIsAKeyAway();
    void theCardIsPreviewed();
    void everyComputedNumberOnEveryScreenSaysWhy();
    void longerTextsFit_data();
    void longerTextsFit();
    void otherLanguagesFit_data();
    void otherLanguagesFit();
    void textSizeByCommand();
    void fieldModeFits_data();
    void fieldModeFits();

private:
    QAction* action(const char* name) {
        auto* found = (*window_)->findChild<QAction*>(QLatin1String(name));
        if (!found) qFatal("no command %s", name);
        return found;
    }
    void nothingClipped(const QSize& size);
    std::unique_ptr<OpenedWindow> window_;
};

void WindowCommandsTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    Look::instance().setTextScale(1.0);
    Look::instance().setUnits({});
    window_ = std::make_unique<OpenedWindow>();
}

void WindowCommandsTest::cleanup() {
    window_.reset(); // before the look changes: restyling a window that goes anyway takes a second
    Look::instance().setTheme(day_theme());
    Look::instance().setTextScale(1.0);
    Look::instance().setUnits({});
}

void WindowCommandsTest::commandsAreFoundByTheirWords() {
    QTest::keyClick(&**window_, Qt::Key_K, Qt::ControlModifier);
    QWidget* search = QApplication::activePopupWidget();
    QVERIFY(search);
    auto* words = search->findChild<QLineEdit*>(QStringLiteral("commandWords"));
    auto* list = search->findChild<QListView*>(QStringLiteral("commandList"));
    const int all = list->model()->rowCount();
    QVERIFY(all > 30);
    QTest::keyClicks(words, QStringLiteral("knots speeds"));
    QCOMPARE(list->model()->rowCount(), 1);
    QTest::keyClick(words, Qt::Key_Return);
    QCOMPARE(int(Look::instance().quantities().choice().speed), int(wording::UnitChoice::Speed::knots));
    EVENTUALLY(!QApplication::activePopupWidget());
    // The arrows walk the list while the words are being typed.
    QTest::keyClick(&**window_, Qt::Key_K, Qt::ControlModifier);
    search = QApplication::activePopupWidget();
    words = search->findChild<QLineEdit*>(QStringLiteral("commandWords"));
    list = search->findChild<QListView*>(QStringLiteral("commandList"));
    QTest::keyClicks(words, QStringLiteral("theme"));
    QTest::keyClick(words, Qt::Key_Down);
    QCOMPARE(list->currentIndex().row(), 1);
    QTest::keyClicks(words, QStringLiteral(" no such thing"));
    QCOMPARE(list->model()->rowCount(), 0);
    QTest::keyClick(words, Qt::Key_Return); // nothing to do, and nothing happens
}

void WindowCommandsTest::everyCommandHasANameAndAnOwnKey() {
    QSet<QString> names;
    QSet<QString> keys;
    for (const auto* command : (*window_)->commands().all()) {
        QVERIFY(!command->objectName().isEmpty());
        QVERIFY2(!names.contains(command->objectName()), qPrintable(command->objectName()));
        names.insert(command->objectName());
        const QString key = command->shortcut().toString();
        if (key.isEmpty()) continue;
        QVERIFY2(!keys.contains(key), qPrintable(key));
        keys.insert(key);
    }
}

void WindowCommandsTest::undoIsNamedInTheMenu() {
    auto request = (*window_)->planSession().request();
    request.weather.wind.speed_mps = 7.0;
    QVERIFY(!(*window_)->planSession().setRequest(request));
    QCOMPARE(action("undoAction")->text(), QString::fromUtf8("Undo: change wind in “West along the ridge”"));
    QVERIFY(!action("redoAction")->isEnabled());
    action("undoAction")->trigger();
    QCOMPARE(action("redoAction")->text(), QString::fromUtf8("Redo: change wind in “West along the ridge”"));
    window_->settle();
    QVERIFY(window_->find<QAbstractButton>("settingWind")->text().startsWith(QStringLiteral("4.2")));
}

void WindowCommandsTest::unitsChangeEverywhereAtOnce_data() {
    QTest::addColumn<QByteArray>("command");
    QTest::addColumn<QString>("there");
    QTest::addColumn<QString>("gone");
    QTest::newRow("miles") << QByteArray("milesAction") << QString::fromUtf8("\u202Fmi")
                           << QStringLiteral("km(?!/h)");
    QTest::newRow("knots") << QByteArray("speed3Action") << QString::fromUtf8("\u202Fkn") << QStringLiteral("km/h");
    QTest::newRow("m/s") << QByteArray("speed1Action") << QString::fromUtf8("\u202Fm/s") << QStringLiteral("km/h");
    QTest::newRow("mph") << QByteArray("speed2Action") << QString::fromUtf8("\u202Fmph") << QStringLiteral("km/h");
    QTest::newRow("feet") << QByteArray("feetAction") << QString::fromUtf8("\u202Fft")
                          << QString::fromUtf8("\n90\u202Fm\n");
}

void WindowCommandsTest::unitsChangeEverywhereAtOnce() {
    QFETCH(QByteArray, command);
    QFETCH(QString, there);
    QFETCH(QString, gone);
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    (*window_)->flightSession().file();
    EVENTUALLY((*window_)->flightSession().filed().has_value());
    action(command.constData())->trigger();
    window_->settle();
    // All that is said anywhere: sentences, words of the settings, tables, the map and the charts as tables.
    QString everything;
    for (const auto* label : (*window_)->findChildren<QLabel*>())
        everything += label->accessibleName() + QLatin1Char('\n');
    for (const auto* word : (*window_)->findChildren<QAbstractButton*>())
        everything += word->text() + QLatin1Char('\n');
    for (const auto* number : (*window_)->findChildren<ExplainedNumber*>())
        everything += number->accessibleName() + QLatin1Char('\n');
    for (const auto* table : (*window_)->findChildren<QTableView*>()) everything += csv_of(*table->model());
    for (const char* name : {"homewardChart", "planMap", "debriefMap", "stripCharts", "flownChart"}) {
        auto* chart = chart_of(window_->find<QWidget>(name));
        QVERIFY2(chart, name);
        CellModel cells;
        cells.setCells(chart->shownTable().headers, chart->shownTable().rows);
        everything += cells.headerData(0, Qt::Horizontal).toString() + csv_of(cells);
    }
    everything.remove(window_->folder());
    everything.replace(QLatin1Char(' '), QChar(0x202F));
    everything.replace(QChar(0x00A0), QChar(0x202F));
    QVERIFY(everything.contains(there));
    // The old unit stands nowhere, but in the words of a hint that names both.
    everything.remove(QString::fromUtf8("120\u202Fm\u202F(400\u202Fft)"));
    const auto at = everything.indexOf(QRegularExpression(gone));
    QVERIFY2(at < 0, qPrintable(everything.mid(std::max<qsizetype>(0, at - 60), 120)));
}

void WindowCommandsTest::theLeadingQuantityLeads() {
    const auto leads = [&] {
        const auto numbers = (*window_)->planPlace().findChildren<ExplainedNumber*>();
        for (const auto* number : numbers) {
            if (!number->explanation()) continue;
            if (number->explanation()->quantity == units::Quantity::energy_per_distance_out) return true;
            if (number->explanation()->quantity == units::Quantity::charge_per_distance_out) return false;
        }
        return false;
    };
    // Charge is never left out, because on-screen counters count it; energy stands before it where it leads.
    const auto says = [&](const char* words) {
        return window_->said("planSentence").contains(QRegularExpression(QString::fromUtf8(words)));
    };
    const char* by_charge = "or [\\d .\u202f]+mAh used";
    const char* by_energy = "or [\\d .\u202f]+Wh \\([\\d .\u202f]+mAh\\) used";
    QVERIFY(!leads());
    QVERIFY2(says(by_charge) && !says(by_energy), qPrintable(window_->said("planSentence")));
    action("leadEnergyAction")->trigger();
    QVERIFY(leads());
    QVERIFY2(says(by_energy) && !says(by_charge), qPrintable(window_->said("planSentence")));
}

void WindowCommandsTest::unitsAndLookAreRemembered() {
    window_.reset();
    const QTemporaryDir settings;
    const QString book = settings.filePath(QStringLiteral("logbook.sqlite"));
    {
        MainWindow first(settings.path(), book);
        first.show();
        first.findChild<QAction*>(QStringLiteral("milesAction"))->trigger();
        first.findChild<QAction*>(QStringLiteral("fieldAction"))->trigger();
        first.findChild<QAction*>(QStringLiteral("text125Action"))->trigger();
        first.showPlace(Place::logbook);
        first.close();
        EVENTUALLY(!first.isVisible());
    }
    cleanup();
    MainWindow second(settings.path(), book);
    QCOMPARE(int(Look::instance().quantities().choice().distance), int(wording::UnitChoice::Distance::miles));
    QCOMPARE(Look::instance().theme().name, QStringLiteral("field"));
    QCOMPARE(Look::instance().chosenTextScale(), 1.25);
    QCOMPARE(int(second.place()), int(Place::logbook));
    QVERIFY(second.findChild<QAction*>(QStringLiteral("milesAction"))->isChecked());
}

void WindowCommandsTest::exportsAreInTheUnitsOfTheScreen() {
    action("milesAction")->trigger();
    window_->settle();
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("chart.csv"));
    window_->find<HomewardChart>("homewardChart")->setFocus();
    (*window_)->exportShown(path);
    QFile file(path);
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QString text = QString::fromUtf8(file.readAll());
    QVERIFY(text.startsWith(QStringLiteral("from home,after,remaining")));
    QVERIFY(text.contains(QStringLiteral(" mi")));
    QVERIFY(!text.contains(QStringLiteral(" km")));
    QCOMPARE(text.count(QStringLiteral("\r\n")), 42);
}

void WindowCommandsTest::chartsAreExported_data() {
    QTest::addColumn<QByteArray>("chart");
    QTest::addColumn<QString>("ending");
    QTest::addColumn<QByteArray>("begins");
    for (const char* chart : {"homewardChart", "planMap", "stripCharts", "debriefMap"}) {
        QTest::newRow(qPrintable(QLatin1String(chart) + QStringLiteral(" png")))
            << QByteArray(chart) << "png" << QByteArray("\x89PNG");
        QTest::newRow(qPrintable(QLatin1String(chart) + QStringLiteral(" svg")))
            << QByteArray(chart) << "svg" << QByteArray("<?xml");
        QTest::newRow(qPrintable(QLatin1String(chart) + QStringLiteral(" pdf")))
            << QByteArray(chart) << "pdf" << QByteArray("%PDF");
    }
}

void WindowCommandsTest::chartsAreExported() {
    QFETCH(QByteArray, chart);
    QFETCH(QString, ending);
    QFETCH(QByteArray, begins);
    if (chart.startsWith("strip") || chart.startsWith("debrief")) window_->openLog("2026-04-11-alcaravan-calm.csv");
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("chart.") + ending);
    auto* shown = chart_of(window_->find<QWidget>(chart.constData()));
    const auto written = export_chart(*shown, path);
    QVERIFY(written);
    QFile file(path);
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QByteArray bytes = file.readAll();
    QVERIFY(bytes.startsWith(begins));
    QVERIFY(bytes.size() > 2000);
    if (ending == QStringLiteral("svg"))
        QVERIFY2(bytes.contains("<path") || bytes.contains("<polyline"), "lines stay lines");
    if (ending == QStringLiteral("png")) {
        const QImage image(path);
        QCOMPARE(image.size(), shown->shownSize() * 2);
        // Something is drawn on the ground.
        QSet<QRgb> colours;
        for (int y = 0; y < image.height(); y += 7) {
            for (int x = 0; x < image.width(); x += 7) colours.insert(image.pixel(x, y));
        }
        QVERIFY(colours.size() > 8);
    }
}

void WindowCommandsTest::anEndingThatIsNotKnownIsSaid() {
    const QTemporaryDir folder;
    window_->find<HomewardChart>("homewardChart")->setFocus();
    (*window_)->exportShown(folder.filePath(QStringLiteral("chart.xyz")));
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("png, svg, pdf, csv")));
    (*window_)->exportShown(QStringLiteral("/nowhere/at/all.png"));
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("cannot be written")));
}

void WindowCommandsTest::chartsAreCopiedAsPictureAndText() {
    auto* chart = window_->find<HomewardChart>("homewardChart");
    chart->setFocus();
    QTest::keyClick(chart, Qt::Key_C, Qt::ControlModifier);
    const auto* data = QApplication::clipboard()->mimeData();
    QVERIFY(data->hasImage());
    QVERIFY(data->text().startsWith(QStringLiteral("from home")));
    // A table goes as text.
    (*window_)->showPlace(Place::packs);
    auto* table = window_->find<DataTable>("packsTable");
    table->setFocus();
    QTest::keyClick(table, Qt::Key_C, Qt::ControlModifier);
    QVERIFY(QApplication::clipboard()->text().startsWith(QStringLiteral("name\t")));
}

void WindowCommandsTest::chartsAndMapAreReadAsTables() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    EVENTUALLY((*window_)->flightSession().overForecast() != nullptr);
    for (const char* name : {"stripCharts", "debriefMap", "flownChart"}) {
        auto* widget = window_->find<QWidget>(name);
        widget->setFocus();
        QTest::keyClick(&**window_, Qt::Key_T, Qt::ControlModifier);
        auto* sheet = qobject_cast<TableSheet*>(QApplication::activePopupWidget());
        QVERIFY2(sheet, name);
        QVERIFY(sheet->table().model()->rowCount() > 20);
        QVERIFY(!widget->accessibleName().isEmpty());
        sheet->close();
        EVENTUALLY(!QApplication::activePopupWidget());
    }
    // The table's figures are the log's own.
    const auto table = window_->find<StripCharts>("stripCharts")->shownTable();
    QCOMPARE(table.headers.size(), 5);
    const auto& log = *(*window_)->debriefSession().debrief()->log;
    VERIFY_NEAR(table.rows[0][3].sort.toDouble(), log[telemetry::Channel::voltage_v][0], 1e-9);
}

void WindowCommandsTest::theMapHasACursorForKeys() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    auto* map = window_->find<MapView>("debriefMap");
    map->setFocus();
    for (int i = 0; i < 30; ++i) QTest::keyClick(map, Qt::Key_Right, Qt::ShiftModifier);
    QVERIFY(map->cursorText().startsWith(QStringLiteral("outbound leg")));
    QVERIFY(map->accessibleDescription().contains(QStringLiteral("from home")));
    for (int i = 0; i < 60; ++i) QTest::keyClick(map, Qt::Key_Right, Qt::ShiftModifier);
    QVERIFY(map->cursorText().startsWith(QStringLiteral("return leg")));
    const QString there = map->cursorText();
    QTest::keyClick(map, Qt::Key_Left, Qt::ShiftModifier);
    QVERIFY(map->cursorText() != there);
}

void WindowCommandsTest::recentFilesComeBack() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    auto* recent = (*window_)->findChild<QMenu*>(QStringLiteral("recentMenu"));
    QStringList names;
    for (const auto* entry : recent->actions()) names << entry->text();
    QCOMPARE(names.first(), QStringLiteral("2026-04-11-alcaravan-calm.csv"));
    QVERIFY(names.contains(QStringLiteral("alcaravan-west.plan.json")));
    QCOMPARE(names.removeDuplicates(), 0);
    (*window_)->showPlace(Place::fleet);
    for (auto* entry : recent->actions()) {
        if (entry->text() == QStringLiteral("tarabilla-quarry.plan.json")) entry->trigger();
    }
    window_->settle();
    QCOMPARE(int((*window_)->place()), int(Place::plan));
    QCOMPARE((*window_)->planSession().request().name, std::string("Quarry and back"));
}

void WindowCommandsTest::anythingIsDroppedAnywhere() {
    const auto drop = [&](const QString& path) { tests::drop(&**window_, path); };
    for (const Place place : all_places) {
        (*window_)->showPlace(place);
        drop(QStringLiteral(DEMO_DIR "/tarabilla-quarry.plan.json"));
        QCOMPARE(int((*window_)->place()), int(Place::plan));
    }
    (*window_)->showPlace(Place::packs);
    drop(QStringLiteral(DEMO_DIR "/2026-04-11-alcaravan-calm.csv"));
    EVENTUALLY_EQUAL(int((*window_)->place()), int(Place::debrief));
    drop(QStringLiteral(DEMO_DIR "/book.json"));
    EVENTUALLY_EQUAL((*window_)->workspace().summaries().size(), std::size_t(8));
    window_->settle();
}

/// A key leads to the setting from wherever one is.
void WindowCommandsTest::theSettingIsAKeyAway() {
    QTest::keyClick(&**window_, Qt::Key_7, Qt::ControlModifier);
    window_->find<QAction>("settingAction")->trigger();
    QCOMPARE(int((*window_)->place()), int(Place::plan));
    auto* word = qobject_cast<QAbstractButton*>(QApplication::focusWidget());
    QVERIFY(word && window_->find<QWidget>("settingLine")->isAncestorOf(word));
    QCOMPARE(window_->find<QAction>("settingAction")->shortcut(), QKeySequence(Qt::Key_F4));
}

/// The card is seen before it is printed.
void WindowCommandsTest::theCardIsPreviewed() {
    window_->settle();
    window_->find<QAction>("printCardAction")->trigger();
    auto* preview = (*window_)->findChild<QPrintPreviewDialog*>(QStringLiteral("printPreview"));
    QVERIFY(preview);
    auto* pages = preview->findChild<QPrintPreviewWidget*>();
    QVERIFY(pages);
    EVENTUALLY(pages->pageCount() == 1);
    preview->close();
}

void WindowCommandsTest::everyComputedNumberOnEveryScreenSaysWhy() {
    window_->bringInFlights();
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    // Cells that a pilot wrote, or that count rows of a file: everything else that has a digit was worked out.
    const QSet<QString> given = {QStringLiteral("start (log's clock)"),
                                 QStringLiteral("flight"),
                                 QStringLiteral("aircraft"),
                                 QStringLiteral("pack"),
                                 QStringLiteral("recharged"),
                                 QStringLiteral("wind"),
                                 QStringLiteral("note"),
                                 QStringLiteral("name")};
    int asked = 0;
    for (const Place place : all_places) {
        (*window_)->showPlace(place);
        QTest::qWait(20);
        for (const auto* number : (*window_)->findChildren<ExplainedNumber*>()) {
            if (!number->isVisible()) continue;
            QVERIFY2(number->explanation(), qPrintable(number->accessibleName()));
            QVERIFY(!number->explanation()->inputs.empty() ||
                    number->explanation()->source == units::Source::log_itself ||
                    number->explanation()->source == units::Source::geodesic_library);
            ++asked;
        }
        for (const auto* table : (*window_)->findChildren<DataTable*>()) {
            if (!table->isVisible()) continue;
            const auto* model = table->model();
            for (int row = 0; row < model->rowCount(); ++row) {
                for (int column = 0; column < model->columnCount(); ++column) {
                    const QModelIndex at = model->index(row, column);
                    const bool digits = at.data().toString().contains(QRegularExpression(QStringLiteral("\\d")));
                    const bool written_by_pilot =
                        (model->flags(at) & Qt::ItemIsEditable) ||
                        given.contains(model->headerData(column, Qt::Horizontal).toString());
                    if (!digits || written_by_pilot) continue;
                    QVERIFY2(at.data(explanation_role).isValid(), qPrintable(at.data().toString()));
                    ++asked;
                }
            }
        }
    }
    QVERIFY(asked > 60);
}

void WindowCommandsTest::nothingClipped(const QSize& size) {
    (*window_)->resize(size);
    for (const Place place : all_places) {
        (*window_)->showPlace(place);
        QTest::qWait(40);
        for (const auto* label : (*window_)->findChildren<QLabel*>()) {
            if (!label->isVisible() || label->text().isEmpty()) continue;
            if (label->wordWrap()) {
                QTRY_VERIFY2(label->height() >= label->heightForWidth(label->width()) - 1,
                             qPrintable(label->text()));
            } else if (label->toolTip().isEmpty()) { // elided labels keep the whole in their tool tip
                QVERIFY2(label->width() >= label->sizeHint().width(), qPrintable(label->text()));
            }
        }
        for (const auto* button : (*window_)->findChildren<QAbstractButton*>()) {
            if (!button->isVisible() || button->text().isEmpty()) continue;
            QVERIFY2(button->width() >= std::min(button->sizeHint().width(), button->minimumSizeHint().width()),
                     qPrintable(button->text()));
        }
        for (const auto* area : (*window_)->findChildren<QScrollArea*>()) {
            if (!area->isVisible()) continue;
            QTRY_VERIFY2(area->widget()->width() <= area->viewport()->width(),
                         qPrintable(QStringLiteral("place %1: %2 wants %3 of %4")
                                        .arg(int(place))
                                        .arg(area->widget()->findChild<QLabel*>()->text())
                                        .arg(area->widget()->width())
                                        .arg(area->viewport()->width())));
        }
        QCOMPARE((*window_)->size(), size); // nothing pushed the window wider
    }
}

void WindowCommandsTest::longerTextsFit_data() {
    QTest::addColumn<QSize>("size");
    QTest::newRow("1280x800") << QSize(1280, 800);
    QTest::newRow("1024x700") << QSize(1024, 700);
}

void WindowCommandsTest::longerTextsFit() {
    QFETCH(QSize, size);
    window_.reset();
    LongerTexts longer;
    QCoreApplication::installTranslator(&longer);
    window_ = std::make_unique<OpenedWindow>();
    window_->bringInFlights();
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    QVERIFY(window_->find<QAbstractButton>("railPlan")->text().contains(QChar(0x00F8)));
    nothingClipped(size);
    window_.reset();
    QCoreApplication::removeTranslator(&longer);
}

void WindowCommandsTest::otherLanguagesFit_data() {
    QTest::addColumn<QString>("code");
    QTest::addColumn<QSize>("size");
    QTest::addColumn<double>("scale");
    for (const char* code : {"de", "es"}) {
        QTest::addRow("%s at 1280x800", code) << QString::fromLatin1(code) << QSize(1280, 800) << 1.0;
        QTest::addRow("%s at 1024x700", code) << QString::fromLatin1(code) << QSize(1024, 700) << 1.0;
        QTest::addRow("%s at 1280x800, 150 %%", code) << QString::fromLatin1(code) << QSize(1280, 800) << 1.5;
    }
}

/// The languages that there are, in the sizes that are promised.
void WindowCommandsTest::otherLanguagesFit() {
    QFETCH(QString, code);
    QFETCH(QSize, size);
    QFETCH(double, scale);
    window_.reset();
    QCOMPARE(wording::use_language(code), code);
    Look::instance().setTextScale(scale);
    window_ = std::make_unique<OpenedWindow>();
    window_->bringInFlights();
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    QVERIFY(window_->find<QAbstractButton>("railPacks")->text() != QStringLiteral("Packs"));
    nothingClipped(size);
    window_.reset();
    wording::use_language(QStringLiteral("en"));
}

void WindowCommandsTest::textSizeByCommand() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    action("text150Action")->trigger();
    QCOMPARE(Look::instance().scaled(100), 150);
    QTest::qWait(50);
    nothingClipped(QSize(1280, 800));
    action("text100Action")->trigger();
    QCOMPARE(Look::instance().scaled(100), 100);
}

void WindowCommandsTest::fieldModeFits_data() {
    longerTextsFit_data();
}

void WindowCommandsTest::fieldModeFits() {
    QFETCH(QSize, size);
    window_.reset();
    Look::instance().setTheme(field_theme());
    window_ = std::make_unique<OpenedWindow>();
    window_->bringInFlights();
    window_->openLog("2026-05-16-alcaravan-three-hills.csv");
    nothingClipped(size);
}

SOBREMESA_TEST(WindowCommandsTest)
#include "tst_window_commands.moc"
