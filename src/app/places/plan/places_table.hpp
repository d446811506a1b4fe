#pragma once

#include <QWidget>

#include "app/fields/field_form.hpp"

namespace sobremesa::app {

class SmallTable;
class TextLabel;

/// The places of a mission as a table: what the way leads over, and where else one may land. Cells are edited in
/// place; the same places can be dragged on the map.
class PlacesTable : public QWidget {
    Q_OBJECT
public:
    explicit PlacesTable(FormSubject subject, QWidget* parent = nullptr);
    void refresh();

signals:
    void importWanted();
    void exportWanted();

private:
    void edited(int row, int column);
    void change(const std::function<void(mission::Mission&)>& make);
    void addPlace(bool landing_place);
    void removePlace();
    void movePlace(int by);

    FormSubject subject_;
    SmallTable* table_;
    TextLabel* trouble_;
    bool filling_ = false;
};

} // namespace sobremesa::app
