#pragma once

#include <functional>
#include <optional>
#include <vector>

#include <QWidget>

#include "app/fields/request_field.hpp"
#include "core/units/error.hpp"

class QGridLayout;
class QLineEdit;

namespace sobremesa::app {

class TextLabel;

/// What a form edits: a request, and how a changed one is taken.
struct FormSubject {
    std::function<mission::PlanRequest()> request;
    /// @return what is wrong with it; nothing when it was taken
    std::function<std::optional<units::Error>(const mission::PlanRequest&)> set;
};

/// Fields one under the other. Every keystroke that can be read takes effect at once; one that cannot, or that asks
/// for the impossible, is marked where it is typed and changes nothing.
class FieldForm : public QWidget {
    Q_OBJECT
public:
    FieldForm(const std::vector<RequestField>& fields, FormSubject subject, QWidget* parent = nullptr);

    /// Shows the subject's values again, except where something is being typed.
    void refresh();
    /// In the order in which they are read.
    std::vector<QWidget*> editors() const;
    /// Whether anything stands in the form that was not taken.
    bool hasTrouble() const;

signals:
    /// @param path  of the field in the documents; @param text  as it was typed
    void edited(const QString& path, const QString& text);
    /// A message came or went: the form may need another height.
    void troubleChanged();

private:
    struct Row {
        RequestField field;
        QWidget* editor = nullptr;
        TextLabel* hint = nullptr;
        TextLabel* trouble = nullptr;
        bool typing = false;
    };
    QWidget* makeEditor(std::size_t row);
    QWidget* makeBrowse(std::size_t row);
    void show(Row& row);
    void typed(std::size_t row, const QString& text);
    void say(Row& row, const QString& trouble);

    FormSubject subject_;
    std::vector<Row> rows_;
};

} // namespace sobremesa::app
