#pragma once

#include <functional>
#include <vector>

#include <QString>

#include "app/fields/request_field.hpp"

namespace sobremesa::app {

/// One dotted word of the setting's sentence, with the fields behind it.
struct SettingWord {
    QString id; ///< end of the word's object name
    QString spoken;
    std::function<QString(const mission::PlanRequest&, const wording::Quantities&)> words;
    std::vector<RequestField> fields;
    /// Field that dragging and the arrow keys move; -1 for none.
    int dragged = -1;
};

/// The sentences of the places, with %1 … %8 for the words: aircraft, pack, wind, temperature, bearing, height,
/// reserve, landing voltage.
QString plan_setting_sentence();
QString debrief_setting_sentence();
std::vector<SettingWord> setting_words(const wording::Quantities& quantities);

} // namespace sobremesa::app
