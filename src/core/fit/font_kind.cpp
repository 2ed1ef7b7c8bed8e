#include "core/fit/font_kind.h"

#include "core/fit/joins.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <optional>

namespace ink {
namespace {

std::string lowered(std::string text)
{
    std::ranges::transform(text, text.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

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

/// A capital I, or a small l, that is wider at its foot than in its middle stands on serifs.
std::optional<bool> hasSerifs(const FontFace& face)
{
    for (const char32_t letter : {U'I', U'l'}) {
        const auto glyph = face.glyphOf(letter);
        const Paths paths = glyph == 0 ? Paths{} : face.glyphOutline(glyph);
        const Box box = bounds(paths);
        if (box.height() <= 0.0)
            continue;
        const double foot = inkWidth(paths, box.y0, box.y0 + 0.04 * box.height());
        // The stem, measured where lines cross its middle: the straight sides have no points there.
        const auto outline = weld(std::vector<Paths>{paths}, {double(face.info().units_per_em), {}, {}});
        if (!outline)
            continue;
        int ink = 0;
        constexpr int kSteps = 200;
        for (int i = 0; i < kSteps; ++i)
            ink += isInk(*outline, {box.x0 + box.width() * (i + 0.5) / kSteps, box.y0 + box.height() * 0.47});
        const double stem = box.width() * ink / kSteps;
        if (stem > 0.0 && foot > 0.0)
            return foot > 1.5 * stem;
    }
    return std::nullopt;
}

bool isFixedWidth(const FontFace& face)
{
    if (face.info().is_fixed_width)
        return true;
    double width = 0.0;
    int seen = 0;
    for (const char32_t letter : {U'i', U'm', U'l', U'W', U'n', U'1'}) {
        const auto glyph = face.glyphOf(letter);
        if (glyph == 0)
            continue;
        if (++seen > 1 && std::abs(face.advance_fu(glyph) - width) > 0.5)
            return false;
        width = face.advance_fu(glyph);
    }
    return seen >= 4;
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
    const auto pairs = letterPairs(*set, {double(face.info().units_per_em), {}, welds});
    if (!pairs)
        return {};
    const auto joins = std::ranges::count_if(*pairs, &LetterPair::joins);
    return {static_cast<std::size_t>(joins), pairs->size()};
}

KindFound kindOf(const FontFace& face, const JoinSample& joins)
{
    const FaceInfo& info = face.info();
    if (info.is_picture_font)
        return {FontKind::PictureFont, "The font says that its keys carry pictures."};
    const std::string name = lowered(info.family + " " + info.style);
    const auto says = [&](std::initializer_list<std::string_view> words) -> std::string_view {
        for (const auto word : words)
            if (name.find(word) != std::string::npos)
                return word;
        return {};
    };
    if (const auto word = says({"dingbat", "ornament", "symbol", "icon"}); !word.empty())
        return {FontKind::PictureFont, "Its name says “" + std::string(word) + "”."};
    if (!face.hasCharacter(U'a') && !face.hasCharacter(U'A'))
        return {FontKind::PictureFont, "It has no letter A."};
    if (joins.isJoiningScript())
        return {FontKind::JoiningScript, std::to_string(joins.joins) + " of " + std::to_string(joins.pairs) +
                                             " pairs of common small letters hang together."};
    if (isFixedWidth(face))
        return {FontKind::FixedWidth, "All its letters are equally wide."};
    // PANOSE: 2 Latin text, 3 Latin hand written, 4 Latin decorative.
    if (info.panose_kind == 3)
        return {FontKind::Hand, "The font calls itself hand written (PANOSE)."};
    if (info.panose_kind == 4)
        return {FontKind::Decorative, "The font calls itself decorative (PANOSE)."};
    if (const auto word = says({"script", "hand", "brush", "pen", "callig", "marker"}); !word.empty())
        return {FontKind::Hand, "Its name says “" + std::string(word) + "”."};
    if (const auto word = says({"ornate", "deco", "stencil", "shadow", "inline", "outline", "gingham"});
        !word.empty())
        return {FontKind::Decorative, "Its name says “" + std::string(word) + "”."};
    if (info.panose_kind == 2 && info.panose_serif >= 11 && info.panose_serif <= 15)
        return {FontKind::Sans, "The font calls itself sans (PANOSE)."};
    if (info.panose_kind == 2 && info.panose_serif >= 2 && info.panose_serif <= 10)
        return {FontKind::Serif, "The font calls itself serif (PANOSE)."};
    if (const auto serifs = hasSerifs(face))
        return *serifs ? KindFound{FontKind::Serif, "Its I is much wider at the foot than in the middle."}
                       : KindFound{FontKind::Sans, "Its I is as wide at the foot as in the middle."};
    return {FontKind::Decorative, "Nothing in its outlines or its name says otherwise."};
}

} // namespace ink
