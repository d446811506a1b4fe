// The rules of the house, read off the sources themselves. See docs/architecture.md.

#include <QDirIterator>
#include <QFile>
#include <QMap>
#include <QRegularExpression>
#include <QSet>
#include <QTest>

#include "support/test_program.hpp"

namespace {

struct Include {
    QString file; ///< relative to src/
    int line;
    QString target;
};

QString source_root() {
    return QStringLiteral(SOURCE_DIR "/src/");
}

QStringList sources() {
    QStringList files;
    QDirIterator all(source_root(), {QStringLiteral("*.cpp"), QStringLiteral("*.hpp")}, QDir::Files,
                     QDirIterator::Subdirectories);
    while (all.hasNext()) files << all.next().mid(source_root().size());
    return files;
}

QString text_of(const QString& file) {
    QFile in(source_root() + file);
    if (!in.open(QIODevice::ReadOnly)) qFatal("cannot read %s", qPrintable(file));
    return QString::fromUtf8(in.readAll());
}

/// "core/battery" for a file of the core, else the first folder.
QString room(const QString& path) {
    const QStringList parts = path.split(QLatin1Char('/'));
    return parts[0] == QStringLiteral("core") ? parts[0] + QLatin1Char('/') + parts[1] : parts[0];
}

QList<Include> includes(const QString& pattern) {
    static const QRegularExpression any(QStringLiteral("^#include [<\"]([^>\"]+)[>\"]"));
    const QRegularExpression wanted(pattern);
    QList<Include> found;
    for (const QString& file : sources()) {
        int line = 0;
        for (const QString& text : text_of(file).split(QLatin1Char('\n'))) {
            ++line;
            const auto match = any.match(text);
            if (match.hasMatch() && wanted.match(match.captured(1)).hasMatch()) {
                found << Include{file, line, match.captured(1)};
            }
        }
    }
    return found;
}

/// What each room may include, itself apart: the table in docs/architecture.md is the rule.
const QMap<QString, QSet<QString>>& arrows() {
    static const QMap<QString, QSet<QString>> all = [] {
        QMap<QString, QSet<QString>> found;
        QFile page(QStringLiteral(SOURCE_DIR "/docs/architecture.md"));
        if (!page.open(QIODevice::ReadOnly)) return found;
        static const QRegularExpression row(QStringLiteral("^\\| `src/([a-z/]+)` \\|.*\\| ([a-z, ]+) \\|$"),
                                            QRegularExpression::MultilineOption);
        const QString text = QString::fromUtf8(page.readAll());
        for (auto rows = row.globalMatch(text); rows.hasNext();) {
            const auto match = rows.next();
            QSet<QString>& seen = found[match.captured(1)];
            if (match.captured(2) == QStringLiteral("nothing")) continue;
            for (const QString& name : match.captured(2).split(QStringLiteral(", "))) seen << name;
        }
        // Rooms of the core are named without it.
        for (QSet<QString>& seen : found) {
            QSet<QString> whole;
            for (const QString& name : seen)
                whole << (found.contains(QStringLiteral("core/") + name) ? QStringLiteral("core/") + name : name);
            seen = whole;
        }
        return found;
    }();
    return all;
}

} // namespace

class HouseTest : public QObject {
    Q_OBJECT
private slots:
    void arrowsPointOneWay();
    void theCheckOfArrowsCanFail();
    void simulatorSharesNoModelCode();
    void coreKnowsNoQtNoFilesNoClock();
    void numbersNeverDependOnTheLocale();
    void bytesAreCastToNothingButBytes();
    void onlyWhatTheThreadSanitizerHearsStartsThreads();
    void nobodyIncludesTheApp();
    void filesOfABatchedRoomShareNoName();
};

void HouseTest::arrowsPointOneWay() {
    static const QRegularExpression ours(
        QStringLiteral("^(core|io|logbook|link|practice|session|speech|wording|sim|cli|app|paper|elevation)/"));
    QStringList wrong;
    QMap<QString, QSet<QString>> unused = arrows();
    for (const Include& include : includes(QStringLiteral("/"))) {
        if (!ours.match(include.target).hasMatch()) continue;
        const QString from = room(include.file);
        const QString to = room(include.target);
        QVERIFY2(arrows().contains(from), qPrintable(from + QStringLiteral(" is no room of the house")));
        unused[from].remove(to);
        if (from != to && !arrows()[from].contains(to)) {
            wrong << QStringLiteral("%1:%2 includes %3").arg(include.file).arg(include.line).arg(include.target);
        }
    }
    for (auto room = unused.begin(); room != unused.end(); ++room) {
        for (const QString& other : room.value())
            wrong
                << QStringLiteral("docs/architecture.md lets %1 see %2, which it does not").arg(room.key(), other);
    }
    QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(QLatin1Char('\n'))));
}

void HouseTest::theCheckOfArrowsCanFail() {
    QCOMPARE(arrows().size(), 27);
    QVERIFY(arrows()[QStringLiteral("core/units")].isEmpty());
    QVERIFY(arrows()[QStringLiteral("core/mission")].contains(QStringLiteral("core/battery")));
    QVERIFY(!arrows()[QStringLiteral("core/battery")].contains(QStringLiteral("core/mission")));
    QVERIFY(!arrows()[QStringLiteral("core/telemetry")].contains(QStringLiteral("core/mission")));
    QVERIFY(!arrows()[QStringLiteral("core/units")].contains(QStringLiteral("io")));
    QCOMPARE(room(QStringLiteral("core/battery/pack.cpp")), QStringLiteral("core/battery"));
    QCOMPARE(room(QStringLiteral("io/x.cpp")), QStringLiteral("io"));
    QVERIFY(includes(QStringLiteral("^core/")).size() > 50);
}

void HouseTest::simulatorSharesNoModelCode() {
    const QSet<QString> allowed = {QStringLiteral("core/telemetry/flight_log.hpp"),
                                   QStringLiteral("io/csv_log_writer.hpp"), QStringLiteral("io/text_file.hpp")};
    for (const Include& include : includes(QStringLiteral("^(core|io|session|wording|app|cli)/"))) {
        if (room(include.file) != QStringLiteral("sim")) continue;
        QVERIFY2(include.target.startsWith(QStringLiteral("core/units/")) || allowed.contains(include.target),
                 qPrintable(include.file + QStringLiteral(" includes ") + include.target));
    }
}

void HouseTest::coreKnowsNoQtNoFilesNoClock() {
    for (const Include& include :
         includes(QStringLiteral("^(Q[A-Z]|fstream|iostream|filesystem|chrono|ctime|thread|"
                                 "unistd|fcntl|cstdio)"))) {
        QVERIFY2(!include.file.startsWith(QStringLiteral("core/")),
                 qPrintable(include.file + QStringLiteral(" includes ") + include.target));
    }
}

void HouseTest::numbersNeverDependOnTheLocale() {
    static const QRegularExpression forbidden(QStringLiteral(
        "\\b(strtod|atof|stod|stof|sscanf|to_string|as_double|as_float|QLocale\\(\\)|QLocale::system|"
        "setDefault)\\b|printf\\s*\\([^;]*%[^;]*[fge]"));
    for (const QString& file : sources()) {
        // Which language the desktop speaks is no number.
        if (file == QStringLiteral("wording/language.cpp")) continue;
        const auto match = forbidden.match(text_of(file));
        QVERIFY2(!match.hasMatch(), qPrintable(file + QStringLiteral(" uses ") + match.captured(0)));
    }
    QVERIFY(forbidden.match(QStringLiteral("x = std::strtod(text, 0);")).hasMatch());
}

// A number is copied out of bytes, never read through a pointer into them: so no read is misaligned, and the
// sanitizers need not look for one at every pointer.
void HouseTest::bytesAreCastToNothingButBytes() {
    static const QRegularExpression cast(QStringLiteral("reinterpret_cast<(?:const )?([\\w:]+) ?\\*?>"));
    const QSet<QString> allowed{
        QStringLiteral("char"), QStringLiteral("std::uint8_t"),
        // Bytes by the names that libraries give them.
        QStringLiteral("Bytef"), QStringLiteral("xmlChar"),
        // Handles: a converter of character sets, the function found in the elevation module.
        QStringLiteral("std::intptr_t"), QStringLiteral("sobremesa_read_elevation_function")};
    int casts = 0;
    for (const QString& file : sources()) {
        const QString where = file.section(QLatin1Char('/'), 0, 0);
        if (where == QStringLiteral("app") || where == QStringLiteral("practice")) continue;
        for (auto found =
                 cast.globalMatch(text_of(file).replace(QStringLiteral("unsigned char"), QStringLiteral("char")));
             found.hasNext(); ++casts) {
            const QString target = found.next().captured(1);
            QVERIFY2(allowed.contains(target), qPrintable(QStringLiteral("%1 casts to %2").arg(file, target)));
        }
    }
    QVERIFY(casts > 10);
}

// `scripts/check thread` leaves out the tests of rooms that run on one thread.
void HouseTest::onlyWhatTheThreadSanitizerHearsStartsThreads() {
    static const QRegularExpression starts(
        QStringLiteral("std::(thread|jthread|async|packaged_task|execution)\\b|\\bQ(Thread|ThreadPool|Runnable|"
                       "tConcurrent)\\b|on_all_cores"));
    QSet<QString> rooms;
    for (const QString& file : sources()) {
        if (starts.match(text_of(file)).hasMatch()) rooms << room(file);
    }
    const QSet<QString> heard{QStringLiteral("io"), QStringLiteral("logbook"), QStringLiteral("link"),
                              QStringLiteral("session"), QStringLiteral("cli"),
                              // Its windows cannot be heard: Debian's Qt is not built for it.
                              QStringLiteral("app")};
    for (const QString& one : rooms)
        QVERIFY2(heard.contains(one), qPrintable(one + QStringLiteral(" starts threads")));
    QVERIFY(rooms.contains(QStringLiteral("io")) && rooms.contains(QStringLiteral("session")));
}

void HouseTest::nobodyIncludesTheApp() {
    for (const Include& include : includes(QStringLiteral("^app/"))) {
        QCOMPARE(room(include.file), QStringLiteral("app"));
    }
}

// Unity batches put the unnamed namespaces of several files into one: which ones, the next new file decides.
void HouseTest::filesOfABatchedRoomShareNoName() {
    QStringList rooms;
    for (const char* list : {SOURCE_DIR "/src/CMakeLists.txt", SOURCE_DIR "/src/app/CMakeLists.txt"}) {
        QFile in{QString::fromLatin1(list)};
        QVERIFY(in.open(QIODevice::ReadOnly));
        static const QRegularExpression batched(
            QStringLiteral("sobremesa_(?:room\\(|fast_build\\(sobremesa_)(\\w+) \\w+ \\d+\\)"));
        const QString text = QString::fromUtf8(in.readAll());
        for (auto found = batched.globalMatch(text); found.hasNext();) rooms << found.next().captured(1);
    }
    QVERIFY(rooms.contains(QStringLiteral("io")) && rooms.contains(QStringLiteral("app")));

    static const QRegularExpression unnamed(QStringLiteral("^namespace \\{\\n(.*?)^\\} // namespace$"),
                                            QRegularExpression::MultilineOption |
                                                QRegularExpression::DotMatchesEverythingOption);
    // Constants, types, and functions with what they take; an alias may be said twice if it says the same.
    static const QRegularExpression declared(QStringLiteral(
        "^(?:(?:constexpr|const) [\\w:<>,* ]*?(\\w+)(?: =|\\{|\\[)"
        "|(using \\w+ = .*);|(?:struct|class|enum|enum class) (\\w+)|[\\w:][\\w:<>,&* ]* (\\w+\\(.*))"));
    static const QRegularExpression argument(QStringLiteral(" \\w+(?=[,)])"));
    QMap<QString, QString> seen;
    for (const QString& file : sources()) {
        if (!rooms.contains(room(file)) || !file.endsWith(QStringLiteral(".cpp"))) continue;
        const QString text = text_of(file);
        for (auto parts = unnamed.globalMatch(text); parts.hasNext();) {
            QSet<QString> own;
            for (const QString& line : parts.next().captured(1).split(QLatin1Char('\n'))) {
                const auto match = declared.match(line);
                if (match.hasMatch()) own << match.captured(match.lastCapturedIndex()).remove(argument);
            }
            for (const QString& name : own) {
                const QString where = room(file) + QLatin1Char(' ') + name;
                const bool alias = name.startsWith(QStringLiteral("using "));
                QVERIFY2(alias || !seen.contains(where),
                         qPrintable(QStringLiteral("%1 and %2 both have %3").arg(seen.value(where), file, name)));
                seen.insert(where, file);
            }
        }
    }
    QVERIFY(seen.size() > 500);
}

SOBREMESA_TEST(HouseTest)
#include "tst_house.moc"
