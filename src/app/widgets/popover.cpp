#include "app/widgets/popover.hpp"

#include <algorithm>

#include <QPainter>
#include <QScreen>

#include "app/theme/look.hpp"

namespace sobremesa::app {

Popover::Popover(QWidget* parent) : QFrame(parent, Qt::Popup), column_(new QVBoxLayout(this)) {
    const Look& look = Look::instance();
    setAttribute(Qt::WA_DeleteOnClose);
    const int margin = look.scaled(16);
    column_->setContentsMargins(margin, look.scaled(12), margin, margin);
    column_->setSpacing(look.scaled(8));
}

void Popover::popUpBy(const QWidget* anchor, const QRect& place) {
    adjustSize();
    QPoint at = anchor->mapToGlobal(place.bottomLeft() + QPoint(0, Look::instance().scaled(4)));
    if (const QScreen* screen = anchor->screen()) {
        const QRect room = screen->availableGeometry();
        if (at.y() + height() > room.bottom()) at.setY(anchor->mapToGlobal(place.topLeft()).y() - height());
        at.setX(std::clamp(at.x(), room.left(), std::max(room.left(), room.right() - width())));
        at.setY(std::max(at.y(), room.top()));
    }
    move(at);
    show();
}

void Popover::paintEvent(QPaintEvent*) {
    const Theme& theme = Look::instance().theme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.panel);
    painter.setPen(theme.field_border);
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

} // namespace sobremesa::app
