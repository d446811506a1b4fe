#include "app/places/debrief/set_aside_model.hpp"

#include "app/theme/look.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

SetAsideModel::SetAsideModel(QObject* parent) : QAbstractTableModel(parent) {}

void SetAsideModel::setList(std::vector<telemetry::SetAside> list) {
    beginResetModel();
    list_ = std::move(list);
    endResetModel();
}

int SetAsideModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(list_.size());
}

int SetAsideModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : column_count;
}

QVariant SetAsideModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const auto& entry = list_[std::size_t(index.row())];
    if (role == Qt::TextAlignmentRole) {
        return int((index.column() == reason ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
    }
    if (role == Qt::FontRole) return Look::instance().font(Look::text_px);
    if (role != Qt::DisplayRole && role != Qt::ToolTipRole) return {};
    const wording::Notation count{1.0, {}, 0};
    switch (index.column()) {
    case reason: return wording::name(entry.reason);
    case rows: return wording::written(double(entry.rows), 0.0, count);
    case first_row: return wording::written(double(entry.first_row), 0.0, count);
    default: return {};
    }
}

QVariant SetAsideModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole) {
        return int((section == reason ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
    }
    if (role == Qt::FontRole) return Look::instance().font(Look::small_px);
    if (role != Qt::DisplayRole) return {};
    switch (section) {
    case reason: return tr("excluded, and why");
    case rows: return tr("rows");
    case first_row: return tr("first line");
    default: return {};
    }
}

} // namespace sobremesa::app
