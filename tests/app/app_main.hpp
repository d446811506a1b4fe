#pragma once

#include <clocale>

#include <QApplication>
#include <QTest>

#include "app/theme/look.hpp"

/// Like QTEST_MAIN, with the program's own start: numbers in the C locale, the look applied.
#define SOBREMESA_WINDOW_TEST(TestClass)                                                                           \
    int main(int argc, char** argv) {                                                                              \
        QApplication application(argc, argv);                                                                      \
        std::setlocale(LC_NUMERIC, "C");                                                                           \
        sobremesa::app::Look::instance().apply();                                                                  \
        TestClass test;                                                                                            \
        return QTest::qExec(&test, argc, argv);                                                                    \
    }
