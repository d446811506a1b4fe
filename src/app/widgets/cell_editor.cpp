#include "app/widgets/cell_editor.hpp"

#include <QLineEdit>

#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"

namespace sobremesa::app {

CellEditor::CellEditor(std::function<QStringList(const QModelIndex&)> choices, QObject* parent)
    : QStyledItemDelegate(parent), choices_(std::move(choices)) {}

QWidget* CellEditor::createEditor(QWidget* parent, const QStyleOptionViewItem&, const QModelIndex& index) const {
    const QStringList choices = choices_(index);
    QWidget* editor = nullptr;
    if (choices.isEmpty()) {
        auto* line = new QLineEdit(parent);
        line->setAlignment(Qt::Alignment(index.data(Qt::TextAlignmentRole).toInt()));
        editor = line;
    } else {
        auto* box = new ChoiceBox(parent);
        box->addItems(choices);
        editor = box;
    }
    editor->setObjectName(QStringLiteral("cellEditor"));
    editor->setAccessibleName(index.model()->headerData(index.column(), Qt::Horizontal).toString());
    return editor;
}

void CellEditor::setEditorData(QWidget* editor, const QModelIndex& index) const {
    if (auto* box = qobject_cast<QComboBox*>(editor))
        box->setCurrentText(index.data(Qt::EditRole).toString());
    else
        static_cast<QLineEdit*>(editor)->setText(index.data(Qt::EditRole).toString());
}

void CellEditor::setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const {
    QString text;
    if (auto* box = qobject_cast<QComboBox*>(editor))
        text = box->currentText();
    else
        text = static_cast<QLineEdit*>(editor)->text();
    // Leaving a cell as it was is no edit.
    if (text != index.data(Qt::EditRole).toString()) model->setData(index, text, Qt::EditRole);
}

void CellEditor::updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                                      const QModelIndex&) const {
    const int wanted = Look::instance().scaled(90);
    QRect place = option.rect;
    if (place.width() < wanted) place.setLeft(place.right() - wanted);
    editor->setGeometry(place);
}

} // namespace sobremesa::app
