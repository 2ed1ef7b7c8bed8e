#include "core/rights/findings.h"

#include "core/base/told.h"
#include "core/rights/family_names.h"
#include "core/rights/language.h"
#include "core/rights/licence_names.h"
#include "core/rights/narrowing.h"
#include "core/rights/permission.h"
#include "core/rights/sentences.h"

#include <algorithm>
#include <array>
#include <map>
#include <optional>
#include <tuple>
#include <utility>

namespace ink {
namespace {

constexpr const char* kSpeaksOfLess = "It speaks of less.";
/// Of an altered licence text so many changes are shown.
constexpr std::size_t kMostChanges = 6;
/// With more parts that are not understood a sentence has allowing words in it, and is hardly about that.
constexpr std::size_t kFewUnclear = 4;
/// A longer sentence is none of a licence: nobody says more than this in one breath.
constexpr std::size_t kLongestReadable = 400;
/// A shorter text tells nothing about its language.
constexpr std::size_t kLeastForLanguage = 25;

Verdict verdictOf(Answer answer)
{
    return answer == Answer::Yes       ? Verdict::MaySell
           : answer == Answer::Limited ? Verdict::SellWithinLimits
                                       : Verdict::GiftsOnly;
}

class EvidenceReader
{
public:
    EvidenceReader(const FontFacts& facts, bool is_bought, Dossier& dossier, Findings& out)
        : m_facts(facts), m_context{facts.names, is_bought}, m_dossier(dossier), m_out(out)
    {
    }

    void read(const EvidenceText& evidence)
    {
        m_evidence = &evidence;
        m_text = readText(evidence.text);
        if (m_text.is_cut) {
            addOnce(m_dossier.notes, told("{} is very long; only its first part was read.", evidence.name));
            addUnclear({quoteOf(m_text.sentences.size() - 1),
                        {},
                        "The text goes on, and was not read to its end.",
                        Verdict::AskFirst},
                       Narrows::Anything);
        }
        m_is_foreign = namesAnother();
        const Recognised known = recogniseLicences(m_text);
        for (const auto& found : known.licences)
            addText(found);
        m_tiers.clear();
        m_tiers_offered = 0;
        m_was_granted = false;
        noteLanguages(known);
        for (std::size_t s = 0; s < m_text.sentences.size(); ++s)
            if (!known.is_known_text[s])
                readSentence(s);
        for (auto& finding : m_tiers)
            addOwn(std::move(finding), m_tiers.size() + m_tiers_offered > 1);
    }

    void finish()
    {
        // The font exception sets goods free of what the GPL asks for files.
        const auto* exception = licenceById("GPL-with-font-exception");
        if (std::ranges::find(m_stated, exception) != m_stated.end())
            std::erase_if(m_out.said, [](const Finding& f) {
                return f.statement.question == Question::SellGoods && f.statement.detail == kCopyleft;
            });
        // A link says little where the text, or the name, of the same licence is at hand.
        for (const auto& [licence, document] : m_links)
            if (std::ranges::find(m_stated, licence) == m_stated.end())
                addOnce(m_dossier.notes, told("{} only speaks of the {}; that is weaker than its text.",
                                              document, licence->name));
        // A text that reserves another name counts when the font itself says that it is under that licence.
        for (const auto& [licence, quote, name] : m_foreign) {
            if (std::ranges::find(m_stated_by_font, licence) != m_stated_by_font.end()) {
                sayLicence(*licence, quote, Weight::Outright);
                continue;
            }
            addOnce(m_dossier.set_aside, quote);
            addOnce(m_dossier.notes,
                    told("{} reserves the name “{}”, which is another font's: it frees that one.",
                         quote.document, name));
        }
    }

private:
    struct Foreign
    {
        const KnownLicence* licence;
        Quote quote;
        std::string name;
    };

    Quote quoteOf(std::size_t s) const
    {
        return {m_evidence->kind, m_evidence->name, m_text.sentences[s].line, m_text.sentences[s].text};
    }

    Quote quoteOf(const Permission& permission) const
    {
        return {m_evidence->kind, m_evidence->name, permission.line, permission.text};
    }

    /// Of one sentence once, whatever else is wrong with it.
    void addUnclear(Unclear unclear, Narrows narrows)
    {
        const auto [at, is_new] = m_unclear_lines.try_emplace(
            {unclear.quote.document, unclear.quote.line, unclear.quote.sentence}, m_out.unclear.size());
        if (is_new)
            m_out.unclear.push_back({std::move(unclear), narrows});
        else
            m_out.unclear[at->second].narrows = std::max(m_out.unclear[at->second].narrows, narrows);
    }

    /// Another font's name, reserved in this text; empty when it reserves none, or this font's.
    std::string namesAnother() const
    {
        const auto reserved = reservedNamesIn(m_text);
        if (reserved.empty() || m_facts.names.empty())
            return {};
        for (const auto& name : reserved)
            for (const auto& own : m_facts.names)
                if (isSameFamily(name, own))
                    return {};
        return reserved.front();
    }

    void say(Question question, Answer answer, Weight weight, std::string detail, const Quote& quote,
             unsigned units = 0, bool is_licence = false)
    {
        if (answer == Answer::NotSaid)
            return;
        if (question == Question::SellGoods && answer != Answer::No && !m_evidence->may_allow) {
            addOnce(m_dossier.set_aside, quote);
            addOnce(m_dossier.notes,
                    told("{} lies in a folder of its own, and frees the fonts in that folder only.",
                         m_evidence->name));
            return;
        }
        m_out.said.push_back(
            {{question, answer, weight, About::ThisFont, std::move(detail), units}, quote, is_licence});
    }

    void sayLicence(const KnownLicence& licence, const Quote& quote, Weight weight)
    {
        say(Question::SellGoods, licence.sell_goods, weight, std::string(licence.limit), quote, 0, true);
        say(Question::SellFile, licence.sell_file, weight,
            licence.sell_file == Answer::Limited ? std::string(licence.limit) : "", quote);
        say(Question::AlterOutlines, licence.alter, weight, "", quote);
        say(Question::Logo, licence.logo, weight, "", quote);
        say(Question::Credit, licence.credit, weight, "", quote);
    }

    void addLicence(const KnownLicence& licence, const Quote& quote)
    {
        addOnce(m_dossier.licences, std::string(licence.id));
        m_stated.push_back(&licence);
        if (m_evidence->kind == EvidenceKind::NameTable)
            m_stated_by_font.push_back(&licence);
        if (!m_is_foreign.empty() && licence.sell_goods != Answer::No)
            m_foreign.push_back({&licence, quote, m_is_foreign});
        else
            sayLicence(licence, quote, Weight::Outright);
    }

    /// The text of a known licence: it counts when every word of it is there.
    void addText(const FoundLicence& found)
    {
        const Quote quote = quoteOf(found.sentence);
        if (found.is_whole)
            return addLicence(*found.licence, quote);
        const std::string name(found.licence->name);
        if (found.licence->sell_goods == Answer::No) // what forbids selling counts however much of it is left
            addLicence(*found.licence, quote);
        addOnce(m_dossier.notes,
                found.coverage < 0.85
                    ? told("{} holds only a part of the {}.", m_evidence->name, name)
                    : told("{} is not the {} any more: words of it were changed.", m_evidence->name, name));
        for (std::size_t i = 0; i < std::min(found.changes.size(), kMostChanges); ++i) {
            const auto& change = found.changes[i];
            std::string why =
                change.put_in.empty() && change.left_out.empty()
                    ? told("Too much of the {} is different.", name)
                : change.left_out.empty() ? told("Put into the {}: “{}”.", name, change.put_in)
                : change.put_in.empty()
                    ? told("Left out of the {}: “{}”.", name, change.left_out)
                    : told("Changed in the {}: “{}” for “{}”.", name, change.put_in, change.left_out);
            std::vector<TextSpan> words;
            if (change.span.end > change.span.begin)
                words.push_back(change.span);
            addUnclear({quoteOf(change.sentence), std::move(words), std::move(why),
                        verdictOf(found.licence->sell_goods)},
                       Narrows::Anything);
        }
    }

    /// A sentence as the two readers have it: what it may allow, and its words with the line that introduces
    /// its list.
    struct ReadSentence
    {
        std::size_t index = 0;
        Permission permission;
        Sentence whole;
        /// A question and a box that is not ticked say nothing.
        bool is_said = true;
        bool is_readable = true;
        /// Every word of it is known, whether it grants or not.
        bool is_understood = false;
        bool follows_grant = false;
    };

    void readSentence(std::size_t s)
    {
        if (isCommonNotice(m_text.sentences[s]))
            return;
        ReadSentence read{s, permissionIn(m_text, s, m_context), withLead(m_text, s)};
        const Permission& permission = read.permission;
        read.is_said = read.whole.kind != SentenceKind::Question && read.whole.kind != SentenceKind::Unticked;
        read.is_readable = read.is_said && read.whole.words.size() <= kLongestReadable;
        read.is_understood = permission.unclear.empty() && !permission.text.empty();
        read.follows_grant = m_was_granted;
        m_was_granted = permission.standing == Standing::Granted ||
                        (m_was_granted && (read.is_understood || !read.is_said)); // "Enjoy!" lies between
        const bool is_settled = addStatements(read);
        if (permission.standing == Standing::Granted)
            return grant(permission);
        if (permission.standing == Standing::Spoiled && permission.licence)
            return addNamed(permission, read.whole);
        if (const auto* linked = licenceLinkedIn(read.whole.text);
            linked && permission.standing == Standing::Silent)
            addHint(*linked, quoteOf(s));
        if (!is_settled)
            addUnclearOf(read);
        else if (read.is_said && !read.is_understood && namesLess(read.whole))
            addUnclear({quoteOf(s), {}, kSpeaksOfLess, Verdict::AskFirst}, Narrows::OwnWords);
    }

    /// What is refused, and what is said to other questions. True when that is all the sentence says.
    bool addStatements(const ReadSentence& read)
    {
        const Permission& permission = read.permission;
        auto statements = read.is_readable ? statementsOf(read.whole) : std::vector<Statement>{};
        std::erase_if(statements, [&](const Statement& st) {
            const bool is_granted = permission.standing == Standing::Granted &&
                                    (st.question == Question::SellGoods || st.question == Question::Cost);
            const bool is_wish = read.is_understood && st.question == Question::Credit && // "would be nice"
                                 permission.detail.find("credit") == std::string::npos;
            return is_granted || is_wish;
        });
        if (!permission.licence && permission.answer == Answer::No)
            statements.push_back({Question::SellGoods, Answer::No, Weight::Outright, About::ThisFont, {}, 0});
        const bool is_about_goods = speaksOfSelling(read.whole) || namesGoods(read.whole);
        bool is_settled = false;
        for (auto& statement : statements) {
            const bool is_selling = statement.question == Question::SellGoods;
            const bool is_refusal = is_selling && statement.answer == Answer::No;
            // "Use in a logo is not allowed", "for more than 250 items buy …": an answer to another question.
            const bool is_other =
                statement.units > 0 ? permission.standing != Standing::Spoiled
                                    : !is_selling && statement.question != Question::Cost && !is_about_goods;
            is_settled = is_settled || is_refusal || is_other;
            const bool is_tier = is_selling && statement.about == About::OneOfTwoTiers;
            Finding finding{
                std::move(statement),
                {m_evidence->kind, m_evidence->name, m_text.sentences[read.index].line, read.whole.text}};
            if (is_tier)
                m_tiers.push_back(std::move(finding));
            else
                addOwn(std::move(finding), false);
        }
        return is_settled;
    }

    /// What would have been a yes, and what may take one away.
    void addUnclearOf(const ReadSentence& read)
    {
        const Permission& permission = read.permission;
        const bool is_selling = speaksOfSelling(read.whole);
        const bool is_receipt = m_evidence->kind == EvidenceKind::Permission;
        const bool may_narrow = is_receipt ? mayNarrowWhatWasBought(read.whole) : mayNarrow(read.whole);
        if (permission.standing == Standing::Spoiled) {
            m_tiers_offered += namesATier(read.whole);
            const bool is_nearly_clear = is_selling && permission.unclear.size() <= kFewUnclear;
            const bool narrows = is_nearly_clear || may_narrow || !permission.why.empty();
            addUnclear(
                {quoteOf(permission), permission.unclear, permission.why, verdictOf(permission.answer)},
                narrows ? Narrows::Anything : Narrows::Nothing);
            return;
        }
        // Behind a permission that was written for the person stands who wrote it.
        const bool is_aside = read.follows_grant && !is_receipt && isShortAside(read.whole);
        const bool is_less = namesLess(read.whole);
        if (!read.is_said || (read.is_understood && !(is_aside && is_less)))
            return;
        const auto add = [&](const char* why, Narrows narrows) {
            addUnclear({quoteOf(read.index), {}, why, Verdict::AskFirst}, narrows);
        };
        constexpr const char* kTakesBack = "It may take back the sentence before it.";
        if (may_narrow)
            add("It may narrow what is allowed elsewhere.", Narrows::Anything);
        else if (read.follows_grant && mayTakeBack(read.whole))
            add(kTakesBack, Narrows::Anything);
        else if (is_selling && !read.is_readable)
            add("It is too long to be understood.", Narrows::Anything);
        else if (is_selling)
            add("It speaks of selling.", Narrows::OwnWords);
        else if (is_less)
            add(kSpeaksOfLess, Narrows::OwnWords);
        else if (is_aside)
            add(kTakesBack, Narrows::OwnWords);
    }

    void grant(const Permission& permission)
    {
        const Quote quote = quoteOf(permission);
        if (permission.licence)
            return addLicence(*permission.licence, quote);
        say(Question::SellGoods, permission.answer, Weight::Outright, permission.detail, quote,
            permission.units);
    }

    void addHint(const KnownLicence& licence, const Quote& quote)
    {
        addOnce(m_dossier.licences, std::string(licence.id));
        m_links.push_back({&licence, quote.document});
        sayLicence(licence, quote, Weight::Hint);
    }

    /// A licence that is spoken of in a sentence that is not understood.
    void addNamed(const Permission& permission, const Sentence& sentence)
    {
        const KnownLicence& licence = *permission.licence;
        const Quote quote = quoteOf(permission);
        const bool narrows = mayNarrow(sentence);
        if (licence.sell_goods == Answer::No && !narrows)
            return addLicence(licence, quote);
        addHint(licence, quote);
        addUnclear({quote, permission.unclear, permission.why, verdictOf(permission.answer)},
                   narrows ? Narrows::Anything : Narrows::Nothing);
    }

    void addOwn(Finding finding, bool has_two_tiers)
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
        if (about == About::OneOfTwoTiers && has_two_tiers && is_selling &&
            finding.quote.kind != EvidenceKind::Permission) {
            addOnce(m_dossier.notes,
                    told("{} describes more than one licence and does not say which one is yours.",
                         finding.quote.document));
            addOnce(m_dossier.set_aside, finding.quote);
            return;
        }
        if (isAbout(finding, Question::Cost) && finding.statement.weight == Weight::Hint)
            addOnce(m_dossier.notes, "The author asks for a donation.");
        m_out.said.push_back(std::move(finding));
    }

    /// Paragraphs in languages that are not read.
    void noteLanguages(const Recognised& known)
    {
        for (std::size_t s = 0; s < m_text.sentences.size();) {
            const std::size_t begin = s;
            std::string paragraph;
            bool is_known = true, speaks = false;
            for (; s < m_text.sentences.size() &&
                   m_text.sentences[s].paragraph == m_text.sentences[begin].paragraph;
                 ++s) {
                is_known = is_known && known.is_known_text[s];
                speaks = speaks || speaksOfSelling(m_text.sentences[s]);
                if (paragraph.size() < 4000)
                    paragraph += (paragraph.empty() ? "" : " ") + m_text.sentences[s].text;
            }
            if (is_known || paragraph.size() < kLeastForLanguage)
                continue;
            const std::string language = unreadLanguageOf(paragraph);
            if (language.empty())
                continue;
            addOnce(m_dossier.notes,
                    told("{} is written in {} in part, which is not read.", m_evidence->name, language));
            if (speaks)
                addUnclear({quoteOf(begin),
                            {},
                            told("It is written in {}, which is not read.", language),
                            Verdict::AskFirst},
                           Narrows::Anything);
        }
    }

    const FontFacts& m_facts;
    const PermissionContext m_context;
    Dossier& m_dossier;
    Findings& m_out;
    const EvidenceText* m_evidence = nullptr;
    ReadText m_text;
    /// Statements about one of several licences that are sold.
    std::vector<Finding> m_tiers;
    /// How many others sound like a yes.
    std::size_t m_tiers_offered = 0;
    bool m_was_granted = false;
    std::map<std::tuple<std::string, unsigned, std::string>, std::size_t> m_unclear_lines;
    std::string m_is_foreign;
    std::vector<std::pair<const KnownLicence*, std::string>> m_links;
    std::vector<const KnownLicence*> m_stated, m_stated_by_font;
    std::vector<Foreign> m_foreign;
};

} // namespace

Findings findingsIn(std::span<const EvidenceText> evidence, const FontFacts& facts, Dossier& dossier)
{
    Findings out;
    const bool is_bought = std::ranges::any_of(
        evidence, [](const EvidenceText& e) { return e.kind == EvidenceKind::Permission; });
    EvidenceReader reader(facts, is_bought, dossier, out);
    for (const auto& text : evidence)
        reader.read(text);
    reader.finish();
    return out;
}

} // namespace ink
