// The rights dossier: everything the evidence says, weighed into one of five verdicts.
// Not legal advice: what a careful maker would do by hand.
#pragma once

#include "core/rights/evidence.h"
#include "core/rights/reading.h"

#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// From best to worst; the verdict of a design is the worst of its fonts.
enum class Verdict { MaySell, SellWithinLimits, GiftsOnly, AskFirst, EvidenceDisagrees };

/// "may-sell", as files and reports hold it.
std::string_view idOf(Verdict verdict);
/// "May sell", as the person reads it.
std::string_view nameOf(Verdict verdict);
std::string_view idOf(Question question);
std::string_view nameOf(Question question);
std::string_view idOf(Answer answer);
std::string_view idOf(EvidenceKind kind);

struct GivenAnswer
{
    Question question = Question::SellGoods;
    Answer answer = Answer::NotSaid;
    std::string detail;
    /// Empty sentence when the question is not answered.
    Quote quote;
};

/// What is known besides texts.
struct FontFacts
{
    /// `OS/2` fsType, or -1. It speaks of embedding in documents and never decides.
    int fs_type = -1;
    /// The font or package calls itself a demo, so that statements about the demo are about it.
    bool is_demo = false;
    /// Family and full names, as in the name table: a sentence that names another font frees that one only.
    /// Empty when only a document is judged.
    std::vector<std::string> names = {};
};

/// A sentence that could not be understood, and that a verdict of AskFirst comes from.
struct Unclear
{
    Quote quote;
    /// The words that stood in the way, parts of quote.sentence; empty when none did.
    std::vector<TextSpan> words;
    /// Why, in one sentence; empty where the words tell.
    std::string why;
    /// What the verdict would be without these words, or without the sentence.
    Verdict otherwise = Verdict::AskFirst;

    friend bool operator==(const Unclear&, const Unclear&) = default;
};

struct Dossier
{
    Verdict verdict = Verdict::AskFirst;
    /// One sentence: why this verdict.
    std::string reason;
    /// "up to 250", "with credit to the author", "no print on demand".
    std::vector<std::string> limits;
    /// Largest number that may be sold; 0 when none is given.
    unsigned units = 0;
    /// One for each question, in the order of Question.
    std::vector<GivenAnswer> answers;
    /// The sentences that decided; where evidence disagrees, both sides.
    std::vector<Quote> deciding;
    /// Sentences that were weighed and did not decide: hints, listings, other versions.
    std::vector<Quote> set_aside;
    /// Of AskFirst: the sentences that were not understood and stood in the way.
    std::vector<Unclear> not_understood;
    std::string price;
    /// Licences found, by SPDX identifier.
    std::vector<std::string> licences;
    /// What else the person should know: embedding bits, a wrong listing, a donation.
    std::vector<std::string> notes;
    std::vector<EvidenceText> evidence;
};

/// Weighs the evidence. Never fails: without evidence the verdict is AskFirst.
/// Errors: none; texts that are not UTF-8 are read with U+FFFD.
/// Source: OpenType 1.9 (`name`, `OS/2` fsType); the order of strength is common practice, no published
///         source.
Dossier judge(std::span<const EvidenceText> evidence, const FontFacts& facts = {});

/// The embedding bits in words ("may be embedded in documents").
/// Source: OpenType 1.9, `OS/2` fsType.
std::string embeddingInWords(int fs_type);

/// The worse of two.
inline Verdict worse(Verdict a, Verdict b)
{
    return a < b ? b : a;
}

} // namespace ink
