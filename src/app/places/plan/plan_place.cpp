#include "app/places/plan/plan_place.hpp"

#include <cmath>

#include <QHBoxLayout>
#include <QLineEdit>
#include <QStackedLayout>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/charts/homeward_chart.hpp"
#include "app/charts/profile_chart.hpp"
#include "app/map/map_view.hpp"
#include "app/places/plan/alarms_sheet.hpp"
#include "app/places/plan/beside_panel.hpp"
#include "app/places/plan/first_plan_page.hpp"
#include "app/places/plan/limits_panel.hpp"
#include "app/places/plan/mission_panel.hpp"
#include "app/places/plan/plan_sheet.hpp"
#include "app/places/plan/turn_rules_table.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/editable_word.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/popover.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/add_place.hpp"
#include "core/mission/explain.hpp"
#include "core/mission/leg_sums.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/move_home.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/terrain.hpp"
#include "wording/messages.hpp"
#include "wording/plans.hpp"
#include "wording/sentences.hpp"
#include "wording/sun.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

/// After this pause the next edit is a new one: "what changed" then counts from here.
constexpr int edits_over_ms = 4000;

} // namespace

PlanPlace::PlanPlace(session::PlanSession& session, session::Workspace& workspace, QWidget* parent)
    : QWidget(parent), session_(session), workspace_(workspace), pages_(new QStackedLayout(this)),
      first_page_(new FirstPlanPage(workspace)), map_or_beside_(new QStackedWidget), beside_panel_(new BesidePanel),
      map_(new MapView), chart_(new HomewardChart), profile_(new ProfileChart), limits_(new LimitsPanel) {
    setObjectName(QStringLiteral("planPlace"));
    map_->setObjectName(QStringLiteral("planMap"));
    chart_->setObjectName(QStringLiteral("homewardChart"));
    profile_->setObjectName(QStringLiteral("profileChart"));
    limits_->setObjectName(QStringLiteral("limitsPanel"));
    beside_session_.withoutOutlook();

    fold_ = new Fold;
    QWidget* answer = makeAnswer();
    auto* chart = new QWidget;
    chart_row_ = new QHBoxLayout(chart);
    chart_row_->setContentsMargins(0, 0, 0, 0);
    chart_row_->setSpacing(0);
    chart_row_->addWidget(makeChart(), 1);
    fold_->addPane(tr("Answer"), answer);
    fold_->addPane(tr("Homeward chart"), chart, true);
    map_or_beside_->addWidget(map_);
    map_or_beside_->addWidget(beside_panel_);
    fold_->addPane(tr("Map"), map_or_beside_);
    fold_->setWideArrangement([this, answer, chart](QWidget* page) {
        auto* upper = new QHBoxLayout;
        upper->setSpacing(0);
        upper->addWidget(map_or_beside_, 5);
        upper->addWidget(new Hairline(Qt::Vertical));
        upper->addWidget(answer, 4);
        auto* rows = new QVBoxLayout(page);
        rows->setContentsMargins(0, 0, 0, 0);
        rows->setSpacing(0);
        // At 1280 × 800 the rule that counts stands above the fold with its neighbours.
        rows->addLayout(upper, 12);
        rows->addWidget(new Hairline(Qt::Horizontal));
        rows->addWidget(chart, 8);
    });
    pages_->addWidget(first_page_);
    pages_->addWidget(fold_);
    connect(first_page_, &FirstPlanPage::openWanted, this, &PlanPlace::openWanted);
    connect(first_page_, &FirstPlanPage::demoWanted, this, &PlanPlace::demoWanted);
    connect(beside_panel_, &BesidePanel::closeWanted, this, [this] { layBeside(std::nullopt); });
    connect(&beside_session_, &session::PlanSession::planChanged, this, &PlanPlace::showBeside);
    connect(&workspace_, &session::Workspace::openPlanChanged, this, [this] {
        takeBefore();
        showPage();
    });
    connect(&workspace_, &session::Workspace::plansChanged, this, [this] {
        showPage();
        if (beside_ && !workspace_.library().plans.contains(*beside_)) layBeside(std::nullopt);
    });
    connect(&workspace_, &session::Workspace::aircraftChanged, first_page_, &FirstPlanPage::refresh);
    connect(&workspace_, &session::Workspace::packsChanged, first_page_, &FirstPlanPage::refresh);

    edits_over_.setSingleShot(true);
    edits_over_.setInterval(edits_over_ms);
    connect(&edits_over_, &QTimer::timeout, this, [this] { before_ = shown_; });

    connect(&session_, &session::PlanSession::planChanged, this, &PlanPlace::showPlan);
    connect(&session_, &session::PlanSession::outlookChanged, this, &PlanPlace::showOutlook);
    connect(map_, &MapView::markDragged, this, &PlanPlace::moveMark);
    map_->setPlacesAddable(true);
    connect(map_, &MapView::placeWanted, this, [this](const geodesy::EastNorth& at, bool landing_place) {
        edit([&](mission::PlanRequest& r) {
            if (landing_place)
                mission::add_alternate(r.mission, at);
            else
                mission::add_waypoint(r.mission, at);
        });
        const auto& mission = session_.request().mission;
        const std::size_t waypoints = mission.waypoints.size();
        map_->nameMark(at, int(landing_place ? waypoints + mission.alternates.size() - 1 : waypoints - 1),
                       QString());
    });
    connect(map_, &MapView::markNameWanted, this, [this](int index) {
        const auto& mission = session_.request().mission;
        const auto i = std::size_t(index);
        const std::size_t waypoints = mission.waypoints.size();
        if (i < waypoints)
            map_->nameMark(mission.waypoints[i].at, index, QString::fromStdString(mission.waypoints[i].name));
        else if (i - waypoints < mission.alternates.size())
            map_->nameMark(mission.alternates[i - waypoints].at, index,
                           QString::fromStdString(mission.alternates[i - waypoints].name));
    });
    connect(map_, &MapView::markNamed, this, [this](int index, const QString& name) {
        edit([&](mission::PlanRequest& r) {
            mission::name_place(r.mission, std::size_t(index), name.trimmed().toStdString());
        });
    });
    connect(map_, &MapView::markRemoved, this, [this](int index) {
        edit([&](mission::PlanRequest& r) { mission::remove_place(r.mission, std::size_t(index)); });
    });
    connect(map_, &MapView::areaDrawn, this, [this](const std::vector<geodesy::EastNorth>& outline) {
        edit([&](mission::PlanRequest& r) { mission::add_no_landing(r.mission, outline); });
    });
    connect(map_, &MapView::areaRemoved, this, [this](int area) {
        edit([&](mission::PlanRequest& r) {
            mission::remove_place(r.mission,
                                  r.mission.waypoints.size() + r.mission.alternates.size() + std::size_t(area));
        });
    });
    connect(map_, &MapView::homeDragged, this, [this](const geodesy::EastNorth& by) {
        if (!home_before_) home_before_ = session_.request();
        home_held_ = true;
        mission::PlanRequest request = *home_before_;
        mission::move_home(request, by);
        session_.setRequest(request);
    });
    connect(map_, &MapView::homeNudged, this, [this](const geodesy::EastNorth& by) {
        edit([&](mission::PlanRequest& r) { mission::move_home(r, by); });
    });
    connect(map_, &MapView::dragFinished, this, [this] {
        home_held_ = false;
        settleHome();
    });
    connect(map_, &MapView::bearingDragged, this,
            [this](double deg) { edit([&](mission::PlanRequest& r) { r.mission.bearing_deg = deg; }); });
    connect(map_, &MapView::windDragged, this, [this](const atmosphere::Wind& wind) {
        edit([&](mission::PlanRequest& r) { mission::set_spoken_wind(r, wind); });
    });
    connect(profile_, &ProfileChart::heightDragged, this, [this](int index, double height_m) {
        if (!shown_) return;
        const auto heights = mission::chosen_heights(*shown_);
        if (index >= int(heights.size())) return;
        edit([&](mission::PlanRequest& r) {
            if (const auto waypoint = heights[std::size_t(index)].waypoint)
                r.mission.waypoints[*waypoint].height_m = height_m;
            else
                r.mission.height_m = height_m;
        });
    });
    connect(chart_, &HomewardChart::reserveDragged, this, [this](double share) {
        edit([&](mission::PlanRequest& r) { r.reserve = mission::ShareOfUsable{share}; });
    });
    connect(&turn_rules_->turnRules(), &TurnRulesModel::countedChanged, this,
            [this](const auto& counted) { edit([&](mission::PlanRequest& r) { r.turn.counted = counted; }); });
    connect(&turn_rules_->turnRules(), &TurnRulesModel::figureTyped, this,
            [this](mission::TurnRule rule, const QString& typed) {
                auto request = session_.request();
                const auto field = turn_rule_field(rule, Look::instance().quantities());
                if (!field) return;
                if (const QString trouble = field->read(request, typed); !trouble.isEmpty())
                    emit said(trouble);
                else if (const auto error = session_.setRequest(request))
                    emit said(wording::message(*error));
            });
    connect(&Look::instance(), &Look::changed, this, [this] {
        // Its units and sizes are those that it was made with.
        if (mission_ && mission_->window() == window()) {
            const int tab = mission_->tabs().currentIndex();
            mission_->close();
            mission_.clear();
            openMission(tab);
        }
        showPlan();
        showOutlook();
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
    name_->setToolTip(tr("Plans: open, rename, duplicate, compare"));
    connect(name_, &EditableWord::clicked, this, &PlanPlace::showPlans);
    column->addWidget(name_, 0, Qt::AlignLeft);
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("planSentence"));
    column->addWidget(sentence_);
    changed_ = new TextLabel(Role::quiet);
    changed_->setObjectName(QStringLiteral("planChanged"));
    column->addWidget(changed_);
    column->addWidget(limits_->goLabel());
    auto* sheets = new QHBoxLayout;
    sheets->setSpacing(look.scaled(18));
    const auto word = [&](const QString& text, const char* object, auto call) {
        auto* made = new EditableWord;
        made->setObjectName(QLatin1String(object));
        made->setText(text);
        made->setAccessibleName(text);
        connect(made, &EditableWord::clicked, this, call);
        sheets->addWidget(made);
        return made;
    };
    mission_button_ = word(tr("mission"), "missionButton", [this] { showMission(); });
    alarms_button_ = word(tr("alarms"), "alarmsButton", [this] { showAlarms(); });
    word(tr("flight card"), "cardButton", [this] { emit cardWanted(); });
    sheets->addStretch(1);
    column->addLayout(sheets);

    figures_ = new FigureRow(4);
    column->addWidget(figures_);

    turn_rules_ = new TurnRulesTable;
    column->addWidget(turn_rules_);
    diagnostics_ = new QVBoxLayout;
    diagnostics_->setSpacing(look.scaled(6));
    column->addLayout(diagnostics_);
    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(limits_);
    column->addStretch(1);
    cautions_ = new TextLabel(Role::quiet, wording::cautions());
    cautions_->setObjectName(QStringLiteral("cautions"));
    column->addWidget(cautions_);

    for (TextLabel* label : {sentence_, changed_, cautions_}) label->setFillsColumn();

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
    chart_heading_ = new TextLabel(Role::heading, tr("Homeward chart"));
    heading->addWidget(chart_heading_);
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
    heights_word_ = new EditableWord;
    heights_word_->setObjectName(QStringLiteral("heightsWord"));
    connect(heights_word_, &EditableWord::clicked, this,
            [this] { showHeights(charts_->currentWidget() == chart_); });
    heading->insertSpacing(1, look.scaled(12));
    heading->insertWidget(2, heights_word_);
    charts_ = new QStackedWidget;
    charts_->addWidget(chart_);
    charts_->addWidget(profile_);
    column->addWidget(charts_, 1);
    showHeights(false);
    connect(chart_, &HomewardChart::cursorAt, this, &PlanPlace::showBailOuts);
    connect(chart_, &HomewardChart::cursorMoved, this, [this](const QString& at_cursor) {
        const bool gone = at_cursor.isEmpty() && shown_;
        moves_->setWords(gone ? wording::what_moves_it(*shown_, Look::instance().quantities()) : at_cursor);
    });
    return panel;
}

void PlanPlace::showHeights(bool heights) {
    charts_->setCurrentWidget(heights ? static_cast<QWidget*>(profile_) : chart_);
    if (heights && shown_) showProfile(*shown_);
    chart_heading_->setWords(heights ? tr("Height along the flight") : tr("Homeward chart"));
    heights_word_->setText(heights ? tr("show energy") : tr("show heights"));
    heights_word_->setAccessibleName(heights ? tr("Show the homeward chart")
                                             : tr("Show the heights along the flight"));
    heights_word_->setToolTip(heights_word_->accessibleName());
    heights_word_->updateGeometry();
    axes_->setVisible(!heights);
}

void PlanPlace::showMission() {
    // Asked for once more, it goes.
    if (mission_) {
        mission_->close();
        return;
    }
    openMission(0);
}

void PlanPlace::drawArea() {
    map_->drawArea();
}

void PlanPlace::openMission(int tab) {
    mission_ = new MissionPanel(session_);
    mission_->tabs().setCurrentIndex(tab);
    connect(mission_, &MissionPanel::importWanted, this, &PlanPlace::routeImportWanted);
    connect(mission_, &MissionPanel::exportWanted, this, &PlanPlace::routeExportWanted);
    connect(mission_, &MissionPanel::areasWanted, this, &PlanPlace::areasImportWanted);
    connect(mission_, &MissionPanel::areaToDraw, map_, &MapView::drawArea);
    if (fold_->shape() == Fold::Shape::wide) {
        chart_row_->insertWidget(0, mission_);
        mission_->show();
        mission_->tabs().setFocus();
        return;
    }
    auto* sheet = new Popover(window());
    sheet->setAccessibleName(mission_->accessibleName());
    mission_->becomeSheet();
    sheet->column()->setContentsMargins(0, 0, 0, 0);
    sheet->column()->addWidget(mission_, 1);
    // The files' dialogs would stand behind it.
    for (auto signal : {&MissionPanel::closed, &MissionPanel::importWanted, &MissionPanel::exportWanted,
                        &MissionPanel::areasWanted, &MissionPanel::areaToDraw})
        connect(mission_, signal, sheet, &QWidget::close);
    sheet->popUpBy(mission_button_, mission_button_->rect());
}

void PlanPlace::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    // Once the panes have folded there is no room beside the chart.
    QTimer::singleShot(0, this, [this] {
        if (mission_ && mission_->window() == window() && fold_->shape() != Fold::Shape::wide) mission_->close();
    });
}

void PlanPlace::showAlarms() {
    if (!shown_) return;
    (new AlarmsSheet(*shown_, window()))->popUpBy(alarms_button_, alarms_button_->rect());
}

void PlanPlace::moveMark(int index, const geodesy::EastNorth& at) {
    edit([&](mission::PlanRequest& r) { mission::move_place(r.mission, std::size_t(index), at); });
}

void PlanPlace::showBailOuts(double distance_m) {
    if (distance_m < 0.0 || !shown_ || shown_->outward.empty()) {
        map_->setMarker(std::nullopt);
        map_->setBailOuts({});
        return;
    }
    const auto here = mission::outward_at(*shown_, distance_m);
    std::vector<MapView::BailOut> places;
    QStringList said;
    for (const auto& way : mission::bail_outs(*shown_, here)) {
        places.push_back({way.at, way.reachable});
        said << wording::bail_out_sentence(way, Look::instance().quantities());
    }
    map_->setMarker(here.at);
    map_->setBailOuts(std::move(places));
    map_->setAccessibleDescription(said.join(QStringLiteral("; ")));
}

/// The answer, and what the sun adds as soon as that is worked out.
void PlanPlace::showSentence(const mission::Plan& plan) {
    const auto& q = Look::instance().quantities();
    QString words = wording::plan_sentence(plan, q);
    const auto outlook = session_.outlook();
    if (outlook && outlook->sun && plan.turn && outlook->plan->request == plan.request) {
        words += QLatin1Char(' ') + wording::sun_plan_sentence(*outlook->sun,
                                                               plan.request.sun && plan.request.sun->counted,
                                                               plan.turn->time_s.value, q);
    }
    sentence_->setWords(words);
}

void PlanPlace::showOutlook() {
    const auto outlook = session_.outlook();
    limits_->setOutlook(outlook);
    if (!outlook || !shown_) return;
    if (outlook->sun) showSentence(*shown_);
    // The same plan, now with its chance.
    if (outlook->plan->chance && session_.plan() == outlook->plan) {
        if (before_ == shown_) before_ = outlook->plan;
        shown_ = outlook->plan;
        showSentence(*shown_);
        turn_rules_->turnRules().setPlan(shown_);
        showDiagnostics(*shown_);
        chart_->setPlan(shown_);
    }
    MapView::ReachLine reach;
    for (const auto& point : outlook->reach.points) {
        reach.line.push_back(point.at);
        reach.inner.push_back(point.inner);
        reach.outer.push_back(point.outer);
    }
    map_->setReach(std::move(reach));
    showWithinReach(*outlook);
    map_->setRelief(outlook->relief);
}

/// From which parts of the way a landing place can be reached. Those that always can be are only said to be; a line
/// beside all of the way would tell nothing.
void PlanPlace::showWithinReach(const session::PlanOutlook& outlook) {
    std::vector<MapView::WithinReach> places;
    for (const auto& reach : outlook.landing_places) {
        if (reach.home || reach.from_all_of_it()) continue;
        MapView::WithinReach place;
        place.label = wording::landing_place_name(reach.name);
        for (const auto& part : reach.parts)
            place.parts.push_back(mission::way_between(*outlook.plan, part.from_m, part.to_m));
        places.push_back(std::move(place));
    }
    map_->setWithinReach(std::move(places));
}

/// Once the plan of the dropped home is there, the map stands on it.
void PlanPlace::settleHome() {
    if (!home_before_ || !shown_) return;
    constexpr double same_m = 0.5;
    const auto shown = mission::home_moved_by(*home_before_, shown_->request);
    const auto wanted = mission::home_moved_by(*home_before_, session_.request());
    map_->setShift(shown.value_or(geodesy::EastNorth{}));
    if (home_held_ || (shown && wanted && geodesy::distance_m(*shown, *wanted) > same_m)) return;
    map_->settle();
    home_before_.reset();
}

void PlanPlace::edit(const std::function<void(mission::PlanRequest&)>& change) {
    mission::PlanRequest request = session_.request();
    change(request);
    session_.setRequest(request);
}

void PlanPlace::showPage() {
    const auto open = workspace_.openPlanId();
    const bool empty = !open || !workspace_.library().plans.contains(*open);
    pages_->setCurrentIndex(empty ? 0 : 1);
    if (empty) return;
    const QString title = plan_title(workspace_.library().plans.at(*open).request);
    name_->setText(
        QFontMetrics(Look::instance().font(15)).elidedText(title, Qt::ElideRight, Look::instance().scaled(320)));
    name_->setAccessibleName(tr("Plan: %1", "its name").arg(title));
    name_->updateGeometry();
}

void PlanPlace::showPlans() {
    auto* sheet = new PlanSheet(workspace_, window());
    connect(sheet, &PlanSheet::besideWanted, this, [this](session::Id id) { layBeside(id); });
    sheet->popUpBy(name_, name_->rect());
}

void PlanPlace::askName() {
    showPlans();
    if (auto* name = window()->findChild<QLineEdit*>(QStringLiteral("planName"))) {
        name->setFocus();
        name->selectAll();
    }
}

/// Where the aircraft or the pack of a kept plan have changed since, the answer begins with what that moved.
void PlanPlace::takeBefore() {
    kept_.reset();
    const auto open = workspace_.openPlanId();
    if (!open || !workspace_.library().plans.contains(*open)) return;
    kept_job_.start(
        [request = workspace_.library().plans.at(*open).request](const std::stop_token&) {
            mission::PlanRequest with = request;
            (void)io::add_terrain(with); // what is wrong with it is said by the open plan itself
            return mission::make_plan(with);
        },
        [this, of = *open](units::Result<mission::Plan> plan) {
            if (!plan || workspace_.openPlanId() != of) return;
            kept_ = std::make_shared<const mission::Plan>(std::move(*plan));
            if (shown_ && shown_document_ == of && before_ == shown_) {
                before_ = kept_;
                showChanged();
            }
        });
}

void PlanPlace::showChanged() {
    const QString changed = wording::what_changed(*before_, *shown_, Look::instance().quantities());
    changed_->setWords(changed);
    changed_->setVisible(!changed.isEmpty());
}

void PlanPlace::layBeside(std::optional<session::Id> id) {
    beside_ = id && *id != workspace_.openPlanId() && workspace_.library().plans.contains(*id) ? id : std::nullopt;
    if (beside_) {
        beside_session_.show(workspace_.current(workspace_.library().plans.at(*beside_)), *beside_);
        return;
    }
    map_or_beside_->setCurrentWidget(map_);
    chart_->setBeside(nullptr);
}

void PlanPlace::showBeside() {
    const auto other = beside_session_.plan();
    if (!beside_ || !other || !shown_ || !workspace_.openPlanId()) return;
    beside_panel_->setPlans(plan_title(shown_->request), *shown_, plan_title(other->request), *other);
    map_or_beside_->setCurrentWidget(beside_panel_);
    chart_->setBeside(other);
}

void PlanPlace::showPlan() {
    const auto plan = session_.plan();
    if (!plan) return;
    const auto& q = Look::instance().quantities();
    if (session_.planDocument() != shown_document_) {
        map_->setShift({});
        home_before_.reset();
        before_ = kept_ && session_.planDocument() == workspace_.openPlanId() ? kept_ : plan;
        if (beside_ == workspace_.openPlanId()) layBeside(std::nullopt);
    }
    shown_document_ = session_.planDocument();
    shown_ = plan;
    edits_over_.start();

    showSentence(*plan);
    showChanged();
    const std::pair<Quantity, QString> figures[] = {
        {Quantity::turn_distance, plan->whole ? tr("end of the route") : tr("turn")},
        {Quantity::usable_energy, tr("usable")},
        {q.leading(Quantity::charge_per_distance_out, Quantity::energy_per_distance_out), tr("outbound")},
        {q.leading(Quantity::charge_per_distance_home, Quantity::energy_per_distance_home), tr("return")},
    };
    for (std::size_t i = 0; i < figures_->figures().size(); ++i) {
        figures_->figures()[i]->setExplanation(mission::explain(*plan, figures[i].first), figures[i].second);
    }
    figures_->layOutAgain();
    turn_rules_->turnRules().setPlan(plan);
    turn_rules_->setVisible(!plan->turn_rules.empty());
    showDiagnostics(*plan);
    const bool straight = mission::goes_straight_out(plan->request.mission.kind);
    axes_->setWords((straight ? tr("Wh remaining and Wh needed, by %1 from home")
                              : tr("Wh remaining and Wh needed, by %1 flown"))
                        .arg(q.notation(Quantity::turn_distance).unit));
    moves_->setWords(wording::what_moves_it(*plan, q));
    chart_->setPlan(plan);
    showMap(*plan);
    showBeside();
}

void PlanPlace::showDiagnostics(const mission::Plan& plan) {
    const QString said = wording::plan_sentence(plan, Look::instance().quantities());
    std::vector<QString> texts;
    for (const auto& diagnostic : plan.diagnostics) {
        const QString text = wording::message(diagnostic, Look::instance().quantities());
        // Where there is no turn the sentence itself is the diagnostic.
        if (text != said) texts.push_back(text);
    }
    while (diagnostics_->count() > int(texts.size())) {
        const QLayoutItem* item = diagnostics_->takeAt(diagnostics_->count() - 1);
        delete item->widget();
        delete item;
    }
    while (diagnostics_->count() < int(texts.size())) {
        auto* label = new TextLabel(Role::warning);
        label->setFillsColumn();
        diagnostics_->addWidget(label);
        label->show();
    }
    for (std::size_t i = 0; i < texts.size(); ++i) {
        static_cast<TextLabel*>(diagnostics_->itemAt(int(i))->widget())->setWords(texts[i]);
    }
}

/// Out and home on one line: drawn a little apart, out on its left, home on its right.
std::vector<MapView::Way> PlanPlace::straightWays(const mission::Plan& plan) const {
    const auto& q = Look::instance().quantities();
    const double d = plan.turn->distance_m.value;
    const double bearing = plan.request.mission.bearing_deg;
    const auto aside = [&](const geodesy::EastNorth& p, double side_m) {
        return geodesy::offset(p, bearing + 90.0, side_m);
    };
    const double gap_m = 0.008 * d;
    const double out_s = plan.turn->time_s.value;
    const double home_s = plan.flight->duration_s.value - out_s;
    return {{{aside({}, -gap_m), aside(plan.turn->at, -gap_m)},
             false,
             true,
             tr("out %1 at %2").arg(q.legTime(out_s), q.speed(plan.conditions.out->ground_speed_mps))},
            {{aside(plan.turn->at, gap_m), aside({}, gap_m)},
             true,
             true,
             tr("home %1 at %2").arg(q.legTime(home_s), q.speed(plan.conditions.home->ground_speed_mps))}};
}

/// Leg by leg, each with its time, energy and speed over ground.
std::vector<MapView::Way> PlanPlace::routeWays(const mission::Plan& plan) const {
    const auto& q = Look::instance().quantities();
    std::vector<MapView::Way> ways;
    for (const auto& sum : mission::leg_sums(plan, false)) {
        MapView::Way way{sum.points, sum.homeward, true, {}};
        if (sum.ground_mps() > 0.0)
            way.label = tr("%1, %2, %3", "time, energy, speed over ground")
                            .arg(q.legTime(sum.duration_s), q.energy(sum.energy_wh), q.speed(sum.ground_mps()));
        ways.push_back(std::move(way));
    }
    return ways;
}

void PlanPlace::showMap(const mission::Plan& plan) {
    const auto& q = Look::instance().quantities();
    const auto& mission = plan.request.mission;
    const bool straight = mission::goes_straight_out(mission.kind);
    std::vector<MapView::Way> ways;
    std::optional<MapView::TurnMark> mark;
    if (plan.turn) {
        if (straight)
            ways = straightWays(plan);
        else if (plan.flight)
            ways = routeWays(plan);
        if (!plan.turn->at_end_of_mission && geodesy::distance_m(plan.turn->at, {}) > 1.0) {
            mark = MapView::TurnMark{plan.turn->at, straight ? plan.turn->distance_m.sd : 0.0,
                                     plan.station ? tr("leave at %1").arg(q.duration(plan.turn->time_s.value))
                                                  : tr("turn %1").arg(q.distance(plan.turn->distance_m.value))};
        }
    }
    std::vector<MapView::Mark> marks;
    for (std::size_t i = 0; i < mission.waypoints.size(); ++i) {
        const auto& point = mission.waypoints[i];
        marks.push_back({point.at, point.name.empty() ? QString::number(i + 1) : QString::fromStdString(point.name),
                         false, true});
    }
    for (const auto& place : mission.alternates)
        marks.push_back({place.at, wording::landing_place_name(place.name), true, true});
    std::vector<MapView::Area> areas;
    areas.reserve(mission.no_landing.size());
    for (const auto& area : mission.no_landing) areas.push_back({wording::area_name(area.name), area.rings});
    map_->setNoLanding(std::move(areas));
    map_->setHomeMovable(mission::home_can_move(plan.request));
    map_->setMarks(std::move(marks));
    map_->setTurn(mark, mission.kind == mission::MissionKind::out_and_back);
    map_->setWind(mission::spoken_wind(plan.request), true);
    map_->setWays(std::move(ways));
    map_->setAccessibleName(wording::map_summary(plan, q));
    settleHome();
    if (charts_->currentWidget() == profile_) showProfile(plan);
}

/// Only while it is looked at: most who drag look at the homeward chart.
void PlanPlace::showProfile(const mission::Plan& plan) {
    const auto& mission = plan.request.mission;
    auto heights = mission::chosen_heights(plan);
    QStringList names;
    for (const auto& height : heights) {
        names << (height.waypoint && !mission.waypoints[*height.waypoint].name.empty()
                      ? QString::fromStdString(mission.waypoints[*height.waypoint].name)
                  : height.waypoint ? QString::number(*height.waypoint + 1)
                                    : QString());
    }
    profile_->setProfile(mission::height_profile(plan), mission.clearance_m, std::move(heights), std::move(names));
}

} // namespace sobremesa::app
