#include "app/places/plan/first_plan_page.hpp"

#include <algorithm>

#include <QGridLayout>
#include <QPushButton>

#include "app/charts/homeward_chart.hpp"
#include "app/fields/field_form.hpp"
#include "app/shell/guarded_application.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/cruise_current.hpp"
#include "io/typed_number.hpp"
#include "wording/messages.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

FirstPlanPage::FirstPlanPage(session::Workspace& workspace, QWidget* parent)
    : QWidget(parent), workspace_(workspace), forms_(new QWidget) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("firstPlanPage"));
    setProperty(enter_presses, QStringLiteral("firstPlanButton"));
    preview_.withoutOutlook();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(32), look.scaled(20), look.scaled(24), look.scaled(16));
    column->setSpacing(look.scaled(10));
    column->addWidget(new TextLabel(
        Role::sentence, tr("Where must you turn for home? An aircraft, a pack and the wind are enough to begin.")));
    column->addWidget(new TextLabel(
        Role::quiet,
        tr("Typical figures are filled in; replace them with yours. A unit may be typed with the number, "
           "and amps in place of watts. An empty field is assumed, and shown as assumed.")));
    column->addWidget(forms_);
    column->addWidget(new TextLabel(Role::quiet, wording::cautions()));
    column->addStretch(1);
    // Always in sight, however long the form.
    auto* foot = new Panel;
    auto* buttons = new QHBoxLayout(foot);
    buttons->setContentsMargins(look.scaled(32), look.scaled(8), look.scaled(24), look.scaled(12));
    auto* plan = new QPushButton(tr("Create the plan"));
    plan->setObjectName(QStringLiteral("firstPlanButton"));
    connect(plan, &QPushButton::clicked, this, &FirstPlanPage::make);
    buttons->addWidget(plan);
    auto* open = new QPushButton(tr("Open a plan from a file…"));
    open->setObjectName(QStringLiteral("firstOpenButton"));
    connect(open, &QPushButton::clicked, this, &FirstPlanPage::openWanted);
    buttons->addWidget(open);
    auto* demo = new QPushButton(tr("Look around with demo flights"));
    demo->setObjectName(QStringLiteral("firstDemoButton"));
    connect(demo, &QPushButton::clicked, this, &FirstPlanPage::demoWanted);
    buttons->addWidget(demo);
    buttons->addStretch(1);
    buttons_ = {plan, open, demo};
    scroll_ = new ScrollColumn(inside);
    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    left->addWidget(scroll_, 1);
    left->addWidget(new Hairline(Qt::Horizontal));
    left->addWidget(foot);
    auto* whole = new QHBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(0);
    whole->addLayout(left, 1);
    whole->addWidget(new Hairline(Qt::Vertical));
    whole->addWidget(makeAnswer(), 1);
    connect(&Look::instance(), &Look::changed, this, &FirstPlanPage::rebuild);
    connect(&preview_, &session::PlanSession::planChanged, this, &FirstPlanPage::showAnswer);
    preview_.show(session::first_request(), 1);
    rebuild();
}

QWidget* FirstPlanPage::makeAnswer() {
    const Look& look = Look::instance();
    answer_ = new Panel;
    auto* column = new QVBoxLayout(answer_);
    column->setContentsMargins(look.scaled(24), look.scaled(20), look.scaled(16), look.scaled(12));
    column->setSpacing(look.scaled(8));
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("firstPlanAnswer"));
    column->addWidget(sentence_);
    warnings_ = new QVBoxLayout;
    column->addLayout(warnings_);
    column->addWidget(new TextLabel(Role::heading, tr("Homeward chart")));
    chart_ = new HomewardChart;
    chart_->setObjectName(QStringLiteral("firstPlanChart"));
    column->addWidget(chart_, 1);
    connect(chart_, &HomewardChart::reserveDragged, this, [this](double share) {
        auto request = preview_.request();
        request.reserve = mission::ShareOfUsable{share};
        preview_.setRequest(request);
    });
    return answer_;
}

void FirstPlanPage::showAnswer() {
    const auto plan = preview_.plan();
    if (!plan) return;
    const auto& q = Look::instance().quantities();
    sentence_->setWords(wording::plan_sentence(*plan, q));
    chart_->setPlan(plan);
    while (QLayoutItem* item = warnings_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    for (const auto& diagnostic : plan->diagnostics) {
        if (diagnostic.severity != units::Severity::warning) continue;
        // Nobody has flown anything yet: that is said of the plan, once there is one.
        if (diagnostic.code == units::DiagnosticCode::pack_not_flown) continue;
        auto* line = new TextLabel(Role::warning, wording::message(diagnostic, q));
        warnings_->addWidget(line);
        line->show();
    }
}

void FirstPlanPage::refresh() {
    auto request = preview_.request();
    if (!workspace_.library().aircraft.empty()) typed_a_.reset();
    if (!workspace_.library().aircraft.empty())
        request.aircraft = workspace_.library().aircraft.rbegin()->second.aircraft;
    if (!workspace_.library().packs.empty()) request.pack = workspace_.library().packs.rbegin()->second.pack;
    preview_.setRequest(request);
    for (FieldForm* form : made_) form->refresh();
}

void FirstPlanPage::rebuild() {
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    delete forms_->layout();
    qDeleteAll(forms_->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
    made_.clear();
    groups_.clear();
    const FormSubject subject{[this] { return preview_.request(); },
                              [this](const mission::PlanRequest& request) { return preview_.setRequest(request); }};
    auto weather = wind_fields(q);
    weather.resize(2); // the worst credible wind can wait
    for (auto& field : bearing_fields()) weather.push_back(field);
    const std::pair<QString, std::vector<RequestField>> parts[] = {
        {tr("The aircraft"), aircraft_fields(q)}, {tr("The pack"), pack_fields(q)}, {tr("The day"), weather}};
    for (const auto& [heading, fields] : parts) {
        auto* group = new QWidget(forms_);
        auto* column = new QVBoxLayout(group);
        column->setContentsMargins(0, 0, 0, 0);
        column->addWidget(new TextLabel(Role::heading, heading));
        auto* form = new FieldForm(fields, subject);
        // Amps change with the pack, and the pack's resistance with its size: the others follow while one is typed.
        connect(form, &FieldForm::edited, this, [this](const QString& path, const QString& text) {
            keepAmps(path, text);
            for (FieldForm* other : made_) other->refresh();
        });
        column->addWidget(form);
        made_.push_back(form);
        groups_.push_back(group);
    }
    arrange();
    orderTabs();
    showAnswer();
}

void FirstPlanPage::keepAmps(const QString& path, const QString& text) {
    if (path == QLatin1String("aircraft.cruise_current_a") || path == QLatin1String("aircraft.cruise_power_w")) {
        const auto typed = io::typed_number(text.toStdString());
        const bool amps = path == QLatin1String("aircraft.cruise_current_a") ||
                          (typed && typed->unit && typed->unit->kind == io::TypedKind::current);
        typed_a_ = amps ? std::optional(mission::cruise_current_a(preview_.request())) : std::nullopt;
    } else if (path.startsWith(QLatin1String("pack.")) && typed_a_) {
        auto request = preview_.request();
        mission::set_cruise_current(request, *typed_a_);
        preview_.setRequest(request);
    }
}

void FirstPlanPage::orderTabs() {
    QWidget* before = nullptr;
    const auto next = [&](QWidget* widget) {
        if (before) setTabOrder(before, widget);
        before = widget;
    };
    for (FieldForm* form : made_) {
        for (QWidget* editor : form->editors()) next(editor);
    }
    for (QWidget* button : buttons_) next(button);
}

void FirstPlanPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    // The first thing to type.
    if (!made_.empty() && !made_.front()->editors().empty()) made_.front()->editors().front()->setFocus();
}

void FirstPlanPage::arrange() {
    const Look& look = Look::instance();
    // In a narrow window the answer gives way, and comes when the plan is made.
    const bool both = width() >= look.scaled(860);
    answer_->setVisible(both);
    const int room = (both ? width() / 2 : width()) - look.scaled(56 + 16);
    const int columns = std::clamp((room + look.scaled(28)) / look.scaled(280), 1, both ? 2 : 3);
    delete forms_->layout();
    auto* grid = new QGridLayout(forms_);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(look.scaled(28));
    grid->setVerticalSpacing(look.scaled(14));
    // The aircraft at the left, pack and day one under the other beside it, read downwards.
    for (int i = 0; i < int(groups_.size()); ++i) {
        QWidget* group = groups_[std::size_t(i)];
        if (columns != 2)
            grid->addWidget(group, i / columns, i % columns, Qt::AlignTop);
        else if (i == 0)
            grid->addWidget(group, 0, 0, int(groups_.size()), 1, Qt::AlignTop);
        else
            grid->addWidget(group, i - 1, 1, Qt::AlignTop);
    }
    for (int i = 0; i < columns; ++i) grid->setColumnStretch(i, 1);
    grid->setRowStretch(int(groups_.size()), 1);
}

void FirstPlanPage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
}

void FirstPlanPage::make() {
    for (const FieldForm* form : made_) {
        if (form->hasTrouble()) return; // it is marked where it stands
    }
    auto request = preview_.request();
    if (request.name.empty()) request.name = tr("First plan").toStdString();
    if (workspace_.library().aircraft.empty() && workspace_.library().packs.empty())
        workspace_.beginWith(request);
    else
        workspace_.bringInPlan(request);
}

} // namespace sobremesa::app
