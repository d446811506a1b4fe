#pragma once

#include <QWidget>

#include "app/places/record_list/record_list_model.hpp"

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
class Section;
class TextLabel;

/// Fleet and Packs: the list as a table, and beside it the one that is chosen, field by field.
class RecordListPlace : public QWidget {
    Q_OBJECT
public:
    RecordListPlace(RecordList record_list, QWidget* parent = nullptr);

    DataTable& table() { return *table_; }
    RecordListModel& model() { return *model_; }
    std::optional<Id> chosen() const;
    void choose(Id id);
    void refresh();
    /// Stands under the table where there is room, with a heading of its own.
    void setPicture(QWidget* picture, const char* heading_object);
    /// Empty: there is nothing to show.
    void setPictureHeading(const QString& words);

    // Also commands of the window.
    void add();
    void duplicate();
    void retire();
    void remove();

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

signals:
    /// To be said to the pilot.
    void said(const QString& words);

private:
    QWidget* makeEmpty();
    QWidget* makeRecordList();
    QWidget* makeDetails();
    void showChosen();
    void makeForms(Id id, const std::vector<RequestField>& fields);
    std::vector<RequestField> allFields() const;
    std::vector<std::string> openFields(Id id, const std::vector<RequestField>& fields) const;
    void clearForms();
    void showCount();
    void givePictureRoom();
    bool seen();

    RecordList record_list_;
    RecordListModel* model_;
    RecordListFilter* filter_;
    QStackedLayout* pages_;
    DataTable* table_;
    QVBoxLayout* under_table_ = nullptr;
    QWidget* picture_ = nullptr;
    TextLabel* picture_heading_ = nullptr;
    TextLabel* count_;
    TextLabel* trouble_;
    QLineEdit* find_;
    QCheckBox* shows_retired_;
    QPushButton* duplicate_;
    QPushButton* retire_;
    QPushButton* remove_;
    TextLabel* name_;
    /// What the pilot entered, what was measured, what is assumed until he says otherwise.
    Section* entered_ = nullptr;
    Section* measured_ = nullptr;
    Section* assumed_ = nullptr;
    TextLabel* measured_words_ = nullptr;
    FieldForm* entered_form_ = nullptr;
    FieldForm* assumed_form_ = nullptr;
    /// Paths of the fields that stand under *assumed*.
    std::vector<std::string> open_fields_;
    /// A form is handing in what was typed: it must not be made anew under its own feet.
    bool handing_in_ = false;
    /// Something changed while nobody looked.
    bool due_ = false;
    std::optional<Id> shown_;
    FigureRow* figures_;
    QPlainTextEdit* note_;
    QWidget* details_inside_;
};

} // namespace sobremesa::app
