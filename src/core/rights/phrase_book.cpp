#include "core/rights/phrase_book.h"

#include <algorithm>
#include <array>
#include <cstdint>
#include <limits>
#include <optional>
#include <stdexcept>
#include <string>
#include <unordered_map>

namespace ink {
namespace {

constexpr std::array<std::string_view, 7> kLanguages{"en", "de", "fr", "es", "it", "pt", "id"};

constexpr std::array kRoles{std::pair{std::string_view("fill"), Role::Fill},
                            std::pair{std::string_view("and"), Role::And},
                            std::pair{std::string_view("comma"), Role::Comma},
                            std::pair{std::string_view("subject"), Role::Subject},
                            std::pair{std::string_view("buyer"), Role::Buyer},
                            std::pair{std::string_view("allow"), Role::Allow},
                            std::pair{std::string_view("yes"), Role::Yes},
                            std::pair{std::string_view("use"), Role::Use},
                            std::pair{std::string_view("commercial"), Role::Commercial},
                            std::pair{std::string_view("personal"), Role::Personal},
                            std::pair{std::string_view("anything"), Role::Anything},
                            std::pair{std::string_view("freehand"), Role::Freehand},
                            std::pair{std::string_view("make"), Role::Make},
                            std::pair{std::string_view("deed"), Role::Deed},
                            std::pair{std::string_view("sell"), Role::Sell},
                            std::pair{std::string_view("goods"), Role::Goods},
                            std::pair{std::string_view("media"), Role::Media},
                            std::pair{std::string_view("waiver"), Role::Waiver},
                            std::pair{std::string_view("courtesy"), Role::Courtesy},
                            std::pair{std::string_view("file"), Role::File},
                            std::pair{std::string_view("heading"), Role::Heading},
                            std::pair{std::string_view("credit"), Role::Credit},
                            std::pair{std::string_view("upto"), Role::UpTo},
                            std::pair{std::string_view("units"), Role::Units},
                            std::pair{std::string_view("over"), Role::Over},
                            std::pair{std::string_view("ownshop"), Role::OwnShop},
                            std::pair{std::string_view("nopod"), Role::NoPod},
                            std::pair{std::string_view("domain"), Role::Domain},
                            std::pair{std::string_view("licensed"), Role::Licensed},
                            std::pair{std::string_view("asking"), Role::Asking}};

/// A tree of words; the same phrase may have several roles, the first in the book is kept. Words are numbers in it: of English there are
/// a third of a million places.
class Book
{
public:
    explicit Book(std::string_view text)
    {
        Role role = Role::Unknown;
        for (std::size_t at = 0; at < text.size();) {
            const auto end = std::min(text.find('\n', at), text.size());
            const auto line = text.substr(at, end - at);
            at = end + 1;
            if (line.empty() || line.front() == '#')
                continue;
            if (line.front() == '[' && line.find(']') + 1 == line.size()) {
                const auto name = line.substr(1, line.size() - 2);
                const auto known = std::ranges::find(kRoles, name, &decltype(kRoles)::value_type::first);
                if (known != kRoles.end()) {
                    role = known->second;
                    continue;
                }
            }
            addLine(line, role);
        }
    }

    /// Calls `found(length, role)` for each phrase that begins at `at`.
    template <typename Found>
    void match(std::span<const Token> tokens, std::size_t at, const Found& found) const
    {
        std::uint32_t node = 0;
        for (std::size_t i = at; i < tokens.size(); ++i) {
            const auto word = m_words.find(tokens[i].word);
            if (word == m_words.end())
                return;
            const auto next = m_next.find(keyOf(node, word->second));
            if (next == m_next.end())
                return;
            node = next->second;
            if (m_roles[node] != Role::Unknown)
                found(i + 1 - at, m_roles[node]);
        }
    }

private:
    /// Where phrases that begin alike have got to; each node once.
    using Places = std::vector<std::uint32_t>;

    static std::uint64_t keyOf(std::uint32_t node, std::uint32_t word)
    {
        return std::uint64_t(node) << 32 | word;
    }

    void addLine(std::string_view line, Role role)
    {
        // "|" parts phrases, "/" words: one that stands between spaces is a phrase of its own.
        for (std::size_t at = 0; at <= line.size();) {
            auto end = line.find(" | ", at);
            if (end == std::string_view::npos)
                end = line.size();
            addPattern(line.substr(at, end - at), role);
            at = end + 3;
        }
    }

    /// "you may/can [also] use": each of its phrases, all at once. Phrase by phrase they are hundreds of thousands.
    void addPattern(std::string_view pattern, Role role)
    {
        Places reached{0}, with;
        bool is_optional = false;
        for (std::size_t at = 0; at < pattern.size();) {
            if (pattern[at] == ' ') {
                ++at;
                continue;
            }
            if (pattern[at] == '[') {
                is_optional = true;
                with = reached;
                ++at;
                continue;
            }
            if (pattern[at] == ']') {
                reached.insert(reached.end(), with.begin(), with.end());
                once(reached);
                is_optional = false;
                ++at;
                continue;
            }
            const auto end = std::min(pattern.find_first_of(is_optional ? " ]" : " ", at), pattern.size());
            Places& from = is_optional ? with : reached;
            from = extended(from, pattern.substr(at, end - at));
            at = end;
        }
        for (const auto node : reached)
            if (node != 0 && m_roles[node] == Role::Unknown)
                m_roles[node] = role;
    }

    /// One word further, or one of several, "may/can".
    Places extended(const Places& from, std::string_view place)
    {
        Places out;
        for (std::size_t at = 0; at <= place.size();) {
            auto end = place.size() > 1 ? place.find('/', at) : place.size();
            if (place.find("://") != std::string_view::npos || end == std::string_view::npos)
                end = place.size();
            std::string choice(place.substr(at, end - at));
            std::ranges::replace(choice, '_', ' ');
            std::vector<std::uint32_t> words;
            if (choice == "<url>" || choice == "<mail>")
                words.push_back(numberOf(choice));
            else
                for (const auto& token : tokensOf(choice))
                    words.push_back(numberOf(token.word));
            for (auto node : from) {
                for (const auto word : words)
                    node = next(node, word);
                out.push_back(node);
            }
            at = end + 1;
        }
        once(out);
        return out;
    }
    static void once(Places& places)
    {
        std::ranges::sort(places);
        places.erase(std::unique(places.begin(), places.end()), places.end());
    }

    std::uint32_t numberOf(const std::string& word)
    {
        return m_words.try_emplace(word, std::uint32_t(m_words.size())).first->second;
    }
    std::uint32_t next(std::uint32_t node, std::uint32_t word)
    {
        const auto [it, is_new] = m_next.try_emplace(keyOf(node, word), std::uint32_t(m_roles.size()));
        if (is_new)
            m_roles.push_back(Role::Unknown);
        return it->second;
    }

    std::unordered_map<std::string, std::uint32_t> m_words;
    std::unordered_map<std::uint64_t, std::uint32_t> m_next;
    /// Of each place; the first is where all phrases begin.
    std::vector<Role> m_roles{Role::Unknown};
};

const Book& bookOf(std::string_view language)
{
    static const std::array<Book, kLanguages.size()> books{
        Book(phraseBookText("en")), Book(phraseBookText("de")), Book(phraseBookText("fr")),
        Book(phraseBookText("es")), Book(phraseBookText("it")), Book(phraseBookText("pt")),
        Book(phraseBookText("id"))};
    const auto at = std::ranges::find(kLanguages, language);
    return books[static_cast<std::size_t>(at == kLanguages.end() ? 0 : at - kLanguages.begin())];
}

} // namespace

std::span<const std::string_view> readLanguages()
{
    return kLanguages;
}

std::vector<Phrase> phrasesOf(std::span<const Token> tokens, std::string_view language,
                              std::span<const Phrase> taken)
{
    struct Step
    {
        std::size_t unknown = std::numeric_limits<std::size_t>::max(), phrases = 0, length = 1;
        Role role = Role::Unknown;
    };
    const Book& book = bookOf(language);
    std::vector<Step> best(tokens.size() + 1);
    best[tokens.size()] = {0, 0, 0, Role::Unknown};
    for (std::size_t at = tokens.size(); at-- > 0;) {
        const auto offer = [&](std::size_t length, Role role) {
            const auto cuts = [&](const Phrase& p) { return p.begin > at && p.begin < at + length; };
            if (std::ranges::any_of(taken, cuts))
                return;
            const Step& rest = best[at + length];
            const Step step{rest.unknown + (role == Role::Unknown ? 1 : 0), rest.phrases + 1, length, role};
            if (std::pair(step.unknown, step.phrases) < std::pair(best[at].unknown, best[at].phrases))
                best[at] = step;
        };
        const auto stands = std::ranges::find(taken, at, &Phrase::begin);
        if (stands != taken.end()) {
            offer(stands->end - stands->begin, stands->role);
            continue;
        }
        const auto& word = tokens[at].word;
        if (word.find_first_not_of("0123456789") == std::string::npos)
            offer(1, Role::Number);
        book.match(tokens, at, offer);
        offer(1, Role::Unknown);
    }
    std::vector<Phrase> phrases;
    for (std::size_t at = 0; at < tokens.size(); at += best[at].length)
        phrases.push_back({best[at].role, at, at + best[at].length});
    return phrases;
}

} // namespace ink
