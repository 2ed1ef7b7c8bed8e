#include "core/type/alternates.h"

#include "core/type/substitutions.h"
#include "core/type/swash.h"

#include <algorithm>
#include <array>
#include <string_view>

namespace ink {
namespace {

/// Position in the order of offering; -1 for features that are no choice of the person.
int orderOf(std::string_view tag)
{
    static constexpr std::array<std::string_view, 9> kFirst{"swsh", "cswh", "salt", "init", "medi",
                                                            "fina", "titl", "hist", "ornm"};
    if (const auto it = std::ranges::find(kFirst, tag); it != kFirst.end())
        return static_cast<int>(it - kFirst.begin());
    const bool is_numbered =
        tag.size() == 4 && tag[2] >= '0' && tag[2] <= '9' && tag[3] >= '0' && tag[3] <= '9';
    if (is_numbered && (tag.starts_with("ss") || tag.starts_with("cv")))
        return (tag[0] == 's' ? 20 : 50) + (tag[2] - '0') * 10 + (tag[3] - '0');
    return tag == "aalt" ? 1000 : -1; // all of them once more: only what the others do not reach
}

} // namespace

AlternateTable::AlternateTable(const FontFace& face)
{
    for (auto& s : substitutionsOf(face)) {
        const bool is_form = s.kind == SubstitutionKind::Single || s.kind == SubstitutionKind::Alternate;
        if (is_form && s.from.size() == 1 && orderOf(s.feature) >= 0)
            m_offers[s.from.front()].push_back({std::move(s.feature), s.value, s.to});
    }
    for (auto& [glyph, offers] : m_offers)
        std::ranges::stable_sort(offers, {}, [](const Offer& o) { return orderOf(o.feature); });
}

std::vector<Alternate> AlternateTable::of(const FontFace& face, std::uint32_t glyph_id) const
{
    std::vector<Alternate> found;
    const auto offers = m_offers.find(glyph_id);
    if (offers == m_offers.end())
        return found;
    const Box plain = bounds(face.glyphOutline(glyph_id));
    for (const auto& offer : offers->second) {
        if (offer.glyph_id == glyph_id ||
            std::ranges::find(found, offer.glyph_id, &Alternate::glyph_id) != found.end())
            continue;
        auto name = face.glyphName(offer.glyph_id);
        const bool is_swash = isSwash(offer.feature, name, plain, bounds(face.glyphOutline(offer.glyph_id)),
                                      face.info().units_per_em);
        found.push_back({offer.feature, offer.value, offer.glyph_id, std::move(name), is_swash});
    }
    return found;
}

} // namespace ink
