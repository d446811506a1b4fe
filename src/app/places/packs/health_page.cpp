#include "app/places/packs/health_page.hpp"

#include <algorithm>

#include <QDateTime>
#include <QGridLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>

#include "app/charts/chart_style.hpp"
#include "app/charts/forecast_chart.hpp"
#include "app/charts/health_chart.hpp"
#include "app/charts/known_history_chart.hpp"
#include "app/shell/guarded_application.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/button_row.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/text_number.hpp"
#include "wording/findings.hpp"
#include "wording/learning.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

/// The cells' readings in SI; nothing where one is no number.
std::optional<std::vector<double>> numbers_in(const QString& text, double factor) {
    auto values = io::numbers_from_list(text.toStdString());
    if (values) {
        for (double& value : *values) value /= factor;
    }
    return values;
}

QString numbers_text(const std::vector<double>& values, double factor, int decimals) {
    QStringList parts;
    for (const double value : values) parts << wording::written(value, 0.0, {factor, {}, decimals});
    return parts.join(QStringLiteral("  "));
}

} // namespace

HealthPage::HealthPage(session::Workspace& workspace, session::PackSession& learning, QWidget* parent)
    : QWidget(parent), workspace_(workspace), learning_(learning) {
    setObjectName(QStringLiteral("healthPage"));
    Fold::fill(*this, {tr("Health"), makeReading(), 7}, {tr("Readings"), makeEntry(), 8});
    connect(&workspace_, &session::Workspace::packsChanged, this, &HealthPage::refresh);
    connect(&learning_, &session::PackSession::changed, this, &HealthPage::showKnown);
    connect(&Look::instance(), &Look::changed, this, &HealthPage::refresh);
    refresh();
}

QWidget* HealthPage::makeReading() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(10));
    name_ = new TextLabel(Role::heading);
    name_->setObjectName(QStringLiteral("healthName"));
    column->addWidget(name_);
    column->addWidget(makeKnown());
    readings_heading_ = new TextLabel(Role::heading, tr("Readings of chargers and meters"));
    column->addWidget(readings_heading_);
    sentence_ = new TextLabel(Role::plain);
    sentence_->setObjectName(QStringLiteral("healthSentence"));
    column->addWidget(sentence_);
    advice_ = new TextLabel(Role::warning);
    advice_->setObjectName(QStringLiteral("healthAdvice"));
    column->addWidget(advice_);
    figures_ = new FigureRow(3);
    column->addWidget(figures_);
    chart_ = new HealthChart;
    chart_->setObjectName(QStringLiteral("healthChart"));
    chart_->setMinimumHeight(look.scaled(200));
    column->addWidget(chart_, 100);
    column->addStretch(1);
    column->addWidget(
        new TextLabel(Role::quiet, tr("Compare readings taken at the same temperature and after the same rest. "
                                      "Retire a puffed or hot pack whatever its figures say.")));
    return new ScrollColumn(inside);
}

QWidget* HealthPage::makeKnown() {
    const Look& look = Look::instance();
    known_block_ = new QWidget;
    auto* column = new QVBoxLayout(known_block_);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(look.scaled(8));
    known_ = new TextLabel(Role::sentence);
    known_->setObjectName(QStringLiteral("packKnown"));
    column->addWidget(known_);
    known_figures_ = new FigureRow(3);
    column->addWidget(known_figures_);
    known_help_ = new TextLabel(Role::quiet);
    known_help_->setObjectName(QStringLiteral("packKnownHelp"));
    column->addWidget(known_help_);
    became_known_ = new KnownHistoryChart;
    became_known_->setObjectName(QStringLiteral("packBecameKnown"));
    became_known_->setFixedHeight(look.scaled(150));
    column->addWidget(became_known_);
    landings_ = new ForecastChart;
    landings_->setObjectName(QStringLiteral("packLandings"));
    landings_->setFixedHeight(look.scaled(190));
    column->addWidget(landings_);
    auto* buttons = new ButtonRow;
    learn_ = buttons->add(tr("Use in plans"), QStringLiteral("packLearn"), this, [this] { learning_.learn(); });
    forget_ = buttons->add(tr("Discard"), QStringLiteral("packForget"), this, [this] { learning_.forget(); });
    freeze_ = buttons->add(tr("Freeze"), QStringLiteral("packFreeze"), this, [this] {
        const auto found = pack_ ? workspace_.library().packs.find(*pack_) : workspace_.library().packs.end();
        if (found != workspace_.library().packs.end() && found->second.pack.known)
            learning_.freeze(!found->second.pack.known->frozen);
    });
    buttons->addStretch(1);
    column->addLayout(buttons);
    column->addWidget(new Hairline(Qt::Horizontal));
    return known_block_;
}

void HealthPage::showKnown() {
    const auto found = pack_ ? workspace_.library().packs.find(*pack_) : workspace_.library().packs.end();
    const auto findings = learning_.findings();
    const bool any = found != workspace_.library().packs.end() && findings && findings->pack_id == pack_;
    known_block_->setVisible(any);
    if (!any) return;
    const auto& q = Look::instance().quantities();
    const auto& known = findings->estimate.known;
    const bool fitted = known.flights > 0 || !found->second.readings.empty();
    known_->setWords(fitted ? wording::pack_sentence(known, findings->usable_ah, q)
                            : tr("Nothing flown or measured yet: plans use the label capacity, with a wide band."));
    const QString resistance = wording::resistance_sentence(findings->described, known, q);
    known_help_->setWords(fitted ? (resistance.isEmpty() ? resistance : resistance + QLatin1Char(' ')) +
                                       wording::what_would_help(known, findings->rested)
                                 : tr("File a flight with this pack, ideally with what the charger put back."));
    const std::pair<Quantity, QString> figures[] = {{Quantity::full_charge_share, tr("of label capacity, fitted")},
                                                    {Quantity::measured_cell_resistance, tr("per cell, fitted")},
                                                    {Quantity::usable_charge, tr("to the landing voltage")}};
    for (std::size_t i = 0; i < std::size(figures); ++i) {
        known_figures_->figures()[i]->setExplanation(
            fitted ? learning::explain(findings->described, known, findings->usable_ah, figures[i].first)
                   : std::nullopt,
            figures[i].second);
    }
    known_figures_->layOutAgain();
    const auto name_of = [&](session::Id id) {
        const auto flight = workspace_.library().flights.find(id);
        return flight == workspace_.library().flights.end() ? QString()
                                                            : QString::fromStdString(flight->second.name);
    };
    QStringList names;
    for (const auto& after : findings->history.known)
        names << (after.flights == 0 ? tr("before any flight") : name_of(after.flight_id));
    // Before the first flight there is nothing to compare.
    became_known_->setVisible(findings->history.known.size() > 1);
    became_known_->setHistory(findings->history.known, names);
    std::vector<ForecastChart::Mark> marks;
    // A flight that landed with a half-full pack says nothing of what it gives.
    constexpr double tells = 0.08;
    for (const auto& landing : findings->history.landings) {
        if (landing.forecast_ah.sd > tells * landing.flown_ah) continue;
        marks.push_back({name_of(landing.flight_id), landing.from_flights,
                         landing.forecast_ah.value / landing.flown_ah - 1.0,
                         landing.forecast_ah.sd / landing.flown_ah});
    }
    landings_->setVisible(!marks.empty());
    landings_->setGiven(wording::forecast_part_name(learning::ForecastPart::landing_charge), std::move(marks));
    const auto& kept = found->second.pack.known;
    learn_->setEnabled(fitted && !(kept && kept->frozen));
    forget_->setEnabled(kept.has_value());
    freeze_->setEnabled(kept.has_value());
    freeze_->setText(kept && kept->frozen ? tr("Resume fitting") : tr("Freeze"));
    learn_->setToolTip(tr("Plans, alarms, limits and the bench then use it"));
    freeze_->setToolTip(tr("Newly filed flights leave it unchanged"));
}

QWidget* HealthPage::makeEntry() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(20), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    column->addWidget(new TextLabel(Role::heading, tr("New reading")));
    entry_ = new QWidget;
    auto* grid = new QGridLayout(entry_);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(look.scaled(10));
    grid->setVerticalSpacing(look.scaled(6));
    int line = 0;
    const auto row = [&](const QString& label, QLineEdit* field, const char* object, const QString& unit,
                         const QString& placeholder) {
        auto* text = new TextLabel(Role::plain, label);
        text->setWordWrap(false);
        grid->addWidget(text, line, 0);
        field->setObjectName(QLatin1String(object));
        field->setAccessibleName(label);
        field->setPlaceholderText(placeholder);
        grid->addWidget(field, line, 1);
        grid->addWidget(new TextLabel(Role::quiet, unit), line, 2);
        ++line;
    };
    cycles_ = new NumberField;
    recharge_ = new NumberField;
    recharge_->setUnit(tr("mAh"));
    resistances_ = new QLineEdit;
    volts_ = new QLineEdit;
    date_ = new QLineEdit;
    row(tr("Date"), date_, "healthDate", {}, tr("today, or as 2026-05-31"));
    row(tr("Full cycles so far"), cycles_, "healthCycles", {}, {});
    row(tr("Full recharge"), recharge_, "healthRecharge", tr("mAh"), tr("not measured"));
    row(tr("Resistance of each cell"), resistances_, "healthResistances", tr("mΩ"), tr("not measured"));
    row(tr("Resting voltage of each cell"), volts_, "healthVolts", tr("V"), tr("not measured"));
    grid->setColumnStretch(1, 1);
    column->addWidget(entry_);
    setProperty(enter_presses, QStringLiteral("healthKeep"));
    trouble_ = new TextLabel(Role::warning);
    trouble_->setObjectName(QStringLiteral("healthTrouble"));
    trouble_->hide();
    column->addWidget(trouble_);
    auto* buttons = new ButtonRow;
    buttons->add(tr("Add the reading"), QStringLiteral("healthKeep"), this, [this] { keepReading(); });
    buttons->add(tr("Fully charged now"), QStringLiteral("healthFull"), this, [this] {
        if (pack_) keepRest(battery::traits(workspace_.library().packs.at(*pack_).pack.chemistry).full_cell_v);
    });
    buttons->add(tr("At storage charge now"), QStringLiteral("healthStored"), this, [this] {
        if (pack_) keepRest(battery::traits(workspace_.library().packs.at(*pack_).pack.chemistry).storage_cell_v);
    });
    buttons->addStretch(1);
    column->addLayout(buttons);
    column->addWidget(new Hairline(Qt::Horizontal));
    cells_ = new CellModel(this);
    table_ = new DataTable(QStringLiteral("healthTable"), tr("Readings of this pack"));
    table_->setModel(cells_);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->horizontalHeader()->setStretchLastSection(true);
    column->addWidget(table_, 1);
    remove_ = new QPushButton(tr("Remove the selected reading"));
    remove_->setObjectName(QStringLiteral("healthRemove"));
    connect(remove_, &QPushButton::clicked, this, &HealthPage::removeReading);
    column->addWidget(remove_, 0, Qt::AlignLeft);
    table_->setRowButtons({remove_});
    inside->setMinimumWidth(look.scaled(360));
    return inside;
}

void HealthPage::setPack(std::optional<session::Id> id) {
    pack_ = id;
    for (QLineEdit* field : {static_cast<QLineEdit*>(recharge_), resistances_, volts_, date_}) field->clear();
    trouble_->hide();
    learning_.choose(pack_);
    refresh();
    if (pack_) cycles_->setValue(cyclesNow(), 0);
}

double HealthPage::cyclesNow() const {
    const auto found = workspace_.library().packs.find(*pack_);
    if (found == workspace_.library().packs.end()) return 0.0;
    double cycles = workspace_.packUse(*pack_).full_cycles;
    // A pack had a life before this logbook: what was written down once is not forgotten.
    for (const auto& reading : found->second.readings) cycles = std::max(cycles, reading.cycles);
    return cycles;
}

void HealthPage::refresh() {
    const auto found = pack_ ? workspace_.library().packs.find(*pack_) : workspace_.library().packs.end();
    const bool known = found != workspace_.library().packs.end();
    entry_->setEnabled(known);
    for (const char* object : {"healthKeep", "healthFull", "healthStored"})
        findChild<QPushButton*>(QLatin1String(object))->setEnabled(known);
    chart_->setVisible(known);
    figures_->setVisible(known);
    readings_heading_->setVisible(known);
    showKnown();
    if (!known) {
        pack_.reset();
        name_->setWords(tr("Health"));
        sentence_->setWords(
            tr("Select a pack in the list to see its readings, their trend and when to retire it."));
        advice_->hide();
        cells_->setCells({}, {});
        remove_->hide();
        return;
    }
    const book::KeptPack& kept = found->second;
    health_ = battery::health(kept.pack, kept.readings, double(QDateTime::currentSecsSinceEpoch()));
    name_->setWords(tr("%1, %2", "pack, build").arg(wording::title(kept.pack), wording::build(kept.pack)));
    // Without readings what flights show is enough to read.
    const bool has_readings = !kept.readings.empty();
    sentence_->setWords(wording::health_sentence(health_));
    figures_->setVisible(has_readings);
    const QStringList advice = wording::health_advice(health_);
    advice_->setWords(advice.join(QStringLiteral("<br>")));
    advice_->setVisible(!advice.isEmpty());
    const std::pair<Quantity, QString> figures[] = {
        {Quantity::full_charge_share, tr("recharge, of label capacity")},
        {Quantity::measured_cell_resistance, tr("resistance read, per cell")},
        {Quantity::cycles_left, tr("cycles to end of life (80 %)")}};
    for (std::size_t i = 0; i < std::size(figures); ++i)
        figures_->figures()[i]->setExplanation(battery::explain(kept.pack, health_, figures[i].first),
                                               figures[i].second);
    figures_->layOutAgain();
    chart_->setPack(kept, health_);
    chart_->setVisible(!kept.readings.empty());
    const auto figure = [](const QString& text) {
        Cell cell;
        cell.text = text;
        cell.figure = true;
        return cell;
    };
    std::vector<std::vector<Cell>> rows;
    for (const auto& reading : kept.readings) {
        Cell when;
        when.text = QDateTime::fromSecsSinceEpoch(qint64(reading.time_s)).date().toString(Qt::ISODate);
        rows.push_back(
            {when, figure(wording::written(reading.cycles, 0.0, {1.0, {}, 0})),
             figure(reading.full_recharge_ah ? Look::instance().quantities().charge(*reading.full_recharge_ah)
                                             : QStringLiteral("–")),
             figure(reading.cell_resistance_ohm.empty() ? QStringLiteral("–")
                                                        : numbers_text(reading.cell_resistance_ohm, milliohms, 1)),
             figure(reading.cell_v.empty() ? QStringLiteral("–") : numbers_text(reading.cell_v, 1.0, 2))});
    }
    cells_->setCells({tr("date"), tr("cycles"), tr("recharge"), tr("cells, mΩ"), tr("cells, V")}, std::move(rows));
    table_->fitColumns();
    remove_->setVisible(!kept.readings.empty());
}

bool HealthPage::put(std::vector<battery::HealthReading> readings) {
    book::KeptPack kept = workspace_.library().packs.at(*pack_);
    kept.readings = std::move(readings);
    const auto done = workspace_.put(logbook::EditKind::change_pack, pack_, kept);
    if (done) return true;
    trouble_->setWords(wording::message(done.error()));
    trouble_->show();
    return false;
}

void HealthPage::keepReading() {
    if (!pack_) return;
    const auto say = [this](const QString& words) {
        trouble_->setWords(words);
        trouble_->setVisible(!words.isEmpty());
    };
    const auto& pack = workspace_.library().packs.at(*pack_).pack;
    battery::HealthReading reading;
    reading.time_s = double(QDateTime::currentSecsSinceEpoch());
    if (const QString typed = date_->text().trimmed(); !typed.isEmpty()) {
        const QDate day = QDate::fromString(typed, Qt::ISODate);
        if (!day.isValid()) return say(tr("Enter the date as year-month-day: 2026-05-31."));
        if (day > QDate::currentDate()) return say(tr("That day is still to come."));
        // At noon: whatever the time zone, it stays that day.
        reading.time_s = double(QDateTime(day, QTime(12, 0)).toSecsSinceEpoch());
    }
    const auto cycles = cycles_->value();
    const auto ohms = numbers_in(resistances_->text(), milliohms);
    const auto volts = numbers_in(volts_->text(), 1.0);
    const bool has_recharge = !recharge_->text().trimmed().isEmpty();
    const auto recharge = recharge_->value();
    if (!cycles) return say(tr("Enter its full cycles so far; an estimate will do."));
    if (has_recharge && !recharge) return say(tr("The recharge is not a number. Enter 2740 or 2 740."));
    if (!ohms || !volts)
        return say(tr("Enter one number for each cell, separated by spaces or commas: 4.1, 4.3, 4.0, 4.2."));
    if (!has_recharge && ohms->empty() && volts->empty())
        return say(
            tr("Enter at least one of the three: a full recharge, the cells' resistance, or their voltage."));
    reading.cycles = *cycles;
    if (has_recharge) reading.full_recharge_ah = *recharge / units::milliamp_hours_per_amp_hour;
    reading.cell_resistance_ohm = *ohms;
    reading.cell_v = *volts;
    for (const auto* values : {&reading.cell_resistance_ohm, &reading.cell_v}) {
        if (!values->empty() && int(values->size()) != pack.series)
            return say(tr("This pack has %1 cells in series; enter as many numbers.").arg(pack.series));
    }
    const auto valid = battery::validate(pack, reading);
    if (!valid) return say(wording::message(valid.error()));
    say({});
    auto readings = workspace_.library().packs.at(*pack_).readings;
    readings.push_back(*valid);
    std::stable_sort(readings.begin(), readings.end(),
                     [](const auto& a, const auto& b) { return a.time_s < b.time_s; });
    if (!put(std::move(readings))) return;
    for (QLineEdit* field : {static_cast<QLineEdit*>(recharge_), resistances_, volts_, date_}) field->clear();
}

void HealthPage::keepRest(double cell_v) {
    const auto& kept = workspace_.library().packs.at(*pack_);
    battery::HealthReading reading;
    reading.time_s = double(QDateTime::currentSecsSinceEpoch());
    reading.cycles = cyclesNow();
    reading.cell_v.assign(std::size_t(kept.pack.series), cell_v);
    auto readings = kept.readings;
    readings.push_back(reading);
    put(std::move(readings));
}

void HealthPage::removeReading() {
    const auto row = table_->currentIndex().row();
    if (!pack_ || row < 0) return;
    auto readings = workspace_.library().packs.at(*pack_).readings;
    if (std::size_t(row) >= readings.size()) return;
    readings.erase(readings.begin() + row);
    put(std::move(readings));
}

} // namespace sobremesa::app
