#include "app/widgets/text_labels.hpp"

#include <utility>

#include <QEvent>
#include <QTextDocument>

#include "app/theme/look.hpp"
#include "wording/quantities.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

namespace {

/// Of a text that fills its column: what it would like where nothing else says how wide the column is, and what a
/// long word takes.
constexpr int column_px = 300;
constexpr int least_column_px = 120;

} // namespace

TextLabel::TextLabel(Role role, const QString& text, QWidget* parent) : QLabel(parent), role_(role) {
    setWordWrap(role != Role::heading);
    setTextInteractionFlags(Qt::TextSelectableByMouse);
    setWords(text);
    connect(&Look::instance(), &Look::changed, this, &TextLabel::dress);
}

void TextLabel::setWords(const QString& words) {
    // Laying out a text anew lays out the window; many come again as they were.
    if (words == words_ && !text().isEmpty()) return;
    words_ = words;
    setAccessibleName(wording::without_markup(words));
    // Other figures in the same words take the room that they took.
    const QString shape = Look::shapeOf(words);
    if (shape == std::exchange(shape_, shape) && !text().isEmpty() && !elided_)
        setText(dressed());
    else
        dress();
}

void TextLabel::setRole(Role role) {
    if (role == role_) return;
    role_ = role;
    dress();
}

QString TextLabel::dressed() const {
    QString text = words_;
    if (role_ == Role::sentence) {
        text = wording::unbroken(text);
        text.replace(QStringLiteral("<b>"), QStringLiteral("<span style=\"font-weight:600\">"));
        text.replace(QStringLiteral("</b>"), QStringLiteral("</span>"));
        return QStringLiteral("<p style=\"line-height:118%\">%1</p>").arg(text);
    }
    if (role_ == Role::warning && !text.isEmpty()) text.prepend(QStringLiteral("▲ "));
    return Qt::mightBeRichText(text) ? wording::unbroken(text) : wording::whole_units(text);
}

void TextLabel::dress() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QColor colour = theme.ink;
    QFont font = look.font(Look::text_px);
    switch (role_) {
    case Role::plain: break;
    case Role::quiet: colour = theme.soft_ink; break;
    case Role::heading: font = look.font(Look::text_px, Look::Weight::semibold); break;
    case Role::sentence:
        font = look.font(Look::sentence_px);
        setTextFormat(Qt::RichText);
        break;
    case Role::warning:
        colour = theme.warning;
        font = look.font(Look::text_px, Look::Weight::medium);
        break;
    }
    QString text = dressed();
    forget();
    QPalette palette = this->palette();
    palette.setColor(QPalette::WindowText, colour);
    setPalette(palette);
    font_ = font;
    setFont(font);
    if (elided_) {
        setToolTip(text);
        const QFontMetrics metrics(font);
        // Of a list as many whole parts as there is room for: half a figure is worse than none.
        static const QString between_parts = QStringLiteral("  ·  ");
        while (metrics.horizontalAdvance(text) > width() && text.contains(between_parts))
            text.truncate(text.lastIndexOf(between_parts));
        text = metrics.elidedText(text, Qt::ElideRight, width());
    }
    setText(text);
}

void TextLabel::setWordWrap(bool on) {
    forget();
    QLabel::setWordWrap(on);
}

void TextLabel::forget() {
    heights_.clear();
    hint_ = least_ = QSize();
}

int TextLabel::heightForWidth(int width) const {
    const auto known = heights_.constFind(width);
    if (known != heights_.constEnd()) return *known;
    return heights_[width] = QLabel::heightForWidth(width);
}

void TextLabel::setFillsColumn() {
    fills_column_ = true;
    updateGeometry();
}

QSize TextLabel::sizeHint() const {
    if (fills_column_) return {Look::instance().scaled(column_px), heightForWidth(width())};
    if (!hint_.isValid()) hint_ = QLabel::sizeHint();
    return hint_;
}

QSize TextLabel::minimumSizeHint() const {
    if (fills_column_) return {Look::instance().scaled(least_column_px), fontMetrics().lineSpacing()};
    if (!least_.isValid()) least_ = QLabel::minimumSizeHint();
    return least_;
}

void TextLabel::changeEvent(QEvent* event) {
    if (event->type() == QEvent::FontChange || event->type() == QEvent::ContentsRectChange) forget();
    QLabel::changeEvent(event);
}

void TextLabel::setElided() {
    elided_ = true;
    setWordWrap(false);
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    dress();
}

void TextLabel::showEvent(QShowEvent* event) {
    // Moved to another page, it takes that page's font.
    if (font().pixelSize() != font_.pixelSize()) setFont(font_);
    QLabel::showEvent(event);
}

void TextLabel::resizeEvent(QResizeEvent* event) {
    QLabel::resizeEvent(event);
    if (elided_) dress();
}

} // namespace sobremesa::app
