#include "app/places/watch/big_figure.hpp"

#include <algorithm>

#include <QPainter>
#include <QPainterPath>

#include "app/theme/look.hpp"

namespace sobremesa::app {

namespace {

constexpr double figure_px = 60.0;
constexpr double least_figure_px = 30.0;
constexpr double unit_px = 24.0;
constexpr double caption_px = 15.0;

} // namespace

BigFigure::BigFigure(const QString& caption, QWidget* parent) : QWidget(parent), caption_(caption) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setFocusPolicy(Qt::TabFocus);
    setFigure(QStringLiteral("–"), {});
    connect(&Look::instance(), &Look::changed, this, [this] {
        updateGeometry();
        update();
    });
}

void BigFigure::setFigure(const QString& figure, const QString& unit, const QString& below, bool warns) {
    figure_ = figure;
    unit_ = unit;
    below_ = below;
    warns_ = warns;
    setAccessibleName(QStringLiteral("%1: %2 %3, %4").arg(caption_, figure_, unit_, below_));
    update();
}

QSize BigFigure::sizeHint() const {
    return {Look::instance().scaled(300), Look::instance().scaled(98)};
}

QSize BigFigure::minimumSizeHint() const {
    return {Look::instance().scaled(170), Look::instance().scaled(98)};
}

void BigFigure::paintEvent(QPaintEvent*) {
    const Look& look = Look::instance();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QColor colour = warns_ ? look.theme().warning : look.theme().ink;
    const int left = look.scaled(2);
    painter.setPen(look.theme().soft_ink);
    painter.setFont(look.font(caption_px, Look::Weight::medium));
    const QFontMetrics small(painter.font());
    painter.drawText(QPointF(left, small.ascent()), caption_);
    // As large as there is room for.
    double px = figure_px;
    const double room = width() - look.scaled(8) - (warns_ ? look.scaled(34) : 0);
    const auto wide = [&](double size) {
        return QFontMetricsF(look.font(size, Look::Weight::semibold)).horizontalAdvance(figure_) +
               QFontMetricsF(look.font(unit_px, Look::Weight::medium)).horizontalAdvance(QLatin1Char(' ') + unit_);
    };
    while (px > least_figure_px && wide(px) > room) px -= 2.0;
    const QFont font = look.font(px, Look::Weight::semibold);
    const double base =
        small.height() + QFontMetricsF(look.font(figure_px, Look::Weight::semibold)).ascent() * 0.86;
    double x = left;
    if (warns_) {
        const double size = look.scaled(26);
        QPainterPath triangle;
        triangle.moveTo(x + 0.5 * size, base - size);
        triangle.lineTo(x + size, base);
        triangle.lineTo(x, base);
        triangle.closeSubpath();
        painter.fillPath(triangle, colour);
        x += look.scaled(34);
    }
    painter.setPen(colour);
    painter.setFont(font);
    painter.drawText(QPointF(x, base), figure_);
    x += QFontMetricsF(font).horizontalAdvance(figure_);
    painter.setFont(look.font(unit_px, Look::Weight::medium));
    painter.drawText(QPointF(x, base), QLatin1Char(' ') + unit_);
    painter.setPen(look.theme().soft_ink);
    painter.setFont(look.font(caption_px));
    const QString shown = QFontMetrics(painter.font()).elidedText(below_, Qt::ElideRight, width() - left);
    painter.drawText(QPointF(left, height() - look.scaled(4)), shown);
    if (hasFocus()) {
        painter.setPen(QPen(look.theme().ink, 1, Qt::DotLine));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

} // namespace sobremesa::app
