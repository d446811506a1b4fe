#pragma once

#include <vector>

#include <QPointer>
#include <QTableView>

#include "app/widgets/context_actions.hpp"

class QPushButton;
class QSettings;

namespace sobremesa::app {

/// Roles that every model of ours may answer to, beside Qt's own.
enum TableRole {
    /// `units::Explanation` of a computed cell.
    explanation_role = Qt::UserRole + 50,
    /// What the column is sorted by, where that is not the text.
    sort_role,
    /// The cell holds what the program assumes, not what the pilot said.
    assumed_role,
};

/// A table in the house's style: hairlines, copy with Ctrl+C, "why?" on computed cells, columns remembered.
class DataTable : public QTableView, public ContextActions {
    Q_OBJECT
public:
    /// @param key  names the table for tests, the keyboard, and the memory of its columns
    explicit DataTable(const QString& key, const QString& spoken, QWidget* parent = nullptr);

    /// What can be done with the selected rows, as buttons beside the table: the menu of a row offers the same.
    void setRowButtons(const std::vector<QPushButton*>& buttons);
    void fillMenu(QMenu& menu, const QPoint& at) override;

    void setModel(QAbstractItemModel* model) override;
    /// The selected rows, or all where none is selected, as tab-separated text with a header line.
    QString copyText() const;
    void copy() const;
    /// Every column as wide as its head and its cells, the first with room for a name; where the table is narrower,
    /// words give way to figures.
    /// @param least_first, most_first  width of the first column, px of the design; no other takes more than
    ///                                 `usual_most`
    void fitColumns(int least_first = 116, int most_first = usual_most);
    static constexpr int usual_most = 200;
    /// The same, until the pilot draws a column wider or narrower; from then on the widths are his.
    void fitUnlessMoved();
    /// But for the last, which goes with the window.
    std::vector<int> columnWidths() const;
    void restoreColumns(QSettings& settings);
    void rememberColumns(QSettings& settings) const;

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void dress();
    void widenWithText();
    void makeRoom(std::vector<int>& widths) const;
    bool explain(const QModelIndex& index);
    std::vector<QPointer<QPushButton>> row_buttons_;
    /// As they were fitted last; while they are still so, they are nobody's choice.
    std::vector<int> fitted_;
    int least_first_ = 116;
    int most_first_ = usual_most;
    double text_scale_ = 0.0;
};

/// Order of two texts as people read them: "B-7" before "B-12", case aside.
int compare_as_read(const QString& a, const QString& b);

/// A whole model as CSV (RFC 4180): the header as on screen, cells as on screen without their grouping blanks.
QString csv_of(const QAbstractItemModel& model);

} // namespace sobremesa::app
