#include "app/places/sensors/sensors_place.hpp"
#include "app/charts/recharge_chart.hpp"

#include <cmath>

#include <QGridLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QStackedLayout>

#include "app/shell/guarded_application.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/telemetry/calibration_check.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "wording/findings.hpp"
#include "wording/learning.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

namespace {

const wording::Notation percent_off{100.0, QStringLiteral("%"), 1};

Cell figure_cell(const QString& text, double sort) {
    Cell cell;
    cell.text = text;
    cell.sort = sort;
    cell.figure = true;
    return cell;
}

} // namespace

SensorsPlace::SensorsPlace(session::Workspace& workspace, QWidget* parent)
    : QWidget(parent), session_(workspace), pages_(new QStackedLayout(this)) {
    setObjectName(QStringLiteral("sensorsPlace"));
    pages_->addWidget(makeEmpty());
    pages_->addWidget(new Fold({tr("Scale"), makeAnswer(), 7}, {tr("Recharged flights"), makeEvidence(), 8}));
    session_.watch(false);
    connect(&session_, &session::CalibrationSession::changed, this, &SensorsPlace::refresh);
    connect(&Look::instance(), &Look::changed, this, [this] {
        if (isVisible()) refresh();
    });
    refresh();
}

QWidget* SensorsPlace::makeEmpty() {
    const Look& look = Look::instance();
    auto* page = new Panel;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(look.scaled(60), look.scaled(60), look.scaled(60), look.scaled(40));
    column->setSpacing(look.scaled(12));
    auto* sentence =
        new TextLabel(Role::sentence, tr("A current sensor that reads wrong makes every counter wrong. Its scale "
                                         "is found here from what your charger puts back after each flight."));
    sentence->setMaximumWidth(look.scaled(620));
    column->addWidget(sentence);
    auto* hint = new TextLabel(Role::quiet, tr("Add an aircraft in Fleet first. Then file flights in Debrief with "
                                               "their recharge, or enter pairs here."));
    hint->setMaximumWidth(look.scaled(620));
    column->addWidget(hint);
    column->addStretch(1);
    return page;
}

QWidget* SensorsPlace::makeAnswer() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(10));
    column->addWidget(new TextLabel(Role::heading, tr("Current sensor")));
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("calibrationSentence"));
    column->addWidget(sentence_);
    together_ = new TextLabel(Role::plain);
    together_->setObjectName(QStringLiteral("sensorTogether"));
    column->addWidget(together_);
    figures_ = new FigureRow(1);
    column->addWidget(figures_);
    column->addLayout(makeSensorForm());
    trouble_ = new TextLabel(Role::warning);
    trouble_->setObjectName(QStringLiteral("sensorTrouble"));
    trouble_->hide();
    column->addWidget(trouble_);
    column->addWidget(new TextLabel(
        Role::quiet,
        tr("Not sure which? Raise the scale a little on the bench: if the same load then reads less, it "
           "divides.")));
    after_ = new TextLabel(Role::plain);
    after_->setObjectName(QStringLiteral("calibrationAfter"));
    column->addWidget(after_);
    column->addLayout(makeButtons());
    column->addWidget(new Hairline(Qt::Horizontal));

    column->addWidget(new TextLabel(Role::heading, tr("On the ground, motor off")));
    offset_ = new TextLabel(Role::plain);
    offset_->setObjectName(QStringLiteral("offsetSentence"));
    column->addWidget(offset_);
    column->addWidget(new Hairline(Qt::Horizontal));

    column->addWidget(new TextLabel(Role::heading, tr("Voltage against a meter")));
    column->addLayout(makeMeterForm());
    volts_ = new TextLabel(Role::plain);
    volts_->setObjectName(QStringLiteral("voltsSentence"));
    column->addWidget(volts_);
    column->addStretch(1);
    connectSensorForm();
    return new ScrollColumn(inside);
}

QLayout* SensorsPlace::makeSensorForm() {
    const Look& look = Look::instance();
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(look.scaled(10));
    grid->setVerticalSpacing(look.scaled(6));
    const auto row = [&](int line, const QString& label, QWidget* field, const char* object, const QString& unit) {
        auto* text = new TextLabel(Role::plain, label);
        text->setWordWrap(false);
        grid->addWidget(text, line, 0);
        field->setObjectName(QLatin1String(object));
        field->setAccessibleName(label);
        grid->addWidget(field, line, 1);
        grid->addWidget(new TextLabel(Role::quiet, unit), line, 2);
    };
    aircraft_ = new ChoiceBox;
    scale_ = new NumberField;
    scale_->setPlaceholderText(tr("as set in the flight controller"));
    convention_ = new ChoiceBox;
    convention_->addItems({tr("divides: higher reads lower"), tr("multiplies: higher reads higher")});
    // As wide as there is room, whatever their words take.
    for (QComboBox* box : {aircraft_, convention_}) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(14);
    }
    charger_ = new NumberField;
    charger_->setStep(0.1);
    row(0, tr("Aircraft"), aircraft_, "sensorAircraft", {});
    row(1, tr("Scale as set"), scale_, "sensorScale", {});
    row(2, tr("Scale type"), convention_, "sensorConvention", {});
    row(3, tr("Charger's accuracy"), charger_, "sensorCharger", tr("%"));
    grid->setColumnStretch(1, 1);
    return grid;
}

QLayout* SensorsPlace::makeButtons() {
    auto* buttons = new QVBoxLayout;
    apply_ = new QPushButton(tr("Calibrate flights"));
    apply_->setObjectName(QStringLiteral("calibrateFlightsButton"));
    apply_->setToolTip(tr("Their figures are recomputed; the raw logs stay unchanged"));
    connect(apply_, &QPushButton::clicked, this, &SensorsPlace::apply);
    buttons->addWidget(apply_, 0, Qt::AlignLeft);
    take_scale_ = new QPushButton(tr("Save the new scale"));
    take_scale_->setObjectName(QStringLiteral("takeScaleButton"));
    take_scale_->setToolTip(tr("After it is set in the flight controller"));
    connect(take_scale_, &QPushButton::clicked, &session_, &session::CalibrationSession::applyToScale);
    buttons->addWidget(take_scale_, 0, Qt::AlignLeft);
    return buttons;
}

QLayout* SensorsPlace::makeMeterForm() {
    const Look& look = Look::instance();
    auto* volts = new QGridLayout;
    volts->setHorizontalSpacing(look.scaled(10));
    volts->setVerticalSpacing(look.scaled(6));
    shown_v_ = new NumberField;
    meter_v_ = new NumberField;
    for (NumberField* field : {shown_v_, meter_v_}) field->setUnit(tr("V"));
    const auto add = [&](int line, const QString& label, NumberField* field, const char* object) {
        auto* text = new TextLabel(Role::plain, label);
        text->setWordWrap(false);
        volts->addWidget(text, line, 0);
        field->setObjectName(QLatin1String(object));
        field->setAccessibleName(label);
        field->setStep(0.01);
        volts->addWidget(field, line, 1);
        volts->addWidget(new TextLabel(Role::quiet, tr("V")), line, 2);
        connect(field, &NumberField::valueEdited, this, &SensorsPlace::showVolts);
        connect(field, &NumberField::unreadable, this, &SensorsPlace::showVolts);
    };
    add(0, tr("On screen"), shown_v_, "voltsShown");
    add(1, tr("On the meter"), meter_v_, "voltsMeter");
    volts->setColumnStretch(1, 1);
    return volts;
}

void SensorsPlace::connectSensorForm() {
    connect(aircraft_, &QComboBox::activated, this, [this](int index) {
        const auto ids = session_.aircraft();
        if (index >= 0 && std::size_t(index) < ids.size()) session_.choose(ids[std::size_t(index)]);
    });
    const auto say = [this](NumberField* field, const QString& words) {
        field->setWrong(!words.isEmpty());
        trouble_->setWords(words);
        trouble_->setVisible(!words.isEmpty());
    };
    connect(scale_, &NumberField::valueEdited, this, [this, say](double value) {
        constexpr double most = 100000.0;
        if (!(value > 0.0 && value < most))
            return say(scale_, tr("A scale is a number above zero; leave it empty if unknown."));
        say(scale_, {});
        session_.setScale(value);
    });
    connect(scale_, &NumberField::unreadable, this, [this, say] {
        const bool empty = scale_->text().trimmed().isEmpty();
        say(scale_, empty ? QString() : tr("This is not a number."));
        if (empty) session_.setScale(std::nullopt);
    });
    connect(convention_, &QComboBox::activated, this,
            [this](int index) { session_.setConvention(telemetry::ScaleConvention(index)); });
    connect(charger_, &NumberField::valueEdited, this, [this, say](double value) {
        if (!(value >= 0.1 && value <= 20.0)) return say(charger_, tr("Charger accuracy is between 0.1 and 20 %."));
        say(charger_, {});
        session_.setCharger(value / 100.0);
    });
}

QWidget* SensorsPlace::makeEvidence() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(20), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    column->addWidget(new TextLabel(Role::heading, tr("Recharged flights")));
    column->addWidget(new TextLabel(
        Role::quiet, tr("Counted as the sensor read it, whatever was corrected since. Exclude flights that were "
                        "flown with another scale, did not start full or were not recharged to full.")));
    cells_ = new CellModel(this);
    table_ = new DataTable(QStringLiteral("calibrationTable"), tr("Recharged flights"));
    table_->setModel(cells_);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    table_->horizontalHeader()->setStretchLastSection(true);
    column->addWidget(table_, 1);
    chart_ = new RechargeChart;
    chart_->setObjectName(QStringLiteral("rechargeChart"));
    column->addWidget(chart_, 2);
    take_ = new QPushButton(tr("Exclude or include"));
    take_->setObjectName(QStringLiteral("calibrationTake"));
    connect(take_, &QPushButton::clicked, this, &SensorsPlace::takeChosen);
    column->addWidget(take_, 0, Qt::AlignLeft);
    column->addWidget(new Hairline(Qt::Horizontal));
    auto* pair = new QHBoxLayout;
    counted_ = new NumberField;
    recharged_ = new NumberField;
    for (NumberField* field : {counted_, recharged_}) field->setUnit(tr("mAh"));
    const auto add = [&](const QString& label, NumberField* field, const char* object) {
        auto* text = new TextLabel(Role::plain, label);
        text->setWordWrap(false);
        pair->addWidget(text);
        field->setObjectName(QLatin1String(object));
        field->setAccessibleName(label);
        field->setMinimumWidth(look.scaled(64));
        pair->addWidget(field, 1);
    };
    add(tr("Counted"), counted_, "pairCounted");
    add(tr("recharged"), recharged_, "pairRecharged");
    auto* unit = new TextLabel(Role::quiet, tr("mAh"));
    unit->setWordWrap(false);
    pair->addWidget(unit);
    auto* button = new QPushButton(tr("Add the pair"));
    button->setObjectName(QStringLiteral("pairAdd"));
    connect(button, &QPushButton::clicked, this, &SensorsPlace::addPair);
    pair->addWidget(button);
    // Enter in either of them adds the pair; the other fields of this panel keep what is typed by themselves.
    auto* both = new QWidget;
    both->setLayout(pair);
    pair->setContentsMargins(0, 0, 0, 0);
    both->setProperty(enter_presses, QStringLiteral("pairAdd"));
    column->addWidget(both);
    pair_trouble_ = new TextLabel(Role::warning);
    pair_trouble_->setObjectName(QStringLiteral("pairTrouble"));
    pair_trouble_->hide();
    column->addWidget(pair_trouble_);
    inside->setMinimumWidth(look.scaled(340));
    return inside;
}

void SensorsPlace::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    session_.watch(true);
    refresh();
}

void SensorsPlace::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    session_.watch(false);
}

void SensorsPlace::refresh() {
    if (filling_) return;
    filling_ = true;
    const auto& together = session_.together();
    together_->setVisible(together.has_value() && together->flights > 0);
    if (together) together_->setWords(wording::sensor_sentence(*together));
    const auto ids = session_.aircraft();
    pages_->setCurrentIndex(ids.empty() ? 0 : 1);
    aircraft_->clear();
    int chosen = -1;
    for (const auto id : ids) {
        if (session_.chosen() == id) chosen = aircraft_->count();
        aircraft_->addItem(wording::title(session_.workspace().library().aircraft.at(id).aircraft));
    }
    aircraft_->setCurrentIndex(chosen);
    if (!scale_->hasFocus()) {
        if (const auto scale = session_.scale())
            scale_->setValue(*scale, 1);
        else
            scale_->clear();
        scale_->setWrong(false);
    }
    convention_->setCurrentIndex(int(session_.convention()));
    if (!charger_->hasFocus()) charger_->setValue(100.0 * session_.charger(), 1);

    const auto found = session_.result();
    const bool good = found && *found;
    std::optional<units::Explanation> why;
    if (!found) {
        sentence_->setWords(tr("No flight of this aircraft has both a count and a recharge yet. Fly, recharge, "
                               "enter it in Debrief; two or three flights are enough."));
    } else if (!*found) {
        sentence_->setWords(wording::message(found->error()));
    } else {
        sentence_->setWords(
            wording::calibration_sentence(**found, session_.convention(), session_.scale().has_value()));
        if (session_.scale()) why = telemetry::explain(**found, session_.pairs());
    }
    figures_->setVisible(why.has_value());
    figures_->figures()[0]->setExplanation(why, tr("new scale"));
    figures_->layOutAgain();
    apply_->setEnabled(good);
    take_scale_->setEnabled(good && session_.scale().has_value());
    showEvidence();
    showOffset();
    showVolts();
    filling_ = false;
}

void SensorsPlace::showEvidence() {
    const auto& q = Look::instance().quantities();
    const auto found = session_.result();
    std::vector<std::vector<Cell>> rows;
    std::vector<RechargeChart::Flight> points;
    int number = 0;
    for (const auto& flight : session_.flights()) {
        const telemetry::CalibrationPair pair{flight.counted_ah, flight.recharged_ah};
        const double off = telemetry::off_by(pair);
        const double after = found && *found ? telemetry::off_after(pair, **found) : off;
        const bool outlier =
            flight.taken && found && *found &&
            std::find((*found)->outliers.begin(), (*found)->outliers.end(), number) != (*found)->outliers.end();
        if (flight.taken) ++number;
        points.push_back({flight.name, flight.counted_ah, flight.recharged_ah, flight.taken, outlier});
        // Off by so much, because that flight alone would set the scale so.
        std::optional<units::Explanation> why;
        if (const auto alone =
                telemetry::calibrate(session_.scale().value_or(100.0), session_.convention(), {pair}))
            why = telemetry::explain(*alone, {pair});
        const auto explained = [&](Cell cell) {
            cell.explanation = why;
            return cell;
        };
        rows.push_back({text_cell(flight.name),
                        explained(figure_cell(q.charge(flight.counted_ah), flight.counted_ah)),
                        figure_cell(q.charge(flight.recharged_ah), flight.recharged_ah),
                        explained(figure_cell(wording::written(off, 0.0, percent_off), off)),
                        explained(figure_cell(wording::written(after, 0.0, percent_off), after)),
                        text_cell(!flight.taken ? (flight.begun_short ? tr("not full at launch") : tr("excluded"))
                                  : outlier     ? tr("outlier")
                                                : tr("used"))});
    }
    cells_->setCells({tr("flight"), tr("counted"), tr("recharged"), tr("error"), tr("error after"), tr("state")},
                     std::move(rows));
    table_->fitColumns();
    chart_->setVisible(!points.empty());
    chart_->setFlights(std::move(points), found && *found ? std::optional((*found)->reads) : std::nullopt,
                       session_.charger());
    take_->setEnabled(!session_.flights().empty());
    after_->setVisible(found && *found);
    if (!found || !*found) return;
    const auto check = telemetry::check(session_.pairs(), **found);
    after_->setWords(
        tr("Before, these flights were off by up to %1; with this correction, by up to %2.", "share before, after")
            .arg(wording::written(check.worst_before, 0.0, percent_off),
                 wording::written(check.worst_after, 0.0, percent_off)));
}

void SensorsPlace::takeChosen() {
    std::vector<std::pair<std::size_t, bool>> changes;
    for (const QModelIndex& index : table_->selectionModel()->selectedRows()) {
        const auto row = std::size_t(index.row());
        if (row < session_.flights().size()) changes.emplace_back(row, !session_.flights()[row].taken);
    }
    for (const auto& [row, taken] : changes) session_.take(row, taken);
}

void SensorsPlace::addPair() {
    const auto counted = counted_->value();
    const auto recharged = recharged_->value();
    constexpr double most_mah = 1e6;
    const auto good = [](const std::optional<double>& value) { return value && *value > 0.0 && *value < most_mah; };
    counted_->setWrong(!good(counted));
    recharged_->setWrong(!good(recharged));
    const bool fine = good(counted) && good(recharged);
    pair_trouble_->setWords(tr("Enter both: what the sensor counted and what the charger put back, in mAh."));
    pair_trouble_->setVisible(!fine);
    if (!fine) return;
    session_.addPair(*counted / units::milliamp_hours_per_amp_hour,
                     *recharged / units::milliamp_hours_per_amp_hour);
    counted_->clear();
    recharged_->clear();
}

void SensorsPlace::apply() {
    session_.applyToFlights();
    emit said(tr("The flights were calibrated; their raw logs are unchanged. Ctrl+Z undoes it."));
}

void SensorsPlace::showOffset() {
    const auto offset = session_.offset();
    offset_->setWords(offset
                          ? wording::offset_sentence(*offset, session_.electronics_known())
                          : tr("No filed flight of this aircraft stood on the ground for five seconds while "
                               "logging. Let the log run for a minute before launch to see the sensor's offset."));
}

void SensorsPlace::showVolts() {
    const auto shown = shown_v_->value();
    const auto meter = meter_v_->value();
    if (!shown || !meter) {
        volts_->setWords(tr("At rest, with the same pack plugged in: the whole pack on both."));
        return;
    }
    const auto scale = telemetry::voltage_scale(*shown, *meter);
    if (!scale) {
        volts_->setWords(tr("These two differ by more than a fifth: is one per cell and the other for the pack?"));
        return;
    }
    const wording::Notation factor{1.0, {}, 4};
    volts_->setWords(
        std::abs(scale->value - 1.0) <= 2.0 * scale->sd
            ? tr("They agree within a meter's accuracy.")
            : tr("Multiply the voltage scale of the flight controller by <b>%1</b> (%2).", "factor, error")
                  .arg(wording::written(scale->value, scale->sd, factor),
                       wording::written_error(scale->sd, factor)));
}

} // namespace sobremesa::app
