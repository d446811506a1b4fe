#include "session/flight_folder.hpp"

#include <QDir>
#include <QFile>

namespace sobremesa::session {

namespace {

QStringList paths(const QDir& dir, const QStringList& patterns) {
    QStringList found;
    for (const QString& name : dir.entryList(patterns, QDir::Files, QDir::Name)) found << dir.filePath(name);
    return found;
}

} // namespace

FlightFolder read_flight_folder(const QString& folder) {
    const QDir dir(folder);
    return {paths(dir, {QStringLiteral("*.csv"), QStringLiteral("*.gpx"), QStringLiteral("*.tlog")}),
            paths(dir, {QStringLiteral("*.plan.json")})};
}

QString throw_away_copy(const QString& folder, const QString& into) {
    const QDir from(folder);
    const QDir to(into);
    if (!from.exists() || !to.exists()) return {};
    for (const QString& name : from.entryList(QDir::Files)) {
        if (!QFile::copy(from.filePath(name), to.filePath(name))) return {};
    }
    return into;
}

} // namespace sobremesa::session
