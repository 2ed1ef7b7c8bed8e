#include "core/rights/known_texts.h"

#include "core/rights/licence_texts.h"
#include "core/rights/narrowing.h"

#include <unicode/uchar.h>
#include <unicode/utf8.h>

#include <algorithm>
#include <array>
#include <functional>
#include <string>
#include <utility>

namespace ink::detail {
namespace {

bool isLetterOrFigure(const std::string& word)
{
    UChar32 first = 0;
    std::int32_t at = 0;
    U8_NEXT(reinterpret_cast<const std::uint8_t*>(word.data()), at, static_cast<std::int32_t>(word.size()),
            first);
    return first >= 0 && u_isalnum(first);
}

/// "(a)", "1)", "iv.": ways of numbering, which differ between copies of a licence; "(s)", too.
bool isListMark(const Sentence& sentence, std::size_t at)
{
    const auto& tokens = sentence.tokens;
    const auto& word = tokens[at].word;
    const bool is_short = word.size() == 1 ||
                          (word.size() == 2 && word.find_first_not_of("0123456789") == std::string::npos) ||
                          word.find_first_not_of("ivx") == std::string::npos;
    return is_short && at + 1 < tokens.size() && (tokens[at + 1].word == ")" || tokens[at + 1].word == ".");
}

/// Spellings that do not change what is said.
std::string_view spelledAlike(std::string_view word)
{
    static constexpr std::array<std::pair<std::string_view, std::string_view>, 4> kSame{
        {{"licence", "license"},
         {"licences", "licenses"},
         {"licenced", "licensed"},
         {"sublicence", "sublicense"}}};
    const auto it = std::ranges::find(kSame, word, &std::pair<std::string_view, std::string_view>::first);
    return it == kSame.end() ? word : it->second;
}

bool isNotice(const Sentence& sentence)
{
    const auto& tokens = sentence.tokens;
    return isCopyrightNotice(tokens) ||
           (tokens.size() <= 4 && tokens.size() >= 3 && tokens[0].word == "all" &&
            tokens[1].word == "rights" && tokens[2].word == "reserved");
}

} // namespace

Row::Row(const ReadText& text)
{
    for (std::size_t s = 0; s < text.sentences.size(); ++s) {
        if (isNotice(text.sentences[s]))
            continue;
        const auto& tokens = text.sentences[s].tokens;
        for (std::size_t t = 0; t < tokens.size(); ++t)
            if (isLetterOrFigure(tokens[t].word) && !isListMark(text.sentences[s], t)) {
                words.push_back(spelledAlike(tokens[t].word));
                places.push_back({s, t});
            }
    }
}

std::optional<std::size_t> Row::find(std::string_view phrase, std::size_t at) const
{
    std::vector<std::string_view> wanted;
    for (std::size_t i = 0; i <= phrase.size();) {
        const auto end = std::min(phrase.find(' ', i), phrase.size());
        wanted.push_back(phrase.substr(i, end - i));
        i = end + 1;
    }
    const auto found = std::search(words.begin() + static_cast<std::ptrdiff_t>(at), words.end(),
                                   wanted.begin(), wanted.end());
    return found == words.end() ? std::nullopt
                                : std::optional(static_cast<std::size_t>(found - words.begin()));
}

std::vector<std::uint64_t> Row::shingles() const
{
    std::vector<std::uint64_t> out;
    for (std::size_t i = 0; i + kShingle <= words.size(); ++i) {
        std::uint64_t hash = 1469598103934665603ULL;
        for (std::size_t k = 0; k < kShingle; ++k)
            hash = (hash ^ std::hash<std::string_view>{}(words[i + k])) * 1099511628211ULL;
        out.push_back(hash);
    }
    return out;
}

KnownText::KnownText(const KnownLicence& licence) : text(readText(licenceText(licence.id))), row(text)
{
    begin = licence.from.empty() ? 0 : row.find(licence.from).value_or(0);
    end = licence.to.empty() ? row.words.size() : row.find(licence.to, begin).value_or(row.words.size());
}

Library::Library()
{
    texts.reserve(knownLicences().size());
    for (std::size_t i = 0; i < knownLicences().size() && i < 64; ++i) {
        texts.emplace_back(knownLicences()[i]);
        const auto hashes = texts.back().row.shingles();
        count.push_back(hashes.size());
        for (const auto hash : hashes)
            licences[hash] |= std::uint64_t{1} << i;
    }
}

const Library& library()
{
    static const Library known;
    return known;
}

} // namespace ink::detail
