#pragma once

#include <QWidget>

#include "session/sun_session.hpp"

class QDateEdit;
class QLineEdit;
class QPushButton;
class QSlider;
class QVBoxLayout;

namespace sobremesa::app {

class CellModel;
class DataTable;
class FieldForm;
class FigureRow;
class SunChart;
class TextLabel;

/// What the sun gives the chosen aircraft on one day at one place: the day as a picture, array and converter as
/// fields, what would change it, and how a flight shows what the array really gives.
class SunPage : public QWidget {
    Q_OBJECT
public:
    explicit SunPage(session::SunSession& sun, QWidget* parent = nullptr);

private:
    QWidget* makePicture();
    QWidget* makeReading();
    void addDay(QVBoxLayout& column);
    void addCraft(QVBoxLayout& column);
    void askAgain();
    void takePlace();
    void refresh();
    void showForms(bool has_array);
    void showChanges();

    session::SunSession& sun_;
    TextLabel* name_;
    TextLabel* sentence_;
    TextLabel* flight_;
    TextLabel* trouble_;
    SunChart* chart_;
    FigureRow* figures_;
    QDateEdit* day_;
    QLineEdit* start_;
    QLineEdit* place_;
    QSlider* cloud_;
    TextLabel* cloud_words_;
    TextLabel* entry_trouble_;
    QPushButton* add_;
    QPushButton* remove_;
    QWidget* forms_;
    QVBoxLayout* forms_column_;
    FieldForm* array_form_ = nullptr;
    FieldForm* converter_form_ = nullptr;
    std::optional<session::Id> shown_;
    CellModel* cells_;
    DataTable* changes_;
    TextLabel* changes_heading_;
    TextLabel* series_;
    bool showing_ = false;
};

} // namespace sobremesa::app
