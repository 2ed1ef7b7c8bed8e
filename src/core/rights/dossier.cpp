#include "core/rights/dossier.h"

#include "core/base/told.h"
#include "core/rights/findings.h"
#include "core/rights/sentences.h"

#include <algorithm>
#include <array>
#include <tuple>

namespace ink {
namespace {

constexpr std::array kQuestions{
    Question::SellGoods,        Question::HowMany, Question::SellFile, Question::AlterOutlines,
    Question::StitchedAlphabet, Question::Logo,    Question::Credit,   Question::Cost};

/// So many sentences that were not understood are shown; one is enough to ask.
constexpr std::size_t kMostShown = 100;

/// Everything said about selling goods, sorted by what it says.
struct Sides
{
    std::vector<const Finding*> yes, limited, no, understood, hints;

    Sides(const std::vector<Finding>& findings, bool permission_only)
    {
        for (const auto& f : findings) {
            if (!isAbout(f, Question::SellGoods) ||
                (permission_only && f.quote.kind != EvidenceKind::Permission))
                continue;
            if (isHint(f))
                hints.push_back(&f);
            else if (f.statement.weight == Weight::Understood)
                understood.push_back(&f);
            else if (f.statement.answer == Answer::Yes)
                yes.push_back(&f);
            else if (f.statement.answer == Answer::Limited)
                limited.push_back(&f);
            else if (f.statement.answer == Answer::No)
                no.push_back(&f);
        }
    }
};

class Judge
{
public:
    Judge(Dossier& dossier, const Findings& findings) : m_dossier(dossier), m_findings(findings) {}

    void decide()
    {
        const Sides permission(m_findings.said, true);
        const bool has_permission = !permission.yes.empty() || !permission.limited.empty();
        const Sides sides(m_findings.said, has_permission);
        const bool is_allowed = !sides.yes.empty() || !sides.limited.empty();
        if (is_allowed && (!sides.no.empty() || saysLessElsewhere(sides))) {
            m_dossier.verdict = Verdict::EvidenceDisagrees;
            m_dossier.reason = "One sentence allows selling, another one forbids it.";
            quote(sides.no.empty() ? sides.understood : sides.no);
            quote(sides.yes);
            quote(sides.limited);
        } else if (!sides.no.empty()) {
            giftsOnly(sides.no);
        } else if (is_allowed) {
            maySell(sides, has_permission);
            holdBack(sides, has_permission);
        } else if (!sides.understood.empty()) {
            giftsOnly(sides.understood);
        } else {
            askFirst(sides);
        }
        for (const auto* hint : sides.hints)
            addOnce(m_dossier.set_aside, hint->quote);
        if (m_dossier.verdict != Verdict::MaySell && m_dossier.verdict != Verdict::AskFirst)
            noteWrongListing(sides);
    }

private:
    void quote(const std::vector<const Finding*>& findings)
    {
        for (const auto* f : findings)
            addOnce(m_dossier.deciding, f->quote);
    }

    /// "Free for personal use" in one text and a yes in another: the one does not say what the other means.
    static bool saysLessElsewhere(const Sides& sides)
    {
        return std::ranges::any_of(sides.understood, [&](const Finding* no) {
            const auto is_beside = [&](const Finding* yes) {
                return yes->quote.document == no->quote.document;
            };
            return std::ranges::none_of(sides.yes, is_beside) &&
                   std::ranges::none_of(sides.limited, is_beside);
        });
    }

    /// A yes stands only where nothing that was not understood could take it away.
    void holdBack(const Sides& sides, bool has_permission)
    {
        const auto isLicence = [](const Finding* f) { return f->is_licence; };
        const bool is_licensed =
            std::ranges::any_of(sides.yes, isLicence) || std::ranges::any_of(sides.limited, isLicence);
        const Verdict otherwise = m_dossier.verdict;
        for (const auto& finding : m_findings.unclear) {
            const auto kind = finding.unclear.quote.kind;
            if (finding.narrows < (is_licensed ? Narrows::Anything : Narrows::OwnWords) ||
                kind == EvidenceKind::Listing || (has_permission && kind != EvidenceKind::Permission))
                continue;
            if (m_dossier.not_understood.size() == kMostShown)
                break;
            m_dossier.not_understood.push_back(finding.unclear);
            m_dossier.not_understood.back().otherwise = otherwise;
        }
        if (m_dossier.not_understood.empty())
            return;
        m_dossier.verdict = Verdict::AskFirst;
        m_dossier.reason =
            "Selling is allowed in one place, and something that was not understood could take it back.";
        for (const auto& quote : m_dossier.deciding)
            addOnce(m_dossier.set_aside, quote);
        m_dossier.deciding.clear();
        m_dossier.limits.clear();
        m_dossier.units = 0;
    }

    void giftsOnly(const std::vector<const Finding*>& because)
    {
        m_dossier.verdict = Verdict::GiftsOnly;
        const auto detailed =
            std::ranges::find_if(because, [](const Finding* f) { return !f->statement.detail.empty(); });
        m_dossier.reason =
            detailed == because.end()
                ? "It may be used for yourself and for gifts; selling is not allowed."
                : told("For yourself and for gifts; selling {}.", (*detailed)->statement.detail);
        quote(because);
    }

    void maySell(const Sides& sides, bool has_permission)
    {
        for (const auto* f : sides.limited) {
            addOnce(m_dossier.limits, f->statement.detail);
            if (f->statement.units > 0)
                m_dossier.units =
                    m_dossier.units == 0 ? f->statement.units : std::min(m_dossier.units, f->statement.units);
        }
        for (const auto& f : m_findings.said)
            if (isAbout(f, Question::HowMany) && f.statement.answer == Answer::Limited && !isHint(f)) {
                addOnce(m_dossier.limits, f.statement.detail);
                addOnce(m_dossier.deciding, f.quote);
                if (f.statement.units > 0)
                    m_dossier.units = m_dossier.units == 0 ? f.statement.units
                                                           : std::min(m_dossier.units, f.statement.units);
            }
        // A sentence of its own that asks for credit; what licences ask for is in their limits.
        const bool says_credit = std::ranges::any_of(
            m_dossier.limits, [](const std::string& l) { return l.find("credit") != std::string::npos; });
        for (const auto& f : m_findings.said)
            if (!says_credit && isAbout(f, Question::Credit) && f.statement.answer == Answer::Yes &&
                !isHint(f)) {
                addOnce(m_dossier.limits, std::string(told("with credit to the author")));
                addOnce(m_dossier.deciding, f.quote);
            }
        m_dossier.verdict = m_dossier.limits.empty() ? Verdict::MaySell : Verdict::SellWithinLimits;
        m_dossier.reason = has_permission ? "You have a permission or a receipt."
                                          : "The text that comes with the font allows it.";
        quote(sides.limited);
        quote(sides.yes);
    }

    void askFirst(const Sides& sides)
    {
        m_dossier.verdict = Verdict::AskFirst;
        const bool has_denial = std::ranges::any_of(sides.hints, [](const Finding* f) {
            return f->quote.kind == EvidenceKind::Listing && f->statement.answer == Answer::No;
        });
        if (has_denial) {
            m_dossier.verdict = Verdict::GiftsOnly;
            m_dossier.reason = "Only the listing speaks of it, and it says no.";
        } else if (showUnclear()) {
            m_dossier.reason = "Something speaks of selling, and not all of it was understood.";
        } else if (!sides.hints.empty()) {
            m_dossier.reason = "There are hints, but nothing that decides.";
        } else if (m_dossier.set_aside.empty()) {
            m_dossier.reason = "Nothing that came with the font speaks of selling.";
        } else {
            m_dossier.reason = "What is said does not tell which licence is yours.";
        }
    }

    /// What would have been a yes.
    bool showUnclear()
    {
        for (const auto& finding : m_findings.unclear)
            if (finding.unclear.otherwise < Verdict::GiftsOnly &&
                finding.unclear.quote.kind != EvidenceKind::Listing)
                if (m_dossier.not_understood.size() < kMostShown)
                    m_dossier.not_understood.push_back(finding.unclear);
        return !m_dossier.not_understood.empty();
    }

    void noteWrongListing(const Sides& sides)
    {
        const bool is_limited = m_dossier.verdict == Verdict::SellWithinLimits;
        const auto saysMore = [&](const Statement& listing) {
            if (listing.answer == Answer::Limited && is_limited) // the same limits, or looser ones
                return m_dossier.units > 0 && listing.units > m_dossier.units;
            return listing.answer != Answer::No;
        };
        for (const auto* hint : sides.hints)
            if (hint->quote.kind == EvidenceKind::Listing && saysMore(hint->statement))
                addOnce(m_dossier.notes,
                        told("The listing says “{}”, which the font's own text does not bear out.",
                             hint->quote.sentence));
    }

    Dossier& m_dossier;
    const Findings& m_findings;
};

/// The answer to each question: the strongest evidence first, of equals the stricter one.
std::vector<GivenAnswer> answersOf(const std::vector<Finding>& findings)
{
    std::vector<GivenAnswer> answers;
    for (const Question question : kQuestions) {
        GivenAnswer answer{question, Answer::NotSaid, {}, {}};
        const Finding* best = nullptr;
        const auto rank = [](const Finding& f) {
            const int strictness = f.statement.answer == Answer::No        ? 0
                                   : f.statement.answer == Answer::Limited ? 1
                                                                           : 2;
            return std::tuple(isHint(f), f.quote.kind, f.statement.weight, strictness);
        };
        for (const auto& f : findings)
            if (isAbout(f, question) && f.statement.answer != Answer::NotSaid &&
                (!best || rank(f) < rank(*best)))
                best = &f;
        if (best)
            answer = {question, best->statement.answer, best->statement.detail, best->quote};
        answers.push_back(std::move(answer));
    }
    return answers;
}

} // namespace

Dossier judge(std::span<const EvidenceText> evidence, const FontFacts& facts)
{
    Dossier dossier;
    dossier.evidence.assign(evidence.begin(), evidence.end());
    const Findings findings = findingsIn(evidence, facts, dossier);
    Judge(dossier, findings).decide();
    dossier.answers = answersOf(findings.said);
    for (const auto& f : findings.said)
        if (isAbout(f, Question::Cost) && f.statement.answer == Answer::Limited && dossier.price.empty())
            dossier.price = f.statement.detail;
    // Restricted embedding is a reason to look for a commercial licence, never a verdict.
    if (facts.fs_type >= 0 && (facts.fs_type & 0xf) == 2)
        addOnce(
            dossier.notes,
            told("The font's embedding bits say “restricted”: {} That is about documents, not about goods.",
                 embeddingInWords(facts.fs_type)));
    return dossier;
}

std::string embeddingInWords(int fs_type)
{
    std::string words;
    // OpenType 1.9, OS/2: bits 0 to 3 exclude each other; of several, the least strict holds.
    if (fs_type & 8)
        words = "It may be embedded in documents that are edited later.";
    else if (fs_type & 4)
        words = "It may be embedded in documents for viewing and printing.";
    else if (fs_type & 2)
        words = "It may not be embedded in documents without a licence for that.";
    else
        words = "It may be embedded in documents and installed from them.";
    if (fs_type & 0x100)
        words += " Only whole, not in parts.";
    if (fs_type & 0x200)
        words += " Only as pixels.";
    return words;
}

std::string_view idOf(Verdict verdict)
{
    static constexpr std::array kIds{"may-sell", "sell-within-limits", "gifts-only", "ask-first",
                                     "evidence-disagrees"};
    return kIds[static_cast<std::size_t>(verdict)];
}

std::string_view nameOf(Verdict verdict)
{
    static constexpr std::array kNames{"May sell", "Sell within limits", "Gifts only", "Ask first",
                                       "Evidence disagrees"};
    return kNames[static_cast<std::size_t>(verdict)];
}

std::string_view idOf(Question question)
{
    static constexpr std::array kIds{"sell-goods",        "how-many", "sell-file", "alter-outlines",
                                     "stitched-alphabet", "logo",     "credit",    "cost"};
    return kIds[static_cast<std::size_t>(question)];
}

std::string_view nameOf(Question question)
{
    static constexpr std::array kNames{"Sell goods made with it",
                                       "How many, in what way",
                                       "Sell or share the cut or stitch file",
                                       "Alter the outlines",
                                       "Sell it as a stitched alphabet",
                                       "Use in a logo",
                                       "Credit needed",
                                       "What it costs"};
    return kNames[static_cast<std::size_t>(question)];
}

std::string_view idOf(Answer answer)
{
    static constexpr std::array kIds{"yes", "no", "limited", "not-said"};
    return kIds[static_cast<std::size_t>(answer)];
}

std::string_view idOf(EvidenceKind kind)
{
    static constexpr std::array kIds{"permission", "document", "name-table", "listing"};
    return kIds[static_cast<std::size_t>(kind)];
}

} // namespace ink
