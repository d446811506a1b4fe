#include "app/places/packs/packs_place.hpp"

#include <algorithm>

#include <QTabBar>
#include <QVBoxLayout>

#include "app/charts/pack_lines.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

PacksPlace::PacksPlace(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent)
    : QTabWidget(parent), workspace_(workspace), plan_session_(plan_session), learning_(workspace),
      lines_bench_(workspace, plan_session), record_list_(new RecordListPlace(pack_record_list(workspace))) {
    setObjectName(QStringLiteral("packsTabs"));
    setAccessibleName(tr("Packs: list, bench, build, health"));
    tabBar()->setAccessibleName(accessibleName());
    setDocumentMode(true);
    addTab(record_list_, tr("List"));
    makeLines();
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

/// Under the list: what each pack gives in the cruise of the open plan. Worked out while someone looks.
void PacksPlace::makeLines() {
    lines_bench_.setCurvesOfAll();
    lines_ = new PackLines;
    lines_->setObjectName(QStringLiteral("packLines"));
    record_list_->setPicture(lines_, "packLinesHeading");
    connect(&lines_bench_, &session::BenchSession::changed, this, &PacksPlace::showLines);
    connect(&Look::instance(), &Look::changed, this, &PacksPlace::showLines);
    connect(this, &QTabWidget::currentChanged, this, &PacksPlace::lookAtLines);
}

void PacksPlace::lookAtLines() {
    lines_bench_.setActive(isVisible() && currentIndex() == record_list_tab);
}

void PacksPlace::showEvent(QShowEvent* event) {
    QTabWidget::showEvent(event);
    lookAtLines();
}

void PacksPlace::hideEvent(QHideEvent* event) {
    QTabWidget::hideEvent(event);
    lookAtLines();
}

void PacksPlace::showLines() {
    const auto shown = lines_bench_.shown();
    if (!shown) return;
    const auto& q = Look::instance().quantities();
    const auto& aircraft = plan_session_.request().aircraft;
    std::vector<PackLines::Line> lines;
    for (const auto& curve : shown->curves) {
        const auto& candidate = shown->candidates[curve.candidate];
        const auto& match = shown->matches[curve.candidate];
        PackLines::Line line;
        line.name = wording::title(candidate.pack);
        if (const auto why = matching::explain(shown->bench, candidate, match, units::Quantity::usable_energy))
            line.usable_wh = why->value;
        line.endurance_s = match.endurance_s.value;
        line.health_share = battery::capacity_share(candidate.pack);
        line.landing_cell_v = curve.result.landing_cell_v;
        line.last_flown = last_flown_day(workspace_, &book::KeptFlight::pack_id, shown->ids[curve.candidate]);
        const auto& run = curve.result.run;
        if (!run.gives_nothing() && run.last().charge_used_ah > 0.0) {
            for (const auto& point : run.points)
                line.curve.push_back(
                    {point.charge_used_ah / run.last().charge_used_ah, point.voltage_v / candidate.pack.series});
        }
        lines.push_back(std::move(line));
    }
    std::sort(lines.begin(), lines.end(),
              [](const auto& a, const auto& b) { return compare_as_read(a.name, b.name) < 0; });
    record_list_->setPictureHeading(
        lines.empty() ? QString()
                      : tr("In the cruise of %1 at %2, each at its own mass")
                            .arg(wording::title(aircraft),
                                 q.text(units::Quantity::temperature, {shown->bench.air_temperature_c, 0.0})));
    lines_->setLines(std::move(lines));
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
