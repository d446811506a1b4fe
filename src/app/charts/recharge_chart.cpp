#include "app/charts/recharge_chart.hpp"

#include <algorithm>
#include <cmath>
#include <optional>

#include <QPainter>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

namespace {

constexpr int height_px = 210;
constexpr int least_chart_px = 120;
constexpr int left_px = 52;
constexpr int foot_px = 34;
constexpr int head_px = 22;
constexpr int right_px = 18;
constexpr double mah = units::milliamp_hours_per_amp_hour;

/// 1, 2 or 5 times a power of ten, so that there are at the most five lines.
double step_of(double range_ah) {
    const double power = std::pow(10.0, std::floor(std::log10(range_ah / 5.0)));
    for (const double factor : {1.0, 2.0, 5.0}) {
        if (factor * power >= range_ah / 5.0) return factor * power;
    }
    return 10.0 * power;
}

} // namespace

RechargeChart::RechargeChart(QWidget* parent) : DrawnChart(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    setAccessibleName(tr("Counted against recharged"));
}

void RechargeChart::setFlights(std::vector<Flight> flights, const std::optional<units::Estimate>& reads,
                               double charger) {
    flights_ = std::move(flights);
    reads_ = reads;
    charger_ = charger;
    QStringList apart;
    for (const auto& flight : flights_) {
        if (flight.outlier) apart << flight.name;
    }
    QString words;
    if (reads_)
        words = tr("The sensor reads %1 % of what was recharged.").arg(std::lround(percent * reads_->value));
    if (!apart.isEmpty()) words += QLatin1Char(' ') + tr("Outliers: %1.").arg(apart.join(QStringLiteral(", ")));
    setAccessibleDescription(words.trimmed());
    setToolTip(words.trimmed());
    update();
}

QSize RechargeChart::sizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(320), look.scaled(height_px)};
}

QSize RechargeChart::minimumSizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(200), look.scaled(least_chart_px)};
}

ShownTable RechargeChart::shownTable() const {
    ShownTable table{tr("Counted against recharged"),
                     {tr("flight"), tr("counted, mAh"), tr("recharged, mAh"), tr("counted, % of recharged")},
                     {}};
    for (const auto& flight : flights_) {
        Cell name;
        name.text = flight.taken ? flight.name : tr("%1, excluded").arg(flight.name);
        table.rows.push_back({name, figure_cell(mah * flight.counted_ah, 0),
                              figure_cell(mah * flight.recharged_ah, 0),
                              figure_cell(percent * flight.counted_ah / flight.recharged_ah, 1)});
    }
    return table;
}

void RechargeChart::draw(QPainter& painter, const QSize& size) const {
    if (flights_.empty()) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    painter.setFont(look.font(Look::small_px));
    const QRectF field(look.scaled(left_px), look.scaled(head_px), size.width() - look.scaled(left_px + right_px),
                       size.height() - look.scaled(foot_px + head_px));
    if (field.width() < 20.0 || field.height() < 20.0) return;
    double most = 0.0;
    double low = 0.0;
    double high = 0.0;
    const auto include = [&](double difference_ah) {
        low = std::min(low, difference_ah);
        high = std::max(high, difference_ah);
    };
    for (const auto& flight : flights_) {
        most = std::max(most, 1.12 * flight.recharged_ah);
        include(1.15 * (flight.counted_ah - flight.recharged_ah));
    }
    for (const double side : {-1.0, 1.0}) {
        include(side * 1.3 * charger_ * most);
        if (reads_) include(1.1 * (reads_->value + side * reads_->sd - 1.0) * most);
    }
    const auto at = [&](double recharged_ah, double difference_ah) {
        return QPointF(field.left() + recharged_ah / most * field.width(),
                       field.bottom() - (difference_ah - low) / (high - low) * field.height());
    };
    const double across = step_of(most);
    for (double line = 0.0; line <= most; line += across) {
        painter.setPen(QPen(theme.hairline, 1));
        painter.drawLine(at(line, low), at(line, high));
        painter.setPen(theme.soft_ink);
        painter.drawText(QRectF(at(line, low).x() - look.scaled(30), field.bottom() + look.scaled(1),
                                look.scaled(60), look.scaled(16)),
                         Qt::AlignHCenter | Qt::AlignTop, wording::written(line, 0.0, {mah, {}, 0}));
    }
    const double up = step_of(high - low);
    for (double line = std::ceil(low / up) * up; line <= high; line += up) {
        painter.setPen(QPen(theme.hairline, 1));
        painter.drawLine(at(0.0, line), at(most, line));
        painter.setPen(theme.soft_ink);
        painter.drawText(
            QRectF(0, at(0, line).y() - look.scaled(9), field.left() - look.scaled(6), look.scaled(18)),
            Qt::AlignRight | Qt::AlignVCenter, wording::written(line, 0.0, {mah, {}, 0}));
    }
    painter.drawText(QRectF(0, 0, field.left() + field.width(), look.scaled(18)), Qt::AlignLeft | Qt::AlignTop,
                     tr("counted beyond what was recharged, mAh"));
    painter.drawText(QRectF(field.left(), field.bottom() + look.scaled(16), field.width(), look.scaled(18)),
                     Qt::AlignHCenter | Qt::AlignTop, tr("recharged, mAh"));
    painter.save();
    painter.setClipRect(field);
    // Fans from the origin: an error that is a share grows with the charge.
    const auto fan = [&](double least, double greatest, const QColor& colour) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(band_fill(colour));
        painter.drawPolygon(QPolygonF{at(0.0, 0.0), at(most, least * most), at(most, greatest * most)});
    };
    fan(-charger_, charger_, theme.soft_ink);
    painter.setPen(QPen(theme.soft_ink, look.scaled(1.2), Qt::DashLine));
    painter.drawLine(at(0.0, 0.0), at(most, 0.0));
    if (reads_) {
        fan(reads_->value - reads_->sd - 1.0, reads_->value + reads_->sd - 1.0, theme.ink);
        painter.setPen(QPen(theme.ink, look.scaled(1.8)));
        painter.drawLine(at(0.0, 0.0), at(most, (reads_->value - 1.0) * most));
    }
    painter.restore();
    // Right-aligned at the wide end, where there is room between them.
    const auto name = [&](double share, bool above, const QColor& colour, const QString& words) {
        painter.setPen(colour);
        const double y = at(most, share * most).y() + (above ? -look.scaled(20) : look.scaled(14));
        painter.drawText(QRectF(field.left(), y, field.width() - look.scaled(6), look.scaled(18)),
                         Qt::AlignRight | Qt::AlignVCenter, words);
    };
    name(charger_, false, theme.soft_ink,
         tr("charger ± %1 %").arg(wording::written(charger_, 0.0, {percent, {}, 1})));
    if (reads_)
        name(reads_->value - 1.0, reads_->value > 1.0, theme.ink,
             tr("sensor reads %1 %").arg(wording::written(reads_->value, 0.0, {percent, {}, 1})));
    for (const auto& flight : flights_) {
        const QPointF here = at(flight.recharged_ah, flight.counted_ah - flight.recharged_ah);
        painter.setPen(QPen(flight.outlier ? theme.warning : theme.ink, look.scaled(1.4)));
        painter.setBrush(flight.taken ? QBrush(flight.outlier ? theme.warning : theme.ink) : QBrush(theme.panel));
        painter.drawEllipse(here, look.scaled(4), look.scaled(4));
        if (!flight.outlier) continue;
        // Its name, on the side where there is room.
        const bool left = here.x() > field.center().x();
        painter.setPen(theme.warning);
        painter.drawText(
            QRectF(left ? field.left() : here.x() + look.scaled(8), here.y() - look.scaled(18),
                   left ? here.x() - look.scaled(8) - field.left() : field.right() - here.x(), look.scaled(18)),
            (left ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, QStringLiteral("▲ ") + flight.name);
    }
}

} // namespace sobremesa::app
