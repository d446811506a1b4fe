#include "app/charts/plot_chart.hpp"

#include <QVBoxLayout>

#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"

namespace sobremesa::app {

PlotChart::PlotChart(QWidget* parent) : QWidget(parent), plot_(new QCustomPlot(this)) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(plot_);
    plot_->setFocusPolicy(Qt::NoFocus);
    plot_->setMouseTracking(true);
    plot_->installEventFilter(this);
    connect(&Look::instance(), &Look::changed, this, &PlotChart::followLook);
}

void PlotChart::paintInto(QPaintDevice& device, const QSize& size) {
    paint_plot(*plot_, device, size);
}

void PlotChart::clear() {
    plot_->clearItems();
    plot_->clearPlottables();
    plot_->setBackground(QBrush(Look::instance().theme().panel));
}

} // namespace sobremesa::app
