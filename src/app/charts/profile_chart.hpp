#pragma once

#include <vector>

#include <QStringList>

#include "app/charts/plot_chart.hpp"
#include "core/mission/height_profile.hpp"

namespace sobremesa::app {

/// The flight from the side: the ground hatched, the outbound and return legs above it. The rings are heights that
/// the pilot chose: dragged up and down, or moved by keys, ← → from one to the next, ↑ ↓ by 5 m.
class ProfileChart : public PlotChart {
    Q_OBJECT
public:
    explicit ProfileChart(QWidget* parent = nullptr);
    /// @param names  of the heights, one for each
    void setProfile(std::vector<mission::ProfilePoint> profile, double clearance_m,
                    std::vector<mission::ChosenHeight> heights = {}, QStringList names = {});
    /// Where a ring stands, for whoever drags it.
    QPoint toScreen(const mission::ChosenHeight& height) const;

    QSize sizeHint() const override { return {700, 220}; }
    ShownTable shownTable() const override;

signals:
    /// One of the heights, by its number.
    void heightDragged(int index, double height_m);
    void dragFinished();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void refresh() final;
    void addHeights();
    /// The side of a place on which the flight is lower than there, for its label; the middle where neither is.
    Qt::Alignment lowerSide(double distance_m) const;
    /// The ring under a place of the screen; −1: none.
    int heightAt(const QPoint& at) const;
    void stepHeight(int by);
    std::vector<mission::ProfilePoint> profile_;
    double clearance_m_ = 0.0;
    std::vector<mission::ChosenHeight> heights_;
    QStringList names_;
    int dragged_ = -1;
    /// What the keys move; −1: nothing yet.
    int handled_ = -1;
};

} // namespace sobremesa::app
