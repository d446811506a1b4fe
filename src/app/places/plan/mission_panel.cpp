#include "app/places/plan/mission_panel.hpp"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <QTabWidget>
#include <QVBoxLayout>

#include "app/places/plan/places_table.hpp"
#include "app/places/plan/wind_table.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

namespace {
/// In a sheet the height is its own.
constexpr int least_tabs_px = 380;
} // namespace

MissionPanel::MissionPanel(session::PlanSession& session, QWidget* parent)
    : QWidget(parent), tabs_(new QTabWidget), edge_(new Hairline(Qt::Vertical)) {
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    setObjectName(QStringLiteral("missionPanel"));
    setAccessibleName(tr("Mission"));
    setAttribute(Qt::WA_DeleteOnClose);
    setFixedWidth(look.scaled(560));
    auto* inside = new app::Panel; // QFrame has a Panel of its own
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(24), look.scaled(8), look.scaled(8), look.scaled(4));
    column->setSpacing(look.scaled(4));
    auto* top = new QHBoxLayout;
    top->addWidget(new TextLabel(TextLabel::Role::heading, tr("Mission")));
    top->addStretch(1);
    auto* close_button = new QPushButton(tr("Close"));
    close_button->setObjectName(QStringLiteral("missionClose"));
    connect(close_button, &QPushButton::clicked, this, &QWidget::close);
    top->addWidget(close_button);
    column->addLayout(top);
    tabs_->setObjectName(QStringLiteral("missionTabs"));
    tabs_->setDocumentMode(true);
    const FormSubject subject{[&session] { return session.request(); },
                              [&session](const mission::PlanRequest& r) { return session.setRequest(r); }};
    const auto add = [&](const QString& name, const std::vector<RequestField>& fields, QWidget* below = nullptr) {
        auto* page = new app::Panel;
        auto* rows = new QVBoxLayout(page);
        rows->setContentsMargins(look.scaled(8), look.scaled(10), look.scaled(12), look.scaled(8));
        auto* form = new FieldForm(fields, subject);
        rows->addWidget(form);
        if (below) rows->addWidget(below);
        rows->addStretch(1);
        connect(&session, &session::PlanSession::requestChanged, form, &FieldForm::refresh);
        tabs_->addTab(new ScrollColumn(page), name);
    };
    add(tr("Flight path"), mission_fields(q));
    auto* places = new PlacesTable(subject);
    connect(&session, &session::PlanSession::requestChanged, places, &PlacesTable::refresh);
    connect(places, &PlacesTable::importWanted, this, &MissionPanel::importWanted);
    connect(places, &PlacesTable::exportWanted, this, &MissionPanel::exportWanted);
    connect(places, &PlacesTable::areasWanted, this, &MissionPanel::areasWanted);
    connect(places, &PlacesTable::areaToDraw, this, &MissionPanel::areaToDraw);
    tabs_->addTab(places, tr("Places"));
    auto* winds = new WindTable(subject);
    connect(&session, &session::PlanSession::requestChanged, winds, &WindTable::refresh);
    add(tr("Weather"), weather_fields(q), winds);
    add(tr("Return and link"), safety_fields(q));
    add(tr("Sun"), sun_fields());
    add(tr("On the ground"), ground_fields());
    column->addWidget(tabs_, 1);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(inside, 1);
    row->addWidget(edge_);
}

void MissionPanel::becomeSheet() {
    const Look& look = Look::instance();
    edge_->hide();
    setFixedWidth(look.scaled(660));
    tabs_->setMinimumHeight(look.scaled(least_tabs_px));
}

void MissionPanel::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        close();
    else
        QWidget::keyPressEvent(event);
}

void MissionPanel::closeEvent(QCloseEvent* event) {
    QWidget::closeEvent(event);
    emit closed();
}

} // namespace sobremesa::app
