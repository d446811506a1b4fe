#include "app/charts/pack_lines.hpp"

#include <algorithm>

#include <QPainter>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

namespace {

constexpr int pack_row_px = 34;
constexpr int name_px = 110;
constexpr int curve_px = 120;
constexpr int gives_px = 120;
constexpr int past_px = 190;
constexpr int gap_px = 14;
/// Volts between these fill the height of a small curve.
constexpr double lowest_v = 2.5;
constexpr double highest_v = 4.35;

} // namespace

PackLines::PackLines(QWidget* parent) : DrawnChart(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("Packs in the cruise of the plan"));
    hide(); // until there are any
}

void PackLines::setLines(std::vector<Line> lines) {
    lines_ = std::move(lines);
    setVisible(!lines_.empty());
    QStringList spoken;
    for (const auto& line : lines_)
        spoken << tr("%1: %2; %3", "pack, what it gives, its past").arg(line.name, gives(line), past(line));
    setAccessibleDescription(spoken.join(QLatin1Char('\n')));
    setToolTip(accessibleDescription());
    updateGeometry();
    update();
}

QString PackLines::gives(const Line& line) const {
    const auto& q = Look::instance().quantities();
    if (!(line.usable_wh.value > 0.0)) return tr("cannot supply it");
    return tr("%1, %2", "energy, time")
        .arg(q.energy(line.usable_wh.value, line.usable_wh.sd), q.duration(line.endurance_s));
}

QString PackLines::past(const Line& line) const {
    const QString health = tr("health %1").arg(Look::instance().quantities().share(line.health_share));
    return line.last_flown.isEmpty() ? tr("%1, not flown", "health").arg(health)
                                     : tr("%1, flown %2", "health, day").arg(health, line.last_flown);
}

QSize PackLines::sizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(640), look.scaled(pack_row_px) * int(lines_.size())};
}

QSize PackLines::minimumSizeHint() const {
    return {Look::instance().scaled(300), sizeHint().height()};
}

ShownTable PackLines::shownTable() const {
    ShownTable table{
        tr("Packs in the cruise of the plan"),
        {tr("pack"), tr("usable, Wh"), tr("±, Wh"), tr("time, min"), tr("health, %"), tr("last flown")},
        {}};
    for (const auto& line : lines_) {
        Cell name;
        name.text = line.name;
        Cell flown;
        flown.text = line.last_flown;
        table.rows.push_back({name, figure_cell(line.usable_wh.value, 1), figure_cell(line.usable_wh.sd, 1),
                              figure_cell(line.endurance_s / units::seconds_per_minute, 0),
                              figure_cell(percent * line.health_share, 0), flown});
    }
    return table;
}

void PackLines::draw(QPainter& painter, const QSize& size) const {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    double most = 0.0;
    for (const auto& line : lines_) most = std::max(most, line.usable_wh.value + line.usable_wh.sd);
    if (!(most > 0.0)) most = 1.0;
    const double gap = look.scaled(gap_px);
    const double row = look.scaled(pack_row_px);
    // What is said of the past goes first where there is no room, then the words of what it gives.
    double bar_px = size.width() - 4.0 * gap - look.scaled(name_px + curve_px + gives_px + past_px);
    const bool says_past = bar_px > look.scaled(80);
    if (!says_past) bar_px += look.scaled(past_px) + gap;
    bar_px = std::max(bar_px, double(look.scaled(40)));
    for (std::size_t i = 0; i < lines_.size(); ++i) {
        const Line& line = lines_[i];
        const double y = row * double(i);
        const double middle = y + 0.5 * row;
        double x = 0.0;
        painter.setFont(look.font(Look::text_px, Look::Weight::semibold));
        painter.setPen(theme.ink);
        painter.drawText(QRectF(x, y, look.scaled(name_px), row), Qt::AlignLeft | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(line.name, Qt::ElideRight, look.scaled(name_px)));
        x += look.scaled(name_px) + gap;
        const double long_px = line.usable_wh.value / most * bar_px;
        const double thick = 0.36 * row;
        painter.setPen(QPen(theme.ink, 1));
        painter.setBrush(band_fill(theme.ink));
        painter.drawRect(QRectF(x, middle - 0.5 * thick, long_px, thick));
        const double error_px = line.usable_wh.sd / most * bar_px;
        painter.setPen(QPen(theme.ink, look.scaled(1.4)));
        painter.drawLine(QPointF(x + long_px - error_px, middle), QPointF(x + long_px + error_px, middle));
        for (const double side : {-1.0, 1.0}) {
            const double end = x + long_px + side * error_px;
            painter.drawLine(QPointF(end, middle - 0.3 * thick), QPointF(end, middle + 0.3 * thick));
        }
        x += bar_px + gap;
        painter.setFont(look.font(Look::small_px));
        painter.setPen(theme.ink);
        painter.drawText(QRectF(x, y, look.scaled(gives_px), row), Qt::AlignLeft | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(gives(line), Qt::ElideRight, look.scaled(gives_px)));
        x += look.scaled(gives_px) + gap;
        // As long as what it gives, so that two packs can be compared.
        const double wide = look.scaled(curve_px) * line.usable_wh.value / most;
        const auto at = [&](double share, double cell_v) {
            const double up = std::clamp((cell_v - lowest_v) / (highest_v - lowest_v), 0.0, 1.0);
            return QPointF(x + share * wide, y + row - look.scaled(4) - up * (row - look.scaled(8)));
        };
        QPolygonF curve;
        for (const auto& point : line.curve) curve << at(point.share, point.cell_v);
        painter.setPen(QPen(theme.ink, look.scaled(1.4)));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolyline(curve);
        if (!curve.isEmpty()) {
            painter.setPen(QPen(theme.ink, look.scaled(1.2)));
            const QPointF end = at(1.0, line.landing_cell_v);
            painter.drawLine(end - QPointF(look.scaled(4), 0.0), end + QPointF(look.scaled(4), 0.0));
            painter.drawLine(end - QPointF(0.0, look.scaled(4)), end + QPointF(0.0, look.scaled(4)));
        }
        x += look.scaled(curve_px) + gap;
        if (says_past) {
            painter.setPen(theme.soft_ink);
            painter.drawText(QRectF(x, y, look.scaled(past_px), row), Qt::AlignLeft | Qt::AlignVCenter,
                             painter.fontMetrics().elidedText(past(line), Qt::ElideRight, look.scaled(past_px)));
        }
    }
}

} // namespace sobremesa::app
