// Watch, in a real window: a practice flight, a replay, a live link, speech, and what is offered afterwards.

#include <QAction>
#include <QCheckBox>
#include <QDir>
#include <QFile>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QSlider>
#include <QUdpSocket>

#include "app/charts/homeward_chart.hpp"
#include "app/map/map_view.hpp"
#include "app/opened_window.hpp"
#include "app/places/watch/big_figure.hpp"
#include "app/places/watch/source_sheet.hpp"
#include "app/places/watch/watch_place.hpp"
#include "app/shell/commands.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "practice/stream.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

class WatchPlaceTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cleanupTestCase() { window_.reset(); }
    void withoutAPlanItSaysSo();
    void aPracticeFlightIsTurnedAndJudged();
    void rehearsalIsChosenInItsSheet();
    void aLiveLinkIsFollowedAndRecorded();
    void vehicleAndBatteryAreChosen();
    void theSensorsFactorIsKeptForItsAircraft();
    void badAddressesAreMarkedWhereTyped();
    void aReplaySeeksAndPauses();
    void anotherPackIsSaid();
    void withoutSatellitesThePackIsStillWatched();
    void calloutsAreSwitchedOff();
    void missingSpeechIsATone();
    void aRecordingThatWasCutOffIsOffered();
    void inEveryLook();

private:
    WatchPlace& place() { return (*window_)->watchPlace(); }
    QString text(const char* name) { return (*window_)->findChild<TextLabel*>(QLatin1String(name))->text(); }
    BigFigure& figure(const char* name) { return *(*window_)->findChild<BigFigure*>(QLatin1String(name)); }
    QPushButton& button(const char* name) { return *(*window_)->findChild<QPushButton*>(QLatin1String(name)); }
    void open() {
        (*window_)->showPlace(Place::watch);
        place().speaker().setSink([this](const QString& words, bool) { spoken_ << words; });
        spoken_.clear();
    }
    void practise(practice::Day day, double speed = 1200.0) { place().rehearse({day, 7}, speed); }
    bool said(watch::CalloutKind kind) {
        const auto& all = place().session().said();
        return std::any_of(all.begin(), all.end(), [&](const auto& c) { return c.kind == kind; });
    }
    void close() {
        place().stop();
        if (place().session().plan()) place().stop();
    }

    std::optional<OpenedWindow> window_;
    QStringList spoken_;
};

void WatchPlaceTest::init() {
    if (!window_) {
        window_.emplace();
    }
    (*window_)->openFile(QDir(QString::fromLatin1(DEMO_DIR)).filePath(QStringLiteral("alcaravan-west.plan.json")));
    EVENTUALLY((*window_)->planSession().is_settled() && (*window_)->planSession().plan()->turn);
    open();
}

void WatchPlaceTest::withoutAPlanItSaysSo() {
    const QTemporaryDir settings;
    MainWindow fresh(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    fresh.show();
    fresh.showPlace(Place::watch);
    QVERIFY(fresh.findChild<TextLabel*>(QStringLiteral("watchIdle"))->text().contains(QStringLiteral("plan")));
    QVERIFY(!fresh.findChild<QPushButton*>(QStringLiteral("watchConnect"))->isEnabled());
}

void WatchPlaceTest::aPracticeFlightIsTurnedAndJudged() {
    practise(practice::Day::as_forecast);
    QVERIFY(button("watchTurn").isVisible());
    // Until it has to turn, a line around it shows how far it may still go; after that there is none.
    const auto reach_rows = [&] {
        const auto rows = place().map().shownTable().rows;
        return std::count_if(rows.begin(), rows.end(),
                             [](const auto& row) { return row[0].text == QStringLiteral("reach"); });
    };
    EVENTUALLY(reach_rows() == 36);
    EVENTUALLY(said(watch::CalloutKind::turn_now));
    // Sentence, figure, list and voice say the same.
    QVERIFY(text("watchSentence").contains(QStringLiteral("Turn now")));
    QVERIFY(figure("figureTurn").warns());
    QVERIFY(spoken_.join(QLatin1Char('\n')).contains(QStringLiteral("Turn now")));
    QTest::keyClick(&place(), Qt::Key_T);
    EVENTUALLY(place().session().answer().state == watch::FlightState::inbound);
    QVERIFY(!button("watchTurn").isEnabled());
    EVENTUALLY(said(watch::CalloutKind::landed));
    auto* outcome = (*window_)->findChild<TextLabel*>(QStringLiteral("watchOutcome"));
    EVENTUALLY(outcome->isVisible());
    QVERIFY(outcome->text().contains(QStringLiteral("intact")));
    QVERIFY(outcome->text().contains(QStringLiteral("farthest turn")));
    QCOMPARE(reach_rows(), 0);
    QCOMPARE(place().said().model()->rowCount(), int(place().session().said().size()));
    // What was flown is a log like any other.
    button("watchDebrief").click();
    EVENTUALLY((*window_)->place() == Place::debrief);
    const auto debrief = (*window_)->debriefSession().debrief();
    QVERIFY(debrief->path.endsWith(QStringLiteral("-practice.csv")));
    QVERIFY(std::abs(debrief->summary.distance.ground_m->value - place().session().answer().now.ground_m) <
            1e-3 * debrief->summary.distance.ground_m->value);
    // … with what was said, ready to be filed with the plan's aircraft and pack.
    const auto& flight = (*window_)->flightSession().flight();
    QVERIFY(flight.note.find("Turn now") != std::string::npos);
    QCOMPARE(QString::fromStdString(flight.flown.aircraft.name),
             QString::fromStdString((*window_)->planSession().request().aircraft.name));
    QCOMPARE(QString::fromStdString(flight.flown.pack.name),
             QString::fromStdString((*window_)->planSession().request().pack.name));
    (*window_)->showPlace(Place::watch);
    close();
}

void WatchPlaceTest::rehearsalIsChosenInItsSheet() {
    (*window_)->findChild<QAction*>(QStringLiteral("rehearseAction"))->trigger();
    auto* start = (*window_)->findChild<QPushButton*>(QStringLiteral("rehearsalStart"));
    QVERIFY(start);
    (*window_)->findChild<QLineEdit*>(QStringLiteral("rehearsalSeed"))->setText(QStringLiteral("42"));
    (*window_)->findChild<ChoiceBox*>(QStringLiteral("rehearsalDay"))->setCurrentIndex(3);
    start->click();
    QVERIFY(place().isPractising());
    const auto& day = static_cast<session::PracticeFeed*>(place().session().feed())->day();
    QCOMPARE(day.seed, std::uint64_t(42));
    QCOMPARE(int(day.day), int(practice::Day::worst_in_twenty));
    close();
    QVERIFY(!place().isPractising());
}

void WatchPlaceTest::aLiveLinkIsFollowedAndRecorded() {
    link::Address address;
    address.port = 0;
    place().connectTo(address);
    QVERIFY(place().session().is_watching());
    const quint16 port =
        QString::fromStdString(place().session().feed()->where()).section(QLatin1Char(':'), -1).toUShort();
    const auto log = sim::simulate(practice::scenario_of(*place().session().plan())).log;
    practice::StreamRows rows(log, practice::StreamFormat::mavlink);
    QUdpSocket sender;
    for (std::size_t i = 0; i < 3000; ++i) {
        for (const auto& packet : rows.row(i))
            sender.writeDatagram(packet.data(), qint64(packet.size()), QHostAddress::LocalHost, port);
        if (i % 200 == 0) QTest::qWait(5);
    }
    EVENTUALLY(place().session().answer().now.time_s > 590.0);
    QCOMPARE(int(place().session().answer().state), int(watch::FlightState::outbound));
    QVERIFY(text("watchState").contains(QStringLiteral("live")));
    QVERIFY(!button("watchTurn").isVisible());
    QVERIFY(figure("figureHome").text().contains(QStringLiteral("km")));
    // Nothing more comes: said once, with where it was last.
    EVENTUALLY(said(watch::CalloutKind::stale));
    EVENTUALLY(text("watchState").contains(QStringLiteral("lost")));
    const auto* feed = static_cast<link::LinkFeed*>(place().session().feed());
    const QString recording = QString::fromStdString(feed->recording_path());
    QVERIFY(recording.endsWith(QStringLiteral(".tlog")));
    QVERIFY(QFile::exists(QFileInfo(recording).dir().filePath(QStringLiteral("unfinished"))));
    place().stop();
    QVERIFY(!QFile::exists(QFileInfo(recording).dir().filePath(QStringLiteral("unfinished"))));
    const double live_ah = *place().session().answer().now.charge_ah;
    button("watchDebrief").click();
    EVENTUALLY((*window_)->debriefSession().debrief() && (*window_)->debriefSession().debrief()->path == recording);
    const double debriefed = (*window_)->debriefSession().debrief()->summary.energy.charge_ah->value;
    QVERIFY(std::abs(debriefed - live_ah) < 1e-3 * debriefed);
    (*window_)->showPlace(Place::watch);
    close();
}

void WatchPlaceTest::vehicleAndBatteryAreChosen() {
    QTemporaryDir folder;
    QSettings settings(folder.filePath(QStringLiteral("s.ini")), QSettings::IniFormat);
    const auto asked = [&](const QString& vehicle, const QString& battery) {
        auto* sheet = new SourceSheet(settings, QStringLiteral("Avoceta"), window_->operator->());
        std::optional<io::mavlink::Choice> found;
        QObject::connect(sheet, &SourceSheet::chosen, sheet,
                         [&](const auto&, const auto& choice, const auto&) { found = choice; });
        sheet->findChild<QLineEdit*>(QStringLiteral("sourceVehicle"))->setText(vehicle);
        sheet->findChild<QLineEdit*>(QStringLiteral("sourceBattery"))->setText(battery);
        sheet->findChild<QPushButton*>(QStringLiteral("sourceConnect"))->click();
        const QString trouble = sheet->findChild<TextLabel*>(QStringLiteral("sourceTrouble"))->text();
        delete sheet;
        return std::pair(found, trouble);
    };
    const auto open = asked({}, {}).first;
    QVERIFY(open && !open->system && !open->battery);
    const auto chosen = asked(QStringLiteral("7"), QStringLiteral(" 0 ")).first;
    QVERIFY(chosen && chosen->system == std::uint8_t(7) && chosen->battery == std::uint8_t(0));
    for (const char* wrong : {"0", "256", "seven", "-1", "1.5"}) {
        const auto [found, trouble] = asked(QString::fromLatin1(wrong), {});
        QVERIFY2(!found && trouble.contains(QStringLiteral("Vehicle")), wrong);
    }
}

void WatchPlaceTest::theSensorsFactorIsKeptForItsAircraft() {
    QTemporaryDir folder;
    QSettings settings(folder.filePath(QStringLiteral("s.ini")), QSettings::IniFormat);
    struct Asked {
        bool taken = false;
        std::optional<double> factor;
        QString shown;
        QString trouble;
    };
    const auto asked = [&](const char* aircraft, const char* typed) {
        auto* sheet = new SourceSheet(settings, QString::fromLatin1(aircraft), window_->operator->());
        Asked said;
        QObject::connect(sheet, &SourceSheet::chosen, sheet, [&](const auto&, const auto&, const auto& factor) {
            said.taken = true;
            said.factor = factor;
        });
        auto* field = sheet->findChild<QLineEdit*>(QStringLiteral("sourceFactor"));
        said.shown = field->text();
        if (typed) field->setText(QString::fromLatin1(typed));
        sheet->findChild<QPushButton*>(QStringLiteral("sourceConnect"))->click();
        said.trouble = sheet->findChild<TextLabel*>(QStringLiteral("sourceTrouble"))->text();
        delete sheet;
        return said;
    };
    const Asked open = asked("Avoceta", nullptr);
    QVERIFY(open.taken && !open.factor && open.shown.isEmpty());
    const Asked given = asked("Avoceta", "1,042");
    QVERIFY(given.factor && std::abs(*given.factor - 1.042) < 1e-12);
    const Asked again = asked("Avoceta", nullptr);
    QCOMPARE(again.shown, QStringLiteral("1.042"));
    QVERIFY(again.factor && std::abs(*again.factor - 1.042) < 1e-12);
    QVERIFY(asked("Cernícalo", nullptr).shown.isEmpty());
    for (const char* wrong : {"0", "3", "about one", "-1"}) {
        const Asked refused = asked("Avoceta", wrong);
        QVERIFY2(!refused.taken && refused.trouble.contains(QStringLiteral("factor")), wrong);
    }
    QVERIFY(!asked("Avoceta", "").factor);
    QVERIFY(asked("Avoceta", nullptr).shown.isEmpty());
}

void WatchPlaceTest::badAddressesAreMarkedWhereTyped() {
    button("watchConnect").click();
    auto* where = (*window_)->findChild<QLineEdit*>(QStringLiteral("sourceWhere"));
    QVERIFY(where);
    where->setText(QStringLiteral("99999"));
    QTest::keyClick(where, Qt::Key_Return);
    auto* trouble = (*window_)->findChild<TextLabel*>(QStringLiteral("sourceTrouble"));
    QVERIFY(trouble->isVisible() && !trouble->text().isEmpty());
    QVERIFY(!place().session().is_watching());
    QUdpSocket other;
    QVERIFY(other.bind(QHostAddress::LocalHost, 0, QUdpSocket::DontShareAddress));
    where->setText(QString::number(other.localPort()));
    QTest::keyClick(where, Qt::Key_Return);
    QVERIFY(!place().session().is_watching());
}

void WatchPlaceTest::aReplaySeeksAndPauses() {
    const QString log =
        QDir(QString::fromLatin1(DEMO_DIR)).filePath(QStringLiteral("2026-04-18-alcaravan-west-wind.csv"));
    place().replay(log, 60.0);
    QVERIFY(place().session().is_watching());
    EVENTUALLY(place().session().answer().now.time_s > 10.0);
    button("watchPause").click();
    auto* seek = (*window_)->findChild<QSlider*>(QStringLiteral("watchSeek"));
    QVERIFY(seek->isVisible());
    emit seek->sliderMoved(1200);
    EVENTUALLY(place().session().answer().now.time_s > 1190.0);
    const double charge = *place().session().answer().now.charge_ah;
    emit seek->sliderMoved(300);
    EVENTUALLY(place().session().answer().now.time_s < 310.0);
    QVERIFY(*place().session().answer().now.charge_ah < charge);
    const double standing = place().session().answer().now.time_s;
    QTest::qWait(300);
    QCOMPARE(place().session().answer().now.time_s, standing);
    close();
}

void WatchPlaceTest::anotherPackIsSaid() {
    // A log of six cells under a plan of four.
    auto scenario = practice::scenario_of(*(*window_)->planSession().plan());
    scenario.pack.series = 6;
    scenario.mission.distance_m = 800.0;
    const QString path = QDir::temp().filePath(QStringLiteral("six-cells.csv"));
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(QByteArray::fromStdString(io::csv_from_log(sim::simulate(scenario).log, io::LogStyle::whole)));
    file.close();
    place().replay(path, 60.0);
    EVENTUALLY(place().session().answer().now.airborne);
    QVERIFY(text("watchSentence").contains(QStringLiteral("choose the pack that flies")));
    QVERIFY(!figure("figureMargin").text().contains(QStringLiteral("Wh")));
    close();
}

void WatchPlaceTest::withoutSatellitesThePackIsStillWatched() {
    telemetry::FlightLog log;
    for (int t = 0; t < 900; ++t) {
        log[telemetry::Channel::time_s].push_back(t);
        log[telemetry::Channel::voltage_v].push_back(15.8 + 0.05 * std::sin(0.7 * t));
        log[telemetry::Channel::current_a].push_back(4.0 + 0.3 * std::sin(0.4 * t));
        log.lines.push_back(std::uint32_t(t + 2));
    }
    log.rows_met = log.rows();
    const QString path = QDir::temp().filePath(QStringLiteral("no-satellites.csv"));
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(QByteArray::fromStdString(io::csv_from_log(log, io::LogStyle::whole)));
    file.close();
    place().replay(path, 60.0);
    EVENTUALLY(place().session().answer().now.airborne);
    EVENTUALLY(text("watchSentence").contains(QStringLiteral("No position")));
    QVERIFY(figure("figureMargin").text().startsWith(QStringLiteral("–")));
    EVENTUALLY(said(watch::CalloutKind::percent));
    // The speed is read whole.
    const auto* speed = (*window_)->findChild<QComboBox*>(QStringLiteral("watchSpeed"));
    QVERIFY(speed->width() >= speed->fontMetrics().horizontalAdvance(QStringLiteral("× 60")) + 20);
    close();
}

void WatchPlaceTest::calloutsAreSwitchedOff() {
    practise(practice::Day::as_forecast, 60.0);
    button("watchCallouts").click();
    auto* percent = (*window_)->findChild<QCheckBox*>(QStringLiteral("callout-percent"));
    QVERIFY(percent && percent->isChecked());
    percent->click();
    static_cast<session::PracticeFeed*>(place().session().feed())->set_speed(1200.0);
    EVENTUALLY(said(watch::CalloutKind::percent));
    for (const auto& callout : place().session().said()) {
        if (callout.kind == watch::CalloutKind::percent) QVERIFY(!callout.spoken);
    }
    close();
    // Remembered, for the next flight.
    practise(practice::Day::as_forecast, 60.0);
    QVERIFY(place().session().rules().muted[std::size_t(watch::CalloutKind::percent)]);
    button("watchCallouts").click();
    (*window_)->findChild<QCheckBox*>(QStringLiteral("callout-percent"))->click();
    close();
}

void WatchPlaceTest::missingSpeechIsATone() {
    speech::Speaker speaker;
    int tones = 0;
    speaker.setTone([&] { ++tones; });
    speaker.setEngines({QStringLiteral("one that is not installed")});
    QVERIFY(!speaker.can_speak());
    speaker.say(QStringLiteral("Turn now."), true);
    QCOMPARE(tones, 1);
}

void WatchPlaceTest::aRecordingThatWasCutOffIsOffered() {
    QTemporaryDir settings;
    const QDir folder(settings.path());
    QVERIFY(folder.mkpath(QStringLiteral("recordings")));
    const QString kept = folder.filePath(QStringLiteral("recordings/2026-11-28-101500.csv"));
    QVERIFY(QFile::copy(
        QDir(QString::fromLatin1(DEMO_DIR)).filePath(QStringLiteral("2026-04-11-alcaravan-calm.csv")), kept));
    QFile marker(folder.filePath(QStringLiteral("recordings/unfinished")));
    QVERIFY(marker.open(QIODevice::WriteOnly));
    marker.write(kept.toUtf8());
    marker.close();
    MainWindow window(settings.path(), folder.filePath(QStringLiteral("logbook.sqlite")));
    window.show();
    window.showPlace(Place::watch);
    auto* offer = window.findChild<QPushButton*>(QStringLiteral("watchCutOff"));
    QVERIFY(offer->isVisible() && offer->text().contains(QStringLiteral("2026-11-28-101500")));
    offer->click();
    EVENTUALLY(window.debriefSession().debrief());
    QVERIFY(!QFile::exists(marker.fileName()));
}

void WatchPlaceTest::inEveryLook() {
    for (const Theme* theme : all_themes()) {
        Look::instance().setTheme(*theme);
        for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
            (*window_)->resize(size);
            practise(practice::Day::as_forecast, 600.0);
            EVENTUALLY(place().session().answer().now.from_home_m > 2000.0);
            for (const char* name : {"figureTurn", "figureMargin", "figureHome"}) {
                const auto& big = figure(name);
                QVERIFY(big.isVisible() && big.width() >= big.minimumSizeHint().width());
                QVERIFY((*window_)->rect().contains(QRect(big.mapTo(&**window_, QPoint()), big.size())));
            }
            close();
        }
    }
    Look::instance().setTheme(day_theme());
    (*window_)->resize(1280, 800);
}

SOBREMESA_TEST(WatchPlaceTest)
#include "tst_watch_place.moc"
