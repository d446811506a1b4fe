#include "app/places/debrief/flight_report_view.hpp"

#include <algorithm>

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/charts/bill_chart.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/bill.hpp"
#include "wording/findings.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

DataTable* whole_table(const QString& name, const QString& spoken, CellModel* cells) {
    auto* table = new DataTable(name, spoken);
    table->setModel(cells);
    table->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    table->horizontalHeader()->setStretchLastSection(true);
    return table;
}

/// As tall as its rows, the column around it scrolls; the first column so wide, that the figures stay in sight.
void fit(DataTable& table, int first_px) {
    table.fitColumns();
    table.setColumnWidth(0, Look::instance().scaled(first_px));
    table.setFixedHeight(table.horizontalHeader()->sizeHint().height() +
                         table.model()->rowCount() * table.verticalHeader()->defaultSectionSize() +
                         Look::instance().scaled(6));
}

Cell word_cell(const QString& text) {
    Cell cell;
    cell.text = text;
    return cell;
}

} // namespace

FlightReportView::FlightReportView(session::FlightSession& flight, QWidget* parent)
    : QWidget(parent), flight_(flight), wind_row_(new QWidget), figures_(new FigureRow(6)),
      parts_(new TextLabel(Role::quiet)), sun_heading_(new TextLabel(Role::heading, tr("Ten-minute sun test"))),
      sun_words_(new TextLabel(Role::quiet)), sun_cells_(new CellModel(this)),
      sun_(whole_table(QStringLiteral("sunTestTable"), tr("Parts of the ten-minute sun test"), sun_cells_)),
      further_heading_(new TextLabel(Role::heading, tr("What was still possible"))),
      further_cells_(new CellModel(this)),
      further_(whole_table(QStringLiteral("furtherTable"), tr("What was still possible on this flight"),
                           further_cells_)),
      turns_heading_(new TextLabel(Role::heading, tr("Where each turn rule would have turned"))),
      turns_cells_(new CellModel(this)),
      turns_(whole_table(QStringLiteral("flownTurnsTable"), tr("Where each turn rule would have turned"),
                         turns_cells_)) {
    const Look& look = Look::instance();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(look.scaled(8));
    // One above the other: beside the words of some languages the button has no room.
    auto* wind = new QVBoxLayout(wind_row_);
    wind->setContentsMargins(0, 0, 0, 0);
    wind_words_ = new TextLabel(Role::quiet);
    wind_words_->setObjectName(QStringLiteral("flightWind"));
    wind->addWidget(wind_words_);
    take_wind_ = new QPushButton;
    take_wind_->setObjectName(QStringLiteral("takeWindButton"));
    connect(take_wind_, &QPushButton::clicked, this, [this] {
        if (flight_.flight().forecast_wind)
            flight_.takeForecastWind();
        else
            flight_.takeWind();
    });
    wind->addWidget(take_wind_, 0, Qt::AlignLeft);
    column->addWidget(wind_row_);
    column->addWidget(figures_);
    parts_->setObjectName(QStringLiteral("energyShares"));
    column->addWidget(parts_);
    sun_words_->setObjectName(QStringLiteral("sunTestWords"));
    for (QWidget* widget :
         {static_cast<QWidget*>(sun_heading_), static_cast<QWidget*>(sun_words_), static_cast<QWidget*>(sun_)})
        column->addWidget(widget);
    bill_heading_ = new TextLabel(Role::heading, tr("Forecast against flown"));
    column->addWidget(bill_heading_);
    bill_sentence_ = new TextLabel(Role::plain);
    bill_sentence_->setObjectName(QStringLiteral("billSentence"));
    column->addWidget(bill_sentence_);
    bill_ = new BillChart;
    bill_->setObjectName(QStringLiteral("billChart"));
    column->addWidget(bill_);
    connect(&flight_, &session::FlightSession::billChanged, this, &FlightReportView::showBill);
    column->addWidget(further_heading_);
    column->addWidget(further_);
    column->addWidget(turns_heading_);
    column->addWidget(turns_);
    late_ = new TextLabel(Role::quiet, tr("* inbound already: the flight had turned before this rule did."));
    column->addWidget(late_);
}

void FlightReportView::refresh() {
    const auto& flight_report = flight_.flightReport();
    setVisible(flight_report.has_value());
    if (!flight_report) return;
    showFigures();
    showParts();
    showSunTest();
    showBill();
    showFurther();
    showTurns();
}

void FlightReportView::showFigures() {
    const auto& flight_report = *flight_.flightReport();
    QString limit = tr("above the pack's limit");
    QString lowest = tr("lowest cell voltage");
    if (flight_report.lowest_cell) {
        lowest = tr("lowest cell voltage, at %1")
                     .arg(wording::written(flight_report.lowest_cell->at_s / units::seconds_per_minute, 0.0,
                                           {1.0, tr("min"), 1}));
    }
    const std::pair<Quantity, QString> shown[] = {
        {Quantity::lowest_cell_voltage, lowest},
        {Quantity::electronics_share, tr("electronics, share of power")},
        {Quantity::climb_share, tr("climbs, share of energy")},
        {Quantity::gust_power, tr("power spread in level flight")},
        {Quantity::time_above_limit, limit},
        {Quantity::failsafe_distance, tr("link failsafe distance")},
    };
    const auto& figures = figures_->figures();
    bool any = false;
    for (std::size_t i = 0; i < std::size(shown); ++i) {
        auto why = debrief::explain(flight_report, shown[i].first);
        // Nothing to say where no limit was passed.
        if (why && shown[i].first == Quantity::time_above_limit && !(why->value.value > 0.0)) why.reset();
        any = any || why.has_value();
        figures[i]->setExplanation(why, shown[i].second);
    }
    figures_->setVisible(any);
    figures_->layOutAgain();
    showWind();
}

void FlightReportView::showWind() {
    const auto found = flight_.foundWind();
    const auto& flight = flight_.flight();
    wind_row_->setVisible(found.has_value());
    if (!found) return;
    const auto& q = Look::instance().quantities();
    const auto wind_text = [&](const atmosphere::Wind& wind) {
        return tr("%1 from %2", "wind speed, direction")
            .arg(q.text(Quantity::wind_speed, {wind.speed_mps, 0.0}),
                 q.text(Quantity::wind_from, {wind.from_deg, 0.0}));
    };
    if (flight.forecast_wind) {
        auto forecast = flight.flown;
        forecast.weather = book::forecast_weather(flight);
        wind_words_->setWords(
            tr("Wind of this flight: %1. The forecast, %2, is kept with it.")
                .arg(wind_text(mission::spoken_wind(flight.flown)), wind_text(mission::spoken_wind(forecast))));
        take_wind_->setText(tr("Use the forecast wind"));
        take_wind_->setToolTip(tr("Computes this flight in the wind that was forecast"));
    } else {
        wind_words_->setWords(tr("Wind of this flight: %1, as set above. The log shows %2.")
                                  .arg(wind_text(mission::spoken_wind(flight.flown)), wind_text(*found)));
        take_wind_->setText(tr("Use the wind found"));
        take_wind_->setToolTip(
            tr("Computes this flight in the wind that its log shows; the forecast is kept with it"));
    }
}

void FlightReportView::showParts() {
    const QString words = wording::flight_report_sentence(*flight_.flightReport(), Look::instance().quantities());
    parts_->setWords(words);
    parts_->setVisible(!words.isEmpty());
}

/// Only where it was flown: a long flight in the sun has cruise, and nothing to compare it with.
void FlightReportView::showSunTest() {
    const auto& sun = flight_.flightReport()->sun;
    using Kind = debrief::SunPart::Kind;
    const bool flown = sun && std::any_of(sun->parts.begin(), sun->parts.end(),
                                          [](const auto& part) { return part.kind != Kind::cruise; });
    for (QWidget* widget :
         {static_cast<QWidget*>(sun_heading_), static_cast<QWidget*>(sun_words_), static_cast<QWidget*>(sun_)})
        widget->setVisible(flown);
    if (!flown) return;
    const auto& q = Look::instance().quantities();
    std::vector<std::vector<Cell>> rows;
    const auto figure = [](const QString& text, double value) {
        return Cell{text, value, std::nullopt, true, false};
    };
    const auto watts = [&](const std::optional<units::Estimate>& w) {
        return w ? figure(q.text(Quantity::array_power, *w), w->value) : figure(QStringLiteral("–"), 0.0);
    };
    const auto volts = [&](double v) { return q.text(Quantity::lowest_pack_voltage, {v, 0.0}); };
    // By two sensors the pack's watts are read off, by one its volts must tell.
    const bool by_currents = sun->evidence == debrief::SunEvidence::pack_current;
    for (const auto& part : sun->parts) {
        std::vector<Cell> row = {word_cell(wording::name(part.kind)),
                                 figure(wording::stopwatch_text(part.start_s), part.start_s),
                                 figure(q.duration(part.end_s - part.start_s), part.end_s - part.start_s),
                                 watts(units::Estimate{part.load_w, 0.0})};
        if (by_currents) {
            row.push_back(watts(part.array_w));
            row.push_back(watts(part.pack_w));
        } else {
            row.push_back(
                figure(tr("%1 to %2", "volts at the start, at the end").arg(volts(part.start_v), volts(part.end_v)),
                       part.start_v));
        }
        rows.push_back(std::move(row));
    }
    QStringList heads = {tr("part"), tr("at"), tr("lasted"), tr("load")};
    heads << (by_currents ? QStringList{tr("array"), tr("from the pack")} : QStringList{tr("pack voltage")});
    sun_words_->setWords(wording::sun_test_sentence(*sun));
    sun_cells_->setCells(heads, std::move(rows));
    fit(*sun_, 150);
}

void FlightReportView::showBill() {
    const auto& bill = flight_.bill();
    for (QWidget* widget : {static_cast<QWidget*>(bill_heading_), static_cast<QWidget*>(bill_sentence_),
                            static_cast<QWidget*>(bill_)})
        widget->setVisible(bill.has_value());
    bill_->setBill(bill);
    if (bill) bill_sentence_->setWords(wording::sentence(*bill, Look::instance().quantities()));
}

void FlightReportView::showFurther() {
    const auto& flight_report = *flight_.flightReport();
    std::vector<std::vector<Cell>> rows;
    for (const auto& further : flight_report.further) {
        const auto time = debrief::explain_further(flight_report, further, Quantity::further_time);
        const auto way = debrief::explain_further(flight_report, further, Quantity::further_distance);
        Cell rule = word_cell(wording::name(further.rule));
        rule.explanation = time;
        rows.push_back({rule, explained_cell(time), explained_cell(way)});
    }
    const bool any = !rows.empty();
    further_heading_->setVisible(any);
    further_->setVisible(any);
    further_cells_->setCells({tr("down to, reserve intact"), tr("more time"), tr("distance")}, std::move(rows));
    fit(*further_, 250);
}

void FlightReportView::showTurns() {
    const auto& flight_report = *flight_.flightReport();
    const auto& q = Look::instance().quantities();
    std::vector<std::vector<Cell>> rows;
    for (const auto& turn : flight_report.turns) {
        const auto figure = [&](Quantity quantity, const QString& text) {
            Cell cell;
            cell.explanation = debrief::explain_turn(turn, quantity);
            cell.text = turn.reached ? text : QStringLiteral("–");
            cell.sort = cell.explanation->value.value;
            cell.figure = true;
            return cell;
        };
        Cell turn_rule = word_cell(wording::name(turn.turn_rule, flight_.flight().flown, q));
        turn_rule.explanation = debrief::explain_turn(turn, Quantity::turn_time);
        // As the other figures with their errors, without a unit twice.
        const auto with_error = [&](Quantity quantity, const units::Estimate& value) {
            return q.text(quantity, value);
        };
        const QString when = with_error(Quantity::turn_time, turn.time_s);
        rows.push_back(
            {turn_rule,
             figure(Quantity::turn_time, turn.after_farthest ? tr("%1 *", "time, after the turn").arg(when) : when),
             figure(Quantity::turn_distance, with_error(Quantity::turn_distance, turn.from_home_m)),
             figure(Quantity::turn_charge, with_error(Quantity::turn_charge, turn.charge_used_ah)),
             figure(Quantity::least_margin, with_error(Quantity::least_margin, turn.margin_wh))});
    }
    const bool late = std::any_of(flight_report.turns.begin(), flight_report.turns.end(),
                                  [](const auto& turn) { return turn.reached && turn.after_farthest; });
    late_->setVisible(late);
    const bool any = !rows.empty();
    turns_heading_->setVisible(any);
    turns_->setVisible(any);
    turns_cells_->setCells({tr("turn rule"), tr("at"), tr("from home"), tr("used"), tr("margin")}, std::move(rows));
    fit(*turns_, 156);
}

} // namespace sobremesa::app
