#pragma once

#include <QWidget>

#include "app/places/shelf/shelf_model.hpp"

class QCheckBox;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QStackedLayout;
class QVBoxLayout;

namespace sobremesa::app {

class DataTable;
class FieldForm;
class FigureRow;
class Fold;
class TextLabel;

/// Fleet and Packs: the shelf as a table, and beside it the one that is chosen, field by field.
class ShelfPlace : public QWidget {
    Q_OBJECT
public:
    ShelfPlace(Shelf shelf, QWidget* parent = nullptr);

    DataTable& table() { return *table_; }
    ShelfModel& model() { return *model_; }
    std::optional<Id> chosen() const;
    void choose(Id id);
    void refresh();

    // Also commands of the window.
    void add();
    void duplicate();
    void retire();
    void remove();

signals:
    /// To be said to the pilot.
    void said(const QString& words);

private:
    QWidget* makeEmpty();
    QWidget* makeShelf();
    QWidget* makeDetails();
    void showChosen();
    void showCount();

    Shelf shelf_;
    ShelfModel* model_;
    ShelfFilter* filter_;
    QStackedLayout* pages_;
    DataTable* table_;
    TextLabel* count_;
    TextLabel* trouble_;
    QLineEdit* find_;
    QCheckBox* shows_retired_;
    QPushButton* duplicate_;
    QPushButton* retire_;
    QPushButton* remove_;
    TextLabel* name_;
    QVBoxLayout* form_place_;
    FieldForm* form_ = nullptr;
    std::optional<Id> shown_;
    FigureRow* figures_;
    QPlainTextEdit* note_;
    QWidget* details_inside_;
    /// As they were fitted last; while they are still so, they are nobody's choice.
    std::vector<int> fitted_;
};

} // namespace sobremesa::app
