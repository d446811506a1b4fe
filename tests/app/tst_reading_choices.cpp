// Debrief where a log could be read in more than one way: several flights in a file, columns that say nothing or
// the wrong thing, and what becomes of the answers; and flights laid side by side.

#include <algorithm>

#include <QComboBox>
#include <QDir>
#include <QListWidget>
#include <QPushButton>
#include <QTableView>

#include "app/charts/energy_overlay.hpp"
#include "app/charts/strip_charts.hpp"
#include "app/map/map_view.hpp"
#include "app/opened_window.hpp"
#include "app/places/debrief/columns_sheet.hpp"
#include "app/places/debrief/compare_sheet.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/debrief/flight_report_view.hpp"
#include "app/places/logbook/logbook_place.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/number_field.hpp"
#include "io/csv_log_reader.hpp"
#include "io/csv_log_writer.hpp"
#include "io/log_file.hpp"
#include "io/text_file.hpp"
#include "session/notebook.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;
using telemetry::Channel;

class ReadingChoicesTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cleanupTestCase() { window_.reset(); }
    void severalFlightsCanBeChosen();
    void aDateThatCanBeReadEitherWayIsAsked();
    void theChosenFlightIsTheOneFiled();
    void aLogWithoutATimeAsksForIt();
    void aDateAndAClockAreATime();
    void theAnswerIsRememberedForThatHeader();
    void aColumnSaidOtherwiseChangesTheFigures();
    void aTelemetryLogHasColumnsToo();
    void columnsOfAFiledFlightAreUndoable();
    void setAsideLeadsToItsPlace();
    void theTrackShowsAQuantity();
    void theReportIsShown();
    void theFoundWindIsTaken();
    void aPackThatDoesNotFitSaysNothing();
    void flightsSideBySide();
    void aFlightByHandIsLaidOverTheOthers();
    void compareWithoutFlightsSaysSo();
    void inEveryLook();

private:
    QString file(const QString& name, const std::string& text) {
        const QString path = folder_.filePath(name);
        if (!io::write_text_file(path.toStdString(), text)) qFatal("cannot write");
        return path;
    }
    void open(const QString& path) {
        (*window_)->openFile(path);
        EVENTUALLY(!(*window_)->debriefSession().is_opening());
        QCoreApplication::processEvents();
    }
    const session::Debrief& debrief() { return *(*window_)->debriefSession().debrief(); }
    /// The demo's calm flight twice in one file, an hour between them; the second one is cut short.
    QString two_flights() {
        const auto once = io::read_csv_log(DEMO_DIR "/2026-04-11-alcaravan-calm.csv");
        telemetry::FlightLog twice = **once;
        const std::size_t rows = twice.rows();
        const double gap_s = twice[Channel::time_s].back() + 3600.0;
        for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
            auto& column = twice.columns[c];
            if (column.empty()) continue;
            for (std::size_t i = 0; i < rows * 2 / 3; ++i)
                column.push_back(column[i] + (Channel(c) == Channel::time_s ? gap_s : 0.0));
        }
        for (std::size_t i = twice.lines.size(); i < twice[Channel::time_s].size(); ++i)
            twice.lines.push_back(std::uint32_t(i + 2));
        return file(QStringLiteral("day.csv"), io::csv_from_log(twice, io::LogStyle::radio));
    }
    /// A log whose headers say nothing of time and current.
    std::string riddle() {
        std::string text = "Tick,Lat,Lon,Spd(km/h),Pack(V),Draw\n";
        for (int i = 0; i < 400; ++i) {
            text += std::to_string(i * 500) + ",39." + std::to_string(40000 + i) + ",-31.4,36,16." +
                    std::to_string(i % 10) + ",5200\n";
        }
        return text;
    }
    ColumnsSheet* sheet() {
        ColumnsSheet* found = nullptr;
        if (!sobremesa::tests::eventually(
                [&] { return (found = (*window_)->findChild<ColumnsSheet*>()) != nullptr; }))
            qFatal("no sheet");
        return found;
    }
    static void choose(QWidget* sheet, const QString& box, const QString& word) {
        auto* combo = sheet->findChild<QComboBox*>(box);
        if (!combo) qFatal("no such choice");
        const int index = std::max(combo->findData(word), combo->findText(word));
        QVERIFY(index >= 0);
        combo->setCurrentIndex(index);
        emit combo->activated(index);
    }
    QTemporaryDir folder_;
    std::unique_ptr<OpenedWindow> window_;
};

void ReadingChoicesTest::init() {
    window_.reset();
    window_ = std::make_unique<OpenedWindow>();
}

void ReadingChoicesTest::severalFlightsCanBeChosen() {
    auto* parts = window_->find<QComboBox>("flightOfFile");
    open(QStringLiteral(DEMO_DIR "/2026-04-11-alcaravan-calm.csv"));
    QVERIFY(!parts->isVisible());
    open(two_flights());
    QVERIFY(parts->isVisible());
    QCOMPARE(parts->count(), 2);
    QCOMPARE(parts->currentIndex(), 0); // the longer one
    const double longer = debrief().summary.duration_s;
    parts->setCurrentIndex(1);
    emit parts->activated(1);
    EVENTUALLY_EQUAL(debrief().clean.part, std::size_t(1));
    VERIFY_NEAR(debrief().summary.duration_s, longer * 2.0 / 3.0, 5.0);
    QVERIFY(debrief().summary.track.time_s.front() > 3600.0);
    QCOMPARE(parts->currentIndex(), 1);
}

void ReadingChoicesTest::aDateThatCanBeReadEitherWayIsAsked() {
    std::string text = "Date,Time,Voltage (V),Current (A)\n";
    for (int i = 0; i < 300; ++i) {
        const QString clock = QTime(10, 0).addSecs(i).toString(QStringLiteral("HH:mm:ss"));
        text +=
            "05/06/2026," + clock.toStdString() + ",16." + QByteArray::number(90 - i / 10).toStdString() + ",5.1\n";
    }
    open(file(QStringLiteral("summer.csv"), text));
    const auto begun = [&] {
        return QDateTime::fromSecsSinceEpoch(
                   qint64((*window_)->flightSession().flight().start_clock_s.value_or(0.0)), Qt::UTC)
            .date();
    };
    QCOMPARE(begun(), QDate(2026, 6, 5));
    auto* day = window_->find<QPushButton>("date-day-first");
    auto* month = window_->find<QPushButton>("date-month-first");
    QVERIFY(day && month);
    QCOMPARE(day->text(), QStringLiteral("5 June 2026"));
    QCOMPARE(month->text(), QStringLiteral("6 May 2026"));
    QTest::mouseClick(month, Qt::LeftButton);
    EVENTUALLY(!(*window_)->debriefSession().is_opening() && begun() == QDate(2026, 5, 6));
    QCoreApplication::processEvents();
    // Answered, and remembered for this header.
    QVERIFY(!(*window_)->findChild<QPushButton*>(QStringLiteral("date-day-first")));
    open(file(QStringLiteral("later.csv"), text));
    QCOMPARE(begun(), QDate(2026, 5, 6));
    QVERIFY(!(*window_)->findChild<QPushButton*>(QStringLiteral("date-day-first")));
}

void ReadingChoicesTest::theChosenFlightIsTheOneFiled() {
    open(two_flights());
    (*window_)->flightSession().choosePart(1);
    EVENTUALLY_EQUAL(debrief().clean.part, std::size_t(1));
    const double duration = debrief().summary.duration_s;
    QTest::mouseClick(window_->find<QPushButton>("fileFlightButton"), Qt::LeftButton);
    EVENTUALLY((*window_)->flightSession().filed().has_value());
    const auto id = *(*window_)->flightSession().filed();
    QCOMPARE((*window_)->workspace().library().flights.at(id).part, std::optional<int>(1));
    // Another log meanwhile; then the flight out of the book: the same part of its file.
    open(QStringLiteral(DEMO_DIR "/2026-04-11-alcaravan-calm.csv"));
    (*window_)->flightSession().openFlight(id);
    EVENTUALLY_EQUAL((*window_)->flightSession().filed(), std::optional(id));
    VERIFY_NEAR(debrief().summary.duration_s, duration, 1e-9);
    // The first flight of the same file is another flight.
    open(two_flights());
    QVERIFY(!(*window_)->flightSession().filed().has_value());
}

void ReadingChoicesTest::aLogWithoutATimeAsksForIt() {
    open(file(QStringLiteral("riddle.csv"), riddle()));
    QVERIFY(!(*window_)->debriefSession().debrief());
    ColumnsSheet* asked = sheet();
    QVERIFY(asked->isVisible());
    auto* take = asked->findChild<QPushButton*>(QStringLiteral("takeColumnsButton"));
    QVERIFY(!take->isEnabled());
    choose(asked, QStringLiteral("meaning0"), QStringLiteral("time_s"));
    choose(asked, QStringLiteral("unit0"), QStringLiteral("ms"));
    QVERIFY(take->isEnabled());
    choose(asked, QStringLiteral("meaning5"), QStringLiteral("current_a"));
    choose(asked, QStringLiteral("unit5"), QStringLiteral("mA"));
    // The preview reads as the log will be read.
    QStringList read;
    for (auto* label : asked->findChildren<QLabel*>()) read << label->text();
    QVERIFY(read.join(QLatin1Char('|')).contains(QStringLiteral("5.20")));
    QTest::mouseClick(take, Qt::LeftButton);
    EVENTUALLY((*window_)->debriefSession().debrief() != nullptr);
    VERIFY_NEAR(debrief().summary.duration_s, 199.5, 1e-6);
    VERIFY_NEAR(*debrief().summary.energy.mean_current_a, 5.2, 1e-6);
}

void ReadingChoicesTest::aDateAndAClockAreATime() {
    const auto opened = [&](const std::string& text) {
        open(file(QStringLiteral("stamped.csv"), text));
        EVENTUALLY_EQUAL(debrief().summary.duration_s, 2.0);
        QTest::mouseClick(window_->find<QPushButton>("columnsButton"), Qt::LeftButton);
        ColumnsSheet* asked = sheet();
        QVERIFY(asked->findChild<QPushButton*>(QStringLiteral("takeColumnsButton"))->isEnabled());
        QTest::mouseClick(asked->findChild<QPushButton*>(QStringLiteral("takeColumnsButton")), Qt::LeftButton);
        EVENTUALLY((*window_)->findChild<ColumnsSheet*>() == nullptr);
        VERIFY_NEAR(debrief().summary.duration_s, 2.0, 1e-9);
    };
    opened("when,volts,amps\n2026-05-14T09:30:00,16,5\n2026-05-14T09:30:01,16,5\n2026-05-14T09:30:02,16,5\n");
    opened("year,month,day,hour,minute,second,volts,amps\n2026,5,14,9,30,58,16,5\n2026,5,14,9,30,59,16,5\n"
           "2026,5,14,9,31,0,16,5\n");
    QVERIFY(debrief().log->start_clock_s.has_value());
    // 14 May 2026 is day 20 587 since 1970.
    VERIFY_NEAR(*debrief().log->start_clock_s, 20587.0 * 86400.0 + 9.0 * 3600.0 + 30.0 * 60.0 + 58.0, 1e-6);
}

void ReadingChoicesTest::theAnswerIsRememberedForThatHeader() {
    const QString first = file(QStringLiteral("riddle.csv"), riddle());
    const auto head = io::read_csv_head(first.toStdString(), {}, false);
    (*window_)->flightSession().chooseColumns(first, *head,
                                              {{"Tick", "time_s", "ms"}, {"Draw", "current_a", "mA"}});
    EVENTUALLY((*window_)->debriefSession().debrief() != nullptr);
    // Another file with the same header is read alike, unasked.
    const QString second = file(QStringLiteral("riddle-2.csv"), riddle());
    open(second);
    EVENTUALLY_EQUAL(debrief().path, second);
    VERIFY_NEAR(*debrief().summary.energy.mean_current_a, 5.2, 1e-6);
    // And by a program started later.
    session::ColumnMemory later(folder_.filePath(QStringLiteral("columns.json")));
    later.remember("a,b", {{"a", "time_s", "us"}});
    session::ColumnMemory still_later(folder_.filePath(QStringLiteral("columns.json")));
    QCOMPARE(still_later.recall("a,b").size(), std::size_t(1));
    QCOMPARE(QString::fromStdString(still_later.recall("a,b").front().unit), QStringLiteral("us"));
    QVERIFY(still_later.recall("a,c").empty());
    still_later.remember("a,b", {});
    QVERIFY(session::ColumnMemory(folder_.filePath(QStringLiteral("columns.json"))).recall("a,b").empty());
}

void ReadingChoicesTest::aColumnSaidOtherwiseChangesTheFigures() {
    // Five thousand ampere are no pack's, whatever the column is called.
    open(file(QStringLiteral("bare.csv"), "time,volts,amps\n0,16,5000\n1,16,5000\n2,16,5000\n3,16,5000\n"));
    VERIFY_NEAR(*debrief().summary.energy.mean_current_a, 5.0, 1e-6);
    open(file(QStringLiteral("fewer.csv"), "time,volts,amps\n0,16,120\n1,16,120\n2,16,120\n3,16,120\n"));
    EVENTUALLY(*debrief().summary.energy.mean_current_a > 100.0);
    QTest::mouseClick(window_->find<QPushButton>("columnsButton"), Qt::LeftButton);
    ColumnsSheet* asked = sheet();
    choose(asked, QStringLiteral("unit2"), QStringLiteral("mA"));
    QTest::mouseClick(asked->findChild<QPushButton*>(QStringLiteral("takeColumnsButton")), Qt::LeftButton);
    EVENTUALLY(debrief().choices.columns.size() == 1);
    VERIFY_NEAR(*debrief().summary.energy.mean_current_a, 0.12, 1e-9);
}

void ReadingChoicesTest::aTelemetryLogHasColumnsToo() {
    const auto log = io::read_csv_log(DEMO_DIR "/2026-04-11-alcaravan-calm.csv");
    // A counter that a second battery spoilt.
    telemetry::FlightLog spoilt = **log;
    for (double& ah : spoilt[Channel::charge_ah]) ah *= 2.0;
    open(file(QStringLiteral("spoilt.tlog"), *io::log_as(spoilt, "spoilt.tlog")));
    QVERIFY(debrief().log->has(Channel::charge_ah));
    QTest::mouseClick(window_->find<QPushButton>("columnsButton"), Qt::LeftButton);
    ColumnsSheet* asked = sheet();
    int counter = -1;
    for (int i = 0; asked->findChild<ChoiceBox*>(QStringLiteral("meaning%1").arg(i)); ++i) {
        if (asked->findChild<ChoiceBox*>(QStringLiteral("meaning%1").arg(i))->currentData() ==
            QVariant(QStringLiteral("charge_ah")))
            counter = i;
    }
    QVERIFY(counter >= 0);
    choose(asked, QStringLiteral("meaning%1").arg(counter), QStringLiteral("not used"));
    QTest::mouseClick(asked->findChild<QPushButton*>(QStringLiteral("takeColumnsButton")), Qt::LeftButton);
    EVENTUALLY(!debrief().log->has(Channel::charge_ah));
    QCOMPARE(debrief().choices.columns.size(), std::size_t(1));
    // It is that log's answer, not that of the next one.
    open(file(QStringLiteral("next.tlog"), *io::log_as(**log, "next.tlog")));
    QVERIFY(debrief().log->has(Channel::charge_ah));
}

void ReadingChoicesTest::columnsOfAFiledFlightAreUndoable() {
    open(file(QStringLiteral("bare.csv"), "time,volts,amps\n0,16,50\n1,16,50\n2,16,50\n3,16,50\n"));
    (*window_)->flightSession().file();
    EVENTUALLY((*window_)->flightSession().filed().has_value());
    const auto id = *(*window_)->flightSession().filed();
    const auto head = io::read_csv_head(debrief().path.toStdString(), {}, false);
    (*window_)->flightSession().chooseColumns(debrief().path, *head, {{"amps", "current_a", "mA"}});
    EVENTUALLY(std::abs(*debrief().summary.energy.mean_current_a - 0.05) < 1e-9);
    QCOMPARE((*window_)->flightSession().filed(), std::optional(id));
    VERIFY_NEAR(*(*window_)->workspace().summaries().at(id).energy.mean_current_a, 0.05, 1e-9);
    (*window_)->workspace().undo();
    QVERIFY((*window_)->workspace().library().flights.at(id).columns.empty());
}

void ReadingChoicesTest::setAsideLeadsToItsPlace() {
    open(QStringLiteral(DEMO_DIR "/2026-05-16-alcaravan-three-hills.csv"));
    auto* table = window_->find<QTableView>("setAsideTable");
    auto* strips = window_->find<StripCharts>("stripCharts");
    const auto whole = strips->shownRange();
    const auto& aside = debrief().clean.set_aside.front();
    QVERIFY(!aside.places.empty());
    emit table->clicked(table->model()->index(0, 0));
    const auto near = strips->shownRange();
    QVERIFY(near.second - near.first < whole.second - whole.first);
    const auto span = telemetry::time_of_lines(debrief().clean, aside.places.front().first_row,
                                               std::int64_t(aside.places.front().rows));
    QVERIFY(span && near.first <= span->first && near.second >= span->first);
}

void ReadingChoicesTest::theTrackShowsAQuantity() {
    open(QStringLiteral(DEMO_DIR "/2026-04-18-alcaravan-west-wind.csv"));
    auto* by = window_->find<QComboBox>("trackBy");
    QVERIFY(by->count() > 3);
    auto* map = window_->find<MapView>("debriefMap");
    const QImage plain = map->grab().toImage();
    by->setCurrentIndex(by->findText(QStringLiteral("height above home")));
    emit by->activated(by->currentIndex());
    QVERIFY(map->grab().toImage() != plain);
    by->setCurrentIndex(0);
    emit by->activated(0);
    QCOMPARE(map->grab().toImage(), plain);
}

void ReadingChoicesTest::theReportIsShown() {
    open(QStringLiteral(DEMO_DIR "/2026-04-18-alcaravan-west-wind.csv"));
    EVENTUALLY((*window_)->flightSession().flightReport() &&
               !(*window_)->flightSession().flightReport()->turns.empty());
    const auto& flight_report = *(*window_)->flightSession().flightReport();
    auto* further = window_->find<QTableView>("furtherTable");
    QVERIFY(further->isVisible());
    QCOMPARE(further->model()->rowCount(), int(flight_report.further.size()));
    auto* turns = window_->find<QTableView>("flownTurnsTable");
    QCOMPARE(turns->model()->rowCount(), int(flight_report.turns.size()));
    // Every computed cell of the first answers "why?".
    for (int row = 0; row < further->model()->rowCount(); ++row) {
        for (int column = 1; column < 3; ++column)
            QVERIFY(further->model()->index(row, column).data(explanation_role).isValid());
    }
}

void ReadingChoicesTest::theFoundWindIsTaken() {
    open(QStringLiteral(DEMO_DIR "/2026-05-16-alcaravan-three-hills.csv"));
    QVERIFY(debrief().findings.wind.known());
    // What the log shows is the flight's wind from the beginning; the forecast is kept beside it.
    const auto wind_mps = [&] { return (*window_)->flightSession().flight().flown.weather.wind.speed_mps; };
    const double found_mps = debrief().findings.wind.speed_mps.value;
    const double forecast_mps = (*window_)->planSession().request().weather.wind.speed_mps;
    VERIFY_NEAR(wind_mps(), found_mps, 0.051);
    QVERIFY((*window_)->flightSession().flight().forecast_wind);
    QCOMPARE((*window_)->flightSession().flight().forecast_wind->wind.speed_mps, forecast_mps);
    auto* take = window_->find<QPushButton>("takeWindButton");
    QVERIFY(take->isVisible() && take->isEnabled());
    QTest::mouseClick(take, Qt::LeftButton);
    QCOMPARE(wind_mps(), forecast_mps);
    QVERIFY(!(*window_)->flightSession().flight().forecast_wind);
    QTest::mouseClick(take, Qt::LeftButton);
    VERIFY_NEAR(wind_mps(), found_mps, 0.051);
    QTest::mouseClick(take, Qt::LeftButton);
    // Winds by height of the plan it was flown by would have hidden it; they go.
    auto& flight = (*window_)->flightSession();
    auto request = flight.flown().request();
    request.weather.wind_table = {{10.0, {1.0, 10.0}}, {100.0, {2.0, 20.0}}};
    flight.flown().setRequest(request);
    QTest::mouseClick(take, Qt::LeftButton);
    QVERIFY(flight.flight().flown.weather.wind_table.empty());
    VERIFY_NEAR(flight.flight().flown.weather.wind.speed_mps, debrief().findings.wind.speed_mps.value, 0.051);
}

/// A 6S log on a 4S pack: no figure that rests on the pack, and the cure on top.
void ReadingChoicesTest::aPackThatDoesNotFitSaysNothing() {
    open(QStringLiteral(DEMO_DIR "/2026-05-02-tarabilla-landed-at-3v5.csv"));
    auto& flight = (*window_)->flightSession();
    EVENTUALLY(flight.flown().is_settled() && flight.bill_is_settled());
    QCOMPARE(flight.flight().flown.pack.series, 4);
    QVERIFY(!flight.pack_fits());
    QVERIFY(!flight.overForecast());
    QVERIFY(!flight.remaining());
    QVERIFY(!flight.bill());
    const auto& flight_report = *flight.flightReport();
    QVERIFY(flight_report.turns.empty() && flight_report.further.empty() && flight_report.limits.empty());
    QVERIFY(window_->said("flownWords").contains(QStringLiteral("pack")));
    // Directly under the sentence, before everything else.
    const auto* sentence = window_->find<QLabel>("debriefSentence");
    const QLabel* cure = nullptr;
    for (const auto* label : sentence->parentWidget()->findChildren<QLabel*>()) {
        if (label->accessibleName().contains(QStringLiteral("Choose the pack that was flown"))) cure = label;
    }
    QVERIFY(cure && cure->isVisible());
    QVERIFY(cure->y() < window_->find<QLabel>("debriefFindings")->y());
}

void ReadingChoicesTest::flightsSideBySide() {
    window_->bringInFlights();
    (*window_)->showPlace(Place::logbook);
    CompareSheet sheet((*window_)->workspace(), {});
    QVERIFY(sheet.taken().size() == 2);
    auto* table = sheet.findChild<QTableView*>(QStringLiteral("compareTable"));
    QCOMPARE(table->model()->rowCount(), 2);
    auto* list = sheet.findChild<QListWidget*>(QStringLiteral("compareList"));
    const auto first = sheet.taken();
    int level = 0;
    for (int i = 0; i < list->count(); ++i) {
        list->item(i)->setCheckState(Qt::Checked);
        level += list->item(i)->font().italic() ? 0 : 1;
    }
    QVERIFY(level > 2 && level < list->count());
    QCOMPARE(table->model()->rowCount(), level);
    // At another speed another figure.
    for (int i = 0; i < list->count(); ++i) {
        const session::Id id = list->item(i)->data(Qt::UserRole).toLongLong();
        if (std::find(first.begin(), first.end(), id) == first.end()) list->item(i)->setCheckState(Qt::Unchecked);
    }
    const QString before = table->model()->index(0, 2).data().toString();
    auto* mass = sheet.findChild<NumberField*>(QStringLiteral("compareMass"));
    mass->setText(QStringLiteral("2000"));
    emit mass->valueEdited(2000.0);
    QVERIFY(table->model()->index(0, 2).data().toString() != before);
    // Laid over each other: one column a flight, and the difference at the end of the shorter one.
    auto* overlay = sheet.findChild<EnergyOverlay*>(QStringLiteral("compareOverlay"));
    EVENTUALLY(!overlay->difference().isEmpty());
    QCOMPARE(overlay->shownTable().headers.size(), 3);
    QVERIFY(overlay->difference().contains(QStringLiteral("km")));
    EVENTUALLY_EQUAL(sheet.findChild<QLabel*>(QStringLiteral("compareDifference"))->accessibleName(),
                     overlay->difference());
    // What the last row of a flight says is what its summary says.
    const auto& workspace = (*window_)->workspace();
    double used_wh = 0.0;
    for (const auto& row : overlay->shownTable().rows)
        used_wh = std::max({used_wh, row[1].sort.toDouble(), row[2].sort.toDouble()});
    double summed_wh = 0.0;
    for (const auto id : sheet.taken())
        summed_wh = std::max(summed_wh, workspace.summaries().at(id).energy.energy_wh->value);
    VERIFY_NEAR(used_wh, summed_wh, 0.02 * summed_wh);
    auto* axis = sheet.findChild<ChoiceBox*>(QStringLiteral("compareAxis"));
    QTest::keyClick(axis, Qt::Key_End);
    EVENTUALLY(overlay->shownTable().headers[0] == QStringLiteral("minutes"));
    QVERIFY(overlay->difference().contains(QStringLiteral("min")));
}

void ReadingChoicesTest::aFlightByHandIsLaidOverTheOthers() {
    window_->bringInFlights();
    auto& workspace = (*window_)->workspace();
    session::Id logged = 0;
    for (const auto& [id, flight] : workspace.library().flights) {
        if (!workspace.summaries().at(id).level.empty()) logged = id;
    }
    QVERIFY(logged != 0);
    book::KeptFlight flight = workspace.library().flights.at(logged);
    flight.log_id.reset();
    flight.name = "from the notebook";
    flight.by_hand = book::HandFigures{};
    flight.by_hand->duration_s = 1200.0;
    flight.by_hand->charge_ah = 1.2;
    flight.by_hand->ground_m = 9000.0;
    flight.by_hand->readings = {{600.0, 0.5, 15.4, {}, 4000.0}};
    QCOMPARE(session::file_by_hand(workspace, {flight}).filed, 1);
    session::Id by_hand = 0;
    for (const auto& [id, kept] : workspace.library().flights) {
        if (kept.by_hand) by_hand = id;
    }
    // The logbook has what was read on the way, whole.
    (*window_)->showPlace(Place::logbook);
    (*window_)->logbookPlace().choose(by_hand);
    EVENTUALLY(window_->find<QLabel>("logbookReadings")->isVisible());
    QVERIFY(window_->said("logbookReadings").contains(QStringLiteral("10.0 min 500 mAh 15.40 V 4.00 km")));
    // And what was used by them, in the place of a track.
    auto* used = window_->find<EnergyOverlay>("logbookUsed");
    EVENTUALLY(used->isVisible());
    QVERIFY(used->shownTable().rows.size() > 2);
    QVERIFY(!window_->find<MapView>("logbookMap")->isVisible());
    (*window_)->logbookPlace().choose(logged);
    EVENTUALLY(!window_->find<QLabel>("logbookReadings")->isVisible());
    EVENTUALLY(window_->find<MapView>("logbookMap")->isVisible());
    QVERIFY(!used->isVisible());
    CompareSheet sheet(workspace, {by_hand, logged});
    QCOMPARE(int(sheet.taken().size()), 2);
    auto* overlay = sheet.findChild<EnergyOverlay*>(QStringLiteral("compareOverlay"));
    EVENTUALLY(!overlay->difference().isEmpty());
    QCOMPARE(overlay->shownTable().headers.size(), 3);
    // At equal terms there is nothing to compare it by, and that is said.
    QCOMPARE(sheet.findChild<QTableView*>(QStringLiteral("compareTable"))->model()->rowCount(), 0);
    QStringList words;
    for (auto* label : sheet.findChildren<QLabel*>()) words << label->accessibleName() << label->text();
    QVERIFY(words.join(QLatin1Char('|')).contains(QStringLiteral("Laid over each other")));
}

void ReadingChoicesTest::compareWithoutFlightsSaysSo() {
    CompareSheet sheet((*window_)->workspace(), {});
    QVERIFY(sheet.taken().empty());
    QCOMPARE(sheet.findChild<QTableView*>(QStringLiteral("compareTable"))->model()->rowCount(), 0);
    QStringList words;
    for (auto* label : sheet.findChildren<QLabel*>()) words << label->accessibleName() << label->text();
    QVERIFY(words.join(QLatin1Char('|')).contains(QStringLiteral("two or more flights")));
}

void ReadingChoicesTest::inEveryLook() {
    open(two_flights());
    window_->showInEveryLook();
}

SOBREMESA_TEST(ReadingChoicesTest)
#include "tst_reading_choices.moc"
