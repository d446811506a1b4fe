#include "app/places/plan/request_table.hpp"

#include "app/widgets/small_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "wording/messages.hpp"

namespace sobremesa::app {

RequestTable::RequestTable(FormSubject subject, const QString& trouble, QWidget* parent)
    : QWidget(parent), subject_(std::move(subject)), trouble_(new TextLabel(TextLabel::Role::warning)) {
    trouble_->setObjectName(trouble);
    trouble_->hide();
}

void RequestTable::setTable(SmallTable* table) {
    table_ = table;
    connect(table_, &QTableWidget::cellChanged, this, [this](int row, int column) {
        if (filling_) return;
        trouble_->hide();
        edited(row, column, table_->item(row, column)->text().trimmed());
    });
    refresh();
}

void RequestTable::refresh() {
    if (filling_ || table_->isTypedIn()) return;
    filling_ = true;
    const int chosen = table_->currentRow();
    fill(subject_.request());
    if (chosen >= 0 && chosen < table_->rowCount()) table_->setCurrentCell(chosen, table_->firstEditable());
    filling_ = false;
}

void RequestTable::change(const std::function<void(mission::PlanRequest&)>& make) {
    auto request = subject_.request();
    make(request);
    const auto error = subject_.set(request);
    trouble_->setVisible(error.has_value());
    if (error) {
        units::Error here = *error;
        here.where = {};
        trouble_->setWords(wording::message(here));
    }
    refresh();
}

void RequestTable::sayNoNumber(const QString& typed) {
    trouble_->setWords(tr("“%1” is not a number. Use digits, with a comma or a point.").arg(typed));
    trouble_->show();
}

} // namespace sobremesa::app
