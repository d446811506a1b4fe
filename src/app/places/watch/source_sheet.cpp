#include "app/places/watch/source_sheet.hpp"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>

#include "app/theme/look.hpp"
#include "app/widgets/browse.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/watch/live_flight.hpp"
#include "wording/messages.hpp"

namespace sobremesa::app {

using Kind = link::Address::Kind;
using Role = TextLabel::Role;

namespace {

struct KindWords {
    QString name;
    QString help;
};

KindWords words_of(Kind kind) {
    switch (kind) {
    case Kind::udp:
        return {
            SourceSheet::tr("UDP: listen on a port"),
            SourceSheet::tr("PORT, or ADDRESS:PORT to listen beyond this computer. Without an address only this "
                            "computer is heard.")};
    case Kind::tcp:
        return {SourceSheet::tr("TCP: connect to a host"),
                SourceSheet::tr("HOST:PORT. Reconnects when the connection breaks.")};
    case Kind::serial:
        return {SourceSheet::tr("Serial port"), SourceSheet::tr("DEVICE:SPEED. Opened for reading only.")};
    case Kind::file: break;
    }
    return {SourceSheet::tr("Growing log file"),
            SourceSheet::tr("Path of a log that is still being written: MAVLink telemetry log or CSV.")};
}

QString key_of(Kind kind) {
    return QStringLiteral("watch/") + QLatin1String(link::kind_word(kind));
}

} // namespace

SourceSheet::SourceSheet(QSettings& settings, const QString& aircraft, QWidget* parent)
    : Popover(parent), settings_(settings), aircraft_(aircraft), kind_(new ChoiceBox), where_(new QLineEdit),
      which_(new QWidget), vehicle_(new QLineEdit), battery_(new QLineEdit), factor_(new NumberField),
      help_(new TextLabel(Role::quiet)), trouble_(new TextLabel(Role::warning)) {
    const Look& look = Look::instance();
    setAccessibleName(tr("Telemetry source"));
    column()->addWidget(new TextLabel(Role::heading, tr("Telemetry source")));
    kind_->setObjectName(QStringLiteral("sourceKind"));
    kind_->setAccessibleName(tr("Kind of source"));
    for (const Kind kind : link::all_kinds()) kind_->addItem(words_of(kind).name);
    column()->addWidget(kind_);
    where_->setObjectName(QStringLiteral("sourceWhere"));
    where_->setMinimumWidth(look.scaled(300));
    column()->addWidget(where_);
    help_->setMaximumWidth(look.scaled(320));
    column()->addWidget(help_);
    makeWhich();
    makeFactor();
    trouble_->setObjectName(QStringLiteral("sourceTrouble"));
    trouble_->setMaximumWidth(look.scaled(320));
    trouble_->hide();
    column()->addWidget(trouble_);
    browse_ = new QPushButton(tr("Browse…"));
    browse_->setObjectName(QStringLiteral("sourceBrowse"));
    connect(browse_, &QPushButton::clicked, this, [this] {
        browse_for_file(this, kind_->currentText(), where_->text(), tr("Logs (*.tlog *.csv *.txt);;All files (*)"),
                        [this](const QString& path) { where_->setText(path); });
    });
    auto* start = new QPushButton(tr("Connect"));
    start->setObjectName(QStringLiteral("sourceConnect"));
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(browse_);
    buttons->addStretch(1);
    buttons->addWidget(start);
    column()->addLayout(buttons);
    connect(kind_, &QComboBox::currentIndexChanged, this, &SourceSheet::showKind);
    connect(start, &QPushButton::clicked, this, &SourceSheet::take);
    connect(where_, &QLineEdit::returnPressed, this, &SourceSheet::take);
    kind_->setCurrentIndex(settings_.value(QStringLiteral("watch/kind"), 0).toInt());
    showKind();
    where_->setFocus();
}

/// Several vehicles may speak on one link, and several batteries in one vehicle. Not remembered: another day
/// another aircraft would not be heard.
void SourceSheet::makeWhich() {
    const Look& look = Look::instance();
    auto* row = new QHBoxLayout(which_);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(look.scaled(8));
    const auto field = [&](QLineEdit* edit, const QString& label, const QString& open, const char* object) {
        auto* words = new TextLabel(Role::quiet, label);
        words->setWordWrap(false);
        row->addWidget(words);
        edit->setObjectName(QLatin1String(object));
        edit->setAccessibleName(label);
        edit->setPlaceholderText(open);
        edit->setMaximumWidth(look.scaled(92));
        connect(edit, &QLineEdit::returnPressed, this, &SourceSheet::take);
        row->addWidget(edit);
    };
    field(vehicle_, tr("Vehicle"), tr("first heard"), "sourceVehicle");
    field(battery_, tr("battery"), tr("lowest"), "sourceBattery");
    row->addStretch(1);
    which_->setToolTip(tr("MAVLink system id and battery id, where several speak on one link"));
    column()->addWidget(which_);
}

QString SourceSheet::factorKey() const {
    return QStringLiteral("watch/current-factor/") + QString::fromLatin1(aircraft_.toUtf8().toHex());
}

/// Kept for each aircraft: the sensor belongs to it.
void SourceSheet::makeFactor() {
    const Look& look = Look::instance();
    auto* row = new QHBoxLayout;
    row->setSpacing(look.scaled(8));
    auto* words = new TextLabel(Role::quiet, tr("Current sensor factor"));
    words->setWordWrap(false);
    row->addWidget(words);
    factor_->setObjectName(QStringLiteral("sourceFactor"));
    factor_->setAccessibleName(tr("Current sensor factor"));
    factor_->setPlaceholderText(tr("not calibrated"));
    factor_->setMaximumWidth(look.scaled(110));
    factor_->setStep(0.01);
    const QVariant kept = settings_.value(factorKey());
    if (kept.isValid()) factor_->setValue(kept.toDouble(), 3);
    connect(factor_, &QLineEdit::returnPressed, this, &SourceSheet::take);
    row->addWidget(factor_);
    row->addStretch(1);
    factor_->setToolTip(tr(
        "Current and charge are multiplied by it, as Sensors found it from recharges. Empty: ± 5 % is assumed."));
    column()->addLayout(row);
}

bool SourceSheet::number(const QLineEdit& field, int least, std::optional<std::uint8_t>& found) {
    const QString text = field.text().trimmed();
    if (text.isEmpty()) return true;
    bool is_number = false;
    const int value = text.toInt(&is_number);
    constexpr int most = 255;
    if (!is_number || value < least || value > most) {
        refuse(tr("%1 must be a whole number from %2 to %3, or empty.")
                   .arg(field.accessibleName())
                   .arg(least)
                   .arg(most));
        return false;
    }
    found = std::uint8_t(value);
    return true;
}

void SourceSheet::refuse(const QString& words) {
    trouble_->setWords(words);
    trouble_->show();
    adjustSize();
}

Kind SourceSheet::chosenKind() const {
    return link::all_kinds()[std::size_t(std::max(kind_->currentIndex(), 0))];
}

void SourceSheet::showKind() {
    const Kind kind = chosenKind();
    where_->setText(settings_.value(key_of(kind), QString::fromLatin1(link::usual_address(kind))).toString());
    where_->setAccessibleName(kind_->currentText());
    help_->setWords(words_of(kind).help);
    browse_->setVisible(kind == Kind::file);
    trouble_->hide();
}

void SourceSheet::take() {
    const Kind kind = chosenKind();
    const auto address = link::address_of(kind, where_->text().trimmed().toStdString());
    if (!address) {
        refuse(wording::message(address.error()));
        return;
    }
    io::mavlink::Choice choice;
    if (!number(*vehicle_, 1, choice.system) || !number(*battery_, 0, choice.battery)) return;
    std::optional<double> factor;
    if (!factor_->text().trimmed().isEmpty()) {
        factor = factor_->value();
        if (!factor || *factor < watch::least_current_factor || *factor > watch::most_current_factor) {
            refuse(tr("%1 must be a number from %2 to %3, or empty.")
                       .arg(factor_->accessibleName())
                       .arg(watch::least_current_factor)
                       .arg(watch::most_current_factor));
            return;
        }
    }
    if (factor)
        settings_.setValue(factorKey(), *factor);
    else
        settings_.remove(factorKey());
    settings_.setValue(QStringLiteral("watch/kind"), int(kind));
    settings_.setValue(key_of(kind), where_->text().trimmed());
    close();
    emit chosen(*address, choice, factor);
}

} // namespace sobremesa::app
