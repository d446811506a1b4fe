#pragma once

#include <QWidget>

#include "app/fields/field_form.hpp"

class QPushButton;

namespace sobremesa::app {

class SmallTable;
class TextLabel;

/// Winds at several heights, in place of the one wind and its law. Cells are edited in place.
class WindTable : public QWidget {
    Q_OBJECT
public:
    explicit WindTable(FormSubject subject, QWidget* parent = nullptr);
    void refresh();

private:
    void edited(int row, int column);
    void change(const std::function<void(mission::PlanRequest&)>& make);

    FormSubject subject_;
    SmallTable* table_;
    TextLabel* trouble_;
    QPushButton* remove_;
    bool filling_ = false;
};

} // namespace sobremesa::app
