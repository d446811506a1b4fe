#include "app/widgets/fold.hpp"

#include <QHBoxLayout>
#include <QTabWidget>
#include <QVBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/hairline.hpp"

namespace sobremesa::app {

Fold::Fold(QWidget* parent) : QWidget(parent), column_(new QVBoxLayout(this)) {
    column_->setContentsMargins(0, 0, 0, 0);
    // A folded place must be allowed to be small.
    setMinimumSize(1, 1);
    connect(&Look::instance(), &Look::changed, this, [this] {
        // What is hidden folds when it is shown.
        if (isVisible()) resizeEvent(nullptr);
    });
}

void Fold::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    resizeEvent(nullptr);
}

void Fold::addPane(const QString& name, QWidget* pane, bool kept) {
    panes_.push_back({name, pane, kept});
}

void Fold::setWideArrangement(std::function<void(QWidget*)> arrange_wide) {
    arrange_wide_ = std::move(arrange_wide);
    arrange(Shape::wide);
}

QWidget* Fold::makeTabs(bool with_kept) {
    auto* tabs = new QTabWidget;
    tabs->setObjectName(QStringLiteral("foldTabs"));
    tabs->setDocumentMode(true);
    for (const Pane& pane : panes_) {
        if (with_kept || !pane.kept) tabs->addTab(pane.widget, pane.name);
    }
    return tabs;
}

void Fold::arrange(Shape shape) {
    // Panes outlive the page they stand on.
    for (const Pane& pane : panes_) pane.widget->setParent(nullptr);
    if (page_) {
        column_->removeWidget(page_);
        page_->deleteLater();
    }
    shape_ = shape;
    if (shape == Shape::tabs) {
        page_ = makeTabs(true);
    } else {
        page_ = new QWidget;
        if (shape == Shape::wide) {
            arrange_wide_(page_);
        } else {
            auto* rows = new QBoxLayout(kept_beside_ ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom, page_);
            rows->setContentsMargins(0, 0, 0, 0);
            rows->setSpacing(0);
            rows->addWidget(makeTabs(false), kept_beside_ ? 8 : 11);
            for (const Pane& pane : panes_) {
                if (pane.kept) rows->addWidget(pane.widget, kept_beside_ ? 11 : 8);
            }
        }
    }
    // A tab shows and hides its own page; the others must be told.
    for (const Pane& pane : panes_) {
        if (shape == Shape::wide || (shape == Shape::tabs_and_kept && pane.kept)) pane.widget->show();
    }
    column_->addWidget(page_);
    page_->show();
}

Fold::Fold(const Half& left, const Half& right) : Fold() {
    addPane(left.name, left.pane);
    addPane(right.name, right.pane);
    setWideArrangement([left, right](QWidget* page) {
        auto* row = new QHBoxLayout(page);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(0);
        row->addWidget(left.pane, left.parts);
        row->addWidget(new Hairline(Qt::Vertical));
        row->addWidget(right.pane, right.parts);
    });
}

void Fold::fill(QWidget& page, const Half& left, const Half& right) {
    auto* whole = new QVBoxLayout(&page);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(new Fold(left, right));
}

void Fold::resizeEvent(QResizeEvent*) {
    if (!arrange_wide_) return;
    const double scale = Look::instance().textScale();
    const bool tall = height() >= least_height_ * scale;
    const Shape shape = !tall ? Shape::tabs : width() >= fold_width * scale ? Shape::wide : Shape::tabs_and_kept;
    if (shape != shape_) arrange(shape);
}

} // namespace sobremesa::app
