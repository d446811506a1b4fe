#include "app/places/logbook/many_logs_sheet.hpp"

#include <QDateTime>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/places/logbook/all_flown_with.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/check_delegate.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

namespace {

QString name_of(const session::FoundFlight& flight) {
    const QString name = QFileInfo(QString::fromStdString(flight.path)).fileName();
    return flight.part ? ManyLogsSheet::tr("%1, flight %2").arg(name).arg(*flight.part + 1) : name;
}

QString doubts_of(const session::FoundFlight& flight) {
    if (flight.error) return wording::message(*flight.error);
    QStringList said;
    if (flight.known) said << ManyLogsSheet::tr("already in the logbook");
    for (const auto& doubt : flight.doubts) said << wording::message(doubt, Look::instance().quantities());
    return said.join(QStringLiteral(" "));
}

} // namespace

FoundFlightsModel::FoundFlightsModel(session::ManyLogs& many, QObject* parent) : CellModel(parent), many_(many) {
    connect(&many_, &session::ManyLogs::found, this, &FoundFlightsModel::show);
    connect(&many_, &session::ManyLogs::understood, this, &FoundFlightsModel::show);
    show();
}

void FoundFlightsModel::show() {
    const auto& q = Look::instance().quantities();
    std::vector<std::vector<Cell>> rows;
    for (const auto& flight : many_.flights()) {
        const auto figure = [](const QString& text) {
            Cell cell = text_cell(text);
            cell.figure = true;
            return cell;
        };
        const auto& s = flight.summary;
        const QString dash = QStringLiteral("–");
        const auto charge = telemetry::charge_used_ah(s);
        const QString begun = flight.start_clock_s
                                  ? QDateTime::fromMSecsSinceEpoch(qint64(*flight.start_clock_s * 1000.0), Qt::UTC)
                                        .toString(QStringLiteral("yyyy-MM-dd hh:mm"))
                                  : dash;
        rows.push_back({text_cell(name_of(flight), true), text_cell(begun),
                        figure(flight.error ? dash : q.duration(s.duration_s)),
                        figure(s.distance.ground_m ? q.distance(s.distance.ground_m->value) : dash),
                        figure(charge ? q.charge(charge->value) : dash), text_cell(doubts_of(flight))});
    }
    setCells({tr("flight"), tr("start (log's clock)"), tr("time"), tr("distance"), tr("used"), tr("remarks")},
             std::move(rows));
}

Qt::ItemFlags FoundFlightsModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = CellModel::flags(index);
    const auto row = std::size_t(index.row());
    if (index.column() == 0 && row < many_.flights().size() && !many_.flights()[row].error)
        flags |= Qt::ItemIsUserCheckable;
    return flags;
}

QVariant FoundFlightsModel::data(const QModelIndex& index, int role) const {
    const auto row = std::size_t(index.row());
    if (role == Qt::CheckStateRole && index.column() == 0 && row < many_.flights().size()) {
        if (many_.flights()[row].error) return {};
        return many_.flights()[row].wanted ? Qt::Checked : Qt::Unchecked;
    }
    if (role == Qt::ToolTipRole && index.column() == 5) return CellModel::data(index, Qt::DisplayRole);
    return CellModel::data(index, role);
}

bool FoundFlightsModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::CheckStateRole || index.column() != 0) return false;
    many_.setWanted(std::size_t(index.row()), value.toInt() == Qt::Checked);
    emit dataChanged(index, index, {role});
    emit wantedChanged();
    return true;
}

ManyLogsSheet::ManyLogsSheet(session::Workspace& workspace, const QStringList& paths, QWidget* parent)
    : QDialog(parent), many_(workspace), model_(new FoundFlightsModel(many_, this)),
      table_(new DataTable(QStringLiteral("manyLogsTable"), tr("Flights found"))),
      state_(new TextLabel(Role::quiet)), flown_with_(new AllFlownWith(workspace, QStringLiteral("many"))),
      progress_(new QProgressBar), file_(new QPushButton), leave_(new QPushButton) {
    const Look& look = Look::instance();
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("manyLogsSheet"));
    setWindowTitle(tr("Logs to file"));
    resize(look.scaled(1000), look.scaled(600));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(look.scaled(20), look.scaled(16), look.scaled(20), look.scaled(16));
    column->addWidget(new TextLabel(Role::heading, tr("What the logs hold")));
    column->addWidget(new TextLabel(Role::quiet, tr("Flights already in the logbook are not filed twice. Stopping "
                                                    "loses nothing: add the same files again to continue.")));
    table_->setModel(model_);
    table_->setItemDelegateForColumn(0, new CheckDelegate(table_));
    column->addWidget(table_, 1);

    column->addWidget(flown_with_);

    progress_->setRange(0, 1000);
    progress_->setTextVisible(false);
    column->addWidget(progress_);
    auto* buttons = new QHBoxLayout;
    state_->setObjectName(QStringLiteral("manyLogsState"));
    buttons->addWidget(state_, 1);
    leave_->setObjectName(QStringLiteral("manyLogsLeave"));
    leave_->setAutoDefault(false);
    connect(leave_, &QPushButton::clicked, this, [this] {
        if (many_.is_running())
            many_.cancel();
        else
            reject();
    });
    buttons->addWidget(leave_);
    file_->setObjectName(QStringLiteral("fileManyLogs"));
    file_->setAutoDefault(true); // the only one: Enter files
    connect(file_, &QPushButton::clicked, this, &ManyLogsSheet::fileThem);
    buttons->addWidget(file_);
    column->addLayout(buttons);

    connect(&many_, &session::ManyLogs::progressed, this,
            [this](double share) { progress_->setValue(int(1000.0 * share)); });
    connect(&many_, &session::ManyLogs::found, this, &ManyLogsSheet::showState);
    connect(&many_, &session::ManyLogs::understood, this, [this] {
        table_->fitColumns(200, 320);
        table_->horizontalHeader()->setStretchLastSection(true);
        showState();
    });
    connect(model_, &FoundFlightsModel::wantedChanged, this, &ManyLogsSheet::showState);
    connect(&many_, &session::ManyLogs::refused, this, &ManyLogsSheet::refused);
    connect(&many_, &session::ManyLogs::filed, this, [this](int flights) {
        filing_ = false;
        showState();
        emit filed(flights);
        if (flights > 0) accept();
    });
    std::vector<std::string> all;
    for (const QString& path : paths) all.push_back(path.toStdString());
    // Begun from the event loop: what is refused at once is still heard.
    QMetaObject::invokeMethod(
        this,
        [this, all] {
            many_.understand(all, flown_with_->flown().flown.pack.series);
            showState();
        },
        Qt::QueuedConnection);
    showState();
}

void ManyLogsSheet::fileThem() {
    filing_ = true;
    many_.file(flown_with_->flown());
    showState();
}

void ManyLogsSheet::showState() {
    const auto& flights = many_.flights();
    const auto count = [&](auto is) { return int(std::count_if(flights.begin(), flights.end(), is)); };
    const int wanted = count([](const auto& f) { return f.wanted && !f.error; });
    const int known = count([](const auto& f) { return f.known; });
    const int broken = count([](const auto& f) { return f.error.has_value(); });
    const bool running = many_.is_running();
    progress_->setVisible(running);
    leave_->setText(running ? tr("Stop") : tr("Cancel"));
    file_->setText(tr("File %n flight(s)", nullptr, wanted));
    file_->setEnabled(!running && wanted > 0);
    if (running)
        state_->setWords(filing_ ? tr("Filing …") : tr("Reading … flights so far: %1").arg(flights.size()));
    else
        state_->setWords(
            tr("found: %1, already known: %2, unusable: %3").arg(flights.size()).arg(known).arg(broken));
}

} // namespace sobremesa::app
