// Words as a licence reader compares them: without case, accents and quotes, and where each stands.
#pragma once

#include <cstddef>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// A part of a text, in bytes.
struct TextSpan
{
    std::size_t begin = 0, end = 0;

    friend bool operator==(const TextSpan&, const TextSpan&) = default;
};

/// A folded word, or a mark, or any other sign that stands alone.
struct Token
{
    std::string word;
    TextSpan span;
};

/// Words of UTF-8 text (bytes that are not become U+FFFD), folded; addresses as "<url>" and "<mail>", dashes
/// as "-", the sign of copyright as "(", "c", ")". Hyphens inside words, quotes and underscores part words
/// and are none; a stroke through a letter and a hyphen that is not seen spoil the word they stand in.
/// Source: NFKD without marks and full case folding (ICU).
std::vector<Token> tokensOf(std::string_view utf8);

/// One of the marks . , ; : ( ) ! ? % and currency signs, an address, or a word; no other sign.
bool isPlain(const Token& token);

/// "Copyright 2019 …", "(c) …".
bool isCopyrightNotice(std::span<const Token> tokens);

} // namespace ink
