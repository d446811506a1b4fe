// Flights that left no log: written by hand, pasted from a spreadsheet, filed, and written anew.

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QTableView>

#include "app/opened_window.hpp"
#include "app/places/logbook/logbook_place.hpp"
#include "app/places/logbook/notebook_sheet.hpp"
#include "app/widgets/text_labels.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

class NotebookSheetTest : public QObject {
    Q_OBJECT
private slots:
    void init() {
        window_ = std::make_unique<OpenedWindow>();
        (*window_)->openNotebook();
        sheet_ = (*window_)->findChild<NotebookSheet*>();
        QVERIFY(sheet_);
        table_ = sheet_->findChild<QTableView*>(QStringLiteral("notebookTable"));
        before_ = (*window_)->workspace().library().flights.size();
    }
    void cleanup() { window_.reset(); }
    void twoFlightsByTheKeyboard();
    void rowsOfASpreadsheetArePasted();
    void aHeadSaysWhichColumnIsWhich();
    void datesThatCanBeReadEitherWayAreAsked();
    void whatIsWrongIsSaidWhereItIs();
    void aFiledFlightIsWrittenAnew();

private:
    void type(const QString& text) {
        for (const QChar letter : text) QTest::keyClick(sheet_->focusWidget(), letter.toLatin1());
        keys_ += int(text.size());
    }
    void key(Qt::Key which) {
        QTest::keyClick(sheet_->focusWidget(), which);
        ++keys_;
    }
    QString cell(int row, int column) { return table_->model()->index(row, column).data().toString(); }
    template <class Widget>
    Widget* part(const char* name) {
        return sheet_->findChild<Widget*>(QLatin1String(name));
    }
    std::vector<book::KeptFlight> filed() {
        std::vector<book::KeptFlight> flights;
        for (const auto& [id, flight] : (*window_)->workspace().library().flights) {
            if (flight.by_hand) flights.push_back(flight);
        }
        return flights;
    }
    std::unique_ptr<OpenedWindow> window_;
    QPointer<NotebookSheet> sheet_;
    QTableView* table_ = nullptr;
    std::size_t before_ = 0;
    int keys_ = 0;
};

void NotebookSheetTest::twoFlightsByTheKeyboard() {
    sheet_->activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(sheet_));
    table_->setFocus();
    keys_ = 0;
    type(QStringLiteral("9.5.2026"));
    key(Qt::Key_Tab);
    type(QStringLiteral("21:30"));
    key(Qt::Key_Tab);
    type(QStringLiteral("2140"));
    key(Qt::Key_Tab);
    type(QStringLiteral("14.2"));
    key(Qt::Key_Tab);
    type(QStringLiteral("2190"));
    key(Qt::Key_Return);
    EVENTUALLY_EQUAL(table_->currentIndex().row(), 1);
    const int first_keys = std::exchange(keys_, 0);
    // The next one begins after the date, which follows from above.
    type(QStringLiteral("18"));
    key(Qt::Key_Tab);
    type(QStringLiteral("1.8 Ah"));
    key(Qt::Key_Return);
    EVENTUALLY_EQUAL(table_->currentIndex().row(), 2);
    QVERIFY2(first_keys < 40 && keys_ < 15,
             qPrintable(QStringLiteral("%1 and %2 keys").arg(first_keys).arg(keys_)));
    QCOMPARE(cell(0, 0), QStringLiteral("2026-05-09"));
    QCOMPARE(cell(1, 0), QStringLiteral("2026-05-09"));
    auto* file = part<QPushButton>("fileNotebook");
    QVERIFY2(file->isEnabled(), qPrintable(part<TextLabel>("notebookTrouble")->text()));
    QVERIFY(file->text().contains(QLatin1Char('2')));
    file->click();
    const auto flights = filed();
    QCOMPARE(flights.size(), std::size_t(2));
    VERIFY_NEAR(*flights[0].by_hand->duration_s, 1290.0, 1e-9);
    VERIFY_NEAR(*flights[0].by_hand->charge_ah, 2.14, 1e-9);
    VERIFY_NEAR(*flights[0].by_hand->ground_m, 14200.0, 1e-9);
    VERIFY_NEAR(*flights[0].recharged_ah, 2.19, 1e-9);
    VERIFY_NEAR(*flights[1].by_hand->duration_s, 1080.0, 1e-9);
    VERIFY_NEAR(*flights[1].by_hand->charge_ah, 1.8, 1e-9);
    QVERIFY(flights[0].aircraft_id.has_value());
    // One edit: one undo takes both back.
    (*window_)->workspace().undo();
    QCOMPARE((*window_)->workspace().library().flights.size(), before_);
}

void NotebookSheetTest::rowsOfASpreadsheetArePasted() {
    QApplication::clipboard()->setText(
        QStringLiteral("2026-05-09\t21.5\t2140\t14.2\n2026-05-10\t18\t\t11,5\n\t\t\t\n"));
    table_->setCurrentIndex(table_->model()->index(0, 0));
    part<QPushButton>("notebookPaste")->click();
    QCOMPARE(cell(1, 0), QStringLiteral("2026-05-10"));
    QCOMPARE(table_->model()->rowCount(), 3); // and the empty one
    part<QPushButton>("fileNotebook")->click();
    const auto flights = filed();
    QCOMPARE(flights.size(), std::size_t(2));
    VERIFY_NEAR(*flights[1].by_hand->ground_m, 11500.0, 1e-9);
    QVERIFY(!flights[1].by_hand->charge_ah.has_value());
}

void NotebookSheetTest::aHeadSaysWhichColumnIsWhich() {
    const auto pack = (*window_)->workspace().library().packs.rbegin();
    const QString name = QString::fromStdString(pack->second.pack.name);
    QApplication::clipboard()->setText(
        QStringLiteral("Pack;Used (Ah);Date;Remark;Distance (m)\n%1;2.1;09.05.2026;gusty;14200\n").arg(name));
    part<QPushButton>("notebookPaste")->click();
    QVERIFY2(part<QPushButton>("fileNotebook")->isEnabled(),
             qPrintable(part<TextLabel>("notebookTrouble")->text()));
    part<QPushButton>("fileNotebook")->click();
    const auto flights = filed();
    QCOMPARE(flights.size(), std::size_t(1));
    VERIFY_NEAR(*flights[0].by_hand->charge_ah, 2.1, 1e-9);
    VERIFY_NEAR(*flights[0].by_hand->ground_m, 14200.0, 1e-6);
    QCOMPARE(flights[0].pack_id, std::optional(pack->first));
    QCOMPARE(flights[0].note, std::string("gusty"));
    // The same again is known already.
    (*window_)->openNotebook();
    auto* again = (*window_)->findChildren<NotebookSheet*>().back();
    again->model().paste(QApplication::clipboard()->text(), {});
    again->findChild<QPushButton*>(QStringLiteral("fileNotebook"))->click();
    QCOMPARE(filed().size(), std::size_t(1));
}

void NotebookSheetTest::datesThatCanBeReadEitherWayAreAsked() {
    auto* order = part<QComboBox>("notebookDateOrder");
    QVERIFY(order->isHidden());
    sheet_->model().paste(QStringLiteral("3/4/2026\t20\n5/4/2026\t21\n"), sheet_->model().index(0, 0));
    QVERIFY(!order->isHidden());
    QCOMPARE(cell(0, 0), QStringLiteral("2026-04-03"));
    order->setCurrentIndex(1);
    emit order->activated(1);
    QCOMPARE(cell(0, 0), QStringLiteral("2026-03-04"));
    // One date that leaves no choice decides for all.
    sheet_->model().paste(QStringLiteral("25/4/2026\t22\n"), sheet_->model().index(2, 0));
    QVERIFY(order->isHidden());
    QCOMPARE(cell(0, 0), QStringLiteral("2026-04-03"));
}

void NotebookSheetTest::whatIsWrongIsSaidWhereItIs() {
    auto& model = sheet_->model();
    model.setData(model.index(0, 1), QStringLiteral("20"));
    QVERIFY(part<QPushButton>("fileNotebook")->isEnabled());
    model.setData(model.index(0, 2), QStringLiteral("lots"));
    QVERIFY(!part<QPushButton>("fileNotebook")->isEnabled());
    QVERIFY(part<TextLabel>("notebookTrouble")->text().contains(QStringLiteral("used")));
    QVERIFY(model.index(0, 2).data(Qt::ToolTipRole).isValid());
    QVERIFY(!model.index(0, 1).data(Qt::ToolTipRole).isValid());
    model.setData(model.index(0, 2), QString());
    QVERIFY(part<QPushButton>("fileNotebook")->isEnabled());
    // A row that knows only a note is none.
    model.setData(model.index(1, model.columnCount() - 1), QStringLiteral("nice"));
    QVERIFY(!part<QPushButton>("fileNotebook")->isEnabled());
}

void NotebookSheetTest::aFiledFlightIsWrittenAnew() {
    sheet_->model().paste(QStringLiteral("2026-05-09\t21.5\t2140\t14.2\n"), sheet_->model().index(0, 0));
    part<QPushButton>("fileNotebook")->click();
    session::Id id = 0;
    for (const auto& [number, flight] : (*window_)->workspace().library().flights)
        if (flight.by_hand) id = number;
    QVERIFY(sobremesa::tests::eventually([this] { return !sheet_; }));
    emit(*window_)->findChild<LogbookPlace*>()->openWanted(id);
    auto* anew = (*window_)->findChildren<NotebookSheet*>().back();
    QCOMPARE(anew->model().index(0, 2).data().toString(), QStringLiteral("2140"));
    anew->model().setData(anew->model().index(0, 2), QStringLiteral("2100"));
    anew->findChild<QPushButton*>(QStringLiteral("fileNotebook"))->click();
    const auto flights = filed();
    QCOMPARE(flights.size(), std::size_t(1));
    VERIFY_NEAR(*flights[0].by_hand->charge_ah, 2.1, 1e-9);
    VERIFY_NEAR(*flights[0].by_hand->ground_m, 14200.0, 1e-6);
    const auto& summary = (*window_)->workspace().summaries().at(id);
    VERIFY_NEAR(telemetry::charge_used_ah(summary)->value, 2.1, 1e-9);
}

SOBREMESA_TEST(NotebookSheetTest)
#include "tst_notebook_sheet.moc"
