#pragma once

#include <string_view>

namespace sobremesa::io {

/// What a header's word is in the words that headers are understood by, where it is one of another language's:
/// German, Spanish, French, Italian, Portuguese, Dutch.
/// @param word  in small letters, UTF-8
/// @return one or more words with blanks between; the word itself where it is none of these
std::string_view header_word_in_english(std::string_view word);

} // namespace sobremesa::io
