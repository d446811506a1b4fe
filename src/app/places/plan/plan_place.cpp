#include "app/places/plan/plan_place.hpp"

#include <cmath>

#include <QHBoxLayout>
#include <QStackedLayout>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/charts/homeward_chart.hpp"
#include "app/map/map_view.hpp"
#include "app/places/plan/beside_panel.hpp"
#include "app/places/plan/first_plan_page.hpp"
#include "app/places/plan/plan_sheet.hpp"
#include "app/places/plan/schools_table.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/editable_word.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/explain.hpp"
#include "core/units/constants.hpp"
#include "wording/messages.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

/// After this pause the next edit is a new one: "what changed" then counts from here.
constexpr int edits_over_ms = 4000;

geodesy::EastNorth polar(double bearing_deg, double distance_m) {
    const double a = units::radians(bearing_deg);
    return {distance_m * std::sin(a), distance_m * std::cos(a)};
}

} // namespace

PlanPlace::PlanPlace(session::PlanSession& session, session::Desk& desk, QWidget* parent)
    : QWidget(parent), session_(session), desk_(desk), pages_(new QStackedLayout(this)),
      first_page_(new FirstPlanPage(desk)), map_or_beside_(new QStackedWidget), beside_panel_(new BesidePanel),
      map_(new MapView), chart_(new HomewardChart) {
    setObjectName(QStringLiteral("planPlace"));
    map_->setObjectName(QStringLiteral("planMap"));
    chart_->setObjectName(QStringLiteral("homewardChart"));

    auto* fold = new Fold;
    QWidget* answer = makeAnswer();
    QWidget* chart = makeChart();
    fold->addPane(tr("Answer"), answer);
    fold->addPane(tr("Homeward chart"), chart, true);
    map_or_beside_->addWidget(map_);
    map_or_beside_->addWidget(beside_panel_);
    fold->addPane(tr("Map"), map_or_beside_);
    fold->setWideArrangement([this, answer, chart](QWidget* page) {
        auto* upper = new QHBoxLayout;
        upper->setSpacing(0);
        upper->addWidget(map_or_beside_, 5);
        upper->addWidget(new Hairline(Qt::Vertical));
        upper->addWidget(answer, 4);
        auto* rows = new QVBoxLayout(page);
        rows->setContentsMargins(0, 0, 0, 0);
        rows->setSpacing(0);
        rows->addLayout(upper, 11);
        rows->addWidget(new Hairline(Qt::Horizontal));
        rows->addWidget(chart, 8);
    });
    pages_->addWidget(first_page_);
    pages_->addWidget(fold);
    connect(first_page_, &FirstPlanPage::openWanted, this, &PlanPlace::openWanted);
    connect(beside_panel_, &BesidePanel::closeWanted, this, [this] { layBeside(std::nullopt); });
    connect(&beside_session_, &session::PlanSession::planChanged, this, &PlanPlace::showBeside);
    connect(&desk_, &session::Desk::openPlanChanged, this, [this] {
        takeBefore();
        showPage();
    });
    connect(&desk_, &session::Desk::plansChanged, this, [this] {
        showPage();
        if (beside_ && !desk_.shelves().plans.contains(*beside_)) layBeside(std::nullopt);
    });
    connect(&desk_, &session::Desk::aircraftChanged, first_page_, &FirstPlanPage::refresh);
    connect(&desk_, &session::Desk::packsChanged, first_page_, &FirstPlanPage::refresh);

    edits_over_.setSingleShot(true);
    edits_over_.setInterval(edits_over_ms);
    connect(&edits_over_, &QTimer::timeout, this, [this] { before_ = shown_; });

    connect(&session_, &session::PlanSession::planChanged, this, &PlanPlace::showPlan);
    connect(map_, &MapView::bearingDragged, this,
            [this](double deg) { edit([&](mission::PlanRequest& r) { r.mission.bearing_deg = deg; }); });
    connect(map_, &MapView::windDragged, this, [this](const atmosphere::Wind& wind) {
        edit([&](mission::PlanRequest& r) { r.weather.wind = wind; });
    });
    connect(chart_, &HomewardChart::reserveDragged, this, [this](double share) {
        edit([&](mission::PlanRequest& r) { r.reserve = mission::ShareOfUsable{share}; });
    });
    connect(&schools_->schools(), &SchoolsModel::countedChanged, this,
            [this](const auto& counted) { edit([&](mission::PlanRequest& r) { r.turn.counted = counted; }); });
    connect(&Look::instance(), &Look::changed, this, [this] {
        showPlan();
        showPage();
    });
    showPage();
    showPlan();
}

QWidget* PlanPlace::makeAnswer() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(26), look.scaled(14), look.scaled(26), look.scaled(8));
    column->setSpacing(look.scaled(7));
    name_ = new EditableWord;
    name_->setObjectName(QStringLiteral("planNameWord"));
    name_->setToolTip(tr("Plans: open, name, duplicate, lay beside"));
    connect(name_, &EditableWord::clicked, this, &PlanPlace::showPlans);
    column->addWidget(name_, 0, Qt::AlignLeft);
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("planSentence"));
    column->addWidget(sentence_);
    changed_ = new TextLabel(Role::quiet);
    changed_->setObjectName(QStringLiteral("planChanged"));
    column->addWidget(changed_);

    figures_ = new FigureRow(4);
    column->addWidget(figures_);

    schools_ = new SchoolsTable;
    column->addWidget(schools_);
    notices_ = new QVBoxLayout;
    notices_->setSpacing(look.scaled(6));
    column->addLayout(notices_);
    column->addStretch(1);
    cautions_ = new TextLabel(Role::quiet, wording::cautions());
    cautions_->setObjectName(QStringLiteral("cautions"));
    column->addWidget(cautions_);

    auto* scroll = new ScrollColumn(inside);
    scroll->setMinimumWidth(look.scaled(380));
    scroll->setAccessibleName(tr("Answer"));
    return scroll;
}

QWidget* PlanPlace::makeChart() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(10), look.scaled(24), look.scaled(8));
    column->setSpacing(look.scaled(4));
    auto* heading = new QHBoxLayout;
    heading->addWidget(new TextLabel(Role::heading, tr("Homeward chart")));
    axes_ = new TextLabel(Role::quiet);
    axes_->setWordWrap(false);
    heading->addSpacing(look.scaled(6));
    heading->addWidget(axes_);
    heading->addSpacing(look.scaled(18));
    moves_ = new TextLabel(Role::quiet);
    moves_->setObjectName(QStringLiteral("movesMost"));
    moves_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    moves_->setElided();
    heading->addWidget(moves_, 1);
    column->addLayout(heading);
    column->addWidget(chart_, 1);
    connect(chart_, &HomewardChart::cursorMoved, this, [this](const QString& at_cursor) {
        const bool gone = at_cursor.isEmpty() && shown_;
        moves_->setWords(gone ? wording::what_moves_it(*shown_, Look::instance().quantities()) : at_cursor);
    });
    return panel;
}

void PlanPlace::edit(const std::function<void(mission::PlanRequest&)>& change) {
    mission::PlanRequest request = session_.request();
    change(request);
    session_.setRequest(request);
}

void PlanPlace::showPage() {
    const auto open = desk_.openPlanId();
    const bool empty = !open || !desk_.shelves().plans.contains(*open);
    pages_->setCurrentIndex(empty ? 0 : 1);
    if (empty) return;
    const QString title = plan_title(desk_.shelves().plans.at(*open).request);
    name_->setText(
        QFontMetrics(Look::instance().font(15)).elidedText(title, Qt::ElideRight, Look::instance().scaled(320)));
    name_->setAccessibleName(tr("Plan: %1", "its name").arg(title));
    name_->updateGeometry();
}

void PlanPlace::showPlans() {
    auto* sheet = new PlanSheet(desk_, window());
    connect(sheet, &PlanSheet::besideWanted, this, [this](session::Id id) { layBeside(id); });
    sheet->popUpBy(name_, name_->rect());
}

/// Where the aircraft or the pack of a kept plan have changed since, the answer begins with what that moved.
void PlanPlace::takeBefore() {
    kept_.reset();
    const auto open = desk_.openPlanId();
    if (!open || !desk_.shelves().plans.contains(*open)) return;
    if (auto plan = mission::make_plan(desk_.shelves().plans.at(*open).request))
        kept_ = std::make_shared<const mission::Plan>(std::move(*plan));
}

void PlanPlace::layBeside(std::optional<session::Id> id) {
    beside_ = id && *id != desk_.openPlanId() && desk_.shelves().plans.contains(*id) ? id : std::nullopt;
    if (beside_) {
        beside_session_.show(desk_.current(desk_.shelves().plans.at(*beside_)), *beside_);
        return;
    }
    map_or_beside_->setCurrentWidget(map_);
    chart_->setBeside(nullptr);
}

void PlanPlace::showBeside() {
    const auto other = beside_session_.plan();
    if (!beside_ || !other || !shown_ || !desk_.openPlanId()) return;
    beside_panel_->setPlans(plan_title(shown_->request), *shown_, plan_title(other->request), *other);
    map_or_beside_->setCurrentWidget(beside_panel_);
    chart_->setBeside(other);
}

void PlanPlace::showPlan() {
    const auto plan = session_.plan();
    if (!plan) return;
    const auto& q = Look::instance().quantities();
    if (session_.planDocument() != shown_document_) {
        before_ = kept_ && session_.planDocument() == desk_.openPlanId() ? kept_ : plan;
        if (beside_ == desk_.openPlanId()) layBeside(std::nullopt);
    }
    shown_document_ = session_.planDocument();
    shown_ = plan;
    edits_over_.start();

    sentence_->setWords(wording::plan_sentence(*plan, q));
    const QString changed = wording::what_changed(*before_, *plan, q);
    changed_->setWords(changed);
    changed_->setVisible(!changed.isEmpty());
    const std::pair<Quantity, QString> figures[] = {
        {Quantity::turn_distance, tr("turn")},
        {Quantity::usable_energy, tr("usable")},
        {q.leading(Quantity::charge_per_distance_out, Quantity::energy_per_distance_out), tr("out")},
        {q.leading(Quantity::charge_per_distance_home, Quantity::energy_per_distance_home), tr("home")},
    };
    for (std::size_t i = 0; i < figures_->figures().size(); ++i) {
        figures_->figures()[i]->setExplanation(mission::explain(*plan, figures[i].first), figures[i].second);
    }
    figures_->layOutAgain();
    schools_->schools().setPlan(plan);
    schools_->setVisible(!plan->schools.empty());
    showNotices(*plan);
    axes_->setWords(tr("Wh left and Wh needed, by %1 from home").arg(q.notation(Quantity::turn_distance).unit));
    moves_->setWords(wording::what_moves_it(*plan, q));
    chart_->setPlan(plan);
    showMap(*plan);
    showBeside();
}

void PlanPlace::showNotices(const mission::Plan& plan) {
    const QString said = wording::plan_sentence(plan, Look::instance().quantities());
    std::vector<QString> texts;
    for (const auto& notice : plan.notices) {
        const QString text = wording::message(notice, Look::instance().quantities());
        // Where there is no turn the sentence itself is the notice.
        if (text != said) texts.push_back(text);
    }
    while (notices_->count() > int(texts.size())) {
        const QLayoutItem* item = notices_->takeAt(notices_->count() - 1);
        delete item->widget();
        delete item;
    }
    while (notices_->count() < int(texts.size())) {
        auto* label = new TextLabel(Role::warning);
        notices_->addWidget(label);
        label->show();
    }
    for (std::size_t i = 0; i < texts.size(); ++i) {
        static_cast<TextLabel*>(notices_->itemAt(int(i))->widget())->setWords(texts[i]);
    }
}

void PlanPlace::showMap(const mission::Plan& plan) {
    const auto& q = Look::instance().quantities();
    std::vector<MapView::Way> ways;
    std::optional<MapView::TurnMark> mark;
    if (plan.turn) {
        const double d = plan.turn->distance_m.value;
        const double bearing = plan.request.mission.bearing_deg;
        const auto turn = polar(bearing, d);
        // The two ways are one line on the ground; drawn a little apart, out on its left, home on its right.
        const auto aside = [&](const geodesy::EastNorth& p, double side_m) {
            const auto side = polar(bearing + 90.0, side_m);
            return geodesy::EastNorth{p.east_m + side.east_m, p.north_m + side.north_m};
        };
        const double gap_m = 0.008 * d;
        const double out_s = plan.turn->time_s.value;
        const double home_s = plan.flight->duration_s.value - out_s;
        ways.push_back({{aside({}, -gap_m), aside(turn, -gap_m)},
                        false,
                        true,
                        tr("out %1 at %2").arg(q.duration(out_s), q.speed(plan.conditions.out->ground_speed_mps))});
        ways.push_back(
            {{aside(turn, gap_m), aside({}, gap_m)},
             true,
             true,
             tr("home %1 at %2").arg(q.duration(home_s), q.speed(plan.conditions.home->ground_speed_mps))});
        mark = MapView::TurnMark{turn, plan.turn->distance_m.sd, tr("turn %1").arg(q.distance(d))};
    }
    map_->setTurn(mark, true);
    map_->setWind(plan.request.weather.wind, true);
    map_->setWays(std::move(ways));
    map_->setAccessibleName(wording::map_summary(plan, q));
}

} // namespace sobremesa::app
