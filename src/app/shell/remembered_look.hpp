#pragma once

class QSettings;

namespace sobremesa::app {

/// Theme, size of text and units, as the settings remember them.
void remember_look(QSettings& settings);
void restore_look(const QSettings& settings);

} // namespace sobremesa::app
