#include "app/places/debrief/columns_sheet.hpp"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <QScrollArea>

#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/text_labels.hpp"
#include "io/log_file.hpp"
#include "wording/columns.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

namespace {

/// First values shown of a column.
constexpr std::size_t values_shown = 3;
/// Rows of a sheet that one still reads; a file of ten thousand columns is no log.
constexpr std::size_t most_columns = 300;

QString first_values(const io::CsvHead& head, std::size_t column) {
    QStringList values;
    for (const auto& row : head.first_rows) {
        if (column < row.size() && std::size_t(values.size()) < values_shown)
            values << QString::fromStdString(row[column]).left(24);
    }
    return values.join(QStringLiteral("   "));
}

} // namespace

ColumnsSheet::ColumnsSheet(const QString& path, io::CsvHead head, QWidget* parent)
    : QDialog(parent), path_(path), head_(std::move(head)), state_(new TextLabel(Role::quiet)),
      take_(new QPushButton(tr("Read with these columns"))) {
    const Look& look = Look::instance();
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("columnsSheet"));
    setWindowTitle(tr("Columns of %1").arg(wording::file_title(path.toStdString())));
    resize(look.scaled(900), look.scaled(560));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(look.scaled(20), look.scaled(16), look.scaled(20), look.scaled(16));
    column->addWidget(new TextLabel(Role::heading, tr("What each column is")));
    column->addWidget(new TextLabel(
        Role::quiet,
        head_.header_line.empty()
            ? tr("Correct what is wrong. The answer holds for this log, and is kept with it when it is filed.")
            : tr("Correct what the program guessed wrong. The answer is remembered for logs with this header.")));

    auto* inside = new Panel;
    auto* grid = new QGridLayout(inside);
    grid->setHorizontalSpacing(look.scaled(14));
    grid->setVerticalSpacing(look.scaled(6));
    int line = 0;
    const QString heads[] = {tr("in the file"), tr("first values"), tr("meaning"), tr("unit"), tr("read as")};
    for (const QString& text : heads) grid->addWidget(new TextLabel(Role::quiet, text), 0, line++);
    const auto meanings = io::column_meanings();
    const std::size_t shown = std::min(head_.columns.size(), most_columns);
    rows_.resize(shown);
    for (std::size_t i = 0; i < shown; ++i) {
        Row& row = rows_[i];
        row.found = io::choice_of(head_.columns[i]);
        row.changed = head_.columns[i].chosen;
        const int at = int(i) + 1;
        const QString header = QString::fromStdString(row.found.header);
        auto* name = new TextLabel(Role::plain, header.isEmpty() ? tr("(no name)") : header);
        name->setWordWrap(false);
        grid->addWidget(name, at, 0);
        auto* values = new TextLabel(Role::quiet, first_values(head_, i));
        values->setElided();
        values->setMinimumWidth(look.scaled(160));
        grid->addWidget(values, at, 1);
        row.meaning = new ChoiceBox;
        row.meaning->setObjectName(QStringLiteral("meaning%1").arg(i));
        row.meaning->setAccessibleName(tr("What “%1” is").arg(header));
        row.meaning->setMinimumHeight(look.scaled(26));
        for (const std::string& word : meanings)
            row.meaning->addItem(wording::column_meaning(word), QString::fromStdString(word));
        row.meaning->setCurrentIndex(row.meaning->findData(QString::fromStdString(row.found.meaning)));
        grid->addWidget(row.meaning, at, 2);
        row.unit = new ChoiceBox;
        row.unit->setObjectName(QStringLiteral("unit%1").arg(i));
        row.unit->setAccessibleName(tr("Unit of “%1”").arg(header));
        row.unit->setMinimumHeight(look.scaled(26));
        grid->addWidget(row.unit, at, 3);
        row.read = new TextLabel(Role::plain);
        row.read->setWordWrap(false);
        grid->addWidget(row.read, at, 4);
        fillUnits(i);
        row.unit->setCurrentIndex(std::max(0, row.unit->findText(QString::fromStdString(row.found.unit))));
        connect(row.meaning, &QComboBox::activated, this, [this, i] {
            fillUnits(i);
            changed(i);
        });
        connect(row.unit, &QComboBox::activated, this, [this, i] { changed(i); });
    }
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(4, 1);
    grid->setRowStretch(int(shown) + 1, 1);
    auto* scroll = new QScrollArea;
    scroll->setWidget(inside);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    column->addWidget(scroll, 1);

    auto* buttons = new QHBoxLayout;
    state_->setObjectName(QStringLiteral("columnsState"));
    buttons->addWidget(state_, 1);
    auto* leave = new QPushButton(tr("Cancel"));
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    buttons->addWidget(leave);
    take_->setObjectName(QStringLiteral("takeColumnsButton"));
    connect(take_, &QPushButton::clicked, this, [this] {
        emit chosen(path_, head_, choices());
        accept();
    });
    buttons->addWidget(take_);
    column->addLayout(buttons);
    showReading();
}

void ColumnsSheet::fillUnits(std::size_t i) {
    Row& row = rows_[i];
    row.unit->clear();
    for (const std::string& unit : io::column_units(row.meaning->currentData().toString().toStdString()))
        row.unit->addItem(QString::fromStdString(unit));
    row.unit->setVisible(row.unit->count() > 1);
}

void ColumnsSheet::changed(std::size_t i) {
    rows_[i].changed = true;
    showReading();
}

std::vector<telemetry::ColumnChoice> ColumnsSheet::choices() const {
    std::vector<telemetry::ColumnChoice> choices;
    for (const Row& row : rows_) {
        if (!row.changed || row.found.header.empty()) continue;
        choices.push_back({row.found.header, row.meaning->currentData().toString().toStdString(),
                           row.unit->currentText().toStdString()});
    }
    return choices;
}

void ColumnsSheet::showReading() {
    // The same reading that the log will get: a preview that understands otherwise would be worse than none.
    const auto again = io::read_head_of_log(path_.toStdString(), choices());
    take_->setEnabled(again.has_value());
    if (!again) {
        state_->setWords(wording::message(again.error()));
        return;
    }
    for (std::size_t i = 0; i < rows_.size() && i < again->columns.size(); ++i)
        rows_[i].read->setWords(wording::column_reading(again->columns[i], again->first_rows, i));
    const bool timed = io::tell_time(again->columns);
    state_->setWords(timed ? QString() : tr("No column is a time yet; a log needs one."));
    take_->setEnabled(timed);
}

} // namespace sobremesa::app
