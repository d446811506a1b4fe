#include "app/places/plan/turn_rules_table.hpp"

#include <QHeaderView>
#include <QKeyEvent>
#include <QPainter>

#include "app/theme/look.hpp"
#include "app/widgets/check_delegate.hpp"
#include "app/widgets/explanation_sheet.hpp"
#include "core/units/explanation.hpp"

namespace sobremesa::app {

TurnRulesTable::TurnRulesTable(QWidget* parent) : QTableView(parent), model_(new TurnRulesModel(this)) {
    setObjectName(QStringLiteral("schoolsTable"));
    setAccessibleName(tr("Where each rule turns"));
    setModel(model_);
    setItemDelegateForColumn(TurnRulesModel::rule, new CheckDelegate(this));
    setShowGrid(false);
    setFrameShape(QFrame::NoFrame);
    setSelectionBehavior(QAbstractItemView::SelectItems);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    verticalHeader()->hide();
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setSectionsClickable(false);
    setTabKeyNavigation(false);
    setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    connect(this, &QTableView::clicked, this, [this](const QModelIndex& index) {
        if (index.column() != TurnRulesModel::rule) explainCell(index);
    });
    connect(model_, &QAbstractItemModel::modelReset, this, &TurnRulesTable::updateGeometry);
    connect(&Look::instance(), &Look::changed, this, &TurnRulesTable::dress);
    dress();
}

void TurnRulesTable::dress() {
    const Look& look = Look::instance();
    verticalHeader()->setDefaultSectionSize(look.scaled(28));
    verticalHeader()->setMinimumSectionSize(look.scaled(24));
    horizontalHeader()->setFixedHeight(look.scaled(26));
    fitColumns();
    updateGeometry();
}

QSize TurnRulesTable::sizeHint() const {
    return {Look::instance().scaled(400),
            horizontalHeader()->height() + model_->rowCount() * verticalHeader()->defaultSectionSize() + 2};
}

void TurnRulesTable::resizeEvent(QResizeEvent* event) {
    QTableView::resizeEvent(event);
    fitColumns();
}

void TurnRulesTable::fitColumns() {
    const Look& look = Look::instance();
    const int figures[] = {look.scaled(64), look.scaled(80), look.scaled(68)};
    for (int i = 0; i < 3; ++i) setColumnWidth(1 + i, figures[i]);
    setColumnWidth(0, std::max(look.scaled(120), viewport()->width() - figures[0] - figures[1] - figures[2]));
}

void TurnRulesTable::explainCell(const QModelIndex& index) {
    if (const auto explanation = model_->explanation(index)) {
        ExplanationSheet::showFor(*explanation, viewport(), visualRect(index));
    }
}

void TurnRulesTable::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_F1 || event->key() == Qt::Key_Return) {
        explainCell(currentIndex());
        return;
    }
    QTableView::keyPressEvent(event);
}

void TurnRulesTable::paintEvent(QPaintEvent* event) {
    QTableView::paintEvent(event);
    QPainter painter(viewport());
    painter.setPen(QPen(Look::instance().theme().hairline, 1));
    for (int row = 0; row < model_->rowCount(); ++row) {
        const int y = rowViewportPosition(row) + rowHeight(row) - 1;
        painter.drawLine(0, y, viewport()->width(), y);
    }
}

} // namespace sobremesa::app
