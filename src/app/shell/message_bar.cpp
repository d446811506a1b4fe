#include "app/shell/message_bar.hpp"

#include <algorithm>

#include <QEvent>
#include <QHBoxLayout>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QTimer>

#include "app/theme/look.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

namespace {

constexpr int widest_px = 620;
constexpr int margin_px = 16;

} // namespace

MessageBar::MessageBar(QWidget* parent)
    : QWidget(parent), trouble_(new TextLabel(TextLabel::Role::warning)),
      note_(new TextLabel(TextLabel::Role::plain)), progress_(new QProgressBar), button_(new QPushButton) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("messageBar"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(look.scaled(16), look.scaled(10), look.scaled(12), look.scaled(10));
    row->setSpacing(look.scaled(12));
    row->addWidget(trouble_, 1);
    row->addWidget(note_, 1);
    progress_->setFixedWidth(look.scaled(180));
    progress_->setRange(0, 1000);
    row->addWidget(progress_);
    button_->setObjectName(QStringLiteral("messageButton"));
    row->addWidget(button_, 0, Qt::AlignTop);
    connect(button_, &QPushButton::clicked, this, [this] {
        if (working_)
            emit cancelled();
        else
            clear();
    });
    connect(&look, &Look::changed, this, &MessageBar::settle);
    if (parent) parent->installEventFilter(this);
    clear();
}

void MessageBar::show(const QString& text, bool trouble, bool working) {
    working_ = working;
    lasting_ = false;
    fresh_ = true;
    QTimer::singleShot(0, this, [this] { fresh_ = false; });
    trouble_->setVisible(trouble);
    note_->setVisible(!trouble);
    (trouble ? note_ : trouble_)->setWords({});
    (trouble ? trouble_ : note_)->setWords(text);
    progress_->setVisible(working);
    button_->setText(working ? tr("Stop") : tr("Close"));
    setVisible(true);
    settle();
}

/// In the lower right corner, as wide as its words ask for, as high as they then need.
void MessageBar::settle() {
    if (!parentWidget() || isHidden()) return;
    const Look& look = Look::instance();
    const QSize room = parentWidget()->size();
    const int margin = look.scaled(margin_px);
    const TextLabel& words = trouble_->isVisibleTo(this) ? *trouble_ : *note_;
    const int beside = button_->sizeHint().width() + (working_ ? progress_->width() + look.scaled(12) : 0) +
                       look.scaled(16 + 12 + 12 + 24);
    const int asked = QFontMetrics(words.font()).horizontalAdvance(words.text()) + beside;
    const int width = std::max(1, std::min({asked, look.scaled(widest_px), room.width() - 2 * margin}));
    const int needed = layout()->hasHeightForWidth() ? layout()->totalHeightForWidth(width) : sizeHint().height();
    setGeometry(room.width() - width - margin, room.height() - needed - margin, width, needed);
    raise();
}

bool MessageBar::eventFilter(QObject* watched, QEvent* event) {
    if (watched == parentWidget() && event->type() == QEvent::Resize) settle();
    return QWidget::eventFilter(watched, event);
}

void MessageBar::paintEvent(QPaintEvent*) {
    const Theme& theme = Look::instance().theme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.panel);
    painter.setPen(QPen(trouble_->isVisibleTo(this) ? theme.warning : theme.field_border, 1));
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

void MessageBar::showTrouble(const QString& text) {
    show(text, true, false);
}

void MessageBar::showNote(const QString& text) {
    show(text, false, false);
}

void MessageBar::showLasting(const QString& text) {
    show(text, true, false);
    lasting_ = true;
}

void MessageBar::showProgress(const QString& text, double share) {
    progress_->setValue(int(1000 * share));
    show(text, false, true);
}

void MessageBar::clear() {
    working_ = false;
    lasting_ = false;
    trouble_->setWords({});
    note_->setWords({});
    setVisible(false);
}

void MessageBar::causeGone() {
    if (!working_ && !lasting_ && !fresh_) clear();
}

QString MessageBar::text() const {
    return trouble_->isVisibleTo(this) ? trouble_->text() : note_->text();
}

} // namespace sobremesa::app
