#pragma once

#include <memory>

#include "app/charts/plot_chart.hpp"
#include "session/bench_session.hpp"

class QCPAxisRect;

namespace sobremesa::app {

/// The chosen packs under their cruise: volts, current, temperature or peak power against what they have given. The
/// landing is marked; what lies below it, down to the floor, is drawn faintly; and what landing a Li-ion pack as a
/// LiPo would leave unused is hatched, because it is the mistake that costs the most.
class BenchChart : public PlotChart {
    Q_OBJECT
public:
    enum class Shows { volts, current, temperature, peak_power };
    explicit BenchChart(QWidget* parent = nullptr);
    void setShown(std::shared_ptr<const session::BenchShown> shown);
    void setShows(Shows shows);
    Shows shows() const { return shows_; }
    /// What stands at the cursor, in words; empty without a cursor.
    QString cursorText() const { return cursor_text_; }
    /// What the hatched part says; empty where there is none.
    QString unusedText() const { return unused_text_; }

    QSize sizeHint() const override { return {640, 300}; }
    ShownTable shownTable() const override;

signals:
    void cursorMoved(const QString& text);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void refresh() final;
    void addPack(const session::BenchCurve& curve, std::size_t number);
    void addLanding(const session::BenchCurve& curve, std::size_t number);
    void addUnused();
    void moveCursor(double written_x);
    double valueAt(const session::BenchCurve& curve, const battery::DischargePoint& point) const;
    double given(const battery::DischargePoint& point) const;

    std::shared_ptr<const session::BenchShown> shown_;
    Shows shows_ = Shows::volts;
    double end_ = 1.0;
    double cursor_ = -1.0;
    QString cursor_text_;
    QString unused_text_;
};

} // namespace sobremesa::app
