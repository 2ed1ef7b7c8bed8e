#include "core/formats/text_pages.h"
#include "core/handoff/rights_slip.h"

#include <initializer_list>

namespace ink {
namespace {

using Style = Paragraph::Style;

/// %1 and so on; what is put in is not looked at again.
std::string filled(const std::string& phrase, std::initializer_list<std::string> values)
{
    std::string out;
    for (std::size_t i = 0; i < phrase.size(); ++i) {
        const std::size_t number = i + 1 < phrase.size() ? std::size_t(phrase[i + 1] - '1') : values.size();
        if (phrase[i] != '%' || number >= values.size()) {
            out += phrase[i];
            continue;
        }
        out += values.begin()[number];
        ++i;
    }
    return out;
}

void addFont(std::vector<Paragraph>& page, const SlipFont& font, const RightsSlip& slip, const SlipPhrases& p)
{
    page.push_back({font.version.empty() ? font.name : font.name + " " + font.version, Style::Heading});
    page.push_back({filled(p.digest, {font.sha256}), Style::Small});
    page.push_back({filled(p.reason, {std::string(nameOf(font.dossier.verdict)), font.dossier.reason})});
    for (const auto& limit : font.dossier.limits)
        page.push_back({filled(p.limit, {limit})});
    if (font.dossier.units > 0)
        page.push_back({filled(p.sold, {std::to_string(font.sold_before + unsigned(slip.copies())),
                                        std::to_string(font.dossier.units)})});
    for (const auto& quote : font.dossier.deciding)
        page.push_back(
            {filled(p.quote, {quote.sentence, quote.document, std::to_string(quote.line)}), Style::Quote});
    for (const auto& paper : font.attached)
        page.push_back({filled(p.attached, {paper})});
}

} // namespace

Result<void> writeSlipPdf(std::ostream& out, const RightsSlip& slip, const SlipPhrases& p)
{
    std::vector<Paragraph> page{
        {p.title, Style::Title},
        {filled(slip.is_for_sale ? p.sale : p.gift, {slip.date, std::to_string(slip.copies())})},
        {filled(p.verdict, {std::string(nameOf(slip.verdict()))}), Style::Strong}};
    if (!slip.ground.empty())
        page.push_back({filled(p.ground, {slip.ground})});
    page.push_back({p.made, Style::Heading});
    for (const auto& [words, copies] : slip.designs)
        page.push_back({filled(p.design, {std::to_string(copies), words})});
    for (const auto& font : slip.fonts)
        addFont(page, font, slip, p);
    page.push_back({p.no_advice, Style::Small});
    return writeTextPages(out, p.title, page);
}

} // namespace ink
