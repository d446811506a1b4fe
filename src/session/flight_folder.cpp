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

QString demo_folder(const QString& program_folder) {
    for (const char* beside : {"../share/sobremesa/demo", "../demo"}) {
        const QDir found(QDir(program_folder).filePath(QLatin1String(beside)));
        if (QFile::exists(found.filePath(QStringLiteral("book.json")))) return QDir::cleanPath(found.path());
    }
    return {};
}

QString throw_away_copy(const QString& folder, const QString& into) {
    if (folder.isEmpty()) return {}; // which a QDir takes for the working directory
    const QDir from(folder);
    const QDir to(into);
    if (!from.exists() || !to.exists()) return {};
    for (const QString& name : from.entryList(QDir::Files)) {
        if (!QFile::copy(from.filePath(name), to.filePath(name))) return {};
    }
    return into;
}

} // namespace sobremesa::session
