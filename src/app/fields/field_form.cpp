#include "app/fields/field_form.hpp"

#include <QGridLayout>
#include <QLineEdit>
#include <QPushButton>

#include "app/fields/cells_editor.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/browse.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/text_labels.hpp"
#include "io/typed_number.hpp"
#include "wording/messages.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using Kind = RequestField::Kind;

FieldForm::FieldForm(const std::vector<RequestField>& fields, FormSubject subject, QWidget* parent)
    : QWidget(parent), subject_(std::move(subject)) {
    const Look& look = Look::instance();
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(look.scaled(12));
    grid->setVerticalSpacing(look.scaled(4));
    grid->setColumnStretch(0, 1);
    rows_.resize(fields.size());
    for (std::size_t i = 0; i < fields.size(); ++i) {
        Row& row = rows_[i];
        row.field = fields[i];
        const int line = int(3 * i);
        grid->addWidget(new TextLabel(Role::plain, row.field.label), line, 0);
        row.editor = makeEditor(i);
        row.editor->setObjectName(row.field.label);
        row.editor->setAccessibleName(row.field.label);
        const bool number = row.field.kind == Kind::number;
        const bool file = !row.field.file_filter.isEmpty();
        const bool list = !row.field.heads.isEmpty();
        // A list takes the place of its hint, which then stands beside its name.
        if (list)
            grid->addWidget(row.editor, line + 1, 0, 1, 3);
        else
            grid->addWidget(row.editor, line, 1, 1, number || file ? 1 : 2);
        if (file) grid->addWidget(makeBrowse(i), line, 2);
        if (number) {
            auto* unit = new TextLabel(Role::quiet, row.field.notation.unit);
            unit->setWordWrap(false);
            grid->addWidget(unit, line, 2);
        }
        if (!row.field.hint.isEmpty()) {
            row.hint = new TextLabel(Role::quiet, row.field.hint);
            if (list)
                grid->addWidget(row.hint, line, 1, 1, 2);
            else
                grid->addWidget(row.hint, line + 1, 0, 1, 3);
        }
        row.trouble = new TextLabel(Role::warning);
        row.trouble->setObjectName(row.field.label + QStringLiteral(" trouble"));
        row.trouble->hide();
        grid->addWidget(row.trouble, line + 2, 0, 1, 3);
        show(row);
    }
}

QWidget* FieldForm::makeEditor(std::size_t index) {
    const Look& look = Look::instance();
    const RequestField& field = rows_[index].field;
    if (field.kind == Kind::choice) {
        auto* box = new ChoiceBox;
        box->setMinimumHeight(look.scaled(26));
        box->addItems(field.choices);
        connect(box, &QComboBox::activated, this, [this, index, box] { typed(index, box->currentText()); });
        return box;
    }
    if (!field.heads.isEmpty()) {
        // Of all but the last two columns, which are figures, words are typed.
        auto* list = new CellsEditor(field.label, field.heads, int(field.heads.size()) - 2);
        connect(list, &CellsEditor::cellsEdited, this,
                [this, index, list] { typed(index, rows_[index].field.textOfCells(list->cells())); });
        return list;
    }
    if (field.kind == Kind::text) {
        auto* edit = new QLineEdit;
        connect(edit, &QLineEdit::textEdited, this, [this, index](const QString& text) { typed(index, text); });
        return edit;
    }
    auto* edit = new NumberField;
    edit->setStep(field.step);
    edit->setFixedWidth(look.scaled(116));
    edit->setUnit(field.notation.unit);
    connect(edit, &NumberField::valueEdited, this, [this, index, edit] { typed(index, edit->text()); });
    connect(edit, &NumberField::unreadable, this, [this, index, edit] { typed(index, edit->text()); });
    // "54 km/h" becomes what the field is written in, once it is left.
    connect(edit, &QLineEdit::editingFinished, this, [this, index] {
        if (Row& row = rows_[index]; row.trouble->isHidden()) show(row);
    });
    return edit;
}

QWidget* FieldForm::makeBrowse(std::size_t index) {
    auto* browse = new QPushButton(tr("Browse…"));
    browse->setObjectName(rows_[index].field.label + QStringLiteral(" browse"));
    browse->setAccessibleName(tr("Browse for %1").arg(rows_[index].field.label));
    connect(browse, &QPushButton::clicked, this, [this, index] {
        const RequestField& field = rows_[index].field;
        browse_for_file(this, field.label, field.text(subject_.request()), field.file_filter,
                        [this, index](const QString& path) {
                            static_cast<QLineEdit*>(rows_[index].editor)->setText(path);
                            typed(index, path);
                        });
    });
    return browse;
}

namespace {
/// Of other fields 0 means that nothing is known; 0 °C is a day like another.
bool measures_temperature(const RequestField& field) {
    const auto unit = io::typed_unit(field.notation.unit.toStdString());
    return unit && unit->kind == io::TypedKind::temperature;
}
} // namespace

void FieldForm::show(Row& row) {
    const auto request = subject_.request();
    if (auto* box = qobject_cast<QComboBox*>(row.editor)) {
        box->setCurrentIndex(row.field.choice(request));
    } else if (auto* number = qobject_cast<NumberField*>(row.editor)) {
        const double value = row.field.notation.shown(row.field.number(request));
        if (row.field.isOpen && row.field.isOpen(request)) {
            // What is assumed stands there softly, and gives way to the first keystroke.
            number->clear();
            number->setWrong(false);
            number->setPlaceholderText(
                value > 0.0 || measures_temperature(row.field)
                    ? tr("assumed %1").arg(NumberField::written(value, row.field.notation.decimals))
                    : tr("not known"));
        } else {
            number->setValue(value, row.field.notation.decimals);
        }
    } else if (auto* list = qobject_cast<CellsEditor*>(row.editor)) {
        if (!list->isTypedIn()) list->setCells(row.field.cells(request));
    } else {
        auto* text = static_cast<QLineEdit*>(row.editor);
        if (text->text() != row.field.text(request)) text->setText(row.field.text(request));
    }
    say(row, {});
}

void FieldForm::refresh() {
    for (Row& row : rows_) {
        if (!row.typing && !row.editor->hasFocus()) show(row);
    }
}

void FieldForm::typed(std::size_t index, const QString& text) {
    Row& row = rows_[index];
    mission::PlanRequest request = subject_.request();
    QString trouble = row.field.read(request, text);
    if (trouble.isEmpty()) {
        row.typing = true;
        if (const auto error = subject_.set(request)) {
            // The field is under the pilot's eyes; its name in the document would only distract.
            units::Error here = *error;
            here.where = {};
            trouble = wording::message(here);
        }
        row.typing = false;
    }
    say(row, trouble);
    if (trouble.isEmpty()) emit edited(QString::fromStdString(row.field.path), text);
}

void FieldForm::say(Row& row, const QString& trouble) {
    if (auto* number = qobject_cast<NumberField*>(row.editor)) number->setWrong(!trouble.isEmpty());
    const bool was = !row.trouble->isHidden();
    row.trouble->setWords(trouble);
    row.trouble->setVisible(!trouble.isEmpty());
    if (was != !trouble.isEmpty() || was) emit troubleChanged();
}

std::vector<QWidget*> FieldForm::editors() const {
    std::vector<QWidget*> all;
    all.reserve(rows_.size());
    for (const Row& row : rows_) all.push_back(row.editor);
    return all;
}

bool FieldForm::hasTrouble() const {
    return std::any_of(rows_.begin(), rows_.end(), [](const Row& row) { return !row.trouble->isHidden(); });
}

} // namespace sobremesa::app
