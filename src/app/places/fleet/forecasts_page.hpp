#pragma once

#include <QWidget>

#include "session/forecast_causes.hpp"
#include "session/learning_session.hpp"
#include "session/whole_forecasts.hpp"

class QPushButton;

namespace sobremesa::app {

class CellModel;
class DataTable;
class CalibrationChart;
class CauseChart;
class ChoiceBox;
class ForecastChart;
class TextLabel;

/// How good the forecasts were: every flight of the aircraft foretold from those before it (what its level flight
/// took; what its pack gave, how long that lasted and how far out it carried), the error of each, and which of them
/// stand apart. A flight can be set apart: it then teaches no more. Beside them why flights took another energy
/// than forecast, cause by cause.
class ForecastsPage : public QWidget {
    Q_OBJECT
public:
    ForecastsPage(session::LearningSession& learning, session::Workspace& workspace, QWidget* parent = nullptr);

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

signals:
    void flightWanted(session::Id id);

private:
    QWidget* makeChart();
    QWidget* makeTable();
    QWidget* makeCauses();
    struct Shown;
    Shown levelFlight(const session::FlightObservations& observations) const;
    Shown part(learning::ForecastPart part) const;
    QString nameOf(session::Id flight) const;
    void refresh();
    void showCauses();
    std::optional<session::Id> chosen() const;

    session::LearningSession& learning_;
    session::Workspace& workspace_;
    session::ForecastCauses causes_;
    session::WholeForecasts whole_;
    TextLabel* causes_sentence_;
    CauseChart* cause_chart_;
    TextLabel* name_;
    ChoiceBox* forecast_of_;
    TextLabel* sentence_;
    CalibrationChart* calibration_;
    ForecastChart* chart_;
    CellModel* cells_;
    DataTable* table_;
    std::vector<session::Id> rows_;
    QPushButton* open_;
    QPushButton* apart_;
};

} // namespace sobremesa::app
