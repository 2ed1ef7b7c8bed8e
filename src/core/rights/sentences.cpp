#include "core/rights/sentences.h"

#include "core/base/told.h"
#include "core/rights/clauses.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <charconv>
#include <initializer_list>
#include <optional>
#include <span>

namespace ink {
namespace {

using detail::clausesOf;
using detail::Concept;
using detail::conditionIn;
using detail::countIn;
using detail::has;
using detail::isCalledOff;
using detail::isOneOf;
using detail::isRefused;
using detail::isRefusedBefore;
using detail::Item;
using detail::Items;
using detail::itemsOf;
using detail::numberOf;

class Reader
{
public:
    Reader(const Sentence& sentence, Items clause, Items whole)
        : m_sentence(sentence), m_clause(clause), m_whole(whole)
    {
    }

    void read(std::vector<Statement>& out)
    {
        m_out = &out;
        readUse();
        readGoods();
        readWays();
        readOther();
    }

private:
    void say(Question question, Answer answer, Weight weight = Weight::Outright, std::string detail = {},
             unsigned units = 0)
    {
        m_out->push_back({question, answer, weight, About::ThisFont, std::move(detail), units});
    }

    void sayConditional(const Item& condition)
    {
        const bool is_paid = condition.what == Concept::Buy;
        say(Question::SellGoods, Answer::No, Weight::Outright,
            is_paid || condition.what == Concept::Tier ? std::string(kNeedsLicence)
            : condition.what == Concept::Ask           ? std::string(told("needs the author's permission"))
                                                       : std::string(told("needs a donation")));
        say(Question::Cost, Answer::Limited, Weight::Outright, priceIn(m_sentence));
    }

    /// Commercial and personal use.
    void readUse()
    {
        m_is_credit_off = creditIsOff();
        const auto condition = conditionIn(m_clause);
        if (const auto count =
                countIn(m_sentence, m_whole)) { // a number of units: no refusal, whatever else it is
            // "For more than 250 items buy the extended licence": up to there it says nothing, and beyond
            // something is asked for.
            if (has(m_clause, {Concept::MoreThan}) &&
                has(m_whole, {Concept::Buy, Concept::Ask, Concept::Need, Concept::Tier}))
                say(Question::HowMany, Answer::Limited, Weight::Outright, told("up to {}", *count), *count);
            m_is_settled = m_is_settled || has(m_clause, {Concept::Commercial, Concept::Sell, Concept::Goods,
                                                          Concept::Units, Concept::AnyUse});
            return;
        }
        if (exceptsSelling()) {
            say(Question::SellGoods, Answer::No);
            m_is_settled = true;
        }
        for (std::size_t i = 0; i < m_clause.size() && !m_is_settled; ++i) {
            const Concept what = m_clause[i].what;
            if (what != Concept::Commercial && what != Concept::AnyUse)
                continue;
            const bool is_asked = what == Concept::Commercial && condition != nullptr;
            if (isRefused(m_clause, i) && !(what == Concept::AnyUse && isOnlyBefore(i)))
                condition ? sayConditional(*condition) : say(Question::SellGoods, Answer::No);
            else if (is_asked)
                sayConditional(*condition);
            else if (!has(m_clause, {Concept::Free, Concept::May}))
                continue;
            m_is_settled = true; // it sounds like a yes, which is earned elsewhere
        }
        if (m_is_settled)
            return;
        if (condition && (speaksOf(*condition, "commercial") || sellsGoods())) {
            sayConditional(*condition);
            m_is_settled = true;
            return;
        }
        if (!condition && isLicenceCalledOff()) {
            m_is_settled = true;
            return;
        }
        if (has(m_clause, {Concept::NonCommercial})) {
            say(Question::SellGoods, Answer::No,
                has(m_clause, {Concept::Only}) ? Weight::Outright : Weight::Understood);
            m_is_settled = true;
            return;
        }
        readPersonal();
    }

    void readPersonal()
    {
        for (std::size_t i = 0; i < m_clause.size(); ++i) {
            if (m_clause[i].what != Concept::Personal)
                continue;
            const bool is_only = has(m_clause, {Concept::Only});
            if (is_only && isNegatedOnly())
                continue;
            if (is_only && !isRefusedBefore(m_clause, i))
                say(Question::SellGoods, Answer::No);
            else if (has(m_clause, {Concept::Free, Concept::May, Concept::Demo}) ||
                     m_sentence.words.size() <= 4)
                say(Question::SellGoods, Answer::No, Weight::Understood);
            m_is_settled = true;
            return;
        }
        if (has(m_clause, {Concept::Free}) &&
            !has(m_whole, {Concept::Commercial, Concept::Personal, Concept::AnyUse})) {
            say(Question::SellGoods, Answer::NotSaid, Weight::Hint, "free");
        }
    }

    /// "You may sell products made with this font", "do not sell the font".
    void readGoods()
    {
        for (std::size_t i = 0; i < m_clause.size(); ++i) {
            if (m_clause[i].what != Concept::Sell && m_clause[i].what != Concept::Share)
                continue;
            const auto after = m_clause.subspan(i + 1);
            const auto noun = std::ranges::find_if(after, [](const Item& n) {
                return isOneOf(n.what, {Concept::Goods, Concept::TheFont, Concept::CutFile});
            });
            const bool is_refused = isRefused(m_clause, i);
            const bool is_given = !is_refused && has(m_clause, {Concept::May, Concept::Free});
            const Concept what = noun != after.end() ? noun->what : nounBefore(i);
            if (what == Concept::Goods && m_clause[i].what == Concept::Sell && !m_is_settled) {
                if (is_refused && conditionIn(m_clause))
                    sayConditional(*conditionIn(m_clause));
                else if (is_refused)
                    say(Question::SellGoods, Answer::No);
                m_is_settled = m_is_settled || is_refused || is_given;
            } else if (what == Concept::CutFile && (is_refused || is_given)) {
                say(Question::SellFile, is_refused ? Answer::No : Answer::Yes);
            }
        }
    }

    /// Which ways of selling are shut out.
    void readWays()
    {
        for (std::size_t i = 0; i < m_clause.size(); ++i) {
            if (m_clause[i].what == Concept::PrintOnDemand &&
                (isRefused(m_clause, i) || has(m_whole, {Concept::Buy})))
                say(Question::HowMany, Answer::Limited, Weight::Outright,
                    std::string(told("no print on demand")));
            if (m_clause[i].what == Concept::OwnShop && has(m_whole, {Concept::Only}))
                say(Question::HowMany, Answer::Limited, Weight::Outright,
                    std::string(told("in your own shop only")));
            if (m_clause[i].what == Concept::Unlimited && !isRefused(m_clause, i))
                say(Question::HowMany, Answer::Yes, Weight::Outright, std::string(told("any number")));
        }
    }

    void readOther()
    {
        const auto ask = [&](Concept about, Question question) {
            for (std::size_t i = 0; i < m_clause.size(); ++i) {
                if (m_clause[i].what != about)
                    continue;
                if (isRefused(m_clause, i))
                    say(question, Answer::No);
                else if (has(m_clause, {Concept::May, Concept::Free}))
                    say(question, Answer::Yes);
                return;
            }
        };
        ask(Concept::Alter, Question::AlterOutlines);
        ask(Concept::StitchedAlphabet, Question::StitchedAlphabet);
        ask(Concept::Logo, Question::Logo);
        if (!has(m_clause, {Concept::Sell, Concept::Share}))
            ask(Concept::CutFile, Question::SellFile);
        if (has(m_clause, {Concept::Credit}) && (m_is_credit_off || has(m_clause, {Concept::Need})))
            say(Question::Credit, m_is_credit_off ? Answer::No : Answer::Yes);
        if (has(m_clause, {Concept::Donate}) && !has(m_clause, {Concept::Need}))
            say(Question::Cost, Answer::No, Weight::Hint, std::string(told("a donation is welcome")));
    }

    /// "free for any use except commercial", "except selling products".
    bool exceptsSelling() const
    {
        for (std::size_t i = 0; i + 1 < m_clause.size(); ++i) {
            if (m_clause[i].what != Concept::Except)
                continue;
            const Concept next = m_clause[i + 1].what;
            if (next == Concept::Commercial ||
                (next == Concept::Sell && i + 2 < m_clause.size() && m_clause[i + 2].what == Concept::Goods))
                return has(m_clause.first(i), {Concept::Free, Concept::May, Concept::AnyUse});
        }
        return false;
    }

    /// "before you sell anything", but not "before you sell the font".
    bool sellsGoods() const
    {
        return has(m_clause, {Concept::Sell}) && !has(m_clause, {Concept::TheFont, Concept::CutFile});
    }

    bool speaksOf(const Item& item, std::string_view word) const
    {
        return std::any_of(m_sentence.words.begin() + static_cast<std::ptrdiff_t>(item.begin),
                           m_sentence.words.begin() + static_cast<std::ptrdiff_t>(item.end),
                           [&](const std::string& w) { return w == word; });
    }

    /// "you don't need to buy a licence for commercial use".
    bool isLicenceCalledOff() const
    {
        for (std::size_t i = 0; i < m_clause.size(); ++i)
            if (m_clause[i].what == Concept::Buy && speaksOf(m_clause[i], "commercial") &&
                isCalledOff(m_clause, i) && !has(m_clause, {Concept::Forbidden, Concept::Except}))
                return true;
        return false;
    }

    /// "no credit needed", "credit is not required but welcome".
    bool creditIsOff() const
    {
        for (std::size_t i = 0; i < m_whole.size(); ++i)
            if (m_whole[i].what == Concept::Credit)
                return isRefusedBefore(m_whole, i) || (i > 0 && isCalledOff(m_whole, i)) ||
                       (i + 1 < m_whole.size() && isOneOf(m_whole[i + 1].what, {Concept::Not, Concept::May}));
        return false;
    }

    /// "not only for personal use".
    bool isNegatedOnly() const
    {
        for (std::size_t i = 1; i < m_clause.size(); ++i)
            if (m_clause[i].what == Concept::Only && m_clause[i - 1].what == Concept::Not)
                return true;
        return false;
    }

    bool isOnlyBefore(std::size_t at) const
    {
        return at > 1 && m_clause[at - 1].what == Concept::Only && m_clause[at - 2].what == Concept::Not;
    }

    Concept nounBefore(std::size_t at) const
    {
        while (at-- > 0)
            if (isOneOf(m_clause[at].what, {Concept::Goods, Concept::TheFont, Concept::CutFile}))
                return m_clause[at].what;
        return Concept::TheFont;
    }

    const Sentence& m_sentence;
    Items m_clause, m_whole;
    std::vector<Statement>* m_out = nullptr;
    bool m_is_settled = false;
    bool m_is_credit_off = false;
};

/// "a demo", but not "this is not a demo".
bool speaksOf(Items items, Concept version)
{
    for (std::size_t i = 0; i < items.size(); ++i)
        if (items[i].what == version && (i == 0 || items[i - 1].what != Concept::Not))
            return true;
    return false;
}

About aboutOf(Items items)
{
    if (speaksOf(items, Concept::FullVersion))
        return About::FullVersion;
    if (speaksOf(items, Concept::Demo))
        return About::Demo;
    return has(items, {Concept::Tier}) ? About::OneOfTwoTiers : About::ThisFont;
}

/// "May 2014" is a month.
void dropMonths(std::vector<Item>& items, const std::vector<std::string>& words)
{
    std::erase_if(items, [&](const Item& i) {
        return i.what == Concept::May && words[i.begin] == "may" && i.end < words.size() &&
               numberOf(words[i.end]);
    });
}

} // namespace

std::vector<Statement> statementsOf(const Sentence& sentence)
{
    auto items = detail::itemsOf(sentence.words);
    dropMonths(items, sentence.words);
    std::vector<Statement> out;
    for (const Items clause : clausesOf(items))
        Reader(sentence, clause, items).read(out);
    if (auto price = priceIn(sentence); !price.empty())
        out.push_back(
            {Question::Cost, Answer::Limited, Weight::Outright, About::ThisFont, std::move(price), 0});
    const About about = aboutOf(items);
    for (auto& statement : out)
        statement.about = about;
    return out;
}

bool namesATier(const Sentence& sentence)
{
    return has(detail::itemsOf(sentence.words), {Concept::Tier});
}

std::string priceIn(const Sentence& sentence)
{
    static constexpr std::array<std::string_view, 13> kCurrencies{
        "$", "€", "£", "¥", "eur", "usd", "gbp", "euro", "euros", "dollars", "idr", "rp", "pounds"};
    const auto& words = sentence.words;
    const auto isCurrency = [&](std::size_t i) {
        return i < words.size() && std::ranges::find(kCurrencies, words[i]) != kCurrencies.end();
    };
    const auto isNumber = [&](std::size_t i) { return i < words.size() && numberOf(words[i]).has_value(); };
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (!isNumber(i))
            continue;
        std::string amount = words[i];
        std::size_t end = i + 1;
        if (end + 1 < words.size() && (words[end] == "." || words[end] == ",") &&
            words[end + 1].size() == 2 && isNumber(end + 1)) {
            amount += "." + words[end + 1];
            end += 2;
        }
        if (isCurrency(end) || (i > 0 && isCurrency(i - 1))) {
            std::string unit = isCurrency(end) ? words[end] : words[i - 1];
            std::ranges::transform(unit, unit.begin(), [](unsigned char c) {
                return c < 128 ? static_cast<char>(std::toupper(c)) : static_cast<char>(c);
            });
            return amount + " " + unit;
        }
    }
    return {};
}

} // namespace ink
