#pragma once

#include <functional>

#include <QString>

class QWidget;

namespace sobremesa::app {

/// Asks for a file that exists. The sheet that the asker stands in steps aside meanwhile, and comes back.
/// @param now     the file or folder that the dialog begins at; empty: the user's documents
/// @param filter  as QFileDialog has them: "Rasters (*.tif *.hgt);;All files (*)"
/// @param chosen  called with the path, unless the asker is gone by then
void browse_for_file(QWidget* asker, const QString& title, const QString& now, const QString& filter,
                     std::function<void(const QString&)> chosen);

} // namespace sobremesa::app
