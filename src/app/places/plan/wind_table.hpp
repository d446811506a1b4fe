#pragma once

#include "app/places/plan/request_table.hpp"

class QPushButton;

namespace sobremesa::app {

/// Winds at several heights, in place of the one wind and its law.
class WindTable : public RequestTable {
    Q_OBJECT
public:
    explicit WindTable(FormSubject subject, QWidget* parent = nullptr);

protected:
    void fill(const mission::PlanRequest& request) override;
    void edited(int row, int column, const QString& typed) override;

private:
    QPushButton* remove_;
};

} // namespace sobremesa::app
