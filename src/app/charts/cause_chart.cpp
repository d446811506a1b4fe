#include "app/charts/cause_chart.hpp"

#include <algorithm>
#include <cmath>

#include <QPainter>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "wording/bill.hpp"

namespace sobremesa::app {

namespace {

constexpr int cause_row_px = 22;
/// Causes that are nothing in every flight are not drawn; the table has them.
constexpr double least_drawn_share = 0.002;

} // namespace

CauseChart::CauseChart(QWidget* parent) : DrawnChart(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("What flights took more or less than forecast, cause by cause"));
}

void CauseChart::setCauses(const std::optional<debrief::CausesOverFlights>& causes) {
    causes_ = causes;
    const auto& q = Look::instance().quantities();
    setAccessibleDescription(causes_ ? wording::causes_sentence(causes_, causes_->flights, 0, q) : QString());
    updateGeometry();
    update();
}

std::vector<CauseChart::Row> CauseChart::shown() const {
    std::vector<Row> rows;
    if (!causes_) return rows;
    for (const auto& row : causes_->rows) {
        if (std::abs(row.mean.value) + row.spread > least_drawn_share)
            rows.push_back({wording::name(row.cause), row.mean, row.spread});
    }
    rows.push_back({tr("Together"), causes_->whole, causes_->whole_spread});
    return rows;
}

QSize CauseChart::sizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(360), int(shown().size()) * look.scaled(cause_row_px) + look.scaled(4)};
}

ShownTable CauseChart::shownTable() const {
    ShownTable table{tr("Flights and their forecasts, by cause"),
                     {tr("cause"), tr("mean, %"), tr("error of the mean, %"), tr("between flights, %")},
                     {}};
    if (!causes_) return table;
    const auto add = [&](const QString& name, const units::Estimate& mean, double spread) {
        Cell cell;
        cell.text = name;
        table.rows.push_back({cell, figure_cell(percent * mean.value, 1), figure_cell(percent * mean.sd, 1),
                              figure_cell(percent * spread, 1)});
    };
    for (const auto& row : causes_->rows) add(wording::name(row.cause), row.mean, row.spread);
    add(tr("Together"), causes_->whole, causes_->whole_spread);
    return table;
}

void CauseChart::draw(QPainter& painter, const QSize& size) const {
    const auto rows = shown();
    if (rows.empty()) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const auto& q = look.quantities();
    painter.setFont(look.font(Look::small_px));
    const double row = look.scaled(cause_row_px);
    // As wide as the longest words; the bars take what is left.
    const QFontMetricsF metrics(painter.font());
    double names_px = 0.0;
    double values_px = 0.0;
    double least = 0.0;
    double most = 0.0;
    for (const Row& r : rows) {
        names_px = std::max(names_px, metrics.horizontalAdvance(r.name));
        values_px = std::max(values_px, metrics.horizontalAdvance(wording::mean_and_spread(r.mean, r.spread, q)));
        least = std::min(least, r.mean.value - r.spread);
        most = std::max(most, r.mean.value + r.spread);
    }
    const double left = names_px + look.scaled(12);
    const double right = std::max(size.width() - values_px - look.scaled(12), left + 40.0);
    const double room = std::max(most - least, 1e-6);
    const auto x_of = [&](double share) { return left + (share - least) / room * (right - left); };
    painter.setPen(QPen(theme.ink, look.scaled(1)));
    painter.drawLine(QPointF(x_of(0.0), 0.0), QPointF(x_of(0.0), double(rows.size()) * row));
    double y = 0.0;
    for (std::size_t i = 0; i < rows.size(); ++i, y += row) {
        const Row& r = rows[i];
        if (i + 1 == rows.size()) {
            painter.setPen(QPen(theme.hairline, 1));
            painter.drawLine(QPointF(0.0, y), QPointF(size.width(), y));
        }
        const double from = std::min(x_of(0.0), x_of(r.mean.value));
        const double wide = std::abs(x_of(r.mean.value) - x_of(0.0));
        painter.setPen(QPen(theme.ink, 1));
        painter.setBrush(r.mean.value > 0.0 ? QBrush(theme.soft_ink) : QBrush(Qt::NoBrush));
        painter.drawRect(QRectF(from, y + 0.28 * row, wide, 0.44 * row));
        painter.setPen(QPen(theme.field_border, look.scaled(1)));
        painter.drawLine(QPointF(x_of(r.mean.value - r.spread), y + 0.5 * row),
                         QPointF(x_of(r.mean.value + r.spread), y + 0.5 * row));
        painter.setPen(theme.ink);
        painter.drawText(QRectF(0, y, left - look.scaled(8), row), Qt::AlignVCenter | Qt::AlignLeft, r.name);
        painter.drawText(QRectF(right + look.scaled(8), y, size.width() - right - look.scaled(8), row),
                         Qt::AlignVCenter | Qt::AlignRight, wording::mean_and_spread(r.mean, r.spread, q));
    }
}

} // namespace sobremesa::app
