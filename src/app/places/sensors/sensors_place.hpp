#pragma once

#include <QWidget>

#include "session/calibration_session.hpp"

class QComboBox;
class QPushButton;
class QStackedLayout;

namespace sobremesa::app {

class CellModel;
class DataTable;
class RechargeChart;
class FigureRow;
class NumberField;
class TextLabel;

/// Sensors: what the current sensor's scale should be, from what chargers put back; volts against a meter.
class SensorsPlace : public QWidget {
    Q_OBJECT
public:
    explicit SensorsPlace(session::Workspace& workspace, QWidget* parent = nullptr);
    session::CalibrationSession& session() { return session_; }
    DataTable& table() { return *table_; }

signals:
    void said(const QString& words);

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    QWidget* makeEmpty();
    QWidget* makeAnswer();
    QLayout* makeSensorForm();
    QLayout* makeButtons();
    QLayout* makeMeterForm();
    void connectSensorForm();
    QWidget* makeEvidence();
    void refresh();
    void showEvidence();
    void showVolts();
    void showOffset();
    void takeChosen();
    void addPair();
    void apply();

    session::CalibrationSession session_;
    QStackedLayout* pages_;
    QComboBox* aircraft_;
    NumberField* scale_;
    QComboBox* convention_;
    NumberField* charger_;
    TextLabel* trouble_;
    TextLabel* sentence_;
    TextLabel* together_;
    FigureRow* figures_;
    TextLabel* after_;
    TextLabel* offset_;
    QPushButton* apply_;
    QPushButton* take_scale_;
    CellModel* cells_;
    DataTable* table_;
    RechargeChart* chart_;
    QPushButton* take_;
    NumberField* counted_;
    NumberField* recharged_;
    TextLabel* pair_trouble_;
    NumberField* shown_v_;
    NumberField* meter_v_;
    TextLabel* volts_;
    bool filling_ = false;
};

} // namespace sobremesa::app
