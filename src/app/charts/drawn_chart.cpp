#include "app/charts/drawn_chart.hpp"

#include <QPainter>

#include "app/theme/look.hpp"

namespace sobremesa::app {

DrawnChart::DrawnChart(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    connect(&Look::instance(), &Look::changed, this, [this] {
        updateGeometry();
        update();
    });
}

void DrawnChart::paintInto(QPaintDevice& device, const QSize& size) {
    QPainter painter(&device);
    painter.setRenderHint(QPainter::Antialiasing);
    draw(painter, size);
}

void DrawnChart::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    draw(painter, size());
    if (!hasFocus()) return;
    painter.setPen(QPen(Look::instance().theme().ink, 1, Qt::DotLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRectF(0.5, 0.5, width() - 1.0, height() - 1.0));
}

} // namespace sobremesa::app
