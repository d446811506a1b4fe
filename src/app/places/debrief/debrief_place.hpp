#pragma once

#include <map>
#include <memory>

#include <QStringList>
#include <QWidget>

#include "app/map/map_view.hpp"
#include "session/flight_session.hpp"

class QPushButton;
class QStackedLayout;
class QTableView;
class QVBoxLayout;

namespace sobremesa::app {

class FlightReportView;
class CellModel;
class ChoiceBox;
class DataTable;
class FigureRow;
class FilingForm;
class HomewardChart;
class SetAsideModel;
class StripCharts;
class ScrollColumn;
class TextLabel;

/// Debrief: a log opened. The track, the sentence, the figures, what was excluded, and the strips over time
/// with one cursor. Without a log it says what belongs here and offers the first step.
class DebriefPlace : public QWidget {
    Q_OBJECT
public:
    DebriefPlace(session::DebriefSession& session, session::FlightSession& flight, QWidget* parent = nullptr);

    /// Logs that the empty place offers.
    void setOffered(const QStringList& logs);
    StripCharts& strips() { return *strips_; }
    MapView& map() { return *map_; }
    HomewardChart& chart() { return *chart_; }

    FlightReportView& flightReport() { return *flight_report_; }

signals:
    /// The log could be read in another way, and the pilot wants to say how.
    void columnsWanted(const QString& path);
    /// Day or month comes first in the dates of the log that is shown.
    void dateOrderWanted(const QString& path, const QString& column, const QString& order);
    void compareWanted();
    void openWanted();
    /// To file a flight that left no log.
    void notebookWanted();
    /// The flight before (−1) or after (1) this one in the logbook.
    void neighbourWanted(int step);
    void logWanted(const QString& path);

private:
    QWidget* makeEmpty();
    QWidget* makeTrack();
    QWidget* makeOpened();
    QWidget* makeReading();
    void makeSagRow();
    void makeSegments();
    void makeSetAside();
    QWidget* makeStrips();
    QWidget* makeChart();
    void showChart();
    void showDebrief();
    void showFigures();
    void showTrack();
    MapView::Way plannedWay() const;
    void showDiagnostics();
    QWidget* makeDateQuestion(const units::Diagnostic& assumed);
    void showRemaining();
    void showSegments();
    void markCursor(std::size_t row);
    void jumpToSetAside(int reason);
    void showParts();
    void showMeasure();

    session::DebriefSession& session_;
    session::FlightSession& flight_;
    QStackedLayout* pages_;
    QVBoxLayout* offered_;
    TextLabel* file_;
    TextLabel* sentence_;
    TextLabel* findings_;
    TextLabel* remaining_;
    QWidget* sag_row_;
    TextLabel* sag_words_;
    QPushButton* take_sag_;
    CellModel* segment_cells_;
    DataTable* segments_;
    FigureRow* figures_;
    TextLabel* left_;
    /// Under the sentence: what is wrong comes before what is good to know.
    QVBoxLayout* warnings_;
    QVBoxLayout* diagnostics_;
    ScrollColumn* reading_;
    /// The log that is shown, to begin at its answer when another is.
    QString shown_path_;
    QTableView* set_aside_;
    /// The place of each reason that was shown last.
    std::map<int, std::size_t> shown_place_;
    ChoiceBox* parts_;
    ChoiceBox* coloured_by_;
    QPushButton* columns_;
    FlightReportView* flight_report_;
    SetAsideModel* set_aside_model_;
    TextLabel* nothing_aside_;
    MapView* map_;
    StripCharts* strips_;
    HomewardChart* chart_;
    TextLabel* chart_words_;
    FilingForm* filing_;
};

} // namespace sobremesa::app
