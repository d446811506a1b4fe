#include "app/places/fleet/sun_page.hpp"

#include <cmath>

#include <QDateEdit>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>
#include <QVBoxLayout>

#include "app/charts/sun_chart.hpp"
#include "app/fields/field_form.hpp"
#include "app/fields/sun_fields.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/cell_forms.hpp"
#include "wording/aircraft.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"
#include "wording/sun.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

QString place_text(const geodesy::Position& at) {
    return QStringLiteral("%1, %2").arg(at.latitude_deg, 0, 'f', 4).arg(at.longitude_deg, 0, 'f', 4);
}

QDateTime midnight(const QDate& date) {
    return {date, QTime(0, 0), Qt::UTC};
}

} // namespace

SunPage::SunPage(session::SunSession& sun, QWidget* parent) : QWidget(parent), sun_(sun) {
    setObjectName(QStringLiteral("sunPage"));
    Fold::fill(*this, {tr("Day"), makePicture(), 9}, {tr("Array"), makeReading(), 6});
    connect(&sun_, &session::SunSession::changed, this, &SunPage::refresh);
    connect(&Look::instance(), &Look::changed, this, &SunPage::refresh);
    refresh();
}

QWidget* SunPage::makePicture() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    name_ = new TextLabel(Role::heading);
    name_->setObjectName(QStringLiteral("sunName"));
    column->addWidget(name_);
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("sunSentence"));
    column->addWidget(sentence_);
    flight_ = new TextLabel(Role::plain);
    flight_->setObjectName(QStringLiteral("sunFlight"));
    column->addWidget(flight_);
    trouble_ = new TextLabel(Role::plain);
    trouble_->setObjectName(QStringLiteral("sunTrouble"));
    column->addWidget(trouble_);
    chart_ = new SunChart;
    chart_->setObjectName(QStringLiteral("sunChart"));
    column->addWidget(chart_, 1);
    figures_ = new FigureRow(4);
    figures_->setObjectName(QStringLiteral("sunFigures"));
    column->addWidget(figures_);
    column->addWidget(new TextLabel(
        Role::quiet,
        tr("A clear-sky model: haze, shadows on the wing and banking are not in it. The sun can go behind a "
           "cloud at any time: plan to come home on the pack. Local rules come first.")));
    return panel;
}

void SunPage::addDay(QVBoxLayout& column) {
    const Look& look = Look::instance();
    column.addWidget(new TextLabel(Role::heading, tr("Day and place")));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(look.scaled(12));
    grid->setVerticalSpacing(look.scaled(6));
    grid->setColumnStretch(1, 1);
    const auto add = [&](int line, const QString& label, const char* object, QWidget* editor) {
        auto* words = new TextLabel(Role::plain, label);
        words->setWordWrap(false);
        grid->addWidget(words, line, 0);
        editor->setObjectName(QLatin1String(object));
        editor->setAccessibleName(label);
        grid->addWidget(editor, line, 1);
    };
    day_ = new QDateEdit;
    day_->setDisplayFormat(QStringLiteral("yyyy-MM-dd"));
    day_->setDateRange(QDate(1900, 1, 1), QDate(2099, 12, 31));
    add(0, tr("Day"), "sunDay", day_);
    place_ = new QLineEdit;
    place_->setPlaceholderText(tr("latitude, longitude"));
    place_->setToolTip(tr("Degrees, such as 42.61, −5.02. Empty: the plan's home."));
    add(1, tr("Place"), "sunPlace", place_);
    start_ = new QLineEdit;
    start_->setPlaceholderText(tr("best of the day"));
    start_->setToolTip(tr("Local time of this computer, such as 10:30. Empty: the start that lasts longest."));
    add(2, tr("Launch at"), "sunStart", start_);
    cloud_ = new QSlider(Qt::Horizontal);
    cloud_->setRange(0, 8);
    cloud_->setPageStep(1);
    cloud_->setMinimumHeight(look.scaled(26));
    add(3, tr("Cloud"), "sunCloud", cloud_);
    cloud_words_ = new TextLabel(Role::quiet);
    cloud_words_->setObjectName(QStringLiteral("sunCloudWords"));
    grid->addWidget(cloud_words_, 4, 1);
    column.addLayout(grid);
    entry_trouble_ = new TextLabel(Role::plain);
    entry_trouble_->setObjectName(QStringLiteral("sunEntryTrouble"));
    entry_trouble_->hide();
    column.addWidget(entry_trouble_);
    connect(day_, &QDateEdit::dateChanged, this, &SunPage::askAgain);
    connect(cloud_, &QSlider::valueChanged, this, &SunPage::askAgain);
    connect(start_, &QLineEdit::textEdited, this, &SunPage::askAgain);
    connect(place_, &QLineEdit::textEdited, this, &SunPage::takePlace);
}

void SunPage::addCraft(QVBoxLayout& column) {
    const Look& look = Look::instance();
    column.addWidget(new TextLabel(Role::heading, tr("Array and converter")));
    auto* buttons = new QHBoxLayout;
    add_ = new QPushButton(tr("Add an array to this wing"));
    add_->setObjectName(QStringLiteral("sunAddArray"));
    connect(add_, &QPushButton::clicked, this, [this] {
        if (auto request = sun_.request()) {
            request->aircraft.array = first_array(*request);
            (void)sun_.setRequest(*request);
        }
    });
    remove_ = new QPushButton(tr("Remove the array"));
    remove_->setObjectName(QStringLiteral("sunRemoveArray"));
    connect(remove_, &QPushButton::clicked, this, [this] {
        if (auto request = sun_.request()) {
            request->aircraft.array.reset();
            request->aircraft.converter.reset();
            (void)sun_.setRequest(*request);
        }
    });
    buttons->addWidget(add_);
    buttons->addWidget(remove_);
    buttons->addStretch(1);
    series_ = new TextLabel(Role::quiet);
    series_->setObjectName(QStringLiteral("sunSeries"));
    column.addWidget(series_);
    forms_ = new QWidget;
    forms_column_ = new QVBoxLayout(forms_);
    forms_column_->setContentsMargins(0, 0, 0, 0);
    forms_column_->setSpacing(look.scaled(8));
    column.addWidget(forms_);
    column.addLayout(buttons);
}

QWidget* SunPage::makeReading() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(20), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    addDay(*column);
    column->addWidget(new Hairline(Qt::Horizontal));
    changes_heading_ = new TextLabel(Role::heading, tr("What would help"));
    column->addWidget(changes_heading_);
    cells_ = new CellModel(this);
    changes_ = new DataTable(QStringLiteral("sunChanges"), tr("Effect of changes"));
    changes_->setModel(cells_);
    changes_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(changes_);
    column->addWidget(new Hairline(Qt::Horizontal));
    addCraft(*column);
    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(new TextLabel(Role::heading, tr("Ten-minute sun test")));
    column->addWidget(new TextLabel(
        Role::plain,
        wording::sun_protocol() + QLatin1Char(' ') +
            tr("The cruise parts show whether the pack gains or loses charge, the glide what the array delivers, "
               "the last part what the conversion loses. Debrief reads it from the log.")));
    column->addStretch(1);
    return new ScrollColumn(inside);
}

void SunPage::askAgain() {
    if (showing_) return;
    auto question = sun_.question();
    question.day_utc_s = double(midnight(day_->date()).toSecsSinceEpoch());
    question.cloud_okta = cloud_->value();
    question.start_utc_s.reset();
    QString trouble;
    if (const QString typed = start_->text().trimmed(); !typed.isEmpty()) {
        QTime time = QTime::fromString(typed, QStringLiteral("H:mm"));
        if (!time.isValid()) time = QTime::fromString(typed, QStringLiteral("H.mm"));
        if (time.isValid())
            question.start_utc_s = double(QDateTime(day_->date(), time, Qt::LocalTime).toSecsSinceEpoch());
        else
            trouble = tr("Enter the time as 10:30.");
    }
    entry_trouble_->setWords(trouble);
    entry_trouble_->setVisible(!trouble.isEmpty());
    if (trouble.isEmpty()) sun_.ask(question);
}

void SunPage::takePlace() {
    const QString typed = place_->text().trimmed();
    const auto at = io::position_from_text(typed.toStdString());
    const bool wrong = !typed.isEmpty() && !at;
    entry_trouble_->setWords(
        wrong ? tr("Enter latitude and longitude in degrees, separated by a comma: 42.61, -5.02.") : QString());
    entry_trouble_->setVisible(wrong);
    if (!wrong) sun_.setPlace(at);
}

void SunPage::refresh() {
    const auto request = sun_.request();
    const auto report = sun_.report();
    const auto& q = Look::instance().quantities();
    showing_ = true;
    const auto& question = sun_.question();
    day_->setDate(QDateTime::fromSecsSinceEpoch(qint64(question.day_utc_s), Qt::UTC).date());
    cloud_->setValue(int(std::lround(question.cloud_okta)));
    if (!start_->hasFocus())
        start_->setText(question.start_utc_s ? wording::clock_text(*question.start_utc_s) : QString());
    if (!place_->hasFocus()) {
        const auto at = sun_.place();
        place_->setText(at ? place_text(*at) : QString());
    }
    showing_ = false;
    cloud_words_->setWords(question.cloud_okta < 0.5
                               ? tr("clear sky")
                               : tr("%1/8 cloud cover").arg(int(std::lround(question.cloud_okta))));
    name_->setWords(request ? wording::title(request->aircraft) : tr("No aircraft is chosen"));
    const bool has_array = request && request->aircraft.array;
    QString trouble;
    if (!request) {
        sentence_->setWords(tr("Select an aircraft in the list to see what the sun gives it through the day."));
    } else if (!has_array) {
        sentence_->setWords(
            tr("This aircraft has no solar array. With one on its wing, this page shows from when until when the "
               "sun carries it and how many cells that takes, before anything is built."));
    } else if (report) {
        sentence_->setWords(wording::sun_sentence(*report, q));
        for (const auto& diagnostic : report->diagnostics) {
            trouble += (trouble.isEmpty() ? QString() : QStringLiteral("<br>")) +
                       (diagnostic.severity == units::Severity::warning ? QStringLiteral("▲ ") : QString()) +
                       wording::message(diagnostic, q).toHtmlEscaped();
        }
    } else if (sun_.error() && sun_.error()->where.field == "mission.home") {
        sentence_->setWords(tr("Enter the place: latitude and longitude of the field."));
    } else if (sun_.error()) {
        sentence_->setWords(wording::message(*sun_.error()));
    } else {
        sentence_->setWords(tr("Computing…"));
    }
    flight_->setWords(report ? wording::sun_flight_sentence(*report, q) : QString());
    flight_->setVisible(report != nullptr);
    trouble_->setWords(trouble);
    trouble_->setVisible(!trouble.isEmpty());
    chart_->setReport(report);
    chart_->setVisible(report != nullptr);
    static constexpr Quantity shown[] = {Quantity::array_power, Quantity::power_balance, Quantity::sustained_time,
                                         Quantity::endurance};
    const QString captions[] = {tr("array at noon"), tr("above level flight"), tr("sustained"), tr("endurance")};
    for (std::size_t i = 0; i < std::size(shown); ++i)
        figures_->figures()[i]->setExplanation(report ? matching::explain(*report, shown[i]) : std::nullopt,
                                               captions[i]);
    figures_->setVisible(report != nullptr);
    figures_->layOutAgain();
    showForms(has_array);
    add_->setVisible(request && !has_array);
    remove_->setVisible(has_array);
    series_->setVisible(report != nullptr);
    if (report && has_array) {
        series_->setWords(
            tr("%1 of cells, %2 peak. Connected directly to this pack, %3 in series would suit it best at noon.")
                .arg(wording::written(sun::cell_area_m2(*request->aircraft.array), 0.0, {100.0, tr("dm²"), 1}),
                     q.text(Quantity::array_power, {sun::rated_power_w(*request->aircraft.array), 0.0}))
                .arg(report->best_direct_series));
    }
    showChanges();
}

void SunPage::showForms(bool has_array) {
    forms_->setVisible(has_array);
    if (!has_array) return;
    if (shown_ != sun_.chosen() || !array_form_) {
        shown_ = sun_.chosen();
        delete array_form_;
        delete converter_form_;
        const FormSubject subject{[this] { return sun_.request().value_or(mission::PlanRequest{}); },
                                  [this](const mission::PlanRequest& request) { return sun_.setRequest(request); }};
        array_form_ = new FieldForm(array_fields(), subject);
        converter_form_ = new FieldForm(converter_fields(), subject);
        forms_column_->addWidget(array_form_);
        forms_column_->addWidget(converter_form_);
    } else {
        array_form_->refresh();
        converter_form_->refresh();
    }
}

void SunPage::showChanges() {
    const auto report = sun_.report();
    const bool any = report && !report->changes.empty();
    changes_->setVisible(any);
    changes_heading_->setVisible(any);
    if (!any) return;
    const auto& q = Look::instance().quantities();
    // What rounds to nothing has no sign.
    const auto signed_text = [](double value, double least, const QString& text) {
        return std::abs(value) < least ? QStringLiteral("0")
                                       : (value < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) + text;
    };
    constexpr double least_s = 1.0;
    constexpr double least_w = 0.5;
    std::vector<std::vector<Cell>> rows;
    for (const auto& change : report->changes) {
        const auto cell = [&](double value, double least, const QString& text) {
            return Cell{signed_text(value, least, text), value, std::nullopt, true, false};
        };
        rows.push_back({text_cell(wording::name(change.kind)),
                        cell(change.endurance_s, least_s, q.duration(std::abs(change.endurance_s))),
                        cell(change.sustained_s, least_s, q.duration(std::abs(change.sustained_s))),
                        cell(change.noon_array_w, least_w,
                             q.text(Quantity::array_power, {std::abs(change.noon_array_w), 0.0}))});
    }
    cells_->setCells({tr("change"), tr("endurance"), tr("sustained"), tr("at noon")}, std::move(rows));
    changes_->fitColumns(150, 190);
    const int height = changes_->horizontalHeader()->height() +
                       int(report->changes.size()) * changes_->verticalHeader()->defaultSectionSize() + 4;
    changes_->setFixedHeight(height);
}

} // namespace sobremesa::app
