#include "app/shell/place_rail.hpp"

#include <QFocusEvent>
#include <QPainter>
#include <QPainterPath>
#include <QVBoxLayout>

#include "app/theme/look.hpp"

namespace sobremesa::app {

RailButton::RailButton(const QString& name, Sign sign, QWidget* parent)
    : QAbstractButton(parent), sign_(std::move(sign)) {
    setText(name);
    setAccessibleName(name);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
}

QSize RailButton::sizeHint() const {
    const Look& look = Look::instance();
    return sign_only_ ? QSize(look.scaled(44), look.scaled(44)) : QSize(look.scaled(72), look.scaled(60));
}

void RailButton::paintEvent(QPaintEvent*) {
    const Look& look = Look::instance();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const bool here = isChecked();
    const QColor colour = here || underMouse() ? look.theme().ink : look.theme().soft_ink;
    if (here)
        painter.fillRect(QRect(0, look.scaled(10), look.scaled(3), height() - look.scaled(20)), look.theme().ink);
    painter.setPen(QPen(colour, look.scaled(1.6), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    const double size = look.scaled(18);
    const double top = sign_only_ ? 0.5 * (height() - size) : look.scaled(11);
    sign_(painter, QRectF(0.5 * (width() - size), top, size, size));
    if (!sign_only_) {
        painter.setFont(look.font(Look::small_px, here ? Look::Weight::semibold : Look::Weight::regular));
        painter.setPen(colour);
        painter.drawText(QRect(0, look.scaled(32), width(), look.scaled(20)), Qt::AlignCenter, text());
    }
    if (hasFocus() && focus_ring_) {
        painter.setPen(QPen(look.theme().ink, 1));
        painter.drawRect(rect().adjusted(3, 3, -4, -4));
    }
}

void RailButton::setSignOnly(bool sign_only) {
    sign_only_ = sign_only;
    updateGeometry();
    update();
}

void RailButton::focusInEvent(QFocusEvent* event) {
    focus_ring_ = event->reason() == Qt::TabFocusReason || event->reason() == Qt::BacktabFocusReason;
    QAbstractButton::focusInEvent(event);
}

PlaceRail::PlaceRail(QWidget* parent) : QWidget(parent), column_(new QVBoxLayout(this)) {
    column_->setContentsMargins(0, Look::instance().scaled(8), 0, Look::instance().scaled(8));
    column_->setSpacing(0);
    column_->addStretch(1);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Expanding);
}

RailButton* PlaceRail::addPlace(const QString& name, RailButton::Sign sign) {
    auto* button = new RailButton(name, std::move(sign));
    button->setCheckable(true);
    button->setAutoExclusive(true);
    // Places stand above the stretch, the foot below it.
    int at = 0;
    while (column_->itemAt(at)->widget()) ++at;
    column_->insertWidget(at, button);
    buttons_.push_back(button);
    return button;
}

RailButton* PlaceRail::addFoot(const QString& name, RailButton::Sign sign) {
    auto* button = new RailButton(name, std::move(sign));
    column_->addWidget(button);
    buttons_.push_back(button);
    return button;
}

void PlaceRail::setSignsOnly(bool signs_only) {
    for (RailButton* button : buttons_) button->setSignOnly(signs_only);
}

void PlaceRail::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Theme& theme = Look::instance().theme();
    painter.fillRect(rect(), theme.paper);
    painter.fillRect(QRect(width() - 1, 0, 1, height()), theme.hairline);
}

void paint_fleet_sign(QPainter& painter, const QRectF& b) {
    // A wing from above, and its body.
    const QPointF middle(b.center().x(), b.top() + 0.42 * b.height());
    painter.drawLine(QPointF(b.left(), middle.y() + 2), middle);
    painter.drawLine(middle, QPointF(b.right(), middle.y() + 2));
    painter.drawLine(QPointF(middle.x(), b.top() + 2), QPointF(middle.x(), b.bottom() - 1));
    painter.drawLine(QPointF(middle.x() - 3.5, b.bottom() - 2), QPointF(middle.x() + 3.5, b.bottom() - 2));
}

void paint_packs_sign(QPainter& painter, const QRectF& b) {
    // Two cells side by side, their strip and the two leads.
    const double w = 0.42 * b.width();
    const double top = b.top() + 0.34 * b.height();
    painter.drawRect(QRectF(b.left() + 1, top, w, b.bottom() - top - 1));
    painter.drawRect(QRectF(b.right() - 1 - w, top, w, b.bottom() - top - 1));
    painter.drawLine(QPointF(b.left() + 1 + 0.5 * w, top), QPointF(b.left() + 1 + 0.5 * w, b.top() + 1));
    painter.drawLine(QPointF(b.right() - 1 - 0.5 * w, top), QPointF(b.right() - 1 - 0.5 * w, b.top() + 1));
}

void paint_logbook_sign(QPainter& painter, const QRectF& b) {
    // An open book.
    const double middle = b.center().x();
    const QPointF left[] = {
        {middle, b.top() + 4}, {b.left(), b.top() + 2}, {b.left(), b.bottom() - 4}, {middle, b.bottom() - 2}};
    const QPointF right[] = {
        {middle, b.top() + 4}, {b.right(), b.top() + 2}, {b.right(), b.bottom() - 4}, {middle, b.bottom() - 2}};
    painter.drawPolyline(left, 4);
    painter.drawPolyline(right, 4);
    painter.drawLine(QPointF(middle, b.top() + 4), QPointF(middle, b.bottom() - 2));
}

void paint_sensors_sign(QPainter& painter, const QRectF& b) {
    // A balance: what was counted on one side, what was put back on the other.
    const double middle = b.center().x();
    const double beam = b.top() + 0.30 * b.height();
    painter.drawLine(QPointF(middle, b.top() + 1), QPointF(middle, b.bottom() - 1));
    painter.drawLine(QPointF(b.left() + 1, beam), QPointF(b.right() - 1, beam));
    painter.drawLine(QPointF(middle - 4, b.bottom() - 1), QPointF(middle + 4, b.bottom() - 1));
    for (const double x : {b.left() + 3.5, b.right() - 3.5}) {
        painter.drawLine(QPointF(x, beam), QPointF(x, beam + 5));
        painter.drawChord(QRectF(x - 3.5, beam + 2, 7, 7), 180 * 16, 180 * 16);
    }
}

void paint_plan_sign(QPainter& painter, const QRectF& b) {
    // Out, and back: two lines to a ring.
    const QPointF ring(b.right() - 4, b.top() + 4);
    painter.drawEllipse(ring, 3.2, 3.2);
    painter.drawLine(b.bottomLeft(), ring + QPointF(-3.6, 0.4));
    painter.drawLine(ring + QPointF(-0.4, 3.6), b.bottomLeft() + QPointF(5, 0));
}

void paint_watch_sign(QPainter& painter, const QRectF& b) {
    // An open eye over the ground.
    QPainterPath lid;
    lid.moveTo(b.left(), b.center().y());
    lid.quadTo(b.center().x(), b.top() - 2, b.right(), b.center().y());
    lid.quadTo(b.center().x(), b.bottom() + 2, b.left(), b.center().y());
    painter.drawPath(lid);
    painter.drawEllipse(b.center(), 0.16 * b.width(), 0.16 * b.width());
}

void paint_debrief_sign(QPainter& painter, const QRectF& b) {
    // A strip of a chart with its cursor.
    const QPointF line[] = {{b.left(), b.bottom() - 3},
                            {b.left() + 0.3 * b.width(), b.top() + 6},
                            {b.left() + 0.6 * b.width(), b.top() + 10},
                            {b.right(), b.top() + 2}};
    painter.drawPolyline(line, 4);
    painter.drawLine(QPointF(b.left() + 0.6 * b.width(), b.top()), QPointF(b.left() + 0.6 * b.width(), b.bottom()));
}

void paint_menu_sign(QPainter& painter, const QRectF& b) {
    for (const double f : {0.2, 0.5, 0.8}) {
        painter.drawLine(QPointF(b.left() + 1, b.top() + f * b.height()),
                         QPointF(b.right() - 1, b.top() + f * b.height()));
    }
}

} // namespace sobremesa::app
