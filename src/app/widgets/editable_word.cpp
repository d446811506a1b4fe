#include "app/widgets/editable_word.hpp"

#include <cstdlib>

#include <QKeyEvent>
#include <QPainter>

#include "app/theme/look.hpp"

namespace sobremesa::app {

namespace {
constexpr double word_px = 15.0;
constexpr double pixels_per_step = 9.0;

QFont word_font() {
    return Look::instance().font(word_px, Look::Weight::semibold);
}
} // namespace

EditableWord::EditableWord(QWidget* parent) : QAbstractButton(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

QSize EditableWord::sizeHint() const {
    const Look& look = Look::instance();
    const QFont font = word_font();
    const QString shape = Look::shapeOf(text());
    if (hint_px_ == font.pixelSize() && hint_of_ == shape) return hint_;
    const QFontMetrics metrics(font);
    hint_px_ = font.pixelSize();
    hint_of_ = shape;
    return hint_ = {metrics.horizontalAdvance(text()) + look.scaled(2),
                    std::max(metrics.height() + look.scaled(6), look.scaled(24))};
}

int EditableWord::baseline() const {
    return (height() + QFontMetrics(word_font()).ascent() - QFontMetrics(word_font()).descent()) / 2;
}

void EditableWord::paintEvent(QPaintEvent*) {
    const Look& look = Look::instance();
    QPainter painter(this);
    painter.setFont(word_font());
    painter.setPen(look.theme().ink);
    const int base = baseline();
    painter.drawText(look.scaled(1), base, text());
    const bool lit = underMouse() || hasFocus();
    painter.setPen(QPen(look.theme().ink, lit ? 2 : 1, lit ? Qt::SolidLine : Qt::DotLine));
    painter.drawLine(0, base + look.scaled(4), width(), base + look.scaled(4));
}

void EditableWord::mousePressEvent(QMouseEvent* event) {
    QAbstractButton::mousePressEvent(event);
    press_x_ = event->pos().x();
    steps_sent_ = 0;
    dragging_ = false;
}

void EditableWord::mouseMoveEvent(QMouseEvent* event) {
    if (!steppable_ || !(event->buttons() & Qt::LeftButton)) return;
    const int steps = int((event->pos().x() - press_x_) / Look::instance().scaled(pixels_per_step));
    if (steps == steps_sent_) return;
    dragging_ = true;
    setCursor(Qt::SizeHorCursor);
    const int more = steps - steps_sent_;
    steps_sent_ = steps;
    emit stepped(more);
}

void EditableWord::mouseReleaseEvent(QMouseEvent* event) {
    if (!dragging_) {
        QAbstractButton::mouseReleaseEvent(event);
        return;
    }
    // A drag is no click: the button must come up without opening the sheet.
    dragging_ = false;
    setDown(false);
    setCursor(Qt::PointingHandCursor);
    emit dragFinished();
}

void EditableWord::keyPressEvent(QKeyEvent* event) {
    const bool up = event->key() == Qt::Key_Up;
    if (steppable_ && (up || event->key() == Qt::Key_Down)) {
        emit stepped(up ? 1 : -1);
        return;
    }
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        click();
        return;
    }
    QAbstractButton::keyPressEvent(event);
}

} // namespace sobremesa::app
