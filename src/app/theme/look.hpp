#pragma once

#include <algorithm>

#include <QFont>
#include <QObject>

#include "app/theme/theme.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

/// How the whole program looks: theme, size of text, units. One for the program; every widget follows `changed`.
class Look : public QObject {
    Q_OBJECT
public:
    static Look& instance();

    const Theme& theme() const { return *theme_; }
    /// Puts the look on the application: the first time, too.
    void setTheme(const Theme& theme);
    /// 1.0 … 1.5; lengths and text grow together.
    /// In the field theme a little larger than was set, and never above 1.5.
    double textScale() const { return std::min(1.5, text_scale_ * theme_->enlargement); }
    /// As set, whatever the theme.
    double chosenTextScale() const { return text_scale_; }
    void setTextScale(double scale);
    const wording::Quantities& quantities() const { return quantities_; }
    /// Everywhere at once.
    void setUnits(const wording::UnitChoice& units);

    /// A length of the design, scaled.
    int scaled(double length) const;
    enum class Weight { regular, medium, semibold };
    /// Of the typeface; empty: the desktop's.
    const QString& family() const { return family_; }
    QFont font(double pixels, Weight weight = Weight::regular) const;
    /// What a text is as wide as: itself with every digit a nought. The typeface's digits are all of one width, and
    /// a text whose figures alone have changed need not be measured anew.
    static QString shapeOf(QString text);

    /// Size of ordinary text, in pixels of the design.
    static constexpr double text_px = 13.0;
    static constexpr double small_px = 12.0;
    static constexpr double sentence_px = 21.0;
    static constexpr double figure_px = 20.0;

signals:
    void changed();

private:
    /// Style, font and palette of the application.
    void apply();
    Look();

    const Theme* theme_;
    double text_scale_ = 1.0;
    bool has_style_ = false;
    wording::Quantities quantities_;
    QString family_;
};

} // namespace sobremesa::app
