// How the program speaks: the words that it may not use, and the languages that it speaks whole.

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>
#include <QXmlStreamReader>

#include "support/eventually.hpp"
#include "support/test_program.hpp"
#include "wording/language.hpp"
#include "wording/learning.hpp"
#include "wording/sentences.hpp"

using namespace sobremesa;

namespace {

struct Text {
    QString context;
    QString source;
    QStringList translations;
    bool finished = true;
    bool counts = false;
};

/// All texts of a translation file.
std::vector<Text> texts_of(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) qFatal("there is no %s", qPrintable(path));
    QXmlStreamReader xml(&file);
    std::vector<Text> all;
    QString context;
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement) continue;
        if (xml.name() == QStringLiteral("name")) context = xml.readElementText();
        if (xml.name() == QStringLiteral("message")) {
            Text text;
            text.context = context;
            text.counts = xml.attributes().value(QStringLiteral("numerus")) == QStringLiteral("yes");
            while (xml.readNextStartElement()) {
                if (xml.name() == QStringLiteral("source")) {
                    text.source = xml.readElementText();
                } else if (xml.name() == QStringLiteral("translation")) {
                    text.finished = xml.attributes().value(QStringLiteral("type")).isEmpty();
                    if (text.counts) {
                        while (xml.readNextStartElement()) text.translations << xml.readElementText();
                    } else {
                        text.translations << xml.readElementText();
                    }
                } else {
                    xml.skipCurrentElement();
                }
            }
            all.push_back(text);
        }
    }
    if (xml.hasError()) qFatal("%s: %s", qPrintable(path), qPrintable(xml.errorString()));
    return all;
}

QString translations_file(const QString& code) {
    return QStringLiteral(SOURCE_DIR "/translations/sobremesa_%1.ts").arg(code);
}

/// The places of a text: "%1", "%2", "%n".
QStringList places(const QString& text) {
    static const QRegularExpression place(QStringLiteral("%(\\d|n)"));
    QStringList found;
    for (auto matches = place.globalMatch(text); matches.hasNext();) found << matches.next().captured(0);
    found.sort();
    found.removeDuplicates();
    return found;
}

QStringList tags(const QString& text) {
    static const QRegularExpression tag(QStringLiteral("</?b>"));
    QStringList found;
    for (auto matches = tag.globalMatch(text); matches.hasNext();) found << matches.next().captured(0);
    found.sort();
    return found;
}

QString page(const QString& name) {
    QFile file(QStringLiteral(SOURCE_DIR "/docs/") + name);
    if (!file.open(QIODevice::ReadOnly)) qFatal("there is no docs/%s", qPrintable(name));
    return QString::fromUtf8(file.readAll());
}

/// The section "Not used" of docs/words.md.
QStringList banned_words() {
    QStringList words;
    bool there = false;
    for (const QString& line : page(QStringLiteral("words.md")).split(QLatin1Char('\n'))) {
        if (line.startsWith(QStringLiteral("## "))) there = line == QStringLiteral("## Not used");
        if (there && line.startsWith(QStringLiteral("- "))) words << line.mid(2).section(QLatin1Char(';'), 0, 0);
    }
    return words;
}

bool says(const QString& text, const QString& word) {
    const QRegularExpression whole(QStringLiteral("(^|[^a-z])%1([^a-z]|$)").arg(QRegularExpression::escape(word)),
                                   QRegularExpression::CaseInsensitiveOption);
    return whole.match(text).hasMatch();
}

/// The user guide in that language.
QString guide(const QString& code) {
    return page(code == QStringLiteral("en") ? QStringLiteral("user-guide.md")
                                             : QStringLiteral("user-guide.%1.md").arg(code));
}

/// What a guide is made of, in order: headings by their level, points, rows of tables, and how much code stands in
/// each.
QStringList parts_of_a_guide(const QString& text) {
    QStringList parts;
    for (const QString& line : text.split(QLatin1Char('\n'))) {
        const QString begun = line.trimmed();
        const bool heading = begun.startsWith(QLatin1Char('#'));
        if (heading || begun.startsWith(QStringLiteral("- ")) || begun.startsWith(QLatin1Char('|')))
            parts << (heading ? begun.section(QLatin1Char(' '), 0, 0) : begun.left(1)) << QString();
        if (!parts.isEmpty()) parts.back() += QString(line.count(QLatin1Char('`')), QLatin1Char('`'));
    }
    return parts;
}

} // namespace

class WordsTest : public QObject {
    Q_OBJECT
private slots:
    void cleanup() { wording::use_language(QStringLiteral("en")); }
    void noTextUsesAWordThatIsNotUsed();
    void noPageUsesAWordThatIsNotUsed_data();
    void noPageUsesAWordThatIsNotUsed();
    void theGuideNamesWhatIsOnTheScreen_data() { everyTextIsTranslated_data(); }
    void theGuideNamesWhatIsOnTheScreen();
    void theGuidesSayTheSame_data() { everyTextIsTranslated_data(); }
    void theGuidesSayTheSame();
    void everyTextIsTranslated_data();
    void everyTextIsTranslated();
    void theFilesAreUpToDate();
    void countsHavePluralForms();
    void aLanguageIsSpoken();
};

/// Buttons, rules and menu entries stand in italics in the guide, as the program writes them.
void WordsTest::theGuideNamesWhatIsOnTheScreen() {
    QFETCH(QString, code);
    QString screen;
    for (const Text& text :
         texts_of(translations_file(code == QStringLiteral("en") ? QStringLiteral("de") : code))) {
        screen += code == QStringLiteral("en") ? text.source : text.translations.join(QLatin1Char('\n'));
        screen += QLatin1Char('\n');
    }
    static const QRegularExpression italics(QStringLiteral("(?<!\\*)\\*([^*]{2,60})\\*(?!\\*)"));
    int named = 0;
    for (auto matches = italics.globalMatch(guide(code).simplified()); matches.hasNext();) {
        QString label = matches.next().captured(1);
        while (label.endsWith(QLatin1Char('?')) || label.endsWith(QStringLiteral("…"))) label.chop(1);
        ++named;
        QVERIFY2(screen.contains(label, Qt::CaseInsensitive), qPrintable(label));
    }
    QVERIFY(named > 60);
}

/// A translated guide has the chapters, points and tables of the English one, in its order, and every command in
/// its place: what is added to one is missed in the others.
void WordsTest::theGuidesSayTheSame() {
    QFETCH(QString, code);
    const QStringList english = parts_of_a_guide(guide(QStringLiteral("en")));
    QVERIFY(english.size() > 150);
    QCOMPARE(parts_of_a_guide(guide(code)), english);
}

void WordsTest::noTextUsesAWordThatIsNotUsed() {
    const QStringList banned = banned_words();
    QVERIFY(banned.size() > 20);
    for (const Text& text : texts_of(translations_file(QStringLiteral("de")))) {
        for (const QString& word : banned) {
            QVERIFY2(!says(text.source, word),
                     qPrintable(QStringLiteral("%1: “%2” says “%3”").arg(text.context, text.source, word)));
        }
    }
}

void WordsTest::noPageUsesAWordThatIsNotUsed_data() {
    QTest::addColumn<QString>("path");
    const QDir root(QStringLiteral(SOURCE_DIR));
    const QStringList pages = {QStringLiteral("*.md"), QStringLiteral("*.1")};
    for (const char* folder : {".", "docs", "packaging/man"}) {
        for (const QFileInfo& file : QDir(root.filePath(QLatin1String(folder))).entryInfoList(pages)) {
            // The guides in other languages have words of their own; the list itself stands in words.md.
            const bool foreign = file.completeSuffix() == QStringLiteral("de.md") ||
                                 file.completeSuffix() == QStringLiteral("es.md");
            if (!foreign && file.fileName() != QStringLiteral("words.md"))
                QTest::newRow(qPrintable(file.fileName())) << file.filePath();
        }
    }
}

/// What stands in code marks are keys and commands: they stay as they were published.
void WordsTest::noPageUsesAWordThatIsNotUsed() {
    QFETCH(QString, path);
    QFile file(path);
    QVERIFY(file.open(QIODevice::ReadOnly));
    static const QRegularExpression code(QStringLiteral("```[\\s\\S]*?```|`[^`]*`|^    .*$"),
                                         QRegularExpression::MultilineOption);
    const QString text = QString::fromUtf8(file.readAll()).remove(code).simplified();
    QVERIFY(text.size() > 500);
    for (const QString& word : banned_words()) QVERIFY2(!says(text, word), qPrintable(word));
}

void WordsTest::everyTextIsTranslated_data() {
    QTest::addColumn<QString>("code");
    for (const auto& language : wording::languages()) QTest::newRow(qPrintable(language.code)) << language.code;
}

/// Nothing unfinished, and every place and every bold of the source in the translation, or a figure would be lost.
void WordsTest::everyTextIsTranslated() {
    QFETCH(QString, code);
    for (const Text& text : texts_of(translations_file(code))) {
        const QByteArray which = QStringLiteral("%1: “%2”").arg(text.context, text.source).toUtf8();
        QVERIFY2(text.finished, which.constData());
        QVERIFY2(!text.translations.isEmpty(), which.constData());
        for (const QString& translation : text.translations) {
            QVERIFY2(!translation.isEmpty(), which.constData());
            QStringList wanted = places(text.source);
            QStringList found = places(translation);
            // "One more flight" needs no figure.
            wanted.removeAll(QStringLiteral("%n"));
            found.removeAll(QStringLiteral("%n"));
            QVERIFY2(wanted == found, which.constData());
            QCOMPARE(tags(translation), tags(text.source));
        }
        if (text.counts) QCOMPARE(text.translations.size(), 2);
    }
}

/// The files hold exactly the texts of the source: a new one is found here before a pilot finds it untranslated.
void WordsTest::theFilesAreUpToDate() {
    const QString tool = QStringLiteral("/usr/lib/qt6/bin/lupdate");
    if (!QFile::exists(tool)) QSKIP("lupdate is not installed");
    const QTemporaryDir folder;
    const QString fresh = folder.filePath(QStringLiteral("fresh.ts"));
    QProcess lupdate;
    lupdate.setWorkingDirectory(QStringLiteral(SOURCE_DIR));
    lupdate.start(tool, {QStringLiteral("-silent"), QStringLiteral("-locations"), QStringLiteral("none"),
                         QStringLiteral("-I"), QStringLiteral("src"), QStringLiteral("src"), QStringLiteral("-ts"),
                         fresh});
    QVERIFY(lupdate.waitForFinished(sobremesa::tests::patience_ms));
    const auto keys = [](const std::vector<Text>& texts) {
        QStringList found;
        for (const Text& text : texts) found << text.context + QLatin1Char('|') + text.source;
        found.sort();
        found.removeDuplicates();
        return found;
    };
    const QStringList now = keys(texts_of(fresh));
    QVERIFY(now.size() > 2000);
    for (const char* code : {"de", "es"}) {
        const QStringList kept = keys(texts_of(translations_file(QLatin1String(code))));
        for (const QString& text : now)
            QVERIFY2(kept.contains(text), qPrintable(QStringLiteral("run scripts/translations: ") + text));
        QCOMPARE(kept.size(), now.size());
    }
}

void WordsTest::countsHavePluralForms() {
    learning::LearnedChange change;
    change.recharges = 1;
    change.rested = 3;
    QCOMPARE(wording::reasons(change),
             QStringList({QStringLiteral("1 recharge"), QStringLiteral("3 resting voltages")}));
    QCOMPARE(wording::use_language(QStringLiteral("de")), QStringLiteral("de"));
    QCOMPARE(wording::reasons(change),
             QStringList({QStringLiteral("1 Nachladung"), QStringLiteral("3 Ruhespannungen")}));
}

void WordsTest::aLanguageIsSpoken() {
    QCOMPARE(wording::chance_text(0.999), QStringLiteral("more than 99\u202f%"));
    QCOMPARE(wording::use_language(QStringLiteral("es")), QStringLiteral("es"));
    QCOMPARE(wording::chance_text(0.999), QStringLiteral("más del 99\u202f%"));
    // Back again, and a language that there is not leaves the desktop's.
    QCOMPARE(wording::use_language(QStringLiteral("en")), QStringLiteral("en"));
    QCOMPARE(wording::chance_text(0.999), QStringLiteral("more than 99\u202f%"));
    qputenv("LANGUAGE", "de_AT:en");
    QCOMPARE(wording::use_language({}), QStringLiteral("de"));
    // One that there is not: as the desktop.
    QCOMPARE(wording::use_language(QStringLiteral("tlh")), QStringLiteral("de"));
    qunsetenv("LANGUAGE");
}

SOBREMESA_TEST(WordsTest)
#include "tst_words.moc"
