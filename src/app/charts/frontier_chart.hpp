#pragma once

#include <memory>

#include "app/charts/plot_chart.hpp"
#include "session/bench_session.hpp"

namespace sobremesa::app {

/// All packs of the list on this aircraft: time in the air over mass of the pack. Filled is Li-ion, open is LiPo;
/// the line joins those that nothing else beats; the mass beyond which more of the chosen pack's cells no longer go
/// farther is marked. Arrow keys and clicks choose.
class FrontierChart : public PlotChart {
    Q_OBJECT
public:
    explicit FrontierChart(QWidget* parent = nullptr);
    void setShown(std::shared_ptr<const session::BenchShown> shown);
    /// Screen place of a candidate's mark, for whoever clicks it.
    QPoint toScreen(std::size_t candidate) const;

    QSize sizeHint() const override { return {380, 300}; }
    ShownTable shownTable() const override;

signals:
    void picked(session::Id id);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void refresh() final;
    std::size_t addPacks();
    void addBestPack();
    void addBestMass(double mass_g);
    void addAxisWords();
    void step(int by);
    bool isChosen(std::size_t candidate) const;

    std::shared_ptr<const session::BenchShown> shown_;
};

} // namespace sobremesa::app
