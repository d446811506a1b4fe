#pragma once

#include <cmath>

#include <QTest>

#include "core/units/error.hpp"

namespace sobremesa::tests {

/// Holds a value to the range that the docs promise: both ends are taken, what is just beyond either is refused,
/// and the message names the field and the range.
/// @param check  takes the value, returns what the core says to it
template <class Check>
void holds_range(const char* field, double least, double most, const Check& check) {
    const double step = 1e-6 * std::max({std::abs(least), std::abs(most), 1e-3});
    QVERIFY2(check(least).has_value(), field);
    QVERIFY2(check(most).has_value(), field);
    for (const double outside : {least - step, most + step, std::nan("")}) {
        const auto refused = check(outside);
        QVERIFY2(!refused.has_value(), field);
        QCOMPARE(int(refused.error().code), int(units::ErrorCode::value_out_of_range));
        QCOMPARE(QString::fromStdString(refused.error().where.field), QLatin1String(field));
        for (const auto& parameter : refused.error().parameters) {
            const double number = std::get<double>(parameter.value);
            if (parameter.name == std::string("least")) QCOMPARE(number, least);
            if (parameter.name == std::string("most")) QCOMPARE(number, most);
        }
    }
}

} // namespace sobremesa::tests
