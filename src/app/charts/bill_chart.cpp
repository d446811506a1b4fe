#include "app/charts/bill_chart.hpp"

#include <algorithm>
#include <cmath>

#include <QPainter>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/quantity.hpp"
#include "wording/bill.hpp"

namespace sobremesa::app {

namespace {

constexpr int part_row_px = 22;
/// Causes that are nothing and surely so are not drawn; the table has them.
constexpr double least_share = 0.002;

} // namespace

BillChart::BillChart(QWidget* parent) : DrawnChart(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("From forecast to flown, cause by cause"));
}

void BillChart::setBill(const std::optional<debrief::Bill>& bill) {
    bill_ = bill;
    setAccessibleDescription(bill_ ? wording::sentence(*bill_, Look::instance().quantities()) : QString());
    updateGeometry();
    update();
}

std::vector<debrief::BillRow> BillChart::shown() const {
    std::vector<debrief::BillRow> rows;
    if (!bill_) return rows;
    std::copy_if(bill_->rows.begin(), bill_->rows.end(), std::back_inserter(rows), [&](const auto& row) {
        return row.cause != debrief::BillCause::pack &&
               std::abs(row.wh.value) > least_share * std::max(bill_->forecast.wh, bill_->flown.wh);
    });
    return rows;
}

QSize BillChart::sizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(420), int(shown().size() + 2) * look.scaled(part_row_px) + look.scaled(4)};
}

ShownTable BillChart::shownTable() const {
    ShownTable table{tr("From forecast to flown"),
                     {tr("cause"), tr("energy, Wh"), tr("error, Wh"), tr("charge, mAh"), tr("distance, m")},
                     {}};
    if (!bill_) return table;
    constexpr double mah = 1000.0;
    const auto sums = [&](const QString& name, const debrief::BillSums& of) {
        Cell cell;
        cell.text = name;
        table.rows.push_back(
            {cell, figure_cell(of.wh, 2), Cell{}, figure_cell(mah * of.ah, 0), figure_cell(of.distance_m, 0)});
    };
    sums(tr("Forecast"), bill_->forecast);
    for (const auto& row : bill_->rows) {
        Cell cell;
        cell.text = wording::name(row.cause);
        table.rows.push_back({cell, figure_cell(row.wh.value, 2), figure_cell(row.wh.sd, 2),
                              figure_cell(mah * row.ah, 0), figure_cell(row.distance_m, 0)});
    }
    sums(tr("Flown"), bill_->flown);
    return table;
}

void BillChart::draw(QPainter& painter, const QSize& size) const {
    if (!bill_) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const auto& q = look.quantities();
    const auto rows = shown();
    painter.setFont(look.font(Look::small_px));
    const double row = look.scaled(part_row_px);
    const auto sums_text = [&](const debrief::BillSums& of) {
        return tr("%1 over %2", "energy, distance")
            .arg(q.text(units::Quantity::used_energy, {of.wh, 0.005 * of.wh}), q.distance(of.distance_m, 50.0));
    };
    // As wide as the longest words; the bars take what is left.
    const QFontMetricsF metrics(painter.font());
    double names_px = metrics.horizontalAdvance(tr("Forecast"));
    double values_px = std::max(metrics.horizontalAdvance(sums_text(bill_->forecast)),
                                metrics.horizontalAdvance(sums_text(bill_->flown)));
    for (const auto& r : rows) {
        names_px = std::max(names_px, metrics.horizontalAdvance(wording::name(r.cause)));
        values_px = std::max(values_px, metrics.horizontalAdvance(wording::energy_and_distance(r, q)));
    }
    const double left = names_px + look.scaled(12);
    const double right = std::max(size.width() - values_px - look.scaled(12), left + 40.0);
    // From as low as the bars reach, so that small causes beside large sums can be seen.
    double least = std::min(bill_->forecast.wh, bill_->flown.wh);
    double most = std::max(bill_->forecast.wh, bill_->flown.wh);
    double at = bill_->forecast.wh;
    for (const auto& r : rows) {
        least = std::min({least, at, at + r.wh.value - r.wh.sd});
        most = std::max({most, at, at + r.wh.value + r.wh.sd});
        at += r.wh.value;
    }
    const double room = std::max(most - least, 1e-6);
    const double from = std::max(least - 0.35 * room, 0.0);
    const auto x_of = [&](double wh) { return left + (wh - from) / (most - from) * (right - left); };
    const auto words = [&](double y, const QString& name, const QString& value) {
        painter.setPen(theme.ink);
        const QRectF place(0, y, left - look.scaled(8), row);
        painter.drawText(place, Qt::AlignVCenter | Qt::AlignLeft,
                         painter.fontMetrics().elidedText(name, Qt::ElideRight, int(place.width())));
        painter.drawText(QRectF(right + look.scaled(8), y, size.width() - right - look.scaled(8), row),
                         Qt::AlignVCenter | Qt::AlignRight, value);
    };
    const auto total = [&](double y, const QString& name, const debrief::BillSums& of) {
        painter.setPen(QPen(theme.ink, 1));
        painter.setBrush(theme.ink);
        painter.drawRect(QRectF(left, y + 0.28 * row, x_of(of.wh) - left, 0.44 * row));
        words(y, name, sums_text(of));
    };
    total(0.0, tr("Forecast"), bill_->forecast);
    at = bill_->forecast.wh;
    double y = row;
    for (const auto& r : rows) {
        const double to = at + r.wh.value;
        painter.setPen(QPen(theme.ink, 1));
        painter.setBrush(r.wh.value > 0.0 ? QBrush(theme.soft_ink) : QBrush(Qt::NoBrush));
        painter.drawRect(
            QRectF(std::min(x_of(at), x_of(to)), y + 0.28 * row, std::abs(x_of(to) - x_of(at)), 0.44 * row));
        // One standard deviation around its end.
        painter.setPen(QPen(theme.field_border, look.scaled(1)));
        painter.drawLine(QPointF(x_of(to - r.wh.sd), y + 0.5 * row), QPointF(x_of(to + r.wh.sd), y + 0.5 * row));
        // To where the next begins.
        painter.drawLine(QPointF(x_of(to), y + 0.72 * row), QPointF(x_of(to), y + 1.28 * row));
        words(y, wording::name(r.cause), wording::energy_and_distance(r, q));
        at = to;
        y += row;
    }
    total(y, tr("Flown"), bill_->flown);
}

} // namespace sobremesa::app
