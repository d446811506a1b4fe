#include "app/places/fleet/forecasts_page.hpp"

#include <algorithm>

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/charts/calibration_chart.hpp"
#include "app/charts/cause_chart.hpp"
#include "app/charts/forecast_chart.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/aircraft.hpp"
#include "wording/bill.hpp"
#include "wording/learning.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using session::Id;
using units::Quantity;

namespace {

Cell word(const QString& text) {
    Cell cell;
    cell.text = text;
    return cell;
}

} // namespace

/// One kind of forecast, as it stands on the page.
struct ForecastsPage::Shown {
    QString sentence;
    /// Of a pack's giving; empty: of what flights take.
    QString given;
    std::vector<ForecastChart::Mark> marks;
    std::vector<learning::BandShare> shares;
    int forecasts = 0;
    QStringList header;
    std::vector<Id> rows;
    std::vector<std::vector<Cell>> cells;
};

ForecastsPage::ForecastsPage(session::LearningSession& learning, session::Workspace& workspace, QWidget* parent)
    : QWidget(parent), learning_(learning), workspace_(workspace), causes_(workspace), whole_(workspace, learning) {
    setObjectName(QStringLiteral("forecastsPage"));
    auto* fold = new Fold;
    QWidget* left = makeChart();
    QWidget* right = makeTable();
    QWidget* causes = makeCauses();
    fold->addPane(tr("Forecasts"), left);
    fold->addPane(tr("Flights"), right);
    fold->addPane(tr("By cause"), causes);
    fold->setWideArrangement([left, right, causes](QWidget* page) {
        auto* column = new QVBoxLayout(page);
        column->setContentsMargins(0, 0, 0, 0);
        column->setSpacing(0);
        column->addWidget(left, 8);
        column->addWidget(new Hairline(Qt::Horizontal));
        auto* row = new QHBoxLayout;
        row->setSpacing(0);
        row->addWidget(right, 5);
        row->addWidget(new Hairline(Qt::Vertical));
        row->addWidget(causes, 3);
        column->addLayout(row, 7);
    });
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(fold);
    connect(&learning_, &session::LearningSession::changed, this, &ForecastsPage::refresh);
    connect(&workspace_, &session::Workspace::flightsChanged, this, &ForecastsPage::refresh);
    connect(&causes_, &session::ForecastCauses::changed, this, &ForecastsPage::showCauses);
    connect(&whole_, &session::WholeForecasts::changed, this, &ForecastsPage::refresh);
    connect(&learning_, &session::LearningSession::changed, this, [this] {
        if (isVisible()) causes_.choose(learning_.chosen());
    });
    connect(&Look::instance(), &Look::changed, this, &ForecastsPage::showCauses);
    connect(&Look::instance(), &Look::changed, this, &ForecastsPage::refresh);
    refresh();
    showCauses();
}

void ForecastsPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    causes_.choose(learning_.chosen());
    whole_.watch(forecast_of_->currentIndex() > 0);
}

/// Logs are read while someone looks.
void ForecastsPage::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    causes_.choose({});
    whole_.watch(false);
}

QWidget* ForecastsPage::makeCauses() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(8), look.scaled(24), look.scaled(12));
    column->setSpacing(look.scaled(8));
    auto* heading = new TextLabel(Role::heading, tr("What forecasts missed, by cause"));
    column->addWidget(heading);
    causes_sentence_ = new TextLabel(Role::plain);
    causes_sentence_->setObjectName(QStringLiteral("causesSentence"));
    column->addWidget(causes_sentence_);
    cause_chart_ = new CauseChart;
    cause_chart_->setObjectName(QStringLiteral("causeChart"));
    column->addWidget(cause_chart_);
    column->addWidget(new TextLabel(
        Role::quiet,
        tr("Of the energy that the plan's figures forecast for the route flown: mean, and how flights differ.")));
    column->addStretch(1);
    return panel;
}

void ForecastsPage::showCauses() {
    cause_chart_->setCauses(causes_.causes());
    cause_chart_->setVisible(causes_.causes().has_value());
    causes_sentence_->setWords(wording::causes_sentence(causes_.causes(), causes_.flights(), causes_.unread(),
                                                        Look::instance().quantities()));
}

QWidget* ForecastsPage::makeChart() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(24), look.scaled(8));
    column->setSpacing(look.scaled(8));
    name_ = new TextLabel(Role::heading);
    name_->setObjectName(QStringLiteral("forecastsName"));
    auto* top = new QHBoxLayout;
    top->addWidget(name_, 1);
    forecast_of_ = new ChoiceBox;
    forecast_of_->setObjectName(QStringLiteral("forecastOf"));
    forecast_of_->setAccessibleName(tr("Forecast of"));
    using learning::ForecastPart;
    forecast_of_->addItems({tr("level flight"), wording::forecast_part_name(ForecastPart::landing_charge),
                            wording::forecast_part_name(ForecastPart::duration),
                            wording::forecast_part_name(ForecastPart::turn)});
    connect(forecast_of_, &QComboBox::currentIndexChanged, this, [this](int of) {
        whole_.watch(of > 0 && isVisible());
        refresh();
    });
    auto* of = new TextLabel(Role::quiet, tr("Forecast of"));
    of->setBuddy(forecast_of_);
    top->addWidget(of);
    top->addWidget(forecast_of_);
    column->addLayout(top);
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("forecastsSentence"));
    column->addWidget(sentence_);
    chart_ = new ForecastChart;
    chart_->setObjectName(QStringLiteral("forecastChart"));
    auto* row = new QHBoxLayout;
    row->addWidget(chart_, 1);
    calibration_ = new CalibrationChart;
    calibration_->setObjectName(QStringLiteral("calibrationChart"));
    row->addWidget(calibration_, 0, Qt::AlignBottom);
    column->addLayout(row, 1);
    return panel;
}

QWidget* ForecastsPage::makeTable() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(8), look.scaled(24), look.scaled(12));
    column->setSpacing(look.scaled(8));
    cells_ = new CellModel(this);
    table_ = new DataTable(QStringLiteral("forecastsTable"), tr("Flights and their forecasts"));
    table_->setModel(cells_);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->horizontalHeader()->setStretchLastSection(true);
    column->addWidget(table_, 1);
    auto* buttons = new QHBoxLayout;
    open_ = new QPushButton(tr("Open"));
    open_->setObjectName(QStringLiteral("forecastOpen"));
    connect(open_, &QPushButton::clicked, this, [this] {
        if (const auto id = chosen()) emit flightWanted(*id);
    });
    buttons->addWidget(open_);
    apart_ = new QPushButton(tr("Exclude"));
    apart_->setObjectName(QStringLiteral("setApartButton"));
    connect(apart_, &QPushButton::clicked, this, [this] {
        const auto id = chosen();
        if (id) learning_.setApart(*id, !workspace_.library().flights.at(*id).set_apart);
    });
    buttons->addWidget(apart_);
    buttons->addWidget(
        new TextLabel(
            Role::quiet,
            tr("An excluded flight no longer counts in fits: a sensor was wrong, or it was no ordinary day.")),
        1);
    column->addLayout(buttons);
    const auto choose = [this] {
        const auto id = chosen();
        open_->setEnabled(id.has_value());
        apart_->setEnabled(id.has_value());
        const bool is_apart = id && workspace_.library().flights.at(*id).set_apart;
        apart_->setText(is_apart ? tr("Include again") : tr("Exclude"));
    };
    connect(table_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, choose);
    connect(cells_, &QAbstractItemModel::modelReset, this, choose);
    choose();
    return panel;
}

std::optional<Id> ForecastsPage::chosen() const {
    const QModelIndex at = table_->currentIndex();
    if (!at.isValid() || std::size_t(at.row()) >= rows_.size()) return std::nullopt;
    const Id id = rows_[std::size_t(at.row())];
    return workspace_.library().flights.contains(id) ? std::optional(id) : std::nullopt;
}

QString ForecastsPage::nameOf(Id flight) const {
    const auto& flights = workspace_.library().flights;
    const auto found = flights.find(flight);
    return found == flights.end() ? QString() : QString::fromStdString(found->second.name);
}

ForecastsPage::Shown ForecastsPage::levelFlight(const session::FlightObservations& observations) const {
    Shown shown;
    shown.sentence = wording::backtest_sentence(observations.test);
    shown.shares = learning::calibration(observations.test);
    shown.header = {tr("flight"), tr("from"),  tr("energy, level"), tr("forecast"),
                    tr("flown"),  tr("error"), tr("verdict")};
    for (const auto& row : observations.test.rows) {
        shown.forecasts += row.from_flights > 0 ? 1 : 0;
        shown.rows.push_back(row.flight_id);
        shown.marks.push_back(
            {nameOf(row.flight_id), row.from_flights, row.off, row.forecast_wh.sd / row.flown_wh});
        const auto index =
            std::size_t(std::find(observations.flights.begin(), observations.flights.end(), row.flight_id) -
                        observations.flights.begin());
        const auto& outliers = observations.fit.outliers;
        const bool outlier = std::find(outliers.begin(), outliers.end(), index) != outliers.end();
        shown.cells.push_back({word(nameOf(row.flight_id)),
                               explained_cell(learning::explain(row, Quantity::flight_count)),
                               explained_cell(learning::explain(row, Quantity::used_energy)),
                               explained_cell(learning::explain(row, Quantity::compared_energy_per_distance)),
                               explained_cell(learning::explain(row, Quantity::energy_per_distance)),
                               explained_cell(learning::explain(row, Quantity::forecast_error)),
                               word(outlier      ? tr("outlier")
                                    : row.inside ? tr("within its band")
                                                 : tr("outside its band"))});
    }
    return shown;
}

ForecastsPage::Shown ForecastsPage::part(learning::ForecastPart part) const {
    using learning::PartFigure;
    Shown shown;
    shown.given = wording::forecast_part_name(part);
    shown.header = {tr("flight"), tr("from"),      tr("forecast"), tr("flown"),
                    tr("error"),  tr("charge by"), tr("verdict")};
    const auto forecasts = learning::part_forecasts(whole_.flights(), part);
    shown.shares = learning::calibration(forecasts);
    if (const auto quality = learning::quality(forecasts)) {
        shown.forecasts = quality->forecasts;
        shown.sentence = wording::sentence(*quality, part);
    } else if (!whole_.is_settled()) {
        shown.sentence = tr("Flights are being forecast…");
    } else {
        shown.sentence =
            part == learning::ForecastPart::landing_charge
                ? tr("This needs two filed flights whose logs have the pack's voltage and current.")
                : tr("This needs two filed flights whose logs have the pack's voltage and current, and "
                     "level flight.");
    }
    for (const auto& row : forecasts) {
        shown.rows.push_back(row.flight_id);
        shown.marks.push_back({nameOf(row.flight_id), row.from_flights, row.off(), row.forecast.sd / row.flown});
        const auto cell = [&](PartFigure figure) { return explained_cell(learning::explain(row, part, figure)); };
        shown.cells.push_back({word(nameOf(row.flight_id)), cell(PartFigure::from_flights),
                               cell(PartFigure::forecast), cell(PartFigure::flown), cell(PartFigure::error),
                               word(row.by_volts ? tr("voltage") : tr("consumption")),
                               word(row.inside_90() ? tr("within its band") : tr("outside its band"))});
    }
    return shown;
}

void ForecastsPage::refresh() {
    const auto observations = learning_.observations();
    rows_.clear();
    if (!observations || !observations->aircraft_id) {
        name_->setWords(tr("No aircraft is chosen"));
        sentence_->setWords(tr("Select an aircraft in the list."));
        chart_->setTaken({});
        calibration_->hide();
        cells_->setCells({}, {});
        return;
    }
    name_->setWords(wording::title(observations->aircraft));
    const int of = forecast_of_->currentIndex();
    Shown shown = of == 0 ? levelFlight(*observations) : part(learning::ForecastPart(of - 1));
    sentence_->setWords(shown.sentence);
    rows_ = std::move(shown.rows);
    // Those set apart stand below: they can be let in again.
    for (const auto& [id, flight] : workspace_.library().flights) {
        if (flight.aircraft_id != observations->aircraft_id || !flight.set_apart) continue;
        rows_.push_back(id);
        std::vector<Cell> cells(std::size_t(shown.header.size()), word({}));
        cells.front() = word(nameOf(id));
        cells.back() = word(tr("excluded"));
        shown.cells.push_back(std::move(cells));
    }
    chart_->setGiven(shown.given, std::move(shown.marks));
    // Of two or three forecasts a share says nothing.
    constexpr int enough = 4;
    calibration_->setVisible(shown.forecasts >= enough);
    calibration_->setShares(std::move(shown.shares), shown.forecasts);
    cells_->setCells(shown.header, std::move(shown.cells));
    table_->fitColumns();
}

} // namespace sobremesa::app
