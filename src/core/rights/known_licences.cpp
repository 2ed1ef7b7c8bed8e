#include "core/rights/known_licences.h"

#include "core/rights/licence_texts.h"

#include <algorithm>
#include <array>
#include <cstdint>
#include <functional>
#include <optional>
#include <span>
#include <string_view>
#include <unordered_map>

namespace ink {
namespace {

constexpr auto kYes = Answer::Yes;
constexpr auto kNo = Answer::No;
constexpr auto kLimited = Answer::Limited;
constexpr auto kNotSaid = Answer::NotSaid;

constexpr std::string_view kCredit = "with credit to the author";
constexpr std::string_view kShareAlike =
    "with credit; what you make from the font itself goes under the same licence";
constexpr std::string_view kCopyleft =
    "a file that holds the outlines goes under the same licence, with its source";

// Order within a family: the stricter first, so that of two equal matches the stricter is taken.
constexpr std::array kLicences{
    KnownLicence{"OFL-1.1", "SIL Open Font License 1.1", kYes, "", kYes, kYes, kYes, kNo,
                 "does not apply to any document created using the fonts"},
    KnownLicence{"OFL-1.0", "SIL Open Font License 1.0", kYes, "", kYes, kYes, kYes, kNo,
                 "may be bundled redistributed and sold with any software"},
    KnownLicence{"Apache-2.0", "Apache License 2.0", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "perpetual worldwide non exclusive no charge royalty free irrevocable copyright license"},
    KnownLicence{"MIT", "MIT licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "including without limitation the rights to use copy modify"},
    KnownLicence{"CC0-1.0", "Creative Commons Zero 1.0", kYes, "", kYes, kYes, kYes, kNo,
                 "including without limitation commercial advertising or promotional purposes"},
    KnownLicence{"CC-BY-NC-ND-4.0", "Creative Commons Attribution-NonCommercial-NoDerivatives 4.0", kNo, "",
                 kNo, kNo, kNo, kYes, "for noncommercial purposes only"},
    KnownLicence{"CC-BY-NC-ND-3.0", "Creative Commons Attribution-NonCommercial-NoDerivs 3.0", kNo, "", kNo,
                 kNo, kNo, kYes, "primarily intended for or directed toward commercial advantage"},
    KnownLicence{"CC-BY-NC-SA-4.0", "Creative Commons Attribution-NonCommercial-ShareAlike 4.0", kNo, "", kNo,
                 kYes, kNo, kYes, "for noncommercial purposes only"},
    KnownLicence{"CC-BY-NC-SA-3.0", "Creative Commons Attribution-NonCommercial-ShareAlike 3.0", kNo, "", kNo,
                 kYes, kNo, kYes, "primarily intended for or directed toward commercial advantage"},
    KnownLicence{"CC-BY-NC-4.0", "Creative Commons Attribution-NonCommercial 4.0", kNo, "", kNo, kYes, kNo,
                 kYes, "for noncommercial purposes only"},
    KnownLicence{"CC-BY-NC-3.0", "Creative Commons Attribution-NonCommercial 3.0", kNo, "", kNo, kYes, kNo,
                 kYes, "primarily intended for or directed toward commercial advantage"},
    KnownLicence{"CC-BY-ND-4.0", "Creative Commons Attribution-NoDerivatives 4.0", kLimited,
                 "with credit; whether welding counts as altering, ask", kNo, kNo, kNotSaid, kYes,
                 "produce and reproduce but not share adapted material"},
    KnownLicence{"CC-BY-ND-3.0", "Creative Commons Attribution-NoDerivs 3.0", kLimited,
                 "with credit; whether welding counts as altering, ask", kNo, kNo, kNotSaid, kYes,
                 "the right to make such modifications as are technically necessary"},
    KnownLicence{"CC-BY-SA-4.0", "Creative Commons Attribution-ShareAlike 4.0", kLimited, kShareAlike,
                 kLimited, kYes, kNotSaid, kYes,
                 "reproduce and share the licensed material in whole or in part"},
    KnownLicence{"CC-BY-SA-3.0", "Creative Commons Attribution-ShareAlike 3.0", kLimited, kShareAlike,
                 kLimited, kYes, kNotSaid, kYes, "to distribute and publicly perform the work"},
    KnownLicence{"CC-BY-4.0", "Creative Commons Attribution 4.0", kLimited, kCredit, kLimited, kYes, kNotSaid,
                 kYes, "reproduce and share the licensed material in whole or in part"},
    KnownLicence{"CC-BY-3.0", "Creative Commons Attribution 3.0", kLimited, kCredit, kLimited, kYes, kNotSaid,
                 kYes, "to distribute and publicly perform the work"},
    KnownLicence{"Unlicense", "the Unlicense", kYes, "", kYes, kYes, kYes, kNo,
                 "for any purpose commercial or non commercial"},
    KnownLicence{"GPL-3.0", "GNU General Public License 3", kLimited, kCopyleft, kLimited, kYes, kNotSaid,
                 kNo, "you may charge any price or no price for each copy"},
    KnownLicence{"GPL-2.0", "GNU General Public License 2", kLimited, kCopyleft, kLimited, kYes, kNotSaid,
                 kNo, "you may charge a fee for the physical act of transferring a copy"},
    KnownLicence{"LGPL-2.1", "GNU Lesser General Public License 2.1", kLimited, kCopyleft, kLimited, kYes,
                 kNotSaid, kNo, "you may charge a fee for the physical act of transferring a copy"},
    KnownLicence{"GPL-with-font-exception", "GNU General Public License with the font exception", kYes, "",
                 kLimited, kYes, kNotSaid, kNo, "if you create a document which uses this font"},
    KnownLicence{"LPPL-1.3c", "LaTeX Project Public License", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "you may distribute a complete unmodified copy"},
    KnownLicence{"GUST-1.0", "GUST Font License", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "latex project public license"},
    KnownLicence{"Ubuntu-font-1.0", "Ubuntu Font Licence 1.0", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "does not apply to any document created using the fonts"},
    KnownLicence{"Bitstream-Vera", "Bitstream Vera licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "to reproduce and distribute the font software"},
    KnownLicence{"BSD-3-Clause", "BSD licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "redistribution and use in source and binary forms"},
    KnownLicence{"ISC", "ISC licence", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "permission to use copy modify and or distribute this software for any purpose"},
    KnownLicence{"WTFPL", "WTFPL", kYes, "", kYes, kYes, kYes, kNo, "you just do what the"},
    KnownLicence{"IPA", "IPA Font License", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "use of characters in the licensed program"},
    KnownLicence{"Arphic-1999", "Arphic Public License", kYes, "", kYes, kYes, kNotSaid, kNo,
                 "you may copy and distribute verbatim copies"},
};
static_assert(kLicences.size() <= 64, "one bit each in Shingles");

constexpr std::size_t kShingle = 5;
/// Below this part of a licence's text nothing is recognised; halves are.
constexpr double kLeastCoverage = 0.3;
constexpr std::size_t kLeastShingles = 25;

bool isWord(const std::string& word)
{
    return word.size() > 1 || (!word.empty() && std::isalnum(static_cast<unsigned char>(word[0])));
}

/// The words of a text in one row, each with its sentence.
struct Row
{
    std::vector<const std::string*> words;
    std::vector<std::size_t> sentence;

    explicit Row(const ReadText& text)
    {
        for (std::size_t s = 0; s < text.sentences.size(); ++s)
            for (const auto& word : text.sentences[s].words)
                if (isWord(word)) {
                    words.push_back(&word);
                    sentence.push_back(s);
                }
    }

    std::vector<std::uint64_t> shingles() const
    {
        std::vector<std::uint64_t> out;
        for (std::size_t i = 0; i + kShingle <= words.size(); ++i) {
            std::uint64_t hash = 1469598103934665603ULL;
            for (std::size_t k = 0; k < kShingle; ++k)
                hash = (hash ^ std::hash<std::string>{}(*words[i + k])) * 1099511628211ULL;
            out.push_back(hash);
        }
        return out;
    }
};

/// Which licences each shingle occurs in, one bit each, and how many each has.
struct Shingles
{
    std::unordered_map<std::uint64_t, std::uint64_t> licences;
    std::array<std::size_t, kLicences.size()> count{};

    Shingles()
    {
        for (std::size_t i = 0; i < kLicences.size(); ++i) {
            const ReadText text = readText(licenceText(kLicences[i].id));
            const auto hashes = Row(text).shingles();
            count[i] = hashes.size();
            for (const auto hash : hashes)
                licences[hash] |= std::uint64_t{1} << i;
        }
    }
};

/// Where a licence matches best.
struct Match
{
    std::size_t licence = 0, matched = 0, begin = 0, end = 0;
};

Match bestWindow(const std::vector<std::uint64_t>& hashes, const std::vector<std::uint64_t>& masks,
                 std::size_t licence, std::size_t licence_size)
{
    const std::uint64_t bit = std::uint64_t{1} << licence;
    const std::size_t width = licence_size + licence_size / 8 + 20;
    Match best{licence, 0, 0, 0};
    // Each shingle counts once, so that the end of one text and the beginning of its sibling do not make a
    // whole.
    std::unordered_map<std::uint64_t, int> inside;
    for (std::size_t i = 0; i < masks.size(); ++i) {
        if ((masks[i] & bit) != 0)
            ++inside[hashes[i]];
        if (i >= width && (masks[i - width] & bit) != 0)
            if (const auto it = inside.find(hashes[i - width]); --it->second == 0)
                inside.erase(it);
        if (inside.size() > best.matched)
            best = {licence, inside.size(), i + 1 > width ? i + 1 - width : 0, i + 1};
    }
    while (best.begin < best.end && (masks[best.begin] & bit) == 0)
        ++best.begin;
    return best;
}

std::string joined(const std::vector<std::string>& words)
{
    std::string out;
    for (const auto& word : words)
        if (isWord(word))
            out += (out.empty() ? "" : " ") + word;
    return out;
}

/// What a sentence does with the name of a licence: puts the font under it, says that it does not hold, or
/// merely speaks of it.
enum class Naming { Grant, Denial, Mention };

bool saysAny(std::string_view words, std::span<const std::string_view> phrases)
{
    return std::ranges::any_of(
        phrases, [&](std::string_view phrase) { return words.find(phrase) != std::string_view::npos; });
}

/// Whether the words beside the name say nothing more: "Licence: SIL Open Font License 1.1".
bool isLabel(std::string_view before, std::string_view after)
{
    static constexpr std::array kPlain{"attribution",   "sharealike", "share",   "alike",   "noncommercial",
                                       "noderivatives", "noderivs",   "by",      "sa",      "nd",
                                       "zero",          "universal",  "commons", "the",     "a",
                                       "sil",           "gnu",        "license", "licence", "licensed",
                                       "version",       "v",          "font",    "fonts",   "software",
                                       "type",          "is",         "this",    "these",   "are",
                                       "copyright",     "c",          "free",    "public",  "international",
                                       "unported",      "under"};
    int others = 0;
    for (const std::string_view side : {before, after})
        for (std::size_t at = 0; at < side.size();) {
            const std::size_t end = std::min(side.find(' ', at), side.size());
            const std::string_view word = side.substr(at, end - at);
            at = end + 1;
            const bool is_number =
                std::ranges::all_of(word, [](unsigned char c) { return std::isdigit(c) != 0; });
            others += !is_number && std::ranges::find(kPlain, word) == kPlain.end();
        }
    return others <= 1; // the name of the font
}

/// Source: common practice of makers, no published source; tests/data/foundry-sentences.txt holds examples.
Naming namingOf(const std::string& words, std::size_t begin, std::size_t end)
{
    using namespace std::string_view_literals;
    static constexpr std::array kHarmless{" license is based on "sv, " licence is based on "sv,
                                          " at no cost "sv,          " no charge "sv,
                                          " without charge "sv,      " not only "sv,
                                          " no restrictions "sv,     " no restriction "sv,
                                          " without restriction "sv, " without restrictions "sv,
                                          " no problem "sv};
    static constexpr std::array kDenials{
        " not "sv,     " no "sv,       " never "sv,      " t "sv,      " cannot "sv,     " neither "sv,
        " nor "sv,     " unlike "sv,   " instead "sv,    " except "sv, " other than "sv, " rather than "sv,
        " without "sv, " formerly "sv, " previously "sv, " until "sv,  " used to be "sv, " nicht "sv,
        " kein "sv,    " keine "sv,    " keiner "sv,     " pas "sv,    " jamais "sv,     " non "sv,
        " sin "sv,     " nunca "sv,    " nao "sv,        " bukan "sv,  " tidak "sv};
    /// Spoken of as what comes later, or as what another font has.
    static constexpr std::array kElsewhereBefore{
        " will "sv,        " would "sv,        " might "sv,      " could "sv,       " plan "sv,
        " planned "sv,     " if "sv,           " when "sv,       " once "sv,        " future "sv,
        " later "sv,       " next version "sv, " other font"sv,  " another font"sv, " other typeface"sv,
        " based on "sv,    " derived from "sv, " similar to "sv, " like "sv,        " compatible "sv,
        " inspired by "sv, " i wish "sv,       " want to "sv,    " wird "sv,        " sera "sv};
    static constexpr std::array kElsewhere{" soon "sv,        " one day "sv,          " some day "sv,
                                           " going to be "sv, " full version "sv,     " pro version "sv,
                                           " full font "sv,   " complete version "sv, " paid version "sv};
    static constexpr std::array kGrants{
        " under "sv,      " licensed "sv,    " licenced "sv,   " license is "sv,  " licence is "sv,
        " license "sv,    " licence "sv,     " released "sv,   " distributed "sv, " published "sv,
        " available "sv,  " uses "sv,        " covered by "sv, " terms "sv,       " according to "sv,
        " subject to "sv, " governed by "sv, " dedicated "sv,  " unter "sv,       " lizenz "sv,
        " lizenziert "sv, " sous "sv,        " bajo "sv,       " licencia "sv,    " sob "sv,
        " licenca "sv,    " sotto "sv,       " licenza "sv,    " di bawah "sv,    " dibawah "sv,
        " lisensi "sv};
    std::string before = words.substr(0, begin + 1);
    for (const auto phrase : kHarmless)
        for (auto at = before.find(phrase); at != std::string::npos; at = before.find(phrase))
            before.replace(at, phrase.size(), " ");
    const std::string_view after = std::string_view(words).substr(end);
    std::size_t near = 0; // the end of the first four words behind the name
    for (int word = 0; word < 4 && near != std::string_view::npos; ++word)
        near = after.find(' ', near + 1);
    static constexpr std::array kDeniedBehind{" not "sv,       " t "sv,     " never "sv,
                                              " no longer "sv, " nicht "sv, " pas "sv};
    if (saysAny(before, kDenials) ||
        saysAny(after.substr(0, near == std::string_view::npos ? near : near + 1), kDeniedBehind))
        return Naming::Denial;
    if (saysAny(before, kElsewhereBefore) || saysAny(words, kElsewhere))
        return Naming::Mention;
    if (saysAny(before, kGrants))
        return Naming::Grant;
    const auto inner = [](std::string_view side) {
        while (side.starts_with(' '))
            side.remove_prefix(1);
        while (side.ends_with(' '))
            side.remove_suffix(1);
        return side;
    };
    return isLabel(inner(before), inner(after)) ? Naming::Grant : Naming::Mention;
}

class Recogniser
{
public:
    explicit Recogniser(const ReadText& text) : m_text(text), m_row(text)
    {
        m_out.is_known_text.resize(text.sentences.size());
    }

    Recognised run()
    {
        findTexts();
        for (std::size_t s = 0; s < m_text.sentences.size(); ++s)
            if (!m_out.is_known_text[s])
                findNames(s);
        applyFontException();
        return std::move(m_out);
    }

private:
    void findTexts()
    {
        static const Shingles known;
        const auto hashes = m_row.shingles();
        std::vector<std::uint64_t> masks;
        masks.reserve(hashes.size());
        for (const auto hash : hashes) {
            const auto it = known.licences.find(hash);
            masks.push_back(it == known.licences.end() ? 0 : it->second);
        }
        for (int found = 0; found < 4; ++found) {
            Match best;
            for (std::size_t i = 0; i < kLicences.size(); ++i) {
                const std::size_t size = known.count[i];
                const auto match = size > 0 ? bestWindow(hashes, masks, i, size) : Match{};
                const bool is_enough =
                    match.matched >= std::min(kLeastShingles, size / 2) &&
                    static_cast<double>(match.matched) >= kLeastCoverage * static_cast<double>(size);
                if (is_enough && match.matched > best.matched)
                    best = match;
            }
            if (best.matched == 0)
                return;
            take(best, masks,
                 static_cast<double>(best.matched) / static_cast<double>(known.count[best.licence]));
        }
    }

    /// Notes a found text and takes its words away, so that a second text in the same file is found as well.
    void take(const Match& match, std::vector<std::uint64_t>& masks, double coverage)
    {
        const KnownLicence& licence = kLicences[match.licence];
        const std::uint64_t bit = std::uint64_t{1} << match.licence;
        std::vector<std::size_t> matched(m_text.sentences.size()), total(m_text.sentences.size());
        for (std::size_t i = match.begin; i < match.end; ++i) {
            ++total[m_row.sentence[i]];
            matched[m_row.sentence[i]] += (masks[i] & bit) != 0;
            masks[i] = 0;
        }
        const std::size_t first = m_row.sentence[match.begin];
        const std::size_t last =
            m_row.sentence[std::min(match.end + kShingle - 2, m_row.sentence.size() - 1)];
        std::size_t deciding = first;
        bool has_key = false;
        for (std::size_t s = first; s <= last; ++s) {
            // A sentence slipped into a known text is read like any other.
            if (total[s] == 0 ? s > first && s < last && m_text.sentences[s].words.size() < kShingle
                              : 2 * matched[s] >= total[s])
                m_out.is_known_text[s] = true;
            if (!has_key && joined(m_text.sentences[s].words).find(licence.key) != std::string::npos) {
                deciding = s;
                has_key = true;
            }
        }
        m_out.licences.push_back({&licence, std::min(coverage, 1.0), false, deciding});
    }

    /// "Licensed under the SIL Open Font License", "CC BY-NC 4.0", and links.
    void findNames(std::size_t s)
    {
        const Sentence& sentence = m_text.sentences[s];
        const std::string words = " " + joined(sentence.words) + " ";
        if (const auto named = namedIn(words)) {
            const Naming naming = namingOf(words, named->begin, named->end);
            // What forbids selling counts however it is spoken of; what allows it has to be said.
            const bool is_grant = naming == Naming::Grant || named->licence->sell_goods == kNo;
            if (naming != Naming::Denial)
                m_out.licences.push_back({named->licence, 0.0, !is_grant, s});
        } else if (const auto* linked = linkedIn(sentence.text)) {
            m_out.licences.push_back({linked, 0.0, true, s});
        }
    }

    struct Named
    {
        const KnownLicence* licence = nullptr;
        /// The name in the words; both ends are spaces.
        std::size_t begin = 0, end = 0;
    };

    static std::optional<Named> namedIn(const std::string& words)
    {
        const auto says = [&](std::string_view phrase) { return words.find(phrase) != std::string::npos; };
        for (const std::string_view name : {" creative commons ", " cc by", " cc0 ", " cc zero "}) {
            const auto at = words.find(name);
            if (at == std::string::npos)
                continue;
            const Named cc{nullptr, at, words.find(' ', at + name.size() - 1)};
            if (says(" cc0 ") || says(" zero ") || says(" public domain dedication "))
                return Named{licenceById("CC0-1.0"), cc.begin, cc.end};
            if (!says(" by ") && !says(" attribution "))
                return std::nullopt;
            std::string id = "CC-BY";
            if (says(" nc ") || says(" noncommercial ") || says(" non commercial "))
                id += "-NC";
            if (says(" nd ") || says(" noderivs ") || says(" noderivatives ") || says(" no derivatives ") ||
                says(" no derivative ") || says(" no derivs "))
                id += "-ND";
            else if (says(" sa ") || says(" sharealike ") || says(" share alike "))
                id += "-SA";
            return Named{licenceById(id + (says(" 3 0 ") ? "-3.0" : "-4.0")), cc.begin, cc.end};
        }
        struct Name
        {
            std::string_view phrase, id;
        };
        static constexpr std::array kNames{
            Name{" open font licen", "OFL-1.1"},
            Name{" sil ofl ", "OFL-1.1"},
            Name{" ofl 1 1 ", "OFL-1.1"},
            Name{" ofl version 1 ", "OFL-1.1"},
            Name{" under the ofl ", "OFL-1.1"},
            Name{" ofl licen", "OFL-1.1"},
            Name{" apache license ", "Apache-2.0"},
            Name{" apache licence ", "Apache-2.0"},
            Name{" mit license ", "MIT"},
            Name{" mit licence ", "MIT"},
            Name{" expat licen", "MIT"},
            Name{" ubuntu font licen", "Ubuntu-font-1.0"},
            Name{" gust font licen", "GUST-1.0"},
            Name{" latex project public licen", "LPPL-1.3c"},
            Name{" lppl ", "LPPL-1.3c"},
            Name{" unlicense ", "Unlicense"},
            Name{" gnu lesser general public licen", "LGPL-2.1"},
            Name{" lgpl ", "LGPL-2.1"},
            Name{" gnu general public licen", "GPL-2.0"},
            Name{" general public licen", "GPL-2.0"},
            Name{" gnu gpl ", "GPL-2.0"},
            Name{" gpl ", "GPL-2.0"},
            Name{" gpl v2 ", "GPL-2.0"},
            Name{" gpl v3 ", "GPL-3.0"},
            Name{" gplv2 ", "GPL-2.0"},
            Name{" gplv3 ", "GPL-3.0"},
            Name{" gpl2 ", "GPL-2.0"},
            Name{" bsd licen", "BSD-3-Clause"},
            Name{" ipa font licen", "IPA"},
            Name{" arphic public licen", "Arphic-1999"},
            Name{" wtfpl ", "WTFPL"},
        };
        for (const Name& name : kNames)
            if (const auto at = words.find(name.phrase); at != std::string::npos)
                return Named{licenceById(name.id), at, words.find(' ', at + name.phrase.size() - 1)};
        return std::nullopt;
    }

    static const KnownLicence* linkedIn(const std::string& text)
    {
        std::string lower;
        std::ranges::transform(text, std::back_inserter(lower),
                               [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
        const auto says = [&](std::string_view part) { return lower.find(part) != std::string::npos; };
        if (says("creativecommons.org/")) {
            if (says("publicdomain/") || says("/zero/"))
                return licenceById("CC0-1.0");
            if (const auto at = lower.find("licenses/"); at != std::string::npos) {
                const auto end = lower.find('/', at + 9);
                std::string kind = lower.substr(at + 9, end == std::string::npos ? end : end - at - 9);
                std::ranges::transform(kind, kind.begin(),
                                       [](unsigned char c) { return static_cast<char>(std::toupper(c)); });
                return licenceById("CC-" + kind +
                                   (lower.find("/3.0") != std::string::npos ? "-3.0" : "-4.0"));
            }
            return nullptr;
        }
        struct Link
        {
            std::string_view part, id;
        };
        static constexpr std::array kLinks{
            Link{"scripts.sil.org/ofl", "OFL-1.1"},
            Link{"openfontlicense.org", "OFL-1.1"},
            Link{"apache.org/licenses/license-2.0", "Apache-2.0"},
            Link{"opensource.org/licenses/mit", "MIT"},
            Link{"gnu.org/licenses/gpl", "GPL-2.0"},
            Link{"gnu.org/copyleft/gpl", "GPL-2.0"},
            Link{"opensource.org/licenses/ofl", "OFL-1.1"},
            Link{"unlicense.org", "Unlicense"},
        };
        const auto it = std::ranges::find_if(kLinks, [&](const Link& l) { return says(l.part); });
        return it == kLinks.end() ? nullptr : licenceById(it->id);
    }

    /// The GPL with the font exception sets documents, and so goods, free.
    void applyFontException()
    {
        for (std::size_t s = 0; s < m_text.sentences.size(); ++s) {
            const std::string words = " " + joined(m_text.sentences[s].words) + " ";
            const bool is_named = words.find(" font exception ") != std::string::npos &&
                                  words.find(" without ") == std::string::npos &&
                                  words.find(" no font exception ") == std::string::npos;
            if (!is_named && words.find("if you create a document which uses this font") == std::string::npos)
                continue;
            for (auto& found : m_out.licences)
                if (found.licence->id.starts_with("GPL-"))
                    found = {licenceById("GPL-with-font-exception"), found.coverage, found.is_hint, s};
            m_out.is_known_text[s] = true;
        }
    }

    const ReadText& m_text;
    Row m_row;
    Recognised m_out;
};

} // namespace

std::span<const KnownLicence> knownLicences()
{
    return kLicences;
}

const KnownLicence* licenceById(std::string_view id)
{
    const auto it = std::ranges::find(kLicences, id, &KnownLicence::id);
    return it == kLicences.end() ? nullptr : &*it;
}

Recognised recogniseLicences(const ReadText& text)
{
    return Recogniser(text).run();
}

} // namespace ink
