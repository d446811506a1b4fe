#pragma once

#include <QWidget>

#include "core/battery/health.hpp"
#include "session/pack_session.hpp"

class QLineEdit;
class QPushButton;

namespace sobremesa::app {

class CellModel;
class DataTable;
class FigureRow;
class ForecastChart;
class HealthChart;
class KnownHistoryChart;
class NumberField;
class TextLabel;

/// What a pack is, by everything that was flown with it, charged and measured: capacity, resistance and usable
/// charge, how good the forecasts of its landings were, the readings of charger and meter, and what to do about it.
class HealthPage : public QWidget {
    Q_OBJECT
public:
    HealthPage(session::Workspace& workspace, session::PackSession& learning, QWidget* parent = nullptr);

    /// The pack that is chosen on the list.
    void setPack(std::optional<session::Id> id);
    HealthChart& chart() { return *chart_; }
    const battery::Health& health() const { return health_; }

private:
    QWidget* makeKnown();
    void showKnown();
    QWidget* makeReading();
    QWidget* makeEntry();
    void refresh();
    void keepReading();
    void keepRest(double cell_v);
    void removeReading();
    bool put(std::vector<battery::HealthReading> readings);
    double cyclesNow() const;

    session::Workspace& workspace_;
    session::PackSession& learning_;
    TextLabel* known_;
    TextLabel* known_help_;
    FigureRow* known_figures_;
    KnownHistoryChart* became_known_ = nullptr;
    ForecastChart* landings_;
    QWidget* known_block_;
    QPushButton* learn_;
    QPushButton* forget_;
    QPushButton* freeze_;
    std::optional<session::Id> pack_;
    battery::Health health_;
    TextLabel* name_;
    TextLabel* readings_heading_;
    TextLabel* sentence_;
    TextLabel* advice_;
    FigureRow* figures_;
    HealthChart* chart_;
    NumberField* cycles_;
    NumberField* recharge_;
    QLineEdit* date_;
    QLineEdit* resistances_;
    QLineEdit* volts_;
    TextLabel* trouble_;
    QWidget* entry_;
    QPushButton* remove_;
    CellModel* cells_;
    DataTable* table_;
};

} // namespace sobremesa::app
