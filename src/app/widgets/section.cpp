#include "app/widgets/section.hpp"

#include <QToolButton>
#include <QVBoxLayout>

#include "app/theme/look.hpp"

namespace sobremesa::app {

Section::Section(const QString& object, const QString& title, QWidget* parent)
    : QWidget(parent), head_(new QToolButton), content_(new QWidget), inside_(new QVBoxLayout(content_)) {
    const Look& look = Look::instance();
    setObjectName(object);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(look.scaled(4));
    head_->setObjectName(object + QStringLiteral("Fold"));
    head_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    head_->setCheckable(true);
    head_->setAutoRaise(true);
    head_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    head_->setMinimumHeight(look.scaled(26));
    // Its size stays the program's.
    QFont heavy = head_->font();
    heavy.setWeight(QFont::DemiBold);
    head_->setFont(heavy);
    column->addWidget(head_);
    inside_->setContentsMargins(0, 0, 0, 0);
    inside_->setSpacing(look.scaled(4));
    column->addWidget(content_);
    connect(head_, &QToolButton::toggled, this, [this](bool open) {
        content_->setVisible(open);
        head_->setArrowType(open ? Qt::DownArrow : Qt::RightArrow);
        emit folded(open);
    });
    setTitle(title);
    head_->setArrowType(Qt::RightArrow);
    content_->hide();
    setOpen(true);
}

void Section::setTitle(const QString& title) {
    head_->setText(title);
    head_->setAccessibleName(title);
}

bool Section::isOpen() const {
    return head_->isChecked();
}

void Section::setOpen(bool open) {
    head_->setChecked(open);
}

} // namespace sobremesa::app
