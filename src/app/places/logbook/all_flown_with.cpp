#include "app/places/logbook/all_flown_with.hpp"

#include <QHBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/text_labels.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

AllFlownWith::AllFlownWith(session::Workspace& workspace, const QString& object, QWidget* parent)
    : QWidget(parent), workspace_(workspace), aircraft_(new ChoiceBox), pack_(new ChoiceBox) {
    const Look& look = Look::instance();
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(new TextLabel(TextLabel::Role::plain, tr("All flown with")));
    aircraft_->setObjectName(object + QStringLiteral("Aircraft"));
    aircraft_->setAccessibleName(tr("Aircraft of all these flights"));
    for (const auto& [id, kept] : workspace_.library().aircraft)
        aircraft_->addItem(wording::title(kept.aircraft), QVariant::fromValue(qint64(id)));
    pack_->setObjectName(object + QStringLiteral("Pack"));
    pack_->setAccessibleName(tr("Pack of all these flights"));
    for (const auto& [id, kept] : workspace_.library().packs)
        pack_->addItem(wording::title(kept.pack), QVariant::fromValue(qint64(id)));
    if (const auto open = workspace_.openPlanId()) {
        const auto& plan = workspace_.library().plans.at(*open);
        if (plan.aircraft_id) aircraft_->setCurrentIndex(aircraft_->findData(qint64(*plan.aircraft_id)));
        if (plan.pack_id) pack_->setCurrentIndex(pack_->findData(qint64(*plan.pack_id)));
    }
    for (QComboBox* box : {aircraft_, pack_}) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToContents);
        box->setMinimumWidth(look.scaled(220));
    }
    row->addWidget(aircraft_);
    row->addWidget(pack_);
    row->addStretch(1);
}

void AllFlownWith::choose(const book::KeptFlight& flight) {
    if (flight.aircraft_id) aircraft_->setCurrentIndex(aircraft_->findData(qint64(*flight.aircraft_id)));
    if (flight.pack_id) pack_->setCurrentIndex(pack_->findData(qint64(*flight.pack_id)));
}

book::KeptFlight AllFlownWith::flown() const {
    book::KeptFlight flown;
    flown.flown = session::first_request();
    if (const auto open = workspace_.openPlanId()) {
        flown.flown = workspace_.current(workspace_.library().plans.at(*open));
        flown.plan_id = *open;
    }
    const auto& aircraft = workspace_.library().aircraft;
    const auto& packs = workspace_.library().packs;
    if (const auto found = aircraft.find(session::Id(aircraft_->currentData().toLongLong()));
        found != aircraft.end()) {
        flown.aircraft_id = found->first;
        flown.flown.aircraft = found->second.aircraft;
    }
    if (const auto found = packs.find(session::Id(pack_->currentData().toLongLong())); found != packs.end()) {
        if (flown.flown.pack.chemistry != found->second.pack.chemistry) flown.flown.landing_cell_v.reset();
        flown.pack_id = found->first;
        flown.flown.pack = found->second.pack;
    }
    return flown;
}

} // namespace sobremesa::app
