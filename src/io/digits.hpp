#pragma once

namespace sobremesa::io {

/// 0 … 9, whatever the locale.
constexpr bool is_digit(char c) {
    return unsigned(c - '0') < 10;
}

} // namespace sobremesa::io
