#include "app/places/plan/mission_sheet.hpp"

#include <QTabWidget>

#include "app/places/plan/places_table.hpp"
#include "app/places/plan/wind_table.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

MissionSheet::MissionSheet(session::PlanSession& session, QWidget* parent) : Popover(parent) {
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    setAccessibleName(tr("Mission"));
    setFixedWidth(look.scaled(660));
    column()->addWidget(new TextLabel(TextLabel::Role::heading, tr("Mission")));
    auto* tabs = new QTabWidget;
    tabs->setObjectName(QStringLiteral("missionTabs"));
    tabs->setDocumentMode(true);
    const FormSubject subject{[&session] { return session.request(); },
                              [&session](const mission::PlanRequest& r) { return session.setRequest(r); }};
    const auto add = [&](const QString& name, const std::vector<RequestField>& fields, QWidget* below = nullptr) {
        auto* inside = new app::Panel; // QFrame has a Panel of its own
        auto* rows = new QVBoxLayout(inside);
        rows->setContentsMargins(look.scaled(8), look.scaled(10), look.scaled(12), look.scaled(8));
        auto* form = new FieldForm(fields, subject);
        rows->addWidget(form);
        if (below) rows->addWidget(below);
        rows->addStretch(1);
        connect(&session, &session::PlanSession::requestChanged, form, &FieldForm::refresh);
        auto* scroll = new ScrollColumn(inside);
        scroll->setMinimumHeight(look.scaled(380));
        tabs->addTab(scroll, name);
    };
    add(tr("Flight path"), mission_fields(q));
    auto* places = new PlacesTable(subject);
    connect(&session, &session::PlanSession::requestChanged, places, &PlacesTable::refresh);
    connect(places, &PlacesTable::importWanted, this, [this] {
        emit importWanted();
        close();
    });
    connect(places, &PlacesTable::exportWanted, this, [this] {
        emit exportWanted();
        close();
    });
    tabs->addTab(places, tr("Places"));
    auto* winds = new WindTable(subject);
    connect(&session, &session::PlanSession::requestChanged, winds, &WindTable::refresh);
    add(tr("Weather"), weather_fields(q), winds);
    add(tr("Return and link"), safety_fields(q));
    add(tr("Sun"), sun_fields());
    add(tr("On the ground"), ground_fields());
    column()->addWidget(tabs, 1);
}

} // namespace sobremesa::app
