#include "core/design/motif_making.h"

#include "core/design/along_shape.h"
#include "core/geometry/boolean.h"
#include "core/geometry/nesting.h"

#include <algorithm>

namespace ink {
namespace {

/// Bent outlines are taken within this of their exact image, in u.
constexpr double kBent_u = 0.1;

/// More than an edge of one lies in the other.
bool reachesInto(const Box& a, const Box& b)
{
    return !a.isEmpty() && a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1;
}

Box boxOf(const PlacedPaths& glyph)
{
    const Box box = bounds(*glyph.paths);
    return {box.x0 + glyph.at.x, box.y0 + glyph.at.y, box.x1 + glyph.at.x, box.y1 + glyph.at.y};
}

void addOrigin(MadeMotif& motif, const SetLetter& letter)
{
    if (letter.font.path.empty())
        motif.motifs.push_back(letter.first);
    else if (std::ranges::find(motif.fonts, letter.font) == motif.fonts.end())
        motif.fonts.push_back(letter.font);
}

Result<MadeMotif> standing(MadeMotif motif, const Outline& outline, double baseline)
{
    const Box ink = bounds(outline);
    if (ink.width() <= 0.0 || ink.height() <= 0.0)
        return fail(ErrorCode::NothingToCut);
    motif.outline = transformed(toPaths(outline), {1, 0, 0, 1, -ink.x0, -baseline});
    motif.advance = ink.width();
    return motif;
}

Outline rectangle(const Box& box)
{
    ContourPen pen;
    pen.moveTo({box.x0, box.y0});
    pen.lineTo({box.x1, box.y0});
    pen.lineTo({box.x1, box.y1});
    pen.lineTo({box.x0, box.y1});
    pen.close();
    return {{Piece{pen.take().front(), {}}}};
}

} // namespace

Result<MadeMotif> motifOfLetters(const Setting& setting, std::span<const std::size_t> characters)
{
    MadeMotif motif;
    std::vector<PlacedPaths> glyphs;
    double baseline = 0.0;
    for (const auto& letter : setting.letters) {
        const bool is_meant = std::ranges::any_of(
            characters, [&](std::size_t i) { return i >= letter.first && i < letter.first + letter.count; });
        if (!is_meant || !letter.hasInk())
            continue;
        if (glyphs.empty())
            baseline = letter.baseline;
        for (auto glyph : letter.glyphs) {
            glyph.layer = 0;
            glyphs.push_back(std::move(glyph));
        }
        addOrigin(motif, letter);
    }
    if (glyphs.empty())
        return fail(ErrorCode::NothingToCut);
    const auto welded = weld(glyphs, kJobUnit);
    return welded ? standing(std::move(motif), welded->outline, baseline) : fail(welded.error());
}

Result<MadeMotif> motifOfPart(const Setting& setting, const Box& frame)
{
    MadeMotif motif;
    std::vector<PlacedPaths> glyphs;
    double baseline = frame.y0;
    const auto add = [&](PlacedPaths glyph) {
        glyph.layer = 0;
        const bool is_within = reachesInto(boxOf(glyph), frame);
        if (is_within)
            glyphs.push_back(std::move(glyph));
        return is_within;
    };
    for (const auto& letter : setting.letters) {
        const auto shape = bending(setting, letter);
        for (const auto& glyph : letter.glyphs)
            if (add(shape ? shape->bentCurves(glyph, kBent_u) : glyph)) {
                // It stands where its letters stand, if the frame reaches down to there.
                if (motif.fonts.empty() &&
                    reachesInto({frame.x0, letter.baseline - 1, frame.x1, letter.baseline + 1}, frame))
                    baseline = letter.baseline;
                addOrigin(motif, letter);
            }
    }
    for (std::size_t i = 0; i < setting.pieces.size(); ++i) {
        const auto shape = bending(setting, setting.pieces[i]);
        for (const auto& glyph : setting.pieces[i].glyphs)
            if (add(shape ? shape->bentCurves(glyph, kBent_u) : glyph))
                motif.pieces.push_back(i);
    }
    if (glyphs.empty())
        return fail(ErrorCode::NothingToCut);
    const auto welded = weld(glyphs, kJobUnit);
    if (!welded)
        return fail(welded.error());
    const auto part = combine(welded->outline, rectangle(frame), BooleanOp::Intersect, kJobUnit);
    return part ? standing(std::move(motif), *part, baseline) : fail(part.error());
}

} // namespace ink
