#include "wording/language.hpp"

#include <algorithm>
#include <cmath>
#include <memory>

#include <QCoreApplication>
#include <QDateTime>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

/// Outside of every namespace, as Qt's macro asks for.
static void load_translations() {
    Q_INIT_RESOURCE(translations);
}

namespace sobremesa::wording {

namespace {

/// The language spoken.
QString& spoken() {
    static QString code = QStringLiteral("en");
    return code;
}

std::unique_ptr<QTranslator> loaded(const QString& file, const QString& folder) {
    auto translator = std::make_unique<QTranslator>();
    if (!translator->load(file, folder)) return nullptr;
    return translator;
}

/// The application owns its translators: they must not outlive it.
void install(std::unique_ptr<QTranslator> translator, const QString& name) {
    if (!translator) return;
    translator->setObjectName(name);
    translator->setParent(QCoreApplication::instance());
    QCoreApplication::installTranslator(translator.release());
}

void install_english() {
    load_translations();
    install(loaded(QStringLiteral("sobremesa_en"), QStringLiteral(":/translations")), QStringLiteral("english"));
}

QString desktop_language() {
    for (const QString& wanted : QLocale::system().uiLanguages()) {
        QString code = wanted.section(QLatin1Char('-'), 0, 0).toLower();
        for (const Language& language : languages()) {
            if (language.code == code) return code;
        }
    }
    return QStringLiteral("en");
}

} // namespace

const std::vector<Language>& languages() {
    static const std::vector<Language> all = {{QStringLiteral("en"), QStringLiteral("English")},
                                              {QStringLiteral("de"), QStringLiteral("Deutsch")},
                                              {QStringLiteral("es"), QStringLiteral("Español")}};
    return all;
}

QString use_language(const QString& code) {
    const bool known = std::any_of(languages().begin(), languages().end(),
                                   [&](const Language& language) { return language.code == code; });
    QString chosen = known ? code : desktop_language();
    spoken() = chosen;
    static const QString name = QStringLiteral("chosen language");
    for (auto* before : QCoreApplication::instance()->findChildren<QTranslator*>(name)) delete before;
    if (chosen == QStringLiteral("en")) return chosen;
    install(loaded(QStringLiteral("qtbase_") + chosen, QLibraryInfo::path(QLibraryInfo::TranslationsPath)), name);
    install(loaded(QStringLiteral("sobremesa_") + chosen, QStringLiteral(":/translations")), name);
    return chosen;
}

QString language() {
    return spoken();
}

QChar decimal_mark() {
    return QLocale(spoken()).decimalPoint().front();
}

QString day_text(double utc_s) {
    const QDate day = QDateTime::fromSecsSinceEpoch(qint64(std::floor(utc_s)), Qt::UTC).date();
    return QLocale(spoken()).toString(
        day, QCoreApplication::translate("sobremesa::Dates", "d MMMM yyyy", "pattern of Qt's date format"));
}

bool speak_english_first() {
    qAddPreRoutine(install_english);
    return true;
}

} // namespace sobremesa::wording
