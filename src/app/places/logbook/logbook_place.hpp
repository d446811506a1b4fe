#pragma once

#include <memory>

#include <QSortFilterProxyModel>
#include <QWidget>

#include "core/debrief/energy_track.hpp"
#include "session/flight_preview.hpp"
#include "session/workspace.hpp"

class QComboBox;
class QLineEdit;
class QPushButton;
class QStackedLayout;

namespace sobremesa::app {

class CellModel;
class DataTable;
class EnergyOverlay;
class FigureRow;
class HomewardChart;
class MapView;
class TextLabel;

/// Finds flights by text, aircraft and pack; sorts by value.
class FlightFilter : public QSortFilterProxyModel {
    Q_OBJECT
public:
    FlightFilter(const session::Workspace& workspace, const std::vector<session::Id>& ids,
                 QObject* parent = nullptr);
    void setWanted(const QString& text, std::optional<session::Id> aircraft, std::optional<session::Id> pack);

protected:
    bool filterAcceptsRow(int row, const QModelIndex& parent) const override;
    bool lessThan(const QModelIndex& left, const QModelIndex& right) const override;

private:
    const session::Workspace& workspace_;
    const std::vector<session::Id>& ids_;
    QString wanted_;
    std::optional<session::Id> aircraft_;
    std::optional<session::Id> pack_;
};

/// Everything flown: the flights with their figures, the personal bests among those shown, what a pack has behind
/// it.
class LogbookPlace : public QWidget {
    Q_OBJECT
public:
    explicit LogbookPlace(session::Workspace& workspace, QWidget* parent = nullptr);

    DataTable& table() { return *table_; }
    const session::FlightPreview& preview() const { return preview_; }
    void refresh();
    std::vector<session::Id> chosen() const;
    void choose(session::Id id);
    /// In the order shown.
    std::vector<session::Id> shown() const;

signals:
    void openWanted(session::Id id);
    void compareWanted(const std::vector<session::Id>& ids);
    void rereadWanted(const std::vector<session::Id>& ids);
    void bringInWanted();
    void debriefWanted();
    void notebookWanted();
    void said(const QString& words);

protected:
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* makeEmpty();
    QWidget* makeBook();
    QWidget* makePictures();
    void fillChoices();
    void filter();
    void showBests();
    /// The chosen flight, or the tracks of all that are shown.
    void lookAtChosen();
    void showPicture();
    void showAllTracks();
    void showUsed(const QString& name, const std::shared_ptr<const debrief::EnergyTrack>& track);
    void remove();
    /// Set on flight, remembered between refreshes.
    std::optional<session::Id> wanted(const QComboBox& box) const;

    session::Workspace& workspace_;
    std::vector<session::Id> ids_;
    bool stale_ = false;
    CellModel* model_;
    FlightFilter* filter_;
    QStackedLayout* pages_;
    DataTable* table_;
    QLineEdit* find_;
    QComboBox* aircraft_;
    QComboBox* pack_;
    TextLabel* count_;
    TextLabel* path_;
    FigureRow* bests_;
    TextLabel* bests_note_;
    session::FlightPreview preview_;
    QWidget* pictures_ = nullptr;
    TextLabel* picture_words_ = nullptr;
    TextLabel* picture_readings_ = nullptr;
    MapView* map_ = nullptr;
    HomewardChart* chart_ = nullptr;
    EnergyOverlay* used_ = nullptr;
    std::vector<QPushButton*> for_chosen_;
};

} // namespace sobremesa::app
