#pragma once

#include <QTabWidget>

#include "app/places/packs/bench_page.hpp"
#include "app/places/packs/health_page.hpp"
#include "app/places/packs/pack_builder_page.hpp"
#include "app/places/record_list/record_list_place.hpp"

namespace sobremesa::app {

class PackLines;

/// Packs: the list, the bench on which they are tried, the pack builder in which they are made on paper, and their
/// health over the cycles. All but the list are made when they are first wanted, so that the first window does not
/// wait.
class PacksPlace : public QTabWidget {
    Q_OBJECT
public:
    PacksPlace(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent = nullptr);
    RecordListPlace& recordList() { return *record_list_; }
    BenchPage& bench();
    PackBuilderPage& packBuilder();
    HealthPage& health();
    session::PackSession& learning() { return learning_; }
    bool onBench() const { return currentIndex() == bench_tab; }
    void showRecordList() { setCurrentIndex(record_list_tab); }
    void showBench() { setCurrentIndex(bench_tab); }
    void showPackBuilder() { setCurrentIndex(pack_builder_tab); }
    void showHealth() { setCurrentIndex(health_tab); }

signals:
    void planWanted();
    void refused(const units::Error& error);
    /// A table that was not there when the columns were restored.
    void tableMade(DataTable* table);

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    void makeLines();
    void lookAtLines();
    void showLines();
    enum Tab { record_list_tab, bench_tab, pack_builder_tab, health_tab };
    QWidget* addLaterTab(const QString& name);

    session::Workspace& workspace_;
    session::PlanSession& plan_session_;
    session::PackSession learning_;
    session::BenchSession lines_bench_;
    PackLines* lines_ = nullptr;
    RecordListPlace* record_list_;
    QWidget* bench_room_ = nullptr;
    QWidget* pack_builder_room_ = nullptr;
    BenchPage* bench_ = nullptr;
    PackBuilderPage* pack_builder_ = nullptr;
    QWidget* health_room_ = nullptr;
    HealthPage* health_ = nullptr;
};

} // namespace sobremesa::app
