#include "app/theme/look.hpp"

#include <cmath>

#include <QApplication>
#include <QPalette>
#include <QToolTip>

#include "app/theme/program_style.hpp"
#include "paper/flight_card.hpp"

namespace sobremesa::app {

Look& Look::instance() {
    static Look look;
    return look;
}

Look::Look() : theme_(&day_theme()), family_(paper::own_typeface()) {}

void Look::setTheme(const Theme& theme) {
    // The first time it is not worn yet, whichever it is.
    if (theme_ == &theme && has_style_) return;
    theme_ = &theme;
    apply();
    emit changed();
}

void Look::setTextScale(double scale) {
    scale = std::clamp(scale, 1.0, 1.5);
    if (std::abs(scale - text_scale_) < 1e-6) return;
    text_scale_ = scale;
    apply();
    emit changed();
}

void Look::setUnits(const wording::UnitChoice& units) {
    if (units == quantities_.choice()) return;
    quantities_ = wording::Quantities(units);
    emit changed();
}

int Look::scaled(double length) const {
    return int(std::lround(length * textScale()));
}

QFont Look::font(double pixels, Weight weight) const {
    QFont font(family_.isEmpty() ? QApplication::font().family() : family_);
    font.setPixelSize(scaled(pixels));
    // Whole-pixel advances tear words apart at these sizes.
    font.setHintingPreference(QFont::PreferNoHinting);
    font.setWeight(weight == Weight::semibold ? QFont::DemiBold
                   : weight == Weight::medium ? QFont::Medium
                                              : QFont::Normal);
    return font;
}

void Look::apply() {
    // Each of these goes through every widget that there is: only what changed is set.
    if (!has_style_) QApplication::setStyle(new ProgramStyle);
    has_style_ = true;
    if (QApplication::font() != font(text_px)) QApplication::setFont(font(text_px));
    const Theme& t = *theme_;
    QPalette palette;
    palette.setColor(QPalette::Window, t.paper);
    palette.setColor(QPalette::Base, t.panel);
    palette.setColor(QPalette::AlternateBase, t.paper);
    palette.setColor(QPalette::WindowText, t.ink);
    palette.setColor(QPalette::Text, t.ink);
    palette.setColor(QPalette::ButtonText, t.ink);
    palette.setColor(QPalette::Button, t.panel);
    palette.setColor(QPalette::Highlight, t.selection);
    palette.setColor(QPalette::HighlightedText, t.ink);
    palette.setColor(QPalette::PlaceholderText, t.soft_ink);
    palette.setColor(QPalette::ToolTipBase, t.panel);
    palette.setColor(QPalette::ToolTipText, t.ink);
    palette.setColor(QPalette::Mid, t.hairline);
    palette.setColor(QPalette::Link, t.ink);
    if (QApplication::palette() == palette) return;
    QApplication::setPalette(palette);
    QToolTip::setPalette(palette);
}

QString Look::shapeOf(QString text) {
    for (QChar& letter : text) {
        if (letter.isDigit()) letter = QLatin1Char('0');
    }
    return text;
}

} // namespace sobremesa::app
