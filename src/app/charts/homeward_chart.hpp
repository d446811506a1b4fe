#pragma once

#include <memory>

#include "app/charts/plot_chart.hpp"
#include "core/debrief/flown_homeward.hpp"
#include "core/mission/plan.hpp"

class QCPAxisRect;
class QCPGraph;

namespace sobremesa::app {

/// The homeward chart: what is left falls, what the return needs rises, the reserve is a hatched floor; where the
/// two meet, turn. Below it the margin, with its band and a bold zero line.
///
/// The hatched floor can be dragged up and down where the reserve is a share. The cursor follows the mouse, or the
/// arrow keys.
class HomewardChart : public PlotChart {
    Q_OBJECT
public:
    explicit HomewardChart(QWidget* parent = nullptr);
    void setPlan(std::shared_ptr<const mission::Plan> plan);
    /// Another plan, as thin lines; nothing takes it away.
    void setBeside(std::shared_ptr<const mission::Plan> plan);
    /// What was flown, over the forecast; the rules' turns then stand back.
    void setFlown(std::shared_ptr<const debrief::FlownHomeward> flown);
    /// The flight is still flown: what it needs to get home is drawn as it was at each moment, and its margin
    /// below.
    void setLive(bool live) { live_ = live; }

    QSize sizeHint() const override { return {700, 280}; }
    /// Screen place of a point of the upper chart, for whoever drags it.
    QPoint toScreen(double distance_m, double energy_wh) const;
    /// What stands at the cursor, in words; empty without a cursor.
    QString cursorText() const { return cursor_text_; }

    ShownTable shownTable() const override;

signals:
    void reserveDragged(double share);
    void dragFinished();
    void cursorMoved(const QString& text);
    /// Where it stands, m of the chart's axis; below 0: gone.
    void cursorAt(double distance_m);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void build();
    void refresh() final;
    void followLook() override;
    void addCurves(double end_m);
    void addReserve(double end_m);
    void addBeside(double end_m);
    void addFlown();
    void addTurnRules(double end_m);
    void addTurnRuleTable(double end_m);
    QString turnLabel() const;
    /// Where its words stand, in pixels.
    QRectF placeOfTurnLabel() const;
    void addTurn();
    void addLabels(double end_m);
    void setChargeAxis();
    void moveCursor(double distance_m);
    void removeCursor();
    double endOfChart() const;
    double onAxis(const mission::Plan& plan, double distance_m) const;
    double onAxis(const mission::OutwardPoint& point) const;
    double onAxis(const debrief::FlownPoint& point) const;
    double distanceAt(double x) const;
    QString placeText(const mission::Plan& plan, double distance_m) const;
    bool overReserve(const QPoint& at) const;

    std::shared_ptr<const mission::Plan> plan_;
    std::shared_ptr<const mission::Plan> beside_;
    std::shared_ptr<const debrief::FlownHomeward> flown_;
    QCPAxisRect* energy_ = nullptr;
    QCPAxisRect* margin_ = nullptr;
    double per_distance_ = 0.001; ///< written distance per metre
    /// The flight stays over a place: across stand minutes.
    bool over_time_ = false;
    double cursor_m_ = -1.0;
    QString cursor_text_;
    bool dragging_reserve_ = false;
    bool live_ = false;
};

} // namespace sobremesa::app
