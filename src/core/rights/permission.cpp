#include "core/rights/permission.h"

#include "core/rights/narrowing.h"
#include "core/rights/permission_frame.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <optional>

namespace ink {
namespace {

/// No permission is a longer sentence; a longer one is not understood.
constexpr std::size_t kLongestSentence = 160;

/// A sentence with what it belongs to.
struct Passage
{
    std::string text;
    unsigned line = 1;
    std::vector<Token> tokens;
    /// Of an answer: where it begins in tokens.
    std::size_t answer_begin = 0;
    bool is_table_row = false;
};

Passage passageOf(const Sentence& sentence)
{
    return {sentence.text, sentence.line, sentence.tokens, 0, sentence.kind == SentenceKind::Row};
}

Passage joined(const Sentence& first, const Sentence& second, bool is_answer)
{
    Passage passage{first.text + " ", second.line, first.tokens, 0, false};
    if (is_answer)
        passage.line = first.line;
    const std::size_t offset = passage.text.size();
    passage.text += second.text;
    std::erase_if(passage.tokens, [](const Token& t) { return t.word == "?"; });
    if (is_answer)
        passage.answer_begin = passage.tokens.size();
    for (Token token : second.tokens) {
        token.span.begin += offset;
        token.span.end += offset;
        passage.tokens.push_back(std::move(token));
    }
    return passage;
}

/// A name, as folded words. A word of permissions and refusals is none: "Free", "Only Sans".
std::vector<std::string> nameWords(const std::string& name)
{
    std::vector<std::string> words;
    for (auto& token : tokensOf(name)) {
        if (isTelling(token.word))
            return {};
        words.push_back(std::move(token.word));
    }
    return words;
}

/// How many tokens from `at` on are the name, or a part of it that can stand alone: "Vollkorn" of "Vollkorn
/// Black", "Fork Row" of "ForkRow".
std::size_t nameLength(std::span<const Token> tokens, std::size_t at, const std::vector<std::string>& name)
{
    constexpr std::size_t kShortestName = 4;
    std::string whole, said;
    std::vector<std::size_t> ends;
    for (const auto& word : name) {
        whole += word;
        ends.push_back(whole.size());
    }
    std::size_t length = 0;
    for (std::size_t i = at; i < tokens.size(); ++i) {
        said += tokens[i].word;
        if (!whole.starts_with(said))
            break;
        const bool is_part =
            std::ranges::find(ends, said.size()) != ends.end() && said.size() >= kShortestName;
        if (said == whole || is_part)
            length = i + 1 - at;
    }
    if (length == 0)
        return 0;
    const auto phrases = phrasesOf(tokens.subspan(at, length), "en");
    return std::ranges::any_of(phrases, [](const Phrase& p) { return p.role == Role::Unknown; }) ? length : 0;
}

std::vector<Phrase> ownNamesIn(std::span<const Token> tokens,
                               const std::vector<std::vector<std::string>>& names)
{
    std::vector<Phrase> found;
    for (std::size_t at = 0; at < tokens.size(); ++at) {
        std::size_t longest = 0;
        for (const auto& name : names)
            longest = std::max(longest, nameLength(tokens, at, name));
        if (longest == 0)
            continue;
        found.push_back({Role::Subject, at, at + longest});
        at += longest - 1;
    }
    return found;
}

/// "By its author, Ada Larch.": a name at the end of a sentence that puts a font into the public domain.
std::optional<Phrase> authorIn(std::span<const Token> tokens, std::string_view text)
{
    const auto is = [&](std::size_t at, std::string_view word) {
        return at < tokens.size() && tokens[at].word == word;
    };
    for (std::size_t at = 0; at + 3 < tokens.size(); ++at) {
        const bool is_author =
            is(at, "by") && is(at + 1, "its") && (is(at + 2, "author") || is(at + 2, "designer"));
        if (!is_author || !is(at + 3, ","))
            continue;
        std::size_t end = at + 4;
        while (end < tokens.size() && !isTelling(tokens[end].word) &&
               std::isupper(static_cast<unsigned char>(text[tokens[end].span.begin])) != 0)
            ++end;
        if (end > at + 4 && (end == tokens.size() || (is(end, ".") && end + 1 == tokens.size())))
            return Phrase{Role::Fill, at + 4, end};
    }
    return std::nullopt;
}

/// "With credit to Hollow Yard Types": who is to be named.
std::vector<Phrase> creditedIn(std::span<const Token> tokens, std::string_view text)
{
    std::vector<Phrase> found;
    for (std::size_t at = 1; at + 1 < tokens.size(); ++at) {
        const auto& before = tokens[at - 1].word;
        if (tokens[at].word != "to" || (before != "credit" && before != "credits" && before != "attribution"))
            continue;
        std::size_t end = at + 1;
        while (end < tokens.size() &&
               (std::isupper(static_cast<unsigned char>(text[tokens[end].span.begin])) != 0 ||
                tokens[end].word == "&") &&
               !isTelling(tokens[end].word))
            ++end;
        if (end > at + 1)
            found.push_back({Role::Fill, at + 1, end});
    }
    return found;
}

/// Who holds the copyright: "Copyright (c) 2019 Larch and Pail", up to where a sentence goes on.
std::optional<Phrase> ownerIn(std::span<const Token> tokens, std::string_view text)
{
    if (!isCopyrightNotice(tokens))
        return std::nullopt;
    static constexpr std::array<std::string_view, 14> kParts{
        "copyright", "(", "c", ")", "and", "&", ".", "-", "by", "portions", "inc", "ltd", "de", "von"};
    std::size_t end = 0;
    for (; end < tokens.size() && end < 24; ++end) {
        const auto& word = tokens[end].word;
        const auto first = static_cast<unsigned char>(text[tokens[end].span.begin]);
        const bool is_figure = std::isdigit(first) != 0,
                   is_capital = std::isupper(first) != 0 || first >= 0xC3;
        const bool is_next = word == ";" && end + 1 < tokens.size() && tokens[end + 1].word == "copyright";
        const bool is_comma =
            word == "," && end > 0 && std::isdigit(static_cast<unsigned char>(tokens[end - 1].word[0])) != 0;
        if (!is_figure && !is_capital && !is_comma && !is_next && word != "<mail>" && word != "<url>" &&
            std::ranges::find(kParts, word) == kParts.end())
            break;
    }
    return Phrase{Role::Fill, 0, end};
}

struct Read
{
    Frame frame;
    std::vector<Phrase> phrases;
};

/// By the book that leaves the fewest words over.
Read readPassage(const Passage& passage, const PermissionContext& context)
{
    const auto licences = licencesNamedIn(passage.tokens);
    std::vector<Phrase> taken;
    for (const auto& named : licences)
        taken.push_back({Role::Licence, named.begin, named.end});
    std::vector<std::vector<std::string>> own;
    for (const auto& name : context.names)
        if (auto words = nameWords(name); !words.empty())
            own.push_back(std::move(words));
    for (const auto& name : ownNamesIn(passage.tokens, own))
        if (std::ranges::none_of(taken,
                                 [&](const Phrase& t) { return t.begin < name.end && name.begin < t.end; }))
            taken.push_back(name);
    if (const auto author = authorIn(passage.tokens, passage.text))
        taken.push_back(*author);
    for (const auto& credited : creditedIn(passage.tokens, passage.text))
        taken.push_back(credited);
    // Only of a notice that names a licence: what else it says of its owner is nobody's permission.
    if (auto owner = ownerIn(passage.tokens, passage.text); owner && !licences.empty()) {
        for (const auto& phrase : taken)
            owner->end = std::min(owner->end, std::max<std::size_t>(phrase.begin, 1));
        std::erase_if(taken, [&](const Phrase& t) { return t.begin < owner->end; });
        taken.push_back(*owner);
    }
    std::ranges::sort(taken, {}, &Phrase::begin);
    std::optional<Read> best;
    for (const auto language : readLanguages()) {
        Read read;
        read.phrases = phrasesOf(passage.tokens, language, taken);
        read.frame = frameOf({passage.tokens, read.phrases, licences, passage.answer_begin, context.is_bought,
                              passage.is_table_row});
        const auto rank = [](const Read& r) { return std::pair(r.frame.unclear.size(), !r.frame.grants); };
        if (!best || rank(read) < rank(*best))
            best = std::move(read);
        if (best->frame.unclear.empty() && best->frame.grants)
            break;
    }
    return std::move(*best);
}

/// Of a question with its answer.
bool asksToSell(const Read& read, const Passage& passage)
{
    return std::ranges::any_of(read.phrases, [&](const Phrase& p) {
        return p.begin < passage.answer_begin &&
               (p.role == Role::Commercial || p.role == Role::Anything || p.role == Role::Sell);
    });
}

Permission permissionOf(const Passage& passage, const Read& read)
{
    Permission out;
    out.text = passage.text;
    out.line = passage.line;
    out.answer = read.frame.answer;
    out.detail = read.frame.detail;
    out.units = read.frame.units;
    out.licence = read.frame.licence;
    for (const auto i : read.frame.unclear) {
        const auto& phrase = read.phrases[i];
        const TextSpan span{passage.tokens[phrase.begin].span.begin, passage.tokens[phrase.end - 1].span.end};
        // Neighbours are shown as one: "hardly ever".
        const bool is_next = i > 0 && !out.unclear.empty() && out.unclear.back().end <= span.begin &&
                             span.begin - out.unclear.back().end <= 1;
        if (is_next)
            out.unclear.back().end = span.end;
        else
            out.unclear.push_back(span);
    }
    if (read.frame.grants)
        out.standing = out.unclear.empty() ? Standing::Granted : Standing::Spoiled;
    return out;
}

Permission spoiled(Permission permission, std::string why)
{
    if (permission.standing == Standing::Silent)
        return permission;
    permission.standing = Standing::Spoiled;
    permission.why = std::move(why);
    return permission;
}

/// "Sorry, no."
bool saysNo(const Sentence& answer)
{
    static constexpr std::array<std::string_view, 10> kNo{
        "no", "nope", "nein", "non", "nao", "tidak", "never", "purtroppo", "leider", "infelizmente"};
    static constexpr std::array<std::string_view, 8> kBefore{"a", ":",       "sorry", ",", "unfortunately",
                                                             "r", "antwort", "-"};
    for (const auto& token : answer.tokens) {
        if (std::ranges::find(kNo, token.word) != kNo.end())
            return true;
        if (std::ranges::find(kBefore, token.word) == kBefore.end())
            return false;
    }
    return false;
}

const Sentence* neighbour(const ReadText& text, std::size_t at, int step, unsigned most_paragraphs)
{
    const auto other = static_cast<std::ptrdiff_t>(at) + step;
    if (other < 0 || other >= static_cast<std::ptrdiff_t>(text.sentences.size()))
        return nullptr;
    const Sentence& sentence = text.sentences[static_cast<std::size_t>(other)];
    const unsigned low = std::min(sentence.paragraph, text.sentences[at].paragraph),
                   high = std::max(sentence.paragraph, text.sentences[at].paragraph);
    return high - low <= most_paragraphs ? &sentence : nullptr;
}

} // namespace

Permission permissionIn(const ReadText& text, std::size_t at, const PermissionContext& context)
{
    const Sentence& sentence = text.sentences[at];
    if (sentence.tokens.size() > kLongestSentence)
        return {};
    const Passage alone =
        sentence.lead ? joined(text.sentences[*sentence.lead], sentence, false) : passageOf(sentence);
    const Read read = readPassage(alone, context);
    const Permission permission = permissionOf(alone, read);
    switch (sentence.kind) {
    case SentenceKind::Unticked:
        return spoiled(permission, "Its box is not ticked.");
    case SentenceKind::Heading:
        return spoiled(permission, "It is a heading: what stands below it counts.");
    case SentenceKind::Question:
        return neighbour(text, at, 1, 1) ? Permission{} : spoiled(permission, "It is a question.");
    case SentenceKind::Statement:
    case SentenceKind::Row:
        break;
    }
    if (alone.text.ends_with(':') && permission.standing == Standing::Granted)
        return spoiled(permission, "It introduces a list, and the list counts.");
    if (permission.standing == Standing::Granted)
        return permission;
    if (const auto* question = neighbour(text, at, -1, 1);
        question && question->kind == SentenceKind::Question && question->tokens.size() <= kLongestSentence) {
        const Passage both = joined(*question, sentence, true);
        if (const Read answer = readPassage(both, context); asksToSell(answer, both)) {
            Permission answered = permissionOf(both, answer);
            if (answered.standing == Standing::Silent) {
                answered.standing = Standing::Spoiled;
                answered.answer = saysNo(sentence) ? Answer::No : Answer::Yes;
                answered.why = "The question is not answered with a yes.";
            }
            return answered;
        }
    }
    // "Free for all! Personal, commercial, whatever."
    if (const auto* before = neighbour(text, at, -1, 0);
        before && read.frame.is_list && before->kind == SentenceKind::Statement) {
        const Read open = readPassage(passageOf(*before), context);
        if (open.frame.is_open && open.frame.unclear.empty() && read.frame.unclear.empty()) {
            const Passage both = joined(*before, sentence, false);
            if (Permission whole = permissionOf(both, readPassage(both, context));
                whole.standing == Standing::Granted)
                return whole;
        }
    }
    return permission;
}

} // namespace ink
