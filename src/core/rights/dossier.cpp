#include "core/rights/dossier.h"

#include "core/rights/known_licences.h"
#include "core/rights/sentences.h"

#include <algorithm>
#include <array>
#include <tuple>
#include <utility>

namespace ink {
namespace {

constexpr std::array kQuestions{
    Question::SellGoods,        Question::HowMany, Question::SellFile, Question::AlterOutlines,
    Question::StitchedAlphabet, Question::Logo,    Question::Credit,   Question::Cost};

/// A statement and where it stands.
struct Finding
{
    Statement statement;
    Quote quote;
    bool is_licence = false;
};

bool isHint(const Finding& f)
{
    return f.statement.weight == Weight::Hint || f.quote.kind == EvidenceKind::Listing;
}

bool isAbout(const Finding& f, Question question)
{
    return f.statement.question == question;
}

void addOnce(std::vector<std::string>& list, std::string text)
{
    if (!text.empty() && std::ranges::find(list, text) == list.end())
        list.push_back(std::move(text));
}

void addOnce(std::vector<Quote>& list, const Quote& quote)
{
    if (std::ranges::find(list, quote) == list.end())
        list.push_back(quote);
}

/// Reads one text into findings.
class EvidenceReader
{
public:
    EvidenceReader(const FontFacts& facts, Dossier& dossier, std::vector<Finding>& findings)
        : m_facts(facts), m_dossier(dossier), m_findings(findings)
    {
    }

    void read(const EvidenceText& evidence)
    {
        const ReadText text = readText(evidence.text);
        if (text.is_cut)
            addOnce(m_dossier.notes, evidence.name + " is very long; only its first part was read.");
        const Recognised known = recogniseLicences(text);
        const auto quoteOf = [&](std::size_t s) {
            return Quote{evidence.kind, evidence.name, text.sentences[s].line, text.sentences[s].text};
        };
        for (const auto& found : known.licences)
            addLicence(found, quoteOf(found.sentence));
        std::vector<Finding> own;
        int tiers = 0;
        for (std::size_t s = 0; s < text.sentences.size(); ++s) {
            if (known.is_known_text[s])
                continue;
            for (auto& statement : statementsOf(text.sentences[s])) {
                tiers += statement.about == About::OneOfTwoTiers && statement.question == Question::SellGoods;
                own.push_back({std::move(statement), quoteOf(s)});
            }
        }
        for (auto& finding : own)
            add(std::move(finding), tiers > 1);
    }

    /// A link says little where the text, or the name, of the same licence is at hand.
    void noteLinks()
    {
        for (const auto& [licence, document] : m_links)
            if (std::ranges::find(m_stated, licence) == m_stated.end())
                addOnce(m_dossier.notes, document + " only speaks of the " + std::string(licence->name) +
                                             "; that is weaker than its text.");
    }

private:
    void addLicence(const FoundLicence& found, const Quote& quote)
    {
        const KnownLicence& licence = *found.licence;
        addOnce(m_dossier.licences, std::string(licence.id));
        const bool is_text = found.coverage > 0.0;
        if (found.is_hint)
            m_links.push_back({&licence, quote.document});
        else
            m_stated.push_back(&licence);
        if (!found.is_hint && is_text && found.coverage < 0.85)
            addOnce(m_dossier.notes,
                    quote.document + " holds only a part of the " + std::string(licence.name) + ".");
        const Weight weight = found.is_hint ? Weight::Hint : Weight::Outright;
        const auto say = [&](Question question, Answer answer, std::string_view detail) {
            if (answer != Answer::NotSaid)
                m_findings.push_back(
                    {{question, answer, weight, About::ThisFont, std::string(detail), 0}, quote, true});
        };
        say(Question::SellGoods, licence.sell_goods, licence.limit);
        say(Question::SellFile, licence.sell_file, licence.sell_file == Answer::Limited ? licence.limit : "");
        say(Question::AlterOutlines, licence.alter, "");
        say(Question::Logo, licence.logo, "");
        say(Question::Credit, licence.credit, "");
    }

    void add(Finding finding, bool has_two_tiers)
    {
        const About about = finding.statement.about;
        const bool is_selling = isAbout(finding, Question::SellGoods);
        if (about == About::Demo && !m_facts.is_demo && is_selling) {
            addOnce(m_dossier.notes, "A sentence about a demo version was left out: this is not the demo.");
            addOnce(m_dossier.set_aside, finding.quote);
            return;
        }
        // A receipt names the licence that was bought; that it had to be bought is no refusal any more.
        if (finding.quote.kind == EvidenceKind::Permission && is_selling &&
            finding.statement.detail == kNeedsLicence) {
            addOnce(m_dossier.set_aside, finding.quote);
            return;
        }
        if (about == About::FullVersion && is_selling && finding.statement.answer != Answer::No) {
            addOnce(m_dossier.notes,
                    "A sentence about a full version was left out: it does not speak of this file.");
            addOnce(m_dossier.set_aside, finding.quote);
            return;
        }
        if (about == About::OneOfTwoTiers && has_two_tiers && is_selling &&
            finding.quote.kind != EvidenceKind::Permission) {
            addOnce(m_dossier.notes,
                    finding.quote.document +
                        " describes more than one licence and does not say which one is yours.");
            addOnce(m_dossier.set_aside, finding.quote);
            return;
        }
        if (isAbout(finding, Question::Cost) && finding.statement.weight == Weight::Hint)
            addOnce(m_dossier.notes, "The author asks for a donation.");
        m_findings.push_back(std::move(finding));
    }

    const FontFacts& m_facts;
    Dossier& m_dossier;
    std::vector<Finding>& m_findings;
    std::vector<std::pair<const KnownLicence*, std::string>> m_links;
    std::vector<const KnownLicence*> m_stated;
};

/// Everything said about selling goods, sorted by what it says.
struct Sides
{
    std::vector<const Finding*> yes, limited, no, understood, hints;

    explicit Sides(const std::vector<Finding>& findings, bool permission_only)
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
    Judge(Dossier& dossier, const std::vector<Finding>& findings) : m_dossier(dossier), m_findings(findings)
    {
    }

    void decide()
    {
        const Sides permission(m_findings, true);
        const bool has_permission = !permission.yes.empty() || !permission.limited.empty();
        const Sides sides(m_findings, has_permission);
        if (!sides.no.empty() && (!sides.yes.empty() || !sides.limited.empty())) {
            m_dossier.verdict = Verdict::EvidenceDisagrees;
            m_dossier.reason = "One sentence allows selling, another one forbids it.";
            quote(sides.no);
            quote(sides.yes);
            quote(sides.limited);
        } else if (!sides.no.empty()) {
            giftsOnly(sides.no);
        } else if (!sides.yes.empty() || !sides.limited.empty()) {
            maySell(sides, has_permission);
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

    void giftsOnly(const std::vector<const Finding*>& because)
    {
        m_dossier.verdict = Verdict::GiftsOnly;
        const auto detailed =
            std::ranges::find_if(because, [](const Finding* f) { return !f->statement.detail.empty(); });
        m_dossier.reason = detailed == because.end()
                               ? "It may be used for yourself and for gifts; selling is not allowed."
                               : "For yourself and for gifts; selling " + (*detailed)->statement.detail + ".";
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
        for (const auto& f : m_findings)
            if (isAbout(f, Question::HowMany) && f.statement.answer == Answer::Limited && !isHint(f)) {
                addOnce(m_dossier.limits, f.statement.detail);
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
        } else if (!sides.hints.empty()) {
            m_dossier.reason = "There are hints, but nothing that decides.";
        } else if (m_dossier.set_aside.empty()) {
            m_dossier.reason = "Nothing that came with the font speaks of selling.";
        } else {
            m_dossier.reason = "What is said does not tell which licence is yours.";
        }
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
                addOnce(m_dossier.notes, "The listing says “" + hint->quote.sentence +
                                             "”, which the font's own text does not bear out.");
    }

    Dossier& m_dossier;
    const std::vector<Finding>& m_findings;
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
    std::vector<Finding> findings;
    EvidenceReader reader(facts, dossier, findings);
    for (const auto& text : evidence)
        reader.read(text);
    reader.noteLinks();
    Judge(dossier, findings).decide();
    dossier.answers = answersOf(findings);
    for (const auto& f : findings)
        if (isAbout(f, Question::Cost) && f.statement.answer == Answer::Limited && dossier.price.empty())
            dossier.price = f.statement.detail;
    // Restricted embedding is a reason to look for a commercial licence, never a verdict.
    if (facts.fs_type >= 0 && (facts.fs_type & 0xf) == 2)
        addOnce(dossier.notes,
                "The font's embedding bits say “restricted”: " + embeddingInWords(facts.fs_type) +
                    " That is about documents, not about goods.");
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
