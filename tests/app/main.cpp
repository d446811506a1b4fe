#include <clocale>

#include "app/shell/guarded_application.hpp"
#include "app/theme/look.hpp"
#include "support/test_program.hpp"

// As the program itself starts: numbers in the C locale, the look applied.
int main(int argc, char** argv) {
    sobremesa::app::GuardedApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C");
    sobremesa::app::Look::instance().apply();
    return sobremesa::tests::run_chosen_tests(argc, argv);
}
