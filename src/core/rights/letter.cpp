#include "core/rights/letter.h"

#include <algorithm>

namespace ink {
namespace {

bool isOpen(const Dossier& dossier, Question question)
{
    const auto it = std::ranges::find(dossier.answers, question, &GivenAnswer::question);
    return it == dossier.answers.end() || it->answer == Answer::NotSaid;
}

} // namespace

Letter letterToAuthor(const Dossier& dossier, const LetterFacts& facts)
{
    const std::string font = facts.font + (facts.version.empty() ? "" : " (" + facts.version + ")");
    std::string body = "Dear " + (facts.author.empty() ? "author of " + facts.font : facts.author) + ",\n\n";
    body += "I would like to use your font " + font +
            " for goods that I make and sell myself: " + facts.goods + ".\n\n";
    const auto quote = [&](const Quote& q) {
        body += "In " + q.document + " I read: “" + q.sentence + "”\n";
    };
    if (dossier.deciding.empty() && !dossier.not_understood.empty()) {
        constexpr std::size_t kMostQuoted = 3;
        for (std::size_t i = 0; i < std::min(dossier.not_understood.size(), kMostQuoted); ++i)
            quote(dossier.not_understood[i].quote);
        body += "I am not sure what that means for me.\n";
    } else if (dossier.deciding.empty())
        body += "I found nothing with the font that says whether I may. ";
    else
        for (const auto& q : dossier.deciding)
            quote(q);
    body += "\nCould you tell me, please:\n";
    body += "- May I sell physical goods made with it, and how many?\n";
    if (isOpen(dossier, Question::AlterOutlines))
        body += "- May I join and thicken the letters so that they can be cut or stitched?\n";
    if (isOpen(dossier, Question::SellFile))
        body += "- May the cut or stitch file itself be passed on?\n";
    if (isOpen(dossier, Question::Credit))
        body += "- Would you like to be named, and how?\n";
    body += "- If a licence is needed: what does it cost, and where can I buy it?\n\n";
    body += "A short reply is enough; I will keep it with the font. Thank you for your work.\n";
    return {"May I sell goods made with " + facts.font + "?", body};
}

} // namespace ink
