#include "app/places/logbook/notebook_sheet.hpp"

#include <algorithm>

#include <QApplication>
#include <QClipboard>
#include <QDateTime>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/places/logbook/all_flown_with.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_editor.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "io/text_number.hpp"
#include "session/notebook.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using io::HandField;
using units::Quantity;

namespace {

/// A column: what it holds, its head, and in which quantity's unit its bare numbers are; none: as `io` has it.
struct NotebookColumn {
    HandField field;
    const char* head;
    std::optional<Quantity> measured_as;
};

/// By how often a notebook has them: what is written most needs the fewest keys.
constexpr NotebookColumn notebook_columns[] = {
    {HandField::date, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "date"), {}},
    {HandField::duration, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "time"), {}},
    {HandField::used, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "used"), Quantity::counted_charge},
    {HandField::distance, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "distance"),
     Quantity::ground_distance},
    {HandField::recharged, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "recharged"),
     Quantity::recharged_charge},
    {HandField::lowest_volts, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "lowest"), {}},
    {HandField::highest_current, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "highest"), {}},
    {HandField::highest_speed, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "fastest"),
     Quantity::highest_ground_speed},
    {HandField::farthest, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "farthest"),
     Quantity::ground_distance},
    {HandField::resting_volts, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "at rest"), {}},
    {HandField::rest, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "after"), {}},
    {HandField::wind, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "wind"), Quantity::wind_speed},
    {HandField::readings, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "on the way"), {}},
    {HandField::clock, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "launch"), {}},
    {HandField::aircraft, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "aircraft"), {}},
    {HandField::pack, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "pack"), {}},
    {HandField::name, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "flight"), {}},
    {HandField::note, QT_TRANSLATE_NOOP("sobremesa::app::NotebookModel", "note"), {}},
};
constexpr int date_at = 0;

int column_of(HandField field) {
    const auto* const found = std::find_if(std::begin(notebook_columns), std::end(notebook_columns),
                                           [&](const NotebookColumn& column) { return column.field == field; });
    return found == std::end(notebook_columns) ? -1 : int(found - std::begin(notebook_columns));
}

bool holds_words(HandField field) {
    return field == HandField::date || field == HandField::clock || field == HandField::aircraft ||
           field == HandField::pack || field == HandField::name || field == HandField::readings ||
           field == HandField::note;
}

QString unit_of(const NotebookColumn& column) {
    if (column.measured_as) return Look::instance().quantities().notation(*column.measured_as).unit;
    switch (column.field) {
    case HandField::duration:
    case HandField::rest: return NotebookModel::tr("min");
    case HandField::lowest_volts:
    case HandField::resting_volts: return NotebookModel::tr("V");
    case HandField::highest_current: return NotebookModel::tr("A");
    default: return {};
    }
}

/// What a bare number of a column is multiplied by.
double scale_of(const NotebookColumn& column) {
    if (column.measured_as) return 1.0 / Look::instance().quantities().notation(*column.measured_as).factor;
    return io::hand_scale(column.field);
}

template <class RecordList>
std::optional<session::Id> id_of(const RecordList& list, const std::string& name, auto title) {
    for (const auto& [id, kept] : list) {
        if (title(kept).compare(QString::fromStdString(name), Qt::CaseInsensitive) == 0) return id;
    }
    return std::nullopt;
}

QString title_of(const book::KeptAircraft& kept) {
    return wording::title(kept.aircraft);
}
QString title_of(const book::KeptPack& kept) {
    return wording::title(kept.pack);
}

template <class RecordList>
QStringList titles_of(const RecordList& list) {
    QStringList titles = {QString()};
    for (const auto& [id, kept] : list) titles << title_of(kept);
    return titles;
}

} // namespace

bool NotebookModel::Row::empty() const {
    return std::all_of(cells.begin(), cells.end(), [](const QString& cell) { return cell.isEmpty(); });
}

NotebookModel::NotebookModel(const session::Workspace& workspace, QObject* parent)
    : QAbstractTableModel(parent), workspace_(workspace), rows_({blank()}) {}

NotebookModel::Row NotebookModel::blank() const {
    return {std::vector<QString>(std::size(notebook_columns))};
}

int NotebookModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(rows_.size());
}

int NotebookModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(std::size(notebook_columns));
}

int NotebookModel::firstToWrite(int row) {
    return row == 0 ? date_at : date_at + 1;
}

QVariant NotebookModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    const NotebookColumn& column = notebook_columns[std::size_t(section)];
    if (role == Qt::DisplayRole) {
        const QString unit = unit_of(column);
        return unit.isEmpty() ? tr(column.head)
                              : tr("%1, %2", "head of a column, its unit").arg(tr(column.head), unit);
    }
    if (role == Qt::TextAlignmentRole)
        return int(Qt::AlignVCenter | (holds_words(column.field) ? Qt::AlignLeft : Qt::AlignRight));
    return {};
}

Qt::ItemFlags NotebookModel::flags(const QModelIndex& index) const {
    return QAbstractTableModel::flags(index) | Qt::ItemIsEditable;
}

QVariant NotebookModel::data(const QModelIndex& index, int role) const {
    const auto row = std::size_t(index.row());
    const NotebookColumn& column = notebook_columns[std::size_t(index.column())];
    const QString& text = rows_[row].cells[std::size_t(index.column())];
    switch (role) {
    case Qt::EditRole: return text;
    case Qt::DisplayRole: {
        double seconds = 0.0;
        // A date is shown as it was understood.
        if (column.field != HandField::date || !io::parse_date(text.toStdString(), order_, seconds)) return text;
        return QDateTime::fromSecsSinceEpoch(qint64(seconds), Qt::UTC).toString(QStringLiteral("yyyy-MM-dd"));
    }
    case Qt::TextAlignmentRole:
        return int(Qt::AlignVCenter | (holds_words(column.field) ? Qt::AlignLeft : Qt::AlignRight));
    case Qt::ForegroundRole:
    case Qt::ToolTipRole: {
        if (row >= flights_.size() || !flights_[row] || *flights_[row]) return {};
        const units::Error& error = flights_[row]->error();
        if (error.where.field !=
            headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString().toStdString())
            return {};
        return role == Qt::ToolTipRole ? QVariant(wording::message(error))
                                       : QVariant(Look::instance().theme().warning);
    }
    default: return {};
    }
}

void NotebookModel::put(int row, int column, const QString& text) {
    while (std::size_t(row) >= rows_.size()) rows_.push_back(blank());
    Row& here = rows_[std::size_t(row)];
    // Flights of one day stand below each other.
    const bool begins = here.empty() && column != date_at && row > 0;
    if (begins && !text.isEmpty()) here.cells[date_at] = rows_[std::size_t(row) - 1].cells[date_at];
    here.cells[std::size_t(column)] = text.simplified();
}

bool NotebookModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || !index.isValid()) return false;
    put(index.row(), index.column(), value.toString());
    read();
    emit dataChanged(this->index(0, 0), this->index(rowCount() - 1, columnCount() - 1));
    if (!rows_.back().empty()) {
        beginInsertRows({}, rowCount(), rowCount());
        rows_.push_back(blank());
        flights_.emplace_back();
        endInsertRows();
    }
    emit changed();
    return true;
}

QStringList NotebookModel::choices(const QModelIndex& index) const {
    switch (notebook_columns[std::size_t(index.column())].field) {
    case HandField::aircraft: return titles_of(workspace_.library().aircraft);
    case HandField::pack: return titles_of(workspace_.library().packs);
    default: return {};
    }
}

void NotebookModel::paste(const QString& text, const QModelIndex& at) {
    const io::HandTable table = io::hand_table(text.toStdString());
    const int from_row = at.isValid() ? at.row() : rowCount() - 1;
    const int from_column = at.isValid() ? at.column() : 0;
    for (std::size_t r = 0; r < table.rows.size(); ++r) {
        const auto& cells = table.rows[r].cells;
        for (std::size_t c = 0; c < cells.size(); ++c) {
            const bool headed = c < table.fields.size();
            const int column = headed ? column_of(table.fields[c]) : from_column + int(c);
            if (column < 0 || column >= columnCount() || (!table.fields.empty() && !headed)) continue;
            QString cell = QString::fromStdString(cells[c]);
            const NotebookColumn& here = notebook_columns[std::size_t(column)];
            // In the unit of this column, where the copied head names another.
            if (headed && !holds_words(here.field) && table.scales[c] != scale_of(here)) {
                constexpr int decimals = 6;
                if (const auto number = io::number_from_text(cells[c])) {
                    cell = QString::fromStdString(
                        io::shortest_text(*number * table.scales[c] / scale_of(here), decimals));
                }
            }
            put(from_row + int(r), column, cell);
        }
    }
    readAnew();
}

void NotebookModel::removeRow(int row) {
    rows_.erase(rows_.begin() + row);
    readAnew();
}

void NotebookModel::show(const book::KeptFlight& flight) {
    const book::HandFigures hand = flight.by_hand.value_or(book::HandFigures());
    const auto figure = [&](HandField field, const std::optional<double>& value, int decimals) {
        const int column = column_of(field);
        if (!value) return;
        const NotebookColumn& here = notebook_columns[std::size_t(column)];
        const int digits =
            here.measured_as ? Look::instance().quantities().notation(*here.measured_as).decimals : decimals;
        put(0, column, QString::fromStdString(io::text_from_number(*value / scale_of(here), digits)));
    };
    if (flight.start_clock_s) {
        const QDateTime begun = QDateTime::fromSecsSinceEpoch(qint64(*flight.start_clock_s), Qt::UTC);
        put(0, date_at, begun.toString(QStringLiteral("yyyy-MM-dd")));
        if (begun.time() != QTime(0, 0))
            put(0, column_of(HandField::clock), begun.toString(QStringLiteral("HH:mm")));
    }
    figure(HandField::duration, hand.duration_s, 1);
    figure(HandField::used, hand.charge_ah, 0);
    figure(HandField::distance, hand.ground_m, 2);
    figure(HandField::recharged, flight.recharged_ah, 0);
    figure(HandField::lowest_volts, hand.lowest_voltage_v, 2);
    figure(HandField::highest_current, hand.highest_current_a, 1);
    figure(HandField::highest_speed, hand.highest_speed_mps, 1);
    figure(HandField::farthest, hand.farthest_m, 2);
    figure(HandField::resting_volts, flight.rested_cell_v, 2);
    figure(HandField::rest, flight.rest_s, 0);
    figure(HandField::wind, hand.wind_mps, 1);
    put(0, column_of(HandField::readings), QString::fromStdString(io::text_of_readings(hand.readings)));
    put(0, column_of(HandField::name), QString::fromStdString(flight.name));
    put(0, column_of(HandField::note), QString::fromStdString(flight.note));
    readAnew();
}

void NotebookModel::setDateOrder(io::DateOrder order) {
    order_said_ = order;
    readAnew();
}

void NotebookModel::setFlown(const book::KeptFlight& flown) {
    flown_ = flown;
    readAnew();
}

units::Result<book::KeptFlight> NotebookModel::made(std::size_t row) const {
    std::vector<io::HandCell> cells;
    for (int c = 0; c < columnCount(); ++c) {
        const NotebookColumn& column = notebook_columns[std::size_t(c)];
        cells.push_back({column.field, rows_[row].cells[std::size_t(c)].toStdString(), scale_of(column),
                         headerData(c, Qt::Horizontal, Qt::DisplayRole).toString().toStdString()});
    }
    units::Where where;
    where.line = std::int64_t(row) + 1;
    auto hand = io::hand_flight(cells, order_, where);
    if (!hand) return tl::unexpected(hand.error());
    const auto& library = workspace_.library();
    std::optional<session::Id> aircraft;
    std::optional<session::Id> pack;
    const auto unknown = [&](HandField field, const std::string& name, QStringList all) {
        all.removeFirst();
        where.field = headerData(column_of(field), Qt::Horizontal, Qt::DisplayRole).toString().toStdString();
        return units::failure(units::ErrorCode::word_unknown, where,
                              {{"word", name}, {"allowed", all.join(QStringLiteral(", ")).toStdString()}});
    };
    if (!hand->aircraft.empty()) {
        aircraft = id_of(library.aircraft, hand->aircraft, [](const auto& kept) { return title_of(kept); });
        if (!aircraft) return unknown(HandField::aircraft, hand->aircraft, titles_of(library.aircraft));
    }
    if (!hand->pack.empty()) {
        pack = id_of(library.packs, hand->pack, [](const auto& kept) { return title_of(kept); });
        if (!pack) return unknown(HandField::pack, hand->pack, titles_of(library.packs));
    }
    return session::made_by_hand(workspace_, *hand, flown_, aircraft, pack);
}

void NotebookModel::read() {
    std::vector<std::string> dates;
    dates.reserve(rows_.size());
    for (const Row& row : rows_) dates.push_back(row.cells[date_at].toStdString());
    order_ = io::hand_date_order(dates, &doubtful_);
    if (order_said_ && doubtful_) order_ = *order_said_;
    flights_.clear();
    for (std::size_t i = 0; i < rows_.size(); ++i)
        flights_.push_back(rows_[i].empty() ? std::nullopt : std::optional(made(i)));
}

void NotebookModel::readAnew() {
    beginResetModel();
    std::erase_if(rows_, [](const Row& row) { return row.empty(); });
    rows_.push_back(blank());
    read();
    endResetModel();
    emit changed();
}

NotebookSheet::NotebookSheet(session::Workspace& workspace, std::optional<session::Id> changed, QWidget* parent)
    : QDialog(parent), workspace_(workspace), changed_(changed), model_(new NotebookModel(workspace, this)),
      table_(new DataTable(QStringLiteral("notebookTable"), tr("Flights without a log"))),
      flown_with_(new AllFlownWith(workspace, QStringLiteral("notebook"))), order_(new ChoiceBox),
      trouble_(new TextLabel(Role::warning)), state_(new TextLabel(Role::quiet)), file_(new QPushButton) {
    const Look& look = Look::instance();
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("notebookSheet"));
    setWindowTitle(tr("Flights without a log"));
    resize(look.scaled(1120), look.scaled(600));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(look.scaled(20), look.scaled(16), look.scaled(20), look.scaled(16));
    column->setSpacing(look.scaled(8));
    column->addWidget(new TextLabel(Role::heading, tr("From your notebook")));
    column->addWidget(new TextLabel(
        Role::quiet,
        tr("One row per flight; enter only what you know. Tab moves on, Enter starts the next flight, and rows "
           "copied from a spreadsheet can be pasted. “Lowest” is the pack's voltage, “at rest” a cell's. “On the "
           "way” takes what the screen showed: 5 min 410 mAh 15.9 V; 10 min 830 mAh.")));
    table_->setModel(model_);
    table_->setSelectionBehavior(QAbstractItemView::SelectItems);
    table_->setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::DoubleClicked |
                            QAbstractItemView::SelectedClicked | QAbstractItemView::EditKeyPressed);
    table_->setTabKeyNavigation(true);
    table_->horizontalHeader()->setSectionsMovable(false);
    auto* editor = new CellEditor([this](const QModelIndex& index) { return model_->choices(index); }, table_);
    table_->setItemDelegate(editor);
    // Enter in a cell ends the flight.
    connect(editor, &QAbstractItemDelegate::closeEditor, this,
            [this](QWidget*, QAbstractItemDelegate::EndEditHint hint) {
                if (hint == QAbstractItemDelegate::SubmitModelCache)
                    QMetaObject::invokeMethod(this, &NotebookSheet::nextFlight, Qt::QueuedConnection);
            });
    table_->installEventFilter(this);
    column->addWidget(table_, 1);
    trouble_->setObjectName(QStringLiteral("notebookTrouble"));
    column->addWidget(trouble_);
    auto* choices = new QHBoxLayout;
    choices->addWidget(flown_with_, 1);
    order_->setObjectName(QStringLiteral("notebookDateOrder"));
    order_->setAccessibleName(tr("Order of day and month"));
    order_->addItem(tr("dates: day first"), int(io::DateOrder::day_first));
    order_->addItem(tr("dates: month first"), int(io::DateOrder::month_first));
    choices->addWidget(order_);
    column->addLayout(choices);

    auto* buttons = new QHBoxLayout;
    state_->setObjectName(QStringLiteral("notebookState"));
    buttons->addWidget(state_, 1);
    const auto button = [&](const QString& text, const char* object, auto call) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(object));
        made->setAutoDefault(false);
        connect(made, &QPushButton::clicked, this, call);
        buttons->addWidget(made);
        return made;
    };
    button(tr("Paste"), "notebookPaste", [this] { paste(); });
    auto* remove = button(tr("Remove row"), "notebookRemove", [this] {
        const QModelIndex at = table_->currentIndex();
        if (!at.isValid()) return;
        const int row = at.row();
        model_->removeRow(row);
        table_->setCurrentIndex(model_->index(std::min(row, model_->rowCount() - 1), date_at));
    });
    table_->setRowButtons({remove});
    button(tr("Cancel"), "notebookLeave", [this] { reject(); });
    file_->setObjectName(QStringLiteral("fileNotebook"));
    file_->setAutoDefault(false); // Enter is for the rows
    connect(file_, &QPushButton::clicked, this, &NotebookSheet::fileThem);
    buttons->addWidget(file_);
    column->addLayout(buttons);

    const auto flown = [this] { model_->setFlown(flown_with_->flown()); };
    for (QComboBox* box : flown_with_->findChildren<QComboBox*>()) connect(box, &QComboBox::activated, this, flown);
    connect(order_, &QComboBox::activated, this,
            [this] { model_->setDateOrder(io::DateOrder(order_->currentData().toInt())); });
    connect(model_, &NotebookModel::changed, this, &NotebookSheet::showState);
    if (changed_) {
        const auto& flight = workspace_.library().flights.at(*changed_);
        flown_with_->choose(flight);
        model_->show(flight);
    }
    flown();
    for (int c = 0; c < model_->columnCount(); ++c) {
        const QString head = model_->headerData(c, Qt::Horizontal, Qt::DisplayRole).toString();
        table_->setColumnWidth(
            c, std::max(look.scaled(62), table_->fontMetrics().horizontalAdvance(head) + look.scaled(18)));
    }
    table_->setColumnWidth(date_at, look.scaled(92));
    table_->setColumnWidth(column_of(HandField::readings), look.scaled(260));
    table_->horizontalHeader()->setStretchLastSection(true);
    table_->setCurrentIndex(model_->index(0, 0));
    table_->setFocus();
}

bool NotebookSheet::eventFilter(QObject* watched, QEvent* event) {
    if (watched == table_ && event->type() == QEvent::KeyPress) {
        auto* key = static_cast<QKeyEvent*>(event);
        if (key->matches(QKeySequence::Paste)) {
            paste();
            return true;
        }
        if (key->key() == Qt::Key_Delete && table_->currentIndex().isValid()) {
            model_->setData(table_->currentIndex(), QString());
            return true;
        }
        if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
            // An open editor closes on the same key, and says so itself.
            if (!table_->findChild<QWidget*>(QStringLiteral("cellEditor"))) nextFlight();
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

void NotebookSheet::nextFlight() {
    const int row = std::min(table_->currentIndex().row() + 1, model_->rowCount() - 1);
    table_->setCurrentIndex(model_->index(row, NotebookModel::firstToWrite(row)));
    table_->setFocus();
}

void NotebookSheet::paste() {
    model_->paste(QApplication::clipboard()->text(), table_->currentIndex());
    table_->setCurrentIndex(model_->index(model_->rowCount() - 1, date_at));
}

void NotebookSheet::showState() {
    const auto& flights = model_->flights();
    const units::Error* wrong = nullptr;
    for (const auto& flight : flights) {
        if (flight && !*flight && !wrong) wrong = &flight->error();
    }
    trouble_->setVisible(wrong != nullptr);
    if (wrong) trouble_->setWords(wording::message(*wrong));
    order_->setVisible(model_->datesAreDoubtful());
    order_->setCurrentIndex(order_->findData(int(model_->dateOrder())));
    const int readable = int(std::count_if(flights.begin(), flights.end(), [](const auto& f) { return f && *f; }));
    file_->setText(changed_ ? tr("Save") : tr("File %n flight(s)", nullptr, readable));
    file_->setEnabled(readable > 0 && !wrong && (!changed_ || readable == 1));
    state_->setWords(tr("They count in bests, cycles and calibration, and with a wide error in consumption."));
}

void NotebookSheet::fileThem() {
    std::vector<book::KeptFlight> flights;
    for (const auto& flight : model_->flights()) {
        if (flight && *flight) flights.push_back(**flight);
    }
    if (changed_) {
        const auto filed_now = workspace_.library().flights.find(*changed_);
        if (filed_now != workspace_.library().flights.end())
            (void)workspace_.put(logbook::EditKind::change_flight, *changed_,
                                 session::changed_by_hand(filed_now->second, flights.front()));
        accept();
        return;
    }
    const auto done = session::file_by_hand(workspace_, std::move(flights));
    emit filed(done.filed, done.known);
    accept();
}

} // namespace sobremesa::app
