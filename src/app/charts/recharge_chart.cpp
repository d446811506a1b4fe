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

namespace {

/// The field of the chart: recharged across, counted beyond that upwards, both Ah.
class Field {
public:
    Field(QPainter& painter, const QRectF& field, double most, double low, double high)
        : painter_(painter), field_(field), most_(most), low_(low), high_(high) {}

    QPointF at(double recharged_ah, double difference_ah) const {
        return {field_.left() + recharged_ah / most_ * field_.width(),
                field_.bottom() - (difference_ah - low_) / (high_ - low_) * field_.height()};
    }

    void grid() {
        const Look& look = Look::instance();
        const double across = step_of(most_);
        for (double line = 0.0; line <= most_; line += across) {
            rule(at(line, low_), at(line, high_));
            painter_.drawText(QRectF(at(line, low_).x() - look.scaled(30), field_.bottom() + look.scaled(1),
                                     look.scaled(60), look.scaled(16)),
                              Qt::AlignHCenter | Qt::AlignTop, wording::written(line, 0.0, {mah, {}, 0}));
        }
        const double up = step_of(high_ - low_);
        for (double line = std::ceil(low_ / up) * up; line <= high_; line += up) {
            rule(at(0.0, line), at(most_, line));
            painter_.drawText(
                QRectF(0, at(0, line).y() - look.scaled(9), field_.left() - look.scaled(6), look.scaled(18)),
                Qt::AlignRight | Qt::AlignVCenter, wording::written(line, 0.0, {mah, {}, 0}));
        }
    }

    /// From the origin: an error that is a share grows with the charge.
    void fan(double least, double greatest, const QColor& colour) {
        painter_.setPen(Qt::NoPen);
        painter_.setBrush(band_fill(colour));
        painter_.drawPolygon(QPolygonF{at(0.0, 0.0), at(most_, least * most_), at(most_, greatest * most_)});
    }
    void ray(double share, const QPen& pen) {
        painter_.setPen(pen);
        painter_.drawLine(at(0.0, 0.0), at(most_, share * most_));
    }
    /// Right-aligned at the wide end, where there is room between them.
    void name(double share, bool above, const QColor& colour, const QString& words) {
        const Look& look = Look::instance();
        painter_.setPen(colour);
        const double y = at(most_, share * most_).y() + (above ? -look.scaled(20) : look.scaled(14));
        painter_.drawText(QRectF(field_.left(), y, field_.width() - look.scaled(6), look.scaled(18)),
                          Qt::AlignRight | Qt::AlignVCenter, words);
    }

    void flight(const RechargeChart::Flight& flight) {
        const Look& look = Look::instance();
        const Theme& theme = look.theme();
        const QColor colour = flight.outlier ? theme.warning : theme.ink;
        const QPointF here = at(flight.recharged_ah, flight.counted_ah - flight.recharged_ah);
        painter_.setPen(QPen(colour, look.scaled(1.4)));
        painter_.setBrush(flight.taken ? QBrush(colour) : QBrush(theme.panel));
        painter_.drawEllipse(here, look.scaled(4), look.scaled(4));
        if (!flight.outlier) return;
        // Its name, on the side where there is room.
        const bool left = here.x() > field_.center().x();
        painter_.setPen(theme.warning);
        painter_.drawText(
            QRectF(left ? field_.left() : here.x() + look.scaled(8), here.y() - look.scaled(18),
                   left ? here.x() - look.scaled(8) - field_.left() : field_.right() - here.x(), look.scaled(18)),
            (left ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, QStringLiteral("▲ ") + flight.name);
    }

private:
    void rule(const QPointF& from, const QPointF& to) {
        const Theme& theme = Look::instance().theme();
        painter_.setPen(QPen(theme.hairline, 1));
        painter_.drawLine(from, to);
        painter_.setPen(theme.soft_ink);
    }

    QPainter& painter_;
    QRectF field_;
    double most_;
    double low_;
    double high_;
};

} // namespace

void RechargeChart::draw(QPainter& painter, const QSize& size) const {
    if (flights_.empty()) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    painter.setFont(look.font(Look::small_px));
    const QRectF room(look.scaled(left_px), look.scaled(head_px), size.width() - look.scaled(left_px + right_px),
                      size.height() - look.scaled(foot_px + head_px));
    if (room.width() < 20.0 || room.height() < 20.0) return;
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
    Field field(painter, room, most, low, high);
    field.grid();
    painter.drawText(QRectF(0, 0, room.left() + room.width(), look.scaled(18)), Qt::AlignLeft | Qt::AlignTop,
                     tr("counted beyond what was recharged, mAh"));
    painter.drawText(QRectF(room.left(), room.bottom() + look.scaled(16), room.width(), look.scaled(18)),
                     Qt::AlignHCenter | Qt::AlignTop, tr("recharged, mAh"));
    painter.save();
    painter.setClipRect(room);
    field.fan(-charger_, charger_, theme.soft_ink);
    field.ray(0.0, QPen(theme.soft_ink, look.scaled(1.2), Qt::DashLine));
    if (reads_) {
        field.fan(reads_->value - reads_->sd - 1.0, reads_->value + reads_->sd - 1.0, theme.ink);
        field.ray(reads_->value - 1.0, QPen(theme.ink, look.scaled(1.8)));
    }
    painter.restore();
    field.name(charger_, false, theme.soft_ink,
               tr("charger ± %1 %").arg(wording::written(charger_, 0.0, {percent, {}, 1})));
    if (reads_)
        field.name(reads_->value - 1.0, reads_->value > 1.0, theme.ink,
                   tr("sensor reads %1 %").arg(wording::written(reads_->value, 0.0, {percent, {}, 1})));
    for (const auto& flight : flights_) field.flight(flight);
}

} // namespace sobremesa::app
