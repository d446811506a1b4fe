#pragma once

#include <QWidget>

#include "core/battery/health.hpp"
#include "session/desk.hpp"

class QLineEdit;
class QPushButton;

namespace sobremesa::app {

class CellModel;
class DataTable;
class FigureRow;
class HealthChart;
class NumberField;
class TextLabel;

/// The health of a pack: readings of charger and meter over its cycles, their trend, and what to do about it.
class HealthPage : public QWidget {
    Q_OBJECT
public:
    explicit HealthPage(session::Desk& desk, QWidget* parent = nullptr);

    /// The pack that is chosen on the shelf.
    void setPack(std::optional<session::Id> id);
    HealthChart& chart() { return *chart_; }
    const battery::Health& health() const { return health_; }

private:
    QWidget* makeReading();
    QWidget* makeEntry();
    void refresh();
    void keepReading();
    void keepRest(double cell_v);
    void removeReading();
    bool put(std::vector<battery::HealthReading> readings);
    double cyclesNow() const;

    session::Desk& desk_;
    std::optional<session::Id> pack_;
    battery::Health health_;
    TextLabel* name_;
    TextLabel* sentence_;
    TextLabel* advice_;
    FigureRow* figures_;
    HealthChart* chart_;
    NumberField* cycles_;
    NumberField* recharge_;
    QLineEdit* resistances_;
    QLineEdit* volts_;
    TextLabel* trouble_;
    QWidget* entry_;
    QPushButton* remove_;
    CellModel* cells_;
    DataTable* table_;
};

} // namespace sobremesa::app
