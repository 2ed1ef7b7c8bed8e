#include "core/type/substitutions.h"

#include "core/base/told.h"
#include "core/type/feature_tags.h"
#include "core/type/table_view.h"

#include <hb-ot.h>
#include <hb.h>

#include <algorithm>
#include <array>
#include <map>
#include <memory>
#include <set>
#include <span>
#include <utility>

namespace ink {
namespace {

using detail::classes;
using detail::coverage;
using View = detail::TableView;
using Blob = std::unique_ptr<hb_blob_t, decltype(&hb_blob_destroy)>;

/// Lookups that features ask for, exchanges, and glyphs looked at in contexts. Fonts of the trade need a
/// hundredth of these; a damaged table could ask for a billion.
constexpr std::size_t kMostAsked = 5000;
constexpr std::size_t kMostFound = 100'000;
constexpr std::size_t kMostSteps = 3'000'000;

using GlyphList = std::vector<std::uint32_t>;

/// Walks the lookups of one feature and notes what each can exchange.
class GsubReader
{
public:
    GsubReader(const View& gsub, std::vector<Substitution>& found) : m_lookups(gsub.at16(8)), m_found(found)
    {
    }

    void read(unsigned lookup, const std::string& feature)
    {
        m_feature = feature;
        m_seen.clear();
        visit(lookup, {}, false);
    }
    unsigned lookupCount() const { return m_lookups.count(0); }
    const std::set<unsigned>& reached() const { return m_reached; }

private:
    /// `only` are the glyphs that the context lets through; empty for all.
    void visit(unsigned lookup, const GlyphList& only, bool in_context)
    {
        if (lookup >= lookupCount() || m_depth > 8 || !mayGoOn(only.size() + 1))
            return;
        // A nested lookup is looked at once for each set of glyphs that leads to it.
        if (!m_seen.insert({lookup, only}).second)
            return;
        m_reached.insert(lookup);
        const View table = m_lookups.at16(2 + 2 * lookup);
        ++m_depth;
        for (unsigned i = 0; i < table.count(4) && mayGoOn(100); ++i) {
            View sub = table.at16(6 + 2 * i);
            unsigned type = table.u16(0);
            if (type == 7) { // extension
                type = sub.u16(2);
                sub = sub.from(sub.u32(4));
            }
            readSubtable(type, sub, only, in_context);
        }
        --m_depth;
    }

    bool mayGoOn(std::size_t steps)
    {
        m_steps += steps;
        return m_steps < kMostSteps;
    }

    void readSubtable(unsigned type, const View& sub, const GlyphList& only, bool in_context)
    {
        switch (type) {
        case 1:
            return readSingle(sub, only, in_context);
        case 2:
            return readSets(sub, SubstitutionKind::Multiple, only, in_context);
        case 3:
            return readSets(sub, SubstitutionKind::Alternate, only, in_context);
        case 4:
            return readLigatures(sub, only, in_context);
        case 5:
        case 6:
            return readContext(sub, type == 6);
        case 8:
            return readReverse(sub);
        default:
            return;
        }
    }

    void note(SubstitutionKind kind, GlyphList from, std::uint32_t to, unsigned value, const GlyphList& only,
              bool in_context)
    {
        if ((!only.empty() && !std::ranges::binary_search(only, from.front())) ||
            m_found.size() >= kMostFound)
            return;
        if (in_context && (kind == SubstitutionKind::Single || kind == SubstitutionKind::Alternate))
            kind = SubstitutionKind::Contextual;
        if (from.size() > 1 || from.front() != to)
            m_found.push_back({kind, std::move(from), to, m_feature, value});
    }

    void readSingle(const View& sub, const GlyphList& only, bool in_context)
    {
        const auto from = coverage(sub.at16(2));
        for (unsigned i = 0; i < from.size() && mayGoOn(1); ++i) {
            if (sub.u16(0) == 1)
                note(SubstitutionKind::Single, {from[i]}, (from[i] + sub.u16(4)) & 0xFFFF, 1, only,
                     in_context);
            else if (sub.u16(0) == 2 && i < sub.count(4))
                note(SubstitutionKind::Single, {from[i]}, sub.u16(6 + 2 * i), 1, only, in_context);
        }
    }

    void readSets(const View& sub, SubstitutionKind kind, const GlyphList& only, bool in_context)
    {
        const auto from = coverage(sub.at16(2));
        for (unsigned i = 0; i < std::min<std::size_t>(from.size(), sub.count(4)) && mayGoOn(1); ++i) {
            const View set = sub.at16(6 + 2 * i);
            for (unsigned k = 0; k < set.count(0) && mayGoOn(1); ++k)
                note(kind, {from[i]}, set.u16(2 + 2 * k), k + 1, only, in_context);
        }
    }

    void readLigatures(const View& sub, const GlyphList& only, bool in_context)
    {
        const auto first = coverage(sub.at16(2));
        for (unsigned i = 0; i < std::min<std::size_t>(first.size(), sub.count(4)) && mayGoOn(1); ++i) {
            const View set = sub.at16(6 + 2 * i);
            for (unsigned k = 0; k < set.count(0) && mayGoOn(1); ++k) {
                const View ligature = set.at16(2 + 2 * k);
                GlyphList from{first[i]};
                for (unsigned c = 1; c < ligature.u16(2) && c <= ligature.count(2) && mayGoOn(1); ++c)
                    from.push_back(ligature.u16(2 + 2 * c));
                if (from.size() == ligature.u16(2))
                    note(SubstitutionKind::Ligature, from, ligature.u16(0), 1, only, in_context);
            }
        }
    }

    void readReverse(const View& sub)
    {
        const auto from = coverage(sub.at16(2));
        std::size_t at = 4;
        at += 2 + 2 * std::size_t(sub.u16(at)); // backtrack
        at += 2 + 2 * std::size_t(sub.u16(at)); // lookahead
        for (unsigned i = 0; i < std::min<std::size_t>(from.size(), sub.count(at)); ++i)
            note(SubstitutionKind::Contextual, {from[i]}, sub.u16(at + 2 + 2 * i), 1, {}, true);
    }

    /// `inputs` are the glyphs at each place of the context.
    void readRecords(const View& rule, std::size_t at, unsigned count, const std::vector<GlyphList>& inputs)
    {
        for (unsigned i = 0; i < count; ++i) {
            const unsigned place = rule.u16(at + 4 * i), lookup = rule.u16(at + 4 * i + 2);
            if (place >= inputs.size())
                continue;
            if (!mayGoOn(inputs[place].size()))
                return;
            auto only = inputs[place];
            std::ranges::sort(only);
            visit(lookup, only, true);
        }
    }

    void readContext(const View& sub, bool is_chained)
    {
        switch (sub.u16(0)) {
        case 1:
        case 2:
            return readRules(sub, is_chained);
        case 3:
            return readCoverages(sub, is_chained);
        default:
            return;
        }
    }

    void readRules(const View& sub, bool is_chained)
    {
        const bool by_class = sub.u16(0) == 2;
        const auto covered = coverage(sub.at16(2));
        const auto input_classes =
            by_class ? classes(sub.at16(is_chained ? 6 : 4)) : std::map<unsigned, GlyphList>{};
        const std::size_t sets = by_class ? (is_chained ? 10 : 6) : 4;
        for (unsigned i = 0; i < sub.count(sets); ++i) {
            const View set = sub.at16(sets + 2 + 2 * i);
            if (set.isEmpty() || !mayGoOn(by_class ? covered.size() : 1))
                continue;
            GlyphList first;
            if (!by_class && i < covered.size())
                first = {covered[i]};
            else if (by_class)
                first = ofClass(i, input_classes, covered);
            for (unsigned k = 0; k < set.count(0) && mayGoOn(1); ++k)
                readRule(set.at16(2 + 2 * k), is_chained, by_class, first, input_classes);
        }
    }

    /// Class 0 is everything that has no other: of the covered glyphs.
    static GlyphList ofClass(unsigned number, const std::map<unsigned, GlyphList>& all,
                             const GlyphList& covered)
    {
        if (const auto it = all.find(number); number > 0)
            return it == all.end() ? GlyphList{} : it->second;
        std::set<std::uint32_t> named;
        for (const auto& [other, glyphs] : all)
            if (other > 0)
                named.insert(glyphs.begin(), glyphs.end());
        GlyphList rest = covered;
        std::erase_if(rest, [&](auto glyph) { return named.contains(glyph); });
        return rest;
    }

    void readRule(const View& rule, bool is_chained, bool by_class, const GlyphList& first,
                  const std::map<unsigned, GlyphList>& input_classes)
    {
        std::size_t at = 0;
        if (is_chained)
            at += 2 + 2 * std::size_t(rule.u16(0)); // backtrack
        const unsigned inputs = rule.u16(at);
        if (inputs == 0 || inputs > 64)
            return;
        std::size_t records = at + 2 + 2 * std::size_t(inputs - 1);
        unsigned count = 0;
        std::size_t input_at = at + 2;
        if (is_chained) {
            records += 2 + 2 * std::size_t(rule.u16(records)); // lookahead
            count = rule.count(records, 4);
            records += 2;
        } else {
            count = rule.u16(at + 2);
            input_at = at + 4;
            records += 2;
        }
        std::vector<GlyphList> places{first};
        for (unsigned i = 0; i + 1 < inputs; ++i) {
            const unsigned value = rule.u16(input_at + 2 * i);
            if (!mayGoOn(places.back().size()))
                return;
            if (!by_class)
                places.push_back({value});
            else if (const auto it = input_classes.find(value); it != input_classes.end())
                places.push_back(it->second);
            else
                places.emplace_back();
        }
        readRecords(rule, records, std::min(count, 64u), places);
    }

    void readCoverages(const View& sub, bool is_chained)
    {
        std::size_t at = 2;
        if (is_chained)
            at += 2 + 2 * std::size_t(sub.u16(at)); // backtrack
        const unsigned inputs = sub.count(at);
        std::size_t input_at = at + 2, records = at + 2 + 2 * std::size_t(inputs);
        unsigned count = 0;
        if (is_chained) {
            records += 2 + 2 * std::size_t(sub.u16(records)); // lookahead
            count = sub.count(records, 4);
            records += 2;
        } else {
            count = sub.u16(at + 2);
            input_at += 2;
            records += 2;
        }
        std::vector<GlyphList> places;
        for (unsigned i = 0; i < inputs; ++i) {
            places.push_back(coverage(sub.at16(input_at + 2 * i)));
            if (!mayGoOn(places.back().size() + 1))
                return;
        }
        readRecords(sub, records, std::min(count, 64u), places);
    }

    View m_lookups;
    std::vector<Substitution>& m_found;
    std::string m_feature;
    int m_depth = 0;
    std::size_t m_steps = 0;
    std::set<std::pair<unsigned, GlyphList>> m_seen;
    std::set<unsigned> m_reached;
};

struct FeatureWords
{
    const char* tag;
    const char* words;
};
constexpr FeatureWords kFeatureWords[] = {
    {"swsh", "Swash"},
    {"cswh", "Swash between letters"},
    {"salt", "Other drawing"},
    {"init", "Beginning"},
    {"medi", "Middle"},
    {"fina", "Ending"},
    {"isol", "Alone"},
    {"falt", "End of the line"},
    {"titl", "For large titles"},
    {"hist", "Historical"},
    {"hlig", "Historical ligature"},
    {"ornm", "Ornament"},
    {"calt", "Between certain letters"},
    {"rclt", "Between certain letters"},
    {"clig", "Ligature between certain letters"},
    {"liga", "Ligature"},
    {"dlig", "Decorative ligature"},
    {"rlig", "Ligature"},
    {"smcp", "Small capital"},
    {"c2sc", "Small capital"},
    {"pcap", "Petite capital"},
    {"c2pc", "Petite capital"},
    {"unic", "Mixed capital"},
    {"onum", "Old-style figure"},
    {"lnum", "Lining figure"},
    {"tnum", "Even-width figure"},
    {"pnum", "Natural-width figure"},
    {"zero", "Slashed zero"},
    {"frac", "Fraction"},
    {"sups", "Raised"},
    {"subs", "Lowered"},
    {"sinf", "Lowered"},
    {"ordn", "Ordinal"},
    {"numr", "Above the fraction bar"},
    {"dnom", "Below the fraction bar"},
    {"case", "Beside capitals"},
    {"rand", "By chance"},
    {"aalt", "Other form"},
    {"locl", "Local form"},
    {"ccmp", "Put together"},
};

} // namespace

std::vector<Substitution> substitutionsOf(const FontFace& face)
{
    std::vector<Substitution> found;
    hb_face_t* const hb = hb_font_get_face(face.handle());
    const Blob blob(hb_face_reference_table(hb, HB_TAG('G', 'S', 'U', 'B')), hb_blob_destroy);
    unsigned size = 0;
    const auto* bytes = reinterpret_cast<const unsigned char*>(hb_blob_get_data(blob.get(), &size));
    if (!bytes || size < 10)
        return found;
    const View gsub(std::span(bytes, size));
    const View features = gsub.at16(6);
    GsubReader reader(gsub, found);
    // A feature is listed once for each script and language: each of its lookups counts once.
    std::vector<std::pair<std::string, unsigned>> asked;
    std::set<std::pair<std::string, unsigned>> known;
    const unsigned feature_count = std::min(features.count(0, 6), static_cast<unsigned>(kMostAsked));
    for (unsigned i = 0; i < feature_count; ++i) {
        const View feature = features.at16(2 + 6 * i + 4);
        for (unsigned k = 0; k < feature.count(2); ++k) {
            std::pair<std::string, unsigned> wish{features.tag(2 + 6 * i), feature.u16(4 + 2 * k)};
            if (asked.size() < kMostAsked && known.insert(wish).second)
                asked.push_back(std::move(wish));
        }
    }
    for (const auto& [tag, lookup] : asked)
        reader.read(lookup, tag);
    // What only variations of the font lead to.
    const auto reached = reader.reached();
    for (unsigned lookup = 0; lookup < reader.lookupCount(); ++lookup)
        if (!reached.contains(lookup))
            reader.read(lookup, {});
    return found;
}

std::string featureName(const FontFace& face, const std::string& feature)
{
    hb_face_t* const hb = hb_font_get_face(face.handle());
    const hb_tag_t tag = hb_tag_from_string(feature.data(), static_cast<int>(feature.size()));
    const auto tags = detail::featureTags(hb, HB_OT_TAG_GSUB);
    for (unsigned i = 0; i < tags.size(); ++i) {
        hb_ot_name_id_t label = HB_OT_NAME_ID_INVALID;
        if (tags[i] != tag ||
            !hb_ot_layout_feature_get_name_ids(hb, HB_OT_TAG_GSUB, i, &label, nullptr, nullptr, nullptr,
                                               nullptr) ||
            label == HB_OT_NAME_ID_INVALID)
            continue;
        std::array<char, 256> text{};
        unsigned length = text.size();
        hb_ot_name_get_utf8(hb, label, hb_language_from_string("en", -1), &length, text.data());
        if (length > 0)
            return text.data();
    }
    if (feature.size() == 4 && (feature.starts_with("ss") || feature.starts_with("cv"))) {
        const std::string number = feature.substr(feature[2] == '0' ? 3 : 2);
        return told(feature[0] == 's' ? told("Set {}") : told("Variant {}"), number);
    }
    const auto* known = std::ranges::find(kFeatureWords, feature, &FeatureWords::tag);
    return known == std::end(kFeatureWords) ? feature : known->words;
}

} // namespace ink
