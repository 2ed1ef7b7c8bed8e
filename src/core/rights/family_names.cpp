#include "core/rights/family_names.h"

#include <algorithm>
#include <array>
#include <utility>

namespace ink {
namespace {

std::string bare(std::string_view name)
{
    std::string out;
    for (const auto& token : tokensOf(name))
        if (token.word.size() > 1)
            out += token.word;
    return out;
}

} // namespace

std::vector<std::string> reservedNamesIn(const ReadText& text)
{
    constexpr std::size_t kMostWords = 12;
    static constexpr std::array<std::string_view, 4> kParts{"with", "reserved", "font", "name"};
    std::vector<std::string> names;
    for (const auto& sentence : text.sentences) {
        const auto& tokens = sentence.tokens;
        for (std::size_t i = 0; i + kParts.size() < tokens.size(); ++i) {
            const auto at = tokens.begin() + static_cast<std::ptrdiff_t>(i);
            if (!std::equal(kParts.begin(), kParts.end(), at,
                            [](std::string_view part, const Token& t) { return t.word.starts_with(part); }))
                continue;
            std::string name;
            for (std::size_t k = i + kParts.size(); k < std::min(tokens.size(), i + kMostWords); ++k) {
                const auto& word = tokens[k].word;
                const bool is_between = word == "," || word == "and" || word == ";" || word == ".";
                if (is_between && !name.empty())
                    names.push_back(std::exchange(name, {}));
                else if (!is_between && word.size() > 1)
                    name += (name.empty() ? "" : " ") + word;
                if (word == ".")
                    break;
            }
            if (!name.empty())
                names.push_back(name);
        }
    }
    return names;
}

bool isSameFamily(std::string_view one, std::string_view other)
{
    const std::string a = bare(one), b = bare(other);
    return !a.empty() && !b.empty() && (a.starts_with(b) || b.starts_with(a));
}

} // namespace ink
