#include "app/shell/standing_line.hpp"

#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>

#include "app/theme/look.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

StandingLine::StandingLine(QWidget* parent)
    : QWidget(parent), words_(new TextLabel(TextLabel::Role::plain)), way_out_(new QPushButton) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("standingLine"));
    words_->setObjectName(QStringLiteral("standingWords"));
    words_->setElided();
    way_out_->setObjectName(QStringLiteral("standingWayOut"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(look.scaled(24), look.scaled(4), look.scaled(24), look.scaled(4));
    row->addWidget(words_, 1);
    row->addWidget(way_out_);
    connect(way_out_, &QPushButton::clicked, this, &StandingLine::wayOutWanted);
    clear();
}

void StandingLine::show(const QString& words, const QString& way_out) {
    words_->setWords(words);
    way_out_->setText(way_out);
    way_out_->setVisible(!way_out.isEmpty());
    setVisible(true);
}

QString StandingLine::text() const {
    return isHidden() ? QString() : words_->accessibleName();
}

void StandingLine::paintEvent(QPaintEvent*) {
    const Theme& theme = Look::instance().theme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.panel);
    painter.setPen(QPen(theme.field_border, 1));
    painter.drawLine(rect().bottomLeft(), rect().bottomRight());
}

} // namespace sobremesa::app
