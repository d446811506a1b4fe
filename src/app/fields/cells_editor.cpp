#include "app/fields/cells_editor.hpp"

#include <algorithm>

#include <QPainter>
#include <QSignalBlocker>

#include "app/theme/look.hpp"

namespace sobremesa::app {

namespace {
constexpr int most_rows_shown = 9;
}

CellsEditor::CellsEditor(const QString& spoken, const QStringList& heads, int words)
    : SmallTable(spoken, spoken, heads, words) {
    setSelectionBehavior(QAbstractItemView::SelectItems);
    setEditTriggers(QAbstractItemView::AllEditTriggers);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setTabKeyNavigation(false); // while nothing is typed, Tab goes on to the next field
    connect(this, &QTableWidget::cellChanged, this, [this] {
        {
            const QSignalBlocker quiet(*this);
            keepOneEmpty();
        }
        emit cellsEdited();
    });
    setCells({});
}

void CellsEditor::setCells(const std::vector<QStringList>& rows) {
    if (rowCount() > 0 && cells() == rows) return;
    const QSignalBlocker quiet(this);
    setRowCount(int(rows.size()));
    for (std::size_t row = 0; row < rows.size(); ++row) {
        for (int column = 0; column < columnCount(); ++column) put(int(row), column, rows[row].value(column), true);
    }
    keepOneEmpty();
}

QString CellsEditor::textAt(int row, int column) const {
    const QTableWidgetItem* cell = item(row, column);
    return cell ? cell->text().trimmed() : QString();
}

std::vector<QStringList> CellsEditor::cells() const {
    std::vector<QStringList> rows;
    for (int row = 0; row < rowCount(); ++row) {
        QStringList texts;
        for (int column = 0; column < columnCount(); ++column) texts << textAt(row, column);
        if (std::any_of(texts.begin(), texts.end(), [](const QString& text) { return !text.isEmpty(); }))
            rows.push_back(std::move(texts));
    }
    return rows;
}

void CellsEditor::paintEvent(QPaintEvent* event) {
    SmallTable::paintEvent(event);
    if (isTypedIn()) return;
    QPainter painter(viewport());
    const Look& look = Look::instance();
    painter.setPen(look.theme().soft_ink);
    const QRect place = visualRect(model()->index(rowCount() - 1, 0));
    painter.drawText(QRectF(place.x() + look.scaled(4), place.y(), viewport()->width(), place.height()),
                     Qt::AlignLeft | Qt::AlignVCenter, tr("type a row here"));
}

void CellsEditor::keepOneEmpty() {
    const auto is_empty = [this](int row) {
        for (int column = 0; column < columnCount(); ++column) {
            if (!textAt(row, column).isEmpty()) return false;
        }
        return true;
    };
    if (rowCount() == 0 || !is_empty(rowCount() - 1)) {
        const int row = rowCount();
        setRowCount(row + 1);
        for (int column = 0; column < columnCount(); ++column) put(row, column, {}, true);
    }
    fitRows(most_rows_shown);
}

} // namespace sobremesa::app
