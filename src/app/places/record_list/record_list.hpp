#pragma once

#include <functional>
#include <vector>

#include <QString>

#include "app/fields/request_field.hpp"
#include "core/units/explanation.hpp"
#include "session/workspace.hpp"

namespace sobremesa::app {

using session::Id;

/// A figure that a list works out for each of its things.
struct RecordListFigure {
    units::Quantity quantity;
    QString header;
    std::function<std::optional<units::Explanation>(Id)> explanation;
};

/// What the table and the form need to know of a list of the workspace, aircraft or packs alike.
struct RecordList {
    QString key; ///< "fleet", "packs"
    QString title;
    QString empty_sentence;
    QString empty_hint;
    QString add_text;
    QString filter_hint;
    /// "3 aircraft", "3 aircraft and 1 retired".
    std::function<QString(int flown, int retired)> count_text;

    std::function<std::vector<RequestField>(const wording::Quantities&)> fields;
    /// Shown in the form only, below the others.
    std::function<std::vector<RequestField>(const wording::Quantities&)> more_fields;
    std::vector<RecordListFigure> figures;
    /// What flights and chargers have measured of it, a line each.
    std::function<QStringList(Id)> measured;

    std::function<std::vector<Id>()> ids;
    /// A request that holds the thing; the fields read and write it there.
    std::function<mission::PlanRequest(Id)> request;
    std::function<std::optional<units::Error>(Id, const mission::PlanRequest&)> set;
    std::function<bool(Id)> retired;
    std::function<void(Id, bool)> retire;
    std::function<QString(Id)> note;
    std::function<void(Id, const QString&)> setNote;
    std::function<Id()> add;
    std::function<Id(Id)> duplicate;
    std::function<void(Id)> remove;
    /// Whether flights or plans refer to it: then it is retired rather than removed.
    std::function<bool(Id)> isUsed;
};

RecordList fleet_record_list(session::Workspace& workspace);
RecordList pack_record_list(session::Workspace& workspace);

/// The day that an aircraft or a pack was last flown on, as ISO 8601 has it; empty: never, or no log says when.
QString last_flown_day(const session::Workspace& workspace, std::optional<Id> book::KeptFlight::*link, Id id);
int flights_of(const session::Workspace& workspace, std::optional<Id> book::KeptFlight::*link, Id id);

} // namespace sobremesa::app
