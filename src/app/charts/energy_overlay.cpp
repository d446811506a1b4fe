#include "app/charts/energy_overlay.hpp"

#include <algorithm>
#include <array>
#include <set>

#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

using debrief::TrackAxis;

namespace {

/// Steps along the common part.
constexpr int spread_steps = 200;
constexpr std::array dashes{Qt::SolidLine, Qt::DashLine, Qt::DotLine, Qt::DashDotLine, Qt::DashDotDotLine};

const std::vector<double>& along(const debrief::EnergyTrack& track, TrackAxis axis) {
    return axis == TrackAxis::distance ? track.ground_m : track.time_s;
}

} // namespace

EnergyOverlay::EnergyOverlay(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(320, 180);
    setAccessibleName(tr("Energy used, flights laid over each other"));
    refresh();
}

void EnergyOverlay::setFlights(std::vector<Flight> flights, TrackAxis axis) {
    flights_ = std::move(flights);
    axis_ = axis;
    // Without positions there is no way to lay it along.
    std::erase_if(flights_,
                  [axis](const Flight& flight) { return !flight.track || along(*flight.track, axis).empty(); });
    setAccessibleDescription(difference());
    refresh();
}

double EnergyOverlay::perSi() const {
    return axis_ == TrackAxis::distance
               ? Look::instance().quantities().notation(units::Quantity::ground_distance).factor
               : 1.0 / units::seconds_per_minute;
}

std::optional<debrief::EnergySpread> EnergyOverlay::spread() const {
    std::vector<const debrief::EnergyTrack*> tracks;
    tracks.reserve(flights_.size());
    for (const auto& flight : flights_) tracks.push_back(flight.track.get());
    return debrief::energy_spread(tracks, axis_);
}

QString EnergyOverlay::difference() const {
    const auto found = spread();
    if (!found) return {};
    const auto& q = Look::instance().quantities();
    const QString more = q.energy(found->most_wh - found->least_wh);
    const QString most = flights_[found->most].name;
    const QString least = flights_[found->least].name;
    return axis_ == TrackAxis::distance
               ? tr("Over the first %1, “%2” took %3 more than “%4”.").arg(q.distance(found->at), most, more, least)
               : tr("In the first %1, “%2” took %3 more than “%4”.").arg(q.duration(found->at), most, more, least);
}

ShownTable EnergyOverlay::shownTable() const {
    ShownTable table{tr("Energy used, flights laid over each other"), {}, {}};
    table.headers << (axis_ == TrackAxis::distance ? tr("distance, km") : tr("minutes"));
    std::vector<const debrief::EnergyTrack*> tracks;
    tracks.reserve(flights_.size());
    for (const auto& flight : flights_) {
        table.headers << tr("%1, Wh", "flight").arg(flight.name);
        tracks.push_back(flight.track.get());
    }
    const double per = axis_ == TrackAxis::distance ? units::metres_per_kilometre : units::seconds_per_minute;
    constexpr int rows = 40;
    double end = 0.0;
    for (const auto* track : tracks) end = std::max(end, along(*track, axis_).back());
    std::set<double> places;
    for (int i = 0; i <= rows && end > 0.0; ++i) places.insert(end * i / rows);
    for (const auto* track : tracks) places.insert(along(*track, axis_).back());
    for (const double at : places) {
        std::vector<Cell> row{figure_cell(at / per, 2)};
        row.reserve(tracks.size() + 1);
        for (const auto* track : tracks) {
            const auto used_wh = debrief::energy_at(*track, axis_, at);
            row.push_back(used_wh ? figure_cell(*used_wh, 2) : Cell());
        }
        table.rows.push_back(std::move(row));
    }
    return table;
}

void EnergyOverlay::refresh() {
    const Look& look = Look::instance();
    clear();
    style_axis_rect(plot_->axisRect());
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setTicker(plain_ticker(5));
        axis->setVisible(!flights_.empty());
    }
    if (!flights_.empty()) {
        plot_->xAxis->setLabel(
            axis_ == TrackAxis::distance
                ? tr("flown over ground, %1").arg(look.quantities().notation(units::Quantity::ground_distance).unit)
                : tr("minutes"));
        plot_->yAxis->setLabel(tr("Wh used"));
        double end = 0.0;
        double most_wh = 0.0;
        double least_wh = 0.0; // below 0 where the sun gave more than was used
        for (const auto& flight : flights_) {
            end = std::max(end, along(*flight.track, axis_).back());
            const auto& used = flight.track->energy_wh;
            most_wh = std::max(most_wh, *std::max_element(used.begin(), used.end()));
            least_wh = std::min(least_wh, *std::min_element(used.begin(), used.end()));
        }
        // Names stand behind the ends of their lines.
        plot_->xAxis->setRange(0.0, 1.25 * end * perSi());
        plot_->yAxis->setRange(1.1 * least_wh, 1.1 * most_wh);
        drawSpread();
        drawFlights();
    }
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void EnergyOverlay::drawSpread() {
    const auto found = spread();
    if (!found) return;
    const Look& look = Look::instance();
    QVector<double> x, least, most;
    for (int step = 0; step <= spread_steps; ++step) {
        const double at = found->at * step / spread_steps;
        double low = 1e300;
        double high = -1e300;
        for (const auto& flight : flights_) {
            const double used_wh = debrief::energy_at(*flight.track, axis_, at).value_or(0.0);
            low = std::min(low, used_wh);
            high = std::max(high, used_wh);
        }
        x << at * perSi();
        least << low;
        most << high;
    }
    QCPGraph* lower = plot_->addGraph();
    lower->setData(x, least, true);
    lower->setPen(Qt::NoPen);
    QCPGraph* upper = plot_->addGraph();
    upper->setData(x, most, true);
    upper->setPen(Qt::NoPen);
    upper->setBrush(band_fill(look.theme().ink));
    upper->setChannelFillGraph(lower);
    auto* end = new QCPItemLine(plot_);
    end->setPen(QPen(look.theme().ink, look.scaled(1)));
    end->start->setCoords(found->at * perSi(), found->least_wh);
    end->end->setCoords(found->at * perSi(), found->most_wh);
    end->setHead(QCPLineEnding::esBar);
    end->setTail(QCPLineEnding::esBar);
}

void EnergyOverlay::drawFlights() {
    const Look& look = Look::instance();
    // Ends that lie close have their names one above the other.
    struct Name {
        QString text;
        double x, y;
    };
    std::vector<Name> names;
    names.reserve(flights_.size());
    for (std::size_t i = 0; i < flights_.size(); ++i) {
        const auto& track = *flights_[i].track;
        QVector<double> x, y;
        for (std::size_t k = 0; k < track.time_s.size(); ++k) {
            x << along(track, axis_)[k] * perSi();
            y << track.energy_wh[k];
        }
        QCPGraph* line = plot_->addGraph();
        line->setData(x, y, true);
        line->setPen(QPen(look.theme().ink, look.scaled(1.6), dashes[i % dashes.size()]));
        names.push_back({flights_[i].name, x.back(), y.back()});
    }
    std::sort(names.begin(), names.end(), [](const Name& a, const Name& b) { return a.y < b.y; });
    const double line_wh = plot_->yAxis->range().size() * 0.075;
    double free_wh = -1e300;
    for (Name& name : names) {
        name.y = std::max(name.y, free_wh);
        free_wh = name.y + line_wh;
        auto* words = add_text(plot_, look.theme().ink, Look::small_px, false);
        words->position->setCoords(name.x, name.y);
        words->setPositionAlignment(Qt::AlignLeft | Qt::AlignVCenter);
        words->setPadding(QMargins(int(look.scaled(6)), 0, 0, 0));
        words->setText(name.text);
    }
}

} // namespace sobremesa::app
