#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "app/charts/plot_chart.hpp"
#include "core/telemetry/min_max_pyramid.hpp"
#include "session/debrief_session.hpp"

class QCPAxisRect;
class QCPGraph;
class QCPMarginGroup;
class QCPItemStraightLine;
class QCPItemText;

namespace sobremesa::app {

/// Height, speed, volts and current of a log over time, one under the other, with one cursor and one range of time.
/// Wheel zooms, drag pans, a double click shows all; the arrow keys move the cursor, + − and Home zoom.
class StripCharts : public PlotChart {
    Q_OBJECT
public:
    explicit StripCharts(QWidget* parent = nullptr);
    void setDebrief(std::shared_ptr<const session::Debrief> debrief);
    /// Shows a part of the flight with some room around it, the cursor at its beginning.
    void showPart(double from_s, double to_s);
    /// Puts the cursor at a moment; the nearest row answers.
    void setCursor(double time_s);
    std::optional<std::size_t> cursorRow() const { return cursor_row_; }
    std::pair<double, double> shownRange() const;
    ShownTable shownTable() const override;
    int stripCount() const { return int(strips_.size()); }
    QPoint toScreen(double time_s) const;

signals:
    /// Index into the clean rows.
    void cursorMoved(std::size_t row);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Strip {
        telemetry::Channel channel;
        QString name;
        double factor = 1.0;
        QString unit;
        int decimals = 1;
        /// Taken off before the factor: the height that the log gives home.
        double zero = 0.0;
        double shown(double reading) const { return (reading - zero) * factor; }
        std::shared_ptr<const telemetry::MinMaxPyramid> column = {};
        QCPGraph* graph = nullptr;
        QCPAxisRect* rect = nullptr;
        QCPItemStraightLine* line = nullptr;
        QCPItemText* value = nullptr;
    };
    void refresh() final;
    void addStrip(Strip strip, int row);
    void addRibbon();
    void fitRibbon();
    QCPMarginGroup* margins();
    void fitTicks();
    void drawLines();
    void markGaps(QCPAxisRect* rect);
    void zoom(double factor, double around_min);
    void showRange(double from_min, double to_min);
    void placeCursor();

    std::shared_ptr<const session::Debrief> debrief_;
    /// Time of every clean row, minutes.
    std::vector<double> minutes_;
    std::vector<Strip> strips_;
    /// The segments of the flight, above the strips.
    QCPAxisRect* ribbon_ = nullptr;
    std::vector<std::pair<QCPItemText*, std::size_t>> ribbon_words_;
    std::optional<std::size_t> cursor_row_;
    double all_from_min_ = 0.0;
    double all_to_min_ = 1.0;
    std::optional<QPoint> pan_from_;
};

} // namespace sobremesa::app
