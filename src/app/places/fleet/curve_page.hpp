#pragma once

#include <QWidget>

#include "app/places/fleet/flown_with.hpp"

class QPushButton;

namespace sobremesa::app {

class CurveChart;
class FigureRow;
class MassBar;
class NumberField;
class TextLabel;

/// The power curve of an aircraft: what its flights drew, the speeds to fly in today's wind, the price of hurry,
/// and how to get to know it better. With nothing but a cruise it is physics with a wide band, and says so.
class CurvePage : public QWidget {
    Q_OBJECT
public:
    CurvePage(session::LearningSession& learning, session::PlanSession& plan, QWidget* parent = nullptr);
    CurveChart& chart() { return *chart_; }

private:
    QWidget* makeChart();
    QWidget* makeReading();
    void refresh();
    void showSpeeds(const FlownWith& with);
    void showLearned(const FlownWith& with);
    void showPrice(double airspeed_mps);

    session::LearningSession& learning_;
    session::PlanSession& plan_;
    std::optional<FlownWith> with_;
    TextLabel* name_;
    TextLabel* sentence_;
    FigureRow* figures_;
    CurveChart* chart_;
    TextLabel* price_;
    NumberField* head_wind_;
    TextLabel* wind_unit_;
    TextLabel* legs_;
    NumberField* ground_;
    TextLabel* ground_unit_;
    TextLabel* go_;
    MassBar* mass_bar_;
    TextLabel* mass_;
    TextLabel* fitted_;
    TextLabel* unknown_;
    TextLabel* step_test_;
    QPushButton* learn_;
    QPushButton* forget_;
};

} // namespace sobremesa::app
