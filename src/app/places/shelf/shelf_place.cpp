#include "app/places/shelf/shelf_place.hpp"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QStackedLayout>

#include "app/fields/field_form.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/button_row.hpp"
#include "app/widgets/cell_editor.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

ShelfPlace::ShelfPlace(Shelf shelf, QWidget* parent)
    : QWidget(parent), shelf_(std::move(shelf)), model_(new ShelfModel(shelf_, this)),
      filter_(new ShelfFilter(*model_, this)), pages_(new QStackedLayout(this)) {
    setObjectName(shelf_.key + QStringLiteral("Place"));
    pages_->addWidget(makeEmpty());
    auto* fold = new Fold;
    QWidget* table = makeShelf();
    QWidget* details = makeDetails();
    fold->addPane(shelf_.title, table);
    fold->addPane(tr("Selected"), details);
    fold->setWideArrangement([table, details](QWidget* page) {
        auto* row = new QHBoxLayout(page);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(0);
        row->addWidget(table, 9);
        row->addWidget(new Hairline(Qt::Vertical));
        row->addWidget(details, 4);
    });
    pages_->addWidget(fold);
    connect(model_, &ShelfModel::refused, this, [this](const QModelIndex&, const QString& words) {
        trouble_->setWords(words);
        trouble_->show();
    });
    connect(&Look::instance(), &Look::changed, this, [this] {
        shown_.reset();
        showChosen();
    });
    refresh();
}

QWidget* ShelfPlace::makeEmpty() {
    const Look& look = Look::instance();
    auto* page = new Panel;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(look.scaled(60), look.scaled(60), look.scaled(60), look.scaled(40));
    column->setSpacing(look.scaled(12));
    auto* sentence = new TextLabel(Role::sentence, shelf_.empty_sentence);
    sentence->setMaximumWidth(look.scaled(620));
    column->addWidget(sentence);
    auto* hint = new TextLabel(Role::quiet, shelf_.empty_hint);
    hint->setMaximumWidth(look.scaled(620));
    column->addWidget(hint);
    auto* button = new QPushButton(shelf_.add_text);
    button->setObjectName(shelf_.key + QStringLiteral("FirstButton"));
    connect(button, &QPushButton::clicked, this, &ShelfPlace::add);
    column->addWidget(button, 0, Qt::AlignLeft);
    column->addStretch(1);
    return page;
}

QWidget* ShelfPlace::makeShelf() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(16), look.scaled(8));
    column->setSpacing(look.scaled(8));
    auto* top = new QHBoxLayout;
    top->addWidget(new TextLabel(Role::heading, shelf_.title));
    count_ = new TextLabel(Role::quiet);
    count_->setWordWrap(false);
    count_->setObjectName(shelf_.key + QStringLiteral("Count"));
    top->addWidget(count_);
    top->addStretch(1);
    find_ = new QLineEdit;
    find_->setObjectName(shelf_.key + QStringLiteral("Find"));
    find_->setPlaceholderText(shelf_.filter_hint);
    find_->setAccessibleName(shelf_.filter_hint);
    find_->setClearButtonEnabled(true);
    find_->setMinimumWidth(look.scaled(110));
    find_->setMaximumWidth(look.scaled(200));
    connect(find_, &QLineEdit::textChanged, this, [this](const QString& text) {
        filter_->setWanted(text);
        showCount();
    });
    top->addWidget(find_, 1);
    column->addLayout(top);

    auto* buttons = new ButtonRow;
    buttons->add(shelf_.add_text, shelf_.key + QLatin1String("Add"), this, [this] { add(); });
    duplicate_ =
        buttons->add(tr("Duplicate"), shelf_.key + QLatin1String("Duplicate"), this, [this] { duplicate(); });
    retire_ = buttons->add(tr("Retire"), shelf_.key + QLatin1String("Retire"), this, [this] { retire(); });
    remove_ = buttons->add(tr("Remove"), shelf_.key + QLatin1String("Remove"), this, [this] { remove(); });
    buttons->addStretch(1);
    shows_retired_ = new QCheckBox(tr("Show retired"));
    shows_retired_->setMinimumHeight(look.scaled(26));
    shows_retired_->setObjectName(shelf_.key + QStringLiteral("ShowRetired"));
    connect(shows_retired_, &QCheckBox::toggled, this, [this](bool on) {
        filter_->setShowsRetired(on);
        showCount();
    });
    buttons->addWidget(shows_retired_);
    column->addLayout(buttons);

    trouble_ = new TextLabel(Role::warning);
    trouble_->setObjectName(shelf_.key + QStringLiteral("Trouble"));
    trouble_->hide();
    column->addWidget(trouble_);

    table_ = new DataTable(shelf_.key + QStringLiteral("Table"), shelf_.title);
    table_->setModel(filter_);
    table_->setSortingEnabled(true);
    table_->sortByColumn(0, Qt::AscendingOrder);
    table_->setItemDelegate(new CellEditor(
        [this](const QModelIndex& index) -> QStringList {
            const RequestField* field = model_->field(filter_->mapToSource(index).column());
            return field && field->kind == RequestField::Kind::choice ? field->choices : QStringList();
        },
        table_));
    table_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                            QAbstractItemView::AnyKeyPressed);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setRowButtons({duplicate_, retire_, remove_});
    table_->horizontalHeader()->setStretchLastSection(true);
    connect(table_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, [this] { showChosen(); });
    column->addWidget(table_, 1);
    return panel;
}

QWidget* ShelfPlace::makeDetails() {
    const Look& look = Look::instance();
    details_inside_ = new Panel;
    auto* column = new QVBoxLayout(details_inside_);
    column->setContentsMargins(look.scaled(20), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    name_ = new TextLabel(Role::sentence);
    name_->setObjectName(shelf_.key + QStringLiteral("Name"));
    column->addWidget(name_);
    figures_ = new FigureRow(int(shelf_.figures.size()));
    column->addWidget(figures_);
    form_place_ = new QVBoxLayout;
    column->addLayout(form_place_);
    column->addWidget(new TextLabel(Role::plain, tr("Note")));
    note_ = new QPlainTextEdit;
    note_->setObjectName(shelf_.key + QStringLiteral("Note"));
    note_->setAccessibleName(tr("Note"));
    note_->setTabChangesFocus(true);
    note_->setFixedHeight(look.scaled(64));
    connect(note_, &QPlainTextEdit::textChanged, this, [this] {
        if (shown_ && shelf_.note(*shown_) != note_->toPlainText()) shelf_.setNote(*shown_, note_->toPlainText());
    });
    column->addWidget(note_);
    column->addStretch(1);
    auto* scroll = new ScrollColumn(details_inside_);
    scroll->setMinimumWidth(look.scaled(330));
    return scroll;
}

std::optional<Id> ShelfPlace::chosen() const {
    const QModelIndex at = filter_->mapToSource(table_->currentIndex());
    return at.isValid() ? std::optional(model_->idAt(at.row())) : std::nullopt;
}

void ShelfPlace::choose(Id id) {
    const int row = model_->rowOf(id);
    if (row < 0) return;
    table_->setCurrentIndex(filter_->mapFromSource(model_->index(row, 0)));
    table_->scrollTo(table_->currentIndex());
}

void ShelfPlace::refresh() {
    const auto before = shown_;
    model_->refresh();
    pages_->setCurrentIndex(model_->rowCount() == 0 ? 0 : 1);
    if (model_->rowCount() > 0 && (fitted_.empty() || fitted_ == table_->columnWidths())) {
        // Until the pilot draws a column wider or narrower; afterwards the widths are his.
        table_->fitColumns();
        fitted_ = table_->columnWidths();
    }
    // Only where it has moved: setting the current cell closes an editor, and one may be handing in its text just
    // now.
    if (before && chosen() != before) choose(*before);
    if (!table_->currentIndex().isValid() && filter_->rowCount() > 0) table_->setCurrentIndex(filter_->index(0, 0));
    showChosen();
    showCount();
}

void ShelfPlace::showCount() {
    int retired = 0;
    for (int row = 0; row < model_->rowCount(); ++row) retired += shelf_.retired(model_->idAt(row)) ? 1 : 0;
    const int flown = model_->rowCount() - retired;
    const int all = shows_retired_->isChecked() ? model_->rowCount() : flown;
    const QString count = shelf_.count_text(flown, retired);
    count_->setWords(filter_->rowCount() < all
                         ? tr("%1; %2 shown", "count, those found").arg(count).arg(filter_->rowCount())
                         : count);
}

void ShelfPlace::showChosen() {
    const auto id = chosen();
    for (QPushButton* button : {duplicate_, retire_, remove_}) button->setEnabled(id.has_value());
    details_inside_->setEnabled(id.has_value());
    if (!id) {
        shown_.reset();
        name_->setWords(tr("Nothing is selected."));
        delete form_;
        form_ = nullptr;
        figures_->hide();
        return;
    }
    const bool retired = shelf_.retired(*id);
    retire_->setText(retired ? tr("Return to use") : tr("Retire"));
    remove_->setEnabled(!shelf_.isUsed(*id));
    remove_->setToolTip(shelf_.isUsed(*id) ? tr("Flights or plans refer to it; retire it instead.") : QString());
    const auto fields = shelf_.fields(Look::instance().quantities());
    name_->setWords(QStringLiteral("<b>%1</b>").arg(fields.front().written(shelf_.request(*id)).toHtmlEscaped()));
    figures_->show();
    for (std::size_t i = 0; i < shelf_.figures.size(); ++i) {
        figures_->figures()[i]->setExplanation(shelf_.figures[i].explanation(*id), shelf_.figures[i].header);
    }
    figures_->layOutAgain();
    if (shown_ != id) {
        shown_ = id;
        trouble_->hide();
        delete form_;
        const FormSubject subject{
            [this, id] { return shelf_.request(*id); },
            [this, id](const mission::PlanRequest& request) { return shelf_.set(*id, request); }};
        auto all = fields;
        if (shelf_.more_fields) {
            for (auto& field : shelf_.more_fields(Look::instance().quantities())) all.push_back(std::move(field));
        }
        form_ = new FieldForm(all, subject);
        form_place_->addWidget(form_);
    } else {
        form_->refresh();
    }
    if (note_->toPlainText() != shelf_.note(*id)) note_->setPlainText(shelf_.note(*id));
}

void ShelfPlace::add() {
    const Id id = shelf_.add();
    find_->clear();
    choose(id);
    pages_->setCurrentIndex(1);
    // Its name first.
    if (auto* name = form_ ? form_->findChild<QLineEdit*>() : nullptr) {
        name->setFocus();
        name->selectAll();
    }
}

void ShelfPlace::duplicate() {
    if (const auto id = chosen()) choose(shelf_.duplicate(*id));
}

void ShelfPlace::retire() {
    const auto id = chosen();
    if (!id) return;
    const bool retired = shelf_.retired(*id);
    const QString name = shelf_.fields(Look::instance().quantities()).front().written(shelf_.request(*id));
    shelf_.retire(*id, !retired);
    if (!retired)
        emit said(
            tr("%1 was retired: kept for its flights, not offered for new ones. Ctrl+Z undoes it.").arg(name));
}

void ShelfPlace::remove() {
    const auto id = chosen();
    if (!id || shelf_.isUsed(*id)) return;
    const QString name = shelf_.fields(Look::instance().quantities()).front().written(shelf_.request(*id));
    shelf_.remove(*id);
    emit said(tr("%1 was removed. Ctrl+Z restores it.").arg(name));
}

} // namespace sobremesa::app
