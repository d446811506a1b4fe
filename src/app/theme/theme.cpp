#include "app/theme/theme.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::app {

const Theme& day_theme() {
    static const Theme theme{QStringLiteral("day"),
                             0xF5F0E6,
                             0xFCFAF5,
                             0xDCD3C2,
                             0x22272B,
                             0x5F594F,
                             0x8A8172,
                             0x0F5A68,
                             0xA34A0F,
                             0x8A2C3A,
                             0xECE3D2,
                             false,
                             1.0};
    return theme;
}

const Theme& evening_theme() {
    static const Theme theme{QStringLiteral("evening"),
                             0x1B1E21,
                             0x22262A,
                             0x363B40,
                             0xECE6DA,
                             0xABA69B,
                             0x7D7F7E,
                             0x86DDE6,
                             0xDE9346,
                             0xFF8FC0,
                             0x343A40,
                             true,
                             1.0};
    return theme;
}

const Theme& field_theme() {
    static const Theme theme{QStringLiteral("field"),
                             0xFFFFFF,
                             0xFFFFFF,
                             0xB8B2A6,
                             0x000001,
                             0x3A3630,
                             0x5C564B,
                             0x00414E,
                             0x7E3300,
                             0x6E0F22,
                             0xE9E2D2,
                             false,
                             1.15};
    return theme;
}

const std::vector<const Theme*>& all_themes() {
    static const std::vector<const Theme*> themes = {&day_theme(), &evening_theme(), &field_theme()};
    return themes;
}

namespace {

double relative_luminance(const QColor& colour) {
    const auto linear = [](double channel) {
        return channel <= 0.04045 ? channel / 12.92 : std::pow((channel + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) + 0.0722 * linear(colour.blueF());
}

} // namespace

double contrast(const QColor& a, const QColor& b) {
    const double la = relative_luminance(a);
    const double lb = relative_luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

QColor band_fill(const QColor& line) {
    QColor fill = line;
    fill.setAlphaF(0.14F);
    return fill;
}

} // namespace sobremesa::app
