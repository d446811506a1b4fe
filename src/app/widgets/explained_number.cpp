#include "app/widgets/explained_number.hpp"

#include <algorithm>

#include <QApplication>
#include <QClipboard>
#include <QKeyEvent>
#include <QMenu>
#include <QPainter>

#include "app/theme/look.hpp"
#include "app/widgets/explanation_sheet.hpp"
#include "core/units/explanation.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

ExplainedNumber::ExplainedNumber(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::WhatsThisCursor);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    connect(&Look::instance(), &Look::changed, this, [this] {
        write();
        updateGeometry();
        update();
    });
}

void ExplainedNumber::setExplanation(const std::optional<units::Explanation>& explanation, const QString& caption) {
    explanation_ = explanation;
    setVisible(explanation.has_value());
    if (!explanation) return;
    caption_ = caption.isEmpty() ? wording::name(explanation->quantity) : caption;
    write();
    setAccessibleName(tr("%1: %2 %3", "caption, figure, error and unit").arg(caption_, parts_.figure, parts_.rest));
    setToolTip(tr("Why? (F1)"));
    updateGeometry();
    update();
}

void ExplainedNumber::write() {
    if (!explanation_) return;
    const auto& q = Look::instance().quantities();
    wording::Notation notation = q.notation(explanation_->quantity);
    const QString unit = notation.unit;
    notation.unit.clear();
    const auto& value = explanation_->value;
    const QString error = wording::written_error(value.sd, notation);
    parts_ = {wording::written(value.value, value.sd, notation),
              error.isEmpty() ? unit : error + QChar(0x202F) + unit};
}

QSize ExplainedNumber::sizeHint() const {
    const QString shape = Look::shapeOf(
        QStringLiteral("%1|%2|%3").arg(parts_.figure, parts_.rest, explanation_ ? caption_ : QString()));
    const double scale = Look::instance().textScale();
    if (shape == hint_of_ && scale == hint_scale_) return hint_;
    hint_scale_ = scale;
    const Look& look = Look::instance();
    const QFontMetrics figure(look.font(Look::figure_px, Look::Weight::semibold));
    const QFontMetrics small(look.font(Look::small_px));
    hint_of_ = shape;
    if (!explanation_) return hint_ = {0, figure.height() + small.height()};
    const int top = figure.horizontalAdvance(parts_.figure) + look.scaled(6) + small.horizontalAdvance(parts_.rest);
    return hint_ = {std::max(top, small.horizontalAdvance(caption_)) + look.scaled(4),
                    figure.height() + small.height() + look.scaled(2)};
}

void ExplainedNumber::paintEvent(QPaintEvent*) {
    if (!explanation_) return;
    const Look& look = Look::instance();
    QPainter painter(this);
    const QFont figure_font = look.font(Look::figure_px, Look::Weight::semibold);
    const QFont small_font = look.font(Look::small_px);
    const QFontMetrics figure(figure_font);
    const QFontMetrics small(small_font);
    const Parts& p = parts_;
    painter.setPen(look.theme().ink);
    painter.setFont(figure_font);
    painter.drawText(0, figure.ascent(), p.figure);
    const int after = figure.horizontalAdvance(p.figure);
    painter.setPen(look.theme().soft_ink);
    painter.setFont(small_font);
    painter.drawText(after + look.scaled(6), figure.ascent(), p.rest);
    painter.drawText(0, figure.height() + small.ascent(), caption_);
    if (hovered_ || hasFocus()) {
        painter.setPen(QPen(look.theme().soft_ink, 1, Qt::DotLine));
        painter.drawLine(0, figure.height() - look.scaled(2), after, figure.height() - look.scaled(2));
    }
    if (hasFocus()) {
        painter.setPen(QPen(look.theme().ink, 1));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void ExplainedNumber::showWhy() {
    if (explanation_) ExplanationSheet::showFor(*explanation_, this, rect());
}

void ExplainedNumber::fillMenu(QMenu& menu, const QPoint&) {
    if (!explanation_) return;
    menu.addAction(tr("Why this number?"), this, &ExplainedNumber::showWhy);
    const QString text = QStringLiteral("%1 %2").arg(parts_.figure, parts_.rest);
    menu.addAction(tr("Copy %1").arg(text), this, [text] { QApplication::clipboard()->setText(text); });
}

void ExplainedNumber::mouseReleaseEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton) showWhy();
}

void ExplainedNumber::keyPressEvent(QKeyEvent* event) {
    const bool asks = event->key() == Qt::Key_F1 || event->key() == Qt::Key_Return || event->key() == Qt::Key_Space;
    if (asks)
        showWhy();
    else
        QWidget::keyPressEvent(event);
}

void ExplainedNumber::enterEvent(QEnterEvent*) {
    hovered_ = true;
    update();
}

void ExplainedNumber::leaveEvent(QEvent*) {
    hovered_ = false;
    update();
}

} // namespace sobremesa::app
