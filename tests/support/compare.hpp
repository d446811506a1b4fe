#pragma once

#include <cmath>

#include <QTest>

/// Fails with both numbers when they differ by more than a stated tolerance.
#define VERIFY_NEAR(actual, expected, tolerance)                                                                   \
    do {                                                                                                           \
        const double near_actual = (actual);                                                                       \
        const double near_expected = (expected);                                                                   \
        QVERIFY2(std::abs(near_actual - near_expected) <= (tolerance),                                             \
                 qPrintable(QStringLiteral("%1 is not within %2 of %3")                                            \
                                .arg(near_actual, 0, 'g', 12)                                                      \
                                .arg(double(tolerance))                                                            \
                                .arg(near_expected, 0, 'g', 12)));                                                 \
    } while (false)
