#pragma once

#include <vector>

#include "app/widgets/small_table.hpp"

namespace sobremesa::app {

/// A list of rows typed in place: one empty row more than there are, which becomes one when something is typed in
/// it; a row that is emptied is gone. Tab goes from cell to cell.
class CellsEditor : public SmallTable {
    Q_OBJECT
public:
    CellsEditor(const QString& spoken, const QStringList& heads, int words);

    void setCells(const std::vector<QStringList>& rows);
    /// Rows in which anything stands.
    std::vector<QStringList> cells() const;

signals:
    void cellsEdited();

protected:
    /// The empty row says what it is for.
    void paintEvent(QPaintEvent* event) override;

private:
    QString textAt(int row, int column) const;
    void keepOneEmpty();
};

} // namespace sobremesa::app
