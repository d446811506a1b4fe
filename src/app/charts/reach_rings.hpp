#pragma once

#include <memory>

#include "app/charts/drawn_chart.hpp"
#include "core/mission/reach.hpp"

namespace sobremesa::app {

/// How far one may fly and still come home, on every bearing, before and after a change: two outlines around home,
/// north up, on circles of distance, with the wind.
class ReachRings : public DrawnChart {
    Q_OBJECT
public:
    explicit ReachRings(QWidget* parent = nullptr);

    struct Shown {
        mission::Reach before;
        mission::Reach after;
        /// At the height of the mission.
        double wind_mps = 0.0;
        double wind_from_deg = 0.0;
    };
    /// @param shown  nothing: an empty ground
    void setShown(std::shared_ptr<const Shown> shown);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    ShownTable shownTable() const override;

protected:
    void draw(QPainter& painter, const QSize& size) const override;

private:
    std::shared_ptr<const Shown> shown_;
};

} // namespace sobremesa::app
