#pragma once

#include <memory>

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>

#include "core/telemetry/column_choice.hpp"
#include "session/latest_job.hpp"
#include "session/plan_session.hpp"
#include "session/practice_feed.hpp"
#include "session/watch_session.hpp"
#include "speech/speaker.hpp"

class QPushButton;
class QSettings;
class QSlider;
class QStackedLayout;

namespace sobremesa::app {

class BigFigure;
class CellModel;
class ChoiceBox;
class DataTable;
class HomewardChart;
class LiveStrips;
class MapView;
class TextLabel;

/// Watch: a flight while it is flown, an old one played again, or a practice flight. It only listens.
class WatchPlace : public QWidget {
    Q_OBJECT
public:
    /// @param settings    remembers the source, the callouts and the tally of practice
    /// @param recordings  folder where what comes is written down
    WatchPlace(session::PlanSession& plan, QSettings& settings, const QString& recordings,
               QWidget* parent = nullptr);
    ~WatchPlace() override;

    session::WatchSession& session() { return session_; }
    speech::Speaker& speaker() { return speaker_; }
    MapView& map() { return *map_; }
    HomewardChart& chart() { return *chart_; }
    DataTable& said() { return *said_; }

    /// @param current_factor  what the current sensor's readings are multiplied by; empty: not calibrated
    void connectTo(const link::Address& address, const io::mavlink::Choice& choice = {},
                   std::optional<double> current_factor = std::nullopt);
    void replay(const QString& log, double speed = 10.0);
    void rehearse(const practice::PracticeDay& day, double speed = 10.0);
    /// Asks for the day first.
    void askToRehearse();
    void stop();
    bool isPractising() const { return practice_ != nullptr; }
    /// The callouts that mattered, in one line, to be kept with the flight.
    QString calloutNote() const;
    /// Of the flight that is recorded: the vehicle and the battery that were chosen, to be read again.
    std::vector<telemetry::ColumnChoice> vehicleWatched() const;
    /// A recording that was cut off when the program ended last time; empty: none.
    QString cutOff() const;

signals:
    void debriefWanted(const QString& path);
    void replayWanted();
    void planWanted();
    void noted(const QString& words);
    void troubled(const sobremesa::units::Error& error);
    /// Begun or ended.
    void watchingChanged();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* makeIdle();
    QWidget* makeWatching();
    QWidget* makeHeading();
    void begin(std::unique_ptr<link::Feed> feed, std::optional<double> current_factor = std::nullopt);
    void showPage();
    void showAnswer();
    void showPictures();
    void showTrack();
    void showReach();
    void showSaid();
    void hear(const watch::Callout& callout);
    void showControls();
    void askForSource();
    void askForCallouts();
    void ended();
    void debriefThis();
    void judgePractice();
    void showOutcome(const practice::Outcome& outcome);
    QString newRecording() const;
    void markUnfinished(const QString& path);
    watch::CalloutRules rememberedRules() const;
    void rememberRules(const watch::CalloutRules& rules);
    double speedFactor() const;

    session::PlanSession& plan_;
    QSettings& settings_;
    QString recordings_;
    speech::Speaker speaker_;
    session::WatchSession session_;
    session::LatestJob judging_;
    session::PracticeFeed* practice_ = nullptr;
    link::ReplayFeed* replay_ = nullptr;
    QString recording_;
    io::mavlink::Choice choice_;
    QString replayed_;
    QTimer pictures_;
    bool pictures_due_ = false;
    /// Since the reach from here was worked out, and how long that took.
    QElapsedTimer since_reach_;
    qint64 reach_took_ms_ = 0;

    QStackedLayout* pages_;
    TextLabel* idle_words_ = nullptr;
    QPushButton* rehearse_ = nullptr;
    QPushButton* connect_ = nullptr;
    QPushButton* replay_log_ = nullptr;
    QPushButton* cut_off_ = nullptr;
    TextLabel* state_ = nullptr;
    TextLabel* sentence_ = nullptr;
    TextLabel* outcome_ = nullptr;
    TextLabel* latest_ = nullptr;
    BigFigure* to_turn_ = nullptr;
    BigFigure* margin_ = nullptr;
    BigFigure* home_ = nullptr;
    MapView* map_ = nullptr;
    HomewardChart* chart_ = nullptr;
    LiveStrips* strips_ = nullptr;
    DataTable* said_ = nullptr;
    CellModel* said_cells_ = nullptr;
    QPushButton* turn_ = nullptr;
    QPushButton* pause_ = nullptr;
    QPushButton* quiet_ = nullptr;
    QPushButton* stop_ = nullptr;
    QPushButton* debrief_ = nullptr;
    ChoiceBox* speed_ = nullptr;
    QSlider* seek_ = nullptr;
};

} // namespace sobremesa::app
