#include "app/charts/aircraft_lines.hpp"

#include <algorithm>
#include <numeric>

#include <QPainter>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

namespace {

/// Widths of the columns, and the height of a line.
struct AircraftLineSizes {
    static constexpr int line_px = 44;
    static constexpr int name_px = 110;
    static constexpr int curve_px = 110;
    static constexpr int speeds_px = 142;
    static constexpr int past_px = 172;
    static constexpr int gap_px = 14;
};
double mass_of(const AircraftLines::Line& line) {
    return std::accumulate(line.masses.begin(), line.masses.end(), 0.0,
                           [](double sum, const auto& part) { return sum + part.mass_kg; });
}

} // namespace

AircraftLines::AircraftLines(QWidget* parent) : DrawnChart(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("Aircraft with the pack of the plan"));
    hide(); // until there are any
}

void AircraftLines::setLines(std::vector<Line> lines) {
    lines_ = std::move(lines);
    setVisible(!lines_.empty());
    const auto& q = Look::instance().quantities();
    QStringList spoken;
    for (const auto& line : lines_) {
        QStringList parts;
        for (const auto& part : line.masses)
            parts << tr("%1 %2", "part, mass")
                         .arg(part.name, q.text(units::Quantity::pack_mass, {part.mass_kg, 0.0}));
        spoken << tr("%1: %2; %3; %4", "aircraft, its masses, its speeds, its past")
                      .arg(line.name, parts.join(QStringLiteral(" + ")),
                           speeds(line).replace(QLatin1Char('\n'), QStringLiteral(", ")),
                           past(line).replace(QLatin1Char('\n'), QStringLiteral(", ")));
    }
    setAccessibleDescription(spoken.join(QLatin1Char('\n')));
    setToolTip(accessibleDescription());
    updateGeometry();
    update();
}

QString AircraftLines::speeds(const Line& line) const {
    const auto& q = Look::instance().quantities();
    QStringList said;
    if (line.endurance) said << tr("best endurance %1").arg(q.speed(line.endurance->airspeed_mps));
    if (line.range) said << tr("best range %1").arg(q.speed(line.range->airspeed_mps));
    return said.join(QLatin1Char('\n'));
}

QString AircraftLines::past(const Line& line) const {
    const QString flights = line.last_flown.isEmpty()
                                ? tr("not flown")
                                : tr("%n flight(s), last %1", nullptr, line.flights).arg(line.last_flown);
    return flights + QLatin1Char('\n') +
           (line.curve_fitted ? tr("curve from its flights") : tr("curve from one cruise"));
}

QSize AircraftLines::sizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(640), look.scaled(AircraftLineSizes::line_px) * int(lines_.size())};
}

QSize AircraftLines::minimumSizeHint() const {
    return {Look::instance().scaled(300), sizeHint().height()};
}

ShownTable AircraftLines::shownTable() const {
    ShownTable table{tr("Aircraft with the pack of the plan"),
                     {tr("aircraft"), tr("all-up mass, g"), tr("best endurance, m/s"), tr("there, W"),
                      tr("best range, m/s"), tr("there, W"), tr("flights"), tr("last flown")},
                     {}};
    constexpr double grams = 1000.0;
    for (const auto& line : lines_) {
        Cell name;
        name.text = line.name;
        Cell flown;
        flown.text = line.last_flown;
        const auto speed = [](const auto& point) { return point ? figure_cell(point->airspeed_mps, 1) : Cell(); };
        const auto power = [](const auto& point) { return point ? figure_cell(point->power_w, 1) : Cell(); };
        table.rows.push_back({name, figure_cell(grams * mass_of(line), 0), speed(line.endurance),
                              power(line.endurance), speed(line.range), power(line.range),
                              figure_cell(line.flights, 0), flown});
    }
    return table;
}

void AircraftLines::draw(QPainter& painter, const QSize& size) const {
    const Look& look = Look::instance();
    double heaviest_kg = 0.0;
    double fastest_mps = 0.0;
    for (const auto& line : lines_) {
        heaviest_kg = std::max(heaviest_kg, mass_of(line));
        if (!line.curve.empty()) fastest_mps = std::max(fastest_mps, line.curve.back().airspeed_mps);
    }
    if (!(heaviest_kg > 0.0)) return;
    const double gap = look.scaled(AircraftLineSizes::gap_px);
    const double row = look.scaled(AircraftLineSizes::line_px);
    // What is said of the past goes first where there is no room.
    double bar_px = size.width() - 4.0 * gap -
                    look.scaled(AircraftLineSizes::name_px + AircraftLineSizes::curve_px +
                                AircraftLineSizes::speeds_px + AircraftLineSizes::past_px);
    const bool says_past = bar_px > look.scaled(100);
    if (!says_past) bar_px += look.scaled(AircraftLineSizes::past_px) + gap;
    bar_px = std::max(bar_px, double(look.scaled(40)));
    for (std::size_t i = 0; i < lines_.size(); ++i) {
        const Line& line = lines_[i];
        QRectF cell(0.0, row * double(i), look.scaled(AircraftLineSizes::name_px), row);
        const auto go_on = [&cell, gap](double wide) {
            cell = {cell.right() + gap, cell.y(), wide, cell.height()};
        };
        painter.setFont(look.font(Look::text_px, Look::Weight::semibold));
        painter.setPen(look.theme().ink);
        painter.drawText(cell, Qt::AlignLeft | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(line.name, Qt::ElideRight, int(cell.width())));
        go_on(bar_px);
        drawMasses(painter, cell, line, bar_px / heaviest_kg);
        go_on(look.scaled(AircraftLineSizes::curve_px));
        drawCurve(painter, cell, line, fastest_mps);
        painter.setFont(look.font(Look::small_px));
        painter.setPen(look.theme().ink);
        go_on(look.scaled(AircraftLineSizes::speeds_px));
        painter.drawText(cell, Qt::AlignLeft | Qt::AlignVCenter, speeds(line));
        if (!says_past) continue;
        painter.setPen(look.theme().soft_ink);
        go_on(look.scaled(AircraftLineSizes::past_px));
        painter.drawText(cell, Qt::AlignLeft | Qt::AlignVCenter, past(line));
    }
}

void AircraftLines::drawMasses(QPainter& painter, const QRectF& cell, const Line& line, double px_per_kg) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const auto& q = look.quantities();
    const double thick = 0.5 * cell.height();
    double x = cell.x();
    painter.setFont(look.font(Look::small_px));
    for (std::size_t part = 0; part < line.masses.size(); ++part) {
        const double wide = line.masses[part].mass_kg * px_per_kg;
        const QRectF box(x, cell.center().y() - 0.5 * thick, wide, thick);
        painter.setPen(QPen(theme.ink, 1));
        // The pack, last, is what can be taken off.
        painter.setBrush(part + 1 == line.masses.size() ? QBrush(Qt::NoBrush) : QBrush(band_fill(theme.ink)));
        painter.drawRect(box);
        const QString mass = q.text(units::Quantity::pack_mass, {line.masses[part].mass_kg, 0.0});
        const double room = wide - look.scaled(8);
        const QString both = tr("%1 %2", "part, mass").arg(line.masses[part].name, mass);
        for (const QString& words : {both, mass}) {
            if (painter.fontMetrics().horizontalAdvance(words) > room) continue;
            painter.drawText(box.adjusted(look.scaled(4), 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, words);
            break;
        }
        x += wide;
    }
}

void AircraftLines::drawCurve(QPainter& painter, const QRectF& cell, const Line& line, double fastest_mps) {
    if (line.curve.empty()) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const double most_w =
        std::max_element(line.curve.begin(), line.curve.end(), [](const Point& a, const Point& b) {
            return a.power_w < b.power_w;
        })->power_w;
    const double pad = look.scaled(5);
    // Airspeeds on one scale, so that two aircraft can be compared; powers on each one's own.
    const auto at = [&](const Point& point) {
        return QPointF(cell.x() + point.airspeed_mps / fastest_mps * cell.width(),
                       cell.bottom() - pad - point.power_w / most_w * (cell.height() - 2.0 * pad));
    };
    QPolygonF curve;
    for (const Point& point : line.curve) curve << at(point);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme.hairline, 1));
    painter.drawLine(QPointF(cell.left(), cell.bottom() - pad), QPointF(cell.right(), cell.bottom() - pad));
    painter.setPen(QPen(theme.ink, look.scaled(1.4)));
    painter.drawPolyline(curve);
    const double radius = look.scaled(3);
    painter.setBrush(theme.paper);
    if (line.endurance) painter.drawEllipse(at(*line.endurance), radius, radius);
    painter.setBrush(theme.ink);
    if (line.range) painter.drawEllipse(at(*line.range), radius, radius);
}

} // namespace sobremesa::app
