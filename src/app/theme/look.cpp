#include "app/theme/look.hpp"

#include <cmath>

#include <QApplication>
#include <QPalette>
#include <QStyleFactory>

#include "paper/flight_card.hpp"

namespace sobremesa::app {

Look& Look::instance() {
    static Look look;
    return look;
}

Look::Look() : theme_(&day_theme()), family_(paper::own_typeface()) {}

void Look::setTheme(const Theme& theme) {
    if (theme_ == &theme) return;
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
    if (!has_style_) QApplication::setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
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
    if (QApplication::palette() != palette) QApplication::setPalette(palette);
    if (const QString sheet = bare_ ? QString() : styleSheet(); qApp->styleSheet() != sheet)
        qApp->setStyleSheet(sheet);
}

void Look::setBare(bool bare) {
    bare_ = bare;
    apply();
}

QString Look::styleSheet() const {
    const Theme& t = *theme_;
    QString sheet = QStringLiteral(R"(
        QToolTip { background: @panel; color: @ink; border: 1px solid @border; padding: 4px; }
        QLineEdit { background: @panel; color: @ink; border: 1px solid @border; border-radius: 3px;
            padding: @2px @6px; min-height: @20px; selection-background-color: @selection; selection-color: @ink; }
        QPlainTextEdit, QListView { background: @panel; color: @ink; border: 1px solid @border; border-radius: 3px;
            selection-background-color: @selection; selection-color: @ink; }
        QPlainTextEdit:focus { border: 2px solid @ink; }
        QListView::item { min-height: @24px; }
        QPushButton:disabled { color: @border; border-color: @hairline; }
        QCheckBox { color: @ink; spacing: @6px; }
        QCheckBox::indicator { width: @12px; height: @12px; border: 1px solid @border; border-radius: 3px;
            background: @panel; }
        QCheckBox::indicator:checked { background: @ink; border: 1px solid @ink; }
        QCheckBox:focus { text-decoration: underline; }
        QLineEdit:focus { border: 2px solid @ink; }
        QLineEdit[wrong="true"] { border: 2px solid @warning; }
        QComboBox QAbstractItemView { background: @panel; color: @ink; border: 1px solid @border;
            selection-background-color: @selection; selection-color: @ink; }
        QPushButton { background: @panel; color: @ink; border: 1px solid @border; border-radius: 3px;
            padding: @4px @12px; min-height: @20px; }
        QPushButton:hover { background: @selection; }
        QToolButton { background: transparent; color: @ink; border: none; border-bottom: 1px solid @hairline;
                      font-weight: 600; padding: @2px 0; text-align: left; }
        QToolButton:hover { background: @selection; }
        QToolButton:focus { border: 2px solid @ink; }
        QPushButton:focus { border: 2px solid @ink; }
        QMenu { background: @panel; color: @ink; border: 1px solid @border; padding: @4px; }
        QMenu::item { padding: @6px @24px; }
        QMenu::item:selected { background: @selection; }
        QMenu::separator { height: 1px; background: @hairline; margin: @4px; }
        QTableView { background: transparent; border: none; gridline-color: transparent; outline: none;
            selection-background-color: @selection; selection-color: @ink; }
        QHeaderView { background: transparent; border: none; }
        QHeaderView::section { background: transparent; color: @soft; border: none;
            border-bottom: 1px solid @hairline; padding: @4px 3px; }
        QTabWidget::pane { border: none; }
        QTabBar { qproperty-drawBase: 0; }
        QTabBar::tab { background: transparent; color: @soft; border: none; padding: @6px @12px; }
        QTabBar::tab:selected { color: @ink; border-bottom: 2px solid @ink; }
        QTabBar::tab:focus { background: @selection; }
        QScrollArea { border: none; background: transparent; }
        QScrollBar:vertical { background: transparent; width: @10px; margin: 2px; }
        QScrollBar::handle:vertical { background: @border; border-radius: @4px; min-height: @24px; }
        QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
        QScrollBar:horizontal { background: transparent; height: @10px; margin: 2px; }
        QScrollBar::handle:horizontal { background: @border; border-radius: @4px; min-width: @24px; }
        QAbstractScrollArea::corner { background: transparent; border: none; }
        QProgressBar { background: @paper; color: @ink; border: 1px solid @border; border-radius: 3px;
            text-align: center; min-height: @18px; }
        QProgressBar::chunk { background: @selection; }
    )");
    const std::pair<const char*, QColor> colours[] = {
        {"@panel", t.panel},         {"@paper", t.paper},   {"@hairline", t.hairline}, {"@border", t.field_border},
        {"@selection", t.selection}, {"@soft", t.soft_ink}, {"@warning", t.warning},   {"@ink", t.ink}};
    for (const auto& [word, colour] : colours) sheet.replace(QLatin1String(word), colour.name());
    for (const int length : {24, 20, 18, 12, 10, 6, 4, 2}) {
        sheet.replace(QStringLiteral("@%1px").arg(length), QStringLiteral("%1px").arg(scaled(length)));
    }
    return sheet;
}

} // namespace sobremesa::app
