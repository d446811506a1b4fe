#include "app/widgets/hairline.hpp"

#include <QPainter>

#include "app/theme/look.hpp"

namespace sobremesa::app {

Hairline::Hairline(Qt::Orientation orientation, QWidget* parent) : QWidget(parent) {
    if (orientation == Qt::Horizontal)
        setFixedHeight(1);
    else
        setFixedWidth(1);
}

void Hairline::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), Look::instance().theme().hairline);
}

Panel::Panel(QWidget* parent) : QWidget(parent) {}

void Panel::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), Look::instance().theme().panel);
}

} // namespace sobremesa::app
