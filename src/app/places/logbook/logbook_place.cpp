#include "app/places/logbook/logbook_place.hpp"

#include <algorithm>

#include <QDateTime>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>
#include <QStackedLayout>

#include "app/charts/energy_overlay.hpp"
#include "app/charts/homeward_chart.hpp"
#include "app/map/map_view.hpp"
#include "app/map/track_ways.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/button_row.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/flights_by_hand.hpp"
#include "session/energy_tracks.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using session::Id;
using units::Quantity;

namespace {

/// The log's own clock; which zone it was set to is not known, and not guessed.
QString clock_text(const std::optional<double>& start_s) {
    if (!start_s) return QStringLiteral("–");
    return QDateTime::fromSecsSinceEpoch(qint64(*start_s), Qt::UTC).toString(QStringLiteral("yyyy-MM-dd HH:mm"));
}

constexpr int pictures_px = 230;
constexpr int most_pictures_px = 460;
constexpr int pictures_from_px = 560;
/// More lines than that are a blot.
constexpr std::size_t most_tracks = 300;

} // namespace

FlightFilter::FlightFilter(const session::Workspace& workspace, const std::vector<Id>& ids, QObject* parent)
    : QSortFilterProxyModel(parent), workspace_(workspace), ids_(ids) {}

void FlightFilter::setWanted(const QString& text, std::optional<Id> aircraft, std::optional<Id> pack) {
    wanted_ = text.trimmed();
    aircraft_ = aircraft;
    pack_ = pack;
    invalidateFilter();
}

bool FlightFilter::filterAcceptsRow(int row, const QModelIndex&) const {
    const auto found = workspace_.library().flights.find(ids_[std::size_t(row)]);
    if (found == workspace_.library().flights.end()) return false;
    if (aircraft_ && found->second.aircraft_id != aircraft_) return false;
    if (pack_ && found->second.pack_id != pack_) return false;
    if (wanted_.isEmpty()) return true;
    for (int column = 0; column < sourceModel()->columnCount(); ++column) {
        if (sourceModel()->index(row, column).data().toString().contains(wanted_, Qt::CaseInsensitive)) return true;
    }
    return false;
}

bool FlightFilter::lessThan(const QModelIndex& left, const QModelIndex& right) const {
    const QVariant a = left.data(sort_role);
    const QVariant b = right.data(sort_role);
    if (a.userType() == QMetaType::Double) return a.toDouble() < b.toDouble();
    return compare_as_read(a.toString(), b.toString()) < 0;
}

LogbookPlace::LogbookPlace(session::Workspace& workspace, QWidget* parent)
    : QWidget(parent), workspace_(workspace), model_(new CellModel(this)),
      filter_(new FlightFilter(workspace, ids_, this)), pages_(new QStackedLayout(this)), preview_(workspace) {
    setObjectName(QStringLiteral("logbookPlace"));
    filter_->setSourceModel(model_);
    pages_->addWidget(makeEmpty());
    pages_->addWidget(makeBook());
    // A thousand flights are not made into cells for nobody.
    const auto follow = [this] {
        stale_ = true;
        if (isVisible()) refresh();
    };
    connect(&workspace_, &session::Workspace::flightsChanged, this, follow);
    connect(&workspace_, &session::Workspace::aircraftChanged, this, follow);
    connect(&workspace_, &session::Workspace::packsChanged, this, follow);
    connect(&Look::instance(), &Look::changed, this, &LogbookPlace::refresh);
    connect(&preview_, &session::FlightPreview::pictureChanged, this, &LogbookPlace::showPicture);
    connect(&preview_, &session::FlightPreview::nothingToShow, this, &LogbookPlace::showPicture);
    refresh();
}

QWidget* LogbookPlace::makeEmpty() {
    const Look& look = Look::instance();
    auto* page = new Panel;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(look.scaled(60), look.scaled(60), look.scaled(60), look.scaled(40));
    column->setSpacing(look.scaled(12));
    auto* sentence = new TextLabel(
        Role::sentence, tr("Everything you have flown: how far, how long, on how much energy, and with what."));
    sentence->setMaximumWidth(look.scaled(620));
    column->addWidget(sentence);
    auto* hint = new TextLabel(Role::quiet, tr("Flights come here from Debrief: open a log, say what it was flown "
                                               "with, and file it. The log is kept in full."));
    hint->setMaximumWidth(look.scaled(620));
    column->addWidget(hint);
    auto* buttons = new QHBoxLayout;
    auto* debrief = new QPushButton(tr("Open a log…"));
    debrief->setObjectName(QStringLiteral("logbookDebriefButton"));
    connect(debrief, &QPushButton::clicked, this, &LogbookPlace::debriefWanted);
    buttons->addWidget(debrief);
    auto* notebook = new QPushButton(tr("No log? File by hand…"));
    notebook->setObjectName(QStringLiteral("logbookNotebookButton"));
    connect(notebook, &QPushButton::clicked, this, &LogbookPlace::notebookWanted);
    buttons->addWidget(notebook);
    auto* bring = new QPushButton(tr("Import a logbook…"));
    bring->setObjectName(QStringLiteral("logbookBringInButton"));
    connect(bring, &QPushButton::clicked, this, &LogbookPlace::bringInWanted);
    buttons->addWidget(bring);
    buttons->addStretch(1);
    column->addLayout(buttons);
    column->addStretch(1);
    return page;
}

QWidget* LogbookPlace::makeBook() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(24), look.scaled(8));
    column->setSpacing(look.scaled(8));
    auto* top = new QHBoxLayout;
    top->addWidget(new TextLabel(Role::heading, tr("Logbook")));
    count_ = new TextLabel(Role::quiet);
    count_->setObjectName(QStringLiteral("logbookCount"));
    count_->setWordWrap(false);
    top->addWidget(count_);
    top->addStretch(1);
    const auto choice = [&](const char* object, const QString& spoken) {
        auto* box = new ChoiceBox;
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(spoken);
        box->setMinimumHeight(look.scaled(28));
        box->setMinimumWidth(look.scaled(120));
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(14);
        connect(box, &QComboBox::activated, this, [this] { filter(); });
        top->addWidget(box);
        return box;
    };
    aircraft_ = choice("logbookAircraft", tr("Flights of an aircraft"));
    pack_ = choice("logbookPack", tr("Flights on a pack"));
    find_ = new QLineEdit;
    find_->setObjectName(QStringLiteral("logbookFind"));
    find_->setPlaceholderText(tr("Find a flight"));
    find_->setAccessibleName(tr("Find a flight"));
    find_->setClearButtonEnabled(true);
    find_->setMinimumWidth(look.scaled(100));
    find_->setMaximumWidth(look.scaled(200));
    connect(find_, &QLineEdit::textChanged, this, [this] { filter(); });
    top->addWidget(find_, 1);
    column->addLayout(top);

    bests_ = new FigureRow(5);
    column->addWidget(bests_);
    bests_note_ = new TextLabel(Role::quiet);
    bests_note_->setObjectName(QStringLiteral("bestsNote"));
    column->addWidget(bests_note_);

    table_ = new DataTable(QStringLiteral("logbookTable"), tr("Flights"));
    table_->setModel(filter_);
    table_->setSortingEnabled(true);
    table_->sortByColumn(0, Qt::DescendingOrder);
    table_->horizontalHeader()->setStretchLastSection(true);
    connect(table_, &QTableView::doubleClicked, this, [this] {
        if (!chosen().empty()) emit openWanted(chosen().front());
    });
    column->addWidget(table_, 1);
    column->addWidget(makePictures());

    auto* buttons = new ButtonRow;
    const auto add = [&](const QString& text, const QString& object, auto call) {
        for_chosen_.push_back(buttons->add(text, object, this, call));
    };
    add(tr("Open"), QStringLiteral("logbookOpen"), [this] {
        if (!chosen().empty()) emit openWanted(chosen().front());
    });
    add(tr("Compare…"), QStringLiteral("logbookCompare"), [this] { emit compareWanted(chosen()); });
    add(tr("Re-read logs"), QStringLiteral("logbookReread"), [this] { emit rereadWanted(chosen()); });
    add(tr("Remove"), QStringLiteral("logbookRemove"), [this] { remove(); });
    connect(table_->selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] {
        for (QPushButton* made : for_chosen_) made->setEnabled(!chosen().empty());
        lookAtChosen();
    });
    table_->setRowButtons(for_chosen_);
    buttons->add(tr("File by hand…"), QStringLiteral("logbookByHand"), this, &LogbookPlace::notebookWanted);
    buttons->addStretch(1);
    path_ = new TextLabel(Role::quiet);
    path_->setObjectName(QStringLiteral("logbookPath"));
    path_->setElided();
    path_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    buttons->addWidget(path_, 1);
    column->addLayout(buttons);
    return panel;
}

QWidget* LogbookPlace::makePictures() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    pictures_ = panel;
    panel->setFixedHeight(look.scaled(pictures_px));
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(look.scaled(4));
    picture_words_ = new TextLabel(Role::quiet);
    picture_words_->setObjectName(QStringLiteral("logbookPictureWords"));
    picture_words_->setElided();
    column->addWidget(picture_words_);
    picture_readings_ = new TextLabel(Role::quiet);
    picture_readings_->setObjectName(QStringLiteral("logbookReadings"));
    picture_readings_->setVisible(false);
    column->addWidget(picture_readings_);
    auto* row = new QHBoxLayout;
    row->setSpacing(look.scaled(12));
    map_ = new MapView;
    map_->setObjectName(QStringLiteral("logbookMap"));
    row->addWidget(map_, 2);
    chart_ = new HomewardChart;
    chart_->setObjectName(QStringLiteral("logbookChart"));
    row->addWidget(chart_, 3);
    used_ = new EnergyOverlay;
    used_->setObjectName(QStringLiteral("logbookUsed"));
    used_->setVisible(false);
    row->addWidget(used_, 5);
    column->addLayout(row, 1);
    return panel;
}

void LogbookPlace::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    const Look& look = Look::instance();
    if (!pictures_) return;
    // The table comes first: where it would keep less than half a dozen rows there is no picture.
    pictures_->setFixedHeight(
        std::clamp(height() * 2 / 5, look.scaled(pictures_px), look.scaled(most_pictures_px)));
    pictures_->setVisible(height() >= look.scaled(pictures_from_px));
}

void LogbookPlace::lookAtChosen() {
    const auto ids = chosen();
    preview_.show(isVisible() && ids.size() == 1 ? std::optional(ids.front()) : std::nullopt);
    showPicture();
}

void LogbookPlace::showPicture() {
    const auto ids = chosen();
    if (ids.size() != 1) {
        showAllTracks();
        return;
    }
    // A flight may be gone that the table, not in sight, still lists.
    const auto found = workspace_.library().flights.find(ids.front());
    if (found == workspace_.library().flights.end()) return;
    const auto& kept = found->second;
    const auto picture = preview_.picture();
    const QString name = QString::fromStdString(kept.name);
    const auto& q = Look::instance().quantities();
    QString words = kept.log_id ? tr("%1: the log is being read…").arg(name)
                                : tr("%1 was filed by hand: it has no track.").arg(name);
    const bool readings = kept.by_hand && !kept.by_hand->readings.empty();
    if (readings)
        picture_readings_->setWords(tr("On the way: %1.", "readings off the screen")
                                        .arg(QString::fromStdString(io::text_of_readings(kept.by_hand->readings))));
    picture_readings_->setVisible(readings);
    const auto by_hand = readings ? session::track_by_hand(kept) : nullptr;
    showUsed(name, by_hand);
    TrackOnMap track;
    if (picture) {
        track = track_on_map(picture->summary);
        words = picture->flown
                    ? tr("%1: %2", "flight, what its homeward chart says")
                          .arg(name, wording::flown_sentence(*picture->flown, q))
                    : tr("%1: no homeward chart without position, voltage and current, or with another pack.")
                          .arg(name);
    } else if (kept.log_id && preview_.is_settled()) {
        words = tr("%1: its log cannot be read. Check the logbook.").arg(name);
    }
    map_->setTurn(track.farthest, false);
    map_->setWays(std::move(track.ways));
    map_->showAll();
    map_->setAccessibleName(words);
    chart_->setVisible(picture && picture->flown);
    chart_->setPlan(picture ? picture->forecast : nullptr);
    chart_->setFlown(picture ? picture->flown : nullptr);
    picture_words_->setWords(words);
}

/// What a flight by hand used, in the place of the track that it has not.
void LogbookPlace::showUsed(const QString& name, const std::shared_ptr<const debrief::EnergyTrack>& track) {
    const bool goes = track && !track->ground_m.empty();
    used_->setFlights(track ? std::vector<EnergyOverlay::Flight>{{name, track}}
                            : std::vector<EnergyOverlay::Flight>{},
                      goes ? debrief::TrackAxis::distance : debrief::TrackAxis::time);
    used_->setVisible(track != nullptr);
    map_->setVisible(track == nullptr);
}

void LogbookPlace::showAllTracks() {
    std::vector<MapView::Way> ways;
    for (const Id id : shown()) {
        const auto found = workspace_.summaries().find(id);
        if (found == workspace_.summaries().end() || found->second.outline.size() < 2) continue;
        if (ways.size() < most_tracks) ways.push_back({found->second.outline, false, false, {}});
    }
    const QString words =
        ways.empty() ? tr("Choose a flight to see its track and its homeward chart.")
                     : tr("%n track(s), each from its own launch. Choose a flight to see its homeward chart.",
                          nullptr, int(ways.size()));
    picture_readings_->setVisible(false);
    showUsed({}, nullptr);
    map_->setTurn(std::nullopt, false);
    map_->setWays(std::move(ways));
    map_->showAll();
    map_->setAccessibleName(words);
    chart_->setVisible(false);
    chart_->setPlan(nullptr);
    chart_->setFlown(nullptr);
    picture_words_->setWords(words);
}

void LogbookPlace::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (stale_) refresh();
    lookAtChosen();
}

void LogbookPlace::refresh() {
    stale_ = false;
    const auto before = chosen();
    const auto& q = Look::instance().quantities();
    ids_.clear();
    std::vector<std::vector<Cell>> rows;
    for (const auto& flight : workspace_.figures()) {
        const auto& kept = workspace_.library().flights.at(flight.flight_id);
        const bool read = workspace_.summaries().contains(flight.flight_id);
        const auto figure = [&](Quantity quantity) {
            return read ? explained_cell(telemetry::explain(flight.summary, quantity))
                        : explained_cell(std::nullopt);
        };
        Cell date = text_cell(clock_text(kept.start_clock_s));
        date.sort = kept.start_clock_s.value_or(0.0);
        Cell recharged = explained_cell(std::nullopt);
        if (kept.recharged_ah) {
            recharged.text = q.text(Quantity::recharged_charge, {*kept.recharged_ah, 0.0});
            recharged.sort = *kept.recharged_ah;
        }
        const auto blew = mission::spoken_wind(kept.flown);
        Cell wind = text_cell(tr("%1, %2", "wind, where from")
                                  .arg(wording::written(blew.speed_mps, 0.0, q.notation(Quantity::wind_speed)),
                                       q.direction(blew.from_deg)));
        wind.sort = blew.speed_mps;
        wind.figure = true;
        ids_.push_back(flight.flight_id);
        Cell name = text_cell(QString::fromStdString(kept.name));
        name.strong = true;
        rows.push_back({date, name, text_cell(wording::title(kept.flown.aircraft)),
                        text_cell(wording::title(kept.flown.pack)), figure(Quantity::duration),
                        figure(Quantity::ground_distance), figure(Quantity::farthest_from_home),
                        figure(q.leading(Quantity::integrated_charge, Quantity::used_energy)),
                        figure(q.leading(Quantity::charge_per_distance, Quantity::energy_per_distance)),
                        figure(Quantity::lowest_voltage), recharged, wind,
                        text_cell(QString::fromStdString(kept.note).simplified()),
                        figure(Quantity::highest_current), figure(Quantity::highest_ground_speed)});
    }
    const bool first = model_->rowCount() == 0;
    model_->setCells({tr("start (log's clock)"), tr("flight"), tr("aircraft"), tr("pack"), tr("time"),
                      tr("distance"), tr("farthest"), tr("used"), tr("over ground"), tr("lowest"), tr("recharged"),
                      tr("wind"), tr("note"), tr("max A"), tr("fastest")},
                     std::move(rows));
    if (first && model_->rowCount() > 0) {
        // The last two are beyond the edge of a window of the usual width, behind the note.
        const int widths[] = {142, 142, 88, 56, 62, 74, 72, 80, 92, 68, 82, 112, 90, 78, 78};
        const int columns = std::min(model_->columnCount(), int(std::size(widths)));
        for (int column = 0; column < columns; ++column)
            table_->setColumnWidth(column, Look::instance().scaled(widths[column]));
    }
    pages_->setCurrentIndex(ids_.empty() ? 0 : 1);
    path_->setWords(workspace_.worker().is_open() ? tr("Stored in %1").arg(workspace_.worker().path())
                                                  : tr("Not stored: no logbook is open."));
    fillChoices();
    filter();
    if (!before.empty()) choose(before.front());
    for (QPushButton* button : for_chosen_) button->setEnabled(!chosen().empty());
    lookAtChosen();
}

void LogbookPlace::fillChoices() {
    const auto fill = [](QComboBox* box, const QString& all, const auto& record_list, auto title) {
        const QVariant before = box->currentData();
        box->clear();
        box->addItem(all);
        for (const auto& [id, kept] : record_list) box->addItem(title(kept), QVariant::fromValue(qint64(id)));
        box->setCurrentIndex(std::max(0, before.isValid() ? box->findData(before) : 0));
    };
    fill(aircraft_, tr("all aircraft"), workspace_.library().aircraft,
         [](const book::KeptAircraft& kept) { return wording::title(kept.aircraft); });
    fill(pack_, tr("all packs"), workspace_.library().packs,
         [](const book::KeptPack& kept) { return wording::title(kept.pack); });
}

std::optional<Id> LogbookPlace::wanted(const QComboBox& box) const {
    return box.currentData().isValid() ? std::optional(Id(box.currentData().toLongLong())) : std::nullopt;
}

void LogbookPlace::filter() {
    filter_->setWanted(find_->text(), wanted(*aircraft_), wanted(*pack_));
    const int all = model_->rowCount();
    const int shown = filter_->rowCount();
    count_->setWords(shown == all ? tr("%n flight(s)", nullptr, all)
                                  : tr("%1 of %n flight(s)", "shown, all", all).arg(shown));
    showBests();
    lookAtChosen();
}

void LogbookPlace::showBests() {
    std::vector<book::FlightFigures> shown_flights;
    const auto ids = shown();
    for (auto& flight : workspace_.figures()) {
        if (workspace_.summaries().contains(flight.flight_id) &&
            std::find(ids.begin(), ids.end(), flight.flight_id) != ids.end())
            shown_flights.push_back(std::move(flight));
    }
    const auto bests = book::personal_bests(shown_flights);
    const auto& q = Look::instance().quantities();
    const auto show = [&](std::size_t place, const std::optional<Id>& id, Quantity quantity, const QString& what) {
        std::optional<units::Explanation> explanation;
        QString caption;
        if (id) {
            explanation = telemetry::explain(workspace_.summaries().at(*id), quantity);
            caption =
                tr("%1: %2", "what is best, which flight")
                    .arg(what, QFontMetrics(Look::instance().font(Look::small_px))
                                   .elidedText(QString::fromStdString(workspace_.library().flights.at(*id).name),
                                               Qt::ElideRight, Look::instance().scaled(190)));
        }
        bests_->figures()[place]->setExplanation(explanation, caption);
    };
    show(0, bests.longest, Quantity::duration, tr("longest"));
    show(1, bests.farthest, Quantity::farthest_from_home, tr("farthest"));
    show(2, bests.most_efficient, q.leading(Quantity::charge_per_distance, Quantity::energy_per_distance),
         tr("most efficient"));
    std::optional<units::Explanation> cycles;
    std::optional<units::Explanation> flights;
    if (const auto pack_id = wanted(*pack_)) {
        const auto& pack = workspace_.library().packs.at(*pack_id).pack;
        const auto& use = workspace_.packUse(*pack_id);
        cycles = book::explain_cycles(use, pack);
        flights = book::explain_flights(use.flights);
    }
    bests_->figures()[3]->setExplanation(cycles, tr("of this pack"));
    bests_->figures()[4]->setExplanation(flights, tr("flights on it"));
    bests_->layOutAgain();
    bests_note_->setWords(
        tr("Personal bests among the flights shown. Most efficient counts flights of at least %1 over ground.")
            .arg(q.distance(book::least_distance_for_efficiency_m)));
    bests_note_->setVisible(bests.longest.has_value());
    bests_->setVisible(bests.longest.has_value() || cycles.has_value());
}

std::vector<Id> LogbookPlace::chosen() const {
    std::vector<Id> chosen;
    for (const QModelIndex& index : table_->selectionModel()->selectedRows())
        chosen.push_back(ids_[std::size_t(filter_->mapToSource(index).row())]);
    return chosen;
}

void LogbookPlace::choose(Id id) {
    const auto found = std::find(ids_.begin(), ids_.end(), id);
    if (found == ids_.end()) return;
    const QModelIndex at = filter_->mapFromSource(model_->index(int(found - ids_.begin()), 0));
    if (at.isValid()) table_->selectRow(at.row());
}

std::vector<Id> LogbookPlace::shown() const {
    std::vector<Id> ids;
    for (int row = 0; row < filter_->rowCount(); ++row)
        ids.push_back(ids_[std::size_t(filter_->mapToSource(filter_->index(row, 0)).row())]);
    return ids;
}

void LogbookPlace::remove() {
    const auto ids = chosen();
    if (ids.empty()) return;
    const QString name = QString::fromStdString(workspace_.library().flights.at(ids.front()).name);
    workspace_.removeFlights(ids);
    emit said(ids.size() == 1
                  ? tr("%1 was removed; its log stays in the logbook. Ctrl+Z restores it.").arg(name)
                  : tr("%n flight(s) were removed; their logs stay in the logbook. Ctrl+Z restores them.", nullptr,
                       int(ids.size())));
}

} // namespace sobremesa::app
