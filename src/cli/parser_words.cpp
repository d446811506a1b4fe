#include "cli/parser_words.hpp"

#include <algorithm>
#include <memory>

#include <QRegularExpression>

#include "cli/printed.hpp"

namespace sobremesa::cli {

namespace {

constexpr const char* not_whole =
    QT_TRANSLATE_NOOP("sobremesa::Printed", "%1 takes a whole number, and “%2” is not one.");

/// What the parser says in English, and the same with its names and values put into our words. Where two could be
/// meant the first is taken.
struct ParserSaying {
    const char* pattern;
    const char* said;
};
constexpr const char* not_converted = "^Could not convert: (.+) = (.*)$";
constexpr ParserSaying parser_sayings[] = {
    {"^A subcommand is required$", QT_TRANSLATE_NOOP("sobremesa::Printed", "The command is missing.")},
    {"^Exactly 1 option from \\[(?:\\[Option Group: \\w+\\]|)(.+)\\] is required$",
     QT_TRANSLATE_NOOP("sobremesa::Printed", "One of these is required: %1.")},
    {"^Exactly 1 option from \\[(.+)\\] is required and \\d+ were given$",
     QT_TRANSLATE_NOOP("sobremesa::Printed", "Only one of these can be given: %1.")},
    {"^(.+) is required$", QT_TRANSLATE_NOOP("sobremesa::Printed", "%1 is missing.")},
    {"^The following arguments? (?:was|were) not expected: (.+)$",
     QT_TRANSLATE_NOOP("sobremesa::Printed", "This is not understood: %1.")},
    {"^(.+): \\d+ required .+ missing$", QT_TRANSLATE_NOOP("sobremesa::Printed", "%1 needs a value.")},
    {"^(.+): At Most 1 required but received \\d+$",
     QT_TRANSLATE_NOOP("sobremesa::Printed", "%1 can be given once only.")},
    {not_converted, QT_TRANSLATE_NOOP("sobremesa::Printed", "%1 takes a number, and “%2” is not one.")},
    {"^(.+) requires (.+)$", QT_TRANSLATE_NOOP("sobremesa::Printed", "%1 works together with %2 only.")},
    {"^(.+) excludes (.+)$", QT_TRANSLATE_NOOP("sobremesa::Printed", "%1 and %2 cannot be given together.")},
};

/// Without the parser's own name for a group of options, which says nothing that its description does not, and its
/// own words for how many of them.
class SpokenFormatter : public CLI::Formatter {
public:
    std::string make_description(const CLI::App* part) const override {
        std::string said = part->get_description();
        if (said.empty()) return said;
        if (part->get_require_option_min() == 1 && part->get_require_option_max() == 1)
            said += " " + QCoreApplication::translate("sobremesa::Printed", "(one of these)").toStdString();
        return said + "\n";
    }

    std::string make_expanded(const CLI::App* part) const override {
        const std::string text = CLI::Formatter::make_expanded(part);
        const auto end = text.find('\n');
        return part->get_name().empty() && end != std::string::npos ? text.substr(end + 1) : text;
    }
};

/// The kinds of values that options have.
QString value_word(const std::string& kind) {
    if (kind == "FLOAT") return Printed::tr("NUMBER");
    if (kind == "INT" || kind == "UINT") return Printed::tr("WHOLE NUMBER");
    return kind == "TEXT" ? Printed::tr("TEXT") : QString::fromStdString(kind);
}

void use_words_of_options(CLI::App& app) {
    for (CLI::Option* option : app.get_options()) {
        // The kind stands before what limits it.
        const std::string whole = option->get_type_name();
        const std::string kind = whole.substr(0, whole.find(':'));
        if (!kind.empty()) option->type_name(value_word(kind).toStdString());
        if (option->get_group() == "Options") option->group(Printed::tr("Options").toStdString());
    }
    if (CLI::Option* const help = app.get_help_ptr())
        help->description(Printed::tr("Prints this help and exits").toStdString());
    for (CLI::App* subcommand : app.get_subcommands({})) {
        if (subcommand->get_group() == "Subcommands") subcommand->group(Printed::tr("Commands").toStdString());
        use_words_of_options(*subcommand);
    }
}

/// Whether an option of what was called takes whole numbers only.
bool takes_whole_numbers(const CLI::App& app, const std::string& name) {
    if (const CLI::Option* const option = app.get_option_no_throw(name))
        return option->get_type_name().rfind(value_word("INT").toStdString(), 0) == 0;
    const auto called = app.get_subcommands();
    return std::any_of(called.begin(), called.end(),
                       [&](const CLI::App* command) { return takes_whole_numbers(*command, name); });
}

} // namespace

std::string Help::tr(const char* text) {
    return QCoreApplication::translate("sobremesa::cli::Help", text).toStdString();
}

std::string Help::tr(const char* text, const std::string& argument) {
    return QCoreApplication::translate("sobremesa::cli::Help", text)
        .arg(QString::fromStdString(argument))
        .toStdString();
}

void use_words(CLI::App& app) {
    const auto formatter = std::make_shared<SpokenFormatter>();
    const auto label = [&](const char* key, const QString& word) { formatter->label(key, word.toStdString()); };
    label("Usage", Printed::tr("Usage"));
    label("OPTIONS", Printed::tr("OPTIONS"));
    label("SUBCOMMAND", Printed::tr("COMMAND"));
    label("SUBCOMMANDS", Printed::tr("COMMANDS"));
    label("Positionals", Printed::tr("Arguments"));
    label("REQUIRED", Printed::tr("(required)"));
    label("Needs", Printed::tr("with"));
    label("Excludes", Printed::tr("without"));
    app.formatter(formatter);
    if (CLI::Option* const version = app.get_version_ptr())
        version->description(Printed::tr("Prints the version and exits").toStdString());
    use_words_of_options(app);
    // Subcommands took the formatter that there was when they were made.
    for (CLI::App* subcommand : app.get_subcommands({})) {
        subcommand->formatter(formatter);
        for (CLI::App* action : subcommand->get_subcommands({})) action->formatter(formatter);
    }
}

std::string said_of(const CLI::App& app, const CLI::ParseError& trouble) {
    const QString whole = QString::fromStdString(trouble.what());
    QString said = whole;
    for (const ParserSaying& saying : parser_sayings) {
        const auto match = QRegularExpression(QString::fromLatin1(saying.pattern)).match(whole);
        if (!match.hasMatch()) continue;
        const bool whole_number =
            saying.pattern == not_converted && takes_whole_numbers(app, match.captured(1).toStdString());
        said = QCoreApplication::translate("sobremesa::Printed", whole_number ? not_whole : saying.said);
        for (int i = 1; i <= match.lastCapturedIndex(); ++i) said = said.arg(match.captured(i));
        break;
    }
    return (said + QLatin1Char('\n') + QCoreApplication::translate("sobremesa::Printed", "See --help."))
        .toStdString();
}

} // namespace sobremesa::cli
