#include "app/places/plan/places_table.hpp"

#include <algorithm>

#include <QHeaderView>
#include <QVBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/button_row.hpp"
#include "app/widgets/small_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/add_place.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "io/text_number.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

enum Column { kind_at, name_at, distance_at, bearing_at, height_at, minutes_at };

} // namespace

PlacesTable::PlacesTable(FormSubject subject, QWidget* parent)
    : RequestTable(std::move(subject), QStringLiteral("placesTrouble"), parent) {
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    auto* places = new SmallTable(
        QStringLiteral("placesTable"), tr("Places of the mission"),
        {QString(), tr("name"), tr("from home, %1").arg(q.notation(Quantity::turn_distance).unit), tr("bearing, °"),
         tr("height, %1").arg(q.notation(Quantity::height).unit), tr("loiter, min")},
        2);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    places->setMinimumHeight(look.scaled(230));
    for (const int narrow : {kind_at, distance_at})
        places->horizontalHeader()->setSectionResizeMode(narrow, QHeaderView::ResizeToContents);
    column->addWidget(places, 1);
    column->addWidget(trouble());
    column->addWidget(new TextLabel(
        Role::quiet, tr("On the map, places and home can be dragged; N and Ctrl with the arrow keys move them.")));
    auto* buttons = new ButtonRow;
    buttons->add(tr("Add a waypoint"), QStringLiteral("addPlace"), this, [this] { addPlace(false); });
    buttons->add(tr("Add a landing place"), QStringLiteral("addLandingPlace"), this, [this] { addPlace(true); });
    buttons->add(tr("Earlier"), QStringLiteral("placeEarlier"), this, [this] { movePlace(-1); });
    buttons->add(tr("Later"), QStringLiteral("placeLater"), this, [this] { movePlace(1); });
    buttons->add(tr("Remove"), QStringLiteral("removePlace"), this, [this] { removePlace(); });
    column->addLayout(buttons);
    auto* files = new ButtonRow;
    files->add(tr("Import a route…"), QStringLiteral("importRoute"), this, &PlacesTable::importWanted);
    files->add(tr("Save as a route…"), QStringLiteral("exportRoute"), this, &PlacesTable::exportWanted);
    files->add(tr("Draw a no-landing area"), QStringLiteral("drawArea"), this, &PlacesTable::areaToDraw);
    files->add(tr("Import areas…"), QStringLiteral("importAreas"), this, &PlacesTable::areasWanted);
    files->addStretch(1);
    column->addLayout(files);
    setTable(places);
}

void PlacesTable::fill(const mission::PlanRequest& request) {
    const auto& mission = request.mission;
    const auto& q = Look::instance().quantities();
    const auto way = q.notation(Quantity::turn_distance);
    const auto up = q.notation(Quantity::height);
    table()->setRowCount(int(mission.waypoints.size() + mission.alternates.size() + mission.no_landing.size()));
    int row = 0;
    const auto place = [&](const geodesy::EastNorth& at) {
        constexpr int decimals = 2;
        table()->put(row, distance_at, SmallTable::figure(geodesy::distance_m(at, {}) * way.factor, decimals),
                     true);
        table()->put(row, bearing_at, SmallTable::figure(geodesy::bearing_deg({}, at), 0), true);
    };
    for (const auto& point : mission.waypoints) {
        table()->put(row, kind_at, tr("waypoint"), false);
        table()->put(row, name_at, QString::fromStdString(point.name), true);
        place(point.at);
        table()->put(row, height_at,
                     point.height_m ? SmallTable::figure(*point.height_m * up.factor, 0) : QString(), true);
        table()->put(row, minutes_at,
                     point.loiter_to_the_last ? tr("until the turn")
                                              : SmallTable::figure(point.loiter_s / units::seconds_per_minute, 0),
                     true);
        ++row;
    }
    for (const auto& alternate : mission.alternates) {
        table()->put(row, kind_at, tr("landing"), false);
        table()->put(row, name_at, QString::fromStdString(alternate.name), true);
        place(alternate.at);
        table()->put(row, height_at, SmallTable::figure(alternate.height_m * up.factor, 0), true);
        table()->put(row, minutes_at, QString(), false);
        ++row;
    }
    for (const auto& area : mission.no_landing) {
        table()->put(row, kind_at, tr("no landing"), false);
        table()->put(row, name_at, QString::fromStdString(area.name), true);
        for (const int empty : {distance_at, bearing_at, height_at, minutes_at})
            table()->put(row, empty, QString(), false);
        ++row;
    }
}

void PlacesTable::edited(int row, int column, const QString& typed) {
    const auto& q = Look::instance().quantities();
    const auto number = io::number_from_text(typed.toStdString());
    const bool may_be_empty = column == name_at || column == height_at || column == minutes_at;
    const bool to_the_last = column == minutes_at && !typed.isEmpty() && !number;
    if (!number && column != name_at && !(may_be_empty && typed.isEmpty()) && !to_the_last) {
        sayNoNumber(typed);
        return;
    }
    change([&](mission::PlanRequest& request) {
        auto& mission = request.mission;
        if (std::size_t(row) >= mission.waypoints.size() + mission.alternates.size()) {
            if (column == name_at) mission::name_place(mission, std::size_t(row), typed.toStdString());
            return;
        }
        const bool over = std::size_t(row) < mission.waypoints.size();
        auto* point = over ? &mission.waypoints[std::size_t(row)] : nullptr;
        auto* landing = over ? nullptr : &mission.alternates[std::size_t(row) - mission.waypoints.size()];
        geodesy::EastNorth& at = over ? point->at : landing->at;
        const double from_home_m = geodesy::distance_m(at, {});
        const double on_deg = geodesy::bearing_deg({}, at);
        const double up = q.notation(Quantity::height).factor;
        switch (Column(column)) {
        case name_at: (over ? point->name : landing->name) = typed.toStdString(); break;
        case distance_at:
            at = geodesy::offset({}, on_deg, *number / q.notation(Quantity::turn_distance).factor);
            break;
        case bearing_at: at = geodesy::offset({}, *number, from_home_m); break;
        case height_at:
            if (over)
                point->height_m = number ? std::optional(*number / up) : std::nullopt;
            else
                landing->height_m = number.value_or(0.0) / up;
            break;
        case minutes_at:
            if (!over) break;
            point->loiter_s = number.value_or(0.0) * units::seconds_per_minute;
            point->loiter_to_the_last = to_the_last;
            break;
        case kind_at: break;
        }
    });
}

void PlacesTable::addPlace(bool landing_place) {
    change([landing_place](mission::PlanRequest& request) {
        auto& mission = request.mission;
        if (landing_place)
            mission::add_alternate(mission);
        else
            mission::add_waypoint(mission);
    });
    table()->setCurrentCell(table()->rowCount() - 1, name_at);
}

void PlacesTable::removePlace() {
    const int row = table()->currentRow();
    if (row < 0) return;
    change([row](mission::PlanRequest& request) { mission::remove_place(request.mission, std::size_t(row)); });
}

void PlacesTable::movePlace(int by) {
    const int row = table()->currentRow();
    const auto count = int(request().mission.waypoints.size());
    if (row < 0 || row >= count || row + by < 0 || row + by >= count) return;
    change([row, by](mission::PlanRequest& request) {
        auto& mission = request.mission;
        const auto moved = mission.waypoints.begin() + row;
        std::iter_swap(moved, moved + by);
    });
    table()->setCurrentCell(row + by, name_at);
}

} // namespace sobremesa::app
