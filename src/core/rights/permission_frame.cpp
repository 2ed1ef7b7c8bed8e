#include "core/rights/permission_frame.h"

#include "core/base/told.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <initializer_list>
#include <tuple>

namespace ink {
namespace {

bool isOneOf(Role role, std::initializer_list<Role> roles)
{
    return std::ranges::find(roles, role) != roles.end();
}

bool isUse(Role role)
{
    return isOneOf(role,
                   {Role::Commercial, Role::Personal, Role::Anything, Role::Goods, Role::Sell, Role::Make});
}

/// Phrases between two marks.
struct Clause
{
    std::span<const Phrase> phrases;
    /// Index of the first in the row.
    std::size_t begin = 0;
    /// The mark that ends it; empty at the end.
    std::string_view mark;

    bool has(Role role) const { return std::ranges::find(phrases, role, &Phrase::role) != phrases.end(); }

    /// The first phrase that carries meaning.
    Role first() const
    {
        const auto it = std::ranges::find_if(phrases, [](const Phrase& p) {
            return !isOneOf(p.role, {Role::Fill, Role::And, Role::Unknown});
        });
        return it == phrases.end() ? Role::Fill : it->role;
    }

    bool isOnly(std::initializer_list<Role> roles) const
    {
        return std::ranges::all_of(phrases, [&](const Phrase& p) { return isOneOf(p.role, roles); });
    }

    bool sells() const
    {
        return has(Role::Commercial) || has(Role::Anything) ||
               (has(Role::Sell) && (has(Role::Goods) || has(Role::Make)));
    }

    bool saysUse() const { return sells() || has(Role::Personal); }

    bool allows() const
    {
        // "Use it for …" asks nobody.
        return has(Role::Allow) || has(Role::Buyer) || has(Role::Waiver) || first() == Role::Use ||
               (has(Role::Yes) && isOnly({Role::Yes, Role::Fill, Role::Subject}));
    }

    /// "Free for …": a list of uses may go on behind a comma. "Commercial use is free, …": it may not.
    bool opensList() const
    {
        for (const auto& phrase : phrases) {
            if (isUse(phrase.role))
                return false;
            if (isOneOf(phrase.role, {Role::Allow, Role::Buyer, Role::Waiver, Role::Use}))
                return true;
        }
        return false;
    }
};

class FrameReader
{
public:
    explicit FrameReader(const PhraseRow& row) : m_row(row)
    {
        const auto& phrases = row.phrases;
        std::size_t begin = 0;
        for (std::size_t i = 0; i <= phrases.size(); ++i) {
            const bool is_end = i == phrases.size();
            const bool is_answer = !is_end && row.answer_begin > 0 && phrases[i].begin == row.answer_begin;
            if (!is_end && !is_answer && phrases[i].role != Role::Comma)
                continue;
            const std::string_view mark = is_end      ? ""
                                          : is_answer ? "?"
                                                      : std::string_view(row.tokens[phrases[i].begin].word);
            if (i > begin)
                m_clauses.push_back({std::span(phrases).subspan(begin, i - begin), begin, mark});
            begin = is_answer ? i : i + 1;
        }
    }

    Frame read()
    {
        if (!m_row.licences.empty())
            readLicence();
        else if (m_row.answer_begin > 0)
            readAnswer();
        else
            readClauses();
        readLimits();
        for (std::size_t i = 0; i < m_row.phrases.size(); ++i)
            if (isUnclear(i))
                m_frame.unclear.push_back(i);
        // "Anything you like, at home."
        if (has(Role::Personal) && !has(Role::Commercial) && !has(Role::Sell))
            m_frame.grants = false;
        return std::move(m_frame);
    }

private:
    bool has(Role role) const
    {
        return std::ranges::find(m_row.phrases, role, &Phrase::role) != m_row.phrases.end();
    }

    void readClauses()
    {
        bool goes_on = false; // an allowing list is open
        for (std::size_t i = 0; i < m_clauses.size(); ++i) {
            const Clause& clause = m_clauses[i];
            if (clause.has(Role::Freehand) || clause.has(Role::Domain))
                m_frame.grants = true;
            const bool is_answered = i + 1 < m_clauses.size() && (clause.mark == ":" || clause.mark == "-") &&
                                     m_clauses[i + 1].allows() && !m_clauses[i + 1].saysUse() &&
                                     !clause.allows();
            if (clause.sells() &&
                (m_row.is_table_row ? is_answered : clause.allows() || goes_on || is_answered))
                m_frame.grants = true;
            // "A maximum of 250 end products for sale."
            if (clause.has(Role::UpTo) && clause.has(Role::Number) && clause.has(Role::Sell))
                m_frame.grants = true;
            m_frame.is_open = m_frame.is_open || clause.allows();
            m_frame.is_list = m_frame.is_list || clause.sells();
            if (clause.saysUse() || clause.allows())
                goes_on = (clause.opensList() || (goes_on && !clause.allows())) && clause.mark != ";" &&
                          clause.mark != ".";
        }
        const bool allows = m_frame.is_open, sells = m_frame.is_list;
        m_frame.is_open = allows && !sells && !has(Role::Personal);
        m_frame.is_list = sells && !allows;
    }

    /// "May I sell things made with it? Yes, of course!"
    void readAnswer()
    {
        bool asks = false, says_yes = false, is_answer = false;
        for (const Clause& clause : m_clauses) {
            if (!is_answer)
                asks = asks || clause.sells() || clause.has(Role::Sell);
            else if (!says_yes && !clause.isOnly({Role::Heading, Role::Fill, Role::And, Role::Courtesy}))
                says_yes = isOneOf(clause.first(), {Role::Yes, Role::Allow}) ||
                           (clause.first() == Role::Subject && clause.has(Role::Allow));
            is_answer = is_answer || clause.mark == "?";
        }
        m_frame.grants = asks && says_yes;
    }

    /// "Licensed under the …", "Licence: …", the name alone.
    void readLicence()
    {
        const auto width = [](const KnownLicence& l) {
            return l.sell_goods == Answer::No ? 0 : l.sell_goods == Answer::Limited ? 1 : 2;
        };
        // Of several the narrowest counts, unless one may choose.
        const auto widthOf = [&](const NamedLicence& n) { return width(*n.licence); };
        const bool is_choice = std::ranges::any_of(
            m_row.tokens, [](const Token& t) { return t.word == "or" || t.word == "either"; });
        m_frame.licence = (is_choice ? std::ranges::max_element(m_row.licences, {}, widthOf)
                                     : std::ranges::min_element(m_row.licences, {}, widthOf))
                              ->licence;
        // What it says of uses beside the name has to grant as well: "OFL (free version), EULA (commercial
        // version)".
        const bool says_use = std::ranges::any_of(
            m_row.phrases, [](const Phrase& p) { return isUse(p.role) && p.role != Role::Make; });
        if (says_use)
            readClauses();
        m_frame.is_open = m_frame.is_list = false;
        m_frame.says_less = says_use && !m_frame.grants;
        m_frame.grants = true;
        m_frame.answer = m_frame.licence->sell_goods;
        m_frame.detail = m_frame.licence->limit;
    }

    void readLimits()
    {
        const auto limit = [&](std::string detail) {
            m_frame.answer = Answer::Limited;
            m_frame.detail += (m_frame.detail.empty() ? "" : "; ") + detail;
        };
        if (m_frame.answer == Answer::No)
            return;
        if (has(Role::Credit))
            limit(std::string(told("with credit to the author")));
        if (has(Role::OwnShop))
            limit(std::string(told("in your own shop only")));
        if (has(Role::NoPod))
            limit(std::string(told("no print on demand")));
        // "Sell them in your shop."
        const auto isShop = [&](const Phrase& p) {
            const auto& last = m_row.tokens[p.end - 1].word;
            return p.role == Role::Commercial && (last == "shop" || last == "store");
        };
        if (has(Role::Sell) && std::ranges::any_of(m_row.phrases, isShop))
            limit(std::string(told("in your own shop only")));
        if (!has(Role::UpTo))
            return;
        for (const auto& phrase : m_row.phrases)
            if (phrase.role == Role::Number && m_frame.units == 0) {
                const std::string& digits = m_row.tokens[phrase.begin].word;
                std::from_chars(digits.data(), digits.data() + digits.size(), m_frame.units);
                limit(told("up to {}", digits));
            }
    }

    /// Not in the book, or understood by itself and not where it stands.
    bool isUnclear(std::size_t i) const
    {
        const Phrase& phrase = m_row.phrases[i];
        const bool is_asked = phrase.begin < m_row.answer_begin;
        switch (phrase.role) {
        case Role::Unknown:
            return true;
        case Role::Heading:
            return !isLabel(i);
        case Role::And:
            return isParting(i);
        case Role::Deed: // "you may use, share and change it", and not "you may change it commercially"
            return m_row.licences.empty() && !has(Role::Use);
        case Role::Licensed:
            return m_row.licences.empty();
        case Role::Personal: // "under the MIT licence, at home"
        case Role::Anything:
        case Role::Sell:
            return m_frame.says_less;
        case Role::Number:
            return !isCounted(i);
        case Role::UpTo:
            return !isLimit(i);
        case Role::Buyer:
            return !m_row.is_bought;
        case Role::Units:
        case Role::Over:
            return !has(Role::UpTo);
        case Role::Goods:
            return isForeign(i);
        case Role::Media: // "commercial use on websites" is no word about goods
            return !has(Role::Anything) && !has(Role::Goods);
        case Role::Commercial:
            return m_frame.says_less || isOfTheFont(i);
        case Role::Asking:
            return !is_asked;
        default:
            return false;
        }
    }

    /// "Free for personal use / commercial": a bar may part as well as join.
    bool isParting(std::size_t i) const
    {
        const auto& phrases = m_row.phrases;
        const auto isLong = [&](std::size_t k) { return phrases[k].end - phrases[k].begin > 1; };
        return m_row.tokens[phrases[i].begin].word == "/" && i > 0 && i + 1 < phrases.size() &&
               phrases[i - 1].role == Role::Personal && isLong(i - 1) &&
               phrases[i + 1].role == Role::Commercial && !isLong(i + 1);
    }

    /// "A commercial font": what it is, not what it may be used for.
    bool isOfTheFont(std::size_t i) const
    {
        static constexpr std::array<std::string_view, 8> kAdjectives{
            "commercial", "commerciale", "commerciali", "commerciaux",
            "comercial",  "comerciales", "comerciais",  "komersial"};
        const Phrase& phrase = m_row.phrases[i];
        if (phrase.end - phrase.begin > 1 ||
            std::ranges::find(kAdjectives, m_row.tokens[phrase.begin].word) == kAdjectives.end())
            return false;
        const auto isSubject = [&](std::size_t k) {
            return k < m_row.phrases.size() && m_row.phrases[k].role == Role::Subject;
        };
        return isSubject(i + 1) || (i > 0 && isSubject(i - 1));
    }

    const Clause& clauseOf(std::size_t i) const
    {
        return *std::ranges::find_if(
            m_clauses, [&](const Clause& c) { return i >= c.begin && i < c.begin + c.phrases.size(); });
    }

    /// "Licence: …", or a heading alone.
    bool isLabel(std::size_t i) const
    {
        // Words of licences have their place beside the name of one; "readme", "EULA" and the like head a
        // line.
        static constexpr std::array<std::string_view, 9> kOfLicences{
            "licen", "term", "condition", "copyright", "legal", "right", "permi", "lizen", "lisen"};
        const std::string_view word = m_row.tokens[m_row.phrases[i].begin].word;
        if (!m_row.licences.empty() &&
            std::ranges::any_of(kOfLicences, [&](std::string_view stem) { return word.starts_with(stem); }))
            return true;
        const Clause& clause = clauseOf(i);
        return clause.isOnly({Role::Heading, Role::Fill, Role::And, Role::Subject, Role::Asking}) &&
               (clause.mark == ":" || clause.mark == "-" || m_clauses.size() == 1);
    }

    bool isCounted(std::size_t i) const
    {
        while (i > 0 && m_row.phrases[i - 1].role == Role::Fill)
            --i;
        return i > 0 && m_row.phrases[i - 1].role == Role::UpTo;
    }

    /// A largest number, and of what.
    bool isLimit(std::size_t i) const
    {
        bool has_number = false;
        for (std::size_t k = i + 1; k < m_row.phrases.size() && k <= i + 5; ++k) {
            has_number = has_number || m_row.phrases[k].role == Role::Number;
            if (has_number && isOneOf(m_row.phrases[k].role, {Role::Units, Role::Goods, Role::Sell}))
                return true;
        }
        return false;
    }

    /// "The pictures are free …": said of the pictures.
    bool isForeign(std::size_t i) const
    {
        if (has(Role::UpTo))
            return false;
        const Clause& clause = clauseOf(i);
        const auto before = clause.phrases.first(i - clause.begin),
                   after = clause.phrases.subspan(i - clause.begin + 1);
        const auto is_empty = [](const Phrase& p) {
            return isOneOf(p.role, {Role::Fill, Role::And, Role::Unknown, Role::Goods});
        };
        return std::ranges::all_of(before, is_empty) && std::ranges::any_of(after, [](const Phrase& p) {
                   return isOneOf(p.role, {Role::Allow, Role::Domain, Role::Licence});
               });
    }

    const PhraseRow& m_row;
    std::vector<Clause> m_clauses;
    Frame m_frame;
};

} // namespace

Frame frameOf(const PhraseRow& row)
{
    return FrameReader(row).read();
}

} // namespace ink
