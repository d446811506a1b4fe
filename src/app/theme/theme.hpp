#pragma once

#include <vector>

#include <QColor>
#include <QString>

namespace sobremesa::app {

/// Colours by what they mean. A test holds every theme to contrast and to colour-vision deficiencies.
struct Theme {
    QString name;
    QColor paper;    ///< ground of the window
    QColor panel;    ///< ground of what is read
    QColor hairline; ///< separates, carries no meaning
    QColor ink;
    QColor soft_ink;
    QColor field_border; ///< edges of what can be edited, and of bands: 3 : 1 on panel
    QColor outward;      ///< the outbound leg, and nothing else
    QColor homeward;     ///< the return, and nothing else
    QColor warning;      ///< reserve and warnings
    QColor selection;
    bool dark = false;
    /// Of the text, on top of the pilot's own size.
    double enlargement = 1.0;
};

const Theme& day_theme();
const Theme& evening_theme();
/// For bright sun: the strongest contrast the colours can have, and larger type.
const Theme& field_theme();
const std::vector<const Theme*>& all_themes();

/// Contrast of two colours as WCAG 2.1 defines it, 1 … 21.
double contrast(const QColor& a, const QColor& b);

/// A band's fill: the colour of its line, thinned.
QColor band_fill(const QColor& line);

} // namespace sobremesa::app
