#include "core/design/name_list.h"

#include "core/design/job.h"
#include "core/type/shape.h"

#include <algorithm>
#include <optional>
#include <set>
#include <utility>

namespace ink {
namespace {

struct Ends
{
    std::size_t first, last;
};

std::optional<Ends> endsOf(std::u32string_view words)
{
    constexpr std::u32string_view kBlanks = U" \t\r\n\u00A0";
    const auto first = words.find_first_not_of(kBlanks);
    if (first == std::u32string_view::npos)
        return {};
    return Ends{first, words.find_last_not_of(kBlanks)};
}

const LetterRule* ruleOf(const std::vector<LetterRule>& rules, LetterRule::Of of, char32_t letter)
{
    const auto found = std::ranges::find_if(rules, [&](const LetterRule& rule) {
        return rule.of == of && (of != LetterRule::Of::Every || rule.letter == letter);
    });
    return found == rules.end() ? nullptr : &*found;
}

void setRule(std::vector<LetterRule>& rules, LetterRule::Of of, char32_t letter, const LetterChoice& choice)
{
    std::erase_if(rules, [&](const LetterRule& rule) {
        return rule.of == of && (of != LetterRule::Of::Every || rule.letter == letter);
    });
    // A choice that says nothing is only needed where another rule would speak.
    if (!(choice == LetterChoice()) || of != LetterRule::Of::Every)
        rules.push_back({of, of == LetterRule::Of::Every ? letter : 0, choice});
}

/// A form that stands for several letters is no form for the last of them alone.
bool fits(const LetterChoice& choice, std::size_t at, std::size_t count)
{
    return !choice.worn || at + choice.worn->characters <= count;
}

void keepRules(NameList& list, const Lettering& lettering, std::u32string_view words)
{
    const auto& letters = lettering.letters;
    const auto ends = endsOf(words);
    if (!ends)
        return;
    const auto given = chosenByRules(list.rules, words);
    const auto at = [](const std::map<std::size_t, LetterChoice>& of, std::size_t i) {
        const auto found = of.find(i);
        return found == of.end() ? LetterChoice() : found->second;
    };
    std::set<char32_t> told;
    for (std::size_t i = ends->first; i <= ends->last; ++i) {
        const auto now = at(letters, i);
        if (now == at(given, i))
            continue;
        const auto of = i == ends->first  ? LetterRule::Of::First
                        : i == ends->last ? LetterRule::Of::Last
                                          : LetterRule::Of::Every;
        if (of != LetterRule::Of::Every || told.insert(words[i]).second)
            setRule(list.rules, of, words[i], now);
        if (const auto motif = lettering.motifs.find(now.motif); motif != lettering.motifs.end())
            list.motifs.insert(*motif);
    }
}

bool hasPlace(const Mending& mending)
{
    return mending.place.has_value();
}

} // namespace

std::map<std::size_t, LetterChoice> chosenByRules(const std::vector<LetterRule>& rules,
                                                  std::u32string_view words)
{
    std::map<std::size_t, LetterChoice> out;
    const auto ends = endsOf(words);
    if (!ends || rules.empty())
        return out;
    for (std::size_t i = ends->first; i <= ends->last; ++i) {
        const LetterRule* rule = i == ends->first ? ruleOf(rules, LetterRule::Of::First, 0) : nullptr;
        if (!rule && i == ends->last)
            rule = ruleOf(rules, LetterRule::Of::Last, 0);
        if (!rule)
            rule = ruleOf(rules, LetterRule::Of::Every, words[i]);
        if (rule && !(rule->choice == LetterChoice()) && fits(rule->choice, i, ends->last + 1))
            out[i] = rule->choice;
    }
    return out;
}

void keepShown(Job& job)
{
    NameList& list = job.names;
    if (list.isEmpty())
        return;
    auto& shown = list.names[std::min(list.shown, list.names.size() - 1)];
    shown.words = job.words;
    shown.mendings.clear();
    std::ranges::copy_if(job.lettering.mendings, std::back_inserter(shown.mendings), hasPlace);
    keepRules(list, job.lettering, toUtf32(job.words));
}

namespace {

void wear(Job& job, const NameList& list, std::size_t name)
{
    const auto& shown = list.names[name];
    job.words = shown.words;
    job.lettering.letters = chosenByRules(list.rules, toUtf32(job.words));
    job.lettering.motifs.insert(list.motifs.begin(), list.motifs.end());
    std::erase_if(job.lettering.mendings, hasPlace);
    job.lettering.mendings.insert(job.lettering.mendings.end(), shown.mendings.begin(), shown.mendings.end());
    const auto count = toUtf32(job.words).size();
    for (auto& piece : job.lettering.pieces) // what hung on a letter hangs on the same one, or on the last
        if (piece.letter && count > 0)
            piece.letter = std::min(*piece.letter, count - 1);
}

void show(Job& job, std::size_t name)
{
    job.names.shown = std::min(name, job.names.names.size() - 1);
    wear(job, job.names, job.names.shown);
}

} // namespace

void showName(Job& job, std::size_t name)
{
    if (job.names.isEmpty())
        return;
    keepShown(job);
    show(job, name);
}

void setNames(Job& job, std::vector<ListedName> names)
{
    if (job.names.isEmpty())
        keepRules(job.names, job.lettering, toUtf32(job.words));
    else
        keepShown(job);
    if (names.size() > kMostNames)
        names.resize(kMostNames);
    job.names.names = std::move(names);
    job.names.shown = 0;
    if (job.names.isEmpty())
        job.names = NameList();
    else
        show(job, 0);
}

JobsOfNames::JobsOfNames(const Job& job)
{
    auto base = std::make_unique<Job>(job);
    keepShown(*base);
    m_list = std::exchange(base->names, {});
    m_is_list = !m_list.isEmpty();
    if (!m_is_list)
        m_list.names = {{job.words}};
    m_base = std::move(base);
}

JobsOfNames::~JobsOfNames() = default;
JobsOfNames::JobsOfNames(JobsOfNames&&) noexcept = default;

Job JobsOfNames::at(std::size_t name) const
{
    Job out = *m_base;
    if (m_is_list)
        wear(out, m_list, name);
    out.names.is_dressed_quietly = m_list.is_dressed_quietly;
    return out;
}

void leaveList(Job& job)
{
    job.names = NameList();
}

} // namespace ink
