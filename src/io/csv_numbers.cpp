#include "io/csv_numbers.hpp"

#include <cstdint>

#if defined(__x86_64__)
#include <immintrin.h>

#include "io/digits.hpp"
#endif

namespace sobremesa::io {

namespace {

constexpr double powers_of_ten[] = {1e0, 1e1, 1e2,  1e3,  1e4,  1e5,  1e6,  1e7,
                                    1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15};
constexpr std::ptrdiff_t most_digits = 15;

/// @return the number's end; nothing where it is none of few digits
const char* number_by_digits(const char* p, char point, double& value) {
    const bool negative = *p == '-';
    if (negative) ++p;
    std::uint64_t digits = 0;
    std::ptrdiff_t decimals = 0;
    const char* const whole = p;
    for (; is_digit(*p); ++p) digits = 10 * digits + std::uint64_t(*p - '0');
    std::ptrdiff_t count = p - whole;
    if (*p == point) {
        const char* const part = ++p;
        for (; is_digit(*p); ++p) digits = 10 * digits + std::uint64_t(*p - '0');
        decimals = p - part;
        count += decimals;
    }
    if (count == 0 || count > most_digits) return nullptr;
    const double magnitude = double(std::int64_t(digits)) / powers_of_ten[decimals];
    value = negative ? -magnitude : magnitude;
    return p;
}

} // namespace

LinePlace read_numbers_by_digits(LinePlace place, const NumberColumns& columns, std::size_t row) {
    for (; place.column < columns.count; ++place.column) {
        const ColumnTarget& target = columns.targets[place.column];
        double value = 0.0;
        if (target.kind != LogColumn::Kind::number) return place;
        const char* const end = number_by_digits(place.at, columns.point, value);
        const bool last = place.column + 1 == columns.count;
        if (!end || (!last && *end != columns.delimiter)) return place;
        if (target.first) target.first[row] = value * target.scale;
        place.at = last ? end : end + 1;
    }
    return place;
}

#if defined(__x86_64__)

namespace {

constexpr unsigned width = 16;

/// Loaded from n on, sixteen bytes of which the last ones are the places 0 to n - 1, and those before them none.
constexpr unsigned char none_then_places[2 * width] = {
    0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80, 0x80,
    0,    1,    2,    3,    4,    5,    6,    7,    8,    9,    10,   11,   12,   13,   14,   15};
/// Loaded from `width - n` on, sixteen bytes of which all but the first n are ones.
constexpr unsigned char none_then_ones[2 * width] = {
    0,    0,    0,    0,    0,    0,    0,    0,    0,    0,    0,    0,    0,    0,    0,    0,
    0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF, 0xFF};

[[gnu::target("sse4.1"), gnu::always_inline]] inline __m128i bytes_at(const void* from) {
    return _mm_loadu_si128(static_cast<const __m128i*>(from));
}

/// Dividing by one of them gives the sign too.
constexpr double signed_powers_of_ten[2][width] = {
    {1e0, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15},
    {-1e0, -1e1, -1e2, -1e3, -1e4, -1e5, -1e6, -1e7, -1e8, -1e9, -1e10, -1e11, -1e12, -1e13, -1e14, -1e15}};

/// As `number_by_digits`, but a number whose end is not within sixteen bytes is left to the number parser.
[[gnu::target("sse4.1"), gnu::always_inline]] inline const char* number_by_vectors(const char* p, char point,
                                                                                   double& value) {
    constexpr std::uint64_t hundred_million = 100'000'000;
    const bool negative = *p == '-';
    p += negative;
    __m128i digits = _mm_sub_epi8(bytes_at(p), _mm_set1_epi8('0'));
    // The high bit of every byte above nine.
    const __m128i above_nine = _mm_adds_epu8(digits, _mm_set1_epi8(0x80 - 10));
    unsigned others = unsigned(_mm_movemask_epi8(above_nine));
    if (others == 0) return nullptr;
    unsigned end = unsigned(__builtin_ctz(others));
    unsigned count = end;
    unsigned decimals = 0;
    if (p[end] == point) {
        others &= others - 1;
        if (others == 0) return nullptr;
        // What stands behind the point moves down by one, over it.
        digits = _mm_blendv_epi8(digits, _mm_srli_si128(digits, 1), bytes_at(none_then_ones + width - end));
        const unsigned whole = end;
        end = unsigned(__builtin_ctz(others));
        count = end - 1;
        decimals = count - whole;
    }
    if (count == 0) return nullptr;
    // To the upper end of the sixteen bytes, with zeros before them. Then pairs of digits, fours, eights: each step
    // multiplies the left one by its power of ten and adds the right.
    digits = _mm_shuffle_epi8(digits, bytes_at(none_then_places + count));
    const __m128i pairs = _mm_maddubs_epi16(digits, _mm_set1_epi16(0x010A));
    const __m128i fours = _mm_madd_epi16(pairs, _mm_set1_epi32(0x0001'0064));
    const __m128i eights = _mm_madd_epi16(_mm_packus_epi32(fours, fours), _mm_set1_epi32(0x0001'2710));
    const auto both = std::uint64_t(_mm_cvtsi128_si64(eights));
    const std::uint64_t number = (both & 0xFFFF'FFFF) * hundred_million + (both >> 32);
    value = double(std::int64_t(number)) / signed_powers_of_ten[negative][decimals];
    return p + end;
}

[[gnu::target("sse4.1")]] LinePlace read_by_vectors(LinePlace place, const NumberColumns& columns,
                                                    std::size_t row) {
    const ColumnTarget* const targets = columns.targets;
    const std::size_t last = columns.count - 1;
    const char point = columns.point;
    const char delimiter = columns.delimiter;
    const char* at = place.at;
    double value = 0.0;
    std::size_t column = place.column;
    for (; column < last; ++column) {
        const ColumnTarget& target = targets[column];
        if (target.kind != LogColumn::Kind::number) return {at, column};
        const char* const end = number_by_vectors(at, point, value);
        if (!end || *end != delimiter) return {at, column};
        if (target.first) target.first[row] = value * target.scale;
        at = end + 1;
    }
    const ColumnTarget& target = targets[last];
    if (column > last || target.kind != LogColumn::Kind::number) return {at, column};
    const char* const end = number_by_vectors(at, point, value);
    if (!end) return {at, column};
    if (target.first) target.first[row] = value * target.scale;
    return {end, columns.count};
}

} // namespace

ReadNumbers read_numbers_by_vectors() {
    return __builtin_cpu_supports("sse4.1") ? read_by_vectors : nullptr;
}

#else

ReadNumbers read_numbers_by_vectors() {
    return nullptr;
}

#endif

ReadNumbers quickest_read_numbers() {
    static const ReadNumbers by_vectors = read_numbers_by_vectors();
    return by_vectors ? by_vectors : read_numbers_by_digits;
}

} // namespace sobremesa::io
