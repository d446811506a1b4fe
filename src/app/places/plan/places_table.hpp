#pragma once

#include "app/places/plan/request_table.hpp"

namespace sobremesa::app {

/// The places of a mission as a table: what the way leads over, where else one may land, and where not. Cells are
/// edited in place; the same places can be dragged on the map.
class PlacesTable : public RequestTable {
    Q_OBJECT
public:
    explicit PlacesTable(FormSubject subject, QWidget* parent = nullptr);

signals:
    void importWanted();
    void exportWanted();
    void areasWanted();
    void areaToDraw();

protected:
    void fill(const mission::PlanRequest& request) override;
    void edited(int row, int column, const QString& typed) override;

private:
    void addPlace(bool landing_place);
    void removePlace();
    void movePlace(int by);
};

} // namespace sobremesa::app
