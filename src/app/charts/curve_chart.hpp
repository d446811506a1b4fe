#pragma once

#include "app/charts/plot_chart.hpp"
#include "core/airframe/speeds_to_fly.hpp"
#include "core/telemetry/consumption.hpp"

class QCPItemText;
class QCPItemTracer;
class QCPItemLine;

namespace sobremesa::app {

/// Power against airspeed: the curve with its band (solid where it was flown, dashed where physics carries it on),
/// every flight's level points, the tangent from today's headwind that touches at best-range speed, and the
/// speeds to fly as marks. One of them can be dragged, with the mouse or the arrow keys, to see what hurry costs.
class CurveChart : public PlotChart {
    Q_OBJECT
public:
    explicit CurveChart(QWidget* parent = nullptr);

    struct Shown {
        airframe::PowerCurve curve;
        airframe::SpeedQuestion question;
        airframe::SpeedsToFly speeds;
        std::vector<telemetry::LevelPoint> points;
        /// Of flights that stand apart: open marks.
        std::vector<telemetry::LevelPoint> apart;
    };
    void setShown(std::optional<Shown> shown);
    /// The airspeed that is dragged, m/s; the speed for range until then.
    double chosenSpeed() const { return chosen_mps_; }
    void setChosenSpeed(double airspeed_mps);

    QSize sizeHint() const override { return {560, 380}; }
    ShownTable shownTable() const override;
    QPoint toScreen(double airspeed_mps, double power_w) const;

signals:
    void speedChosen(double airspeed_mps);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void refresh() final;
    void drawCurve();
    void drawPoints(const std::vector<telemetry::LevelPoint>& points, bool filled);
    void drawTangent();
    void mark(const std::optional<airframe::SpeedToFly>& speed, const QString& name);
    void placeMarks();
    void placeChosen();

    /// The name of a speed, and the band of the curve there, W.
    struct Mark {
        QCPItemText* words;
        double x;
        double low_w;
        double high_w;
    };

    std::optional<Shown> shown_;
    std::vector<Mark> marks_;
    std::vector<airframe::SpeedToFly> samples_;
    double chosen_mps_ = 0.0;
    bool dragged_ = false;
    QCPItemTracer* handle_ = nullptr;
    QCPItemText* handle_words_ = nullptr;
};

} // namespace sobremesa::app
