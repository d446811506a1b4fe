#include "wording/edits.hpp"

#include <QCoreApplication>

#include "logbook/edit_kind.hpp"

namespace sobremesa::wording {

namespace {

struct EditsWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Edits)
};

/// With a place for the name, and without one.
std::pair<QString, QString> texts(logbook::EditKind kind) {
    using logbook::EditKind;
    switch (kind) {
    case EditKind::add_aircraft: return {EditsWords::tr("add aircraft %1"), EditsWords::tr("add aircraft")};
    case EditKind::change_aircraft:
        return {EditsWords::tr("change aircraft %1"), EditsWords::tr("change aircraft")};
    case EditKind::duplicate_aircraft:
        return {EditsWords::tr("duplicate aircraft %1"), EditsWords::tr("duplicate aircraft")};
    case EditKind::retire_aircraft: return {EditsWords::tr("retire %1"), EditsWords::tr("retire aircraft")};
    case EditKind::return_aircraft:
        return {EditsWords::tr("return %1 to use"), EditsWords::tr("return aircraft to use")};
    case EditKind::remove_aircraft:
        return {EditsWords::tr("remove aircraft %1"), EditsWords::tr("remove aircraft")};
    case EditKind::add_pack: return {EditsWords::tr("add pack %1"), EditsWords::tr("add pack")};
    case EditKind::change_pack: return {EditsWords::tr("change pack %1"), EditsWords::tr("change pack")};
    case EditKind::duplicate_pack: return {EditsWords::tr("duplicate pack %1"), EditsWords::tr("duplicate pack")};
    case EditKind::retire_pack: return {EditsWords::tr("retire %1"), EditsWords::tr("retire pack")};
    case EditKind::return_pack: return {EditsWords::tr("return %1 to use"), EditsWords::tr("return pack to use")};
    case EditKind::remove_pack: return {EditsWords::tr("remove pack %1"), EditsWords::tr("remove pack")};
    case EditKind::add_plan: return {EditsWords::tr("add plan %1"), EditsWords::tr("add plan")};
    case EditKind::duplicate_plan: return {EditsWords::tr("duplicate plan %1"), EditsWords::tr("duplicate plan")};
    case EditKind::remove_plan: return {EditsWords::tr("remove plan %1"), EditsWords::tr("remove plan")};
    case EditKind::rename_plan: return {EditsWords::tr("rename plan to %1"), EditsWords::tr("rename plan")};
    case EditKind::choose_aircraft:
        return {EditsWords::tr("choose aircraft %1"), EditsWords::tr("choose aircraft")};
    case EditKind::choose_pack: return {EditsWords::tr("choose pack %1"), EditsWords::tr("choose pack")};
    case EditKind::change_wind: return {EditsWords::tr("change wind in %1"), EditsWords::tr("change wind")};
    case EditKind::change_temperature:
        return {EditsWords::tr("change temperature in %1"), EditsWords::tr("change temperature")};
    case EditKind::change_bearing:
        return {EditsWords::tr("change bearing in %1"), EditsWords::tr("change bearing")};
    case EditKind::change_mission:
        return {EditsWords::tr("change mission in %1"), EditsWords::tr("change mission")};
    case EditKind::change_height: return {EditsWords::tr("change height in %1"), EditsWords::tr("change height")};
    case EditKind::change_reserve:
        return {EditsWords::tr("change reserve in %1"), EditsWords::tr("change reserve")};
    case EditKind::change_landing:
        return {EditsWords::tr("change landing voltage in %1"), EditsWords::tr("change landing voltage")};
    case EditKind::change_rules: return {EditsWords::tr("change rules in %1"), EditsWords::tr("change rules")};
    case EditKind::change_plan: return {EditsWords::tr("change plan %1"), EditsWords::tr("change plan")};
    case EditKind::file_flight: return {EditsWords::tr("file flight %1"), EditsWords::tr("file flight")};
    case EditKind::calibrate_flights:
        return {EditsWords::tr("calibrate flight %1 and others"), EditsWords::tr("calibrate flights")};
    case EditKind::change_flight: return {EditsWords::tr("change flight %1"), EditsWords::tr("change flight")};
    case EditKind::remove_flight: return {EditsWords::tr("remove flight %1"), EditsWords::tr("remove flight")};
    case EditKind::learn_aircraft:
        return {EditsWords::tr("fit the curve of %1"), EditsWords::tr("fit an aircraft's curve")};
    case EditKind::forget_curve:
        return {EditsWords::tr("discard the curve of %1"), EditsWords::tr("discard an aircraft's curve")};
    case EditKind::set_flight_apart:
        return {EditsWords::tr("exclude flight %1"), EditsWords::tr("exclude a flight")};
    case EditKind::learn_pack:
        return {EditsWords::tr("fit pack %1 to its flights"), EditsWords::tr("fit a pack to its flights")};
    case EditKind::forget_pack:
        return {EditsWords::tr("discard the fit of pack %1"), EditsWords::tr("discard the fit of a pack")};
    case EditKind::freeze_pack:
        return {EditsWords::tr("freeze or unfreeze the fit of pack %1"),
                EditsWords::tr("freeze or unfreeze the fit of a pack")};
    case EditKind::bring_in: return {EditsWords::tr("import %1"), EditsWords::tr("import a logbook")};
    }
    return {};
}

} // namespace

QString edit_text(const logbook::Edit& edit) {
    const auto kind = logbook::edit_from_word(edit.what);
    if (!kind) return QString::fromStdString(edit.what);
    const auto [named, plain] = texts(*kind);
    if (edit.subject.empty()) return plain;
    return named.arg(QStringLiteral("“%1”").arg(QString::fromStdString(edit.subject)));
}

} // namespace sobremesa::wording
