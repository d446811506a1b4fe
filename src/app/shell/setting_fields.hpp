#pragma once

#include <functional>
#include <vector>

#include <QString>
#include <QStringList>

#include "core/mission/plan_request.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

/// One editable value of the setting: what it is called, how it is written, where it lives in the request.
struct SettingField {
    enum class Kind { number, text, choice };
    Kind kind = Kind::number;
    QString label;
    wording::Notation notation; ///< numbers only
    double step = 1.0;          ///< numbers only, in the written unit
    bool whole = false;         ///< numbers only: counts, of which there is no half
    QStringList choices;        ///< choices only
    std::function<double(const mission::PlanRequest&)> number;
    std::function<void(mission::PlanRequest&, double)> setNumber;
    std::function<QString(const mission::PlanRequest&)> text;
    std::function<void(mission::PlanRequest&, const QString&)> setText;
    std::function<int(const mission::PlanRequest&)> choice;
    std::function<void(mission::PlanRequest&, int)> setChoice;
    /// Shown under the label: what is assumed, and by whom.
    QString hint;
};

/// One dotted word of the setting's sentence, with the fields behind it.
struct SettingWord {
    QString id; ///< object name of the word, for tests and the keyboard
    QString spoken;
    std::function<QString(const mission::PlanRequest&, const wording::Quantities&)> words;
    std::vector<SettingField> fields;
    /// Field that dragging and the arrow keys move; -1 for none.
    int dragged = -1;
};

/// The sentences of the places, with %1 … %8 for the words: aircraft, pack, wind, temperature, bearing, height,
/// reserve, landing voltage.
QString plan_setting_sentence();
QString debrief_setting_sentence();
std::vector<SettingWord> setting_words(const wording::Quantities& quantities);

} // namespace sobremesa::app
