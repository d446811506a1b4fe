#include "app/places/record_list/record_list.hpp"

#include <QCoreApplication>
#include <QDateTime>

#include "app/theme/look.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/learning.hpp"

namespace sobremesa::app {

namespace {

using logbook::EditKind;
using logbook::Kind;
using session::Workspace;

struct RecordListWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::RecordList)
};

template <class Shelved>
std::vector<Id> ids_of(const std::map<Id, Shelved>& record_list) {
    std::vector<Id> ids;
    ids.reserve(record_list.size());
    for (const auto& [id, kept] : record_list) ids.push_back(id);
    return ids;
}

/// "B-07", "B-07 (2)": a copy is distinguished from what it was made of.
template <class Shelved, class Name>
std::string free_name(const std::map<Id, Shelved>& record_list, const std::string& wanted, Name name) {
    const auto taken = [&](const std::string& text) {
        return std::any_of(record_list.begin(), record_list.end(),
                           [&](const auto& entry) { return name(entry.second) == text; });
    };
    if (!wanted.empty() && !taken(wanted)) return wanted;
    for (int n = 2;; ++n) {
        std::string text = wanted + " (" + logbook::digits(n) + ")";
        if (!taken(text)) return text;
    }
}

template <class Link>
bool linked(const Workspace& workspace, std::optional<Id> book::KeptFlight::*of_flight, Link of_plan, Id id) {
    for (const auto& [number, plan] : workspace.library().plans) {
        if (plan.*of_plan == id) return true;
    }
    return flights_of(workspace, of_flight, id) > 0;
}

} // namespace

int flights_of(const Workspace& workspace, std::optional<Id> book::KeptFlight::*link, Id id) {
    int flights = 0;
    for (const auto& [number, flight] : workspace.library().flights) flights += flight.*link == id ? 1 : 0;
    return flights;
}

QString last_flown_day(const Workspace& workspace, std::optional<Id> book::KeptFlight::*link, Id id) {
    std::optional<double> last_s;
    for (const auto& [number, flight] : workspace.library().flights) {
        if (flight.*link == id && flight.start_clock_s && flight.start_clock_s > last_s)
            last_s = flight.start_clock_s;
    }
    if (!last_s) return {};
    return QDateTime::fromSecsSinceEpoch(qint64(*last_s), Qt::UTC).date().toString(Qt::ISODate);
}

RecordList fleet_record_list(Workspace& workspace) {
    const auto at = [&workspace](Id id) { return workspace.library().aircraft.at(id); };
    const auto name = [](const book::KeptAircraft& k) { return k.aircraft.name; };
    RecordList record_list;
    record_list.key = QStringLiteral("fleet");
    record_list.title = RecordListWords::tr("Fleet");
    record_list.empty_sentence =
        RecordListWords::tr("Your aircraft: what they weigh and what they draw in cruise.");
    record_list.empty_hint = RecordListWords::tr(
        "Five entries are enough to start: a name, wing or multirotor, the mass without pack, and one cruise: how "
        "fast, at how many watts or amps. Volts times amps in level flight on a calm day are the watts.");
    record_list.add_text = RecordListWords::tr("Add an aircraft");
    record_list.filter_hint = RecordListWords::tr("Find an aircraft");
    record_list.count_text = [](int flown, int retired) {
        return retired > 0 ? RecordListWords::tr("%1 in use, %2 retired").arg(flown).arg(retired)
                           : RecordListWords::tr("%1 in use").arg(flown);
    };
    record_list.fields = [](const wording::Quantities& q) {
        auto fields = aircraft_fields(q);
        // No pack lies beside it there that a current could be of.
        std::erase_if(fields, [](const RequestField& field) { return field.path == "aircraft.cruise_current_a"; });
        return fields;
    };
    record_list.more_fields = more_aircraft_fields;
    record_list.figures = {
        {units::Quantity::flight_count, RecordListWords::tr("flights"), [&workspace](Id id) {
             return std::optional(book::explain_flights(flights_of(workspace, &book::KeptFlight::aircraft_id, id)));
         }}};
    record_list.measured = [at](Id id) {
        return wording::measured_lines(at(id).aircraft, Look::instance().quantities());
    };
    record_list.ids = [&workspace] { return ids_of(workspace.library().aircraft); };
    record_list.request = [at](Id id) {
        mission::PlanRequest request;
        request.aircraft = at(id).aircraft;
        return request;
    };
    record_list.set = [&workspace, at](Id id, const mission::PlanRequest& request) -> std::optional<units::Error> {
        auto kept = at(id);
        kept.aircraft = request.aircraft;
        const auto put = workspace.put(EditKind::change_aircraft, id, kept);
        return put ? std::nullopt : std::optional(put.error());
    };
    record_list.retired = [at](Id id) { return at(id).retired; };
    record_list.retire = [&workspace, at](Id id, bool retired) {
        auto kept = at(id);
        kept.retired = retired;
        (void)workspace.put(retired ? EditKind::retire_aircraft : EditKind::return_aircraft, id, kept);
    };
    record_list.note = [at](Id id) { return QString::fromStdString(at(id).note); };
    record_list.setNote = [&workspace, at](Id id, const QString& note) {
        auto kept = at(id);
        kept.note = note.toStdString();
        (void)workspace.put(EditKind::change_aircraft, id, kept);
    };
    record_list.add = [&workspace, name] {
        book::KeptAircraft kept{session::first_request().aircraft, {}, false};
        kept.aircraft.name =
            free_name(workspace.library().aircraft, RecordListWords::tr("New aircraft").toStdString(), name);
        return *workspace.put(EditKind::add_aircraft, std::nullopt, kept);
    };
    record_list.duplicate = [&workspace, at, name](Id id) {
        auto kept = at(id);
        kept.aircraft.name = free_name(workspace.library().aircraft, kept.aircraft.name, name);
        return *workspace.put(EditKind::duplicate_aircraft, std::nullopt, kept);
    };
    record_list.remove = [&workspace](Id id) { workspace.remove(EditKind::remove_aircraft, Kind::aircraft, id); };
    record_list.isUsed = [&workspace](Id id) {
        return linked(workspace, &book::KeptFlight::aircraft_id, &book::KeptPlan::aircraft_id, id);
    };
    return record_list;
}

RecordList pack_record_list(Workspace& workspace) {
    const auto at = [&workspace](Id id) { return workspace.library().packs.at(id); };
    const auto name = [](const book::KeptPack& k) { return k.pack.name; };
    RecordList record_list;
    record_list.key = QStringLiteral("packs");
    record_list.title = RecordListWords::tr("Packs");
    record_list.empty_sentence = RecordListWords::tr("Your packs: what they hold, and how they age.");
    record_list.empty_hint = RecordListWords::tr(
        "Chemistry, cells in series and parallel, the cell capacity and the mass on the scales are "
        "enough to start. Empty fields are assumed, and shown as assumed.");
    record_list.add_text = RecordListWords::tr("Add a pack");
    record_list.filter_hint = RecordListWords::tr("Find a pack");
    record_list.count_text = [](int flown, int retired) {
        return retired > 0 ? RecordListWords::tr("%1 in use, %2 retired").arg(flown).arg(retired)
                           : RecordListWords::tr("%1 in use").arg(flown);
    };
    record_list.fields = pack_fields;
    record_list.more_fields = more_pack_fields;
    record_list.figures = {
        {units::Quantity::rated_charge, RecordListWords::tr("rated"),
         [at](Id id) { return std::optional(book::explain_rated_charge(at(id).pack)); }},
        {units::Quantity::flight_count, RecordListWords::tr("flights"),
         [&workspace](Id id) {
             return std::optional(book::explain_flights(flights_of(workspace, &book::KeptFlight::pack_id, id)));
         }},
        {units::Quantity::pack_cycles, RecordListWords::tr("cycles"),
         [&workspace, at](Id id) {
             return std::optional(book::explain_cycles(workspace.packUse(id), at(id).pack));
         }},
    };
    record_list.measured = [at](Id id) {
        return wording::measured_lines(at(id).pack, Look::instance().quantities());
    };
    record_list.ids = [&workspace] { return ids_of(workspace.library().packs); };
    record_list.request = [at](Id id) {
        mission::PlanRequest request;
        request.pack = at(id).pack;
        return request;
    };
    record_list.set = [&workspace, at](Id id, const mission::PlanRequest& request) -> std::optional<units::Error> {
        auto kept = at(id);
        kept.pack = request.pack;
        const auto put = workspace.put(EditKind::change_pack, id, kept);
        return put ? std::nullopt : std::optional(put.error());
    };
    record_list.retired = [at](Id id) { return at(id).retired; };
    record_list.retire = [&workspace, at](Id id, bool retired) {
        auto kept = at(id);
        kept.retired = retired;
        (void)workspace.put(retired ? EditKind::retire_pack : EditKind::return_pack, id, kept);
    };
    record_list.note = [at](Id id) { return QString::fromStdString(at(id).note); };
    record_list.setNote = [&workspace, at](Id id, const QString& note) {
        auto kept = at(id);
        kept.note = note.toStdString();
        (void)workspace.put(EditKind::change_pack, id, kept);
    };
    record_list.add = [&workspace, name] {
        book::KeptPack kept{session::first_request().pack, {}, false};
        kept.pack.name = free_name(workspace.library().packs, RecordListWords::tr("New pack").toStdString(), name);
        return *workspace.put(EditKind::add_pack, std::nullopt, kept);
    };
    record_list.duplicate = [&workspace, at, name](Id id) {
        auto kept = at(id);
        kept.pack.name = free_name(workspace.library().packs, kept.pack.name, name);
        return *workspace.put(EditKind::duplicate_pack, std::nullopt, kept);
    };
    record_list.remove = [&workspace](Id id) { workspace.remove(EditKind::remove_pack, Kind::pack, id); };
    record_list.isUsed = [&workspace](Id id) {
        return linked(workspace, &book::KeptFlight::pack_id, &book::KeptPlan::pack_id, id);
    };
    return record_list;
}

} // namespace sobremesa::app
