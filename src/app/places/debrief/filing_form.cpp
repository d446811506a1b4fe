#include "app/places/debrief/filing_form.hpp"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>

#include "app/theme/look.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

namespace {

/// A field shows what is kept, except while it is being typed in.
void show_text(QLineEdit* field, const std::string& text) {
    const QString wanted = QString::fromStdString(text);
    if (!field->hasFocus() && field->text() != wanted) field->setText(wanted);
}

} // namespace

FilingForm::FilingForm(session::FlightSession& flight, QWidget* parent)
    : QWidget(parent), flight_(flight), name_(new QLineEdit), recharged_(new NumberField),
      unit_(new TextLabel(Role::quiet)), rested_v_(new NumberField), rest_min_(new NumberField),
      note_(new QLineEdit), trouble_(new TextLabel(Role::warning)), state_(new TextLabel(Role::quiet)),
      file_(new QPushButton(tr("File in the logbook"))) {
    const Look& look = Look::instance();
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(look.scaled(10));
    grid->setVerticalSpacing(look.scaled(6));
    const auto row = [&](int line, const QString& label, QWidget* field, const char* object, int span) {
        auto* text = new TextLabel(Role::plain, label);
        text->setWordWrap(false);
        grid->addWidget(text, line, 0);
        field->setObjectName(QLatin1String(object));
        field->setAccessibleName(label);
        grid->addWidget(field, line, 1, 1, span);
    };
    row(0, tr("Flight"), name_, "flightName", 2);
    row(1, tr("Recharged"), recharged_, "flightRecharged", 1);
    grid->addWidget(unit_, 1, 2);
    row(2, tr("At rest, per cell"), rested_v_, "flightRestedVolts", 1);
    auto* after = new QHBoxLayout;
    after->setSpacing(look.scaled(8));
    const auto word = [&](const QString& text) {
        auto* label = new TextLabel(Role::quiet, text);
        label->setWordWrap(false);
        after->addWidget(label);
    };
    word(tr("V, after", "resting volts of a cell, after minutes"));
    rest_min_->setObjectName(QStringLiteral("flightRestMinutes"));
    rest_min_->setAccessibleName(tr("Minutes of rest"));
    rest_min_->setMinimumWidth(look.scaled(44));
    after->addWidget(rest_min_, 1);
    word(tr("min"));
    after->addStretch(2);
    grid->addLayout(after, 2, 2);
    row(3, tr("Note"), note_, "flightNote", 2);
    trouble_->hide();
    grid->addWidget(trouble_, 4, 0, 1, 3);
    state_->setObjectName(QStringLiteral("flightState"));
    file_->setObjectName(QStringLiteral("fileFlightButton"));
    auto* filing = new QHBoxLayout;
    filing->setSpacing(look.scaled(10));
    filing->addWidget(file_);
    filing->addWidget(state_, 1);
    grid->addLayout(filing, 5, 0, 1, 3);
    rested_v_->setPlaceholderText(tr("not known"));
    rested_v_->setStep(0.01);
    rested_v_->setUnit(tr("V"));
    rest_min_->setUnit(tr("min"));
    rest_min_->setPlaceholderText(QStringLiteral("5"));
    recharged_->setPlaceholderText(tr("not known"));
    grid->setColumnStretch(2, 1);

    connect(name_, &QLineEdit::textEdited, &flight_, &session::FlightSession::setName);
    connect(note_, &QLineEdit::textEdited, &flight_, &session::FlightSession::setNote);
    const auto say = [this](const QString& words) {
        trouble_->setWords(words);
        trouble_->setVisible(!words.isEmpty());
    };
    connect(recharged_, &NumberField::valueEdited, this, [this, say](double value) {
        const auto notation = Look::instance().quantities().notation(units::Quantity::recharged_charge);
        constexpr double most_ah = 1000.0;
        if (value < 0.0 || value / notation.factor > most_ah) {
            recharged_->setWrong(true);
            say(tr("No charger puts that much back. Enter what it showed, in %1.").arg(notation.unit));
            return;
        }
        recharged_->setWrong(false);
        say({});
        flight_.setRecharged(value / notation.factor);
    });
    connect(recharged_, &NumberField::unreadable, this, [this, say] {
        if (recharged_->text().trimmed().isEmpty()) {
            recharged_->setWrong(false);
            say({});
            flight_.setRecharged(std::nullopt);
        } else {
            recharged_->setWrong(true);
            say(tr("This is not a number. Enter 2740 or 2 740."));
        }
    });
    const auto rested = [this, say] {
        const auto empty = [](const NumberField* field) { return field->text().trimmed().isEmpty(); };
        const auto volts = rested_v_->value();
        const auto minutes = rest_min_->value();
        constexpr double least_v = 1.5;
        constexpr double most_v = 4.5;
        constexpr double most_min = 10000.0;
        const bool volts_wrong = !empty(rested_v_) && !(volts && *volts >= least_v && *volts <= most_v);
        const bool minutes_wrong = !empty(rest_min_) && !(minutes && *minutes >= 0.0 && *minutes <= most_min);
        rested_v_->setWrong(volts_wrong);
        rest_min_->setWrong(minutes_wrong);
        if (volts_wrong)
            return say(tr("No cell rests at that voltage: enter the mean of its cells, between 1.5 and 4.5 V."));
        if (minutes_wrong) return say(tr("Enter the minutes from landing to the reading."));
        say({});
        recharged_->setWrong(false);
        const auto seconds = minutes ? std::optional(*minutes * units::seconds_per_minute) : std::nullopt;
        flight_.setRested(volts, volts ? seconds : std::nullopt);
    };
    for (NumberField* field : {rested_v_, rest_min_}) {
        connect(field, &NumberField::valueEdited, this, rested);
        connect(field, &NumberField::unreadable, this, rested);
    }
    connect(file_, &QPushButton::clicked, &flight_, &session::FlightSession::file);
    connect(&flight_, &session::FlightSession::flightChanged, this, &FilingForm::refresh);
    connect(&flight_, &session::FlightSession::filedChanged, this, &FilingForm::refresh);
    connect(&Look::instance(), &Look::changed, this, &FilingForm::refresh);
}

void FilingForm::refresh() {
    const auto& flight = flight_.flight();
    const auto notation = Look::instance().quantities().notation(units::Quantity::recharged_charge);
    show_text(name_, flight.name);
    show_text(note_, flight.note);
    unit_->setWords(notation.unit);
    recharged_->setUnit(notation.unit);
    if (!recharged_->hasFocus()) {
        if (flight.recharged_ah)
            recharged_->setValue(*flight.recharged_ah * notation.factor, notation.decimals);
        else
            recharged_->clear();
        recharged_->setWrong(false);
        trouble_->hide();
    }
    const auto show = [](NumberField* field, const std::optional<double>& value, int decimals) {
        if (field->hasFocus()) return;
        if (value)
            field->setValue(*value, decimals);
        else
            field->clear();
        field->setWrong(false);
    };
    show(rested_v_, flight.rested_cell_v, 2);
    show(rest_min_, flight.rest_s ? std::optional(*flight.rest_s / units::seconds_per_minute) : std::nullopt, 0);
    const bool filed = flight_.filed().has_value();
    file_->setVisible(!filed);
    file_->setEnabled(!flight_.is_filing());
    state_->setWords(filed                 ? tr("In the logbook, with its complete log.")
                     : flight_.is_filing() ? tr("Filing…")
                                           : tr("Keeps the complete log and these entries."));
}

} // namespace sobremesa::app
