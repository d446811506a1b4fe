#pragma once

#include <QString>

namespace sobremesa::wording {

/// The sign of a value before the text of its size: "+3.2 Wh", "−0.4 km".
inline QString with_sign(double value, const QString& size) {
    return (value < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) + size;
}

} // namespace sobremesa::wording
