#pragma once

#include <QTabWidget>

#include "app/places/packs/bench_page.hpp"
#include "app/places/packs/workshop_page.hpp"
#include "app/places/shelf/shelf_place.hpp"

namespace sobremesa::app {

/// Packs: the shelf, the bench on which they are tried, and the workshop in which they are made on paper.
class PacksPlace : public QTabWidget {
    Q_OBJECT
public:
    PacksPlace(session::Desk& desk, session::PlanSession& plan_session, QWidget* parent = nullptr);
    ShelfPlace& shelf() { return *shelf_; }
    BenchPage& bench() { return *bench_; }
    WorkshopPage& workshop() { return *workshop_; }
    bool onBench() const { return currentWidget() == bench_; }
    void showBench() { setCurrentWidget(bench_); }
    void showShelf() { setCurrentWidget(shelf_); }
    void showWorkshop() { setCurrentWidget(workshop_); }

private:
    ShelfPlace* shelf_;
    BenchPage* bench_;
    WorkshopPage* workshop_;
};

} // namespace sobremesa::app
