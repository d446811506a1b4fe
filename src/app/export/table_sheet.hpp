#pragma once

#include "app/export/shown_chart.hpp"
#include "app/widgets/popover.hpp"

namespace sobremesa::app {

class DataTable;

/// A chart read as a table: to be looked at, walked by keyboard, copied.
class TableSheet : public Popover {
    Q_OBJECT
public:
    TableSheet(const ShownTable& table, QWidget* parent);
    DataTable& table() { return *table_; }

private:
    DataTable* table_;
};

} // namespace sobremesa::app
