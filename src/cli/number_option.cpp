#include "cli/number_option.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>
#include <QStringList>

#include "io/key_units.hpp"
#include "io/text_number.hpp"

namespace sobremesa::cli {

namespace {

QString written(double value) {
    constexpr int decimals = 6;
    return QString::fromStdString(io::shortest_text(value, decimals));
}

/// @param refusal  what is said of another, with %1 for it, %2 and %3 for the ends
CLI::Validator between(double least, double most, bool whole, const char* refusal) {
    return CLI::Validator(
        [=](std::string& text) {
            const auto value = io::number_from_text(text);
            if (value && *value >= least && *value <= most && (!whole || *value == std::round(*value)))
                return std::string();
            return QCoreApplication::translate("sobremesa::Printed", refusal)
                .arg(QString::fromStdString(text), written(least), written(most))
                .toStdString();
        },
        QCoreApplication::translate("sobremesa::Printed", "%1 to %2", "a range")
            .arg(written(least), written(most))
            .toStdString());
}

} // namespace

CLI::Validator number_between(double least, double most) {
    return between(
        least, most, false,
        QT_TRANSLATE_NOOP("sobremesa::Printed", "“%1” is not possible here; it takes a number from %2 to %3"));
}

CLI::Validator number_between(int least, int most) {
    return between(least, most, true,
                   QT_TRANSLATE_NOOP("sobremesa::Printed",
                                     "“%1” is not possible here; it takes a whole number from %2 to %3"));
}

CLI::Validator one_of(const std::vector<std::string>& words) {
    QStringList list;
    for (const std::string& word : words) list << QString::fromStdString(word);
    const QString all = list.join(QStringLiteral(", "));
    return CLI::Validator(
        [=](std::string& text) {
            if (list.contains(QString::fromStdString(text))) return std::string();
            return QCoreApplication::translate("sobremesa::Printed",
                                               "“%1” is not possible here; it takes one of: %2")
                .arg(QString::fromStdString(text), all)
                .toStdString();
        },
        all.toStdString());
}

void take_units(CLI::App& app) {
    for (CLI::Option* option : app.get_options()) {
        if (option->get_type_name().rfind("FLOAT", 0) != 0) continue;
        std::string key = option->get_single_name();
        std::replace(key.begin(), key.end(), '-', '_');
        option->transform([key](std::string text) {
            if (io::number_from_text(text)) return text;
            // What cannot be read is left for the option to refuse.
            const auto value = io::number_in_unit_of(key, text);
            constexpr int decimals = 12;
            return value ? io::shortest_text(*value, decimals) : text;
        });
    }
    for (CLI::App* subcommand : app.get_subcommands({})) take_units(*subcommand);
}

} // namespace sobremesa::cli
