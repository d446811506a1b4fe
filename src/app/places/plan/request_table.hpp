#pragma once

#include <QWidget>

#include "app/fields/field_form.hpp"

namespace sobremesa::app {

class SmallTable;
class TextLabel;

/// A list of the mission's as a table whose cells are edited in place. What cannot be is said below it, and changes
/// nothing.
class RequestTable : public QWidget {
    Q_OBJECT
public:
    /// Shows the mission as it is; waits while a cell is being typed in.
    void refresh();

protected:
    /// @param trouble  name of the line that says what is wrong, to be put below the table
    RequestTable(FormSubject subject, const QString& trouble, QWidget* parent);
    /// From now on edits of it are heard. Filled at once.
    void setTable(SmallTable* table);
    SmallTable* table() { return table_; }
    TextLabel* trouble() { return trouble_; }

    virtual void fill(const mission::PlanRequest& request) = 0;
    virtual void edited(int row, int column, const QString& typed) = 0;

    mission::PlanRequest request() const { return subject_.request(); }
    void change(const std::function<void(mission::PlanRequest&)>& make);
    void sayNoNumber(const QString& typed);

private:
    FormSubject subject_;
    SmallTable* table_ = nullptr;
    TextLabel* trouble_;
    bool filling_ = false;
};

} // namespace sobremesa::app
