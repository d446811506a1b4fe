#include "app/widgets/scroll_column.hpp"

#include <QEvent>
#include <QLayout>

namespace sobremesa::app {

ScrollColumn::ScrollColumn(QWidget* inside, QWidget* parent) : QScrollArea(parent) {
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::NoFocus);
    setWidget(inside);
    inside->installEventFilter(this);
}

bool ScrollColumn::eventFilter(QObject* watched, QEvent* event) {
    if (watched == widget() && event->type() == QEvent::LayoutRequest) fitHeight();
    return QScrollArea::eventFilter(watched, event);
}

void ScrollColumn::resizeEvent(QResizeEvent* event) {
    QScrollArea::resizeEvent(event);
    fitHeight();
}

void ScrollColumn::fitHeight() {
    if (!widget() || !widget()->layout()) return;
    const int needed = widget()->layout()->totalHeightForWidth(viewport()->width());
    if (needed > 0 && widget()->minimumHeight() != needed) widget()->setMinimumHeight(needed);
}

} // namespace sobremesa::app
