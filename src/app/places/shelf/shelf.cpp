#include "app/places/shelf/shelf.hpp"

#include <QCoreApplication>

#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

namespace {

using logbook::EditKind;
using logbook::Kind;
using session::Workspace;

struct ShelfWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Shelf)
};

template <class Shelved>
std::vector<Id> ids_of(const std::map<Id, Shelved>& shelf) {
    std::vector<Id> ids;
    ids.reserve(shelf.size());
    for (const auto& [id, kept] : shelf) ids.push_back(id);
    return ids;
}

/// "B-07", "B-07 (2)": a copy is told from what it was made of.
template <class Shelved, class Name>
std::string free_name(const std::map<Id, Shelved>& shelf, const std::string& wanted, Name name) {
    const auto taken = [&](const std::string& text) {
        return std::any_of(shelf.begin(), shelf.end(),
                           [&](const auto& entry) { return name(entry.second) == text; });
    };
    if (!wanted.empty() && !taken(wanted)) return wanted;
    for (int n = 2;; ++n) {
        std::string text = wanted + " (" + logbook::digits(n) + ")";
        if (!taken(text)) return text;
    }
}

int flights_of(const Workspace& workspace, std::optional<Id> book::KeptFlight::*link, Id id) {
    int flights = 0;
    for (const auto& [number, flight] : workspace.shelves().flights) flights += flight.*link == id ? 1 : 0;
    return flights;
}

template <class Link>
bool linked(const Workspace& workspace, std::optional<Id> book::KeptFlight::*of_flight, Link of_plan, Id id) {
    for (const auto& [number, plan] : workspace.shelves().plans) {
        if (plan.*of_plan == id) return true;
    }
    return flights_of(workspace, of_flight, id) > 0;
}

} // namespace

Shelf fleet_shelf(Workspace& workspace) {
    const auto at = [&workspace](Id id) { return workspace.shelves().aircraft.at(id); };
    const auto name = [](const book::KeptAircraft& k) { return k.aircraft.name; };
    Shelf shelf;
    shelf.key = QStringLiteral("fleet");
    shelf.title = ShelfWords::tr("Fleet");
    shelf.empty_sentence = ShelfWords::tr("Your aircraft: what they weigh and what they draw in cruise.");
    shelf.empty_hint = ShelfWords::tr(
        "Five entries are enough to start: a name, wing or multirotor, the mass without pack, and one cruise: how "
        "fast, at how many watts or amps. Volts times amps in level flight on a calm day are the watts.");
    shelf.add_text = ShelfWords::tr("Add an aircraft");
    shelf.filter_hint = ShelfWords::tr("Find an aircraft");
    shelf.count_text = [](int flown, int retired) {
        return retired > 0 ? ShelfWords::tr("%1 in use, %2 retired").arg(flown).arg(retired)
                           : ShelfWords::tr("%1 in use").arg(flown);
    };
    shelf.fields = [](const wording::Quantities& q) {
        auto fields = aircraft_fields(q);
        // No pack lies beside it there that a current could be of.
        std::erase_if(fields, [](const RequestField& field) { return field.path == "aircraft.cruise_current_a"; });
        return fields;
    };
    shelf.more_fields = more_aircraft_fields;
    shelf.figures = {{units::Quantity::flight_count, ShelfWords::tr("flights"), [&workspace](Id id) {
                          return std::optional(
                              book::explain_flights(flights_of(workspace, &book::KeptFlight::aircraft_id, id)));
                      }}};
    shelf.ids = [&workspace] { return ids_of(workspace.shelves().aircraft); };
    shelf.request = [at](Id id) {
        mission::PlanRequest request;
        request.aircraft = at(id).aircraft;
        return request;
    };
    shelf.set = [&workspace, at](Id id, const mission::PlanRequest& request) -> std::optional<units::Error> {
        auto kept = at(id);
        kept.aircraft = request.aircraft;
        const auto put = workspace.put(EditKind::change_aircraft, id, kept);
        return put ? std::nullopt : std::optional(put.error());
    };
    shelf.retired = [at](Id id) { return at(id).retired; };
    shelf.retire = [&workspace, at](Id id, bool retired) {
        auto kept = at(id);
        kept.retired = retired;
        (void)workspace.put(retired ? EditKind::retire_aircraft : EditKind::return_aircraft, id, kept);
    };
    shelf.note = [at](Id id) { return QString::fromStdString(at(id).note); };
    shelf.setNote = [&workspace, at](Id id, const QString& note) {
        auto kept = at(id);
        kept.note = note.toStdString();
        (void)workspace.put(EditKind::change_aircraft, id, kept);
    };
    shelf.add = [&workspace, name] {
        book::KeptAircraft kept{session::first_request().aircraft, {}, false};
        kept.aircraft.name =
            free_name(workspace.shelves().aircraft, ShelfWords::tr("New aircraft").toStdString(), name);
        return *workspace.put(EditKind::add_aircraft, std::nullopt, kept);
    };
    shelf.duplicate = [&workspace, at, name](Id id) {
        auto kept = at(id);
        kept.aircraft.name = free_name(workspace.shelves().aircraft, kept.aircraft.name, name);
        return *workspace.put(EditKind::duplicate_aircraft, std::nullopt, kept);
    };
    shelf.remove = [&workspace](Id id) { workspace.remove(EditKind::remove_aircraft, Kind::aircraft, id); };
    shelf.isUsed = [&workspace](Id id) {
        return linked(workspace, &book::KeptFlight::aircraft_id, &book::KeptPlan::aircraft_id, id);
    };
    return shelf;
}

Shelf pack_shelf(Workspace& workspace) {
    const auto at = [&workspace](Id id) { return workspace.shelves().packs.at(id); };
    const auto name = [](const book::KeptPack& k) { return k.pack.name; };
    Shelf shelf;
    shelf.key = QStringLiteral("packs");
    shelf.title = ShelfWords::tr("Packs");
    shelf.empty_sentence = ShelfWords::tr("Your packs: what they hold, and how they age.");
    shelf.empty_hint =
        ShelfWords::tr("Chemistry, cells in series and parallel, the cell capacity and the mass on the scales are "
                       "enough to start. Empty fields are assumed, and shown as assumed.");
    shelf.add_text = ShelfWords::tr("Add a pack");
    shelf.filter_hint = ShelfWords::tr("Find a pack");
    shelf.count_text = [](int flown, int retired) {
        return retired > 0 ? ShelfWords::tr("%1 in use, %2 retired").arg(flown).arg(retired)
                           : ShelfWords::tr("%1 in use").arg(flown);
    };
    shelf.fields = pack_fields;
    shelf.more_fields = more_pack_fields;
    shelf.figures = {
        {units::Quantity::rated_charge, ShelfWords::tr("rated"),
         [at](Id id) { return std::optional(book::explain_rated_charge(at(id).pack)); }},
        {units::Quantity::flight_count, ShelfWords::tr("flights"),
         [&workspace](Id id) {
             return std::optional(book::explain_flights(flights_of(workspace, &book::KeptFlight::pack_id, id)));
         }},
        {units::Quantity::pack_cycles, ShelfWords::tr("cycles"),
         [&workspace, at](Id id) {
             return std::optional(book::explain_cycles(workspace.packUse(id), at(id).pack));
         }},
    };
    shelf.ids = [&workspace] { return ids_of(workspace.shelves().packs); };
    shelf.request = [at](Id id) {
        mission::PlanRequest request;
        request.pack = at(id).pack;
        return request;
    };
    shelf.set = [&workspace, at](Id id, const mission::PlanRequest& request) -> std::optional<units::Error> {
        auto kept = at(id);
        kept.pack = request.pack;
        const auto put = workspace.put(EditKind::change_pack, id, kept);
        return put ? std::nullopt : std::optional(put.error());
    };
    shelf.retired = [at](Id id) { return at(id).retired; };
    shelf.retire = [&workspace, at](Id id, bool retired) {
        auto kept = at(id);
        kept.retired = retired;
        (void)workspace.put(retired ? EditKind::retire_pack : EditKind::return_pack, id, kept);
    };
    shelf.note = [at](Id id) { return QString::fromStdString(at(id).note); };
    shelf.setNote = [&workspace, at](Id id, const QString& note) {
        auto kept = at(id);
        kept.note = note.toStdString();
        (void)workspace.put(EditKind::change_pack, id, kept);
    };
    shelf.add = [&workspace, name] {
        book::KeptPack kept{session::first_request().pack, {}, false};
        kept.pack.name = free_name(workspace.shelves().packs, ShelfWords::tr("New pack").toStdString(), name);
        return *workspace.put(EditKind::add_pack, std::nullopt, kept);
    };
    shelf.duplicate = [&workspace, at, name](Id id) {
        auto kept = at(id);
        kept.pack.name = free_name(workspace.shelves().packs, kept.pack.name, name);
        return *workspace.put(EditKind::duplicate_pack, std::nullopt, kept);
    };
    shelf.remove = [&workspace](Id id) { workspace.remove(EditKind::remove_pack, Kind::pack, id); };
    shelf.isUsed = [&workspace](Id id) {
        return linked(workspace, &book::KeptFlight::pack_id, &book::KeptPlan::pack_id, id);
    };
    return shelf;
}

} // namespace sobremesa::app
