#include "core/fit/font_kind.h"

#include "core/base/text.h"
#include "core/base/told.h"
#include "core/fit/joins.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <optional>

namespace ink {
namespace {

/// Width of the ink of `glyph` between two heights, in font units.
double inkWidth(const Paths& glyph, double from, double to)
{
    Box box;
    for (const auto& contour : glyph)
        for (const auto& s : contour.segments)
            for (int i = 0; i <= 16; ++i)
                if (const Point p = s.pointAt(i / 16.0); p.y >= from && p.y <= to)
                    box.add(p);
    return box.width();
}

/// A stem that is wider at its foot than in its middle stands on serifs.
std::optional<bool> hasSerifs(const Paths& stem, double units_per_em)
{
    const Box box = bounds(stem);
    const auto welded = weld(std::vector<Paths>{stem}, Unit::ofFont(units_per_em));
    if (box.height() <= 0.0 || !welded)
        return std::nullopt;
    const double foot = inkWidth(stem, box.y0, box.y0 + 0.04 * box.height());
    // The middle is measured where a line crosses it: straight sides have no points there.
    int ink = 0;
    constexpr int kSteps = 200;
    for (int i = 0; i < kSteps; ++i)
        ink +=
            isInk(welded->outline, {box.x0 + box.width() * (i + 0.5) / kSteps, box.y0 + box.height() * 0.47});
    const double middle = box.width() * ink / kSteps;
    if (middle <= 0.0 || foot <= 0.0)
        return std::nullopt;
    return foot > 1.5 * middle;
}

} // namespace

std::string_view idOf(FontKind kind)
{
    static constexpr std::array kIds{"joining-script", "hand",       "serif",       "sans",
                                     "fixed-width",    "decorative", "picture-font"};
    return kIds[static_cast<std::size_t>(kind)];
}

std::string_view nameOf(FontKind kind)
{
    static constexpr std::array kNames{"Joining script", "Hand",       "Serif",       "Sans",
                                       "Fixed width",    "Decorative", "Picture font"};
    return kNames[static_cast<std::size_t>(kind)];
}

JoinSample sampleJoins(const FontFace& face, const std::shared_ptr<WeldCache>& welds)
{
    const auto set = setWords(face, std::string(kJoinSampleWords), {});
    if (!set)
        return {};
    const auto pairs = letterPairs(*set, Unit::ofFont(face.info().units_per_em), {{}, welds});
    if (!pairs)
        return {};
    const auto joins = std::ranges::count_if(*pairs, &LetterPair::joins);
    return {static_cast<std::size_t>(joins), pairs->size()};
}

bool areEquallyWide(const std::vector<double>& advances_fu)
{
    return advances_fu.size() >= 4 && std::ranges::all_of(advances_fu, [&](double advance) {
               return std::abs(advance - advances_fu.front()) <= 0.5;
           });
}

KindFacts kindFactsOf(const FontFace& face, const JoinSample& joins)
{
    const FaceInfo& info = face.info();
    KindFacts facts{info.family + " " + info.style,
                    joins,
                    info.is_picture_font,
                    face.hasCharacter(U'a') || face.hasCharacter(U'A'),
                    info.is_fixed_width,
                    info.panose_kind,
                    info.panose_serif,
                    {},
                    double(info.units_per_em)};
    std::vector<double> advances;
    for (const char letter : kKindSampleWords) {
        const auto glyph = face.glyphOf(static_cast<unsigned char>(letter));
        if (glyph == 0)
            continue;
        advances.push_back(face.advance_fu(glyph));
        if (facts.stem.empty() && (letter == 'I' || letter == 'l'))
            facts.stem = face.glyphOutline(glyph);
    }
    facts.is_fixed_width = facts.is_fixed_width || areEquallyWide(advances);
    return facts;
}

KindFound kindOf(const KindFacts& facts)
{
    if (facts.is_picture_font)
        return {FontKind::PictureFont, "The font says that its keys carry pictures."};
    const std::string name = lowered(facts.name);
    const auto says = [&](std::initializer_list<std::string_view> words) -> std::string_view {
        for (const auto word : words)
            if (name.find(word) != std::string::npos)
                return word;
        return {};
    };
    if (const auto word = says({"dingbat", "ornament", "symbol", "icon"}); !word.empty())
        return {FontKind::PictureFont, told("Its name says “{}”.", word)};
    if (!facts.has_letters)
        return {FontKind::PictureFont, "It has no letter A."};
    if (facts.joins.isJoiningScript())
        return {FontKind::JoiningScript, told("{} of {} pairs of common small letters hang together.",
                                              facts.joins.joins, facts.joins.pairs)};
    if (facts.is_fixed_width)
        return {FontKind::FixedWidth, "All its letters are equally wide."};
    // PANOSE: 2 Latin text, 3 Latin hand written, 4 Latin decorative.
    if (facts.panose_kind == 3)
        return {FontKind::Hand, "The font calls itself hand written (PANOSE)."};
    if (facts.panose_kind == 4)
        return {FontKind::Decorative, "The font calls itself decorative (PANOSE)."};
    if (const auto word = says({"script", "hand", "brush", "pen", "callig", "marker"}); !word.empty())
        return {FontKind::Hand, told("Its name says “{}”.", word)};
    if (const auto word = says({"ornate", "deco", "stencil", "shadow", "inline", "outline", "gingham"});
        !word.empty())
        return {FontKind::Decorative, told("Its name says “{}”.", word)};
    if (facts.panose_kind == 2 && facts.panose_serif >= 11 && facts.panose_serif <= 15)
        return {FontKind::Sans, "The font calls itself sans (PANOSE)."};
    if (facts.panose_kind == 2 && facts.panose_serif >= 2 && facts.panose_serif <= 10)
        return {FontKind::Serif, "The font calls itself serif (PANOSE)."};
    if (const auto serifs = hasSerifs(facts.stem, facts.units_per_em))
        return *serifs ? KindFound{FontKind::Serif, "Its I is much wider at the foot than in the middle."}
                       : KindFound{FontKind::Sans, "Its I is as wide at the foot as in the middle."};
    return {FontKind::Decorative, "Nothing in its outlines or its name says otherwise."};
}

} // namespace ink
