#include "app/places/record_list/record_list_model.hpp"

#include <algorithm>

#include <QCoreApplication>
#include <QFont>

#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "core/units/explanation.hpp"
#include "wording/messages.hpp"

namespace sobremesa::app {

RecordListModel::RecordListModel(RecordList record_list, QObject* parent)
    : QAbstractTableModel(parent), record_list_(std::move(record_list)) {
    fields_ = record_list_.fields(Look::instance().quantities());
    connect(&Look::instance(), &Look::changed, this, [this] {
        // The same columns in other units: whatever is chosen stays chosen.
        fields_ = record_list_.fields(Look::instance().quantities());
        emit headerDataChanged(Qt::Horizontal, 0, columnCount() - 1);
        if (!ids_.empty()) emit dataChanged(index(0, 0), index(rowCount() - 1, columnCount() - 1));
    });
}

int RecordListModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(ids_.size());
}

int RecordListModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(fields_.size() + record_list_.figures.size()) + 1;
}

const RequestField* RecordListModel::field(int column) const {
    return std::size_t(column) < fields_.size() ? &fields_[std::size_t(column)] : nullptr;
}

int RecordListModel::rowOf(Id id) const {
    const auto found = std::find(ids_.begin(), ids_.end(), id);
    return found == ids_.end() ? -1 : int(found - ids_.begin());
}

void RecordListModel::refresh() {
    const std::vector<Id> now = record_list_.ids();
    if (now == ids_) {
        if (!ids_.empty()) emit dataChanged(index(0, 0), index(rowCount() - 1, columnCount() - 1));
        return;
    }
    beginResetModel();
    ids_ = now;
    endResetModel();
}

QVariant RecordListModel::data(const QModelIndex& index, int role) const {
    const Id id = ids_[std::size_t(index.row())];
    const bool retired = record_list_.retired(id);
    if (role == Qt::ForegroundRole && retired) return Look::instance().theme().soft_ink;
    if (const RequestField* f = field(index.column())) {
        const auto request = record_list_.request(id);
        const bool open = f->isOpen && f->isOpen(request);
        const bool unknown = open && !(f->number(request) > 0.0);
        switch (role) {
        case Qt::DisplayRole: return unknown ? QStringLiteral("–") : f->written(request);
        case Qt::EditRole: return open ? QString() : f->written(request);
        case Qt::TextAlignmentRole:
            return int(Qt::AlignVCenter | (f->kind == RequestField::Kind::number ? Qt::AlignRight : Qt::AlignLeft));
        case Qt::FontRole: {
            QFont font = Look::instance().font(Look::text_px, index.column() == 0 ? Look::Weight::semibold
                                                                                  : Look::Weight::regular);
            font.setItalic(open);
            return font;
        }
        case Qt::ForegroundRole: return open ? QVariant(Look::instance().theme().soft_ink) : QVariant();
        case Qt::ToolTipRole: return open ? tr("Assumed by the program; enter your own value.") : QVariant();
        case assumed_role: return open;
        case sort_role:
            return f->kind == RequestField::Kind::number ? QVariant(f->number(request)) : f->written(request);
        default: return {};
        }
    }
    const auto figure = std::size_t(index.column()) - fields_.size();
    if (figure < record_list_.figures.size()) {
        const auto explanation = record_list_.figures[figure].explanation(id);
        if (!explanation) return {};
        switch (role) {
        case Qt::DisplayRole: return Look::instance().quantities().text(explanation->quantity, explanation->value);
        case Qt::TextAlignmentRole: return int(Qt::AlignVCenter | Qt::AlignRight);
        case Qt::ToolTipRole: return tr("Why? (F1)");
        case explanation_role: return QVariant::fromValue(*explanation);
        case sort_role: return explanation->value.value;
        default: return {};
        }
    }
    if (role == Qt::DisplayRole) {
        const QString note = record_list_.note(id).simplified();
        return retired ? (note.isEmpty() ? tr("retired") : tr("retired; %1", "note").arg(note)) : note;
    }
    if (role == Qt::EditRole) return record_list_.note(id);
    if (role == Qt::DecorationRole) return words_off(false);
    if (role == sort_role) return record_list_.note(id);
    return {};
}

bool RecordListModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole) return false;
    const Id id = ids_[std::size_t(index.row())];
    const RequestField* f = field(index.column());
    if (!f) {
        record_list_.setNote(id, value.toString());
        return true;
    }
    auto request = record_list_.request(id);
    QString trouble = f->read(request, value.toString());
    if (trouble.isEmpty()) {
        if (auto error = record_list_.set(id, request)) {
            error->where = {};
            trouble = wording::message(*error);
        }
    }
    if (trouble.isEmpty()) return true;
    emit refused(
        index, tr("%1, “%2”: %3", "field, what was typed, what is wrong").arg(f->label, value.toString(), trouble));
    return false;
}

QVariant RecordListModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole) {
        const RequestField* f = field(section);
        const bool figure = !f && section < columnCount() - 1;
        return int(Qt::AlignVCenter |
                   (figure || (f && f->kind == RequestField::Kind::number) ? Qt::AlignRight : Qt::AlignLeft));
    }
    if (role == Qt::DecorationRole && section == columnCount() - 1) return words_off(true);
    if (role != Qt::DisplayRole) return {};
    if (const RequestField* f = field(section)) return f->header;
    const auto figure = std::size_t(section) - fields_.size();
    return figure < record_list_.figures.size() ? record_list_.figures[figure].header : tr("note");
}

Qt::ItemFlags RecordListModel::flags(const QModelIndex& index) const {
    const bool figure = !field(index.column()) && index.column() < columnCount() - 1;
    return QAbstractTableModel::flags(index) | (figure ? Qt::NoItemFlags : Qt::ItemIsEditable);
}

RecordListFilter::RecordListFilter(RecordListModel& model, QObject* parent)
    : QSortFilterProxyModel(parent), model_(model) {
    setSourceModel(&model);
    setDynamicSortFilter(true);
}

void RecordListFilter::setWanted(const QString& text) {
    wanted_ = text.trimmed();
    invalidateFilter();
}

void RecordListFilter::setShowsRetired(bool shows) {
    shows_retired_ = shows;
    invalidateFilter();
}

bool RecordListFilter::filterAcceptsRow(int row, const QModelIndex&) const {
    if (!shows_retired_ && model_.recordList().retired(model_.idAt(row))) return false;
    if (wanted_.isEmpty()) return true;
    for (int column = 0; column < model_.columnCount(); ++column) {
        if (model_.index(row, column).data().toString().contains(wanted_, Qt::CaseInsensitive)) return true;
    }
    return false;
}

bool RecordListFilter::lessThan(const QModelIndex& left, const QModelIndex& right) const {
    const QVariant a = left.data(sort_role);
    const QVariant b = right.data(sort_role);
    if (a.userType() == QMetaType::Double && b.userType() == QMetaType::Double) return a.toDouble() < b.toDouble();
    return compare_as_read(a.toString(), b.toString()) < 0;
}

} // namespace sobremesa::app
