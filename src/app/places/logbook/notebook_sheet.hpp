#pragma once

#include <array>
#include <optional>
#include <vector>

#include <QAbstractTableModel>
#include <QDialog>

#include "app/widgets/data_table.hpp"
#include "io/flights_by_hand.hpp"
#include "session/workspace.hpp"

class QPushButton;

namespace sobremesa::app {

class AllFlownWith;
class ChoiceBox;
class TextLabel;

/// Flights that left no log, as they stand in a notebook: a row a flight, what is not known left open. The last row
/// is always empty, to be written in.
class NotebookModel : public QAbstractTableModel {
    Q_OBJECT
public:
    explicit NotebookModel(const session::Workspace& workspace, QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role = Qt::DisplayRole) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role = Qt::EditRole) override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;

    /// Names on the list, where a column takes one of them.
    QStringList choices(const QModelIndex& index) const;
    /// First cell of a row that is written anew: its date follows from the row above.
    static int firstToWrite(int row);
    /// Cells as they are copied from a spreadsheet, from this cell on; with names of columns in their first line
    /// each goes where it belongs.
    void paste(const QString& text, const QModelIndex& at);
    void removeRow(int row);
    /// A filed flight as its row.
    void show(const book::KeptFlight& flight);

    /// Dates that could be read either way.
    bool datesAreDoubtful() const { return doubtful_; }
    void setDateOrder(io::DateOrder order);
    io::DateOrder dateOrder() const { return order_; }

    /// By row: what was written, or what is wrong with it; nothing for an empty row.
    const std::vector<std::optional<units::Result<book::KeptFlight>>>& flights() const { return flights_; }
    void setFlown(const book::KeptFlight& flown);

signals:
    void changed();

private:
    struct Row {
        std::vector<QString> cells;
        bool empty() const;
    };
    void put(int row, int column, const QString& text);
    void read();
    /// Afterwards the last row is empty.
    void readAnew();
    units::Result<book::KeptFlight> made(std::size_t row) const;
    Row blank() const;

    const session::Workspace& workspace_;
    book::KeptFlight flown_;
    std::vector<Row> rows_;
    std::vector<std::optional<units::Result<book::KeptFlight>>> flights_;
    std::optional<io::DateOrder> order_said_;
    io::DateOrder order_ = io::DateOrder::day_first;
    bool doubtful_ = false;
};

/// Files flights without a log: written by hand or pasted from a spreadsheet.
class NotebookSheet : public QDialog {
    Q_OBJECT
public:
    /// @param changed  a filed flight that is written anew; empty: new ones
    NotebookSheet(session::Workspace& workspace, std::optional<session::Id> changed, QWidget* parent = nullptr);
    NotebookModel& model() { return *model_; }

signals:
    void filed(int flights, int known);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void showState();
    void fileThem();
    void nextFlight();
    void paste();

    session::Workspace& workspace_;
    std::optional<session::Id> changed_;
    NotebookModel* model_;
    DataTable* table_;
    AllFlownWith* flown_with_;
    ChoiceBox* order_;
    TextLabel* trouble_;
    TextLabel* state_;
    QPushButton* file_;
};

} // namespace sobremesa::app
