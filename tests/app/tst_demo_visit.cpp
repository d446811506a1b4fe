// Looking around among demo flights: the pilot's own logbook is left alone, and comes back.

#include <QAction>
#include <QProcess>
#include <QPushButton>
#include <QSettings>

#include "app/opened_window.hpp"
#include "app/shell/standing_line.hpp"
#include "logbook/book.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using namespace sobremesa::tests;

class DemoVisitTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void fromTheFirstPageAndBack();
    void anotherLogbookEndsIt();
    void aReadOnlyLogbookIsMarked();
    void theProgramFindsItsDemo_data();
    void theProgramFindsItsDemo();

private:
    std::unique_ptr<QTemporaryDir> folder_;
    QString book_;
};

void DemoVisitTest::init() {
    folder_ = std::make_unique<QTemporaryDir>();
    book_ = folder_->filePath(QStringLiteral("logbook.sqlite"));
    Look::instance().setTheme(day_theme());
}

void DemoVisitTest::fromTheFirstPageAndBack() {
    MainWindow window(folder_->path(), book_);
    window.resize(1280, 800);
    window.show();
    auto* line = window.findChild<StandingLine*>();
    QVERIFY(line->isHidden());
    QTest::mouseClick(window.findChild<QPushButton*>(QStringLiteral("firstDemoButton")), Qt::LeftButton);
    EVENTUALLY_EQUAL(window.workspace().summaries().size(), std::size_t(8));
    QCOMPARE(window.workspace().library().aircraft.size(), std::size_t(3));
    QVERIFY(window.workspace().library().plans.size() >= 4);
    QVERIFY(window.workspace().worker().path() != book_);
    const QString copy = QFileInfo(window.workspace().worker().path()).path();
    QVERIFY(line->isVisible());
    QVERIFY(line->text().contains(QStringLiteral("demo")));
    // What is done here is done to the copy.
    EVENTUALLY(window.planSession().plan() != nullptr);
    auto* back = window.findChild<QPushButton*>(QStringLiteral("standingWayOut"));
    QVERIFY(back->isVisible());
    QTest::mouseClick(back, Qt::LeftButton);
    EVENTUALLY_EQUAL(window.workspace().worker().path(), book_);
    QVERIFY(line->isHidden());
    QVERIFY(window.workspace().library().plans.empty());
    QVERIFY(window.workspace().library().flights.empty());
    QVERIFY(window.findChild<QWidget*>(QStringLiteral("firstPlanPage"))->isVisible());
    QVERIFY(!QFile::exists(copy));
    window.close();
    // The next start opens the pilot's own.
    const QSettings settings(folder_->filePath(QStringLiteral("sobremesa.ini")), QSettings::IniFormat);
    QVERIFY(!settings.value(QStringLiteral("book")).toString().contains(copy));
    QVERIFY(!settings.value(QStringLiteral("lastFolder")).toString().contains(copy));
}

void DemoVisitTest::anotherLogbookEndsIt() {
    MainWindow window(folder_->path(), book_);
    window.show();
    window.lookAround();
    auto* line = window.findChild<StandingLine*>();
    EVENTUALLY(line->isVisible());
    const QString other = folder_->filePath(QStringLiteral("other.sqlite"));
    EVENTUALLY(window.workspace().worker().waiting() == 0);
    window.openBook(other);
    EVENTUALLY_EQUAL(window.workspace().worker().path(), other);
    QVERIFY(line->isHidden());
    QVERIFY(window.workspace().library().plans.empty());
}

void DemoVisitTest::aReadOnlyLogbookIsMarked() {
    MainWindow first(folder_->path(), book_);
    QVERIFY(first.workspace().worker().is_writable());
    QTemporaryDir settings;
    MainWindow second(settings.path(), book_);
    second.show();
    QVERIFY(!second.workspace().worker().is_writable());
    auto* line = second.findChild<StandingLine*>();
    QVERIFY(line->isVisible());
    QVERIFY(line->text().contains(QStringLiteral("only be read")));
    // The message that says why may be closed; the mark stays.
    second.messages().clear();
    second.showPlace(Place::packs);
    QVERIFY(line->isVisible());
}

void DemoVisitTest::theProgramFindsItsDemo_data() {
    QTest::addColumn<QStringList>("arguments");
    QTest::addColumn<int>("code");
    QTest::newRow("without a folder") << QStringList{QStringLiteral("--demo")} << 0;
    QTest::newRow("before another option")
        << QStringList{QStringLiteral("--demo"), QStringLiteral("--settings"), QStringLiteral(".")} << 0;
    QTest::newRow("with one") << QStringList{QStringLiteral("--demo"), QStringLiteral(DEMO_DIR)} << 0;
    QTest::newRow("with one that is not there")
        << QStringList{QStringLiteral("--demo"), QStringLiteral("/nowhere")} << 1;
}

void DemoVisitTest::theProgramFindsItsDemo() {
    QFETCH(QStringList, arguments);
    QFETCH(int, code);
    QProcess program;
    program.setWorkingDirectory(folder_->path());
    program.start(QStringLiteral(BIN_DIR "/sobremesa"),
                  arguments + QStringList{QStringLiteral("--quit-after-first-paint")});
    QVERIFY(program.waitForFinished(patience_ms));
    QCOMPARE(program.exitCode(), code);
}

SOBREMESA_TEST(DemoVisitTest)
#include "tst_demo_visit.moc"
