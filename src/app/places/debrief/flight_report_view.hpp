#pragma once

#include <QWidget>

#include "session/flight_session.hpp"

class QPushButton;

namespace sobremesa::app {

class BillChart;
class CellModel;
class DataTable;
class FigureRow;
class TextLabel;

/// What a flight says together with its aircraft and pack: what it could still have done, where each turn rule
/// would have turned it, shares, limits, link. Hidden as far as nothing of it is known.
class FlightReportView : public QWidget {
    Q_OBJECT
public:
    explicit FlightReportView(session::FlightSession& flight, QWidget* parent = nullptr);
    void refresh();

private:
    void showFigures();
    void showWind();
    void showFurther();
    void showTurns();
    void showParts();
    void showSunTest();
    void showBill();

    session::FlightSession& flight_;
    QWidget* wind_row_;
    TextLabel* wind_words_;
    QPushButton* take_wind_;
    FigureRow* figures_;
    TextLabel* parts_;
    TextLabel* sun_heading_;
    TextLabel* sun_words_;
    CellModel* sun_cells_;
    DataTable* sun_;
    TextLabel* bill_heading_;
    TextLabel* bill_sentence_;
    BillChart* bill_;
    TextLabel* further_heading_;
    CellModel* further_cells_;
    DataTable* further_;
    TextLabel* turns_heading_;
    CellModel* turns_cells_;
    DataTable* turns_;
    TextLabel* late_;
};

} // namespace sobremesa::app
