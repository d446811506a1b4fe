#include "app/charts/profile_chart.hpp"

#include <algorithm>
#include <cmath>

#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/quantity.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

using units::Quantity;

ProfileChart::ProfileChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(240, 140);
    setAccessibleName(tr("Height along the flight"));
    refresh();
}

void ProfileChart::setProfile(std::vector<mission::ProfilePoint> profile, double clearance_m,
                              std::vector<mission::ChosenHeight> heights, QStringList names) {
    profile_ = std::move(profile);
    clearance_m_ = clearance_m;
    heights_ = std::move(heights);
    names_ = std::move(names);
    if (handled_ >= int(heights_.size())) handled_ = -1;
    refresh();
}

ShownTable ProfileChart::shownTable() const {
    const auto& q = Look::instance().quantities();
    const auto way = q.notation(Quantity::turn_distance);
    const auto height = q.notation(Quantity::height);
    ShownTable table{tr("Height along the flight"),
                     {tr("flown, %1").arg(way.unit), tr("height, %1").arg(height.unit),
                      tr("ground, %1").arg(height.unit), tr("above ground, %1").arg(height.unit)},
                     {}};
    constexpr std::size_t rows_read = 150;
    const std::size_t stride = std::max<std::size_t>(1, profile_.size() / rows_read);
    for (std::size_t i = 0; i < profile_.size(); i += stride) {
        const auto& p = profile_[i];
        table.rows.push_back({figure_cell(p.distance_m * way.factor, way.decimals),
                              figure_cell(p.height_m * height.factor, 0),
                              figure_cell(p.ground_m * height.factor, 0),
                              figure_cell((p.height_m - p.ground_m) * height.factor, 0)});
    }
    return table;
}

void ProfileChart::addHeights() {
    const Look& look = Look::instance();
    const auto way = look.quantities().notation(Quantity::turn_distance);
    const auto height = look.quantities().notation(Quantity::height);
    for (std::size_t i = 0; i < heights_.size(); ++i) {
        const double x = heights_[i].distance_m * way.factor;
        const double y = heights_[i].height_m * height.factor;
        QCPGraph* ring = plot_->addGraph();
        ring->setData({x}, {y}, true);
        ring->setLineStyle(QCPGraph::lsNone);
        ring->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(look.theme().ink, look.scaled(1.8)),
                                              look.theme().panel, look.scaled(int(i) == handled_ ? 14 : 10)));
        auto* words = add_text(plot_, look.theme().ink, Look::small_px, true);
        words->position->setCoords(x, y);
        // Above it: the ground is below, and so are the legs beside a summit. Beside a slope on the side that is
        // lower, so that the line does not go through it.
        words->setPositionAlignment(lowerSide(heights_[i].distance_m) | Qt::AlignBottom);
        words->setPadding(QMargins(0, 0, 0, look.scaled(9)));
        words->setText(tr("%1 %2", "name of a place, height")
                           .arg(names_.value(int(i)), look.quantities().height(heights_[i].height_m))
                           .trimmed());
    }
}

Qt::Alignment ProfileChart::lowerSide(double distance_m) const {
    const double whole_m = profile_.back().distance_m;
    const auto height_at = [&](double at_m) {
        const auto next = std::find_if(profile_.begin(), profile_.end(),
                                       [&](const mission::ProfilePoint& p) { return p.distance_m >= at_m; });
        return next == profile_.end() ? profile_.back().height_m : next->height_m;
    };
    // As far as half a label reaches, as near to an edge as one fits, and by how much a line must rise to reach it.
    constexpr double beside = 0.045;
    constexpr double edge = 0.1;
    const auto [lowest, highest] = std::minmax_element(
        profile_.begin(), profile_.end(), [](const auto& a, const auto& b) { return a.height_m < b.height_m; });
    const double level_m = 0.06 * (highest->height_m - lowest->height_m);
    const double here_m = height_at(distance_m);
    const double before_m = height_at(distance_m - beside * whole_m);
    const double after_m = height_at(distance_m + beside * whole_m);
    if (after_m > here_m + level_m && before_m <= here_m + level_m && distance_m > edge * whole_m)
        return Qt::AlignRight;
    if (before_m > here_m + level_m && after_m <= here_m + level_m && distance_m < (1.0 - edge) * whole_m)
        return Qt::AlignLeft;
    return Qt::AlignHCenter;
}

QPoint ProfileChart::toScreen(const mission::ChosenHeight& height) const {
    const auto& q = Look::instance().quantities();
    const double x = height.distance_m * q.notation(Quantity::turn_distance).factor;
    const double y = height.height_m * q.notation(Quantity::height).factor;
    return {int(std::lround(plot_->xAxis->coordToPixel(x))), int(std::lround(plot_->yAxis->coordToPixel(y)))};
}

int ProfileChart::heightAt(const QPoint& at) const {
    constexpr int grab_px = 16;
    for (std::size_t i = 0; i < heights_.size(); ++i) {
        const QPoint away = toScreen(heights_[i]) - at;
        if (std::hypot(away.x(), away.y()) <= Look::instance().scaled(grab_px)) return int(i);
    }
    return -1;
}

bool ProfileChart::eventFilter(QObject* watched, QEvent* event) {
    if (watched != plot_) return QWidget::eventFilter(watched, event);
    if (event->type() == QEvent::MouseButtonPress) {
        setFocus();
        dragged_ = heightAt(static_cast<QMouseEvent*>(event)->pos());
        return dragged_ >= 0;
    }
    if (event->type() == QEvent::MouseMove) {
        const QPoint at = static_cast<QMouseEvent*>(event)->pos();
        if (dragged_ >= 0) {
            const double factor = Look::instance().quantities().notation(Quantity::height).factor;
            emit heightDragged(dragged_, std::max(0.0, std::round(plot_->yAxis->pixelToCoord(at.y()) / factor)));
            return true;
        }
        const bool over = heightAt(at) >= 0;
        plot_->setCursor(over ? Qt::SizeVerCursor : Qt::ArrowCursor);
        plot_->setToolTip(over ? tr("Drag up or down: the height flown here") : QString());
    }
    if (event->type() == QEvent::MouseButtonRelease && dragged_ >= 0) {
        dragged_ = -1;
        refresh();
        emit dragFinished();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

void ProfileChart::stepHeight(int by) {
    const auto count = int(heights_.size());
    handled_ = handled_ < 0 ? (by > 0 ? 0 : count - 1) : (handled_ + by + count) % count;
    setAccessibleDescription(tr("Up and down move %1, %2")
                                 .arg(names_.value(handled_), Look::instance().quantities().height(
                                                                  heights_[std::size_t(handled_)].height_m)));
    refresh();
}

void ProfileChart::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    const bool sideways = key == Qt::Key_Left || key == Qt::Key_Right;
    const bool upright = key == Qt::Key_Up || key == Qt::Key_Down;
    if (heights_.empty() || !(sideways || upright)) {
        QWidget::keyPressEvent(event);
        return;
    }
    if (sideways || handled_ < 0) {
        stepHeight(key == Qt::Key_Left ? -1 : 1);
        return;
    }
    constexpr double step_m = 5.0;
    const double before_m = heights_[std::size_t(handled_)].height_m;
    emit heightDragged(handled_, std::max(0.0, before_m + (key == Qt::Key_Up ? step_m : -step_m)));
}

void ProfileChart::refresh() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const auto way = look.quantities().notation(Quantity::turn_distance);
    const auto height = look.quantities().notation(Quantity::height);
    clear();
    style_axis_rect(plot_->axisRect());
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setTicker(plain_ticker(axis == plot_->xAxis ? 8 : 4));
        axis->setVisible(!profile_.empty());
    }
    if (profile_.empty()) {
        plot_->replot(QCustomPlot::rpQueuedReplot);
        return;
    }
    plot_->xAxis->setLabel(tr("%1 flown").arg(way.unit));
    plot_->yAxis->setLabel(tr("%1 above home").arg(height.unit));
    QVector<double> ground_x, ground_y, low_y;
    QVector<double> x[2], y[2];
    double least = 0.0;
    double most = 0.0;
    for (const auto& p : profile_) {
        const double at = p.distance_m * way.factor;
        x[p.homeward] << at;
        y[p.homeward] << p.height_m * height.factor;
        most = std::max(most, p.height_m * height.factor);
        if (!std::isfinite(p.ground_m)) continue;
        ground_x << at;
        ground_y << p.ground_m * height.factor;
        least = std::min(least, ground_y.back());
        most = std::max(most, ground_y.back());
    }
    const double room = 0.15 * (most - least) + 1.0;
    if (!ground_x.isEmpty()) {
        QCPGraph* ground = plot_->addGraph();
        ground->setData(ground_x, ground_y, true);
        ground->setPen(QPen(theme.ink, look.scaled(1.4)));
        // Everything under it, down to the foot of the chart.
        QCPGraph* foot = plot_->addGraph();
        foot->setData({ground_x.front(), ground_x.back()}, {least - room, least - room}, true);
        foot->setPen(Qt::NoPen);
        ground->setBrush(hatching(theme.field_border));
        ground->setChannelFillGraph(foot);
        QVector<double> clear_y;
        for (const double h : ground_y) clear_y << h + clearance_m_ * height.factor;
        QCPGraph* clear = plot_->addGraph();
        clear->setData(ground_x, clear_y, true);
        clear->setPen(QPen(theme.field_border, look.scaled(1.0), Qt::DotLine));
    }
    for (const bool homeward : {false, true}) {
        if (x[homeward].isEmpty()) continue;
        QCPGraph* line = plot_->addGraph();
        line->setData(x[homeward], y[homeward], true);
        QPen pen(homeward ? theme.homeward : theme.outward, look.scaled(2.2));
        pen.setDashPattern(homeward ? QList<qreal>{3, 2} : QList<qreal>{7, 2});
        line->setPen(pen);
        auto* words = add_text(plot_, homeward ? theme.homeward : theme.outward, Look::small_px, true);
        const auto middle = x[homeward].size() / 2;
        words->position->setCoords(x[homeward][middle], y[homeward][middle]);
        words->setPositionAlignment(Qt::AlignHCenter | Qt::AlignTop);
        words->setPadding(QMargins(0, look.scaled(3), 0, 0));
        words->setText(homeward ? tr("home") : tr("out"));
    }
    addHeights();
    // While a height is dragged the scale stays still under the hand.
    if (dragged_ < 0) {
        plot_->xAxis->setRange(0.0, profile_.back().distance_m * way.factor);
        plot_->yAxis->setRange(least - room, most + 1.5 * room);
    }
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

} // namespace sobremesa::app
