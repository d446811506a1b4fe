#include "app/charts/chart_style.hpp"

#include "app/theme/look.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

void style_axis(QCPAxis* axis, bool visible) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    axis->setVisible(visible);
    axis->setBasePen(Qt::NoPen);
    axis->setTickPen(Qt::NoPen);
    axis->setSubTickPen(Qt::NoPen);
    axis->setTickLabelColor(theme.soft_ink);
    axis->setTickLabelFont(look.font(Look::small_px));
    axis->setLabelColor(theme.soft_ink);
    axis->setLabelFont(look.font(Look::small_px));
    axis->setTickLabelPadding(look.scaled(6));
    axis->parentPlot()->setLocale(QLocale::c());
    // As many figures as the steps need: a step of 2.5 must not be written 3.
    axis->setNumberFormat(QStringLiteral("g"));
    axis->setNumberPrecision(6);
    axis->grid()->setPen(QPen(theme.hairline, 1));
    axis->grid()->setZeroLinePen(QPen(theme.hairline, 1));
    axis->grid()->setSubGridVisible(false);
}

void style_axis_rect(QCPAxisRect* rect) {
    for (QCPAxis* axis : rect->axes()) style_axis(axis, axis->visible());
    rect->axis(QCPAxis::atBottom)->grid()->setVisible(false);
    rect->setBackground(QBrush(Qt::NoBrush));
}

QCPAxisRect* add_part(QCustomPlot* plot, int row, int column, double left, double right) {
    const Look& look = Look::instance();
    auto* rect = new QCPAxisRect(plot);
    plot->plotLayout()->addElement(row, column, rect);
    rect->setMinimumMargins(QMargins(look.scaled(left), look.scaled(22), look.scaled(right), look.scaled(22)));
    style_axis_rect(rect);
    for (QCPAxis* axis : rect->axes()) axis->setLayer(QStringLiteral("axes"));
    return rect;
}

void add_heading(QCPAxisRect* rect, const QString& title) {
    const Look& look = Look::instance();
    auto* heading = add_text(rect->parentPlot(), look.theme().ink, Look::small_px, true);
    heading->position->setType(QCPItemPosition::ptAxisRectRatio);
    heading->position->setAxisRect(rect);
    heading->position->setCoords(0.0, 0.0);
    heading->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
    heading->setPadding(QMargins(0, 0, 0, look.scaled(3)));
    heading->setText(title);
}

QCPItemText* add_text(QCustomPlot* plot, const QColor& colour, double pixels, bool bold) {
    auto* text = new QCPItemText(plot);
    text->setColor(colour);
    text->setFont(Look::instance().font(pixels, bold ? Look::Weight::semibold : Look::Weight::regular));
    text->setClipToAxisRect(false);
    return text;
}

QBrush hatching(const QColor& colour) {
    // Drawn here rather than with Qt's patterns: those are one pixel wide at any size of text, and lose their
    // colour.
    const int side = Look::instance().scaled(8);
    QPixmap tile(side, side);
    tile.fill(Qt::transparent);
    QPainter painter(&tile);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, 1.1));
    for (const int shift : {-side, 0, side}) painter.drawLine(shift, side, shift + side, 0);
    return QBrush(tile);
}

namespace {

/// Writes numbers as the rest of the window does: grouped, and with a minus sign.
class WrittenTicker : public QCPAxisTicker {
public:
    explicit WrittenTicker(const QCPAxis* unit_on_top) : unit_on_top_(unit_on_top) {}

protected:
    QString getTickLabel(double tick, const QLocale& locale, QChar format, int precision) override {
        if (unit_on_top_ && isUnderTheUnit(tick)) return {};
        QString plain = QCPAxisTicker::getTickLabel(tick, locale, format, precision);
        if (plain.contains(QLatin1Char('e'))) return plain;
        const auto point = plain.indexOf(locale.decimalPoint());
        return wording::written(tick, 0.0, {1.0, {}, point < 0 ? 0 : int(plain.size() - point) - 1});
    }

private:
    bool isUnderTheUnit(double tick) const {
        const QCPRange range = unit_on_top_->range();
        const double below_top_px = (range.upper - tick) / range.size() * unit_on_top_->axisRect()->height();
        return below_top_px < 1.3 * Look::instance().font(Look::small_px).pixelSize();
    }
    const QCPAxis* unit_on_top_;
};

} // namespace

QSharedPointer<QCPAxisTicker> plain_ticker(int wanted_ticks, const QCPAxis* unit_on_top) {
    auto ticker = QSharedPointer<QCPAxisTicker>(new WrittenTicker(unit_on_top));
    ticker->setTickCount(wanted_ticks);
    ticker->setTickStepStrategy(QCPAxisTicker::tssReadability);
    return ticker;
}

void paint_plot(QCustomPlot& plot, QPaintDevice& device, const QSize& size) {
    QCPPainter painter(&device);
    painter.setMode(QCPPainter::pmVectorized);
    painter.setMode(QCPPainter::pmNoCaching);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(QRect(QPoint(), size), plot.palette().window());
    plot.toPainter(&painter, size.width(), size.height());
}

} // namespace sobremesa::app
