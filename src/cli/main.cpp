#include <algorithm>
#include <clocale>
#include <iostream>
#include <memory>

#include <QGuiApplication>

#include "cli/command_line.hpp"
#include "wording/language.hpp"

int main(int argc, char** argv) {
    const std::vector<std::string> arguments(argv + 1, argv + argc);
    // A flight card is drawn, which wants fonts and no screen; everything else does without both.
    const bool draws = std::any_of(arguments.begin(), arguments.end(),
                                   [](const std::string& a) { return a == "--card" || a.starts_with("--card="); });
    std::unique_ptr<QCoreApplication> application;
    if (draws) {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        application = std::make_unique<QGuiApplication>(argc, argv);
    } else {
        application = std::make_unique<QCoreApplication>(argc, argv);
    }
    // Qt adopts the desktop's number format; numbers in files and on standard output never do.
    std::setlocale(LC_NUMERIC, "C");
    // For people; keys and words of JSON are the same in every language.
    sobremesa::wording::use_language({});
    const int code = sobremesa::cli::run(arguments, std::cout, std::cerr);
    // An answer that did not arrive is none: a full disk behind a redirection is seen here first.
    if (code == sobremesa::cli::exit_done && !std::cout.flush()) {
        std::cerr << "sobremesa-cli: The output cannot be written: is the disk full?\n";
        return sobremesa::cli::exit_unusable_input;
    }
    return code;
}
