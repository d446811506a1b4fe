#include "app/widgets/scroll_column.hpp"

#include <QCoreApplication>
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

// Past Qt's own scroll area on purpose: it is what lays out too early.
// NOLINTBEGIN(bugprone-parent-virtual-call)
bool ScrollColumn::event(QEvent* event) {
    // Qt lays the whole column out for each of these. A new look sends one before the fonts have followed it, and
    // what nobody sees is laid out when it is shown.
    if (event->type() == QEvent::StyleChange) {
        QCoreApplication::postEvent(this, new QEvent(QEvent::LayoutRequest));
        return QAbstractScrollArea::event(event);
    }
    if (event->type() == QEvent::LayoutRequest && !isVisible()) return QAbstractScrollArea::event(event);
    return QScrollArea::event(event);
}
// NOLINTEND(bugprone-parent-virtual-call)

void ScrollColumn::showEvent(QShowEvent* event) {
    QScrollArea::showEvent(event);
    fitHeight();
    QCoreApplication::postEvent(this, new QEvent(QEvent::LayoutRequest));
}

bool ScrollColumn::eventFilter(QObject* watched, QEvent* event) {
    if (watched == widget() && event->type() == QEvent::LayoutRequest && isVisible()) fitHeight();
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
