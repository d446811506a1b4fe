#include "app/widgets/data_table.hpp"

#include <cmath>
#include <numeric>

#include <QApplication>
#include <QClipboard>
#include <QCollator>
#include <QHeaderView>
#include <QKeyEvent>
#include <QMenu>
#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QSettings>

#include "app/theme/look.hpp"
#include "app/widgets/explanation_sheet.hpp"
#include "core/units/explanation.hpp"
#include "wording/language.hpp"

namespace sobremesa::app {

namespace {

/// A cell for other programs: grouping blanks and the typographic minus would only be in their way.
QString plain_cell(const QVariant& value) {
    QString text = value.toString();
    text.replace(QChar(0x2212), QLatin1Char('-'));
    text.replace(QLatin1Char('\n'), QLatin1Char(' '));
    // Between two digits the narrow blank groups; before a unit it separates.
    for (auto at = text.indexOf(QChar(0x202F)); at >= 0; at = text.indexOf(QChar(0x202F), at)) {
        const bool groups = at > 0 && at + 1 < text.size() && text[at - 1].isDigit() && text[at + 1].isDigit();
        text.replace(at, 1, groups ? QString() : QStringLiteral(" "));
    }
    // A point before decimals, whatever language is spoken: in figures alone, with their units and errors.
    static const QRegularExpression figures(
        QStringLiteral("^[-+±▲ ]*\\d+(,\\d+)?( ?[^\\s\\d,]+)?((,? ?± ?|, )\\d+(,\\d+)?( ?[^\\s\\d,]+)?)*$"));
    static const QRegularExpression mark(QStringLiteral("(?<=\\d),(?=\\d)"));
    if (wording::decimal_mark() == QLatin1Char(',') && figures.match(text).hasMatch())
        text.replace(mark, QStringLiteral("."));
    return text;
}

QString quoted(const QString& cell) {
    if (!cell.contains(QLatin1Char(',')) && !cell.contains(QLatin1Char('"'))) return cell;
    QString inside = cell;
    return QLatin1Char('"') + inside.replace(QLatin1Char('"'), QStringLiteral("\"\"")) + QLatin1Char('"');
}

} // namespace

DataTable::DataTable(const QString& key, const QString& spoken, QWidget* parent) : QTableView(parent) {
    setObjectName(key);
    setAccessibleName(spoken);
    setShowGrid(false);
    setFrameShape(QFrame::NoFrame);
    setSelectionBehavior(QAbstractItemView::SelectRows);
    setSelectionMode(QAbstractItemView::ExtendedSelection);
    setTabKeyNavigation(false);
    setWordWrap(false);
    setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
    verticalHeader()->hide();
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setSectionsMovable(true);
    connect(&Look::instance(), &Look::changed, this, &DataTable::dress);
    dress();
}

void DataTable::setRowButtons(const std::vector<QPushButton*>& buttons) {
    row_buttons_.assign(buttons.begin(), buttons.end());
}

void DataTable::fillMenu(QMenu& menu, const QPoint& at) {
    // By key the menu is about the current cell.
    const QModelIndex under = indexAt(viewport()->mapFrom(this, at));
    const QModelIndex index = rect().contains(at) && under.isValid() ? under : currentIndex();
    if (index.isValid()) {
        if (!selectionModel()->isRowSelected(index.row())) setCurrentIndex(index);
        for (const auto& button : row_buttons_) {
            if (!button || button->isHidden()) continue;
            QAction* action = menu.addAction(button->text(), button, &QPushButton::click);
            action->setEnabled(button->isEnabled());
        }
        menu.addSeparator();
        if (index.data(explanation_role).canConvert<units::Explanation>())
            menu.addAction(tr("Why this number?"), this,
                           [this, index = QPersistentModelIndex(index)] { explain(index); });
    }
}

void DataTable::setModel(QAbstractItemModel* model) {
    QTableView::setModel(model);
    dress();
}

void DataTable::dress() {
    const Look& look = Look::instance();
    verticalHeader()->setDefaultSectionSize(look.scaled(30));
    verticalHeader()->setMinimumSectionSize(look.scaled(24));
    horizontalHeader()->setFixedHeight(look.scaled(28));
    horizontalHeader()->setMinimumSectionSize(look.scaled(40));
    widenWithText();
    viewport()->update();
}

/// Larger text asks for wider columns, whoever made them as wide as they are.
void DataTable::widenWithText() {
    const double scale = Look::instance().textScale();
    const double ratio = text_scale_ > 0.0 ? scale / text_scale_ : 1.0;
    text_scale_ = scale;
    if (ratio == 1.0 || !model()) return;
    const bool fitted = columnWidths() == fitted_;
    for (int column = 0; column < model()->columnCount(); ++column)
        setColumnWidth(column, int(std::lround(ratio * columnWidth(column))));
    if (fitted) fitted_ = columnWidths();
}

QString DataTable::copyText() const {
    QStringList lines;
    const auto* header = horizontalHeader();
    const auto line = [&](auto cell) {
        QStringList cells;
        for (int visual = 0; visual < header->count(); ++visual) {
            const int column = header->logicalIndex(visual);
            if (!isColumnHidden(column)) cells << cell(column);
        }
        lines << cells.join(QLatin1Char('\t'));
    };
    line([&](int column) { return plain_cell(model()->headerData(column, Qt::Horizontal)); });
    const auto selected = selectionModel()->selectedRows();
    for (int row = 0; row < model()->rowCount(); ++row) {
        if (!selected.isEmpty() && !selectionModel()->isRowSelected(row)) continue;
        line([&](int column) { return plain_cell(model()->index(row, column).data()); });
    }
    return lines.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

void DataTable::copy() const {
    QApplication::clipboard()->setText(copyText());
}

void DataTable::fitColumns(int least_first, int most_first) {
    const Look& look = Look::instance();
    least_first_ = least_first;
    most_first_ = most_first;
    std::vector<int> widths;
    // Qt's own fitting keeps room for a sort arrow in every head.
    for (int column = 0; column < model()->columnCount(); ++column) {
        const QString head = model()->headerData(column, Qt::Horizontal).toString();
        const int wanted = std::max(sizeHintForColumn(column), fontMetrics().horizontalAdvance(head));
        // A figure's head ends where the sort arrow stands.
        const bool sorted = isSortingEnabled() && column == horizontalHeader()->sortIndicatorSection();
        // A long name elides before it pushes the figures out of sight.
        widths.push_back(
            std::min(wanted + look.scaled(sorted ? 30 : 16), look.scaled(column == 0 ? most_first : usual_most)));
    }
    if (!widths.empty()) widths.front() = std::max(widths.front(), look.scaled(least_first));
    makeRoom(widths);
    // The last one takes what is left where it is told to.
    if (horizontalHeader()->stretchLastSection() && !widths.empty() && isVisible())
        widths.back() =
            std::max(widths.back(), viewport()->width() - std::accumulate(widths.begin(), widths.end() - 1, 0));
    for (int column = 0; column < int(widths.size()); ++column) setColumnWidth(column, widths[std::size_t(column)]);
    fitted_ = columnWidths();
}

/// Figures stay whole: where there is too little room, words give way, those farthest to the right first and the
/// name last.
void DataTable::makeRoom(std::vector<int>& widths) const {
    const Look& look = Look::instance();
    constexpr int least_words_px = 48;
    constexpr int least_name_px = 80;
    int over = std::accumulate(widths.begin(), widths.end(), 0) - viewport()->width();
    if (!isVisible()) return;
    for (int column = int(widths.size()) - 1; column >= 0 && over > 0; --column) {
        const int alignment = model()->index(0, column).data(Qt::TextAlignmentRole).toInt();
        if ((alignment & Qt::AlignRight) != 0) continue;
        int& width = widths[std::size_t(column)];
        const int given = std::clamp(width - look.scaled(column == 0 ? least_name_px : least_words_px), 0, over);
        width -= given;
        over -= given;
    }
}

void DataTable::resizeEvent(QResizeEvent* event) {
    QTableView::resizeEvent(event);
    // Nobody drew them otherwise since.
    if (model() && !fitted_.empty() && fitted_ == columnWidths() &&
        event->oldSize().width() != event->size().width())
        fitColumns(least_first_, most_first_);
}

void DataTable::fitUnlessMoved() {
    if (fitted_.empty() || fitted_ == columnWidths()) fitColumns();
}

std::vector<int> DataTable::columnWidths() const {
    std::vector<int> widths;
    for (int column = 0; column + 1 < model()->columnCount(); ++column) widths.push_back(columnWidth(column));
    return widths;
}

void DataTable::restoreColumns(QSettings& settings) {
    horizontalHeader()->restoreState(settings.value(QStringLiteral("columns/") + objectName()).toByteArray());
}

void DataTable::rememberColumns(QSettings& settings) const {
    settings.setValue(QStringLiteral("columns/") + objectName(), horizontalHeader()->saveState());
}

bool DataTable::explain(const QModelIndex& index) {
    const QVariant found = index.data(explanation_role);
    if (!found.canConvert<units::Explanation>()) return false;
    ExplanationSheet::showFor(found.value<units::Explanation>(), viewport(), visualRect(index));
    return true;
}

void DataTable::keyPressEvent(QKeyEvent* event) {
    if (event->matches(QKeySequence::Copy)) {
        copy();
        return;
    }
    if (event->key() == Qt::Key_F1 && explain(currentIndex())) return;
    QTableView::keyPressEvent(event);
}

void DataTable::mousePressEvent(QMouseEvent* event) {
    // The first click on a row chooses it; a click on a figure of the chosen row asks why.
    const QModelIndex at = indexAt(event->pos());
    const bool chosen = at.isValid() && currentIndex().isValid() && at.row() == currentIndex().row();
    QTableView::mousePressEvent(event);
    if (chosen && event->button() == Qt::LeftButton && event->modifiers() == Qt::NoModifier) explain(at);
}

void DataTable::paintEvent(QPaintEvent* event) {
    QTableView::paintEvent(event);
    if (!model()) return;
    QPainter painter(viewport());
    painter.setPen(QPen(Look::instance().theme().hairline, 1));
    const int rows = model()->rowCount(rootIndex());
    // As far as the head's line.
    const int end = std::min(viewport()->width(), horizontalHeader()->length() - horizontalHeader()->offset());
    for (int row = std::max(0, rowAt(0)); row < rows; ++row) {
        const int y = rowViewportPosition(row) + rowHeight(row) - 1;
        if (y > viewport()->height()) break;
        painter.drawLine(0, y, end - 1, y);
    }
}

int compare_as_read(const QString& a, const QString& b) {
    static const QCollator collator = [] {
        QCollator made{QLocale(QLocale::English)};
        made.setNumericMode(true);
        made.setCaseSensitivity(Qt::CaseInsensitive);
        return made;
    }();
    return collator.compare(a, b);
}

QString csv_of(const QAbstractItemModel& model) {
    QString text;
    const auto line = [&](auto cell) {
        QStringList cells;
        for (int column = 0; column < model.columnCount(); ++column) cells << quoted(plain_cell(cell(column)));
        text += cells.join(QLatin1Char(',')) + QStringLiteral("\r\n");
    };
    line([&](int column) { return model.headerData(column, Qt::Horizontal); });
    for (int row = 0; row < model.rowCount(); ++row)
        line([&](int column) { return model.index(row, column).data(); });
    return text;
}

} // namespace sobremesa::app
