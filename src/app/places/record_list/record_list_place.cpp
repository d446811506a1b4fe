#include "app/places/record_list/record_list_place.hpp"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScopedValueRollback>
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
#include "app/widgets/section.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

RecordListPlace::RecordListPlace(RecordList record_list, QWidget* parent)
    : QWidget(parent), record_list_(std::move(record_list)), model_(new RecordListModel(record_list_, this)),
      filter_(new RecordListFilter(*model_, this)), pages_(new QStackedLayout(this)) {
    setObjectName(record_list_.key + QStringLiteral("Place"));
    pages_->addWidget(makeEmpty());
    auto* fold = new Fold;
    QWidget* table = makeRecordList();
    QWidget* details = makeDetails();
    fold->addPane(record_list_.title, table);
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
    connect(model_, &RecordListModel::refused, this, [this](const QModelIndex&, const QString& words) {
        trouble_->setWords(words);
        trouble_->show();
    });
    connect(&Look::instance(), &Look::changed, this, [this] {
        shown_.reset();
        showChosen();
    });
    refresh();
}

QWidget* RecordListPlace::makeEmpty() {
    const Look& look = Look::instance();
    auto* page = new Panel;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(look.scaled(60), look.scaled(60), look.scaled(60), look.scaled(40));
    column->setSpacing(look.scaled(12));
    auto* sentence = new TextLabel(Role::sentence, record_list_.empty_sentence);
    sentence->setMaximumWidth(look.scaled(620));
    column->addWidget(sentence);
    auto* hint = new TextLabel(Role::quiet, record_list_.empty_hint);
    hint->setMaximumWidth(look.scaled(620));
    column->addWidget(hint);
    auto* button = new QPushButton(record_list_.add_text);
    button->setObjectName(record_list_.key + QStringLiteral("FirstButton"));
    connect(button, &QPushButton::clicked, this, &RecordListPlace::add);
    column->addWidget(button, 0, Qt::AlignLeft);
    column->addStretch(1);
    return page;
}

QWidget* RecordListPlace::makeRecordList() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(16), look.scaled(8));
    column->setSpacing(look.scaled(8));
    auto* top = new QHBoxLayout;
    top->addWidget(new TextLabel(Role::heading, record_list_.title));
    count_ = new TextLabel(Role::quiet);
    count_->setWordWrap(false);
    count_->setObjectName(record_list_.key + QStringLiteral("Count"));
    top->addWidget(count_);
    top->addStretch(1);
    find_ = new QLineEdit;
    find_->setObjectName(record_list_.key + QStringLiteral("Find"));
    find_->setPlaceholderText(record_list_.filter_hint);
    find_->setAccessibleName(record_list_.filter_hint);
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
    buttons->add(record_list_.add_text, record_list_.key + QLatin1String("Add"), this, [this] { add(); });
    duplicate_ =
        buttons->add(tr("Duplicate"), record_list_.key + QLatin1String("Duplicate"), this, [this] { duplicate(); });
    retire_ = buttons->add(tr("Retire"), record_list_.key + QLatin1String("Retire"), this, [this] { retire(); });
    remove_ = buttons->add(tr("Remove"), record_list_.key + QLatin1String("Remove"), this, [this] { remove(); });
    buttons->addStretch(1);
    shows_retired_ = new QCheckBox(tr("Show retired"));
    shows_retired_->setMinimumHeight(look.scaled(26));
    shows_retired_->setObjectName(record_list_.key + QStringLiteral("ShowRetired"));
    connect(shows_retired_, &QCheckBox::toggled, this, [this](bool on) {
        filter_->setShowsRetired(on);
        showCount();
    });
    buttons->addWidget(shows_retired_);
    column->addLayout(buttons);

    trouble_ = new TextLabel(Role::warning);
    trouble_->setObjectName(record_list_.key + QStringLiteral("Trouble"));
    trouble_->hide();
    column->addWidget(trouble_);

    table_ = new DataTable(record_list_.key + QStringLiteral("Table"), record_list_.title);
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
    under_table_ = new QVBoxLayout;
    column->addLayout(under_table_, 1);
    return panel;
}

QWidget* RecordListPlace::makeDetails() {
    const Look& look = Look::instance();
    details_inside_ = new Panel;
    auto* column = new QVBoxLayout(details_inside_);
    column->setContentsMargins(look.scaled(20), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    name_ = new TextLabel(Role::sentence);
    name_->setObjectName(record_list_.key + QStringLiteral("Name"));
    column->addWidget(name_);
    figures_ = new FigureRow(int(record_list_.figures.size()));
    column->addWidget(figures_);
    entered_ = new Section(record_list_.key + QStringLiteral("Entered"), tr("Entered"));
    column->addWidget(entered_);
    measured_ = new Section(record_list_.key + QStringLiteral("Measured"), tr("Measured"));
    measured_words_ = new TextLabel(Role::plain);
    measured_words_->setObjectName(record_list_.key + QStringLiteral("MeasuredWords"));
    measured_->inside()->addWidget(measured_words_);
    column->addWidget(measured_);
    assumed_ = new Section(record_list_.key + QStringLiteral("Assumed"), tr("Left open, assumed"));
    assumed_->inside()->addWidget(new TextLabel(
        Role::quiet, tr("What you type here counts from then on; a field you clear is assumed again.")));
    column->addWidget(assumed_);
    column->addWidget(new TextLabel(Role::plain, tr("Note")));
    note_ = new QPlainTextEdit;
    note_->setObjectName(record_list_.key + QStringLiteral("Note"));
    note_->setAccessibleName(tr("Note"));
    note_->setTabChangesFocus(true);
    note_->setFixedHeight(look.scaled(64));
    connect(note_, &QPlainTextEdit::textChanged, this, [this] {
        if (shown_ && record_list_.note(*shown_) != note_->toPlainText())
            record_list_.setNote(*shown_, note_->toPlainText());
    });
    column->addWidget(note_);
    column->addStretch(1);
    auto* scroll = new ScrollColumn(details_inside_);
    scroll->setMinimumWidth(look.scaled(330));
    return scroll;
}

void RecordListPlace::setPicture(QWidget* picture, const char* heading_object) {
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(Look::instance().scaled(6));
    picture_heading_ = new TextLabel(TextLabel::Role::heading);
    picture_heading_->setObjectName(QLatin1String(heading_object));
    column->addWidget(picture_heading_);
    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(picture);
    column->addStretch(1);
    picture_ = new ScrollColumn(inside);
    under_table_->addWidget(picture_, 1);
    givePictureRoom();
}

void RecordListPlace::setPictureHeading(const QString& words) {
    picture_heading_->setWords(words);
    picture_heading_->setVisible(!words.isEmpty());
}

/// The table goes first: below this height it needs what there is.
void RecordListPlace::givePictureRoom() {
    constexpr int least_px = 460;
    if (picture_) picture_->setVisible(height() >= Look::instance().scaled(least_px));
}

void RecordListPlace::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    givePictureRoom();
}

/// What nobody looks at is made when somebody does: with a thousand flights the figures take longer than the
/// window.
bool RecordListPlace::seen() {
    if (!isVisible()) due_ = true;
    return isVisible();
}

void RecordListPlace::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (due_) refresh();
}

std::optional<Id> RecordListPlace::chosen() const {
    const QModelIndex at = filter_->mapToSource(table_->currentIndex());
    return at.isValid() ? std::optional(model_->idAt(at.row())) : std::nullopt;
}

void RecordListPlace::choose(Id id) {
    const int row = model_->rowOf(id);
    if (row < 0) return;
    table_->setCurrentIndex(filter_->mapFromSource(model_->index(row, 0)));
    table_->scrollTo(table_->currentIndex());
}

void RecordListPlace::refresh() {
    due_ = false;
    // Also where nobody has seen it yet.
    const auto before = chosen() ? chosen() : shown_;
    model_->refresh();
    pages_->setCurrentIndex(model_->rowCount() == 0 ? 0 : 1);
    if (model_->rowCount() > 0 && seen()) table_->fitUnlessMoved();
    // Only where it has moved: setting the current cell closes an editor, and one may be handing in its text just
    // now.
    if (before && chosen() != before) choose(*before);
    if (!table_->currentIndex().isValid() && filter_->rowCount() > 0) table_->setCurrentIndex(filter_->index(0, 0));
    showChosen();
    showCount();
}

void RecordListPlace::showCount() {
    if (!seen()) return;
    int retired = 0;
    for (int row = 0; row < model_->rowCount(); ++row) retired += record_list_.retired(model_->idAt(row)) ? 1 : 0;
    const int flown = model_->rowCount() - retired;
    const int all = shows_retired_->isChecked() ? model_->rowCount() : flown;
    const QString count = record_list_.count_text(flown, retired);
    count_->setWords(filter_->rowCount() < all
                         ? tr("%1; %2 shown", "count, those found").arg(count).arg(filter_->rowCount())
                         : count);
}

void RecordListPlace::showChosen() {
    if (!seen()) return;
    const auto id = chosen();
    for (QPushButton* button : {duplicate_, retire_, remove_}) button->setEnabled(id.has_value());
    details_inside_->setEnabled(id.has_value());
    if (!id) {
        shown_.reset();
        name_->setWords(tr("Nothing is selected."));
        clearForms();
        figures_->hide();
        return;
    }
    const bool retired = record_list_.retired(*id);
    retire_->setText(retired ? tr("Return to use") : tr("Retire"));
    remove_->setEnabled(!record_list_.isUsed(*id));
    remove_->setToolTip(record_list_.isUsed(*id) ? tr("Flights or plans refer to it; retire it instead.")
                                                 : QString());
    const auto fields = record_list_.fields(Look::instance().quantities());
    name_->setWords(
        QStringLiteral("<b>%1</b>").arg(fields.front().written(record_list_.request(*id)).toHtmlEscaped()));
    figures_->show();
    for (std::size_t i = 0; i < record_list_.figures.size(); ++i) {
        figures_->figures()[i]->setExplanation(record_list_.figures[i].explanation(*id),
                                               record_list_.figures[i].header);
    }
    figures_->layOutAgain();
    const auto all = allFields();
    // A field moves to where it belongs only while nobody types.
    const QWidget* typed_in = details_inside_->focusWidget();
    const bool resting = !handing_in_ && (!typed_in || !typed_in->hasFocus());
    if (shown_ != id || (resting && openFields(*id, all) != open_fields_)) {
        if (shown_ != id) trouble_->hide();
        shown_ = id;
        makeForms(*id, all);
    } else {
        entered_form_->refresh();
        assumed_form_->refresh();
    }
    measured_words_->setWords(record_list_.measured(*id).join(QStringLiteral("<br>")));
    if (note_->toPlainText() != record_list_.note(*id)) note_->setPlainText(record_list_.note(*id));
}

std::vector<RequestField> RecordListPlace::allFields() const {
    auto all = record_list_.fields(Look::instance().quantities());
    if (record_list_.more_fields) {
        for (auto& field : record_list_.more_fields(Look::instance().quantities())) all.push_back(std::move(field));
    }
    return all;
}

std::vector<std::string> RecordListPlace::openFields(Id id, const std::vector<RequestField>& fields) const {
    const auto request = record_list_.request(id);
    std::vector<std::string> open;
    for (const auto& field : fields) {
        if (field.isOpen && field.isOpen(request)) open.push_back(field.path);
    }
    return open;
}

void RecordListPlace::clearForms() {
    delete entered_form_;
    delete assumed_form_;
    entered_form_ = assumed_form_ = nullptr;
}

void RecordListPlace::makeForms(Id id, const std::vector<RequestField>& fields) {
    clearForms();
    const FormSubject subject{[this, id] { return record_list_.request(id); },
                              [this, id](const mission::PlanRequest& request) {
                                  const QScopedValueRollback<bool> handing_in(handing_in_, true);
                                  return record_list_.set(id, request);
                              }};
    open_fields_ = openFields(id, fields);
    std::vector<RequestField> entered, assumed;
    for (const auto& field : fields) {
        const bool open = std::find(open_fields_.begin(), open_fields_.end(), field.path) != open_fields_.end();
        (open ? assumed : entered).push_back(field);
    }
    entered_form_ = new FieldForm(entered, subject);
    entered_->inside()->addWidget(entered_form_);
    assumed_form_ = new FieldForm(assumed, subject);
    assumed_->inside()->addWidget(assumed_form_);
    assumed_->setVisible(!assumed.empty());
}

void RecordListPlace::add() {
    const Id id = record_list_.add();
    find_->clear();
    choose(id);
    pages_->setCurrentIndex(1);
    // Its name first.
    if (auto* name = entered_form_ ? entered_form_->findChild<QLineEdit*>() : nullptr) {
        name->setFocus();
        name->selectAll();
    }
}

void RecordListPlace::duplicate() {
    if (const auto id = chosen()) choose(record_list_.duplicate(*id));
}

void RecordListPlace::retire() {
    const auto id = chosen();
    if (!id) return;
    const bool retired = record_list_.retired(*id);
    const QString name =
        record_list_.fields(Look::instance().quantities()).front().written(record_list_.request(*id));
    record_list_.retire(*id, !retired);
    if (!retired)
        emit said(
            tr("%1 was retired: kept for its flights, not offered for new ones. Ctrl+Z undoes it.").arg(name));
}

void RecordListPlace::remove() {
    const auto id = chosen();
    if (!id || record_list_.isUsed(*id)) return;
    const QString name =
        record_list_.fields(Look::instance().quantities()).front().written(record_list_.request(*id));
    record_list_.remove(*id);
    emit said(tr("%1 was removed. Ctrl+Z restores it.").arg(name));
}

} // namespace sobremesa::app
