// Closing the window, or opening another logbook, while the book still has something to do.

#include <future>

#include <QMessageBox>
#include <QPushButton>
#include <QSignalSpy>

#include "app/opened_window.hpp"
#include "support/eventually.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class LeavingTest : public QObject {
    Q_OBJECT
private slots:
    void init() { window_ = std::make_unique<tests::OpenedWindow>(); }
    void cleanup() { window_.reset(); }
    void closesAtOnceWhereNothingWaits();
    void waitsForLongWorkAndThenCloses();
    void asksBeforeSomethingIsLost();
    void nothingIsLostWhereThePilotStays();
    void anotherBookWaitsToo();

private:
    app::MainWindow& window() { return **window_; }
    /// A book that cannot grow, and an edit that does not fit.
    void fillUp() {
        auto& workspace = window().workspace();
        logbook::BookOptions small;
        small.max_pages = 40;
        QVERIFY(workspace.openBook(folder_.filePath(QStringLiteral("small%1.sqlite").arg(++books_)), small));
        QSignalSpy failed(&workspace.worker(), &session::LogbookWorker::failed);
        book::KeptPack pack;
        pack.pack = tests::sample_request().pack;
        pack.note = std::string(400'000, 'x');
        QVERIFY(workspace.put(logbook::EditKind::add_pack, std::nullopt, pack));
        EVENTUALLY(failed.count() > 0);
    }
    QMessageBox* box() {
        for (auto* box : window().findChildren<QMessageBox*>(QStringLiteral("leavingBox"))) {
            if (box->isVisible()) return box;
        }
        return nullptr;
    }
    void press(const QString& words) {
        for (auto* button : box()->buttons()) {
            if (button->text().remove(QLatin1Char('&')) == words) {
                QTest::mouseClick(button, Qt::LeftButton);
                return;
            }
        }
        QFAIL("no such button");
    }
    std::unique_ptr<tests::OpenedWindow> window_;
    QTemporaryDir folder_;
    int books_ = 0;
};

void LeavingTest::closesAtOnceWhereNothingWaits() {
    QVERIFY(window().close());
    QVERIFY(!window().isVisible());
}

void LeavingTest::waitsForLongWorkAndThenCloses() {
    std::promise<void> busy;
    bool told = false;
    window().workspace().worker().run<int>(
        &window(),
        [until = busy.get_future().share()](logbook::Book&, const std::stop_token&) {
            until.wait();
            return 0;
        },
        [&](int) { told = true; });
    QVERIFY(!window().close());
    QVERIFY(window().isVisible());
    QVERIFY(window().messages().isWorking());
    // Stopped, the window stays, also when the work is done; closed again, it waits again.
    emit window().messages().cancelled();
    QVERIFY(!window().messages().isWorking());
    QVERIFY(!window().close());
    QVERIFY(window().messages().isWorking());
    busy.set_value();
    EVENTUALLY(!window().isVisible());
    QVERIFY(told);
}

void LeavingTest::asksBeforeSomethingIsLost() {
    fillUp();
    QVERIFY(!window().close());
    QVERIFY(box());
    QVERIFY2(box()->text().contains(QLatin1String("One change")), qPrintable(box()->text()));
    QVERIFY(box()->informativeText().contains(QLatin1String("no space left")));
    press(QStringLiteral("Discard them"));
    EVENTUALLY(!window().isVisible());
}

void LeavingTest::nothingIsLostWhereThePilotStays() {
    fillUp();
    QVERIFY(!window().close());
    press(QStringLiteral("Keep working"));
    QVERIFY(window().isVisible());
    QCOMPARE(window().workspace().worker().heldUp(), std::size_t(1));
    // Once more, and tried again: still no room, so it asks again.
    QVERIFY(!window().close());
    press(QStringLiteral("Try again"));
    EVENTUALLY(box());
    QCOMPARE(window().workspace().worker().heldUp(), std::size_t(1));
    press(QStringLiteral("Discard them"));
    EVENTUALLY(!window().isVisible());
}

void LeavingTest::anotherBookWaitsToo() {
    fillUp();
    const QString other = folder_.filePath(QStringLiteral("other.sqlite"));
    const QString before = window().workspace().worker().path();
    window().openBook(other);
    QVERIFY(box());
    press(QStringLiteral("Keep working"));
    QCOMPARE(window().workspace().worker().path(), before);
    QCOMPARE(window().workspace().worker().heldUp(), std::size_t(1));
    window().openBook(other);
    press(QStringLiteral("Discard them"));
    EVENTUALLY_EQUAL(window().workspace().worker().path(), other);
    QVERIFY(window().workspace().library().packs.empty());
}

SOBREMESA_TEST(LeavingTest)
#include "tst_leaving.moc"
