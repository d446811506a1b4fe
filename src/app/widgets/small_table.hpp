#pragma once

#include <QTableWidget>

namespace sobremesa::app {

/// A few rows that are edited in place, in a sheet.
class SmallTable : public QTableWidget {
    Q_OBJECT
public:
    /// @param heads  of the columns
    /// @param words  so many columns hold words, on the left; the others figures, on the right
    SmallTable(const QString& object, const QString& spoken, const QStringList& heads, int words);

    void put(int row, int column, const QString& text, bool editable);
    /// First column of the first row that can be typed into.
    int firstEditable() const;
    /// As high as its rows, up to so many.
    void fitRows(int most);
    /// As it is typed: no grouping, no unit.
    static QString figure(double value, int decimals);
    /// A cell is being typed in: the table must not be filled anew under the hand.
    bool isTypedIn() const;

private:
    Qt::Alignment alignment(int column) const;
    int words_;
};

} // namespace sobremesa::app
