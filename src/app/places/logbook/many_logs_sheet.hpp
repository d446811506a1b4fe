#pragma once

#include <QDialog>

#include "app/widgets/cell_model.hpp"
#include "session/many_logs.hpp"

class QProgressBar;
class QPushButton;

namespace sobremesa::app {

class AllFlownWith;
class DataTable;
class TextLabel;

/// Flights found in many logs, with a box before each.
class FoundFlightsModel : public CellModel {
    Q_OBJECT
public:
    explicit FoundFlightsModel(session::ManyLogs& many, QObject* parent = nullptr);
    void show();

    Qt::ItemFlags flags(const QModelIndex& index) const override;
    QVariant data(const QModelIndex& index, int role = Qt::DisplayRole) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

signals:
    void wantedChanged();

private:
    session::ManyLogs& many_;
};

/// Many logs at once: what was understood of each, what it was flown with, and filing them all.
class ManyLogsSheet : public QDialog {
    Q_OBJECT
public:
    ManyLogsSheet(session::Workspace& workspace, const QStringList& paths, QWidget* parent = nullptr);
    session::ManyLogs& logs() { return many_; }

signals:
    void refused(const units::Error& error);
    void filed(int flights);

private:
    void showState();
    void fileThem();

    session::ManyLogs many_;
    FoundFlightsModel* model_;
    DataTable* table_;
    TextLabel* state_;
    AllFlownWith* flown_with_;
    QProgressBar* progress_;
    QPushButton* file_;
    QPushButton* leave_;
    bool filing_ = false;
};

} // namespace sobremesa::app
