#include <clocale>
#include <iostream>

#include <QCoreApplication>

#include "cli/command_line.hpp"

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    // Qt adopts the desktop's number format; numbers in files and on standard output never do.
    std::setlocale(LC_NUMERIC, "C");
    return sobremesa::cli::run(std::vector<std::string>(argv + 1, argv + argc), std::cout, std::cerr);
}
