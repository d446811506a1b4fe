#include "app/widgets/choice_box.hpp"

#include <QPainter>

#include "app/theme/look.hpp"

namespace sobremesa::app {

void ChoiceBox::paintEvent(QPaintEvent*) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(hasFocus() ? QPen(theme.ink, 2) : QPen(theme.field_border, 1));
    painter.setBrush(theme.panel);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 3, 3);

    const double arrow = look.scaled(4);
    const QPointF tip(width() - look.scaled(14), 0.5 * height() + 0.5 * arrow);
    const QPointF chevron[] = {tip + QPointF(-arrow, -arrow), tip, tip + QPointF(arrow, -arrow)};
    painter.setPen(QPen(theme.ink, look.scaled(1.6), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(chevron, 3);
    const QRect text = rect().adjusted(look.scaled(8), 0, -look.scaled(24), 0);
    painter.setPen(theme.ink);
    painter.drawText(text, Qt::AlignLeft | Qt::AlignVCenter,
                     fontMetrics().elidedText(currentText(), Qt::ElideRight, text.width()));
}

} // namespace sobremesa::app
