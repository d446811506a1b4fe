#include <clocale>

#include "app/shell/guarded_application.hpp"
#include "support/test_program.hpp"

// As the program itself starts: numbers in the C locale; the window puts its look on.
int main(int argc, char** argv) {
    sobremesa::app::GuardedApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C");
    return sobremesa::tests::run_chosen_tests(argc, argv);
}
