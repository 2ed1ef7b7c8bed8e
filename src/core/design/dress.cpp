#include "core/design/line_look.h"
#include "core/design/try_on.h"

#include <algorithm>
#include <set>
#include <string>
#include <utility>
#include <vector>

namespace ink {
using namespace detail;

namespace {

/// How much further a tried form reaches than the plain letter, in u of ink width and height.
double reach(const TryOn& item, const TryOn& plain, std::size_t at)
{
    const auto inkOf = [&](const TryOn& t) {
        for (const auto& letter : t.word)
            if (at >= letter.first && at < letter.first + letter.count)
                return letter.ink;
        return Box();
    };
    const Box a = inkOf(item), b = inkOf(plain);
    return std::max(0.0, a.width() - b.width()) + std::max(0.0, a.height() - b.height());
}

/// Dresses letters one after the other, each against what is worn by then.
class Dresser
{
public:
    explicit Dresser(const TryOnRequest& request) : m_request(request), m_words(toUtf32(request.job.words))
    {
        for (std::size_t i = 0; i < m_words.size(); ++i) {
            if (!isWordCharacter(m_words[i]))
                continue;
            if (startsWord(m_words, i))
                m_first.push_back(i);
            else if (endsWord(m_words, i, 1))
                m_last.push_back(i);
            else
                m_middle.push_back(i);
        }
    }

    enum class Wish { Least, Fair, Most };

    Result<Dressing> dress(std::string name, const std::vector<std::size_t>& letters, Wish wish)
    {
        TryOnRequest request = m_request;
        Dressing dressing{std::move(name), request.job, 0};
        for (const std::size_t character : letters) {
            request.job = dressing.job;
            request.character = character;
            const auto tries = tryOn(request);
            if (!tries)
                return fail(tries.error());
            if (tries->empty())
                continue;
            const auto* best = choose(*tries, character, wish);
            if (!best)
                continue;
            wear(dressing.job, character, &best->form);
            ++dressing.dressed;
        }
        return dressing;
    }

    const std::vector<std::size_t>& firsts() const { return m_first; }
    const std::vector<std::size_t>& lasts() const { return m_last; }
    const std::vector<std::size_t>& middles() const { return m_middle; }

private:
    const TryOn* choose(const std::vector<TryOn>& tries, std::size_t character, Wish wish) const
    {
        std::size_t line_first = character;
        while (line_first > 0 && m_words[line_first - 1] != U'\n')
            --line_first;
        std::vector<std::pair<double, const TryOn*>> fine;
        const bool starts = startsWord(m_words, character), ends = endsWord(m_words, character, 1);
        for (const auto& item : tries) {
            if (item.is_plain || !item.verdict.isFine() || item.form.letters.size() > 1 ||
                item.form.confidence < 0.9 || isOtherKind(item.form))
                continue;
            if (placeOrder(item.form, starts, ends) >= 2)
                continue;
            const double r = reach(item, tries.front(), character - line_first);
            if (r > kDecorates_u)
                fine.emplace_back(r, &item);
        }
        if (fine.empty())
            return nullptr;
        std::ranges::stable_sort(fine, {}, [](const auto& f) { return f.first; });
        switch (wish) {
        case Wish::Least:
            return fine.front().second;
        case Wish::Fair:
            return fine[fine.size() / 2].second;
        case Wish::Most:
            break;
        }
        return fine.back().second;
    }

    /// Small capitals, raised and lowered letters are other letters, no dress.
    static bool isOtherKind(const LetterForm& form)
    {
        static const std::set<std::string> kOther{"smcp", "c2sc", "pcap", "c2pc", "unic", "sups",
                                                  "subs", "sinf", "ordn", "numr", "dnom", "frac",
                                                  "hist", "onum", "lnum", "tnum"};
        return kOther.contains(form.feature) || form.feature.empty();
    }

    /// A form that reaches less further is another drawing, no decoration.
    static constexpr double kDecorates_u = 40.0;

    const TryOnRequest& m_request;
    std::u32string m_words;
    std::vector<std::size_t> m_first, m_last, m_middle;
};

std::vector<std::size_t> endOf(const std::vector<std::size_t>& letters, bool is_last)
{
    return letters.empty() ? std::vector<std::size_t>{}
                           : std::vector{is_last ? letters.back() : letters.front()};
}

} // namespace

Result<Job> dressedQuietly(const TryOnRequest& request)
{
    Dresser dresser(request);
    auto letters = endOf(dresser.lasts(), true);
    std::erase_if(letters, [&](std::size_t at) { return request.job.lettering.letter(at).worn.has_value(); });
    auto dressing = dresser.dress({}, letters, Dresser::Wish::Least);
    if (!dressing)
        return fail(dressing.error());
    return std::move(dressing->job);
}

Result<std::vector<Dressing>> dress(const TryOnRequest& asked)
{
    TryOnRequest request = asked;
    for (auto& [character, choice] : request.job.lettering.letters)
        choice.worn.reset();
    tidy(request.job.lettering);
    Dresser dresser(request);
    using Wish = Dresser::Wish;
    const auto both = [](std::vector<std::size_t> a, const std::vector<std::size_t>& b) {
        a.insert(a.end(), b.begin(), b.end());
        return a;
    };
    const auto& firsts = dresser.firsts();
    const auto& lasts = dresser.lasts();
    struct Plan
    {
        const char* name;
        std::vector<std::size_t> letters;
        Wish wish;
    };
    const std::vector<Plan> plans{
        {"Quiet", endOf(lasts, true), Wish::Least},
        {"A long ending", endOf(lasts, true), Wish::Most},
        {"A grand beginning", endOf(firsts, false), Wish::Most},
        {"Lively", both(endOf(firsts, false), endOf(lasts, true)), Wish::Fair},
        {"Rich", both(both(firsts, lasts), dresser.middles()), Wish::Most},
    };
    std::vector<Dressing> found;
    for (const auto& plan : plans) {
        if (request.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        auto dressing = dresser.dress(plan.name, plan.letters, plan.wish);
        if (!dressing)
            return fail(dressing.error());
        const bool is_new = std::ranges::none_of(
            found, [&](const Dressing& d) { return d.job.lettering == dressing->job.lettering; });
        if (dressing->dressed > 0 && is_new)
            found.push_back(std::move(*dressing));
    }
    return found;
}

} // namespace ink
