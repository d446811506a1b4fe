#pragma once

#include <memory>

#include <QStringList>
#include <QWidget>

#include "session/debrief_session.hpp"
#include "session/plan_session.hpp"

class QStackedLayout;
class QTableView;
class QVBoxLayout;

namespace sobremesa::app {

class FigureRow;
class MapView;
class SetAsideModel;
class StripCharts;
class TextLabel;

/// Debrief: a log laid open. The track, the sentence, the figures, what was set aside, and the strips over time
/// with one cursor. Without a log it says what belongs here and offers the first step.
class DebriefPlace : public QWidget {
    Q_OBJECT
public:
    DebriefPlace(session::DebriefSession& session, session::PlanSession& setting, QWidget* parent = nullptr);

    /// Logs that the empty place offers.
    void setOffered(const QStringList& logs);
    StripCharts& strips() { return *strips_; }
    MapView& map() { return *map_; }

signals:
    void openWanted();
    void logWanted(const QString& path);

private:
    QWidget* makeEmpty();
    QWidget* makeOpened();
    QWidget* makeReading();
    QWidget* makeStrips();
    void showDebrief();
    void showFigures();
    void showTrack();
    void showNotices();
    void markCursor(std::size_t row);

    session::DebriefSession& session_;
    session::PlanSession& setting_;
    QStackedLayout* pages_;
    QVBoxLayout* offered_;
    TextLabel* file_;
    TextLabel* sentence_;
    FigureRow* figures_;
    TextLabel* left_;
    QVBoxLayout* notices_;
    QTableView* set_aside_;
    SetAsideModel* set_aside_model_;
    TextLabel* nothing_aside_;
    MapView* map_;
    StripCharts* strips_;
};

} // namespace sobremesa::app
