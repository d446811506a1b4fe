#include "app/widgets/cell_model.hpp"

#include <QPixmap>

#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "core/units/explanation.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

QVariant words_off(bool head) {
    QPixmap picture(Look::instance().scaled(head ? 12 : 8), 1);
    picture.fill(Qt::transparent);
    return picture;
}

void CellModel::setCells(const QStringList& headers, std::vector<std::vector<Cell>> rows) {
    // The same shape keeps its selection and its scroll place.
    if (headers == headers_ && rows.size() == rows_.size() && !rows.empty()) {
        rows_ = std::move(rows);
        emit dataChanged(index(0, 0), index(rowCount() - 1, columnCount() - 1));
        return;
    }
    beginResetModel();
    headers_ = headers;
    rows_ = std::move(rows);
    endResetModel();
}

int CellModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(rows_.size());
}

int CellModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(headers_.size());
}

bool CellModel::followsFigures(int column) const {
    if (column < 1 || rows_.empty()) return false;
    const auto& row = rows_.front();
    return row[std::size_t(column) - 1].figure && !row[std::size_t(column)].figure;
}

QVariant CellModel::data(const QModelIndex& index, int role) const {
    const Cell& cell = rows_[std::size_t(index.row())][std::size_t(index.column())];
    switch (role) {
    case Qt::DisplayRole: return cell.text;
    case Qt::TextAlignmentRole: return int(Qt::AlignVCenter | (cell.figure ? Qt::AlignRight : Qt::AlignLeft));
    case Qt::FontRole:
        return Look::instance().font(Look::text_px, cell.strong ? Look::Weight::semibold : Look::Weight::regular);
    case Qt::DecorationRole: return followsFigures(index.column()) ? words_off(false) : QVariant();
    case Qt::ToolTipRole: return cell.explanation ? tr("Why? (F1)") : QVariant();
    case explanation_role: return cell.explanation ? QVariant::fromValue(*cell.explanation) : QVariant();
    case sort_role: return cell.sort.isValid() ? cell.sort : QVariant(cell.text);
    default: return {};
    }
}

QVariant CellModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::DisplayRole) return headers_.value(section);
    if (role == Qt::DecorationRole && followsFigures(section)) return words_off(true);
    if (role == Qt::TextAlignmentRole) {
        const bool figure = !rows_.empty() && rows_.front()[std::size_t(section)].figure;
        return int(Qt::AlignVCenter | (figure ? Qt::AlignRight : Qt::AlignLeft));
    }
    return {};
}

Cell text_cell(const QString& text, bool strong) {
    Cell cell;
    cell.text = text;
    cell.strong = strong;
    return cell;
}

Cell figure_cell(double value, int decimals) {
    Cell cell;
    cell.figure = true;
    cell.sort = value;
    cell.text = wording::written(value, 0.0, {1.0, {}, decimals});
    return cell;
}

Cell explained_cell(const std::optional<units::Explanation>& explanation) {
    Cell cell;
    cell.figure = true;
    cell.text = QStringLiteral("–");
    cell.sort = -1.0;
    if (!explanation) return cell;
    cell.text = Look::instance().quantities().text(explanation->quantity, explanation->value);
    cell.sort = explanation->value.value;
    cell.explanation = explanation;
    return cell;
}

} // namespace sobremesa::app
