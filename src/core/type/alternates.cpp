#include "core/type/alternates.h"

#include <hb-ot.h>
#include <hb.h>

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

bool isNamedSwash(std::string name)
{
    std::ranges::transform(name, name.begin(),
                           [](unsigned char c) { return c < 128 ? static_cast<char>(c | 0x20) : '?'; });
    return name.find("swash") != std::string::npos || name.find(".swsh") != std::string::npos;
}

/// Ink that reaches a fifth of an em further than the plain form's, to any side.
bool isDecorated(const Box& plain, const Box& form, double units_per_em)
{
    const double reach = 0.2 * units_per_em;
    return form.width() > plain.width() + reach || form.height() > plain.height() + reach;
}

} // namespace

AlternateTable::AlternateTable(const FontFace& face)
{
    hb_face_t* const hb = hb_font_get_face(face.handle());
    std::array<hb_tag_t, 512> tags{};
    unsigned count = tags.size();
    hb_ot_layout_table_get_feature_tags(hb, HB_OT_TAG_GSUB, 0, &count, tags.data());
    for (unsigned i = 0; i < count; ++i) {
        std::string tag(4, ' ');
        hb_tag_to_string(tags[i], tag.data());
        if (orderOf(tag) < 0)
            continue;
        std::array<unsigned, 64> lookups{};
        unsigned lookup_count = lookups.size();
        hb_ot_layout_feature_get_lookups(hb, HB_OT_TAG_GSUB, i, 0, &lookup_count, lookups.data());
        // A feature is listed once for each script and language: their lookups are put together.
        auto offer = std::ranges::find(m_offers, tag, &Offer::feature);
        if (offer == m_offers.end())
            offer = m_offers.insert(m_offers.end(), Offer{tag, {}});
        for (unsigned k = 0; k < lookup_count; ++k)
            if (std::ranges::find(offer->lookups, lookups[k]) == offer->lookups.end())
                offer->lookups.push_back(lookups[k]);
    }
    std::ranges::sort(m_offers, {}, [](const Offer& o) { return orderOf(o.feature); });
}

std::vector<Alternate> AlternateTable::of(const FontFace& face, std::uint32_t glyph_id) const
{
    std::vector<Alternate> found;
    hb_face_t* const hb = hb_font_get_face(face.handle());
    const Box plain = m_offers.empty() ? Box{} : bounds(face.glyphOutline(glyph_id));
    for (const auto& offer : m_offers) {
        for (const unsigned lookup : offer.lookups) {
            std::array<hb_codepoint_t, 64> forms{};
            unsigned count = forms.size();
            hb_ot_layout_lookup_get_glyph_alternates(hb, lookup, glyph_id, 0, &count, forms.data());
            for (unsigned k = 0; k < count; ++k) {
                if (forms[k] == glyph_id ||
                    std::ranges::find(found, forms[k], &Alternate::glyph_id) != found.end())
                    continue;
                auto name = face.glyphName(forms[k]);
                const bool is_swash =
                    offer.feature == "swsh" || offer.feature == "cswh" || isNamedSwash(name) ||
                    isDecorated(plain, bounds(face.glyphOutline(forms[k])), face.info().units_per_em);
                found.push_back({offer.feature, k + 1, forms[k], std::move(name), is_swash});
            }
        }
    }
    return found;
}

} // namespace ink
