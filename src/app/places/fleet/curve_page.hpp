#pragma once

#include <QWidget>

#include "app/places/fleet/flown_with.hpp"
#include "app/widgets/text_labels.hpp"

class QPushButton;
class QVBoxLayout;

namespace sobremesa::app {

class CurveChart;
class FigureRow;
class MassBar;
class NumberField;

/// The power curve of an aircraft: what its flights drew, the speeds to fly in today's wind, the price of hurry,
/// and how to get to know it better. With nothing but a cruise it is physics with a wide band, and says so.
class CurvePage : public QWidget {
    Q_OBJECT
public:
    CurvePage(session::LearningSession& learning, session::PlanSession& plan, QWidget* parent = nullptr);
    CurveChart& chart() { return *chart_; }

private:
    using Role = TextLabel::Role;
    struct SpeedField {
        NumberField* field = nullptr;
        TextLabel* unit = nullptr;
    };

    QWidget* makeChart();
    QWidget* makeReading();
    TextLabel* addWords(QVBoxLayout& column, Role role, const char* name);
    /// A line with a speed to type and its unit.
    SpeedField addSpeedField(QVBoxLayout& column, const QString& label, const char* name);
    void addSpeeds(QVBoxLayout& column);
    void addMass(QVBoxLayout& column);
    void addFitted(QVBoxLayout& column);
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
    SpeedField head_wind_;
    TextLabel* legs_;
    SpeedField ground_;
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
