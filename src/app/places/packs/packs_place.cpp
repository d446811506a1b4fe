#include "app/places/packs/packs_place.hpp"

#include <QTabBar>

namespace sobremesa::app {

PacksPlace::PacksPlace(session::Desk& desk, session::PlanSession& plan_session, QWidget* parent)
    : QTabWidget(parent), shelf_(new ShelfPlace(pack_shelf(desk))), bench_(new BenchPage(desk, plan_session)),
      workshop_(new WorkshopPage(desk)) {
    setObjectName(QStringLiteral("packsTabs"));
    setAccessibleName(tr("Packs: shelf, bench, workshop"));
    tabBar()->setAccessibleName(accessibleName());
    setDocumentMode(true);
    addTab(shelf_, tr("Shelf"));
    addTab(bench_, tr("Bench"));
    addTab(workshop_, tr("Workshop"));
    // The workshop's test is about whatever is chosen on the shelf.
    connect(this, &QTabWidget::currentChanged, this, [this] {
        if (currentWidget() == workshop_) workshop_->setTested(shelf_->chosen());
    });
    connect(workshop_, &WorkshopPage::shelved, this, [this](session::Id id) {
        showShelf();
        shelf_->choose(id);
    });
}

} // namespace sobremesa::app
