#pragma once

namespace sobremesa::tests {

/// Whether this was built with a sanitizer, which makes everything several times as slow.
#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
inline constexpr bool sanitized = true;
#elif defined(__has_feature)
#if __has_feature(address_sanitizer) || __has_feature(thread_sanitizer)
inline constexpr bool sanitized = true;
#else
inline constexpr bool sanitized = false;
#endif
#else
inline constexpr bool sanitized = false;
#endif

/// A stream in real time is played so many times slower: the thread sanitizer costs twice what the others do.
#if defined(__SANITIZE_THREAD__)
inline constexpr double slower = 8.0;
#else
inline constexpr double slower = sanitized ? 4.0 : 1.0;
#endif

} // namespace sobremesa::tests
