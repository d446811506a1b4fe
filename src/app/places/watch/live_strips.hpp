#pragma once

#include <vector>

#include <QWidget>

#include "core/watch/live_flight.hpp"

namespace sobremesa::app {

/// The last minutes, one strip under the other: height, ground speed, volts, current; what they are now at the
/// right.
class LiveStrips : public QWidget {
    Q_OBJECT
public:
    explicit LiveStrips(QWidget* parent = nullptr);
    void setSeconds(const std::vector<watch::Second>& seconds);
    static constexpr double shown_s = 300.0;

    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    struct Strip {
        QString name;
        QString unit;
        int decimals = 1;
        std::vector<std::pair<double, double>> points; ///< seconds before now, value as written
    };
    /// Its last value, in figures.
    static QString now(const Strip& strip);
    void paintStrip(QPainter& painter, const QRectF& room, const Strip& strip) const;
    std::vector<Strip> strips_;
};

} // namespace sobremesa::app
