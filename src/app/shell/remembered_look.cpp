#include "app/shell/remembered_look.hpp"

#include <algorithm>

#include <QSettings>

#include "app/theme/look.hpp"

namespace sobremesa::app {

namespace {

/// A choice by its number; a number that no choice has counts as not remembered.
template <class Choice>
void restore_choice(const QSettings& settings, const char* key, Choice last, Choice& choice) {
    const int number = settings.value(QLatin1String(key), -1).toInt();
    if (number >= 0 && number <= int(last)) choice = Choice(number);
}

} // namespace

void remember_look(QSettings& settings) {
    const Look& look = Look::instance();
    const auto& units = look.quantities().choice();
    settings.setValue(QStringLiteral("theme"), look.theme().name);
    settings.setValue(QStringLiteral("textScale"), look.chosenTextScale());
    settings.setValue(QStringLiteral("units/distance"), int(units.distance));
    settings.setValue(QStringLiteral("units/speed"), int(units.speed));
    settings.setValue(QStringLiteral("units/wind"), int(units.wind));
    settings.setValue(QStringLiteral("units/height"), int(units.height));
    settings.setValue(QStringLiteral("units/temperature"), int(units.temperature));
    settings.setValue(QStringLiteral("units/lead"), int(units.lead));
}

void restore_look(const QSettings& settings) {
    Look& look = Look::instance();
    const QString name = settings.value(QStringLiteral("theme")).toString();
    const Theme* theme = &look.theme();
    for (const Theme* known : all_themes()) {
        if (known->name == name) theme = known;
    }
    look.setTheme(*theme);
    if (settings.contains(QStringLiteral("textScale")))
        look.setTextScale(settings.value(QStringLiteral("textScale")).toDouble());
    using wording::UnitChoice;
    UnitChoice units = look.quantities().choice();
    restore_choice(settings, "units/distance", UnitChoice::Distance::miles, units.distance);
    restore_choice(settings, "units/speed", UnitChoice::Speed::knots, units.speed);
    restore_choice(settings, "units/wind", UnitChoice::Speed::knots, units.wind);
    restore_choice(settings, "units/height", UnitChoice::Height::feet, units.height);
    restore_choice(settings, "units/temperature", UnitChoice::Temperature::fahrenheit, units.temperature);
    restore_choice(settings, "units/lead", UnitChoice::Lead::energy, units.lead);
    look.setUnits(units);
}

} // namespace sobremesa::app
