#include "app/places/packs/packs_place.hpp"

#include <QTabBar>
#include <QVBoxLayout>

#include "app/widgets/data_table.hpp"

namespace sobremesa::app {

PacksPlace::PacksPlace(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent)
    : QTabWidget(parent), workspace_(workspace), plan_session_(plan_session), learning_(workspace),
      record_list_(new RecordListPlace(pack_record_list(workspace))) {
    setObjectName(QStringLiteral("packsTabs"));
    setAccessibleName(tr("Packs: list, bench, build, health"));
    tabBar()->setAccessibleName(accessibleName());
    setDocumentMode(true);
    addTab(record_list_, tr("List"));
    bench_room_ = addLaterTab(tr("Bench"));
    pack_builder_room_ = addLaterTab(tr("Build"));
    health_room_ = addLaterTab(tr("Health"));
    connect(this, &QTabWidget::currentChanged, this, [this](int tab) {
        if (tab == bench_tab) bench();
        // The pack builder's test is about whatever is chosen on the list.
        if (tab == pack_builder_tab) packBuilder().setTested(record_list_->chosen());
        if (tab == health_tab) health().setPack(record_list_->chosen());
    });
}

QWidget* PacksPlace::addLaterTab(const QString& name) {
    auto* room = new QWidget;
    auto* column = new QVBoxLayout(room);
    column->setContentsMargins(0, 0, 0, 0);
    addTab(room, name);
    return room;
}

BenchPage& PacksPlace::bench() {
    if (bench_) return *bench_;
    bench_ = new BenchPage(workspace_, plan_session_);
    connect(bench_, &BenchPage::planWanted, this, &PacksPlace::planWanted);
    connect(&bench_->session(), &session::BenchSession::refused, this, &PacksPlace::refused);
    bench_room_->layout()->addWidget(bench_);
    bench_->show();
    emit tableMade(&bench_->table());
    return *bench_;
}

PackBuilderPage& PacksPlace::packBuilder() {
    if (pack_builder_) return *pack_builder_;
    pack_builder_ = new PackBuilderPage(workspace_, plan_session_);
    connect(pack_builder_, &PackBuilderPage::shelved, this, [this](session::Id id) {
        showRecordList();
        record_list_->choose(id);
    });
    pack_builder_room_->layout()->addWidget(pack_builder_);
    pack_builder_->show();
    return *pack_builder_;
}

HealthPage& PacksPlace::health() {
    if (health_) return *health_;
    health_ = new HealthPage(workspace_, learning_);
    health_room_->layout()->addWidget(health_);
    health_->show();
    return *health_;
}

} // namespace sobremesa::app
