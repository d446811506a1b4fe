#pragma once

#include <QStyledItemDelegate>

namespace sobremesa::app {

/// Draws the box before a checkable cell in the theme's own lines.
class CheckDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    bool editorEvent(QEvent* event, QAbstractItemModel* model, const QStyleOptionViewItem& option,
                     const QModelIndex& index) override;

private:
    static QRect box(const QRect& cell);
};

} // namespace sobremesa::app
