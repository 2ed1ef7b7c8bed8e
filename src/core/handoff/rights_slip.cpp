#include "core/handoff/rights_slip.h"

#include "core/base/digest.h"
#include "core/base/json_text.h"

#include <algorithm>
#include <filesystem>
#include <ostream>

namespace ink {
namespace {

nlohmann::ordered_json quotesJson(const std::vector<Quote>& quotes)
{
    auto json = nlohmann::ordered_json::array();
    for (const auto& quote : quotes)
        json.push_back({{"sentence", quote.sentence}, {"document", quote.document}, {"line", quote.line}});
    return json;
}

} // namespace

Verdict RightsSlip::verdict() const
{
    Verdict worst = Verdict::MaySell;
    for (const auto& font : fonts)
        worst = std::max(worst, font.dossier.verdict);
    return fonts.empty() ? Verdict::AskFirst : worst;
}

int RightsSlip::copies() const
{
    int sum = 0;
    for (const auto& [words, copies] : designs)
        sum += copies;
    return sum;
}

RightsSlip slipOf(const Job& job, int copies, std::string date)
{
    RightsSlip slip;
    slip.date = std::move(date);
    slip.is_for_sale = job.purpose == Purpose::Sale;
    const JobsOfNames jobs(job);
    for (std::size_t i = 0; i < jobs.count(); ++i)
        slip.designs.emplace_back(withoutMotifs(jobs.listed(i).words),
                                  job.names.isEmpty() ? copies : jobs.listed(i).copies);
    std::vector<FontRef> fonts{job.font};
    for (const auto& [letter, choice] : job.lettering.letters)
        if (choice.font && std::ranges::find(fonts, *choice.font) == fonts.end())
            fonts.push_back(*choice.font);
    for (const auto& font : fonts)
        slip.fonts.push_back({std::filesystem::path(font.path).filename().string(), {}, {}, font, {}, 0, {}});
    return slip;
}

bool areSameGoods(const RightsSlip& a, const RightsSlip& b)
{
    return a.designs == b.designs &&
           std::ranges::equal(a.fonts, b.fonts, {}, &SlipFont::font, &SlipFont::font);
}

RightsSlip withDigests(RightsSlip slip)
{
    for (auto& font : slip.fonts)
        if (font.sha256.empty())
            font.sha256 = sha256OfFile(font.font.path).value_or(std::string());
    return slip;
}

void writeSlipJson(std::ostream& out, const RightsSlip& slip)
{
    auto designs = nlohmann::ordered_json::array(), fonts = nlohmann::ordered_json::array();
    for (const auto& [words, copies] : slip.designs)
        designs.push_back({{"words", words}, {"copies", copies}});
    for (const auto& font : slip.fonts) {
        nlohmann::ordered_json json{{"name", font.name},
                                    {"version", font.version},
                                    {"sha256", font.sha256},
                                    {"verdict", idOf(font.dossier.verdict)},
                                    {"reason", font.dossier.reason},
                                    {"deciding", quotesJson(font.dossier.deciding)},
                                    {"attached", font.attached}};
        if (!font.dossier.limits.empty())
            json["limits"] = font.dossier.limits;
        if (font.dossier.units > 0) {
            json["units"] = font.dossier.units;
            json["sold"] = font.sold_before + unsigned(slip.copies());
        }
        fonts.push_back(std::move(json));
    }
    nlohmann::ordered_json json{{"format", "under-ink-rights-slip"},
                                {"version", 1},
                                {"date", slip.date},
                                {"purpose", slip.is_for_sale ? "sale" : "gift"},
                                {"verdict", idOf(slip.verdict())},
                                {"copies", slip.copies()},
                                {"designs", designs},
                                {"fonts", fonts}};
    if (!slip.ground.empty())
        json["ground"] = slip.ground;
    out << jsonText(json, 2) << '\n';
}

} // namespace ink
