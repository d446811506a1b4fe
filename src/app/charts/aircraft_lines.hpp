#pragma once

#include <optional>
#include <vector>

#include "app/charts/drawn_chart.hpp"
#include "app/widgets/mass_bar.hpp"

namespace sobremesa::app {

/// Aircraft at a glance, a line for each: what its flying mass is made of as a bar, power against airspeed as a
/// small curve with the speeds to fly marked on it, those speeds, and how often and when it was flown.
class AircraftLines : public DrawnChart {
    Q_OBJECT
public:
    explicit AircraftLines(QWidget* parent = nullptr);

    struct Point {
        double airspeed_mps = 0.0;
        double power_w = 0.0;
    };
    struct Line {
        QString name;
        /// Frame, electronics whose masses are known, the pack last.
        std::vector<MassBar::Part> masses;
        std::vector<Point> curve;
        /// Least power, and least energy over ground; nothing where no speed is.
        std::optional<Point> endurance;
        std::optional<Point> range;
        int flights = 0;
        QString last_flown; ///< empty: never
        /// Flights drew the curve; else it is made of the one known cruise.
        bool curve_fitted = false;
    };
    void setLines(std::vector<Line> lines);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    ShownTable shownTable() const override;

protected:
    void draw(QPainter& painter, const QSize& size) const override;

private:
    static void drawMasses(QPainter& painter, const QRectF& cell, const Line& line, double px_per_kg);
    static void drawCurve(QPainter& painter, const QRectF& cell, const Line& line, double fastest_mps);
    QString speeds(const Line& line) const;
    QString past(const Line& line) const;

    std::vector<Line> lines_;
};

} // namespace sobremesa::app
