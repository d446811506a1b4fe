#include "app/widgets/check_delegate.hpp"

#include <QKeyEvent>
#include <QPainter>

#include "app/theme/look.hpp"

namespace sobremesa::app {

QRect CheckDelegate::box(const QRect& cell) {
    const int side = Look::instance().scaled(14);
    return {cell.left() + 2, cell.center().y() - side / 2, side, side};
}

void CheckDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const Look& look = Look::instance();
    QStyleOptionViewItem cell(option);
    initStyleOption(&cell, index);
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    if (option.state & QStyle::State_Selected && option.state & QStyle::State_HasFocus) {
        painter->fillRect(option.rect, look.theme().selection);
    }
    const QRectF square = QRectF(box(option.rect)).adjusted(0.5, 0.5, -0.5, -0.5);
    // A row that cannot be chosen has no box.
    if (index.data(Qt::CheckStateRole).isValid()) {
        painter->setPen(QPen(look.theme().field_border, 1.2));
        painter->setBrush(look.theme().panel);
        painter->drawRoundedRect(square, 2, 2);
    }
    if (index.data(Qt::CheckStateRole).toInt() == Qt::Checked) {
        painter->setPen(QPen(look.theme().ink, look.scaled(2), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        const QPointF tick[] = {{square.left() + 0.22 * square.width(), square.top() + 0.52 * square.height()},
                                {square.left() + 0.42 * square.width(), square.top() + 0.72 * square.height()},
                                {square.left() + 0.78 * square.width(), square.top() + 0.28 * square.height()}};
        painter->drawPolyline(tick, 3);
    }
    const QRect text = option.rect.adjusted(look.scaled(24), 0, 0, 0);
    painter->setFont(cell.font);
    painter->setPen(index.data(Qt::ForegroundRole).value<QColor>());
    painter->drawText(text, Qt::AlignLeft | Qt::AlignVCenter,
                      QFontMetrics(cell.font).elidedText(cell.text, Qt::ElideRight, text.width()));
    painter->restore();
}

bool CheckDelegate::editorEvent(QEvent* event, QAbstractItemModel* model, const QStyleOptionViewItem&,
                                const QModelIndex& index) {
    // The whole cell is the target: 24 px at the least, as every target here.
    const bool clicked = event->type() == QEvent::MouseButtonRelease;
    const bool pressed =
        event->type() == QEvent::KeyPress && static_cast<QKeyEvent*>(event)->key() == Qt::Key_Space;
    if (!clicked && !pressed) return false;
    const bool checked = index.data(Qt::CheckStateRole).toInt() == Qt::Checked;
    return model->setData(index, checked ? Qt::Unchecked : Qt::Checked, Qt::CheckStateRole);
}

} // namespace sobremesa::app
