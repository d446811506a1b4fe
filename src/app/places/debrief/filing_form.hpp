#pragma once

#include <QWidget>

#include "session/flight_session.hpp"

class QLineEdit;
class QPushButton;

namespace sobremesa::app {

class NumberField;
class TextLabel;

/// What only the pilot knows of a flight, and whether it is in the logbook.
class FilingForm : public QWidget {
    Q_OBJECT
public:
    explicit FilingForm(session::FlightSession& flight, QWidget* parent = nullptr);
    void refresh();

private:
    session::FlightSession& flight_;
    QLineEdit* name_;
    NumberField* recharged_;
    TextLabel* unit_;
    NumberField* rested_v_;
    NumberField* rest_min_;
    QLineEdit* note_;
    TextLabel* trouble_;
    TextLabel* state_;
    QPushButton* file_;
};

} // namespace sobremesa::app
