#pragma once

#include <vector>

#include <QString>

#include "core/units/explanation_fwd.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// An explanation in words, ready to be laid out.
struct ExplanationText {
    QString title;    ///< what the number is
    QString value;    ///< with unit and error
    QString relation; ///< how it follows, as a sentence
    QString source;
    struct Input {
        QString name;
        QString value;
        QString origin;
    };
    std::vector<Input> inputs;
    std::vector<QString> sensitivities;
};

ExplanationText explanation_text(const units::Explanation& explanation, const Quantities& quantities);

/// The same as one block of plain text, for the screen reader and for copying.
QString plain_text(const ExplanationText& text);

} // namespace sobremesa::wording
