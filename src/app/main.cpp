#include <clocale>

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QEvent>
#include <QFileInfo>
#include <QIcon>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTextStream>
#include <QTimer>

#include "app/shell/guarded_application.hpp"
#include "app/shell/main_window.hpp"
#include "app/theme/look.hpp"
#include "session/flight_folder.hpp"
#include "wording/language.hpp"

namespace {

/// Says so and ends the program when the window has painted itself whole: its children paint within the same round
/// of events. For the benchmarks.
class QuitAfterFirstPaint : public QObject {
protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::Paint && !painted_) {
            painted_ = true;
            QTimer::singleShot(0, qApp, [] {
                QTextStream(stdout) << "painted\n";
                QApplication::quit();
            });
        }
        return QObject::eventFilter(watched, event);
    }

private:
    bool painted_ = false;
};

/// `--demo` without a folder means the demo that came with the program; the parser knows no optional values.
QStringList with_demo_folder(QStringList arguments) {
    const qsizetype at = arguments.indexOf(QStringLiteral("--demo"));
    if (at < 0) return arguments;
    const QString next = arguments.value(at + 1);
    // A file that follows is one to open.
    const bool given = !next.isEmpty() && !next.startsWith(QLatin1Char('-')) && !QFileInfo(next).isFile();
    if (!given) arguments.insert(at + 1, sobremesa::session::demo_folder(QCoreApplication::applicationDirPath()));
    return arguments;
}

} // namespace

int main(int argc, char** argv) {
    // What only prints wants no display.
    for (int i = 1; i < argc; ++i) {
        const QByteArray argument(argv[i]);
        if (argument == "--help" || argument == "-h" || argument == "--version" || argument == "-v")
            qputenv("QT_QPA_PLATFORM", "offscreen");
    }
    sobremesa::app::GuardedApplication application(argc, argv);
    // Qt adopts the desktop's number format; numbers never do.
    std::setlocale(LC_NUMERIC, "C");
    QApplication::setApplicationName(QStringLiteral("sobremesa"));
    QApplication::setApplicationVersion(QStringLiteral(SOBREMESA_VERSION));
    QApplication::setApplicationDisplayName(QStringLiteral("Sobremesa"));
    QApplication::setDesktopFileName(QStringLiteral("io.sobremesa.Sobremesa"));
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/icon/sobremesa.svg")));

    sobremesa::wording::use_language({});

    QCommandLineParser parser;
    parser.setApplicationDescription(
        QApplication::translate("main", "Plans and debriefs flights of long-range model aircraft."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(
        QStringLiteral("demo"),
        QApplication::translate(
            "main", "Start with a temporary copy of this folder's flights; without a folder, of the demo flights."),
        QStringLiteral("folder"));
    const QCommandLineOption settings(QStringLiteral("settings"),
                                      QApplication::translate("main", "Folder for the settings."),
                                      QStringLiteral("folder"));
    const QCommandLineOption book(QStringLiteral("book"),
                                  QApplication::translate("main", "Logbook file; created if missing."),
                                  QStringLiteral("file"));
    QCommandLineOption first_paint(
        QStringLiteral("quit-after-first-paint"),
        QApplication::translate("main", "Quit once the window is painted, for the benchmarks."));
    first_paint.setFlags(QCommandLineOption::HiddenFromHelp);
    parser.addOptions({demo, settings, book, first_paint});
    parser.addPositionalArgument(QStringLiteral("files"), QApplication::translate("main", "Plans or logs to open."),
                                 QStringLiteral("[files…]"));
    parser.process(with_demo_folder(QApplication::arguments()));

    QTemporaryDir throw_away;
    QString settings_folder = parser.value(settings);
    if (settings_folder.isEmpty()) {
        settings_folder = parser.isSet(demo) ? throw_away.path()
                                             : QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation);
    }
    QDir().mkpath(settings_folder);
    // As chosen in the menu; what was said above was said in the desktop's.
    const QSettings chosen(QDir(settings_folder).filePath(QStringLiteral("sobremesa.ini")), QSettings::IniFormat);
    sobremesa::wording::use_language(chosen.value(QStringLiteral("language")).toString());

    QString book_path = parser.value(book);
    if (book_path.isEmpty() && parser.isSet(demo))
        book_path = throw_away.filePath(QStringLiteral("logbook.sqlite"));
    sobremesa::app::MainWindow window(settings_folder, book_path);
    if (parser.isSet(demo)) {
        const QString copy = sobremesa::session::throw_away_copy(parser.value(demo), throw_away.path());
        if (copy.isEmpty()) {
            QTextStream(stderr)
                << (parser.value(demo).isEmpty()
                        ? QApplication::translate("main", "The demo flights are not installed with "
                                                          "this program.")
                        : QApplication::translate("main", "There is no demo folder %1.").arg(parser.value(demo)))
                << "\n";
            return 1;
        }
        window.setThrowAway();
        window.openFolder(copy);
    }
    for (const QString& file : parser.positionalArguments()) window.openFile(file);
    QuitAfterFirstPaint quitter;
    if (parser.isSet(first_paint)) window.installEventFilter(&quitter);
    window.show();
    return QApplication::exec();
}
