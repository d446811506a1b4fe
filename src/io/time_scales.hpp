#pragma once

namespace sobremesa::io {

inline constexpr double seconds_per_day = 86400.0;
/// A time in seconds this large counts from 1970: it is a clock, not a duration. 2001; no flight counts so far from
/// its start.
inline constexpr double least_epoch_s = 1e9;

} // namespace sobremesa::io
