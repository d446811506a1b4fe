#include <clocale>

#include <QCoreApplication>

#include "support/test_program.hpp"

// As the programs themselves start: numbers in the C locale, whatever the desktop says.
int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C");
    return sobremesa::tests::run_chosen_tests(argc, argv);
}
