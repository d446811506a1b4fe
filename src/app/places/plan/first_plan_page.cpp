#include "app/places/plan/first_plan_page.hpp"

#include <algorithm>

#include <QGridLayout>
#include <QPushButton>

#include "app/fields/field_form.hpp"
#include "app/shell/guarded_application.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "wording/messages.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

FirstPlanPage::FirstPlanPage(session::Desk& desk, QWidget* parent)
    : QWidget(parent), desk_(desk), request_(session::first_request()), forms_(new QWidget) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("firstPlanPage"));
    setProperty(enter_presses, QStringLiteral("firstPlanButton"));
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(60), look.scaled(32), look.scaled(60), look.scaled(24));
    column->setSpacing(look.scaled(12));
    column->addWidget(new TextLabel(
        Role::sentence, tr("Where must you turn for home? An aircraft, a pack and the wind are enough to begin.")));
    column->addWidget(new TextLabel(
        Role::quiet, tr("Ordinary figures stand there already; put yours in their place, and change them whenever "
                        "you know better. What you leave open is assumed, and shown as assumed.")));
    column->addWidget(forms_);
    auto* buttons = new QHBoxLayout;
    auto* plan = new QPushButton(tr("Plan it"));
    plan->setObjectName(QStringLiteral("firstPlanButton"));
    connect(plan, &QPushButton::clicked, this, &FirstPlanPage::make);
    buttons->addWidget(plan);
    auto* open = new QPushButton(tr("Open a plan from a file…"));
    open->setObjectName(QStringLiteral("firstOpenButton"));
    connect(open, &QPushButton::clicked, this, &FirstPlanPage::openWanted);
    buttons->addWidget(open);
    buttons->addStretch(1);
    column->addLayout(buttons);
    column->addWidget(new TextLabel(Role::quiet, wording::cautions()));
    column->addStretch(1);
    auto* scroll = new ScrollColumn(inside);
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(scroll);
    connect(&Look::instance(), &Look::changed, this, &FirstPlanPage::rebuild);
    rebuild();
}

void FirstPlanPage::refresh() {
    if (!desk_.shelves().aircraft.empty()) request_.aircraft = desk_.shelves().aircraft.rbegin()->second.aircraft;
    if (!desk_.shelves().packs.empty()) request_.pack = desk_.shelves().packs.rbegin()->second.pack;
    for (FieldForm* form : made_) form->refresh();
}

void FirstPlanPage::rebuild() {
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    delete forms_->layout();
    qDeleteAll(forms_->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
    made_.clear();
    groups_.clear();
    const FormSubject subject{[this] { return request_; },
                              [this](const mission::PlanRequest& request) -> std::optional<units::Error> {
                                  const auto checked = mission::checked(request);
                                  if (!checked) return checked.error();
                                  request_ = *checked;
                                  return std::nullopt;
                              }};
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
        column->addWidget(form);
        made_.push_back(form);
        groups_.push_back(group);
    }
    arrange();
}

void FirstPlanPage::arrange() {
    const Look& look = Look::instance();
    const int room = (width() - look.scaled(120)) / look.scaled(320);
    const int columns = std::clamp(room, 1, int(groups_.size()));
    delete forms_->layout();
    auto* grid = new QGridLayout(forms_);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(look.scaled(40));
    grid->setVerticalSpacing(look.scaled(16));
    for (int i = 0; i < int(groups_.size()); ++i) {
        grid->addWidget(groups_[std::size_t(i)], i / columns, i % columns, Qt::AlignTop);
        grid->setColumnStretch(i % columns, 1);
    }
}

void FirstPlanPage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
}

void FirstPlanPage::make() {
    for (const FieldForm* form : made_) {
        if (form->hasTrouble()) return; // it is marked where it stands
    }
    if (request_.name.empty()) request_.name = tr("First plan").toStdString();
    if (desk_.shelves().aircraft.empty() && desk_.shelves().packs.empty())
        desk_.beginWith(request_);
    else
        desk_.bringInPlan(request_);
}

} // namespace sobremesa::app
