#include "core/rights/stitching.h"

#include "core/base/told.h"

#include <algorithm>

namespace ink {
namespace {

/// Null where the papers say nothing of it.
const GivenAnswer* answerOf(const Dossier& dossier)
{
    const auto at = std::ranges::find(dossier.answers, Question::StitchedAlphabet, &GivenAnswer::question);
    return at == dossier.answers.end() || at->answer == Answer::NotSaid ? nullptr : &*at;
}

} // namespace

bool speaksOfStitching(const Dossier& dossier)
{
    return answerOf(dossier) != nullptr;
}

bool forbidsStitching(const Dossier& dossier)
{
    const auto* answer = answerOf(dossier);
    return answer && answer->answer == Answer::No;
}

std::string saidOfStitching(const Dossier& dossier)
{
    const auto* answer = answerOf(dossier);
    if (!answer)
        return std::string(
            told("The font's papers say nothing of stitched letters: sew goods as its licence says, and ask "
                 "its author before you pass the letters themselves on."));
    const auto& quote = answer->quote;
    switch (answer->answer) {
    case Answer::Yes:
        return told("The font's licence allows stitched letters: “{}” ({}, line {}).", quote.sentence,
                    quote.document, quote.line);
    case Answer::Limited:
        return told("The font's licence allows stitched letters within limits: “{}” ({}, line {}).",
                    quote.sentence, quote.document, quote.line);
    default:
        return told("The font's licence forbids stitched letters: “{}” ({}, line {}).", quote.sentence,
                    quote.document, quote.line) +
               " " + std::string(told("Use them for yourself, and pass them on to nobody."));
    }
}

} // namespace ink
