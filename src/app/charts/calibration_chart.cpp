#include "app/charts/calibration_chart.hpp"

#include <cmath>

#include <QPainter>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"

namespace sobremesa::app {

namespace {

constexpr int plot_side_px = 190;
constexpr int plot_left_px = 44;
constexpr int plot_foot_px = 34;
constexpr int plot_head_px = 22;
constexpr int title_px = 18;
constexpr int plot_right_px = 18;

} // namespace

CalibrationChart::CalibrationChart(QWidget* parent) : DrawnChart(parent) {
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    setAccessibleName(tr("How often flights fell within the band"));
}

void CalibrationChart::setShares(std::vector<learning::BandShare> shares, int forecasts) {
    shares_ = std::move(shares);
    forecasts_ = forecasts;
    setAccessibleDescription(shares_.empty() ? QString()
                                             : tr("%1 % of %2 forecasts fell within the 90 % band.")
                                                   .arg(std::lround(percent * shares_.back().observed))
                                                   .arg(forecasts_));
    update();
}

QSize CalibrationChart::sizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(plot_side_px + plot_left_px),
            look.scaled(plot_side_px + plot_foot_px + plot_head_px - plot_right_px)};
}

ShownTable CalibrationChart::shownTable() const {
    ShownTable table{tr("Flights within the band"), {tr("band, %"), tr("within, %")}, {}};
    for (const auto& share : shares_)
        table.rows.push_back({figure_cell(percent * share.nominal, 0), figure_cell(percent * share.observed, 0)});
    return table;
}

void CalibrationChart::draw(QPainter& painter, const QSize& size) const {
    if (shares_.empty()) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    painter.setFont(look.font(Look::small_px));
    const QRectF field(look.scaled(plot_left_px), look.scaled(plot_head_px),
                       size.width() - look.scaled(plot_left_px + plot_right_px),
                       size.height() - look.scaled(plot_foot_px + plot_head_px));
    const auto at = [&](double x, double y) {
        return QPointF(field.left() + x * field.width(), field.bottom() - y * field.height());
    };
    painter.setPen(QPen(theme.hairline, 1));
    for (const double line : {0.0, 0.5, 1.0}) {
        painter.drawLine(at(0.0, line), at(1.0, line));
        painter.drawLine(at(line, 0.0), at(line, 1.0));
    }
    painter.setPen(theme.soft_ink);
    for (const double line : {0.0, 0.5, 1.0}) {
        const QString text = QString::number(int(percent * line));
        painter.drawText(
            QRectF(0, at(0, line).y() - look.scaled(9), field.left() - look.scaled(6), look.scaled(18)),
            Qt::AlignRight | Qt::AlignVCenter, text);
        painter.drawText(QRectF(at(line, 0).x() - look.scaled(20), field.bottom() + look.scaled(1), look.scaled(40),
                                look.scaled(16)),
                         Qt::AlignHCenter | Qt::AlignTop, text);
    }
    painter.drawText(QRectF(0, 0, size.width(), look.scaled(title_px)), Qt::AlignRight | Qt::AlignTop,
                     tr("within, % of %1 forecasts").arg(forecasts_));
    painter.drawText(QRectF(field.left(), field.bottom() + look.scaled(16), field.width(), look.scaled(18)),
                     Qt::AlignHCenter | Qt::AlignTop, tr("band, %"));
    painter.setPen(QPen(theme.ink, look.scaled(1.2), Qt::DashLine));
    painter.drawLine(at(0.0, 0.0), at(1.0, 1.0));
    painter.setPen(QPen(theme.ink, look.scaled(1.2)));
    painter.setBrush(theme.ink);
    for (const auto& share : shares_)
        painter.drawEllipse(at(share.nominal, share.observed), look.scaled(3), look.scaled(3));
}

} // namespace sobremesa::app
