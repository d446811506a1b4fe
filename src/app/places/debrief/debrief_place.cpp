#include "app/places/debrief/debrief_place.hpp"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QScrollBar>
#include <QStackedLayout>
#include <QTableView>

#include "app/charts/homeward_chart.hpp"
#include "app/charts/strip_charts.hpp"
#include "app/map/map_view.hpp"
#include "app/map/track_ways.hpp"
#include "app/places/debrief/filing_form.hpp"
#include "app/places/debrief/flight_report_view.hpp"
#include "app/places/debrief/set_aside_model.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/telemetry/min_max_pyramid.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/cell_forms.hpp"
#include "io/log_file.hpp"
#include "wording/findings.hpp"
#include "wording/language.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

DebriefPlace::DebriefPlace(session::DebriefSession& session, session::FlightSession& flight, QWidget* parent)
    : QWidget(parent), session_(session), flight_(flight), pages_(new QStackedLayout(this)) {
    setObjectName(QStringLiteral("debriefPlace"));
    pages_->addWidget(makeEmpty());
    pages_->addWidget(makeOpened());
    connect(&session_, &session::DebriefSession::debriefChanged, this, &DebriefPlace::showDebrief);
    // What was left, and the forecast, depend on what it was flown with.
    connect(&flight_, &session::FlightSession::flightChanged, this, [this] {
        if (!session_.debrief()) return;
        showFigures();
        showChart();
    });
    connect(&Look::instance(), &Look::changed, this, [this] {
        if (session_.debrief()) showDebrief();
    });
}

QWidget* DebriefPlace::makeEmpty() {
    const Look& look = Look::instance();
    auto* page = new Panel;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(look.scaled(60), look.scaled(60), look.scaled(60), look.scaled(40));
    column->setSpacing(look.scaled(12));
    auto* sentence =
        new TextLabel(Role::sentence,
                      tr("Drop a flight log here to see what the flight used, how far it went and what remained."));
    sentence->setMaximumWidth(look.scaled(620));
    column->addWidget(sentence);
    auto* what = new TextLabel(
        Role::quiet,
        tr("CSV with a header line, GPX, IGC, NMEA or a MAVLink telemetry log, from the radio's card or an "
           "on-board recorder. Time is required; position, voltage, current and the mAh counter add the rest."));
    what->setMaximumWidth(look.scaled(620));
    column->addWidget(what);
    auto* open = new QPushButton(tr("Open a log…"));
    open->setObjectName(QStringLiteral("openLogButton"));
    connect(open, &QPushButton::clicked, this, &DebriefPlace::openWanted);
    auto* without = new QPushButton(tr("No log? File it by hand…"));
    without->setObjectName(QStringLiteral("debriefNotebookButton"));
    connect(without, &QPushButton::clicked, this, &DebriefPlace::notebookWanted);
    auto* ways = new QHBoxLayout;
    ways->addWidget(open);
    ways->addWidget(without);
    ways->addStretch(1);
    column->addLayout(ways);
    offered_ = new QVBoxLayout;
    offered_->setSpacing(look.scaled(2));
    column->addSpacing(look.scaled(16));
    column->addLayout(offered_);
    column->addStretch(1);
    return page;
}

void DebriefPlace::setOffered(const QStringList& logs) {
    while (QLayoutItem* item = offered_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    if (logs.isEmpty()) return;
    offered_->addWidget(new TextLabel(Role::heading, tr("Flights of the demo")));
    for (const QString& path : logs) {
        auto* button = new QPushButton(wording::file_title(path.toStdString()));
        button->setFlat(true);
        QFont underlined = button->font();
        underlined.setUnderline(true);
        button->setFont(underlined);
        button->setCursor(Qt::PointingHandCursor);
        connect(button, &QPushButton::clicked, this, [this, path] { emit logWanted(path); });
        offered_->addWidget(button, 0, Qt::AlignLeft);
    }
}

QWidget* DebriefPlace::makeTrack() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* heading = new QHBoxLayout;
    heading->setContentsMargins(look.scaled(24), look.scaled(6), look.scaled(16), 0);
    heading->addWidget(new TextLabel(Role::quiet, tr("Track shows")));
    heading->addSpacing(look.scaled(8));
    coloured_by_ = new ChoiceBox;
    coloured_by_->setObjectName(QStringLiteral("trackBy"));
    coloured_by_->setAccessibleName(tr("What the track's thickness shows"));
    coloured_by_->setMinimumWidth(look.scaled(180));
    connect(coloured_by_, &QComboBox::activated, this, &DebriefPlace::showMeasure);
    heading->addWidget(coloured_by_);
    heading->addStretch(1);
    column->addLayout(heading);
    map_ = new MapView;
    map_->setObjectName(QStringLiteral("debriefMap"));
    column->addWidget(map_, 1);
    return panel;
}

QWidget* DebriefPlace::makeOpened() {
    QWidget* track = makeTrack();
    QWidget* reading = makeReading();
    QWidget* strips = makeStrips();
    QWidget* chart = makeChart();
    auto* fold = new Fold;
    fold->addPane(tr("Reading"), reading);
    fold->addPane(tr("Homeward chart"), chart);
    fold->addPane(tr("Strips"), strips, true);
    fold->addPane(tr("Track"), track);
    fold->setKeptBeside();
    fold->setWideArrangement([track, reading, strips, chart](QWidget* page) {
        auto* row = new QHBoxLayout(page);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(0);
        auto* left = new QVBoxLayout;
        left->setSpacing(0);
        left->addWidget(track, 8);
        left->addWidget(new Hairline(Qt::Horizontal));
        left->addWidget(reading, 13);
        row->addLayout(left, 5);
        row->addWidget(new Hairline(Qt::Vertical));
        auto* right = new QVBoxLayout;
        right->setSpacing(0);
        right->addWidget(strips, 11);
        right->addWidget(new Hairline(Qt::Horizontal));
        right->addWidget(chart, 9);
        row->addLayout(right, 6);
    });
    return fold;
}

QWidget* DebriefPlace::makeStrips() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* right = new QVBoxLayout(panel);
    right->setContentsMargins(look.scaled(16), look.scaled(10), look.scaled(16), look.scaled(8));
    auto* heading = new QHBoxLayout;
    file_ = new TextLabel(Role::quiet);
    file_->setObjectName(QStringLiteral("debriefFile"));
    file_->setElided();
    heading->addWidget(file_, 1);
    parts_ = new ChoiceBox;
    parts_->setObjectName(QStringLiteral("flightOfFile"));
    parts_->setAccessibleName(tr("Which flight of this file"));
    connect(parts_, &QComboBox::activated, this,
            [this](int index) { flight_.choosePart(std::size_t(std::max(index, 0))); });
    heading->addWidget(parts_);
    columns_ = new QPushButton(tr("Columns…"));
    columns_->setObjectName(QStringLiteral("columnsButton"));
    columns_->setToolTip(tr("How each column of this log was read; correct it here"));
    connect(columns_, &QPushButton::clicked, this,
            [this] { emit columnsWanted(session_.debrief() ? session_.debrief()->path : QString()); });
    heading->addWidget(columns_);
    auto* beside = new QPushButton(tr("Compare…"));
    beside->setObjectName(QStringLiteral("compareButton"));
    beside->setToolTip(tr("Compare with other flights at equal distance, speed and mass"));
    connect(beside, &QPushButton::clicked, this, &DebriefPlace::compareWanted);
    heading->addWidget(beside);
    for (const int step : {-1, 1}) {
        auto* neighbour = new QPushButton(step < 0 ? tr("Earlier") : tr("Later"));
        neighbour->setObjectName(step < 0 ? QStringLiteral("earlierFlight") : QStringLiteral("laterFlight"));
        neighbour->setToolTip(step < 0 ? tr("The flight before this one in the logbook")
                                       : tr("The flight after this one in the logbook"));
        connect(neighbour, &QPushButton::clicked, this, [this, step] { emit neighbourWanted(step); });
        heading->addWidget(neighbour);
    }
    auto* another = new QPushButton(tr("Open a log…"));
    another->setObjectName(QStringLiteral("openAnotherButton"));
    connect(another, &QPushButton::clicked, this, &DebriefPlace::openWanted);
    heading->addWidget(another);
    right->addLayout(heading);
    strips_ = new StripCharts;
    strips_->setObjectName(QStringLiteral("stripCharts"));
    right->addWidget(strips_, 1);
    auto* minutes = new TextLabel(Role::quiet, tr("minutes"));
    minutes->setAlignment(Qt::AlignRight);
    right->addWidget(minutes);
    connect(strips_, &StripCharts::cursorMoved, this, &DebriefPlace::markCursor);
    return panel;
}

QWidget* DebriefPlace::makeChart() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(16), look.scaled(8), look.scaled(16), look.scaled(6));
    column->setSpacing(look.scaled(2));
    auto* heading = new QHBoxLayout;
    heading->addWidget(new TextLabel(Role::heading, tr("Homeward chart")));
    heading->addSpacing(look.scaled(8));
    chart_words_ = new TextLabel(Role::quiet);
    chart_words_->setObjectName(QStringLiteral("flownWords"));
    chart_words_->setElided();
    heading->addWidget(chart_words_, 1);
    column->addLayout(heading);
    chart_ = new HomewardChart;
    chart_->setObjectName(QStringLiteral("flownChart"));
    column->addWidget(chart_, 1);
    connect(chart_, &HomewardChart::reserveDragged, this, [this](double share) {
        auto request = flight_.flown().request();
        request.reserve = mission::ShareOfUsable{share};
        flight_.flown().setRequest(request);
    });
    return panel;
}

void DebriefPlace::showChart() {
    const auto forecast = flight_.flown().plan();
    const auto flown = flight_.overForecast();
    chart_->setPlan(flown ? forecast : nullptr);
    chart_->setFlown(flown);
    chart_words_->setWords(flown                 ? wording::flown_sentence(*flown, Look::instance().quantities())
                           : flight_.pack_fits() ? tr("needs position, voltage and current in the log")
                                                 : tr("needs the pack that was flown"));
}

QWidget* DebriefPlace::makeReading() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(24), look.scaled(14), look.scaled(24), look.scaled(12));
    column->setSpacing(look.scaled(8));
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("debriefSentence"));
    column->addWidget(sentence_);
    warnings_ = new QVBoxLayout;
    column->addLayout(warnings_);
    findings_ = new TextLabel(Role::quiet);
    findings_->setObjectName(QStringLiteral("debriefFindings"));
    column->addWidget(findings_);
    figures_ = new FigureRow(11);
    column->addWidget(figures_);
    filing_ = new FilingForm(flight_);
    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(filing_);
    column->addWidget(new Hairline(Qt::Horizontal));
    remaining_ = new TextLabel(Role::plain);
    remaining_->setObjectName(QStringLiteral("debriefRemaining"));
    column->addWidget(remaining_);
    left_ = new TextLabel(Role::quiet);
    left_->setObjectName(QStringLiteral("debriefLeft"));
    column->addWidget(left_);
    diagnostics_ = new QVBoxLayout;
    column->addLayout(diagnostics_);
    makeSagRow();
    column->addWidget(sag_row_);
    flight_report_ = new FlightReportView(flight_);
    column->addWidget(flight_report_);

    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(new TextLabel(Role::heading, tr("Segments")));
    makeSegments();
    column->addWidget(segments_);
    column->addWidget(new Hairline(Qt::Horizontal));

    makeSetAside();
    column->addWidget(set_aside_);
    nothing_aside_ = new TextLabel(Role::quiet, tr("All rows used."));
    column->addWidget(nothing_aside_);
    column->addStretch(1);

    reading_ = new ScrollColumn(inside);
    reading_->setMinimumWidth(look.scaled(300));
    return reading_;
}

void DebriefPlace::makeSagRow() {
    sag_row_ = new QWidget;
    auto* sag = new QHBoxLayout(sag_row_);
    sag->setContentsMargins(0, 0, 0, 0);
    sag_words_ = new TextLabel(Role::quiet);
    sag_words_->setObjectName(QStringLiteral("debriefSag"));
    sag->addWidget(sag_words_, 1);
    take_sag_ = new QPushButton(tr("Use it for this pack"));
    take_sag_->setObjectName(QStringLiteral("takeSagButton"));
    take_sag_->setToolTip(tr("Measured sag then decides this pack's continuous current, in place of its label"));
    connect(take_sag_, &QPushButton::clicked, &flight_, &session::FlightSession::takeSag);
    sag->addWidget(take_sag_, 0, Qt::AlignTop);
}

void DebriefPlace::makeSegments() {
    segment_cells_ = new CellModel(this);
    segments_ = new DataTable(QStringLiteral("segmentTable"), tr("Segments of the flight"));
    segments_->setModel(segment_cells_);
    segments_->setSelectionBehavior(QAbstractItemView::SelectRows);
    segments_->setSelectionMode(QAbstractItemView::SingleSelection);
    segments_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    segments_->horizontalHeader()->setStretchLastSection(true);
    connect(segments_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& now) {
                const auto debrief = session_.debrief();
                if (!debrief || !now.isValid() || std::size_t(now.row()) >= debrief->findings.segments.size())
                    return;
                const auto& segment = debrief->findings.segments[std::size_t(now.row())];
                strips_->showPart(segment.start_s, segment.end_s);
            });
}

void DebriefPlace::makeSetAside() {
    set_aside_model_ = new SetAsideModel(this);
    set_aside_ = new QTableView;
    set_aside_->setObjectName(QStringLiteral("setAsideTable"));
    set_aside_->setAccessibleName(tr("Excluded rows, and why"));
    set_aside_->setModel(set_aside_model_);
    set_aside_->setShowGrid(false);
    set_aside_->setFrameShape(QFrame::NoFrame);
    set_aside_->verticalHeader()->hide();
    set_aside_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    set_aside_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    set_aside_->horizontalHeader()->setSectionResizeMode(SetAsideModel::reason, QHeaderView::Stretch);
    set_aside_->horizontalHeader()->setSectionResizeMode(SetAsideModel::rows, QHeaderView::ResizeToContents);
    set_aside_->horizontalHeader()->setSectionResizeMode(SetAsideModel::first_row, QHeaderView::ResizeToContents);
    set_aside_->setTabKeyNavigation(false);
    set_aside_->setToolTip(tr("Click or Enter shows the place in the strips; again for the next place"));
    connect(set_aside_, &QTableView::clicked, this, [this](const QModelIndex& i) { jumpToSetAside(i.row()); });
    connect(set_aside_, &QTableView::activated, this, [this](const QModelIndex& i) { jumpToSetAside(i.row()); });
}

void DebriefPlace::showDebrief() {
    const auto debrief = session_.debrief();
    if (!debrief) return;
    pages_->setCurrentIndex(1);
    const Look& look = Look::instance();
    const wording::Notation count{1.0, {}, 0};
    file_->setWords(tr("%1 — %2 rows, %3 excluded", "file name, rows, rows excluded")
                        .arg(wording::file_title(debrief->path.toStdString()),
                             wording::written(double(debrief->log->rows_met), 0.0, count),
                             wording::written(double(debrief->clean.rows_set_aside), 0.0, count)));
    showParts();
    shown_place_.clear();
    showFigures();
    showChart();
    filing_->refresh();
    showTrack();
    showSegments();
    set_aside_model_->setList(debrief->clean.set_aside);
    const int rows = set_aside_model_->rowCount();
    set_aside_->setVisible(rows > 0);
    nothing_aside_->setVisible(rows == 0);
    set_aside_->verticalHeader()->setDefaultSectionSize(look.scaled(26));
    set_aside_->setFixedHeight(look.scaled(28) + rows * look.scaled(26) + 4);
    if (debrief->path != shown_path_) reading_->verticalScrollBar()->setValue(0);
    shown_path_ = debrief->path;
    strips_->setDebrief(debrief);
    strips_->setAccessibleName(tr("Strips over time: height, ground speed, voltage and current"));
}

void DebriefPlace::showFigures() {
    const auto& summary = session_.debrief()->summary;
    const auto& request = flight_.flight().flown;
    const auto& q = Look::instance().quantities();
    const auto landing = flight_.left();
    sentence_->setWords(wording::debrief_sentence(summary, landing.left, q));
    const std::pair<Quantity, QString> figures[] = {
        {q.leading(Quantity::charge_per_distance, Quantity::energy_per_distance), tr("over ground")},
        {q.leading(Quantity::energy_per_distance, Quantity::charge_per_distance), tr("over ground")},
        {q.leading(Quantity::still_air_charge_per_distance, Quantity::still_air_energy_per_distance),
         tr("level, still air")},
        {Quantity::wind_speed, tr("wind")},
        {Quantity::airspeed, tr("airspeed")},
        {Quantity::mean_power, tr("mean power")},
        {Quantity::lowest_voltage, tr("lowest pack voltage")},
        {Quantity::highest_current, tr("highest current")},
        {Quantity::highest_ground_speed, tr("highest speed")},
    };
    const auto& shown = figures_->figures();
    const auto& found = session_.debrief()->findings;
    const auto why = [&](Quantity quantity) -> std::optional<units::Explanation> {
        switch (quantity) {
        case Quantity::wind_speed:
        case Quantity::airspeed: return telemetry::explain(found.wind, quantity);
        case Quantity::still_air_charge_per_distance:
        case Quantity::still_air_energy_per_distance:
            return found.still ? telemetry::explain(*found.still, quantity) : std::nullopt;
        default: return telemetry::explain(summary, quantity);
        }
    };
    for (std::size_t i = 0; i < std::size(figures); ++i)
        shown[i]->setExplanation(why(figures[i].first), figures[i].second);
    // Quietly: the figures below are the loud ones.
    const QString words = wording::without_markup(wording::findings_sentence(found, q));
    findings_->setWords(words);
    findings_->setVisible(!words.isEmpty());
    std::optional<units::Explanation> left;
    if (landing.left) left = telemetry::explain(*landing.left, summary, Quantity::left_share);
    shown[std::size(figures)]->setExplanation(left, tr("remaining, by counter"));
    std::optional<units::Explanation> margin;
    if (const auto flown = flight_.overForecast())
        margin = debrief::explain_least_margin(*flown, *flight_.flown().plan());
    shown[std::size(figures) + 1]->setExplanation(margin, tr("minimum margin"));
    figures_->layOutAgain();
    flight_report_->refresh();
    left_->setVisible(landing.left.has_value());
    if (landing.left) {
        left_->setWords(tr("Remaining refers to %1: usable %2 down to %3.")
                            .arg(wording::title(request.pack), q.charge(landing.left->usable_charge_ah),
                                 wording::written(mission::landing_cell_v(request), 0.0,
                                                  q.notation(Quantity::landing_cell_voltage))));
    }
    showRemaining();
    showDiagnostics();
}

void DebriefPlace::showRemaining() {
    const auto& q = Look::instance().quantities();
    const auto& flight = flight_.flight();
    const auto remaining = flight_.remaining();
    const QString words = remaining ? wording::remaining_sentence(*remaining, q) : QString();
    remaining_->setWords(words);
    remaining_->setVisible(!words.isEmpty());
    const auto& sag = session_.debrief()->findings.sag;
    sag_row_->setVisible(sag.has_value() && remaining.has_value());
    if (!sag) return;
    const units::Explanation why = telemetry::explain(*sag, flight.flown.pack);
    sag_words_->setWords(
        tr("Sag in this flight: %1 %2 per cell; the pack is entered with %3.", "resistance, its error, resistance")
            .arg(q.text(Quantity::measured_cell_resistance, why.value),
                 q.error_text(Quantity::measured_cell_resistance, why.value),
                 q.text(Quantity::cell_resistance, why.inputs.front().value)));
    take_sag_->setVisible(flight.pack_id.has_value());
    take_sag_->setEnabled(flight.flown.pack.measured_cell_ohm != why.value.value);
}

void DebriefPlace::showSegments() {
    const auto& q = Look::instance().quantities();
    const auto& segments = session_.debrief()->findings.segments;
    std::vector<std::vector<Cell>> rows;
    for (const auto& s : segments) {
        const auto cell = [&](Quantity quantity) { return explained_cell(telemetry::explain(s, quantity)); };
        Cell kind;
        kind.text = wording::name(s.kind);
        // Where it begins, explained by what it lasted.
        Cell from = cell(Quantity::duration);
        from.text = wording::written(s.start_s / units::seconds_per_minute, 0.0, {1.0, {}, 1});
        from.sort = s.start_s;
        Cell lasted = cell(Quantity::duration);
        lasted.text = q.duration(s.end_s - s.start_s);
        rows.push_back({kind, from, lasted, cell(Quantity::ground_distance), cell(Quantity::height),
                        cell(Quantity::lift_of_air), cell(Quantity::mean_power), cell(Quantity::used_energy)});
    }
    // Short heads: the whole table has to fit beside the strips.
    segment_cells_->setCells({tr("segment"), tr("from"), tr("duration"), tr("distance"), tr("climb"), tr("lift"),
                              tr("power"), tr("energy")},
                             std::move(rows));
    segments_->fitColumns(80);
    const Look& look = Look::instance();
    segments_->setFixedHeight(segments_->horizontalHeader()->sizeHint().height() +
                              int(segments.size()) * segments_->verticalHeader()->defaultSectionSize() +
                              look.scaled(6));
}

void DebriefPlace::showDiagnostics() {
    const auto landing = flight_.left();
    std::vector<units::Diagnostic> diagnostics = session_.debrief()->summary.diagnostics;
    const auto& found = session_.debrief()->findings;
    diagnostics.insert(diagnostics.end(), found.diagnostics.begin(), found.diagnostics.end());
    if (const auto remaining = flight_.remaining()) {
        if (auto diagnostic = battery::disagreement_diagnostic(*remaining)) diagnostics.push_back(*diagnostic);
        if (found.sag) {
            if (auto diagnostic = telemetry::sag_diagnostic(*found.sag, flight_.flight().flown.pack))
                diagnostics.push_back(*diagnostic);
        }
    }
    // Nothing counts until the right pack is chosen.
    if (landing.diagnostic) diagnostics.insert(diagnostics.begin(), *landing.diagnostic);
    if (const auto& flight_report = flight_.flightReport())
        diagnostics.insert(diagnostics.end(), flight_report->diagnostics.begin(), flight_report->diagnostics.end());
    for (QVBoxLayout* layout : {warnings_, diagnostics_}) {
        while (QLayoutItem* item = layout->takeAt(0)) {
            delete item->widget();
            delete item;
        }
    }
    for (const auto& diagnostic : diagnostics) {
        const bool warns = diagnostic.severity == units::Severity::warning;
        auto* label = new TextLabel(warns ? Role::warning : Role::quiet,
                                    wording::message(diagnostic, Look::instance().quantities()));
        (warns ? warnings_ : diagnostics_)->addWidget(label);
        // Shown at once, so that the column counts its height at once.
        label->show();
        if (diagnostic.code != units::DiagnosticCode::date_order_assumed) continue;
        QWidget* question = makeDateQuestion(diagnostic);
        warnings_->addWidget(question);
        question->show();
    }
}

QWidget* DebriefPlace::makeDateQuestion(const units::Diagnostic& assumed) {
    const auto text_of = [&](const char* name) {
        for (const auto& parameter : assumed.parameters) {
            const auto* text = std::get_if<std::string>(&parameter.value);
            if (text && parameter.name == name) return *text;
        }
        return std::string();
    };
    auto* question = new QWidget;
    auto* row = new QHBoxLayout(question);
    row->setContentsMargins(0, 0, 0, 0);
    auto* asked = new TextLabel(Role::plain, tr("Flown on"));
    asked->setWordWrap(false);
    row->addWidget(asked);
    for (const io::DateOrder order : {io::DateOrder::day_first, io::DateOrder::month_first}) {
        double seconds = 0.0;
        const std::string example = text_of("example");
        if (!io::parse_moment(example, order, seconds) && !io::parse_date(example, order, seconds)) continue;
        const QString word = QString::fromStdString(std::string(io::date_order_words[std::size_t(order)]));
        auto* button = new QPushButton(wording::day_text(seconds));
        button->setObjectName(QStringLiteral("date-") + word);
        button->setToolTip(tr("Reads the log with this date; remembered for logs with this header"));
        connect(button, &QPushButton::clicked, this,
                [this, word, column = QString::fromStdString(text_of("column"))] {
                    if (session_.debrief()) emit dateOrderWanted(session_.debrief()->path, column, word);
                });
        row->addWidget(button);
    }
    row->addStretch(1);
    return question;
}

/// The course that was planned, where the flight kept to it.
MapView::Way DebriefPlace::plannedWay() const {
    const auto& mission = flight_.flight().flown.mission;
    MapView::Way way{{}, false, true, {}};
    if (!mission::flies_over_places(mission.kind) || mission.waypoints.empty()) return way;
    way.points.push_back({});
    for (const auto& point : mission.waypoints) way.points.push_back(point.at);
    if (mission::comes_home(mission.kind)) way.points.push_back({});
    return way;
}

void DebriefPlace::showTrack() {
    const auto debrief = session_.debrief();
    auto [ways, farthest] = track_on_map(debrief->summary);
    if (auto planned = plannedWay(); !planned.points.empty()) ways.push_back(std::move(planned));
    map_->setMarker(std::nullopt);
    map_->setTurn(farthest, false);
    map_->setWays(std::move(ways));
    showMeasure();
    map_->showAll();
    map_->setAccessibleName(farthest ? tr("Track of the flight, %1 from home").arg(farthest->label)
                                     : tr("No track: this log has no position"));
}

namespace {

/// What a track can be shown by, besides the outbound and return legs.
struct Measure {
    telemetry::Channel channel;
    QString name;
    units::Quantity quantity;
};

std::vector<Measure> measures() {
    using telemetry::Channel;
    return {{Channel::height_m, DebriefPlace::tr("height above home"), Quantity::height},
            {Channel::ground_speed_mps, DebriefPlace::tr("ground speed"), Quantity::ground_speed_out},
            {Channel::current_a, DebriefPlace::tr("current"), Quantity::mean_current},
            {Channel::voltage_v, DebriefPlace::tr("voltage"), Quantity::lowest_voltage},
            {Channel::climb_mps, DebriefPlace::tr("climb"), Quantity::climb_rate},
            {Channel::airspeed_mps, DebriefPlace::tr("airspeed"), Quantity::airspeed},
            {Channel::link_quality_share, DebriefPlace::tr("link quality"), Quantity::left_share},
            {Channel::video_quality_share, DebriefPlace::tr("video link quality"), Quantity::left_share}};
}

} // namespace

void DebriefPlace::showParts() {
    const auto debrief = session_.debrief();
    const auto& flights = debrief->clean.parts;
    parts_->clear();
    parts_->setVisible(flights.size() > 1);
    const auto& q = Look::instance().quantities();
    for (std::size_t i = 0; i < flights.size(); ++i) {
        parts_->addItem(tr("flight %1 of %2, %3", "number, of how many, how long")
                            .arg(i + 1)
                            .arg(flights.size())
                            .arg(q.duration(flights[i].end_s - flights[i].start_s)));
    }
    parts_->setCurrentIndex(int(debrief->clean.part));
    const int chosen = std::max(coloured_by_->currentIndex(), 0);
    const QString word = coloured_by_->currentText();
    coloured_by_->clear();
    coloured_by_->addItem(tr("outbound and inbound"), -1);
    for (const Measure& measure : measures()) {
        if (debrief->clean.raw->has(measure.channel)) coloured_by_->addItem(measure.name, int(measure.channel));
    }
    const int again = chosen > 0 ? coloured_by_->findText(word) : 0;
    coloured_by_->setCurrentIndex(std::max(again, 0));
}

void DebriefPlace::showMeasure() {
    const auto debrief = session_.debrief();
    const int channel = coloured_by_->currentData().toInt();
    const auto& track = debrief->summary.track;
    const auto all = measures();
    const auto measure =
        std::find_if(all.begin(), all.end(), [&](const auto& m) { return int(m.channel) == channel; });
    if (measure == all.end() || track.east_m.empty()) {
        map_->setMeasured({});
        return;
    }
    std::vector<double> values(track.time_s.size());
    const double zero = measure->channel == telemetry::Channel::height_m
                            ? telemetry::home_height_m(debrief->clean).value_or(0.0)
                            : 0.0;
    for (std::size_t i = 0; i < values.size(); ++i) values[i] = debrief->clean.value(measure->channel, i) - zero;
    constexpr int classes_shown = 5;
    constexpr double window_s = 10.0;
    const auto notation = Look::instance().quantities().notation(measure->quantity);
    values = telemetry::smoothed(track.time_s, values, window_s);
    const auto classes = telemetry::classes_of(values, classes_shown, notation.factor);
    MapView::Measured measured;
    for (std::size_t i = 0; i < values.size(); ++i)
        measured.points.push_back({{track.east_m[i], track.north_m[i]}, classes.of_value[i]});
    for (std::size_t k = 0; k <= classes.bounds.size(); ++k) {
        measured.legend << (k == 0 ? tr("below %1")
                                         .arg(classes.bounds.empty()
                                                  ? QString()
                                                  : wording::written(classes.bounds[0], 0.0, notation))
                                   : tr("from %1").arg(wording::written(classes.bounds[k - 1], 0.0, notation)));
    }
    // A quantity that never changes has one class and nothing to tell apart.
    if (classes.bounds.empty()) measured.legend = {tr("the same everywhere")};
    measured.name = measure->name;
    map_->setMeasured(std::move(measured));
}

void DebriefPlace::jumpToSetAside(int reason) {
    const auto debrief = session_.debrief();
    if (!debrief || reason < 0 || std::size_t(reason) >= debrief->clean.set_aside.size()) return;
    const auto& entry = debrief->clean.set_aside[std::size_t(reason)];
    if (entry.places.empty()) return;
    // Once more on the same reason: its next place.
    auto& next = shown_place_[reason];
    const auto& place = entry.places[next % entry.places.size()];
    next = (next + 1) % entry.places.size();
    const auto span = telemetry::time_of_lines(debrief->clean, place.first_row, std::int64_t(place.rows));
    if (span) strips_->showPart(span->first, span->second);
}

void DebriefPlace::markCursor(std::size_t row) {
    const auto& track = session_.debrief()->summary.track;
    if (track.east_m.empty()) return;
    map_->setMarker(geodesy::EastNorth{track.east_m[row], track.north_m[row]});
}

} // namespace sobremesa::app
