#include "wording/edits.hpp"

#include <QCoreApplication>

#include "logbook/edit_kind.hpp"

namespace sobremesa::wording {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Edits)
};

/// With a place for the name, and without one.
std::pair<QString, QString> texts(logbook::EditKind kind) {
    using logbook::EditKind;
    switch (kind) {
    case EditKind::add_aircraft: return {Words::tr("add aircraft %1"), Words::tr("add aircraft")};
    case EditKind::change_aircraft: return {Words::tr("change aircraft %1"), Words::tr("change aircraft")};
    case EditKind::duplicate_aircraft: return {Words::tr("duplicate aircraft %1"), Words::tr("duplicate aircraft")};
    case EditKind::retire_aircraft: return {Words::tr("retire %1"), Words::tr("retire aircraft")};
    case EditKind::return_aircraft: return {Words::tr("return %1 to use"), Words::tr("return aircraft to use")};
    case EditKind::remove_aircraft: return {Words::tr("remove aircraft %1"), Words::tr("remove aircraft")};
    case EditKind::add_pack: return {Words::tr("add pack %1"), Words::tr("add pack")};
    case EditKind::change_pack: return {Words::tr("change pack %1"), Words::tr("change pack")};
    case EditKind::duplicate_pack: return {Words::tr("duplicate pack %1"), Words::tr("duplicate pack")};
    case EditKind::retire_pack: return {Words::tr("retire %1"), Words::tr("retire pack")};
    case EditKind::return_pack: return {Words::tr("return %1 to use"), Words::tr("return pack to use")};
    case EditKind::remove_pack: return {Words::tr("remove pack %1"), Words::tr("remove pack")};
    case EditKind::add_plan: return {Words::tr("add plan %1"), Words::tr("add plan")};
    case EditKind::duplicate_plan: return {Words::tr("duplicate plan %1"), Words::tr("duplicate plan")};
    case EditKind::remove_plan: return {Words::tr("remove plan %1"), Words::tr("remove plan")};
    case EditKind::rename_plan: return {Words::tr("rename plan to %1"), Words::tr("rename plan")};
    case EditKind::choose_aircraft: return {Words::tr("choose aircraft %1"), Words::tr("choose aircraft")};
    case EditKind::choose_pack: return {Words::tr("choose pack %1"), Words::tr("choose pack")};
    case EditKind::change_wind: return {Words::tr("change wind in %1"), Words::tr("change wind")};
    case EditKind::change_temperature:
        return {Words::tr("change temperature in %1"), Words::tr("change temperature")};
    case EditKind::change_bearing: return {Words::tr("change bearing in %1"), Words::tr("change bearing")};
    case EditKind::change_mission: return {Words::tr("change mission in %1"), Words::tr("change mission")};
    case EditKind::change_height: return {Words::tr("change height in %1"), Words::tr("change height")};
    case EditKind::change_reserve: return {Words::tr("change reserve in %1"), Words::tr("change reserve")};
    case EditKind::change_landing:
        return {Words::tr("change landing voltage in %1"), Words::tr("change landing voltage")};
    case EditKind::change_rules: return {Words::tr("change rules in %1"), Words::tr("change rules")};
    case EditKind::change_plan: return {Words::tr("change plan %1"), Words::tr("change plan")};
    case EditKind::file_flight: return {Words::tr("file flight %1"), Words::tr("file flight")};
    case EditKind::calibrate_flights:
        return {Words::tr("calibrate flight %1 and its like"), Words::tr("calibrate flights")};
    case EditKind::change_flight: return {Words::tr("change flight %1"), Words::tr("change flight")};
    case EditKind::remove_flight: return {Words::tr("remove flight %1"), Words::tr("remove flight")};
    case EditKind::learn_aircraft:
        return {Words::tr("learn the curve of %1"), Words::tr("learn an aircraft's curve")};
    case EditKind::forget_curve:
        return {Words::tr("forget the curve of %1"), Words::tr("forget an aircraft's curve")};
    case EditKind::set_flight_apart: return {Words::tr("set flight %1 apart"), Words::tr("set a flight apart")};
    case EditKind::bring_in: return {Words::tr("bring in %1"), Words::tr("bring in a logbook")};
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
