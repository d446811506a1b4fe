#pragma once

#include <QTest>

/// One test program for each room of the house: linking a room once is cheaper than once for each test class.
/// The first argument chooses the class, by the name of its file without the suffix ("tst_pack"); the arguments
/// after it go to Qt Test. Without a name every class of the program runs, one after another; "--list" names them.
namespace sobremesa::tests {

using RunTest = int (*)(int argc, char** argv);

/// Makes a test known to the program that it is linked into.
class RegisteredTest {
public:
    /// @param file  source file (`__FILE__`), which gives the test its name; or the name itself
    RegisteredTest(const char* file, RunTest run);
};

template <class Test>
int run_test(int argc, char** argv) {
    Test test;
    return QTest::qExec(&test, argc, argv);
}

/// Runs what the arguments choose. @return number of failed tests; 2 for a name that is not there
int run_chosen_tests(int argc, char** argv);

} // namespace sobremesa::tests

#define SOBREMESA_TEST(Class)                                                                                      \
    static const sobremesa::tests::RegisteredTest registered_##Class(__FILE__, &sobremesa::tests::run_test<Class>);
