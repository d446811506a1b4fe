#pragma once

#include <functional>

#include <QWidget>

#include "app/places/fleet/flown_with.hpp"
#include "session/latest_job.hpp"
#include "session/sun_session.hpp"

class QGridLayout;
class QSlider;

namespace sobremesa::app {

class CellModel;
class CurveChangeChart;
class DataTable;
class HeadroomChart;
class ReachRings;
class TextLabel;

/// What a change would do: sliders for pack, camera, propellers, wing, solar array, height and temperature; before
/// and after beside them, with their errors; and the headroom that the plan's pack leaves.
class WhatIfPage : public QWidget {
    Q_OBJECT
public:
    WhatIfPage(session::LearningSession& learning, session::PlanSession& plan, session::SunSession& sun,
               QWidget* parent = nullptr);

    matching::Change change() const;

private:
    /// One slider and what it changes.
    struct Dial {
        QSlider* slider = nullptr;
        TextLabel* label = nullptr;
        TextLabel* value = nullptr;
        /// Value of the slider's position; and where nothing is changed.
        std::function<double(int)> value_at;
        int still = 0;
        std::function<QString(double)> written;
        std::function<void(matching::Change&, double)> apply;
        std::function<bool(const FlownWith&)> fits;
    };
    QWidget* makeDials();
    void addMassDials(QGridLayout* grid);
    void addAirframeDials(QGridLayout* grid);
    void addArrayDials(QGridLayout* grid);
    void addAirDials(QGridLayout* grid);
    /// A slider in percent of what the aircraft has; and one in steps from it, never below the least.
    std::function<double(int)> shareOf(double (*base)(const FlownWith&)) const;
    std::function<double(int)> stepsFrom(double (*base)(const FlownWith&), double step, double least,
                                         double most) const;
    QWidget* makeOutcome();
    void addDial(QGridLayout* grid, const QString& label, const char* object, int from, int to, Dial dial);
    void rest();
    void refresh();
    void showOutcome();
    void showCurves(const matching::Outcome& before, const matching::Outcome& after);
    /// The reach takes longer than a slider moves: worked out beside it, the newest wins.
    void showReach();
    /// What a day in the sun would be, before and after; the same for a wing with an array, whatever is changed.
    void showSun();
    void showTable();

    session::LearningSession& learning_;
    session::PlanSession& plan_;
    session::SunSession& sun_;
    std::optional<FlownWith> with_;
    std::vector<Dial> dials_;
    TextLabel* name_;
    TextLabel* sentence_;
    CellModel* cells_;
    DataTable* table_;
    TextLabel* headroom_words_;
    HeadroomChart* headroom_;
    CurveChangeChart* curves_;
    ReachRings* rings_;
    session::LatestJob reach_job_;
    session::LatestJob sun_job_;
    struct SunDays {
        matching::SunDayReport before;
        matching::SunDayReport after;
    };
    std::shared_ptr<const SunDays> sun_days_;
};

} // namespace sobremesa::app
