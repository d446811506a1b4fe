// Several logs dropped on the window: what they hold is shown, chosen from, and filed.

#include <QAbstractButton>
#include <QComboBox>
#include <QDir>
#include <QMimeData>
#include <QTableView>

#include "app/opened_window.hpp"
#include "app/places/logbook/many_logs_sheet.hpp"
#include "app/widgets/data_table.hpp"
#include "io/csv_log_writer.hpp"
#include "io/text_file.hpp"
#include "support/eventually.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"
#include "wording/names.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

class ManyLogsSheetTest : public QObject {
    Q_OBJECT
private slots:
    void init() { window_ = std::make_unique<OpenedWindow>(); }
    void cleanup() { window_.reset(); }
    void droppedLogsAreShownAndFiled();
    void aFolderMayBeDropped();
    void oneLogIsOpenedAsEver();

private:
    ManyLogsSheet* sheet() {
        auto* found = (*window_)->findChild<ManyLogsSheet*>();
        if (!found || !sobremesa::tests::eventually(
                          [&] { return !found->logs().is_running() && !found->logs().flights().empty(); }))
            return nullptr;
        return found;
    }
    static QStringList demoLogs() {
        QStringList paths;
        for (const QFileInfo& file : QDir(QStringLiteral(DEMO_DIR)).entryInfoList({QStringLiteral("*.csv")}))
            paths << file.absoluteFilePath();
        return paths;
    }
    std::unique_ptr<OpenedWindow> window_;
};

void ManyLogsSheetTest::droppedLogsAreShownAndFiled() {
    QTemporaryDir folder;
    QStringList paths = demoLogs();
    const QString broken = folder.filePath(QStringLiteral("diary.txt"));
    QVERIFY(io::write_text_file(broken.toStdString(), "Dear diary,\ntoday we flew far.\n").has_value());
    paths << broken;
    (*window_)->openDropped(paths);
    auto* shown = sheet();
    QVERIFY(shown);
    auto* table = shown->findChild<DataTable*>(QStringLiteral("manyLogsTable"));
    QCOMPARE(table->model()->rowCount(), 9);
    auto* file = shown->findChild<QAbstractButton*>(QStringLiteral("fileManyLogs"));
    QVERIFY(file->text().contains(QLatin1Char('8')));
    // What cannot be read says why, and has no box.
    const QModelIndex last = table->model()->index(8, 0);
    QVERIFY(!last.data(Qt::CheckStateRole).isValid());
    QVERIFY(last.siblingAtColumn(5).data().toString().contains(QStringLiteral("No header line")));
    if (const auto target = qEnvironmentVariable("SOBREMESA_SHOTS"); !target.isEmpty()) {
        QTest::qWait(200);
        shown->grab().save(target + QStringLiteral("/many.png"));
    }
    // Two are left out: one by its box.
    QVERIFY(table->model()->setData(table->model()->index(0, 0), Qt::Unchecked, Qt::CheckStateRole));
    QVERIFY(file->text().contains(QLatin1Char('7')));
    auto* aircraft = shown->findChild<QComboBox*>(QStringLiteral("manyAircraft"));
    aircraft->setCurrentIndex(1);
    const QString chosen = aircraft->currentText();
    file->click();
    QVERIFY(sobremesa::tests::eventually([&] { return (*window_)->workspace().library().flights.size() == 7; }));
    for (const auto& [id, flight] : (*window_)->workspace().library().flights)
        QCOMPARE(wording::title(flight.flown.aircraft), chosen);
}

void ManyLogsSheetTest::aFolderMayBeDropped() {
    QTemporaryDir folder;
    for (int i = 0; i < 3; ++i) {
        auto log = tests::made_log(100 + i);
        QVERIFY(io::write_text_file(folder.filePath(QStringLiteral("f%1.csv").arg(i)).toStdString(),
                                    io::csv_from_log(log, io::LogStyle::recorder))
                    .has_value());
    }
    (*window_)->openDropped({folder.path()});
    auto* shown = sheet();
    QVERIFY(shown);
    QCOMPARE(shown->logs().flights().size(), std::size_t(3));
}

void ManyLogsSheetTest::oneLogIsOpenedAsEver() {
    (*window_)->openDropped({demoLogs().front()});
    QVERIFY(!(*window_)->findChild<ManyLogsSheet*>());
    QVERIFY(sobremesa::tests::eventually([&] { return (*window_)->debriefSession().debrief() != nullptr; }));
    if (const auto target = qEnvironmentVariable("SOBREMESA_SHOTS"); !target.isEmpty()) {
        QTest::qWait(500);
        (*window_)->grab().save(target + QStringLiteral("/debrief.png"));
    }
}

SOBREMESA_TEST(ManyLogsSheetTest)
#include "tst_many_logs_sheet.moc"
