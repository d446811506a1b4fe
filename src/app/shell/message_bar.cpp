#include "app/shell/message_bar.hpp"

#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>

#include "app/theme/look.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

MessageBar::MessageBar(QWidget* parent)
    : QWidget(parent), trouble_(new TextLabel(TextLabel::Role::warning)),
      note_(new TextLabel(TextLabel::Role::plain)), progress_(new QProgressBar), button_(new QPushButton) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("messageBar"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(look.scaled(24), look.scaled(6), look.scaled(24), look.scaled(6));
    row->addWidget(trouble_, 1);
    row->addWidget(note_, 1);
    progress_->setFixedWidth(look.scaled(220));
    progress_->setRange(0, 1000);
    row->addWidget(progress_);
    button_->setObjectName(QStringLiteral("messageButton"));
    row->addWidget(button_);
    connect(button_, &QPushButton::clicked, this, [this] {
        if (working_)
            emit cancelled();
        else
            clear();
    });
    clear();
}

void MessageBar::show(const QString& text, bool trouble, bool working) {
    working_ = working;
    trouble_->setVisible(trouble);
    note_->setVisible(!trouble);
    (trouble ? trouble_ : note_)->setWords(text);
    progress_->setVisible(working);
    button_->setText(working ? tr("Stop") : tr("Close"));
    setVisible(true);
}

void MessageBar::showTrouble(const QString& text) {
    show(text, true, false);
}

void MessageBar::showNote(const QString& text) {
    show(text, false, false);
}

void MessageBar::showProgress(const QString& text, double share) {
    progress_->setValue(int(1000 * share));
    show(text, false, true);
}

void MessageBar::clear() {
    working_ = false;
    trouble_->setWords({});
    note_->setWords({});
    setVisible(false);
}

QString MessageBar::text() const {
    return trouble_->isVisibleTo(this) ? trouble_->text() : note_->text();
}

} // namespace sobremesa::app
