#pragma once

#include <QTest>

#include "support/sanitized.hpp"

namespace sobremesa::tests {

/// How long a test waits for what must come. Long: a busy machine makes minutes of seconds, sanitizers on it a
/// quarter of an hour, and only a test that fails waits to its end.
inline constexpr int patience_ms = sanitized ? 900000 : 120000;

/// Whether the condition holds within patience_ms, the event loop running meanwhile.
template <class Condition>
bool eventually(Condition condition) {
    return QTest::qWaitFor(condition, patience_ms);
}

} // namespace sobremesa::tests

/// Passes as soon as the condition holds; fails where it does not within patience_ms.
#define EVENTUALLY(condition) QTRY_VERIFY_WITH_TIMEOUT(condition, sobremesa::tests::patience_ms)
/// As EVENTUALLY, for two values that must become equal.
#define EVENTUALLY_EQUAL(actual, expected)                                                                         \
    QTRY_COMPARE_WITH_TIMEOUT(actual, expected, sobremesa::tests::patience_ms)
