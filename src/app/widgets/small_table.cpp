#include "app/widgets/small_table.hpp"

#include <QHeaderView>
#include <QLineEdit>

#include "app/theme/look.hpp"
#include "io/text_number.hpp"

namespace sobremesa::app {

SmallTable::SmallTable(const QString& object, const QString& spoken, const QStringList& heads, int words)
    : QTableWidget(0, int(heads.size())), words_(words) {
    setObjectName(object);
    setAccessibleName(spoken);
    setHorizontalHeaderLabels(heads);
    // A head stands where its column does.
    for (int column = 0; column < columnCount(); ++column)
        horizontalHeaderItem(column)->setTextAlignment(alignment(column));
    verticalHeader()->hide();
    verticalHeader()->setDefaultSectionSize(Look::instance().scaled(26));
    horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    horizontalHeader()->setHighlightSections(false);
    setFrameShape(QFrame::NoFrame);
    setShowGrid(false);
    setSelectionBehavior(QAbstractItemView::SelectRows);
    setSelectionMode(QAbstractItemView::SingleSelection);
}

Qt::Alignment SmallTable::alignment(int column) const {
    return (column < words_ ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter;
}

void SmallTable::put(int row, int column, const QString& text, bool editable) {
    auto* item = new QTableWidgetItem(text);
    item->setTextAlignment(alignment(column));
    if (!editable) item->setFlags(item->flags() & ~Qt::ItemIsEditable);
    setItem(row, column, item);
}

int SmallTable::firstEditable() const {
    int column = 0;
    while (column + 1 < columnCount() && item(0, column) && !(item(0, column)->flags() & Qt::ItemIsEditable))
        ++column;
    return column;
}

void SmallTable::fitRows(int most) {
    const int head = horizontalHeader()->sizeHint().height();
    setFixedHeight(head + std::min(rowCount(), most) * verticalHeader()->defaultSectionSize() + 2 * frameWidth());
}

QString SmallTable::figure(double value, int decimals) {
    return QString::fromStdString(io::text_from_number(value, decimals));
}

bool SmallTable::isTypedIn() const {
    return findChild<QLineEdit*>() != nullptr;
}

} // namespace sobremesa::app
