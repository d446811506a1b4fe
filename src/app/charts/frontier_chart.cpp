#include "app/charts/frontier_chart.hpp"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

namespace {

constexpr double grams_per_kg = 1000.0;

double minutes(const matching::Match& match) {
    return match.endurance_s.value / units::seconds_per_minute;
}

} // namespace

FrontierChart::FrontierChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(220, 160);
    refresh();
}

void FrontierChart::setShown(std::shared_ptr<const session::BenchShown> shown) {
    shown_ = std::move(shown);
    refresh();
}

bool FrontierChart::isChosen(std::size_t candidate) const {
    return std::any_of(shown_->curves.begin(), shown_->curves.end(),
                       [&](const auto& curve) { return curve.candidate == candidate; });
}

QPoint FrontierChart::toScreen(std::size_t candidate) const {
    const matching::Match& match = shown_->matches[candidate];
    return QPointF(plot_->xAxis->coordToPixel(grams_per_kg * match.pack_mass_kg),
                   plot_->yAxis->coordToPixel(minutes(match)))
        .toPoint();
}

void FrontierChart::refresh() {
    const Look& look = Look::instance();
    clear();
    QCPAxisRect* rect = plot_->axisRect();
    rect->setMinimumMargins(QMargins(look.scaled(40), look.scaled(18), look.scaled(16), look.scaled(24)));
    style_axis_rect(rect);
    plot_->xAxis->setTicker(plain_ticker(4));
    plot_->yAxis->setTicker(plain_ticker(4));
    const bool drawable = shown_ && !shown_->matches.empty();
    rect->setVisible(drawable);
    plot_->xAxis->setVisible(drawable);
    plot_->yAxis->setVisible(drawable);
    setAccessibleName(tr("Endurance and pack mass"));
    if (!drawable) {
        plot_->replot();
        return;
    }
    double heaviest = 1.0;
    double longest = 1.0;
    for (const auto& match : shown_->matches) {
        heaviest = std::max(heaviest, grams_per_kg * match.pack_mass_kg);
        longest = std::max(longest, minutes(match));
    }
    const matching::ScaledMatch* best =
        !shown_->curves.empty() && shown_->curves.front().best ? &*shown_->curves.front().best : nullptr;
    // The best mass is shown where it does not squeeze the packs into a corner.
    const bool shows_best = best && grams_per_kg * best->pack_mass_kg < 2.2 * heaviest;
    plot_->xAxis->setRange(0.0, 1.12 * std::max(heaviest, shows_best ? grams_per_kg * best->pack_mass_kg : 0.0));
    plot_->yAxis->setRange(0.0, 1.15 * longest);

    const std::size_t unbeaten = addPacks();
    addBestPack();
    if (shows_best) addBestMass(grams_per_kg * best->pack_mass_kg);
    addAxisWords();
    setAccessibleName(tr("Endurance and pack mass: %1 packs, %2 of which no other beats")
                          .arg(shown_->matches.size())
                          .arg(unbeaten));
    plot_->replot();
}

/// The packs as marks, and the line through those that no other beats; @return how many these are
std::size_t FrontierChart::addPacks() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    std::vector<std::size_t> frontier;
    QVector<double> marks_x[2][2];
    QVector<double> marks_y[2][2];
    for (std::size_t i = 0; i < shown_->matches.size(); ++i) {
        const auto& match = shown_->matches[i];
        if (match.on_frontier) frontier.push_back(i);
        const bool li_ion = shown_->candidates[i].pack.chemistry == battery::Chemistry::li_ion;
        marks_x[li_ion][isChosen(i)] << grams_per_kg * match.pack_mass_kg;
        marks_y[li_ion][isChosen(i)] << minutes(match);
    }
    QVector<double> x, y;
    std::sort(frontier.begin(), frontier.end(), [&](std::size_t a, std::size_t b) {
        return shown_->matches[a].pack_mass_kg < shown_->matches[b].pack_mass_kg;
    });
    for (const std::size_t i : frontier) {
        x << grams_per_kg * shown_->matches[i].pack_mass_kg;
        y << minutes(shown_->matches[i]);
    }
    QCPGraph* line = plot_->addGraph();
    line->setData(x, y, true);
    line->setPen(QPen(theme.ink, look.scaled(1.2)));
    for (const int li_ion : {0, 1}) {
        for (const int chosen : {0, 1}) {
            QCPGraph* marks = plot_->addGraph();
            marks->setData(marks_x[li_ion][chosen], marks_y[li_ion][chosen]);
            marks->setLineStyle(QCPGraph::lsNone);
            marks->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(theme.ink, look.scaled(1.2)),
                                                   QBrush(li_ion ? theme.ink : theme.panel),
                                                   look.scaled(chosen ? 12 : 7)));
        }
    }
    return frontier.size();
}

void FrontierChart::addBestPack() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    // Only the first by its name: marks that lie close would write over each other.
    if (!shown_->curves.empty()) {
        const auto& curve = shown_->curves.front();
        auto* text = add_text(plot_, theme.ink, Look::small_px, true);
        text->setText(wording::title(shown_->candidates[curve.candidate].pack));
        const auto& match = shown_->matches[curve.candidate];
        text->position->setCoords(grams_per_kg * match.pack_mass_kg, minutes(match));
        text->setPositionAlignment(Qt::AlignHCenter | Qt::AlignBottom);
        text->setPadding(QMargins(0, 0, 0, look.scaled(9)));
    }
}

void FrontierChart::addBestMass(double mass_g) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    auto* at = new QCPItemStraightLine(plot_);
    QPen pen(theme.soft_ink, 1);
    pen.setDashPattern({3, 3});
    at->setPen(pen);
    at->point1->setCoords(mass_g, 0.0);
    at->point2->setCoords(mass_g, 1.0);
    auto* text = add_text(plot_, theme.soft_ink, Look::small_px, false);
    text->setText(tr("range stops growing"));
    text->position->setTypeX(QCPItemPosition::ptPlotCoords);
    text->position->setTypeY(QCPItemPosition::ptAxisRectRatio);
    text->position->setCoords(mass_g, 0.0);
    text->setPositionAlignment(Qt::AlignRight | Qt::AlignTop);
    text->setPadding(QMargins(0, look.scaled(2), look.scaled(6), 0));
}

void FrontierChart::addAxisWords() {
    const Theme& theme = Look::instance().theme();
    const auto corner = [&](const QString& words, double across, double down, Qt::Alignment alignment) {
        auto* text = add_text(plot_, theme.soft_ink, Look::small_px, false);
        text->setText(words);
        text->position->setType(QCPItemPosition::ptAxisRectRatio);
        text->position->setCoords(across, down);
        text->setPositionAlignment(alignment);
    };
    corner(tr("minutes"), 0.0, 0.0, Qt::AlignLeft | Qt::AlignBottom);
    corner(tr("g of pack"), 1.0, 1.0, Qt::AlignRight | Qt::AlignBottom);
}

bool FrontierChart::eventFilter(QObject* watched, QEvent* event) {
    if (watched == plot_ && event->type() == QEvent::MouseButtonPress && shown_ && !shown_->matches.empty()) {
        setFocus(Qt::MouseFocusReason);
        const QPointF at = static_cast<QMouseEvent*>(event)->position();
        std::size_t nearest = 0;
        double least = 1e9;
        for (std::size_t i = 0; i < shown_->matches.size(); ++i) {
            const QPointF off = toScreen(i) - at;
            const double distance = std::hypot(off.x(), off.y());
            if (distance >= least) continue;
            least = distance;
            nearest = i;
        }
        if (least < Look::instance().scaled(16)) emit picked(shown_->ids[nearest]);
    }
    return QWidget::eventFilter(watched, event);
}

/// To the next pack in the order of mass.
void FrontierChart::step(int by) {
    if (!shown_ || shown_->matches.empty()) return;
    std::vector<std::size_t> order(shown_->matches.size());
    for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        return shown_->matches[a].pack_mass_kg < shown_->matches[b].pack_mass_kg;
    });
    const auto here = shown_->curves.empty()
                          ? order.begin()
                          : std::find(order.begin(), order.end(), shown_->curves.front().candidate);
    const auto at = std::clamp<std::ptrdiff_t>(here - order.begin() + by, 0, std::ptrdiff_t(order.size()) - 1);
    emit picked(shown_->ids[order[std::size_t(at)]]);
}

void FrontierChart::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Left: step(-1); return;
    case Qt::Key_Right: step(1); return;
    default: QWidget::keyPressEvent(event);
    }
}

ShownTable FrontierChart::shownTable() const {
    const auto& q = Look::instance().quantities();
    ShownTable table{
        tr("Endurance and pack mass"), {tr("pack"), tr("mass"), tr("time"), tr("none lighter flies longer")}, {}};
    if (!shown_) return table;
    const auto cell = [](const QString& text, bool figure) {
        Cell made;
        made.text = text;
        made.figure = figure;
        return made;
    };
    for (std::size_t i = 0; i < shown_->matches.size(); ++i) {
        const auto& match = shown_->matches[i];
        table.rows.push_back({cell(wording::title(shown_->candidates[i].pack), false),
                              cell(q.text(units::Quantity::pack_mass, {match.pack_mass_kg, 0.0}), true),
                              cell(q.duration(match.endurance_s.value), true),
                              cell(match.on_frontier ? tr("yes") : tr("no"), false)});
    }
    return table;
}

} // namespace sobremesa::app
