// Fleet and Packs in a real window: by mouse, and by keyboard alone.

#include <QCheckBox>
#include <QHeaderView>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollBar>
#include <QToolButton>

#include "app/fields/cells_editor.hpp"
#include "app/fields/field_form.hpp"
#include "app/opened_window.hpp"
#include "app/places/record_list/record_list_place.hpp"
#include "app/shell/commands.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explanation_sheet.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/section.hpp"
#include "core/units/explanation.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

class LibraryTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void emptyLibraryOfferTheFirstStep();
    void whatThePilotKnowsIsAskedAndTheRestAssumed();
    void aCellIsEditedInPlaceByKeyboard();
    void badValuesAreMarkedWhereTypedInWords_data();
    void badValuesAreMarkedWhereTypedInWords();
    void aChoiceIsEditedAsAChoice();
    void largeTextFindsItsRoom();
    void detailsAreSortedByWhereTheyComeFrom();
    void aListIsTypedRowByRow();
    void duplicatesGetANameOfTheirOwn();
    void retiredThingsStandBack();
    void whatIsUsedIsRetiredNotRemoved();
    void whatChangesUnseenIsThereWhenSeen();
    void sortsByValueNotByText();
    void findsByAnyTextOfARow();
    void notesAreKept();
    void everyComputedCellSaysWhy();
    void copiesAsTextThatOtherProgramsRead();
    void columnsAreRemembered();
    void wordsGiveWayToFigures();
    void aHundredPacksAreNoTrouble();
    void everythingIsUndoneByKey();

private:
    RecordListPlace& packs() { return (*window_)->packsPlace(); }
    DataTable& table() { return packs().table(); }
    /// Cell of the pack of a name, in the column with a header.
    QModelIndex cell(const QString& name, const QString& header) {
        const auto* model = table().model();
        int column = -1;
        for (int c = 0; c < model->columnCount(); ++c) {
            if (model->headerData(c, Qt::Horizontal).toString() == header) column = c;
        }
        for (int r = 0; r < model->rowCount(); ++r) {
            if (model->index(r, 0).data().toString() == name) return model->index(r, column);
        }
        return {};
    }
    void type(const QModelIndex& at, const QString& text) {
        table().setFocus();
        table().setCurrentIndex(at);
        QTest::keyClick(&table(), Qt::Key_F2);
        // One that was closed may still wait for its end.
        const auto editors = table().findChildren<QLineEdit*>(QStringLiteral("cellEditor"));
        QVERIFY(!editors.isEmpty());
        auto* editor = editors.last();
        editor->selectAll();
        QTest::keyClicks(editor, text.isEmpty() ? QStringLiteral(" ") : text);
        QTest::keyClick(editor, Qt::Key_Return);
        // Qt commits a round of events later, so that the editor may still mend its text.
        QCoreApplication::processEvents();
    }
    const battery::Pack& pack(const char* name) {
        for (const auto& [id, kept] : (*window_)->workspace().library().packs) {
            if (kept.pack.name == name) return kept.pack;
        }
        qFatal("no such pack");
    }
    std::unique_ptr<OpenedWindow> window_;
};

void LibraryTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    window_ = std::make_unique<OpenedWindow>();
    (*window_)->showPlace(Place::packs);
    QTest::qWait(10);
}

void LibraryTest::emptyLibraryOfferTheFirstStep() {
    const QTemporaryDir folder;
    MainWindow fresh(folder.path(), folder.filePath(QStringLiteral("logbook.sqlite")));
    fresh.show();
    QVERIFY(QTest::qWaitForWindowExposed(&fresh));
    QTest::keyClick(&fresh, Qt::Key_1, Qt::ControlModifier);
    QCOMPARE(int(fresh.place()), int(Place::fleet));
    auto* first = fresh.findChild<QPushButton*>(QStringLiteral("fleetFirstButton"));
    QVERIFY(first->isVisible());
    first->setFocus();
    QTest::keyClick(first, Qt::Key_Space);
    QCOMPARE(fresh.workspace().library().aircraft.size(), std::size_t(1));
    QVERIFY(!first->isVisible());
    // The name stands ready to be typed over.
    auto* name = fresh.fleetPlace().findChild<QLineEdit*>(QStringLiteral("Name"));
    QVERIFY(name);
    QCOMPARE(name->selectedText(), name->text());
    fresh.packsPlace().add();
    QCOMPARE(fresh.workspace().library().packs.size(), std::size_t(1));
}

void LibraryTest::whatThePilotKnowsIsAskedAndTheRestAssumed() {
    const Id id = *(*window_)->workspace().put(logbook::EditKind::add_pack, std::nullopt,
                                               book::KeptPack{session::first_request().pack, {}, false});
    packs().choose(id);
    const QModelIndex resistance = table().model()->index(table().currentIndex().row(), 5);
    QVERIFY(resistance.data(assumed_role).toBool());
    QVERIFY(resistance.data(Qt::FontRole).value<QFont>().italic());
    QCOMPARE(resistance.data().toString(), QString::fromUtf8("30.0\u202FmΩ")); // 90 mΩ·Ah over 3 Ah
    QVERIFY(resistance.data(Qt::ToolTipRole).toString().contains(QStringLiteral("Assumed")));
    auto* field = packs().findChild<NumberField*>(QStringLiteral("Cell resistance"));
    QVERIFY(field->text().isEmpty());
    QVERIFY(field->placeholderText().contains(QStringLiteral("assumed 30.0")));
    // A value of one's own takes its place, and gives way again when it is taken out.
    field->setFocus();
    QTest::keyClicks(field, QStringLiteral("17,5"));
    VERIFY_NEAR(*(*window_)->workspace().library().packs.at(id).pack.cell_resistance_ohm, 0.0175, 1e-12);
    field->selectAll();
    QTest::keyClick(field, Qt::Key_Backspace);
    QVERIFY(!(*window_)->workspace().library().packs.at(id).pack.cell_resistance_ohm);
}

void LibraryTest::aCellIsEditedInPlaceByKeyboard() {
    type(cell(QStringLiteral("B-07"), QStringLiteral("mass")), QStringLiteral("412,5"));
    VERIFY_NEAR(pack("B-07").mass_kg, 0.4125, 1e-9);
    // With its unit, as it stands there.
    type(cell(QStringLiteral("B-07"), QStringLiteral("per cell")), QStringLiteral("3 400 mAh"));
    VERIFY_NEAR(pack("B-07").cell_capacity_ah, 3.4, 1e-9);
    // The plan that flies on this pack follows.
    VERIFY_NEAR((*window_)->planSession().request().pack.cell_capacity_ah, 3.4, 1e-9);
    window_->settle();
}

void LibraryTest::badValuesAreMarkedWhereTypedInWords_data() {
    QTest::addColumn<QString>("column");
    QTest::addColumn<QString>("typed");
    QTest::addColumn<QString>("said");
    QTest::newRow("no number") << "mass"
                               << "heavy"
                               << "not a number";
    QTest::newRow("below zero") << "mass"
                                << "-4"
                                << "not possible";
    QTest::newRow("half a cell") << "series"
                                 << "4.5"
                                 << "is a whole number";
    QTest::newRow("too many cells") << "series"
                                    << "400"
                                    << "must be 1 to 100";
    QTest::newRow("ambiguous") << "per cell"
                               << "1.234,5"
                               << "not a number";
}

void LibraryTest::badValuesAreMarkedWhereTypedInWords() {
    QFETCH(QString, column);
    QFETCH(QString, typed);
    QFETCH(QString, said);
    const auto before = pack("B-07");
    type(cell(QStringLiteral("B-07"), column), typed);
    QCOMPARE(pack("B-07").mass_kg, before.mass_kg);
    QCOMPARE(pack("B-07").series, before.series);
    auto* trouble = window_->find<QLabel>("packsTrouble");
    QVERIFY(trouble->isVisible());
    QVERIFY2(trouble->accessibleName().contains(said), qPrintable(trouble->accessibleName()));
    QVERIFY(trouble->accessibleName().contains(typed));
    // The same in the form, under the field.
    auto* field =
        packs().findChild<NumberField*>(column == QStringLiteral("series") ? QStringLiteral("Cells in series")
                                        : column == QStringLiteral("mass") ? QStringLiteral("Pack mass")
                                                                           : QStringLiteral("Cell capacity"));
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, typed);
    QVERIFY(field->property("wrong").toBool());
    auto* under = packs().findChild<QLabel*>(field->objectName() + QStringLiteral(" trouble"));
    QVERIFY(under->isVisible());
    QVERIFY(under->accessibleName().contains(said));
    QCOMPARE(pack("B-07").mass_kg, before.mass_kg);
}

void LibraryTest::aChoiceIsEditedAsAChoice() {
    table().setFocus();
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("chemistry")));
    QTest::keyClick(&table(), Qt::Key_F2);
    auto* box = table().findChild<ChoiceBox*>(QStringLiteral("cellEditor"));
    QVERIFY(box);
    QCOMPARE(box->currentText(), QStringLiteral("Li-ion"));
    QTest::keyClick(box, Qt::Key_Home);
    QTest::keyClick(box, Qt::Key_Return);
    EVENTUALLY_EQUAL(pack("B-07").chemistry, battery::Chemistry::lipo);
}

void LibraryTest::largeTextFindsItsRoom() {
    // Changed while the table is looked at: its figures stay whole, and its heading grows with it.
    auto* count = window_->find<QLabel>("packsCount");
    const int before_px = count->font().pixelSize();
    Look::instance().setTextScale(1.5);
    QCoreApplication::processEvents();
    for (int column = 0; column + 1 < table().model()->columnCount(); ++column)
        QVERIFY2(table().columnWidth(column) >= static_cast<QAbstractItemView&>(table()).sizeHintForColumn(column),
                 qPrintable(table().model()->headerData(column, Qt::Horizontal).toString()));
    QVERIFY(count->font().pixelSize() > before_px);
    Look::instance().setTextScale(1.0);
    QCoreApplication::processEvents();
    QCOMPARE(count->font().pixelSize(), before_px);
}

void LibraryTest::detailsAreSortedByWhereTheyComeFrom() {
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("mass")));
    const auto under = [&](const char* section, const QString& label) {
        auto* place = packs().findChild<Section*>(QLatin1String(section));
        return place->findChild<NumberField*>(label);
    };
    const QString launch = QStringLiteral("Temperature at launch");
    QVERIFY(under("packsEntered", QStringLiteral("Pack mass")));
    auto* field = under("packsAssumed", launch);
    QVERIFY(field && !under("packsEntered", launch));
    // What is typed stays where it is typed until the pilot goes on.
    field->setFocus();
    QTest::keyClicks(field, QStringLiteral("25"));
    QCOMPARE(pack("B-07").start_temperature_c, std::optional(25.0));
    QCOMPARE(under("packsAssumed", launch), field);
    table().setFocus();
    table().setCurrentIndex(cell(QStringLiteral("A-02"), QStringLiteral("mass")));
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("mass")));
    QVERIFY(under("packsEntered", launch) && !under("packsAssumed", launch));
    // Nothing is measured yet, and it says what would be.
    QVERIFY(window_->said("packsMeasuredWords").contains(QStringLiteral("File flights")));
    auto kept = (*window_)->workspace().library().packs.at(*packs().chosen());
    kept.pack.known = battery::PackKnown{};
    kept.pack.known->capacity_share = {0.9, 0.015};
    kept.pack.known->cell_resistance_ohm = {0.021, 0.001};
    kept.pack.known->flights = 3;
    kept.pack.known->known_utc = "2026-05-23T10:00:00Z";
    QVERIFY((*window_)->workspace().put(logbook::EditKind::change_pack, *packs().chosen(), kept));
    EVENTUALLY(window_->said("packsMeasuredWords").contains(QStringLiteral("of the label")));
    for (const char* word : {"90", "3 flights", "2026-05-23", "21"})
        QVERIFY2(window_->said("packsMeasuredWords").contains(QLatin1String(word)), word);
    // A part that is not wanted is folded away, by key too.
    auto* assumed = packs().findChild<Section*>(QStringLiteral("packsAssumed"));
    auto* head = packs().findChild<QToolButton*>(QStringLiteral("packsAssumedFold"));
    head->setFocus();
    QTest::keyClick(head, Qt::Key_Space);
    QVERIFY(!assumed->isOpen());
    QVERIFY(!assumed->findChild<FieldForm*>()->isVisible());
    table().setCurrentIndex(cell(QStringLiteral("A-02"), QStringLiteral("mass")));
    QVERIFY2(!assumed->isOpen(), "stays folded for the next");
}

void LibraryTest::aListIsTypedRowByRow() {
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("mass")));
    auto* list = packs().findChild<CellsEditor*>(QStringLiteral("Maker's rate table, one cell"));
    QVERIFY(list);
    QCOMPARE(list->rowCount(), 1); // empty, waits to be typed in
    const auto put = [&](int row, int column, const QString& text) {
        list->setFocus();
        list->setCurrentCell(row, column);
        list->edit(list->currentIndex());
        auto* typed = list->findChild<QLineEdit*>();
        QVERIFY(typed);
        typed->selectAll();
        QTest::keyClicks(typed, text);
        if (text.isEmpty()) QTest::keyClick(typed, Qt::Key_Delete);
        QTest::keyClick(typed, Qt::Key_Return);
        EVENTUALLY(list->findChild<QLineEdit*>() == nullptr);
    };
    put(0, 0, QStringLiteral("5"));
    auto* trouble = packs().findChild<QLabel*>(QStringLiteral("Maker's rate table, one cell trouble"));
    QVERIFY2(trouble->isVisible(), "half a row is said, and is not taken");
    QVERIFY(pack("B-07").rate_table.empty());
    put(0, 1, QStringLiteral("3,2")); // a comma is understood
    QVERIFY(!trouble->isVisible());
    QCOMPARE(pack("B-07").rate_table, (std::vector<battery::RatePoint>{{5.0, 3.2}}));
    QCOMPARE(list->rowCount(), 2);
    put(1, 0, QStringLiteral("15"));
    put(1, 1, QStringLiteral("2.95"));
    QCOMPARE(pack("B-07").rate_table, (std::vector<battery::RatePoint>{{5.0, 3.2}, {15.0, 2.95}}));
    // A row that is emptied is gone.
    put(0, 0, {});
    put(0, 1, {});
    QCOMPARE(pack("B-07").rate_table, (std::vector<battery::RatePoint>{{15.0, 2.95}}));
    // As data sheets have it: of the cell's capacity.
    const double capacity_ah = pack("B-07").cell_capacity_ah;
    put(2, 0, QStringLiteral("8C"));
    put(2, 1, QStringLiteral("75 %"));
    QCOMPARE(pack("B-07").rate_table.size(), std::size_t(2));
    QCOMPARE(pack("B-07").rate_table[1].current_a, 8.0 * capacity_ah);
    QCOMPARE(pack("B-07").rate_table[1].charge_ah, 0.75 * capacity_ah);
}

void LibraryTest::duplicatesGetANameOfTheirOwn() {
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("name")));
    QTest::mouseClick(window_->find<QPushButton>("packsDuplicate"), Qt::LeftButton);
    QCOMPARE(pack("B-07 (2)").mass_kg, pack("B-07").mass_kg);
    QCOMPARE(table().currentIndex().siblingAtColumn(0).data().toString(), QStringLiteral("B-07 (2)"));
    packs().duplicate();
    QCOMPARE(pack("B-07 (2) (2)").series, 4);
}

void LibraryTest::retiredThingsStandBack() {
    const int before = table().model()->rowCount();
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("name")));
    QTest::mouseClick(window_->find<QPushButton>("packsRetire"), Qt::LeftButton);
    QCOMPARE(table().model()->rowCount(), before - 1);
    QVERIFY(window_->said("packsCount").contains(QStringLiteral("1 retired")));
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("Ctrl+Z")));
    window_->find<QCheckBox>("packsShowRetired")->setChecked(true);
    QCOMPARE(table().model()->rowCount(), before);
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("name")));
    QCOMPARE(window_->find<QPushButton>("packsRetire")->text(), QStringLiteral("Return to use"));
    QTest::mouseClick(window_->find<QPushButton>("packsRetire"), Qt::LeftButton);
    QVERIFY(!window_->said("packsCount").contains(QStringLiteral("retired")));
}

void LibraryTest::whatIsUsedIsRetiredNotRemoved() {
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("name")));
    QVERIFY(!window_->find<QPushButton>("packsRemove")->isEnabled());
    packs().duplicate();
    QVERIFY(window_->find<QPushButton>("packsRemove")->isEnabled());
    const auto before = (*window_)->workspace().library().packs.size();
    packs().remove();
    QCOMPARE((*window_)->workspace().library().packs.size(), before - 1);
}

void LibraryTest::whatChangesUnseenIsThereWhenSeen() {
    auto& workspace = (*window_)->workspace();
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("name")));
    QVERIFY(window_->said("packsName").contains(QStringLiteral("B-07")));
    const int rows = table().model()->rowCount();
    (*window_)->showPlace(Place::plan);
    session::Id other = 0;
    for (const auto& [id, kept] : workspace.library().packs) {
        if (kept.pack.name == "C-01") other = id;
    }
    auto kept = workspace.library().packs.at(other);
    kept.pack.mass_kg = 0.777;
    QVERIFY(workspace.put(logbook::EditKind::change_pack, other, kept));
    kept.pack.name = "C-09";
    QVERIFY(workspace.put(logbook::EditKind::add_pack, std::nullopt, kept));
    // Chosen by somebody else meanwhile: that one it is, whatever was shown before.
    packs().choose(other);
    (*window_)->showPlace(Place::packs);
    QCOMPARE(packs().chosen(), std::optional(other));
    QVERIFY(window_->said("packsName").contains(QStringLiteral("C-01")));
    QVERIFY(cell(QStringLiteral("C-01"), QStringLiteral("mass")).data().toString().startsWith(u"777"));
    QCOMPARE(table().model()->rowCount(), rows + 1);
    QVERIFY(window_->said("packsCount").startsWith(QString::number(rows + 1)));
    workspace.undo();
    workspace.undo();
}

void LibraryTest::sortsByValueNotByText() {
    for (const double mass : {1.2, 0.09, 0.5}) {
        auto kept = book::KeptPack{session::first_request().pack, {}, false};
        kept.pack.name = "P" + std::to_string(int(mass * 1000));
        kept.pack.mass_kg = mass;
        QVERIFY((*window_)->workspace().put(logbook::EditKind::add_pack, std::nullopt, kept));
    }
    table().sortByColumn(6, Qt::AscendingOrder);
    double last = 0.0;
    for (int row = 0; row < table().model()->rowCount(); ++row) {
        const double mass = table().model()->index(row, 6).data(sort_role).toDouble();
        QVERIFY(mass >= last);
        last = mass;
    }
    QCOMPARE(table().model()->index(0, 0).data().toString(), QStringLiteral("P90"));
}

void LibraryTest::findsByAnyTextOfARow() {
    auto* find = window_->find<QLineEdit>("packsFind");
    find->setFocus();
    QTest::keyClicks(find, QStringLiteral("c-01"));
    QCOMPARE(table().model()->rowCount(), 1);
    QVERIFY(window_->said("packsCount").contains(QStringLiteral("1 shown")));
    find->selectAll();
    QTest::keyClicks(find, QStringLiteral("nothing like it"));
    QCOMPARE(table().model()->rowCount(), 0);
    (*window_)->grab(); // paints with nothing found
    find->clear();
    QVERIFY(table().model()->rowCount() >= 2);
}

void LibraryTest::notesAreKept() {
    table().setCurrentIndex(cell(QStringLiteral("C-01"), QStringLiteral("name")));
    auto* note = window_->find<QPlainTextEdit>("packsNote");
    note->setFocus();
    QTest::keyClicks(note, QStringLiteral("swollen at one end"));
    QCOMPARE(cell(QStringLiteral("C-01"), QStringLiteral("note")).data().toString(),
             QStringLiteral("swollen at one end"));
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("name")));
    QVERIFY(note->toPlainText().isEmpty());
}

void LibraryTest::everyComputedCellSaysWhy() {
    for (const char* header : {"rated", "flights", "cycles"}) {
        const QModelIndex at = cell(QStringLiteral("B-07"), QLatin1String(header));
        QVERIFY2(at.data(explanation_role).canConvert<units::Explanation>(), header);
        table().setFocus();
        table().setCurrentIndex(at);
        QTest::keyClick(&table(), Qt::Key_F1);
        auto* sheet = qobject_cast<ExplanationSheet*>(QApplication::activePopupWidget());
        QVERIFY2(sheet, header);
        QVERIFY(sheet->accessibleDescription().contains(QStringLiteral("Source:")));
        sheet->close();
        EVENTUALLY(!QApplication::activePopupWidget());
    }
}

void LibraryTest::copiesAsTextThatOtherProgramsRead() {
    table().setFocus();
    table().clearSelection();
    const QString all = table().copyText();
    const QStringList lines = all.split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    QCOMPARE(lines.size(), 1 + table().model()->rowCount());
    QVERIFY(lines[0].startsWith(QStringLiteral("name\tchemistry")));
    // Digits are not torn apart by the blanks that group them on screen.
    QVERIFY(all.contains(QStringLiteral("3250 mAh")));
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("name")));
    QTest::keyClick(&table(), Qt::Key_C, Qt::ControlModifier);
    QCOMPARE(table().copyText().split(QLatin1Char('\n'), Qt::SkipEmptyParts).size(), 2);
    const QString csv = csv_of(*table().model());
    QVERIFY(csv.startsWith(QStringLiteral("name,chemistry")));
    QVERIFY(csv.contains(QStringLiteral("\r\n")));
}

void LibraryTest::wordsGiveWayToFigures() {
    // A long note scrolls nothing away, at any width that the figures have room in; and it gets its room back.
    auto kept = (*window_)->workspace().library().packs.begin()->second;
    kept.note = "charged to 4.1 V a cell, kept in the box with the grey lid since the summer";
    QVERIFY((*window_)->workspace().put(logbook::EditKind::change_pack,
                                        (*window_)->workspace().library().packs.begin()->first, kept));
    const auto scrolls = [&] { return table().horizontalScrollBar()->maximum(); };
    const auto note_width = [&] { return table().columnWidth(table().model()->columnCount() - 1); };
    EVENTUALLY_EQUAL(scrolls(), 0);
    const int narrow = note_width();
    (*window_)->resize(1920, 1080);
    EVENTUALLY(note_width() > narrow + 300);
    QCOMPARE(scrolls(), 0);
    (*window_)->resize(1280, 800);
    EVENTUALLY(std::abs(note_width() - narrow) <= 2);
    EVENTUALLY_EQUAL(scrolls(), 0);
    // What the pilot drew stays.
    table().setColumnWidth(1, table().columnWidth(1) + 57);
    const int drawn = table().columnWidth(1);
    (*window_)->resize(1400, 900);
    QTest::qWait(50);
    QCOMPARE(table().columnWidth(1), drawn);
}

void LibraryTest::columnsAreRemembered() {
    const QTemporaryDir settings;
    const QString book = settings.filePath(QStringLiteral("logbook.sqlite"));
    {
        MainWindow first(settings.path(), book);
        first.packsPlace().add();
        first.show();
        first.packsPlace().table().setColumnWidth(0, 233);
        first.packsPlace().table().horizontalHeader()->moveSection(6, 1);
        // It closes when the book is written, and remembers then.
        first.close();
        EVENTUALLY(!first.isVisible());
    }
    MainWindow second(settings.path(), book);
    QCOMPARE(second.packsPlace().table().columnWidth(0), 233);
    QCOMPARE(second.packsPlace().table().horizontalHeader()->visualIndex(6), 1);
}

void LibraryTest::aHundredPacksAreNoTrouble() {
    for (int i = 0; i < 100; ++i) {
        auto kept = book::KeptPack{session::first_request().pack, {}, i % 9 == 0};
        kept.pack.name = "Pack number " + std::to_string(i) + " of the long shelf in the hall";
        QVERIFY((*window_)->workspace().put(logbook::EditKind::add_pack, std::nullopt, kept));
    }
    QVERIFY(table().model()->rowCount() >= 88);
    (*window_)->grab();
    table().scrollToBottom();
    (*window_)->grab();
    QVERIFY(window_->said("packsCount").contains(QStringLiteral("12 retired")));
}

void LibraryTest::everythingIsUndoneByKey() {
    const auto before = (*window_)->workspace().library().packs.size();
    table().setCurrentIndex(cell(QStringLiteral("B-07"), QStringLiteral("name")));
    packs().duplicate();
    type(cell(QStringLiteral("B-07"), QStringLiteral("mass")), QStringLiteral("500"));
    auto* undo = (*window_)->findChild<QAction*>(QStringLiteral("undoAction"));
    QVERIFY(undo->text().contains(QStringLiteral("change pack “B-07”")));
    table().setFocus();
    QTest::keyClick(&**window_, Qt::Key_Z, Qt::ControlModifier);
    VERIFY_NEAR(pack("B-07").mass_kg, 0.405, 1e-9);
    QVERIFY(undo->text().contains(QStringLiteral("duplicate pack")));
    QTest::keyClick(&**window_, Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE((*window_)->workspace().library().packs.size(), before);
    QTest::keyClick(&**window_, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QCOMPARE((*window_)->workspace().library().packs.size(), before + 1);
}

SOBREMESA_TEST(LibraryTest)
#include "tst_record_lists.moc"
