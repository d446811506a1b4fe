#pragma once

#include <QString>
#include <QStringList>

namespace sobremesa::session {

/// Logs and plans of one folder, by name: what the demo lays on the table.
struct FlightFolder {
    QStringList logs;
    QStringList plans;
};

FlightFolder read_flight_folder(const QString& folder);

/// The demo flights that came with a program: installed beside it, or made where it was built.
/// @param program_folder  where the program's own file is
/// @return empty where there are none
QString demo_folder(const QString& program_folder);

/// Copies a demo folder to a place of its own, so that nothing done to it lasts.
/// @return the copy's path; empty when it could not be made
QString throw_away_copy(const QString& folder, const QString& into);

} // namespace sobremesa::session
