#include "app/widgets/popover.hpp"

#include <algorithm>

#include <QScreen>

#include "app/theme/look.hpp"

namespace sobremesa::app {

Popover::Popover(QWidget* parent) : QFrame(parent, Qt::Popup), column_(new QVBoxLayout(this)) {
    const Look& look = Look::instance();
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("popover"));
    setStyleSheet(QStringLiteral("#popover { background: %1; border: 1px solid %2; }")
                      .arg(look.theme().panel.name(), look.theme().field_border.name()));
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

} // namespace sobremesa::app
