#include "app/places/plan/plan_sheet.hpp"

#include <algorithm>

#include <QHBoxLayout>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QStringListModel>

#include "app/theme/look.hpp"
#include "app/widgets/button_row.hpp"
#include "app/widgets/text_labels.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using logbook::EditKind;
using Role = TextLabel::Role;

QString plan_title(const mission::PlanRequest& request) {
    if (!request.name.empty()) return QString::fromStdString(request.name);
    return PlanSheet::tr("%1, out on %2", "aircraft, bearing")
        .arg(wording::title(request.aircraft),
             Look::instance().quantities().direction(request.mission.bearing_deg));
}

PlanSheet::PlanSheet(session::Workspace& workspace, QWidget* parent)
    : Popover(parent), workspace_(workspace), names_(new QStringListModel(this)), list_(new QListView) {
    const Look& look = Look::instance();
    setAccessibleName(tr("Plans"));
    setFixedWidth(look.scaled(420));
    column()->addWidget(new TextLabel(Role::heading, tr("Plans")));

    auto* naming = new QHBoxLayout;
    naming->addWidget(new TextLabel(Role::plain, tr("Name of this plan")));
    auto* name = new QLineEdit;
    name->setObjectName(QStringLiteral("planName"));
    name->setAccessibleName(tr("Name of the open plan"));
    if (const auto open = workspace_.openPlanId()) {
        const auto& request = workspace_.library().plans.at(*open).request;
        name->setText(QString::fromStdString(request.name));
        name->setPlaceholderText(plan_title(request));
    }
    connect(name, &QLineEdit::textEdited, this, [this](const QString& text) {
        const auto open = workspace_.openPlanId();
        if (!open) return;
        auto kept = workspace_.library().plans.at(*open);
        kept.request.name = text.toStdString();
        (void)workspace_.put(EditKind::rename_plan, *open, kept);
    });
    naming->addWidget(name, 1);
    column()->addLayout(naming);

    list_->setObjectName(QStringLiteral("planList"));
    list_->setAccessibleName(tr("Plans kept in the logbook"));
    list_->setModel(names_);
    list_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    list_->setFrameShape(QFrame::NoFrame);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setMinimumHeight(look.scaled(120));
    list_->setMaximumHeight(look.scaled(300));
    connect(list_, &QListView::activated, this, [this] {
        if (const auto id = chosen()) {
            workspace_.openPlan(*id);
            close();
        }
    });
    column()->addWidget(list_);

    auto* buttons = new ButtonRow;
    for_chosen_.push_back(buttons->add(tr("Open"), QStringLiteral("planOpen"), this, [this] {
        if (const auto id = chosen()) workspace_.openPlan(*id);
        close();
    }));
    for_chosen_.push_back(buttons->add(tr("Compare"), QStringLiteral("planBeside"), this, [this] {
        if (const auto id = chosen()) emit besideWanted(*id);
        close();
    }));
    for_chosen_.push_back(buttons->add(tr("Duplicate"), QStringLiteral("planDuplicate"), this, [this] {
        const auto id = chosen();
        if (!id) return;
        auto kept = workspace_.library().plans.at(*id);
        kept.request.name = tr("%1, copy", "name of a plan").arg(plan_title(kept.request)).toStdString();
        const auto copy = workspace_.put(EditKind::duplicate_plan, std::nullopt, kept);
        if (copy) workspace_.openPlan(*copy);
        close();
    }));
    for_chosen_.push_back(buttons->add(tr("Remove"), QStringLiteral("planRemove"), this, [this] {
        if (const auto id = chosen()) workspace_.remove(EditKind::remove_plan, logbook::Kind::plan, *id);
        refresh();
    }));
    column()->addLayout(buttons);
    connect(&workspace_, &session::Workspace::plansChanged, this, &PlanSheet::refresh);
    refresh();
    list_->setFocus();
}

void PlanSheet::refresh() {
    const auto before = chosen();
    ids_.clear();
    QStringList names;
    for (const auto& [id, plan] : workspace_.library().plans) {
        ids_.push_back(id);
        const QString title = plan_title(plan.request);
        names << (id == workspace_.openPlanId() ? tr("%1 — open", "name of a plan").arg(title) : title);
    }
    names_->setStringList(names);
    const auto wanted = before ? before : workspace_.openPlanId();
    const auto found = wanted ? std::find(ids_.begin(), ids_.end(), *wanted) : ids_.end();
    if (!ids_.empty()) list_->setCurrentIndex(names_->index(found == ids_.end() ? 0 : int(found - ids_.begin())));
    for (QPushButton* button : for_chosen_) button->setEnabled(!ids_.empty());
}

std::optional<session::Id> PlanSheet::chosen() const {
    const int row = list_->currentIndex().row();
    return row >= 0 && std::size_t(row) < ids_.size() ? std::optional(ids_[std::size_t(row)]) : std::nullopt;
}

} // namespace sobremesa::app
