#pragma once

#include <functional>

#include <QStyledItemDelegate>

namespace sobremesa::app {

/// Edits a cell in place: a line of text, or a list where the column has choices.
class CellEditor : public QStyledItemDelegate {
    Q_OBJECT
public:
    explicit CellEditor(std::function<QStringList(const QModelIndex&)> choices, QObject* parent = nullptr);
    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const override;
    void setEditorData(QWidget* editor, const QModelIndex& index) const override;
    void setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const override;
    void updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                              const QModelIndex& index) const override;

private:
    std::function<QStringList(const QModelIndex&)> choices_;
};

} // namespace sobremesa::app
