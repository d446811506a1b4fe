#pragma once

#include <set>

#include <QDialog>

#include "core/debrief/compare.hpp"
#include "session/energy_tracks.hpp"

class QListWidget;

namespace sobremesa::app {

class CellModel;
class ChoiceBox;
class DataTable;
class EnergyOverlay;
class NumberField;
class TextLabel;

/// Flights of the logbook side by side at equal distance, speed and mass: which to take at the left, what comes out
/// at the right, the common terms above it, and what each used along the way, laid over each other, below.
class CompareSheet : public QDialog {
    Q_OBJECT
public:
    /// @param first  taken from the start, with the latest other flight of the same aircraft
    CompareSheet(session::Workspace& workspace, const std::vector<session::Id>& first, QWidget* parent = nullptr);

    std::vector<session::Id> taken() const;

private:
    void fill(const std::vector<session::Id>& first);
    void showComparison();
    void showOverlay();
    debrief::EqualTerms terms() const;

    session::Workspace& workspace_;
    session::EnergyTracks tracks_;
    QListWidget* list_;
    NumberField* speed_;
    NumberField* mass_;
    NumberField* distance_;
    TextLabel* words_;
    CellModel* cells_;
    DataTable* table_;
    ChoiceBox* axis_;
    TextLabel* difference_;
    EnergyOverlay* overlay_;
};

} // namespace sobremesa::app
