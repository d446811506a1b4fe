#pragma once

#include <vector>

#include <QChar>
#include <QString>

namespace sobremesa::wording {

/// A language that the program speaks.
struct Language {
    /// ISO 639-1, as the files in translations/ are called.
    QString code;
    /// As its speakers call it.
    QString own_name;
};

/// English, the source, first.
const std::vector<Language>& languages();

/// The program speaks this language from now on; what is on screen already stays as it is. Takes Qt's own words
/// along, where Qt has them. English always lies below: plural forms come from there.
///
/// @param code  of `languages()`; empty: the first of the desktop's languages that there is, else English
/// @return the language spoken
QString use_language(const QString& code);

/// Code of the language that the program speaks now.
QString language();

/// What stands before the decimals of a number for people in that language: a point, or a comma. Files and JSON
/// have points whatever is spoken; fields take both.
QChar decimal_mark();

/// "9 May 2026", as the language spoken writes a date.
/// @param utc_s  seconds since 1970
QString day_text(double utc_s);

/// English plural forms ("1 flight", "2 flights") from the moment that there is an application. Called once by what
/// every program of the house links; true.
bool speak_english_first();

} // namespace sobremesa::wording
