// A list of names made alike: what is chosen for letters of one becomes a rule for all.
#pragma once

#include "core/design/lettering.h"

#include <cstddef>
#include <memory>
#include <string>
#include <vector>

namespace ink {

struct Job;

struct ListedName
{
    std::string words;
    int copies = 1;
    /// Of the material, as the person calls it; empty for the job's.
    std::string colour = {};
    std::string note = {};
    /// Those that hang on a place of this name.
    std::vector<Mending> mendings = {};

    friend bool operator==(const ListedName&, const ListedName&) = default;
};

/// What a letter of a certain place, or every letter of a kind, wears; a choice that says nothing takes back what another rule
/// would give.
struct LetterRule
{
    enum class Of { First, Last, Every };
    Of of = Of::Every;
    /// Of Every.
    char32_t letter = 0;
    LetterChoice choice;

    friend bool operator==(const LetterRule&, const LetterRule&) = default;
};

struct NameList
{
    std::vector<ListedName> names;
    /// The one whose words the job holds.
    std::size_t shown = 0;
    /// The first and the last letter before every letter of a kind.
    std::vector<LetterRule> rules;
    /// Those that rules speak of.
    std::map<std::string, MotifDrawing> motifs;
    /// Each name ends in the quietest form that suits it, unless a rule says otherwise.
    bool is_dressed_quietly = false;

    bool isEmpty() const { return names.empty(); }
    friend bool operator==(const NameList&, const NameList&) = default;
};

inline constexpr std::size_t kMostNames = 2000;
inline constexpr int kMostCopies = 1000;

/// What the rules give to the letters of these words.
std::map<std::size_t, LetterChoice> chosenByRules(const std::vector<LetterRule>& rules,
                                                  std::u32string_view words);

/// The list takes in what was done to the name that is shown: its words, its places, and choices on its letters as rules.
void keepShown(Job& job);
/// Shows another: keepShown(), then its words and what the rules give them. Beyond the list the last.
void showName(Job& job, std::size_t name);
/// The first of them is shown, with what the words that were there wore as rules.
void setNames(Job& job, std::vector<ListedName> names);
/// The job of each name by itself, without the list: as it is when that name is shown.
class JobsOfNames
{
public:
    /// Of a job without a list there is one: itself.
    explicit JobsOfNames(const Job& job);
    ~JobsOfNames();
    JobsOfNames(JobsOfNames&&) noexcept;

    std::size_t count() const { return m_list.names.size(); }
    const ListedName& listed(std::size_t name) const { return m_list.names[name]; }
    Job at(std::size_t name) const;

private:
    std::unique_ptr<const Job> m_base;
    NameList m_list;
    bool m_is_list = false;
};
/// The words that are shown stay, as one job; the others go.
void leaveList(Job& job);

} // namespace ink
