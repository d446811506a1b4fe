#pragma once

#include <QAbstractTableModel>
#include <QSortFilterProxyModel>

#include "app/places/record_list/record_list.hpp"

namespace sobremesa::app {

/// A list as a table: its fields, editable in place, then its figures, then the note.
class RecordListModel : public QAbstractTableModel {
    Q_OBJECT
public:
    explicit RecordListModel(RecordList record_list, QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;

    const RecordList& recordList() const { return record_list_; }
    const RequestField* field(int column) const;
    Id idAt(int row) const { return ids_[std::size_t(row)]; }
    int rowOf(Id id) const;
    /// The list has changed.
    void refresh();

signals:
    /// What was typed in a cell cannot be; the words say why.
    void refused(const QModelIndex& index, const QString& words);

private:
    RecordList record_list_;
    std::vector<RequestField> fields_;
    std::vector<Id> ids_;
};

/// Sorts by value, hides what is retired until asked for, and finds by any text of a row.
class RecordListFilter : public QSortFilterProxyModel {
    Q_OBJECT
public:
    explicit RecordListFilter(RecordListModel& model, QObject* parent = nullptr);
    void setWanted(const QString& text);
    void setShowsRetired(bool shows);

protected:
    bool filterAcceptsRow(int row, const QModelIndex& parent) const override;
    bool lessThan(const QModelIndex& left, const QModelIndex& right) const override;

private:
    RecordListModel& model_;
    QString wanted_;
    bool shows_retired_ = false;
};

} // namespace sobremesa::app
