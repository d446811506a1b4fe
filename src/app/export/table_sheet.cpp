#include "app/export/table_sheet.hpp"

#include <QHeaderView>

#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

TableSheet::TableSheet(const ShownTable& shown, QWidget* parent)
    : Popover(parent), table_(new DataTable(QStringLiteral("asTable"), shown.title)) {
    const Look& look = Look::instance();
    setAccessibleName(shown.title);
    column()->addWidget(new TextLabel(TextLabel::Role::heading, shown.title));
    auto* model = new CellModel(this);
    model->setCells(shown.headers, shown.rows);
    table_->setModel(model);
    table_->setFixedSize(look.scaled(640), look.scaled(420));
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    column()->addWidget(table_);
    column()->addWidget(new TextLabel(TextLabel::Role::quiet, tr("Ctrl+C copies it, Escape closes it.")));
    table_->setFocus();
    if (model->rowCount() > 0) table_->setCurrentIndex(model->index(0, 0));
    table_->clearSelection();
}

} // namespace sobremesa::app
