#include "core/handoff/rights_slip.h"

#include <nlohmann/json.hpp>

#include <algorithm>
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
        if (font.dossier.units > 0)
            json["units"] = font.dossier.units;
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
    out << json.dump(2, ' ', false, nlohmann::json::error_handler_t::replace) << '\n';
}

} // namespace ink
