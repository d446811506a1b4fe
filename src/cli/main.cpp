#include <algorithm>
#include <clocale>
#include <iostream>
#include <memory>

#include <QGuiApplication>

#include "cli/command_line.hpp"

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
    return sobremesa::cli::run(arguments, std::cout, std::cerr);
}
