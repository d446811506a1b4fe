#include "app/places/debrief/filing_form.hpp"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>

#include "app/theme/look.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/text_labels.hpp"

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
      unit_(new TextLabel(Role::quiet)), note_(new QLineEdit), trouble_(new TextLabel(Role::warning)),
      state_(new TextLabel(Role::quiet)), file_(new QPushButton(tr("File in the logbook"))) {
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
    row(2, tr("Note"), note_, "flightNote", 2);
    trouble_->hide();
    grid->addWidget(trouble_, 3, 0, 1, 3);
    state_->setObjectName(QStringLiteral("flightState"));
    file_->setObjectName(QStringLiteral("fileFlightButton"));
    auto* filing = new QHBoxLayout;
    filing->addWidget(file_);
    filing->addWidget(state_, 1);
    grid->addLayout(filing, 4, 0, 1, 3);
    recharged_->setPlaceholderText(tr("not known"));
    grid->setColumnStretch(2, 1);

    connect(name_, &QLineEdit::textEdited, &flight_, &session::FlightSession::setName);
    connect(note_, &QLineEdit::textEdited, &flight_, &session::FlightSession::setNote);
    const auto say = [this](const QString& words) {
        recharged_->setWrong(!words.isEmpty());
        trouble_->setWords(words);
        trouble_->setVisible(!words.isEmpty());
    };
    connect(recharged_, &NumberField::valueEdited, this, [this, say](double value) {
        const auto notation = Look::instance().quantities().notation(units::Quantity::recharged_charge);
        constexpr double most_ah = 1000.0;
        if (value < 0.0 || value / notation.factor > most_ah) {
            say(tr("No charger puts that back; write what it showed, in %1.").arg(notation.unit));
            return;
        }
        say({});
        flight_.setRecharged(value / notation.factor);
    });
    connect(recharged_, &NumberField::unreadable, this, [this, say] {
        if (recharged_->text().trimmed().isEmpty()) {
            say({});
            flight_.setRecharged(std::nullopt);
        } else {
            say(tr("This is not one number. Write 2740 or 2 740."));
        }
    });
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
    if (!recharged_->hasFocus()) {
        if (flight.recharged_ah)
            recharged_->setValue(*flight.recharged_ah * notation.factor, notation.decimals);
        else
            recharged_->clear();
        recharged_->setWrong(false);
        trouble_->hide();
    }
    const bool filed = flight_.filed().has_value();
    file_->setVisible(!filed);
    file_->setEnabled(!flight_.is_filing());
    state_->setWords(filed                 ? tr("In the logbook, with its whole log.")
                     : flight_.is_filing() ? tr("Filing…")
                                           : tr("Keeps the whole log, and what stands here."));
}

} // namespace sobremesa::app
