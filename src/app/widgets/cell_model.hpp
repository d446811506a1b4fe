#pragma once

#include <optional>
#include <vector>

#include <QAbstractTableModel>

#include "core/units/explanation.hpp"

namespace sobremesa::app {

/// A cell as it is read, and what it is sorted by.
struct Cell {
    QString text;
    QVariant sort;
    std::optional<units::Explanation> explanation;
    bool figure = false; ///< stands at the right
    bool strong = false;
};

/// A table that is made whole and shown: what a chart holds, two plans side by side, the flights.
class CellModel : public QAbstractTableModel {
    Q_OBJECT
public:
    using QAbstractTableModel::QAbstractTableModel;
    void setCells(const QStringList& headers, std::vector<std::vector<Cell>> rows);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role = Qt::DisplayRole) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role = Qt::DisplayRole) const override;

private:
    /// Words that follow figures would stand against them.
    bool followsFigures(int column) const;
    QStringList headers_;
    std::vector<std::vector<Cell>> rows_;
};

/// An empty picture that moves words off the figures before them; a head wants more of it, to stand where its words
/// do.
QVariant words_off(bool head);

/// Words as a cell.
Cell text_cell(const QString& text, bool strong = false);

/// A number of a chart as a cell of its table.
Cell figure_cell(double value, int decimals);

/// A computed figure as a cell, with its "why?"; a dash where there is none.
Cell explained_cell(const std::optional<units::Explanation>& explanation);

} // namespace sobremesa::app
