// Parts that many screens are made of: axis figures, tables, buttons, texts.

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QTabWidget>
#include <QTest>
#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/button_row.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/editable_word.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/small_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"
#include "wording/language.hpp"
#include "wording/quantities.hpp"

using namespace sobremesa;
using namespace sobremesa::app;

namespace {

/// What stands along an axis.
QStringList labels(QCPAxis* axis) {
    QVector<double> ticks;
    QVector<QString> said;
    axis->ticker()->generate(axis->range(), QLocale::c(), QLatin1Char('g'), 6, ticks, nullptr, &said);
    return said.toList();
}

Cell cell(const QString& text, bool figure) {
    Cell made;
    made.text = text;
    made.figure = figure;
    return made;
}

} // namespace

class SmallPartsTest : public QObject {
    Q_OBJECT
private slots:
    void axesWriteAsTheWindowDoes();
    void theUnitTakesTheTopFiguresPlace();
    void wordsStandOffTheFiguresBeforeThem();
    void columnsAreAsWideAsTheyMayBe();
    void aSmallTableIsAsHighAsItsRows();
    void aSmallTableKnowsWhenItIsTypedIn();
    void buttonsCallWhatTheyAreGiven();
    void aTextChangesItsRoleAndKeepsItsWords();
    void otherFiguresTakeTheSameRoom();
    void twoPanesFoldIntoTabs();
    void decimalsAreTheLanguagesForPeopleAndPointsInFiles();
};

/// German and Spanish have a comma before the decimals (Unicode CLDR, number symbols of "de" and "es"): on screen,
/// along axes and in fields, which read back what they show. Tables for other programs keep points.
void SmallPartsTest::decimalsAreTheLanguagesForPeopleAndPointsInFiles() {
    for (const QString& code : {QStringLiteral("de"), QStringLiteral("es")}) {
        wording::use_language(code);
        QCOMPARE(wording::written(23.64, 0.0, {1.0, QStringLiteral("km"), 1}), QStringLiteral("23,6\u202fkm"));
        QCOMPARE(wording::written(-12345.678, 0.0, {1.0, {}, 2}), QStringLiteral("\u221212\u202f345,68"));
        NumberField field;
        field.setValue(1.225, 3);
        QCOMPARE(field.text(), QStringLiteral("1,225"));
        QCOMPARE(field.value().value_or(0.0), 1.225);
        QCOMPARE(NumberField::written(34.0, 1), QStringLiteral("34,0"));
        CellModel model;
        model.setCells(
            {QStringLiteral("a, b"), QStringLiteral("c")},
            {{cell(wording::written(1234.5, 0.0, {1.0, QStringLiteral("mAh"), 1}), true),
              cell(QStringLiteral("Era Vieja, 2,5 of 3"), false)},
             {cell(QStringLiteral("2,0\u202fm/s, 210°"), true), cell(QStringLiteral("6\u202f130"), true)}});
        QCOMPARE(csv_of(model), QStringLiteral("\"a, b\",c\r\n1234.5 mAh,\"Era Vieja, 2,5 of 3\"\r\n"
                                               "\"2.0 m/s, 210°\",6130\r\n"));
    }
    // Rich text would break the line between figure and unit, and behind a slash.
    QCOMPARE(wording::unbroken(QStringLiteral("<b>5,6\u202fm/s</b>")), QStringLiteral("<b>5,6\u00a0m/\u2060s</b>"));
    // So would plain text, behind the slash; a path may be broken there.
    QCOMPARE(wording::whole_units(QStringLiteral("63\u202fkm/h, 120\u202fmAh/km, /home/km/h")),
             QStringLiteral("63\u202fkm/\u2060h, 120\u202fmAh/\u2060km, /home/km/h"));
    wording::use_language(QStringLiteral("en"));
    QCOMPARE(wording::written(23.64, 0.0, {1.0, QStringLiteral("km"), 1}), QStringLiteral("23.6\u202fkm"));
}

void SmallPartsTest::axesWriteAsTheWindowDoes() {
    QCustomPlot plot;
    plot.xAxis->setTicker(plain_ticker(5));
    plot.xAxis->setRange(-20.0, 20.0);
    const QStringList small = labels(plot.xAxis);
    QVERIFY2(small.contains(QStringLiteral("−10")), qPrintable(small.join(QLatin1Char('|'))));
    plot.xAxis->setRange(0.0, 6000.0);
    const QString grouped = labels(plot.xAxis).join(QLatin1Char('|'));
    QVERIFY2(grouped.contains(QStringLiteral("2") + QChar(0x202F) + QStringLiteral("000")), qPrintable(grouped));
    plot.xAxis->setRange(0.0, 1.0);
    for (const QString& label : labels(plot.xAxis)) QVERIFY2(label.size() <= 4, qPrintable(label));
    // Too large to be written out.
    plot.xAxis->setRange(0.0, 5e12);
    QVERIFY(labels(plot.xAxis).join(QLatin1Char('|')).contains(QLatin1Char('e')));
}

void SmallPartsTest::theUnitTakesTheTopFiguresPlace() {
    QCustomPlot plot;
    plot.resize(400, 300);
    plot.yAxis->setTicker(plain_ticker(4, plot.yAxis));
    plot.replot();
    plot.yAxis->setRange(0.0, 80.0);
    QVERIFY(!labels(plot.yAxis).contains(QStringLiteral("80")));
    QVERIFY(labels(plot.yAxis).contains(QStringLiteral("60")));
    // With room above it the figure stays.
    plot.yAxis->setRange(0.0, 99.0);
    QVERIFY(labels(plot.yAxis).contains(QStringLiteral("75")));
    plot.yAxis->setTicker(plain_ticker(4));
    plot.yAxis->setRange(0.0, 80.0);
    QVERIFY(labels(plot.yAxis).contains(QStringLiteral("80")));
}

void SmallPartsTest::wordsStandOffTheFiguresBeforeThem() {
    CellModel model;
    model.setCells(
        {QStringLiteral("flight"), QStringLiteral("pack"), QStringLiteral("time"), QStringLiteral("note")},
        {{cell(QStringLiteral("calm"), false), cell(QStringLiteral("B-07"), false),
          cell(QStringLiteral("21 min"), true), cell(QStringLiteral("first"), false)}});
    for (int column = 0; column < 4; ++column) {
        const bool off = column == 3;
        QCOMPARE(model.index(0, column).data(Qt::DecorationRole).isValid(), off);
        QCOMPARE(model.headerData(column, Qt::Horizontal, Qt::DecorationRole).isValid(), off);
    }
    // Nothing of it is copied out.
    QVERIFY(csv_of(model).startsWith(QStringLiteral("flight,pack,time,note\r\n")));
    CellModel empty;
    empty.setCells({QStringLiteral("a"), QStringLiteral("b")}, {});
    QVERIFY(!empty.headerData(1, Qt::Horizontal, Qt::DecorationRole).isValid());
}

void SmallPartsTest::columnsAreAsWideAsTheyMayBe() {
    CellModel model;
    const QString much = QString(90, QLatin1Char('w'));
    model.setCells({QStringLiteral("first"), QStringLiteral("second")}, {{cell(much, false), cell(much, false)}});
    DataTable table(QStringLiteral("t"), QStringLiteral("a table"));
    table.setModel(&model);
    const Look& look = Look::instance();
    table.fitColumns();
    QCOMPARE(table.columnWidth(0), look.scaled(DataTable::usual_most));
    QCOMPARE(table.columnWidth(1), look.scaled(DataTable::usual_most));
    table.fitColumns(120, 340);
    QCOMPARE(table.columnWidth(0), look.scaled(340));
    QCOMPARE(table.columnWidth(1), look.scaled(DataTable::usual_most));
    model.setCells({QStringLiteral("first"), QStringLiteral("second")},
                   {{cell(QStringLiteral("a"), false), cell(QStringLiteral("b"), false)}});
    table.fitColumns(120, 340);
    QCOMPARE(table.columnWidth(0), look.scaled(120));
    QVERIFY(table.columnWidth(1) < look.scaled(120));
}

void SmallPartsTest::aSmallTableIsAsHighAsItsRows() {
    SmallTable table(QStringLiteral("t"), QStringLiteral("a table"), {QStringLiteral("name"), QStringLiteral("m")},
                     1);
    const auto high = [&](int rows) {
        table.setRowCount(rows);
        table.fitRows(4);
        return table.height();
    };
    const int row = table.verticalHeader()->defaultSectionSize();
    QCOMPARE(high(3) - high(2), row);
    QCOMPARE(high(9), high(4));
    table.put(0, 0, QStringLiteral("over"), false);
    table.put(0, 1, SmallTable::figure(1234.56, 1), true);
    QCOMPARE(table.item(0, 1)->text(), QStringLiteral("1234.6"));
    QCOMPARE(table.firstEditable(), 1);
    QVERIFY(table.item(0, 0)->textAlignment() & Qt::AlignLeft);
    QVERIFY(table.item(0, 1)->textAlignment() & Qt::AlignRight);
    QVERIFY(table.horizontalHeaderItem(1)->textAlignment() & Qt::AlignRight);
}

void SmallPartsTest::aSmallTableKnowsWhenItIsTypedIn() {
    SmallTable table(QStringLiteral("t"), QStringLiteral("a table"), {QStringLiteral("m")}, 0);
    table.setRowCount(1);
    table.put(0, 0, QStringLiteral("1"), true);
    table.show();
    QVERIFY(!table.isTypedIn());
    table.setCurrentCell(0, 0);
    table.editItem(table.item(0, 0));
    QVERIFY(table.isTypedIn());
    QTest::keyClick(table.findChild<QLineEdit*>(), Qt::Key_Escape);
    EVENTUALLY(!table.isTypedIn());
}

void SmallPartsTest::buttonsCallWhatTheyAreGiven() {
    QWidget page;
    auto* row = new ButtonRow;
    page.setLayout(row);
    int called = 0;
    auto* one = row->add(QStringLiteral("One"), QStringLiteral("one"), &page, [&] { ++called; });
    row->add(QStringLiteral("Close"), QStringLiteral("close"), &page, &QWidget::close);
    page.show();
    QCOMPARE(page.findChild<QPushButton*>(QStringLiteral("one")), one);
    QTest::mouseClick(one, Qt::LeftButton);
    QCOMPARE(called, 1);
    QTest::mouseClick(page.findChild<QPushButton*>(QStringLiteral("close")), Qt::LeftButton);
    QVERIFY(!page.isVisible());
}

void SmallPartsTest::aTextChangesItsRoleAndKeepsItsWords() {
    TextLabel label(TextLabel::Role::plain, QStringLiteral("near the limit"));
    QCOMPARE(label.text(), QStringLiteral("near the limit"));
    label.setRole(TextLabel::Role::warning);
    QCOMPARE(label.text(), QStringLiteral("▲ near the limit"));
    QCOMPARE(label.palette().color(QPalette::WindowText), Look::instance().theme().warning);
    QCOMPARE(label.accessibleName(), QStringLiteral("near the limit"));
    label.setRole(TextLabel::Role::plain);
    QCOMPARE(label.text(), QStringLiteral("near the limit"));
    // Emptied and filled again.
    label.setWords({});
    QVERIFY(label.text().isEmpty());
    label.setWords(QStringLiteral("kept"));
    QCOMPARE(label.text(), QStringLiteral("kept"));
}

void SmallPartsTest::otherFiguresTakeTheSameRoom() {
    QCOMPARE(Look::shapeOf(QStringLiteral("12.5 km, −3 %")), QStringLiteral("00.0 km, −0 %"));
    // What the shape rests on, in every weight and beside whatever stands at a figure.
    for (const auto weight : {Look::Weight::regular, Look::Weight::medium, Look::Weight::semibold}) {
        for (const double px : {Look::small_px, Look::text_px, Look::sentence_px}) {
            const QFontMetricsF metrics(Look::instance().font(px, weight));
            for (const char* around : {"%1%1", "%1.%1 km", "%1,%1 Wh", "±%1", "−%1°C", "(%1)", "%1:%1", "A%1",
                                       "T%1/%1 m", "%1 %", "x%1V"}) {
                const QString words = QString::fromUtf8(around);
                const double wide = metrics.horizontalAdvance(words.arg(0));
                for (int digit = 1; digit < 10; ++digit)
                    QVERIFY2(std::abs(metrics.horizontalAdvance(words.arg(digit)) - wide) < 0.01,
                             qPrintable(words.arg(digit)));
            }
        }
    }
    const auto same_as_new = [](TextLabel& label, TextLabel::Role role, const QString& words) {
        label.setWords(words);
        const TextLabel fresh(role, words);
        return label.text() == fresh.text() && label.sizeHint() == fresh.sizeHint() &&
               label.heightForWidth(180) == fresh.heightForWidth(180) &&
               label.minimumSizeHint() == fresh.minimumSizeHint();
    };
    for (const auto role : {TextLabel::Role::plain, TextLabel::Role::sentence, TextLabel::Role::warning}) {
        TextLabel label(role, QStringLiteral("Turn at <b>11.1 km</b> after 14:11, with 11 % left."));
        (void)label.sizeHint();
        (void)label.heightForWidth(180);
        QVERIFY(same_as_new(label, role, QStringLiteral("Turn at <b>28.4 km</b> after 36:07, with 20 % left.")));
        QVERIFY(same_as_new(label, role,
                            QStringLiteral("Turn at <b>8.4 km</b> after 1 h 06:07, with 20 % left, "
                                           "and nothing more than that.")));
        QVERIFY(same_as_new(label, role, QStringLiteral("No turn.")));
    }
    EditableWord word;
    word.setText(QStringLiteral("11.1 m/s"));
    const QSize before = word.sizeHint();
    word.setText(QStringLiteral("38.4 m/s"));
    QCOMPARE(word.sizeHint(), before);
    word.setText(QStringLiteral("138.4 m/s"));
    QVERIFY(word.sizeHint().width() > before.width());
    Look::instance().setTextScale(1.5);
    const QSize large = word.sizeHint();
    Look::instance().setTextScale(1.0);
    QVERIFY(large.width() > word.sizeHint().width());
}

void SmallPartsTest::twoPanesFoldIntoTabs() {
    QWidget page;
    auto* left = new QLabel(QStringLiteral("left"));
    auto* right = new QLabel(QStringLiteral("right"));
    Fold::fill(page, {QStringLiteral("One"), left, 9}, {QStringLiteral("Other"), right, 6});
    page.resize(1400, 800);
    page.show();
    EVENTUALLY(left->isVisible() && right->isVisible());
    QVERIFY(left->width() > right->width());
    page.resize(600, 400);
    EVENTUALLY(page.findChild<QTabWidget*>(QStringLiteral("foldTabs")));
    auto* tabs = page.findChild<QTabWidget*>(QStringLiteral("foldTabs"));
    QCOMPARE(tabs->count(), 2);
    QVERIFY(left->isVisible() && !right->isVisible());
    tabs->setCurrentIndex(1);
    QVERIFY(right->isVisible());
    page.resize(1400, 800);
    EVENTUALLY(left->isVisible() && right->isVisible());
}

SOBREMESA_TEST(SmallPartsTest)
#include "tst_small_parts.moc"
