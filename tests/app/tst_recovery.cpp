// The window after a crash: the real program is started, killed, and its book opened again.

#include <QProcess>
#include <QTimer>

#include <csignal>
#include <stdexcept>

#include "app/opened_window.hpp"
#include "app/shell/commands.hpp"
#include "logbook/book.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using namespace sobremesa::tests;

class RecoveryTest : public QObject {
    Q_OBJECT
private slots:
    void aFaultIsSaidAndTheWindowGoesOn();
    void init();
    void aKilledWindowIsFoundAsItWas();
    void aSecondWindowIsToldAndOnlyReads();
    void aDamagedBookIsSaidAndTheWindowWorks();
    void aFileThatIsNoBookIsLeftAlone();
    void theBookChosenIsRemembered();

private:
    std::unique_ptr<QTemporaryDir> folder_;
    QString book_;
};

void RecoveryTest::init() {
    folder_ = std::make_unique<QTemporaryDir>();
    book_ = folder_->filePath(QStringLiteral("logbook.sqlite"));
    Look::instance().setTheme(day_theme());
}

void RecoveryTest::aKilledWindowIsFoundAsItWas() {
    QProcess program;
    program.start(QStringLiteral(BIN_DIR "/sobremesa"),
                  {QStringLiteral("--book"), book_, QStringLiteral("--settings"), folder_->path(),
                   QStringLiteral(DEMO_DIR "/alcaravan-west.plan.json")});
    QVERIFY(program.waitForStarted(sobremesa::tests::patience_ms));
    // Until the plan it opened is in the book, as another reader sees it.
    const auto kept = [&] {
        logbook::BookOptions look_only;
        look_only.read_only = true;
        auto book = logbook::Book::open(book_.toStdString(), look_only);
        if (!book) return false;
        const auto contents = book->read();
        return contents && !contents->edits.empty();
    };
    EVENTUALLY(QFile::exists(book_) && kept());
    ::kill(pid_t(program.processId()), SIGKILL);
    QVERIFY(program.waitForFinished(sobremesa::tests::patience_ms));
    MainWindow window(folder_->path(), book_);
    window.show();
    QVERIFY(window.workspace().worker().is_writable());
    EVENTUALLY(window.planSession().plan() != nullptr);
    QCOMPARE(window.planSession().request().name, std::string("West along the ridge"));
    auto* undo = window.findChild<QAction*>(QStringLiteral("undoAction"));
    QVERIFY(undo->isEnabled());
    QVERIFY(undo->text().contains(QStringLiteral("add plan")));
    undo->trigger();
    QVERIFY(window.workspace().library().plans.empty());
    QVERIFY(window.findChild<QAction*>(QStringLiteral("redoAction"))->isEnabled());
}

void RecoveryTest::aSecondWindowIsToldAndOnlyReads() {
    MainWindow first(folder_->path(), book_);
    first.openFile(QStringLiteral(DEMO_DIR "/alcaravan-west.plan.json"));
    first.workspace().settle();
    MainWindow second(folder_->path(), book_);
    second.show();
    QVERIFY(second.messages().text().contains(QStringLiteral("open in another window")));
    QVERIFY(!second.workspace().worker().is_writable());
    QCOMPARE(second.workspace().library().plans.size(), std::size_t(1));
}

void RecoveryTest::aDamagedBookIsSaidAndTheWindowWorks() {
    QFile damaged(book_);
    QVERIFY(damaged.open(QIODevice::WriteOnly));
    damaged.write(QByteArray(12000, 'z'));
    damaged.close();
    MainWindow window(folder_->path(), book_);
    window.show();
    QVERIFY(window.messages().text().contains(QStringLiteral("damaged")));
    QVERIFY(window.messages().text().contains(QStringLiteral("backup")));
    // A plan can be made meanwhile, in memory.
    window.openFile(QStringLiteral(DEMO_DIR "/alcaravan-west.plan.json"));
    EVENTUALLY(window.planSession().plan() != nullptr);
    QVERIFY(damaged.open(QIODevice::ReadOnly));
    QCOMPARE(damaged.readAll(), QByteArray(12000, 'z'));
}

void RecoveryTest::aFileThatIsNoBookIsLeftAlone() {
    MainWindow window(folder_->path(), book_);
    window.show();
    const QString text = folder_->filePath(QStringLiteral("letter.sqlite"));
    QFile letter(text);
    QVERIFY(letter.open(QIODevice::WriteOnly));
    letter.write(QByteArray("Dear aunt, ") + QByteArray(4000, '.'));
    letter.close();
    window.openFile(text);
    QVERIFY(!window.workspace().worker().is_open());
    QVERIFY(window.messages().isVisible());
    QVERIFY(letter.open(QIODevice::ReadOnly));
    QVERIFY(letter.readAll().startsWith("Dear aunt"));
    window.openFile(book_);
    QVERIFY(window.workspace().worker().is_writable());
}

void RecoveryTest::theBookChosenIsRemembered() {
    const QString other = folder_->filePath(QStringLiteral("elsewhere/winter.sqlite"));
    {
        MainWindow window(folder_->path(), book_);
        window.openBook(other);
        QCOMPARE(window.workspace().worker().path(), other);
        window.close();
    }
    const MainWindow again(folder_->path(), {});
    QCOMPARE(const_cast<MainWindow&>(again).workspace().worker().path(), other);
}

void RecoveryTest::aFaultIsSaidAndTheWindowGoesOn() {
    OpenedWindow window;
    QTest::ignoreMessage(QtWarningMsg, "a fault inside the program: made for a test");
    QTimer::singleShot(0, &*window, [] { throw std::runtime_error("made for a test"); });
    EVENTUALLY(window->messages().text().contains(QStringLiteral("made for a test")));
    window->showPlace(Place::plan);
    window.settle();
    QVERIFY(window->planSession().plan());
}

SOBREMESA_TEST(RecoveryTest)
#include "tst_recovery.moc"
